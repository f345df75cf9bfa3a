// SPDX-License-Identifier: MIT
#include <algorithm>
#include <array>
#include <cmath>
#include <cstdint>
#include <map>
#include <queue>
#include <set>

#include "colour/lab.h"
#include "order_jobs.h"

namespace yd::plan {
namespace {

constexpr double kTouching = 3;       // pixels of border from which two masses touch
constexpr double kIntense = 55;       // chroma of a stick that counts as intense
constexpr double kDarkBegin = 35;     // L* of a stick up to which it blocks in darks
constexpr double kLightBegin = 60;    // and from which lights
constexpr double kMuchDarker = 10;    // L*: intense goes last only where it is not a dark
constexpr double kPairArea = 0.03;    // share of the picture up to which masses can be a pair
constexpr double kPairHeight = 0.08;  // of the height
constexpr double kPairColour = 10;    // CIE 1976

/// Colours and media of the strokes of a job.
struct Tool {
  double l = 0, chroma = 0;
  optics::Medium medium = optics::Medium::soft;
  bool black = false;
};

class Ties {
 public:
  Ties(std::vector<Pass> jobs, const OrderInput& in)
      : in_(in), borders_(subject::shared_borders(in.subject->labels, in.subject->masses.size())) {
    graph_.jobs = std::move(jobs);
    const std::size_t words = (graph_.jobs.size() + 63) / 64;
    below_.assign(graph_.jobs.size(), std::vector<std::uint64_t>(words, 0));
    out_.resize(graph_.jobs.size());
    for (const Pass& p : graph_.jobs) {
      Tool t;
      if (p.kind == PassKind::stroke) {
        const media::Stick& s = in.sticks[static_cast<std::size_t>(p.stick)];
        t = {s.lab.l, colour::chroma(s.lab), s.medium, is_black(s)};
      }
      tools_.push_back(t);
    }
  }

  JobGraph tie() {
    physics();
    for (std::size_t u = 0; u < graph_.jobs.size(); ++u) {
      for (std::size_t v = 0; v < graph_.jobs.size(); ++v) {
        if (u != v && job(u).kind == PassKind::stroke && job(v).kind == PassKind::stroke) pair_rules(u, v);
      }
    }
    std::stable_sort(wanted_.begin(), wanted_.end(),
                     [](const Edge& p, const Edge& q) { return static_cast<int>(p.rule) < static_cast<int>(q.rule); });
    for (const Edge& e : wanted_) add(e);
    darkest_first();
    return std::move(graph_);
  }

 private:
  const Pass& job(std::size_t i) const { return graph_.jobs[i]; }
  const subject::Mass& mass(int m) const { return in_.subject->masses[static_cast<std::size_t>(m)]; }
  const StackRules& rules(int m) const { return in_.rules[static_cast<std::size_t>(m)]; }
  bool touch(int m, int n) const {
    const std::size_t count = in_.subject->masses.size();
    return m == n || borders_[static_cast<std::size_t>(m) * count + static_cast<std::size_t>(n)] >= kTouching;
  }

  void want(std::size_t before, std::size_t after, Rule rule, int m = -1, int n = -1, double lag = 0) {
    wanted_.push_back({static_cast<int>(before), static_cast<int>(after), rule, lag, m, n});
  }

  /// Dark first, over the whole sheet: what is blocked in with a dark goes before what is blocked in with a light,
  /// where no other rule speaks.
  void darkest_first() {
    const auto blocks_in = [&](std::size_t i) {
      return job(i).kind == PassKind::stroke && job(i).level == 0 && !job(i).accent &&
             std::all_of(job(i).masses.begin(), job(i).masses.end(),
                         [&](int m) { return rules(m).school->sheet_of_darks; });
    };
    for (std::size_t u = 0; u < graph_.jobs.size(); ++u) {
      for (std::size_t v = 0; v < graph_.jobs.size(); ++v) {
        if (tools_[u].l > kDarkBegin || tools_[v].l < kLightBegin || !blocks_in(u) || !blocks_in(v)) continue;
        const Edge e{static_cast<int>(u),   static_cast<int>(v),  Rule::dark_first, 0,
                     job(u).masses.front(), job(v).masses.front()};
        if (!reaches(v, u)) add(e);
      }
    }
  }

  static Rule rule_between(const Pass& before, const Pass& after) {
    if (before.kind == PassKind::fix || after.kind == PassKind::fix) return Rule::fixed;
    return before.kind == PassKind::coat ? Rule::dries : Rule::built_up;
  }

