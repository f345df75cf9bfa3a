// SPDX-License-Identifier: MIT
#include "advice/judge.h"

#include <algorithm>
#include <cmath>
#include <set>

#include "colour/ciede2000.h"
#include "colour/smoothest.h"
#include "search/layer_search.h"
#include "search/stacks.h"
#include "support/least.h"

namespace yd::plan {
namespace {

/// CIEDE2000 to the subject's own colour, whatever values were fitted.
double off(const TargetPlan& t) { return colour::ciede2000(t.recipe.look.lab, t.seen); }

Why reason_of(const TargetPlan& t) {
  if (off(t) <= kReached) return Why::reached;
  const colour::Lab& is = t.recipe.look.lab;
  const double light = is.l - t.seen.l;
  const double dull = colour::chroma(t.seen) - colour::chroma(is);
  if (std::abs(light) >= 2 && std::abs(light) >= 0.6 * std::abs(dull))
    return light > 0 ? Why::too_dark : Why::too_light;
  if (dull >= 3) return Why::too_vivid;
  return t.recipe.look.spread_l > 6 ? Why::ground_shows : Why::between_sticks;
}

/// The sheet under a thin dry coat of gouache in this colour.
optics::Ground underpainted(const optics::Ground& ground, const optics::Parameters& p, const colour::Lab& colour) {
  constexpr double kThinCoat = 0.5;
  optics::Pile pile(ground, p);
  pile.wash(0, optics::WashKind::opaque, kThinCoat);
  const std::array<optics::Pigment, 1> paint{
      optics::opaque_pigment(colour::nearest_reflectance(colour), p.of(optics::WashKind::opaque).scatter)};
  return optics::settle(pile, paint);
}

constexpr std::size_t kLookedInto = 12;

class Judge {
 public:
  explicit Judge(const ReachInput& in) : in_(in) {
    const auto cost = [&](std::size_t o) {
      const double eye = caught_by_eye(target(o).seen, 3);
      return eye * target(o).area * off(target(o));
    };
    for (std::size_t t = 0; t < in.plan->targets.size(); ++t) {
      reach_.push_back({reason_of(in.plan->targets[t]), {}});
      if (reach_[t].why == Why::reached) continue;
      // Many shades of a mass are off for one reason: the one that costs most speaks for its part.
      const TargetPlan& mine = target(t);
      const auto known = std::find_if(open_.begin(), open_.end(), [&](std::size_t o) {
        return target(o).mass == mine.mass && target(o).role == mine.role;
      });
      if (known == open_.end()) {
        open_.push_back(t);
      } else if (cost(t) > cost(*known)) {
        *known = t;
      }
    }
    // What costs the picture most is looked into; the rest is named only.
    std::stable_sort(open_.begin(), open_.end(), [&](std::size_t p, std::size_t q) { return cost(p) > cost(q); });
    open_.resize(std::min(open_.size(), kLookedInto));
    for (const std::size_t t : open_) {
      labs_.push_back(target(t).seen);
      coats_.insert(target(t).coat);
    }
  }

  bool anything_open() const { return !open_.empty(); }

  void try_strokes(Observer& observer) {
    if (in_.options.most_strokes >= 3) return;
    for (const int coat : coats_) {
      Lattice lattice(search(ground(coat)), in_.options.hand);
      const auto nearest = nearest_layered(lattice, labs_, in_.plan->tray, {}, observer);
      for (std::size_t n = 0; nearest.ok() && n < open_.size(); ++n) {
        if (target(open_[n]).coat == coat) note(n, nearest.value()[n], Remedy::Kind::more_strokes, "");
      }
    }
  }

  void try_rubbing() {
    if (in_.options.manner != Manner::broken) return;
    for (const int coat : coats_)
      note_all(coat, all_stacks(search(ground(coat), Manner::either), in_.plan->tray), Remedy::Kind::rubbing, "");
  }

  void try_underpainting() {
    if (in_.paper->wet != media::Wetness::full) return;
    for (std::size_t n = 0; n < open_.size(); ++n) {
      if (target(open_[n]).coat >= 0) continue;
      const optics::Ground coated = underpainted(in_.paper->ground, *in_.parameters, labs_[n]);
      note(n, nearest_difference(all_stacks(search(coated), in_.plan->tray), labs_[n]), Remedy::Kind::underpainting,
           "");
    }
  }

  void try_papers(Observer& observer) {
    std::vector<std::pair<double, std::string>> best(open_.size(), {1e9, ""});
    for (const media::Paper& p : in_.papers) {
      if (p.id == in_.paper->id || observer.cancelled()) continue;
      const auto stacks = all_stacks(search(p.ground), in_.plan->tray);
      for (std::size_t n = 0; n < open_.size(); ++n)
        best[n] = std::min(best[n], {nearest_difference(stacks, labs_[n]), p.id});
    }
    for (std::size_t n = 0; n < open_.size(); ++n) note(n, best[n].first, Remedy::Kind::other_ground, best[n].second);
  }

  /// The tray, and for every open target the sticks whose own colour is nearest: only these can help it much.
  std::vector<int> worth_asking() const {
    constexpr std::size_t kNearest = 4;
    std::set<int> out(in_.plan->tray.begin(), in_.plan->tray.end());
    const auto& sticks = in_.collection->sticks;
    for (const colour::Lab& lab : labs_) {
      std::vector<double> apart(sticks.size());
      std::transform(sticks.begin(), sticks.end(), apart.begin(),
                     [&](const media::Stick& s) { return colour::ciede2000(s.lab, lab); });
      for (const std::size_t s : least_of(apart.size(), kNearest, [&](std::size_t i) { return apart[i]; }))
        out.insert(static_cast<int>(s));
    }
    return {out.begin(), out.end()};
  }

