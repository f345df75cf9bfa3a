// SPDX-License-Identifier: MIT
#pragma once

#include <QPointF>
#include <QString>
#include <vector>

#include "session/choices.h"
#include "session/pipeline.h"
#include "subject/outline.h"
#include "models/overlay.h"

namespace yd::app {

/// Thirds, horizon, the light's direction and what is being drawn or measured, as lines over the subject.
struct Drawn {
  std::vector<QPointF> path;  ///< shares
  bool ring = false;          ///< the path goes from the middle of a ring to its rim
  bool measuring = false;
};
/// The ring a hand drew from its middle to its rim, or clicked.
subject::FocusRing ring_between(QPointF middle, QPointF rim, const subject::Subject& subject);
Overlay subject_overlay(const Choices& choices, const subject::Subject* subject, const Drawn& drawn);
/// Borders of things as they were found, that of the chosen one stronger. `lines`: of each owner, the rest first.
void add_things(const std::vector<subject::Outline>& lines, int chosen, Overlay& overlay);
/// The numbers of masses where they stand; `masses`: by place.
void add_numbers(const ReadSubject& subject, const std::vector<int>& masses, Overlay& overlay);
/// Grid, thirds, centre line and the chosen places with what lies plumb or level: what one sets the drawing out by, on
/// the subject and at the easel alike.
Overlay drawing_aids(const subject::Composition& composition, double aspect);

/// A length in centimetres and inches.
QString length_words(double cm);
/// The line between two places: length, angle, level or plumb.
QString line_words(const subject::Line& line);
/// A proportion as artists say it: "twice", "half as", "one and a half times", with "about" where it is not near.
QString proportion_words(double length, double other);

}  // namespace yd::app
