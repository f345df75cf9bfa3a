// SPDX-License-Identifier: MIT
// How a plan is painted: places, marks, runs, edges and the whole job. The marks and rules are common practice, no
// published source; places and planes are checked against shapes whose measures are known.
#include <QTest>
#include <cmath>
#include <set>

#include "advice/delicate.h"
#include "bands.h"
#include "guide/guide.h"
#include "small_world.h"

using namespace yd;
using optics::Medium;
using plan::EdgeWay;
using plan::Mark;
using plan::Part;
using subject::Surface;
using trial::Bands;

namespace {

constexpr double kSheet_cm2 = 1200;  // 40 by 30 cm

plan::Guide guide_of(const Bands& b) {
  return plan::make_guide({&b.plan, &b.subject, &trial::paper(), b.sticks, kSheet_cm2});
}

/// Four stripes from dark to light, of one mass over the whole picture.
std::vector<colour::Lab> stripes(double from, double to) {
  return {{from, 0, 0}, {from + (to - from) / 3, 0, 0}, {to - (to - from) / 3, 0, 0}, {to, 0, 0}};
}

/// The mark of a wide pass on a mass with this surface.
Mark mark_on(Surface surface, Medium medium, int level) {
  Bands b(80, 60);
  const int m = b.mass(0, 60, {{50, 0, 0}, {52, 0, 0}});
  b.subject.masses[0].surface = surface;
  b.pass(b.stick({60, 0, 0}, medium), m, {1, 1}, plan::Technique::laid, level);
  return guide_of(b).touches[0][0].mark;
}

}  // namespace

class TestGuide : public QObject {
  Q_OBJECT
 private slots:
  void a_pass_over_all_of_a_mass_and_over_a_part() {
    Bands b(80, 60);
    const int m = b.mass(0, 60, stripes(30, 80));
    const int s = b.stick({50, 0, 0});
    b.pass(s, m, {1, 1, 1, 1});
    b.pass(s, m, {1, 0, 0, 0});
    b.pass(s, m, {0, 0, 0, 0.5});
    const plan::Guide g = guide_of(b);
    QVERIFY(g.touches[0][0].place.part == Part::all);
    QVERIFY(g.touches[1][0].place.part == Part::upper);
    QVERIFY(g.touches[2][0].place.part == Part::lower);
    const plan::Place& upper = g.touches[1][0].place;
    QVERIFY(std::abs(upper.share - 0.25) < 0.02);
    QVERIFY(std::abs(upper.area_cm2 - kSheet_cm2 / 4) < 30);
    QVERIFY(std::abs(g.touches[2][0].place.pressure - 0.5) < 1e-6);
    QCOMPARE(upper.pieces, 1);
    // A stripe four times as long as wide is a line more than a square is, and lies level.
    QVERIFY(upper.longish > 0.9 && std::abs(upper.long_deg) < 2);
  }

  // Nobody sets out the parts of a bird one by one.
  void a_thing_is_set_out_as_a_whole() {
    const auto steps = [](bool thing) {
      Bands b(80, 60);
      const int sky = b.mass(0, 20, {{80, 0, -10}});
      const int back = b.mass(20, 30, {{40, 10, 10}});
      const int belly = b.mass(30, 50, {{70, 5, 20}});
      const int ground = b.mass(50, 60, {{50, 0, 20}});
      const int s = b.stick({50, 0, 0});
      for (const int m : {sky, back, belly, ground}) b.pass(s, m, {1});
      for (const int m : {back, belly}) b.subject.masses[static_cast<std::size_t>(m)].thing = thing ? 0 : -1;
      std::vector<plan::Step> out;
      const plan::Guide g = guide_of(b);
      for (const plan::Step& step : g.passages.front().steps) {
        if (step.chore == plan::Chore::tallest || step.chore == plan::Chore::next_shape) out.push_back(step);
      }
      return out;
    };
    const auto apart = steps(false);
    const auto whole = steps(true);
    QCOMPARE(apart.size(), whole.size() + 1);
    const auto bird = std::find_if(whole.begin(), whole.end(), [](const auto& s) { return s.masses.size() == 2; });
    QVERIFY(bird != whole.end());
    QCOMPARE(bird->masses, (std::vector<int>{1, 2}));
    // From a third of the height of a sheet of 30 cm, half as tall as it.
    QVERIFY(std::abs(bird->numbers[1] - 10) < 0.5 && std::abs(bird->numbers[3] - 15) < 0.5);
  }

