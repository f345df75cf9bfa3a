// SPDX-License-Identifier: MIT
#include "panels/measure_section.h"

#include <QHBoxLayout>
#include <algorithm>
#include <cmath>

#include "models/overlays.h"
#include "models/sheets.h"
#include "words/lengths.h"
#include "words/number.h"

namespace yd::app {

MeasureSection::MeasureSection(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      grid_(new QComboBox),
      centre_(new QCheckBox(tr("Centre line"))),
      forget_(new QPushButton(tr("Forget places"))),
      measured_(paragraph(tr("Draw a line on the subject, or mark two places with Space."))),
      extents_(paragraph()),
      patch_(new QLabel),
      patch_words_(paragraph(tr("Test patch: click a colour of the subject."))) {
  grid_->setObjectName("grid");
  grid_->setAccessibleName(tr("Grid"));
  grid_->addItem(tr("No grid"), 0);
  for (const int n : {3, 4, 6, 8, 12}) grid_->addItem(tr("Grid of %1 by %1").arg(n), n);
  measured_->setObjectName("measured");
  extents_->setObjectName("extents");
  patch_->setObjectName("patch");
  patch_->setAccessibleName(tr("The colour on middle grey and in its place"));
  patch_words_->setObjectName("patch_words");
  auto* line = new QPushButton(tr("Length and angle"));
  line->setObjectName("tool_measure");
  auto* compare = new QPushButton(tr("Compare two"));
  compare->setObjectName("tool_compare");
  compare->setToolTip(tr("Two lengths, one against the other"));
  auto* place = new QPushButton(tr("Mark places"));
  place->setObjectName("tool_place");
  place->setToolTip(tr("What lies under each other or on one level is said, here and at the easel"));
  forget_->setObjectName("forget_places");
  centre_->setObjectName("centre_line");
  auto* row = new QHBoxLayout;
  row->addWidget(line);
  row->addWidget(compare);
  auto* places = new QHBoxLayout;
  places->addWidget(place);
  places->addWidget(forget_);
  constexpr int kLetters = 8;
  grid_->setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
  grid_->setMinimumContentsLength(kLetters);
  auto* lines = new QHBoxLayout;
  lines->addWidget(grid_, 1);
  lines->addWidget(centre_);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  column->addLayout(lines);
  column->addLayout(row);
  column->addLayout(places);
  for (QWidget* w : std::initializer_list<QWidget*>{measured_, extents_, patch_, patch_words_}) column->addWidget(w);
  connect(line, &QPushButton::clicked, this, [this] { emit tool_asked(Tool::measure); });
  connect(compare, &QPushButton::clicked, this, [this] { emit tool_asked(Tool::compare); });
  connect(place, &QPushButton::clicked, this, [this] { emit tool_asked(Tool::place); });
  connect(grid_, &QComboBox::activated, this, [this] {
    auto c = session_.choices().composition;
    c.grid = grid_->currentData().toInt();
    change(c, tr("Grid"));
  });
  connect(centre_, &QCheckBox::clicked, this, [this](bool on) {
    auto c = session_.choices().composition;
    c.centre_line = on;
    change(c, tr("Centre line"));
  });
  connect(forget_, &QPushButton::clicked, this, [this] {
    auto c = session_.choices().composition;
    c.places.clear();
    change(c, tr("Places forgotten"));
  });
  connect(&session_, &Session::choices_changed, this, &MeasureSection::refresh);
  refresh();
}

void MeasureSection::change(const subject::Composition& composition, const QString& text) {
  Choices next = session_.choices();
  next.composition = composition;
  session_.change(next, text);
}

void MeasureSection::refresh() {
  const auto& c = session_.choices().composition;
  grid_->setCurrentIndex(std::max(0, grid_->findData(c.grid)));
  centre_->setChecked(c.centre_line);
  forget_->setEnabled(!c.places.empty());
}

void MeasureSection::show_line(const subject::Line& line) {
  measured_->setText(
      tr("%1. Across %2, down %3.")
          .arg(line_words(line), length_words(std::abs(line.across_cm)), length_words(std::abs(line.down_cm))));
}

void MeasureSection::show_comparison(const subject::Line& first, const subject::Line& second) {
  measured_->setText(tr("%1 and %2: the second is %3 the first (%4).")
                         .arg(length_words(first.length_cm), length_words(second.length_cm),
                              proportion_words(second.length_cm, first.length_cm))
                         .arg(words::number(second.length_cm / std::max(1e-9, first.length_cm), 2)));
}

void MeasureSection::show_extents(int mass) {
  const SubjectPtr s = session_.subject();
  if (!s || mass < 0) return extents_->setText({});
  const auto e = subject::extents(s->labels, mass);
  const auto sheet = session_.choices().composition.sheet(static_cast<double>(s->image.width) / s->image.height);
  const auto order = subject::tallest_first(s->labels, static_cast<int>(s->masses.size()));
  const auto place = std::find(order.begin(), order.end(), mass) - order.begin();
  const double wide = (e.right - e.left) * sheet.width_cm;
  const double high = (e.bottom - e.top) * sheet.height_cm;
  extents_->setText(tr("Mass %1, number %2 by height: %3, its width %4 its height; %5 from the left, %6 from the top.")
                        .arg(mass + 1)
                        .arg(place + 1)
                        .arg(words::size(wide, high), proportion_words(wide, high),
                             words::length(e.left * sheet.width_cm), words::length(e.top * sheet.height_cm)));
}

void MeasureSection::show_patch(QPoint pixel) {
  const SubjectPtr s = session_.subject();
  if (!s) return;
  const TestPatch patch = test_patch(*s, pixel.x(), pixel.y());
  if (patch.image.isNull()) return;
  patch_->setPixmap(QPixmap::fromImage(patch.image));
  patch_words_->setText(patch.words);
}

}  // namespace yd::app
