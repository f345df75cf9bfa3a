// SPDX-License-Identifier: MIT
#include "exports/numbered_map.h"

#include <QFontMetrics>
#include <QPainter>
#include <QPainterPath>
#include <set>

#include "board/where.h"
#include "pictures/screen.h"
#include "subject/outline.h"

namespace yd::exports {
namespace {

void draw_number(QPainter& painter, const QPointF& at, int number, bool touched) {
  const QString text = QString::number(number);
  const QFontMetricsF metrics(painter.font());
  QPainterPath path;
  path.addText(at - QPointF(metrics.horizontalAdvance(text) / 2, -metrics.capHeight() / 2), painter.font(), text);
  painter.strokePath(
      path, QPen(QColor(255, 255, 255), painter.font().pixelSize() / 3.0, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
  painter.fillPath(path, touched ? QColor(20, 20, 20) : QColor(150, 150, 150));
}

}  // namespace

QImage numbered_map(const subject::Subject& subject, const plan::Plan& plan, std::span<const int> passes, int long_side,
                    int figure) {
  QImage out =
      pictures::to_image(board::where_picture(subject, plan, passes, long_side)).convertToFormat(QImage::Format_RGB32);
  std::set<int> touched;
  for (const int i : passes) {
    const std::vector<int>& masses = plan.passes[static_cast<std::size_t>(i)].masses;
    touched.insert(masses.begin(), masses.end());
  }
  QPainter painter(&out);
  painter.setRenderHint(QPainter::Antialiasing);
  QFont font("Lato");
  font.setBold(true);
  font.setPixelSize(figure);
  painter.setFont(font);
  const std::vector<subject::Point> places = subject::number_places(subject.labels, subject.masses.size());
  for (std::size_t m = 0; m < places.size(); ++m)
    draw_number(painter, {places[m].x * out.width(), places[m].y * out.height()}, subject.masses[m].id + 1,
                touched.count(static_cast<int>(m)) > 0);
  return out;
}

}  // namespace yd::exports
