// SPDX-License-Identifier: MIT
#include "widgets/sheet_view.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QToolButton>

#include "looks/images.h"
#include "widgets/style.h"

namespace yd::app {

SheetView::SheetView(QWidget* parent) : QScrollArea(parent) {
  setObjectName("sheet_view");
  setWidgetResizable(true);
  setFrameShape(QFrame::NoFrame);
  setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
}

void SheetView::set_cells(const QString& title, const QList<SheetCell>& cells, int across) {
  auto* page = new QWidget;
  page->setAutoFillBackground(true);
  QPalette p = page->palette();
  p.setColor(QPalette::Window, judging_grey());
  p.setColor(QPalette::WindowText, judging_ink());
  page->setPalette(p);
  auto* head = new QLabel(title);
  head->setProperty("heading", true);
  head->setWordWrap(true);
  QPalette white = head->palette();
  white.setColor(QPalette::WindowText, judging_ink());
  head->setPalette(white);
  auto* back = new QPushButton(tr("Back to the pair"));
  back->setObjectName("sheet_back");
  connect(back, &QPushButton::clicked, this, &SheetView::closed);
  auto* column = new QVBoxLayout(page);
  auto* row = new QHBoxLayout;
  row->addWidget(head, 1);
  row->addWidget(back);
  column->addLayout(row);
  auto* grid = new QGridLayout;
  column->addLayout(grid);
  column->addStretch(1);
  for (int i = 0; i < cells.size(); ++i)
    grid->addWidget(make_cell(cells[i], white), i / across, i % across, Qt::AlignTop);
  for (int c = 0; c < across; ++c) grid->setColumnStretch(c, 1);
  setWidget(page);
}

QWidget* SheetView::make_cell(const SheetCell& c, const QPalette& palette) {
  auto* button = new QToolButton;
  button->setIcon(QPixmap::fromImage(c.image));
  button->setIconSize(c.image.size());
  button->setAccessibleName(c.caption);
  button->setAutoRaise(true);
  button->setFocusPolicy(c.key.isEmpty() ? Qt::NoFocus : Qt::StrongFocus);
  connect(button, &QToolButton::clicked, this, [this, key = c.key] {
    if (!key.isEmpty()) emit cell_asked(key);
  });
  auto* words = new QLabel(c.caption);
  words->setWordWrap(true);
  words->setAlignment(Qt::AlignHCenter | Qt::AlignTop);
  words->setPalette(palette);
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 6);
  column->setSpacing(1);
  column->addWidget(button, 0, Qt::AlignHCenter);
  column->addWidget(words);
  return box;
}

}  // namespace yd::app
