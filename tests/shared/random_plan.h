// SPDX-License-Identifier: MIT
#pragma once

#include <algorithm>

#include "make/plan.h"
#include "small_world.h"
#include "support/random.h"

namespace yd::trial {

/// A made-up picture of a few bands and patches with random planes, edges and focal masses: for laws that must hold
/// whatever is drawn. No pixels but the map of masses.
inline subject::Subject random_subject(Random& random) {
  subject::Subject s;
  const int columns = 2 + static_cast<int>(random.below(3));
  const int rows = 2 + static_cast<int>(random.below(3));
  constexpr int kCell = 8;
  s.labels = subject::LabelImage(columns * kCell, rows * kCell);
  for (int y = 0; y < s.labels.height; ++y) {
    for (int x = 0; x < s.labels.width; ++x)
      s.labels.at(x, y) = static_cast<std::uint16_t>(y / kCell * columns + x / kCell);
  }
  for (int i = 0; i < columns * rows; ++i) {
    subject::Mass m;
    m.id = i;
    m.name = "patch";
    m.plane = static_cast<subject::Plane>(random.below(3));
    m.edge = random.uniform() < 0.3 ? subject::EdgeKind::soft : subject::EdgeKind::hard;
    m.focal = random.uniform() < 0.15;
    m.area = 1.0 / (columns * rows);
    m.centre_x = (i % columns + 0.5) / columns;
    m.centre_y = (i / columns + 0.5) / rows;
    s.masses.push_back(m);
  }
  return s;
}

/// Random recipes of the sticks, hard under soft, now and then with fixative, over random coats.
inline plan::Plan random_recipes(Random& random, const subject::Subject& s, const media::Paper& paper,
                                 const media::Collection& sticks, const optics::Parameters& parameters) {
  plan::Plan p;
  plan::UnderpaintOptions coats;
  if (random.uniform() < 0.5) {
    coats.picture =
        plan::CoatChoice{static_cast<plan::CoatMedium>(random.below(plan::kCoatMedia)), plan::CoatColours::local};
  }
  auto made = plan::make_coats(coats, s.masses, paper, sticks.sticks, parameters);
  if (made.ok()) p.coats = std::move(made).value();
  const auto school = plan::kSchools[random.below(plan::kSchools.size())];
  p.school = school;
  for (std::size_t m = 0; m < s.masses.size(); ++m) {
    p.rules.push_back({random.uniform() < 0.1 ? plan::School::light_coat : school, plan::Manner::either});
    const int parts = 1 + 2 * static_cast<int>(random.below(2));
    for (int r = 0; r < parts; ++r) {
      plan::TargetPlan t;
      t.mass = static_cast<int>(m);
      t.shade = r;
      t.role = parts == 1 ? subject::Role::middle : static_cast<subject::Role>(r);
      t.area = s.masses[m].area / parts * (random.uniform() < 0.2 ? 0.05 : 1);
      for (std::size_t c = 0; c < p.coats.size(); ++c) {
        if (std::binary_search(p.coats[c].masses.begin(), p.coats[c].masses.end(), t.mass))
          t.coat = static_cast<int>(c);
      }
      const int strokes = 1 + static_cast<int>(random.below(3));
      while (static_cast<int>(t.recipe.strokes.size()) < strokes) {
        const int stick = static_cast<int>(random.below(sticks.sticks.size()));
        const auto medium = sticks.sticks[static_cast<std::size_t>(stick)].medium;
        const bool first = t.recipe.strokes.empty();
        if (!first) {
          const auto below = sticks.sticks[static_cast<std::size_t>(t.recipe.strokes.back().stick)].medium;
          if (!plan::may_lie_over(medium, below)) continue;
        }
        t.recipe.strokes.push_back({stick, plan::kPressures[random.below(3)],
                                    static_cast<plan::Technique>(random.below(2)), !first && random.uniform() < 0.1,
                                    static_cast<int>(t.recipe.strokes.size())});
      }
      p.targets.push_back(std::move(t));
    }
  }
  return p;
}

/// A handful of sticks, so that passes are shared.
inline media::Collection few_sticks(Random& random, std::size_t count) {
  media::Collection out{"few", "Few", {}};
  const auto& all = shipped_collection().sticks;
  for (std::size_t i = 0; i < count; ++i) out.sticks.push_back(all[random.below(all.size())]);
  return out;
}

}  // namespace yd::trial
