// SPDX-License-Identifier: MIT
#include "subject/palette.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>
#include <limits>
#include <numbers>

namespace yd::subject {
namespace {

constexpr double kTransportAb = 20;     // CIE 1976 in a and b that costs as much …
constexpr double kTransportRank = 0.1;  // … as this share of the picture in rank of lightness
constexpr double kEntropy = 0.02;       // entropy, in the same units squared
constexpr int kSinkhornRounds = 25;

std::vector<double> ranks_of(std::span<const PaletteColour> colours) {
  std::vector<std::size_t> order(colours.size());
  for (std::size_t i = 0; i < order.size(); ++i) order[i] = i;
  std::sort(order.begin(), order.end(),
            [&](std::size_t p, std::size_t q) { return colours[p].lab.l < colours[q].lab.l; });
  double sum = 0;
  for (const PaletteColour& c : colours) sum += c.share;
  std::vector<double> out(colours.size());
  double below = 0;
  for (const std::size_t i : order) {
    out[i] = (below + colours[i].share / 2) / sum;
    below += colours[i].share;
  }
  return out;
}

Eigen::VectorXd shares_of(std::span<const PaletteColour> colours) {
  Eigen::VectorXd out(static_cast<Eigen::Index>(colours.size()));
  for (std::size_t i = 0; i < colours.size(); ++i) out(static_cast<Eigen::Index>(i)) = colours[i].share;
  return out / out.sum();
}

/// log of the sum of exponentials of each row.
Eigen::VectorXd soft_max(const Eigen::MatrixXd& m) {
  const Eigen::VectorXd top = m.rowwise().maxCoeff();
  return top.array() + (m.colwise() - top).array().exp().rowwise().sum().log();
}

/// The plan of the cheapest transport with entropy, worked out in logarithms: rows sum to `from`, columns to `to`.
/// Begins with much entropy and lessens it, so that few rounds of each are enough.
Eigen::MatrixXd plan_of(const Eigen::MatrixXd& cost, const Eigen::VectorXd& from, const Eigen::VectorXd& to) {
  const Eigen::VectorXd log_from = from.array().log();
  const Eigen::VectorXd log_to = to.array().log();
  Eigen::VectorXd f = Eigen::VectorXd::Zero(from.size());
  Eigen::VectorXd g = Eigen::VectorXd::Zero(to.size());
  double entropy = std::max(kEntropy, cost.maxCoeff() / 8);
  while (true) {
    for (int round = 0; round < kSinkhornRounds; ++round) {
      f = entropy * (log_from - soft_max(((-cost).rowwise() + g.transpose()) / entropy));
      g = entropy * (log_to - soft_max(((-cost).colwise() + f).transpose() / entropy));
    }
    if (entropy <= kEntropy) break;
    entropy = std::max(kEntropy, entropy / 2);
  }
  return ((((-cost).colwise() + f).rowwise() + g.transpose()) / entropy).array().exp();
}

/// Squares of the difference of two distributions on a line.
double squares_between(std::vector<std::pair<double, double>> p, std::vector<std::pair<double, double>> q) {
  std::sort(p.begin(), p.end());
  std::sort(q.begin(), q.end());
  double out = 0;
  std::size_t i = 0;
  std::size_t j = 0;
  double left_p = p[0].second;
  double left_q = q[0].second;
  while (i < p.size() && j < q.size()) {
    const double moved = std::min(left_p, left_q);
    out += moved * (p[i].first - q[j].first) * (p[i].first - q[j].first);
    left_p -= moved;
    left_q -= moved;
    if (left_p <= 1e-12 && ++i < p.size()) left_p = p[i].second;
    if (left_q <= 1e-12 && ++j < q.size()) left_q = q[j].second;
  }
  return out;
}

/// The two of at least two colours that lose least by being made one.
std::pair<std::size_t, std::size_t> least_lost(const std::vector<PaletteColour>& all) {
  std::pair<std::size_t, std::size_t> out{0, 1};
  double least = std::numeric_limits<double>::max();
  for (std::size_t i = 0; i < all.size(); ++i) {
    for (std::size_t j = i + 1; j < all.size(); ++j) {
      const double d = colour::distance_1976(all[i].lab, all[j].lab);
      const double lost = d * d * all[i].share * all[j].share / (all[i].share + all[j].share);
      if (lost < least) {
        least = lost;
        out = {i, j};
      }
    }
  }
  return out;
}

}  // namespace

std::vector<PaletteColour> palette_of(std::span<const Mass> masses, std::size_t most) {
  std::vector<PaletteColour> out;
  for (const Mass& m : masses) {
    for (const Shade& s : m.shades) {
      if (s.area > 0) out.push_back({s.lab, s.area});
    }
  }
  while (out.size() > std::max<std::size_t>(1, most)) {
    const auto [first, second] = least_lost(out);
    PaletteColour& kept = out[first];
    const double part = out[second].share / (kept.share + out[second].share);
    kept.lab.l += part * (out[second].lab.l - kept.lab.l);
    kept.lab.a += part * (out[second].lab.a - kept.lab.a);
    kept.lab.b += part * (out[second].lab.b - kept.lab.b);
    kept.share += out[second].share;
    out.erase(out.begin() + static_cast<std::ptrdiff_t>(second));
  }
  double sum = 0;
  for (const PaletteColour& c : out) sum += c.share;
  for (PaletteColour& c : out) c.share /= sum;
  std::sort(out.begin(), out.end(), [](const PaletteColour& p, const PaletteColour& q) { return p.lab.l < q.lab.l; });
  return out;
}

std::vector<colour::Lab> transported(std::span<const PaletteColour> from, std::span<const PaletteColour> to) {
  if (from.empty() || to.empty()) return {};
  const std::vector<double> rank_from = ranks_of(from);
  const std::vector<double> rank_to = ranks_of(to);
  Eigen::MatrixXd cost(static_cast<Eigen::Index>(from.size()), static_cast<Eigen::Index>(to.size()));
  for (std::size_t i = 0; i < from.size(); ++i) {
    for (std::size_t j = 0; j < to.size(); ++j) {
      const double da = (from[i].lab.a - to[j].lab.a) / kTransportAb;
      const double db = (from[i].lab.b - to[j].lab.b) / kTransportAb;
      const double dr = (rank_from[i] - rank_to[j]) / kTransportRank;
      cost(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(j)) = da * da + db * db + dr * dr;
    }
  }
  const Eigen::MatrixXd plan = plan_of(cost, shares_of(from), shares_of(to));
  std::vector<colour::Lab> out;
  out.reserve(from.size());
  for (std::size_t i = 0; i < from.size(); ++i) {
    const auto row = plan.row(static_cast<Eigen::Index>(i));
    colour::Lab lab{from[i].lab.l, 0, 0};
    for (std::size_t j = 0; j < to.size(); ++j) {
      const double part = row(static_cast<Eigen::Index>(j)) / row.sum();
      lab.a += part * to[j].lab.a;
      lab.b += part * to[j].lab.b;
    }
    out.push_back(lab);
  }
  return out;
}

double palette_distance(std::span<const PaletteColour> p, std::span<const PaletteColour> q) {
  constexpr int kDirections = 24;
  double sum = 0;
  for (int d = 0; d < kDirections; ++d) {
    const double angle = std::numbers::pi * d / kDirections;
    const auto along = [&](std::span<const PaletteColour> colours) {
      const Eigen::VectorXd shares = shares_of(colours);
      std::vector<std::pair<double, double>> out;
      out.reserve(colours.size());
      for (std::size_t i = 0; i < colours.size(); ++i) {
        out.emplace_back(colours[i].lab.a * std::cos(angle) + colours[i].lab.b * std::sin(angle),
                         shares(static_cast<Eigen::Index>(i)));
      }
      return out;
    };
    sum += squares_between(along(p), along(q));
  }
  // Mean over directions of a plane is half of the whole.
  return std::sqrt(2 * sum / kDirections);
}

}  // namespace yd::subject
