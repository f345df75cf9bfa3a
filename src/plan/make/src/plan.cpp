// SPDX-License-Identifier: MIT
#include "make/plan.h"

#include <algorithm>
#include <set>
#include <span>

#include "finish/going_on.h"
#include "targets.h"
#include "tray_search.h"

namespace yd::plan {
namespace {

Status usable(const subject::Subject& subject, const media::Collection& collection, const PlanOptions& options) {
  if (!shipped_prices()) return shipped_prices().error();
  if (Status fine = check(options, collection.sticks.size()); !fine) return fine;
  return subject.masses.empty() ? Status(bad_value("subject", "has no masses")) : success();
}

void choose_school(Plan& plan, const subject::Subject& subject, std::span<const media::Stick> sticks,
                   const Brief& brief) {
  const SchoolAdvice advice = advise_school(subject.masses, sticks);
  plan.school = brief.school.value_or(advice.school);
  if (!brief.school) plan.advised = advice;
  for (std::size_t m = 0; m < subject.masses.size(); ++m)
    plan.rules.push_back(rules_for(brief, plan.school, static_cast<int>(m)));
}

/// How smooth masses and shades lie, and which masses are bands of one gradient.
struct Lie {
  std::vector<double> smooth;  ///< of each mass
  std::vector<double> even;    ///< of each target
  std::vector<subject::GradientPair> bands;
};

Lie lie_of(const subject::Subject& subject, std::span<const TargetPlan> targets) {
  Lie out;
  for (const subject::Mass& m : subject.masses) out.smooth.push_back(subject::smoothness(m));
  for (const TargetPlan& t : targets) {
    const subject::Mass& mass = subject.masses[static_cast<std::size_t>(t.mass)];
    out.even.push_back(subject::smoothness(mass, mass.shades[static_cast<std::size_t>(t.shade)]));
  }
  out.bands = subject::gradient_neighbours(subject.softened, subject.labels, static_cast<int>(subject.masses.size()));
  return out;
}

PaintingInput input_of(Plan& plan, const Lie& lie, const Materials& with, const PlanOptions& options) {
  PaintingInput out;
  out.targets = plan.targets;
  out.rules = plan.rules;
  out.masses = lie.smooth.size();
  out.smooth = lie.smooth;
  out.even = lie.even;
  out.bands = lie.bands;
  out.paper = &with.paper;
  out.coats = plan.coats;
  out.sticks = with.collection.sticks;
  out.parameters = &with.parameters;
  out.options = &options;
  return out;
}

Finishing finishing_of(Plan& plan, const Materials& with) {
  return {plan.targets, plan.rules, with.collection.sticks, &with.parameters,
          [&](const TargetPlan& t) -> const optics::Ground& { return ground_of(plan, t, with.paper); }};
}

/// Recipes from a tray, and single strokes more while they are worth it. What a sketch of so many minutes goes to is
/// chosen already.
Result<std::uint64_t> paint(Painting& painting, Plan& plan, std::vector<int>& tray, const Exchange& exchange,
                            const Materials& with, const PlanOptions& options, Observer& observer) {
  const auto painted = painting.paint(tray, exchange, observer);
  if (!painted) return painted.error();
  const Finishing finishing = finishing_of(plan, with);
  constexpr int kEveryLoan = 1 << 20;
  if (!painted->hurried) take_while_worth(*lending(finishing, options.most_strokes), plan.targets, kEveryLoan);
  take_while_worth(*accents(finishing, tray), plan.targets, painted->accents);
  return painted->looks;
}

/// The tray searched for, exchanged where the picture gains, and the recipes it gives.
Result<std::uint64_t> search(Plan& plan, const Lie& lie, const Materials& with, const PlanOptions& options,
                             Observer& observer) {
  Painting painting(input_of(plan, lie, with, options));
  Stretch searching(observer, 0, 0.8);
  auto begun = find_tray(painting, plan.targets, with, options, searching);
  if (!begun) return begun.error();
  TrayFound found = std::move(begun).value();
  const Exchange exchange = exchange_for(found, plan.targets, with, options, finishing_of(plan, with).ground);
  Stretch painted(observer, 0.8, 0.97);
  auto looks = paint(painting, plan, found.tray, exchange, with, options, painted);
  if (!looks) return looks;
  exchanged_to(found.work, found.tray);
  const std::uint64_t all = found.work.table.evaluations + looks.value();
  plan.work = std::make_shared<const TrayWork>(std::move(found.work));
  return all;
}

/// With a tray in the hand and work on the paper there is nothing to search the collection for: what was to come goes
/// on, or what is left is planned anew from this tray.
Result<std::uint64_t> go_on_from(Plan& plan, const Lie& lie, const Materials& with, const PlanOptions& options,
                                 Observer& observer) {
  std::vector<int> tray = options.given_tray;
  std::sort(tray.begin(), tray.end());
  if (!options.rest.empty()) return go_on(finishing_of(plan, with), options, tray, observer);
  Painting painting(input_of(plan, lie, with, options));
  Stretch painted(observer, 0.8, 0.97);
  return paint(painting, plan, tray, {}, with, options, painted);
}

void measure(Plan& plan, std::size_t masses, std::span<const int> must_have) {
  std::set<int> used(must_have.begin(), must_have.end());
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

const optics::Ground& ground_of(const Plan& plan, const TargetPlan& target, const media::Paper& paper) {
  return target.coat < 0 ? paper.ground : plan.coats[static_cast<std::size_t>(target.coat)].ground;
}

Result<Plan> make_plan(const subject::Subject& subject, const media::Paper& paper, const media::Collection& collection,
                       const optics::Parameters& parameters, const PlanOptions& options, Observer& observer) {
  if (Status fine = usable(subject, collection, options); !fine) return fine.error();
  const Materials with{paper, collection, parameters};
  Plan plan;
  plan.rests_on = options.rests_on;
  plan.targets = targets_of(subject);
  choose_school(plan, subject, collection.sticks, options);
  plan.reach = reach_of(with, options.manner);
  plan.seen = range_of(subject.masses);
  for (TargetPlan& t : plan.targets) t.target.l = fit_lightness(t.seen.l, options.fit, plan.seen, plan.reach);
  auto coats = coats_of(subject, with, options, plan.school);
  if (!coats) return coats.error();
  plan.coats = std::move(coats).value();
  stand_on(plan.coats, plan.targets);
  const Lie lie = lie_of(subject, plan.targets);
  const bool begun = !options.given_tray.empty() && !options.laid.empty();
  const auto looks =
      begun ? go_on_from(plan, lie, with, options, observer) : search(plan, lie, with, options, observer);
  if (!looks) return looks.error();
  plan.evaluations = looks.value();
  measure(plan, subject.masses.size(), options.wishes.must_have);
  Stretch arranging(observer, 0.97, 1.0);
  return arrange(std::move(plan), subject, paper, collection, parameters, options, arranging);
}

}  // namespace yd::plan
