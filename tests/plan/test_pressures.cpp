// SPDX-License-Identifier: MIT
// Pressures from place to place: like colours alike, graded without steps.
#include <QtTest>
#include <algorithm>
#include <array>
#include <cmath>
#include <set>

#include "colour/ciede2000.h"
#include "search/lattice.h"
#include "search/pressures.h"
#include "small_world.h"

using namespace yd;

namespace {

/// One layer that lightens evenly, nothing else to it.
plan::PressureWay lightened(double pressure) { return {{pressure}, {50 + 20 * pressure, 0, 0}, 0}; }

plan::PressureWay fitted_to(double target_l, double grade, const plan::LookBetween& look, double smooth = 0) {
  const std::vector<plan::PressurePlace> places{{{target_l, 0, 0}, 0.1, smooth}};
  std::vector<plan::PressureWay> ways{lightened(grade)};
  plan::fit_between_grades(places, ways, look);
  return ways[0];
}

std::optional<plan::PressureWay> look_lightened(std::size_t, const std::vector<double>& pressures) {
  return lightened(pressures[0]);
}

/// A field that goes from dark to light, one shade after the other.
subject::Subject sky() {
  constexpr int kWidth = 240, kHeight = 160;
  subject::LabImage image(kWidth, kHeight);
  for (int y = 0; y < kHeight; ++y) {
    for (int x = 0; x < kWidth; ++x)
      image.at(x, y) = {48.0F + 34.0F * y / kHeight, -2.0F, -22.0F + 16.0F * y / kHeight};
  }
  Observer observer;
  return subject::read_subject(std::move(image), {0.2, 8}, observer).value();
}

}  // namespace

class TestPressures : public QObject {
  Q_OBJECT
 private slots:
  void like_colours_get_like_pressures() {
    std::vector<plan::PressureWay> ways;
    for (const double p : {0.0, 0.25, 0.5, 0.75, 1.0}) {
      ways.push_back({{p, 0.0}, {50 + 20 * p, 0, 0}, 0});
      // The same colours by the other layer, a trifle nearer for one of the places.
      ways.push_back({{0.0, p}, {50.1 + 20 * p, 0, 0}, 0});
    }
    const std::vector<plan::PressurePlace> places{{{55, 0, 0}, 0.1}, {{60.1, 0, 0}, 0.1}, {{65, 0, 0}, 0.1}};
    const auto best = plan::fit_pressures(places, ways);
    std::set<bool> by_first;
    for (const std::size_t b : best) by_first.insert(ways[b].pressures[0] > 0);
    QCOMPARE(by_first.size(), std::size_t{1});
    for (std::size_t i = 1; i < best.size(); ++i) QVERIFY(ways[best[i]].lab.l > ways[best[i - 1]].lab.l);
  }

  void a_hand_grades_between_the_grades() {
    QCOMPARE(fitted_to(56.2, 0.25, look_lightened).pressures[0], 0.3125);
    QCOMPARE(fitted_to(54, 0.25, look_lightened).pressures[0], 0.1875);
    QCOMPARE(fitted_to(60, 0.5, look_lightened).pressures[0], 0.5);
    // No further than half a grade, nor beyond the full pressure.
    QCOMPARE(fitted_to(70, 0.5, look_lightened).pressures[0], 0.625);
    QCOMPARE(fitted_to(90, 1, look_lightened).pressures[0], 1.0);
  }

  void what_is_left_out_or_barred_stays_so() {
    QCOMPARE(fitted_to(52, 0, look_lightened).pressures[0], 0.0);
    const auto barred = [](std::size_t place, const std::vector<double>& pressures) {
      return pressures[0] > 0.5 ? std::nullopt : look_lightened(place, pressures);
    };
    QCOMPARE(fitted_to(62, 0.5, barred).pressures[0], 0.5);
    QCOMPARE(fitted_to(58.8, 0.5, barred).pressures[0], 0.4375);
  }

