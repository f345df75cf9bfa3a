#pragma once

#include <QCheckBox>
#include <QPushButton>

#include "models/pass_model.h"
#include "panels/panel_parts.h"
#include "session/session.h"

namespace yd::app {

/// Stage Layers: the ordered passes, one step back or on, and why a pass stands where it stands.
class LayersPanel : public QWidget {
  Q_OBJECT
 public:
  explicit LayersPanel(Session& session, QWidget* parent = nullptr);

 private:
  void select(const QModelIndex& index);
  void refresh_choices();
  void refresh_plan();
  void refresh_cursor();

  Session& session_;
  PassModel model_;
  QTableView* passes_;
  QLabel* reason_;
  QLabel* care_;
  QPushButton* back_;
  QPushButton* on_;
  QCheckBox* rubbed_;
  LabelledSlider* strokes_;
};

}  // namespace yd::app
