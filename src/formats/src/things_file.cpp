// SPDX-License-Identifier: MIT
#include "formats/things_file.h"

#include <algorithm>
#include <cstdio>
#include <sstream>

#include "formats/plan_json.h"

namespace yd::formats {
namespace {

using nlohmann::json;
using subject::Thing;

json path_to_json(const std::vector<subject::Point>& path) {
  json out = json::array();
  for (const subject::Point& p : path) out.push_back({p.x, p.y});
  return out;
}

void read_path(media::Fields& f, const char* field, std::vector<subject::Point>& path) {
  const json& list = f.array(field);
  if (list.size() > subject::kMostOutline) return f.fail(field, "has too many places");
  for (const json& p : list) {
    if (!p.is_array() || p.size() != 2 || !p[0].is_number() || !p[1].is_number())
      return f.fail(field, "must be a list of places [x, y]");
    path.push_back({p[0].get<double>(), p[1].get<double>()});
  }
}

json thing_to_json(const Thing& t) {
  json out{{"name", t.name}, {"kind", subject::name(t.kind)}, {"weight", subject::name(t.weight)}};
  if (t.plane) out["plane"] = subject::name(*t.plane);
  if (t.ring) out["ring"] = {{"x", t.ring->x}, {"y", t.ring->y}, {"radius", t.ring->radius}};
  if (!t.ring) out["outline"] = path_to_json(t.outline);
  for (const subject::ThingStroke& s : t.strokes)
    out["strokes"].push_back({{"belongs", s.belongs}, {"width", s.width}, {"path", path_to_json(s.path)}});
  return out;
}

Thing read_thing(media::Fields& f) {
  constexpr std::array kPlanes{subject::Plane::background, subject::Plane::middle, subject::Plane::foreground};
  Thing out;
  out.name = f.text("name", "");
  if (f.has("kind")) out.kind = f.named("kind", subject::kThingKinds);
  if (f.has("weight")) out.weight = f.named("weight", subject::kWeights);
  if (f.has("plane")) out.plane = f.named("plane", kPlanes);
  if (f.has("ring")) {
    media::Fields ring = f.object("ring");
    out.ring = subject::FocusRing{ring.number("x", 0, 1), ring.number("y", 0, 1), ring.number("radius", 1e-3, 1)};
    f.absorb(ring);
  } else {
    read_path(f, "outline", out.outline);
  }
  if (f.has("strokes")) {
    f.each("strokes", subject::kMostThingStrokes, [&](media::Fields& s) {
      subject::ThingStroke stroke{s.flag("belongs", true), s.number("width", subject::kBrushLimit), {}};
      read_path(s, "path", stroke.path);
      out.strokes.push_back(std::move(stroke));
    });
  }
  if (const Status fine = subject::check({out}); !fine && !f.error()) f.fail("outline", fine.error().what);
  return out;
}

std::vector<std::string> parts_of(const std::string& text, char between) {
  std::vector<std::string> out(1);
  for (const char c : text) {
    if (c == between)
      out.emplace_back();
    else
      out.back() += c;
  }
  return out;
}

}  // namespace

json things_to_json(const std::vector<Thing>& things) {
  json out = json::array();
  for (const Thing& t : things) out.push_back(thing_to_json(t));
  return out;
}

void read_things(media::Fields& f, std::vector<Thing>& things) {
  f.each("things", subject::kMostThings, [&](media::Fields& item) { things.push_back(read_thing(item)); });
}

Result<std::vector<Thing>> load_things(const QString& file) {
  const auto top = media::read_json(file.toStdString(), "yawning-dune things", 1);
  if (!top) return top.error();
  media::Fields f(top.value(), file.toStdString());
  std::vector<Thing> out;
  read_things(f, out);
  if (f.error()) return *f.error();
  return out;
}

Result<Thing> thing_of_text(const std::string& text) {
  const auto wrong = [&](const std::string& what) {
    return bad_value("--thing", "\"" + text.substr(0, 60) + "\" " + what);
  };
  const std::vector<std::string> parts = parts_of(text, ';');
  if (parts.size() != 4) return wrong("must be name;kind;weight;x,y x,y …");
  Thing out;
  out.name = media::one_line(parts[0]);
  if (!parts[1].empty()) {
    const auto kind = subject::thing_kind_by_name(parts[1]);
    if (!kind) return kind.error();
    out.kind = kind.value();
  }
  if (!parts[2].empty()) {
    const auto weight = subject::weight_by_name(parts[2]);
    if (!weight) return weight.error();
    out.weight = weight.value();
  }
  std::istringstream places(parts[3]);
  std::string place;
  while (places >> place) {
    subject::Point p;
    double radius = 0;
    char rest = 0;
    const int read = std::sscanf(place.c_str(), "%lf,%lf,%lf%c", &p.x, &p.y, &radius, &rest);
    if (read == 3 && out.outline.empty() && places.peek() == std::istringstream::traits_type::eof()) {
      out.ring = subject::FocusRing{p.x, p.y, radius};
    } else if (read == 2) {
      out.outline.push_back(p);
    } else {
      return wrong("has a place that is no x,y");
    }
  }
  if (const Status fine = subject::check({out}); !fine) return wrong(fine.error().what);
  return out;
}

json legend_to_json(const subject::Subject& s) {
  json out = json::array();
  for (std::size_t n = 0; n < s.things.list.size(); ++n) {
    const Thing& t = s.things.list[n];
    json entry{
        {"number", n + 1}, {"name", t.name}, {"kind", subject::name(t.kind)}, {"weight", subject::name(t.weight)}};
    if (s.things.refused[n]) {
      entry["refused"] = describe(*s.things.refused[n]);
      out.push_back(entry);
      continue;
    }
    entry["area"] = rounded(s.things.area[n]);
    if (s.things.within[n] >= 0) entry["within"] = s.things.within[n] + 1;
    entry["masses"] = json::array();
    for (const subject::Mass& m : s.masses) {
      if (m.thing == static_cast<int>(n)) entry["masses"].push_back(m.id);
    }
    out.push_back(entry);
  }
  return out;
}

subject::Grid<colour::Rgb8> things_map(const subject::Subject& s) {
  subject::Grid<colour::Rgb8> out(s.image.width, s.image.height);
  const subject::LabelImage& owner = s.things.owner;
  for (int y = 0; y < out.height; ++y) {
    for (int x = 0; x < out.width && owner.size() > 0; ++x) {
      const auto n = static_cast<std::uint8_t>(owner.at(x * owner.width / out.width, y * owner.height / out.height));
      out.at(x, y) = {n, n, n};
    }
  }
  return out;
}

}  // namespace yd::formats
