#include "widgets/section.h"

#include <QVBoxLayout>

namespace yd::app {

Section::Section(const QString& title, const QString& name, QWidget* content, bool open, QWidget* parent)
    : QWidget(parent), head_(new QToolButton) {
  head_->setObjectName(name);
  head_->setText(title);
  head_->setCheckable(true);
  head_->setAutoRaise(true);
  head_->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
  head_->setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
  head_->setFocusPolicy(Qt::StrongFocus);
  QFont bold = head_->font();
  bold.setBold(true);
  head_->setFont(bold);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 4);
  column->setSpacing(2);
  column->addWidget(head_);
  column->addWidget(content);
  const auto fold = [this, content](bool on) {
    head_->setArrowType(on ? Qt::DownArrow : Qt::RightArrow);
    content->setVisible(on);
  };
  connect(head_, &QToolButton::toggled, this, fold);
  connect(head_, &QToolButton::toggled, this, &Section::toggled);
  head_->setChecked(open);
  fold(open);
}

}  // namespace yd::app