  void a_part_at_the_side() {
    Bands b(80, 60);
    const int m = b.mass(0, 60, stripes(30, 80), true);
    const int s = b.stick({50, 0, 0});
    b.pass(s, m, {1, 0, 0, 0});
    b.pass(s, m, {0, 0, 0, 1});
    const plan::Guide g = guide_of(b);
    QVERIFY(g.touches[0][0].place.part == Part::left);
    QVERIFY(g.touches[1][0].place.part == Part::right);
    QVERIFY(std::abs(std::abs(g.touches[0][0].place.long_deg) - 90) < 2);
  }

  void pressure_that_runs_is_told_by_its_firm_end() {
    Bands b(80, 60);
    const int m = b.mass(0, 60, stripes(30, 80));
    const int s = b.stick({50, 0, 0});
    b.pass(s, m, {1, 0.75, 0.5, 0.25});
    b.pass(s, m, {0.5, 0.5, 0.5, 0.5});
    b.pass(s, m, {1, 0.2, 1, 0.2});
    const plan::Guide g = guide_of(b);
    QVERIFY(g.touches[0][0].place.grows > 0.6);
    QVERIFY(std::abs(g.touches[0][0].place.firm_deg - 90) < 5);  // at the top
    QCOMPARE(g.touches[1][0].place.grows, 0.0);
    QCOMPARE(g.touches[2][0].place.grows, 0.0);
  }

  // Common practice, no published source: the same surface keeps its mark, and what it is decides which.
  void surfaces_ask_for_their_marks() {
    QVERIFY(mark_on(Surface::water, Medium::soft, 1) == Mark::level);
    QVERIFY(mark_on(Surface::reflection, Medium::soft, 1) == Mark::pulled_down);
    QVERIFY(mark_on(Surface::fur, Medium::pencil, 1) == Mark::dashes);
    QVERIFY(mark_on(Surface::feather, Medium::hard, 1) == Mark::dashes);
    QVERIFY(mark_on(Surface::skin, Medium::pencil, 1) == Mark::circles);
    QVERIFY(mark_on(Surface::foliage, Medium::pencil, 1) == Mark::from_centre);
    QVERIFY(mark_on(Surface::grass, Medium::soft, 0) == Mark::broad);
    QVERIFY(mark_on(Surface::grass, Medium::soft, 1) == Mark::edge_line);
    QVERIFY(mark_on(Surface::stone, Medium::soft, 1) == Mark::broken_stick);
    QVERIFY(mark_on(Surface::sky, Medium::soft, 1) == Mark::broad);
    QVERIFY(mark_on(Surface::unsaid, Medium::pencil, 0) == Mark::hatching);
    QVERIFY(mark_on(Surface::unsaid, Medium::soft, 0) == Mark::broad);
  }

  void a_small_light_accent_is_twisted_and_a_long_one_drawn() {
    Bands b(80, 60);
    std::vector<colour::Lab> rows(30, {40, 0, 0});
    const int m = b.mass(0, 60, rows);
    std::vector<double> one(30, 0);
    one[10] = 1;
    b.pass(b.stick({95, 0, 0}), m, one).accent = true;
    QVERIFY(guide_of(b).touches[0][0].mark == Mark::broken_stick);  // 10 mm wide and right across: no spark
    Bands fine(360, 270);
    const int f = fine.mass(0, 270, std::vector<colour::Lab>(135, {40, 0, 0}));
    std::vector<double> line(135, 0);
    line[70] = 1;
    fine.pass(fine.stick({95, 0, 0}), f, line).accent = true;
    QVERIFY(guide_of(fine).touches[0][0].mark == Mark::edge_line);
  }

  void rubbing_goes_from_light_into_dark_with_a_tool_of_its_own() {
    Bands b(80, 60);
    const int m = b.mass(0, 60, stripes(80, 30));  // light at the top
    b.pass(b.stick({20, 0, 0}), m, {1, 1, 1, 1}, plan::Technique::rubbed);
    b.pass(b.stick({80, 0, 0}), m, {1, 1, 1, 1}, plan::Technique::rubbed);
    b.pass(b.stick({80, 0, 0}), m, {1, 1, 1, 1});
    plan::Guide g = guide_of(b);
    QVERIFY(g.touches[0][0].rub_directed && std::abs(g.touches[0][0].rub_deg + 90) < 5);  // downwards
    QVERIFY(g.touches[0][0].tool_for_darks && !g.touches[1][0].tool_for_darks);
    QVERIFY(g.touches[0][0].tool == plan::RubTool::palm);
    QVERIFY(g.touches[2][0].tool == plan::RubTool::none);
    b.subject.masses[0].surface = Surface::reflection;
    g = guide_of(b);
    QVERIFY(g.touches[1][0].rub_down);
  }

