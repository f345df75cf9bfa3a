// SPDX-License-Identifier: MIT
#pragma once

#include <QList>

#include "calibrate/calibrate.h"
#include "looks/shapes.h"
#include "session/advice.h"

namespace yd::app {

/// The subject's values as nine greys; `from_dark`: value 1 is black.
ValueDrawing value_drawing(const ReadSubject& subject, bool from_dark);
/// Shares of the picture whose masses are warm or cool, 0 to 1.
struct Warmth {
  double warm = 0, cool = 0;
};
Warmth warmth_of(const ReadSubject& subject);
/// Darkest and lightest spot, the most vivid.
QList<Fact> subject_facts(const ReadSubject& subject, bool from_dark);
/// What a paper is, what it is judged by, each mark with its bar, and what it does to the picture that was `planned`.
QList<Fact> paper_facts(const media::Paper& paper, const plan::GroundVerdict* verdict, const Planned* planned);
/// What stays out of reach of the tray, the worst first, at most three; then how near the whole comes.
QList<Fact> reach_facts(const Planned& planned);
/// The plan in numbers: sticks, passages, passes, time, sittings, and how near it comes as seen across the room.
QList<Fact> plan_facts(const Planned& planned);
/// What an underpainting does to the plan.
QList<Fact> coat_facts(const plan::CoatVerdict& verdict, const plan::CoatAdvice& advice);
/// What speaks for the one that is advised.
QList<Fact> coat_advice_facts(const plan::CoatVerdict& verdict, const plan::CoatAdvice& advice);

/// What offcuts say: the hand where it is light and firm, how far sticks are from what they were taken for, and how
/// much better strokes are predicted.
QList<Fact> hand_facts(const calibrate::Calibration& calibration);

}  // namespace yd::app
