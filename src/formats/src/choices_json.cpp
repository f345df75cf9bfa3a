#include "choices_json.h"

namespace yd::formats {
namespace {

using media::Fields;
using nlohmann::json;

json point_to_json(const subject::Point& p) { return json::array({p.x, p.y}); }

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
  return out;
}

json by_hand_to_json(const std::vector<plan::HandChoice>& choices, const media::Collection& c) {
  json out = json::array();
  for (const plan::HandChoice& h : choices) {
    json strokes = json::array();
    for (const plan::Stroke& s : h.strokes) strokes.push_back(stroke_to_json(s, c));
    out.push_back({{"mass", h.mass}, {"role", subject::name(h.role)}, {"strokes", strokes}});
  }
  return out;
}

subject::Role role_of(const std::string& text) {
  return text == "dark" ? subject::Role::dark : text == "light" ? subject::Role::light : subject::Role::middle;
}

plan::Stroke read_stroke(const json& j, const media::Collection& c, Fields& all) {
  Fields f(j, "by_hand stroke");
  plan::Stroke s;
  s.stick = stick_index(c, f.text("stick"));
  s.pressure = f.number("pressure", 0, 1);
  s.technique = f.text("technique") == "rubbed" ? plan::Technique::rubbed : plan::Technique::laid;
  s.fix_first = f.flag("fix_first", false);
  if (s.stick < 0) f.fail("stick", "names a stick that is not in the collection");
  all.absorb(f);
  return s;
}

void read_by_hand(Fields& plan, plan::PlanOptions& options, const media::Collection& c) {
  if (!plan.has("by_hand")) return;
  for (const json& entry : plan.array("by_hand")) {
    Fields f(entry, "by_hand");
    plan::HandChoice h;
    h.mass = static_cast<int>(f.number("mass", 0, 1000));
    h.role = role_of(f.text("role"));
    for (const json& stroke : f.array("strokes")) h.strokes.push_back(read_stroke(stroke, c, f));
    plan.absorb(f);
    options.by_hand.push_back(h);
  }
}

json coat_to_json(const std::optional<plan::CoatChoice>& c) {
  if (!c) return nullptr;
  return {{"medium", plan::name(c->medium)}, {"colours", plan::name(c->colours)}};
}

std::optional<plan::CoatChoice> read_coat(Fields& owner, const char* field) {
  Fields f = owner.object(field);
  plan::CoatChoice c;
  const auto medium = plan::coat_medium_by_name(f.text("medium"));
  const auto colours = plan::coat_colours_by_name(f.text("colours"));
  if (medium) c.medium = medium.value();
  if (colours) c.colours = colours.value();
  if (!medium) f.fail("medium", medium.error().what);
  if (!colours) f.fail("colours", colours.error().what);
  owner.absorb(f);
  return c;
}

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

void read_underpaint(Fields& plan, const json& object, plan::UnderpaintOptions& u) {
  if (is_object(object, "picture")) {
    Fields f(object, "underpainting");
    u.picture = read_coat(f, "picture");
    plan.absorb(f);
  }
  if (!object.contains("exceptions")) return;
  Fields list(object, "underpainting");
  for (const json& entry : list.array("exceptions")) {
    Fields f(entry, "underpainting exception");
    plan::CoatException e;
    const std::string where = f.text("where");
    e.where = where == "mass" ? plan::CoatException::Where::mass : plan::CoatException::Where::plane;
    e.which = static_cast<int>(f.number("which", 0, 1000));
    if (entry.is_object() && is_object(entry, "choice")) e.choice = read_coat(f, "choice");
    plan.absorb(f);
    u.exceptions.push_back(e);
  }
  plan.absorb(list);
}

subject::MassEdit read_edit(const json& entry, Fields& owner) {
  Fields f(entry, "edit");
  subject::MassEdit e;
  const auto kind = subject::edit_kind_by_name(f.text("kind"));
  if (kind) e.kind = kind.value();
  if (!kind) f.fail("kind", kind.error().what);
  e.mass = static_cast<int>(f.number("mass", 0, subject::kMostMasses));
  e.other = static_cast<int>(f.number("other", 0, subject::kMostMasses, 0));
  e.name = f.text("name", "");
  e.on = f.flag("on", true);
  e.width = f.number("width", 0.001, 1, 0.03);
  if (f.has("edge")) e.to_edge = f.text("edge") == "soft" ? subject::EdgeKind::soft : subject::EdgeKind::hard;
  if (f.has("plane")) {
    const auto plane = subject::plane_by_name(f.text("plane"));
    if (plane) e.to_plane = plane.value();
    if (!plane) f.fail("plane", plane.error().what);
  }
  if (f.has("path")) {
    for (const json& p : f.array("path")) {
      if (!p.is_array() || p.size() != 2 || !p[0].is_number() || !p[1].is_number()) {
        f.fail("path", "must hold pairs of numbers");
        break;
      }
      e.path.push_back({p[0].get<double>(), p[1].get<double>()});
    }
  }
  owner.absorb(f);
  return e;
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
  for (const json& entry : f.array("ways")) {
    Fields way(entry, "ways");
    plan::MassWay w;
    w.mass = static_cast<int>(way.number("mass", 0, 1000));
    if (way.has("school")) take_named(way, "school", plan::school_by_name(way.text("school")), w.school);
    if (way.has("manner")) take_named(way, "manner", plan::manner_by_name(way.text("manner")), w.manner);
    f.absorb(way);
    p.ways.push_back(w);
  }
}

json laid_to_json(const std::vector<plan::LaidPass>& laid, const media::Collection& c) {
  json out = json::array();
  for (const plan::LaidPass& l : laid) {
    json parts = json::array();
    for (const plan::LaidPass::Part& part : l.parts)
      parts.push_back({{"mass", part.mass}, {"role", subject::name(part.role)}});
    json entry = {{"kind", plan::name(l.kind)},
                  {"pressure", l.pressure},
                  {"technique", plan::name(l.technique)},
                  {"level", l.level},
                  {"skipped", l.skipped},
                  {"note", l.note},
                  {"at", l.at_s},
                  {"parts", parts}};
    if (l.stick >= 0) entry["stick"] = c.sticks[static_cast<std::size_t>(l.stick)].id;
    if (l.underpaint >= 0) entry["underpainting"] = l.underpaint;
    out.push_back(std::move(entry));
  }
  return out;
}

plan::LaidPass read_laid_pass(const json& entry, const media::Collection& c, Fields& owner) {
  Fields f(entry, "laid");
  plan::LaidPass l;
  const std::string kind = f.text("kind");
  for (const auto k : {plan::PassKind::coat, plan::PassKind::stroke, plan::PassKind::fix}) {
    if (kind == plan::name(k)) l.kind = k;
  }
  l.pressure = f.number("pressure", 0, 1);
  l.technique = f.text("technique") == "rubbed" ? plan::Technique::rubbed : plan::Technique::laid;
  l.level = static_cast<int>(f.number("level", 0, 100, 0));
  l.skipped = f.flag("skipped", false);
  l.note = f.text("note", "");
  l.at_s = static_cast<std::int64_t>(f.number("at", 0, 1e12, 0));
  l.underpaint = static_cast<int>(f.number("underpainting", -1, 1000, -1));
  if (f.has("stick")) l.stick = stick_index(c, f.text("stick"));
  if (l.kind == plan::PassKind::stroke && l.stick < 0) f.fail("stick", "names a stick that is not in the collection");
  for (const json& part : f.array("parts")) {
    Fields g(part, "laid part");
    const int mass = static_cast<int>(g.number("mass", 0, 1000));
    l.parts.push_back({mass, role_of(g.text("role"))});
    f.absorb(g);
  }
  owner.absorb(f);
  return l;
}

void read_laid(Fields& f, plan::PlanOptions& p, const media::Collection& c) {
  if (!f.has("laid")) return;
  for (const json& entry : f.array("laid")) p.laid.push_back(read_laid_pass(entry, c, f));
}

}  // namespace

