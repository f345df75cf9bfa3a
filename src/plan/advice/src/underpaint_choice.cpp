// SPDX-License-Identifier: MIT
#include "advice/underpaint_choice.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

#include "colour/ciede2000.h"
#include "optics/look.h"
#include "advice/ground_choice.h"
#include "search/stacks.h"

namespace yd::plan {
namespace {

/// The finished picture over one ground.
struct Finished {
  double de00 = 0;
  double chroma = 0;
  double darkest_l = 100;
  double area = 0;
  double peeks = 0;
  double values_set = 0;
  double spared = 0;

  /// What stands before a stroke is laid.
  void add_bare(const TargetPlan& target, const colour::Lab& ground) {
    values_set += target.area * (std::abs(target.target.l - ground.l) <= kValueStands ? 1 : 0);
    spared += target.area * (colour::ciede2000(target.target, ground) <= kThere ? 1 : 0);
  }
  void add(const Stack& best, const TargetPlan& target, const colour::Lab& ground, const colour::Lab& over) {
    de00 += target.area * colour::ciede2000(best.lab, target.target);
    chroma += target.area * colour::chroma(best.lab);
    peeks += target.area * show_through(best.lab, ground, over);
    area += target.area;
  }
  void close() {
    if (area <= 0) return;
    for (double* sum : {&de00, &chroma, &peeks, &values_set, &spared}) *sum /= area;
  }
};

const Stack& nearest_stack(const std::vector<Stack>& stacks, const colour::Lab& target) {
  const Stack* best = &stacks.front();
  double least = 1e18;
  for (const Stack& s : stacks) {
    if (std::abs(s.lab.l - target.l) / colour::kLightnessBound > least) continue;
    const double cost = colour::ciede2000(s.lab, target) + stack_price(s);
    if (cost < least) {
      least = cost;
      best = &s;
    }
  }
  return *best;
}

class CoatJudge {
 public:
  explicit CoatJudge(const CoatInput& in) : in_(in) {
    const auto stacks = stacks_on(in.paper->ground);
    std::vector<std::size_t> all(in.plan->targets.size());
    for (std::size_t t = 0; t < all.size(); ++t) all[t] = t;
    finish(plain_, stacks, all, in.paper->lab);
    plain_.close();
  }
  const Finished& plain() const { return plain_; }

  CoatVerdict of(const CoatChoice& choice) {
    CoatVerdict v;
    v.choice = choice;
    const CoatFacts& f = facts(choice.medium);
    v.dry_minutes = f.dry_minutes;
    v.heated_minutes = f.heated_minutes;
    v.bears = bears(*in_.paper, choice.medium);
    media::Paper willing = *in_.paper;  // what it would do is shown even where the paper does not bear it
    willing.wet = media::Wetness::full;
    UnderpaintOptions options;
    options.picture = choice;
    const auto coats = make_coats(options, in_.subject->masses, willing, in_.sticks, *in_.parameters);
    if (!coats || coats->empty()) return v;
    v.possible = true;
    over(coats.value(), v);
    return v;
  }

 private:
  std::vector<Stack> stacks_on(const optics::Ground& ground) const {
    const SearchInput input{&ground, in_.parameters, in_.sticks, {}, in_.rules};
    return all_stacks(input, in_.plan->tray);
  }

  void finish(Finished& f, const std::vector<Stack>& stacks, const std::vector<std::size_t>& targets,
              const colour::Lab& ground) const {
    for (const Stack& s : stacks) f.darkest_l = std::min(f.darkest_l, s.lab.l);
    for (const std::size_t t : targets) {
      const Stack& best = nearest_stack(stacks, in_.plan->targets[t].target);
      f.add_bare(in_.plan->targets[t], ground);
      f.add(best, in_.plan->targets[t], ground, in_.sticks[static_cast<std::size_t>(best.strokes.back().stick)].lab);
    }
  }

