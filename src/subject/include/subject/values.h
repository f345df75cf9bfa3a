// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <vector>

#include "colour/lab.h"
#include "subject/image.h"
#include "subject/measure.h"
#include "subject/regions.h"

namespace yd::subject {

/// Lightness in `steps` even steps, 1 (dark) .. steps (light); steps 2 to 9.
int value_in_steps(double l, int steps);
/// L* that stands for a step: 0 for the darkest, 100 for the lightest, even between.
double lightness_of_step(int step, int steps);

/// A place and its colour.
struct Spot {
  Point place;
  colour::Lab lab;
};

/// The values of a picture at one glance.
struct ValueReading {
  std::array<double, 9> share{};  ///< of the picture in each of nine steps, dark first
  Spot darkest, lightest, most_vivid;
  double contrast = 0;  ///< nine-step steps between the darkest and the lightest spot
};

/// Spots are means over 1.5 % of the longer side, so that a hot pixel is no highlight.
ValueReading read_values(const LabImage& squinted);

/// Where the light comes from, guessed from where each mass has its lights and its darks.
struct LightDirection {
  double angle_deg = 0;   ///< towards the light, counter-clockwise from the right: 90 is from above
  double confidence = 0;  ///< 0 (the masses disagree) to 1 (all agree)
};
LightDirection guess_light(const LabImage& squinted, const LabelImage& labels, int masses);

/// How much warmer (above 0) or cooler each pixel is than its surroundings: colour::warmth less its mean around, over a
/// tenth of the longer side.
Grid<float> relative_warmth(const LabImage& squinted);

}  // namespace yd::subject