  // Nearer in colour by streaks is no gain where the subject is smooth, and one where it is not.
  void streaks_are_not_taken_for_a_nearer_colour() {
    const auto streaked = [](std::size_t place, const std::vector<double>& pressures) {
      auto way = look_lightened(place, pressures);
      way->marks = pressures[0] > 0.5 ? 9 : 0;
      return way;
    };
    QCOMPARE(fitted_to(61.2, 0.5, streaked, 1).pressures[0], 0.5);
    QCOMPARE(fitted_to(61.2, 0.5, streaked, 0).pressures[0], 0.5625);
  }

  void neighbours_in_colour_hold_each_other() {
    // The second layer does next to nothing: it goes the way of those whose colour is as good as the same.
    const auto look = [](std::size_t, const std::vector<double>& p) {
      return plan::PressureWay{p, {50 + 20 * p[0] + 0.1 * p[1], 0, 0}, 0};
    };
    const std::vector<plan::PressurePlace> places{{{60, 0, 0}, 0.1}, {{60.2, 0, 0}, 0.1}, {{60.4, 0, 0}, 0.1}};
    std::vector<plan::PressureWay> ways{look(0, {0.5, 0.5}), look(1, {0.5, 0.25}), look(2, {0.5, 0.5})};
    plan::fit_between_grades(places, ways, look);
    QVERIFY(ways[1].pressures[1] > 0.3);
  }

  void a_look_between_nodes_is_the_stack_of_its_strokes() {
    const media::Collection sticks = trial::every(30);
    plan::SearchInput search{&trial::paper().ground, &trial::parameters(), sticks.sticks, {}, {}};
    const plan::Layering l{{0, plan::Technique::rubbed}, {2, plan::Technique::laid}};
    const auto strokes = [&](double p, double q) {
      std::vector<plan::Stroke> out;
      if (p > 0) out.push_back({0, p, plan::Technique::rubbed});
      if (q > 0) out.push_back({2, q, plan::Technique::laid});
      return out;
    };
    for (const auto& [p, q] : {std::pair{0.3125, 0.8125}, std::pair{0.0, 0.4375}, std::pair{0.9375, 0.1875}}) {
      const auto look = plan::Lattice(search, 0.15).between(l, std::array{p, q});
      QVERIFY(look);
      const plan::Recipe r =
          plan::evaluate(trial::paper().ground, trial::parameters(), sticks.sticks, strokes(p, q), {50, 0, 0});
      QVERIFY(colour::ciede2000(r.look.lab, look->lab) < colour::kCoarseAgreement);
      QVERIFY(std::abs(r.look.speckle - look->speckle) < 2 * colour::kCoarseAgreement);
      QVERIFY(std::abs(r.tooth_left - look->tooth_left) < 1e-6);
    }
    // Thin to firm: the second may not be the lighter.
    search.rules.school = plan::School::tone_map;
    QVERIFY(!plan::Lattice(search, 0.15).between(l, std::array{0.9375, 0.1875}));
  }

  // On grades alone a sky has steps: three shades come to one colour and the next is far from it.
  void a_sky_is_graded_without_steps() {
    const subject::Subject s = sky();
    Observer observer;
    const auto p = plan::make_plan(s, trial::paper(), trial::shipped_collection(), trial::parameters(),
                                   trial::options_with(5), observer)
                       .value();
    double graded = 0;
    double stepped = 0;
    double area = 0;
    for (const plan::TargetPlan& t : p.targets) {
      std::vector<plan::Stroke> strokes = t.recipe.strokes;
      for (plan::Stroke& stroke : strokes) stroke.pressure = std::clamp(std::round(4 * stroke.pressure) / 4, 0.25, 1.0);
      const plan::Recipe on_grades = plan::evaluate(trial::paper().ground, trial::parameters(),
                                                    trial::shipped_collection().sticks, std::move(strokes), t.target);
      graded += t.area * t.recipe.de00;
      stepped += t.area * on_grades.de00;
      area += t.area;
    }
    QVERIFY2(graded < 0.9 * stepped, qPrintable(QString("%1 %2").arg(graded / area).arg(stepped / area)));
  }
};

QTEST_GUILESS_MAIN(TestPressures)
#include "test_pressures.moc"
