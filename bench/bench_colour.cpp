// SPDX-License-Identifier: MIT
// CIEDE2000: the bulk form against the straightforward one. Limit: arithmetic; three roots and three divisions each.
#include <benchmark/benchmark.h>

#include <vector>

#include "colour/ciede2000.h"
#include "colour/smoothest.h"
#include "support/random.h"

namespace {

using namespace yd::colour;
constexpr std::size_t kCount = 4096;

struct Colours {
  std::vector<float> l, a, b;
  Colours() {
    yd::Random r(1);
    for (std::size_t i = 0; i < kCount; ++i) {
      l.push_back(static_cast<float>(r.uniform(0, 100)));
      a.push_back(static_cast<float>(r.uniform(-60, 60)));
      b.push_back(static_cast<float>(r.uniform(-60, 60)));
    }
  }
};

void difference_plain(benchmark::State& state) {
  const Colours c;
  for (auto _ : state) {
    double sum = 0;
    for (std::size_t i = 0; i < kCount; ++i) sum += ciede2000({c.l[i], c.a[i], c.b[i]}, {50, 10, 10});
    benchmark::DoNotOptimize(sum);
  }
  state.SetItemsProcessed(static_cast<std::int64_t>(state.iterations() * kCount));
}
BENCHMARK(difference_plain);

void difference_bulk(benchmark::State& state) {
  const Colours c;
  std::vector<float> out(kCount);
  for (auto _ : state) {
    ciede2000_bulk(c.l.data(), c.a.data(), c.b.data(), kCount, {50, 10, 10}, out.data());
    benchmark::DoNotOptimize(out.data());
  }
  state.SetItemsProcessed(static_cast<std::int64_t>(state.iterations() * kCount));
}
BENCHMARK(difference_bulk);

void smoothest(benchmark::State& state) {
  for (auto _ : state) benchmark::DoNotOptimize(smoothest_reflectance({48, 30, -20}).ok());
}
BENCHMARK(smoothest);

}  // namespace
