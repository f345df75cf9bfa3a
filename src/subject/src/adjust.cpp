// SPDX-License-Identifier: MIT
#include "subject/adjust.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <Eigen/Dense>
#include <algorithm>
#include <cmath>

#include "colour/observer.h"

namespace yd::subject {
namespace {

using Eigen::Matrix3d;
using Eigen::Vector3d;

const colour::Xyz& white() { return colour::weights(colour::Illuminant::d50).white; }

Vector3d vector_of(const colour::Xyz& xyz) { return {xyz.x, xyz.y, xyz.z}; }

/// Bradford cone responses, ICC.1:2022 annex E.
Matrix3d bradford() {
  Matrix3d m;
  m << 0.8951, 0.2664, -0.1614, -0.7502, 1.7135, 0.0367, 0.0389, -0.0685, 1.0296;
  return m;
}

Matrix3d matrix_of(const Adjust& a) {
  Matrix3d m = Matrix3d::Identity() * std::exp2(std::clamp(a.stops, -kMostStops, kMostStops));
  if (!a.neutral) return m;
  const Vector3d picked = vector_of(colour::to_xyz(*a.neutral, white()));
  if (picked.minCoeff() < 0.05) return m;  // a picked black says nothing about the light
  const Vector3d is = bradford() * (picked / picked.y());
  const Vector3d wanted = bradford() * (vector_of(white()) / white().y);
  m = m * bradford().inverse() * wanted.cwiseQuotient(is).asDiagonal() * bradford();
  if (a.neutral_is_white) m *= colour::to_xyz({kPickedWhite, 0, 0}, white()).y / picked.y();
  return m;
}

colour::Lab apply(const Matrix3d& m, const colour::Lab& lab) {
  const Vector3d v = m * vector_of(colour::to_xyz(lab, white()));
  colour::Lab out = colour::to_lab({v.x(), v.y(), v.z()}, white());
  out.l = std::clamp(out.l, 0.0, 100.0);
  return out;
}

}  // namespace

LabImage adjust(const LabImage& image, const Adjust& a) {
  if (a == Adjust{}) return image;
  const Matrix3d m = matrix_of(a);
  LabImage out(image.width, image.height);
  tbb::parallel_for(tbb::blocked_range<std::size_t>(0, image.size(), 16384), [&](const auto& range) {
    for (std::size_t i = range.begin(); i < range.end(); ++i) {
      const colour::LabPixel& p = image.data[i];
      const colour::Lab lab = apply(m, {p.l, p.a, p.b});
      out.data[i] = {static_cast<float>(lab.l), static_cast<float>(lab.a), static_cast<float>(lab.b)};
    }
  });
  return out;
}

colour::Lab adjust(const colour::Lab& lab, const Adjust& a) { return apply(matrix_of(a), lab); }

}  // namespace yd::subject
