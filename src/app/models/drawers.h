// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QList>
#include <QString>
#include <vector>

#include "session/pipeline.h"

namespace yd::app {

/// A stick as it lies in a drawer.
struct DrawerStick {
  int stick = 0;  ///< row of the collection
  QString name;
  QString words;
  QColor colour;
  optics::Medium medium = optics::Medium::soft;
  double left = 1;
  bool owned = true;
  bool favourite = false;
  bool found = true;  ///< by the search
};

/// One drawer: a family of colours, from dark to light.
struct Drawer {
  QString name;
  std::vector<DrawerStick> sticks;
};

/// The collection by colour family, families in the order of the wheel, greys last; empty families are left out.
/// `search`: words in a name, a colour in words or a pigment; empty finds all.
std::vector<Drawer> drawers_of(const media::Collection& collection, const QString& search);

}  // namespace yd::app
