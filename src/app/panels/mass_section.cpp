// SPDX-License-Identifier: MIT
#include "panels/mass_section.h"

#include <QColorDialog>
#include <QHBoxLayout>
#include <QSignalBlocker>

#include "colour/profile.h"
#include "colour/words.h"
#include "looks/images.h"
#include "panels/own_colours_section.h"
#include "subject/remarks.h"
#include "words/number.h"
#include "words/names.h"

namespace yd::app {
namespace {

using EditKind = subject::MassEdit::Kind;

/// Masses that share a border with this one.
std::vector<int> neighbours(const ReadSubject& s, int mass) {
  const std::size_t n = s.masses.size();
  std::vector<int> out;
  for (std::size_t other = 0; other < n; ++other) {
    if (s.borders[static_cast<std::size_t>(mass) * n + other] > 0) out.push_back(static_cast<int>(other));
  }
  return out;
}

}  // namespace

MassSection::MassSection(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      list_(new QListWidget),
      merge_(new QComboBox),
      name_(new QLineEdit),
      plane_(new QComboBox),
      edge_(new QComboBox),
      surface_(new QComboBox),
      colour_(new QComboBox),
      amount_(new LabelledSlider(tr("How much, %"), "mass_colour_amount", 0, 100)),
      focal_(new QCheckBox(tr("Focal point"))),
      about_(paragraph()) {
  name_parts();
  lay_out();
  connect(list_, &QListWidget::currentRowChanged, this, &MassSection::show_mass);
  connect(&session_, &Session::subject_changed, this, &MassSection::refresh);
  connect(&session_, &Session::plan_changed, this, &MassSection::refill_colours);
  connect_edits();
  refill_colours();
  refresh();
}

void MassSection::name_parts() {
  list_->setObjectName("mass_list");
  list_->setAccessibleName(tr("Masses"));
  list_->setMinimumHeight(130);
  list_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  list_->setTextElideMode(Qt::ElideRight);
  merge_->setObjectName("mass_merge");
  merge_->setAccessibleName(tr("Merge with"));
  name_->setObjectName("mass_name");
  name_->setAccessibleName(tr("Name of the mass"));
  name_->setPlaceholderText(tr("Name"));
  plane_->setObjectName("mass_plane");
  plane_->setAccessibleName(tr("Plane"));
  plane_->addItems({tr("background"), tr("middle ground"), tr("foreground")});
  edge_->setObjectName("mass_edge");
  edge_->setAccessibleName(tr("Edge"));
  edge_->addItems({tr("hard edge"), tr("soft edge")});
  surface_->setObjectName("mass_surface");
  surface_->setAccessibleName(tr("What it is"));
  surface_->setToolTip(
      tr("What it is decides the marks: water lies level, grass stands, fur grows; skin and glass are rubbed smooth."));
  surface_->addItems({tr("what is it?"), tr("sky"), tr("water"), tr("reflection"), tr("grass"), tr("fur"),
                      tr("feather"), tr("skin"), tr("cloth"), tr("stone"), tr("foliage"), tr("metal"), tr("glass")});
  colour_->setObjectName("mass_colour");
  colour_->setAccessibleName(tr("A colour of your own for this mass"));
  colour_->setToolTip(tr("Its values stay; dark, middle and light become one family"));
  focal_->setObjectName("mass_focal");
  about_->setObjectName("mass_about");
}

void MassSection::lay_out() {
  // The list beside what is said of the chosen one: the bench is wide and low.
  auto* both = new QHBoxLayout(this);
  both->setContentsMargins(0, 0, 0, 0);
  both->setSpacing(2 * kSpace);
  both->addWidget(list_, 5);
  auto* column = new QVBoxLayout;
  column->setSpacing(4);
  both->addLayout(column, 6);
  column->addWidget(name_);
  auto* row = new QHBoxLayout;
  row->addWidget(plane_);
  row->addWidget(edge_);
  column->addLayout(row);
  auto* what = new QHBoxLayout;
  what->addWidget(surface_, 1);
  what->addWidget(focal_);
  column->addLayout(what);
  column->addWidget(colour_);
  column->addWidget(amount_);
  make_buttons(*column);
  column->addWidget(about_);
  column->addStretch();
}

void MassSection::connect_edits() {
  connect(name_, &QLineEdit::editingFinished, this, [this] {
    if (chosen() < 0 || !name_->isModified() || name_->text().trimmed().isEmpty()) return;
    auto e = about(EditKind::rename);
    e.name = name_->text().trimmed().toStdString();
    edit(e, tr("Name of a mass"));
  });
  connect(plane_, &QComboBox::activated, this, [this](int i) {
    auto e = about(EditKind::plane);
    e.to_plane = static_cast<subject::Plane>(i);
    edit(e, tr("Plane"));
  });
  connect(edge_, &QComboBox::activated, this, [this](int i) {
    auto e = about(EditKind::edge);
    e.to_edge = static_cast<subject::EdgeKind>(i);
    edit(e, tr("Edge"));
  });
  connect(surface_, &QComboBox::activated, this, [this](int i) {
    auto e = about(EditKind::surface);
    e.to_surface = static_cast<subject::Surface>(i);
    edit(e, tr("What a mass is"));
  });
  connect(colour_, &QComboBox::activated, this, &MassSection::choose_colour);
  connect(amount_, &LabelledSlider::moved, this, &MassSection::set_amount);
  connect(focal_, &QCheckBox::clicked, this, [this](bool on) {
    auto e = about(EditKind::focal);
    e.on = on;
    edit(e, tr("Focal point"));
  });
}

void MassSection::refill_colours() {
  colour_->clear();
  colour_->addItems({tr("A colour of its own…"), tr("As the subject has it")});
  if (const PlannedPtr planned = session_.planned()) add_tray(*colour_, *planned);
  colour_->addItem(tr("Another colour…"));
}

void MassSection::choose_colour(int row) {
  colour_->setCurrentIndex(0);
  if (row < 1 || chosen() < 0) return;
  auto e = about(EditKind::colour);
  e.to_colour = colour_in(*colour_, row);
  if (row + 1 < colour_->count()) return edit(e, tr("Colour of a mass"));
  auto* dialog = new QColorDialog(this);
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setOption(QColorDialog::DontUseNativeDialog);
  connect(dialog, &QColorDialog::colorSelected, this, [this, e](const QColor& c) {
    auto wished = e;
    wished.to_colour = colour::from_srgb({static_cast<std::uint8_t>(c.red()), static_cast<std::uint8_t>(c.green()),
                                          static_cast<std::uint8_t>(c.blue())});
    edit(wished, tr("Colour of a mass"));
  });
  dialog->open();
}

/// Of the colour it has; a slider on its way is one edit, not many.
void MassSection::set_amount(int percent) {
  const SubjectPtr s = session_.subject();
  if (!s || chosen() < 0 || !s->masses[static_cast<std::size_t>(chosen())].own) return;
  auto e = about(EditKind::colour);
  e.to_colour = s->masses[static_cast<std::size_t>(chosen())].own->lab;
  e.amount = percent / 100.0;
  Choices next = session_.choices();
  auto& edits = next.read.edits;
  if (!edits.empty() && edits.back().kind == EditKind::colour && edits.back().mass == e.mass) edits.pop_back();
  edits.push_back(e);
  session_.change(next, tr("Colour of a mass, how much"), Merge::mass_colour);
}

void MassSection::make_buttons(QVBoxLayout& column) {
  auto* values = new QPushButton(tr("Split by value"));
  values->setObjectName("mass_split_values");
  auto* line = new QPushButton(tr("Split by a line"));
  line->setObjectName("mass_split_line");
  auto* paint = new QPushButton(tr("Paint its border"));
  paint->setObjectName("mass_paint");
  auto* grid = new QGridLayout;
  grid->addWidget(merge_, 0, 0, 1, 2);
  grid->addWidget(values, 1, 0);
  grid->addWidget(line, 1, 1);
  grid->addWidget(paint, 2, 0, 1, 2);
  column.addLayout(grid);
  connect(values, &QPushButton::clicked, this, [this] { edit(about(EditKind::split_values), tr("Split by value")); });
  connect(line, &QPushButton::clicked, this, [this] { emit tool_asked(Tool::split); });
  connect(paint, &QPushButton::clicked, this, [this] { emit tool_asked(Tool::paint); });
  connect(merge_, &QComboBox::activated, this, [this](int row) {
    if (row < 1) return;
    auto e = about(EditKind::merge);
    e.other = merge_->itemData(row).toInt();
    edit(e, tr("Merge"));
  });
}

subject::MassEdit MassSection::about(EditKind kind) const {
  subject::MassEdit e;
  e.kind = kind;
  e.mass = std::max(0, chosen());
  return e;
}

void MassSection::edit(const subject::MassEdit& e, const QString& text) {
  if (chosen() >= 0) session_.add_edit(e, text);
}

void MassSection::choose(int mass) {
  if (mass >= 0 && mass < list_->count()) list_->setCurrentRow(mass);
}

void MassSection::refresh() {
  const int before = chosen();
  {
    const QSignalBlocker quiet(list_);
    list_->clear();
    if (const SubjectPtr s = session_.subject()) {
      for (const subject::Mass& m : s->masses) {
        auto* item = new QListWidgetItem(words::numbered_name(m), list_);
        item->setData(Qt::DecorationRole, to_colour(m.mean));
      }
      if (list_->count() > 0) list_->setCurrentRow(std::clamp(before, 0, list_->count() - 1));
    }
  }
  show_mass();
}

void MassSection::show_mass() {
  const SubjectPtr s = session_.subject();
  const bool any = s && chosen() >= 0;
  for (QWidget* w : std::initializer_list<QWidget*>{name_, plane_, edge_, surface_, colour_, focal_, merge_})
    w->setEnabled(any);
  if (!any) amount_->hide();
  if (!any) return about_->setText(tr("Open a picture to see its masses."));
  const subject::Mass& m = s->masses[static_cast<std::size_t>(chosen())];
  name_->setText(words::mass_name(m));
  name_->setModified(false);
  plane_->setCurrentIndex(static_cast<int>(m.plane));
  edge_->setCurrentIndex(static_cast<int>(m.edge));
  surface_->setCurrentIndex(static_cast<int>(m.surface));
  focal_->setChecked(m.focal);
  amount_->setVisible(m.own.has_value());
  if (m.own) amount_->show_value(qRound(100 * m.own->amount));
  merge_->clear();
  merge_->addItem(tr("Merge with a neighbour…"));
  for (const int n : neighbours(*s, m.id))
    merge_->addItem(words::numbered_name(s->masses[static_cast<std::size_t>(n)]), n);
  const QString warm = std::abs(m.warmer) < 2 ? tr("as warm as its neighbours")
                       : m.warmer > 0         ? tr("warmer than its neighbours")
                                              : tr("cooler than its neighbours");
  QString about = tr("%1 % of the picture, value %2, %3, %4.")
                      .arg(words::number(100 * m.area, 1))
                      .arg(words::number(m.value, 1))
                      .arg(words::colour_name(m.mean), warm);
  if (subject::focal_in_middle(s->masses))
    about += " " + tr("The focal point lies in the middle; a third is livelier.");
  about_->setText(about);
  emit mass_chosen(chosen());
}

void MassSection::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  emit shown_or_hidden();
}

void MassSection::hideEvent(QHideEvent* event) {
  QWidget::hideEvent(event);
  emit shown_or_hidden();
}

}  // namespace yd::app
