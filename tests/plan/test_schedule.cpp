// SPDX-License-Identifier: MIT
// Sittings, step-back checks, drying and heat on passes set up by hand. Common practice, no published source.
#include <QTest>
#include <algorithm>

#include "order/schedule.h"
#include "small_world.h"

using namespace yd;
using plan::PassKind;

namespace {

/// Passes one after the other, as tell_time would leave them.
std::vector<plan::Pass> passes_of(std::initializer_list<double> minutes) {
  std::vector<plan::Pass> out;
  double clock = 0;
  int stick = 0;
  for (const double m : minutes) {
    plan::Pass p;
    p.number = static_cast<int>(out.size()) + 1;
    p.stick = stick++;
    p.minutes = m;
    p.start_minute = clock + 1;
    clock = p.start_minute + m;
    p.masses = {static_cast<int>(out.size())};
    out.push_back(p);
  }
  return out;
}

plan::Coat coat_of(plan::CoatMedium medium) {
  plan::Coat c;
  c.how = {medium, plan::CoatColours::local};
  return c;
}

plan::Pass wet_pass(const plan::Coat& coat) {
  plan::Pass p;
  p.number = 1;
  p.kind = PassKind::coat;
  p.underpaint = 0;
  p.minutes = 5;
  p.dry_minutes = plan::facts(coat.how.medium).dry_minutes;
  return p;
}

/// A coat, and a stroke that has waited for all of it.
std::vector<plan::Pass> coat_then_stroke(const plan::Coat& coat) {
  plan::Pass stroke;
  stroke.number = 2;
  stroke.stick = 1;
  stroke.minutes = 3;
  const plan::Pass wet = wet_pass(coat);
  stroke.start_minute = 5 + wet.dry_minutes;
  stroke.wait_minutes = wet.dry_minutes - 1;
  return {wet, stroke};
}

plan::Edge dries(double lag) {
  plan::Edge e;
  e.before = 0;
  e.after = 1;
  e.rule = plan::Rule::dries;
  e.lag_minutes = lag;
  return e;
}

}  // namespace

class TestSchedule : public QObject {
  Q_OBJECT
 private slots:
  void a_short_work_is_one_sitting() {
    const auto s = plan::cut_sittings(passes_of({10, 20, 15}), {}, 90);
    QCOMPARE(s.size(), std::size_t{1});
    QCOMPARE(s[0].first, 0);
    QCOMPARE(s[0].last, 2);
    QCOMPARE(s[0].minutes, 47.0);
    QVERIFY(s[0].ends == plan::SittingEnd::finished);
  }

  void a_sitting_ends_at_a_sensible_place() {
    auto passes = passes_of({20, 20, 20, 20, 20, 20});
    for (std::size_t i = 0; i < passes.size(); ++i) passes[i].level = i < 3 ? 0 : 1;
    const auto s = plan::cut_sittings(passes, {}, 70);
    QCOMPARE(s.size(), std::size_t{2});
    QCOMPARE(s[0].last, 2);
    QVERIFY(s[0].ends == plan::SittingEnd::blocked_in);
  }

  void no_sitting_ends_between_two_passes_of_one_stick() {
    auto passes = passes_of({20, 20, 20, 20});
    passes[2].stick = passes[1].stick;
    const auto s = plan::cut_sittings(passes, {}, 60);
    for (std::size_t i = 0; i + 1 < s.size(); ++i) QVERIFY(s[i].last != 1);
  }

  void a_pair_is_kept_together() {
    auto passes = passes_of({20, 20, 20, 20});
    // The two eyes are masses 1 and 2.
    const std::pair<int, int> eyes{1, 2};
    for (const auto& s : plan::cut_sittings(passes, std::span(&eyes, 1), 60)) QVERIFY(s.last != 1);
  }

  void long_drying_is_slept_over() {
    auto passes = passes_of({10, 10, 10});
    passes[1].wait_minutes = 2880;
    for (std::size_t i = 1; i < 3; ++i) passes[i].start_minute += 2880;
    const auto s = plan::cut_sittings(passes, {}, 240);
    QCOMPARE(s.size(), std::size_t{2});
    QCOMPARE(s[0].last, 0);
    QVERIFY(s[0].ends == plan::SittingEnd::dries_over);
  }

  void one_gets_up_every_three_quarters_of_an_hour() {
    const auto s = plan::cut_sittings(passes_of({25, 25, 25, 25, 25}), {}, 200);
    QCOMPARE(s.size(), std::size_t{1});
    QCOMPARE(s[0].breaks, (std::vector<int>{1, 3}));
  }

  void what_is_laid_is_in_no_sitting() {
    auto passes = passes_of({10, 10, 10});
    passes[0].laid = true;
    const auto s = plan::cut_sittings(passes, {}, 90);
    QCOMPARE(s.front().first, 1);
    passes[1].laid = passes[2].laid = true;
    QVERIFY(plan::cut_sittings(passes, {}, 90).empty());
  }

