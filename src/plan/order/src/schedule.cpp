// SPDX-License-Identifier: MIT
#include "order/schedule.h"
#include "price/price.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace yd::plan {
namespace {

constexpr double kSleptOver_minutes = 90;  // drying longer than this ends a sitting

bool has(const std::vector<int>& v, int x) { return std::binary_search(v.begin(), v.end(), x); }

double end_of(const Pass& p) { return p.start_minute + (p.laid ? 0 : p.minutes); }

/// The first and last pass that works on either of a pair.
bool splits_pair(std::span<const Pass> passes, std::size_t cut, const std::pair<int, int>& pair) {
  const auto works = [&](const Pass& p) {
    return p.kind == PassKind::stroke && !p.laid && (has(p.masses, pair.first) || has(p.masses, pair.second));
  };
  const auto until = passes.begin() + static_cast<std::ptrdiff_t>(cut) + 1;
  return std::any_of(passes.begin(), until, works) && std::any_of(until, passes.end(), works);
}

struct Cut {
  double price = 0;
  SittingEnd ends = SittingEnd::finished;
};

Cut cut_after(std::span<const Pass> passes, std::size_t i, std::span<const std::pair<int, int>> pairs) {
  if (i + 1 == passes.size()) return {0, SittingEnd::finished};
  const Pass& p = passes[i];
  const Pass& q = passes[i + 1];
  Cut c;
  if (q.wait_minutes > kSleptOver_minutes) return {-50, SittingEnd::dries_over};
  for (const auto& pair : pairs) c.price += splits_pair(passes, i, pair) ? prices().sitting.pair_apart : 0;
  c.price += p.stick == q.stick ? prices().sitting.same_stick : 0;
  if (p.kind != q.kind) {
    c.ends = p.kind == PassKind::coat ? SittingEnd::coat_dries : SittingEnd::fixative_dries;
  } else if (p.level != q.level) {
    c.ends = p.level == 0 ? SittingEnd::blocked_in : SittingEnd::level_done;
  } else if (p.plane != q.plane) {
    c.ends = SittingEnd::plane_done;
  } else {
    c.price += prices().sitting.same_plane;
    c.ends = SittingEnd::stick_done;
  }
  return c;
}

/// Minutes of passes first..last, with what is waited for within but not before them.
double length(std::span<const Pass> passes, std::size_t first, std::size_t last) {
  return end_of(passes[last]) - passes[first].start_minute;
}

std::vector<int> breaks_in(std::span<const Pass> passes, std::size_t first, std::size_t last) {
  std::vector<int> out;
  double since = passes[first].start_minute;
  for (std::size_t i = first; i < last; ++i) {
    if (end_of(passes[i]) - since < kBreakEvery_minutes) continue;
    out.push_back(static_cast<int>(i));
    since = end_of(passes[i]);
  }
  return out;
}

}  // namespace

std::vector<Sitting> cut_sittings(std::span<const Pass> passes, std::span<const std::pair<int, int>> pairs,
                                  double wished_minutes) {
  std::vector<Sitting> out;
  std::size_t begin = 0;
  while (begin < passes.size() && passes[begin].laid) ++begin;
  const std::size_t n = passes.size();
  if (begin == n) return out;
  std::vector<double> best(n + 1, 1e18);
  std::vector<std::size_t> from(n + 1, begin);
  best[begin] = 0;
  for (std::size_t last = begin; last < n; ++last) {
    const Cut c = cut_after(passes, last, pairs);
    for (std::size_t first = begin; first <= last; ++first) {
      const double minutes = length(passes, first, last);
      // One pass may be longer than a sitting; nothing can be done about that here.
      if (first != last && minutes > wished_minutes * kOverrun) continue;
      const double spare = last + 1 == n ? 0 : prices().sitting.shorter * std::max(0.0, wished_minutes - minutes);
      const double price = best[first] + c.price + spare + prices().sitting.cut;
      if (price < best[last + 1]) best[last + 1] = price, from[last + 1] = first;
    }
  }
  for (std::size_t end = n; end > begin; end = from[end]) {
    Sitting s;
    s.first = static_cast<int>(from[end]);
    s.last = static_cast<int>(end) - 1;
    s.minutes = length(passes, from[end], end - 1);
    s.ends = cut_after(passes, end - 1, pairs).ends;
    s.breaks = breaks_in(passes, from[end], end - 1);
    out.insert(out.begin(), std::move(s));
  }
  return out;
}

DryingAdvice drying_before(std::span<const Pass> passes, std::span<const Edge> edges, std::span<const Coat> coats,
                           int pass) {
  DryingAdvice out;
  const Pass& p = passes[static_cast<std::size_t>(pass)];
  const double now = p.start_minute - p.wait_minutes;
  // Whatever on the sheet is still wet counts, not only what this pass waits for.
  for (int i = 0; i < pass; ++i) {
    const Pass& wet = passes[static_cast<std::size_t>(i)];
    if (wet.dry_minutes <= 0 || wet.skipped || end_of(wet) + wet.dry_minutes <= now + 1e-9) continue;
    const bool fix = wet.kind == PassKind::fix;
    out.flammable = out.flammable || fix || facts(coats[static_cast<std::size_t>(wet.underpaint)].how.medium).flammable;
  }
  if (p.wait_minutes <= 0) return out;
  for (const Edge& e : edges) {
    if (e.after != pass || e.lag_minutes <= 0) continue;
    const Pass& wet = passes[static_cast<std::size_t>(e.before)];
    const double heated = wet.kind == PassKind::coat
                              ? facts(coats[static_cast<std::size_t>(wet.underpaint)].how.medium).heated_minutes
                              : e.lag_minutes;
    out.heated_minutes = std::max(out.heated_minutes, std::max(0.0, end_of(wet) + heated - now));
  }
  out.heat = !out.flammable && out.heated_minutes < p.wait_minutes - 0.5;
  if (!out.heat) out.heated_minutes = p.wait_minutes;
  return out;
}

}  // namespace yd::plan
