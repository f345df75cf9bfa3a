// SPDX-License-Identifier: MIT
#include "widgets/card.h"

#include <QEvent>
#include <QPainter>
#include <QScrollArea>
#include <QSignalBlocker>

#include "looks/greys.h"

namespace yd::app {
namespace {

constexpr int kHead = 32;
constexpr int kSide = 12;
constexpr int kRound = 6;
constexpr int kWishedHeight = 250;

QFont heading_font(QFont font) {
  font.setBold(true);
  font.setPointSizeF(points(Type::text));
  return font;
}

}  // namespace

CardHead::CardHead(const QString& title, const QString& name, QWidget* parent) : QAbstractButton(parent) {
  setObjectName(name);
  setText(title);
  setCheckable(true);
  setChecked(true);
  setFocusPolicy(Qt::StrongFocus);
  setCursor(Qt::PointingHandCursor);
}

void CardHead::set_fact(const QString& fact) {
  fact_ = fact;
  setAccessibleDescription(fact);
  update();
}

void CardHead::set_spine(bool on) {
  spine_ = on;
  setToolTip(on ? text() : QString());
  update();
}

QSize CardHead::sizeHint() const { return {QFontMetrics(heading_font(font())).horizontalAdvance(text()) + 40, kHead}; }

void CardHead::changeEvent(QEvent* event) {
  QAbstractButton::changeEvent(event);
  update();
}

void CardHead::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  if (hasFocus()) {
    painter.setPen(QPen(accent(), 2));
    painter.drawRoundedRect(rect().adjusted(2, 2, -2, -2), kRound - 2, kRound - 2);
  }
  QRect box = rect();
  if (spine_) {
    // From the foot upwards, as on the back of a book.
    painter.translate(0, height());
    painter.rotate(-90);
    box = QRect(0, 0, height(), width());
  }
  box.adjust(kSide, 0, -kSide, 0);
  if (spine_) box.adjust(kSide, 0, 0, 0);
  painter.setFont(heading_font(font()));
  painter.setPen(palette().color(isChecked() ? QPalette::WindowText : QPalette::PlaceholderText));
  const QFontMetrics bold(painter.font());
  painter.drawText(box, Qt::AlignVCenter | (spine_ ? Qt::AlignRight : Qt::AlignLeft),
                   bold.elidedText(text(), Qt::ElideRight, box.width()));
  if (spine_ || fact_.isEmpty()) return;
  QFont small = font();
  small.setPointSizeF(points(Type::small));
  painter.setFont(small);
  painter.setPen(palette().color(QPalette::PlaceholderText));
  const QRect right = box.adjusted(bold.horizontalAdvance(text()) + kSpace, 0, 0, 0);
  painter.drawText(right, Qt::AlignVCenter | Qt::AlignRight,
                   painter.fontMetrics().elidedText(fact_, Qt::ElideRight, right.width()));
}

Card::Card(const QString& title, const QString& name, QWidget* content, int least, bool scrolls)
    : head_(new CardHead(title, name, this)),
      least_(least),
      height_(std::max(kWishedHeight, content->sizeHint().height())) {
  setAccessibleName(title);
  head_->setAccessibleName(title);
  if (scrolls) {
    auto* scroll = new QScrollArea(this);
    scroll->setProperty("card", true);
    scroll->setWidgetResizable(true);
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setFocusPolicy(Qt::NoFocus);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setWidget(content);
    scroll->viewport()->setAutoFillBackground(false);
    content->setAutoFillBackground(false);
    body_ = scroll;
  } else {
    content->setParent(this);
    body_ = content;
  }
  connect(head_, &QAbstractButton::toggled, this, &Card::asked);
}

void Card::show_as(bool open, bool upwards) {
  open_ = open;
  const QSignalBlocker quiet(head_);
  head_->setChecked(open);
  head_->set_spine(!open && upwards);
  body_->setVisible(open);
  place();
  update();
}

void Card::place() {
  if (!open_) return head_->setGeometry(rect());
  head_->setGeometry(0, 0, width(), kHead);
  body_->setGeometry(kSide, kHead, std::max(0, width() - 2 * kSide), std::max(0, height() - kHead - kSpace));
}

void Card::resizeEvent(QResizeEvent*) { place(); }

void Card::paintEvent(QPaintEvent*) {
  QPainter painter(this);
  painter.setRenderHint(QPainter::Antialiasing);
  painter.setPen(Qt::NoPen);
  painter.setBrush(palette().color(open_ ? QPalette::Base : QPalette::AlternateBase));
  painter.drawRoundedRect(rect(), kRound, kRound);
}

}  // namespace yd::app
