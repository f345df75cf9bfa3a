// SPDX-License-Identifier: MIT
// Laws of the order over thousands of random plans, and single rules on small ones.
#include <QTest>
#include <algorithm>
#include <map>

#include "random_plan.h"

using namespace yd;
using plan::PassKind;
using plan::Rule;

namespace {

struct Trial {
  subject::Subject subject;
  media::Collection sticks;
  plan::PlanOptions options;
  plan::Plan plan;
};

Trial random_trial(std::uint64_t seed) {
  Random random(seed);
  Trial t;
  t.subject = trial::random_subject(random);
  t.sticks = trial::few_sticks(random, 6);
  t.options.course = static_cast<plan::Course>(random.below(2));
  t.options.sheet_cm2 = random.uniform(100, 4000);
  t.options.sitting_minutes = random.uniform(15, 200);
  const auto& parameters = trial::parameters();
  plan::Plan recipes = trial::random_recipes(random, t.subject, trial::paper(), t.sticks, parameters);
  Observer observer;
  t.plan =
      plan::arrange(std::move(recipes), t.subject, trial::paper(), t.sticks, parameters, t.options, observer).value();
  return t;
}

double end_of(const plan::Pass& p) { return p.start_minute + p.minutes; }

/// The sanitizers make every plan ten times as slow.
#ifdef __SANITIZE_ADDRESS__
constexpr std::uint64_t kOrdered = 200;
#else
constexpr std::uint64_t kOrdered = 2500;
#endif

/// Walks through the passes by the clock, knowing only the recipes.
void walk(const Trial& t) {
  std::map<int, std::size_t> next;  // stroke of each target that is due
  std::map<int, double> dry_at;     // minute from which a target may be worked on
  std::map<int, bool> fixed, coated;
  for (const plan::Pass& p : t.plan.passes) {
    for (const int target : p.targets) {
      const plan::TargetPlan& tp = t.plan.targets[static_cast<std::size_t>(target)];
      QVERIFY2(p.start_minute >= dry_at[target] - 1e-6, "painted over something wet");
      if (p.kind == PassKind::coat) {
        QCOMPARE(next[target], std::size_t{0});
        QCOMPARE(tp.coat, p.underpaint);
        coated[target] = true;
      } else if (p.kind == PassKind::fix) {
        // Charcoal is fixed before anything goes over it.
        const bool of_the_coat =
            next[target] == 0 && coated[target] &&
            t.plan.coats[static_cast<std::size_t>(tp.coat)].how.medium == plan::CoatMedium::charcoal;
        QVERIFY(of_the_coat || tp.recipe.strokes[next[target]].fix_first);
        fixed[target] = !of_the_coat;
      } else {
        QVERIFY(next[target] < tp.recipe.strokes.size());
        const plan::Stroke& s = tp.recipe.strokes[next[target]++];
        QCOMPARE(s.stick, p.stick);
        QCOMPARE(s.pressure, plan::pressure_on(p, target));
        QCOMPARE(s.level, plan::level_on(p, target));
        QVERIFY(s.pressure >= p.least_pressure && s.pressure <= p.pressure);
        QVERIFY(s.technique == p.technique);
        QCOMPARE(fixed[target], s.fix_first);
        QCOMPARE(coated[target], tp.coat >= 0);
        fixed[target] = false;
      }
      dry_at[target] = std::max(dry_at[target], end_of(p) + p.dry_minutes);
    }
  }
  for (std::size_t n = 0; n < t.plan.targets.size(); ++n)
    QCOMPARE(next[static_cast<int>(n)], t.plan.targets[n].recipe.strokes.size());
}

void heat_is_safe(const Trial& t) {
  for (std::size_t i = 0; i < t.plan.passes.size(); ++i) {
    const auto advice = plan::drying_before(t.plan.passes, t.plan.edges, t.plan.coats, static_cast<int>(i));
    const double now = t.plan.passes[i].start_minute - t.plan.passes[i].wait_minutes;
    bool vapour = false;
    for (std::size_t k = 0; k < i; ++k) {
      const plan::Pass& p = t.plan.passes[k];
      const bool wet = p.dry_minutes > 0 && end_of(p) + p.dry_minutes > now + 1e-9;
      const bool burns = p.kind == PassKind::fix ||
                         (p.kind == PassKind::coat &&
                          plan::facts(t.plan.coats[static_cast<std::size_t>(p.underpaint)].how.medium).flammable);
      vapour = vapour || (wet && burns);
    }
    QVERIFY(!(advice.heat && vapour));
    QCOMPARE(advice.flammable, vapour);
  }
}

/// Two masses side by side, one part each.
struct Pair {
  subject::Subject subject;
  plan::Plan plan;
  plan::PlanOptions options;
  media::Collection sticks;

