#pragma once

#include <QLabel>
#include <QTableView>
#include <QWidget>

#include "models/job_model.h"
#include "session/session.h"

namespace yd::app {

/// The job by passages: the chosen one is lit in the picture, its board shown, and told in full below.
class JobSection : public QWidget {
  Q_OBJECT
 public:
  explicit JobSection(Session& session, QWidget* parent = nullptr);

 private:
  void refresh_plan();
  void select(const QModelIndex& index);

  Session& session_;
  JobModel model_;
  QTableView* passages_;
  QLabel* about_;
};

}  // namespace yd::app
