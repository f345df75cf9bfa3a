// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "check/reading.h"
#include "make/plan.h"

namespace yd::check {

struct MassLaid;

/// The passes of a plan that are done, and what they come to on each target when they were laid more or less firmly
/// than planned.
class DoneWork {
 public:
  /// `done`: of each pass of the plan, by place. What is referred to must outlive it.
  DoneWork(const plan::Plan& plan, std::span<const char> done, const media::Paper& paper,
           const media::Collection& collection, const optics::Parameters& parameters);

  /// The plan with only the passes that are done.
  const plan::Plan& plan() const { return so_far_; }
  /// Of each of its passes, the place in the whole plan.
  const std::vector<int>& places() const { return places_; }
  /// The passes of strokes that lie on a mass, places in `plan()`.
  std::vector<int> strokes_on(int mass) const;

  struct Factor {
    int pass = 0;   ///< place in `plan()`
    double by = 1;  ///< 0: not laid at all
  };
  /// The strokes on a target, from the ground upwards.
  std::vector<plan::Stroke> strokes(int target, std::span<const Factor> factors) const;
  optics::Pile pile(std::span<const plan::Stroke> strokes, int target) const;
  /// Far-off colour of a pile.
  colour::Lab lab(const optics::Pile& pile) const;
  bool fixed(int target) const;
  /// `plan()` with the pressures at which its passes were really laid, by mass.
  plan::Plan as_laid(std::span<const MassLaid> found) const;

 private:
  plan::Plan so_far_;
  std::vector<int> places_;
  const media::Paper& paper_;
  const media::Collection& collection_;
  const optics::Parameters& parameters_;
};

/// How firmly each pass was really laid on a mass, by what is seen there.
struct MassLaid {
  std::vector<DoneWork::Factor> factors;  ///< of the passes on it
  double left_de00 = 0;                   ///< CIEDE2000 that no firmness explains: another stick, or the photograph
};
/// The likeliest pressures: squares of what is off in colour, against a scatter of the measurement, and of each factor,
/// against the hand's; least within bounds by M. Powell's BOBYQA (2009; NLopt), begun as planned and with each pass
/// left out. One for each mass.
std::vector<MassLaid> really_laid(const DoneWork& work, const Reading& reading, double hand);

/// What the hand alone makes of a colour: CIEDE2000, square root of the mean square.
struct HandSpread {
  std::vector<double> masses;   ///< of the mean colour of each
  std::vector<double> targets;  ///< in the plan's order
};
HandSpread hand_spread(const DoneWork& work, const subject::Subject& subject, double hand);

/// Passes as they lie on the paper with the pressures they were really laid at, for planning on. `laid`: of the plan's
/// own options and marks (plan::laid_after), whose passes stand first in `places`, then in the plan's order.
std::vector<plan::LaidPass> as_really_laid(std::vector<plan::LaidPass> laid, const DoneWork& work,
                                           std::span<const MassLaid> found);

}  // namespace yd::check
