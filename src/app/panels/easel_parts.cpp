// SPDX-License-Identifier: MIT
#include "panels/easel_parts.h"

namespace yd::app {

QLabel* line_in(const char* name, Type type, bool bold) {
  auto* label = new QLabel;
  label->setObjectName(name);
  label->setWordWrap(true);
  label->setTextFormat(Qt::PlainText);
  label->setAlignment(Qt::AlignTop | Qt::AlignLeft);
  QFont f = label->font();
  f.setPointSizeF(points(type));
  f.setBold(bold);
  label->setFont(f);
  return label;
}

QVBoxLayout* column_in(QWidget* box) {
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  return column;
}

StepWords::StepWords(QWidget* parent)
    : QWidget(parent),
      how(line_in("easel_how", Type::large)),
      where(line_in("easel_where", Type::heading)),
      mark(line_in("easel_mark", Type::heading)),
      steps(line_in("easel_steps", Type::heading)),
      after(line_in("easel_after", Type::text)) {
  auto* column = column_in(this);
  for (QLabel* w : {how, where, mark, steps, after}) column->addWidget(w);
  column->addStretch();
}

void StepWords::hide_empty() {
  for (QLabel* l : {how, where, mark, steps, after}) l->setVisible(!l->text().isEmpty());
}

bool StepWords::fit(int room, Type least) {
  for (double size = points(Type::heading); size >= points(least); size -= 1) {
    const bool largest = size == points(Type::heading);
    for (QLabel* l : {how, where, mark, steps}) {
      QFont f = l->font();
      f.setPointSizeF(l == how && largest ? points(Type::large) : size);
      l->setFont(f);
    }
    layout()->invalidate();
    if (layout()->heightForWidth(width()) <= room) return true;
  }
  return false;
}

}  // namespace yd::app
