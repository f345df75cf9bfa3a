// SPDX-License-Identifier: MIT
// The simulated hand: what it does to a plan, and what that costs.
#include <QtTest>

#include "small_world.h"
#include "standin/hand.h"

using namespace yd;

class TestHand : public QObject {
  Q_OBJECT
 private slots:
  void initTestCase() {
    subject_ = trial::small_subject();
    Observer observer;
    plan_ = plan::make_plan(subject_, trial::paper(), trial::shipped_collection(), trial::parameters(),
                            trial::options_with(6), observer)
                .value();
    in_ = {&plan_, &subject_, &trial::paper(), &trial::shipped_collection(), &trial::parameters()};
  }

  void a_steady_hand_paints_the_plan() {
    const plan::Plan p = standin::painted_by(plan_, {0, 0, 7});
    for (std::size_t i = 0; i < p.passes.size(); ++i) {
      QVERIFY(p.passes[i].targets == plan_.passes[i].targets);
      for (const int t : p.passes[i].targets)
        QCOMPARE(plan::pressure_on(p.passes[i], t), plan::pressure_on(plan_.passes[i], t));
    }
  }

  void the_same_seed_is_the_same_hand_and_another_is_not() {
    const auto pressures = [&](std::uint64_t seed) {
      std::vector<double> out;
      for (const plan::Pass& p : standin::painted_by(plan_, {0.15, 0, seed}).passes)
        out.insert(out.end(), p.pressures.begin(), p.pressures.end());
      return out;
    };
    QVERIFY(pressures(3) == pressures(3));
    QVERIFY(pressures(3) != pressures(4));
  }

  // Pressures that are not held at a limit stray by what was asked for.
  void the_spread_is_what_was_asked_for() {
    double sum = 0;
    double squares = 0;
    int n = 0;
    for (std::uint64_t seed = 1; seed <= 200; ++seed) {
      const plan::Plan p = standin::painted_by(plan_, {0.1, 0, seed});
      for (std::size_t i = 0; i < p.passes.size(); ++i) {
        int last = -1;
        for (const int t : p.passes[i].targets) {
          const double wanted = plan::pressure_on(plan_.passes[i], t);
          const int mass = plan_.targets[static_cast<std::size_t>(t)].mass;
          if (wanted > 0.6 || mass == last) continue;
          last = mass;
          const double off = plan::pressure_on(p.passes[i], t) / wanted - 1;
          sum += off;
          squares += off * off;
          ++n;
        }
      }
    }
    QVERIFY(n > 500);
    const double mean = sum / n;
    const double deviation = std::sqrt(squares / n - mean * mean);
    QVERIFY2(std::abs(mean) < 0.02 && std::abs(deviation - 0.1) < 0.01, qPrintable(QString::number(deviation)));
  }

  void who_forgets_everything_leaves_the_paper() {
    const plan::Plan p = standin::painted_by(plan_, {0, 1, 1});
    for (const plan::Pass& pass : p.passes) QVERIFY(pass.kind != plan::PassKind::stroke || pass.targets.empty());
  }

  void a_shakier_hand_costs_more() {
    Observer observer;
    const auto steady = standin::rehearse(in_, {0, 0, 1}, 2, observer).value();
    QVERIFY(std::abs(steady.mean - steady.planned.mean) < 1e-9 && steady.spread < 1e-9);
    const auto usual = standin::rehearse(in_, {0.15, 0, 1}, 6, observer).value();
    const auto shaky = standin::rehearse(in_, {0.4, 0, 1}, 6, observer).value();
    QVERIFY(usual.mean > steady.mean && shaky.mean > usual.mean);
    QVERIFY(usual.spread > 0);
    QVERIFY(!usual.delicate.empty());
    for (std::size_t i = 1; i < usual.delicate.size(); ++i)
      QVERIFY(usual.delicate[i].costs <= usual.delicate[i - 1].costs);
  }

  void nonsense_is_refused() {
    Observer observer;
    QVERIFY(!standin::rehearse(in_, {0.15, 0, 1}, 0, observer).ok());
    QVERIFY(!standin::rehearse(in_, {0.9, 0, 1}, 1, observer).ok());
    QVERIFY(!standin::rehearse(in_, {0.1, 2, 1}, 1, observer).ok());
  }

 private:
  subject::Subject subject_;
  plan::Plan plan_;
  standin::RehearsalInput in_;
};

QTEST_GUILESS_MAIN(TestHand)
#include "test_hand.moc"
