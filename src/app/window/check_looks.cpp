// SPDX-License-Identifier: MIT
#include "window/check_looks.h"

#include <QFileDialog>

#include "looks/images.h"
#include "words/checked.h"
#include "words/sentence.h"

namespace yd::app {

CheckLooks::CheckLooks(Checker& checker, CheckPanel& panel, Pair& pair, QWidget* window)
    : QObject(window), checker_(checker), panel_(panel), pair_(pair), window_(window) {
  connect(&checker_, &Checker::changed, this, &CheckLooks::changed);
  connect(&panel_, &CheckPanel::fault_chosen, this, &CheckLooks::changed);
  connect(&panel_, &CheckPanel::differences_toggled, this, &CheckLooks::changed);
  connect(&panel_, &CheckPanel::file_asked, this, &CheckLooks::ask_file);
}

void CheckLooks::set_open(bool open) {
  if (open == open_) return;
  open_ = open;
  emit changed();
}

bool CheckLooks::showing() const {
  const CheckedPtr checked = checker_.checked();
  return open_ && checked && checked->report.usable();
}

void CheckLooks::show_left() {
  pair_.set_subject_image(checker_.checked()->straight);
  pair_.set_subject_title(tr("Photograph"), tr("by %1").arg(words::reference(checker_.checked()->report.light.by)));
}

void CheckLooks::show_right() {
  const CheckedPtr checked = checker_.checked();
  const bool differences = panel_.differences();
  pair_.board().set_image(differences ? checked->differences : checked->board);
  if (differences) {
    pair_.set_board_title(tr("Value"), tr("lighter is too light, darker too dark"));
  } else {
    pair_.set_board_title(tr("Board as it should be by now"), {});
  }
}

void CheckLooks::show_lit() {
  QImage mask;
  if (const check::Fault* f = panel_.lit(); f != nullptr && !panel_.differences()) {
    const Planned& planned = *checker_.checked()->planned;
    mask = shades_mask(planned.map, planned.plan, f->mass, f->targets);
  }
  pair_.subject().set_mask(mask);
  pair_.board().set_mask(mask);
}

void CheckLooks::ask_file() {
  auto* dialog = new QFileDialog(window_, tr("Photograph of the work"));
  dialog->setObjectName("photo_dialog");
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setFileMode(QFileDialog::ExistingFile);
  dialog->setNameFilter(tr("Pictures (*.jpg *.jpeg *.png *.heic *.heif *.webp *.tif *.tiff)"));
  connect(dialog, &QFileDialog::fileSelected, &checker_, &Checker::open);
  dialog->open();
}

}  // namespace yd::app
