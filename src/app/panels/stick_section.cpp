// SPDX-License-Identifier: MIT
#include "panels/stick_section.h"

#include <QFormLayout>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include "models/chips.h"
#include "panels/panel_parts.h"
#include "words/terms.h"

namespace yd::app {
namespace {

constexpr QSize kStroke(272, 52);

}  // namespace

StickSection::StickSection(Session& session, CollectionModel& model, QWidget* parent)
    : QWidget(parent),
      session_(session),
      model_(model),
      chip_(new QLabel),
      words_(paragraph()),
      name_(new QLineEdit),
      kind_(new QComboBox),
      owned_(new QCheckBox(tr("Owned (space)"))),
      favourite_(new QCheckBox(tr("Favourite"))),
      left_(new QSpinBox),
      pigments_(new QLineEdit),
      lightfast_(new QLineEdit) {
  chip_->setFixedSize(kStroke);
  chip_->setAccessibleName(tr("The stick's stroke on the paper in use, light to firm"));
  words_->setObjectName("stick_words_here");
  name_->setObjectName("stick_name");
  kind_->setObjectName("stick_kind");
  owned_->setObjectName("stick_owned");
  favourite_->setObjectName("stick_favourite");
  left_->setObjectName("stick_left");
  pigments_->setObjectName("stick_pigments");
  lightfast_->setObjectName("stick_lightfast");
  left_->setRange(0, 100);
  left_->setSuffix(tr(" %"));
  left_->setKeyboardTracking(false);
  fill_kinds();
  auto* form = new QFormLayout;
  form->setContentsMargins(0, 0, 0, 0);
  form->addRow(tr("Name"), name_);
  form->addRow(tr("Kind"), kind_);
  form->addRow(tr("Left"), left_);
  form->addRow(tr("Pigments"), pigments_);
  form->addRow(tr("Lightfastness"), lightfast_);
  for (int i = 0; i < form->rowCount(); ++i) {
    auto* field = form->itemAt(i, QFormLayout::FieldRole)->widget();
    field->setAccessibleName(qobject_cast<QLabel*>(form->itemAt(i, QFormLayout::LabelRole)->widget())->text());
  }
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  for (QWidget* w : std::initializer_list<QWidget*>{chip_, words_, owned_, favourite_}) column->addWidget(w);
  column->addLayout(form);
  column->addStretch();
  connect(name_, &QLineEdit::editingFinished, this, [this] { put(CollectionModel::name, name_->text()); });
  connect(pigments_, &QLineEdit::editingFinished, this, [this] { put(CollectionModel::pigments, pigments_->text()); });
  connect(lightfast_, &QLineEdit::editingFinished, this,
          [this] { put(CollectionModel::lightfast, lightfast_->text()); });
  connect(kind_, &QComboBox::activated, this, [this] { put(CollectionModel::medium, kind_->currentData()); });
  connect(left_, &QSpinBox::valueChanged, this, [this](int v) { put(CollectionModel::left, QString::number(v)); });
  connect(owned_, &QCheckBox::clicked, this,
          [this](bool on) { put(CollectionModel::owned, on ? Qt::Checked : Qt::Unchecked); });
  connect(favourite_, &QCheckBox::clicked, this,
          [this](bool on) { put(CollectionModel::favourite, on ? Qt::Checked : Qt::Unchecked); });
  show_stick(-1);
}

void StickSection::fill_kinds() {
  for (const optics::Medium m : media::all_media()) {
    const char* name = media::name(m).data();
    kind_->addItem(words::term(name), QString(name));
  }
}

/// What cannot be is refused by the model, and shown again as it was.
void StickSection::put(CollectionModel::Column column, const QVariant& value) {
  if (row_ < 0 || row_ >= model_.rowCount()) return;
  const QModelIndex at = model_.index(row_, column);
  const bool box = column == CollectionModel::owned || column == CollectionModel::favourite;
  if (model_.data(at, box ? Qt::CheckStateRole : Qt::EditRole) == value) return;
  if (!box && model_.data(at, Qt::EditRole).toString() == value.toString()) return;
  model_.setData(at, value, Qt::EditRole);
  show_stick(row_);
}

void StickSection::show_stick(int row) {
  row_ = row;
  const media::Collection* c = model_.collection();
  const bool any = c != nullptr && row >= 0 && row < static_cast<int>(c->sticks.size());
  for (QWidget* w : std::initializer_list<QWidget*>{name_, kind_, owned_, favourite_, left_, pigments_, lightfast_})
    w->setEnabled(any);
  chip_->setVisible(any);
  if (!any) return words_->setText(tr("Choose a stick: its stroke and what is known of it stand here."));
  const media::Stick& s = c->sticks[static_cast<std::size_t>(row)];
  const QSignalBlocker quiet(left_);
  const auto text = [&](CollectionModel::Column column) {
    return model_.data(model_.index(row, column), Qt::EditRole).toString();
  };
  if (const media::Paper* paper = session_.materials().paper(session_.choices().paper))
    chip_->setPixmap(stroke_chip(s, *paper, session_.parameters(), kStroke));
  words_->setText(tr("%1, value %2").arg(text(CollectionModel::words), text(CollectionModel::value)));
  name_->setText(text(CollectionModel::name));
  kind_->setCurrentIndex(kind_->findData(text(CollectionModel::medium)));
  owned_->setChecked(s.owned);
  favourite_->setChecked(s.favourite);
  left_->setValue(qRound(100 * s.left));
  pigments_->setText(text(CollectionModel::pigments));
  lightfast_->setText(text(CollectionModel::lightfast));
}

}  // namespace yd::app
