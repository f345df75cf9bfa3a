// SPDX-License-Identifier: MIT
#include "panels/check_panel.h"

#include <QHBoxLayout>
#include <QItemSelectionModel>
#include <QShortcut>
#include <QVBoxLayout>

#include "models/chips.h"

namespace yd::app {
namespace {

QString shown_of(int shown, std::size_t all) {
  return static_cast<std::size_t>(shown) < all ? CheckPanel::tr("%1 of %2").arg(shown).arg(all)
                                               : QString::number(shown);
}

}  // namespace

CheckPanel::CheckPanel(Session& session, Checker& checker, QWidget* parent)
    : Bench("check_bench", parent),
      session_(session),
      checker_(checker),
      list_(lines("faults", tr("What is off on the work"), faults_, kChip)),
      about_(paragraph()),
      eye_(paragraph()),
      differences_(new QCheckBox(tr("Show where value is off"))),
      mend_list_(lines("mendings", tr("What mends it"), mendings_, kChip)),
      take_(new QPushButton(tr("Plan the rest from this (M)"))),
      masses_(new Facts("check_masses", tr("Every mass: how far its value is off"))),
      photo_(new Facts("check_facts", tr("How the photograph was read"))) {
  auto* photo = new PhotoSection(session, checker);
  connect(photo, &PhotoSection::file_asked, this, &CheckPanel::file_asked);
  photo_card_ = add(new Card(tr("Photograph"), "card_photo", photo, 320));
  faults_card_ = add(new Card(tr("What is off"), "card_faults", faults_box(), 340, false));
  add(new Card(tr("What mends it"), "card_mend", mend_box(), 320, false));
  add(new Card(tr("Every mass, in steps"), "card_check_masses", masses_, 300), true);
  add(new Card(tr("How it was read"), "card_reading", photo_, 280), true);
  add(new Card(tr("Strip on the margin"), "card_margin", margin_box(), 300, false), true);
  connect(list_->selectionModel(), &QItemSelectionModel::currentChanged, this, &CheckPanel::choose);
  for (auto by_hand : {&QListView::clicked, &QListView::activated}) connect(list_, by_hand, this, &CheckPanel::choose);
  connect(differences_, &QCheckBox::toggled, this, &CheckPanel::differences_toggled);
  connect(take_, &QPushButton::clicked, &checker_, &Checker::take);
  connect(new QShortcut(QKeySequence(Qt::Key_M), this), &QShortcut::activated, &checker_, &Checker::take);
  connect(&checker_, &Checker::changed, this, &CheckPanel::refresh);
  connect(&session_, &Session::plan_changed, this, &CheckPanel::refresh);
  refresh();
}

QWidget* CheckPanel::faults_box() {
  about_->setObjectName("fault_about");
  differences_->setObjectName("check_differences");
  differences_->setToolTip(tr("On the Board: middle grey is right, lighter is too light, darker is too dark"));
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(list_, 1);
  column->addWidget(about_);
  eye_->setObjectName("check_eye");
  eye_->hide();
  column->addWidget(eye_);
  column->addWidget(differences_);
  return box;
}

void CheckPanel::show_eye(const QString& sentence) {
  eye_->setText(sentence);
  eye_->setVisible(!sentence.isEmpty());
}

QWidget* CheckPanel::mend_box() {
  take_->setObjectName("check_take");
  take_->setToolTip(
      tr("What lies on the paper is taken as the photograph shows it; the passes to come are planned anew"));
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(mend_list_, 1);
  column->addWidget(take_);
  return box;
}

QWidget* CheckPanel::margin_box() {
  auto* box = new QWidget;
  auto* column = new QVBoxLayout(box);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(paragraph(
      tr("Below the picture, side by side from left to right: each pressed firmly and rubbed in, twice. Then tick that "
         "it is laid, and colours are judged by it.")));
  column->addWidget(lines("margin_strip", tr("Sticks of the strip, left to right"), margin_, kChip), 1);
  return box;
}

const check::Fault* CheckPanel::fault() const { return faults_.fault(list_->currentIndex().row()); }

const check::Fault* CheckPanel::lit() const { return chosen_ ? fault() : nullptr; }

void CheckPanel::refresh() {
  margin_.set_plan(session_.planned());
  const CheckedPtr checked = checker_.checked();
  const bool usable = checked && checked->report.usable();
  faults_.set_checked(usable ? checked : nullptr);
  faults_card_->set_fact(usable ? shown_of(faults_.rowCount(), checked->report.faults.size()) : QString());
  photo_card_->set_fact(checked ? (usable ? tr("will do") : tr("will not do")) : QString());
  masses_->set_facts(usable ? mass_facts(*checked) : QList<Fact>{});
  photo_->set_facts(checked ? photo_facts(*checked) : QList<Fact>{});
  take_->setEnabled(usable);
  differences_->setEnabled(usable);
  lit_ = false;
  if (faults_.rowCount() > 0) list_->setCurrentIndex(faults_.index(0));
  choose();
  lit_ = true;
}

QString CheckPanel::found_words() const {
  const CheckedPtr checked = checker_.checked();
  if (!checked) return tr("A photograph of the work is held against the Board, mass by mass.");
  if (!checked->report.usable()) return tr("Nothing is said of a photograph that will not do.");
  const auto more = checked->report.faults.size();
  return more == 0 ? tr("All is as it should be by now, as far as a hand can do it.") : QString();
}

void CheckPanel::choose() {
  const check::Fault* f = fault();
  mendings_.set_fault(checker_.checked(), f);
  about_->setText(f != nullptr ? faults_.data(list_->currentIndex(), Qt::UserRole).toString() : found_words());
  chosen_ = lit_ && list_->hasFocus();
  emit fault_chosen();
}

}  // namespace yd::app
