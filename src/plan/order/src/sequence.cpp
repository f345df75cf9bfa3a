// SPDX-License-Identifier: MIT
#include "order/sequence.h"

#include <algorithm>
#include <cstdint>
#include <map>
#include <queue>
#include <set>
#include <tuple>

namespace yd::plan {
namespace {

using Bits = std::vector<std::uint64_t>;

std::size_t at(int i) { return static_cast<std::size_t>(i); }
bool has(const Bits& b, int i) { return ((b[at(i) / 64] >> (at(i) % 64)) & 1U) != 0; }
void put(Bits& b, int i) { b[at(i) / 64] |= std::uint64_t{1} << (at(i) % 64); }
void join(Bits& into, const Bits& from) {
  for (std::size_t k = 0; k < into.size(); ++k) into[k] |= from[k];
}

/// Edges by job, tools as small numbers, and for every job how many runs of its tool the rest of the work needs.
class Graph {
 public:
  explicit Graph(const SequenceProblem& p) : problem_(p), n_(static_cast<int>(p.jobs.size())) {
    before_.resize(at(n_));
    after_.resize(at(n_));
    for (std::size_t e = 0; e < p.edges.size(); ++e) {
      before_[at(p.edges[e].after)].push_back(static_cast<int>(e));
      after_[at(p.edges[e].before)].push_back(static_cast<int>(e));
      has_lags_ = has_lags_ || p.edges[e].lag > 0;
    }
    std::map<int, int> tools;
    for (const Job& j : p.jobs) tools.emplace(j.tool, 0);
    for (auto& [tool, number] : tools) number = tools_++;
    for (const Job& j : p.jobs) tool_.push_back(tools.at(j.tool));
    if (tools.count(p.in_hand) > 0) in_hand_ = tools.at(p.in_hand);
    sort_topologically();
    if (!sorted()) return;
    count_runs();
    measure_tails();
  }

  bool has_lags() const { return has_lags_; }
  /// Something has to wait for this job to dry.
  bool is_waited_for(int i) const {
    return std::any_of(after_[at(i)].begin(), after_[at(i)].end(), [&](int e) { return edge(e).lag > 0; });
  }
  bool sorted() const { return static_cast<int>(topological_.size()) == n_; }
  int size() const { return n_; }
  int tools() const { return tools_; }
  int tool(int job) const { return tool_[at(job)]; }
  int in_hand() const { return in_hand_; }
  const Job& job(int i) const { return problem_.jobs[at(i)]; }
  const std::vector<int>& before(int i) const { return before_[at(i)]; }
  const Precedence& edge(int e) const { return problem_.edges[at(e)]; }
  double change_minutes() const { return problem_.change_minutes; }
  Bits nothing() const { return Bits(at((n_ + 63) / 64), 0); }

  /// Runs that what is left still needs, at least: the sum over tools of the longest chain kept apart.
  int runs_left(const Bits& done) const {
    std::vector<int> most(at(tools_), 0);
    for (int i = 0; i < n_; ++i) {
      if (!has(done, i)) most[at(tool(i))] = std::max(most[at(tool(i))], runs_[at(i)]);
    }
    int sum = 0;
    for (const int m : most) sum += m;
    return sum;
  }

  /// The longest way through work and lags from the beginning of a job to the end of all.
  double tail(int i) const { return tail_[at(i)]; }
  double critical_minutes() const { return tail_.empty() ? 0 : *std::max_element(tail_.begin(), tail_.end()); }

 private:
  void sort_topologically() {
    std::vector<int> open(at(n_), 0);
    std::set<int> ready;
    for (int i = 0; i < n_; ++i) {
      open[at(i)] = static_cast<int>(before(i).size());
      if (open[at(i)] == 0) ready.insert(i);
    }
    while (!ready.empty()) {
      const int i = *ready.begin();
      ready.erase(ready.begin());
      topological_.push_back(i);
      for (const int e : after_[at(i)]) {
        if (--open[at(edge(e).after)] == 0) ready.insert(edge(e).after);
      }
    }
  }

