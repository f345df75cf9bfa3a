// SPDX-License-Identifier: MIT
// The tray as a problem of its own: against enumeration, against CBC, against HiGHS, and the bound against all of them.
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <array>
#include <fstream>
#include <set>

#include "tray/tray_bound.h"
#include "tray/tray_solver.h"
#include "tray/tray_work.h"
#include "small_world.h"
#include "support/random.h"

using namespace yd;

namespace {

/// A table of sticks and targets of the small picture, with all that a problem needs to live.
struct Case {
  media::Collection collection;
  std::vector<colour::Lab> targets;
  plan::PairTable table;
  std::vector<double> weights;
  std::vector<optics::Medium> medium;
  std::vector<int> mass;
  plan::TrayWishes wishes;

  explicit Case(std::size_t step) : collection(trial::every(step)) {
    static const subject::Subject s = trial::small_subject();
    for (const auto& m : s.masses) {
      for (const auto& t : m.targets) {
        targets.push_back(t.lab);
        mass.push_back(m.id);
      }
    }
    for (const auto& stick : collection.sticks) medium.push_back(stick.medium);
    weights.assign(targets.size(), 1.0 / static_cast<double>(targets.size()));
    Observer observer;
    table = plan::search_pairs({&trial::paper().ground, &trial::parameters(), collection.sticks, targets, {}}, observer)
                .value();
  }
  plan::TrayProblem problem() const { return {&table, weights, medium, mass, wishes}; }
  plan::Tray swap(int k) const {
    Observer observer;
    return plan::choose_tray(problem(), {k, 1, 400}, observer).value();
  }
};

/// Cheapest tray of at most three of the allowed sticks, by trying all.
plan::Tray enumerate(const Case& c) {
  const int n = static_cast<int>(c.table.sticks());
  const auto barred = [&](int s) {
    return std::find(c.wishes.forbidden.begin(), c.wishes.forbidden.end(), s) != c.wishes.forbidden.end();
  };
  const auto complete = [&](const std::vector<int>& tray) {
    return std::all_of(c.wishes.must_have.begin(), c.wishes.must_have.end(),
                       [&](int s) { return std::find(tray.begin(), tray.end(), s) != tray.end(); });
  };
  plan::Tray best;
  best.cost = 1e18;
  for (int i = 0; i < n; ++i) {
    for (int j = i; j < n; ++j) {
      for (int k = j; k < n; ++k) {
        std::vector<int> tray{i, j, k};
        tray.erase(std::unique(tray.begin(), tray.end()), tray.end());
        if (std::any_of(tray.begin(), tray.end(), barred) || !complete(tray)) continue;
        const double cost = plan::tray_cost(c.problem(), tray);
        if (cost < best.cost) best = {tray, cost};
      }
    }
  }
  return best;
}

/// What every target would cost with all sticks at hand: the bound anybody can have.
double floor_of(const Case& c) {
  double sum = 0;
  for (std::size_t t = 0; t < c.table.targets(); ++t) {
    float least = plan::kForbidden;
    for (std::size_t i = 0; i < c.table.sticks(); ++i) {
      for (std::size_t j = 0; j < c.table.sticks(); ++j) least = std::min(least, c.table.cost(t, i, j));
    }
    sum += c.weights[t] * plan::priced(least);
  }
  return sum;
}

/// Cost found and bound proven by HiGHS (Q. Huangfu, J. A. J. Hall, Math. Prog. Comp. 10, 2018) through SciPy.
std::array<double, 2> by_highs(const Case& c, int k, double seconds, double known) {
  const QTemporaryDir dir;
  const QString file = dir.filePath("tray.txt");
  std::ofstream out(file.toStdString());
  out.precision(9);
  out << c.table.sticks() << ' ' << c.table.targets() << ' ' << k << ' ' << seconds << ' ' << known << '\n';
  for (std::size_t t = 0; t < c.table.targets(); ++t) {
    for (std::size_t i = 0; i < c.table.sticks(); ++i) {
      for (std::size_t j = i; j < c.table.sticks(); ++j)
        out << c.weights[t] * plan::priced(std::min(c.table.cost(t, i, j), c.table.cost(t, j, i))) << ' ';
      out << '\n';
    }
  }
  out.close();
  QProcess python;
  python.start("/usr/bin/python3", {QString(YD_SOURCE_DIR "/tests/shared/tray_by_highs.py"), file});
  if (!python.waitForFinished(240000)) return {0, 0};
  const QStringList words = QString::fromUtf8(python.readAllStandardOutput()).simplified().split(' ');
  return {words.value(0).toDouble(), words.value(1).toDouble()};
}

}  // namespace

