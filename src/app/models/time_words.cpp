// SPDX-License-Identifier: MIT
#include "models/time_words.h"

#include <algorithm>
#include <cmath>

#include "exports/pass_words.h"
#include "looks/translate.h"
#include "words/number.h"

namespace yd::app {
namespace {

/// The difference after so many minutes, between the points in a straight line; beyond them as at the last.
double seen_at(const std::vector<job::TimePoint>& curve, double minutes) {
  for (std::size_t i = 0; i + 1 < curve.size(); ++i) {
    const job::TimePoint& p = curve[i];
    const job::TimePoint& q = curve[i + 1];
    if (minutes > q.minutes) continue;
    const double t = std::max(0.0, (minutes - p.minutes) / std::max(1e-9, q.minutes - p.minutes));
    return p.seen.mean + t * (q.seen.mean - p.seen.mean);
  }
  return curve.empty() ? 0 : curve.back().seen.mean;
}

}  // namespace

int nearest_point(const std::vector<job::TimePoint>& curve, double minutes) {
  const auto nearest = std::min_element(curve.begin(), curve.end(), [&](const auto& p, const auto& q) {
    return std::abs(p.minutes - minutes) < std::abs(q.minutes - minutes);
  });
  return nearest == curve.end() ? -1 : static_cast<int>(nearest - curve.begin());
}

QString curve_words(const std::vector<job::TimePoint>& curve, double minutes) {
  if (curve.empty()) return {};
  constexpr double kMore = 30, kSeen = 0.02;
  const double now = seen_at(curve, minutes), then = seen_at(curve, minutes + kMore);
  const job::TimePoint& knee = curve[job::knee_of(curve)];
  const QString more = now - then >= kSeen ? tr("Another half hour takes the difference from %1 to %2.")
                                                 .arg(words::number(now, 2), words::number(then, 2))
                                           : tr("Another half hour would not be seen.");
  return tr("%1 Up to %2 every hour shows; beyond it buys little.").arg(more, exports::minutes_words(knee.minutes));
}

}  // namespace yd::app