json marks_to_json(const std::vector<plan::PassMark>& marks) {
  json out = json::array();
  for (const plan::PassMark& m : marks) {
    out.push_back(
        {{"pass", m.pass}, {"state", plan::name(m.state)}, {"note", m.note}, {"at", m.at_s}, {"minutes", m.minutes}});
  }
  return out;
}

void read_marks(Fields& f, std::vector<plan::PassMark>& marks) {
  using State = plan::PassMark::State;
  for (const json& entry : f.array("marks")) {
    Fields m(entry, "mark");
    plan::PassMark mark;
    mark.pass = m.text("pass");
    const std::string state = m.text("state");
    mark.state = state == "done" ? State::done : state == "skipped" ? State::skipped : State::open;
    mark.note = m.text("note", "");
    mark.at_s = static_cast<std::int64_t>(m.number("at", 0, 1e12, 0));
    mark.minutes = m.number("minutes", 0, 1e6, 0.0);
    f.absorb(m);
    marks.push_back(std::move(mark));
  }
}

json composition_to_json(const subject::Composition& c) {
  json out = {{"crop", json::array({c.crop.x, c.crop.y, c.crop.width, c.crop.height})},
              {"stops", c.adjust.stops},
              {"neutral_is_white", c.adjust.neutral_is_white},
              {"width_cm", c.width_cm},
              {"height_cm", c.height_cm},
              {"thirds", c.thirds}};
  if (c.adjust.neutral) out["neutral"] = json::array({c.adjust.neutral->l, c.adjust.neutral->a, c.adjust.neutral->b});
  if (c.horizon) out["horizon"] = *c.horizon;
  if (c.light_deg) out["light_deg"] = *c.light_deg;
  return out;
}

