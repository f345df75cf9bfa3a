// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <map>
#include <optional>
#include <span>
#include <tuple>
#include <vector>

#include "colour/din99o.h"
#include "search/search.h"

namespace yd::plan {

/// Pressures a hand keeps apart when it grades a passage, besides nothing at all.
inline constexpr std::array<double, 4> kGrades{0.25, 0.5, 0.75, 1.0};

/// A stick and how it is used, wherever it goes and however firmly.
struct Layer {
  int stick = 0;  ///< index into the sticks searched
  Technique technique = Technique::laid;
  bool operator==(const Layer&) const = default;
  bool operator<(const Layer& o) const { return std::tie(stick, technique) < std::tie(o.stick, o.technique); }
};
/// What a mass is built by: layers from the paper upwards, the same all over it; their pressure varies from place to
/// place and may be nothing.
using Layering = std::vector<Layer>;

/// What a layering comes to where every one of its layers is used: node n gives layer i the grade (n / 4^i) % 4.
struct Looks {
  std::vector<colour::Din99o> at;
  std::vector<colour::Lab> lab;   ///< the same
  std::vector<float> unsteady;    ///< squared: how far a hand and the speckle stray from it; huge where not allowed
  std::vector<float> marks;       ///< squared: how far the speckle strays beyond that on a smooth surface
  std::vector<float> speckle;     ///< `optics::Speckle::seen`
  std::vector<float> spread_l{};  ///< standard deviation of L* over the strata
};
inline constexpr float kNotAllowed = 1e8F;
/// On a calm surface (`calm_of`) streaks show more where their colours are off: a difference d and marks m come to
/// d² + m² + k m min(d, most)², between d² + m² and (d + m)²; k and most are prices of smooth places.

std::size_t nodes_of(std::size_t layers);
std::size_t grade_at(std::size_t node, std::size_t layer);
/// The layering with its pressures at a node.
std::vector<Stroke> strokes_at(const Layering& layering, std::size_t node);

/// Loads of one chain of media and techniques at every node, and what of each coat is seen from above.
struct ChainGeometry {
  std::vector<StackGeometry> nodes;
  std::vector<char> allowed;
};

/// Works out looks on one ground. Chains are prepared once, then read from all cores.
class Lattice {
 public:
  /// `hand`: how far off a pressure is, as a share of it (0.15: by 15 %).
  Lattice(const SearchInput& input, double hand);

  /// Must have been called for every layering before `looks` or `guess` is asked for it.
  void prepare(std::span<const Layering> layerings);
  /// By the model, in full.
  Looks looks(const Layering& layering) const;
  /// Nearly: each coat hides what is below in the share it covers, in its own masstone; at half the
  /// grades. For ranking only.
  Looks guess(const Layering& layering) const;
  /// One look between the nodes, by the model: pressures of all layers, 0 to 1, 0 leaves one out. Nothing where the
  /// rules bar them. Needs no preparing.
  struct Between {
    colour::Lab lab;
    double speckle = 0;  ///< `optics::Speckle::seen`
    double tooth_left = 1;
  };
  std::optional<Between> between(const Layering& layering, std::span<const double> pressures) const;
  const ChainGeometry& chain(const Layering& layering) const;
  const SearchInput& input() const { return in_; }
  const optics::CoarsePigment& pigment(int stick) const { return pigments_[static_cast<std::size_t>(stick)]; }
  double hand() const { return hand_; }

 private:
  std::int64_t key(const Layering& layering) const;
  ChainGeometry make_chain(const Layering& layering) const;
  /// What lies there, and the shapes of its strokes.
  optics::Pile pile_below(std::vector<StrokeShape>& shapes) const;
  /// What the lowest stroke is laid on, be it there already or not.
  const optics::Ground& lowest() const { return in_.below.strokes.empty() ? *in_.ground : *in_.below.ground; }
  /// Of what lies there and of the layers, in the order they are laid.
  std::vector<const optics::CoarsePigment*> pigments_of(const Layering& layering) const;

  SearchInput in_;
  double hand_;
  std::vector<optics::CoarsePigment> pigments_;
  colour::Xyz bare_;
  std::map<std::int64_t, ChainGeometry> chains_;
};

/// Of `Looks::unsteady` what speckle and a full tooth make, squared CIEDE2000 (about).
double uneven_of(double speckle, double tooth_left);
/// What speckle makes where the subject is smooth (`Looks::marks`), and how many times it counts in a school.
double marks_of(double speckle);
inline double marks_count(School school) { return school->bars_pressures ? prices().smooth.in_school : 1; }

/// Fills in `unsteady` from the looks around each node and the speckle: to first order, a pressure off by `hand` moves
/// the colour by its slope. `every`: the looks have only every second, fourth … of the grades, the firmest among them.
void add_unsteadiness(Looks& looks, const ChainGeometry& chain, double hand, std::size_t every = 1);

}  // namespace yd::plan
