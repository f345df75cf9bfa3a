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
    const double price = plan::stroke_price() * static_cast<double>(strokes.size() - 1);
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
        QVERIFY(std::abs(r.de00 + plan::stroke_price() * static_cast<double>(strokes.size() - 1) -
                         table->cost(t, a, a)) < colour::kCoarseAgreement);
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
    const float off = colour::distance_squared(at, colour::to_din99o(labs[1]));
    const auto calm = static_cast<float>(plan::calm_of(0.5, labs[1]));
    const plan::Prices::Smooth& smooth = plan::prices().smooth;
    const double seen = std::min<double>(off, smooth.with_colour_most * smooth.with_colour_most);
    const auto more = static_cast<float>(calm * smooth.with_colour * 2 * seen);
    QVERIFY(std::abs(best[1] - off - 0.5F * 4 - more) < 1e-3F);
  }

  // Streaks of another colour are seen more than either alone, and never more than both together; where they are of the
  // right colour, or the subject is rough, it is as before. Common practice, no published source: a smooth wall is not
  // made of streaks of other greys.
  void streaks_of_another_colour_are_seen_more() {
    const colour::Lab wall{60, 0, 2};
    plan::ShadeSet shades;
    for (const double smooth : {0.0, 1.0}) shades.add_mass(std::span(&wall, 1), std::vector<double>{0.2}, {}, smooth);
    const colour::Din99o at = colour::to_din99o(wall);
    for (const float off : {0.0F, 0.5F, 2.0F, 4.0F, 9.0F}) {
      for (const float streak : {0.5F, 1.5F, 3.0F}) {
        const plan::Looks only{{{at.l + off, at.a, at.b}}, {wall}, {0.0F}, {streak * streak}, {3.0F}};
        std::array<float, 2> best{plan::kFarOff, plan::kFarOff};
        plan::reach_down(shades, only, best.data());
        QVERIFY(std::abs(std::sqrt(best[0]) - off) < 1e-3F);
        const float together = std::sqrt(best[1]);
        QVERIFY(together >= std::hypot(off, streak) + (off > 0 ? 0.02F : -1e-3F));
        QVERIFY(together <= off + streak + 1e-3F);
      }
    }
  }

  // Common practice, no published source: intense colour is left in strokes, a finger would dull it.
  void streaks_of_a_vivid_colour_are_left() {
    const auto two_off_in_streaks_of_two = [](const colour::Lab& lab) {
      plan::ShadeSet shades;
      shades.add_mass(std::span(&lab, 1), std::vector<double>{0.2}, {}, 1);
      const colour::Din99o at = colour::to_din99o(lab);
      const plan::Looks only{{{at.l + 2, at.a, at.b}}, {lab}, {0.0F}, {4.0F}, {3.0F}};
      float best = plan::kFarOff;
      plan::reach_down(shades, only, &best);
      return best;
    };
    QVERIFY(std::abs(two_off_in_streaks_of_two({50, 55, 40}) - 8) < 1e-3F);
    QVERIFY(two_off_in_streaks_of_two({50, 11, 8}) > 10);
    QVERIFY(two_off_in_streaks_of_two({50, 0, 0}) > two_off_in_streaks_of_two({50, 11, 8}));
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
