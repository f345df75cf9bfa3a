// SPDX-License-Identifier: MIT
#pragma once

#include <QWidget>

#include "models/time_drawing.h"

namespace yd::app {

/// The work as a ribbon: a row a sitting, each pass as long as it takes in its stick's colour, waiting hatched.
class TimeRibbon : public QWidget {
  Q_OBJECT
 public:
  explicit TimeRibbon(QWidget* parent = nullptr);
  void set_sittings(const QList<SittingDrawing>& sittings);
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override { return {120, sizeHint().height()}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  QList<SittingDrawing> sittings_;
};

}  // namespace yd::app