  Pair() {
    subject.labels = subject::LabelImage(20, 10);
    for (int y = 0; y < 10; ++y) {
      for (int x = 0; x < 20; ++x) subject.labels.at(x, y) = x < 10 ? 0 : 1;
    }
    add("left", 0.5);
    add("right", 0.5);
    for (const media::Stick& s : trial::shipped_collection().sticks) {
      if (s.medium == optics::Medium::soft) sticks.sticks.push_back(s);
    }
    std::sort(sticks.sticks.begin(), sticks.sticks.end(),
              [](const auto& a, const auto& b) { return a.lab.l < b.lab.l; });
  }
  void add(const char* name, double area) {
    subject::Mass m;
    m.id = static_cast<int>(subject.masses.size());
    m.name = name;
    m.area = area;
    subject.masses.push_back(m);
    plan::TargetPlan t;
    t.mass = m.id;
    t.area = area;
    plan.targets.push_back(t);
    plan.rules.push_back({});
  }
  /// A strip of bare paper between the two.
  void set_apart() {
    add("between", 0.2);
    for (int y = 0; y < 10; ++y) {
      for (int x = 8; x < 12; ++x) subject.labels.at(x, y) = 2;
    }
  }
  int darkest() const { return 0; }
  int lightest() const { return static_cast<int>(sticks.sticks.size()) - 1; }
  void lay(int mass, std::vector<plan::Stroke> strokes) {
    for (std::size_t i = 0; i < strokes.size(); ++i) strokes[i].level = static_cast<int>(i);
    plan.targets[static_cast<std::size_t>(mass)].recipe.strokes = std::move(strokes);
  }
  plan::Plan arranged() const {
    Observer observer;
    return plan::arrange(plan, subject, trial::paper(), sticks, trial::parameters(), options, observer).value();
  }
  /// The number of the first pass over a mass.
  static int first_over(const plan::Plan& p, int mass) {
    for (const plan::Pass& pass : p.passes) {
      if (std::binary_search(pass.masses.begin(), pass.masses.end(), mass)) return pass.number;
    }
    return 0;
  }
  static bool has(const plan::Plan& p, Rule rule) {
    return std::any_of(p.edges.begin(), p.edges.end(), [&](const plan::Edge& e) { return e.rule == rule; });
  }
};

}  // namespace

class TestOrder : public QObject {
  Q_OBJECT
 private slots:
  void random_plans_obey_their_laws() {
    int drying = 0;
    int fixing = 0;
    for (std::uint64_t seed = 1; seed <= kOrdered; ++seed) {
      const Trial t = random_trial(seed);
      for (const plan::Edge& e : t.plan.edges) QVERIFY(e.before < e.after);
      walk(t);
      heat_is_safe(t);
      for (const auto& row : t.plan.tooth.left) {
        for (const float left : row) QVERIFY(left >= 0 && left <= 1);
      }
      QVERIFY(t.plan.sequence.changes >= t.plan.sequence.changes_bound);
      drying += t.plan.coats.empty() ? 0 : 1;
      fixing += std::any_of(t.plan.passes.begin(), t.plan.passes.end(),
                            [](const auto& p) { return p.kind == PassKind::fix; });
      if (QTest::currentTestFailed()) QFAIL(qPrintable(QString("seed %1").arg(seed)));
    }
    // The laws were put to the test.
    QVERIFY(drying * 8 > static_cast<int>(kOrdered));
    QVERIFY(fixing * 8 > static_cast<int>(kOrdered));
  }

