// SPDX-License-Identifier: MIT
#include "words/guide.h"
#include "words/sentence.h"
#include "words/lengths.h"
#include "words/number.h"
#include "words/names.h"
#include "special.h"

#include <QCoreApplication>
#include <algorithm>
#include <cmath>
#include <map>
#include <string>

namespace yd::words {
namespace {

class Passages {
  Q_DECLARE_TR_FUNCTIONS(Passages)
};

constexpr std::size_t kNamed = 2;

QString mass_called(int m, const Job& job) { return mass_name(job.masses[static_cast<std::size_t>(m)]); }
QString stick_called(int s, const Job& job) { return stick_name(job.sticks[static_cast<std::size_t>(s)]); }

/// The thing a mass is part of, by what it is called; empty where it is of the rest, or has a name of its own.
std::string thing_of(const subject::Mass& m) {
  const std::size_t comma = m.name.rfind(", ");
  return m.thing < 0 || comma == std::string::npos ? std::string() : m.name.substr(0, comma);
}

/// By their names; several parts of one thing by the thing's.
QStringList names_of(const std::vector<int>& masses, const Job& job) {
  std::map<std::string, int> parts;
  for (const int m : masses) ++parts[thing_of(job.masses[static_cast<std::size_t>(m)])];
  QStringList out;
  for (const int m : masses) {
    const std::string thing = thing_of(job.masses[static_cast<std::size_t>(m)]);
    const bool whole = !thing.empty() && parts[thing] > 1;
    const QString name = whole ? mass_name(thing) : mass_called(m, job);
    if (!whole || !out.contains(name)) out << name;
  }
  return out;
}

/// "left hill and upper sky", "left hill, upper sky and more".
QString named(const std::vector<int>& masses, const Job& job, std::size_t most = kNamed) {
  const QStringList names = names_of(masses, job);
  const auto few = static_cast<qsizetype>(most);
  if (names.size() > few) return Passages::tr("%1 and more").arg(names.mid(0, few).join(", "));
  return listed(names);
}

QString with_sticks(const QString& what, const plan::Passage& p, const Job& job) {
  QStringList sticks;
  for (const int i : p.sticks) sticks << stick_called(i, job);
  if (sticks.isEmpty()) return what;
  const bool few = sticks.size() <= static_cast<qsizetype>(kNamed);
  return Passages::tr("%1, with %2")
      .arg(what, few ? listed(sticks) : Passages::tr("%1 and more").arg(sticks.mid(0, kNamed).join(", ")));
}

/// Whether another passage has the same words.
bool said_again(const plan::Passage& p, const Job& job) {
  const auto alike = [&](const plan::Passage& q) {
    return q.kind == p.kind && q.blocks_in == p.blocks_in && named(q.masses, job) == named(p.masses, job);
  };
  return std::count_if(job.guide.passages.begin(), job.guide.passages.end(), alike) > 1;
}

QString with_places(const QString& what, const plan::Passage& p, const Job& job) {
  const QString said = p.masses.empty() ? what : Passages::tr("%1: %2").arg(what, named(p.masses, job));
  return said_again(p, job) ? with_sticks(said, p, job) : said;
}

/// The gradient that the first of its masses belongs to.
const plan::Gradient* gradient_of(const plan::Passage& p, const Job& job) {
  for (const plan::Gradient& g : job.guide.gradients) {
    if (!p.masses.empty() && std::find(g.masses.begin(), g.masses.end(), p.masses.front()) != g.masses.end()) return &g;
  }
  return nullptr;
}

QString short_place_title(const plan::Passage& p, const Job& job) {
  return (p.blocks_in ? Passages::tr("Block in %1") : Passages::tr("Build up %1")).arg(named(p.masses, job));
}

QString place_title(const plan::Passage& p, const Job& job) {
  const QString what = said_again(p, job) ? with_sticks(short_place_title(p, job), p, job) : short_place_title(p, job);
  const plan::Gradient* g = gradient_of(p, job);
  const bool down = g != nullptr && std::abs(g->angle_deg + 90) < 45;
  return down ? Passages::tr("%1, from the top down").arg(what) : what;
}

/// One way over the sheet: from where, and how far. `near`, `far`: whether it reaches the sheet's edges.
QString stretch(double from, double long_, double sheet, bool down) {
  constexpr double kAtEdge = 0.02;  // of the sheet
  const bool near = from<kAtEdge * sheet, far = from + long_>(1 - kAtEdge) * sheet;
  const QString size = length(long_);
  if (down) {
    if (near && far) return Passages::tr("over the full height");
    if (near) return Passages::tr("from the top edge, %1 high").arg(size);
    if (far) return Passages::tr("down to the bottom edge, %1 high").arg(size);
    return Passages::tr("%1 from the top, %2 high").arg(length(from), size);
  }
  if (near && far) return Passages::tr("over the full width");
  if (near) return Passages::tr("from the left edge, %1 wide").arg(size);
  if (far) return Passages::tr("to the right edge, %1 wide").arg(size);
  return Passages::tr("%1 from the left, %2 wide").arg(length(from), size);
}

/// Left, top, width and height, then the sheet's.
QString measures(const std::vector<double>& cm) {
  return stretch(cm[0], cm[2], cm[4], false) + ", " + stretch(cm[1], cm[3], cm[5], true);
}

QString dry(const plan::Step& s) {
  const int minutes = qRound(s.numbers[0]);
  if (s.numbers[1] < 0)
    return Passages::tr("Let it dry %1 min before anything goes over it. No heat, no flame: the vapour burns.")
        .arg(minutes);
  return Passages::tr("Let it dry %1 min, or %2 min with a dryer kept moving.").arg(minutes).arg(qRound(s.numbers[1]));
}

/// The small vivid place, its stick, and where that comes again.
QString accent(const plan::Step& s, const Job& job) {
  const QString where = mass_called(s.masses[0], job), stick = stick_called(s.sticks[0], job);
  const std::vector<int> others(s.masses.begin() + 1, s.masses.end());
  if (others.empty()) return Passages::tr("The accent: %1, with %2; it comes nowhere else.").arg(where, stick);
  return Passages::tr("The accent: %1, with %2, which comes again in %3.").arg(where, stick, named(others, job));
}

QString step(const plan::Step& s, const Job& job) {
  using plan::Chore;
  switch (s.chore) {
    case Chore::tape:
      return Passages::tr("Tape the border; the tape is the edge of the picture.");
    case Chore::line_with:
      if (s.sticks.empty())
        return Passages::tr("Draw with a pencil near the paper's own value, lightly: it goes under.");
      return Passages::tr("Draw with %1, lightly: a line near the paper's own colour goes under.")
          .arg(stick_called(s.sticks[0], job));
    case Chore::extents:
      return Passages::tr("Extents first, of all that stands before the background: %1.").arg(measures(s.numbers));
    case Chore::tallest:
      return Passages::tr("The tallest first, %1: %2.").arg(names_of(s.masses, job)[0], measures(s.numbers));
    case Chore::next_shape:
      return Passages::tr("Then %1: %2.").arg(names_of(s.masses, job)[0], measures(s.numbers));
    case Chore::lift_lines:
      return Passages::tr("Lift the lines with a kneaded eraser where lights begin: %1.").arg(named(s.masses, job, 4));
    case Chore::try_offcut:
      return Passages::tr("Pass %1, %2, pressure %3, on an offcut of this paper, beside what lies next to it.")
          .arg(s.passes[0] + 1)
          .arg(stick_called(s.sticks[0], job), pressure(s.numbers[0]));
    case Chore::dry:
      return dry(s);
    case Chore::compare_value:
      return Passages::tr("Value first, eyes half closed: %1 darkest (value %2), %3 lightest (value %4).")
          .arg(mass_called(s.masses[0], job))
          .arg(number(s.numbers[0], 1))
          .arg(mass_called(s.masses[1], job))
          .arg(number(s.numbers[1], 1));
    case Chore::compare_temperature:
      return Passages::tr("Then temperature: %1 warmest against its neighbours, %2 coolest.")
          .arg(mass_called(s.masses[0], job), mass_called(s.masses[1], job));
    case Chore::compare_chroma:
      return Passages::tr("Then chroma: %1 most vivid, %2 most grey.")
          .arg(mass_called(s.masses[0], job), mass_called(s.masses[1], job));
    case Chore::darken_by_fixative:
      return Passages::tr(
          "A place that is too light as a whole: a thin coat of fixative darkens it without rework. Correct masses, "
          "not details.");
    case Chore::restate:
      return Passages::tr("Set the darks again with %1 in %2: rubbing beside them has veiled them.")
          .arg(stick_called(s.sticks[0], job), named(s.masses, job, 4));
    case Chore::tape_off:
      return Passages::tr("Tape off, slowly and flat; soften the edge it leaves if no mount covers it.");
    case Chore::sign:
      return Passages::tr("Sign with %1 in %2.").arg(stick_called(s.sticks[0], job), mass_called(s.masses[0], job));
    case Chore::write_down:
      return Passages::tr("Write down which sticks made which colour, while you still know.");
    case Chore::focal:
      return (s.numbers[0] > 0 ? Passages::tr("Where the eye goes: %1. A guess by contrast and colour; mark another.")
                               : Passages::tr("Where the eye goes: %1: the sharpest edges and smallest marks there."))
          .arg(named(s.masses, job));
    case Chore::let_go:
      return Passages::tr("Let go: %1: fewer values, softer edges, broad marks.").arg(named(s.masses, job, 4));
    case Chore::temperature:
      return s.numbers[0] > 0 ? Passages::tr("The light is warm, the shadow cool.")
                              : Passages::tr("The light is cool, the shadow warm.");
    case Chore::accent:
      return accent(s, job);
    case Chore::face_lines:
      return Passages::tr(
                 "The face, %1: its axis %2 from the left, the eye line half way down, %3 from the top; brow, nose and "
                 "mouth at thirds of what is below the hairline.")
          .arg(names_of(s.masses, job)[0], length(s.numbers[0]), length(s.numbers[1]));
    case Chore::special:
      return special(static_cast<subject::ThingKind>(static_cast<int>(s.numbers[0])), named(s.masses, job, 3));
    case Chore::tap_off:
      return Passages::tr("Tap the dust off the board over a bin; do not blow.");
    case Chore::wipe:
      return Passages::tr("From darks to lights: wipe the hands, and the stick before it touches.");
    case Chore::cover:
      return Passages::tr("Glassine under the hand from here on: it stays off what is done.");
  }
  return {};
}

QString band_at(double at, double angle_deg) {
  const bool down = std::abs(angle_deg + 90) < 45;
  const bool up = std::abs(angle_deg - 90) < 45;
  if (at > 0.38 && at < 0.62) return Passages::tr("in the middle");
  if (down) return at < 0.5 ? Passages::tr("at the top") : Passages::tr("at the bottom");
  if (up) return at < 0.5 ? Passages::tr("at the bottom") : Passages::tr("at the top");
  return at < 0.5 ? Passages::tr("at the left") : Passages::tr("at the right");
}

/// Marks over what lies there, not touches of colour.
bool refines(const plan::Passage& p, const Job& job) {
  const auto first = job.plan.passes.begin() + p.first;
  return p.last >= p.first && std::all_of(first, job.plan.passes.begin() + p.last + 1,
                                          [](const plan::Pass& pass) { return pass.finishing; });
}

}  // namespace

QString short_title(const plan::Passage& p, const Job& job) {
  using plan::PassageKind;
  switch (p.kind) {
    case PassageKind::drawing:
      return Passages::tr("Set out the drawing");
    case PassageKind::offcuts:
      return Passages::tr("Try the delicate colours");
    case PassageKind::underpainting:
      return Passages::tr("Underpainting");
    case PassageKind::fixative:
      return Passages::tr("Fixative");
    case PassageKind::darks:
      if (p.blocks_in) return Passages::tr("Block in the darks");
      return p.lightens ? Passages::tr("Colour into the darks") : Passages::tr("Deepen the darks");
    case PassageKind::middles:
      return p.blocks_in ? Passages::tr("Block in the middle values") : Passages::tr("Middle values");
    case PassageKind::lights:
      return p.blocks_in ? Passages::tr("Block in the lights") : Passages::tr("Lights");
    case PassageKind::place:
      return short_place_title(p, job);
    case PassageKind::accents:
      return refines(p, job) ? Passages::tr("Refine") : Passages::tr("Accents and highlights");
    case PassageKind::step_back:
      return Passages::tr("Step back");
    case PassageKind::restate:
      return Passages::tr("Set the darks again");
    case PassageKind::finish:
      return Passages::tr("Finish");
  }
  return {};
}

QString title(const plan::Passage& p, const Job& job) {
  using plan::PassageKind;
  switch (p.kind) {
    case PassageKind::underpainting:
    case PassageKind::fixative:
    case PassageKind::darks:
    case PassageKind::middles:
    case PassageKind::lights:
      return with_places(short_title(p, job), p, job);
    case PassageKind::accents:
      return with_places(
          refines(p, job) ? short_title(p, job) : Passages::tr("Accents and highlights, crisp and unrubbed"), p, job);
    case PassageKind::place:
      return place_title(p, job);
    case PassageKind::drawing:
    case PassageKind::offcuts:
    case PassageKind::step_back:
    case PassageKind::restate:
    case PassageKind::finish:
      break;
  }
  return short_title(p, job);
}

QString finished_when(const plan::Passage& p, const Job& job) {
  using plan::PassageKind;
  switch (p.kind) {
    case PassageKind::drawing:
      return Passages::tr("Finished when the big shapes stand where they should, seen in a mirror too.");
    case PassageKind::offcuts:
      return Passages::tr("Finished when each looks from two metres as on the Board.");
    case PassageKind::underpainting:
      return Passages::tr("Finished when it is dry all over and the big values stand.");
    case PassageKind::fixative:
      return Passages::tr("Finished when it is dry to the touch and no dust comes off.");
    case PassageKind::darks:
      if (p.lightens && !p.blocks_in)
        return Passages::tr("Finished when the darks have their colour and still hold together at half-closed eyes.");
      return Passages::tr(
          "Finished when the darks hold together at half-closed eyes and nothing lighter shows in them.");
    case PassageKind::middles:
      return p.blocks_in
                 ? Passages::tr("Finished when the big shapes read from across the room, thinly.")
                 : Passages::tr("Finished when each shape stands between its dark and its light as on the Board.");
    case PassageKind::lights:
      return Passages::tr("Finished when the lights are lighter than all that is beside them, and clean.");
    case PassageKind::place:
      return p.masses.empty() ? QString()
             : p.masses.size() > 1
                 ? Passages::tr("Finished when each shape stands against what is beside it as on the Board.")
                 : Passages::tr("Finished when %1 stands against what is beside it as on the Board.")
                       .arg(mass_called(p.masses.front(), job));
    case PassageKind::accents:
      if (refines(p, job))
        return Passages::tr("Finished when one more mark changes nothing that is seen from two steps away.");
      return Passages::tr("Finished when they catch the eye; one more would be too many.");
    case PassageKind::step_back:
      return Passages::tr(
          "Finished when three differences are found, or none is seen at a glance; a photograph shown to the stage "
          "Check "
          "finds more.");
    case PassageKind::restate:
      return Passages::tr("Finished when the darkest is as dark as on the Board.");
    case PassageKind::finish:
      break;
  }
  return {};
}

QStringList steps(const plan::Passage& p, const Job& job) {
  QStringList out;
  for (const plan::Step& s : p.steps) out << begun(step(s, job));
  for (const int g : p.gradients) out << gradient(job.guide.gradients[static_cast<std::size_t>(g)], job);
  for (const auto& [m, n] : p.pairs)
    out << begun(Passages::tr("%1 and %2 are a pair: one first as a trial, the other at once after it, alike.")
                     .arg(mass_called(m, job), mass_called(n, job)));
  for (const int e : p.edges) out << edge(job.guide.edges[static_cast<std::size_t>(e)], job);
  if (!p.finishes.empty() && p.kind != plan::PassageKind::accents)
    out << Passages::tr("Finished with this: %1.").arg(named(p.finishes, job, 6));
  return out;
}

QString gradient(const plan::Gradient& g, const Job& job) {
  QStringList bands;
  for (const plan::Gradient::Band& b : g.bands) {
    const int stick = job.plan.passes[static_cast<std::size_t>(b.pass)].stick;
    bands << Passages::tr("%1 %2 (pass %3)")
                 .arg(stick_called(stick, job), band_at(b.firmest, g.angle_deg))
                 .arg(b.pass + 1);
  }
  const QString rub = g.rubbed ? Passages::tr("overlap a third and rub across the joins.")
                               : Passages::tr("overlap a third and let the joins break.");
  return begun(Passages::tr("%1 is one gradient: %2; %3").arg(named(g.masses, job, 3), bands.join(", "), rub));
}

QString edge(const plan::EdgeGuide& e, const Job& job) {
  using plan::EdgeWay;
  const QString front = mass_called(e.front, job);
  const QString behind = mass_called(e.behind, job);
  switch (e.way) {
    case EdgeWay::lose:
      return Passages::tr("Edge of %1 and %2: lose it, a stump across.").arg(front, behind);
    case EdgeWay::soften:
      return Passages::tr("Edge of %1 before %2: soft. The back goes under it, the front is drawn out over it.")
          .arg(front, behind);
    case EdgeWay::keep:
      return Passages::tr("Edge of %1 before %2: keep it crisp, do not rub across.").arg(front, behind);
    case EdgeWay::restate:
      return Passages::tr("Edge of %1 before %2: state it again with %3.")
          .arg(front, behind, stick_called(e.stick, job));
    case EdgeWay::buffer:
      return begun(Passages::tr("%1 and %2 fight where they meet: work a little %3 into both.")
                       .arg(front, behind, stick_called(e.stick, job)));
    case EdgeWay::clean:
      return Passages::tr("Edge of %1: clean it from outside with %2, the colour of %3.")
          .arg(front, stick_called(e.stick, job), behind);
  }
  return {};
}

}  // namespace yd::words