  void a_gradient_is_said_from_its_begin_to_its_end() {
    Bands b(80, 60);
    const int m = b.mass(0, 60, stripes(40, 85));
    b.pass(b.stick({40, 0, 0}), m, {1, 0.5, 0, 0}, plan::Technique::rubbed);
    b.pass(b.stick({85, 0, 0}), m, {0, 0.2, 0.5, 1});
    plan::Guide g = guide_of(b);
    QCOMPARE(g.gradients.size(), std::size_t{1});
    QVERIFY(std::abs(g.gradients[0].angle_deg + 90) < 5);  // from the top down
    QCOMPARE(g.gradients[0].bands.front().pass, 0);
    QCOMPARE(g.gradients[0].bands.back().pass, 1);
    QVERIFY(g.gradients[0].rubbed && g.gradients[0].change > 30);
    QVERIFY(g.gradients[0].bands.front().to < 0.6 && g.gradients[0].bands.back().from > 0.2);
    // A mass of one colour is none, however it is laid.
    Bands flat(80, 60);
    const int n = flat.mass(0, 60, stripes(50, 50));
    flat.pass(flat.stick({40, 0, 0}), n, {1, 0.5, 0, 0});
    flat.pass(flat.stick({85, 0, 0}), n, {0, 0, 0.5, 1});
    QVERIFY(guide_of(flat).gradients.empty());
  }

  void edges_are_lost_kept_softened_or_given_a_third_colour() {
    const auto way = [](const colour::Lab& back, const colour::Lab& front, bool soft, bool focal) {
      Bands b(80, 60);
      const int far = b.mass(0, 30, {back});
      const int near = b.mass(30, 60, {front});
      b.subject.masses[0].plane = subject::Plane::background;
      b.subject.masses[1].plane = subject::Plane::foreground;
      b.subject.masses[1].focal = focal;
      if (soft) b.subject.masses[1].edge = subject::EdgeKind::soft;
      b.stick({30, 30, 30});
      b.pass(b.stick(back), far, {1});
      b.pass(b.stick(front), near, {1});
      const plan::Guide g = guide_of(b);
      return g.edges.empty() ? std::pair(EdgeWay::keep, -2) : std::pair(g.edges[0].way, g.edges[0].stick);
    };
    QVERIFY(way({60, 0, 0}, {64, 0, 0}, false, false).first == EdgeWay::lose);
    QVERIFY(way({60, 0, 0}, {64, 0, 0}, false, true).first == EdgeWay::keep);
    QVERIFY(way({70, 0, 0}, {50, 20, 0}, true, false).first == EdgeWay::soften);
    QVERIFY(way({80, 0, 0}, {50, 20, 0}, false, true).first == EdgeWay::keep);
    // Black against orange: a brown worked into both.
    const auto buffered = way({12, 0, 0}, {65, 50, 70}, false, false);
    QVERIFY(buffered.first == EdgeWay::buffer);
    QCOMPARE(buffered.second, 0);
  }

  void what_was_rubbed_beside_a_dark_is_stated_again_and_a_late_background_cleans() {
    for (const bool rubbed : {true, false}) {
      Bands b(80, 60);
      const int far = b.mass(0, 30, {{80, 0, 0}});
      const int near = b.mass(30, 60, {{20, 0, 0}});
      b.subject.masses[0].plane = subject::Plane::background;
      b.subject.masses[1].plane = subject::Plane::foreground;
      const int dark = b.stick({20, 0, 0});
      const int light = b.stick({80, 0, 0});
      b.pass(dark, near, {1});
      b.pass(light, far, {1}, rubbed ? plan::Technique::rubbed : plan::Technique::laid);
      const plan::Guide g = guide_of(b);
      QVERIFY(g.edges[0].way == (rubbed ? EdgeWay::restate : EdgeWay::clean));
      QCOMPARE(g.edges[0].stick, rubbed ? dark : light);
      const auto restated = std::find_if(g.passages.begin(), g.passages.end(),
                                         [](const auto& p) { return p.kind == plan::PassageKind::restate; });
      QCOMPARE(restated != g.passages.end(), rubbed);
    }
  }

