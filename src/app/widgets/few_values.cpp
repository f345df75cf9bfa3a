// SPDX-License-Identifier: MIT
#include "widgets/few_values.h"

#include <QPainter>

#include "pictures/screen.h"

namespace yd::app {

FewValues::FewValues(QWidget* parent) : QWidget(parent) {
  setObjectName("few_values");
  setAccessibleName(tr("The picture in three and in five values"));
}

void FewValues::set_images(const QImage& three, const QImage& five) {
  constexpr QSize kEnough(520, 520);
  const auto small = [&](const QImage& image) {
    return image.isNull() ? image : pictures::shrunk(image, pictures::fitted(image.size(), kEnough));
  };
  three_ = small(three);
  five_ = small(five);
  update();
}

void FewValues::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::SmoothPixmapTransform);
  if (three_.isNull()) return painter.drawText(rect(), Qt::AlignCenter, tr("They follow the picture."));
  constexpr int kBetweenThem = 8;
  const int caption = fontMetrics().height() + 2;
  // Wide pictures lie below each other where that shows them larger.
  const QSize beside((width() - kBetweenThem) / 2, height() - caption);
  const QSize below(width(), (height() - kBetweenThem) / 2 - caption);
  constexpr double kMuch = 1.2;
  const bool stacked = three_.size().scaled(below, Qt::KeepAspectRatio).width() >
                       kMuch * three_.size().scaled(beside, Qt::KeepAspectRatio).width();
  const QSize room = stacked ? below : beside;
  QPoint at(0, 0);
  for (const auto& [image, name] : {std::pair{&three_, tr("three values")}, std::pair{&five_, tr("five values")}}) {
    const QRect box(at, image->size().scaled(room, Qt::KeepAspectRatio));
    painter.drawImage(box, *image);
    painter.drawText(QRect(box.left(), box.bottom() + 1, room.width(), caption), Qt::AlignLeft | Qt::AlignVCenter,
                     name);
    at += stacked ? QPoint(0, box.height() + caption + kBetweenThem) : QPoint(room.width() + kBetweenThem, 0);
  }
}

}  // namespace yd::app
