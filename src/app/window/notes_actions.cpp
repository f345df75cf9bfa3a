// SPDX-License-Identifier: MIT
#include "window/notes_actions.h"

#include <QHBoxLayout>

#include "looks/greys.h"
#include "words/checked.h"

namespace yd::app {

NotesActions::NotesActions(Session& session, Keeper& keeper, Checker& checker, Stages& stages, FileActions& files,
                           NoticeBar& notice, QStackedWidget& centre)
    : QObject(&centre),
      session_(session),
      keeper_(keeper),
      checker_(checker),
      stages_(stages),
      notice_(notice),
      centre_(centre),
      journal_(new JournalPage(session, keeper)),
      practice_(new PracticePage(session, keeper)) {
  journal_->setObjectName("journal");
  practice_->setObjectName("practice");
  centre_.addWidget(journal_);
  centre_.addWidget(practice_);
  connect(journal_, &JournalPage::closed, this, &NotesActions::back);
  connect(practice_, &PracticePage::closed, this, &NotesActions::back);
  connect(journal_, &JournalPage::open_asked, &files, &FileActions::open_path);
  connect(journal_, &JournalPage::palette_asked, this, [this](const QString& file) {
    back();
    stages_.go(Stage::subject);
    stages_.subject_panel()->colours()->borrow(file);
  });
  connect(&keeper_, &Keeper::failed, &notice_, &NoticeBar::show_sentence);
  connect(&keeper_, &Keeper::changed, this, &NotesActions::tell_bias);
  connect(&files, &FileActions::saved, &keeper_, &Keeper::saved);
  connect(stages_.colour_panel(), &ColourPanel::keep_asked, this, &NotesActions::keep);
  connect(stages_.colour_panel(), &ColourPanel::kept_asked, this, &NotesActions::use_last);
  if (!keeper_.trouble().isEmpty()) notice_.show_sentence(keeper_.trouble());
  tell_bias();
}

void NotesActions::fill_menu(QMenu& menu) {
  menu.addAction(tr("Journal"), QKeySequence(Qt::Key_J), this, &NotesActions::show_journal);
  menu.addAction(tr("Practice"), QKeySequence(Qt::SHIFT | Qt::Key_P), this, &NotesActions::show_practice);
  menu.addSeparator();
  menu.addAction(tr("Keep the recipe of this colour"), QKeySequence(Qt::Key_K), this, &NotesActions::keep);
  menu.addAction(tr("Use the recipe kept last"), QKeySequence(Qt::SHIFT | Qt::Key_K), this, &NotesActions::use_last);
  menu.addAction(tr("Keep the photograph of the work"), this, &NotesActions::keep_photo);
}

QWidget* NotesActions::make_buttons() {
  auto* box = new QWidget;
  auto* row = new QHBoxLayout(box);
  row->setContentsMargins(0, 0, kSpace, 0);
  row->setSpacing(2);
  const auto add = [&](const QString& text, const char* name, const QString& key, auto does) {
    auto* b = new QPushButton(text);
    b->setObjectName(name);
    b->setProperty("narrow", true);
    b->setToolTip(tr("%1 (%2)").arg(text, key));
    connect(b, &QPushButton::clicked, this, does);
    row->addWidget(b);
  };
  add(tr("Journal"), "to_journal", "J", &NotesActions::show_journal);
  add(tr("Practice"), "to_practice", "Shift+P", &NotesActions::show_practice);
  return box;
}

void NotesActions::show_journal() {
  emit page_asked();
  journal_->set_target(stages_.colour_panel()->target());
  centre_.setCurrentWidget(journal_);
  journal_->begin();
}

void NotesActions::show_practice() {
  emit page_asked();
  centre_.setCurrentWidget(practice_);
  practice_->setFocus();
}

std::optional<HelpTopic> NotesActions::topic() const {
  if (centre_.currentWidget() == journal_) return HelpTopic::journal;
  if (centre_.currentWidget() == practice_) return HelpTopic::practice;
  return {};
}

void NotesActions::back() { centre_.setCurrentIndex(session_.has_reference() ? 1 : 0); }

void NotesActions::keep() {
  const int target = stages_.colour_panel()->target();
  if (target < 0) return notice_.show_sentence(tr("Point at a colour first: the recipe that is kept is its own."));
  if (keeper_.keep_recipe(target) == 0) return;
  notice_.show_sentence(tr("Kept: %1 Shift+K gives it to another colour you point at, here or in another picture.")
                            .arg(keeper_.last()->words));
}

void NotesActions::use_last() {
  if (!keeper_.last())
    return notice_.show_sentence(tr("No recipe was kept or chosen yet: K keeps one, J shows them all."));
  keeper_.use_recipe(*keeper_.last(), stages_.colour_panel()->target());
}

void NotesActions::keep_photo() {
  const CheckedPtr checked = checker_.checked();
  if (!checked || checked->straight.isNull())
    return notice_.show_sentence(tr("There is no photograph yet: open one at the stage Check."));
  QStringList found;
  for (const check::Fault& f : checked->report.faults) found << words::fault(f, session_.subject()->masses);
  keeper_.keep_photo(checked->straight, found.join("; "));
  notice_.show_sentence(tr("The photograph is in the journal."));
}

/// What the drills say of the eye stands where the eye is asked.
void NotesActions::tell_bias() {
  const journal::Journal* j = keeper_.journal();
  if (j == nullptr) return;
  if (const auto drills = j->drills()) stages_.check_panel()->show_eye(known_bias(drills.value()));
}

}  // namespace yd::app
