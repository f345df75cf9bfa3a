// SPDX-License-Identifier: MIT
#include "practice/drill.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <numbers>

#include "colour/ciede2000.h"
#include "colour/words.h"
#include "subject/own_colours.h"

namespace yd::practice {
namespace {

using colour::Lab;

constexpr auto kKindNames = std::to_array<const char*>(
    {"value", "lighter", "warmer", "mixture", "nearest", "masses", "together", "wrong place", "mixing"});
static_assert(kKindNames.size() == kKinds.size());
constexpr auto kFamilyNames =
    std::to_array<const char*>({"greys", "reds", "oranges", "yellows", "greens", "blues", "violets"});
static_assert(kFamilyNames.size() == kFamilies.size());
constexpr std::array<double, 7> kHues{0, 25, 58, 90, 150, 265, 315};

constexpr int kSteps = 9;
constexpr double kStepL = 12.5;
constexpr int kChoices = 4;
constexpr double kWarmthUnit = 10;  // CIE chroma along warm and cool that counts as one
constexpr double kLeastDe00 = 0.5;
constexpr double kMostDe00 = 30;

double lightness_of(double step) { return (step - 1) * kStepL; }
double rad(double degrees) { return degrees * std::numbers::pi / 180; }

/// What is said to differ, in the unit of the kind.
double more_of(Kind kind, const Lab& lab) {
  return kind == Kind::warmer ? colour::warmth(lab) / kWarmthUnit : colour::value_step(lab.l);
}

std::vector<double> differences() {
  std::vector<double> out;
  for (int i = -12; i <= 12; ++i) out.push_back(i * 0.25);
  return out;
}

}  // namespace

const char* name(Kind kind) { return kKindNames[static_cast<std::size_t>(kind)]; }
const char* name(Family family) { return kFamilyNames[static_cast<std::size_t>(family)]; }

int trials_of(Kind kind) {
  if (kind == Kind::mixing) return 6;
  return kind == Kind::value || kind == Kind::lighter || kind == Kind::warmer ? kTrials : 20;
}

bool possible(Kind kind, const Material& m) {
  switch (kind) {
    case Kind::value:
    case Kind::lighter:
    case Kind::warmer:
      return true;
    case Kind::mixture:
    case Kind::nearest:
    case Kind::mixing:
      return m.sticks.size() >= static_cast<std::size_t>(kChoices);
    case Kind::masses:
      return m.masses.size() >= 2;
    case Kind::together:
      return m.masses.size() > static_cast<std::size_t>(kChoices);
    case Kind::wrong_place:
      return m.masses.size() >= static_cast<std::size_t>(kChoices);
  }
  return false;
}

namespace {

/// More or less of something; the others are found among several.
bool judged_by_eye(Kind kind) {
  return kind == Kind::value || kind == Kind::lighter || kind == Kind::warmer || kind == Kind::masses;
}

/// Choices whose difference is one of values.
bool in_steps(Kind kind) { return kind == Kind::wrong_place || kind == Kind::together; }

}  // namespace

Drill::Drill(Kind kind, Family family, const Material& material, std::uint64_t seed)
    : kind_(kind),
      family_(family),
      material_(material),
      random_(seed),
      finder_(kChoices, in_steps(kind) ? 0.1 : kLeastDe00, in_steps(kind) ? 4 : kMostDe00) {
  ask();
}

/// The next card of a shuffled deck of `of` cards: each comes once before any comes again.
int Drill::turn(int of) {
  if (deck_.empty()) {
    for (int i = 0; i < of; ++i) deck_.push_back(i);
    for (std::size_t i = deck_.size() - 1; i > 0; --i) std::swap(deck_[i], deck_[random_.below(i + 1)]);
  }
  const int out = deck_.back();
  deck_.pop_back();
  return out;
}

Lab Drill::some_colour(Family family, double l) {
  if (family == Family::grey) return {l, 0, 0};
  const double hue = rad(kHues[static_cast<std::size_t>(family)] + random_.uniform(-12, 12));
  const double chroma = random_.uniform(28, 60);
  return subject::held_in_gamut({l, chroma * std::cos(hue), chroma * std::sin(hue)});
}

/// A colour about so far from another, in any direction that a screen can show.
Lab Drill::near_to(const Lab& lab, double de00) {
  for (int tries = 0; tries < 12; ++tries) {
    const double z = random_.uniform(-1, 1);
    const double angle = random_.uniform(0, 2 * std::numbers::pi);
    const double r = std::sqrt(1 - z * z);
    const auto at = [&](double by) {
      return subject::held_in_gamut(
          {std::clamp(lab.l + by * z, 3.0, 97.0), lab.a + by * r * std::cos(angle), lab.b + by * r * std::sin(angle)});
    };
    double low = 0;
    double high = 4 * de00;
    constexpr int kHalvings = 14;
    for (int i = 0; i < kHalvings; ++i) {
      const double by = (low + high) / 2;
      (colour::ciede2000(lab, at(by)) < de00 ? low : high) = by;
    }
    const Lab found = at(high);
    if (std::abs(colour::ciede2000(lab, found) - de00) < 0.15 * de00) return found;
  }
  return {std::clamp(lab.l + (lab.l > 50 ? -de00 : de00), 3.0, 97.0), lab.a, lab.b};
}

Lab Drill::look_of(const std::vector<plan::Stroke>& strokes) const {
  return plan::evaluate(material_.paper.ground, material_.parameters, material_.sticks, strokes, {}).look.lab;
}

/// The lowest firm, those above lightly or half pressed.
plan::Stroke Drill::some_stroke(int level) {
  plan::Stroke s;
  s.stick = static_cast<int>(random_.below(material_.sticks.size()));
  s.pressure = level == 0 ? 1.0 : random_.below(2) == 0 ? 0.35 : 0.7;
  s.technique = random_.below(2) == 0 ? plan::Technique::laid : plan::Technique::rubbed;
  s.level = level;
  return s;
}

/// Two or three strokes that may lie so, hard under soft.
std::vector<plan::Stroke> Drill::some_strokes() {
  const std::size_t n = 2 + random_.below(2);
  std::vector<plan::Stroke> out;
  constexpr int kTries = 60;
  for (int tries = 0; tries < kTries && out.size() < n; ++tries) {
    const plan::Stroke s = some_stroke(static_cast<int>(out.size()));
    const auto& sticks = material_.sticks;
    if (!out.empty()) {
      const auto under = static_cast<std::size_t>(out.back().stick);
      const auto over = static_cast<std::size_t>(s.stick);
      if (under == over || !plan::may_lie_over(sticks[over].medium, sticks[under].medium)) continue;
    }
    out.push_back(s);
  }
  return out;
}

void Drill::ask() {
  task_ = {};
  task_.kind = kind_;
  switch (kind_) {
    case Kind::value:
      return ask_value();
    case Kind::lighter:
    case Kind::warmer:
      return ask_pair();
    case Kind::mixture:
      return ask_mixture();
    case Kind::nearest:
      return ask_nearest();
    case Kind::masses:
      return ask_masses();
    case Kind::together:
      return ask_together();
    case Kind::wrong_place:
      return ask_wrong_place();
    case Kind::mixing:
      return ask_mixing();
  }
}

/// Every surround with every third of the scale once before any comes again.
void Drill::ask_value() {
  constexpr int kThirds = 3;
  const int card = turn(static_cast<int>(kSurrounds.size()) * kThirds);
  const int third = card % kThirds;
  const double step = 1.6 + (kSteps - 2.2) * (third + random_.uniform()) / kThirds;
  task_.patches = {{some_colour(family_, lightness_of(step)), kSurrounds[static_cast<std::size_t>(card / kThirds)]}};
  task_.answers = kSteps;
  task_.difference = colour::value_step(task_.patches[0].lab.l);
  task_.right = static_cast<int>(std::lround(task_.difference)) - 1;
}

/// The family's colour beside a grey, on sides that take turns; for warmth beside another of its own hue.
void Drill::ask_pair() {
  const int card = turn(2 * static_cast<int>(kSurrounds.size()));
  const double surround = kSurrounds[static_cast<std::size_t>(card / 2)];
  const std::vector<double> asked = differences();
  const double x = eye_.worth_asking(asked) + random_.uniform(-0.08, 0.08);
  const Lab first = some_colour(family_, random_.uniform(38, 68));
  Lab other{first.l - x * kStepL, 0, 0};
  if (kind_ == Kind::warmer) {
    // Warmth runs along the line from 235 to 55 degrees.
    constexpr double kWarmest = 55;
    const double by = -x * kWarmthUnit;
    other = {first.l + random_.uniform(-4, 4), first.a + by * std::cos(rad(kWarmest)),
             first.b + by * std::sin(rad(kWarmest))};
  }
  other = subject::held_in_gamut({std::clamp(other.l, 4.0, 96.0), other.a, other.b});
  const bool left = card % 2 == 0;
  const Patch p{first, surround};
  const Patch q{other, surround};
  task_.patches = left ? std::vector<Patch>{p, q} : std::vector<Patch>{q, p};
  task_.difference = more_of(kind_, first) - more_of(kind_, other);
  const bool more = task_.difference > 0;
  task_.right = more == left ? 0 : 1;
}

void Drill::ask_mixture() {
  task_.strokes = some_strokes();
  const Lab look = look_of(task_.strokes);
  task_.difference = finder_.next();
  task_.answers = kChoices;
  task_.right = turn(kChoices);
  for (int i = 0; i < kChoices; ++i) task_.choices.push_back(i == task_.right ? look : near_to(look, task_.difference));
}

/// A colour beside one stick, the others further off by what is asked.
void Drill::ask_nearest() {
  const auto first = static_cast<int>(random_.below(material_.sticks.size()));
  const double wanted = finder_.next();
  const Lab& own = material_.sticks[static_cast<std::size_t>(first)].lab;
  const Lab colour = near_to(own, 4);
  const double least = colour::ciede2000(colour, own);
  // The others of the tray, those first whose distance is nearest to what is asked.
  std::vector<std::pair<double, int>> rest;
  for (int i = 0; i < static_cast<int>(material_.sticks.size()); ++i) {
    const double further = colour::ciede2000(colour, material_.sticks[static_cast<std::size_t>(i)].lab) - least;
    if (i != first && further > 0.2) rest.emplace_back(std::abs(further - wanted), i);
  }
  if (rest.size() < static_cast<std::size_t>(kChoices - 1)) {
    task_.kind = Kind::mixture;
    return ask_mixture();
  }
  std::sort(rest.begin(), rest.end());
  task_.patches = {{colour, kSurrounds[1]}};
  task_.answers = kChoices;
  task_.right = turn(kChoices);
  std::size_t next = 0;
  double gap = kMostDe00;
  for (int i = 0; i < kChoices; ++i) {
    const int stick = i == task_.right ? first : rest[next++].second;
    const Lab& lab = material_.sticks[static_cast<std::size_t>(stick)].lab;
    task_.sticks.push_back(stick);
    task_.choices.push_back(lab);
    if (i != task_.right) gap = std::min(gap, colour::ciede2000(colour, lab) - least);
  }
  task_.difference = gap;
}

/// Of the pairs of masses one whose difference is worth asking for.
void Drill::ask_masses() {
  const std::vector<double> all = differences();
  const double wanted = std::abs(eye_.worth_asking(all));
  const int n = static_cast<int>(material_.masses.size());
  double best = 1e9;
  constexpr int kTries = 40;
  for (int tries = 0; tries < kTries; ++tries) {
    const auto p = static_cast<int>(random_.below(static_cast<std::uint64_t>(n)));
    const auto q = static_cast<int>(random_.below(static_cast<std::uint64_t>(n)));
    if (p == q) continue;
    const double x =
        material_.masses[static_cast<std::size_t>(p)].value - material_.masses[static_cast<std::size_t>(q)].value;
    if (std::abs(std::abs(x) - wanted) >= best) continue;
    best = std::abs(std::abs(x) - wanted);
    task_.masses = {p, q};
    task_.difference = x;
  }
  // Which is named first takes turns.
  if ((turn(2) == 0) != (task_.difference > 0)) {
    std::swap(task_.masses[0], task_.masses[1]);
    task_.difference = -task_.difference;
  }
  task_.right = task_.difference > 0 ? 0 : 1;
}

/// A mass and four others, one of which is nearer in value than the rest by about what is worth asking. What is near
/// in value is read as one shape by half-closed eyes, whatever its colour. Common practice, no published source.
void Drill::ask_together() {
  const double wanted = finder_.next();
  task_.answers = kChoices;
  task_.right = turn(kChoices);
  const std::size_t n = material_.masses.size();
  constexpr int kTries = 60;
  double best = 1e9;
  for (int tries = 0; tries < kTries; ++tries) {
    std::vector<int> drawn(n);
    std::iota(drawn.begin(), drawn.end(), 0);
    for (std::size_t i = 0; i <= kChoices; ++i) std::swap(drawn[i], drawn[i + random_.below(n - i)]);
    drawn.resize(kChoices + 1);
    const auto apart = [&](int m) {
      return std::abs(material_.masses[static_cast<std::size_t>(m)].value -
                      material_.masses[static_cast<std::size_t>(drawn[0])].value);
    };
    std::sort(drawn.begin() + 1, drawn.end(), [&](int p, int q) { return apart(p) < apart(q); });
    const double gap = apart(drawn[2]) - apart(drawn[1]);
    // That it runs together at all counts as well as how hard it is to see.
    const double off = std::abs(gap - wanted) + apart(drawn[1]);
    if (off >= best) continue;
    best = off;
    task_.difference = gap;
    task_.masses = drawn;
    // The nearest where its turn has it, the rest in any order.
    for (std::size_t i = 2; i < drawn.size(); ++i)
      std::swap(task_.masses[i], task_.masses[i + random_.below(drawn.size() - i)]);
    std::swap(task_.masses[1], task_.masses[static_cast<std::size_t>(task_.right) + 1]);
  }
}

void Drill::ask_wrong_place() {
  task_.difference = finder_.next();
  task_.answers = kChoices;
  task_.right = turn(kChoices);
  std::vector<int> all(material_.masses.size());
  for (std::size_t i = 0; i < all.size(); ++i) all[i] = static_cast<int>(i);
  for (int i = 0; i < kChoices; ++i) {
    const std::size_t other = static_cast<std::size_t>(i) + random_.below(all.size() - static_cast<std::size_t>(i));
    std::swap(all[static_cast<std::size_t>(i)], all[other]);
    task_.masses.push_back(all[static_cast<std::size_t>(i)]);
  }
  const double l =
      material_.masses[static_cast<std::size_t>(task_.masses[static_cast<std::size_t>(task_.right)])].mean.l;
  const double by = task_.difference * kStepL;
  const bool up = l + by > 97 ? false : l - by < 3 ? true : random_.below(2) == 0;
  task_.shift_l = up ? by : -by;
}

void Drill::ask_mixing() {
  task_.patches = {{look_of(some_strokes()), kSurrounds[1]}};
  for (std::size_t i = 0; i < material_.sticks.size(); ++i) task_.sticks.push_back(static_cast<int>(i));
  task_.answers = 0;
}

bool Drill::answer(int choice) {
  const bool right = choice == task_.right;
  last_.push_back(std::abs(task_.difference));
  if (kind_ == Kind::value) {
    eye_.names(task_.difference, choice + 1, 1, kSteps);
    const auto where = static_cast<std::size_t>(
        std::find(kSurrounds.begin(), kSurrounds.end(), task_.patches[0].surround) - kSurrounds.begin());
    sum_off_[where] += choice + 1 - task_.difference;
    ++seen_[where];
  } else if (kind_ == Kind::lighter || kind_ == Kind::warmer) {
    // Told as the family's colour against the other, whichever side it stood on.
    const bool first_is_more = (task_.right == choice) == (task_.difference > 0);
    eye_.says_more(task_.difference, first_is_more);
  } else if (kind_ == Kind::masses) {
    eye_.says_more(task_.difference, choice == 0);
  } else {
    finder_.answered(std::max(task_.difference, 1e-3), right);
  }
  right_ += right ? 1 : 0;
  ++asked_;
  if (!over()) ask();
  return right;
}

double Drill::answer(const std::vector<plan::Stroke>& strokes) {
  const double off = colour::ciede2000(look_of(strokes), task_.patches[0].lab);
  last_.push_back(off);
  constexpr double kNear = 3;  // seen side by side only
  right_ += off < kNear ? 1 : 0;
  ++asked_;
  if (!over()) ask();
  return off;
}

Outcome Drill::outcome() const {
  Outcome out;
  out.kind = kind_;
  out.family = family_;
  out.trials = asked_;
  out.right = asked_ > 0 ? static_cast<double>(right_) / asked_ : 0;
  out.last = last_;
  if (kind_ == Kind::mixing) {
    double sum = 0;
    for (const double off : last_) sum += off / static_cast<double>(last_.size());
    out.eye.threshold = sum;
  } else {
    out.eye = judged_by_eye(kind_) ? eye_.estimate() : finder_.estimate();
  }
  for (std::size_t i = 0; i < seen_.size(); ++i) out.by_surround[i] = seen_[i] > 0 ? sum_off_[i] / seen_[i] : 0;
  return out;
}

}  // namespace yd::practice
