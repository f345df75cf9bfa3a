// SPDX-License-Identifier: MIT
#pragma once

#include <QLabel>
#include <QTableView>
#include <QWidget>

#include "models/job_model.h"
#include "session/session.h"
#include "widgets/stroke_rows.h"
#include "widgets/stroke_view.h"

namespace yd::app {

/// The passage in hand: where it goes, its mark, what to do. Its list of passages stands on a card of its own.
class JobSection : public QWidget {
  Q_OBJECT
 public:
  explicit JobSection(Session& session, QWidget* parent = nullptr);
  QTableView* list() { return passages_; }

 signals:
  void titled(const QString& title, const QString& fact);

 private:
  void select(const QModelIndex& index);
  void refresh_plan();
  void say(const QString& title, const QString& fact, const QString& text);

  Session& session_;
  JobModel model_;
  QTableView* passages_;
  QLabel* where_;
  StrokeView* mark_;
  StrokeRows* strokes_;
  QLabel* about_;
};

}  // namespace yd::app
