// SPDX-License-Identifier: MIT
// The film kernels: slow twin, baseline build, AVX2 build; a plain copy of the same bytes as the memory limit.
#include <benchmark/benchmark.h>

#include <cstring>

#include "optics/look.h"
#include "small_world.h"

namespace {

using namespace yd::optics;

struct Setup {
  CoarsePigment pigment;
  CoatLoads loads;
  CoarseStrata under;
  Setup() {
    pigment = coarse(
        yd::media::pigment_of(yd::trial::shipped_collection().sticks[20], yd::trial::shipped_model().parameters));
    under = coarse(yd::trial::paper().ground.reflectance);
    for (std::size_t i = 0; i < kStrata; ++i) {
      loads.load[i] = 0.4F / static_cast<float>(i + 1);
      loads.cover[i] = grain_cover(loads.load[i], 0.16F);
    }
  }
};

void count_strata(benchmark::State& state) { state.SetItemsProcessed(state.iterations()); }

void stack_slow_twin(benchmark::State& state) {
  const Setup s;
  for (auto _ : state) {
    CoarseStrata out = s.under;
    for (std::size_t i = 0; i < kStrata; ++i) {
      for (std::size_t b = 0; b < yd::colour::kCoarseBands; ++b) {
        const Film f = film(s.pigment.k[b], s.pigment.s[b], s.loads.load[i] / s.loads.cover[i]);
        out[i][b] += s.loads.cover[i] * static_cast<float>(over(f, out[i][b]) - out[i][b]);
      }
    }
    benchmark::DoNotOptimize(out);
  }
  count_strata(state);
}
BENCHMARK(stack_slow_twin);

void films(benchmark::State& state, const Kernel* kernel) {
  if (kernel == nullptr) return state.SkipWithError("not on this processor");
  const Setup s;
  CoatTable coat;
  for (auto _ : state) {
    kernel->films(s.pigment, s.loads, coat);
    benchmark::DoNotOptimize(coat);
  }
  count_strata(state);
}
BENCHMARK_CAPTURE(films, baseline, &baseline_kernel());
BENCHMARK_CAPTURE(films, avx2, avx2_kernel());

void lay_mean(benchmark::State& state, const Kernel* kernel) {
  if (kernel == nullptr) return state.SkipWithError("not on this processor");
  const Setup s;
  CoatTable coat;
  kernel->films(s.pigment, s.loads, coat);
  yd::colour::CoarseSpectrum mean;
  for (auto _ : state) {
    kernel->lay_mean(s.under, coat, mean);
    benchmark::DoNotOptimize(mean);
  }
  count_strata(state);
}
BENCHMARK_CAPTURE(lay_mean, baseline, &baseline_kernel());
BENCHMARK_CAPTURE(lay_mean, avx2, avx2_kernel());

/// The bytes lay_mean reads, copied: what memory alone would take.
void lay_mean_memory_limit(benchmark::State& state) {
  const Setup s;
  CoatTable coat;
  kernel().films(s.pigment, s.loads, coat);
  CoarseStrata a;
  CoarseStrata b;
  CoarseStrata c;
  for (auto _ : state) {
    std::memcpy(&a, &s.under, sizeof(a));
    std::memcpy(&b, &coat.r0, sizeof(b));
    std::memcpy(&c, &coat.t2, sizeof(c));
    benchmark::DoNotOptimize(a);
    benchmark::DoNotOptimize(b);
    benchmark::DoNotOptimize(c);
  }
  count_strata(state);
}
BENCHMARK(lay_mean_memory_limit);

}  // namespace
