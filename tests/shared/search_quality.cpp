// SPDX-License-Identifier: MIT
// The guided search for three layers of a tray against working out every layering, on pictures; ends with 1 where it
// loses more than docs/model/plan.md allows. Usage: search_quality PICTURE ...
#include <QCoreApplication>
#include <algorithm>
#include <chrono>
#include <cstdio>

#include "colour/ciede2000.h"
#include "media/model.h"
#include "pictures/pictures.h"
#include "search/layer_search.h"
#include "make/plan.h"

using namespace yd;

namespace {

double seconds_since(std::chrono::steady_clock::time_point start) {
  return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

constexpr double kLeastNear = 0.95;  // share of masses that may lose no more than 0.2
constexpr double kWorst = 0.75;

bool judge(const char* file, const media::Model& model, const media::Paper& paper,
           const media::Collection& collection) {
  Observer observer;
  const auto bytes = pictures::read_bytes(file);
  if (!bytes) return false;
  const auto raw = pictures::decode(bytes.value(), file);
  if (!raw) return false;
  const auto subject = subject::read_subject(subject::working_image(raw.value()).value(), {}, observer).value();
  const auto plan = plan::make_plan(subject, paper, collection, model.parameters, {}, observer).value();
  plan::ShadeSet shades;
  for (std::size_t m = 0; m < subject.masses.size(); ++m) {
    std::vector<colour::Lab> labs;
    std::vector<double> areas;
    for (const auto& t : plan.targets) {
      if (t.mass == static_cast<int>(m)) {
        labs.push_back(t.target);
        areas.push_back(t.area);
      }
    }
    shades.add_mass(labs, areas);
  }
  const plan::SearchInput in{&paper.ground, &model.parameters, collection.sticks, {}, {}};
  const auto cheapest = [&](const plan::TraySearch& options, std::size_t& worked_out) {
    plan::Lattice lattice(in, 0.15);
    const auto found = plan::tray_layerings(lattice, shades, plan.tray, options, observer).value();
    worked_out = found.size();
    std::vector<float> out(shades.masses.size(), 1e9F);
    for (const plan::LayeringCosts& c : found) {
      for (std::size_t m = 0; m < out.size(); ++m) out[m] = std::min(out[m], c.cost[m]);
    }
    return out;
  };
  std::size_t guided = 0;
  std::size_t every = 0;
  constexpr int kNoLimit = 10'000'000;
  const auto begin = std::chrono::steady_clock::now();
  const auto found = cheapest({}, guided);
  const double quick = seconds_since(begin);
  const auto again = std::chrono::steady_clock::now();
  const auto all = cheapest({3, kNoLimit, kNoLimit}, every);
  const double slow = seconds_since(again);
  int near = 0;
  double worst = 0;
  for (std::size_t m = 0; m < all.size(); ++m) {
    const double loss = found[m] - all[m];
    near += loss <= 0.2 ? 1 : 0;
    worst = std::max(worst, loss);
  }
  const std::string name(file);
  std::printf("| %s | %zu | %zu | %.1f %% | %.0f %% | %.2f | %.0f / %.0f ms |\n",
              name.substr(name.rfind('/') + 1).c_str(), all.size(), every,
              100.0 * static_cast<double>(guided) / static_cast<double>(every),
              100.0 * near / static_cast<double>(all.size()), worst, 1000 * quick, 1000 * slow);
  return near >= kLeastNear * static_cast<double>(all.size()) && worst <= kWorst;
}

}  // namespace

int main(int argc, char** argv) {
  const QCoreApplication application(argc, argv);
  const auto model = media::load_model().value();
  const auto papers = media::load_papers().value();
  const auto collection = media::find_collection("generic").value();
  std::printf(
      "| picture | masses | layerings | worked out | within 0.2 | worst | time, guided / all "
      "|\n|---|---:|---:|---:|---:|---:|---:|\n");
  bool good = argc > 1;
  for (int i = 1; i < argc; ++i) good = judge(argv[i], model, papers.front(), collection) && good;
  return good ? 0 : 1;
}
