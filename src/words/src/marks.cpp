// SPDX-License-Identifier: MIT
#include <QCoreApplication>
#include <algorithm>
#include <array>
#include <cmath>

#include "words/guide.h"

#include "words/names.h"
#include "words/sentence.h"

namespace yd::words {
namespace {

class Marks {
  Q_DECLARE_TR_FUNCTIONS(Marks)
};

constexpr auto kMarkWords = std::to_array<const char*>(
    {QT_TRANSLATE_NOOP("Marks", "the long side of the stick, dragged"),
     QT_TRANSLATE_NOOP("Marks", "lines with the edge of the stick, rolled so that they swell and thin"),
     QT_TRANSLATE_NOOP("Marks", "level strokes, edge or side, never slanting"),
     QT_TRANSLATE_NOOP("Marks", "pulled straight down"),
     QT_TRANSLATE_NOOP("Marks", "dots and dashes the way it grows, no long lines"),
     QT_TRANSLATE_NOOP("Marks", "towards and away from the centre, never round and round"),
     QT_TRANSLATE_NOOP("Marks", "small circles, hardly any pressure"),
     QT_TRANSLATE_NOOP("Marks", "tapped straight down, not sliding"),
     QT_TRANSLATE_NOOP("Marks", "a sharp point turned on the spot"),
     QT_TRANSLATE_NOOP("Marks", "hatching along the form, colours kept apart"),
     QT_TRANSLATE_NOOP("Marks", "a broken end, pressed and turned: suggested, not drawn"),
     QT_TRANSLATE_NOOP("Marks", "brushed on thinly"), QT_TRANSLATE_NOOP("Marks", "sprayed from arm's length")});
static_assert(kMarkWords.size() == plan::kMarks);

constexpr auto kShort = std::to_array<const char*>(
    {QT_TRANSLATE_NOOP("Marks", "broad side"), QT_TRANSLATE_NOOP("Marks", "edge lines"),
     QT_TRANSLATE_NOOP("Marks", "level strokes"), QT_TRANSLATE_NOOP("Marks", "pulled down"),
     QT_TRANSLATE_NOOP("Marks", "dots and dashes"), QT_TRANSLATE_NOOP("Marks", "from the centre"),
     QT_TRANSLATE_NOOP("Marks", "small circles"), QT_TRANSLATE_NOOP("Marks", "tapped"),
     QT_TRANSLATE_NOOP("Marks", "a turned point"), QT_TRANSLATE_NOOP("Marks", "hatching"),
     QT_TRANSLATE_NOOP("Marks", "broken end"), QT_TRANSLATE_NOOP("Marks", "brushed"),
     QT_TRANSLATE_NOOP("Marks", "sprayed")});
static_assert(kShort.size() == plan::kMarks);

constexpr auto kParts = std::to_array<const char*>(
    {"%1", QT_TRANSLATE_NOOP("Marks", "the upper part of %1"), QT_TRANSLATE_NOOP("Marks", "the lower part of %1"),
     QT_TRANSLATE_NOOP("Marks", "the left of %1"), QT_TRANSLATE_NOOP("Marks", "the right of %1"),
     QT_TRANSLATE_NOOP("Marks", "round the edge of %1"), QT_TRANSLATE_NOOP("Marks", "parts of %1"),
     QT_TRANSLATE_NOOP("Marks", "the darks of %1"), QT_TRANSLATE_NOOP("Marks", "the lights of %1"),
     QT_TRANSLATE_NOOP("Marks", "most of %1")});
static_assert(kParts.size() == static_cast<std::size_t>(plan::Part::most) + 1);

constexpr auto kTools =
    std::to_array<const char*>({"", QT_TRANSLATE_NOOP("Marks", "a finger"), QT_TRANSLATE_NOOP("Marks", "the palm"),
                                QT_TRANSLATE_NOOP("Marks", "a piece of foam"), QT_TRANSLATE_NOOP("Marks", "a stump"),
                                QT_TRANSLATE_NOOP("Marks", "a rubber tip")});

/// One of eight ways, by its angle anticlockwise from the right.
int eighth(double deg) { return static_cast<int>(std::lround(std::fmod(deg + 720, 360) / 45)) % 8; }

QString towards(double deg) {
  static constexpr auto kWays = std::to_array<const char*>(
      {QT_TRANSLATE_NOOP("Marks", "to the right"), QT_TRANSLATE_NOOP("Marks", "up to the right"),
       QT_TRANSLATE_NOOP("Marks", "upwards"), QT_TRANSLATE_NOOP("Marks", "up to the left"),
       QT_TRANSLATE_NOOP("Marks", "to the left"), QT_TRANSLATE_NOOP("Marks", "down to the left"),
       QT_TRANSLATE_NOOP("Marks", "downwards"), QT_TRANSLATE_NOOP("Marks", "down to the right")});
  return Marks::tr(kWays[static_cast<std::size_t>(eighth(deg))]);
}

QString side(double deg) {
  static constexpr auto kSides = std::to_array<const char*>(
      {QT_TRANSLATE_NOOP("Marks", "at the right"), QT_TRANSLATE_NOOP("Marks", "at the upper right"),
       QT_TRANSLATE_NOOP("Marks", "at the top"), QT_TRANSLATE_NOOP("Marks", "at the upper left"),
       QT_TRANSLATE_NOOP("Marks", "at the left"), QT_TRANSLATE_NOOP("Marks", "at the lower left"),
       QT_TRANSLATE_NOOP("Marks", "at the bottom"), QT_TRANSLATE_NOOP("Marks", "at the lower right")});
  return Marks::tr(kSides[static_cast<std::size_t>(eighth(deg))]);
}

constexpr double kSmall_mm = 25;  // across: what is larger is no small one
constexpr int kMany = 40;

QString small_ones(const plan::Place& p, const QString& in) {
  const int low = std::max(1, static_cast<int>(std::lround(p.small_mm)));
  const int high = std::max(low, static_cast<int>(std::lround(p.large_mm)));
  const QString size = low == high ? Marks::tr("%1 mm").arg(low) : Marks::tr("%1 to %2 mm").arg(low).arg(high);
  //: %1 a place, %2 how large
  if (p.pieces > kMany) return Marks::tr("many small ones in %1, %2").arg(in, size);
  //: %n places smaller than a thumb in %1, %2 how large
  return Marks::tr("%n small one(s) in %1, %2", nullptr, p.pieces).arg(in, size);
}

/// What is laid light, middle and firm, cm².
struct Pressed {
  std::array<double, plan::kPressSteps> area{};
  double light_l = 0, firm_l = 0;  // L* times area

