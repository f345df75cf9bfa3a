// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <vector>

#include "optics/ground.h"
#include "optics/parameters.h"

namespace yd::optics {

/// Shares of pigments in one film, by index into a table kept by the caller. Shares sum to 1.
struct Mix {
  struct Part {
    int pigment = 0;
    float share = 1;
  };
  std::vector<Part> parts;
};

/// One film on one stratum.
struct Coat {
  int mix = 0;              ///< index into Pile::mixes()
  float load = 0;           ///< pigment, in load units
  float height = 0;         ///< room it takes in the tooth
  float loose = 0;          ///< share of the load that can still be moved
  float scatter_scale = 1;  ///< below 1 once fixed
  float grain = 0;          ///< load one particle thick; 0: an unbroken film
  int event = 0;            ///< coats that came by the same event share this number; it rises from bottom to top
};

/// What lies on the paper, stratum by stratum, bottom to top: amounts and places only, no colours.
/// Every operation but lifting conserves the load already there. Pressures are 0 to 1; a zero stroke changes nothing.
class Pile {
 public:
  Pile(const Ground& ground, const Parameters& parameters);
  /// A copy is made to be laid on: it has room for a coat more.
  Pile(const Pile& other);
  Pile(Pile&&) = default;
  Pile& operator=(const Pile&) = default;
  Pile& operator=(Pile&&) = default;
  ~Pile() = default;

  /// Lays pigment `pigment` with a stick, pencil or sponge. Each stratum wants
  /// lay * p * exp(-gap / reach(p)) * grip, where gap is its depth below the present top, and gets
  /// free * (1 - exp(-want / free)): adhesion falls as the tooth fills. A hard point also pushes loose pigment aside
  /// and slips on a loose bed.
  void stroke(int pigment, Medium medium, double pressure);

  /// Takes the loose pigment off all strata, mixes it, lays it back valleys first and presses it down.
  void rub();

  /// A wet coat of `load` on average, thicker in the valleys. `wet` keeps it as it looks before it dries.
  void wash(int pigment, WashKind kind, double load, bool wet = false);

  /// Takes loose pigment off with a stiff dry brush, the topmost first. What was pressed in or rubbed stays for the
  /// most part; the tooth that is freed is free.
  void lift();

  /// Binds what is there, fills its air gaps, gives back a little tooth.
  void fix();

  /// Room left, as a share of the bare paper's, 0 to 1.
  double tooth_left() const;
  /// Mean load over all strata.
  double mean_load() const;
  /// Load of one pigment, mean over strata, for conservation checks.
  double mean_load_of(int pigment) const;

  const std::array<std::vector<Coat>, kStrata>& strata() const { return strata_; }
  const std::vector<Mix>& mixes() const { return mixes_; }
  const Ground& ground() const { return *ground_; }

 private:
  struct Taken;
  float surface(std::size_t i) const { return height_[i] - ground_->depth[i]; }
  float capacity(std::size_t i) const { return ground_->depth[i] + ground_->hold; }
  float free_room(std::size_t i) const;
  float top() const;
  float loose_bed(std::size_t i) const;
  int pure(int pigment);
  void push(std::size_t i, Coat coat);
  void scrape(const Strata& touch, double share);
  Strata level_out(float height) const;
  Taken take_loose(double share);

  const Ground* ground_;
  const Parameters* parameters_;
  std::array<std::vector<Coat>, kStrata> strata_;
  Strata height_{};
  std::vector<Mix> mixes_;
  int event_ = 0;
};

}  // namespace yd::optics
