#pragma once

#include <QWidget>
#include <optional>

#include "models/reading.h"

namespace yd::app {

/// Three discs on middle grey, cut off from their surroundings: the subject's colour, the board's, the stick's own.
class Peephole : public QWidget {
  Q_OBJECT
 public:
  explicit Peephole(QWidget* parent = nullptr);
  void show_reading(const std::optional<Reading>& reading);
  QSize sizeHint() const override { return {640, 92}; }
  QSize minimumSizeHint() const override { return {300, 92}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  std::optional<Reading> reading_;
};

}  // namespace yd::app
