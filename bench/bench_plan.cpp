// SPDX-License-Identifier: MIT
// The long steps: masses, search, tray, board. One core or two: see the `threads` of the run's header.
#include <benchmark/benchmark.h>

#include "board/board.h"
#include "board/chip.h"
#include "search/layer_search.h"
#include "search/search.h"
#include "tray/tray.h"
#include "drawn.h"
#include "small_world.h"

namespace {

using namespace yd;

std::vector<colour::Lab> targets_of(const subject::Subject& s) {
  std::vector<colour::Lab> out;
  for (const auto& m : s.masses) {
    for (const auto& t : m.targets) out.push_back(t.lab);
  }
  return out;
}

void masses_working_image(benchmark::State& state) {
  for (auto _ : state) benchmark::DoNotOptimize(trial::small_subject(1400, 1000));
}
BENCHMARK(masses_working_image)->Unit(benchmark::kMillisecond);

void search_all_pairs(benchmark::State& state) {
  const auto subject = trial::small_subject();
  const auto targets = targets_of(subject);
  Observer observer;
  std::uint64_t evaluations = 0;
  for (auto _ : state) {
    const auto table = plan::search_pairs(
        {&trial::paper().ground, &trial::shipped_model().parameters, trial::shipped_collection().sticks, targets, {}},
        observer);
    evaluations += table->evaluations;
  }
  state.SetItemsProcessed(static_cast<std::int64_t>(evaluations));
}
BENCHMARK(search_all_pairs)->Unit(benchmark::kMillisecond);

void search_three_layers(benchmark::State& state) {
  const auto subject = trial::small_subject();
  plan::ShadeSet shades;
  for (const auto& m : subject.masses) {
    std::vector<colour::Lab> labs;
    std::vector<double> areas;
    for (const auto& s : m.shades) labs.push_back(s.lab), areas.push_back(s.area);
    shades.add_mass(labs, areas);
  }
  const plan::SearchInput in{
      &trial::paper().ground, &trial::shipped_model().parameters, trial::shipped_collection().sticks, {}, {}};
  const std::vector<int> tray{3, 12, 20, 33, 41, 58, 70, 77, 96, 104, 110, 118};
  Observer observer;
  for (auto _ : state) {
    plan::Lattice lattice(in, 0.15);
    benchmark::DoNotOptimize(plan::tray_layerings(lattice, shades, tray, {}, observer).ok());
  }
}
BENCHMARK(search_three_layers)->Unit(benchmark::kMillisecond);

void tray_of(benchmark::State& state) {
  const auto subject = trial::small_subject();
  const auto targets = targets_of(subject);
  Observer observer;
  const auto table = plan::search_pairs(
      {&trial::paper().ground, &trial::shipped_model().parameters, trial::shipped_collection().sticks, targets, {}},
      observer);
  const std::vector<double> weights(targets.size(), 1.0 / static_cast<double>(targets.size()));
  for (auto _ : state) {
    benchmark::DoNotOptimize(
        plan::choose_tray({&table.value(), weights, {}, {}, {}}, {static_cast<int>(state.range(0)), 1, 400}, observer)
            .ok());
  }
}
BENCHMARK(tray_of)->Arg(6)->Arg(12)->Arg(24)->Unit(benchmark::kMillisecond);

void board_map_one_megapixel(benchmark::State& state) {
  const bench::Drawn d;
  for (auto _ : state) benchmark::DoNotOptimize(board::make_map(d.subject, d.plan, trial::paper()));
}
BENCHMARK(board_map_one_megapixel)->Unit(benchmark::kMillisecond);

void chip_of_a_stroke(benchmark::State& state) {
  const auto& sticks = trial::shipped_collection().sticks;
  const media::Paper& paper = trial::paper();
  for (auto _ : state) {
    benchmark::DoNotOptimize(
        board::stroke_chip({}, paper.ground, paper.grain_mm, sticks, trial::shipped_model().parameters, 58, 20, 4));
  }
}
BENCHMARK(chip_of_a_stroke)->Unit(benchmark::kMicrosecond);

void board_one_pass_more(benchmark::State& state) {
  const bench::Drawn d;
  for (auto _ : state) {
    const auto palette = board::palette_after(d.plan, 10, trial::paper(), trial::shipped_collection(),
                                              trial::shipped_model().parameters);
    benchmark::DoNotOptimize(board::render(d.map, palette));
  }
}
BENCHMARK(board_one_pass_more)->Unit(benchmark::kMillisecond);

}  // namespace
