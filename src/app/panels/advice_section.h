// SPDX-License-Identifier: MIT
#pragma once

#include <QCheckBox>
#include <QLabel>
#include <QListView>
#include <QPushButton>
#include <QWidget>

#include "models/finding_model.h"
#include "session/session.h"

namespace yd::app {

/// What a look over the plan found, the five that matter first, each with its numbers and a remedy for one key.
class AdviceSection : public QWidget {
  Q_OBJECT
 public:
  explicit AdviceSection(Session& session, QWidget* parent = nullptr);

 signals:
  /// For the tab: how many there are.
  void counted(int findings);

 private:
  void refresh();
  void select();
  void mend();

  Session& session_;
  FindingModel model_;
  QListView* list_;
  QLabel* about_;
  QCheckBox* all_;
  QPushButton* mend_;
};

}  // namespace yd::app
