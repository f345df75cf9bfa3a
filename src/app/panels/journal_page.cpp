#include "panels/journal_page.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QScrollArea>
#include <QSignalBlocker>

#include "colour/words.h"
#include "journal/take_out.h"
#include "looks/images.h"
#include "models/journal_view.h"
#include "session/sentences.h"

namespace yd::app {
namespace {

constexpr QSize kThumb(96, 64);
constexpr int kPictureWide = 408;

QListWidget* list_of(const char* name, const QString& title) {
  auto* list = new QListWidget;
  list->setObjectName(name);
  list->setAccessibleName(title);
  list->setIconSize(kThumb);
  list->setUniformItemSizes(false);
  list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
  list->setTextElideMode(Qt::ElideRight);
  list->setWordWrap(true);
  list->setSpacing(2);
  list->setProperty("sheet", true);
  return list;
}

void fill(QListWidget& list, const QList<JournalRow>& rows) {
  const QSignalBlocker quiet(&list);
  list.clear();
  for (const JournalRow& r : rows) {
    auto* item = new QListWidgetItem(r.title + "\n" + r.line, &list);
    if (!r.picture.isNull())
      item->setIcon(QPixmap::fromImage(r.picture.scaled(kThumb, Qt::KeepAspectRatio, Qt::SmoothTransformation)));
    item->setData(Qt::UserRole, r.key);
  }
}

QLabel* picture_label(const char* name, const QString& title) {
  auto* label = new QLabel;
  label->setObjectName(name);
  label->setAccessibleName(title);
  label->setAlignment(Qt::AlignTop | Qt::AlignLeft);
  return label;
}

void show_picture(QLabel& label, const QImage& image, int wide) {
  label.setPixmap(image.isNull()
                      ? QPixmap()
                      : QPixmap::fromImage(image.scaled(wide, wide, Qt::KeepAspectRatio, Qt::SmoothTransformation)));
}

/// As high as its text.
QLabel* snug(QLabel* label) {
  label->setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Maximum);
  return label;
}

QWidget* scrolled(QWidget* content) {
  auto* area = new QScrollArea;
  area->setWidgetResizable(true);
  area->setFrameShape(QFrame::NoFrame);
  area->setWidget(content);
  return area;
}

}  // namespace

JournalPage::JournalPage(Session& session, Keeper& keeper, QWidget* parent)
    : QWidget(parent),
      session_(session),
      keeper_(keeper),
      tabs_(new QButtonGroup(this)),
      find_(new QLineEdit),
      like_(new QPushButton(tr("Like the colour pointed at"))),
      pages_(new QStackedWidget),
      list_(list_of("journal_list", tr("Works or recipes"))),
      details_(new QStackedWidget),
      empty_(paragraph()),
      title_(heading({})),
      subject_(picture_label("journal_subject", tr("Subject"))),
      board_(picture_label("journal_board", tr("Board as planned"))),
      facts_(new Facts("journal_facts", tr("The work"))),
      sittings_(snug(paragraph())),
      notes_(snug(paragraph())),
      note_(new QLineEdit),
      kept_(list_of("journal_kept", tr("Recipes and photographs of this work"))),
      open_(new QPushButton(tr("Open"))),
      wear_(new QPushButton(tr("Wear off its sticks"))),
      recipe_title_(heading({})),
      swatch_(picture_label("journal_swatch", tr("How it looks on its paper"))),
      recipe_words_(paragraph()),
      recipe_where_(paragraph()),
      use_(new QPushButton(tr("Use for the colour pointed at"))),
      stock_(list_of("journal_stock", tr("Sticks"))),
      shopping_(paragraph()),
      pace_(new Facts("journal_pace", tr("Your times"))),
      pace_words_(paragraph()),
      take_pace_(new QPushButton(tr("Plan with my times"))) {
  pages_->addWidget(make_lists());
  pages_->addWidget(make_stock());
  pages_->addWidget(make_times());
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(2 * kSpace, kSpace, 2 * kSpace, kSpace);
  column->addLayout(make_head());
  column->addWidget(pages_, 1);
  setFocusProxy(find_);
  connect(&keeper_, &Keeper::changed, this, &JournalPage::refresh);
  go(works);
}

