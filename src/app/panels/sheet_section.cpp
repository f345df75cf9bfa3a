// SPDX-License-Identifier: MIT
#include "panels/sheet_section.h"

#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

#include "words/lengths.h"
#include "words/narrow.h"

namespace yd::app {
namespace {

constexpr int kLeast_cm = 10, kMost_cm = 150;

}  // namespace

SheetSection::SheetSection(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      places_(session),
      side_(new LabelledSlider(tr("Longer side, cm"), "sheet_side", kLeast_cm, kMost_cm)),
      size_(paragraph()),
      words_(paragraph()),
      shown_(new QCheckBox(tr("Frame it in the picture"))),
      enough_(new QPushButton(tr("As large as that takes"))) {
  size_->setObjectName("sheet_size");
  words_->setObjectName("narrow_words");
  shown_->setObjectName("narrow_shown");
  enough_->setObjectName("sheet_enough");
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  for (QWidget* w : std::initializer_list<QWidget*>{side_, size_, words_, shown_, enough_}) column->addWidget(w);
  column->addStretch();
  connect(side_, &LabelledSlider::moved, this, [this](int cm) { take(cm); });
  connect(enough_, &QPushButton::clicked, this, [this] { take(std::ceil(places_.found().from_cm)); });
  connect(shown_, &QCheckBox::toggled, this, &SheetSection::frames_changed);
  connect(&places_, &NarrowPlaces::changed, this, &SheetSection::refresh);
  connect(&session_, &Session::choices_changed, this, &SheetSection::refresh_size);
  connect(&session_, &Session::subject_changed, this, &SheetSection::refresh_size);
  refresh();
  refresh_size();
}

void SheetSection::add_to(Overlay& overlay) const {
  if (shown_->isChecked()) add_narrow(places_.found(), overlay);
}

void SheetSection::take(double longer_cm) {
  Choices next = session_.choices();
  subject::Composition& c = next.composition;
  const double by = std::clamp<double>(longer_cm, kLeast_cm, kMost_cm) / std::max(c.width_cm, c.height_cm);
  c.width_cm *= by;
  c.height_cm *= by;
  session_.change(next, tr("Size of the sheet"), Merge::sheet);
}

void SheetSection::refresh() {
  const plan::TooNarrow& found = places_.found();
  words_->setText(found.finest_mm > 0 ? words::too_narrow(found) : QString());
  words_->setVisible(!words_->text().isEmpty());
  shown_->setEnabled(found.count > 0);
  enough_->setEnabled(found.count > 0 && found.from_cm <= kMost_cm);
  emit frames_changed();
}

void SheetSection::refresh_size() {
  const subject::Composition& c = session_.choices().composition;
  side_->show_value(static_cast<int>(std::lround(std::max(c.width_cm, c.height_cm))));
  const SubjectPtr s = session_.subject();
  if (!s || s->image.height <= 0) return size_->clear();
  const subject::Sheet sheet = c.sheet(static_cast<double>(s->image.width) / s->image.height);
  size_->setText(tr("The picture: %1").arg(words::size(sheet.width_cm, sheet.height_cm)));
}

}  // namespace yd::app
