// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>
#include <span>
#include <unordered_map>
#include <vector>

#include "colour/din99o.h"
#include "media/collection.h"
#include "optics/look.h"
#include "optics/pile.h"

namespace yd::plan {

/// All that lies somewhere on the sheet, each pile once: a pile is what it was before, and what was done last. Told by
/// number; 0 is the bare paper. Not for several threads at once.
class PileTree {
 public:
  /// Steps that a hand's pressure is told in.
  static constexpr int kSteps = 16;
  static int step_of(double pressure);

  /// `grounds`: the paper, then its coats; they and the sticks have to outlive this.
  PileTree(std::vector<const optics::Ground*> grounds, std::span<const media::Stick> sticks,
           const optics::Parameters& parameters);

  int coated(int ground) const { return ground; }
  /// A stroke of a stick at 1 to kSteps sixteenths of full pressure.
  int laid(int pile, int stick, int step);
  int rubbed(int pile) { return next(pile, kRub); }
  /// A bare coat stays as it is: it is reckoned as it lies once fixed.
  int fixed(int pile) { return pile < grounds_ ? pile : next(pile, kFix); }

  std::size_t size() const { return piles_.size(); }
  const optics::Pile& pile(int number) const { return piles_[static_cast<std::size_t>(number)]; }
  /// Far-off colour.
  const colour::Lab& lab(int number);
  const colour::Din99o& seen(int number);
  /// Its colours stratum by stratum, in full and in the coarse bands; from several threads.
  optics::StrataSpectra strata(int number) const;
  optics::CoarseStrata coarse_strata(int number) const;

 private:
  static constexpr std::uint32_t kRub = 1, kFix = 2, kLaid = 16;
  struct Colour {
    bool known = false;
    colour::Lab lab;
    colour::Din99o seen;
  };
  int next(int pile, std::uint32_t deed);
  const Colour& look(int number);

  std::span<const media::Stick> sticks_;
  const optics::Parameters* parameters_;
  int grounds_ = 0;
  std::vector<optics::Pile> piles_;
  std::vector<Colour> colours_;
  std::vector<optics::Pigment> pigments_;
  std::vector<optics::CoarsePigment> coarse_;
  std::vector<char> made_;
  std::unordered_map<std::uint64_t, int> next_;
};

}  // namespace yd::plan
