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

}  // namespace yd::board
