// SPDX-License-Identifier: MIT
#include "guide/marks.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "laid_so.h"

namespace yd::plan {
namespace {

using optics::Medium;
using subject::Surface;

constexpr double kLine_mm = 4;     // what is no wider is drawn with an edge or a point
constexpr double kBroad_mm = 12;   // from here on the side of a stick has room
constexpr double kPalm_mm = 40;    // and the palm to rub with
constexpr double kTwist_mm2 = 40;  // a highlight that one turn of a point makes
constexpr double kLongish = 0.75;
constexpr double kLevel_deg = 12;
constexpr double kDarkMark = 40;

bool pointed(Medium m) { return media::facts(m).pointed(); }

Mark accent_mark(const Place& p, Medium medium, bool light) {
  if (p.longish > kLongish && p.width_mm < kLine_mm) return Mark::edge_line;
  if (light && p.piece_mm2 < kTwist_mm2) return Mark::twist;
  return pointed(medium) ? Mark::dashes : Mark::broken_stick;
}

/// Marks of one kind of stick on a surface: the first over a broad place, later ones there, and those on a narrow one.
struct MarksOf {
  Mark opening, broad, narrow;
};
constexpr MarksOf always(Mark mark) { return {mark, mark, mark}; }
struct SurfaceMarks {
  Surface surface;
  MarksOf stub, point;
};
/// Marks that follow from what a surface is.
constexpr SurfaceMarks kSurfaceMarks[] = {
    {Surface::water, always(Mark::level), always(Mark::level)},
    {Surface::reflection, always(Mark::pulled_down), always(Mark::pulled_down)},
    {Surface::fur, {Mark::broad, Mark::dashes, Mark::dashes}, always(Mark::dashes)},
    {Surface::feather, {Mark::broad, Mark::dashes, Mark::dashes}, always(Mark::dashes)},
    {Surface::skin, {Mark::broad, Mark::broad, Mark::tap}, always(Mark::circles)},
    {Surface::grass, {Mark::broad, Mark::edge_line, Mark::edge_line}, {Mark::broad, Mark::edge_line, Mark::edge_line}},
    {Surface::foliage,
     {Mark::broad, Mark::broken_stick, Mark::broken_stick},
     {Mark::broad, Mark::from_centre, Mark::from_centre}},
    {Surface::stone,
     {Mark::broad, Mark::broken_stick, Mark::broken_stick},
     {Mark::broad, Mark::broken_stick, Mark::broken_stick}},
    {Surface::cloth, {Mark::broad, Mark::broad, Mark::edge_line}, {Mark::broad, Mark::broad, Mark::edge_line}},
    {Surface::metal, {Mark::broad, Mark::broad, Mark::edge_line}, {Mark::broad, Mark::broad, Mark::edge_line}},
    {Surface::glass, {Mark::broad, Mark::broad, Mark::edge_line}, {Mark::broad, Mark::broad, Mark::edge_line}},
    {Surface::sky, always(Mark::broad), always(Mark::hatching)},
};

Mark surface_mark(Surface s, Medium medium, bool first, const Place& p) {
  const auto* found = std::find_if(std::begin(kSurfaceMarks), std::end(kSurfaceMarks),
                                   [&](const SurfaceMarks& m) { return m.surface == s; });
  if (found == std::end(kSurfaceMarks)) return Mark::broad;
  const MarksOf& marks = pointed(medium) ? found->point : found->stub;
  if (p.width_mm < kBroad_mm) return marks.narrow;
  return first ? marks.opening : marks.broad;
}

Mark plain_mark(Medium medium, bool first, const Place& p, const subject::Direction& d) {
  const bool spots = p.pieces > 6 && p.width_mm < kBroad_mm;
  if (p.width_mm < kLine_mm && p.longish > kLongish) return Mark::edge_line;
  if (pointed(medium)) return spots ? Mark::dashes : Mark::hatching;
  if (first && p.width_mm >= kLine_mm) return Mark::broad;
  const bool lies = p.longish > kLongish && std::abs(p.long_deg) < kLevel_deg;
  if (lies && d.coherence >= subject::kCoherent && std::abs(d.angle_deg) < kLevel_deg) return Mark::level;
  if (spots) return Mark::broken_stick;
  if (p.width_mm >= kBroad_mm || media::facts(medium).body == media::Body::pan) return Mark::broad;
  return media::facts(medium).body == media::Body::square ? Mark::hatching : Mark::edge_line;
}

RubTool rub_tool(const Place& p, Medium medium) {
  if (media::facts(medium).body == media::Body::pan) return RubTool::sponge;
  if (p.width_mm >= kPalm_mm) return RubTool::palm;
  if (p.width_mm >= kBroad_mm) return RubTool::finger;
  return p.width_mm >= kLine_mm ? RubTool::stump : RubTool::tip;
}

class Marker {
 public:
  explicit Marker(const MarkInput& in) : in_(in) {}

