// SPDX-License-Identifier: MIT
#pragma once

#include <vector>

#include "order/order.h"

namespace yd::plan {

/// Jobs before they are put in a sequence: passes of one plane, and what ties them.
struct JobGraph {
  std::vector<Pass> jobs;    ///< in the order that is liked best where nothing decides
  std::vector<Edge> edges;   ///< between jobs; every reason
  std::vector<char> needed;  ///< of each edge: not implied by stronger ones
  std::vector<Conflict> conflicts;
};

std::vector<Pass> make_jobs(const OrderInput& input);
JobGraph tie_jobs(std::vector<Pass> jobs, const OrderInput& input);

/// The tool of a pass as a number.
int tool_of(const Pass& pass);

}  // namespace yd::plan
