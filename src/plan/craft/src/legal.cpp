// SPDX-License-Identifier: MIT
#include "craft/legal.h"

namespace yd::plan {
namespace {

bool rubbed(const Lay& l) { return l.technique == Technique::rubbed; }

bool manner_lets(Manner manner, const Lay& under, const Lay& over) {
  if (manner == Manner::broken) return !rubbed(over);
  return manner == Manner::either || rubbed(under);
}

bool pressures_let(const StackRules& rules, const Lay& under, const Lay& over) {
  if (!under.pressure || !over.pressure) return true;
  return shape_may_follow(rules, {under.stick->medium, *under.pressure, under.technique},
                          {over.stick->medium, *over.pressure, over.technique});
}

}  // namespace

std::vector<Lay> lays_of(std::span<const Stroke> strokes, std::span<const media::Stick> sticks) {
  std::vector<Lay> out;
  for (const Stroke& s : strokes) out.push_back({&sticks[static_cast<std::size_t>(s.stick)], s.technique, s.pressure});
  return out;
}

bool may_lie_on(const StackRules& rules, const Lay& under, const Lay& over, bool next) {
  if (next && under.stick == over.stick) return false;
  if (!manner_lets(rules.manner, under, over)) return false;
  if (!may_lie_over(over.stick->medium, under.stick->medium)) return false;
  if (!stick_may_follow(rules, *under.stick, *over.stick)) return false;
  if (rubbed(over) && dirties(*under.stick, *over.stick)) return false;
  return !next || pressures_let(rules, under, over);
}

bool may_lay(const StackRules& rules, std::span<const Lay> stack, const Lay& over) {
  if (stack.empty()) return rules.manner != Manner::broken || !rubbed(over);
  if (!may_lie_lowest(rules, *stack.front().stick)) return false;
  for (std::size_t i = 0; i < stack.size(); ++i) {
    if (!may_lie_on(rules, stack[i], over, i + 1 == stack.size())) return false;
  }
  return stack.size() != 2 || may_complete(rules, *stack[0].stick, *stack[1].stick, *over.stick);
}

bool may_stand(const StackRules& rules, std::span<const Lay> stack) {
  for (std::size_t i = 0; i < stack.size(); ++i) {
    if (!may_lay(rules, stack.first(i), stack[i])) return false;
  }
  return true;
}

bool may_lie_between(const StackRules& rules, std::span<const Lay> stack, std::size_t place) {
  for (std::size_t i = 0; i < stack.size(); ++i) {
    if (i < place && !may_lie_on(rules, stack[i], stack[place], i + 1 == place)) return false;
    if (i > place && !may_lie_on(rules, stack[place], stack[i], i == place + 1)) return false;
  }
  return true;
}

StackRules to_cover(Manner manner) {
  static const SchoolLaws kNone{};
  return {School(kNone), manner == Manner::broken ? manner : Manner::either, false};
}

bool may_pair(const StackRules& rules, const media::Stick& under, const media::Stick& over) {
  return may_lie_lowest(rules, under) && stick_may_follow(rules, under, over);
}

bool may_begin(const StackRules& rules, const media::Stick& stick, const colour::Lab& target) {
  return !rules.school->clean_lights || stick.lab.l >= kDarkStick || target.l <= kLightShade;
}

}  // namespace yd::plan