  void heat_is_proposed_for_paint_that_does_not_burn() {
    const std::vector<plan::Coat> coats{coat_of(plan::CoatMedium::gouache)};
    const auto passes = coat_then_stroke(coats[0]);
    const std::vector<plan::Edge> edges{dries(passes[0].dry_minutes)};
    const auto d = plan::drying_before(passes, edges, coats, 1);
    QVERIFY(d.heat);
    QVERIFY(!d.flammable);
    QVERIFY(d.heated_minutes < passes[1].wait_minutes);
  }

  void heat_is_never_proposed_over_flammable_vapour() {
    for (const auto medium : {plan::CoatMedium::alcohol, plan::CoatMedium::oil, plan::CoatMedium::charcoal}) {
      const std::vector<plan::Coat> coats{coat_of(medium)};
      const auto passes = coat_then_stroke(coats[0]);
      const std::vector<plan::Edge> edges{dries(passes[0].dry_minutes)};
      const auto d = plan::drying_before(passes, edges, coats, 1);
      QVERIFY(!d.heat);
      QVERIFY(d.flammable);
      QCOMPARE(d.heated_minutes, passes[1].wait_minutes);
    }
  }

  void another_wet_place_forbids_heat_too() {
    const std::vector<plan::Coat> coats{coat_of(plan::CoatMedium::gouache), coat_of(plan::CoatMedium::alcohol)};
    auto passes = coat_then_stroke(coats[0]);
    plan::Pass spirit = wet_pass(coats[1]);
    spirit.underpaint = 1;
    spirit.number = 2;
    spirit.start_minute = 5;
    passes.insert(passes.begin() + 1, spirit);
    passes[2].number = 3;
    passes[2].wait_minutes = passes[2].start_minute - 10;
    plan::Edge e = dries(passes[0].dry_minutes);
    e.after = 2;
    const auto d = plan::drying_before(passes, std::vector<plan::Edge>{e}, coats, 2);
    QVERIFY(d.flammable);
    QVERIFY(!d.heat);
  }

  void nothing_to_wait_for_needs_no_heat() {
    const auto passes = passes_of({5, 5});
    const auto d = plan::drying_before(passes, {}, {}, 1);
    QVERIFY(!d.heat && !d.flammable);
    QCOMPARE(d.heated_minutes, 0.0);
  }

  void a_pass_takes_longer_with_a_pencil_and_rubbed() {
    const auto& sticks = trial::shipped_collection().sticks;
    const auto of = [&](optics::Medium m) {
      const auto found = std::find_if(sticks.begin(), sticks.end(), [&](const auto& s) { return s.medium == m; });
      return static_cast<int>(found - sticks.begin());
    };
    plan::Pass p;
    p.stick = of(optics::Medium::soft);
    const double soft = plan::minutes_for(p, 100, sticks);
    p.technique = plan::Technique::rubbed;
    QVERIFY(plan::minutes_for(p, 100, sticks) > soft);
    p.technique = plan::Technique::laid;
    p.stick = of(optics::Medium::pencil);
    QVERIFY(plan::minutes_for(p, 100, sticks) > 2 * soft);
    QVERIFY(plan::minutes_for(p, 200, sticks) > plan::minutes_for(p, 100, sticks));
  }

  void options_that_change_the_order_only_are_told_apart() {
    const plan::PlanOptions p;
    plan::PlanOptions q;
    q.course = plan::Course::features_first;
    q.sitting_minutes = 30;
    q.sheet_cm2 = 50;
    q.order_by_hand = {"x"};
    QVERIFY(plan::same_recipes(p, q));
    q.manner = plan::Manner::broken;
    QVERIFY(!plan::same_recipes(p, q));
    plan::PlanOptions bad;
    bad.sitting_minutes = 5;
    QVERIFY(!plan::check(bad, 10).ok());
    bad = {};
    bad.laid.push_back({});
    QVERIFY(!plan::check(bad, 10).ok());
    bad.laid[0].stick = 3;
    QVERIFY(plan::check(bad, 10).ok());
  }

  void the_tone_map_is_an_underpainting_for_its_masses_only() {
    plan::PlanOptions o;
    QVERIFY(plan::with_tone_map(o, plan::School::dark_first, 3).empty());
    QVERIFY(plan::with_tone_map(o, plan::School::tone_map, 3).picture->medium == plan::CoatMedium::charcoal);
    o.ways = {{1, plan::School::tone_map, std::nullopt}};
    const auto one = plan::with_tone_map(o, plan::School::dark_first, 3);
    QVERIFY(!one.picture);
    QCOMPARE(one.exceptions.size(), std::size_t{1});
    QCOMPARE(one.exceptions[0].which, 1);
    // An underpainting that was asked for stays.
    o.underpaint.picture = plan::CoatChoice{plan::CoatMedium::gouache, plan::CoatColours::warm_glow};
    QVERIFY(plan::with_tone_map(o, plan::School::tone_map, 3).picture->medium == plan::CoatMedium::gouache);
    o = {};
    o.ways = {{2, plan::School::dark_first, std::nullopt}};
    const auto spared = plan::with_tone_map(o, plan::School::tone_map, 3);
    QCOMPARE(spared.exceptions.size(), std::size_t{1});
    QVERIFY(!spared.exceptions[0].choice);
  }
};

QTEST_APPLESS_MAIN(TestSchedule)
#include "test_schedule.moc"
