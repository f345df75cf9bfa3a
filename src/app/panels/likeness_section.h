// SPDX-License-Identifier: MIT
#pragma once

#include <QLabel>
#include <QPushButton>
#include <QWidget>

#include "session/advice.h"
#include "session/session.h"
#include "widgets/curve_view.h"

namespace yd::app {

/// Likeness over time: what another half hour buys, and how long the plan is to take.
class LikenessSection : public QWidget {
  Q_OBJECT
 public:
  LikenessSection(Session& session, Advice& advice, QWidget* parent = nullptr);

 private:
  void refresh();
  void take(int point);

  Session& session_;
  Advice& advice_;
  CurveView* curve_;
  QLabel* words_;
  QPushButton* work_out_;
  QPushButton* knee_;
  QPushButton* free_;
};

}  // namespace yd::app
