// SPDX-License-Identifier: MIT
#include "panels/keys_page.h"

#include <QGridLayout>
#include <QHBoxLayout>
#include <QPushButton>

#include "looks/greys.h"
#include "looks/translate.h"
#include "panels/panel_parts.h"

namespace yd::app {

KeysPage::KeysPage(QWidget* parent) : QScrollArea(parent) {
  setObjectName("keys_page");
  setAccessibleName(tr("Keys"));
  setWidgetResizable(true);
  setFrameShape(QFrame::NoFrame);
  setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
}

void KeysPage::set_groups(const QList<KeyGroup>& groups) {
  auto* page = new QWidget;
  auto* back = new QPushButton(tr("Back to the pair"));
  back->setObjectName("keys_back");
  connect(back, &QPushButton::clicked, this, &KeysPage::closed);
  auto* head = new QHBoxLayout;
  head->addWidget(heading(tr("Everything can be done by keyboard")), 1);
  head->addWidget(back);
  constexpr int kAcross = 3;
  QVBoxLayout* columns[kAcross];
  auto* row = new QHBoxLayout;
  row->setSpacing(4 * kSpace);
  for (auto*& column : columns) {
    column = new QVBoxLayout;
    row->addLayout(column, 1);
  }
  int lines[kAcross] = {};
  for (const KeyGroup& g : groups) {
    // The next group goes where the least stands.
    const auto at = std::min_element(lines, lines + kAcross) - lines;
    lines[at] += static_cast<int>(g.lines.size()) + 2;
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(2 * kSpace);
    grid->setVerticalSpacing(3);
    grid->setColumnStretch(1, 1);
    for (int i = 0; i < g.lines.size(); ++i) {
      grid->addWidget(heading(g.lines[i].key), i, 0, Qt::AlignTop | Qt::AlignRight);
      grid->addWidget(paragraph(g.lines[i].does), i, 1);
    }
    columns[at]->addWidget(paragraph(g.title));
    columns[at]->addLayout(grid);
    columns[at]->addSpacing(2 * kSpace);
  }
  for (auto* column : columns) column->addStretch();
  auto* all = new QVBoxLayout(page);
  all->setContentsMargins(2 * kSpace, kSpace, 2 * kSpace, kSpace);
  all->addLayout(head);
  all->addSpacing(kSpace);
  all->addLayout(row, 1);
  setWidget(page);
}

QList<KeyGroup> keys_in_places() {
  return {
      {tr("On the pictures"),
       {{tr("Arrows"), tr("move the cross; with Shift further")},
        {tr("Enter"), tr("the colour under the cross, and how it is built")},
        {tr("+ and −"), tr("nearer and farther; 0 the whole picture")},
        {tr("Space"), tr("with a tool: begins and ends a line at the cross")}}},
      {tr("On the core sample"),
       {{tr("← →"), tr("a pass back, a pass on; Home the bare paper, End all of them")},
        {tr("↑ ↓"), tr("tells the recipe of the next mass")},
        {tr("Space"), tr("lights the pass in the pictures")}}},
      {tr("In tray and drawers"),
       {{tr("Arrows"), tr("from stick to stick")}, {tr("Space"), tr("in a drawer: owned, or not")}}},
      {tr("In the list of passes"), {{tr("Alt ↑ ↓"), tr("moves the pass")}, {tr("M"), tr("mends what advice found")}}},
      {tr("At the easel"),
       {{tr("Space"), tr("the next marks, then the next pass")},
        {tr("↑ ↓"), tr("marks before, marks next")},
        {tr("→"), tr("the pass is done")},
        {tr("←"), tr("the pass before")},
        {tr("S"), tr("leaves it out")},
        {tr("O"), tr("opens it again")},
        {tr("R"), tr("another stick")},
        {tr("N"), tr("a note")},
        {tr("P"), tr("stops the clock")},
        {tr("V"), tr("speaks")},
        {tr("Z"), tr("closer to where the hand is")},
        {tr("Esc"), tr("back to the plan")}}}};
}

}  // namespace yd::app
