#include "widgets/core_sample.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QPainterPath>
#include <QToolTip>
#include <algorithm>

#include "widgets/style.h"

namespace yd::app {
namespace {

constexpr double kMargin = 10;
constexpr double kCursorHeight = 18;
constexpr double kLabelHeight = 18;
constexpr double kPaperHeight = 16;

}  // namespace

CoreSample::CoreSample(QWidget* parent) : QWidget(parent) {
  setObjectName("core_sample");
  setAccessibleName(tr("Core sample: layers of every mass"));
  setFocusPolicy(Qt::StrongFocus);
  setToolTip(tr("Layers of every mass, from the paper up. Left and right step through the passes."));
}

void CoreSample::set_drawing(CoreDrawing drawing, int passes) {
  drawing_ = std::move(drawing);
  passes_ = passes;
  cursor_ = passes;
  lit_ = 0;
  update();
}

void CoreSample::set_cursor(int passes) {
  cursor_ = passes;
  setAccessibleDescription(tr("pass %1 of %2").arg(passes).arg(passes_));
  update();
}

void CoreSample::set_lit(int pass) {
  lit_ = pass;
  update();
}

QRectF CoreSample::field() const {
  return QRectF(rect()).adjusted(kMargin, kCursorHeight + 8, -kMargin, -kLabelHeight - kPaperHeight);
}

double CoreSample::unit() const { return field().height() / std::max(0.1, drawing_.tallest * 1.15); }

QRectF CoreSample::column_rect(std::size_t index) const {
  const QRectF f = field();
  const double w = std::min(120.0, f.width() / static_cast<double>(std::max<std::size_t>(1, drawing_.columns.size())));
  return {f.left() + w * static_cast<double>(index), f.top(), w, f.height()};
}

void CoreSample::draw_ground(QPainter& painter) const {
  const QRectF f = field();
  QPainterPath paper(QPointF(f.left(), f.bottom() + kPaperHeight));
  const double bump = std::min(8.0, 3.0 + 3.0 * drawing_.tooth);
  bool high = false;
  for (double x = f.left(); x <= f.right(); x += 4) {
    paper.lineTo(x, f.bottom() + (high ? 0 : bump));
    high = !high;
  }
  paper.lineTo(f.right(), f.bottom() + kPaperHeight);
  paper.closeSubpath();
  painter.fillPath(paper, drawing_.paper);
}

void CoreSample::draw_block(QPainter& painter, const QRectF& where, const CoreBlock& block) const {
  const bool done = block.pass <= cursor_;
  QColor colour = block.colour;
  if (!done) colour.setAlpha(60);
  painter.fillRect(where, colour);
  if (!block.rubbed) {
    // Laid strokes are hatched; rubbed ones plain.
    painter.save();
    painter.setClipRect(where);
    painter.setPen(QPen(QColor(colour.lightness() > 128 ? 0 : 255, colour.lightness() > 128 ? 0 : 255,
                               colour.lightness() > 128 ? 0 : 255, done ? 90 : 40),
                        1));
    for (double x = where.left() - where.height(); x < where.right(); x += 5)
      painter.drawLine(QPointF(x, where.bottom()), QPointF(x + where.height(), where.top()));
    painter.restore();
  }
  if (block.pass == lit_) {
    painter.setPen(QPen(accent(), 2));
    painter.drawRect(where.adjusted(1, 1, -1, -1));
  }
}

void CoreSample::draw_columns(QPainter& painter) {
  hits_.clear();
  const double u = unit();
  for (std::size_t c = 0; c < drawing_.columns.size(); ++c) {
    const CoreColumn& column = drawing_.columns[c];
    const QRectF r = column_rect(c).adjusted(2, 0, -2, 0);
    const double w = r.width() / static_cast<double>(std::max<std::size_t>(1, column.stacks.size()));
    for (std::size_t s = 0; s < column.stacks.size(); ++s) {
      double bottom = r.bottom();
      for (const CoreBlock& b : column.stacks[s].blocks) {
        const double h = std::max(3.0, b.load * u);
        const QRectF where(r.left() + w * static_cast<double>(s), bottom - h, w - 1, h);
        draw_block(painter, where, b);
        hits_.push_back({where, b.pass, static_cast<int>(c)});
        bottom -= h;
      }
    }
    painter.setPen(palette().color(QPalette::WindowText));
    painter.drawText(QRectF(r.left() - 2, height() - kLabelHeight, r.width() + 4, kLabelHeight), Qt::AlignCenter,
                     column.label);
  }
}

void CoreSample::draw_cursor(QPainter& painter) const {
  const QRectF f = field();
  const double y = kCursorHeight / 2 + 2;
  painter.setPen(QPen(palette().color(QPalette::Mid), 2));
  const double left = f.left() + 90;
  painter.drawLine(QPointF(left, y), QPointF(f.right(), y));
  const double x = left + (f.right() - left) * (passes_ > 0 ? static_cast<double>(cursor_) / passes_ : 0);
  painter.setPen(Qt::NoPen);
  painter.setBrush(hasFocus() ? accent() : palette().color(QPalette::WindowText));
  painter.drawRoundedRect(QRectF(x - 4, 2, 8, kCursorHeight - 2), 2, 2);
  painter.setPen(palette().color(QPalette::WindowText));
  painter.drawText(QRectF(f.left(), 0, 86, kCursorHeight + 4), Qt::AlignVCenter | Qt::AlignLeft,
                   tr("Pass %1 of %2").arg(cursor_).arg(passes_));
}

void CoreSample::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.fillRect(rect(), palette().color(QPalette::AlternateBase));
  if (drawing_.columns.empty()) {
    painter.setPen(palette().color(QPalette::PlaceholderText));
    painter.drawText(rect(), Qt::AlignCenter, tr("The layers of the picture will stand here, once it is planned."));
    return;
  }
  draw_ground(painter);
  draw_columns(painter);
  const double full = field().bottom() - drawing_.capacity * unit();
  painter.setPen(QPen(palette().color(QPalette::WindowText), 1, Qt::DotLine));
  painter.drawLine(QPointF(field().left(), full), QPointF(field().right(), full));
  painter.setPen(palette().color(QPalette::PlaceholderText));
  painter.drawText(QRectF(field().left(), full - 1, field().width(), 16), Qt::AlignRight | Qt::AlignTop,
                   tr("tooth full"));
  draw_cursor(painter);
}

