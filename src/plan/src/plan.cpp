#include "plan/plan.h"

#include <algorithm>
#include <set>

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
      out.push_back({static_cast<int>(m), t.role, t.lab, t.area, {}});
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

}  // namespace

const char* name(School) { return "dark-first"; }

Result<School> school_by_name(const std::string& name) {
  if (name == "dark-first") return School::dark_first;
  return bad_value("school", "\"" + name + "\" is unknown; there is dark-first");
}

Result<Plan> make_plan(const subject::Subject& subject, const media::Paper& paper, const media::Collection& collection,
                       const optics::Parameters& parameters, const PlanOptions& options, Observer& observer) {
  if (options.most_sticks < 1 || options.most_sticks > 60) return bad_value("sticks", "must be from 1 to 60");
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
  const auto candidates = all_stacks(input, tray->sticks);
  plan.evaluations += candidates.size();
  const auto chosen = choose_stacks(candidates, plan.targets, subject.masses);
  for (std::size_t t = 0; t < plan.targets.size(); ++t) {
    plan.targets[t].recipe =
        evaluate(paper.ground, parameters, collection.sticks, candidates[chosen[t]].strokes, labs[t]);
  }
  plan.passes = order_passes(plan.targets, subject.masses, collection.sticks);
  measure(plan, subject.masses.size());
  observer.progress(1.0, "planned");
  return plan;
}

}  // namespace yd::plan
