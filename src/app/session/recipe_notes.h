// SPDX-License-Identifier: MIT
#pragma once

#include <optional>

#include "journal/records.h"
#include "session/pipeline.h"

namespace yd::app {

/// The recipe of a target's mass as the journal keeps it: its layers at their firmest, the look of the target, told as
/// to a friend, with a swatch.
journal::Recipe recipe_of(const Planned& planned, int target, const QString& work, qint64 now_s);

/// What a target's mass is called.
QString place_of(const Planned& planned, int target);

/// Sticks that stand in for each other, CIEDE2000 at most.
inline constexpr double kStandsIn = 5;

/// The strokes of a kept recipe with the sticks of a collection: the same by id, else the nearest at hand of the same
/// medium within kStandsIn. None where one is missing; `missing` then names it.
std::optional<std::vector<plan::Stroke>> strokes_with(const journal::Recipe& recipe,
                                                      const media::Collection& collection, QString* missing);

/// What is done at the easel, as the journal keeps it; `still`: when what lies on the paper was done.
struct DoneWork {
  std::vector<journal::DonePass> passes;
  std::vector<qint64> still;
};
DoneWork done_work(const Planned& planned, const Choices& choices);

/// What a work is called and where it lies.
struct WorkPlace {
  QString id, title, file;
  qint64 begun_s = 0, now_s = 0;
};
/// What the list of works shows of it, with small pictures; at once.
journal::Work head_of(const Planned& planned, const Choices& choices, const WorkPlace& place);
/// The whole work as the journal keeps it, with its plan and sticks; takes a while, so it is made on a worker.
journal::Work work_of(const Planned& planned, const Choices& choices, const WorkPlace& place);

/// A picture as the journal keeps it: JPEG, its long side kKeptSide.
QByteArray small_jpeg(const QImage& image);
inline constexpr int kKeptSide = 360;

}  // namespace yd::app
