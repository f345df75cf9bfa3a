// SPDX-License-Identifier: MIT
#include "tray/tray_solver.h"

#include <Cbc_C_Interface.h>

#include <algorithm>
#include <map>
#include <memory>
#include <numeric>
#include <set>
#include <string>

#include "tray_pairs.h"

namespace yd::plan {
namespace {

constexpr double kScale = 100;  // costs are a few hundredths a target; the solver's tolerances are absolute

/// The matrix as it is filled, column by column.
struct Matrix {
  std::vector<int> start{0};
  std::vector<int> row;
  std::vector<double> value;
  std::vector<double> cost, low, high;
  std::vector<bool> whole;

  int columns() const { return static_cast<int>(cost.size()); }
  void entry(int r, double v) {
    row.push_back(r);
    value.push_back(v);
  }
  int close(double c, double lo, double hi, bool integer) {
    start.push_back(static_cast<int>(row.size()));
    cost.push_back(c);
    low.push_back(lo);
    high.push_back(hi);
    whole.push_back(integer);
    return columns() - 1;
  }
};

/// What stick `s` saves beside those of `start`, alone or with one of them; `best`: each target's cost without it.
double saved_by(const TrayProblem& p, const Tray& start, std::span<const double> best, std::size_t s) {
  double saved = 0;
  for (std::size_t t = 0; t < best.size(); ++t) {
    double c = std::min<double>(best[t], p.table->cost(t, s, s));
    for (const int j : start.sticks) {
      const auto q = static_cast<std::size_t>(j);
      c = std::min<double>({c, p.table->cost(t, s, q), p.table->cost(t, q, s)});
    }
    saved += p.weights[t] * (priced(best[t]) - priced(c));
  }
  return saved;
}

/// The most promising sticks: the tray, the must-haves, then those that lower or least raise the cost when added.
std::vector<int> promising(const TrayProblem& p, const Tray& start, int most) {
  std::vector<int> out = start.sticks;
  out.insert(out.end(), p.wishes.must_have.begin(), p.wishes.must_have.end());
  std::vector<double> best(p.table->targets());
  for (std::size_t t = 0; t < best.size(); ++t) best[t] = best_pair(*p.table, t, start.sticks).cost;
  std::vector<std::pair<double, int>> order;
  for (std::size_t s = 0; s < p.table->sticks(); ++s)
    order.emplace_back(-saved_by(p, start, best, s), static_cast<int>(s));
  std::sort(order.begin(), order.end());
  for (const auto& [saved, s] : order) out.push_back(s);
  std::vector<int> unique;
  std::set<int> seen(p.wishes.forbidden.begin(), p.wishes.forbidden.end());
  for (const int s : out) {
    if (static_cast<int>(unique.size()) < most && seen.insert(s).second) unique.push_back(s);
  }
  return unique;
}

class Model {
 public:
  Model(const TrayProblem& problem, const Tray& start, const SolverOptions& options)
      : problem_(problem), options_(options), sticks_(promising(problem, start, options.most_searched)) {
    complete_ = sticks_.size() + problem.wishes.forbidden.size() >= problem.table->sticks();
    for (std::size_t i = 0; i < sticks_.size(); ++i) place_[sticks_[i]] = static_cast<int>(i);
    ways_ = useful_ways(problem, start.cost);
    for (auto& w : ways_) {
      std::erase_if(w, [&](const Way& way) { return place_.count(way.i) == 0 || place_.count(way.j) == 0; });
    }
    build();
  }

  SolverAnswer solve(const Tray& start) {
    const std::unique_ptr<Cbc_Model, decltype(&Cbc_deleteModel)> model(Cbc_newModel(), &Cbc_deleteModel);
    Cbc_setParameter(model.get(), "log", "0");
    Cbc_setParameter(model.get(), "sec", std::to_string(options_.seconds).c_str());
    Cbc_loadProblem(model.get(), m_.columns(), rows_, m_.start.data(), m_.row.data(), m_.value.data(), m_.low.data(),
                    m_.high.data(), m_.cost.data(), row_low_.data(), row_high_.data());
    for (int c = 0; c < m_.columns(); ++c) {
      if (m_.whole[static_cast<std::size_t>(c)]) Cbc_setInteger(model.get(), c);
    }
    give_start(model.get(), start);
    Cbc_solve(model.get());
    return answer(model.get(), start);
  }

 private:
  int stick_row(std::size_t target, int stick) const {
    return static_cast<int>(ways_.size() + target * sticks_.size()) + place_.at(stick);
  }
  bool medium_priced() const { return problem_.wishes.medium_price > 0 && !problem_.medium.empty(); }

