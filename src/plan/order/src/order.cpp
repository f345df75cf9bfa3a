// SPDX-License-Identifier: MIT
#include "order/order.h"

#include <algorithm>
#include <numeric>
#include <set>

#include "order_jobs.h"

namespace yd::plan {
namespace {

bool same_way(const Pass& p, const Pass& q) {
  return p.kind == PassKind::stroke && q.kind == PassKind::stroke && p.stick == q.stick && p.technique == q.technique &&
         p.accent == q.accent;
}

bool disjoint(const std::vector<int>& p, const std::vector<int>& q) {
  return std::find_first_of(p.begin(), p.end(), q.begin(), q.end()) == p.end();
}

std::vector<int> united(const std::vector<int>& p, const std::vector<int>& q) {
  std::vector<int> out;
  std::set_union(p.begin(), p.end(), q.begin(), q.end(), std::back_inserter(out));
  return out;
}

void join_targets(Pass& p, const Pass& more) {
  std::vector<int> targets = united(p.targets, more.targets);
  std::vector<double> pressures;
  pressures.reserve(targets.size());
  for (const int t : targets) pressures.push_back(std::max(pressure_on(p, t), pressure_on(more, t)));
  if (p.level != more.level || !p.levels.empty()) {
    std::vector<int> levels;
    levels.reserve(targets.size());
    for (const int t : targets)
      levels.push_back(level_on(std::binary_search(p.targets.begin(), p.targets.end(), t) ? p : more, t));
    p.levels = std::move(levels);
  }
  p.targets = std::move(targets);
  p.pressures = std::move(pressures);
  p.pressure = std::max(p.pressure, more.pressure);
  p.least_pressure = std::min(p.least_pressure, more.least_pressure);
}

/// Jobs that follow each other with one stick in one way become one pass, unless a rule keeps them apart; far before
/// near can be kept within a pass.
class Joiner {
 public:
  Joiner(const JobGraph& graph, const Sequence& sequence) : graph_(graph), pass_of_(graph.jobs.size(), -1) {
    for (const Edge& e : graph.edges) {
      if (e.rule != Rule::far_first) apart_.insert({e.before, e.after});
    }
    for (const int j : sequence.order) take(j);
  }

  std::vector<Pass> passes;

  std::vector<Edge> edges(int offset) const {
    std::vector<Edge> out;
    std::set<std::tuple<int, int, int>> known;
    for (Edge e : graph_.edges) {
      e.before = pass_of_[static_cast<std::size_t>(e.before)] + offset;
      e.after = pass_of_[static_cast<std::size_t>(e.after)] + offset;
      if (e.before != e.after && known.insert({e.before, e.after, static_cast<int>(e.rule)}).second) out.push_back(e);
    }
    return out;
  }

 private:
  void take(int j) {
    const Pass& job = graph_.jobs[static_cast<std::size_t>(j)];
    const bool joins = !passes.empty() && same_way(passes.back(), job) &&
                       disjoint(passes.back().targets, job.targets) &&
                       std::none_of(members_.begin(), members_.end(), [&](int k) {
                         return apart_.count({k, j}) > 0;
                       });
    if (!joins) {
      passes.push_back(job);
      members_.clear();
    } else {
      Pass& p = passes.back();
      join_targets(p, job);
      p.masses = united(p.masses, job.masses);
      p.minutes += job.minutes;
      p.level = std::min(p.level, job.level);
      p.plane = std::min(p.plane, job.plane);
    }
    members_.push_back(j);
    pass_of_[static_cast<std::size_t>(j)] = static_cast<int>(passes.size()) - 1;
  }

