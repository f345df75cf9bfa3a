// SPDX-License-Identifier: MIT
#include "calibrate/pace.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <optional>
#include <vector>

namespace yd::calibrate {
namespace {

using Kind = std::optional<optics::Medium>;  // none: wet coats
constexpr double kStudentFreedom = 4;        // of Student's t
constexpr double kTimesDiffer = 0.35;        // of the logarithm of a time, what passes differ by
constexpr double kPriorAll = 0.7;            // standard deviations of the priors
constexpr double kPriorKind = 0.4;
constexpr int kWeighings = 25;

struct Sample {
  Kind kind;
  double log_ratio = 0;
};

/// Logarithms of the pace of each kind.
std::map<Kind, double> log_pace(std::span<const Sample> samples) {
  double all = 0;
  std::map<Kind, double> kind{{std::nullopt, 0}};
  for (const optics::Medium m : media::all_media()) kind[m] = 0;
  for (int round = 0; round < kWeighings; ++round) {
    std::map<Kind, double> sum;
    std::map<Kind, double> weight;
    double sum_all = 0;
    double weight_all = 1 / (kPriorAll * kPriorAll);
    for (const Sample& s : samples) {
      const double off = (s.log_ratio - all - kind[s.kind]) / kTimesDiffer;
      const double w = (kStudentFreedom + 1) / (kStudentFreedom + off * off) / (kTimesDiffer * kTimesDiffer);
      sum_all += w * (s.log_ratio - kind[s.kind]);
      weight_all += w;
      sum[s.kind] += w * (s.log_ratio - all);
      weight[s.kind] += w;
    }
    all = sum_all / weight_all;
    for (auto& [k, log] : kind) log = sum[k] / (weight[k] + 1 / (kPriorKind * kPriorKind));
  }
  const double most = std::log(plan::kSlowestPace);
  for (auto& [k, log] : kind) log = std::clamp(all + log, -most, most);
  return kind;
}

double median_factor(std::vector<double> off) {
  if (off.empty()) return 1;
  const auto middle = off.begin() + static_cast<std::ptrdiff_t>(off.size() / 2);
  std::nth_element(off.begin(), middle, off.end());
  return std::exp(*middle);
}

/// The first of the times that can be believed.
std::vector<Sample> samples_of(std::span<const TimedPass> times) {
  std::vector<Sample> out;
  for (const TimedPass& t : times) {
    if (out.size() == kMostTimes) break;
    if (!(t.guessed_minutes > 0) || t.real_minutes < kShortestTime_minutes || t.real_minutes > kLongestTime_minutes)
      continue;
    out.push_back({t.medium, std::log(t.real_minutes / t.guessed_minutes)});
  }
  return out;
}

}  // namespace

PaceFit fit_pace(std::span<const TimedPass> times) {
  const std::vector<Sample> samples = samples_of(times);
  PaceFit out;
  out.passes = static_cast<int>(samples.size());
  std::vector<double> before;
  std::vector<double> after;
  for (std::size_t i = 0; i < samples.size(); ++i) {
    before.push_back(std::abs(samples[i].log_ratio));
    std::vector<Sample> others = samples;
    others.erase(others.begin() + static_cast<std::ptrdiff_t>(i));
    after.push_back(std::abs(samples[i].log_ratio - log_pace(others).at(samples[i].kind)));
  }
  out.off_before = median_factor(std::move(before));
  if (out.passes < kFewestTimes) {
    out.off_after = out.off_before;
    return out;
  }
  out.off_after = median_factor(std::move(after));
  for (const auto& [kind, log] : log_pace(samples)) {
    if (kind)
      out.pace.by_medium[*kind] = std::exp(log);
    else
      out.pace.brush = std::exp(log);
  }
  return out;
}

}  // namespace yd::calibrate