  void build() {
    const auto targets = static_cast<int>(ways_.size());
    const auto n = static_cast<int>(sticks_.size());
    const int count_row = targets + targets * n;
    const int medium_row = count_row + 1;
    rows_ = medium_row + (medium_priced() ? n : 0);
    row_low_.assign(static_cast<std::size_t>(rows_), -1e30);
    row_high_.assign(static_cast<std::size_t>(rows_), 0);
    for (std::size_t t = 0; t < ways_.size(); ++t) row_low_[t] = row_high_[t] = 1;
    row_high_[static_cast<std::size_t>(count_row)] = options_.most_sticks;
    for (const int s : sticks_) {
      for (int t = 0; t < targets; ++t) m_.entry(stick_row(static_cast<std::size_t>(t), s), -1);
      m_.entry(count_row, 1);
      if (medium_priced()) m_.entry(medium_row + place_[s], 1);
      const auto& held = problem_.wishes.must_have;
      m_.close(0, std::find(held.begin(), held.end(), s) != held.end() ? 1 : 0, 1, true);
    }
    if (medium_priced()) {
      std::map<optics::Medium, std::vector<int>> by_medium;
      for (const int s : sticks_) by_medium[problem_.medium[static_cast<std::size_t>(s)]].push_back(s);
      for (const auto& [medium, of] : by_medium) {
        for (const int s : of) m_.entry(medium_row + place_[s], -1);
        medium_column_[medium] = m_.close(kScale * problem_.wishes.medium_price, 0, 1, false);
      }
    }
    for (std::size_t t = 0; t < ways_.size(); ++t) {
      first_way_.push_back(m_.columns());
      for (const Way& w : ways_[t]) {
        m_.entry(static_cast<int>(t), 1);
        m_.entry(stick_row(t, w.i), 1);
        if (w.j != w.i) m_.entry(stick_row(t, w.j), 1);
        m_.close(kScale * w.cost, 0, 1, false);
      }
    }
  }

  void give_start(Cbc_Model* model, const Tray& start) const {
    std::vector<int> column;
    for (const int s : start.sticks) column.push_back(place_.at(s));
    const std::set<int> in(start.sticks.begin(), start.sticks.end());
    if (medium_priced()) {
      std::set<optics::Medium> used;
      for (const int s : start.sticks) used.insert(problem_.medium[static_cast<std::size_t>(s)]);
      for (const auto m : used) column.push_back(medium_column_.at(m));
    }
    for (std::size_t t = 0; t < ways_.size(); ++t) {
      const auto way = std::find_if(ways_[t].begin(), ways_[t].end(),
                                    [&](const Way& w) { return in.count(w.i) != 0 && in.count(w.j) != 0; });
      if (way != ways_[t].end()) column.push_back(first_way_[t] + static_cast<int>(way - ways_[t].begin()));
    }
    const std::vector<double> ones(column.size(), 1.0);
    Cbc_setMIPStartI(model, static_cast<int>(column.size()), column.data(), ones.data());
  }

  Tray tray_of(const double* solution) const {
    Tray out;
    for (std::size_t i = 0; i < sticks_.size(); ++i) {
      if (solution[i] > 0.5) out.sticks.push_back(sticks_[i]);
    }
    std::sort(out.sticks.begin(), out.sticks.end());
    out.cost = out.sticks.empty() ? 1e9 : tray_cost(problem_, out.sticks);
    return out;
  }

  SolverAnswer answer(Cbc_Model* model, const Tray& start) const {
    SolverAnswer out;
    out.tray = start;
    out.complete = complete_;
    out.optimal = Cbc_isProvenOptimal(model) != 0;
    const double constant = medium_priced() ? problem_.wishes.medium_price : 0;  // the first medium is free
    const double* x = Cbc_getColSolution(model);
    if (x != nullptr && Cbc_numberSavedSolutions(model) > 0) {
      const Tray found = tray_of(x);
      if (found.cost < out.tray.cost - 1e-9) out.tray = found;
    }
    if (complete_ && problem_.wishes.lonely_price <= 0) {
      constexpr double kTolerance = 1e-5;
      out.bound = std::clamp(Cbc_getBestPossibleObjValue(model) / kScale - constant - kTolerance, 0.0, out.tray.cost);
    }
    return out;
  }

  const TrayProblem& problem_;
  const SolverOptions& options_;
  std::vector<int> sticks_;
  std::map<int, int> place_;
  std::vector<std::vector<Way>> ways_;
  bool complete_ = false;
  Matrix m_;
  int rows_ = 0;
  std::vector<double> row_low_, row_high_;
  std::vector<int> first_way_;
  std::map<optics::Medium, int> medium_column_;
};

}  // namespace

Result<SolverAnswer> solve_tray(const TrayProblem& problem, const Tray& start, const SolverOptions& options) {
  if (start.sticks.empty()) return bad_value("start", "needs a tray to begin with");
  if (!(options.seconds > 0)) return bad_value("seconds", "must be more than 0");
  return Model(problem, start, options).solve(start);
}

}  // namespace yd::plan
