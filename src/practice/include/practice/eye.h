// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

namespace yd::practice {

/// What is found of an eye, with one standard deviation of what is not known yet.
struct Estimate {
  double bias = 0, bias_sd = 0;            ///< seen less true: above 0 it sees too much
  double threshold = 0, threshold_sd = 0;  ///< spread of its judgements; of choices: the difference it finds in 3 of 4
};

/// A share of answers that are slips of the hand, whatever is seen.
inline constexpr double kLapse = 0.02;

/// An eye that judges with a bias and a spread: belief over both on a grid, changed by every answer; what to show next
/// is what is expected to leave least doubt (L. L. Kontsevich, C. W. Tyler, "Bayesian adaptive estimation of
/// psychometric slope and threshold", Vision Research 39, 1999). Units are the caller's: value steps, or steps of
/// warmth.
class Eye {
 public:
  Eye();

  /// Two things, the first more by `x` than the second in truth; the eye says which is more. P(says more) =
  /// Phi((x + bias) / spread), but for lapses.
  void says_more(double x, bool more);
  /// A thing of `true_value` named by a whole step between `low` and `high`: P(k) = Phi of k's two borders.
  void names(double true_value, int answer, int low, int high);

  /// The one of `candidates` that is worth asking next by `says_more`.
  double worth_asking(std::span<const double> candidates) const;
  Estimate estimate() const;

 private:
  template <class Likelihood>
  void believe(Likelihood likelihood);
  double expected_gain(double x) const;

  std::vector<double> belief_;
};

/// How small a difference is found among several answers: QUEST (A. B. Watson, D. G. Pelli, "QUEST: A Bayesian adaptive
/// psychometric method", Perception & Psychophysics 33, 1983). P(right) = guess + (1 - guess - lapse)(1 - exp(-(d /
/// threshold)^slope)) with Weibull's slope.
class Finder {
 public:
  /// `answers`: to choose from, at least 2. Differences from `low` to `high`, above 0, are believed possible.
  Finder(int answers, double low, double high);
  void answered(double difference, bool right);
  /// The difference to show next: near the threshold, as far as it is known.
  double next() const;
  Estimate estimate() const;

 private:
  double right_at(double difference, double threshold) const;

  double guess_, low_, high_;
  std::vector<double> belief_;
};

}  // namespace yd::practice
