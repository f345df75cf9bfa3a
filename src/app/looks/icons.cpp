// SPDX-License-Identifier: MIT
#include "looks/icons.h"

#include <QFile>
#include <QPainter>
#include <QPixmap>
#include <QSvgRenderer>

#include "media/shipped.h"

namespace yd::app {
namespace {

QByteArray drawing(const char* folder, const QString& name) {
  QFile file(QString::fromStdString((media::data_directory() / folder).string()) + "/" + name + ".svg");
  return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

QIcon rendered(const QByteArray& svg, const QList<int>& sizes) {
  QIcon out;
  QSvgRenderer renderer(svg);
  if (!renderer.isValid()) return out;
  for (const int size : sizes) {
    QPixmap pixmap(size, size);
    pixmap.fill(Qt::transparent);
    QPainter painter(&pixmap);
    renderer.render(&painter);
    painter.end();
    out.addPixmap(pixmap);
  }
  return out;
}

}  // namespace

QIcon icon(const QString& name, const QColor& ink) {
  return rendered(drawing("icons", name).replace("#000", ink.name().toLatin1()), {20, 24, 32, 48});
}

QIcon program_icon() { return rendered(drawing("icons", "yawning-dune"), {16, 24, 32, 48, 64, 128, 256}); }

QPixmap help_drawing(const QString& name, QSize size, qreal ratio) {
  QPixmap out(size * ratio);
  out.fill(Qt::transparent);
  QSvgRenderer renderer(drawing("help", name));
  if (!renderer.isValid()) return {};
  QPainter painter(&out);
  renderer.render(&painter);
  painter.end();
  out.setDevicePixelRatio(ratio);
  return out;
}

}  // namespace yd::app
