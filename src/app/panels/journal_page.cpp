// SPDX-License-Identifier: MIT
#include "panels/journal_page.h"
#include "pictures/screen.h"

#include <QDate>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QRegularExpression>
#include <QScrollArea>

#include "looks/greys.h"
#include "colour/words.h"
#include "session/sentences.h"
#include "words/names.h"

namespace yd::app {
namespace {

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
      list_(row_list("journal_list", tr("Works or recipes"))),
      details_(new QStackedWidget),
      empty_(paragraph()),
      work_(new WorkDetails(session, keeper)),
      recipe_title_(heading({})),
      swatch_(picture_label("journal_swatch", tr("How it looks on its paper"))),
      recipe_words_(paragraph()),
      recipe_where_(paragraph()),
      use_(new QPushButton(tr("Use for the colour pointed at"))),
      stock_(new StockSection(session, keeper)),
      times_(new TimesSection(session, keeper)) {
  pages_->addWidget(make_lists());
  pages_->addWidget(stock_);
  pages_->addWidget(times_);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(2 * kSpace, kSpace, 2 * kSpace, kSpace);
  column->addLayout(make_head());
  column->addWidget(pages_, 1);
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
  find_->setPlaceholderText(tr("Find: words, a stick, a paper, 2026 or 2026-11"));
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
    work_->open();
  });
  empty_->setObjectName("journal_empty");
  empty_->setAlignment(Qt::AlignCenter);
  details_->addWidget(empty_);
  details_->addWidget(scrolled(work_));
  connect(work_, &WorkDetails::open_asked, this, &JournalPage::open_asked);
  connect(work_, &WorkDetails::palette_asked, this, &JournalPage::palette_asked);
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

QWidget* JournalPage::make_recipe() {
  recipe_words_->setObjectName("journal_recipe");
  recipe_where_->setObjectName("journal_recipe_where");
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
  // A year, month or day among the words is a date.
  static const QRegularExpression date("\\b(\\d{4})(?:-(\\d{2}))?(?:-(\\d{2}))?\\b");
  out.words = find_->text();
  if (const auto found = date.match(out.words); found.hasMatch()) {
    out.words.remove(date);
    const int month = found.captured(2).toInt();
    const int day = found.captured(3).toInt();
    const QDate from(found.captured(1).toInt(), std::max(1, month), std::max(1, day));
    const QDate to = day > 0 ? from.addDays(1) : month > 0 ? from.addMonths(1) : from.addYears(1);
    out.from_s = from.startOfDay().toSecsSinceEpoch();
    out.to_s = to.startOfDay().toSecsSinceEpoch() - 1;
  }
  const PlannedPtr planned = session_.planned();
  if (like_->isChecked() && planned && target_ >= 0 && target_ < static_cast<int>(planned->plan.targets.size()))
    out.like = planned->plan.targets[static_cast<std::size_t>(target_)].target;
  return out;
}

void JournalPage::showEvent(QShowEvent* event) {
  QWidget::showEvent(event);
  refresh();
}

/// Its keys go before the window's.
bool JournalPage::event(QEvent* event) {
  if (event->type() == QEvent::ShortcutOverride && static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape)
    event->accept();
  return QWidget::event(event);
}

void JournalPage::keyPressEvent(QKeyEvent* event) {
  if (event->key() == Qt::Key_Escape) return emit closed();
  QWidget::keyPressEvent(event);
}

void JournalPage::refresh() {
  if (!isVisible()) return;
  if (tabs_->checkedId() == sticks) return stock_->refresh();
  if (tabs_->checkedId() == times) return times_->refresh();
  refresh_list();
}

QString JournalPage::chosen() const { return chosen_key(*list_); }

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
  fill_rows(*list_, rows);
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
  if (const Status shown = work_->show_work(key); !shown) {
    empty_->setText(sentence(shown.error()));
    return details_->setCurrentIndex(0);
  }
  details_->setCurrentIndex(1);
}

void JournalPage::show_recipe(qint64 id) {
  const auto found =
      std::find_if(shown_recipes_.begin(), shown_recipes_.end(), [id](const journal::Recipe& r) { return r.id == id; });
  if (found == shown_recipes_.end()) return details_->setCurrentIndex(0);
  recipe_title_->setText(found->title);
  show_picture(*swatch_, pictures::kept_picture(found->swatch), 2 * kThumb.width());
  recipe_words_->setText(found->words);
  const auto work = keeper_.journal()->head(found->work);
  recipe_where_->setText(work ? tr("%1, of %2, on %3.").arg(words::colour_name(found->lab), work->title, found->paper)
                              : tr("%1, on %2.").arg(words::colour_name(found->lab), found->paper));
  QStringList used;
  for (const journal::RecipeUse& u : found->used) used << tr("%1 in %2", "a place in a picture").arg(u.place, u.title);
  if (!used.isEmpty())
    recipe_where_->setText(recipe_where_->text() + "\n" + tr("Used again for %1.").arg(used.join("; ")));
  use_->setEnabled(target_ >= 0);
  use_->setToolTip(target_ >= 0 ? QString() : tr("Point at a colour of the picture first and click it."));
  details_->setCurrentIndex(2);
}

void JournalPage::forget() { keeper_.forget({}, chosen().toLongLong()); }

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
