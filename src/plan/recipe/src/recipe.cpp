// SPDX-License-Identifier: MIT
#include "recipe/recipe.h"

#include <algorithm>
#include <array>

#include "colour/ciede2000.h"

namespace yd::plan {

const char* name(Technique technique) { return technique == Technique::laid ? "laid" : "rubbed"; }

bool same_strokes(std::span<const Stroke> p, std::span<const Stroke> q) {
  return std::equal(p.begin(), p.end(), q.begin(), q.end(), [](const Stroke& s, const Stroke& t) {
    return s.stick == t.stick && s.pressure == t.pressure && s.technique == t.technique && s.fix_first == t.fix_first;
  });
}

void lay(optics::Pile& pile, std::span<const media::Stick> sticks, std::span<const Stroke> strokes) {
  for (const Stroke& s : strokes) {
    if (s.fix_first) pile.fix();
    pile.stroke(s.stick, sticks[static_cast<std::size_t>(s.stick)].medium, s.pressure);
    if (s.technique == Technique::rubbed) pile.rub();
  }
}

optics::Pile build(const optics::Ground& ground, const optics::Parameters& parameters,
                   std::span<const media::Stick> sticks, std::span<const Stroke> strokes) {
  optics::Pile pile(ground, parameters);
  lay(pile, sticks, strokes);
  return pile;
}

optics::StrataSpectra shade(const optics::Pile& pile, const optics::Parameters& parameters,
                            std::span<const media::Stick> sticks) {
  std::vector<optics::Pigment> pigments(sticks.size());
  std::vector<bool> made(sticks.size());
  for (const optics::Mix& mix : pile.mixes()) {
    for (const optics::Mix::Part& part : mix.parts) {
      const auto i = static_cast<std::size_t>(part.pigment);
      if (!made[i]) pigments[i] = media::pigment_of(sticks[i], parameters);
      made[i] = true;
    }
  }
  return optics::shade(pile, pigments);
}

Recipe evaluate(const optics::Ground& ground, const optics::Parameters& parameters,
                std::span<const media::Stick> sticks, std::vector<Stroke> strokes, const colour::Lab& target) {
  Recipe r;
  const optics::Pile pile = build(ground, parameters, sticks, strokes);
  r.look = optics::look(shade(pile, parameters, sticks));
  r.de00 = colour::ciede2000(r.look.lab, target);
  r.tooth_left = pile.tooth_left();
  r.strokes = std::move(strokes);
  return r;
}

std::vector<Stroke> full_swatch() {
  constexpr std::size_t kTimes = 3;
  return std::vector<Stroke>(kTimes, {0, 1, Technique::rubbed, false, 0});
}

std::vector<Stroke> light_swatch() {
  constexpr double kLight = 0.3;
  return {{0, kLight, Technique::laid, false, 0}};
}

bool may_lie_over(optics::Medium over, optics::Medium under) {
  return media::facts(over).softness >= media::facts(under).softness;
}

}  // namespace yd::plan
