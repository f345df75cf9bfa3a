#include "subject/subject.h"

#include <algorithm>
#include <cmath>

#include "subject/squint.h"

namespace yd::subject {
namespace {

constexpr int kMassSide = 700;  // long side at which masses are found; borders need no more
constexpr int kSuperpixelSide = 14;

}  // namespace

Result<Subject> read_subject(LabImage image, const ReadOptions& options, Observer& observer) {
  if (!(options.squint >= 0 && options.squint <= 1)) return bad_value("squint", "must be from 0 to 1");
  if (options.masses < 8 || options.masses > 30) return bad_value("masses", "must be from 8 to 30");
  if (image.size() == 0) return bad_value("picture", "has no pixels");
  const Error cancelled{Error::Code::cancelled, "subject", "stopped"};
  Subject s;
  observer.progress(0.0, "squinting");
  s.squinted = squint(image, options.squint);
  s.image = std::move(image);
  if (observer.cancelled()) return cancelled;
  observer.progress(0.4, "finding masses");
  const LabImage small = shrink(s.squinted, kMassSide);
  const Regions pieces = superpixels(small, kSuperpixelSide);
  if (observer.cancelled()) return cancelled;
  MergeOptions merge;
  merge.most = options.masses;
  Regions masses = merge_regions(small, pieces, merge);
  smooth_borders(masses);
  s.labels = enlarge(masses.labels, s.image.width, s.image.height);
  if (observer.cancelled()) return cancelled;
  observer.progress(0.8, "measuring masses");
  s.masses = measure_masses(s.squinted, Regions{s.labels, masses.count});
  observer.progress(1.0, "read");
  return s;
}

int nine_step(double l) { return std::clamp(static_cast<int>(std::lround(colour::value_step(l))), 1, 9); }

}  // namespace yd::subject
