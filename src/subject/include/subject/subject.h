#pragma once

#include <vector>

#include "subject/masses.h"
#include "subject/regions.h"
#include "support/observer.h"
#include "support/result.h"

namespace yd::subject {

struct ReadOptions {
  double squint = 0.5;  ///< 0 to 1
  int masses = 16;      ///< most masses wanted, 8 to 30
};

/// Everything read from the picture.
struct Subject {
  LabImage image;     ///< working image
  LabImage squinted;  ///< the same size, only masses left
  LabelImage labels;  ///< the mass of each pixel of the working image
  std::vector<Mass> masses;
};

/// Squint, superpixels, merging, measuring. A picture with less than eight distinct shapes gives fewer masses.
/// Errors: `bad_value` for options out of range, `cancelled`.
Result<Subject> read_subject(LabImage image, const ReadOptions& options, Observer& observer);

/// Lightness of a pixel in nine even steps, 1 (dark) to 9 (light).
int nine_step(double l);

}  // namespace yd::subject
