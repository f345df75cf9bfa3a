// SPDX-License-Identifier: MIT
#pragma once

#include <QWidget>
#include <optional>

#include "models/reading.h"

namespace yd::app {

/// A small grey card with holes beside the pointer: the subject's colour, the board's and the stick's own, cut off from
/// their surroundings. It hides when there is nothing under the pointer and lets the mouse through.
class Peephole : public QWidget {
  Q_OBJECT
 public:
  explicit Peephole(QWidget* parent = nullptr);
  void show_reading(const std::optional<Reading>& reading);
  QSize sizeHint() const override;

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  std::optional<Reading> reading_;
};

}  // namespace yd::app
