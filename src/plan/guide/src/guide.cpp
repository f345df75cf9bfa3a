// SPDX-License-Identifier: MIT
#include "guide/guide.h"

#include <algorithm>
#include <cmath>

#include "chores.h"

namespace yd::plan {

const Touch* Guide::touch(int pass, int mass) const {
  const auto& of = touches[static_cast<std::size_t>(pass)];
  const auto found = std::find_if(of.begin(), of.end(), [&](const Touch& t) { return t.place.mass == mass; });
  return found == of.end() ? nullptr : &*found;
}

double Guide::minutes() const {
  double sum = 0;
  for (const Passage& p : passages) sum += p.minutes;
  return sum;
}

int Guide::passage_of(int pass) const {
  const auto found = std::find_if(passages.begin(), passages.end(),
                                  [&](const Passage& p) { return p.first <= pass && pass <= p.last; });
  return found == passages.end() ? -1 : static_cast<int>(found - passages.begin());
}

subject::Sheet sheet_of(const GuideInput& in) {
  const double aspect = static_cast<double>(in.subject->image.width) / in.subject->image.height;
  return {std::sqrt(in.sheet_cm2 * aspect), std::sqrt(in.sheet_cm2 / aspect)};
}

Guide make_guide(const GuideInput& in) {
  Guide out;
  const subject::Subject& s = *in.subject;
  const subject::Sheet sheet = sheet_of(in);
  const double long_side_mm = 10 * std::max(sheet.width_cm, sheet.height_cm);
  const TargetMap map = map_targets(s, *in.plan, long_side_mm);
  const std::vector<subject::Direction> directions = subject::directions(s.image, s.labels, s.masses.size());
  const std::vector<double> light = light_sides(*in.plan, map, s.masses.size());
  out.touches = touches_of({in.plan, in.subject, in.sticks, directions, light}, places_of(*in.plan, map));
  out.gradients = gradients_of(*in.plan, s, map,
                               subject::gradient_neighbours(s.softened, s.labels, static_cast<int>(s.masses.size())));
  out.edges = edges_of({in.plan, in.subject, in.sticks}, map);
  out.passages = whole_job(in, out);
  return out;
}

}  // namespace yd::plan