  /// Along every target: coat, strokes, fixative, strokes.
  void physics() {
    std::map<int, std::vector<std::size_t>> along;
    for (std::size_t i = 0; i < graph_.jobs.size(); ++i) {
      for (const int t : job(i).targets) along[t].push_back(i);
    }
    std::set<std::pair<std::size_t, std::size_t>> known;
    for (auto& [t, jobs] : along) {
      std::stable_sort(jobs.begin(), jobs.end(), [&](std::size_t p, std::size_t q) {
        const auto place = [&](std::size_t i) {
          return std::tuple(job(i).level, job(i).kind == PassKind::stroke, job(i).kind == PassKind::fix);
        };
        return place(p) < place(q);
      });
      const int m = in_.targets[static_cast<std::size_t>(t)].mass;
      for (std::size_t i = 1; i < jobs.size(); ++i) {
        if (!known.insert({jobs[i - 1], jobs[i]}).second) continue;
        const Pass& before = job(jobs[i - 1]);
        want(jobs[i - 1], jobs[i], rule_between(before, job(jobs[i])), m, m, before.dry_minutes);
      }
    }
  }

  void pair_rules(std::size_t u, std::size_t v) {
    std::array<bool, kRules> said{};
    const auto say = [&](Rule rule, int m, int n) {
      if (said[static_cast<std::size_t>(rule)]) return;
      said[static_cast<std::size_t>(rule)] = true;
      want(u, v, rule, m, n);
    };
    if (job(v).accent && !job(u).accent) say(Rule::highlights_last, job(u).masses.front(), job(v).masses.front());
    const bool same_level = job(u).level == job(v).level;
    const bool features = in_.course == Course::features_first && same_level;
    for (const int m : job(u).masses) {
      for (const int n : job(v).masses) {
        if (features && mass(m).focal && !mass(n).focal) say(Rule::features_first, m, n);
        if (touch(m, n)) touching(u, v, m, n, say);
      }
    }
  }

  /// Rules between strokes in one mass or in two that touch.
  template <class Say>
  void touching(std::size_t u, std::size_t v, int m, int n, Say& say) const {
    if (job(u).accent || job(v).accent) return;
    const bool same_level = job(u).level == job(v).level;
    if (m != n) neighbours(v, m, n, same_level, say);
    if (job(u).level < job(v).level && !shares_target(u, v)) say(Rule::block_in, m, n);
    if (mass(m).plane == mass(n).plane) one_plane(u, v, m, n, same_level, say);
  }

  template <class Say>
  void neighbours(std::size_t v, int m, int n, bool same_level, Say& say) const {
    const bool further = mass(m).plane < mass(n).plane;
    const bool soft = mass(n).edge == subject::EdgeKind::soft && mass(m).edge != subject::EdgeKind::soft;
    if (soft && (further || (mass(n).focal && mass(m).plane == mass(n).plane)) && is_top(v, n))
      say(Rule::behind_soft_edge, m, n);
    const bool wished = in_.course == Course::features_first && (mass(m).focal || mass(n).focal);
    if (further && same_level && !wished) say(Rule::far_first, m, n);
  }

  /// Rules between strokes in one mass or in neighbours of one plane.
  template <class Say>
  void one_plane(std::size_t u, std::size_t v, int m, int n, bool same_level, Say& say) const {
    const Tool& p = tools_[u];
    const Tool& q = tools_[v];
    const bool own_level = m == n && same_level;
    if (own_level && harder(p, q)) say(Rule::hard_under_soft, m, n);
    const School school = rules(n).school;
    if (school != rules(m).school) return;
    if (same_level && !(own_level && harder(q, p))) value_order(u, v, m, n, school, say);
    if (!is_top(v, n)) return;
    if (school->intense_last && same_level && far_more_vivid(q, p)) say(Rule::intense_last, m, n);
    if (school->black_last && q.black && !p.black && !shares_target(u, v)) say(Rule::black_last, m, n);
  }

  static bool harder(const Tool& p, const Tool& q) {
    return may_lie_over(q.medium, p.medium) && !may_lie_over(p.medium, q.medium);
  }
  static bool far_more_vivid(const Tool& q, const Tool& p) {
    return q.chroma >= kIntense && p.chroma < q.chroma - kIntenseSlack && q.l > p.l - kMuchDarker;
  }

  template <class Say>
  void value_order(std::size_t u, std::size_t v, int m, int n, School school, Say& say) const {
    const Tool& p = tools_[u];
    const Tool& q = tools_[v];
    switch (school->order) {
      case SchoolLaws::Order::lights_first:
        if (p.l > q.l + kDarkFirstSlack) say(Rule::light_first, m, n);
        return;
      case SchoolLaws::Order::thin_first:
        if (job(u).pressure < job(v).pressure) say(Rule::thin_first, m, n);
        return;
      case SchoolLaws::Order::darks_first:
        if (p.l < q.l - kDarkFirstSlack) say(Rule::dark_first, m, n);
        return;
    }
  }

  /// Whether the job lays the last stroke on some part of the mass.
  bool is_top(std::size_t i, int m) const {
    return std::any_of(job(i).targets.begin(), job(i).targets.end(), [&](int t) {
      const TargetPlan& target = in_.targets[static_cast<std::size_t>(t)];
      return target.mass == m && !target.recipe.strokes.empty() &&
             lays(job(i), job(i).level, target.recipe.strokes.back());
    });
  }

