// SPDX-License-Identifier: MIT
#pragma once

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>
#include <QSlider>

#include "panels/panel_parts.h"
#include "panels/tool.h"
#include "session/session.h"
#include "widgets/crop_view.h"
#include "widgets/curve_view.h"

namespace yd::app {

/// Exposure, neutral point, crop to a format, thirds, horizon, direction of the light, fit of the values.
class LightSection : public QWidget {
  Q_OBJECT
 public:
  explicit LightSection(Session& session, QWidget* parent = nullptr);

 signals:
  void tool_asked(Tool tool);

 private:
  void make_formats();
  QWidget* make_horizon();
  void choose_format();
  void crop_around(QPointF centre);
  void change(const subject::Composition& composition, const QString& text, Merge merge = Merge::never);
  void refresh();
  void refresh_picture();
  void refresh_fit();

  Session& session_;
  LabelledSlider* stops_;
  QPushButton* grey_;
  QPushButton* white_;
  QPushButton* plain_;
  QComboBox* format_;
  QCheckBox* portrait_;
  CropView* crop_;
  QCheckBox* thirds_;
  QCheckBox* horizon_on_;
  QSlider* horizon_;
  QLabel* horizon_note_;
  QCheckBox* light_on_;
  QSlider* light_;
  QComboBox* fit_;
  CurveView* curve_;
  QLabel* range_;
};

}  // namespace yd::app