QLayout* JournalPage::make_head() {
  const QString names[tabs] = {tr("Works"), tr("Recipes"), tr("Sticks"), tr("Times")};
  auto* row = new QHBoxLayout;
  row->addWidget(heading(tr("Journal")));
  row->addSpacing(2 * kSpace);
  for (int i = 0; i < tabs; ++i) {
    auto* b = new QPushButton(names[i]);
    b->setObjectName("journal_tab_" + QString::number(i));
    b->setCheckable(true);
    b->setProperty("narrow", true);
    tabs_->addButton(b, i);
    row->addWidget(b);
  }
  tabs_->button(works)->setChecked(true);
  connect(tabs_, &QButtonGroup::idClicked, this, &JournalPage::go);
  find_->setObjectName("journal_find");
  find_->setAccessibleName(tr("Find in the journal"));
  find_->setPlaceholderText(tr("Find: words, a stick, a paper"));
  find_->setClearButtonEnabled(true);
  connect(find_, &QLineEdit::textChanged, this, &JournalPage::refresh_list);
  like_->setObjectName("journal_like");
  like_->setCheckable(true);
  like_->setToolTip(tr("Recipes and sticks of about this colour"));
  connect(like_, &QPushButton::toggled, this, &JournalPage::refresh_list);
  auto* back = new QPushButton(tr("Leave it (Esc)"));
  back->setObjectName("journal_back");
  connect(back, &QPushButton::clicked, this, &JournalPage::closed);
  row->addSpacing(2 * kSpace);
  row->addWidget(find_, 1);
  row->addWidget(like_);
  row->addSpacing(2 * kSpace);
  row->addWidget(back);
  return row;
}

QWidget* JournalPage::make_lists() {
  connect(list_, &QListWidget::currentRowChanged, this, &JournalPage::show_entry);
  connect(list_, &QListWidget::itemActivated, this, [this] {
    if (tabs_->checkedId() == recipes) return use_recipe();
    open_->click();
  });
  empty_->setObjectName("journal_empty");
  empty_->setAlignment(Qt::AlignCenter);
  details_->addWidget(empty_);
  details_->addWidget(make_work());
  details_->addWidget(make_recipe());
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(2 * kSpace);
  constexpr int kListWide = 400;
  list_->setFixedWidth(kListWide);
  row->addWidget(list_);
  row->addWidget(details_, 1);
  return box;
}

QWidget* JournalPage::make_work() {
  sittings_->setObjectName("journal_sittings");
  notes_->setObjectName("journal_notes");
  note_->setObjectName("journal_note");
  note_->setAccessibleName(tr("A note on this work"));
  note_->setPlaceholderText(tr("Add a note"));
  connect(note_, &QLineEdit::returnPressed, this, &JournalPage::add_note);
  auto* pictures = new QHBoxLayout;
  pictures->addWidget(subject_);
  pictures->addWidget(board_);
  pictures->addStretch();
  auto* said = new QVBoxLayout;
  said->addWidget(snug(heading(tr("Sittings"))));
  said->addWidget(sittings_);
  said->addWidget(snug(heading(tr("Notes"))));
  said->addWidget(notes_);
  said->addWidget(note_);
  said->addStretch();
  auto* lower = new QHBoxLayout;
  lower->setSpacing(3 * kSpace);
  auto* left = new QVBoxLayout;
  left->addWidget(facts_);
  left->addWidget(kept_, 1);
  lower->addLayout(left, 1);
  lower->addLayout(said, 1);
  open_->setObjectName("journal_open");
  wear_->setObjectName("journal_wear");
  wear_->setToolTip(tr("Takes off each stick what this work used, by the loads its plan lays"));
  auto* out = new QPushButton(tr("Take out…"));
  out->setObjectName("journal_take_out");
  out->setToolTip(tr("A folder as a zip: the text with its pictures, passes, recipes, the plan"));
  auto* gone = new QPushButton(tr("Forget it"));
  gone->setObjectName("journal_forget");
  gone->setToolTip(tr("Out of the journal; recipes and the project's own file stay"));
  connect(open_, &QPushButton::clicked, this, [this] { emit open_asked(open_->property("file").toString()); });
  connect(wear_, &QPushButton::clicked, this, [this] {
    if (const auto work = keeper_.journal()->work(chosen())) keeper_.wear_off(work.value());
  });
  connect(out, &QPushButton::clicked, this, &JournalPage::take_out);
  connect(gone, &QPushButton::clicked, this, &JournalPage::forget);
  auto* buttons = new QHBoxLayout;
  for (QPushButton* b : {open_, out, wear_, gone}) buttons->addWidget(b);
  buttons->addStretch();
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(snug(title_));
  column->addLayout(pictures);
  column->addLayout(lower, 1);
  column->addLayout(buttons);
  return scrolled(box);
}

QWidget* JournalPage::make_recipe() {
  recipe_words_->setObjectName("journal_recipe");
  use_->setObjectName("journal_use");
  auto* gone = new QPushButton(tr("Forget it"));
  gone->setObjectName("journal_forget_recipe");
  connect(use_, &QPushButton::clicked, this, &JournalPage::use_recipe);
  connect(gone, &QPushButton::clicked, this, &JournalPage::forget);
  auto* buttons = new QHBoxLayout;
  buttons->addWidget(use_);
  buttons->addWidget(gone);
  buttons->addStretch();
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  for (QWidget* w : std::initializer_list<QWidget*>{recipe_title_, swatch_, recipe_words_, recipe_where_})
    column->addWidget(w);
  column->addLayout(buttons);
  column->addStretch();
  return box;
}

