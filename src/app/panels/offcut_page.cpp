// SPDX-License-Identifier: MIT
#include "panels/offcut_page.h"

#include <QHBoxLayout>
#include <QPushButton>

#include "looks/greys.h"
#include "panels/panel_parts.h"

namespace yd::app {

OffcutPage::OffcutPage(QWidget* parent)
    : QWidget(parent), view_(new OffcutView), masked_(new QCheckBox(tr("All on one grey"))) {
  setObjectName("offcut_page");
  masked_->setObjectName("offcut_masked");
  masked_->setToolTip(tr("Masks the papers to a common grey, so that the strips can be judged"));
  auto* back = new QPushButton(tr("Back to the pair"));
  back->setObjectName("offcut_back");
  auto* row = new QHBoxLayout;
  row->addWidget(heading(tr("Offcut sheet: the most delicate colours, two layers of pan, pencil and stick")), 1);
  row->addWidget(masked_);
  row->addWidget(back);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(2 * kSpace, kSpace, 2 * kSpace, 2 * kSpace);
  column->addLayout(row);
  column->addWidget(view_, 1);
  connect(back, &QPushButton::clicked, this, &OffcutPage::closed);
  connect(masked_, &QCheckBox::toggled, this, &OffcutPage::masked_changed);
}

}  // namespace yd::app
