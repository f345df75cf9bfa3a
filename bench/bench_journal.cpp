// SPDX-License-Identifier: MIT
// The journal at 2,000 works: what is asked for while an artist types, and what is written at every pass. The limit is
// 50 ms a search.
#include <benchmark/benchmark.h>

#include "kept_journal.h"

namespace {

using namespace yd;
using speed::Kept;

const Kept& kept() {
  static const Kept all(2000);
  return all;
}

void search(benchmark::State& state, const journal::Query& query) {
  kept();  // made before the clock runs
  for (auto _ : state) {
    benchmark::DoNotOptimize(kept().journal->works(query).value().size());
    benchmark::DoNotOptimize(kept().journal->recipes(query).value().size());
  }
}

void journal_of_2000_works_by_words(benchmark::State& state) {
  journal::Query q;
  q.words = "harb warm";
  search(state, q);
}
BENCHMARK(journal_of_2000_works_by_words)->Unit(benchmark::kMillisecond);

void journal_of_2000_works_by_colour(benchmark::State& state) {
  journal::Query q;
  q.like = colour::Lab{45, 5, 5};
  search(state, q);
}
BENCHMARK(journal_of_2000_works_by_colour)->Unit(benchmark::kMillisecond);

void journal_of_2000_works_whole(benchmark::State& state) { search(state, {}); }
BENCHMARK(journal_of_2000_works_whole)->Unit(benchmark::kMillisecond);

void journal_of_2000_works_opened(benchmark::State& state) {
  for (auto _ : state) benchmark::DoNotOptimize(journal::Journal::open(kept().journal->file()).ok());
}
BENCHMARK(journal_of_2000_works_opened)->Unit(benchmark::kMillisecond);

// Runs beside the window.
void journal_of_2000_works_checked(benchmark::State& state) {
  for (auto _ : state) benchmark::DoNotOptimize(journal::check_file(kept().journal->file()).ok());
}
BENCHMARK(journal_of_2000_works_checked)->Unit(benchmark::kMillisecond);

void journal_put_a_work(benchmark::State& state) {
  for (auto _ : state) kept().put(5);
}
BENCHMARK(journal_put_a_work)->Unit(benchmark::kMillisecond);

}  // namespace
