// SPDX-License-Identifier: MIT
#pragma once

#include <QComboBox>
#include <QListView>

#include "models/paper_model.h"
#include "panels/panel_parts.h"
#include "session/advice.h"
#include "widgets/bench.h"
#include "widgets/facts.h"

namespace yd::app {

/// Stage Ground: the papers, ranked for this subject with reasons; weights; sheets; a second paper to compare.
class GroundPanel : public Bench {
  Q_OBJECT
 public:
  GroundPanel(Session& session, Advice& advice, QWidget* parent = nullptr);

 signals:
  void papers_sheet_asked();
  void offcut_sheet_asked();

 private:
  QWidget* make_weights();
  QWidget* make_sheets();
  void choose(const QModelIndex& index);
  void compare(int row);
  void refresh();
  void refresh_advice();

  Session& session_;
  Advice& advice_;
  PaperModel model_;
  QListView* list_;
  Facts* facts_;
  QLabel* about_;
  QComboBox* other_;
  QLabel* tray_;
  Card* papers_card_ = nullptr;
  Card* paper_card_ = nullptr;
  std::array<LabelledSlider*, plan::kGroundMarks> weights_{};
};

}  // namespace yd::app
