#include "models/core_columns.h"

#include <algorithm>
#include <numeric>

#include "models/images.h"

namespace yd::app {
namespace {

std::vector<int> passes_of(const plan::Plan& plan, int target) {
  std::vector<int> out;
  for (const plan::Pass& p : plan.passes) {
    if (std::binary_search(p.targets.begin(), p.targets.end(), target)) out.push_back(p.number);
  }
  return out;
}

CoreStack make_stack(const Planned& planned, const optics::Parameters& parameters, int target) {
  const plan::TargetPlan& t = planned.plan.targets[static_cast<std::size_t>(target)];
  const auto& sticks = planned.collection->sticks;
  CoreStack stack{subject::name(t.role), {}};
  const auto passes = passes_of(planned.plan, target);
  double before = 0;
  for (std::size_t i = 0; i < t.recipe.strokes.size() && i < passes.size(); ++i) {
    const plan::Stroke& s = t.recipe.strokes[i];
    const double load = plan::build(plan::ground_of(planned.plan, t, *planned.paper), parameters, sticks,
                                    std::span(t.recipe.strokes).first(i + 1))
                            .mean_load();
    stack.blocks.push_back({passes[i], to_colour(sticks[static_cast<std::size_t>(s.stick)].lab), load - before,
                            s.technique == plan::Technique::rubbed});
    before = load;
  }
  return stack;
}

/// Masses in the order in which work on them begins.
std::vector<int> working_order(const Planned& planned) {
  std::vector<int> order(planned.subject->masses.size());
  std::iota(order.begin(), order.end(), 0);
  std::vector<int> first(order.size(), 1 << 20);
  for (const plan::Pass& p : planned.plan.passes) {
    for (const int m : p.masses)
      first[static_cast<std::size_t>(m)] = std::min(first[static_cast<std::size_t>(m)], p.number);
  }
  std::stable_sort(order.begin(), order.end(), [&](int p, int q) {
    return first[static_cast<std::size_t>(p)] < first[static_cast<std::size_t>(q)];
  });
  return order;
}

}  // namespace

CoreDrawing draw_core(const Planned& planned, const optics::Parameters& parameters) {
  CoreDrawing out;
  out.paper = to_colour(planned.paper->lab);
  out.tooth = planned.paper->tooth.depth;
  out.capacity = planned.paper->tooth.depth + planned.paper->tooth.hold;
  out.tallest = out.capacity;
  for (const int m : working_order(planned)) {
    const subject::Mass& mass = planned.subject->masses[static_cast<std::size_t>(m)];
    CoreColumn column{m,
                      QString::number(mass.id + 1),
                      QString::fromStdString(mass.name),
                      planned.plan.mass_tooth_left[static_cast<std::size_t>(m)],
                      {}};
    for (std::size_t t = 0; t < planned.plan.targets.size(); ++t) {
      if (planned.plan.targets[t].mass == m)
        column.stacks.push_back(make_stack(planned, parameters, static_cast<int>(t)));
    }
    out.columns.push_back(std::move(column));
  }
  return out;
}

}  // namespace yd::app
