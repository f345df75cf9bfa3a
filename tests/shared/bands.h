// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "make/plan.h"
#include "subject/subject.h"

namespace yd::trial {

/// A picture of level bands, each a mass, each mass cut into columns or rows of shades: for what is read off places.
struct Bands {
  subject::Subject subject;
  plan::Plan plan;
  std::vector<media::Stick> sticks;

  Bands(int width, int height) {
    subject.image = subject.softened = subject.squinted = subject::LabImage(width, height);
    subject.labels = subject::LabelImage(width, height);
    subject.shade = subject::Grid<std::uint8_t>(width, height);
  }

  /// A mass over rows `top` to `bottom`; its shades are as many level stripes, or upright ones.
  int mass(int top, int bottom, const std::vector<colour::Lab>& shades, bool upright = false) {
    const int m = static_cast<int>(subject.masses.size());
    const int n = static_cast<int>(shades.size());
    subject::Mass made;
    made.id = m;
    made.name = "mass " + std::to_string(m);
    made.mean = shades[shades.size() / 2];
    made.area = static_cast<double>(bottom - top) / subject.labels.height;
    made.centre_y = 0.5 * (top + bottom) / subject.labels.height;
    for (int y = top; y < bottom; ++y) {
      for (int x = 0; x < subject.labels.width; ++x) {
        const int s = upright ? x * n / subject.labels.width : (y - top) * n / (bottom - top);
        const colour::Lab& c = shades[static_cast<std::size_t>(s)];
        subject.labels.at(x, y) = static_cast<std::uint16_t>(m);
        subject.shade.at(x, y) = static_cast<std::uint8_t>(s);
        const colour::LabPixel pixel{static_cast<float>(c.l), static_cast<float>(c.a), static_cast<float>(c.b)};
        subject.image.at(x, y) = subject.softened.at(x, y) = subject.squinted.at(x, y) = pixel;
      }
    }
    for (int s = 0; s < n; ++s) {
      plan::TargetPlan t;
      t.mass = m;
      t.shade = s;
      t.target = t.seen = shades[static_cast<std::size_t>(s)];
      t.area = made.area / n;
      plan.targets.push_back(t);
      made.shades.push_back({t.target, t.area});
    }
    subject.masses.push_back(made);
    plan.mass_tooth_left.push_back(0.5);
    return m;
  }

  int stick(const colour::Lab& lab, optics::Medium medium = optics::Medium::soft) {
    media::Stick s;
    s.id = s.name = "stick " + std::to_string(sticks.size());
    s.lab = lab;
    s.medium = medium;
    sticks.push_back(s);
    plan.tray.push_back(static_cast<int>(sticks.size()) - 1);
    return static_cast<int>(sticks.size()) - 1;
  }

  /// A pass of the stick over shades of one mass, with a pressure each; 0: not there.
  plan::Pass& pass(int stick, int mass, const std::vector<double>& pressures,
                   plan::Technique technique = plan::Technique::laid, int level = 0) {
    plan::Pass p;
    p.number = static_cast<int>(plan.passes.size()) + 1;
    p.stick = stick;
    p.technique = technique;
    p.level = level;
    p.minutes = 5;
    p.masses = {mass};
    p.pressure = 0;
    std::size_t shade = 0;
    for (std::size_t t = 0; t < plan.targets.size(); ++t) {
      if (plan.targets[t].mass != mass) continue;
      const double pressure = pressures[shade++];
      if (pressure <= 0) continue;
      p.targets.push_back(static_cast<int>(t));
      p.pressures.push_back(pressure);
      p.pressure = std::max(p.pressure, pressure);
      plan.targets[t].recipe.strokes.push_back({stick, pressure, technique, false, level});
    }
    plan.passes.push_back(p);
    return plan.passes.back();
  }
};

}  // namespace yd::trial
