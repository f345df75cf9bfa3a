#include "panels/measure_section.h"

#include <QHBoxLayout>
#include <cmath>

#include "models/overlays.h"
#include "models/sheets.h"

namespace yd::app {

MeasureSection::MeasureSection(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      grid_(new QComboBox),
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
  auto* compare = new QPushButton(tr("Compare two lengths"));
  compare->setObjectName("tool_compare");
  auto* row = new QHBoxLayout;
  row->addWidget(line);
  row->addWidget(compare);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  column->addWidget(grid_);
  column->addLayout(row);
  for (QWidget* w : std::initializer_list<QWidget*>{measured_, extents_, patch_, patch_words_}) column->addWidget(w);
  connect(line, &QPushButton::clicked, this, [this] { emit tool_asked(Tool::measure); });
  connect(compare, &QPushButton::clicked, this, [this] { emit tool_asked(Tool::compare); });
  connect(grid_, &QComboBox::activated, this, &MeasureSection::grid_changed);
}

void MeasureSection::show_line(const subject::Line& line) {
  measured_->setText(
      tr("%1. Across %2, down %3.")
          .arg(line_words(line), length_words(std::abs(line.across_cm)), length_words(std::abs(line.down_cm))));
}

void MeasureSection::show_comparison(const subject::Line& first, const subject::Line& second) {
  const bool longer = second.length_cm >= first.length_cm;
  measured_->setText(
      tr("%1 and %2: the %3 goes %4 times into the %5.")
          .arg(length_words(first.length_cm), length_words(second.length_cm), longer ? tr("first") : tr("second"))
          .arg(subject::goes_into(first.length_cm, second.length_cm), 0, 'f', 1)
          .arg(longer ? tr("second") : tr("first")));
}

void MeasureSection::show_extents(int mass) {
  const SubjectPtr s = session_.subject();
  if (!s || mass < 0) return extents_->setText({});
  const auto e = subject::extents(s->labels, mass);
  const auto sheet = session_.choices().composition.sheet(static_cast<double>(s->image.width) / s->image.height);
  extents_->setText(tr("Mass %1: %2 wide, %3 high; its left edge %4 from the left, its top %5 from the top.")
                        .arg(mass + 1)
                        .arg(length_words((e.right - e.left) * sheet.width_cm),
                             length_words((e.bottom - e.top) * sheet.height_cm), length_words(e.left * sheet.width_cm),
                             length_words(e.top * sheet.height_cm)));
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
