// SPDX-License-Identifier: MIT
#include "guide/edges.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>

#include "colour/ciede2000.h"

namespace yd::plan {
namespace {

constexpr double kShort_cm = 2.5;  // shorter borders are not worth a word
constexpr double kLost = 9;        // CIEDE2000 up to which an edge can go
constexpr double kFight = 45;      // from which two strong colours fight
constexpr double kVivid = 35;      // chroma
constexpr double kBlack = 25;      // L*
constexpr double kDarkSide = 40;
constexpr double kFocalCounts = 3;
constexpr double kOwnColour = 12;  // CIEDE2000 from what lies beside: an edge is made with what is there
constexpr double kHalfway = 30;    // CIE 1976 from halfway between two that fight

/// The colours on both sides of a border and how long it is.
struct Border {
  double n = 0;
  std::array<double, 3> p{}, q{};
  void add(const colour::Lab& s, const colour::Lab& t) {
    n += 1;
    p[0] += s.l;
    p[1] += s.a;
    p[2] += s.b;
    q[0] += t.l;
    q[1] += t.a;
    q[2] += t.b;
  }
  colour::Lab of_p() const { return {p[0] / n, p[1] / n, p[2] / n}; }
  colour::Lab of_q() const { return {q[0] / n, q[1] / n, q[2] / n}; }
};

bool fights(const colour::Lab& s, const colour::Lab& t) {
  if (colour::ciede2000(s, t) < kFight) return false;
  const bool vivid_s = colour::chroma(s) >= kVivid;
  const bool vivid_t = colour::chroma(t) >= kVivid;
  return (vivid_s && vivid_t) || (vivid_s && t.l < kBlack) || (vivid_t && s.l < kBlack);
}

class BorderJudge {
 public:
  BorderJudge(const EdgeInput& in, const TargetMap& map)
      : in_(in), masses_(in.subject->masses.size()), borders_(masses_ * masses_), mm_(map.pixel_mm) {
    const int w = map.mass.width;
    const int h = map.mass.height;
    for (int y = 0; y < h; ++y) {
      for (int x = 0; x < w; ++x) {
        if (x + 1 < w) cross(map, x, y, x + 1, y);
        if (y + 1 < h) cross(map, x, y, x, y + 1);
      }
    }
  }

  std::vector<EdgeGuide> run() const {
    std::vector<EdgeGuide> all;
    for (std::size_t p = 0; p < masses_; ++p) {
      for (std::size_t q = p + 1; q < masses_; ++q) {
        const Border& b = borders_[p * masses_ + q];
        // Steps of pixels are longer than the line by 4 / pi on average.
        if (b.n * mm_ * 0.785 / 10 >= kShort_cm) all.push_back(judge(static_cast<int>(p), static_cast<int>(q), b));
        if (!all.empty() && all.back().importance <= 0) all.pop_back();
      }
    }
    std::stable_sort(all.begin(), all.end(), [](const auto& p, const auto& q) { return p.importance > q.importance; });
    if (all.size() > kMostEdges) all.resize(kMostEdges);
    std::stable_sort(all.begin(), all.end(), [](const auto& p, const auto& q) { return p.after_pass < q.after_pass; });
    return all;
  }

 private:
  void cross(const TargetMap& map, int x, int y, int u, int v) {
    std::size_t p = map.mass.at(x, y);
    std::size_t q = map.mass.at(u, v);
    if (p == q) return;
    const colour::Lab& s = in_.plan->targets[map.target.at(x, y)].target;
    const colour::Lab& t = in_.plan->targets[map.target.at(u, v)].target;
    if (p < q) return borders_[p * masses_ + q].add(s, t);
    borders_[q * masses_ + p].add(t, s);
  }

  const subject::Mass& mass(int m) const { return in_.subject->masses[static_cast<std::size_t>(m)]; }

  EdgeGuide judge(int p, int q, const Border& b) const {
    EdgeGuide out;
    const bool turned =
        mass(p).plane > mass(q).plane || (mass(p).plane == mass(q).plane && mass(p).focal && !mass(q).focal);
    out.behind = turned ? q : p;
    out.front = turned ? p : q;
    const colour::Lab& back = turned ? b.of_q() : b.of_p();
    const colour::Lab& front = turned ? b.of_p() : b.of_q();
    out.step = colour::ciede2000(back, front);
    out.length_cm = b.n * mm_ * 0.785 / 10;
    out.after_pass = std::max(last_pass(p), last_pass(q));
    const bool focal = mass(p).focal || mass(q).focal;
    out.way = way(out, back, front, focal);
    if (!take_stick(out, back, front)) out.way = EdgeWay::keep;
    // Where nothing is rubbed there is nothing to keep it from.
    if (out.way == EdgeWay::keep && !rubbed(p) && !rubbed(q)) return {};
    const double counts = out.way == EdgeWay::buffer ? 2 : out.way == EdgeWay::keep ? 0.6 : 1;
    out.importance = counts * std::sqrt(out.length_cm) * (focal ? kFocalCounts : 1) *
                     (out.way == EdgeWay::lose ? 10 : 10 + out.step);
    return out;
  }

