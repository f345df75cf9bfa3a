// SPDX-License-Identifier: MIT
#include "panels/hand_section.h"

#include <QFileDialog>
#include <QHBoxLayout>
#include <QVBoxLayout>

#include "models/stage_facts.h"
#include "panels/panel_parts.h"
#include "words/rests_on.h"

namespace yd::app {

HandSection::HandSection(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      calibrator_(session),
      about_(paragraph()),
      save_(new QPushButton(tr("Sheet or table…"))),
      open_(new QPushButton(tr("Readings…"))),
      facts_(new Facts("hand_facts", tr("What the offcuts say of hand and sticks"))),
      take_(new QPushButton(tr("Plan with it"))),
      artist_(new QLineEdit),
      keep_(new QPushButton(tr("Keep it…"))),
      forget_(new QPushButton(tr("Forget the hand"))) {
  save_->setObjectName("offcut_table");
  save_->setToolTip(
      tr("%n stroke(s) of the tray, a cell each: a sheet to print on this paper and photograph, or a table for a "
         "colorimeter",
         nullptr, Calibrator::kStrokes));
  open_->setObjectName("offcut_readings");
  open_->setToolTip(tr("A photograph of the sheet, or the table with L*, a* and b* of every stroke"));
  take_->setObjectName("hand_take");
  forget_->setObjectName("hand_forget");
  about_->setObjectName("hand_about");
  artist_->setObjectName("hand_artist");
  artist_->setPlaceholderText(tr("Whose hand"));
  artist_->setAccessibleName(tr("Whose hand"));
  keep_->setObjectName("hand_keep");
  keep_->setToolTip(tr("Hand and sticks as a file, for other pictures and other people"));
  auto* files = new QHBoxLayout;
  files->addWidget(save_);
  files->addWidget(open_);
  files->addWidget(artist_);
  auto* does = new QHBoxLayout;
  does->addWidget(take_);
  does->addWidget(keep_);
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
  connect(artist_, &QLineEdit::textChanged, &calibrator_, &Calibrator::set_artist);
  connect(keep_, &QPushButton::clicked, this, &HandSection::keep);
  connect(take_, &QPushButton::clicked, &calibrator_, &Calibrator::take);
  connect(forget_, &QPushButton::clicked, &calibrator_, &Calibrator::forget_hand);
  connect(&calibrator_, &Calibrator::changed, this, &HandSection::refresh);
  connect(&calibrator_, &Calibrator::busy_changed, this, &HandSection::refresh);
  connect(&calibrator_, &Calibrator::failed, &session_, &Session::failed);
  connect(&session_, &Session::choices_changed, this, &HandSection::refresh);
  refresh();
}

void HandSection::save() {
  auto* dialog = new QFileDialog(this, tr("Sheet of offcut strokes"), "offcuts.pdf",
                                 tr("Sheet to print (*.pdf *.svg);;Table (*.csv)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setAcceptMode(QFileDialog::AcceptSave);
  dialog->setDefaultSuffix("pdf");
  connect(dialog, &QFileDialog::fileSelected, &calibrator_, &Calibrator::write_table);
  dialog->open();
}

void HandSection::open() {
  auto* dialog = new QFileDialog(this, tr("Readings of offcut strokes"), {},
                                 tr("Photographs, tables and kept hands (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.heic "
                                    "*.csv *.txt *.cgats *.json)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setFileMode(QFileDialog::ExistingFile);
  connect(dialog, &QFileDialog::fileSelected, &calibrator_, &Calibrator::read_table);
  dialog->open();
}

void HandSection::keep() {
  auto* dialog = new QFileDialog(this, tr("Keep hand and sticks"), "hand.json", tr("Hand and sticks (*.json)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setAcceptMode(QFileDialog::AcceptSave);
  dialog->setDefaultSuffix("json");
  connect(dialog, &QFileDialog::fileSelected, &calibrator_, &Calibrator::keep);
  dialog->open();
}

void HandSection::refresh() {
  const bool planned = session_.planned() != nullptr;
  const auto found = calibrator_.found();
  save_->setEnabled(planned);
  open_->setEnabled(planned && !calibrator_.busy());
  for (QWidget* w : std::initializer_list<QWidget*>{take_, keep_}) w->setEnabled(found != nullptr);
  forget_->setEnabled(session_.choices().plan.presses != optics::HandPressure{});
  facts_->set_facts(found ? hand_facts(found->calibration) : QList<Fact>{});
  const bool doubtful = found && calibrate::contradictory(found->calibration);
  take_->setText(doubtful ? tr("Take it even so") : tr("Plan with it"));
  if (calibrator_.busy()) return about_->setText(tr("Fitting hand and sticks …"));
  if (doubtful)
    return about_->setText(tr(
        "The readings contradict each other or the sticks: no hand explains them. Measure again before planning with "
        "them."));
  const QString rests_on = words::rests_on(session_.choices().plan.rests_on);
  if (!rests_on.isEmpty()) return about_->setText(tr("The plan rests on %1.").arg(rests_on));
  about_->setText(
      planned ? tr("Lay the strokes of the sheet on this paper, photograph or measure them, and the plan reckons with "
                   "your own hand and sticks.")
              : tr("Open a picture: its tray is what is tried on an offcut."));
}

}  // namespace yd::app