  void the_same_plan_is_ordered_the_same_way() {
    for (std::uint64_t seed = 1; seed <= 20; ++seed) {
      const Trial p = random_trial(seed);
      const Trial q = random_trial(seed);
      QCOMPARE(p.plan.passes.size(), q.plan.passes.size());
      for (std::size_t i = 0; i < p.plan.passes.size(); ++i)
        QCOMPARE(plan::signature(p.plan.passes[i]), plan::signature(q.plan.passes[i]));
    }
  }

  void sittings_cover_the_work_once() {
    for (std::uint64_t seed = 1; seed <= 200; ++seed) {
      const Trial t = random_trial(seed);
      int next = 0;
      for (const plan::Sitting& s : t.plan.sittings) {
        QCOMPARE(s.first, next);
        QVERIFY(s.last >= s.first);
        QVERIFY(s.first == s.last || s.minutes <= t.options.sitting_minutes * plan::kOverrun + 1e-6);
        for (const int b : s.breaks) QVERIFY(b >= s.first && b < s.last);
        next = s.last + 1;
      }
      QCOMPARE(next, static_cast<int>(t.plan.passes.size()));
    }
  }

  // The rules one by one; common practice, no published source.
  void far_before_near() {
    Pair p;
    p.subject.masses[0].plane = subject::Plane::foreground;
    p.subject.masses[1].plane = subject::Plane::background;
    p.lay(0, {{p.darkest(), 0.6}});
    p.lay(1, {{p.lightest(), 0.6}});
    const plan::Plan plan = p.arranged();
    QVERIFY(Pair::first_over(plan, 1) < Pair::first_over(plan, 0));
    QVERIFY(Pair::has(plan, Rule::far_first));
    QVERIFY(plan.passes.back().reason.edge.rule == plan::Rule::far_first);
  }

  void dark_before_light_and_the_reverse_in_the_other_school() {
    Pair p;
    p.lay(0, {{p.lightest(), 0.6}});
    p.lay(1, {{p.darkest(), 0.6}});
    QVERIFY(Pair::first_over(p.arranged(), 1) == 1);
    p.plan.rules.assign(2, {plan::School::light_coat, plan::Manner::either});
    QVERIFY(Pair::first_over(p.arranged(), 0) == 1);
  }

  // Dark first is a rule for the whole sheet: where nothing else speaks, the darks are blocked in before a far light.
  void darks_begin_wherever_they_lie() {
    Pair p;
    p.set_apart();
    p.subject.masses[0].plane = subject::Plane::background;
    p.subject.masses[1].plane = subject::Plane::foreground;
    p.lay(0, {{p.lightest(), 0.6}});
    p.lay(1, {{p.darkest(), 0.6}});
    const plan::Plan plan = p.arranged();
    QCOMPARE(Pair::first_over(plan, 1), 1);
    QVERIFY(plan.passes.back().reason.edge.rule == Rule::dark_first);
    QVERIFY(plan.conflicts.empty());
    // No rule of another school.
    p.plan.rules.assign(3, {plan::School::tone_map, plan::Manner::either});
    QVERIFY(!Pair::has(p.arranged(), Rule::dark_first));
  }

  void the_background_goes_in_before_a_soft_edge() {
    Pair p;
    p.subject.masses[0].edge = subject::EdgeKind::soft;
    p.subject.masses[0].plane = subject::Plane::foreground;
    p.subject.masses[1].plane = subject::Plane::background;
    p.lay(0, {{p.darkest(), 0.6}});
    p.lay(1, {{p.darkest(), 0.3, plan::Technique::rubbed}, {p.lightest(), 0.6}});
    const plan::Plan plan = p.arranged();
    QVERIFY(Pair::has(plan, Rule::behind_soft_edge));
    QCOMPARE(plan.passes.back().masses, std::vector<int>{0});
  }