void read_composition(Fields& f, subject::Composition& c) {
  if (f.has("crop")) {
    const auto v = f.numbers("crop", 4, 0, 1);
    if (v.size() == 4) c.crop = subject::held_inside({v[0], v[1], v[2], v[3]});
  }
  c.adjust.stops = f.number("stops", -subject::kMostStops, subject::kMostStops, 0.0);
  c.adjust.neutral_is_white = f.flag("neutral_is_white", false);
  if (f.has("neutral")) c.adjust.neutral = f.lab("neutral");
  c.width_cm = f.number("width_cm", 1, 1000, 40);
  c.height_cm = f.number("height_cm", 1, 1000, 30);
  c.thirds = f.flag("thirds", false);
  if (f.has("horizon")) c.horizon = f.number("horizon", 0, 1);
  if (f.has("light_deg")) c.light_deg = f.number("light_deg", -360, 360);
}

json edits_to_json(const std::vector<subject::MassEdit>& edits) {
  using Kind = subject::MassEdit::Kind;
  json out = json::array();
  for (const subject::MassEdit& e : edits) {
    json j = {{"kind", subject::name(e.kind)}, {"mass", e.mass}};
    if (e.kind == Kind::merge) j["other"] = e.other;
    if (e.kind == Kind::rename) j["name"] = e.name;
    if (e.kind == Kind::plane) j["plane"] = subject::name(e.to_plane);
    if (e.kind == Kind::focal) j["on"] = e.on;
    if (e.kind == Kind::edge) j["edge"] = subject::name(e.to_edge);
    if (e.kind == Kind::paint) j["width"] = e.width;
    if (!e.path.empty()) {
      j["path"] = json::array();
      for (const subject::Point& p : e.path) j["path"].push_back(point_to_json(p));
    }
    out.push_back(std::move(j));
  }
  return out;
}

void read_edits(Fields& f, std::vector<subject::MassEdit>& edits) {
  if (!f.has("edits")) return;
  for (const json& entry : f.array("edits")) edits.push_back(read_edit(entry, f));
}

json plan_options_to_json(const plan::PlanOptions& p, const media::Collection& c) {
  return {{"sticks", p.most_sticks},
          {"strokes", p.most_strokes},
          {"school", p.school ? plan::name(*p.school) : kAdvised},
          {"manner", plan::name(p.manner)},
          {"course", plan::name(p.course)},
          {"ways", ways_to_json(p.ways)},
          {"order", p.order_by_hand},
          {"laid", laid_to_json(p.laid, c)},
          {"sitting_minutes", p.sitting_minutes},
          {"fit", plan::name(p.fit)},
          {"must_have", ids_of(p.wishes.must_have, c)},
          {"forbidden", ids_of(p.wishes.forbidden, c)},
          {"medium_price", p.wishes.medium_price},
          {"lonely_price", p.wishes.lonely_price},
          {"tray", ids_of(p.given_tray, c)},
          {"underpainting", underpaint_to_json(p.underpaint)},
          {"by_hand", by_hand_to_json(p.by_hand, c)}};
}

void read_plan_options(Fields& f, plan::PlanOptions& p, const media::Collection& c) {
  p.most_sticks = static_cast<int>(f.number("sticks", 1, 60));
  read_school(f, p);
  read_laid(f, p, c);
  if (f.has("order")) p.order_by_hand = f.texts("order");
  p.sitting_minutes = f.number("sitting_minutes", 15, 600, 90);
  p.most_strokes = static_cast<int>(f.number("strokes", 1, plan::kMostStrokes, 2));
  const auto fit = plan::fit_by_name(f.text("fit", plan::name(plan::Fit::keep)));
  if (fit) p.fit = fit.value();
  if (!fit) f.fail("fit", fit.error().what);
  p.wishes.must_have = read_ids(f, "must_have", c);
  p.wishes.forbidden = read_ids(f, "forbidden", c);
  p.wishes.medium_price = f.number("medium_price", 0, 10, 0.0);
  p.wishes.lonely_price = f.number("lonely_price", 0, 10, 0.0);
  p.given_tray = read_ids(f, "tray", c);
  if (f.has("underpainting")) {
    const Fields u = f.object("underpainting");
    f.absorb(u);
    if (!f.error()) read_underpaint(f, u.json(), p.underpaint);
  }
  read_by_hand(f, p, c);
}

}  // namespace yd::formats
