// SPDX-License-Identifier: MIT
#pragma once

#include <map>
#include <memory>
#include <mutex>

#include "board/board.h"
#include "marks/pile_tree.h"

namespace yd::board {

/// The sheet while the marks of a plan are laid, pass after pass: painted once, then shown after any pass in a few
/// milliseconds.
class Painted {
 public:
  /// Keeps all it needs but for what the grounds of `plan`'s coats and of `paper`, and the sticks, are: these have to
  /// outlive it. `map` gives the grain. `passes`: how many are painted; below 0 all.
  Painted(const BoardMap& map, const plan::Plan& plan, const media::Paper& paper, const media::Collection& collection,
          const optics::Parameters& parameters, int passes = -1);

  /// After the first `passes`; 0 is the bare sheet. From several threads.
  BoardImage after(int passes, colour::Illuminant light = colour::Illuminant::d50) const;

 private:
  /// What a pass changes: pixels, and what lies there then.
  struct Change {
    std::vector<std::uint32_t> pixel, pile;
  };
  const Palette& palette(colour::Illuminant light) const;

  subject::Grid<std::uint8_t> stratum_;
  std::vector<Change> changes_;
  std::unique_ptr<plan::PileTree> tree_;
  mutable std::mutex lock_;
  mutable std::map<colour::Illuminant, Palette> palettes_;
};

/// Of each pixel a number, the same where the same shade lies under marks of the same passes and masses, pressed
/// about alike: a hand that is off is off alike there. From 0; `count` of them.
struct Alike {
  subject::Grid<std::uint32_t> number;
  std::size_t count = 0;
  subject::Grid<std::uint8_t> whole;  ///< 1: all layers of the shade lie there and nothing else, no finishing marks
};
Alike alike(const BoardMap& map, const plan::Plan& plan);

/// The Board after any pass of a plan: by its marks; where a plan has none, by its shades.
class Stages {
 public:
  /// All but the map has to outlive this.
  Stages(const BoardMap& map, const plan::Plan& plan, const media::Paper& paper, const media::Collection& collection,
         const optics::Parameters& parameters);
  BoardImage after(int passes, colour::Illuminant light = colour::Illuminant::d50) const;

 private:
  BoardMap map_;  ///< where there are no marks
  const plan::Plan* plan_;
  const media::Paper* paper_;
  const media::Collection* collection_;
  const optics::Parameters* parameters_;
  std::unique_ptr<const Painted> painted_;
};

}  // namespace yd::board
