// SPDX-License-Identifier: MIT
#include "words/checked.h"

#include <QCoreApplication>
#include <QStringList>

#include "colour/words.h"
#include "words/guide.h"
#include "words/number.h"
#include "words/names.h"

namespace yd::words {
namespace {

struct Checked {
  Q_DECLARE_TR_FUNCTIONS(Checked)
};

QString mass_at(std::span<const subject::Mass> masses, int m) { return mass_name(masses[static_cast<std::size_t>(m)]); }

QString firmness(double pressure) {
  if (pressure < 0.22) return Checked::tr("very lightly");
  if (pressure < 0.4) return Checked::tr("lightly");
  return pressure < 0.6 ? Checked::tr("evenly") : Checked::tr("firmly");
}

QString stroke(const plan::Stroke& s, std::span<const media::Stick> sticks) {
  const QString stick = stick_name(sticks[static_cast<std::size_t>(s.stick)]);
  return s.technique == plan::Technique::rubbed ? Checked::tr("%1 %2, rubbed in").arg(stick, firmness(s.pressure))
                                                : Checked::tr("%1 %2").arg(stick, firmness(s.pressure));
}

using Sticks = std::span<const media::Stick>;

QString stroke_upon_stroke(const check::Mending& m, Sticks sticks) {
  QStringList strokes;
  for (const plan::Stroke& s : m.strokes) strokes.append(stroke(s, sticks));
  return strokes.join(Checked::tr(", then "));
}

QString first_stick(const check::Mending& m, Sticks sticks) {
  return stick_name(sticks[static_cast<std::size_t>(m.strokes.front().stick)]);
}

QString lifting(const check::Mending& m, Sticks sticks) {
  const QString off = Checked::tr(
      "brush the loose pigment off with a stiff dry brush, the board upright, a dust mask on; what was pressed in "
      "stays");
  return m.strokes.empty() ? off : Checked::tr("%1; then %2").arg(off, stroke(m.strokes.front(), sticks));
}

}  // namespace

QString trouble(check::Trouble trouble) {
  switch (trouble) {
    case check::Trouble::too_small:
      return Checked::tr("The picture is too small in the photograph. Go nearer, so that the sheet fills the frame.");
    case check::Trouble::blurred:
      return Checked::tr("The photograph is blurred. Rest the camera on something and take it again.");
    case check::Trouble::too_light:
      return Checked::tr("The lights are burnt out. Take it with less exposure.");
    case check::Trouble::too_dark:
      return Checked::tr(
          "The photograph is too dark to tell the darks apart. Give it more light or a longer exposure.");
    case check::Trouble::glare:
      return Checked::tr(
          "Light lies on the work in one place. Turn the board away from the lamp or the window, or take it from the "
          "other side.");
    case check::Trouble::shadow:
      return Checked::tr(
          "A shadow lies on part of the work, of a hand, the easel or a leaf. Take it where the light is even.");
    case check::Trouble::no_reference:
      return Checked::tr(
          "No bare paper is seen round the picture, so its light cannot be judged. Take the whole sheet, with a "
          "margin.");
    case check::Trouble::uneven:
      return Checked::tr("One side of the sheet has far more light than the other. Turn it towards the light.");
    case check::Trouble::another_picture:
      return Checked::tr(
          "This does not look like the picture as it should be by now. Is it the right photograph, and are the passes "
          "that are done marked? Else set its corners by hand.");
  }
  return {};
}

QString reference(check::Reference by) {
  switch (by) {
    case check::Reference::none:
      return Checked::tr("nothing");
    case check::Reference::bare_paper:
      return Checked::tr("bare paper round the picture");
    case check::Reference::margin_strip:
      return Checked::tr("strokes on the margin");
    case check::Reference::printed_greys:
      return Checked::tr("printed greys");
  }
  return {};
}

QString off(check::Off off) {
  switch (off) {
    case check::Off::value:
      return Checked::tr("value");
    case check::Off::temperature:
      return Checked::tr("temperature");
    case check::Off::chroma:
      return Checked::tr("chroma");
    case check::Off::pair:
      return Checked::tr("pair");
    case check::Off::edge:
      return Checked::tr("edge");
  }
  return {};
}

QString fault(const check::Fault& f, std::span<const subject::Mass> masses) {
  const QString where = mass_at(masses, f.mass);
  if (f.off == check::Off::pair) return Checked::tr("%1 has come out unlike %2").arg(where, mass_at(masses, f.rival));
  if (f.off == check::Off::edge)
    return (f.amount < 1 ? Checked::tr("edge of %1 against %2: too soft")
                         : Checked::tr("edge of %1 against %2: too hard"))
        .arg(where, mass_at(masses, f.rival));
  const QString how = words::difference(f.colours.measured, f.colours.expected);
  if (f.targets.empty()) return Checked::tr("%1: %2").arg(where, how);
  plan::Place place;
  place.mass = f.mass;
  place.part = f.part;
  return Checked::tr("%1: %2", "a part of something, how it is off").arg(words::where(place, masses), how);
}

QString fault_evidence(const check::Fault& f) {
  const QString amount = signed_number(f.amount, f.off == check::Off::value ? 1 : 0);
  switch (f.off) {
    case check::Off::value:
      return Checked::tr("%1 steps; difference %2, of which the hand explains %3")
          .arg(amount)
          .arg(number(f.colours.de00, 1))
          .arg(number(f.spread_de00, 1));
    case check::Off::temperature:
      return Checked::tr("warmth %1; difference %2, of which the hand explains %3")
          .arg(amount)
          .arg(number(f.colours.de00, 1))
          .arg(number(f.spread_de00, 1));
    case check::Off::chroma:
      return Checked::tr("chroma %1; difference %2, of which the hand explains %3")
          .arg(amount)
          .arg(number(f.colours.de00, 1))
          .arg(number(f.spread_de00, 1));
    case check::Off::pair:
      return Checked::tr("difference between the two %1").arg(number(f.amount, 1));
    case check::Off::edge:
      return Checked::tr("%1 times as sharp as the other edges of the work lead one to expect")
          .arg(number(f.amount, 1));
  }
  return {};
}

QString mending(const check::Mending& m, std::span<const media::Stick> sticks) {
  switch (m.way) {
    case check::Mending::Way::strokes:
      return stroke_upon_stroke(m, sticks);
    case check::Mending::Way::cut:
      return m.strokes.empty() ? Checked::tr("cut it anew with the edge of a stick")
                               : Checked::tr("cut it anew with the edge of %1, pressed firmly, not rubbed")
                                     .arg(first_stick(m, sticks));
    case check::Mending::Way::soften:
      return Checked::tr("rub across it once with a clean finger");
    case check::Mending::Way::fixative:
      return Checked::tr("fixative over all of it: it darkens");
    case check::Mending::Way::lift:
      return lifting(m, sticks);
    case check::Mending::Way::planned:
      return Checked::tr("%1 as planned: it was left out here").arg(first_stick(m, sticks));
    case check::Mending::Way::leave:
      return Checked::tr("leave it: no stick of the tray makes it better");
  }
  return {};
}

}  // namespace yd::words