  /// runs_[v]: runs of v's tool on any path from v to the end, v's own among them. Two jobs of one tool with another
  /// tool's job between them on a path cannot share a run.
  void count_runs() {
    std::vector<Bits> below(at(n_), nothing());
    std::vector<Bits> apart(at(n_), nothing());
    runs_.assign(at(n_), 1);
    for (std::size_t n = topological_.size(); n > 0; --n) {
      const int v = topological_[n - 1];
      for (const int e : after_[at(v)]) {
        const int w = edge(e).after;
        put(below[at(v)], w);
        join(below[at(v)], below[at(w)]);
        join(apart[at(v)], tool(w) == tool(v) ? apart[at(w)] : below[at(w)]);
      }
      for (int w = 0; w < n_; ++w) {
        if (tool(w) != tool(v)) continue;
        if (has(below[at(v)], w)) runs_[at(v)] = std::max(runs_[at(v)], runs_[at(w)]);
        if (has(apart[at(v)], w)) runs_[at(v)] = std::max(runs_[at(v)], runs_[at(w)] + 1);
      }
    }
  }

  void measure_tails() {
    tail_.assign(at(n_), 0);
    for (std::size_t n = topological_.size(); n > 0; --n) {
      const int v = topological_[n - 1];
      double after = 0;
      for (const int e : after_[at(v)]) after = std::max(after, edge(e).lag + tail_[at(edge(e).after)]);
      tail_[at(v)] = job(v).minutes + after;
    }
  }

  const SequenceProblem& problem_;
  int n_ = 0;
  int tools_ = 0;
  int in_hand_ = -1;
  bool has_lags_ = false;
  std::vector<std::vector<int>> before_, after_;
  std::vector<int> tool_, topological_, runs_;
  std::vector<double> tail_;
};

/// Where the work stands.
struct State {
  Bits done;
  std::vector<double> end;  ///< minute at which each done job ended
  std::vector<int> order;
  std::vector<double> start;
  int hand = -1;
  int changes = 0;
  double clock = 0;
  double waiting = 0;
  std::vector<std::pair<int, double>> wet;  ///< what still dries: the job that waits, and until when
  double value = 0;                         ///< bound on the minutes of the whole
  int displaced = 0;                        ///< jobs overtaken by later ones of the list: only to choose among equals
};

class Runner {
 public:
  explicit Runner(const Graph& g) : g_(g) {}

  State begin() const {
    State s;
    s.done = g_.nothing();
    s.end.assign(at(g_.size()), 0);
    s.hand = g_.in_hand();
    value(s);
    return s;
  }

  /// Minute from which a job may begin; below 0 where something before it is not done.
  double ready_at(const State& s, int i) const {
    double ready = 0;
    for (const int e : g_.before(i)) {
      if (!has(s.done, g_.edge(e).before)) return -1;
      ready = std::max(ready, s.end[at(g_.edge(e).before)] + g_.edge(e).lag);
    }
    return ready;
  }

  /// Minute from which what is done already lets a job begin.
  double dry_at(const State& s, int i) const {
    double dry = 0;
    for (const int e : g_.before(i)) {
      if (has(s.done, g_.edge(e).before)) dry = std::max(dry, s.end[at(g_.edge(e).before)] + g_.edge(e).lag);
    }
    return dry;
  }

  void lay(State& s, int i) const {
    if (s.hand != g_.tool(i)) {
      s.clock += g_.change_minutes();
      ++s.changes;
      s.hand = g_.tool(i);
    }
    const double ready = ready_at(s, i);
    if (ready > s.clock) {
      s.waiting += ready - s.clock;
      s.clock = ready;
    }
    for (int k = 0; k < i; ++k) s.displaced += has(s.done, k) ? 0 : 1;
    s.order.push_back(i);
    s.start.push_back(s.clock);
    s.clock += g_.job(i).minutes;
    s.end[at(i)] = s.clock;
    put(s.done, i);
  }

