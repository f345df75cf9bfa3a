// SPDX-License-Identifier: MIT
#include "standin/hand.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>

#include "advice/delicate.h"
#include "board/strip.h"
#include "support/random.h"

namespace yd::standin {
namespace {

/// Box and Muller's (1958).
double normal(Random& random) {
  const double u = 1 - random.uniform();
  return std::sqrt(-2 * std::log(u)) * std::cos(2 * std::numbers::pi * random.uniform());
}

int mass_of(const plan::Plan& plan, int target) { return plan.targets[static_cast<std::size_t>(target)].mass; }

/// All passes of strokes by what they cost when they are off, dearest first.
std::vector<Delicate> delicate_passes(const RehearsalInput& in, double off) {
  plan::Plan marked = *in.plan;
  plan::mark_delicate(marked, *in.paper, in.collection->sticks, *in.parameters, off);
  std::vector<Delicate> out;
  for (std::size_t i = 0; i < marked.passes.size(); ++i) {
    const plan::Pass& p = marked.passes[i];
    if (p.kind == plan::PassKind::stroke && !p.skipped) out.push_back({static_cast<int>(i), p.costs_when_off});
  }
  std::stable_sort(out.begin(), out.end(), [](const Delicate& p, const Delicate& q) { return p.costs > q.costs; });
  return out;
}

/// Marks beside where they should lie, as far as a hand misses with each part; one that is as steady as `kUsual` misses
/// by what the table of parts says.
void miss(plan::Plan& plan, const Hand& hand) {
  constexpr double kUsual = 0.15;
  Random random(hand.seed ^ 0x3A7B5ULL);
  for (plan::MarkedPass& pass : plan.marks.passes) {
    for (plan::LaidMark& mark : pass.marks) {
      const double by = plan::part_of(mark).miss_mm * hand.off / kUsual;
      const auto dx = static_cast<float>(by * normal(random));
      const auto dy = static_cast<float>(by * normal(random));
      for (plan::MarkPoint& p : mark.points) p.x_mm += dx, p.y_mm += dy;
    }
  }
}

}  // namespace

plan::Plan painted_by(const plan::Plan& plan, const Hand& hand) {
  Random random(hand.seed);
  plan::Plan out = plan;
  for (plan::Pass& pass : out.passes) {
    if (pass.kind != plan::PassKind::stroke || pass.skipped) continue;
    std::map<int, double> factor;  // of each mass: a hand is off all over a place, not speck by speck
    for (const int m : pass.masses) {
      const bool forgotten = random.uniform() < hand.forgets;
      const double by = 1 + hand.off * normal(random);
      factor[m] = forgotten ? 0 : std::max(0.1, by);
    }
    pass = plan::pressed_by(pass, [&](int t) { return factor[mass_of(plan, t)]; });
  }
  return out;
}

std::vector<colour::Lab> strip_by(const plan::Plan& plan, const media::Paper& paper,
                                  const media::Collection& collection, const optics::Parameters& parameters,
                                  const Hand& hand) {
  Random random(hand.seed ^ 0x571A1BULL);
  std::vector<colour::Lab> out;
  for (const board::StripPatch& patch : board::margin_strip(plan, paper, collection, parameters)) {
    std::vector<plan::Stroke> twice(2, {patch.stick, 1, plan::Technique::rubbed, false, 0});
    for (plan::Stroke& s : twice) s.pressure = std::clamp(1 + hand.off * normal(random), 0.1, 1.0);
    out.push_back(plan::evaluate(paper.ground, parameters, collection.sticks, twice, {}).look.lab);
  }
  return out;
}

board::BoardImage board_by(const RehearsalInput& in, const board::BoardMap& map, const Hand& hand) {
  plan::Plan painted = painted_by(*in.plan, hand);
  if (hand.off > 0) miss(painted, hand);
  const int all = static_cast<int>(painted.passes.size());
  return board::paint(map, painted, all, *in.paper, *in.collection, *in.parameters);
}

Result<Rehearsal> rehearse(const RehearsalInput& in, const Hand& hand, int painters, Observer& observer) {
  if (painters < 1 || painters > 1000) return bad_value("painters", "must be from 1 to 1000");
  if (!(hand.off >= 0 && hand.off <= 0.5)) return bad_value("hand", "must be from 0 to 0.5");
  if (!(hand.forgets >= 0 && hand.forgets <= 1)) return bad_value("forgets", "must be from 0 to 1");
  Rehearsal out;
  const board::BoardMap map = board::make_map(*in.subject, *in.plan, *in.paper, in.touches);
  out.planned = board::as_seen(*in.subject, board_by(in, map, {0, 0, hand.seed}), in.long_side_mm);
  for (int n = 0; n < painters; ++n) {
    if (observer.cancelled()) return Error{Error::Code::cancelled, "rehearsal", "stopped"};
    Hand mine = hand;
    mine.seed += static_cast<std::uint64_t>(n);
    out.painters.push_back(board::as_seen(*in.subject, board_by(in, map, mine), in.long_side_mm));
    out.mean += out.painters.back().mean / painters;
    observer.progress(static_cast<double>(n + 1) / (painters + 1), "painting");
  }
  for (const board::Figure& f : out.painters) out.spread += (f.mean - out.mean) * (f.mean - out.mean) / painters;
  out.spread = std::sqrt(out.spread);
  out.delicate = delicate_passes(in, hand.off);
  observer.progress(1, "painted");
  return out;
}

}  // namespace yd::standin
