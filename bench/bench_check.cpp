// SPDX-License-Identifier: MIT
// A photograph of the work: opened, found, compared; the rest planned from it.
#include <benchmark/benchmark.h>

#include "check/report.h"
#include "photographs.h"
#include "small_world.h"
#include "standin/camera.h"
#include "standin/hand.h"

namespace {

using namespace yd;

struct Taken {
  subject::Subject subject = trial::small_subject(1200, 840);
  plan::Plan plan = trial::small_plan(subject, trial::shipped_collection(), 12);
  board::BoardMap map = board::make_map(subject, plan, trial::paper());
  check::Work work;
  subject::RawPicture photo;

  explicit Taken(int width) {
    const auto& parameters = trial::shipped_model().parameters;
    const int all = static_cast<int>(plan.passes.size());
    const plan::Plan painted = standin::painted_by(plan, {0.15, 0.1, 7});
    const auto board =
        board::render(map, board::palette_after(painted, all, trial::paper(), trial::shipped_collection(), parameters));
    standin::Camera camera = standin::handheld(3);
    camera.width = width;
    camera.height = width * 2 / 3;
    photo = trial::raw_of(standin::photograph(board, trial::paper().lab, camera)->image);
    work = {&plan, &subject, &map, &trial::paper(), &trial::shipped_collection(), &parameters, {}, 0.15, false, {}};
    work.done.assign(plan.passes.size(), 1);
  }
};

void photo_of_24_megapixels_opened(benchmark::State& state) {
  const Taken t(6000);
  for (auto _ : state) benchmark::DoNotOptimize(check::open_photo(t.photo).ok());
}
BENCHMARK(photo_of_24_megapixels_opened)->Unit(benchmark::kMillisecond)->MeasureProcessCPUTime();

void picture_found_in_it(benchmark::State& state) {
  const Taken t(1600);
  const auto photo = check::open_photo(t.photo).value();
  const auto board =
      board::render(t.map, board::palette_after(t.plan, static_cast<int>(t.plan.passes.size()), trial::paper(),
                                                trial::shipped_collection(), trial::shipped_model().parameters));
  for (auto _ : state) benchmark::DoNotOptimize(check::locate(photo, board).likeness);
}
BENCHMARK(picture_found_in_it)->Unit(benchmark::kMillisecond)->MeasureProcessCPUTime();

void work_checked(benchmark::State& state) {
  const Taken t(1600);
  const auto photo = check::open_photo(t.photo).value();
  Observer observer;
  for (auto _ : state) benchmark::DoNotOptimize(check::check_photo(photo, t.work, observer).ok());
}
BENCHMARK(work_checked)->Unit(benchmark::kMillisecond)->MeasureProcessCPUTime();

void rest_planned_from_it(benchmark::State& state) {
  Taken t(1600);
  const std::size_t half = t.plan.passes.size() / 2;
  std::vector<plan::PassMark> marks;
  for (std::size_t i = 0; i < half; ++i)
    marks.push_back({plan::signature(t.plan.passes[i]), plan::PassMark::State::done, "", 0, 0});
  plan::PlanOptions options = trial::options_with(12);
  options.laid = plan::laid_after(t.plan, {}, marks);
  for (plan::LaidPass& l : options.laid) {
    for (plan::LaidPass::Part& p : l.parts) p.pressure = 0.8 * (p.pressure > 0 ? p.pressure : l.pressure);
  }
  options.given_tray = t.plan.tray;
  options.rest = plan::rest_of(t.plan, plan::behind(t.plan, marks));
  Observer observer;
  for (auto _ : state) {
    benchmark::DoNotOptimize(plan::make_plan(t.subject, trial::paper(), trial::shipped_collection(),
                                             trial::shipped_model().parameters, options, observer)
                                 .ok());
  }
}
BENCHMARK(rest_planned_from_it)->Unit(benchmark::kMillisecond)->MeasureProcessCPUTime();

}  // namespace