class TestTray : public QObject {
  Q_OBJECT
 private slots:
  void all_agree_with_enumeration() {
    for (const std::size_t step : {8U, 11U, 14U}) {
      const Case c(step);
      const plan::Tray best = enumerate(c);
      const plan::Tray swapped = c.swap(3);
      const auto solved = plan::solve_tray(c.problem(), swapped, {3, 60, 1000});
      QVERIFY(solved.ok() && solved->optimal && solved->complete);
      QVERIFY(std::abs(solved->tray.cost - best.cost) < 1e-6);
      QVERIFY(std::abs(solved->bound - best.cost) < 1e-4);
      QVERIFY(swapped.cost <= best.cost * 1.02 + 1e-9);
      Observer observer;
      const auto bound = plan::bound_tray(c.problem(), swapped.cost, {3, 3000, 0.0}, observer);
      QVERIFY2(bound.bound <= best.cost + 1e-9, "a bound above the best is no bound");
      QVERIFY(bound.bound > floor_of(c) - 1e-4);
    }
  }

  void wishes_are_met_and_solved_exactly() {
    Case c(11);
    c.wishes.must_have = {5};
    c.wishes.forbidden = c.swap(3).sticks;
    std::erase(c.wishes.forbidden, 5);
    c.wishes.medium_price = 0.4;
    const plan::Tray best = enumerate(c);
    const plan::Tray swapped = c.swap(3);
    QVERIFY(std::find(swapped.sticks.begin(), swapped.sticks.end(), 5) != swapped.sticks.end());
    for (const int s : swapped.sticks)
      QVERIFY(std::find(c.wishes.forbidden.begin(), c.wishes.forbidden.end(), s) == c.wishes.forbidden.end());
    const auto solved = plan::solve_tray(c.problem(), swapped, {3, 60, 1000});
    QVERIFY(solved.ok() && solved->optimal);
    QVERIFY(std::abs(solved->tray.cost - best.cost) < 1e-6);
    QVERIFY(swapped.cost <= best.cost * 1.05);
    Observer observer;
    QVERIFY(plan::bound_tray(c.problem(), swapped.cost, {3, 2000, 0.0}, observer).bound <= best.cost + 1e-9);
  }

  void contradicting_wishes_are_refused() {
    Case c(14);
    Observer observer;
    c.wishes.must_have = {1, 2, 3, 4};
    QVERIFY(!plan::choose_tray(c.problem(), {3, 1, 10}, observer).ok());
    c.wishes.must_have = {2};
    c.wishes.forbidden = {2};
    const auto refused = plan::choose_tray(c.problem(), {3, 1, 10}, observer);
    QVERIFY(!refused.ok());
    QCOMPARE(refused.error().where, std::string("must_have"));
  }

  void a_price_on_media_buys_fewer_media() {
    Case c(4);
    const auto media_of = [&](const plan::Tray& t) {
      std::set<optics::Medium> out;
      for (const int s : t.sticks) out.insert(c.medium[static_cast<std::size_t>(s)]);
      return out.size();
    };
    const auto before = media_of(c.swap(8));
    c.wishes.medium_price = 5;
    QVERIFY(media_of(c.swap(8)) <= before);
    QCOMPARE(media_of(c.swap(8)), std::size_t{1});
  }

  void a_wish_for_unity_leaves_fewer_lonely_sticks() {
    Case c(3);
    const auto lonely = [&](const plan::Tray& t) {
      Case judge(3);
      judge.wishes.lonely_price = 1;
      const double with = plan::tray_cost(judge.problem(), t.sticks);
      judge.wishes.lonely_price = 0;
      return std::lround(with - plan::tray_cost(judge.problem(), t.sticks));
    };
    const auto before = lonely(c.swap(9));
    c.wishes.lonely_price = 0.5;
    QVERIFY(lonely(c.swap(9)) <= before);
    QVERIFY(lonely(c.swap(9)) <= 1);
  }

