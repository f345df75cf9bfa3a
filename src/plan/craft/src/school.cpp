// SPDX-License-Identifier: MIT
#include "craft/school.h"

#include "colour/lab.h"
#include "support/by_name.h"

namespace yd::plan {
namespace {

constexpr double kCoatLight = 75;   // L* from which a stick can carry light under a glaze
constexpr double kCoatChroma = 30;  // and up to which chroma it counts as white or cream
constexpr double kBlackLight = 30;  // L* below which a grey stick is a black
constexpr double kBlackChroma = 12;
constexpr double kVividLight = 50;   // L* from which black rubbed over a colour …
constexpr double kVividChroma = 30;  // … of this chroma dirties it

}  // namespace

Result<School> school_by_name(const std::string& text) { return by_name(kSchools, text, "school"); }

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
  return rules.school->follows == nullptr || rules.school->follows(under, over);
}

bool may_lie_lowest(const StackRules& rules, const media::Stick& first) {
  return !rules.coat_first || is_light_coat(first);
}

bool shape_may_follow(const StackRules& rules, const StrokeShape& under, const StrokeShape& over) {
  return rules.school->presses == nullptr || rules.school->presses(under, over);
}

bool shapes_allowed(const StackRules& rules, std::span<const StrokeShape> shapes) {
  for (std::size_t i = 1; i < shapes.size(); ++i) {
    if (!shape_may_follow(rules, shapes[i - 1], shapes[i])) return false;
  }
  return manner_allows(rules.manner, shapes);
}

bool may_complete(const StackRules& rules, const media::Stick& first, const media::Stick& second,
                  const media::Stick& third) {
  return rules.school->completes == nullptr || rules.school->completes(first, second, third);
}

double school_price(const StackRules& rules, std::span<const Stroke> strokes, std::span<const media::Stick> sticks,
                    const colour::Lab& target) {
  return strokes.empty() || rules.school->price == nullptr ? 0 : rules.school->price(strokes, sticks, target);
}

}  // namespace yd::plan
