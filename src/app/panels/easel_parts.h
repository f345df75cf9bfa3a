// SPDX-License-Identifier: MIT
#pragma once

#include <QLabel>
#include <QVBoxLayout>

#include "widgets/style.h"

namespace yd::app {

/// A text at the easel, broken into lines, by its object name.
QLabel* line_in(const char* name, Type type, bool bold = false);
QVBoxLayout* column_in(QWidget* box);

/// What a step asks for, in words: how, where, with which mark, or a chore's lines; what stands there after it.
class StepWords : public QWidget {
  Q_OBJECT
 public:
  explicit StepWords(QWidget* parent = nullptr);
  /// What has nothing to say leaves its room to the rest.
  void hide_empty();
  /// What would not fit into `room` pixels of height is set smaller, down to `least`; false where that is not enough.
  bool fit(int room, Type least);

  QLabel* how;
  QLabel* where;
  QLabel* mark;
  QLabel* steps;
  QLabel* after;
};

}  // namespace yd::app
