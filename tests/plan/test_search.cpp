// SPDX-License-Identifier: MIT
// The exhaustive search against brute force through the slow model, and the same whatever the threads.
#include <tbb/global_control.h>

#include <QTest>
#include <array>
#include <cmath>

#include "colour/ciede2000.h"
#include "search/layer_search.h"
#include "search/search.h"
#include "search/stacks.h"
#include "small_world.h"

using namespace yd;

namespace {

const std::vector<colour::Lab> kTargets{{70, 5, 20}, {35, 12, -20}, {50, -18, 15}, {88, 0, 5}, {20, 5, 5}};

plan::SearchInput input_of_targets(const media::Collection& c) {
  return {&trial::paper().ground, &trial::parameters(), c.sticks, kTargets, {}};
}

/// Every stack the rules allow, one by one, through the general model.
double brute_force(const media::Collection& c, const colour::Lab& target, std::size_t first, std::size_t second) {
  double best = plan::kForbidden;
  const auto& sticks = c.sticks;
  const auto consider = [&](std::vector<plan::Stroke> strokes) {
    const double price = plan::kStrokePrice * static_cast<double>(strokes.size() - 1);
    const auto r = plan::evaluate(trial::paper().ground, trial::parameters(), sticks, std::move(strokes), target);
    best = std::min(best, r.de00 + price);
  };
  const bool pair = plan::may_lie_over(sticks[second].medium, sticks[first].medium) &&
                    sticks[first].lab.l <= sticks[second].lab.l + plan::kDarkFirstSlack;
  for (const double p : plan::kPressures) {
    for (const auto t : {plan::Technique::laid, plan::Technique::rubbed}) {
      const plan::Stroke under{static_cast<int>(first), p, t};
      if (first == second) consider({under});
      for (const double q : plan::kPressures) {
        for (const auto u : {plan::Technique::laid, plan::Technique::rubbed}) {
          if (pair) consider({under, {static_cast<int>(second), q, u}});
        }
      }
    }
  }
  return best;
}

}  // namespace

class TestSearch : public QObject {
  Q_OBJECT
 private slots:
  void finds_what_brute_force_finds() {
    const media::Collection c = trial::every(28);
    Observer observer;
    const auto table = plan::search_pairs(input_of_targets(c), observer);
    QVERIFY(table.ok());
    double worst = 0;
    for (std::size_t t = 0; t < kTargets.size(); ++t) {
      for (std::size_t a = 0; a < c.sticks.size(); ++a) {
        for (std::size_t b = 0; b < c.sticks.size(); ++b) {
          const double slow = brute_force(c, kTargets[t], a, b);
          worst = std::max(worst, std::abs(slow - table->cost(t, a, b)));
        }
      }
    }
    QVERIFY2(worst < colour::kCoarseAgreement, qPrintable(QString::number(worst)));
  }

  void its_strokes_give_its_cost() {
    const media::Collection c = trial::every(16);
    Observer observer;
    const auto table = plan::search_pairs(input_of_targets(c), observer);
    for (std::size_t t = 0; t < kTargets.size(); ++t) {
      for (std::size_t a = 0; a < c.sticks.size(); a += 3) {
        const auto strokes = table->strokes(t, a, a);
        const auto r = plan::evaluate(trial::paper().ground, trial::parameters(), c.sticks, strokes, kTargets[t]);
        QVERIFY(std::abs(r.de00 + plan::kStrokePrice * static_cast<double>(strokes.size() - 1) - table->cost(t, a, a)) <
                colour::kCoarseAgreement);
      }
    }
  }

  void threads_do_not_matter() {
    const media::Collection c = trial::every(9);
    Observer observer;
    const auto many = plan::search_pairs(input_of_targets(c), observer);
    const tbb::global_control one(tbb::global_control::max_allowed_parallelism, 1);
    const auto single = plan::search_pairs(input_of_targets(c), observer);
    QCOMPARE(many->evaluations, single->evaluations);
    for (std::size_t t = 0; t < kTargets.size(); ++t) {
      for (std::size_t a = 0; a < c.sticks.size(); ++a) {
        for (std::size_t b = 0; b < c.sticks.size(); ++b) QCOMPARE(many->cost(t, a, b), single->cost(t, a, b));
      }
    }
  }

  void stacks_agree_with_the_slow_model() {
    const media::Collection c = trial::every(20);
    const std::vector<int> tray{0, 2, 5, 7, 9};
    const auto stacks = plan::all_stacks(input_of_targets(c), tray);
    QVERIFY(stacks.size() > 300);
    for (std::size_t i = 0; i < stacks.size(); i += 7) {
      const auto r =
          plan::evaluate(trial::paper().ground, trial::parameters(), c.sticks, stacks[i].strokes, kTargets[0]);
      QVERIFY(colour::ciede2000(r.look.lab, stacks[i].lab) < colour::kCoarseAgreement);
      QVERIFY(std::abs(r.tooth_left - static_cast<double>(stacks[i].tooth_left)) < 1e-5);
      QVERIFY(std::abs(r.look.spread_l - static_cast<double>(stacks[i].spread_l)) < colour::kCoarseAgreement);
    }
  }

  void rules_enter_the_search() {
    const media::Collection c = trial::every(12);
    plan::SearchInput in = input_of_targets(c);
    in.rules.manner = plan::Manner::broken;
    std::vector<int> tray;
    for (int i = 0; i < static_cast<int>(c.sticks.size()); i += 2) tray.push_back(i);
    for (const plan::Stack& s : plan::all_stacks(in, tray)) {
      for (const plan::Stroke& k : s.strokes) QVERIFY(k.technique == plan::Technique::laid);
      if (s.strokes.size() < 2) continue;
      const auto& under = c.sticks[static_cast<std::size_t>(s.strokes[0].stick)];
      const auto& over = c.sticks[static_cast<std::size_t>(s.strokes[1].stick)];
      QVERIFY(plan::may_lie_over(over.medium, under.medium));
      QVERIFY(under.lab.l <= over.lab.l + plan::kDarkFirstSlack);
    }
  }

  // A hazy hill may be of one mass with the wood before it: speckle is seen on the one and not on the other.
  void speckle_is_seen_where_the_mass_is_smooth() {
    const std::vector<colour::Lab> labs{{60, 2, -6}, {66, 3, -2}};
    plan::ShadeSet shades;
    shades.add_mass(labs, std::vector<double>{0.2, 0.2}, {}, 0.5, std::vector<double>{1, 0.5});
    const colour::Din99o at = colour::to_din99o(labs[0]);
    const plan::Looks only{{at}, {labs[0]}, {0.0F}, {4.0F}, {3.0F}};
    std::array<float, 2> best{plan::kFarOff, plan::kFarOff};
    plan::reach_down(shades, only, best.data());
    QVERIFY(std::abs(best[0] - 4) < 1e-3F);
    QVERIFY(std::abs(best[1] - colour::distance_squared(at, colour::to_din99o(labs[1])) - 2) < 1e-3F);
  }

  void nothing_to_search_is_an_error() {
    Observer observer;
    QVERIFY(!plan::search_pairs({&trial::paper().ground, &trial::parameters(), {}, kTargets, {}}, observer).ok());
    const media::Collection c = trial::every(60);
    QVERIFY(!plan::search_pairs({&trial::paper().ground, &trial::parameters(), c.sticks, {}, {}}, observer).ok());
  }
};

QTEST_APPLESS_MAIN(TestSearch)
#include "test_search.moc"
