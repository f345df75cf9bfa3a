// SPDX-License-Identifier: MIT
#include "guide/places.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "marks/under.h"
#include "plane_fit.h"

namespace yd::plan {
namespace {

constexpr double kAll = 0.95;      // share of a mass that is all of it
constexpr double kMost = 0.75;     // and most of it
constexpr double kSpot_mm2 = 120;  // pieces up to here are spots
constexpr double kAside = 0.3;     // shift of the centre, in standard deviations of the mass, that is a side
constexpr double kRim = 0.6;       // share of what is touched that lies on the rim of the mass
constexpr double kGrazed = 0.01;   // share of what a pass touches: less of it in a mass is its marks' ends
constexpr double kRun = 0.3;       // pressure between the ends that is a run …
constexpr double kRunFits = 0.35;  // … where a plane explains this share of it

struct MassField {
  Spread spread;
  double border = 0;
};

class Measurer {
 public:
  Measurer(const Plan& plan, const TargetMap& map) : plan_(plan), map_(map), masses_(plan.mass_tooth_left.size()) {
    each([&](int x, int y, std::size_t m) {
      masses_[m].spread.add(x, y);
      masses_[m].border += rim(x, y) ? 1 : 0;
    });
  }

  std::vector<Place> of(std::size_t i) const {
    const Pass& pass = plan_.passes[i];
    const bool marked =
        pass.kind == PassKind::stroke && i < plan_.marks.passes.size() && !plan_.marks.passes[i].marks.empty();
    const Field field = marked ? under_marks(pass, plan_.marks.passes[i]) : over_shades(pass);
    std::vector<Place> out;
    double all = 0;
    for (const int m : pass.masses) {
      out.push_back(measure(pass.targets, m, field));
      all += out.back().area_cm2;
    }
    if (marked && out.size() > 1)
      std::erase_if(out, [&](const Place& p) { return p.area_cm2 < kGrazed * all || p.area_cm2 <= 0; });
    return out;
  }

  Place of(int mass, std::span<const int> targets) const {
    Field field(map_.mass.width, map_.mass.height, 0.0F);
    for (std::size_t i = 0; i < field.size(); ++i)
      if (std::binary_search(targets.begin(), targets.end(), static_cast<int>(map_.target.data[i]))) field.data[i] = 1;
    return measure(targets, mass, field);
  }

 private:
  using Field = subject::Grid<float>;  // pressure, 0 where nothing is laid

  Field under_marks(const Pass& pass, const MarkedPass& marked) const {
    Field out(map_.mass.width, map_.mass.height, 0.0F);
    const SheetGrid grid = at_size(plan_.marks.grid, out.width, out.height);
    for (const LaidMark& mark : marked.marks) {
      if (rubs(mark)) continue;
      under(mark, grid, [&](std::size_t at, const MarkPoint& point) {
        out.data[at] = std::max(out.data[at], static_cast<float>(pressure_at(point, pass)));
      });
    }
    return out;
  }

  Field over_shades(const Pass& pass) const {
    std::vector<float> pressure(plan_.targets.size(), 0.0F);
    for (const int t : pass.targets)
      pressure[static_cast<std::size_t>(t)] =
          pass.kind == PassKind::stroke ? static_cast<float>(pressure_on(pass, t)) : 1.0F;
    Field out(map_.mass.width, map_.mass.height, 0.0F);
    for (std::size_t i = 0; i < out.size(); ++i) out.data[i] = pressure[map_.target.data[i]];
    return out;
  }

  template <class Visit>
  void each(Visit visit) const {
    for (int y = 0; y < map_.mass.height; ++y)
      for (int x = 0; x < map_.mass.width; ++x) visit(x, y, static_cast<std::size_t>(map_.mass.at(x, y)));
  }

  bool rim(int x, int y) const {
    const auto m = map_.mass.at(x, y);
    for (const auto& [dx, dy] : {std::pair(2, 0), std::pair(-2, 0), std::pair(0, 2), std::pair(0, -2)}) {
      const int u = x + dx;
      const int v = y + dy;
      if (u < 0 || v < 0 || u >= map_.mass.width || v >= map_.mass.height) continue;
      if (map_.mass.at(u, v) != m) return true;
    }
    return false;
  }

