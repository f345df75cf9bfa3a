#pragma once

#include <QListView>

#include "models/paper_model.h"
#include "panels/panel_parts.h"
#include "session/session.h"

namespace yd::app {

/// Stage Ground: the papers, and what the chosen one does to the plan.
class GroundPanel : public QWidget {
  Q_OBJECT
 public:
  explicit GroundPanel(Session& session, QWidget* parent = nullptr);

 private:
  void choose(const QModelIndex& index);
  void refresh();

  Session& session_;
  PaperModel model_;
  QListView* list_;
  QLabel* about_;
};

}  // namespace yd::app
