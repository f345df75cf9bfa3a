// SPDX-License-Identifier: MIT
#include "colour/smoothest.h"

#include <Eigen/Dense>
#include <algorithm>
#include <array>
#include <cmath>

#include "colour/observer.h"

namespace yd::colour {
namespace {

constexpr int kN = static_cast<int>(kBands);
constexpr int kMaxSteps = 60;
constexpr double kTolerance = 1e-9;

using Bands = Eigen::Matrix<double, kN, 1>;
using Observer3 = Eigen::Matrix<double, 3, kN>;

Observer3 observer_matrix(const Weights& w) {
  Observer3 t;
  for (int i = 0; i < kN; ++i) {
    const auto k = static_cast<std::size_t>(i);
    t.col(i) << w.x[k] / 100.0, w.y[k] / 100.0, w.z[k] / 100.0;
  }
  return t;
}

/// Where the search stands, or a move of it.
struct Point {
  Bands z = Bands::Zero();
  Eigen::Vector3d multipliers = Eigen::Vector3d::Zero();
};

// The matrix of the sum of squared slopes of z, halved (Burns 2020, eq. 4): 4 on its diagonal, 2 at both ends, and
// beside it
constexpr double kBeside = -2;

Bands slopes(const Bands& z) {
  Bands out = 4 * z;
  out[0] = 2 * z[0];
  out[kN - 1] = 2 * z[kN - 1];
  out.head<kN - 1>() += kBeside * z.tail<kN - 1>();
  out.tail<kN - 1>() += kBeside * z.head<kN - 1>();
  return out;
}

/// The gradient of the Lagrangian at a point and its derivative: a band of three, bordered by three rows and columns.
struct Step {
  Point residual;
  Bands diagonal;
  Observer3 side;
};

Step linearise(const Point& at, const Observer3& t, const Eigen::Vector3d& xyz) {
  const Bands tanh_z = at.z.array().tanh();
  const Bands sech2 = 1.0 - tanh_z.array().square();
  const Bands pull = t.transpose() * at.multipliers;
  Step s;
  s.residual.z = slopes(at.z) + (0.5 * sech2.array() * pull.array()).matrix();
  s.residual.multipliers = t * (0.5 * (tanh_z.array() + 1.0)).matrix() - xyz;
  s.diagonal = Bands::Constant(4) - (sech2.array() * tanh_z.array() * pull.array()).matrix();
  s.diagonal[0] -= 2;
  s.diagonal[kN - 1] -= 2;
  s.side = t * (0.5 * sech2).asDiagonal();
  return s;
}

/// A row of the band as it is worked off: from its pivot on, then the border and the right side.
struct Row {
  double pivot = 0;
  double next = 0;
  double after = 0;
  Eigen::Vector4d rest;  ///< border, right side
};

/// The move that makes the linearised gradient nothing. Gauss' elimination along the band, each row pivoted against the
/// next (which begins with kBeside, so that no pivot is small); the last of z, where the band may be singular, is left
/// to the multipliers.
Point newton_move(const Step& s) {
  const auto row = [&](int i) {
    Row r{0, s.diagonal[i], i + 1 < kN ? kBeside : 0, {}};
    r.rest << s.side.col(i), s.residual.z[i];
    return r;
  };
  std::array<Row, kN> rows;
  Observer3 lower = s.side;
  Eigen::Matrix<double, 3, 4> corner;
  corner << Eigen::Matrix3d::Zero(), s.residual.multipliers;
  Row now = row(0);
  now = {now.next, now.after, 0, now.rest};
  for (int i = 0; i + 1 < kN; ++i) {
    Row next = row(i + 1);
    next.pivot = kBeside;
    if (std::abs(next.pivot) > std::abs(now.pivot)) std::swap(now, next);
    const double times = next.pivot / now.pivot;
    const Eigen::Vector3d below = lower.col(i) / now.pivot;
    lower.col(i + 1) -= now.next * below;
    if (i + 2 < kN) lower.col(i + 2) -= now.after * below;
    corner -= below * now.rest.transpose();
    rows[static_cast<std::size_t>(i)] = now;
    now = {next.next - times * now.next, next.after - times * now.after, 0, next.rest - times * now.rest};
  }
  Eigen::Matrix<double, 4, 5> last;
  last << now.pivot, now.rest.transpose(), lower.col(kN - 1), corner;
  const Eigen::Vector4d end = last.leftCols<4>().fullPivLu().solve(last.col(4));
  Point move;
  move.z[kN - 1] = end[0];
  move.multipliers = end.tail<3>();
  for (int i = kN - 2; i >= 0; --i) {
    const Row& r = rows[static_cast<std::size_t>(i)];
    const double beyond = r.next * move.z[i + 1] + (i + 2 < kN ? r.after * move.z[i + 2] : 0);
    move.z[i] = (r.rest[3] - r.rest.head<3>().dot(move.multipliers) - beyond) / r.pivot;
  }
  return move;
}

bool solve(const Eigen::Vector3d& xyz, const Observer3& t, Point& at) {
  for (int i = 0; i < kMaxSteps; ++i) {
    const Step s = linearise(at, t, xyz);
    const Point move = newton_move(s);
    if (!move.z.allFinite() || !move.multipliers.allFinite()) return false;
    // z beyond 1.5 a step would jump over the bend of tanh.
    const double longest = move.z.cwiseAbs().maxCoeff();
    const double share = std::min(1.0, 1.5 / std::max(longest, 1e-30));
    at.z -= move.z * share;
    at.multipliers -= move.multipliers * share;
    if (longest < kTolerance) return s.residual.multipliers.cwiseAbs().maxCoeff() < 1e-6;
  }
  return false;
}

Error unreachable(const char* why) { return {Error::Code::unreachable, "lab", why}; }

}  // namespace

Result<Spectrum> smoothest_reflectance(const Lab& lab) {
  if (!std::isfinite(lab.l) || !std::isfinite(lab.a) || !std::isfinite(lab.b)) {
    return bad_value("lab", "is not a finite number");
  }
  if (lab.a == 0 && lab.b == 0 && (lab.l == 0 || lab.l == 100)) return Spectrum::constant(lab.l == 0 ? 0.0F : 1.0F);
  if (lab.l <= 0 || lab.l >= 100) return unreachable("L must lie between 0 and 100");
  const Weights& w = weights(Illuminant::d50);
  static const Observer3 t = observer_matrix(w);
  const Xyz xyz = to_xyz(lab, w.white);
  if (xyz.x <= 0 || xyz.y <= 0 || xyz.z <= 0) return unreachable("no surface has this colour");
  Point u;
  // Start at the grey of the same luminance: a good start for all but the most vivid colours.
  u.z.setConstant(std::atanh(std::clamp(2.0 * xyz.y / 100.0 - 1.0, -0.9999, 0.9999)));
  if (!solve(Eigen::Vector3d(xyz.x, xyz.y, xyz.z) / 100.0, t, u)) return unreachable("no surface has this colour");
  Spectrum out;
  for (int i = 0; i < kN; ++i) out[static_cast<std::size_t>(i)] = static_cast<float>(0.5 * (std::tanh(u.z[i]) + 1.0));
  return out;
}

Spectrum nearest_reflectance(const Lab& lab, double* kept_chroma) {
  const double l = std::clamp(lab.l, 0.5, 99.5);
  double low = 0;
  double high = 1;
  Spectrum best = Spectrum::constant(static_cast<float>(to_xyz(Lab{l, 0, 0}, weights(Illuminant::d50).white).y / 100));
  for (int i = 0; i < 12; ++i) {
    const double share = i == 0 ? 1.0 : 0.5 * (low + high);
    const auto tried = smoothest_reflectance({l, lab.a * share, lab.b * share});
    if (tried.ok()) {
      best = tried.value();
      low = share;
      if (i == 0) break;
    } else {
      high = share;
    }
  }
  if (kept_chroma != nullptr) *kept_chroma = low;
  return best;
}

}  // namespace yd::colour
