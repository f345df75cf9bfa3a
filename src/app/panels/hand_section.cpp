#include "panels/hand_section.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QVBoxLayout>

#include "models/stage_facts.h"
#include "panels/panel_parts.h"

namespace yd::app {

HandSection::HandSection(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      calibrator_(session),
      about_(paragraph()),
      save_(new QPushButton(tr("Table to fill in…"))),
      open_(new QPushButton(tr("Readings…"))),
      facts_(new Facts("hand_facts", tr("What the offcuts say of hand and sticks"))),
      take_(new QPushButton(tr("Plan with it"))),
      forget_(new QPushButton(tr("Forget the hand"))) {
  save_->setObjectName("offcut_table");
  save_->setToolTip(tr("%1 strokes of the tray: which stick, how firmly, laid or rubbed").arg(Calibrator::kStrokes));
  open_->setObjectName("offcut_readings");
  open_->setToolTip(tr("The same table with L*, a* and b* of every stroke, from a colorimeter"));
  take_->setObjectName("hand_take");
  forget_->setObjectName("hand_forget");
  about_->setObjectName("hand_about");
  auto* files = new QHBoxLayout;
  files->addWidget(save_);
  files->addWidget(open_);
  auto* does = new QHBoxLayout;
  does->addWidget(take_);
  does->addWidget(forget_);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(about_);
  column->addLayout(files);
  column->addWidget(facts_);
  column->addLayout(does);
  column->addStretch();
  connect(save_, &QPushButton::clicked, this, &HandSection::save);
  connect(open_, &QPushButton::clicked, this, &HandSection::open);
  connect(take_, &QPushButton::clicked, &calibrator_, &Calibrator::take);
  connect(forget_, &QPushButton::clicked, &calibrator_, &Calibrator::forget_hand);
  connect(&calibrator_, &Calibrator::changed, this, &HandSection::refresh);
  connect(&calibrator_, &Calibrator::busy_changed, this, &HandSection::refresh);
  connect(&calibrator_, &Calibrator::failed, &session_, &Session::failed);
  connect(&session_, &Session::choices_changed, this, &HandSection::refresh);
  refresh();
}

void HandSection::save() {
  auto* dialog = new QFileDialog(this, tr("Table of offcut strokes"), "offcuts.csv", tr("Tables (*.csv)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setAcceptMode(QFileDialog::AcceptSave);
  dialog->setDefaultSuffix("csv");
  connect(dialog, &QFileDialog::fileSelected, &calibrator_, &Calibrator::write_table);
  dialog->open();
}

void HandSection::open() {
  auto* dialog = new QFileDialog(this, tr("Readings of offcut strokes"), {}, tr("Tables (*.csv)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setFileMode(QFileDialog::ExistingFile);
  connect(dialog, &QFileDialog::fileSelected, &calibrator_, &Calibrator::read_table);
  dialog->open();
}

void HandSection::refresh() {
  const bool planned = session_.planned() != nullptr;
  const auto found = calibrator_.found();
  save_->setEnabled(planned);
  open_->setEnabled(planned && !calibrator_.busy());
  take_->setEnabled(found != nullptr);
  forget_->setEnabled(session_.choices().plan.presses != optics::HandPressure{});
  facts_->set_facts(found ? hand_facts(found->calibration) : QList<Fact>{});
  if (calibrator_.busy()) return about_->setText(tr("Fitting hand and sticks …"));
  about_->setText(
      planned ? tr("Lay the strokes of the table on an offcut of this paper, measure them, and the plan reckons "
                   "with your own hand and sticks.")
              : tr("Open a picture: its tray is what is tried on an offcut."));
}

}  // namespace yd::app
