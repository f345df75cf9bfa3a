// SPDX-License-Identifier: MIT
#include "widgets/core_sample.h"

#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QPainterPath>
#include <QToolTip>
#include <algorithm>
#include <numeric>

#include "exports/core_painter.h"
#include "widgets/spoken.h"
#include "widgets/style.h"

namespace yd::app {
namespace {

constexpr double kCursorHeight = 18;
constexpr double kLabelHeight = 18;
constexpr double kPaperHeight = 16;

}  // namespace

CoreSample::CoreSample(QWidget* parent) : QWidget(parent), order_(new QComboBox(this)) {
  speak_as(this, QAccessible::Chart);
  setObjectName("core_sample");
  setAccessibleName(tr("Core sample: layers of every mass"));
  setFocusPolicy(Qt::StrongFocus);
  setToolTip(
      tr("Layers of every mass, from the paper up. Left and right step through the passes, up and down tell the "
         "recipes."));
  order_->setObjectName("core_order");
  order_->setAccessibleName(tr("Order of the columns"));
  order_->addItems({tr("in working order"), tr("by plane"), tr("by value")});
  order_->setFocusPolicy(Qt::TabFocus);
  connect(order_, &QComboBox::activated, this, &CoreSample::order_asked);
}

void CoreSample::resizeEvent(QResizeEvent*) {
  const QSize size = order_->sizeHint();
  order_->setGeometry(width() - size.width(), height() - size.height(), size.width(), size.height());
}

QRectF CoreSample::slide() const {
  const double words = fontMetrics().horizontalAdvance(tr("Pass %1 of %2").arg(88).arg(88)) + kSpace;
  const QRectF f = field();
  return {f.left() + words, 0, std::max(20.0, f.width() - words - kSpace), kCursorHeight + 6};
}

void CoreSample::slide_to(double x) {
  const QRectF s = slide();
  const double share = std::clamp((x - s.left()) / s.width(), 0.0, 1.0);
  emit cursor_asked(static_cast<int>(std::lround(share * passes_)));
}

void CoreSample::set_drawing(exports::CoreDrawing drawing, int passes) {
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
  const double foot = kLabelHeight + kPaperHeight + order_->height() + 2;
  return QRectF(rect()).adjusted(2, kCursorHeight + 12, -2, -foot);
}

/// So that the highest stack all but fills the height: how full the tooth is is said in words where its line is beyond.
double CoreSample::unit() const {
  constexpr double kHeadroom = 1.15;
  return field().height() / std::max(0.1, kHeadroom * exports::tallest_stack(drawing_));
}

/// The stacks of a mass that there is room for: all, else the highest of them.
std::vector<std::size_t> CoreSample::shown_stacks(const exports::CoreColumn& column, double width) const {
  constexpr double kLeastWidth = 9;
  std::vector<std::size_t> all(column.stacks.size());
  std::iota(all.begin(), all.end(), std::size_t{0});
  if (width >= kLeastWidth * static_cast<double>(all.size())) return all;
  const auto load = [&](std::size_t s) {
    double sum = 0;
    for (const exports::CoreBlock& b : column.stacks[s].blocks) sum += b.load;
    return sum;
  };
  return {*std::max_element(all.begin(), all.end(), [&](auto a, auto b) { return load(a) < load(b); })};
}

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

void CoreSample::draw_block(QPainter& painter, const QRectF& where, const exports::CoreBlock& block) const {
  exports::paint_block(painter, where, block, block.pass <= cursor_);
  if (block.pass == lit_) {
    painter.setPen(QPen(accent(), 2));
    painter.drawRect(where.adjusted(1, 1, -1, -1));
  }
}

void CoreSample::draw_columns(QPainter& painter) {
  hits_.clear();
  const double u = unit();
  for (std::size_t c = 0; c < drawing_.columns.size(); ++c) {
    const exports::CoreColumn& column = drawing_.columns[c];
    const QRectF r = column_rect(c).adjusted(2, 0, -2, 0);
    if (column.stacks.empty()) continue;
    const auto shown = shown_stacks(column, r.width());
    const double w = r.width() / static_cast<double>(shown.size());
    for (std::size_t s = 0; s < shown.size(); ++s) {
      double bottom = r.bottom();
      for (const exports::CoreBlock& b : column.stacks[shown[s]].blocks) {
        const double h = std::max(3.0, b.load * u);
        const QRectF where(r.left() + w * static_cast<double>(s), bottom - h, w - 1, h);
        draw_block(painter, where, b);
        hits_.push_back({where, b.pass, static_cast<int>(c)});
        bottom -= h;
      }
    }
    painter.setPen(palette().color(QPalette::WindowText));
    painter.drawText(QRectF(r.left() - 2, field().bottom() + kPaperHeight, r.width() + 4, kLabelHeight),
                     Qt::AlignCenter, column.label);
  }
}

void CoreSample::draw_cursor(QPainter& painter) const {
  const QRectF f = field();
  const QRectF bar = slide();
  const double y = kCursorHeight / 2 + 2;
  painter.setPen(QPen(palette().color(QPalette::Mid), 2));
  painter.drawLine(QPointF(bar.left(), y), QPointF(bar.right(), y));
  const double x = bar.left() + bar.width() * (passes_ > 0 ? static_cast<double>(cursor_) / passes_ : 0);
  painter.setPen(Qt::NoPen);
  painter.setBrush(hasFocus() ? accent() : palette().color(QPalette::WindowText));
  painter.drawRoundedRect(QRectF(x - 4, 2, 8, kCursorHeight - 2), 2, 2);
  painter.setPen(palette().color(QPalette::WindowText));
  painter.drawText(QRectF(f.left(), 0, slide().left(), kCursorHeight + 4), Qt::AlignVCenter | Qt::AlignLeft,
                   tr("Pass %1 of %2").arg(cursor_).arg(passes_));
}

void CoreSample::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  if (drawing_.columns.empty()) {
    painter.setPen(palette().color(QPalette::PlaceholderText));
    painter.drawText(rect(), Qt::AlignCenter, tr("The layers of the picture will stand here, once it is planned."));
    return;
  }
  draw_ground(painter);
  draw_columns(painter);
  const double full = field().bottom() - drawing_.capacity * unit();
  draw_full(painter, full);
  draw_cursor(painter);
}

