#pragma once

#include <QComboBox>

#include "models/stick_model.h"
#include "panels/panel_parts.h"
#include "session/session.h"

namespace yd::app {

/// Stage Tray: collection, most sticks, the chosen sticks, what stays out of reach.
class TrayPanel : public QWidget {
  Q_OBJECT
 public:
  explicit TrayPanel(Session& session, QWidget* parent = nullptr);

 private:
  void refresh_choices();
  void refresh_plan();

  Session& session_;
  StickModel model_;
  QComboBox* collections_;
  LabelledSlider* most_;
  QLabel* reach_;
};

}  // namespace yd::app
