// SPDX-License-Identifier: MIT
#include "exports/pass_words.h"

#include <QCoreApplication>
#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <set>

#include "colour/words.h"
#include "pictures/screen.h"
#include "words/coats.h"
#include "words/order.h"
#include "advice/delicate.h"
#include "words/guide.h"
#include "words/number.h"
#include "words/names.h"
#include "words/terms.h"

namespace yd::exports {
namespace {

constexpr std::size_t kOthersNamed = 7;  // passes named in one reason

/// In the context that lupdate gives functions of this namespace.
QString tr(const char* text, const char* disambiguation = nullptr, int n = -1) {
  return QCoreApplication::translate("yd::exports", text, disambiguation, n);
}

/// What a medium is called, by its name in files; one without words here goes by that name.
const char* medium_words(std::string_view name) {
  constexpr std::array<std::pair<std::string_view, const char*>, 5> kWords{{
      {"pan", QT_TRANSLATE_NOOP("yd::exports", "pan colour")},
      {"pencil", QT_TRANSLATE_NOOP("yd::exports", "pencil")},
      {"hard", QT_TRANSLATE_NOOP("yd::exports", "hard stick")},
      {"soft", QT_TRANSLATE_NOOP("yd::exports", "soft stick")},
      {"charcoal", QT_TRANSLATE_NOOP("yd::exports", "charcoal")},
  }};
  const auto* found = std::find_if(kWords.begin(), kWords.end(), [&](const auto& w) { return w.first == name; });
  return found == kWords.end() ? name.data() : found->second;
}

const char* purpose_words(plan::Purpose purpose) {
  constexpr std::array<const char*, 5> words{"", QT_TRANSLATE_NOOP("yd::exports", "as an undertone"),
                                             QT_TRANSLATE_NOOP("yd::exports", "as a complement that greys"),
                                             QT_TRANSLATE_NOOP("yd::exports", "as a thin veil"),
                                             QT_TRANSLATE_NOOP("yd::exports", "as an accent")};
  return words[static_cast<std::size_t>(purpose)];
}

QString deferral() {
  return tr("Follow the product's safety data sheet and local rules; ask a qualified person where in doubt.");
}

/// A wrong pressure would be seen, and the job says so: the few that are tried.
bool is_tried(const PlanView& p, int pass) {
  const auto tries = [&](const plan::Step& s) {
    return s.chore == plan::Chore::try_offcut && std::find(s.passes.begin(), s.passes.end(), pass) != s.passes.end();
  };
  return std::any_of(p.guide.passages.begin(), p.guide.passages.end(),
                     [&](const plan::Passage& q) { return std::any_of(q.steps.begin(), q.steps.end(), tries); });
}

void tell_tool(PassWords& w, const PlanView& p, const plan::Pass& pass) {
  if (pass.kind == plan::PassKind::fix) {
    w.title = tr("Fixative");
    w.medium = tr("workable, thin");
    w.how = tr("sprayed from arm's length, the rest of the sheet covered");
    w.colour = QColor(0, 0, 0, 0);
    return;
  }
  if (pass.kind == plan::PassKind::coat) {
    const plan::Coat& coat = p.plan.coats[static_cast<std::size_t>(pass.underpaint)];
    w.title = tr("Underpainting: %1").arg(words::term(plan::name(coat.how.medium)));
    w.medium = words::colour_name(coat.wanted);
    w.how = tr("%1. %2").arg(words::term(plan::name(coat.how.colours)), words::note(coat.how.medium));
    while (w.how.endsWith('.')) w.how.chop(1);
    w.colour = pictures::to_colour(coat.wet);
    return;
  }
  const media::Stick& s = p.collection.sticks[static_cast<std::size_t>(pass.stick)];
  w.title = words::stick_name(s);
  w.medium = tr("%1, %2").arg(medium_name(s.medium), words::colour_name(s.lab));
  const auto place = static_cast<int>(&pass - p.plan.passes.data());
  w.how = tr("%1, %2").arg(words::pressure(p.guide.touches[static_cast<std::size_t>(place)], p.subject.masses),
                           pass.technique == plan::Technique::rubbed ? tr("rubbed in") : tr("laid broken"));
  if (pass.purpose != plan::Purpose::body && !pass.finishing) w.purpose = tr(purpose_words(pass.purpose));
  if (is_tried(p, place)) w.delicate = tr("Delicate: try it on an offcut first.");
  w.colour = pictures::to_colour(s.lab);
  const auto places = tray_by_place(p);
  const auto at = std::find(places.begin(), places.end(), pass.stick);
  if (at != places.end()) w.tray_place = static_cast<int>(at - places.begin()) + 1;
  const auto in_tray = static_cast<int>(p.plan.tray.size());
  if (w.tray_place > in_tray)
    w.tray = tr("beside the tray");
  else if (w.tray_place > 0)
    w.tray = tr("place %1 of %2 in the tray, from dark to light").arg(w.tray_place).arg(in_tray);
}

void tell_passage(PassWords& w, const PlanView& p, int pass) {
  const int at = p.guide.passage_of(pass);
  if (at < 0) return;
  const plan::Passage& passage = p.guide.passages[static_cast<std::size_t>(at)];
  w.passage_number = at + 1;
  w.passage = tr("%1. %2").arg(at + 1).arg(words::title(passage, p.job()));
  if (pass == passage.last) w.finished_when = words::finished_when(passage, p.job());
}

/// The places of a pass, largest first.
std::vector<plan::Touch> by_area(const PlanView& p, int pass) {
  std::vector<plan::Touch> out = p.guide.touches[static_cast<std::size_t>(pass)];
  std::stable_sort(out.begin(), out.end(),
                   [](const auto& s, const auto& t) { return s.place.area_cm2 > t.place.area_cm2; });
  return out;
}

/// "the upper part of left hill; spots in water".
void tell_where(PassWords& w, const PlanView& p, int pass) {
  constexpr std::size_t kMostPlaces = 5;
  const std::vector<plan::Touch> touches = by_area(p, pass);
  QStringList where;
  for (std::size_t i = 0; i < std::min(kMostPlaces, touches.size()); ++i)
    where << words::where(touches[i].place, p.subject.masses);
  const auto more = static_cast<int>(touches.size()) - static_cast<int>(where.size());
  //: Places after the largest ones, shown on the map
  if (more > 0) where << tr("%n more on the map", nullptr, more);
  w.where = where.join("; ");
}

QString part_name(const std::string& part) {
  const std::map<std::string, QString> names{{"side", tr("side")}, {"end", tr("end")},     {"rim", tr("tilted end")},
                                             {"edge", tr("edge")}, {"point", tr("point")}, {"sponge", tr("sponge")},
                                             {"foam", tr("foam")}, {"stump", tr("stump")}, {"tip", tr("rubber tip")}};
  const auto found = names.find(part);
  return found == names.end() ? QString::fromStdString(part) : found->second;
}

QString width_words(double mm) { return words::number(mm, mm == std::floor(mm) ? 0 : 1); }

QString part_words(int part, int count) {
  const media::Part& p = media::all_parts()[static_cast<std::size_t>(part)];
  return tr("%1 %2 mm, %n mark(s)", nullptr, count).arg(part_name(p.name), width_words(p.width_mm));
}

/// "end 9 mm, 23 marks; edge 3 mm, 148 marks"; broad parts stand first in the table. A part that covers next to nothing
/// is told with the next finer one: nobody turns the stick for it.
QString held(const plan::MarkedPass& marks) {
  constexpr double kNextToNothing = 0.04;
  struct Use {
    int count = 0;
    double mm2 = 0;
  };
  std::map<int, Use> parts;
  double all = 0;
  for (const plan::LaidMark& m : marks.marks) {
    if (plan::rubs(m)) continue;
    const double width = plan::part_of(m).width_mm;
    const double mm2 = width * (plan::length_of(m) + width);
    ++parts[m.part].count;
    parts[m.part].mm2 += mm2;
    all += mm2;
  }
  QStringList out;
  int carried = 0;
  for (auto use = parts.begin(); use != parts.end(); ++use) {
    carried += use->second.count;
    if (use->second.mm2 < kNextToNothing * all && std::next(use) != parts.end()) continue;
    out << part_words(use->first, carried);
    carried = 0;
  }
  return out.join("; ");
}

/// Places of one pass may ask for different marks: the largest decides, another one is named with its place.
void tell_marks(PassWords& w, const PlanView& p, int pass) {
  const std::vector<plan::Touch> touches = by_area(p, pass);
  if (touches.empty() || p.plan.passes[static_cast<std::size_t>(pass)].kind != plan::PassKind::stroke) return;
  const plan::Touch& largest = touches.front();
  const auto place = static_cast<std::size_t>(pass);
  const bool marked = place < p.plan.marks.passes.size();
  w.mark = marked ? held(p.plan.marks.passes[place]) : words::mark(largest.mark);
  w.rubbing = words::rubbing(largest);
  // Said once, by value and mass or by where it runs.
  if (words::is_one_pressure(touches)) w.run = words::run(largest.place);
  w.directed = largest.directed;
  w.angle_deg = largest.angle_deg;
  w.direction = words::direction(largest);
  constexpr double kHardly = 0.45;
  if (marked && p.plan.passes[place].pressure >= kHardly) return;
  if (largest.lightly) w.mark += tr(", hardly touching: nothing pressed that may have to come off");
  const auto other =
      std::find_if(touches.begin(), touches.end(), [&](const auto& t) { return t.mark != largest.mark; });
  if (!marked && other != touches.end())
    w.mark += tr("; %1 in %2").arg(words::mark_short(other->mark), words::where(other->place, p.subject.masses));
}

void tell_after(PassWords& w, const PlanView& p, const plan::Pass& pass) {
  if (pass.targets.empty()) return;
  const int largest = *std::max_element(pass.targets.begin(), pass.targets.end(), [&](int s, int t) {
    return p.plan.targets[static_cast<std::size_t>(s)].area < p.plan.targets[static_cast<std::size_t>(t)].area;
  });
  const optics::Pile pile = plan::pile_after(p.plan, largest, pass.number, p.paper, p.collection.sticks, p.parameters);
  const optics::Look look = optics::look(plan::shade(pile, p.parameters, p.collection.sticks));
  w.after = pictures::to_colour(look.lab);
  w.after_words =
      tr("%1, value %2").arg(words::colour_name(look.lab)).arg(words::number(colour::value_step(look.lab.l), 1));
  for (const int m : pass.masses)
    w.tooth_left = std::min(w.tooth_left, static_cast<double>(p.plan.tooth.after(pass.number, m)));
  w.tooth = tr("%1 % of the tooth left").arg(qRound(100 * w.tooth_left));
}

void tell_safety(PassWords& w, const PlanView& p, const plan::Pass& pass) {
  if (pass.kind == plan::PassKind::coat) {
    w.safety << words::safety(p.plan.coats[static_cast<std::size_t>(pass.underpaint)].how.medium);
    return;
  }
  if (pass.kind == plan::PassKind::fix) {
    w.safety
        << tr("Flammable vapour: outdoors or under extraction, no flame, spark or heat near; never near a heat gun; "
              "let it clear before going on.") +
               " " + deferral();
    return;
  }
  const media::Stick& s = p.collection.sticks[static_cast<std::size_t>(pass.stick)];
  if (media::needs_care(s))
    w.safety << tr("This pigment is harmful if breathed or swallowed: dust mask, no food or drink, wash your hands.") +
                    " " + deferral();
  if (media::facts(s.medium).pointed()) w.safety << tr("Sharpening: the knife away from the body.") + " " + deferral();
  if (w.safety.isEmpty()) w.safety << tr("Dust: tip it off, do not blow; wipe up damp.") + " " + deferral();
}

void tell_time(PassWords& w, const PlanView& p, const plan::Pass& pass) {
  w.time = tr("about %1").arg(minutes_words(pass.minutes));
  const plan::DryingAdvice d = plan::drying_before(p.plan.passes, p.plan.edges, p.plan.coats, pass.number - 1);
  if (pass.wait_minutes > 0.5) {
    w.drying = tr("Wait %1: what is below has to be dry.").arg(minutes_words(pass.wait_minutes));
    if (d.heat) w.drying += " " + tr("A dryer kept moving brings it to %1.").arg(minutes_words(d.heated_minutes));
    if (d.flammable) w.drying += " " + tr("No heat and no flame: the vapour burns.");
  } else if (pass.dry_minutes > 0) {
    w.drying = tr("Dries in about %1; the next pass lies elsewhere meanwhile.").arg(minutes_words(pass.dry_minutes));
  }
}

/// One line a rule: the nearest pass in full, the others by number.
QStringList reasons(const PlanView& p, int index) {
  std::map<plan::Rule, std::vector<const plan::Edge*>> by_rule;
  for (const plan::Edge& e : p.plan.edges) {
    if (e.after == index) by_rule[e.rule].push_back(&e);
  }
  QStringList out;
  for (auto& [rule, edges] : by_rule) {
    std::sort(edges.begin(), edges.end(), [](const auto* a, const auto* b) { return a->before > b->before; });
    QString line = words::why(*edges.front(), p.subject.masses);
    QStringList others;
    for (std::size_t i = 1; i < edges.size() && i < kOthersNamed; ++i) others << QString::number(edges[i]->before + 1);
    const auto more = static_cast<int>(edges.size()) - static_cast<int>(kOthersNamed);
    if (more > 0) others << tr("%1 more").arg(more);
    if (!others.isEmpty()) line += " " + tr("Also after %1.").arg(others.join(", "));
    out << line;
  }
  return out;
}

/// By the pass that lies nearest before it.
QString nearest_reason(const PlanView& p, int index) {
  const plan::Edge* nearest = nullptr;
  for (const plan::Edge& e : p.plan.edges)
    if (e.after == index && (nearest == nullptr || e.before > nearest->before)) nearest = &e;
  const bool finishes = p.plan.passes[static_cast<std::size_t>(index)].finishing;
  return nearest == nullptr || finishes ? QString() : words::why(*nearest, p.subject.masses);
}

}  // namespace

QString pressure_words(double pressure) { return words::pressure(pressure); }

std::vector<int> tray_by_place(const PlanView& planned) {
  const auto l = [&](int i) { return planned.collection.sticks[static_cast<std::size_t>(i)].lab.l; };
  std::vector<int> out = planned.plan.tray;
  std::vector<int> beside = plan::beside_tray(planned.plan);
  for (std::vector<int>* some : {&out, &beside})
    std::stable_sort(some->begin(), some->end(), [&](int p, int q) { return l(p) < l(q); });
  out.insert(out.end(), beside.begin(), beside.end());
  return out;
}

QString minutes_words(double minutes) {
  const int m = std::max(1, qRound(minutes));
  if (m < 100) return tr("%1 min").arg(m);
  if (m < 48 * 60) return tr("%1:%2 h").arg(m / 60).arg(m % 60, 2, 10, QChar('0'));
  return tr("%n day(s)", nullptr, qRound(m / 1440.0));
}

PassWords words_of(const PlanView& planned, int index) {
  const plan::Pass& pass = planned.plan.passes[static_cast<std::size_t>(index)];
  PassWords w;
  tell_tool(w, planned, pass);
  tell_passage(w, planned, index);
  tell_where(w, planned, index);
  tell_marks(w, planned, index);
  tell_after(w, planned, pass);
  tell_time(w, planned, pass);
  w.why = reasons(planned, index);
  w.why_now = nearest_reason(planned, index);
  tell_safety(w, planned, pass);
  return w;
}

QString medium_name(optics::Medium medium) { return tr(medium_words(media::name(medium))); }

MarkDrawing mark_drawing(const PlanView& planned, int index) {
  const plan::Pass& pass = planned.plan.passes[static_cast<std::size_t>(index)];
  MarkDrawing out;
  out.paper = pictures::to_colour(planned.paper.lab);
  if (pass.kind == plan::PassKind::coat)
    out.colour = pictures::to_colour(planned.plan.coats[static_cast<std::size_t>(pass.underpaint)].wet);
  if (pass.kind == plan::PassKind::fix) out.colour = QColor(90, 90, 90);
  if (pass.kind == plan::PassKind::stroke) {
    out.colour = pictures::to_colour(planned.collection.sticks[static_cast<std::size_t>(pass.stick)].lab);
    out.pressure = pass.pressure;
    out.least = pass.least_pressure;
  }
  const std::vector<plan::Touch> touches = by_area(planned, index);
  if (touches.empty()) return out;
  out.mark = touches.front().mark;
  out.directed = touches.front().directed;
  out.angle_deg = touches.front().angle_deg;
  out.rubbed = touches.front().tool != plan::RubTool::none;
  return out;
}

QString group_words(const plan::MarkGroup& group, const PlanView& planned) {
  const QString what = part_words(group.part, static_cast<int>(group.count));
  const QString time = group.seconds < 60 ? tr("%1 s").arg(qRound(group.seconds)) : minutes_words(group.seconds / 60);
  if (group.mass < 0) return tr("%1, %2").arg(what, time);
  const subject::Mass& mass = planned.subject.masses[static_cast<std::size_t>(group.mass)];
  return tr("%1: %2, %3").arg(what, words::mass_name(mass), time);
}

QStringList safety_page(const PlanView& planned) {
  QStringList out{
      tr("Dust: do not blow it. Tip the board over a bin or let it fall into a trough below an upright easel; wipe up "
         "damp; a dust mask for long or dry-sanding work; no food or drink; wash hands; barrier cream or gloves; keep "
         "from children and pets.")};
  QStringList harmful;
  bool pencil = false;
  for (const int i : plan::in_hand(planned.plan)) {
    const media::Stick& s = planned.collection.sticks[static_cast<std::size_t>(i)];
    if (media::needs_care(s)) harmful << words::stick_name(s);
    pencil = pencil || media::facts(s.medium).pointed();
  }
  if (!harmful.isEmpty())
    out << tr("Pigments harmful if breathed or swallowed in this tray: %1.").arg(harmful.join(", "));
  bool wet = false;
  bool spray = false;
  for (const plan::Pass& p : planned.plan.passes) {
    spray = spray || p.kind == plan::PassKind::fix;
    wet = wet || (p.kind == plan::PassKind::coat && p.dry_minutes > 0);
    if (p.kind != plan::PassKind::coat) continue;
    const plan::CoatMedium medium = planned.plan.coats[static_cast<std::size_t>(p.underpaint)].how.medium;
    const QString line = tr("Underpainting, %1: %2").arg(words::term(plan::name(medium)), words::safety(medium));
    if (!out.contains(line)) out << line;
  }
  if (spray)
    out << tr(
        "Fixative: flammable vapour. Outdoors or under extraction, no flame, spark or heat near; never spray near a "
        "heat gun; let it clear before going on.");
  if (wet) out << tr("Heat gun: never on a surface wet with alcohol or solvent; keep it moving; paper scorches.");
  if (pencil) out << tr("Knife: sharpen away from the body. Sanding a stick for powder: mask.");
  out << tr("Body: change posture, rest eyes and wrist; take the breaks of the plan.") << deferral();
  return out;
}

namespace {

/// "firm", or "firm in the darks, light in the lights" where it is graded so.
QString graded(const plan::MassLayer& layer) {
  constexpr double kGraded = 0.7;  // L* times pressure: from here on a layer is firmer to one side
  const QString low = pressure_words(layer.least);
  QString high = pressure_words(layer.stroke.pressure);
  if (low == high) return high;
  if (layer.towards < -kGraded) return tr("%1 in the darks, %2 in the lights").arg(high, low);
  if (layer.towards > kGraded) return tr("%1 in the lights, %2 in the darks").arg(high, low);
  return tr("%1, %2 in places").arg(pressure_words((layer.least + layer.stroke.pressure) / 2), low);
}

}  // namespace

QStringList friend_words(const PlanView& planned, int mass) {
  constexpr double kAll = 0.95;
  constexpr double kNone = 0.005;
  QStringList out;
  for (const plan::MassLayer& layer : plan::layers_of(planned.plan.targets, mass)) {
    if (layer.share < kNone) continue;
    const media::Stick& stick = planned.collection.sticks[static_cast<std::size_t>(layer.stroke.stick)];
    const QString rub = layer.stroke.technique == plan::Technique::rubbed ? tr(", rubbed in") : QString();
    const QString where = layer.share >= kAll ? QString() : tr(", on %1 % of it").arg(qRound(100 * layer.share));
    out << tr("%1%2: %3%4%5.")
               .arg(layer.stroke.fix_first ? tr("Fix, let it dry, then ") : QString(), words::stick_name(stick),
                    graded(layer), rub, where);
  }
  if (out.isEmpty()) out << tr("Leave the paper as it is.");
  return out;
}

QString pressure_words(double least, double greatest) {
  const QString low = pressure_words(least);
  const QString high = pressure_words(greatest);
  return low == high ? high : tr("%1 to %2").arg(low, high);
}

}  // namespace yd::exports
