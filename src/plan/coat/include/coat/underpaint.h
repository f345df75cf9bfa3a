// SPDX-License-Identifier: MIT
#pragma once

#include <optional>
#include <span>
#include <string>
#include <vector>

#include "media/collection.h"
#include "media/paper.h"
#include "optics/ground.h"
#include "subject/masses.h"
#include "support/result.h"

namespace yd::plan {

/// What the first thin coat is made with.
enum class CoatMedium { dry_rubbed, alcohol, water, watercolour, gouache, acrylic, oil, ink, charcoal };
inline constexpr std::size_t kCoatMedia = static_cast<std::size_t>(CoatMedium::charcoal) + 1;
/// In which colours.
enum class CoatColours { complement, shadow_cool, warm_glow, local, tonal };
inline constexpr std::size_t kCoatColours = static_cast<std::size_t>(CoatColours::tonal) + 1;
const char* name(CoatMedium medium);
const char* name(CoatColours colours);
Result<CoatMedium> coat_medium_by_name(const std::string& name);
Result<CoatColours> coat_colours_by_name(const std::string& name);

/// What is known of a coat medium besides its optics. Common practice, no published source.
struct CoatFacts {
  media::Wetness needs = media::Wetness::none;  ///< what the paper must bear
  bool transparent = false;                     ///< only darkens
  bool flammable = false;                       ///< vapour while wet
  double dry_minutes = 0;
  double heated_minutes = 0;  ///< with a hair dryer or heat gun kept moving, from when heating is allowed
};
const CoatFacts& facts(CoatMedium medium);

struct CoatChoice {
  CoatMedium medium = CoatMedium::gouache;
  CoatColours colours = CoatColours::local;
  bool operator==(const CoatChoice&) const = default;
};

/// Another choice, or none, for one plane or one mass.
struct CoatException {
  enum class Where { plane, mass };
  Where where = Where::plane;
  int which = 0;  ///< the plane's number or the mass's index
  std::optional<CoatChoice> choice;
  bool operator==(const CoatException&) const = default;
};

struct UnderpaintOptions {
  std::optional<CoatChoice> picture;
  std::vector<CoatException> exceptions;  ///< a mass's goes before its plane's
  bool operator==(const UnderpaintOptions&) const = default;
  bool empty() const { return !picture && exceptions.empty(); }
};

/// What a mass gets.
std::optional<CoatChoice> choice_for(const UnderpaintOptions& options, const subject::Mass& mass);

/// One coat over some masses, and what it makes of the sheet.
struct Coat {
  CoatChoice how;
  colour::Lab wanted;       ///< the strategy's colour
  int stick = -1;           ///< the stick it is made with; -1: mixed paint
  double pressure = 0;      ///< of that stick
  std::vector<int> masses;  ///< rising
  colour::Lab wet, dry;     ///< far-off colour on this sheet
  double tooth_used = 0;    ///< share of the bare sheet's tooth
  optics::Ground ground;
};

/// The sheet bears it.
bool bears(const media::Paper& paper, CoatMedium medium);

/// A coat is told from the bare sheet when it differs by this much (CIEDE2000).
inline constexpr double kShows = 3.0;
/// Colours of one choice are drawn together until no more than this many are left.
inline constexpr std::size_t kMostCoats = 3;

/// Hue of the complement on the painter's wheel (red and green, orange and blue, yellow and violet; common practice, no
/// published source), degrees; above 360 for some. Lab's own opposite of a leaf green is a violet, not the red artists
/// mean.
double painters_complement(double hue_deg);
/// Whether the hue of `q` lies within so many degrees of the painter's complement of `p`.
bool complements(const colour::Lab& p, const colour::Lab& q, double within_deg);

/// The colour a strategy gives a mass of this mean colour.
colour::Lab coat_colour(CoatColours colours, const colour::Lab& mean);

/// Coats for all masses that get one; masses of like colour share a coat. A medium that needs a stick takes the nearest
/// one of the collection; one that has none of the kind, and a paper that does not bear the medium, are errors that say
/// so (`bad_value`).
Result<std::vector<Coat>> make_coats(const UnderpaintOptions& options, std::span<const subject::Mass> masses,
                                     const media::Paper& paper, std::span<const media::Stick> sticks,
                                     const optics::Parameters& parameters);

/// What the sheet is where this coat lies; `how`, `wanted`, `stick`, `pressure` and `masses` are given, the rest is
/// worked out. The stick must be one of `sticks`, or -1.
void lay(Coat& coat, const media::Paper& paper, std::span<const media::Stick> sticks,
         const optics::Parameters& parameters);

}  // namespace yd::plan