  /// All jobs of a tool that are ready, and those that become so, in the order of the list.
  State run(const State& from, int tool) const {
    State s = from;
    for (bool more = true; more;) {
      more = false;
      for (int i = 0; i < g_.size(); ++i) {
        if (g_.tool(i) != tool || has(s.done, i)) continue;
        const double ready = ready_at(s, i);
        if (ready < 0 || ready > in_hand_at(s, i) + 1e-9) continue;
        lay(s, i);
        more = true;
        break;
      }
    }
    value(s);
    return s;
  }

  /// Every stick that has something ready; and what dries soonest, waited for.
  std::vector<State> next(const State& s) const {
    std::vector<State> out;
    std::set<int> tools;
    int soonest = -1;
    double when = 1e18;
    for (int i = 0; i < g_.size(); ++i) {
      if (has(s.done, i)) continue;
      const double ready = ready_at(s, i);
      if (ready < 0) continue;
      if (ready <= in_hand_at(s, i) + 1e-9) {
        tools.insert(g_.tool(i));
      } else if (ready < when) {
        when = ready;
        soonest = i;
      }
    }
    out.reserve(tools.size() + 1);
    for (const int tool : tools) out.push_back(run(s, tool));
    alone(s, out);
    if (soonest >= 0) {
      State waited = s;
      lay(waited, soonest);
      out.push_back(run(waited, g_.tool(soonest)));
    }
    return out;
  }

 private:
  /// The minute at which the tool of a job can be in the hand.
  double in_hand_at(const State& s, int job) const {
    return s.clock + (s.hand == g_.tool(job) ? 0 : g_.change_minutes());
  }

  /// With drying it may pay to lay down a stick early: so that something dries while another is in the hand. Small
  /// problems try it with every job, waiting for it if need be, large ones with those that something waits for.
  void alone(const State& s, std::vector<State>& out) const {
    if (!g_.has_lags()) return;
    for (int i = 0; i < g_.size(); ++i) {
      if (has(s.done, i) || (g_.size() > kSmall && !g_.is_waited_for(i))) continue;
      const double ready = ready_at(s, i);
      if (ready < 0 || (g_.size() > kSmall && ready > in_hand_at(s, i) + 1e-9)) continue;
      State t = s;
      lay(t, i);
      value(t);
      out.push_back(std::move(t));
    }
  }

  static constexpr int kSmall = 40;

  void value(State& s) const {
    double left = 0;
    for (int i = 0; i < g_.size(); ++i) left += has(s.done, i) ? 0 : g_.job(i).minutes;
    s.value = s.clock + left + g_.change_minutes() * g_.runs_left(s.done);
    s.wet.clear();
    if (!g_.has_lags()) return;
    // What dries meanwhile has its own way to go.
    for (int i = 0; i < g_.size(); ++i) {
      if (has(s.done, i)) continue;
      const double ready = dry_at(s, i);
      s.value = std::max(s.value, std::max(ready, s.clock) + g_.tail(i));
      if (ready > s.clock) s.wet.emplace_back(i, ready);
    }
  }

