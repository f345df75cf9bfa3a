#include "plan/stacks.h"

#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <set>
#include <tuple>

#include "colour/ciede2000.h"
#include "colour/observer.h"

namespace yd::plan {
namespace {

constexpr double kWorthKeeping = 2.0;  // stacks further than this from a target's best are not looked at again

std::vector<optics::Medium> media_of(std::span<const media::Stick> sticks, std::span<const int> tray) {
  std::set<optics::Medium> present;
  for (const int i : tray) present.insert(sticks[static_cast<std::size_t>(i)].medium);
  return {present.begin(), present.end()};
}

Stroke stroke_of(const StackGeometry& g, std::size_t which, int stick) {
  return {stick, g.shape[which].pressure, g.shape[which].technique};
}

class StackMaker {
 public:
  StackMaker(const SearchInput& input, std::span<const int> tray) : in_(input), tray_(tray) {
    for (const int i : tray_) pigments_[i] = media::pigment_of(stick(i), *in_.parameters);
  }

  std::vector<Stack> of(const StackGeometry& g) const {
    std::vector<Stack> out;
    for (const int first : tray_) {
      if (stick(first).medium != g.shape[0].medium) continue;
      if (g.strokes == 1) {
        out.push_back(make(g, {stroke_of(g, 0, first)}));
        continue;
      }
      for (const int second : tray_) {
        if (stick(second).medium != g.shape[1].medium || !stack_allowed(in_, first, second)) continue;
        out.push_back(make(g, {stroke_of(g, 0, first), stroke_of(g, 1, second)}));
      }
    }
    return out;
  }

 private:
  const media::Stick& stick(int i) const { return in_.sticks[static_cast<std::size_t>(i)]; }

  Stack make(const StackGeometry& g, std::vector<Stroke> strokes) const {
    const std::array<const optics::Pigment*, 2> both{&pigments_.at(strokes.front().stick),
                                                     &pigments_.at(strokes.back().stick)};
    const auto strata = shade_stack(g, *in_.ground, std::span(both).first(strokes.size()));
    const optics::Look look = optics::look(strata);
    return {std::move(strokes), look.lab, static_cast<float>(look.spread_l), static_cast<float>(g.tooth_left)};
  }

  const SearchInput& in_;
  std::span<const int> tray_;
  std::map<int, optics::Pigment> pigments_;
};

/// What two strokes must share to be one pass.
using PassKey = std::tuple<int, int, int, double, int>;

std::vector<PassKey> keys(const Stack& stack, int plane) {
  std::vector<PassKey> out;
  int coat = 0;
  for (const Stroke& s : stack.strokes)
    out.emplace_back(coat++, plane, s.stick, s.pressure, static_cast<int>(s.technique));
  return out;
}

struct Option {
  std::size_t stack;
  double cost;
};

std::vector<Option> options_for(const StackChoice& in, std::size_t t) {
  const std::span<const Stack> stacks = in.stacks[in.group[t]];
  const colour::Lab& target = in.targets[t].target;
  const StackRules& rules = in.rules[static_cast<std::size_t>(in.targets[t].mass)];
  std::vector<float> l;
  std::vector<float> a;
  std::vector<float> b;
  for (const Stack& s : stacks) {
    l.push_back(static_cast<float>(s.lab.l));
    a.push_back(static_cast<float>(s.lab.a));
    b.push_back(static_cast<float>(s.lab.b));
  }
  std::vector<float> difference(stacks.size());
  colour::ciede2000_bulk(l.data(), a.data(), b.data(), stacks.size(), target, difference.data());
  std::vector<Option> all;
  for (std::size_t i = 0; i < stacks.size(); ++i) {
    const double price = stack_price(stacks[i]) + school_price(rules, stacks[i].strokes, in.sticks, target);
    all.push_back({i, difference[i] + price});
  }
  std::sort(all.begin(), all.end(),
            [](const Option& p, const Option& q) { return std::tie(p.cost, p.stack) < std::tie(q.cost, q.stack); });
  const auto end =
      std::find_if(all.begin(), all.end(), [&](const Option& o) { return o.cost > all.front().cost + kWorthKeeping; });
  all.erase(end, all.end());
  return all;
}

/// How often each pass is asked for.
class PassCount {
 public:
  void add(const std::vector<PassKey>& keys, int by) {
    for (const PassKey& k : keys) count_[k] += by;
  }
  double price_of(const std::vector<PassKey>& keys) const {
    return kPassPrice * static_cast<double>(std::count_if(keys.begin(), keys.end(), [&](const PassKey& k) {
             const auto found = count_.find(k);
             return found == count_.end() || found->second == 0;
           }));
  }

