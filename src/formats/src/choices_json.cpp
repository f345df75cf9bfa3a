// SPDX-License-Identifier: MIT
#include "choices_json.h"

#include "formats/project.h"
#include "subject/surface.h"

namespace yd::formats {
namespace {

using media::Fields;
using nlohmann::json;
using subject::EdgeKind;

constexpr std::array<EdgeKind, 2> kEdges{EdgeKind::hard, EdgeKind::soft};
using State = plan::PassMark::State;
constexpr std::size_t kMostPoints = 20000;  // of one stroke of the brush
constexpr std::array<State, 3> kStates{State::open, State::done, State::skipped};

json point_to_json(const subject::Point& p) { return json::array({p.x, p.y}); }
json exact_lab(const colour::Lab& lab) { return json::array({lab.l, lab.a, lab.b}); }

subject::MassEdit read_edit(Fields& f) {
  subject::MassEdit e;
  const auto kind = subject::edit_kind_by_name(f.text("kind"));
  if (kind) e.kind = kind.value();
  if (!kind) f.fail("kind", kind.error().what);
  e.mass = static_cast<int>(f.number("mass", 0, subject::kMostMasses));
  e.other = static_cast<int>(f.number("other", 0, subject::kMostMasses, 0));
  e.name = f.text("name", "");
  e.on = f.flag("on", true);
  e.width = f.number("width", 0.001, 1, 0.03);
  if (f.has("edge")) e.to_edge = f.named("edge", kEdges);
  if (f.has("surface")) {
    const auto surface = subject::surface_by_name(f.text("surface"));
    if (surface) e.to_surface = surface.value();
    if (!surface) f.fail("surface", surface.error().what);
  }
  if (f.has("colour")) e.to_colour = f.lab("colour");
  e.amount = f.number("amount", 0, 1, 1);
  if (f.has("plane")) {
    const auto plane = subject::plane_by_name(f.text("plane"));
    if (plane) e.to_plane = plane.value();
    if (!plane) f.fail("plane", plane.error().what);
  }
  if (f.has("path") && f.array("path").size() > kMostPoints)
    f.fail("path", "must hold no more than " + std::to_string(kMostPoints) + " points");
  if (f.has("path") && !f.error()) {
    for (const json& p : f.array("path")) {
      if (!p.is_array() || p.size() != 2 || !p[0].is_number() || !p[1].is_number()) {
        f.fail("path", "must hold pairs of numbers; entry " + std::to_string(e.path.size() + 1) + " is none");
        break;
      }
      e.path.push_back({p[0].get<double>(), p[1].get<double>()});
    }
  }
  return e;
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
  f.each("marks", kMostMarks, [&](Fields& m) {
    plan::PassMark mark;
    mark.pass = m.text("pass");
    mark.state = m.named("state", kStates);
    mark.note = m.text("note", "");
    mark.at_s = static_cast<std::int64_t>(m.number("at", 0, 1e12, 0));
    mark.minutes = m.number("minutes", 0, 1e6, 0.0);
    marks.push_back(std::move(mark));
  });
}

json composition_to_json(const subject::Composition& c) {
  json out = {{"crop", json::array({c.crop.x, c.crop.y, c.crop.width, c.crop.height})},
              {"stops", c.adjust.stops},
              {"neutral_is_white", c.adjust.neutral_is_white},
              {"width_cm", c.width_cm},
              {"height_cm", c.height_cm},
              {"thirds", c.thirds},
              {"grid", c.grid},
              {"centre_line", c.centre_line}};
  for (const subject::Point& p : c.places) out["places"].push_back(point_to_json(p));
  if (c.adjust.neutral) out["neutral"] = exact_lab(*c.adjust.neutral);
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
  c.width_cm = f.number("width_cm", subject::kSheetSideLimit_cm, 40);
  c.height_cm = f.number("height_cm", subject::kSheetSideLimit_cm, 30);
  c.thirds = f.flag("thirds", false);
  c.grid = static_cast<int>(f.number("grid", 0, 40, 0.0));
  c.centre_line = f.flag("centre_line", false);
  if (f.has("places")) {
    const json& places = f.array("places");
    if (places.size() > subject::kMostPlaces) f.fail("places", "must hold no more than 24 places");
    for (const json& p : places) {
      if (f.error()) break;
      if (!p.is_array() || p.size() != 2 || !p[0].is_number() || !p[1].is_number())
        f.fail("places", "must hold pairs of numbers");
      else
        c.places.push_back({p[0].get<double>(), p[1].get<double>()});
    }
  }
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
    if (e.kind == Kind::surface) j["surface"] = subject::name(e.to_surface);
    if (e.kind == Kind::paint) j["width"] = e.width;
    if (e.to_colour) j["colour"] = exact_lab(*e.to_colour);
    if (e.to_colour && e.amount < 1) j["amount"] = e.amount;
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
  f.each("edits", kMostEdits, [&](Fields& edit) { edits.push_back(read_edit(edit)); });
}

json own_colours_to_json(const subject::OwnColours& c) {
  json out = {{"mood", subject::name(c.mood)}, {"amount", c.amount}, {"leading", exact_lab(c.leading)}};
  if (c.returning) out["returning"] = exact_lab(*c.returning);
  if (c.palette.empty()) return out;
  json colours = json::array();
  for (const subject::PaletteColour& p : c.palette) colours.push_back({{"lab", exact_lab(p.lab)}, {"share", p.share}});
  out["palette"] = {{"name", c.palette_name}, {"amount", c.palette_amount}, {"colours", std::move(colours)}};
  return out;
}

void read_own_colours(Fields& f, subject::OwnColours& c) {
  c.mood = f.named("mood", subject::kAllMoods);
  c.amount = f.number("amount", 0, 1);
  if (f.has("leading")) c.leading = f.lab("leading");
  if (f.has("returning")) c.returning = f.lab("returning");
  if (!f.has("palette")) return;
  Fields palette = f.object("palette");
  c.palette_name = palette.text("name", "");
  c.palette_amount = palette.number("amount", 0, 1, 1.0);
  palette.each("colours", subject::kMostPalette, [&](Fields& colour) {
    c.palette.push_back({colour.lab("lab"), colour.number("share", 1e-12, 1)});
  });
  f.absorb(palette);
}

}  // namespace yd::formats
