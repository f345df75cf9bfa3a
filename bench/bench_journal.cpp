// The journal at 2,000 works: what is asked for while an artist types, and what is written at every pass. The limit is
// 50 ms a search.
#include <QDir>
#include <QTemporaryDir>
#include <benchmark/benchmark.h>

#include "journal/journal.h"

namespace {

using namespace yd;

struct Kept {
  QTemporaryDir dir;
  std::unique_ptr<journal::Journal> journal;

  Kept() {
    journal = std::move(journal::Journal::open(dir.filePath("journal.sqlite"))).value();
    for (int n = 0; n < 2000; ++n) put(n);
  }
  void put(int n) const {
    static const char* const kWords[] = {"dusk", "harbour", "kettle", "dune", "window", "orchard", "ferry", "snow"};
    journal::Work w;
    w.id = QString::number(n);
    w.title = QString("%1 and %2 %3").arg(kWords[n % 8], kWords[n / 8 % 8]).arg(n);
    w.paper = n % 2 == 0 ? "Sanded 400, warm grey" : "Laid, cream";
    w.touched_s = 1'700'000'000 + n * 3600;
    w.passes = 17;
    w.done = n % 18;
    w.subject = QByteArray(9000, 's');
    w.board = QByteArray(14000, 'b');
    for (int i = 0; i < 12; ++i) {
      w.sticks.push_back({QString("stick-%1").arg((7 * n + i) % 224),
                          QString("umber %1").arg(i),
                          {},
                          {10.0 + (7 * n + i) % 80, -20.0 + n % 45, -30.0 + (3 * n + i) % 60},
                          2,
                          0.03});
    }
    if (!journal->put(w).ok()) std::abort();
    journal::Recipe r;
    r.work = w.id;
    r.title = QString("%1, upper part").arg(kWords[n % 8]);
    r.words = "Umber lightly; cobalt rubbed in; a little white where it is light.";
    r.lab = w.sticks[0].lab;
    r.layers = {{"stick-1", "umber", {}, {}, 0.4, false}, {"stick-2", "cobalt", {}, {}, 0.7, true}};
    if (!journal->put(r).ok()) std::abort();
  }
};

const Kept& kept() {
  static const Kept all;
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
