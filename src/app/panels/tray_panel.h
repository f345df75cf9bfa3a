// SPDX-License-Identifier: MIT
#pragma once

#include <QComboBox>
#include <QListWidget>
#include <QPushButton>
#include <QTableView>

#include "models/stick_model.h"
#include "panels/panel_parts.h"
#include "session/advice.h"
#include "widgets/bench.h"
#include "widgets/curve_view.h"
#include "widgets/facts.h"
#include "widgets/lattice_view.h"
#include "widgets/tray_view.h"

namespace yd::app {

/// Stage Tray: collection, most sticks and their curve, the chosen sticks as a list and on the lattice, wishes, what
/// each mass gets, what stays out of reach, the stick to get next.
class TrayPanel : public Bench {
  Q_OBJECT
 public:
  TrayPanel(Session& session, Advice& advice, QWidget* parent = nullptr);

 signals:
  void edit_asked(const QString& collection);
  void import_asked();
  /// Sticks from a photographed sheet.
  void box_asked();
  void export_asked(const QString& collection);

 private:
  QWidget* make_how_many();
  QLayout* make_collection();
  QWidget* make_tray();
  QWidget* make_table();
  QWidget* make_wishes();
  QWidget* make_masses();
  void point_out(int stick);
  void change_wishes(const plan::TrayWishes& wishes, const QString& text, Merge merge = Merge::never);
  void refresh_choices();
  void refresh_wishes();
  void refresh_plan();
  void refresh_curve();
  void refresh_proof();

  Session& session_;
  Advice& advice_;
  StickModel model_;
  QComboBox* collections_;
  LabelledSlider* most_;
  CurveView* curve_;
  QLabel* proof_;
  LatticeView* lattice_;
  QLabel* stick_words_;
  QTableView* table_;
  QListWidget* wishes_;
  LabelledSlider* medium_price_;
  LabelledSlider* lonely_price_;
  QComboBox* masses_;
  QLabel* mass_words_;
  Facts* reach_;
  QLabel* next_;
  TrayView* tray_;
  Card* tray_card_ = nullptr;
  int pointed_ = -1;  ///< stick of the collection
};

}  // namespace yd::app
