// SPDX-License-Identifier: MIT
#include "widgets/offcut_view.h"

#include <QKeyEvent>
#include <QPainter>
#include <algorithm>

#include "looks/greys.h"
#include "pictures/screen.h"
#include "widgets/spoken.h"

namespace yd::app {
namespace {

constexpr double kNames = 170;  // width of the names of the colours
constexpr double kHeads = 58;   // height of the names of the papers
constexpr double kLarge = 200;  // height of what is shown large
constexpr double kApart = 10;

const QColor kInk = judging_ink();
const QColor kFaint(225, 225, 225);

}  // namespace

OffcutView::OffcutView(QWidget* parent) : QWidget(parent) {
  speak_as(this, QAccessible::Table);
  setObjectName("offcuts");
  setAccessibleName(tr("Offcut sheet: delicate colours on the papers that suit best"));
  setFocusPolicy(Qt::StrongFocus);
  setMouseTracking(true);
}

void OffcutView::set_drawing(OffcutDrawing drawing) {
  drawing_ = std::move(drawing);
  row_ = column_ = -1;
  shrink();
  setAccessibleDescription({});
  update();
}

QRectF OffcutView::grid() const { return QRectF(rect()).adjusted(kNames, kHeads, -2 * kSpace, -kLarge - 2 * kSpace); }

QRectF OffcutView::place_of(int row, int column) const {
  const QRectF g = grid();
  const int papers = std::max(1, static_cast<int>(drawing_.papers.size()));
  const int media = std::max(1, static_cast<int>(drawing_.media.size()));
  const double paper = (g.width() - kApart * (papers - 1)) / papers;
  const double w = paper / media;
  const double h = g.height() / std::max(1, static_cast<int>(drawing_.colours.size()));
  const int paper_at = column / media;
  return {g.left() + paper_at * (paper + kApart) + (column % media) * w, g.top() + row * h, w, h - kApart};
}

const OffcutDrawing::Strip& OffcutView::strip(int row, int column) const {
  const int media = static_cast<int>(drawing_.media.size());
  return drawing_.strip(row, column / media, column % media);
}

void OffcutView::shrink() {
  small_.clear();
  for (int r = 0; r < drawing_.colours.size(); ++r) {
    for (int c = 0; c < across(); ++c) {
      const QImage& image = strip(r, c).image;
      const QSize size = (place_of(r, c).size() * devicePixelRatioF()).toSize().expandedTo({1, 1});
      small_.push_back(image.isNull() ? QPixmap() : QPixmap::fromImage(pictures::shrunk(image, size)));
    }
  }
}

void OffcutView::resizeEvent(QResizeEvent*) { shrink(); }

void OffcutView::draw_heads(QPainter& painter) const {
  const int media = static_cast<int>(drawing_.media.size());
  QFont small = font();
  small.setPointSizeF(points(Type::small));
  for (int p = 0; p < drawing_.papers.size(); ++p) {
    const QRectF first = place_of(0, p * media);
    const QRectF head(first.left(), 0, first.width() * media, kHeads - 18);
    painter.setPen(kInk);
    painter.drawText(head, Qt::AlignLeft | Qt::AlignBottom | Qt::TextWordWrap, drawing_.papers[p].name);
    painter.setFont(small);
    painter.setPen(kFaint);
    for (int m = 0; m < media; ++m) {
      const QRectF at(first.left() + m * first.width(), kHeads - 18, first.width(), 16);
      painter.drawText(at, Qt::AlignCenter, drawing_.media[m]);
    }
    painter.setFont(font());
  }
  for (int r = 0; r < drawing_.colours.size(); ++r) {
    const QRectF at = place_of(r, 0);
    painter.fillRect(QRectF(2 * kSpace, at.top() + 4, 30, at.height() - 8), drawing_.colours[r].colour);
    painter.setPen(kInk);
    painter.drawText(QRectF(2 * kSpace + 38, at.top(), kNames - 60, at.height()),
                     Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap, drawing_.colours[r].name);
  }
}

/// Its own colour beside the strip, so that the eye can compare.
void OffcutView::draw_large(QPainter& painter) const {
  const QRectF box(kNames, height() - kLarge - kSpace, width() - kNames - 2 * kSpace, kLarge);
  painter.setPen(kInk);
  if (row_ < 0) {
    painter.drawText(box, Qt::AlignLeft | Qt::AlignVCenter, tr("Point at a strip to see it large."));
    return;
  }
  const OffcutDrawing::Strip& s = strip(row_, column_);
  const QRectF wanted(box.left(), box.top(), 96, box.height());
  painter.fillRect(wanted, drawing_.colours[row_].colour);
  const QRectF large(wanted.right() + kSpace, box.top(), box.height() * 2.25, box.height());
  painter.setRenderHint(QPainter::SmoothPixmapTransform);
  if (!s.image.isNull()) painter.drawImage(large, s.image);
  painter.drawText(
      QRectF(large.right() + 2 * kSpace, box.top(), box.right() - large.right() - 2 * kSpace, box.height()),
      Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap,
      s.words + "\n" + tr("Enter or a double click takes this paper."));
}

void OffcutView::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.fillRect(rect(), judging_grey());
  if (drawing_.colours.isEmpty()) return;
  draw_heads(painter);
  std::size_t at = 0;
  for (int r = 0; r < drawing_.colours.size(); ++r) {
    for (int c = 0; c < across(); ++c, ++at) {
      const QRectF where = place_of(r, c);
      if (small_[at].isNull()) {
        painter.setPen(kFaint);
        painter.drawText(where, Qt::AlignCenter, tr("none"));
      } else {
        painter.drawPixmap(where, small_[at], QRectF(small_[at].rect()));
      }
      if (r != row_ || c != column_) continue;
      painter.setPen(QPen(accent(), 2));
      painter.drawRect(where.adjusted(1, 1, -1, -1));
    }
  }
  draw_large(painter);
}

QString OffcutView::words() const { return row_ < 0 ? QString() : strip(row_, column_).words; }

void OffcutView::point_at(int row, int column) {
  if (row == row_ && column == column_) return;
  row_ = row;
  column_ = column;
  setAccessibleDescription(words());
  update();
}

void OffcutView::mouseMoveEvent(QMouseEvent* event) {
  for (int r = 0; r < drawing_.colours.size(); ++r) {
    for (int c = 0; c < across(); ++c) {
      if (place_of(r, c).contains(event->position())) return point_at(r, c);
    }
  }
}

void OffcutView::take() {
  if (row_ >= 0) emit paper_asked(drawing_.papers[column_ / static_cast<int>(drawing_.media.size())].id);
}

void OffcutView::mouseDoubleClickEvent(QMouseEvent*) { take(); }

void OffcutView::keyPressEvent(QKeyEvent* event) {
  const int rows = static_cast<int>(drawing_.colours.size());
  if (rows == 0) return QWidget::keyPressEvent(event);
  const auto go = [&](int dy, int dx) {
    if (row_ < 0) return point_at(0, 0);
    point_at(std::clamp(row_ + dy, 0, rows - 1), std::clamp(column_ + dx, 0, across() - 1));
  };
  switch (event->key()) {
    case Qt::Key_Left:
      return go(0, -1);
    case Qt::Key_Right:
      return go(0, 1);
    case Qt::Key_Up:
      return go(-1, 0);
    case Qt::Key_Down:
      return go(1, 0);
    case Qt::Key_Return:
    case Qt::Key_Enter:
      return take();
    default:
      QWidget::keyPressEvent(event);
  }
}

}  // namespace yd::app
