// SPDX-License-Identifier: MIT
#include "widgets/pair.h"

#include <algorithm>

#include "looks/greys.h"

namespace yd::app {
namespace {

constexpr int kGap = 12;

/// Ink on the easel's grey, whatever the scheme.
QLabel* caption(const QString& text, bool bold, QWidget* parent) {
  auto* label = new QLabel(text, parent);
  QPalette p = label->palette();
  p.setColor(QPalette::WindowText, judging_ink());
  label->setPalette(p);
  label->setTextFormat(Qt::PlainText);
  QFont f = label->font();
  f.setBold(bold);
  label->setFont(f);
  if (!bold) label->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
  return label;
}

}  // namespace

Pair::Pair(QWidget* parent)
    : QWidget(parent),
      subject_(new PictureView(link_, tr("Subject"), this)),
      board_(new PictureView(link_, tr("Board"), this)),
      peephole_(new Peephole(this)),
      subject_title_(caption(tr("Subject"), true, this)),
      subject_fact_(caption({}, false, this)),
      board_title_(caption(tr("Board"), true, this)),
      board_fact_(caption({}, false, this)) {
  setObjectName("pair");
  subject_->setObjectName("subject_view");
  board_->setObjectName("board_view");
  board_title_->setObjectName("board_title");
  board_fact_->setObjectName("board_fact");
  subject_->take_tools(true);
  peephole_->raise();
}

void Pair::set_subject_title(const QString& title, const QString& fact) {
  subject_title_->setText(title);
  subject_fact_->setText(fact);
  arrange();
}

void Pair::set_board_title(const QString& title, const QString& fact) {
  board_title_->setText(title);
  board_fact_->setText(fact);
  arrange();
}

int Pair::gap() const { return kGap; }

int Pair::frame_height() const { return fontMetrics().height() + 2 * kSpace + kSpace; }

void Pair::take_way(PairWay way) {
  way_ = way == way_ ? PairWay::both : way;
  board_->show_beneath(way_ == PairWay::wipe);
  arrange();
  emit way_changed();
}

void Pair::set_subject_image(const QImage& image) {
  subject_->set_image(image);
  board_->set_beneath(image);
}

void Pair::resizeEvent(QResizeEvent*) { arrange(); }

void Pair::arrange() {
  const int top = frame_height() - kSpace;
  const bool both = way_ == PairWay::both;
  const int each = both ? (width() - 2 * kSpace - kGap) / 2 : width() - 2 * kSpace;
  const auto place = [&](PictureView* view, QLabel* title, QLabel* fact, int x, bool on) {
    view->setGeometry(x, top, each, std::max(1, height() - top - kSpace));
    const int name = std::min(each, title->sizeHint().width() + kSpace);
    title->setGeometry(x, 0, name, top);
    fact->setGeometry(x + name, 0, each - name, top);
    for (QWidget* w : {static_cast<QWidget*>(view), static_cast<QWidget*>(title), static_cast<QWidget*>(fact)})
      w->setVisible(on);
  };
  const bool subject_on = both || way_ == PairWay::subject;
  place(subject_, subject_title_, subject_fact_, kSpace, subject_on);
  place(board_, board_title_, board_fact_, both ? kSpace + each + kGap : kSpace, way_ != PairWay::subject);
}

void Pair::place_peephole(QPoint pixel) {
  if (pixel.x() < 0) return peephole_->hide();
  const PictureView* view = board_->underMouse() || way_ == PairWay::board || way_ == PairWay::wipe ? board_ : subject_;
  const QPoint at = view->mapToParent(view->place_of(pixel).toPoint());
  const QSize size = peephole_->sizeHint();
  constexpr int kAway = 24;
  int x = at.x() + kAway;
  if (x + size.width() > width() - kSpace) x = at.x() - kAway - size.width();
  int y = at.y() + kAway;
  if (y + size.height() > height() - kSpace) y = at.y() - kAway - size.height();
  peephole_->setGeometry(std::max(kSpace, x), std::max(kSpace, y), size.width(), size.height());
  peephole_->raise();
}

}  // namespace yd::app
