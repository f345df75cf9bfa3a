// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QImage>
#include <span>

#include "board/board.h"
#include "colour/lab.h"
#include "looks/greys.h"
#include "pictures/screen.h"
#include "subject/subject.h"

namespace yd::app {

using pictures::to_colour;
using pictures::to_image;

/// What the Subject view can show.
enum class SubjectView { picture, squint, values, masses, warmth };
inline constexpr int kSubjectViews = 5;
/// `steps` of value, 2 to 9, for the values view.
QImage subject_image(const subject::Subject& subject, SubjectView view, int steps = 9);
/// The squint at another strength, small enough to follow a slider; the rest of the reading comes later.
QImage squint_preview(const subject::LabImage& small, double strength, SubjectView view, int steps);

/// A stack of strokes as a patch with its grain, as it looks under a light.
QImage speckle_patch(const optics::StrataSpectra& strata, QSize size, double grain_px, colour::Illuminant light);

/// White where a pass works: on the parts of its masses that it is for.
QImage pass_mask(const board::BoardMap& map, const plan::Plan& plan, int first, int last);

/// White on some shades of a mass, targets of the plan; on all of it where none are given.
QImage shades_mask(const board::BoardMap& map, const plan::Plan& plan, int mass, std::span<const int> shades);

}  // namespace yd::app