QWidget* JournalPage::make_stock() {
  shopping_->setObjectName("journal_shopping");
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, 0, 0);
  row->setSpacing(3 * kSpace);
  auto* left = new QVBoxLayout;
  left->addWidget(heading(tr("What unfinished works take of each stick")));
  left->addWidget(stock_, 1);
  auto* right = new QVBoxLayout;
  right->addWidget(heading(tr("To get")));
  right->addWidget(shopping_);
  right->addStretch();
  row->addLayout(left, 1);
  row->addLayout(right, 1);
  return box;
}

QWidget* JournalPage::make_times() {
  take_pace_->setObjectName("journal_take_pace");
  pace_words_->setObjectName("journal_pace_words");
  connect(take_pace_, &QPushButton::clicked, this, [this] {
    const bool own = session_.choices().plan.pace != plan::Pace{};
    keeper_.take_pace(own ? plan::Pace{} : keeper_.pace().pace);
    refresh_times();
  });
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(heading(tr("Minutes at the easel against the plan's")));
  column->addWidget(pace_);
  column->addWidget(pace_words_);
  column->addWidget(take_pace_, 0, Qt::AlignLeft);
  column->addStretch();
  box->setMaximumWidth(560);
  return box;
}

void JournalPage::go(int tab) {
  pages_->setCurrentIndex(tab <= recipes ? 0 : tab - 1);
  tabs_->button(tab)->setChecked(true);
  find_->setEnabled(tab <= recipes);
  refresh();
}

void JournalPage::set_target(int target) {
  target_ = target;
  like_->setEnabled(target >= 0);
  if (target < 0) like_->setChecked(false);
}

journal::Query JournalPage::query() const {
  journal::Query out;
  out.words = find_->text();
  const PlannedPtr planned = session_.planned();
  if (like_->isChecked() && planned && target_ >= 0 && target_ < static_cast<int>(planned->plan.targets.size()))
    out.like = planned->plan.targets[static_cast<std::size_t>(target_)].target;
  return out;
}

void JournalPage::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  refresh();
}

void JournalPage::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) return emit closed();
  QWidget::keyPressEvent(event);
}

void JournalPage::refresh() {
  if (!isVisible()) return;
  refresh_list();
  refresh_stock();
  refresh_times();
}

QString JournalPage::chosen() const {
  const QListWidgetItem* item = list_->currentItem();
  return item == nullptr ? QString() : item->data(Qt::UserRole).toString();
}

void JournalPage::refresh_list() {
  const journal::Journal* j = keeper_.journal();
  if (j == nullptr) {
    empty_->setText(keeper_.trouble());
    list_->clear();
    return details_->setCurrentIndex(0);
  }
  const QString before = chosen();
  QList<JournalRow> rows;
  if (tabs_->checkedId() == recipes) {
    auto found = j->recipes(query());
    shown_recipes_ = found ? std::move(found).value() : std::vector<journal::Recipe>{};
    rows = recipe_rows(shown_recipes_);
  } else if (auto found = work_rows(*j, query())) {
    rows = std::move(found).value();
  }
  fill(*list_, rows);
  int row = rows.isEmpty() ? -1 : 0;
  for (int i = 0; i < rows.size(); ++i) {
    if (rows[i].key == before) row = i;
  }
  list_->setCurrentRow(row);
  show_entry();
}

void JournalPage::show_entry() {
  const QString key = chosen();
  if (key.isEmpty()) {
    const bool sought = !find_->text().isEmpty() || like_->isChecked();
    empty_->setText(
        sought ? tr("Nothing of the kind is in the journal.")
        : tabs_->checkedId() == recipes
            ? tr("No recipe is kept yet. Point at a colour and press K: its recipe is kept as told to a friend.")
            : tr("No work is kept yet. A work enters when it is saved or its first pass is done."));
    return details_->setCurrentIndex(0);
  }
  if (tabs_->checkedId() == recipes) return show_recipe(key.toLongLong());
  show_work(key);
}

void JournalPage::show_work(const QString& id) {
  const auto read = view_work(*keeper_.journal(), id);
  if (!read) {
    empty_->setText(sentence(read.error()));
    return details_->setCurrentIndex(0);
  }
  const WorkView& w = read.value();
  title_->setText(w.title);
  show_picture(*subject_, w.subject, kPictureWide);
  show_picture(*board_, w.board, kPictureWide);
  facts_->set_facts(w.facts);
  sittings_->setText(w.sittings.isEmpty() ? tr("None yet.") : w.sittings.join("\n"));
  notes_->setText(w.notes.join("\n"));
  notes_->setVisible(!w.notes.isEmpty());
  fill(*kept_, w.recipes + w.photos);
  kept_->setVisible(kept_->count() > 0);
  const bool there = !w.file.isEmpty() && QFileInfo::exists(w.file);
  open_->setEnabled(there);
  open_->setProperty("file", w.file);
  open_->setToolTip(there ? w.file : tr("It was not saved, or its file is elsewhere now."));
  details_->setCurrentIndex(1);
}

