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
  return {{"stick", c.sticks[static_cast<std::size_t>(s.stick)].id},
          {"pressure", s.pressure},
          {"technique", plan::name(s.technique)}};
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

plan::Stroke read_stroke(const json& j, const media::Collection& c, Fields& all) {
  Fields f(j, "by_hand stroke");
  plan::Stroke s;
  s.stick = stick_index(c, f.text("stick"));
  s.pressure = f.number("pressure", 0, 1);
  s.technique = f.text("technique") == "rubbed" ? plan::Technique::rubbed : plan::Technique::laid;
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
    const std::string role = f.text("role");
    h.role = role == "dark" ? subject::Role::dark : role == "light" ? subject::Role::light : subject::Role::middle;
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

}  // namespace

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
          {"school", plan::name(p.school)},
          {"rubbed", p.allow_rubbed},
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
  p.allow_rubbed = f.flag("rubbed", true);
  p.most_strokes = static_cast<int>(f.number("strokes", 1, plan::kMostStrokes, 2));
  const auto school = plan::school_by_name(f.text("school"));
  if (school) p.school = school.value();
  if (!school) f.fail("school", school.error().what);
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
