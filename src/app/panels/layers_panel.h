// SPDX-License-Identifier: MIT
#pragma once

#include <QLabel>
#include <QPushButton>

#include "panels/advice_section.h"
#include "panels/job_section.h"
#include "panels/likeness_section.h"
#include "panels/panel_parts.h"
#include "panels/pass_section.h"
#include "panels/school_section.h"
#include "widgets/bench.h"
#include "widgets/core_sample.h"
#include "widgets/facts.h"
#include "widgets/time_ribbon.h"
#include "widgets/tray_view.h"

namespace yd::app {

/// Stage Passages: the job, the passage in hand, the layers from the side, the tray, how the picture is built, what a
/// look over the plan found, the time it takes, and the cautions.
class LayersPanel : public Bench {
  Q_OBJECT
 public:
  LayersPanel(Session& session, Advice& advice, QWidget* parent = nullptr);

 signals:
  void school_page_asked();
  void says(const QString& sentence);

 private:
  QWidget* make_core();
  QWidget* make_time();
  QWidget* make_school();
  void draw_core();
  void refresh_tray();
  void refresh();

  Session& session_;
  JobSection* job_;
  CoreSample* core_;
  TrayView* tray_;
  SchoolSection* school_;
  LabelledSlider* strokes_;
  LabelledSlider* sitting_;
  Facts* facts_;
  TimeRibbon* ribbon_;
  LikenessSection* likeness_;
  QLabel* time_;
  QLabel* safety_;
  Card* job_card_ = nullptr;
  Card* passage_card_ = nullptr;
  Card* safety_card_ = nullptr;
};

}  // namespace yd::app
