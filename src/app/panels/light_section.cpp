// SPDX-License-Identifier: MIT
#include "panels/light_section.h"

#include <QHBoxLayout>
#include <QSignalBlocker>
#include <algorithm>

#include "looks/images.h"
#include "subject/values.h"
#include "words/lengths.h"
#include "words/number.h"

namespace yd::app {
namespace {

QSlider* slider(const QString& object_name, const QString& title, int low, int high) {
  auto* s = new QSlider(Qt::Horizontal);
  s->setObjectName(object_name);
  s->setAccessibleName(title);
  s->setRange(low, high);
  return s;
}

}  // namespace

LightSection::LightSection(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      stops_(new LabelledSlider(tr("Exposure, tenths of a stop"), "stops", -30, 30)),
      grey_(new QPushButton(tr("Pick grey"))),
      white_(new QPushButton(tr("Pick white"))),
      plain_(new QPushButton(tr("As it was"))),
      format_(new QComboBox),
      portrait_(new QCheckBox(tr("Upright"))),
      crop_(new CropView),
      thirds_(new QCheckBox(tr("Thirds and light"))),
      horizon_on_(new QCheckBox(tr("Horizon"))),
      horizon_(slider("horizon", tr("Horizon"), 0, 100)),
      horizon_note_(paragraph()),
      light_on_(new QCheckBox(tr("Light from"))),
      light_(slider("light", tr("Where the light comes from, degrees"), 0, 359)),
      fit_(new QComboBox),
      curve_(new CurveView("fit_curve", tr("seen"), tr("laid"))),
      range_(paragraph()) {
  grey_->setObjectName("pick_grey");
  white_->setObjectName("pick_white");
  plain_->setObjectName("pick_none");
  thirds_->setObjectName("thirds");
  portrait_->setObjectName("portrait");
  fit_->setObjectName("fit");
  fit_->setAccessibleName(tr("Fit of the values"));
  fit_->addItem(tr("Values as seen"), int(plan::Fit::keep));
  fit_->addItem(tr("Draw the whole range together"), int(plan::Fit::compress));
  fit_->addItem(tr("Keep the lights, draw the darks together"), int(plan::Fit::anchor_lights));
  fit_->addItem(tr("Keep the darks, draw the lights together"), int(plan::Fit::anchor_darks));
  make_formats();
  auto* picks = new QHBoxLayout;
  for (QPushButton* b : {grey_, white_, plain_}) picks->addWidget(b);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->setSpacing(4);
  column->addWidget(stops_);
  column->addLayout(picks);
  auto* formats = new QHBoxLayout;
  formats->addWidget(format_, 1);
  formats->addWidget(portrait_);
  column->addLayout(formats);
  column->addWidget(crop_);
  column->addWidget(make_horizon());
  column->addWidget(fit_);
  column->addWidget(curve_);
  column->addWidget(range_);
  connect(stops_, &LabelledSlider::moved, this, [this](int v) {
    auto c = session_.choices().composition;
    c.adjust.stops = v / 10.0;
    change(c, tr("Exposure"), Merge::exposure);
  });
  connect(grey_, &QPushButton::clicked, this, [this] { emit tool_asked(Tool::pick_grey); });
  connect(white_, &QPushButton::clicked, this, [this] { emit tool_asked(Tool::pick_white); });
  connect(plain_, &QPushButton::clicked, this, [this] {
    auto c = session_.choices().composition;
    c.adjust = {};
    change(c, tr("Light as it was"));
  });
  connect(format_, &QComboBox::activated, this, &LightSection::choose_format);
  connect(portrait_, &QCheckBox::clicked, this, &LightSection::choose_format);
  connect(crop_, &CropView::moved, this, &LightSection::crop_around);
  connect(fit_, &QComboBox::activated, this, [this](int row) {
    Choices next = session_.choices();
    next.plan.fit = static_cast<plan::Fit>(fit_->itemData(row).toInt());
    session_.change(next, tr("Fit of the values"));
  });
  connect(&session_, &Session::choices_changed, this, &LightSection::refresh);
  connect(&session_, &Session::subject_changed, this, &LightSection::refresh_picture);
  connect(&session_, &Session::plan_changed, this, &LightSection::refresh_fit);
  refresh();
  refresh_fit();
}

void LightSection::make_formats() {
  format_->setObjectName("format");
  format_->setAccessibleName(tr("Format of the sheet"));
  format_->addItem(tr("Format: as the picture"));
  for (const subject::Format& f : words::in_inches() ? subject::inch_formats() : subject::common_formats())
    format_->addItem(QString::fromUtf8(f.name), QSizeF(f.long_cm, f.short_cm));
}

QWidget* LightSection::make_horizon() {
  auto* box = new QWidget;
  auto* grid = new QGridLayout(box);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->addWidget(thirds_, 0, 0, 1, 2);
  grid->addWidget(horizon_on_, 1, 0);
  grid->addWidget(horizon_, 1, 1);
  grid->addWidget(horizon_note_, 2, 0, 1, 2);
  grid->addWidget(light_on_, 3, 0);
  grid->addWidget(light_, 3, 1);
  horizon_note_->setObjectName("horizon_note");
  connect(thirds_, &QCheckBox::clicked, this, [this](bool on) {
    auto c = session_.choices().composition;
    c.thirds = on;
    change(c, tr("Thirds"));
  });
  const auto set_horizon = [this] {
    auto c = session_.choices().composition;
    c.horizon.reset();
    if (horizon_on_->isChecked()) c.horizon = horizon_->value() / 100.0;
    change(c, tr("Horizon"), Merge::horizon);
  };
  connect(horizon_on_, &QCheckBox::clicked, this, set_horizon);
  connect(horizon_, &QSlider::valueChanged, this, set_horizon);
  const auto set_light = [this] {
    auto c = session_.choices().composition;
    c.light_deg.reset();
    if (light_on_->isChecked()) c.light_deg = light_->value();
    change(c, tr("Direction of the light"), Merge::light);
  };
  connect(light_on_, &QCheckBox::clicked, this, set_light);
  connect(light_, &QSlider::valueChanged, this, set_light);
  return box;
}

void LightSection::change(const subject::Composition& composition, const QString& text, Merge merge) {
  Choices next = session_.choices();
  next.composition = composition;
  session_.change(next, text, merge);
}

void LightSection::choose_format() { crop_around({0.5, 0.5}); }

void LightSection::crop_around(QPointF centre) {
  auto c = session_.choices().composition;
  const QSizeF size = format_->currentData().toSizeF();
  const ImagePtr image = session_.image();
  if (size.isEmpty() || !image) {
    c.crop = {};
  } else {
    c.width_cm = portrait_->isChecked() ? size.height() : size.width();
    c.height_cm = portrait_->isChecked() ? size.width() : size.height();
    const double aspect = static_cast<double>(image->whole.width()) / image->whole.height();
    c.crop = subject::crop_to(aspect, c.width_cm / c.height_cm, centre.x(), centre.y());
  }
  change(c, tr("Crop"), Merge::crop);
}

void LightSection::refresh() {
  const auto& c = session_.choices().composition;
  const QSignalBlocker quiet_horizon(horizon_);
  const QSignalBlocker quiet_light(light_);
  stops_->show_value(qRound(10 * c.adjust.stops));
  plain_->setEnabled(c.adjust != subject::Adjust{});
  thirds_->setChecked(c.thirds);
  horizon_on_->setChecked(c.horizon.has_value());
  horizon_->setEnabled(c.horizon.has_value());
  horizon_->setValue(qRound(100 * c.horizon.value_or(0.4)));
  horizon_note_->setText(c.horizon && subject::horizon_in_middle(*c.horizon)
                             ? tr("The horizon lies in the middle: a third up or down divides the picture better.")
                             : QString());
  horizon_note_->setVisible(!horizon_note_->text().isEmpty());
  light_on_->setChecked(c.light_deg.has_value());
  light_->setEnabled(c.light_deg.has_value());
  if (c.light_deg) light_->setValue(qRound(*c.light_deg + 360) % 360);
  crop_->set_crop({c.crop.x, c.crop.y, c.crop.width, c.crop.height});
  if (c.crop.whole()) {
    format_->setCurrentIndex(0);
  } else {
    const double longer = std::max(c.width_cm, c.height_cm);
    const double shorter = std::min(c.width_cm, c.height_cm);
    for (int i = 1; i < format_->count(); ++i) {
      if (format_->itemData(i).toSizeF() == QSizeF(longer, shorter)) format_->setCurrentIndex(i);
    }
    portrait_->setChecked(c.width_cm < c.height_cm);
  }
  fit_->setCurrentIndex(fit_->findData(int(session_.choices().plan.fit)));
}

void LightSection::refresh_picture() {
  const ImagePtr image = session_.image();
  crop_->set_picture(image ? image->whole : QImage());
  refresh();
}

void LightSection::refresh_fit() {
  const PlannedPtr planned = session_.planned();
  curve_->set_placeholder(tr("The curve of values follows the plan."));
  if (!planned) {
    range_->setText({});
    return curve_->set_points({}, -1);
  }
  const plan::Plan& p = planned->plan;
  QList<QPointF> laid;
  QList<QPointF> seen;
  for (int l = 0; l <= 100; l += 5) {
    laid.append({double(l), plan::fit_lightness(l, session_.choices().plan.fit, p.seen, p.reach)});
    seen.append({double(l), double(l)});
  }
  curve_->set_points(laid, -1, seen);
  range_->setText(tr("Subject: value %1 to %2. These sticks on this paper: %3 to %4.")
                      .arg(words::number(colour::value_step(p.seen.dark), 1))
                      .arg(words::number(colour::value_step(p.seen.light), 1))
                      .arg(words::number(colour::value_step(p.reach.dark), 1))
                      .arg(words::number(colour::value_step(p.reach.light), 1)));
}

}  // namespace yd::app
