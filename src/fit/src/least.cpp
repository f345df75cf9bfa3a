// SPDX-License-Identifier: MIT
#include "fit/least.h"

#include <nlopt.h>

#include <memory>

namespace yd::fit {
namespace {

double cost_of(unsigned n, const double* x, double* /*gradient*/, void* data) {
  return (*static_cast<const Cost*>(data))({x, n});
}

}  // namespace

Least least(const Cost& cost, std::vector<double> start, std::span<const double> low, std::span<const double> high,
            const Search& search) {
  const auto n = static_cast<unsigned>(start.size());
  const std::unique_ptr<nlopt_opt_s, decltype(&nlopt_destroy)> opt(
      nlopt_create(n > 1 ? NLOPT_LN_BOBYQA : NLOPT_LN_COBYLA, n), &nlopt_destroy);
  nlopt_set_min_objective(opt.get(), cost_of, const_cast<Cost*>(&cost));
  nlopt_set_lower_bounds(opt.get(), low.data());
  nlopt_set_upper_bounds(opt.get(), high.data());
  nlopt_set_initial_step1(opt.get(), search.step);
  nlopt_set_maxeval(opt.get(), search.tries_a_number * static_cast<int>(n));
  nlopt_set_xtol_abs1(opt.get(), search.fine * search.step);
  Least best{start, cost(start)};
  double found = best.cost;
  if (nlopt_optimize(opt.get(), start.data(), &found) > 0 && found < best.cost) best = {start, found};
  return best;
}

}  // namespace yd::fit