  bool shares_target(std::size_t u, std::size_t v) const {
    return std::find_first_of(job(u).targets.begin(), job(u).targets.end(), job(v).targets.begin(),
                              job(v).targets.end()) != job(u).targets.end();
  }

  bool reaches(std::size_t from, std::size_t to) const { return ((below_[from][to / 64] >> (to % 64)) & 1U) != 0; }

  void add(const Edge& e) {
    const auto u = static_cast<std::size_t>(e.before);
    const auto v = static_cast<std::size_t>(e.after);
    if (reaches(v, u)) return note_conflict(e);
    // A lag is no less needed where the order is implied already.
    const bool needed = !reaches(u, v) || e.lag_minutes > 0;
    graph_.edges.push_back(e);
    graph_.needed.push_back(needed ? 1 : 0);
    if (!needed) return;
    out_[u].push_back(graph_.edges.size() - 1);
    reach_from(u, v);
  }

  /// What reaches `u`, and `u` itself, reaches `v` and what lies below it.
  void reach_from(std::size_t u, std::size_t v) {
    for (std::size_t w = 0; w < graph_.jobs.size(); ++w) {
      if (w != u && !reaches(w, u)) continue;
      below_[w][v / 64] |= std::uint64_t{1} << (v % 64);
      for (std::size_t k = 0; k < below_[w].size(); ++k) below_[w][k] |= below_[v][k];
    }
  }

  /// The shortest way from what comes after to what comes before: of every job on it, the edge it is reached by.
  std::vector<int> way_back(const Edge& e) const {
    std::vector<int> by(graph_.jobs.size(), -1);
    std::queue<int> open;
    open.push(e.after);
    while (!open.empty() && by[static_cast<std::size_t>(e.before)] < 0) {
      const int at = open.front();
      open.pop();
      for (const std::size_t n : out_[static_cast<std::size_t>(at)]) {
        const int to = graph_.edges[n].after;
        if (to == e.after || by[static_cast<std::size_t>(to)] >= 0) continue;
        by[static_cast<std::size_t>(to)] = static_cast<int>(n);
        open.push(to);
      }
    }
    return by;
  }

  /// The way back closes the circle.
  void note_conflict(const Edge& e) {
    const std::vector<int> by = way_back(e);
    std::set<Rule> rules;
    std::set<int> masses{e.mass_before, e.mass_after};
    for (int at = e.before; at != e.after;) {
      const Edge& back = graph_.edges[static_cast<std::size_t>(by[static_cast<std::size_t>(at)])];
      rules.insert(back.rule);
      masses.insert({back.mass_before, back.mass_after});
      at = back.before;
    }
    Conflict c;
    c.given_up = e.rule;
    rules.erase(e.rule);
    c.circle.assign(rules.begin(), rules.end());
    c.circle.push_back(e.rule);
    masses.erase(-1);
    c.masses.assign(masses.begin(), masses.end());
    for (Conflict& known : graph_.conflicts) {
      if (known.circle == c.circle) return void(++known.times);
    }
    graph_.conflicts.push_back(std::move(c));
  }

  const OrderInput& in_;
  JobGraph graph_;
  std::vector<double> borders_;
  std::vector<Tool> tools_;
  std::vector<Edge> wanted_;
  std::vector<std::vector<std::uint64_t>> below_;
  std::vector<std::vector<std::size_t>> out_;
};

constexpr auto kRuleNames = std::to_array<const char*>(
    {"built up from below", "dry before painting over", "fixed first", "hard under soft",
     "background before a soft edge", "features first", "far before near", "lights first", "darks first",
     "thin before firm", "black last", "most intense last", "highlights last", "block in first"});
static_assert(kRuleNames.size() == kRules);

}  // namespace

const char* name(Rule rule) { return kRuleNames[static_cast<std::size_t>(rule)]; }

bool is_physics(Rule rule) { return rule == Rule::built_up || rule == Rule::dries || rule == Rule::fixed; }

std::vector<std::pair<int, int>> paired_masses(std::span<const subject::Mass> masses) {
  std::vector<std::pair<int, int>> out;
  for (std::size_t i = 0; i < masses.size(); ++i) {
    for (std::size_t j = i + 1; j < masses.size(); ++j) {
      const subject::Mass& p = masses[i];
      const subject::Mass& q = masses[j];
      if (p.area > kPairArea || q.area > kPairArea || p.plane != q.plane) continue;
      const bool alike = p.area < 2 * q.area && q.area < 2 * p.area &&
                         std::abs(p.centre_y - q.centre_y) < kPairHeight &&
                         colour::distance_1976(p.mean, q.mean) < kPairColour;
      if (alike) out.emplace_back(static_cast<int>(i), static_cast<int>(j));
    }
  }
  return out;
}

JobGraph tie_jobs(std::vector<Pass> jobs, const OrderInput& input) { return Ties(std::move(jobs), input).tie(); }

}  // namespace yd::plan