 private:
  std::map<PassKey, int> count_;
};

}  // namespace

double nearest_difference(std::span<const Stack> stacks, const colour::Lab& target, std::size_t strokes) {
  double best = 1e9;
  for (const Stack& s : stacks) {
    // The lightness bound spares most of the full differences.
    if (s.strokes.size() > strokes || std::abs(s.lab.l - target.l) / colour::kLightnessBound > best) continue;
    best = std::min(best, colour::ciede2000(s.lab, target));
  }
  return best;
}

double stack_price(const Stack& stack) {
  const double more = stack.strokes.empty() ? 0 : static_cast<double>(stack.strokes.size() - 1);
  const bool rubbed = !stack.strokes.empty() && stack.strokes.back().technique == Technique::rubbed;
  return kStrokePrice * more + (rubbed ? kRubPrice : 0) + kSpecklePrice * std::max(0.0, stack.spread_l - kSpeckleFree);
}

std::vector<Stack> all_stacks(const SearchInput& input, std::span<const int> tray) {
  const StackMaker maker(input, tray);
  const auto geometries = allowed_geometries(input, media_of(input.sticks, tray));
  std::vector<std::vector<Stack>> parts(geometries.size());
  tbb::parallel_for(std::size_t{0}, geometries.size(), [&](std::size_t g) { parts[g] = maker.of(geometries[g]); });
  std::vector<Stack> out;
  for (auto& part : parts) std::move(part.begin(), part.end(), std::back_inserter(out));
  return out;
}

std::vector<std::size_t> choose_stacks(const StackChoice& in) {
  const auto& targets = in.targets;
  const auto stack = [&](std::size_t t, std::size_t i) -> const Stack& { return in.stacks[in.group[t]][i]; };
  std::vector<std::vector<Option>> options(targets.size());
  tbb::parallel_for(std::size_t{0}, targets.size(), [&](std::size_t t) { options[t] = options_for(in, t); });
  const auto plane_of = [&](std::size_t t) {
    return static_cast<int>(in.masses[static_cast<std::size_t>(targets[t].mass)].plane);
  };
  std::vector<std::size_t> chosen;
  PassCount passes;
  for (std::size_t t = 0; t < targets.size(); ++t) {
    chosen.push_back(options[t].front().stack);
    passes.add(keys(stack(t, chosen[t]), plane_of(t)), 1);
  }
  constexpr int kMostRounds = 20;
  bool changed = true;
  for (int round = 0; changed && round < kMostRounds; ++round) {
    changed = false;
    for (std::size_t t = 0; t < targets.size(); ++t) {
      passes.add(keys(stack(t, chosen[t]), plane_of(t)), -1);
      std::size_t best = chosen[t];
      double least = 1e9;
      for (const Option& o : options[t]) {
        const double cost = o.cost + passes.price_of(keys(stack(t, o.stack), plane_of(t)));
        if (cost < least - 1e-9) least = cost, best = o.stack;
      }
      changed = changed || best != chosen[t];
      chosen[t] = best;
      passes.add(keys(stack(t, best), plane_of(t)), 1);
    }
  }
  return chosen;
}

}  // namespace yd::plan