  const Graph& g_;
};

bool better(const State& p, const State& q) {
  return std::tie(p.value, p.displaced, p.order) < std::tie(q.value, q.displaced, q.order);
}

/// Keeps the best state of each (what is done, what is in the hand, what is wet), and the best `beam` of these.
std::vector<State> thin(std::vector<State> states, int beam) {
  std::sort(states.begin(), states.end(), better);
  std::set<std::tuple<Bits, int, std::vector<std::pair<int, double>>>> seen;
  std::vector<State> out;
  for (State& s : states) {
    if (static_cast<int>(out.size()) >= beam) break;
    if (seen.insert({s.done, s.hand, s.wet}).second) out.push_back(std::move(s));
  }
  return out;
}

/// No sequence needs fewer changes: best-first over runs without lags, as far as `expansions` allow.
int prove_changes(const SequenceProblem& problem, int expansions, int known, Observer& observer) {
  SequenceProblem plain = problem;
  for (Precedence& e : plain.edges) e.lag = 0;
  const Graph graph(plain);
  const Runner runner(graph);
  using OpenKey = std::tuple<int, int, int>;  // bound, jobs left, number
  std::vector<State> states{runner.begin()};
  const auto bound = [&](const State& s) { return s.changes + graph.runs_left(s.done); };
  std::set<OpenKey> open{{bound(states[0]), graph.size(), 0}};
  std::set<std::pair<Bits, int>> seen;
  int proven = bound(states[0]);
  for (int n = 0; n < expansions && !open.empty(); ++n) {
    if (n % 64 == 0 && observer.cancelled()) return proven;
    const OpenKey key = *open.begin();
    open.erase(open.begin());
    proven = std::max(proven, std::get<0>(key));
    if (proven >= known || std::get<1>(key) == 0) return proven;
    const State s = states[at(std::get<2>(key))];
    if (!seen.insert({s.done, s.hand}).second) continue;
    for (State& t : runner.next(s)) {
      open.insert({bound(t), graph.size() - static_cast<int>(t.order.size()), static_cast<int>(states.size())});
      states.push_back(std::move(t));
    }
  }
  return open.empty() ? proven : std::max(proven, std::get<0>(*open.begin()));
}

Status check(const SequenceProblem& p) {
  const auto n = static_cast<int>(p.jobs.size());
  for (const Precedence& e : p.edges) {
    if (e.before < 0 || e.before >= n || e.after < 0 || e.after >= n)
      return bad_value("sequence", "an edge names a job that is not there");
  }
  return success();
}

Sequence summary(const State& s) {
  Sequence out;
  out.order = s.order;
  out.start = s.start;
  out.minutes = s.clock;
  out.waiting = s.waiting;
  out.changes = s.changes;
  return out;
}

}  // namespace

Result<Sequence> sequence_jobs(const SequenceProblem& problem, const SequenceOptions& options, Observer& observer) {
  const Status usable = check(problem);
  if (!usable) return usable.error();
  const Graph graph(problem);
  if (!graph.sorted()) return bad_value("sequence", "the edges run in a circle");
  const Runner runner(graph);
  std::vector<State> beam{runner.begin()};
  State best;
  best.value = 1e18;
  while (!beam.empty()) {
    if (observer.cancelled()) return Error{Error::Code::cancelled, "sequence", "stopped"};
    std::vector<State> reached;
    for (const State& s : beam) {
      if (static_cast<int>(s.order.size()) == graph.size()) {
        if (better(s, best)) best = s;
        continue;
      }
      auto next = runner.next(s);
      std::move(next.begin(), next.end(), std::back_inserter(reached));
    }
    beam = thin(std::move(reached), std::max(1, options.beam));
  }
  Sequence out = summary(best);
  out.changes_bound = prove_changes(problem, options.expansions, out.changes, observer);
  double work = 0;
  for (const Job& j : problem.jobs) work += j.minutes;
  out.minutes_bound =
      std::max(work + problem.change_minutes * out.changes_bound, graph.critical_minutes() + problem.change_minutes);
  if (problem.jobs.empty()) out.minutes_bound = 0;
  if (!problem.jobs.empty() && graph.in_hand() >= 0)
    out.minutes_bound = std::max(work + problem.change_minutes * out.changes_bound, graph.critical_minutes());
  return out;
}

Sequence reckon(const SequenceProblem& problem, const std::vector<int>& order) {
  Sequence out;
  out.order = order;
  std::vector<double> end(problem.jobs.size(), 0);
  int hand = problem.in_hand;
  double clock = 0;
  for (const int i : order) {
    const Job& job = problem.jobs[at(i)];
    if (job.tool != hand) {
      clock += problem.change_minutes;
      ++out.changes;
      hand = job.tool;
    }
    double ready = 0;
    for (const Precedence& e : problem.edges) {
      if (e.after == i) ready = std::max(ready, end[at(e.before)] + e.lag);
    }
    if (ready > clock) {
      out.waiting += ready - clock;
      clock = ready;
    }
    out.start.push_back(clock);
    clock += job.minutes;
    end[at(i)] = clock;
  }
  out.minutes = clock;
  return out;
}

}  // namespace yd::plan