  Place measure(std::span<const int> targets, int mass, const Field& pressure) const {
    const auto m = static_cast<std::uint16_t>(mass);
    Spread touched;
    PlaneFit run;
    double border = 0;
    double rims = 0;
    double sum = 0;
    std::array<double, kPressSteps> steps{}, light{};
    subject::LabelImage on(map_.mass.width, map_.mass.height, 0);
    const auto touches = [&](int x, int y) {
      if (x < 0 || y < 0 || x >= on.width || y >= on.height) return false;
      return map_.mass.at(x, y) == m && pressure.at(x, y) > 0;
    };
    each([&](int x, int y, std::size_t here) {
      if (here != m) return;
      const float p = pressure.at(x, y);
      run.add(x, y, p);
      if (p <= 0) return;
      on.at(x, y) = 1;
      touched.add(x, y);
      sum += p;
      const auto step = static_cast<std::size_t>(press_step(p));
      steps[step] += 1;
      light[step] += plan_.targets[map_.target.at(x, y)].target.l;
      rims += rim(x, y) ? 1 : 0;
      for (const auto& [dx, dy] : {std::pair(1, 0), std::pair(-1, 0), std::pair(0, 1), std::pair(0, -1)})
        border += touches(x + dx, y + dy) ? 0 : 1;
    });
    Place out;
    out.mass = mass;
    if (touched.n == 0) return out;
    const MassField& whole = masses_[m];
    const double mm2 = map_.pixel_mm * map_.pixel_mm;
    out.share = touched.n / whole.spread.n;
    out.area_cm2 = touched.n * mm2 / 100;
    // Steps of pixels are longer than the line they follow by 4 / pi on average over directions.
    out.width_mm = 2 * touched.n / std::max(1.0, border * std::numbers::pi / 4) * map_.pixel_mm;
    out.pressure = sum / touched.n;
    for (std::size_t k = 0; k < steps.size(); ++k) out.steps[k] = steps[k] / touched.n;
    out.light_l = steps.front() > 0 ? light.front() / steps.front() : 0;
    out.firm_l = steps.back() > 0 ? light.back() / steps.back() : 0;
    count_pieces(on, out);
    out.piece_mm2 = touched.n * mm2 / out.pieces;
    shape(touched, out);
    out.part = part(targets, whole, touched, rims / touched.n, out);
    set_run(run, whole, out);
    return out;
  }

  void count_pieces(const subject::LabelImage& on, Place& out) const {
    const subject::Regions all = subject::connected_pieces(on);
    std::vector<double> size(static_cast<std::size_t>(all.count), 0);
    for (std::size_t i = 0; i < on.size(); ++i) size[all.labels.data[i]] += on.data[i] != 0 ? 1 : 0;
    std::erase(size, 0.0);
    std::sort(size.begin(), size.end());
    out.pieces = static_cast<int>(size.size());
    if (size.empty()) return;
    const auto across = [&](double share) {
      return std::sqrt(size[static_cast<std::size_t>(share * static_cast<double>(size.size() - 1))]) * map_.pixel_mm;
    };
    out.small_mm = across(0.1);
    out.large_mm = across(0.9);
  }

  static void shape(const Spread& s, Place& out) {
    const double d = s.vx() - s.vy();
    const double both = std::hypot(d, 2 * s.vxy());
    out.longish = both / (s.vx() + s.vy());
    double deg = -0.5 * std::atan2(2 * s.vxy(), d) * 180 / std::numbers::pi;  // y points down
    if (deg <= -90) deg += 180;
    out.long_deg = deg;
  }

