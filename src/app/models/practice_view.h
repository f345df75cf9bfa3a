// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QImage>
#include <QList>
#include <QPointF>

#include "journal/records.h"
#include "practice/drill.h"
#include "session/pipeline.h"

namespace yd::app {

/// A question of a drill as it is drawn.
struct TaskDrawing {
  struct Patch {
    QColor colour;
    QImage picture;  ///< a stroke on the paper instead of a colour
    QString label;
  };
  struct Mark {
    QPointF place;  ///< shares of width and height
    QString label;
  };
  QColor surround;
  QList<Patch> shown;    ///< what is asked about, in a row
  QList<Patch> choices;  ///< what to choose from, numbered, in a row below
  QList<QImage> pictures;
  QList<Mark> marks;  ///< on the last picture
};

/// What drills are made of here: the plan's masses, sticks and paper, else the usual collection on the usual paper.
practice::Material material_of(const PlannedPtr& planned, const Materials& materials,
                               const optics::Parameters& parameters);

/// `planned` may be null where the task has no picture.
TaskDrawing drawing_of(const practice::Task& task, const practice::Material& material, const PlannedPtr& planned);

/// The answers as they stand on buttons.
QStringList answers_of(const practice::Task& task);

journal::Drill record_of(const practice::Outcome& outcome);

/// What is to be drawn of past drills of a kind: threshold over time, oldest first.
QList<QPointF> thresholds_over_time(const std::vector<journal::Drill>& drills);
/// What past drills say together of an eye, in a line: "You see reds half a step too light." Empty: nothing known.
QString known_bias(const std::vector<journal::Drill>& drills);

}  // namespace yd::app