  void features_first_contradicts_a_soft_edge_and_says_so() {
    Pair p;
    p.options.course = plan::Course::features_first;
    p.subject.masses[0].focal = true;
    p.subject.masses[0].edge = subject::EdgeKind::soft;
    p.subject.masses[0].plane = subject::Plane::foreground;
    p.subject.masses[1].plane = subject::Plane::background;
    p.lay(0, {{p.darkest(), 0.6}});
    p.lay(1, {{p.lightest(), 0.6}});
    const plan::Plan plan = p.arranged();
    QCOMPARE(plan.conflicts.size(), std::size_t{1});
    QVERIFY(plan.conflicts[0].given_up == Rule::features_first);
    const auto& circle = plan.conflicts[0].circle;
    QVERIFY(std::count(circle.begin(), circle.end(), Rule::behind_soft_edge) == 1);
    QVERIFY(circle.back() == Rule::features_first);
    QCOMPARE(plan.conflicts[0].masses, (std::vector<int>{0, 1}));
    // Without the soft edge the wish is granted.
    p.subject.masses[0].edge = subject::EdgeKind::hard;
    QCOMPARE(Pair::first_over(p.arranged(), 0), 1);
  }

  void one_stick_over_two_masses_is_one_pass() {
    Pair p;
    p.lay(0, {{p.darkest(), 0.6}});
    p.lay(1, {{p.darkest(), 0.6}});
    QCOMPARE(p.arranged().passes.size(), std::size_t{1});
    // Lighter on one of them, it is still one pass.
    p.lay(1, {{p.darkest(), 0.3}});
    const plan::Plan graded = p.arranged();
    QCOMPARE(graded.passes.size(), std::size_t{1});
    QCOMPARE(graded.passes[0].least_pressure, 0.3);
    QCOMPARE(graded.passes[0].pressure, 0.6);
    QCOMPARE(plan::pressure_on(graded.passes[0], 1), 0.3);
    p.lay(1, {{p.darkest(), 0.6, plan::Technique::rubbed}});
    QCOMPARE(p.arranged().passes.size(), std::size_t{2});
  }

  void an_order_by_hand_is_taken_and_what_it_breaks_is_said() {
    Pair p;
    p.subject.masses[0].plane = subject::Plane::background;
    p.subject.masses[1].plane = subject::Plane::foreground;
    p.lay(0, {{p.darkest(), 0.6}, {p.lightest(), 0.6}});
    p.lay(1, {{p.darkest(), 0.3, plan::Technique::rubbed}});
    plan::Plan plan = p.arranged();
    QVERIFY(plan.broken.empty());
    for (auto it = plan.passes.rbegin(); it != plan.passes.rend(); ++it)
      p.options.order_by_hand.push_back(plan::signature(*it));
    const plan::Plan turned = p.arranged();
    QVERIFY(!turned.broken.empty());
    // Physics is not broken even then: the second stroke still follows the first.
    for (const plan::Edge& e : turned.broken) QVERIFY(!plan::is_physics(e.rule));
    const auto state = plan::state_after(turned.passes, 0, static_cast<int>(turned.passes.size()));
    QVERIFY(state.strokes == p.plan.targets[0].recipe.strokes);
  }

  void pairs_are_found() {
    std::vector<subject::Mass> masses(3);
    for (auto& m : masses) m.area = 0.01, m.mean = {40, 2, 3}, m.centre_y = 0.4;
    masses[2].centre_y = 0.8;
    const auto pairs = plan::paired_masses(masses);
    QCOMPARE(pairs.size(), std::size_t{1});
    QCOMPARE(pairs[0], (std::pair{0, 1}));
  }
};

QTEST_APPLESS_MAIN(TestOrder)
#include "test_order.moc"
