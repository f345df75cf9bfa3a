#include "plan/judge.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <set>

#include "colour/ciede2000.h"
#include "colour/smoothest.h"
#include "plan/deep_search.h"
#include "plan/stacks.h"

namespace yd::plan {
namespace {

Why reason_of(const TargetPlan& t) {
  if (t.recipe.de00 <= kReached) return Why::reached;
  const colour::Lab& is = t.recipe.look.lab;
  const double light = is.l - t.target.l;
  const double dull = colour::chroma(t.target) - colour::chroma(is);
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

class Judge {
 public:
  explicit Judge(const ReachInput& in) : in_(in) {
    for (std::size_t t = 0; t < in.plan->targets.size(); ++t) {
      reach_.push_back({reason_of(in.plan->targets[t]), {}});
      if (reach_[t].why != Why::reached) open_.push_back(t);
    }
    for (const std::size_t t : open_) {
      labs_.push_back(target(t).target);
      coats_.insert(target(t).coat);
    }
  }

  bool anything_open() const { return !open_.empty(); }

  void try_strokes(Observer& observer) {
    if (in_.options.most_strokes >= 3) return;
    for (const int coat : coats_) {
      DeepSummary summary;
      const auto stacks = deep_stacks(search(ground(coat)), in_.plan->tray, {}, summary, observer);
      if (stacks.ok()) note_all(coat, stacks.value(), Remedy::Kind::more_strokes, "");
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

  void try_sticks(Observer& observer) {
    if (in_.plan->work) {
      // The plan's own table of pairs holds every stick worth asking.
      for (std::size_t n = 0; n < open_.size(); ++n) note_stick(n, *in_.plan->work, open_[n]);
      return;
    }
    auto table = search_pairs(search(in_.paper->ground), observer);
    if (!table.ok()) return;
    TrayWork whole;
    whole.table = std::move(table).value();
    whole.pool.resize(in_.collection->sticks.size());
    std::iota(whole.pool.begin(), whole.pool.end(), 0);
    whole.tray.sticks = in_.plan->tray;
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
    if (de00 > target(open_[n]).recipe.de00 - kWorthwhile) return;
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
