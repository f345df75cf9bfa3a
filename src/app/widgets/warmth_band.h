// SPDX-License-Identifier: MIT
#pragma once

#include <QWidget>

namespace yd::app {

/// Warm against cool as one band: warm from the left, cool from the right, what is neither between them.
class WarmthBand : public QWidget {
  Q_OBJECT
 public:
  explicit WarmthBand(QWidget* parent = nullptr);
  /// Shares of the area, 0 to 1.
  void set_shares(double warm, double cool);
  QSize sizeHint() const override;
  QSize minimumSizeHint() const override { return {140, sizeHint().height()}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  double warm_ = 0;
  double cool_ = 0;
};

}  // namespace yd::app
