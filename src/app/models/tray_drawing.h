// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QList>
#include <QString>

#include "session/pipeline.h"

namespace yd::app {

/// A stick as it lies in the tray.
struct LyingStick {
  int stick = 0;  ///< of the collection
  int place = 1;  ///< in the tray, from dark to light, 1 ..
  QString name;
  QString words;  ///< name, kind, value, what is left of it
  QColor colour;
  optics::Medium medium = optics::Medium::soft;
  double left = 1;      ///< of its length
  bool lifted = false;  ///< in the hand now
};

/// The tray from dark to light; `first` to `last`: lit passes, 1 .., whose sticks are in the hand; 0 for none.
QList<LyingStick> lying_sticks(const Planned& planned, int first, int last);

}  // namespace yd::app