  // The order of the whole job, common practice, no published source; every pass in one passage, in every school.
  void the_whole_job_is_there_in_order() {
    const subject::Subject s = trial::small_subject();
    const media::Collection sticks = trial::every(trial::kEnough);
    for (const plan::School school : plan::kSchools) {
      plan::PlanOptions options = trial::options_with(8);
      options.school = school;
      Observer observer;
      plan::Plan p = plan::make_plan(s, trial::paper(), sticks, trial::parameters(), options, observer).value();
      plan::mark_delicate(p, trial::paper(), sticks.sticks, trial::parameters(), 0.2);
      const plan::Guide g = plan::make_guide({&p, &s, &trial::paper(), sticks.sticks, kSheet_cm2});
      QVERIFY(g.passages.front().kind == plan::PassageKind::drawing);
      QVERIFY(g.passages.back().kind == plan::PassageKind::finish);
      // What runs across the sheet has no width to set out: shapes with one come first.
      for (const plan::Step& step : g.passages.front().steps) {
        if (step.chore == plan::Chore::tallest) QVERIFY(step.numbers[2] < 36);
      }
      int next = 0;
      std::set<int> finished;
      for (const plan::Passage& passage : g.passages) {
        QCOMPARE(passage.first, next);
        if (!passage.has_passes()) QVERIFY(!passage.steps.empty());
        if (passage.has_passes()) next = passage.last + 1;
        QVERIFY(passage.minutes > 0);
        for (const int m : passage.finishes) QVERIFY(finished.insert(m).second);
        for (const plan::Step& step : passage.steps)
          QVERIFY(step.chore != plan::Chore::try_offcut ||
                  plan::is_delicate(p.passes[static_cast<std::size_t>(step.passes[0])]));
      }
      QCOMPARE(next, static_cast<int>(p.passes.size()));
      for (std::size_t i = 0; i < p.passes.size(); ++i) {
        QVERIFY(g.passage_of(static_cast<int>(i)) >= 0);
        // Where marks only end in a mass it is not told.
        QVERIFY(!g.touches[i].empty() && g.touches[i].size() <= p.passes[i].masses.size());
        for (const plan::Touch& t : g.touches[i])
          QVERIFY(std::binary_search(p.passes[i].masses.begin(), p.passes[i].masses.end(), t.place.mass));
        // A coat that is a school's own has its drying told.
        if (p.passes[i].dry_minutes <= 0) continue;
        const auto& steps = g.passages[static_cast<std::size_t>(g.passage_of(static_cast<int>(i)))].steps;
        QVERIFY(std::any_of(steps.begin(), steps.end(), [](const auto& st) { return st.chore == plan::Chore::dry; }));
      }
    }
  }

  // Peach laid thinly over a black hedge gives it colour; black over it makes it darker.
  void what_is_lighter_than_the_darks_does_not_deepen_them() {
    for (const double l : {8.0, 70.0}) {
      Bands b(80, 60);
      const int upper = b.mass(0, 30, stripes(15, 30));
      const int lower = b.mass(30, 60, stripes(15, 30));
      const int stick = b.stick({l, 12, 20});
      for (const int mass : {upper, lower}) b.pass(stick, mass, {0.2, 0.2, 0.2, 0.2}, plan::Technique::laid, 1);
      const plan::Guide g = guide_of(b);
      const plan::Passage& over = g.passages[static_cast<std::size_t>(g.passage_of(0))];
      QVERIFY(over.kind == plan::PassageKind::darks && !over.blocks_in);
      QCOMPARE(over.lightens, l > 50);
    }
  }

  void work_that_is_begun_is_not_set_out_again() {
    Bands b(80, 60);
    const int m = b.mass(0, 60, stripes(30, 80));
    b.pass(b.stick({50, 0, 0}), m, {1, 1, 1, 1}).laid = true;
    b.pass(b.stick({70, 0, 0}), m, {0, 0, 1, 1}, plan::Technique::laid, 1);
    const plan::Guide g = guide_of(b);
    for (const plan::Passage& p : g.passages)
      QVERIFY(p.kind != plan::PassageKind::drawing && p.kind != plan::PassageKind::offcuts);
  }
};

QTEST_GUILESS_MAIN(TestGuide)
#include "test_guide.moc"
