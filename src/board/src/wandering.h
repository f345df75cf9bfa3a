// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <opencv2/core.hpp>
#include <utility>
#include <vector>

#include "make/plan.h"
#include "strokes.h"
#include "subject/subject.h"

namespace yd::board {

/// Which shade of which mass each pixel is painted to: the subject's own, but that shades run into each other as a hand
/// grades its pressure between them, end in broken strokes (rubbed ones in nothing but grain), and masses with a soft
/// edge or of one gradient fade into each other. No strokes run into a shade that is painted far from its colour or
/// much more broken: a spire's edge in a sky would come up as specks all over it. Keeps references to what it is given.
class Wandering {
 public:
  Wandering(const subject::Subject& subject, const plan::Plan& plan, const StrokeFields& strokes, double px_per_mm);

  struct Part {
    std::size_t target = 0;
    double share = 0;  ///< 0 to 1, of all but the first
  };
  /// The target that a pixel is painted to, and what a finger blends into it there.
  using Place = std::array<Part, 4>;
  /// At a pixel of the working image.
  Place at(int x, int y) const;
  /// Whether a finger ends a target: by its last stroke, or where it has none by the last pass over its mass.
  bool rubbed(std::size_t target) const { return rubbed_[target] != 0; }

 private:
  /// From a shade to another of its mass that a hand grades it into.
  struct Way {
    std::size_t to = 0;
    std::array<double, 3> step{};  ///< Lab
    double long2 = 0;
  };

  bool soft(std::size_t mass) const { return s_.masses[mass].edge == subject::EdgeKind::soft; }
  std::size_t mass_at(int x, int y, double mm) const;
  std::pair<int, int> moved(int x, int y, double mm) const;
  std::size_t nearest(std::size_t mass, int x, int y) const;
  double off(std::size_t mass, std::size_t shade, int x, int y) const;
  /// A shade, the one it is graded into and the share of that.
  struct Graded {
    std::size_t own = 0, into = 0;
    double share = 0;
  };
  Graded graded(std::size_t mass, std::size_t own, int x, int y) const;
  Graded reaching_in(std::size_t mass, std::size_t own, int x, int y) const;
  Place place(std::size_t mass, const Graded& g) const;
  Place blended(std::size_t mass, int x, int y) const;
  cv::Mat surroundings(std::size_t mass) const;
  bool joins(std::size_t p, std::size_t q) const { return one_[p * s_.masses.size() + q] != 0; }
  bool is_band(std::size_t mass) const;
  bool rubbed(std::size_t mass, std::size_t shade) const { return rubbed(first_[mass] + shade); }
  std::vector<Way> ways_from(std::size_t mass, std::size_t own) const;
  const plan::TargetPlan& target(std::size_t mass, std::size_t shade) const { return targets_[first_[mass] + shade]; }

  const subject::Subject& s_;
  const std::vector<plan::TargetPlan>& targets_;
  std::vector<std::size_t> first_;
  std::vector<char> rubbed_;            ///< of each target
  std::vector<std::vector<Way>> ways_;  ///< the same
  const StrokeFields& fields_;
  double px_per_mm_;
  std::vector<char> one_;      ///< masses that are bands of one gradient: row by row
  std::vector<cv::Mat> near_;  ///< how much of what lies round a cell is of a mass; of those that are a band
};

}  // namespace yd::board
