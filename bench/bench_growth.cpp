// SPDX-License-Identifier: MIT
// What grows: each step at several sizes of what it is given; bench/report fits the exponent and says which are
// bounded.
#include <benchmark/benchmark.h>

#include <cmath>
#include <map>

#include "board/board.h"
#include "kept_journal.h"
#include "small_world.h"
#include "support/random.h"

namespace {

using namespace yd;

/// So many million pixels with soft bands and grain, as a camera gives them.
subject::RawPicture picture_of(std::int64_t megapixels) {
  subject::RawPicture raw;
  raw.width = static_cast<int>(std::lround(std::sqrt(1.5e6 * static_cast<double>(megapixels))));
  raw.height = raw.width * 2 / 3;
  raw.rgb.resize(3 * static_cast<std::size_t>(raw.width) * static_cast<std::size_t>(raw.height));
  for (std::size_t i = 0; i < raw.rgb.size(); ++i)
    raw.rgb[i] = static_cast<std::uint16_t>(20000 + (i * 2654435761U >> 20U) % 3000 + 20000 * i / raw.rgb.size());
  return raw;
}

void growth_pixels_working_image(benchmark::State& state) {
  const subject::RawPicture raw = picture_of(state.range(0));
  for (auto _ : state) benchmark::DoNotOptimize(subject::working_image(raw).ok());
}
BENCHMARK(growth_pixels_working_image)
    ->Arg(1)
    ->Arg(4)
    ->Arg(16)
    ->Arg(64)
    ->Arg(100)
    ->Unit(benchmark::kMillisecond)
    ->MeasureProcessCPUTime();

/// The shipped sticks, and as many more as are asked for, each a little beside one of them.
media::Collection sticks_of(std::size_t count) {
  media::Collection out{"grown", "Grown", {}};
  Random random(5);
  const auto& shipped = trial::shipped_collection().sticks;
  for (std::size_t i = 0; i < count; ++i) {
    media::Stick s = shipped[i * 7 % shipped.size()];
    if (i >= shipped.size()) {
      s = media::stick_of(
          {s.lab.l + random.uniform(-6, 6), s.lab.a + random.uniform(-6, 6), s.lab.b + random.uniform(-6, 6)}, {},
          s.medium);
    }
    s.id = "stick-" + std::to_string(i);
    out.sticks.push_back(std::move(s));
  }
  return out;
}

void growth_sticks_plan(benchmark::State& state) {
  const auto subject = trial::small_subject(700, 500);
  const auto sticks = sticks_of(static_cast<std::size_t>(state.range(0)));
  for (auto _ : state) benchmark::DoNotOptimize(trial::small_plan(subject, sticks, 10));
}
BENCHMARK(growth_sticks_plan)
    ->Arg(20)
    ->Arg(60)
    ->Arg(200)
    ->Arg(500)
    ->Arg(1000)
    ->Unit(benchmark::kMillisecond)
    ->MeasureProcessCPUTime();

/// A patchwork that falls into as many masses as are allowed.
subject::LabImage patchwork(int width, int height) {
  subject::LabImage image(width, height);
  Random random(3);
  std::map<int, colour::LabPixel> patches;
  for (int y = 0; y < height; ++y) {
    for (int x = 0; x < width; ++x) {
      const int patch = x * 10 / width + 10 * (y * 8 / height);
      auto found = patches.find(patch);
      if (found == patches.end()) {
        found = patches
                    .emplace(patch, colour::LabPixel{static_cast<float>(random.uniform(15, 92)),
                                                     static_cast<float>(random.uniform(-30, 40)),
                                                     static_cast<float>(random.uniform(-30, 50))})
                    .first;
      }
      image.at(x, y) = found->second;
    }
  }
  return image;
}

void growth_masses_plan(benchmark::State& state) {
  Observer observer;
  subject::ReadOptions options;
  options.masses = static_cast<int>(state.range(0));
  const auto subject = subject::read_subject(patchwork(700, 500), options, observer).value();
  for (auto _ : state) benchmark::DoNotOptimize(trial::small_plan(subject, trial::shipped_collection(), 12));
  state.counters["masses"] = static_cast<double>(subject.masses.size());
}
BENCHMARK(growth_masses_plan)
    ->Arg(8)
    ->Arg(12)
    ->Arg(18)
    ->Arg(24)
    ->Arg(30)
    ->Unit(benchmark::kMillisecond)
    ->MeasureProcessCPUTime();

void growth_pixels_masses(benchmark::State& state) {
  const int side = static_cast<int>(state.range(0));
  for (auto _ : state) benchmark::DoNotOptimize(trial::small_subject(side, side * 2 / 3));
}
BENCHMARK(growth_pixels_masses)->Arg(350)->Arg(700)->Arg(1400)->Unit(benchmark::kMillisecond)->MeasureProcessCPUTime();

void growth_pixels_board(benchmark::State& state) {
  const int side = static_cast<int>(state.range(0));
  const auto subject = trial::small_subject(side, side * 2 / 3);
  const auto plan = trial::small_plan(subject, trial::shipped_collection(), 12);
  for (auto _ : state) benchmark::DoNotOptimize(board::make_map(subject, plan, trial::paper()));
}
BENCHMARK(growth_pixels_board)->Arg(350)->Arg(700)->Arg(1400)->Unit(benchmark::kMillisecond)->MeasureProcessCPUTime();

void growth_works_search(benchmark::State& state) {
  const speed::Kept kept(static_cast<int>(state.range(0)));
  journal::Query q;
  q.words = "harb warm";
  for (auto _ : state) benchmark::DoNotOptimize(kept.journal->works(q).value().size());
}
BENCHMARK(growth_works_search)->Arg(125)->Arg(500)->Arg(2000)->Unit(benchmark::kMillisecond);

}  // namespace
