// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "media/collection.h"
#include "recipe/geometry.h"
#include "subject/subject.h"
#include "support/result.h"

namespace yd::plan {

/// The order in which a picture is built. Common practice, no published source.
///   dark_first   darks, middles, lights and warms, accents and highlights last
///   light_coat   a white or cream coat where the subject is light, glazes of colour over it, darks late, black last
///   flat_broken  the local colour flat, dark texture marks on it, the local colour over all again, then lights
///   tone_map     all values first in charcoal or one dark, fixed; then colour, thin to firm, most intense last
enum class School { dark_first, light_coat, flat_broken, tone_map };
inline constexpr std::array<School, 4> kSchools{School::dark_first, School::light_coat, School::flat_broken,
                                                School::tone_map};
/// Whether of one level the lighter stick goes before the darker one; the other schools go from dark to light.
constexpr bool lights_first(School school) { return school == School::light_coat; }
const char* name(School school);
Result<School> school_by_name(const std::string& name);

/// Broken: hatched, colours kept apart. Rubbed: every stroke but the topmost is rubbed in. Either: as comes nearest.
enum class Manner { either, broken, rubbed };
inline constexpr std::array<Manner, 3> kManners{Manner::either, Manner::broken, Manner::rubbed};
const char* name(Manner manner);
Result<Manner> manner_by_name(const std::string& name);

/// Far to near, or the focal masses (eyes and nose of a portrait) before the rest.
enum class Course { far_to_near, features_first };
const char* name(Course course);
Result<Course> course_by_name(const std::string& name);

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
/// A stick counts as darker, lighter or more vivid than another from here on.
inline constexpr double kDarkFirstSlack = 5.0;  ///< L*
inline constexpr double kIntenseSlack = 15.0;   ///< chroma

/// Whether one stick may lie over another: dark_first, nothing over a lighter one; light_coat, anything over a light
/// coat, nothing lighter over other colours but a softening white; flat_broken, no bare black on top; tone_map, nothing
/// over a more vivid one.
bool stick_may_follow(const StackRules& rules, const media::Stick& under, const media::Stick& over);
/// Whether others may be laid over this one as the first: where the coat comes first, only over a light coat.
bool may_lie_lowest(const StackRules& rules, const media::Stick& first);
/// The same for pressures: a glaze over a light coat is never firm; a tone map is worked thin to firm.
bool shape_may_follow(const StackRules& rules, const StrokeShape& under, const StrokeShape& over);
/// Whether the manner allows these strokes, bottom first.
bool manner_allows(Manner manner, std::span<const StrokeShape> shapes);
/// Both, for all strokes of a stack, bottom first.
bool shapes_allowed(const StackRules& rules, std::span<const StrokeShape> shapes);
/// Whether a third stroke completes a stack: flat_broken wants the first stick again over a darker mark.
bool may_complete(const StackRules& rules, const media::Stick& first, const media::Stick& second,
                  const media::Stick& third);
/// Strokes a stack of the school takes at least to be built its way.
int usual_strokes(School school);

/// White or cream enough to be put under a glaze.
bool is_light_coat(const media::Stick& stick);
bool is_black(const media::Stick& stick);
/// Black rubbed over a vivid light colour: it dirties it for good, so no plan has it.
bool dirties(const media::Stick& under, const media::Stick& black);

/// How far a stack is from the school's own way, in CIEDE2000 units, 0 for a stack in its style: light_coat wants its
/// coat under light targets, firmer where lighter; flat_broken its three strokes, and no bare black.
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