  void try_sticks(Observer& observer) {
    TrayWork whole;
    whole.pool = worth_asking();
    std::vector<media::Stick> sticks;
    for (std::size_t n = 0; n < whole.pool.size(); ++n) {
      sticks.push_back(in_.collection->sticks[static_cast<std::size_t>(whole.pool[n])]);
      if (std::binary_search(in_.plan->tray.begin(), in_.plan->tray.end(), whole.pool[n]))
        whole.tray.sticks.push_back(static_cast<int>(n));
    }
    SearchInput asked = search(in_.paper->ground);
    asked.sticks = sticks;
    auto table = search_pairs(asked, observer);
    if (!table.ok()) return;
    whole.table = std::move(table).value();
    for (std::size_t n = 0; n < open_.size(); ++n) note_stick(n, whole, n);
  }

  std::vector<Reach> result() {
    for (Reach& r : reach_) {
      std::stable_sort(r.remedies.begin(), r.remedies.end(),
                       [](const Remedy& p, const Remedy& q) { return p.de00 < q.de00; });
    }
    return std::move(reach_);
  }

 private:
  const TargetPlan& target(std::size_t t) const { return in_.plan->targets[t]; }

  SearchInput search(const optics::Ground& ground, std::optional<Manner> manner = {}) const {
    return {&ground,
            in_.parameters,
            in_.collection->sticks,
            labs_,
            {in_.plan->school, manner.value_or(in_.options.manner)}};
  }

  void note(std::size_t n, double de00, Remedy::Kind kind, const std::string& what) {
    if (de00 > off(target(open_[n])) - kWorthwhile) return;
    reach_[open_[n]].remedies.push_back({kind, what, de00});
  }

  void note_all(int coat, const std::vector<Stack>& stacks, Remedy::Kind kind, const std::string& what) {
    for (std::size_t n = 0; n < open_.size(); ++n) {
      if (target(open_[n]).coat == coat) note(n, nearest_difference(stacks, labs_[n]), kind, what);
    }
  }

  const optics::Ground& ground(int coat) const {
    return coat < 0 ? in_.paper->ground : in_.plan->coats[static_cast<std::size_t>(coat)].ground;
  }

  void note_stick(std::size_t n, const TrayWork& work, std::size_t row) {
    const auto [cost, stick] = best_addition(work, row);
    if (stick >= 0) note(n, cost, Remedy::Kind::this_stick, in_.collection->sticks[static_cast<std::size_t>(stick)].id);
  }

  /// The stick outside the tray that helps this target most, alone or with one of the tray; by its place in the
  /// collection.
  static std::pair<double, int> best_addition(const TrayWork& work, std::size_t t) {
    std::pair<double, int> best{1e9, -1};
    const auto& tray = work.tray.sticks;
    for (int s = 0; s < static_cast<int>(work.table.sticks()); ++s) {
      if (std::binary_search(tray.begin(), tray.end(), s)) continue;
      const auto at = static_cast<std::size_t>(s);
      double cost = work.table.cost(t, at, at);
      for (const int j : tray)
        cost = std::min<double>({cost, work.table.cost(t, at, static_cast<std::size_t>(j)),
                                 work.table.cost(t, static_cast<std::size_t>(j), at)});
      if (cost < best.first) best = {cost, work.pool[at]};
    }
    return best;
  }

  const ReachInput& in_;
  std::vector<Reach> reach_;
  std::vector<std::size_t> open_;
  std::set<int> coats_;
  std::vector<colour::Lab> labs_;
};

}  // namespace

LightErrors errors_under_lights(const optics::StrataSpectra& strata, const colour::Lab& target) {
  const colour::Spectrum is = optics::mean(strata);
  const colour::Spectrum wanted = colour::nearest_reflectance(target);
  LightErrors out{};
  for (std::size_t i = 0; i < out.size(); ++i) {
    const colour::Weights& w = colour::weights(colour::kIlluminants[i]);
    out[i] = colour::ciede2000(colour::to_lab(is, w), colour::to_lab(wanted, w));
  }
  return out;
}

Metamerism metamerism(const LightErrors& errors) {
  Metamerism m;
  for (std::size_t i = 1; i < errors.size(); ++i) {
    if (errors[i] - errors[0] > m.added) m = {errors[i] - errors[0], colour::kIlluminants[i]};
  }
  return m;
}

const char* name(Why why) {
  constexpr auto names = std::to_array<const char*>(
      {"reached", "too dark", "too light", "too vivid", "ground shows through", "between the sticks"});
  static_assert(names.size() == static_cast<std::size_t>(Why::between_sticks) + 1);
  return names[static_cast<std::size_t>(why)];
}

const char* name(Remedy::Kind kind) {
  constexpr auto names = std::to_array<const char*>(
      {"more strokes", "underpainting in its own colour", "rubbing", "another ground", "one more stick"});
  static_assert(names.size() == static_cast<std::size_t>(Remedy::Kind::this_stick) + 1);
  return names[static_cast<std::size_t>(kind)];
}

Result<std::vector<Reach>> judge_reach(const ReachInput& input, Observer& observer) {
  Judge judge(input);
  if (!judge.anything_open()) return judge.result();
  judge.try_strokes(observer);
  judge.try_rubbing();
  observer.progress(0.2, "looking for what would help");
  judge.try_underpainting();
  judge.try_papers(observer);
  observer.progress(0.6, "looking for what would help");
  judge.try_sticks(observer);
  if (observer.cancelled()) return Error{Error::Code::cancelled, "reach", "stopped"};
  observer.progress(1, "judged");
  return judge.result();
}

}  // namespace yd::plan