  Touch of(const Pass& pass, const Place& place) const {
    Touch out;
    out.place = place;
    if (pass.kind == PassKind::fix) out.mark = Mark::sprayed;
    if (pass.kind == PassKind::coat) out.mark = Mark::brushed;
    const subject::Mass& mass = in_.subject->masses[static_cast<std::size_t>(place.mass)];
    const subject::Direction& d = in_.directions[static_cast<std::size_t>(place.mass)];
    if (pass.stick >= 0) lay(pass, mass, d, out);
    if (pass.stick >= 0 && pass.technique == Technique::rubbed) rub(pass, mass, out);
    direct(mass, d, out);
    return out;
  }

 private:
  void lay(const Pass& pass, const subject::Mass& mass, const subject::Direction& d, Touch& out) const {
    const media::Stick& stick = in_.sticks[static_cast<std::size_t>(pass.stick)];
    const bool first = pass.kind == PassKind::coat || pass.level == 0;
    if (pass.accent) {
      out.mark = accent_mark(out.place, stick.medium, stick.lab.l > kDarkMark);
    } else if (mass.surface != Surface::unsaid) {
      out.mark = surface_mark(mass.surface, stick.medium, first, out.place);
    } else {
      out.mark = plain_mark(stick.medium, first, out.place, d);
    }
    out.lightly = first && out.place.pressure < kMiddlePress;
  }

  void rub(const Pass& pass, const subject::Mass& mass, Touch& out) const {
    const media::Stick& stick = in_.sticks[static_cast<std::size_t>(pass.stick)];
    out.tool = rub_tool(out.place, stick.medium);
    out.tool_for_darks = stick.lab.l < kDarkMark;
    out.rub_down = mass.surface == Surface::reflection || mass.surface == Surface::water;
    const double light = in_.light_deg[static_cast<std::size_t>(out.place.mass)];
    out.rub_directed = !std::isnan(light);
    if (out.rub_directed) out.rub_deg = light > 0 ? light - 180 : light + 180;
  }

  /// Water lies level and reflections hang; else the texture decides, else the long way of a line.
  static void direct(const subject::Mass& mass, const subject::Direction& d, Touch& out) {
    if (out.mark == Mark::level || out.mark == Mark::pulled_down) {
      out.directed = true;
      out.angle_deg = out.mark == Mark::level ? 0 : 90;
    } else if (out.mark == Mark::edge_line && out.place.longish > kLongish) {
      out.directed = true;
      out.angle_deg = out.place.long_deg;
    } else if (d.coherence >= subject::kCoherent && mass.surface != Surface::sky) {
      out.directed = true;
      out.angle_deg = d.angle_deg;
    }
  }

  const MarkInput& in_;
};

}  // namespace

const char* name(Mark mark) {
  constexpr auto names =
      std::to_array<const char*>({"broad side", "edge line", "level", "pulled down", "dashes", "from a centre",
                                  "circles", "tap", "twist", "hatching", "broken stick", "brushed", "sprayed"});
  static_assert(names.size() == kMarks);
  return names[static_cast<std::size_t>(mark)];
}

const char* name(RubTool tool) {
  constexpr auto names = std::to_array<const char*>({"none", "finger", "palm", "sponge", "stump", "rubber tip"});
  return names[static_cast<std::size_t>(tool)];
}

std::vector<std::vector<Touch>> touches_of(const MarkInput& input, const std::vector<std::vector<Place>>& places) {
  const Marker marker(input);
  std::vector<std::vector<Touch>> out(places.size());
  for (std::size_t i = 0; i < places.size(); ++i) {
    const Pass& pass = input.plan->passes[i];
    const bool marked = pass.kind == PassKind::stroke && i < input.plan->marks.passes.size();
    for (const Place& p : places[i]) {
      out[i].push_back(marker.of(pass, p));
      if (marked) tell_by_marks(input.plan->marks.passes[i], input.plan->targets, out[i].back());
    }
  }
  return out;
}

}  // namespace yd::plan
