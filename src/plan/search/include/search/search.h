// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>
#include <span>
#include <vector>

#include "media/collection.h"
#include "recipe/geometry.h"
#include "recipe/recipe.h"
#include "craft/legal.h"
#include "price/price.h"
#include "support/observer.h"
#include "support/result.h"

namespace yd::plan {

/// What a search lays on what. Everything is only looked at and has to outlive the search.
struct SearchInput {
  const optics::Ground* ground = nullptr;
  const optics::Parameters* parameters = nullptr;
  std::span<const media::Stick> sticks;
  std::span<const colour::Lab> targets;
  StackRules rules;
  /// What lies there already and is rubbed together with what is laid over it, on a ground of its own; with the new
  /// layers kMostStrokes at most. `ground` is then how it looks. For layerings of a tray only. None: layers are laid on
  /// `ground`.
  struct Below {
    const optics::Ground* ground = nullptr;
    std::span<const Stroke> strokes{};
  };
  Below below{};
};

/// Whether the rules let `second` lie over `first` (indices into input.sticks).
bool stack_allowed(const SearchInput& input, int first, int second);
/// Geometries of these media that the rules allow.
std::vector<StackGeometry> allowed_geometries(const SearchInput& input, std::span<const optics::Medium> media);

/// The best one- or two-stroke stack of every pair of sticks for every target. Entry (target, first, second) with
/// first == second also holds the single strokes.
class PairTable {
 public:
  PairTable() = default;
  PairTable(std::size_t sticks, std::size_t targets, std::vector<StackGeometry> geometries);

  float cost(std::size_t target, std::size_t first, std::size_t second) const {
    return cost_[at(target, first, second)];
  }
  /// Its one or two strokes, from the paper upwards; to be asked for where the cost is below kForbidden.
  std::vector<Stroke> strokes(std::size_t target, std::size_t first, std::size_t second) const;
  /// Takes over the rows of a table of the same sticks: its target n becomes targets[n] here.
  void take(const PairTable& part, std::span<const std::size_t> targets);
  std::size_t sticks() const { return sticks_; }
  std::size_t targets() const { return targets_; }

  /// Stacks whose colour was worked out.
  std::uint64_t evaluations = 0;

 private:
  friend class PairSearch;
  friend class LayerSearch;
  std::size_t at(std::size_t target, std::size_t first, std::size_t second) const {
    return (first * targets_ + target) * sticks_ + second;
  }
  std::size_t sticks_ = 0;
  std::size_t targets_ = 0;
  std::vector<StackGeometry> geometries_;
  std::vector<float> cost_;  // CIEDE2000 plus a small price per stroke
  std::vector<std::uint16_t> geometry_;
};

/// A second stroke has to earn its keep: it must come nearer by this many CIEDE2000.
inline float stroke_price() { return static_cast<float>(prices().stack.stroke); }
/// Cost of a pair that the rules forbid.
inline constexpr float kForbidden = 1e6F;

/// Every stack of one and two strokes, at three pressures, laid and rubbed. Exhaustive within the rules; the same
/// answer whatever the number of threads. Errors: `bad_value` for no sticks or targets, `cancelled`.
Result<PairTable> search_pairs(const SearchInput& input, Observer& observer);

}  // namespace yd::plan