  void add(const plan::Place& p) {
    for (std::size_t i = 0; i < area.size(); ++i) area[i] += p.area_cm2 * p.steps[i];
    light_l += p.area_cm2 * p.steps.front() * p.light_l;
    firm_l += p.area_cm2 * p.steps.back() * p.firm_l;
  }
  double all() const { return area[0] + area[1] + area[2]; }
  std::size_t most() const {
    return static_cast<std::size_t>(std::max_element(area.begin(), area.end()) - area.begin());
  }
  /// The step that nearly all is laid with; -1: it is laid with several.
  int one() const { return area[most()] >= kNearlyAll * all() ? static_cast<int>(most()) : -1; }
  /// How much lighter that is which is laid firm, L*.
  double firm_lighter() const {
    return area.front() > 0 && area.back() > 0 ? firm_l / area.back() - light_l / area.front() : 0;
  }

  static constexpr double kNearlyAll = 0.75;
};

QString step_word(std::size_t step) {
  static constexpr auto kSteps = std::to_array<const char*>(
      {QT_TRANSLATE_NOOP("Marks", "light"), QT_TRANSLATE_NOOP("Marks", "middle"), QT_TRANSLATE_NOOP("Marks", "firm")});
  return Marks::tr(kSteps[step]);
}

Pressed pressed(std::span<const plan::Touch> touches) {
  Pressed out;
  for (const plan::Touch& t : touches) out.add(t.place);
  return out;
}

/// "firm in grey 3 and blue 5, light in white 13", where two steps on whole masses are nearly all of it.
QString by_mass(std::span<const plan::Touch> touches, std::span<const subject::Mass> masses, double all) {
  constexpr qsizetype kMostNamed = 3;
  std::array<QStringList, plan::kPressSteps> names;
  double told = 0;
  for (const plan::Touch& t : touches) {
    Pressed here;
    here.add(t.place);
    if (here.one() < 0) continue;
    names[static_cast<std::size_t>(here.one())] << mass_name(masses[static_cast<std::size_t>(t.place.mass)]);
    told += here.all();
  }
  QStringList out;
  for (std::size_t step = names.size(); step-- > 0;) {
    if (names[step].isEmpty()) continue;
    if (names[step].size() > kMostNamed) return {};
    //: %1 a pressure, %2 places
    out << Marks::tr("%1 in %2").arg(step_word(step), listed(names[step]));
  }
  return out.size() == 2 && told >= Pressed::kNearlyAll * all ? out.join(", ") : QString();
}

QString by_value(double firm_lighter) {
  constexpr double kApart = 5;  // L*
  if (firm_lighter <= -kApart) return Marks::tr("firm in the darks, light in the lights");
  return firm_lighter >= kApart ? Marks::tr("firm in the lights, light in the darks") : QString();
}

/// The most, and what else there is of it.
QString with_places(const Pressed& p) {
  const std::size_t most = p.most();
  const std::size_t second = most == 1                      ? (p.area[0] > p.area[2] ? 0U : 2U)
                             : p.area[1] > p.area[2 - most] ? 1U
                                                            : 2 - most;
  static constexpr auto kInPlaces = std::to_array<const char*>({QT_TRANSLATE_NOOP("Marks", "%1, light in places"),
                                                                QT_TRANSLATE_NOOP("Marks", "%1, middle in places"),
                                                                QT_TRANSLATE_NOOP("Marks", "%1, firm in places")});
  return Marks::tr(kInPlaces[second]).arg(step_word(most));
}

}  // namespace

QString pressure(double pressure) { return step_word(static_cast<std::size_t>(plan::press_step(pressure))); }

QString pressure(std::span<const plan::Touch> touches, std::span<const subject::Mass> masses) {
  const Pressed all = pressed(touches);
  if (all.all() <= 0 || all.one() >= 0) return step_word(all.all() <= 0 ? 0 : static_cast<std::size_t>(all.one()));
  QString places = by_mass(touches, masses, all.all());
  if (!places.isEmpty()) return places;
  QString value = by_value(all.firm_lighter());
  return value.isEmpty() ? with_places(all) : value;
}

bool is_one_pressure(std::span<const plan::Touch> touches) { return pressed(touches).one() >= 0; }

QString pressure_short(std::span<const plan::Touch> touches) {
  const Pressed all = pressed(touches);
  if (all.all() <= 0 || all.one() >= 0) return step_word(all.all() <= 0 ? 0 : static_cast<std::size_t>(all.one()));
  return with_places(all);
}

QString mark(plan::Mark mark) { return Marks::tr(kMarkWords[static_cast<std::size_t>(mark)]); }
QString mark_short(plan::Mark mark) { return Marks::tr(kShort[static_cast<std::size_t>(mark)]); }

QString run(const plan::Place& p) {
  if (p.grows <= 0) return {};
  return Marks::tr("firmest %1, letting off %2").arg(side(p.firm_deg), towards(p.firm_deg + 180));
}

QString where(const plan::Place& p, std::span<const subject::Mass> masses) {
  const QString name = mass_name(masses[static_cast<std::size_t>(p.mass)]);
  if (p.part == plan::Part::spots && p.pieces > 1 && p.large_mm < kSmall_mm) return small_ones(p, name);
  return Marks::tr(kParts[static_cast<std::size_t>(p.part)]).arg(name);
}

QString rubbing(const plan::Touch& t) {
  if (t.tool == plan::RubTool::none) return {};
  const QString tool = Marks::tr(kTools[static_cast<std::size_t>(t.tool)]);
  if (t.rub_down)
    return (t.tool_for_darks ? Marks::tr("Rub in with %1, the one kept for darks, straight down.")
                             : Marks::tr("Rub in with %1, a clean one, straight down."))
        .arg(tool);
  if (!t.rub_directed)
    return (t.tool_for_darks ? Marks::tr("Rub in with %1, the one kept for darks.")
                             : Marks::tr("Rub in with %1, a clean one."))
        .arg(tool);
  return (t.tool_for_darks ? Marks::tr("Rub in with %1, the one kept for darks, from light into dark: %2.")
                           : Marks::tr("Rub in with %1, a clean one, from light into dark: %2."))
      .arg(tool, towards(t.rub_deg));
}

QString direction(const plan::Touch& t) {
  if (!t.directed) return {};
  const double a = t.angle_deg;
  if (std::abs(a) < 20) return Marks::tr("level");
  if (std::abs(a) > 70) return Marks::tr("upright");
  return a > 0 ? Marks::tr("rising to the right") : Marks::tr("falling to the right");
}

}  // namespace yd::words
