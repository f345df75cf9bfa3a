// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <span>
#include <tuple>
#include <vector>

#include "media/collection.h"
#include "optics/ground.h"
#include "optics/look.h"
#include "optics/parameters.h"
#include "optics/pile.h"

namespace yd::plan {

enum class Technique { laid, rubbed };
inline constexpr std::array kAllTechniques{Technique::laid, Technique::rubbed};
const char* name(Technique technique);

/// Level of strokes that lie on top of all layers, here and there: accents.
inline constexpr int kAccentLevel = 20;
/// L* of a stick from which few strokes on top are highlights: they come last.
inline constexpr double kAccentLight = 78;

/// One application of one stick. Rubbed: rubbed in at once, with whatever is loose below.
struct Stroke {
  int stick = 0;        ///< index into the collection
  double pressure = 1;  ///< 0 to 1
  Technique technique = Technique::laid;
  bool fix_first = false;  ///< what lies below is fixed, and dry, before this stroke
  int level = 0;           ///< layer of the mass it belongs to, from the paper upwards; of an accent kAccentLevel
  bool operator==(const Stroke&) const = default;
};

/// What makes strokes one pass wherever they lie and however firmly: the level, the stick, how it is used. Ordered by
/// level, from the paper upwards.
struct PassKey {
  int level = 0;
  int stick = 0;  ///< index into the collection
  Technique technique = Technique::laid;
  bool operator==(const PassKey&) const = default;
  bool operator<(const PassKey& o) const {
    return std::tie(level, stick, technique) < std::tie(o.level, o.stick, o.technique);
  }
};
inline PassKey pass_of(const Stroke& s) { return {s.level, s.stick, s.technique}; }

/// Whether two piles of strokes are the same on the paper, whatever level each stroke belongs to.
bool same_strokes(std::span<const Stroke> p, std::span<const Stroke> q);

/// Strokes from the paper upwards, and what they come to.
struct Recipe {
  std::vector<Stroke> strokes;
  optics::Look look;      ///< predicted, D50
  double de00 = 0;        ///< CIEDE2000 to its target
  double tooth_left = 1;  ///< 0 to 1
};

/// One stack that a tray can make on the ground, whatever it is wanted for.
struct Stack {
  std::vector<Stroke> strokes;
  colour::Lab lab;     ///< far-off colour, D50
  float spread_l = 0;  ///< speckle
  float tooth_left = 1;
};

/// Strokes on what lies there. Pigment numbers are stick indices.
void lay(optics::Pile& pile, std::span<const media::Stick> sticks, std::span<const Stroke> strokes);
/// The pile that strokes make on the ground.
optics::Pile build(const optics::Ground& ground, const optics::Parameters& parameters,
                   std::span<const media::Stick> sticks, std::span<const Stroke> strokes);

/// Strata of a pile; only the sticks it uses are turned into pigments.
optics::StrataSpectra shade(const optics::Pile& pile, const optics::Parameters& parameters,
                            std::span<const media::Stick> sticks);

/// Works a recipe out in full, the slow way.
Recipe evaluate(const optics::Ground& ground, const optics::Parameters& parameters,
                std::span<const media::Stick> sticks, std::vector<Stroke> strokes, const colour::Lab& target);

/// How a stick is tried on paper, number 0 of a list: pressed firmly and rubbed in, three times over, so that the paper
/// hardly counts; and once lightly, so that it does.
std::vector<Stroke> full_swatch();
std::vector<Stroke> light_swatch();

/// Whether a stick's medium may lie over another's: hard under soft, never the reverse. Pan and charcoal are
/// the thinnest, then pencil and hard, then soft. Common practice, no published source.
bool may_lie_over(optics::Medium over, optics::Medium under);

}  // namespace yd::plan
