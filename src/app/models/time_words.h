// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <vector>

#include "job/time_curve.h"

namespace yd::app {

/// The place of the point nearest in minutes; -1: the curve has none.
int nearest_point(const std::vector<job::TimePoint>& curve, double minutes);

/// What a plan of so many minutes reaches on the curve, what another half hour buys, and where the knee is.
QString curve_words(const std::vector<job::TimePoint>& curve, double minutes);

}  // namespace yd::app
