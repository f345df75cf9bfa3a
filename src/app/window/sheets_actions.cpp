// SPDX-License-Identifier: MIT
#include "window/sheets_actions.h"

#include <nlohmann/json.hpp>

#include "files/write.h"
#include "formats/collection_file.h"
#include "models/sheets.h"
#include "pictures/pictures.h"
#include "session/sentences.h"
#include "words/number.h"
#include "words/school.h"
#include "words/seen.h"

namespace yd::app {

SheetsActions::SheetsActions(Session& session, Advice& advice, Stages& stages, NoticeBar& notice,
                             QStackedWidget& centre)
    : QObject(&centre),
      session_(session),
      advice_(advice),
      notice_(notice),
      centre_(centre),
      sheet_(new SheetView),
      collection_(new CollectionPage(session)),
      import_(new ImportPage(session)),
      box_(new BoxPage(session)),
      schools_(new SchoolPage),
      costs_(session),
      keys_(new KeysPage),
      help_(new HelpPage),
      offcuts_(new OffcutPage) {
  centre_.addWidget(sheet_);
  centre_.addWidget(collection_);
  centre_.addWidget(import_);
  centre_.addWidget(box_);
  centre_.addWidget(schools_);
  centre_.addWidget(keys_);
  centre_.addWidget(help_);
  centre_.addWidget(offcuts_);
  connect(keys_, &KeysPage::closed, this, &SheetsActions::back);
  connect(help_, &HelpPage::closed, this, &SheetsActions::back);
  connect(help_, &HelpPage::closed, this, &SheetsActions::help_closed);
  connect(schools_, &SchoolPage::closed, this, &SheetsActions::back);
  connect(&costs_, &SchoolCosts::changed, this, &SheetsActions::tell_costs);
  connect(schools_, &SchoolPage::school_asked, this, [this](plan::School school) {
    Choices c = session_.choices();
    c.plan.school = school;
    session_.change(c, tr("School"));
    back();
  });
  connect(stages.layers_panel(), &LayersPanel::school_page_asked, this, &SheetsActions::show_schools);
  connect(stages.layers_panel(), &LayersPanel::says, &notice, &NoticeBar::show_sentence);
  connect(sheet_, &SheetView::closed, this, &SheetsActions::back);
  connect(collection_, &CollectionPage::closed, this, &SheetsActions::back);
  connect(collection_, &CollectionPage::not_at_hand, this, &SheetsActions::tell_not_at_hand);
  connect(import_, &ImportPage::closed, this, &SheetsActions::back);
  connect(box_, &BoxPage::closed, this, &SheetsActions::back);
  connect(&stages, &Stages::stage_changed, this, &SheetsActions::back);
  const auto take_paper = [this](const QString& paper) {
    Choices c = session_.choices();
    c.paper = paper.toStdString();
    session_.change(c, tr("Paper"));
    back();
  };
  connect(sheet_, &SheetView::cell_asked, this, take_paper);
  connect(&offcuts_->view(), &OffcutView::paper_asked, this, take_paper);
  connect(offcuts_, &OffcutPage::closed, this, &SheetsActions::back);
  connect(offcuts_, &OffcutPage::masked_changed, this, &SheetsActions::show_offcuts);
  connect(stages.ground_panel(), &GroundPanel::papers_sheet_asked, this, &SheetsActions::show_papers);
  connect(stages.ground_panel(), &GroundPanel::offcut_sheet_asked, this, &SheetsActions::show_offcuts);
  connect(stages.tray_panel(), &TrayPanel::edit_asked, this, [this](const QString& id) {
    collection_->show_collection(id);
    centre_.setCurrentWidget(collection_);
  });
  connect(stages.tray_panel(), &TrayPanel::import_asked, this, &SheetsActions::import_dialog);
  connect(stages.tray_panel(), &TrayPanel::export_asked, this, &SheetsActions::export_dialog);
  connect(import_, &ImportPage::taken, this, &SheetsActions::take_collection);
  connect(box_, &BoxPage::taken, this, &SheetsActions::take_collection);
  connect(stages.tray_panel(), &TrayPanel::box_asked, this, &SheetsActions::show_box);
  connect(&advice_, &Advice::changed, this, [this](Need need) {
    if (need != Need::grounds || shown_ == Shown::nothing || !advice_.grounds()) return;
    if (shown_ == Shown::papers) show_papers();
    if (shown_ == Shown::offcuts) show_offcuts();
  });
}

void SheetsActions::back() {
  costs_.stop();
  shown_ = Shown::nothing;
  centre_.setCurrentIndex(session_.has_reference() ? 1 : 0);
}

void SheetsActions::take_collection(const QString& id) {
  Choices c = session_.choices();
  c.collection = id.toStdString();
  session_.change(c, tr("Collection"));
  collection_->show_collection(id);
  centre_.setCurrentWidget(collection_);
}

void SheetsActions::tell_not_at_hand(int row, const QString& name, bool owned) {
  if (owned)
    return notice_.show_sentence(tr("%1 is used up: say how much is left, then it can go into the tray.").arg(name));
  notice_.ask(tr("%1 is not marked as owned, so no tray can hold it.").arg(name), tr("I own it"),
              [this, row] { collection_->own_and_take(row); });
}

void SheetsActions::show_box() {
  centre_.setCurrentWidget(box_);
  box_->begin();
}

void SheetsActions::show_keys(const QList<KeyGroup>& groups) {
  keys_->set_groups(groups);
  centre_.setCurrentWidget(keys_);
}

bool SheetsActions::stop_reading() {
  if (centre_.currentWidget() == help_) return emit help_->closed(), true;
  if (centre_.currentWidget() == keys_) return emit keys_->closed(), true;
  return false;
}

void SheetsActions::show_help(HelpTopic topic) {
  help_->show_topic(topic);
  centre_.setCurrentWidget(help_);
}

void SheetsActions::show_cells(const QString& title, const QList<SheetCell>& cells, int across) {
  sheet_->set_cells(title, cells, across);
  centre_.setCurrentWidget(sheet_);
}

void SheetsActions::show_papers() {
  const PlannedPtr planned = session_.planned();
  const auto grounds = advice_.grounds();
  if (!planned || !grounds)
    return notice_.show_sentence(tr("The papers are still being judged; try again in a moment."));
  shown_ = Shown::papers;
  QList<SheetCell> cells;
  const int width = std::clamp((centre_.width() - 110) / 4, 120, 420);
  for (const SheetPicture& p :
       subject_on_papers(*planned->subject, session_.materials().papers, grounds->ranked, width))
    cells.append({p.image, p.caption, p.key});
  show_cells(tr("The subject on every paper, its background cut away; click one to work on it"), cells, 4);
}

void SheetsActions::show_offcuts() {
  const PlannedPtr planned = session_.planned();
  const auto grounds = advice_.grounds();
  if (!planned || !grounds)
    return notice_.show_sentence(tr("The papers are still being judged; try again in a moment."));
  shown_ = Shown::offcuts;
  offcuts_->view().set_drawing(offcut_drawing(*grounds, *planned, session_.materials().papers, offcuts_->masked()));
  centre_.setCurrentWidget(offcuts_);
  offcuts_->view().setFocus();
}

void SheetsActions::show_schools() {
  const PlannedPtr planned = session_.planned();
  if (!planned) return notice_.show_sentence(tr("Open a picture first: the schools are shown on its paper."));
  const plan::SchoolAdvice advice = plan::advise_school(planned->subject->masses, planned->collection->sticks);
  schools_->set_schools(school_views(*planned),
                        tr("Advised here: %1. %2")
                            .arg(words::school(advice.school).title, words::advised(advice, planned->subject->masses)));
  costs_.ask();
  tell_costs();
  centre_.setCurrentWidget(schools_);
}

/// Each by a plan of its own, as they come; nothing of one that cannot be planned.
void SheetsActions::tell_costs() {
  for (const plan::School school : plan::kSchools) {
    const auto cost = costs_.of(school);
    schools_->set_cost(school, cost ? tr("%n pass(es), %1 min, %2", nullptr, cost->passes)
                                          .arg(words::number(cost->minutes, 0), words::seen_with_number(cost->seen))
                               : costs_.busy() ? tr("What it would take is being worked out …")
                                               : QString());
  }
}

void SheetsActions::import_dialog() {
  auto* dialog =
      new QFileDialog(centre_.window(), tr("Sticks from a file"), {},
                      tr("Palettes and measurements (*.gpl *.csv *.txt *.cgats *.it8 *.json);;All files (*)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setFileMode(QFileDialog::ExistingFile);
  connect(dialog, &QFileDialog::fileSelected, this, &SheetsActions::import_file);
  dialog->open();
}

void SheetsActions::import_file(const QString& file) {
  session_.read_files().note(file);
  const auto bytes = pictures::read_bytes(file);
  if (!bytes) return notice_.show_sentence(sentence(bytes.error()));
  const Status shown = import_->show_file(bytes.value(), file);
  if (!shown) return notice_.show_sentence(sentence(shown.error()));
  notice_.hide();
  centre_.setCurrentWidget(import_);
}

void SheetsActions::export_dialog(const QString& collection) {
  auto* dialog =
      new QFileDialog(centre_.window(), tr("Save the sticks"), {},
                      tr("Our collection (*.json);;CSV table (*.csv);;CGATS spectra (*.txt);;GIMP palette (*.gpl)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setAcceptMode(QFileDialog::AcceptSave);
  dialog->setDefaultSuffix("json");
  connect(dialog, &QFileDialog::fileSelected, this, [this, collection](const QString& file) {
    const Status saved = export_to(file, collection);
    if (!saved) notice_.show_sentence(sentence(saved.error()));
  });
  dialog->open();
}

Status SheetsActions::export_to(const QString& file, const QString& collection) {
  const media::Collection* c = session_.materials().collection(collection);
  if (c == nullptr) return bad_value("collection", "is not there");
  if (Status may = session_.read_files().may_write(file); !may) return may;
  QByteArray bytes;
  if (file.endsWith(".csv", Qt::CaseInsensitive)) {
    bytes = formats::write_csv(*c);
  } else if (file.endsWith(".gpl", Qt::CaseInsensitive)) {
    bytes = formats::write_gimp_palette(*c);
  } else if (file.endsWith(".txt", Qt::CaseInsensitive)) {
    bytes = formats::write_cgats(*c);
  } else {
    bytes = QByteArray::fromStdString(media::to_json(*c).dump(1));
  }
  return files::write_bytes(file, bytes);
}

}  // namespace yd::app
