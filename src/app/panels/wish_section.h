// SPDX-License-Identifier: MIT
#pragma once

#include <QComboBox>
#include <QSpinBox>
#include <QWidget>
#include <functional>

#include "session/session.h"

namespace yd::app {

/// What the artist wishes of the whole plan: how long, about how many passes, how steady the hand.
class WishSection : public QWidget {
  Q_OBJECT
 public:
  explicit WishSection(Session& session, QWidget* parent = nullptr);

 private:
  void change(const std::function<void(plan::PlanOptions&)>& how);
  void refresh();

  Session& session_;
  QComboBox* time_;
  QSpinBox* passes_;
  QComboBox* hand_;
};

}  // namespace yd::app
