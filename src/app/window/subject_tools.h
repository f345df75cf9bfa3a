// SPDX-License-Identifier: MIT
#pragma once

#include <QObject>
#include <vector>

#include "models/overlays.h"
#include "panels/subject_panel.h"
#include "session/session.h"
#include "widgets/pair.h"

namespace yd::app {

/// What a line drawn on the subject does: picks a neutral, splits, paints, measures. One tool at a time; Escape puts it
/// away.
class SubjectTools : public QObject {
  Q_OBJECT
 public:
  SubjectTools(Session& session, SubjectPanel& panel, Pair& pair, QObject* parent);
  Tool tool() const { return tool_; }
  void take(Tool tool);
  void refresh_overlay();

 signals:
  /// What to do next, in a few words; empty when no tool is held.
  void hint_changed(const QString& hint);

 private:
  /// Masses whose numbers are shown: those of the passage in hand, or all while masses are worked on.
  std::vector<int> numbered(const subject::Subject& s) const;
  void begin(QPointF share);
  void move(QPointF share);
  void end(QPointF share);
  void finish();
  void pick(QPointF share);
  void ring(QPointF middle, QPointF rim);
  void take_thing(const std::vector<subject::Point>& path);
  void take_mass();
  void take_stroke(const std::vector<subject::Point>& path);
  bool needs_two() const { return tool_ == Tool::split || tool_ == Tool::measure || tool_ == Tool::compare; }

  Session& session_;
  SubjectPanel& panel_;
  Pair& pair_;
  Tool tool_ = Tool::none;
  bool dragging_ = false;
  std::vector<QPointF> path_;
  std::vector<subject::Line> lines_;
};

}  // namespace yd::app
