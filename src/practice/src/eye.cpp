// SPDX-License-Identifier: MIT
#include "practice/eye.h"

#include <algorithm>
#include <cmath>

namespace yd::practice {
namespace {

// The grid: bias in even steps, spread in even ratios.
constexpr int kBiases = 61;
constexpr double kMostBias = 3;
constexpr int kSpreads = 24;
constexpr double kLeastSpread = 0.06;
constexpr double kMostSpread = 3;
// What is believed of an eye before it has answered.
constexpr double kUsualBias = 1;
constexpr double kUsualSpread = 0.4;
constexpr double kSpreadsDiffer = 0.8;  // of the logarithm

constexpr int kThresholds = 60;
constexpr double kSlope = 2.5;  // of Weibull's curve

double bias_at(int i) { return kMostBias * (2.0 * i / (kBiases - 1) - 1); }
double spread_at(int i) {
  return kLeastSpread * std::pow(kMostSpread / kLeastSpread, static_cast<double>(i) / (kSpreads - 1));
}
std::size_t cell(int bias, int spread) {
  return static_cast<std::size_t>(bias) * kSpreads + static_cast<std::size_t>(spread);
}

double below(double z) { return 0.5 * std::erfc(-z / std::sqrt(2.0)); }
double with_lapse(double p) { return kLapse / 2 + (1 - kLapse) * p; }
double says_more_at(double x, double bias, double spread) { return with_lapse(below((x + bias) / spread)); }

void make_whole(std::vector<double>& belief) {
  double sum = 0;
  for (const double b : belief) sum += b;
  for (double& b : belief) b /= sum;
}

double doubt(double p) { return p > 0 ? -p * std::log(p) : 0; }

/// Mean and standard deviation of a belief over values.
struct Moments {
  double mean = 0, square = 0;
  void add(double weight, double value) {
    mean += weight * value;
    square += weight * value * value;
  }
  double sd() const { return std::sqrt(std::max(0.0, square - mean * mean)); }
};

}  // namespace

Eye::Eye() : belief_(static_cast<std::size_t>(kBiases) * kSpreads) {
  for (int b = 0; b < kBiases; ++b) {
    for (int s = 0; s < kSpreads; ++s) {
      const double off = bias_at(b) / kUsualBias;
      const double far = std::log(spread_at(s) / kUsualSpread) / kSpreadsDiffer;
      belief_[cell(b, s)] = std::exp(-(off * off + far * far) / 2);
    }
  }
  make_whole(belief_);
}

template <class Likelihood>
void Eye::believe(Likelihood likelihood) {
  for (int b = 0; b < kBiases; ++b) {
    for (int s = 0; s < kSpreads; ++s) belief_[cell(b, s)] *= likelihood(bias_at(b), spread_at(s));
  }
  make_whole(belief_);
}

void Eye::says_more(double x, bool more) {
  believe([&](double bias, double spread) {
    const double p = says_more_at(x, bias, spread);
    return more ? p : 1 - p;
  });
}

void Eye::names(double value, int answer, int low, int high) {
  believe([&](double bias, double spread) {
    const double seen = value + bias;
    const double upper = answer >= high ? 1 : below((answer + 0.5 - seen) / spread);
    const double lower = answer <= low ? 0 : below((answer - 0.5 - seen) / spread);
    return kLapse / (high - low + 1) + (1 - kLapse) * (upper - lower);
  });
}

namespace {

/// P(says more) and the doubt it leaves, tabulated over x + bias in steps of kTableStep and the spreads: questions are
/// weighed by the thousand.
constexpr double kTableStep = 0.05;
constexpr int kTableEnd = 140;  // steps to either side: bias 3 and a difference of 4
struct Answers {
  double says = 0;
  double noise = 0;
};
const std::vector<Answers>& answers_table() {
  static const std::vector<Answers> all = [] {
    std::vector<Answers> out;
    out.reserve(static_cast<std::size_t>(2 * kTableEnd + 1) * kSpreads);
    for (int i = -kTableEnd; i <= kTableEnd; ++i) {
      for (int s = 0; s < kSpreads; ++s) {
        const double p = says_more_at(i * kTableStep, 0, spread_at(s));
        out.push_back({p, doubt(p) + doubt(1 - p)});
      }
    }
    return out;
  }();
  return all;
}

}  // namespace

/// What an answer is expected to tell: the doubt about the answer less the doubt that even the true eye would leave.
double Eye::expected_gain(double x) const {
  double says = 0;
  double noise = 0;
  for (int b = 0; b < kBiases; ++b) {
    const auto step = static_cast<int>(std::lround((x + bias_at(b)) / kTableStep));
    const int row = std::clamp(step, -kTableEnd, kTableEnd) + kTableEnd;
    const Answers* answers = &answers_table()[static_cast<std::size_t>(row) * kSpreads];
    for (int s = 0; s < kSpreads; ++s) {
      const double here = belief_[cell(b, s)];
      says += here * answers[s].says;
      noise += here * answers[s].noise;
    }
  }
  return doubt(says) + doubt(1 - says) - noise;
}

double Eye::worth_asking(std::span<const double> candidates) const {
  double best = 0;
  double most = -1;
  for (const double x : candidates) {
    const double gain = expected_gain(x);
    if (gain > most) {
      most = gain;
      best = x;
    }
  }
  return best;
}

Estimate Eye::estimate() const {
  Moments bias;
  Moments spread;
  for (int b = 0; b < kBiases; ++b) {
    for (int s = 0; s < kSpreads; ++s) {
      bias.add(belief_[cell(b, s)], bias_at(b));
      spread.add(belief_[cell(b, s)], spread_at(s));
    }
  }
  return {bias.mean, bias.sd(), spread.mean, spread.sd()};
}

Finder::Finder(int answers, double low, double high)
    : guess_(1.0 / answers), low_(low), high_(high), belief_(kThresholds, 1.0 / kThresholds) {}

double Finder::right_at(double difference, double threshold) const {
  return guess_ + (1 - guess_ - kLapse) * (1 - std::exp(-std::pow(difference / threshold, kSlope)));
}

namespace {

double threshold_at(int i, double low, double high) {
  return low * std::pow(high / low, static_cast<double>(i) / (kThresholds - 1));
}

}  // namespace

void Finder::answered(double difference, bool right) {
  for (int i = 0; i < kThresholds; ++i) {
    const double p = right_at(difference, threshold_at(i, low_, high_));
    belief_[static_cast<std::size_t>(i)] *= right ? p : 1 - p;
  }
  make_whole(belief_);
}

double Finder::next() const {
  double log_mean = 0;
  for (int i = 0; i < kThresholds; ++i)
    log_mean += belief_[static_cast<std::size_t>(i)] * std::log(threshold_at(i, low_, high_));
  return std::exp(log_mean);
}

Estimate Finder::estimate() const {
  Moments m;
  for (int i = 0; i < kThresholds; ++i) m.add(belief_[static_cast<std::size_t>(i)], threshold_at(i, low_, high_));
  return {0, 0, m.mean, m.sd()};
}

}  // namespace yd::practice