void JournalPage::show_recipe(qint64 id) {
  const auto found =
      std::find_if(shown_recipes_.begin(), shown_recipes_.end(), [id](const journal::Recipe& r) { return r.id == id; });
  if (found == shown_recipes_.end()) return details_->setCurrentIndex(0);
  recipe_title_->setText(found->title);
  show_picture(*swatch_, QImage::fromData(found->swatch), 2 * kThumb.width());
  recipe_words_->setText(found->words);
  const auto work = keeper_.journal()->work(found->work);
  recipe_where_->setText(
      work
          ? tr("%1, of %2, on %3.").arg(QString::fromStdString(colour::describe(found->lab)), work->title, found->paper)
          : tr("%1, on %2.").arg(QString::fromStdString(colour::describe(found->lab)), found->paper));
  use_->setEnabled(target_ >= 0);
  use_->setToolTip(target_ >= 0 ? QString() : tr("Point at a colour of the picture first and click it."));
  details_->setCurrentIndex(2);
}

void JournalPage::refresh_stock() {
  const journal::Journal* j = keeper_.journal();
  stock_->clear();
  stock_->setIconSize({40, 24});
  if (j == nullptr) return shopping_->setText(keeper_.trouble());
  const auto uses = j->planned_uses();
  const auto next = j->next_sticks();
  if (!uses || !next) return shopping_->setText(sentence(!uses ? uses.error() : next.error()));
  const QList<StockRow> rows = stock_rows(uses.value(), session_.materials());
  for (const StockRow& r : rows) {
    const QString left = r.left_mm < 0 ? tr("not in a collection here") : tr("%1 mm left").arg(r.left_mm, 0, 'f', 0);
    auto* item = new QListWidgetItem(tr("%1\n%2 mm needed, %3%4")
                                         .arg(r.name)
                                         .arg(r.needed_mm, 0, 'f', 1)
                                         .arg(left, r.runs_out ? tr(" · runs out") : QString()),
                                     stock_);
    item->setData(Qt::DecorationRole, r.colour);
  }
  const QStringList list = shopping_list(rows, next.value());
  shopping_->setText(list.isEmpty() ? tr("Nothing: no unfinished work needs what is not there.") : list.join("\n"));
}

void JournalPage::refresh_times() {
  const calibrate::PaceFit fit = keeper_.pace();
  pace_->set_facts(pace_facts(fit));
  const bool enough = fit.passes >= calibrate::kFewestTimes;
  const bool own = session_.choices().plan.pace != plan::Pace{};
  pace_words_->setText(
      enough ? own ? tr("The plan counts with your times.")
                   : tr("Half of all passes took you this much longer or shorter than we said. Each was "
                        "foretold from the others.")
             : tr("After %1 timed passes your own times can replace our guess.").arg(calibrate::kFewestTimes));
  take_pace_->setText(own ? tr("Plan with the usual times") : tr("Plan with my times"));
  take_pace_->setEnabled(own || enough);
}

void JournalPage::add_note() {
  const QString text = note_->text().trimmed();
  if (text.isEmpty() || chosen().isEmpty()) return;
  note_->clear();
  static_cast<void>(keeper_.add_note(chosen(), text).ok());
}

void JournalPage::take_out() {
  auto* dialog = new QFileDialog(this, tr("Take the work out"), title_->text() + ".zip", tr("Folder as a zip (*.zip)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setAcceptMode(QFileDialog::AcceptSave);
  dialog->setDefaultSuffix("zip");
  connect(dialog, &QFileDialog::fileSelected, this, [this, id = chosen()](const QString& file) {
    const Status written = journal::write_folder(*keeper_.journal(), id, file);
    if (!written) emit keeper_.failed(sentence(written.error()));
  });
  dialog->open();
}

void JournalPage::forget() {
  const bool recipe = tabs_->checkedId() == recipes;
  keeper_.forget(recipe ? QString() : chosen(), recipe ? chosen().toLongLong() : 0);
}

void JournalPage::use_recipe() {
  const qint64 id = chosen().toLongLong();
  for (const journal::Recipe& r : shown_recipes_) {
    if (r.id != id) continue;
    keeper_.use_recipe(r, target_);
    if (target_ >= 0) emit closed();
    return;
  }
}

}  // namespace yd::app
