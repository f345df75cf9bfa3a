// SPDX-License-Identifier: MIT
#include "order_jobs.h"

#include <algorithm>
#include <map>
#include <set>
#include <tuple>

#include "colour/lab.h"
#include "price/price.h"

namespace yd::plan {
namespace {

constexpr double kAccentArea = 0.015;  // share of the picture up to which a light top stroke is an accent
constexpr int kPaintTool = 1'000'000;  // mixed paints and fixative are tools of their own
constexpr int kFixTool = 2'000'000;

/// What makes strokes one job, in the order that is liked best.
struct JobKey {
  int accent, level, kind, later;
  double value;
  int stick, technique, underpaint;
  auto tie() const { return std::tie(accent, level, kind, later, value, stick, technique, underpaint); }
  bool operator<(const JobKey& o) const { return tie() < o.tie(); }
};

class JobMaker {
 public:
  explicit JobMaker(const OrderInput& in) : in_(in) {}

  std::vector<Pass> make() {
    for (const TargetPlan& t : in_.targets) {
      for (std::size_t i = static_cast<std::size_t>(t.laid); i < t.recipe.strokes.size(); ++i) {
        Use& use = uses_[pass_of(t.recipe.strokes[i])];
        use.area += t.area;
        use.on_top = use.on_top && i + 1 == t.recipe.strokes.size();
      }
    }
    for (std::size_t t = 0; t < in_.targets.size(); ++t) add_target(static_cast<int>(t));
    std::vector<Pass> out;
    for (auto& [key, pass] : jobs_) {
      finish(pass);
      out.push_back(std::move(pass));
    }
    return out;
  }

 private:
  const subject::Mass& mass_of(const TargetPlan& t) const {
    return in_.subject->masses[static_cast<std::size_t>(t.mass)];
  }

  bool coat_is_laid(int coat) const {
    return std::any_of(in_.laid.begin(), in_.laid.end(),
                       [&](const Pass& p) { return p.kind == PassKind::coat && p.underpaint == coat; });
  }

  JobKey key_of(const TargetPlan& t) const {
    const subject::Mass& mass = mass_of(t);
    JobKey k{};
    k.later = in_.course == Course::features_first && !mass.focal ? 1 : 0;
    k.stick = -1;
    k.underpaint = -1;
    return k;
  }

  void add_target(int index) {
    const TargetPlan& t = in_.targets[static_cast<std::size_t>(index)];
    if (t.coat >= 0 && !coat_is_laid(t.coat)) add_coat(t, index);
    if (t.coat >= 0 && needs_fixing(t, index)) add_fix(t, index, 0);
    const bool fixed = state_after(in_.laid, index, static_cast<int>(in_.laid.size())).fixed;
    for (std::size_t i = static_cast<std::size_t>(t.laid); i < t.recipe.strokes.size(); ++i) {
      const bool already = fixed && i == static_cast<std::size_t>(t.laid);
      if (t.recipe.strokes[i].fix_first && !already) add_fix(t, index, t.recipe.strokes[i].level);
      add_stroke(t, index, t.recipe.strokes[i]);
    }
  }

  void add_coat(const TargetPlan& t, int index) {
    JobKey k = key_of(t);
    k.later = 0;  // a coat is one pass over all its masses
    k.underpaint = t.coat;
    k.kind = -2;
    Pass& p = jobs_[k];
    const Coat& coat = in_.coats[static_cast<std::size_t>(t.coat)];
    p.kind = PassKind::coat;
    p.underpaint = t.coat;
    p.stick = coat.stick;
    p.pressure = coat.stick >= 0 ? coat.pressure : 0;
    p.technique = coat.how.medium == CoatMedium::dry_rubbed ? Technique::rubbed : Technique::laid;
    p.dry_minutes = facts(coat.how.medium).dry_minutes;
    p.targets.push_back(index);
    if (coat.how.medium == CoatMedium::charcoal) p.dry_minutes = 0;  // what has to dry is its fixative
  }

