// SPDX-License-Identifier: MIT
#include "subject/adjust.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>

#include "colour/observer.h"
#include "parallel/each.h"

namespace yd::subject {
namespace {

const colour::Xyz& white() { return colour::weights(colour::Illuminant::d50).white; }

cv::Vec3d vector_of(const colour::Xyz& xyz) { return {xyz.x, xyz.y, xyz.z}; }

/// Bradford cone responses, ICC.1:2022 annex E.
const cv::Matx33d kBradford(0.8951, 0.2664, -0.1614, -0.7502, 1.7135, 0.0367, 0.0389, -0.0685, 1.0296);

cv::Matx33d matrix_of(const Adjust& a) {
  const cv::Matx33d exposed = cv::Matx33d::eye() * std::exp2(std::clamp(a.stops, -kMostStops, kMostStops));
  if (!a.neutral) return exposed;
  const cv::Vec3d picked = vector_of(colour::to_xyz(*a.neutral, white()));
  // A picked black says nothing about the light.
  if (std::min({picked[0], picked[1], picked[2]}) < 0.05) return exposed;
  const cv::Vec3d is = kBradford * (picked / picked[1]);
  const cv::Vec3d wanted = kBradford * (vector_of(white()) / white().y);
  const auto scaled = cv::Matx33d::diag({wanted[0] / is[0], wanted[1] / is[1], wanted[2] / is[2]});
  const cv::Matx33d m = exposed * kBradford.inv() * scaled * kBradford;
  return a.neutral_is_white ? m * (colour::to_xyz({kPickedWhite, 0, 0}, white()).y / picked[1]) : m;
}

colour::Lab apply(const cv::Matx33d& m, const colour::Lab& lab) {
  const cv::Vec3d v = m * vector_of(colour::to_xyz(lab, white()));
  colour::Lab out = colour::to_lab({v[0], v[1], v[2]}, white());
  out.l = std::clamp(out.l, 0.0, 100.0);
  return out;
}

}  // namespace

LabImage adjust(const LabImage& image, const Adjust& a) {
  if (a == Adjust{}) return image;
  const cv::Matx33d m = matrix_of(a);
  LabImage out(image.width, image.height);
  parallel::spans(image.size(), 16384, [&](std::size_t begin, std::size_t end) {
    for (std::size_t i = begin; i < end; ++i) {
      const colour::LabPixel& p = image.data[i];
      const colour::Lab lab = apply(m, {p.l, p.a, p.b});
      out.data[i] = {static_cast<float>(lab.l), static_cast<float>(lab.a), static_cast<float>(lab.b)};
    }
  });
  return out;
}

colour::Lab adjust(const colour::Lab& lab, const Adjust& a) { return apply(matrix_of(a), lab); }

}  // namespace yd::subject
