// SPDX-License-Identifier: MIT
#pragma once

#include <QImage>
#include <QWidget>

namespace yd::app {

/// A picture small, in three values and in five, beside each other.
class FewValues : public QWidget {
  Q_OBJECT
 public:
  explicit FewValues(QWidget* parent = nullptr);
  /// Null images: nothing is shown.
  void set_images(const QImage& three, const QImage& five);
  QSize sizeHint() const override { return {260, 120}; }
  QSize minimumSizeHint() const override { return {180, 84}; }

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  QImage three_, five_;
};

}  // namespace yd::app
