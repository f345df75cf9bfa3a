// SPDX-License-Identifier: MIT
#include "panels/photo_section.h"

#include <QHBoxLayout>
#include <QSignalBlocker>
#include <QVBoxLayout>

#include "models/fault_model.h"
#include "panels/panel_parts.h"

namespace yd::app {

PhotoSection::PhotoSection(Session& session, Checker& checker, QWidget* parent)
    : QWidget(parent),
      session_(session),
      checker_(checker),
      corners_(new CornerView),
      open_(new QPushButton(tr("Photograph…"))),
      simulate_(new QPushButton(tr("Simulate one"))),
      find_(new QPushButton(tr("Find corners"))),
      done_(new QSpinBox),
      strip_(new QCheckBox(tr("Tray laid on the margin"))),
      status_(paragraph()) {
  open_->setObjectName("photo_open");
  open_->setToolTip(
      tr("A photograph of the whole sheet, with bare paper all round the picture; where there is none, with printed "
         "corner marks (Print and export)"));
  simulate_->setObjectName("photo_simulate");
  simulate_->setToolTip(
      tr("Paints what is done with an unsteady, forgetful hand and photographs it: to try the check"));
  find_->setObjectName("photo_find");
  done_->setObjectName("photo_done");
  done_->setAccessibleName(tr("Passes that are done"));
  strip_->setObjectName("photo_strip");
  strip_->setToolTip(tr(
      "Every stick of the tray side by side on the lower margin, dark to light, pressed firmly and rubbed in, twice: "
      "colours are judged by them"));
  status_->setObjectName("photo_status");
  auto* buttons = new QHBoxLayout;
  buttons->addWidget(open_);
  buttons->addWidget(simulate_);
  auto* row = new QHBoxLayout;
  row->addWidget(new QLabel(tr("Passes done")));
  row->addWidget(done_);
  row->addWidget(find_, 1);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->addLayout(buttons);
  column->addLayout(row);
  column->addWidget(strip_);
  column->addWidget(status_);
  column->addWidget(corners_, 1);
  connect(open_, &QPushButton::clicked, this, &PhotoSection::file_asked);
  connect(simulate_, &QPushButton::clicked, this, [this] { checker_.simulate(++seed_); });
  connect(find_, &QPushButton::clicked, this, [this] { checker_.set_corners({}); });
  connect(strip_, &QCheckBox::toggled, &checker_, &Checker::set_strip);
  connect(done_, &QSpinBox::valueChanged, this, [this](int passes) { checker_.set_done(passes); });
  connect(corners_, &CornerView::moved, this, [this](const QPolygonF& moved) {
    check::Quad quad;
    for (int i = 0; i < 4; ++i) quad[static_cast<std::size_t>(i)] = {moved[i].x(), moved[i].y()};
    checker_.set_corners(quad);
  });
  for (auto changed : {&Session::plan_changed, &Session::marks_changed})
    connect(&session_, changed, this, &PhotoSection::refresh);
  connect(&checker_, &Checker::changed, this, &PhotoSection::refresh);
  connect(&checker_, &Checker::busy_changed, this, &PhotoSection::refresh);
  refresh();
}

QString PhotoSection::status() const {
  if (!session_.planned()) return tr("Open a picture first: a photograph of the work is held against its plan.");
  if (checker_.busy()) return tr("Looking at it …");
  if (!checker_.has_photo())
    return checker_.count_done() == 0
               ? tr("Say how many passes are done, here or at the easel, and photograph the whole sheet with its "
                    "margin.")
               : tr("Photograph the whole sheet with its margin, in even light, and drop the file here.");
  const CheckedPtr checked = checker_.checked();
  if (!checked) return checker_.count_done() == 0 ? tr("Say how many passes are done.") : QString();
  return trouble_words(*checked);
}

void PhotoSection::refresh() {
  const QSignalBlocker quiet_done(done_);
  const QSignalBlocker quiet_strip(strip_);
  const PlannedPtr planned = session_.planned();
  done_->setRange(0, planned ? static_cast<int>(planned->plan.passes.size()) : 0);
  done_->setValue(checker_.count_done());
  strip_->setChecked(checker_.strip());
  const bool free = planned && !checker_.busy();
  for (QWidget* w : std::initializer_list<QWidget*>{open_, done_, strip_}) w->setEnabled(planned != nullptr);
  open_->setEnabled(free);
  simulate_->setEnabled(free && checker_.count_done() > 0);
  find_->setEnabled(free && checker_.corners_given());
  corners_->setVisible(checker_.has_photo());
  corners_->set_photograph(checker_.photograph());
  QPolygonF corners;
  if (const auto quad = checker_.corners()) {
    for (const check::Point& p : *quad) corners << QPointF(p.x, p.y);
  }
  corners_->set_corners(corners);
  const QString text = status();
  status_->setText(text);
  status_->setVisible(!text.isEmpty());
}

}  // namespace yd::app