  /// Charcoal that lies bare, or will, and is not fixed.
  bool needs_fixing(const TargetPlan& t, int index) const {
    if (in_.coats[static_cast<std::size_t>(t.coat)].how.medium != CoatMedium::charcoal || t.laid > 0) return false;
    return std::none_of(in_.laid.begin(), in_.laid.end(), [&](const Pass& p) {
      return p.kind == PassKind::fix && std::binary_search(p.targets.begin(), p.targets.end(), index);
    });
  }

  void add_fix(const TargetPlan& t, int index, int level) {
    JobKey k = key_of(t);
    k.later = 0;
    k.level = level;
    k.kind = -1;
    Pass& p = jobs_[k];
    p.kind = PassKind::fix;
    p.level = level;
    p.pressure = 0;
    p.dry_minutes = in_.fix_minutes;
    p.targets.push_back(index);
  }

  void add_stroke(const TargetPlan& t, int index, const Stroke& s) {
    const media::Stick& stick = in_.sticks[static_cast<std::size_t>(s.stick)];
    const Use& use = uses_[pass_of(s)];
    JobKey k = key_of(t);
    const bool highlight = use.on_top && use.area < kAccentArea && stick.lab.l >= kAccentLight &&
                           s.technique == Technique::laid;  // what is rubbed is no highlight
    k.accent = highlight || s.level >= kAccentLevel ? 1 : 0;
    k.level = s.level;
    k.value = in_.rules[static_cast<std::size_t>(t.mass)].school->order == SchoolLaws::Order::lights_first
                  ? -stick.lab.l
                  : stick.lab.l;
    k.stick = s.stick;
    k.technique = static_cast<int>(s.technique);
    Pass& p = jobs_[k];
    p.stick = s.stick;
    p.least_pressure = p.targets.empty() ? s.pressure : std::min(p.least_pressure, s.pressure);
    p.pressure = p.targets.empty() ? s.pressure : std::max(p.pressure, s.pressure);
    p.technique = s.technique;
    p.level = s.level;
    p.accent = k.accent == 1;
    p.targets.push_back(index);
    p.pressures.push_back(s.pressure);
  }

  void finish(Pass& p) const {
    std::set<int> masses;
    double area = 0;
    p.plane = subject::Plane::foreground;
    for (const int t : p.targets) {
      const TargetPlan& target = in_.targets[static_cast<std::size_t>(t)];
      masses.insert(target.mass);
      area += target.area;
      p.plane = std::min(p.plane, mass_of(target).plane);
    }
    p.masses.assign(masses.begin(), masses.end());
    p.minutes = minutes_for(p, area * in_.sheet_cm2, in_.sticks, in_.pace);
  }

  /// All that is laid of one stick in one way at one level.
  struct Use {
    double area = 0;
    bool on_top = true;
  };

  const OrderInput& in_;
  std::map<PassKey, Use> uses_;
  std::map<JobKey, Pass> jobs_;
};

}  // namespace

int tool_of(const Pass& p) {
  if (p.kind == PassKind::fix) return kFixTool;
  return p.stick >= 0 ? p.stick : kPaintTool + p.underpaint;
}

double minutes_for(const Pass& p, double area_cm2, std::span<const media::Stick> sticks, const Pace& pace) {
  double rate = p.kind == PassKind::fix ? prices().minutes.spray_cm2 : prices().minutes.brush_cm2 / pace.brush;
  if (p.stick >= 0) {
    const optics::Medium medium = sticks[static_cast<std::size_t>(p.stick)].medium;
    rate = media::facts(medium).covers_cm2_min / pace.of(medium);
  }
  const double slower = p.technique == Technique::rubbed ? prices().minutes.rubbing : 1;
  return prices().minutes.take_up + slower * area_cm2 / rate;
}

std::vector<Pass> make_jobs(const OrderInput& input) { return JobMaker(input).make(); }

}  // namespace yd::plan