  const JobGraph& graph_;
  std::vector<int> pass_of_;
  std::vector<int> members_;
  std::set<std::pair<int, int>> apart_;
};

PassReason reason_of(const Order& order, std::size_t i) {
  const Pass& p = order.passes[i];
  PassReason out;
  if (p.laid) {
    out.kind = p.skipped ? PassReason::Kind::left_out : PassReason::Kind::done;
    return out;
  }
  if (p.kind == PassKind::coat) {
    out.kind = PassReason::Kind::underpainting;
    return out;
  }
  const Edge* best = nullptr;
  for (const Edge& e : order.edges) {
    if (e.after != static_cast<int>(i)) continue;
    // The nearest pass before it says most; of two rules the one that is not block-in.
    const bool says_more = best == nullptr || e.before > best->before ||
                           (e.before == best->before && static_cast<int>(e.rule) < static_cast<int>(best->rule));
    if (says_more) best = &e;
  }
  out.in_hand = i > 0 && order.passes[i - 1].stick == p.stick && p.kind == PassKind::stroke;
  if (best == nullptr) {
    out.kind = out.in_hand ? PassReason::Kind::same_stick : PassReason::Kind::furthest;
  } else {
    out.kind = PassReason::Kind::rule;
    out.edge = *best;
  }
  return out;
}

SequenceProblem as_problem(const Order& order) {
  SequenceProblem p;
  for (const Pass& pass : order.passes) p.jobs.push_back({tool_of(pass), pass.laid ? 0 : pass.minutes});
  for (const Edge& e : order.edges) p.edges.push_back({e.before, e.after, e.lag_minutes});
  return p;
}

}  // namespace

Result<Order> order_passes(const OrderInput& input, Observer& observer) {
  const JobGraph graph = tie_jobs(make_jobs(input), input);
  SequenceProblem problem;
  for (const Pass& j : graph.jobs) problem.jobs.push_back({tool_of(j), j.minutes});
  for (std::size_t e = 0; e < graph.edges.size(); ++e) {
    if (graph.needed[e] != 0)
      problem.edges.push_back({graph.edges[e].before, graph.edges[e].after, graph.edges[e].lag_minutes});
  }
  if (!input.laid.empty()) problem.in_hand = tool_of(input.laid.back());
  auto sequence = sequence_jobs(problem, {}, observer);
  if (!sequence) return sequence.error();
  Joiner joined(graph, sequence.value());
  Order out;
  out.passes = input.laid;
  std::move(joined.passes.begin(), joined.passes.end(), std::back_inserter(out.passes));
  out.edges = joined.edges(static_cast<int>(input.laid.size()));
  out.conflicts = graph.conflicts;
  out.sequence = std::move(sequence).value();
  tell_time(out);
  for (std::size_t i = 0; i < out.passes.size(); ++i) {
    out.passes[i].number = static_cast<int>(i) + 1;
    out.passes[i].reason = reason_of(out, i);
  }
  return out;
}

void tell_time(Order& order) {
  std::vector<int> all(order.passes.size());
  std::iota(all.begin(), all.end(), 0);
  const Sequence clock = reckon(as_problem(order), all);
  double end = 0;
  for (std::size_t i = 0; i < order.passes.size(); ++i) {
    Pass& p = order.passes[i];
    p.start_minute = clock.start[i];
    const bool change = i == 0 || tool_of(order.passes[i - 1]) != tool_of(p);
    p.wait_minutes = std::max(0.0, p.start_minute - end - (change ? 1.0 : 0.0));
    end = p.start_minute + (p.laid ? 0 : p.minutes);
  }
  order.sequence.minutes = clock.minutes;
  order.sequence.waiting = clock.waiting;
  order.sequence.changes = clock.changes;
}

std::vector<Edge> reorder(Order& order, std::span<const std::string> wanted) {
  const std::size_t n = order.passes.size();
  std::vector<double> rank(n);
  double last = -1;
  for (std::size_t i = 0; i < n; ++i) {
    const auto found = std::find(wanted.begin(), wanted.end(), signature(order.passes[i]));
    const bool laid = order.passes[i].laid;
    if (found != wanted.end() && !laid) last = static_cast<double>(found - wanted.begin());
    rank[i] = laid ? -2.0 : last;
  }
  std::vector<int> liked(n);
  std::iota(liked.begin(), liked.end(), 0);
  std::stable_sort(liked.begin(), liked.end(),
                   [&](int p, int q) { return rank[static_cast<std::size_t>(p)] < rank[static_cast<std::size_t>(q)]; });
  std::vector<int> place(n, -1);
  for (std::size_t done = 0; done < n; ++done) {
    const auto free = std::find_if(liked.begin(), liked.end(), [&](int i) {
      return place[static_cast<std::size_t>(i)] < 0 &&
             std::all_of(order.edges.begin(), order.edges.end(), [&](const Edge& e) {
               return e.after != i || !is_physics(e.rule) || place[static_cast<std::size_t>(e.before)] >= 0;
             });
    });
    place[static_cast<std::size_t>(*free)] = static_cast<int>(done);
  }
  std::vector<Pass> passes(n);
  for (std::size_t i = 0; i < n; ++i) passes[static_cast<std::size_t>(place[i])] = std::move(order.passes[i]);
  order.passes = std::move(passes);
  for (std::size_t i = 0; i < n; ++i) order.passes[i].number = static_cast<int>(i) + 1;
  std::vector<Edge> kept;
  std::vector<Edge> broken;
  for (Edge e : order.edges) {
    e.before = place[static_cast<std::size_t>(e.before)];
    e.after = place[static_cast<std::size_t>(e.after)];
    (e.before < e.after ? kept : broken).push_back(e);
  }
  order.edges = std::move(kept);
  tell_time(order);
  return broken;
}

}  // namespace yd::plan
