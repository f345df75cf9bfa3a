// SPDX-License-Identifier: MIT
#pragma once

#include <QComboBox>
#include <QPushButton>
#include <QTableView>

#include "models/coat_model.h"
#include "panels/panel_parts.h"
#include "widgets/bench.h"
#include "widgets/facts.h"

namespace yd::app {

/// Stage Underpainting: every medium in every set of colours and what it would do; one for the picture, others for a
/// plane or a mass; the cautions at the choice.
class CoatPanel : public Bench {
  Q_OBJECT
 public:
  CoatPanel(Session& session, Advice& advice, QWidget* parent = nullptr);

 private:
  void choose(const QModelIndex& index);
  void put(const std::optional<plan::CoatChoice>& choice);
  std::optional<plan::CoatChoice> present() const;
  void refresh_scopes();
  void refresh();
  void refresh_about();
  void refresh_advice();

  Session& session_;
  Advice& advice_;
  CoatModel model_;
  QComboBox* scope_;
  QTableView* table_;
  QPushButton* pick_;
  QPushButton* follow_;
  QLabel* reason_;
  Facts* reasons_;
  Facts* facts_;
  QLabel* about_;
  QLabel* caution_;
  Card* chosen_card_ = nullptr;
};

}  // namespace yd::app
