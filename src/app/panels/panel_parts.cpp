// SPDX-License-Identifier: MIT
#include "panels/panel_parts.h"

#include <QGridLayout>
#include <QHeaderView>
#include <QSignalBlocker>

namespace yd::app {

QLabel* heading(const QString& text) {
  auto* label = new QLabel(text);
  label->setProperty("heading", true);
  label->setWordWrap(true);
  return label;
}

QLabel* paragraph(const QString& text) {
  auto* label = new QLabel(text);
  label->setWordWrap(true);
  label->setTextFormat(Qt::PlainText);
  label->setAlignment(Qt::AlignTop | Qt::AlignLeft);
  return label;
}

QListView* lines(const QString& name, const QString& title, QAbstractItemModel& model, QSize chip) {
  auto* list = new QListView;
  list->setObjectName(name);
  list->setAccessibleName(title);
  list->setModel(&model);
  list->setWordWrap(true);
  list->setSpacing(3);
  if (chip.isValid()) list->setIconSize(chip);
  list->setEditTriggers(QAbstractItemView::NoEditTriggers);
  list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  list->setResizeMode(QListView::Adjust);
  list->setTextElideMode(Qt::ElideNone);
  return list;
}

QTableView* table(const QString& name, QAbstractItemModel& model, int stretched_column) {
  auto* out = new QTableView;
  dress_table(*out, name, model, stretched_column);
  return out;
}

void dress_table(QTableView& table, const QString& name, QAbstractItemModel& model, int stretched_column) {
  QTableView* view = &table;
  view->setObjectName(name);
  view->setModel(&model);
  view->setSelectionBehavior(QAbstractItemView::SelectRows);
  view->setSelectionMode(QAbstractItemView::SingleSelection);
  view->setShowGrid(false);
  view->setTabKeyNavigation(false);
  view->setWordWrap(false);
  view->verticalHeader()->hide();
  view->verticalHeader()->setDefaultSectionSize(24);
  view->horizontalHeader()->setHighlightSections(false);
  view->horizontalHeader()->setDefaultAlignment(Qt::AlignLeft | Qt::AlignVCenter);
  view->horizontalHeader()->setSectionResizeMode(QHeaderView::ResizeToContents);
  view->horizontalHeader()->setSectionResizeMode(stretched_column, QHeaderView::Stretch);
}

LabelledSlider::LabelledSlider(const QString& title, const QString& name, int low, int high, QWidget* parent)
    : QWidget(parent), slider_(new QSlider(Qt::Horizontal)), number_(new QLabel) {
  slider_->setObjectName(name);
  slider_->setAccessibleName(title);
  slider_->setRange(low, high);
  slider_->setPageStep(std::max(1, (high - low) / 10));
  auto* label = new QLabel(title);
  label->setBuddy(slider_);
  number_->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
  number_->setMinimumWidth(36);
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->addWidget(label, 0, 0);
  grid->addWidget(number_, 0, 1);
  grid->addWidget(slider_, 1, 0, 1, 2);
  connect(slider_, &QSlider::valueChanged, this, [this](int v) {
    number_->setText(QString::number(v));
    emit moved(v);
  });
}

void LabelledSlider::show_value(int value) {
  const QSignalBlocker quiet(slider_);
  slider_->setValue(value);
  number_->setText(QString::number(value));
}

}  // namespace yd::app
