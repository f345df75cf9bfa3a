// SPDX-License-Identifier: MIT
// Plain loops over arrays; compiled so that they become vector instructions.
#include <cmath>

#include "search/layer_search.h"

namespace yd::plan {

void reach_down(const ShadeSet& shades, const Looks& looks, float* best) {
  const std::size_t count = shades.size();
  const float* l = shades.l.data();
  const float* a = shades.a.data();
  const float* b = shades.b.data();
  const float* even = shades.even.data();
  const float* calm = shades.calm.data();
  for (std::size_t n = 0; n < looks.at.size(); ++n) {
    const float add = looks.unsteady[n];
    if (add >= kNotAllowed) continue;
    const float marks = looks.marks.empty() ? 0.0F : looks.marks[n];
    const float more = kOffAndMarked * __builtin_sqrtf(marks);
    const colour::Din99o p = looks.at[n];
    for (std::size_t s = 0; s < count; ++s) {
      const float dl = l[s] - p.l;
      const float da = a[s] - p.a;
      const float db = b[s] - p.b;
      const float off = dl * dl + da * da + db * db;
      const float seen = off < kOffMost * kOffMost ? off : kOffMost * kOffMost;
      const float d = off + add + even[s] * marks + calm[s] * more * seen;
      best[s] = d < best[s] ? d : best[s];
    }
  }
}

double mean_difference(const ShadeSet& shades, std::size_t mass, const float* best) {
  constexpr float kSeen = 8;  // beyond this a difference counts for more
  constexpr float kMore = 0.5;
  constexpr float kLost = 5;  // beyond this a vivid colour is not a little off but lost: more for each DIN99o of chroma
  constexpr float kVivid = 0.15F;
  const auto [first, last] = shades.masses[mass];
  float sum = 0;
  for (std::size_t s = first; s < last; ++s) {
    const float d = __builtin_sqrtf(best[s]);
    const float chroma = __builtin_sqrtf(shades.a[s] * shades.a[s] + shades.b[s] * shades.b[s]);
    const float lost = kVivid * chroma * (d > kLost ? d - kLost : 0.0F);
    sum += shades.count[s] * (d + kMore * (d > kSeen ? d - kSeen : 0.0F) + lost);
  }
  return sum;
}

}  // namespace yd::plan