  Part part(std::span<const int> targets, const MassField& whole, const Spread& touched, double rims,
            const Place& p) const {
    if (p.share >= kAll) return Part::all;
    const double dx = (touched.cx() - whole.spread.cx()) / std::sqrt(whole.spread.vx());
    const double dy = (touched.cy() - whole.spread.cy()) / std::sqrt(whole.spread.vy());
    if (std::max(std::abs(dx), std::abs(dy)) > kAside) {
      if (std::abs(dy) >= std::abs(dx)) return dy < 0 ? Part::upper : Part::lower;
      return dx < 0 ? Part::left : Part::right;
    }
    if (rims > kRim && whole.border / whole.spread.n < 0.5 * kRim) return Part::edges;
    if (p.piece_mm2 < kSpot_mm2 && p.pieces > 1) return Part::spots;
    if (p.share >= kMost) return Part::most;
    return by_value(targets, p.mass);
  }

  /// Neither side nor rim: its darks or its lights, where it is mostly these.
  Part by_value(std::span<const int> targets, int mass) const {
    double on = 0, off = 0, on_area = 0, off_area = 0;
    for (std::size_t t = 0; t < plan_.targets.size(); ++t) {
      const TargetPlan& target = plan_.targets[t];
      if (target.mass != mass) continue;
      const bool touched = std::binary_search(targets.begin(), targets.end(), static_cast<int>(t));
      (touched ? on : off) += target.area * target.target.l;
      (touched ? on_area : off_area) += target.area;
    }
    if (on_area <= 0 || off_area <= 0) return Part::most;
    return part_by_value(on / on_area - off / off_area);
  }

  /// `apart`: how much lighter than the rest of its mass, L*.
  static Part part_by_value(double apart) {
    constexpr double kValueApart = 4;
    if (apart < -kValueApart) return Part::darks;
    return apart > kValueApart ? Part::lights : Part::spots;
  }

  static void set_run(const PlaneFit& run, const MassField& whole, Place& out) {
    const PlaneFit::Found f = run.fit();
    const double along = PlaneFit::along(f, whole.spread);
    if (f.explained < kRunFits || along < kRun) return;
    out.grows = std::min(1.0, along);
    out.firm_deg = std::atan2(-f.gy, f.gx) * 180 / std::numbers::pi;
  }

  const Plan& plan_;
  const TargetMap& map_;
  std::vector<MassField> masses_;
};

}  // namespace

const char* name(Part part) {
  constexpr auto names = std::to_array<const char*>(
      {"all", "upper", "lower", "left", "right", "edges", "spots", "darks", "lights", "most"});
  static_assert(names.size() == static_cast<std::size_t>(Part::most) + 1);
  return names[static_cast<std::size_t>(part)];
}

TargetMap map_targets(const subject::Subject& s, const Plan& plan, double long_side_mm) {
  const std::vector<std::size_t> first = first_targets(plan.targets, s.masses.size());
  const int side = std::max(s.labels.width, s.labels.height);
  const double scale = std::max(1.0, static_cast<double>(side) / kPlacesSide);
  const int w = std::max(1, static_cast<int>(s.labels.width / scale));
  const int h = std::max(1, static_cast<int>(s.labels.height / scale));
  TargetMap out{subject::Grid<std::uint16_t>(w, h), subject::Grid<std::uint16_t>(w, h), long_side_mm / std::max(w, h)};
  for (int y = 0; y < h; ++y) {
    for (int x = 0; x < w; ++x) {
      const int u = std::min(s.labels.width - 1, static_cast<int>((x + 0.5) * scale));
      const int v = std::min(s.labels.height - 1, static_cast<int>((y + 0.5) * scale));
      const auto m = s.labels.at(u, v);
      out.mass.at(x, y) = m;
      const std::size_t last = first[m + 1U] - 1;
      out.target.at(x, y) = static_cast<std::uint16_t>(std::min(last, first[m] + s.shade.at(u, v)));
    }
  }
  return out;
}

std::vector<std::vector<Place>> places_of(const Plan& plan, const TargetMap& map) {
  const Measurer measurer(plan, map);
  std::vector<std::vector<Place>> out;
  out.reserve(plan.passes.size());
  for (std::size_t i = 0; i < plan.passes.size(); ++i) out.push_back(measurer.of(i));
  return out;
}

Part part_of(const Plan& plan, const TargetMap& map, int mass, std::span<const int> targets) {
  return Measurer(plan, map).of(mass, targets).part;
}

}  // namespace yd::plan
