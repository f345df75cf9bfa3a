// SPDX-License-Identifier: MIT
#pragma once

#include <map>
#include <span>
#include <vector>

#include "search/lattice.h"
#include "subject/masses.h"
#include "price/price.h"

namespace yd::plan {

/// Rows that a mass has in the table a tray is chosen by.
inline constexpr std::size_t kRowsOfMass = 4;

/// How much streaks and a difference of colour tell on each other where the subject is so even, 0 to 1: nothing on a
/// vivid colour, which rubbing dulls and a hand therefore leaves in strokes. Common practice; the border (chroma 60) is
/// ours.
double calm_of(double even, const colour::Lab& lab);

/// Shades that are painted on one ground by one set of rules, mass by mass, ready for the inner loops. Colours are
/// those to be reached, after the fit of values.
struct ShadeSet {
  std::vector<float> l, a, b;                               ///< DIN99o
  std::vector<float> weight;                                ///< share of its mass; those of a mass sum to 1
  std::vector<float> even;                                  ///< how smooth the subject is there, 0 to 1
  std::vector<float> calm;                                  ///< the same, less for what is vivid (`calm_of`)
  std::vector<float> count;                                 ///< the same of what it counts for
  std::vector<colour::Lab> lab;                             ///< the same colours
  std::vector<std::pair<std::size_t, std::size_t>> masses;  ///< first shade and one past the last
  std::vector<double> area;                                 ///< of each mass, share of the picture
  std::vector<double> counts;                               ///< the same of what it counts for
  std::vector<double> smooth;                               ///< of each mass: 1 none but its own gradient, 0 textured
  std::vector<double> share;                                ///< of rows: of what their mass counts for
  std::vector<std::pair<std::size_t, std::size_t>> whole;   ///< the shades that a stick of each mass may be near to
  std::vector<char> by_itself;  ///< of rows: met by a single stick, no pairs are tried for it

  /// Dark to light. `counted`: what each shade counts for, like its area where nothing matters more; empty: its area.
  /// `evens`: how smooth the subject is where each lies; empty: as the mass.
  void add_mass(std::span<const colour::Lab> labs, std::span<const double> areas, std::span<const double> counted = {},
                double is_smooth = 0, std::span<const double> evens = {});
  /// The same shades, but kRowsOfMass rows for every mass: its darks, middles and lights, in order, of about a third of
  /// its area each, and its small vivid colours once more, which an accent can meet. Some are empty.
  ShadeSet rows() const;
  /// Small colours of a mass that stand out from the rest of it, as places in the set.
  std::vector<std::size_t> vivid(std::size_t mass) const;
  /// The same, or where a mass is of many colours those that hardly anything in it has: one red leaf among green ones.
  std::vector<std::size_t> standing_out(std::size_t mass) const;
  std::size_t size() const { return l.size(); }

 private:
  /// Those that are of another hue or chroma than the mean of the mass, and not grey.
  std::vector<std::size_t> off_hue(std::size_t mass) const;
};

/// What a small vivid colour counts for, against the same area of what is around it.

/// best[s] = min(best[s], squared expected difference of shade s to any node). Arrays of shades.size().
void reach_down(const ShadeSet& shades, const Looks& looks, float* best);
/// Mean over a mass's shades of the root of `best`, with a dear tail: what is far off is seen, the more vivid the more.
double mean_difference(const ShadeSet& shades, std::size_t mass, const float* best);

/// A squared difference beyond any.
inline constexpr float kFarOff = 1e6F;

/// Distance of every stick from the nearest shade of every mass, and what of the layers' prices hangs on a mass alone.
class LayerPrices {
 public:
  LayerPrices(const SearchInput& input, const ShadeSet& shades, const Prices& charged = prices());
  double of(std::size_t mass, const Layering& layering) const;
  double far_from(std::size_t mass, int stick) const { return far_[mass * sticks_ + static_cast<std::size_t>(stick)]; }

 private:
  double of_layer(std::size_t mass, const Layer& layer, bool first) const;

  const SearchInput& in_;
  const ShadeSet& shades_;
  Prices prices_;
  std::size_t sticks_;
  std::vector<double> far_;
  std::vector<double> light_share_;  ///< of each mass above L* 60
};

/// Sticks that are tried in pairs on a mass. Every stick of the collection is tried alone on every mass.
struct PairOptions {
  std::size_t alone = 32;  ///< that are best alone
  std::size_t near = 4;    ///< nearest to each shade
};

/// For every mass the best layering of one or two layers of every pair of sticks, at all pressures: the table a tray
/// is chosen by. Rows are masses; costs are expected CIEDE2000 (DIN99o stands in) with prices. Errors: `bad_value`,
/// `cancelled`.
Result<PairTable> search_layers(Lattice& lattice, const ShadeSet& shades, Observer& observer,
                                const PairOptions& options = {});

/// How much of a mass each layer of a layering is used on, at whatever pressure: shares of its area, from below.
using LayerShares = std::array<float, kMostStrokes>;

/// A layering with what it costs every mass of the set.
struct LayeringCosts {
  Layering layering;
  std::vector<float> cost;
  std::vector<LayerShares> used;  ///< of each mass, where every shade is built by what suits it best
};
/// Squared differences of the shades of a set from what a layering comes to where all its layers are used; of the empty
/// one too.
using WholeReach = std::map<Layering, std::vector<float>>;
struct TraySearch {
  int most_layers = 3;  ///< 1 to 4
  int grown = 100;      ///< pairs of each mass that are grown to three layers
  int kept = 60;        ///< guessed layerings of each mass that are worked out
  int grown_to_four = 10;
  int kept_of_four = 6;
  int started = 4;                ///< best of each mass from which one steps further; 0: none
  int stepped = 8;                ///< guessed steps of each mass that are worked out
  std::span<const int> others{};  ///< sticks that might come into the tray
  int stepped_out = 3;            ///< of those, for each mass, that are worked out
  WholeReach* known = nullptr;    ///< on these shades, from another tray; grows
};
/// Layerings of a tray that are worth having on these masses: all of one and two layers, what grows from the best of
/// them, and what lies a step from the best of that. Ranked by a guess, worked out in full. With `others`, also what
/// one stick more would make of the best. Errors: `cancelled`.
Result<std::vector<LayeringCosts>> tray_layerings(Lattice& lattice, const ShadeSet& shades, std::span<const int> tray,
                                                  const TraySearch& options, Observer& observer);

/// The stick of a layering that is not in the tray; -1 where all are.
int stick_beyond(const Layering& layering, std::span<const int> tray);

/// CIEDE2000 of the colour nearest to each target that the tray can build, each target by itself; huge where there is
/// none. Errors: `cancelled`.
Result<std::vector<double>> nearest_layered(Lattice& lattice, std::span<const colour::Lab> targets,
                                            std::span<const int> tray, const TraySearch& options, Observer& observer);

}  // namespace yd::plan
