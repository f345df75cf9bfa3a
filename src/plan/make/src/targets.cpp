// SPDX-License-Identifier: MIT
#include "targets.h"

#include <algorithm>

#include "price/price.h"

namespace yd::plan {
namespace {

/// What the artist marked counts for a share of the picture, however small it is, within bounds: it is where the eye
/// goes.
void weigh_what_matters(const subject::Subject& subject, std::vector<TargetPlan>& targets) {
  const auto matters = [&](const TargetPlan& t) {
    return subject.masses[static_cast<std::size_t>(t.mass)].shades[static_cast<std::size_t>(t.shade)].matters;
  };
  double marked = 0;
  for (const TargetPlan& t : targets) marked += t.area * matters(t);
  if (marked <= 0) return;
  const double times = std::clamp(prices().matters.share / marked, prices().matters.least, prices().matters.most);
  for (TargetPlan& t : targets) t.times = 1 + (times - 1) * matters(t);
}

/// A coat that is on the paper already.
Coat laid_coat(const LaidPass& pass, std::size_t masses, const Materials& with) {
  Coat out;
  out.how = pass.coat->how;
  out.wanted = pass.coat->wanted;
  out.stick = pass.stick;
  out.pressure = pass.pressure;
  for (const LaidPass::Part& part : pass.parts) {
    if (part.mass < static_cast<int>(masses) && !pass.skipped) out.masses.push_back(part.mass);
  }
  std::sort(out.masses.begin(), out.masses.end());
  out.masses.erase(std::unique(out.masses.begin(), out.masses.end()), out.masses.end());
  lay(out, with.paper, with.collection.sticks, with.parameters);
  return out;
}

}  // namespace

/// A mass so small is a touch as a whole, however many shades it falls into: share of the picture.
constexpr double kTouch = 0.003;

std::vector<TargetPlan> targets_of(const subject::Subject& subject) {
  std::vector<TargetPlan> out;
  for (std::size_t m = 0; m < subject.masses.size(); ++m) {
    const auto& shades = subject.masses[m].shades;
    const bool touch = subject.masses[m].area < kTouch && subject.masses[m].area >= subject::kHit;
    for (std::size_t s = 0; s < shades.size(); ++s) {
      TargetPlan p;
      p.mass = static_cast<int>(m);
      p.shade = static_cast<int>(s);
      p.role = shades[s].role;
      p.target = p.seen = shades[s].lab;
      p.area = shades[s].area;
      p.solid = touch ? 1 : shades[s].solid;
      p.stands_out = touch;
      out.push_back(std::move(p));
    }
  }
  weigh_what_matters(subject, out);
  return out;
}

ValueRange reach_of(const Materials& with, Manner manner) {
  std::vector<media::Stick> hand;
  std::copy_if(with.collection.sticks.begin(), with.collection.sticks.end(), std::back_inserter(hand), media::at_hand);
  const Technique first = manner == Manner::broken ? Technique::laid : Technique::rubbed;
  return reachable_range(with.paper.ground, hand, with.parameters, first);
}

Result<std::vector<Coat>> coats_of(const subject::Subject& subject, const Materials& with, const PlanOptions& options,
                                   School picture) {
  std::vector<Coat> out;
  std::vector<char> said(subject.masses.size(), 0);
  for (const LaidPass& l : options.laid) {
    if (l.kind != PassKind::coat) continue;
    for (const LaidPass::Part& part : l.parts) {
      if (part.mass < static_cast<int>(said.size())) said[static_cast<std::size_t>(part.mass)] = 1;
    }
    out.push_back(laid_coat(l, said.size(), with));
  }
  const UnderpaintOptions wished = with_tone_map(options, picture, subject.masses.size());
  if (wished.empty()) return out;
  std::vector<subject::Mass> open;
  for (std::size_t m = 0; m < said.size(); ++m) {
    if (said[m] == 0) open.push_back(subject.masses[m]);
  }
  auto coats = make_coats(wished, open, with.paper, with.collection.sticks, with.parameters);
  if (!coats) return coats.error();
  std::move(coats->begin(), coats->end(), std::back_inserter(out));
  return out;
}

void stand_on(std::span<const Coat> coats, std::span<TargetPlan> targets) {
  for (std::size_t c = 0; c < coats.size(); ++c) {
    for (TargetPlan& t : targets) {
      if (std::binary_search(coats[c].masses.begin(), coats[c].masses.end(), t.mass)) t.coat = static_cast<int>(c);
    }
  }
}

}  // namespace yd::plan
