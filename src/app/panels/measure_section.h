// SPDX-License-Identifier: MIT
#pragma once

#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QPushButton>

#include "panels/panel_parts.h"
#include "panels/tool.h"
#include "session/session.h"

namespace yd::app {

/// Drawing aids at the scale of the sheet: a line's length and angle, one length against another, extents of a mass, a
/// grid, a colour cut off from its surroundings.
class MeasureSection : public QWidget {
  Q_OBJECT
 public:
  explicit MeasureSection(Session& session, QWidget* parent = nullptr);
  void show_line(const subject::Line& line);
  /// The second length of a comparison is measured against the first.
  void show_comparison(const subject::Line& first, const subject::Line& second);
  void show_extents(int mass);
  void show_patch(QPoint pixel);

 signals:
  void tool_asked(Tool tool);

 private:
  void change(const subject::Composition& composition, const QString& text);
  void refresh();

  Session& session_;
  QComboBox* grid_;
  QCheckBox* centre_;
  QPushButton* forget_;
  QLabel* measured_;
  QLabel* extents_;
  QLabel* patch_;
  QLabel* patch_words_;
};

}  // namespace yd::app
