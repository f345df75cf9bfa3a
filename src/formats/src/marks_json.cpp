// SPDX-License-Identifier: MIT
#include "formats/marks_json.h"

#include <map>

#include "formats/plan_json.h"

namespace yd::formats {

using nlohmann::json;

json marked_parts_to_json(const plan::MarkedPass& marks) {
  struct Use {
    int count = 0;
    double length_mm = 0, seconds = 0;
  };
  std::map<int, Use> uses;
  for (const plan::LaidMark& m : marks.marks) {
    Use& use = uses[m.part];
    ++use.count;
    use.length_mm += plan::length_of(m);
    use.seconds += plan::seconds_of(m);
  }
  json out = json::array();
  for (const auto& [number, use] : uses) {
    const media::Part& part = media::all_parts()[static_cast<std::size_t>(number)];
    out.push_back({{"of", part.of},
                   {"part", part.name},
                   {"width_mm", part.width_mm},
                   {"marks", use.count},
                   {"length_mm", rounded(use.length_mm, 10)},
                   {"minutes", rounded(use.seconds / 60, 10)}});
  }
  return out;
}

json marks_to_json(const plan::Plan& plan) {
  json marks = json::array();
  for (std::size_t i = 0; i < plan.passes.size() && i < plan.marks.passes.size(); ++i) {
    const plan::Pass& pass = plan.passes[i];
    for (const plan::LaidMark& m : plan.marks.passes[i].marks) {
      json points = json::array();
      json pressure = json::array();
      for (const plan::MarkPoint& p : m.points) {
        points.push_back({rounded(static_cast<double>(p.x_mm), 100), rounded(static_cast<double>(p.y_mm), 100)});
        pressure.push_back(rounded(plan::pressure_at(p, pass), 100));
      }
      const media::Part& part = plan::part_of(m);
      marks.push_back({{"pass", pass.number},
                       {"of", part.of},
                       {"part", part.name},
                       {"width_mm", part.width_mm},
                       {"points_mm", std::move(points)},
                       {"pressure", std::move(pressure)}});
    }
  }
  return {{"format", "yawning-dune marks"},
          {"version", 1},
          {"width_mm", rounded(plan.marks.grid.width_mm, 10)},
          {"height_mm", rounded(plan.marks.grid.height_mm, 10)},
          {"marks", std::move(marks)}};
}

json too_narrow_to_json(const plan::TooNarrow& found, const subject::Subject& subject) {
  json features = json::array();
  for (const plan::NarrowFeature& f : found.first) {
    features.push_back(
        {{"mass", subject.masses[static_cast<std::size_t>(f.mass)].id},
         {"box", {rounded(f.x0, 10000), rounded(f.y0, 10000), rounded(f.x1, 10000), rounded(f.y1, 10000)}},
         {"lighter", f.lighter},
         {"width_mm", rounded(f.width_mm, 100)},
         {"length_mm", rounded(f.length_mm, 10)},
         {"contrast", rounded(f.contrast, 10)},
         {"from_cm", rounded(f.from_cm, 10)}});
  }
  return {{"finest_mm", found.finest_mm},
          {"least_mm", rounded(found.least_mm, 100)},
          {"count", found.count},
          {"share", rounded(found.share, 10000)},
          {"from_cm", rounded(found.from_cm, 10)},
          {"features", std::move(features)}};
}

}  // namespace yd::formats