const CoreSample::Hit* CoreSample::hit_at(QPointF place) const {
  for (const Hit& h : hits_) {
    if (h.where.contains(place)) return &h;
  }
  return nullptr;
}

void CoreSample::mousePressEvent(QMouseEvent* event) {
  setFocus();
  if (event->position().y() < kCursorHeight + 6 && passes_ > 0) {
    const QRectF f = field();
    const double left = f.left() + 90;
    emit cursor_asked(static_cast<int>(std::lround((event->position().x() - left) / (f.right() - left) * passes_)));
    return;
  }
  const Hit* hit = hit_at(event->position());
  emit pass_asked(hit == nullptr || hit->pass == lit_ ? 0 : hit->pass);
}

void CoreSample::keyPressEvent(QKeyEvent* event) {
  switch (event->key()) {
    case Qt::Key_Left:
      emit cursor_asked(cursor_ - 1);
      break;
    case Qt::Key_Right:
      emit cursor_asked(cursor_ + 1);
      break;
    case Qt::Key_Home:
      emit cursor_asked(0);
      break;
    case Qt::Key_End:
      emit cursor_asked(passes_);
      break;
    case Qt::Key_Space:
      emit pass_asked(lit_ == cursor_ ? 0 : cursor_);
      break;
    case Qt::Key_Escape:
      emit pass_asked(0);
      break;
    default:
      QWidget::keyPressEvent(event);
  }
}

bool CoreSample::event(QEvent* e) {
  if (e->type() == QEvent::ToolTip) {
    const auto* help = static_cast<QHelpEvent*>(e);
    if (const Hit* hit = hit_at(help->pos())) {
      const CoreColumn& c = drawing_.columns[static_cast<std::size_t>(hit->column)];
      QToolTip::showText(
          help->globalPos(),
          tr("%1. %2\npass %3, tooth left %4 %").arg(c.label, c.name).arg(hit->pass).arg(qRound(c.tooth_left * 100)));
      return true;
    }
  }
  return QWidget::event(e);
}

}  // namespace yd::app
