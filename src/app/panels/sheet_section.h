// SPDX-License-Identifier: MIT
#pragma once

#include <QCheckBox>
#include <QLabel>
#include <QPushButton>

#include "models/narrow_places.h"
#include "panels/panel_parts.h"

namespace yd::app {

/// How large the sheet is, and what of the picture is too fine for it.
class SheetSection : public QWidget {
  Q_OBJECT
 public:
  explicit SheetSection(Session& session, QWidget* parent = nullptr);
  /// What is to be framed in the picture; nothing where it is not wished.
  void add_to(Overlay& overlay) const;

 signals:
  void frames_changed();

 private:
  void take(double longer_cm);
  void refresh();
  void refresh_size();

  Session& session_;
  NarrowPlaces places_;
  LabelledSlider* side_;
  QLabel* size_;
  QLabel* words_;
  QCheckBox* shown_;
  QPushButton* enough_;
};

}  // namespace yd::app
