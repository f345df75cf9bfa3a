// SPDX-License-Identifier: MIT
// The least of a function against minima that are published, and at a bound.
#include <QTest>
#include <cmath>

#include "fit/least.h"

using namespace yd;

class TestLeast : public QObject {
  Q_OBJECT
 private slots:
  // H. Rosenbrock, "An automatic method for finding the greatest or least value of a function", The Computer Journal 3,
  // 1960: the valley 100 (y - x²)² + (1 - x)², least 0 at (1, 1), from (-1.2, 1).
  void the_curved_valley_is_followed() {
    const auto valley = [](std::span<const double> x) {
      return 100 * std::pow(x[1] - x[0] * x[0], 2) + std::pow(1 - x[0], 2);
    };
    const std::vector<double> low{-2, -2};
    const std::vector<double> high{2, 2};
    const fit::Least found = fit::least(valley, {-1.2, 1}, low, high, {0.3, 1e-6, 400});
    QVERIFY(std::abs(found.at[0] - 1) < 1e-3);
    QVERIFY(std::abs(found.at[1] - 1) < 2e-3);
    QCOMPARE(found.cost, valley(found.at));
  }

  // A line over an interval is least at its end.
  void a_bound_holds() {
    const std::vector<double> low{0.4};
    const std::vector<double> high{1.8};
    const fit::Least found = fit::least([](std::span<const double> x) { return x[0]; }, {1}, low, high, {});
    QVERIFY(std::abs(found.at[0] - 0.4) < 1e-3);
  }

  void it_never_ends_worse_than_it_began() {
    const std::vector<double> low{-1, -1};
    const std::vector<double> high{1, 1};
    // All spikes: nothing near is better.
    const auto spikes = [](std::span<const double> x) { return x[0] == 0.25 && x[1] == 0.25 ? 0.0 : 5.0; };
    const fit::Least found = fit::least(spikes, {0.25, 0.25}, low, high, {});
    QCOMPARE(found.cost, 0.0);
    QCOMPARE(found.at, (std::vector<double>{0.25, 0.25}));
  }
};

QTEST_APPLESS_MAIN(TestLeast)
#include "test_least.moc"
