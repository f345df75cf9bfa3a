// SPDX-License-Identifier: MIT
#include "panels/likeness_section.h"

#include <QHBoxLayout>
#include <QVBoxLayout>
#include <cmath>

#include "exports/pass_words.h"
#include "models/time_words.h"
#include "panels/panel_parts.h"

namespace yd::app {

LikenessSection::LikenessSection(Session& session, Advice& advice, QWidget* parent)
    : QWidget(parent),
      session_(session),
      advice_(advice),
      curve_(new CurveView("time_curve", tr("hours"), tr("difference across the room"))),
      words_(paragraph()),
      work_out_(new QPushButton(tr("Work it out"))),
      knee_(new QPushButton(tr("To the knee"))),
      free_(new QPushButton(tr("As long as it is worth"))) {
  curve_->set_placeholder(tr("What does another half hour buy? Working it out takes some seconds."));
  constexpr int kHigh = 130;
  curve_->setMinimumHeight(kHigh);
  words_->setObjectName("time_curve_words");
  work_out_->setObjectName("time_curve_ask");
  knee_->setObjectName("time_curve_knee");
  free_->setObjectName("time_curve_free");
  auto* row = new QHBoxLayout;
  for (QPushButton* b : {work_out_, knee_}) row->addWidget(b);
  auto* column = new QVBoxLayout(this);
  column->setContentsMargins(0, 0, 0, 0);
  column->addWidget(curve_, 1);
  column->addWidget(words_);
  column->addLayout(row);
  column->addWidget(free_);
  connect(work_out_, &QPushButton::clicked, this, [this] { advice_.ask({Need::times}); });
  connect(knee_, &QPushButton::clicked, this, [this] {
    if (const TimesPtr times = advice_.times(); times && !times->empty()) take(static_cast<int>(job::knee_of(*times)));
  });
  connect(free_, &QPushButton::clicked, this, [this] {
    Choices c = session_.choices();
    c.plan.wish_minutes.reset();
    session_.change(c, tr("What is wished of the plan"), Merge::wishes);
  });
  connect(curve_, &CurveView::point_asked, this, &LikenessSection::take);
  connect(&advice_, &Advice::changed, this, [this](Need need) {
    if (need == Need::times) refresh();
  });
  connect(&advice_, &Advice::busy_changed, this, &LikenessSection::refresh);
  connect(&session_, &Session::plan_changed, this, &LikenessSection::refresh);
  refresh();
}

void LikenessSection::take(int point) {
  const TimesPtr times = advice_.times();
  if (!times || point < 0 || point >= static_cast<int>(times->size())) return;
  Choices c = session_.choices();
  // A little more than the marks take: the same ones have to find room in it.
  constexpr double kRoom = 1.05;
  c.plan.wish_minutes = std::ceil(kRoom * (*times)[static_cast<std::size_t>(point)].minutes);
  session_.change(c, tr("What is wished of the plan"), Merge::wishes);
}

void LikenessSection::refresh() {
  const TimesPtr times = advice_.times();
  const PlannedPtr planned = session_.planned();
  QList<QPointF> points;
  if (times) {
    for (const job::TimePoint& p : *times) points.append({p.minutes / 60, p.seen.mean});
  }
  curve_->set_points(points, times && planned ? nearest_point(*times, plan::minutes_of(planned->plan)) : -1);
  words_->setText(times && planned ? curve_words(*times, plan::minutes_of(planned->plan)) : QString());
  words_->setVisible(!words_->text().isEmpty());
  work_out_->setEnabled(planned != nullptr && !times);
  knee_->setEnabled(times != nullptr);
  free_->setEnabled(session_.choices().plan.wish_minutes.has_value());
}

}  // namespace yd::app