  /// The stick an edge is worked with; false where there is none for it.
  bool take_stick(EdgeGuide& edge, const colour::Lab& back, const colour::Lab& front) const {
    if (edge.way == EdgeWay::buffer) {
      edge.stick = between(back, front);
    } else if (edge.way == EdgeWay::restate) {
      edge.stick = near(nearest_dark(front.l < back.l ? front : back), front.l < back.l ? front : back);
    } else if (edge.way == EdgeWay::clean) {
      edge.stick = near(last_stick(edge.behind), back);
    } else {
      return true;  // a finger, or nothing
    }
    return edge.stick >= 0;
  }

  EdgeWay way(const EdgeGuide& e, const colour::Lab& back, const colour::Lab& front, bool focal) const {
    const bool far = mass(e.front).plane == subject::Plane::background;
    if (fights(back, front)) return EdgeWay::buffer;
    if (mass(e.front).edge == subject::EdgeKind::soft)
      return e.step < kLost && !focal ? EdgeWay::lose : EdgeWay::soften;
    if (e.step < kLost && (far || !focal)) return EdgeWay::lose;
    const bool rubbed_near = rubbed_late(e.behind) || rubbed_late(e.front);
    if (std::min(back.l, front.l) < kDarkSide && rubbed_near) return EdgeWay::restate;
    if (!focal && last_pass(e.behind) > last_pass(e.front)) return EdgeWay::clean;
    return EdgeWay::keep;
  }

  /// The stick, if it is the colour of what lies there; else -1.
  int near(int stick, const colour::Lab& there) const {
    return stick >= 0 && colour::ciede2000(in_.sticks[static_cast<std::size_t>(stick)].lab, there) <= kOwnColour ? stick
                                                                                                                 : -1;
  }

  /// Of the body: finishing goes over edges that stand.
  int last_pass(int m) const {
    int out = 0;
    for (std::size_t i = 0; i < in_.plan->passes.size(); ++i) {
      const Pass& p = in_.plan->passes[i];
      if (!p.finishing && std::binary_search(p.masses.begin(), p.masses.end(), m)) out = static_cast<int>(i);
    }
    return out;
  }
  const Pass* last_stroke(int m) const {
    const auto& passes = in_.plan->passes;
    const auto found = std::find_if(passes.rbegin(), passes.rend(), [&](const Pass& p) {
      return p.kind == PassKind::stroke && !p.accent && std::binary_search(p.masses.begin(), p.masses.end(), m);
    });
    return found == passes.rend() ? nullptr : &*found;
  }
  int last_stick(int m) const {
    const Pass* p = last_stroke(m);
    return p == nullptr ? -1 : p->stick;
  }
  bool rubbed(int m) const {
    const auto& passes = in_.plan->passes;
    return std::any_of(passes.begin(), passes.end(), [&](const Pass& p) {
      return p.kind == PassKind::stroke && p.technique == Technique::rubbed && !p.laid &&
             std::binary_search(p.masses.begin(), p.masses.end(), m);
    });
  }
  bool rubbed_late(int m) const {
    const Pass* p = last_stroke(m);
    return p != nullptr && p->technique == Technique::rubbed;
  }

  /// The tray's stick nearest to halfway, if it lies between.
  int between(const colour::Lab& s, const colour::Lab& t) const {
    const colour::Lab half{(s.l + t.l) / 2, (s.a + t.a) / 2, (s.b + t.b) / 2};
    const double apart = colour::ciede2000(s, t);
    return nearest([&](const colour::Lab& c) {
      const bool lies = colour::ciede2000(c, s) < apart && colour::ciede2000(c, t) < apart;
      const double off = colour::distance_1976(c, half);
      return lies && off <= kHalfway ? off : std::numeric_limits<double>::infinity();
    });
  }
  int nearest_dark(const colour::Lab& c) const {
    return nearest([&](const colour::Lab& s) {
      return s.l < kDarkSide ? colour::ciede2000(s, c) : std::numeric_limits<double>::infinity();
    });
  }
  template <class Cost>
  int nearest(Cost cost) const {
    int out = -1;
    double least = std::numeric_limits<double>::infinity();
    for (const int i : in_hand(*in_.plan)) {
      const double c = cost(in_.sticks[static_cast<std::size_t>(i)].lab);
      if (c < least) {
        least = c;
        out = i;
      }
    }
    return out;
  }

  const EdgeInput& in_;
  std::size_t masses_;
  std::vector<Border> borders_;
  double mm_;
};

}  // namespace

const char* name(EdgeWay way) {
  constexpr auto names = std::to_array<const char*>({"lose", "soften", "keep", "restate", "buffer", "clean"});
  static_assert(names.size() == static_cast<std::size_t>(EdgeWay::clean) + 1);
  return names[static_cast<std::size_t>(way)];
}

std::vector<EdgeGuide> edges_of(const EdgeInput& input, const TargetMap& map) { return BorderJudge(input, map).run(); }

}  // namespace yd::plan
