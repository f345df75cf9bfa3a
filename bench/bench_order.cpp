// SPDX-License-Identifier: MIT
// Order, scrubbing and replanning: what the artist waits for at the easel. The counter `gap` is the sequence's minutes
// over the proven bound less one.
#include <benchmark/benchmark.h>

#include "board/board.h"
#include "advice/critique.h"
#include "order/sequence.h"
#include "drawn.h"
#include "small_world.h"
#include "support/random.h"

namespace {

using namespace yd;

/// Jobs as a plan has them: a dozen sticks, each tied to a few earlier ones.
plan::SequenceProblem jobs_like_a_plan(int jobs) {
  Random random(7);
  plan::SequenceProblem p;
  for (int i = 0; i < jobs; ++i) p.jobs.push_back({static_cast<int>(random.below(12)), random.uniform(0.5, 8)});
  for (int i = 1; i < jobs; ++i) {
    for (int k = 0; k < 3; ++k)
      p.edges.push_back(
          {static_cast<int>(random.below(static_cast<std::uint64_t>(i))), i, i < 6 && k == 0 ? 15.0 : 0.0});
  }
  return p;
}

void sequence_of_passes(benchmark::State& state) {
  const auto p = jobs_like_a_plan(static_cast<int>(state.range(0)));
  Observer observer;
  plan::Sequence s;
  for (auto _ : state) s = plan::sequence_jobs(p, {}, observer).value();
  state.counters["gap"] = s.minutes / s.minutes_bound - 1;
  state.counters["changes"] = s.changes;
  state.counters["changes_bound"] = s.changes_bound;
}
BENCHMARK(sequence_of_passes)->Arg(60)->Arg(300)->Unit(benchmark::kMillisecond);
BENCHMARK(sequence_of_passes)
    ->Name("growth_passes_sequence")
    ->Arg(20)
    ->Arg(40)
    ->Arg(80)
    ->Arg(160)
    ->Arg(320)
    ->Unit(benchmark::kMillisecond)
    ->MeasureProcessCPUTime();

/// The limit of scrubbing: one look-up and three bytes for every pixel of the board.
void scrub_limit_copy(benchmark::State& state) {
  const std::vector<colour::Rgb8> from(1200 * 840);
  std::vector<colour::Rgb8> to(from.size());
  for (auto _ : state) {
    std::copy(from.begin(), from.end(), to.begin());
    benchmark::DoNotOptimize(to.data());
  }
}
BENCHMARK(scrub_limit_copy)->Unit(benchmark::kMillisecond);

void scrub_to_another_pass(benchmark::State& state) {
  const bench::Drawn d;
  int at = 0;
  for (auto _ : state) {
    at = (at + 7) % static_cast<int>(d.plan.passes.size());
    const auto palette = board::palette_after(d.plan, at, trial::paper(), trial::shipped_collection(),
                                              trial::shipped_model().parameters);
    benchmark::DoNotOptimize(board::render(d.map, palette));
  }
}
BENCHMARK(scrub_to_another_pass)->Unit(benchmark::kMillisecond);

void whole_plan(benchmark::State& state) {
  const auto subject = trial::small_subject();
  for (auto _ : state) benchmark::DoNotOptimize(trial::small_plan(subject, trial::shipped_collection(), 12));
}
BENCHMARK(whole_plan)->Unit(benchmark::kMillisecond);

/// A stick replaced when half of the passes are done.
void replan_with_a_substitute(benchmark::State& state) {
  const auto subject = trial::small_subject();
  const auto& sticks = trial::shipped_collection();
  const plan::Plan before = trial::small_plan(subject, sticks, 12);
  plan::PlanOptions options = trial::options_with(12);
  std::vector<plan::PassMark> marks;
  for (std::size_t i = 0; i < before.passes.size() / 2; ++i)
    marks.push_back({plan::signature(before.passes[i]), plan::PassMark::State::done, "", 0, 0});
  options.laid = plan::laid_after(before, {}, marks);
  options.given_tray = before.tray;
  options.given_tray.back() = options.given_tray.back() == 5 ? 6 : 5;
  Observer observer;
  for (auto _ : state) {
    benchmark::DoNotOptimize(
        plan::make_plan(subject, trial::paper(), sticks, trial::shipped_model().parameters, options, observer).ok());
  }
}
BENCHMARK(replan_with_a_substitute)->Unit(benchmark::kMillisecond);

void look_over_the_plan(benchmark::State& state) {
  const bench::Drawn d;
  const auto& p = trial::shipped_model().parameters;
  for (auto _ : state) {
    benchmark::DoNotOptimize(plan::critique(
        {&d.plan, &d.subject, &trial::paper(), trial::shipped_collection().sticks, &p, trial::options_with(12)}));
  }
}
BENCHMARK(look_over_the_plan)->Unit(benchmark::kMillisecond);

}  // namespace
