// SPDX-License-Identifier: MIT
#include "exports/core_columns.h"

#include "exports/pass_words.h"

#include <algorithm>
#include <numeric>

#include "pictures/screen.h"
#include "words/names.h"

namespace yd::exports {
namespace {

/// One block for every pass that works on the target; fixative adds none.
CoreStack make_stack(const PlanView& planned, int target) {
  const plan::TargetPlan& t = planned.plan.targets[static_cast<std::size_t>(target)];
  const auto& sticks = planned.collection.sticks;
  CoreStack stack{subject::name(t.role), {}};
  double before = 0;
  for (const plan::Pass& p : planned.plan.passes) {
    if (p.skipped || p.finishing || !std::binary_search(p.targets.begin(), p.targets.end(), target)) continue;
    if (p.kind == plan::PassKind::coat) {
      const plan::Coat& coat = planned.plan.coats[static_cast<std::size_t>(p.underpaint)];
      const double load = coat.tooth_used * planned.paper.tooth.depth;
      stack.blocks.push_back({p.number, pictures::to_colour(coat.dry), load, true, true});
    }
    if (p.kind != plan::PassKind::stroke) continue;
    const double load =
        plan::pile_after(planned.plan, target, p.number, planned.paper, sticks, planned.parameters).mean_load();
    stack.blocks.push_back({p.number, pictures::to_colour(sticks[static_cast<std::size_t>(p.stick)].lab), load - before,
                            p.technique == plan::Technique::rubbed, false});
    before = load;
  }
  return stack;
}

/// Masses in the order in which work on them begins.
std::vector<int> working_order(const PlanView& planned) {
  std::vector<int> order(planned.subject.masses.size());
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

CoreDrawing draw_core(const PlanView& planned, CoreOrder order) {
  CoreDrawing out;
  out.paper = pictures::to_colour(planned.paper.lab);
  out.tooth = planned.paper.tooth.depth;
  out.capacity = planned.paper.tooth.depth + planned.paper.tooth.hold;
  const auto mass_of = [&](int m) -> const subject::Mass& {
    return planned.subject.masses[static_cast<std::size_t>(m)];
  };
  std::vector<int> columns = working_order(planned);
  std::stable_sort(columns.begin(), columns.end(), [&](int p, int q) {
    if (order == CoreOrder::plane) return mass_of(p).plane < mass_of(q).plane;
    return order == CoreOrder::value && mass_of(p).value < mass_of(q).value;
  });
  for (const int m : columns) {
    CoreColumn column{m,
                      QString::number(mass_of(m).id + 1),
                      words::mass_name(mass_of(m)),
                      planned.plan.mass_tooth_left[static_cast<std::size_t>(m)],
                      {},
                      {}};
    for (const QString& line : friend_words(planned, m)) column.recipe.push_back(line);
    for (const int t : plan::representatives(planned.plan.targets, m)) column.stacks.push_back(make_stack(planned, t));
    out.columns.push_back(std::move(column));
  }
  return out;
}

}  // namespace yd::exports
