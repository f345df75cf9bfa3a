// SPDX-License-Identifier: MIT
#include "recipe/school.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

#include "colour/lab.h"

namespace yd::plan {
namespace {

constexpr double kCoatLight = 75;   // L* from which a stick can carry light under a glaze
constexpr double kCoatChroma = 30;  // and up to which chroma it counts as white or cream
constexpr double kBlackLight = 30;  // L* below which a grey stick is a black
constexpr double kBlackChroma = 12;
constexpr double kVividLight = 50;   // L* from which black rubbed over a colour …
constexpr double kVividChroma = 30;  // … of this chroma dirties it
constexpr double kFirm = 1.0;
constexpr double kNoCoat = 2.0;  // CIEDE2000 units, set by eye
constexpr double kWrongPressure = 0.5;
constexpr double kNotReunited = 2.0;
constexpr double kNotSoftened = 0.6;  // no white over the glazes at the end
constexpr double kLocal_l = 15;       // L* from the shade up to which a colour is local
constexpr double kNotLocal = 0.15;    // for each L* beyond
constexpr double kBareBlack = 3.0;
constexpr double kValueStep = 11.1;     // L*
constexpr double kMostlyPencils = 0.6;  // share of what is at hand
constexpr double kGreyish = 14;         // mean chroma
constexpr double kContrasty = 6;        // value steps

constexpr auto kSchoolNames = std::to_array<const char*>({"dark-first", "light-coat", "flat-broken", "tone-map"});
static_assert(kSchoolNames.size() == kSchools.size());
constexpr auto kMannerNames = std::to_array<const char*>({"either", "broken", "rubbed"});
static_assert(kMannerNames.size() == kManners.size());
constexpr auto kCourseNames = std::to_array<const char*>({"far-to-near", "features-first"});
static_assert(kCourseNames.size() == static_cast<std::size_t>(Course::features_first) + 1);

template <class Enum, std::size_t N>
Result<Enum> by_name(const std::array<const char*, N>& names, const std::string& text, const char* field) {
  std::string known;
  for (std::size_t i = 0; i < N; ++i) {
    if (text == names[i]) return static_cast<Enum>(i);
    known += std::string(i == 0 ? "" : ", ") + names[i];
  }
  return bad_value(field, "\"" + text + "\" is unknown; there are " + known);
}

/// How firmly the light coat goes on: harder where lighter.
double coat_pressure(double l) { return l >= 80 ? 1.0 : l >= 66 ? 0.6 : 0.3; }

double light_coat_price(std::span<const Stroke> strokes, std::span<const media::Stick> sticks,
                        const colour::Lab& target) {
  if (target.l < kGlazed) return 0;
  const Stroke& first = strokes.front();
  if (!is_light_coat(sticks[static_cast<std::size_t>(first.stick)])) return kNoCoat;
  // White kills chroma: what is vivid is not softened.
  const bool softened =
      is_light_coat(sticks[static_cast<std::size_t>(strokes.back().stick)]) || colour::chroma(target) > kCoatChroma;
  return kWrongPressure * std::abs(first.pressure - coat_pressure(target.l)) + (softened ? 0 : kNotSoftened);
}

double flat_broken_price(std::span<const Stroke> strokes, std::span<const media::Stick> sticks, double l) {
  double price = strokes.size() < 3 ? kNotReunited : 0;
  const double off = std::abs(sticks[static_cast<std::size_t>(strokes.front().stick)].lab.l - l);
  price += kNotLocal * std::max(0.0, off - kLocal_l);
  if (is_black(sticks[static_cast<std::size_t>(strokes.back().stick)])) price += kBareBlack;
  return price;
}

}  // namespace

const char* name(School school) { return kSchoolNames[static_cast<std::size_t>(school)]; }
const char* name(Manner manner) { return kMannerNames[static_cast<std::size_t>(manner)]; }
const char* name(Course course) { return kCourseNames[static_cast<std::size_t>(course)]; }
Result<School> school_by_name(const std::string& text) { return by_name<School>(kSchoolNames, text, "school"); }
Result<Manner> manner_by_name(const std::string& text) { return by_name<Manner>(kMannerNames, text, "manner"); }
Result<Course> course_by_name(const std::string& text) { return by_name<Course>(kCourseNames, text, "course"); }
bool is_light_coat(const media::Stick& stick) {
  return stick.lab.l >= kCoatLight && colour::chroma(stick.lab) <= kCoatChroma;
}

bool is_black(const media::Stick& stick) {
  return stick.lab.l < kBlackLight && colour::chroma(stick.lab) < kBlackChroma;
}

bool dirties(const media::Stick& under, const media::Stick& black) {
  return is_black(black) && under.lab.l > kVividLight && colour::chroma(under.lab) > kVividChroma;
}

bool stick_may_follow(const StackRules& rules, const media::Stick& under, const media::Stick& over) {
  switch (rules.school) {
    case School::dark_first:
      return under.lab.l <= over.lab.l + kDarkFirstSlack;
    case School::light_coat:
      return is_light_coat(under) || is_light_coat(over) || over.lab.l <= under.lab.l + kDarkFirstSlack;
    case School::flat_broken:
      return true;  // what may not stay on top is a matter of the whole stack
    case School::tone_map:
      return colour::chroma(over.lab) >= colour::chroma(under.lab) - kIntenseSlack;
  }
  return true;
}

bool may_lie_lowest(const StackRules& rules, const media::Stick& first) {
  return !rules.coat_first || is_light_coat(first);
}

bool shape_may_follow(const StackRules& rules, const StrokeShape& under, const StrokeShape& over) {
  if (rules.school == School::light_coat) return over.pressure < kFirm;
  if (rules.school == School::tone_map) return over.pressure >= under.pressure;
  return true;
}

bool manner_allows(Manner manner, std::span<const StrokeShape> shapes) {
  const auto rubbed = [](const StrokeShape& s) { return s.technique == Technique::rubbed; };
  if (manner == Manner::broken) return std::none_of(shapes.begin(), shapes.end(), rubbed);
  if (manner == Manner::rubbed)
    return std::all_of(shapes.begin(), shapes.size() > 1 ? shapes.end() - 1 : shapes.end(), rubbed);
  return true;
}

bool shapes_allowed(const StackRules& rules, std::span<const StrokeShape> shapes) {
  for (std::size_t i = 1; i < shapes.size(); ++i) {
    if (!shape_may_follow(rules, shapes[i - 1], shapes[i])) return false;
  }
  return manner_allows(rules.manner, shapes);
}

bool may_complete(const StackRules& rules, const media::Stick& first, const media::Stick& second,
                  const media::Stick& third) {
  if (rules.school != School::flat_broken) return true;
  return third.id == first.id && second.lab.l <= first.lab.l - kDarkFirstSlack;
}

int usual_strokes(School school) { return school == School::flat_broken ? 3 : 1; }

double school_price(const StackRules& rules, std::span<const Stroke> strokes, std::span<const media::Stick> sticks,
                    const colour::Lab& target) {
  if (strokes.empty()) return 0;
  if (rules.school == School::light_coat) return light_coat_price(strokes, sticks, target);
  if (rules.school == School::flat_broken) return flat_broken_price(strokes, sticks, target.l);
  return 0;
}

namespace {

/// Over the area of a mass, shade by shade: in its mean a red and a green would be grey.
double chroma_of(const subject::Mass& m) {
  if (m.shades.empty()) return m.area * colour::chroma(m.mean);
  double out = 0;
  for (const subject::Shade& s : m.shades) out += s.area * colour::chroma(s.lab);
  return out;
}

}  // namespace

SchoolAdvice advise_school(std::span<const subject::Mass> masses, std::span<const media::Stick> sticks) {
  double pencils = 0;
  double hand = 0;
  for (const media::Stick& s : sticks) {
    if (!media::at_hand(s)) continue;
    hand += 1;
    pencils += s.medium == optics::Medium::pencil ? 1 : 0;
  }
  SchoolAdvice out;
  double dark = 100;
  double light = 0;
  double chroma = 0;
  double area = 0;
  bool far = false;
  for (const subject::Mass& m : masses) {
    for (const subject::Target& t : m.targets) {
      if (t.lab.l < dark) dark = t.lab.l, out.darkest = m.id;
      if (t.lab.l > light) light = t.lab.l, out.lightest = m.id;
    }
    chroma += chroma_of(m);
    area += m.area;
    far = far || (m.plane == subject::Plane::background && m.area > 0.1);
  }
  out.pencils = hand > 0 ? pencils / hand : 0;
  out.chroma = area > 0 ? chroma / area : 0;
  out.steps = (light - dark) / kValueStep;
  if (out.pencils > kMostlyPencils) {
    out.school = School::light_coat;
    out.why = SchoolAdvice::Why::pencils_are_transparent;
  } else if (out.chroma < kGreyish && out.steps > kContrasty && !far) {
    out.school = School::tone_map;
    out.why = SchoolAdvice::Why::values_carry;
  } else {
    out.why = SchoolAdvice::Why::sticks_cover;
  }
  return out;
}

}  // namespace yd::plan
