// SPDX-License-Identifier: MIT
#pragma once

#include "assign/painting.h"
#include "painting_ways.h"

namespace yd::plan {

/// Shades of one mass on which the same strokes lie already.
struct Painting::Bed {
  std::vector<Stroke> laid;
  std::vector<std::size_t> targets;
  double share = 1;  ///< of the mass
  optics::Ground ground;
};

/// What masses of a family may be built by, from one tray.
struct Painting::Listing {
  std::vector<Layering> layerings;
  std::vector<std::vector<float>> costs;       ///< of each mass, by layering
  std::vector<std::vector<LayerShares>> used;  ///< likewise
  std::vector<LayeringCosts> beyond;           ///< with one stick that is not in the tray
  std::uint64_t looks = 0;
  void give_only(std::size_t place, Layering layering);
};

struct Painting::Considered {
  std::vector<Listing> listings;
  std::vector<LeveledLayering> chosen;
  bool hurried = false;
};

/// Masses on the same ground under the same rules; one mass by itself where strokes lie on it already.
struct Painting::Family {
  int coat = -1;
  StackRules rules;
  std::vector<std::size_t> masses;
  std::vector<std::vector<std::size_t>> targets;  ///< of each mass, dark to light
  ShadeSet shades;
  std::unique_ptr<Lattice> lattice;
  std::vector<Bed> beds;  ///< empty where nothing is laid
  std::vector<std::unique_ptr<Lattice>> bed_lattices;
  Listing listed;
  WholeReach known;           ///< on the ground, of the trays so far
  std::vector<WayBook> ways;  ///< on the ground, or on each bed
};

}  // namespace yd::plan
