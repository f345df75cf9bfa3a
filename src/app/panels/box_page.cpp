// SPDX-License-Identifier: MIT
#include "panels/box_page.h"

#include <QFileDialog>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include "exports/pass_words.h"
#include "formats/collection_file.h"
#include "looks/greys.h"
#include "models/chips.h"
#include "panels/panel_parts.h"
#include "widgets/down_the_list.h"
#include "words/checked.h"
#include "words/lengths.h"
#include "words/number.h"
#include "words/names.h"

namespace yd::app {
namespace {

constexpr int kGuess = -1;

void add_kinds(QComboBox& box, const QString& first) {
  box.addItem(first, kGuess);
  for (const auto m : media::all_media()) box.addItem(exports::medium_name(m), int(m));
}

swatches::Kind kind_in(const QComboBox& box) {
  const int m = box.currentData().toInt();
  return m == kGuess ? swatches::Kind() : static_cast<optics::Medium>(m);
}

}  // namespace

BoxPage::BoxPage(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      reader_(session),
      whose_(new QComboBox),
      cells_(new QSpinBox),
      size_(new QComboBox),
      paper_(new QComboBox),
      kind_(new QComboBox),
      open_(new QPushButton(tr("Photograph…"))),
      simulate_(new QPushButton(tr("Simulate one"))),
      status_(paragraph()),
      table_(table("box_table", model_, BoxModel::doubt)),
      said_(new QComboBox),
      leave_out_(new QPushButton(tr("Leave out"))),
      into_(new QComboBox),
      name_(new QLineEdit(tr("My box"))),
      take_(new QPushButton(tr("Take these sticks"))) {
  auto* title = heading(tr("A box of sticks from one photograph"));
  auto* back = new QPushButton(tr("Leave it"));
  back->setObjectName("box_back");
  auto* head = new QHBoxLayout;
  head->addWidget(title, 1);
  head->addWidget(back);
  auto* row = new QHBoxLayout;
  row->setSpacing(3 * kSpace);
  row->addWidget(make_steps());
  row->addWidget(make_list(), 1);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(2 * kSpace, kSpace, 2 * kSpace, kSpace);
  column->addLayout(head);
  column->addLayout(row, 1);
  connect(back, &QPushButton::clicked, this, &BoxPage::closed);
  connect(&reader_, &BoxReader::changed, this, &BoxPage::show_found);
  connect(&model_, &QAbstractItemModel::dataChanged, this, &BoxPage::refresh);
  connect(&reader_, &BoxReader::busy_changed, this, &BoxPage::refresh);
  connect(&reader_, &BoxReader::failed, &session_, &Session::failed);
  connect(&session_, &Session::collection_changed, this, &BoxPage::refresh_into);
  connect(whose_, &QComboBox::currentIndexChanged, this, &BoxPage::refresh_whose);
  refresh_into();
  refresh();
}

QWidget* BoxPage::make_steps() {
  whose_->setObjectName("box_whose");
  whose_->setToolTip(tr("Sticks of a collection get their colours anew; the sheet has their names on it"));
  cells_->setObjectName("box_cells");
  cells_->setRange(1, 150);
  cells_->setValue(40);
  size_->setObjectName("box_size");
  size_->addItem(tr("A4"), QSize(210, 297));
  size_->addItem(tr("A3"), QSize(297, 420));
  size_->addItem(tr("Letter"), QSize(216, 279));
  if (words::on_letter()) size_->setCurrentIndex(size_->count() - 1);
  paper_->setObjectName("box_paper");
  for (const media::Paper& p : session_.materials().papers)
    paper_->addItem(words::paper_name(p), QString::fromStdString(p.id));
  paper_->setCurrentIndex(paper_->findData(swatches::kPrintable));
  kind_->setObjectName("box_kind");
  add_kinds(*kind_, tr("different kinds"));
  kind_->setCurrentIndex(kind_->findData(int(optics::Medium::soft)));
  open_->setObjectName("box_open");
  simulate_->setObjectName("box_simulate");
  simulate_->setToolTip(tr("Sticks of the present collection, laid by an unsteady hand and photographed: to try it"));
  status_->setObjectName("box_status");
  auto* print = new QPushButton(tr("Save the sheet…"));
  print->setObjectName("box_print");
  connect(print, &QPushButton::clicked, this, &BoxPage::print);
  connect(open_, &QPushButton::clicked, this, &BoxPage::photograph);
  connect(simulate_, &QPushButton::clicked, this,
          [this] { reader_.simulate(cells_->value(), paper(), kind(), ++seed_); });
  auto* first = new QFormLayout;
  first->addRow(tr("Sticks"), whose_);
  first->addRow(tr("How many"), cells_);
  first->addRow(tr("Sheet"), size_);
  first->addRow(tr("Paper"), paper_);
  auto* second = new QFormLayout;
  second->addRow(tr("They are"), kind_);
  auto* buttons = new QHBoxLayout;
  buttons->addWidget(open_);
  buttons->addWidget(simulate_);
  auto* box = new QWidget;
  constexpr int kWide = 300;
  box->setFixedWidth(kWide);
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(heading(tr("1  Print a sheet, without scaling")));
  column->addLayout(first);
  column->addWidget(print);
  column->addSpacing(kSpace);
  column->addWidget(heading(tr("2  Fill it in")));
  column->addWidget(
      paragraph(tr("Each stick in its cell: on the left pressed firmly and rubbed in, three times over; "
                   "on the right once, lightly. Tap the dust off, do not blow.")));
  column->addSpacing(kSpace);
  column->addWidget(heading(tr("3  Photograph it")));
  column->addWidget(paragraph(tr("The whole sheet, all eight marks, in even light and without shadow.")));
  column->addLayout(second);
  column->addLayout(buttons);
  column->addWidget(status_);
  column->addStretch();
  return box;
}

QWidget* BoxPage::make_list() {
  table_->setAccessibleName(tr("Sticks of the box"));
  table_->setSelectionMode(QAbstractItemView::ExtendedSelection);
  table_->setIconSize(kChip);
  for (const int column : {BoxModel::name, BoxModel::masstone})
    table_->setItemDelegateForColumn(column, new DownTheList(*table_));
  table_->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                          QAbstractItemView::AnyKeyPressed);
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(table_, 1);
  column->addLayout(make_end());
  return box;
}

QLayout* BoxPage::make_end() {
  said_->setObjectName("box_said");
  said_->setAccessibleName(tr("Kind of the chosen rows"));
  add_kinds(*said_, tr("guess it"));
  into_->setObjectName("box_into");
  into_->setAccessibleName(tr("Where the sticks go"));
  name_->setObjectName("box_name");
  name_->setAccessibleName(tr("Name of the collection"));
  take_->setObjectName("box_take");
  leave_out_->setObjectName("box_leave_out");
  leave_out_->setToolTip(tr("The chosen rows; once more takes them again"));
  connect(said_, &QComboBox::activated, this, &BoxPage::say_kind);
  connect(leave_out_, &QPushButton::clicked, this, &BoxPage::leave_out);
  connect(into_, &QComboBox::currentIndexChanged, this, [this](int row) { name_->setVisible(row == 0); });
  connect(take_, &QPushButton::clicked, this, &BoxPage::take);
  // Names of collections are long; what does not fit is elided.
  for (QComboBox* box : {into_, paper_, whose_}) {
    constexpr int kLetters = 14;
    box->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    box->setMinimumContentsLength(kLetters);
  }
  auto* row = new QHBoxLayout;
  row->addWidget(new QLabel(tr("Chosen rows are")));
  row->addWidget(said_);
  row->addWidget(leave_out_);
  row->addStretch();
  auto* end = new QHBoxLayout;
  end->addStretch();
  end->addWidget(into_);
  end->addWidget(name_);
  end->addWidget(take_);
  auto* both = new QVBoxLayout;
  both->addLayout(row);
  both->addLayout(end);
  return both;
}

swatches::Kind BoxPage::kind() const { return kind_in(*kind_); }

void BoxPage::refresh_into() {
  const QSignalBlocker quiet(into_);
  const QString before = into_->currentData().toString();
  into_->clear();
  into_->addItem(tr("As a new collection"), QString());
  for (const media::Collection& c : session_.materials().collections)
    into_->addItem(tr("Into %1").arg(words::collection_name(c)), QString::fromStdString(c.id));
  into_->setCurrentIndex(std::max(0, into_->findData(before)));
  const QSignalBlocker quiet_too(whose_);
  const QString whose = whose_->currentData().toString();
  whose_->clear();
  whose_->addItem(tr("new ones"), QString());
  for (const media::Collection& c : session_.materials().collections) {
    if (c.sticks.size() <= static_cast<std::size_t>(cells_->maximum()))
      whose_->addItem(words::collection_name(c), QString::fromStdString(c.id));
  }
  whose_->setCurrentIndex(std::max(0, whose_->findData(whose)));
  refresh_whose();
}

const media::Collection* BoxPage::known() const {
  const QString id = whose_->currentData().toString();
  return id.isEmpty() ? nullptr : session_.materials().collection(id);
}

void BoxPage::refresh_whose() {
  const media::Collection* c = known();
  if (c != nullptr) cells_->setValue(static_cast<int>(c->sticks.size()));
  cells_->setEnabled(c == nullptr);
  into_->setVisible(c == nullptr);
  name_->setVisible(c == nullptr && into_->currentIndex() == 0);
  take_->setText(c == nullptr ? tr("Take these sticks") : tr("Take their colours"));
  refresh();
}

void BoxPage::show_found() {
  model_.set_found(reader_.found());
  refresh();
}

void BoxPage::refresh() {
  const auto found = reader_.found();
  for (QWidget* w : std::initializer_list<QWidget*>{open_, simulate_}) w->setEnabled(!reader_.busy());
  // A sheet of other sticks would give every stick a stranger's colour.
  const media::Collection* mine = known();
  const bool other = found && mine != nullptr && found->kinds.size() != mine->sticks.size();
  take_->setEnabled(found && !other && !reader_.busy());
  for (QWidget* w : std::initializer_list<QWidget*>{said_, leave_out_}) w->setEnabled(found && !reader_.busy());
  if (reader_.busy()) return status_->setText(tr("Reading it …"));
  if (!found) return status_->setText({});
  if (other)
    return status_->setText(
        tr("It is a sheet of other sticks: %1 cells for %2 sticks.").arg(found->kinds.size()).arg(mine->sticks.size()));
  const int doubtful = model_.doubtful();
  const qsizetype empty = static_cast<qsizetype>(found->box.empty.size());
  status_->setText(
      tr("%n stick(s), %1 to look at, %2 cells empty. Light put right by %3 to %4.", nullptr, model_.rowCount())
          .arg(doubtful)
          .arg(empty)
          .arg(words::reference(found->sheet->light.by))
          .arg(words::number(found->sheet->light.residual_de00, 1)));
}

void BoxPage::print() {
  auto* dialog =
      new QFileDialog(this, tr("Sheet for a box of sticks"), "sheet.pdf", tr("Sheet to print (*.pdf *.svg)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setAcceptMode(QFileDialog::AcceptSave);
  dialog->setDefaultSuffix("pdf");
  const QSize mm = size_->currentData().toSize();
  const printed::Sheet sheet{mm.width(), mm.height(), cells_->value(), printed::Purpose::sticks};
  connect(dialog, &QFileDialog::fileSelected, this,
          [this, sheet](const QString& file) { reader_.write_sheet(file, sheet, known()); });
  dialog->open();
}

void BoxPage::photograph() {
  auto* dialog = new QFileDialog(this, tr("Photograph of the sheet"), {},
                                 tr("Photographs (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.heic)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setFileMode(QFileDialog::ExistingFile);
  connect(dialog, &QFileDialog::fileSelected, this,
          [this](const QString& file) { reader_.open(file, paper(), kind()); });
  dialog->open();
}

void BoxPage::leave_out() {
  for (const QModelIndex& i : table_->selectionModel()->selectedRows()) model_.toggle_left_out(i.row());
}

void BoxPage::say_kind() {
  std::vector<int> cells;
  for (const QModelIndex& i : table_->selectionModel()->selectedRows()) cells.push_back(model_.cell_at(i.row()));
  if (!cells.empty()) reader_.say_kind(cells, kind_in(*said_));
}

void BoxPage::take() {
  if (const media::Collection* c = known()) {
    const media::Collection coloured = model_.recoloured(*c);
    session_.edit_collection(coloured, tr("Colours of sticks by photograph"));
    emit taken(QString::fromStdString(coloured.id));
    return;
  }
  media::Collection c;
  const QString into = into_->currentData().toString();
  if (const media::Collection* there = session_.materials().collection(into)) {
    c = *there;
  } else {
    c.name = name_->text().trimmed().isEmpty() ? tr("My box").toStdString() : name_->text().trimmed().toStdString();
    c.id = session_.materials().own_id(c.name);
  }
  std::vector<media::Stick> sticks = model_.sticks();
  formats::number_ids(sticks, c.id + "-" + std::to_string(c.sticks.size() + 1));
  c.sticks.insert(c.sticks.end(), sticks.begin(), sticks.end());
  session_.edit_collection(c, tr("Sticks of a photographed box"));
  emit taken(QString::fromStdString(c.id));
}

}  // namespace yd::app
