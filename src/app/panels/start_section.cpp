// SPDX-License-Identifier: MIT
#include "panels/start_section.h"

#include <QHBoxLayout>

#include "looks/greys.h"
#include "panels/panel_parts.h"

namespace yd::app {

StartSection::StartSection(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), forget_(new QPushButton(tr("Forget marks"))) {
  auto* ring = new QPushButton(tr("Mark what matters"));
  ring->setObjectName("mark_focus");
  ring->setToolTip(tr("Masses are finer there, and the eye is led to it."));
  forget_->setObjectName("forget_focus");
  auto* row = new QHBoxLayout;
  row->addWidget(ring);
  row->addWidget(forget_);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(paragraph(tr("Click what matters most in the picture, or draw a ring from its middle.")));
  column->addLayout(row);
  column->addSpacing(kSpace);
  column->addWidget(new WishSection(session));
  column->addStretch();
  connect(ring, &QPushButton::clicked, this, [this] { emit tool_asked(Tool::ring); });
  connect(forget_, &QPushButton::clicked, this, [this] {
    Choices next = session_.choices();
    next.read.focus.clear();
    session_.change(next, tr("Marks forgotten"));
  });
  connect(&session_, &Session::choices_changed, this, &StartSection::refresh);
  refresh();
}

void StartSection::refresh() { forget_->setEnabled(!session_.choices().read.focus.empty()); }

}  // namespace yd::app
