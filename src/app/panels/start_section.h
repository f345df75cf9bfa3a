// SPDX-License-Identifier: MIT
#pragma once

#include <QPushButton>

#include "panels/tool.h"
#include "panels/wish_section.h"

namespace yd::app {

/// What a first plan needs besides the picture: what matters in it, and how long it may take.
class StartSection : public QWidget {
  Q_OBJECT
 public:
  explicit StartSection(Session& session, QWidget* parent = nullptr);

 signals:
  void tool_asked(Tool tool);

 private:
  void refresh();

  Session& session_;
  QPushButton* forget_;
};

}  // namespace yd::app