/// The line where the tooth is full; beyond the drawing it is a share of it in words.
void CoreSample::draw_full(QPainter& painter, double y) const {
  const QRectF f = field();
  painter.setPen(palette().color(QPalette::PlaceholderText));
  if (y < f.top()) {
    const double share = exports::tallest_stack(drawing_) / std::max(0.01, drawing_.capacity);
    painter.drawText(QRectF(f.left(), height() - order_->height(), f.width() - order_->width(), order_->height()),
                     Qt::AlignLeft | Qt::AlignVCenter, tr("fullest: %1 % of the tooth").arg(qRound(100 * share)));
    return;
  }
  painter.drawText(QRectF(f.left(), y - 1, f.width(), 16), Qt::AlignRight | Qt::AlignTop, tr("tooth full"));
  painter.setPen(QPen(palette().color(QPalette::WindowText), 1, Qt::DotLine));
  painter.drawLine(QPointF(f.left(), y), QPointF(f.right(), y));
}

const CoreSample::Hit* CoreSample::hit_at(QPointF place) const {
  for (const Hit& h : hits_) {
    if (h.where.contains(place)) return &h;
  }
  return nullptr;
}

QString CoreSample::column_words(int column) const {
  const exports::CoreColumn& c = drawing_.columns[static_cast<std::size_t>(column)];
  QStringList lines{tr("%1. %2, tooth left %3 %").arg(c.label, c.name).arg(qRound(c.tooth_left * 100))};
  lines << QStringList(c.recipe.begin(), c.recipe.end());
  return lines.join("\n");
}

/// By keyboard: the recipe of the next or last column, as the mouse shows it.
void CoreSample::tell_column(int step) {
  const int n = static_cast<int>(drawing_.columns.size());
  if (n == 0) return;
  told_ = std::clamp(told_ + step, 0, n - 1);
  const QRectF r = column_rect(static_cast<std::size_t>(told_));
  setAccessibleDescription(column_words(told_));
  QToolTip::showText(mapToGlobal(r.topLeft().toPoint()), column_words(told_), this);
}

int CoreSample::column_at(double x) const {
  for (std::size_t c = 0; c < drawing_.columns.size(); ++c) {
    if (column_rect(c).left() <= x && x < column_rect(c).right()) return static_cast<int>(c);
  }
  return -1;
}

void CoreSample::mousePressEvent(QMouseEvent* event) {
  setFocus();
  sliding_ = event->position().y() < kCursorHeight + 6 && passes_ > 0;
  if (sliding_) return slide_to(event->position().x());
  const Hit* hit = hit_at(event->position());
  emit pass_asked(hit == nullptr || hit->pass == lit_ ? 0 : hit->pass);
}

void CoreSample::mouseMoveEvent(QMouseEvent* event) {
  if (sliding_ && (event->buttons() & Qt::LeftButton)) slide_to(event->position().x());
}

void CoreSample::keyPressEvent(QKeyEvent* event) {
  switch (event->key()) {
    case Qt::Key_Left:
      emit cursor_asked(cursor_ - 1);
      break;
    case Qt::Key_Right:
      emit cursor_asked(cursor_ + 1);
      break;
    case Qt::Key_Up:
      tell_column(1);
      break;
    case Qt::Key_Down:
      tell_column(-1);
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
    if (const int column = column_at(help->pos().x()); column >= 0) {
      QString text = column_words(column);
      if (const Hit* hit = hit_at(help->pos())) text += "\n" + tr("Here: pass %1").arg(hit->pass);
      QToolTip::showText(help->globalPos(), text);
      return true;
    }
  }
  return QWidget::event(e);
}

}  // namespace yd::app