  void a_second_solver_agrees_on_small_cases() {
    const Case c(9);
    for (const int k : {3, 5}) {
      const auto [cost, bound] = by_highs(c, k, 60, c.swap(k).cost);
      QVERIFY2(cost > 0, "HiGHS gave no answer");
      const auto solved = plan::solve_tray(c.problem(), c.swap(k), {k, 60, 1000});
      QVERIFY(solved.ok() && solved->optimal);
      QVERIFY2(std::abs(solved->tray.cost - cost) < 1e-3 * cost,
               qPrintable(QString("CBC %1, HiGHS %2").arg(solved->tray.cost).arg(cost)));
    }
  }

  // All 224 sticks, a part of them under the sanitizers. The bound and the tray must embrace what the other solver
  // finds and proves.
  void a_second_solver_agrees_on_full_size() {
    const Case c(trial::kThinned);
    const int k = 20;
    const plan::Tray swapped = c.swap(k);
    Observer observer;
    const auto bound = plan::bound_tray(c.problem(), swapped.cost, {k, 4000, 0.001}, observer);
    const auto [cost, proven] = by_highs(c, k, 60, swapped.cost);
    QVERIFY2(cost > 0, "HiGHS gave no answer");
    qInfo("swap %.4f, our bound %.4f, HiGHS %.4f, its bound %.4f", swapped.cost, bound.bound, cost, proven);
    QVERIFY(bound.bound <= cost * 1.0005);
    QVERIFY(proven <= swapped.cost * 1.0005);
    QVERIFY(plan::gap(swapped.cost, bound.bound) < 0.03);
  }

  void the_curve_never_rises() {
    const Case c(6);
    Observer observer;
    const auto curve = plan::tray_curve(c.problem(), 3, 12, observer).value();
    QCOMPARE(curve.size(), std::size_t{10});
    for (std::size_t i = 1; i < curve.size(); ++i) {
      QVERIFY(curve[i].tray.cost <= curve[i - 1].tray.cost + 1e-12);
      QVERIFY(static_cast<int>(curve[i].tray.sticks.size()) <= curve[i].most_sticks);
    }
    QVERIFY(curve.back().mean_de00 < curve.front().mean_de00);
  }

  void the_stick_to_get_keeps_its_word() {
    const Case c(5);
    const plan::Tray tray = c.swap(4);
    const auto next = plan::stick_to_get(c.problem(), tray.sticks);
    QVERIFY(next.stick >= 0);
    std::vector<int> with = tray.sticks;
    with.push_back(next.stick);
    QVERIFY(std::abs(tray.cost - plan::tray_cost(c.problem(), with) - next.gain) < 1e-4);
    for (int s = 0; s < static_cast<int>(c.table.sticks()); ++s) {
      with.back() = s;
      QVERIFY(plan::tray_cost(c.problem(), with) >= tray.cost - next.gain - 1e-4);
    }
  }

  void a_large_collection_is_searched_by_its_best() {
    media::Collection large;
    Random random(5);
    for (int i = 0; i < 3000; ++i) {
      media::Stick s;
      s.lab = {random.uniform(10, 95), random.uniform(-60, 60), random.uniform(-60, 60)};
      large.sticks.push_back(s);
    }
    const std::vector<colour::Lab> targets{{40, 20, 10}, {80, -5, 30}};
    plan::TrayWishes wishes;
    wishes.must_have = {17, 2999};
    wishes.forbidden = {3, 4};
    const auto pool = plan::choose_pool(large.sticks, targets, wishes);
    QCOMPARE(pool.size(), plan::kMostSearched);
    QVERIFY(std::is_sorted(pool.begin(), pool.end()));
    QVERIFY(std::binary_search(pool.begin(), pool.end(), 17) && std::binary_search(pool.begin(), pool.end(), 2999));
    for (const colour::Lab& t : targets) {
      int nearest = 0;
      for (int i = 0; i < 3000; ++i) {
        if (i != 3 && i != 4 &&
            colour::distance_1976(large.sticks[static_cast<std::size_t>(i)].lab, t) <
                colour::distance_1976(large.sticks[static_cast<std::size_t>(nearest)].lab, t))
          nearest = i;
      }
      QVERIFY(std::binary_search(pool.begin(), pool.end(), nearest));
    }
  }
};

QTEST_GUILESS_MAIN(TestTray)
#include "test_tray.moc"
