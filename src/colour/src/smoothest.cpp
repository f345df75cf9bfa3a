// SPDX-License-Identifier: MIT
#include "colour/smoothest.h"

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

#include "colour/observer.h"

namespace yd::colour {
namespace {

constexpr int kN = static_cast<int>(kBands);
constexpr int kSize = kN + 3;
constexpr int kMaxSteps = 60;
constexpr double kTolerance = 1e-9;

using Vector = Eigen::Matrix<double, kSize, 1>;
using Matrix = Eigen::Matrix<double, kSize, kSize>;
using Observer3 = Eigen::Matrix<double, 3, kN>;

Observer3 observer_matrix(const Weights& w) {
  Observer3 t;
  for (int i = 0; i < kN; ++i) {
    const auto k = static_cast<std::size_t>(i);
    t.col(i) << w.x[k] / 100.0, w.y[k] / 100.0, w.z[k] / 100.0;
  }
  return t;
}

/// Burns (2020), eq. 4: the matrix of the sum of squared slopes of z, halved.
Eigen::Matrix<double, kN, kN> slope_matrix() {
  Eigen::Matrix<double, kN, kN> d = Eigen::Matrix<double, kN, kN>::Zero();
  for (int i = 0; i < kN; ++i) {
    d(i, i) = (i == 0 || i == kN - 1) ? 2 : 4;
    if (i > 0) d(i, i - 1) = -2;
    if (i + 1 < kN) d(i, i + 1) = -2;
  }
  return d;
}

struct Step {
  Vector residual;
  Matrix jacobian;
};

/// The gradient of the Lagrangian and its derivative at (z, multipliers).
Step linearise(const Vector& u, const Observer3& t, const Eigen::Vector3d& xyz) {
  static const auto slope = slope_matrix();
  const auto z = u.head<kN>();
  const Eigen::Matrix<double, kN, 1> tanh_z = z.array().tanh();
  const Eigen::Matrix<double, kN, 1> sech2 = 1.0 - tanh_z.array().square();
  const Eigen::Matrix<double, kN, 1> pull = t.transpose() * u.tail<3>();
  Step s;
  s.residual.head<kN>() = slope * z + (0.5 * sech2.array() * pull.array()).matrix();
  s.residual.tail<3>() = t * (0.5 * (tanh_z.array() + 1.0)).matrix() - xyz;
  s.jacobian.setZero();
  s.jacobian.topLeftCorner<kN, kN>() = slope;
  s.jacobian.topLeftCorner<kN, kN>().diagonal() -= (sech2.array() * tanh_z.array() * pull.array()).matrix();
  const Observer3 side = t * (0.5 * sech2).asDiagonal();
  s.jacobian.topRightCorner<kN, 3>() = side.transpose();
  s.jacobian.bottomLeftCorner<3, kN>() = side;
  return s;
}

bool solve(const Eigen::Vector3d& xyz, const Observer3& t, Vector& u) {
  for (int i = 0; i < kMaxSteps; ++i) {
    const Step s = linearise(u, t, xyz);
    const Vector move = s.jacobian.partialPivLu().solve(s.residual);
    if (!move.allFinite()) return false;
    // z beyond 1.5 a step would jump over the bend of tanh.
    const double longest = move.head<kN>().cwiseAbs().maxCoeff();
    u -= move * std::min(1.0, 1.5 / std::max(longest, 1e-30));
    if (longest < kTolerance) return s.residual.tail<3>().cwiseAbs().maxCoeff() < 1e-6;
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
  Vector u = Vector::Zero();
  // Start at the grey of the same luminance: a good start for all but the most vivid colours.
  u.head<kN>().setConstant(std::atanh(std::clamp(2.0 * xyz.y / 100.0 - 1.0, -0.9999, 0.9999)));
  if (!solve(Eigen::Vector3d(xyz.x, xyz.y, xyz.z) / 100.0, t, u)) return unreachable("no surface has this colour");
  Spectrum out;
  for (int i = 0; i < kN; ++i) out[static_cast<std::size_t>(i)] = static_cast<float>(0.5 * (std::tanh(u[i]) + 1.0));
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
