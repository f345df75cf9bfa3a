// SPDX-License-Identifier: MIT
#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

#include "session/calibrator.h"
#include "widgets/facts.h"

namespace yd::app {

/// The artist's own hand and sticks by strokes on an offcut of this paper: which to lay, what they say, to plan with
/// it.
class HandSection : public QWidget {
  Q_OBJECT
 public:
  explicit HandSection(Session& session, QWidget* parent = nullptr);
  Calibrator& calibrator() { return calibrator_; }

 private:
  void save();
  void open();
  void keep();
  void refresh();

  Session& session_;
  Calibrator calibrator_;
  QLabel* about_;
  QPushButton* save_;
  QPushButton* open_;
  Facts* facts_;
  QPushButton* take_;
  QLineEdit* artist_;
  QPushButton* keep_;
  QPushButton* forget_;
};

}  // namespace yd::app
