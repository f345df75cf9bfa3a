// SPDX-License-Identifier: MIT
#include "widgets/notice_bar.h"

#include <QAccessible>
#include <QHBoxLayout>
#include <utility>

namespace yd::app {

NoticeBar::NoticeBar(QWidget* parent)
    : QFrame(parent), label_(new QLabel), action_(new QPushButton), close_(new QPushButton(tr("Close"))) {
  setObjectName("notice");
  setFrameShape(QFrame::StyledPanel);
  setAutoFillBackground(true);
  setBackgroundRole(QPalette::Base);
  label_->setObjectName("notice_text");
  label_->setWordWrap(true);
  label_->setTextFormat(Qt::PlainText);
  label_->setTextInteractionFlags(Qt::TextSelectableByMouse);
  action_->setObjectName("notice_action");
  close_->setObjectName("notice_close");
  auto* row = new QHBoxLayout(this);
  row->setContentsMargins(10, 6, 10, 6);
  row->addWidget(label_, 1);
  row->addWidget(action_);
  row->addWidget(close_);
  connect(action_, &QPushButton::clicked, this, [this] { close_bar(true); });
  connect(close_, &QPushButton::clicked, this, [this] { close_bar(false); });
  hide();
}

void NoticeBar::show_sentence(const QString& sentence) { ask(sentence, {}, {}); }

void NoticeBar::ask(const QString& sentence, const QString& action, std::function<void()> then,
                    std::function<void()> otherwise, const QString& otherwise_text) {
  label_->setText(sentence);
  setAccessibleName(sentence);
  QAccessibleEvent alert(this, QAccessible::Alert);
  QAccessible::updateAccessibility(&alert);
  action_->setText(action);
  action_->setVisible(!action.isEmpty());
  close_->setText(otherwise_text.isEmpty() ? tr("Close") : otherwise_text);
  then_ = std::move(then);
  otherwise_ = std::move(otherwise);
  show();
}

void NoticeBar::close_bar(bool accepted) {
  hide();
  const auto then = std::exchange(then_, {});
  const auto otherwise = std::exchange(otherwise_, {});
  if (accepted && then) then();
  if (!accepted && otherwise) otherwise();
}

}  // namespace yd::app
