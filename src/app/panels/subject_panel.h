// SPDX-License-Identifier: MIT
#pragma once

#include <QButtonGroup>
#include <QComboBox>

#include "looks/images.h"
#include "panels/light_section.h"
#include "panels/mass_section.h"
#include "panels/measure_section.h"
#include "panels/own_colours_section.h"
#include "panels/panel_parts.h"
#include "panels/sheet_section.h"
#include "panels/start_section.h"
#include "panels/thing_section.h"
#include "session/session.h"
#include "widgets/bench.h"
#include "widgets/facts.h"
#include "widgets/few_values.h"
#include "widgets/value_strip.h"
#include "widgets/warmth_band.h"

namespace yd::app {

/// Stage Subject: how it is looked at, light and crop, masses, measures.
class SubjectPanel : public Bench {
  Q_OBJECT
 public:
  explicit SubjectPanel(Session& session, QWidget* parent = nullptr);
  SubjectView shown() const { return static_cast<SubjectView>(views_->checkedId()); }
  int steps() const { return steps_->value(); }
  LightSection* light() { return light_; }
  ThingSection* things() { return things_; }
  SheetSection* sheet() { return sheet_; }
  MassSection* masses() { return mass_section_; }
  MeasureSection* measures() { return measures_; }
  StartSection* start() { return start_; }
  OwnColoursSection* colours() { return colours_; }
  const OwnColoursSection* colours() const { return colours_; }

 signals:
  void view_asked(SubjectView view);
  /// While the squint slider moves: the picture at this strength, before all else follows.
  void squint_previewed(double strength);

 private:
  QWidget* make_views();
  QWidget* make_look();
  QWidget* make_values();
  void refresh_choices();
  void refresh_findings();

  Session& session_;
  QButtonGroup* views_;
  LabelledSlider* squint_;
  LabelledSlider* most_;
  LabelledSlider* steps_;
  QComboBox* counted_;
  ValueStrip* strip_;
  Facts* findings_;
  WarmthBand* warmth_;
  FewValues* few_;
  StartSection* start_;
  LightSection* light_;
  SheetSection* sheet_;
  ThingSection* things_;
  MassSection* mass_section_;
  MeasureSection* measures_;
  OwnColoursSection* colours_;
  Card* things_card_ = nullptr;
  Card* values_card_ = nullptr;
  Card* masses_card_ = nullptr;
};

}  // namespace yd::app
