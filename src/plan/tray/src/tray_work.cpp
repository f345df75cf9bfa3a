// SPDX-License-Identifier: MIT
#include "tray/tray_work.h"

#include <algorithm>
#include <numeric>

#include "tray/tray_solver.h"

namespace yd::plan {
namespace {

/// Sticks by a measure, least first.
template <class Measure>
std::vector<int> sorted_by(std::size_t n, Measure measure) {
  std::vector<std::pair<double, int>> order;
  order.reserve(n);
  for (std::size_t i = 0; i < n; ++i) order.emplace_back(measure(i), static_cast<int>(i));
  std::sort(order.begin(), order.end());
  std::vector<int> out;
  out.reserve(n);
  for (const auto& [value, i] : order) out.push_back(i);
  return out;
}

}  // namespace

std::vector<int> choose_pool(std::span<const media::Stick> sticks, std::span<const colour::Lab> targets,
                             const TrayWishes& wishes, std::size_t most) {
  std::vector<int> pool(sticks.size());
  std::iota(pool.begin(), pool.end(), 0);
  if (sticks.size() <= most) return pool;
  std::vector<std::vector<int>> lists;
  lists.reserve(targets.size() + 3);
  lists.push_back(sorted_by(sticks.size(), [&](std::size_t i) { return sticks[i].lab.l; }));
  lists.push_back(sorted_by(sticks.size(), [&](std::size_t i) { return -sticks[i].lab.l; }));
  lists.push_back(sorted_by(sticks.size(), [&](std::size_t i) { return -colour::chroma(sticks[i].lab); }));
  for (const colour::Lab& t : targets)
    lists.push_back(sorted_by(sticks.size(), [&](std::size_t i) { return colour::distance_1976(sticks[i].lab, t); }));
  std::vector<char> taken(sticks.size());
  std::vector<char> barred(sticks.size());
  pool.clear();
  const auto take = [&](int s) {
    char& seen = taken[static_cast<std::size_t>(s)];
    if (seen == 0 && pool.size() < most) {
      seen = 1;
      pool.push_back(s);
    }
  };
  for (const int s : wishes.forbidden) barred[static_cast<std::size_t>(s)] = 1;
  for (const int s : wishes.must_have) take(s);
  for (std::size_t rank = 0; rank < sticks.size() && pool.size() < most; ++rank) {
    for (const auto& list : lists) {
      if (barred[static_cast<std::size_t>(list[rank])] == 0) take(list[rank]);
    }
  }
  std::sort(pool.begin(), pool.end());
  return pool;
}

std::vector<int> TrayWork::to_collection(std::span<const int> places) const {
  std::vector<int> out;
  out.reserve(places.size());
  for (const int p : places) out.push_back(pool[static_cast<std::size_t>(p)]);
  return out;
}

Result<TrayProof> prove_tray(const TrayWork& work, const ProofOptions& options, Observer& observer) {
  TrayProof proof;
  proof.tray = work.tray;
  const TrayProblem problem = work.problem();
  BoundOptions climb = options.climb;
  climb.most_sticks = work.most_sticks;
  Stretch first(observer, 0, 0.6);
  const TrayBound bound = bound_tray(problem, work.tray.cost, climb, first);
  proof.bound = bound.bound;
  proof.gap = gap(proof.tray.cost, proof.bound);
  if (bound.cancelled) return Error{Error::Code::cancelled, "proof", "stopped"};
  if (proof.gap >= climb.enough && !work.exchanged) {
    observer.progress(0.6, "improving the tray");
    SolverOptions solver;
    solver.most_sticks = work.most_sticks;
    solver.seconds = options.solver_seconds;
    const auto answer = solve_tray(problem, work.tray, solver);
    if (!answer) return answer.error();
    proof.improved = answer->tray.cost < proof.tray.cost * (1 - 1e-4);
    proof.tray = answer->tray;
    proof.bound = std::max(proof.bound, answer->bound);
    proof.gap = gap(proof.tray.cost, proof.bound);
  }
  observer.progress(1, "proved");
  return proof;
}

}  // namespace yd::plan