  void over(const std::vector<Coat>& coats, CoatVerdict& v) {
    Finished f;
    double largest = -1;
    std::vector<bool> coated(in_.plan->targets.size());
    for (const Coat& c : coats) {
      std::vector<std::size_t> targets;
      double area = 0;
      for (std::size_t t = 0; t < coated.size(); ++t) {
        if (!std::binary_search(c.masses.begin(), c.masses.end(), in_.plan->targets[t].mass)) continue;
        targets.push_back(t);
        coated[t] = true;
        area += in_.plan->targets[t].area;
      }
      finish(f, stacks_on(c.ground), targets, c.dry);
      v.shows = v.shows || colour::ciede2000(c.dry, in_.paper->lab) >= kShows;
      v.tooth_used = std::max(v.tooth_used, c.tooth_used);
      if (area > largest) {
        largest = area;
        v.wet = c.wet;
        v.dry = c.dry;
      }
    }
    std::vector<std::size_t> bare;
    for (std::size_t t = 0; t < coated.size(); ++t) {
      if (!coated[t]) bare.push_back(t);
    }
    if (!bare.empty()) finish(f, plain_stacks(), bare, in_.paper->lab);
    f.close();
    v.de00 = f.de00;
    v.chroma = f.chroma - plain_.chroma;
    v.peeks = f.peeks;
    v.darkest_l = f.darkest_l;
    v.values_set = f.values_set;
    v.spared = f.spared;
    // Some five to fifteen per cent of a complement between the strokes makes them vibrate; more greys them.
    constexpr double kMostPeeking = 0.15;
    if (v.choice.colours == CoatColours::complement && v.shows && f.peeks <= kMostPeeking) v.vibrates = f.peeks;
  }

  const std::vector<Stack>& plain_stacks() {
    if (bare_.empty()) bare_ = stacks_on(in_.paper->ground);
    return bare_;
  }

  const CoatInput& in_;
  Finished plain_;
  std::vector<Stack> bare_;
};

std::vector<CoatChoice> all_choices() {
  std::vector<CoatChoice> out;
  for (std::size_t m = 0; m < kCoatMedia; ++m) {
    const auto medium = static_cast<CoatMedium>(m);
    // Ink and charcoal set values, nothing else.
    const bool values_only = medium == CoatMedium::ink || medium == CoatMedium::charcoal;
    for (std::size_t c = 0; c < kCoatColours; ++c) {
      const auto colours = static_cast<CoatColours>(c);
      if (!values_only || colours == CoatColours::tonal) out.push_back({medium, colours});
    }
  }
  return out;
}

/// What a coat costs and what it buys, in CIEDE2000 on the picture. Costs: error, tooth, waiting, a coat nobody sees.
/// Buys: values that stand before a stroke is laid, a layer less, darks that are missed, a complement in the gaps.
double price(const CoatVerdict& v, const CoatAdvice& plain, double darkest_wanted) {
  constexpr double kValues = 0.6;
  constexpr double kLayer = 0.5;
  constexpr double kDark = 0.03;  // for each L* that is missing
  constexpr double kVibrates = 1.5;
  const double missing = std::max(0.0, plain.plain_darkest_l - darkest_wanted);
  const double reached = std::clamp(plain.plain_darkest_l - v.darkest_l, 0.0, missing);
  return v.de00 + 1.0 * v.tooth_used + 0.002 * std::min(v.heated_minutes, 300.0) + (v.shows ? 0 : 0.3) -
         kValues * (v.values_set - plain.plain_values_set) - kLayer * (v.spared - plain.plain_spared) -
         kDark * reached - kVibrates * v.vibrates;
}

void choose(CoatAdvice& advice, double darkest_wanted) {
  double least = advice.plain_de00 - 0.1;  // it has to earn its drying
  for (std::size_t i = 0; i < advice.verdicts.size(); ++i) {
    const CoatVerdict& v = advice.verdicts[i];
    const double cost = price(v, advice, darkest_wanted);
    if (!v.bears || !v.possible || cost >= least) continue;
    least = cost;
    advice.pick = static_cast<int>(i);
  }
}

}  // namespace

Result<CoatAdvice> judge_coats(const CoatInput& input, Observer& observer) {
  CoatAdvice out;
  if (input.plan->tray.empty()) return out;
  CoatJudge judging(input);
  out.plain_de00 = judging.plain().de00;
  out.plain_darkest_l = judging.plain().darkest_l;
  const auto choices = all_choices();
  for (const CoatChoice& c : choices) {
    if (observer.cancelled()) return Error{Error::Code::cancelled, "underpainting", "stopped"};
    observer.progress(static_cast<double>(out.verdicts.size()) / static_cast<double>(choices.size()),
                      "trying underpaintings");
    out.verdicts.push_back(judging.of(c));
  }
  out.plain_values_set = judging.plain().values_set;
  out.plain_spared = judging.plain().spared;
  double darkest = 100;
  for (const TargetPlan& t : input.plan->targets) darkest = std::min(darkest, t.target.l);
  choose(out, darkest);
  return out;
}

}  // namespace yd::plan
