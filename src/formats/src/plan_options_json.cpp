// SPDX-License-Identifier: MIT
#include "choices_json.h"

#include <algorithm>
#include <cmath>

#include "formats/plan_json.h"
#include "media/parts.h"

namespace yd::formats {
namespace {

using media::Fields;
using nlohmann::json;
using plan::CoatException;
using plan::PassKind;
using plan::Technique;
using subject::Role;

constexpr std::array<Role, 3> kRoles{Role::dark, Role::middle, Role::light};
constexpr std::array<Technique, 2> kTechniques{Technique::laid, Technique::rubbed};
constexpr std::array<PassKind, 3> kPassKinds{PassKind::coat, PassKind::stroke, PassKind::fix};
constexpr int kLastMass = subject::kMostMasses - 1;
// More than any picture has: every shade of every mass, and more passes than a week of work.
constexpr std::size_t kMostRest = 12;  // strokes still to come on one shade
constexpr std::size_t kMostParts = subject::kMostShades * subject::kMostMasses;
constexpr std::size_t kMostLaid = 2000;

json ids_of(const std::vector<int>& sticks, const media::Collection& c) {
  json out = json::array();
  for (const int s : sticks) out.push_back(c.sticks[static_cast<std::size_t>(s)].id);
  return out;
}

int stick_index(const media::Collection& collection, const std::string& id) {
  for (std::size_t i = 0; i < collection.sticks.size(); ++i) {
    if (collection.sticks[i].id == id) return static_cast<int>(i);
  }
  return -1;
}

std::vector<int> read_ids(Fields& f, const char* field, const media::Collection& c) {
  std::vector<int> out;
  if (!f.has(field)) return out;
  for (const std::string& id : f.texts(field)) {
    const int s = stick_index(c, id);
    if (s < 0) {
      f.fail(field, "names a stick that is not in the collection");
      return {};
    }
    out.push_back(s);
  }
  return out;
}

json stroke_to_json(const plan::Stroke& s, const media::Collection& c) {
  json out = {{"stick", c.sticks[static_cast<std::size_t>(s.stick)].id},
              {"pressure", s.pressure},
              {"technique", plan::name(s.technique)}};
  if (s.fix_first) out["fix_first"] = true;
  if (s.level > 0) out["level"] = s.level;
  return out;
}

json by_hand_to_json(const std::vector<plan::HandChoice>& choices, const media::Collection& c) {
  json out = json::array();
  for (const plan::HandChoice& h : choices) {
    json strokes = json::array();
    for (const plan::Stroke& s : h.strokes) strokes.push_back(stroke_to_json(s, c));
    out.push_back({{"mass", h.mass}, {"strokes", strokes}});
  }
  return out;
}

int read_stick(Fields& f, const media::Collection& c) {
  const int stick = stick_index(c, f.text("stick"));
  if (stick < 0) f.fail("stick", "names a stick that is not in the collection");
  return stick;
}

plan::Stroke read_stroke(Fields& f, const media::Collection& c) {
  plan::Stroke s;
  s.stick = read_stick(f, c);
  s.pressure = f.number("pressure", 0, 1);
  s.technique = f.named("technique", kTechniques);
  s.fix_first = f.flag("fix_first", false);
  s.level = static_cast<int>(f.number("level", 0, plan::kAccentLevel, 0));
  return s;
}

void read_by_hand(Fields& plan, plan::PlanOptions& options, const media::Collection& c) {
  if (!plan.has("by_hand")) return;
  plan.each("by_hand", kMostParts, [&](Fields& f) {
    plan::HandChoice h;
    h.mass = static_cast<int>(f.number("mass", 0, kLastMass));
    // Before masses had shades a choice was made for their dark, middle or light: the first of a mass counts.
    if (f.has("role")) f.named("role", kRoles);
    f.each("strokes", plan::kMostStrokes, [&](Fields& stroke) { h.strokes.push_back(read_stroke(stroke, c)); });
    const bool known = std::any_of(options.by_hand.begin(), options.by_hand.end(),
                                   [&](const plan::HandChoice& o) { return o.mass == h.mass; });
    if (!known) options.by_hand.push_back(std::move(h));
  });
}

json rest_to_json(const std::vector<plan::RestOfShade>& rest, const media::Collection& c) {
  json out = json::array();
  for (const plan::RestOfShade& r : rest) {
    json strokes = json::array();
    for (const plan::Stroke& s : r.strokes) strokes.push_back(stroke_to_json(s, c));
    out.push_back({{"mass", r.mass}, {"shade", r.shade}, {"strokes", strokes}});
  }
  return out;
}

void read_rest(Fields& plan, plan::PlanOptions& options, const media::Collection& c) {
  if (!plan.has("rest")) return;
  plan.each("rest", kMostParts, [&](Fields& f) {
    plan::RestOfShade r;
    r.mass = static_cast<int>(f.number("mass", 0, kLastMass));
    r.shade = static_cast<int>(f.number("shade", 0, subject::kMostShades));
    f.each("strokes", kMostRest, [&](Fields& stroke) { r.strokes.push_back(read_stroke(stroke, c)); });
    options.rest.push_back(std::move(r));
  });
}

json coat_to_json(const std::optional<plan::CoatChoice>& c) {
  if (!c) return nullptr;
  return {{"medium", plan::name(c->medium)}, {"colours", plan::name(c->colours)}};
}

plan::CoatChoice read_coat(Fields& f) {
  plan::CoatChoice c;
  const auto medium = plan::coat_medium_by_name(f.text("medium"));
  const auto colours = plan::coat_colours_by_name(f.text("colours"));
  if (medium) c.medium = medium.value();
  if (colours) c.colours = colours.value();
  if (!medium) f.fail("medium", medium.error().what);
  if (!colours) f.fail("colours", colours.error().what);
  return c;
}

std::optional<plan::CoatChoice> read_coat(Fields& owner, const char* field) {
  Fields f = owner.object(field);
  const plan::CoatChoice c = read_coat(f);
  owner.absorb(f);
  return c;
}

bool is_number(const json& owner, const char* field) { return owner.contains(field) && owner[field].is_number(); }
bool is_object(const json& owner, const char* field) { return owner.contains(field) && owner[field].is_object(); }

json underpaint_to_json(const plan::UnderpaintOptions& u) {
  json exceptions = json::array();
  for (const plan::CoatException& e : u.exceptions) {
    exceptions.push_back({{"where", e.where == plan::CoatException::Where::plane ? "plane" : "mass"},
                          {"which", e.which},
                          {"choice", coat_to_json(e.choice)}});
  }
  return {{"picture", coat_to_json(u.picture)}, {"exceptions", exceptions}};
}

void read_underpaint(Fields& f, plan::UnderpaintOptions& u) {
  if (is_object(f.json(), "picture")) u.picture = read_coat(f, "picture");
  if (!f.has("exceptions")) return;
  f.each("exceptions", kMostParts, [&](Fields& entry) {
    CoatException e;
    const std::string where = entry.text("where");
    e.where = where == "mass" ? CoatException::Where::mass : CoatException::Where::plane;
    if (where != "mass" && where != "plane") entry.fail("where", "must be mass or plane");
    e.which = static_cast<int>(entry.number("which", 0, kLastMass));
    if (is_object(entry.json(), "choice")) e.choice = read_coat(entry, "choice");
    u.exceptions.push_back(e);
  });
}

/// Written where the school is left to the program.
constexpr const char* kAdvised = "advised";

json ways_to_json(const std::vector<plan::MassWay>& ways) {
  json out = json::array();
  for (const plan::MassWay& w : ways) {
    json way = {{"mass", w.mass}};
    if (w.school) way["school"] = plan::name(*w.school);
    if (w.manner) way["manner"] = plan::name(*w.manner);
    out.push_back(std::move(way));
  }
  return out;
}

/// Takes the value, or remembers what was wrong with it.
template <class T, class Target>
void take_named(Fields& f, const char* field, const Result<T>& found, Target& target) {
  if (found) target = found.value();
  if (!found) f.fail(field, found.error().what);
}

void read_school(Fields& f, plan::PlanOptions& p) {
  const std::string school = f.text("school");
  if (school != kAdvised) take_named(f, "school", plan::school_by_name(school), p.school);
  // Version 1 and 2 knew only whether rubbing was allowed.
  if (!f.flag("rubbed", true)) p.manner = plan::Manner::broken;
  if (f.has("manner")) take_named(f, "manner", plan::manner_by_name(f.text("manner")), p.manner);
  if (f.has("course")) take_named(f, "course", plan::course_by_name(f.text("course")), p.course);
  if (!f.has("ways")) return;
  f.each("ways", kMostParts, [&](Fields& way) {
    plan::MassWay w;
    w.mass = static_cast<int>(way.number("mass", 0, kLastMass));
    if (way.has("school")) take_named(way, "school", plan::school_by_name(way.text("school")), w.school);
    if (way.has("manner")) take_named(way, "manner", plan::manner_by_name(way.text("manner")), w.manner);
    p.ways.push_back(w);
  });
}

json laid_marks_to_json(const std::vector<plan::LaidMark>& marks) {
  json out = json::array();
  for (const plan::LaidMark& m : marks) {
    const media::Part& part = plan::part_of(m);
    json points = json::array();
    for (const plan::MarkPoint& p : m.points)
      points.push_back(
          json::array({rounded(static_cast<double>(p.x_mm), 100), rounded(static_cast<double>(p.y_mm), 100),
                       rounded(static_cast<double>(p.share), 1000)}));
    out.push_back({{"of", part.of}, {"part", part.name}, {"points", std::move(points)}});
  }
  return out;
}

constexpr std::size_t kMostMarks = 200000, kMostMarkPoints = 4000;

plan::LaidMark read_laid_mark(Fields& f) {
  plan::LaidMark out;
  const std::string of = f.text("of");
  const std::string name = f.text("part");
  const std::span<const media::Part> all = media::all_parts();
  const auto part =
      std::find_if(all.begin(), all.end(), [&](const media::Part& p) { return p.of == of && p.name == name; });
  if (part == all.end()) {
    std::string known;
    for (const media::Part& p : all) known.append(known.empty() ? "" : ", ").append(p.of).append(" ").append(p.name);
    f.fail("part", "\"" + of + " " + name + "\" is none of: " + known);
  }
  out.part = part == all.end() ? 0 : static_cast<int>(part - all.begin());
  const json& points = f.array("points");
  if (points.empty()) f.fail("points", "must not be empty");
  if (points.size() > kMostMarkPoints)
    f.fail("points", "must hold no more than " + std::to_string(kMostMarkPoints) + " entries");
  for (const json& p : points) {
    if (f.error()) break;
    const bool fine = p.is_array() && p.size() == 3 && p[0].is_number() && p[1].is_number() && p[2].is_number() &&
                      std::abs(p[0].get<double>()) <= 1e4 && std::abs(p[1].get<double>()) <= 1e4 &&
                      p[2].get<double>() >= 0 && p[2].get<double>() <= 100;
    if (!fine) {
      f.fail("points", "must hold " + std::to_string(3) + " numbers, not " + std::to_string(p.size()));
      break;
    }
    out.points.push_back({p[0].get<float>(), p[1].get<float>(), p[2].get<float>(), -1});
  }
  if (out.points.empty()) out.points.emplace_back();
  return out;
}

json laid_to_json(const std::vector<plan::LaidPass>& laid, const media::Collection& c) {
  json out = json::array();
  for (const plan::LaidPass& l : laid) {
    json parts = json::array();
    for (const plan::LaidPass::Part& part : l.parts) {
      parts.push_back({{"mass", part.mass}, {"role", subject::name(part.role)}});
      if (part.shade >= 0) parts.back()["shade"] = part.shade;
      if (part.pressure > 0) parts.back()["pressure"] = part.pressure;
      if (part.level >= 0) parts.back()["level"] = part.level;
    }
    json entry = {{"kind", plan::name(l.kind)},
                  {"pressure", l.pressure},
                  {"technique", plan::name(l.technique)},
                  {"level", l.level},
                  {"skipped", l.skipped},
                  {"note", l.note},
                  {"at", l.at_s},
                  {"parts", parts}};
    if (l.finishing) entry["finishing"] = laid_marks_to_json(l.marks);
    if (l.stick >= 0) entry["stick"] = c.sticks[static_cast<std::size_t>(l.stick)].id;
    if (l.coat) {
      entry["coat"] = coat_to_json(l.coat->how);
      entry["coat"]["wanted"] = json::array({l.coat->wanted.l, l.coat->wanted.a, l.coat->wanted.b});
    }
    out.push_back(std::move(entry));
  }
  return out;
}

plan::LaidPass read_laid_pass(Fields& f, const media::Collection& c) {
  plan::LaidPass l;
  l.kind = f.named("kind", kPassKinds);
  l.pressure = f.number("pressure", 0, 1);
  l.technique = f.named("technique", kTechniques);
  l.level = static_cast<int>(f.number("level", 0, 100, 0));
  l.skipped = f.flag("skipped", false);
  l.note = f.text("note", "");
  l.at_s = static_cast<std::int64_t>(f.number("at", 0, 1e12, 0));
  if (l.kind == PassKind::stroke || f.has("stick")) l.stick = read_stick(f, c);
  l.finishing = f.has("finishing");
  if (l.finishing) f.each("finishing", kMostMarks, [&](Fields& m) { l.marks.push_back(read_laid_mark(m)); });
  if (f.has("coat")) {
    Fields coat = f.object("coat");
    l.coat = plan::LaidCoat{read_coat(coat), coat.lab("wanted")};
    f.absorb(coat);
  }
  f.each("parts", kMostParts, [&](Fields& part) {
    plan::LaidPass::Part p;
    p.mass = static_cast<int>(part.number("mass", 0, kLastMass));
    p.role = part.named("role", kRoles);
    p.shade = static_cast<int>(part.number("shade", -1, subject::kMostShades - 1, -1));
    p.pressure = part.number("pressure", 0, 1, 0);
    p.level = static_cast<int>(part.number("level", -1, 100, -1));
    l.parts.push_back(p);
  });
  return l;
}

void read_laid(Fields& f, plan::PlanOptions& p, const media::Collection& c) {
  if (!f.has("laid")) return;
  f.each("laid", kMostLaid, [&](Fields& entry) {
    plan::LaidPass l = read_laid_pass(entry, c);
    // Older projects named a coat by its number in a plan that may be gone: such a coat is to be marked again.
    if (l.kind == PassKind::coat && !l.coat) return;
    p.laid.push_back(std::move(l));
  });
}

}  // namespace

json paces_to_json(const plan::Pace& pace) {
  json out = json::object();
  for (const auto& [medium, factor] : pace.by_medium) out[std::string(media::name(medium))] = factor;
  return out;
}

void read_paces(Fields& f, plan::Pace& pace) {
  const auto take = [&](optics::Medium medium, double factor) {
    if (factor != 1) pace.by_medium[medium] = factor;
  };
  if (f.json()["by_medium"].is_array()) {
    // Files of before went by place, and there were five.
    const auto places = f.numbers("by_medium", optics::kNamedMedia, plan::kPaceLimit.least, plan::kPaceLimit.most);
    for (std::size_t m = 0; m < places.size(); ++m) take(static_cast<optics::Medium>(m), places[m]);
    return;
  }
  Fields names = f.object("by_medium");
  for (const optics::Medium m : media::all_media()) {
    const std::string name(media::name(m));
    if (names.has(name.c_str())) take(m, names.number(name.c_str(), plan::kPaceLimit));
  }
  f.absorb(names);
}

json rests_on_to_json(const plan::RestsOn& r) {
  return {
      {"artist", r.artist}, {"paper", r.paper}, {"date", r.date}, {"readings", r.readings}, {"off_de00", r.off_de00}};
}

json plan_options_to_json(const plan::PlanOptions& p, const media::Collection& c) {
  return {{"sticks", p.most_sticks},
          {"strokes", p.most_strokes},
          {"hand", p.hand},
          {"wish_passes", p.wish_passes ? json(*p.wish_passes) : json(nullptr)},
          {"wish_minutes", p.wish_minutes ? json(*p.wish_minutes) : json(nullptr)},
          {"school", p.school ? plan::name(*p.school) : kAdvised},
          {"manner", plan::name(p.manner)},
          {"course", plan::name(p.course)},
          {"ways", ways_to_json(p.ways)},
          {"order", p.order_by_hand},
          {"laid", laid_to_json(p.laid, c)},
          {"sitting_minutes", p.sitting_minutes},
          {"pencils", p.most_pencils},
          {"left_handed", p.left_handed},
          {"pace", {{"by_medium", paces_to_json(p.pace)}, {"brush", p.pace.brush}}},
          {"fit", plan::name(p.fit)},
          {"must_have", ids_of(p.wishes.must_have, c)},
          {"forbidden", ids_of(p.wishes.forbidden, c)},
          {"medium_price", p.wishes.medium_price},
          {"lonely_price", p.wishes.lonely_price},
          {"tray", ids_of(p.given_tray, c)},
          {"underpainting", underpaint_to_json(p.underpaint)},
          {"by_hand", by_hand_to_json(p.by_hand, c)},
          {"presses", {{"light", p.presses.light}, {"firm", p.presses.firm}}},
          {"rests_on", rests_on_to_json(p.rests_on)},
          {"rest", rest_to_json(p.rest, c)}};
}

void read_plan_options(Fields& f, plan::PlanOptions& p, const media::Collection& c) {
  p.most_sticks = f.count("sticks", plan::kSticksLimit);
  read_school(f, p);
  read_laid(f, p, c);
  if (f.has("order")) p.order_by_hand = f.texts("order");
  p.sitting_minutes = f.number("sitting_minutes", plan::kSittingLimit_minutes, 90);
  if (f.has("pencils")) p.most_pencils = f.count("pencils", plan::kPencilsLimit);
  p.left_handed = f.flag("left_handed", false);
  p.most_strokes = f.has("strokes") ? f.count("strokes", plan::kStrokesLimit) : 2;
  p.hand = f.number("hand", plan::kHandLimit, p.hand);
  if (is_number(f.json(), "wish_passes")) p.wish_passes = f.count("wish_passes", plan::kPassesLimit);
  if (is_number(f.json(), "wish_minutes")) p.wish_minutes = f.number("wish_minutes", plan::kMinutesLimit);
  const auto fit = plan::fit_by_name(f.text("fit", plan::name(plan::Fit::keep)));
  if (fit) p.fit = fit.value();
  if (!fit) f.fail("fit", fit.error().what);
  p.wishes.must_have = read_ids(f, "must_have", c);
  p.wishes.forbidden = read_ids(f, "forbidden", c);
  p.wishes.medium_price = f.number("medium_price", plan::kTrayPriceLimit, 0);
  p.wishes.lonely_price = f.number("lonely_price", plan::kTrayPriceLimit, 0);
  p.given_tray = read_ids(f, "tray", c);
  if (f.has("underpainting")) {
    Fields u = f.object("underpainting");
    read_underpaint(u, p.underpaint);
    f.absorb(u);
  }
  read_by_hand(f, p, c);
  read_rest(f, p, c);
  if (f.has("pace")) {
    Fields pace = f.object("pace");
    read_paces(pace, p.pace);
    p.pace.brush = pace.number("brush", plan::kPaceLimit, 1);
    f.absorb(pace);
  }
  if (f.has("presses")) {
    Fields hand = f.object("presses");
    p.presses = {hand.number("light", plan::kLightPressLimit), hand.number("firm", plan::kFirmPressLimit)};
    f.absorb(hand);
  }
  if (f.has("rests_on")) {
    Fields by = f.object("rests_on");
    p.rests_on = {by.text("artist"), by.text("paper"), by.text("date"), static_cast<int>(by.number("readings", 0, 1e6)),
                  by.number("off_de00", -1, 200)};
    f.absorb(by);
  }
}

}  // namespace yd::formats
