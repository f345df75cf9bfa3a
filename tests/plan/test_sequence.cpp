// SPDX-License-Identifier: MIT
// The sequence of jobs against brute force over every order, and its bounds; speeds are in bench/.
#include <QTest>
#include <algorithm>
#include <numeric>

#include "order/sequence.h"
#include "support/random.h"

using namespace yd;

namespace {

/// A random acyclic problem: edges run from lower to higher numbers.
plan::SequenceProblem random_problem(Random& random, int jobs, int tools, double density, bool lags) {
  plan::SequenceProblem p;
  for (int i = 0; i < jobs; ++i)
    p.jobs.push_back({static_cast<int>(random.below(static_cast<std::uint64_t>(tools))), random.uniform(0.5, 6)});
  for (int i = 0; i < jobs; ++i) {
    for (int k = i + 1; k < jobs; ++k) {
      if (random.uniform() < density)
        p.edges.push_back({i, k, lags && random.uniform() < 0.3 ? random.uniform(1, 25) : 0});
    }
  }
  return p;
}

bool obeys(const plan::SequenceProblem& p, const std::vector<int>& order) {
  std::vector<int> place(order.size());
  for (std::size_t i = 0; i < order.size(); ++i) place[static_cast<std::size_t>(order[i])] = static_cast<int>(i);
  return std::all_of(p.edges.begin(), p.edges.end(), [&](const plan::Precedence& e) {
    return place[static_cast<std::size_t>(e.before)] < place[static_cast<std::size_t>(e.after)];
  });
}

struct Best {
  double minutes = 1e18;
  int changes = 1 << 20;
};

/// Every order there is.
Best enumerate(const plan::SequenceProblem& p) {
  std::vector<int> order(p.jobs.size());
  std::iota(order.begin(), order.end(), 0);
  Best best;
  do {
    if (!obeys(p, order)) continue;
    const plan::Sequence s = plan::reckon(p, order);
    best.minutes = std::min(best.minutes, s.minutes);
    best.changes = std::min(best.changes, s.changes);
  } while (std::next_permutation(order.begin(), order.end()));
  return best;
}

}  // namespace

class TestSequence : public QObject {
  Q_OBJECT
 private slots:
  void a_worked_example() {
    // Tool A: jobs 0 and 2; tool B: job 1. 0 before 1 before 2: A, B, A, so three changes, none fewer.
    const plan::SequenceProblem p{{{7, 2}, {9, 3}, {7, 1}}, {{0, 1, 0}, {1, 2, 4}}, 1, -1};
    Observer observer;
    const auto s = plan::sequence_jobs(p, {}, observer).value();
    QCOMPARE(s.order, (std::vector<int>{0, 1, 2}));
    QCOMPARE(s.changes, 3);
    QCOMPARE(s.changes_bound, 3);
    // 1 + 2, 1 + 3, then 4 minutes of drying of which one goes by while the tool is changed, then 1.
    QCOMPARE(s.minutes, 12.0);
    QCOMPARE(s.waiting, 3.0);
  }

  void waiting_is_filled_with_other_work() {
    // A wet job of 2 minutes that dries for 10; one that waits for it; one of 8 minutes that does not.
    const plan::SequenceProblem p{{{1, 2}, {2, 3}, {3, 8}}, {{0, 1, 10}}, 1, -1};
    Observer observer;
    const auto s = plan::sequence_jobs(p, {}, observer).value();
    QCOMPARE(s.order, (std::vector<int>{0, 2, 1}));
    QVERIFY(s.waiting <= 1.0);
  }

  void without_lags_it_is_as_good_as_every_order_tried() {
    Random random(41);
    Observer observer;
    for (int n = 0; n < 120; ++n) {
      const auto p = random_problem(random, 4 + static_cast<int>(random.below(4)), 3, 0.25, false);
      const auto s = plan::sequence_jobs(p, {}, observer).value();
      const Best best = enumerate(p);
      QVERIFY(obeys(p, s.order));
      QCOMPARE(s.changes, best.changes);
      QCOMPARE(s.changes_bound, best.changes);
      QVERIFY(std::abs(s.minutes - best.minutes) < 1e-9);
    }
  }

  void with_lags_it_stays_near_the_best_and_above_its_bound() {
    Random random(43);
    Observer observer;
    int optimal = 0;
    constexpr int kRuns = 120;
    for (int n = 0; n < kRuns; ++n) {
      const auto p = random_problem(random, 4 + static_cast<int>(random.below(4)), 3, 0.3, true);
      const auto s = plan::sequence_jobs(p, {}, observer).value();
      const Best best = enumerate(p);
      QVERIFY(obeys(p, s.order));
      QVERIFY(s.minutes >= best.minutes - 1e-9);
      QVERIFY2(s.minutes_bound <= best.minutes + 1e-9, qPrintable(QString::number(s.minutes_bound - best.minutes)));
      QVERIFY(s.changes_bound <= best.changes);
      QVERIFY2(s.minutes <= 1.1 * best.minutes, qPrintable(QString("%1 %2").arg(s.minutes).arg(best.minutes)));
      optimal += s.minutes < best.minutes + 1e-9 ? 1 : 0;
    }
    qInfo("with drying, %d of %d sequences were the best possible", optimal, kRuns);
    QVERIFY(optimal >= kRuns * 9 / 10);
  }

  void what_it_says_is_what_the_clock_says() {
    Random random(47);
    Observer observer;
    for (int n = 0; n < 40; ++n) {
      const auto p = random_problem(random, 30, 6, 0.06, true);
      const auto s = plan::sequence_jobs(p, {24, 300}, observer).value();
      const auto r = plan::reckon(p, s.order);
      QVERIFY(obeys(p, s.order));
      QCOMPARE(s.changes, r.changes);
      QVERIFY(std::abs(s.minutes - r.minutes) < 1e-9);
      QVERIFY(std::abs(s.waiting - r.waiting) < 1e-9);
      QVERIFY(s.changes_bound <= s.changes);
      QVERIFY(s.minutes_bound <= s.minutes + 1e-9);
    }
  }

  void the_same_problem_gives_the_same_sequence() {
    Random random(53);
    Observer observer;
    const auto p = random_problem(random, 60, 9, 0.04, true);
    QCOMPARE(plan::sequence_jobs(p, {}, observer)->order, plan::sequence_jobs(p, {}, observer)->order);
  }

  void circles_and_wrong_numbers_are_refused() {
    Observer observer;
    QVERIFY(!plan::sequence_jobs({{{1, 1}, {2, 1}}, {{0, 1, 0}, {1, 0, 0}}, 1, -1}, {}, observer).ok());
    QVERIFY(!plan::sequence_jobs({{{1, 1}}, {{0, 3, 0}}, 1, -1}, {}, observer).ok());
    QVERIFY(plan::sequence_jobs({}, {}, observer)->order.empty());
  }

  void what_is_in_the_hand_is_not_fetched() {
    Observer observer;
    const plan::SequenceProblem p{{{5, 2}, {6, 2}}, {}, 1, 6};
    const auto s = plan::sequence_jobs(p, {}, observer).value();
    QCOMPARE(s.order.front(), 1);
    QCOMPARE(s.changes, 1);
  }
};

QTEST_APPLESS_MAIN(TestSequence)
#include "test_sequence.moc"
