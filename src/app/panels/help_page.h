// SPDX-License-Identifier: MIT
#pragma once

#include <QLabel>
#include <QScrollArea>
#include <QToolButton>
#include <QVBoxLayout>

#include "models/help.h"

namespace yd::app {

/// Help on one place of the window, with a drawing; the other topics stand beside it.
class HelpPage : public QScrollArea {
  Q_OBJECT
 public:
  explicit HelpPage(QWidget* parent = nullptr);
  void show_topic(HelpTopic topic);

 signals:
  void closed();

 private:
  QWidget* make_topics();
  void fill(const Help& help);

  QList<QToolButton*> topics_;
  QLabel* title_;
  QLabel* purpose_;
  QLabel* drawing_;
  QVBoxLayout* steps_;
  QLabel* stuck_;
  QLabel* caution_;
};

}  // namespace yd::app
