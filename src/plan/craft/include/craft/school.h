// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <optional>
#include <span>
#include <string>
#include <string_view>

#include "craft/manner.h"
#include "media/collection.h"
#include "recipe/geometry.h"
#include "subject/subject.h"
#include "support/result.h"

namespace yd::plan {

/// A stick counts as darker, lighter or more vivid than another from here on.
inline constexpr double kDarkFirstSlack = 5.0;  ///< L*
inline constexpr double kIntenseSlack = 15.0;   ///< chroma

/// All that a school is: what may lie on what, how far a stack is from its way, in which order its strokes go, how its
/// pictures end. Common practice, no published source. A law that is not there forbids nothing.
struct SchoolLaws {
  enum class Order { darks_first, lights_first, thin_first };  ///< between strokes of one level
  using Follows = bool (*)(const media::Stick& under, const media::Stick& over);
  using Presses = bool (*)(const StrokeShape& under, const StrokeShape& over);
  using Completes = bool (*)(const media::Stick& first, const media::Stick& second, const media::Stick& third);
  using Price = double (*)(std::span<const Stroke> strokes, std::span<const media::Stick> sticks,
                           const colour::Lab& target);

  const char* name = "";           ///< in files and on the command line
  Follows follows = nullptr;       ///< whether one stick may lie over another
  Presses presses = nullptr;       ///< the same for pressures
  Completes completes = nullptr;   ///< whether a third stroke makes a stack whole
  int strokes = 1;                 ///< a stack takes at least
  bool whole = false;              ///< a stack is complete: nothing is lent to it, nothing set on it
  bool coat_under_lights = false;  ///< a light target begins with a light ground coat
  bool clean_lights = false;       ///< no light is begun with a dark
  bool tones_first = false;        ///< all values are laid first, in charcoal or one dark, and fixed
  Price price = nullptr;           ///< how far from its way, in CIEDE2000 units; 0 for a stack in its style
  bool bars_pressures = false;     ///< few ways are left, so speckle counts less
  Order order = Order::darks_first;
  bool sheet_of_darks = false;  ///< what is blocked in with a dark goes before what is with a light, everywhere
  bool intense_last = false;    ///< what is most vivid goes last
  bool black_last = false;
};

/// A school, as a value: it points to its laws, which outlive it.
class School {
 public:
  explicit constexpr School(const SchoolLaws& laws) : laws_(&laws) {}
  constexpr const SchoolLaws* operator->() const { return laws_; }
  constexpr bool operator==(const School&) const = default;
  /// By name, for tables.
  bool operator<(const School& other) const { return std::string_view(laws_->name) < other.laws_->name; }

  static const School dark_first;   ///< darks, middles, lights and warms, accents and highlights last
  static const School light_coat;   ///< a white or cream coat where it is light, glazes over it, darks late, black last
  static const School flat_broken;  ///< the local colour flat, dark texture on it, the local colour again, then lights
  static const School tone_map;     ///< all values in charcoal or one dark, fixed; then colour, most intense last

 private:
  const SchoolLaws* laws_;
};
extern const SchoolLaws kDarkFirst, kLightCoat, kFlatBroken, kToneMap;
inline constexpr School School::dark_first{kDarkFirst};
inline constexpr School School::light_coat{kLightCoat};
inline constexpr School School::flat_broken{kFlatBroken};
inline constexpr School School::tone_map{kToneMap};
/// Those that can be chosen.
inline constexpr std::array kSchools{School::dark_first, School::light_coat, School::flat_broken, School::tone_map};

inline const char* name(School school) { return school->name; }
Result<School> school_by_name(const std::string& name);

/// Another way of working for one mass.
struct MassWay {
  int mass = 0;
  std::optional<School> school;
  std::optional<Manner> manner;
  bool operator==(const MassWay&) const = default;
};

/// L* of a target from which the light ground coat is wanted under it.
inline constexpr double kGlazed = 55;

/// What a school and a manner allow in a stack.
struct StackRules {
  School school = School::dark_first;
  Manner manner = Manner::either;
  bool coat_first = false;  ///< light_coat under a light target: a stack begins with the coat
  bool operator==(const StackRules&) const = default;
};

/// Whether one stick may lie over another, by the school alone.
bool stick_may_follow(const StackRules& rules, const media::Stick& under, const media::Stick& over);
/// Whether others may be laid over this one as the first: where the coat comes first, only over a light coat.
bool may_lie_lowest(const StackRules& rules, const media::Stick& first);
/// The same for pressures: a glaze over a light coat is never firm; a tone map is worked thin to firm.
bool shape_may_follow(const StackRules& rules, const StrokeShape& under, const StrokeShape& over);
/// Both, for all strokes of a stack, bottom first.
bool shapes_allowed(const StackRules& rules, std::span<const StrokeShape> shapes);
/// Whether a third stroke completes a stack: flat_broken wants the first stick again over a darker mark.
bool may_complete(const StackRules& rules, const media::Stick& first, const media::Stick& second,
                  const media::Stick& third);

/// White or cream enough to be put under a glaze.
bool is_light_coat(const media::Stick& stick);
bool is_black(const media::Stick& stick);
/// Black rubbed over a vivid light colour: it dirties it for good, so no plan has it.
bool dirties(const media::Stick& under, const media::Stick& black);

/// How far a stack is from the school's own way, in CIEDE2000 units, 0 for a stack in its style.
double school_price(const StackRules& rules, std::span<const Stroke> strokes, std::span<const media::Stick> sticks,
                    const colour::Lab& target);

/// The school for a subject where the artist has chosen none, with the reason: by the media at hand, the value range
/// and the chroma.
struct SchoolAdvice {
  enum class Why { none, pencils_are_transparent, values_carry, sticks_cover };
  School school = School::dark_first;
  Why why = Why::none;
  double pencils = 0;  ///< share of what is at hand
  double steps = 0;    ///< of value that the subject spans
  double chroma = 0;   ///< mean of the subject
  int lightest = -1;   ///< masses that speak for it
  int darkest = -1;
};
SchoolAdvice advise_school(std::span<const subject::Mass> masses, std::span<const media::Stick> sticks);

}  // namespace yd::plan
