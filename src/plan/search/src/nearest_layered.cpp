// SPDX-License-Identifier: MIT
#include <algorithm>

#include "colour/ciede2000.h"
#include "search/layer_search.h"
#include "support/least.h"

namespace yd::plan {
namespace {

constexpr double kSomeArea = 0.01;      // neither so broad that a pencil, nor so small that a stub is out of place
constexpr std::size_t kWorkedOut = 16;  // layerings of each target that are looked at exactly

double exactly(const Looks& looks, const colour::Lab& target) {
  double least = 1e9;
  for (std::size_t n = 0; n < looks.lab.size(); ++n) {
    if (looks.unsteady[n] < kNotAllowed) least = std::min(least, colour::ciede2000(looks.lab[n], target));
  }
  return least;
}

}  // namespace

Result<std::vector<double>> nearest_layered(Lattice& lattice, std::span<const colour::Lab> targets,
                                            std::span<const int> tray, const TraySearch& options, Observer& observer) {
  ShadeSet shades;
  for (const colour::Lab& t : targets) shades.add_mass(std::span(&t, 1), std::span(&kSomeArea, 1));
  auto found = tray_layerings(lattice, shades, tray, options, observer);
  if (!found) return found.error();
  std::vector<double> out(targets.size(), 1e9);
  std::vector<LayeringCosts>& all = found.value();
  std::erase_if(all, [](const LayeringCosts& c) { return c.layering.empty(); });
  for (std::size_t t = 0; t < targets.size(); ++t) {
    for (const std::size_t i : least_of(all.size(), kWorkedOut, [&](std::size_t l) { return all[l].cost[t]; }))
      out[t] = std::min(out[t], exactly(lattice.looks(all[i].layering), targets[t]));
  }
  return out;
}

}  // namespace yd::plan
