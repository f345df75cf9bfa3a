// SPDX-License-Identifier: MIT
// Plain loops over arrays; compiled so that they become vector instructions.
#include <cmath>

#include "search/layer_search.h"
#include "price/price.h"

namespace yd::plan {

void reach_down(const ShadeSet& shades, const Looks& looks, float* best) {
  const std::size_t count = shades.size();
  const float* l = shades.l.data();
  const float* a = shades.a.data();
  const float* b = shades.b.data();
  const float* even = shades.even.data();
  const float* calm = shades.calm.data();
  const auto with_colour = static_cast<float>(prices().smooth.with_colour);
  const auto most = static_cast<float>(prices().smooth.with_colour_most);
  for (std::size_t n = 0; n < looks.at.size(); ++n) {
    const float add = looks.unsteady[n];
    if (add >= kNotAllowed) continue;
    const float marks = looks.marks.empty() ? 0.0F : looks.marks[n];
    const float more = with_colour * __builtin_sqrtf(marks);
    const colour::Din99o p = looks.at[n];
    for (std::size_t s = 0; s < count; ++s) {
      const float dl = l[s] - p.l;
      const float da = a[s] - p.a;
      const float db = b[s] - p.b;
      const float off = dl * dl + da * da + db * db;
      const float seen = off < most * most ? off : most * most;
      const float d = off + add + even[s] * marks + calm[s] * more * seen;
      best[s] = d < best[s] ? d : best[s];
    }
  }
}

double mean_difference(const ShadeSet& shades, std::size_t mass, const float* best) {
  const Prices::Far& p = prices().far;
  const auto from = static_cast<float>(p.seen);
  const auto more = static_cast<float>(p.more);
  const auto lost_from = static_cast<float>(p.lost);
  const auto vivid = static_cast<float>(p.vivid);
  const auto [first, last] = shades.masses[mass];
  float sum = 0;
  for (std::size_t s = first; s < last; ++s) {
    const float d = __builtin_sqrtf(best[s]);
    const float chroma = __builtin_sqrtf(shades.a[s] * shades.a[s] + shades.b[s] * shades.b[s]);
    const float lost = vivid * chroma * (d > lost_from ? d - lost_from : 0.0F);
    sum += shades.count[s] * (d + more * (d > from ? d - from : 0.0F) + lost);
  }
  return sum;
}

}  // namespace yd::plan
