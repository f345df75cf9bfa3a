// SPDX-License-Identifier: MIT
#include <QCoreApplication>
#include <array>
#include <cmath>

#include "words/guide.h"

#include "words/names.h"

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
     QT_TRANSLATE_NOOP("Marks", "round the edge of %1"), QT_TRANSLATE_NOOP("Marks", "spots in %1"),
     QT_TRANSLATE_NOOP("Marks", "the darks of %1"), QT_TRANSLATE_NOOP("Marks", "the lights of %1"),
     QT_TRANSLATE_NOOP("Marks", "most of %1")});
static_assert(kParts.size() == static_cast<std::size_t>(plan::Part::most) + 1);

constexpr auto kTools =
    std::to_array<const char*>({"", QT_TRANSLATE_NOOP("Marks", "a finger"), QT_TRANSLATE_NOOP("Marks", "the palm"),
                                QT_TRANSLATE_NOOP("Marks", "the sponge"), QT_TRANSLATE_NOOP("Marks", "a stump"),
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

}  // namespace

QString mark(plan::Mark mark) { return Marks::tr(kMarkWords[static_cast<std::size_t>(mark)]); }
QString mark_short(plan::Mark mark) { return Marks::tr(kShort[static_cast<std::size_t>(mark)]); }

QString run(const plan::Place& p) {
  if (p.grows <= 0) return {};
  return Marks::tr("firmest %1, letting off %2").arg(side(p.firm_deg), towards(p.firm_deg + 180));
}

QString where(const plan::Place& p, std::span<const subject::Mass> masses) {
  const QString name = mass_name(masses[static_cast<std::size_t>(p.mass)]);
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
