#include "plan/plan.h"

#include <algorithm>
#include <set>

#include "plan/deep_search.h"
#include "plan/pareto.h"
#include "plan/stacks.h"
#include "plan/tray.h"

namespace yd::plan {
namespace {

/// Reports a part of the work as a stretch of the whole.
class Stretch : public Observer {
 public:
  Stretch(Observer& whole, double from, double to) : whole_(whole), from_(from), to_(to) {}
  void progress(double fraction, std::string_view step) override {
    whole_.progress(from_ + (to_ - from_) * fraction, step);
  }
  bool cancelled() const override { return whole_.cancelled(); }

 private:
  Observer& whole_;
  double from_;
  double to_;
};

std::vector<TargetPlan> collect_targets(const subject::Subject& subject) {
  std::vector<TargetPlan> out;
  for (std::size_t m = 0; m < subject.masses.size(); ++m) {
    for (const subject::Target& t : subject.masses[m].targets) {
      out.push_back({static_cast<int>(m), t.role, t.lab, t.area, {}, {}, false});
    }
  }
  return out;
}

/// Share of the picture, with a floor so that a small accent still counts.
std::vector<double> weigh(const std::vector<TargetPlan>& targets) {
  std::vector<double> w;
  double sum = 0;
  for (const TargetPlan& t : targets) {
    w.push_back(t.area + 0.2 / static_cast<double>(targets.size()));
    sum += w.back();
  }
  for (double& x : w) x /= sum;
  return w;
}

void measure(Plan& plan, std::size_t masses) {
  std::set<int> used;
  plan.mass_tooth_left.assign(masses, 1.0);
  double area = 0;
  for (const TargetPlan& t : plan.targets) {
    for (const Stroke& s : t.recipe.strokes) used.insert(s.stick);
    double& tooth = plan.mass_tooth_left[static_cast<std::size_t>(t.mass)];
    tooth = std::min(tooth, t.recipe.tooth_left);
    plan.area_mean_de00 += t.area * t.recipe.de00;
    plan.worst_de00 = std::max(plan.worst_de00, t.recipe.de00);
    area += t.area;
  }
  if (area > 0) plan.area_mean_de00 /= area;
  plan.tray.assign(used.begin(), used.end());
}

/// Every stack the tray may be asked for.
Result<std::vector<Stack>> tray_stacks(const SearchInput& input, std::span<const int> tray, const PlanOptions& options,
                                       Observer& observer) {
  std::vector<Stack> out = all_stacks(input, tray);
  if (options.most_strokes == 1) std::erase_if(out, [](const Stack& s) { return s.strokes.size() > 1; });
  if (options.most_strokes < 3) return out;
  DeepOptions deep;
  deep.strokes = options.most_strokes;
  DeepSummary summary;
  auto more = deep_stacks(input, tray, deep, summary, observer);
  if (!more) return more.error();
  std::move(more.value().begin(), more.value().end(), std::back_inserter(out));
  return out;
}

const HandChoice* chosen_by_hand(const PlanOptions& options, const TargetPlan& target) {
  for (const HandChoice& h : options.by_hand) {
    if (h.mass == target.mass && h.role == target.role) return &h;
  }
  return nullptr;
}

Status check(const PlanOptions& options, std::size_t sticks) {
  if (options.most_sticks < 1 || options.most_sticks > 60) return bad_value("sticks", "must be from 1 to 60");
  if (options.most_strokes < 1 || options.most_strokes > static_cast<int>(kMostStrokes)) {
    return bad_value("strokes", "must be from 1 to 4");
  }
  for (const HandChoice& h : options.by_hand) {
    for (const Stroke& s : h.strokes) {
      if (s.stick < 0 || static_cast<std::size_t>(s.stick) >= sticks)
        return bad_value("by_hand", "names a stick that is not there");
      if (!(s.pressure >= 0 && s.pressure <= 1)) return bad_value("by_hand", "pressure must be from 0 to 1");
    }
  }
  return success();
}

}  // namespace

const char* name(School) { return "dark-first"; }

Result<School> school_by_name(const std::string& name) {
  if (name == "dark-first") return School::dark_first;
  return bad_value("school", "\"" + name + "\" is unknown; there is dark-first");
}

Result<Plan> make_plan(const subject::Subject& subject, const media::Paper& paper, const media::Collection& collection,
                       const optics::Parameters& parameters, const PlanOptions& options, Observer& observer) {
  const Status usable = check(options, collection.sticks.size());
  if (!usable) return usable.error();
  if (subject.masses.empty()) return bad_value("subject", "has no masses");
  Plan plan;
  plan.targets = collect_targets(subject);
  std::vector<colour::Lab> labs;
  for (const TargetPlan& t : plan.targets) labs.push_back(t.target);
  const SearchInput input{&paper.ground,
                          &parameters,
                          collection.sticks,
                          labs,
                          {options.school == School::dark_first, options.allow_rubbed}};
  Stretch searching(observer, 0.0, 0.7);
  auto table = search_pairs(input, searching);
  if (!table) return table.error();
  plan.evaluations = table->evaluations;
  Stretch choosing(observer, 0.7, 0.95);
  const auto tray = choose_tray(table.value(), weigh(plan.targets), {options.most_sticks, 1, 400}, choosing);
  if (!tray) return tray.error();
  auto candidates = tray_stacks(input, tray->sticks, options, observer);
  if (!candidates) return candidates.error();
  plan.evaluations += candidates->size();
  const auto chosen = choose_stacks(candidates.value(), plan.targets, subject.masses);
  for (std::size_t t = 0; t < plan.targets.size(); ++t) {
    const auto* hand = chosen_by_hand(options, plan.targets[t]);
    plan.targets[t].by_hand = hand != nullptr;
    plan.targets[t].recipe = evaluate(paper.ground, parameters, collection.sticks,
                                      hand != nullptr ? hand->strokes : candidates.value()[chosen[t]].strokes, labs[t]);
    plan.targets[t].alternatives = pareto(candidates.value(), labs[t]);
  }
  plan.passes = order_passes(plan.targets, subject.masses, collection.sticks);
  measure(plan, subject.masses.size());
  observer.progress(1.0, "planned");
  return plan;
}

}  // namespace yd::plan
