// SPDX-License-Identifier: MIT
#include "exports/outline_sheet.h"

#include <QBuffer>
#include <QPainter>
#include <QPainterPath>
#include <QPdfWriter>
#include <QSvgGenerator>
#include <array>
#include <cmath>

#include "print_words.h"
#include "subject/measure.h"
#include "subject/outline.h"
#include "pdf_same.h"

namespace yd::exports {
namespace {

constexpr double kMmPerInch = 10 * subject::kInch_cm;
constexpr int kSvgDpi = 254;  // ten dots a millimetre
constexpr int kMostGrid = 40;

QPainterPath traced(const PlanView& p, const QSizeF& size) {
  QPainterPath path;
  for (const subject::Outline& o : subject::outlines(p.subject.labels, p.subject.masses.size())) {
    for (const auto& line : o.lines) {
      if (line.size() < 3) continue;
      path.moveTo(line.front().x * size.width(), line.front().y * size.height());
      for (const subject::Point& q : line) path.lineTo(q.x * size.width(), q.y * size.height());
      path.closeSubpath();
    }
  }
  return path;
}

/// The lines and places the artist sets the drawing out by, as they lie over the subject.
void draw_aids(QPainter& painter, const subject::Composition& aids, const QSizeF& size) {
  painter.setPen(QPen(QColor(150, 150, 150), 0.15));
  const auto divided = [&](int parts) {
    for (int i = 1; i < parts; ++i) {
      const double share = static_cast<double>(i) / parts;
      painter.drawLine(QPointF(share * size.width(), 0), QPointF(share * size.width(), size.height()));
      painter.drawLine(QPointF(0, share * size.height()), QPointF(size.width(), share * size.height()));
    }
  };
  divided(aids.grid);
  if (aids.thirds) divided(3);
  if (aids.centre_line) painter.drawLine(QPointF(size.width() / 2, 0), QPointF(size.width() / 2, size.height()));
  painter.setPen(QPen(QColor(60, 60, 60), 0.25));
  for (const subject::Point& p : aids.places) {
    const QPointF at(p.x * size.width(), p.y * size.height());
    constexpr double kArm_mm = 3;
    painter.drawLine(at - QPointF(kArm_mm, 0), at + QPointF(kArm_mm, 0));
    painter.drawLine(at - QPointF(0, kArm_mm), at + QPointF(0, kArm_mm));
  }
}

/// From top to bottom of what is set out first, at its middle, with ticks to measure to. A sky or a wall is as tall as
/// the sheet and sets out nothing.
void draw_heights(QPainter& painter, const PlanView& p, const QSizeF& size) {
  constexpr auto kOrder = std::to_array<const char*>({"I", "II", "III", "IV", "V"});
  constexpr double kTick_mm = 4;
  QFont font("Lato");
  font.setPixelSize(5);
  painter.setFont(font);
  std::vector<int> order = subject::tallest_first(p.subject.labels, static_cast<int>(p.subject.masses.size()));
  std::erase_if(order, [&](int mass) {
    return p.subject.masses[static_cast<std::size_t>(mass)].plane == subject::Plane::background;
  });
  for (std::size_t i = 0; i < std::min(order.size(), kOrder.size()); ++i) {
    const subject::Extents e = subject::extents(p.subject.labels, order[i]);
    // Beside each other where two have the same middle.
    const double x = (e.left + e.right) / 2 * size.width() + 3.0 * (static_cast<double>(i) - 2);
    const QPointF top(x, e.top * size.height());
    const QPointF bottom(x, e.bottom * size.height());
    painter.setPen(QPen(QColor(120, 120, 120), 0.2, Qt::DashLine));
    painter.drawLine(top, bottom);
    painter.setPen(QPen(QColor(40, 40, 40), 0.35));
    for (const QPointF end : {top, bottom}) painter.drawLine(end - QPointF(kTick_mm, 0), end + QPointF(kTick_mm, 0));
    painter.drawText(QRectF(top + QPointF(0.8, 0.5), QSizeF(12, 6)), Qt::AlignLeft | Qt::AlignTop, kOrder[i]);
  }
}

/// Squares for drawing by a grid, so many along the longer side.
void draw_squares(QPainter& painter, const QSizeF& size, int squares) {
  painter.setPen(QPen(QColor(150, 150, 150), 0.15));
  const double step = std::max(size.width(), size.height()) / squares;
  for (double x = step; x < size.width() - 0.01; x += step) painter.drawLine(QPointF(x, 0), QPointF(x, size.height()));
  for (double y = step; y < size.height() - 0.01; y += step) painter.drawLine(QPointF(0, y), QPointF(size.width(), y));
}

/// Everything on the sheet, in millimetres.
void draw_sheet(QPainter& painter, const PlanView& p, const OutlineOptions& options) {
  const QSizeF size(10 * p.sheet.width_cm, 10 * p.sheet.height_cm);
  painter.setBrush(Qt::NoBrush);
  painter.setPen(QPen(QColor(60, 60, 60), 0.3));
  painter.drawRect(QRectF(QPointF(0, 0), size));
  const int squares = options.aids.grid > 0 ? 0 : std::clamp(options.grid, 0, kMostGrid);
  if (squares > 0) draw_squares(painter, size, squares);
  draw_aids(painter, options.aids, size);
  painter.setPen(QPen(QColor(90, 90, 90), 0.25));
  if (options.outlines) painter.drawPath(traced(p, size));
  if (options.heights) draw_heights(painter, p, size);
  if (!options.numbers) return;
  QFont font("Lato");
  font.setPixelSize(4);
  painter.setFont(font);
  for (const subject::Mass& m : p.subject.masses) {
    const QPointF at(m.centre_x * size.width(), m.centre_y * size.height());
    painter.drawText(QRectF(at - QPointF(8, 3), QSizeF(16, 6)), Qt::AlignCenter, QString::number(m.id + 1));
  }
}

void draw_marks(QPainter& painter, const QSizeF& room, const QString& label) {
  painter.setPen(QPen(Qt::black, 0.2));
  const double o = kTileOverlap_mm / 2;
  for (const QPointF c : {QPointF(o, o), QPointF(room.width() - o, o), QPointF(o, room.height() - o),
                          QPointF(room.width() - o, room.height() - o)}) {
    painter.drawLine(c - QPointF(4, 0), c + QPointF(4, 0));
    painter.drawLine(c - QPointF(0, 4), c + QPointF(0, 4));
  }
  QFont font("Lato");
  font.setPixelSize(3);
  painter.setFont(font);
  const double y = room.height() - 2;
  painter.drawLine(QPointF(20, y), QPointF(70, y));
  painter.drawLine(QPointF(20, y - 1.5), QPointF(20, y + 1.5));
  painter.drawLine(QPointF(70, y - 1.5), QPointF(70, y + 1.5));
  painter.drawText(QPointF(72, y + 1), Printed::tr("50 mm, to check the print. %1").arg(label));
}

}  // namespace

Tiles tiles(const subject::Sheet& sheet, Print print) {
  const QSizeF page = page_mm(print);
  const auto count = [](double length_mm, double page_length) {
    const double room = page_length - 2 * kTileMargin_mm;
    if (length_mm <= room) return 1;
    return 1 + static_cast<int>(std::ceil((length_mm - room) / (room - kTileOverlap_mm)));
  };
  return {count(10 * sheet.width_cm, page.width()), count(10 * sheet.height_cm, page.height())};
}

QByteArray outline_svg(const PlanView& plan, const OutlineOptions& options) {
  QByteArray out;
  QBuffer buffer(&out);
  buffer.open(QIODevice::WriteOnly);
  QSvgGenerator svg;
  svg.setOutputDevice(&buffer);
  svg.setTitle(Printed::tr("Outlines at true size"));
  svg.setResolution(kSvgDpi);
  const double dots = kSvgDpi / kMmPerInch;
  svg.setSize(QSize(qRound(10 * plan.sheet.width_cm * dots), qRound(10 * plan.sheet.height_cm * dots)));
  svg.setViewBox(QRectF(0, 0, 10 * plan.sheet.width_cm, 10 * plan.sheet.height_cm));
  QPainter painter(&svg);
  draw_sheet(painter, plan, options);
  painter.end();
  return out;
}

QByteArray outline_pdf(const PlanView& plan, const OutlineOptions& options) {
  QByteArray out;
  QBuffer buffer(&out);
  buffer.open(QIODevice::WriteOnly);
  QPdfWriter writer(&buffer);
  writer.setResolution(kSvgDpi);
  writer.setTitle(Printed::tr("Outlines at true size"));
  const QPageSize size(options.print == Print::a4 ? QPageSize::A4 : QPageSize::Letter);
  writer.setPageLayout(QPageLayout(size, QPageLayout::Portrait,
                                   QMarginsF(kTileMargin_mm, kTileMargin_mm, kTileMargin_mm, kTileMargin_mm),
                                   QPageLayout::Millimeter));
  QPainter painter(&writer);
  const double dots = kSvgDpi / kMmPerInch;
  const Tiles t = tiles(plan.sheet, options.print);
  const QSizeF room(page_mm(options.print).width() - 2 * kTileMargin_mm,
                    page_mm(options.print).height() - 2 * kTileMargin_mm);
  for (int row = 0; row < t.down; ++row) {
    for (int column = 0; column < t.across; ++column) {
      if (row + column > 0) writer.newPage();
      painter.save();
      painter.scale(dots, dots);
      painter.setClipRect(QRectF(QPointF(0, 0), room));
      painter.translate(-column * (room.width() - kTileOverlap_mm), -row * (room.height() - kTileOverlap_mm));
      draw_sheet(painter, plan, options);
      painter.restore();
      painter.save();
      painter.scale(dots, dots);
      draw_marks(painter, room,
                 Printed::tr("Row %1 of %2, column %3 of %4").arg(row + 1).arg(t.down).arg(column + 1).arg(t.across));
      painter.restore();
    }
  }
  painter.end();
  return made_the_same(std::move(out));
}

}  // namespace yd::exports
