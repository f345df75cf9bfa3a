// SPDX-License-Identifier: MIT
#include "recipe/value_fit.h"

#include <algorithm>
#include <array>
#include <map>
#include <vector>

#include "colour/observer.h"
#include "optics/look.h"
#include "recipe/geometry.h"

namespace yd::plan {
namespace {

constexpr auto kNames = std::to_array<const char*>({"keep", "compress", "anchor-lights", "anchor-darks"});
static_assert(kNames.size() == std::size(kAllFits));

double between(double l, double a0, double a1, double b0, double b1) {
  return a1 > a0 ? b0 + (b1 - b0) * (l - a0) / (a1 - a0) : b0;
}

class Reacher {
 public:
  Reacher(const optics::Ground& ground, const optics::Parameters& parameters, Technique first)
      : ground_(ground), parameters_(parameters), first_(first) {}

  double lightness(const media::Stick& under, const media::Stick& over) {
    const auto key = std::pair{under.medium, over.medium};
    auto found = geometry_.find(key);
    if (found == geometry_.end()) {
      const std::array<StrokeShape, 2> firm{StrokeShape{under.medium, 1, first_},
                                            StrokeShape{over.medium, 1, Technique::laid}};
      found = geometry_.emplace(key, make_geometry(ground_, parameters_, firm)).first;
    }
    const optics::CoarsePigment first = optics::coarse(media::pigment_of(under, parameters_));
    const optics::CoarsePigment second = optics::coarse(media::pigment_of(over, parameters_));
    const std::array<const optics::CoarsePigment*, 2> both{&first, &second};
    return colour::to_lab(optics::mean(shade_stack(found->second, ground_, both))).l;
  }

 private:
  const optics::Ground& ground_;
  const optics::Parameters& parameters_;
  Technique first_;
  std::map<std::pair<optics::Medium, optics::Medium>, StackGeometry> geometry_;
};

}  // namespace

const char* name(Fit fit) { return kNames[static_cast<std::size_t>(fit)]; }

Result<Fit> fit_by_name(const std::string& name) {
  for (std::size_t i = 0; i < kNames.size(); ++i) {
    if (name == kNames[i]) return static_cast<Fit>(i);
  }
  return bad_value("fit", "\"" + name + "\" must be keep, compress, anchor-lights or anchor-darks");
}

ValueRange reachable_range(const optics::Ground& ground, std::span<const media::Stick> sticks,
                           const optics::Parameters& parameters, Technique first) {
  const double bare = colour::to_lab(optics::mean(ground.reflectance)).l;
  ValueRange out{bare, bare};
  Reacher reacher(ground, parameters, first);
  std::vector<std::pair<double, const media::Stick*>> all;
  for (const media::Stick& s : sticks) {
    all.emplace_back(reacher.lightness(s, s), &s);
    out.light = std::max(out.light, all.back().first);
  }
  std::sort(all.begin(), all.end());
  constexpr std::size_t kDarkest = 6;
  all.resize(std::min(all.size(), kDarkest));
  for (const auto& [l, under] : all) {
    out.dark = std::min(out.dark, l);
    for (const auto& [unused, over] : all) {
      if (may_lie_over(over->medium, under->medium)) out.dark = std::min(out.dark, reacher.lightness(*under, *over));
    }
  }
  return out;
}

ValueRange range_of(std::span<const subject::Mass> masses) {
  ValueRange out{100, 0};
  for (const subject::Mass& m : masses) {
    for (const subject::Shade& s : m.shades) {
      out.dark = std::min(out.dark, s.lab.l);
      out.light = std::max(out.light, s.lab.l);
    }
  }
  return out.dark <= out.light ? out : ValueRange{};
}

double fit_lightness(double l, Fit fit, const ValueRange& from, const ValueRange& reach) {
  const double dark = std::max(from.dark, reach.dark);
  const double light = std::min(from.light, reach.light);
  if (fit == Fit::compress && dark < light) return between(l, from.dark, from.light, dark, light);
  // What cannot be reached is drawn together with a quarter as much again of what can: the rest stays as it is seen.
  const double low = std::min(kPivot, dark + 0.25 * (dark - from.dark));
  const double high = std::max(kPivot, light - 0.25 * (from.light - light));
  if (fit == Fit::anchor_lights && l < low && dark < low) return between(l, from.dark, low, dark, low);
  if (fit == Fit::anchor_darks && l > high && light > high) return between(l, high, from.light, high, light);
  return l;
}

}  // namespace yd::plan
