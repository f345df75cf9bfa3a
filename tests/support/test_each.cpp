// SPDX-License-Identifier: MIT
// Loops over all cores: every index once, whatever the pieces.
#include <QTest>
#include <atomic>
#include <numeric>
#include <stdexcept>
#include <vector>

#include "parallel/each.h"

using namespace yd;

class TestEach : public QObject {
  Q_OBJECT
 private slots:
  void every_index_comes_once() {
    for (const int n : {0, 1, 2, 1000, 100'003}) {
      std::vector<std::atomic<int>> times(static_cast<std::size_t>(n));
      parallel::each(n, [&](int i) { ++times[static_cast<std::size_t>(i)]; });
      for (const std::atomic<int>& t : times) QCOMPARE(t.load(), 1);
    }
  }

  void spans_cover_all_and_are_not_crumbs() {
    std::vector<std::atomic<int>> times(10'000);
    std::atomic<int> pieces{0};
    parallel::spans(times.size(), 256, [&](std::size_t begin, std::size_t end) {
      ++pieces;
      for (std::size_t i = begin; i < end; ++i) ++times[i];
    });
    for (const std::atomic<int>& t : times) QCOMPARE(t.load(), 1);
    // A range is halved while it is longer than its grain: pieces are half as long at least.
    QVERIFY2(pieces.load() >= 1 && pieces.load() <= 10'000 / 128, qPrintable(QString::number(pieces.load())));
    parallel::spans(0, 16, [](std::size_t, std::size_t) { QFAIL("nothing to do"); });
  }

  void loops_may_lie_in_loops() {
    std::vector<std::atomic<int>> sums(64);
    parallel::each(sums.size(), [&](std::size_t i) { parallel::each(100, [&](int k) { sums[i] += k; }); });
    for (const std::atomic<int>& s : sums) QCOMPARE(s.load(), 4950);
  }

  void jobs_are_all_done() {
    int a = 0;
    int b = 0;
    int c = 0;
    parallel::at_once({[&] { a = 1; }, [&] { b = 2; }, [&] { c = 3; }});
    QCOMPARE(a + b + c, 6);
  }

  void what_is_thrown_comes_back_out() {
    const auto loop = [] {
      parallel::each(1000, [](int i) {
        if (i == 700) throw std::runtime_error("seven hundred");
      });
    };
    QVERIFY_THROWS_EXCEPTION(std::runtime_error, loop());
  }
};

QTEST_GUILESS_MAIN(TestEach)
#include "test_each.moc"
