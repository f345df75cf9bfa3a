// SPDX-License-Identifier: MIT
// What each school and manner makes of stacks, and the advice which to take. Common practice, no published source.
#include <QTest>
#include <algorithm>

#include "colour/lab.h"
#include "small_world.h"

using namespace yd;
using plan::Manner;
using plan::School;
using plan::Technique;

namespace {

plan::Plan plan_with(const plan::PlanOptions& options, const media::Collection& c = trial::every(trial::kEnough)) {
  static const subject::Subject s = trial::small_subject();
  Observer observer;
  return plan::make_plan(s, trial::paper(), c, trial::parameters(), options, observer).value();
}

const media::Stick& stick(const media::Collection& c, int i) { return c.sticks[static_cast<std::size_t>(i)]; }

media::Stick of(double l, double a, double b, const char* id) {
  media::Stick s;
  s.id = id;
  s.lab = {l, a, b};
  return s;
}

}  // namespace

class TestSchool : public QObject {
  Q_OBJECT
 private slots:
  void names_come_back() {
    for (const School s : plan::kSchools) QVERIFY(plan::school_by_name(plan::name(s)).value() == s);
    for (const Manner m : plan::kManners) QVERIFY(plan::manner_by_name(plan::name(m)).value() == m);
    QVERIFY(!plan::school_by_name("sideways").ok());
    QVERIFY(!plan::course_by_name("upwards").ok());
  }

  void which_stick_may_follow() {
    const auto dark = of(25, 0, -20, "d");
    const auto middle = of(50, 40, 30, "m");
    const auto white = of(92, 0, 4, "w");
    QVERIFY(plan::stick_may_follow({School::dark_first, {}}, dark, white));
    QVERIFY(!plan::stick_may_follow({School::dark_first, {}}, white, dark));
    QVERIFY(plan::stick_may_follow({School::light_coat, {}}, white, dark));
    QVERIFY(plan::stick_may_follow({School::light_coat, {}}, middle, white));
    QVERIFY(!plan::stick_may_follow({School::light_coat, {}}, dark, middle));
    // Where the coat comes first: on the paper only white, over it glaze upon glaze, each darker than the last.
    const plan::StackRules coated{School::light_coat, {}, true};
    QVERIFY(plan::may_lie_lowest(coated, white));
    QVERIFY(!plan::may_lie_lowest(coated, middle));
    QVERIFY(plan::may_lie_lowest({School::light_coat, {}}, middle));
    QVERIFY(plan::stick_may_follow(coated, white, middle) && plan::stick_may_follow(coated, middle, dark));
    QVERIFY(!plan::stick_may_follow(coated, dark, middle));
    QVERIFY(plan::stick_may_follow({School::tone_map, {}}, dark, middle));
    QVERIFY(!plan::stick_may_follow({School::tone_map, {}}, middle, white));
    QVERIFY(plan::may_complete({School::flat_broken, {}}, middle, dark, middle));
    QVERIFY(!plan::may_complete({School::flat_broken, {}}, middle, dark, white));
    QVERIFY(!plan::may_complete({School::flat_broken, {}}, middle, white, middle));
  }

  void dark_first_lays_no_dark_over_a_light() {
    const auto c = trial::every(trial::kEnough);
    plan::PlanOptions o = trial::options_with(10);
    o.school = School::dark_first;
    for (const auto& t : plan_with(o, c).targets) {
      for (std::size_t i = 1; i < t.recipe.strokes.size(); ++i)
        QVERIFY(stick(c, t.recipe.strokes[i - 1].stick).lab.l <=
                stick(c, t.recipe.strokes[i].stick).lab.l + plan::kDarkFirstSlack);
    }
  }

  void the_light_coat_lies_under_light_targets() {
    const auto c = trial::every(trial::kEnough);
    plan::PlanOptions o = trial::options_with(10);
    const auto planned = [&](School school) {
      o.school = school;
      return plan_with(o, c).targets;
    };
    const auto share = [&](const std::vector<plan::TargetPlan>& targets) {
      double coated = 0;
      double light = 0;
      for (const auto& t : targets) {
        if (t.target.l < 60) continue;
        light += t.area;
        coated += plan::is_light_coat(stick(c, t.recipe.strokes.front().stick)) ? t.area : 0;
      }
      return coated / light;
    };
    const auto over_a_coat = planned(School::light_coat);
    QVERIFY2(share(over_a_coat) > 0.8, qPrintable(QString::number(share(over_a_coat))));
    QVERIFY(share(over_a_coat) > share(planned(School::dark_first)) + 0.2);
    // Over the coat lie glazes, never firm strokes.
    for (const auto& t : over_a_coat) {
      for (std::size_t i = 1; i < t.recipe.strokes.size(); ++i) QVERIFY(t.recipe.strokes[i].pressure < 1);
    }
  }

  // A sunlit meadow: its green takes more than one glaze over the white, which is left out below L* 70 at
  // most (harder where lighter; the bound is ours, from looking at what it does).
  void glaze_lies_upon_glaze() {
    subject::LabImage image(160, 120);
    for (int y = 0; y < 120; ++y) {
      for (int x = 0; x < 160; ++x)
        image.at(x, y) = y < 40 ? colour::LabPixel{82, -2, -10} : colour::LabPixel{78 - 0.15F * y, -38, 58};
    }
    Observer observer;
    const auto meadow = subject::read_subject(std::move(image), {0.2, 12}, observer).value();
    const media::Collection c = trial::without_landscape();
    const auto plan_of = [&](School school) {
      plan::PlanOptions o = trial::options_with(10);
      o.school = school;
      return plan::make_plan(meadow, trial::paper(), c, trial::parameters(), o, observer).value();
    };
    const plan::Plan coated = plan_of(School::light_coat);
    double upon = 0;
    double bare = 0;
    for (const auto& t : coated.targets) {
      const auto& s = t.recipe.strokes;
      if (t.target.l > 70 && !plan::is_light_coat(stick(c, s.front().stick))) bare += t.area;
      if (std::count_if(s.begin(), s.end(), [&](const auto& u) { return !plan::is_light_coat(stick(c, u.stick)); }) > 1)
        upon += t.area;
    }
    QVERIFY2(upon > 0.3 && bare < 0.05, qPrintable(QString("%1 and %2").arg(upon).arg(bare)));
    const auto off = [](const plan::Plan& p) {
      double sum = 0;
      for (const auto& t : p.targets) sum += t.area * t.recipe.de00;
      return sum;
    };
    const double plain = off(plan_of(School::dark_first));
    QVERIFY2(off(coated) < 2 * plain, qPrintable(QString("%1 and %2").arg(off(coated)).arg(plain)));
  }

  void flat_broken_reunites() {
    const auto c = trial::every(3);
    plan::PlanOptions o = trial::options_with(10);
    o.school = School::flat_broken;
    int reunited = 0;
    const plan::Plan p = plan_with(o, c);
    for (const auto& t : p.targets) {
      const auto& s = t.recipe.strokes;
      QVERIFY(s.size() <= 3);
      if (s.size() < 3) continue;
      ++reunited;
      QCOMPARE(s[0].stick, s[2].stick);
      QVERIFY(stick(c, s[1].stick).lab.l < stick(c, s[0].stick).lab.l);
    }
    QVERIFY(reunited * 2 >= static_cast<int>(p.targets.size()));
  }

  // Three values at least over the whole sheet, the bare paper being one, then fixative, then colour thin to firm.
  void the_tone_map_is_laid_and_fixed_first() {
    auto c = trial::every(trial::kEnough);
    for (const auto& s : trial::shipped_collection().sticks) {
      if (s.medium == optics::Medium::charcoal &&
          std::none_of(c.sticks.begin(), c.sticks.end(), [&](const auto& k) { return k.id == s.id; }))
        c.sticks.push_back(s);
    }
    plan::PlanOptions o = trial::options_with(10);
    o.school = School::tone_map;
    const plan::Plan p = plan_with(o, c);
    std::vector<double> values;
    for (const plan::Coat& coat : p.coats) {
      QVERIFY(coat.how.medium == plan::CoatMedium::charcoal);
      QVERIFY(stick(c, coat.stick).medium == optics::Medium::charcoal);
      values.push_back(coat.dry.l);
    }
    std::sort(values.begin(), values.end());
    values.push_back(trial::paper().lab.l);
    QVERIFY(values.size() >= 3);
    for (std::size_t i = 1; i < values.size(); ++i)
      QVERIFY2(values[i] > values[i - 1] + 4, qPrintable(QString("%1 after %2").arg(values[i]).arg(values[i - 1])));
    // Coats, one pass of fixative, then strokes that wait until it is dry.
    std::size_t i = 0;
    while (p.passes[i].kind == plan::PassKind::coat) ++i;
    QCOMPARE(i, p.coats.size());
    QVERIFY(p.passes[i].kind == plan::PassKind::fix && p.passes[i].dry_minutes > 0);
    const double dry = p.passes[i].start_minute + p.passes[i].minutes + p.passes[i].dry_minutes;
    for (std::size_t k = i + 1; k < p.passes.size(); ++k) {
      const auto& fixed = p.passes[i].targets;
      if (std::find_first_of(fixed.begin(), fixed.end(), p.passes[k].targets.begin(), p.passes[k].targets.end()) !=
          fixed.end())
        QVERIFY(p.passes[k].start_minute >= dry - 1e-9);
    }
    for (const auto& t : p.targets) {
      for (std::size_t k = 1; k < t.recipe.strokes.size(); ++k)
        QVERIFY(t.recipe.strokes[k].pressure >= t.recipe.strokes[k - 1].pressure);
    }
    // Charcoal is for the map: no stroke of it lies among the colours unless it is asked for.
    for (const int used : p.tray) QVERIFY(stick(c, used).medium != optics::Medium::charcoal);
  }

  void broken_and_rubbed_are_kept() {
    plan::PlanOptions o = trial::options_with(10);
    o.manner = Manner::broken;
    for (const auto& t : plan_with(o).targets) {
      for (const plan::Stroke& s : t.recipe.strokes) QVERIFY(s.technique == Technique::laid);
    }
    o.manner = Manner::rubbed;
    for (const auto& t : plan_with(o).targets) {
      const auto& s = t.recipe.strokes;
      for (std::size_t i = 0; i < s.size(); ++i)
        QVERIFY(s[i].technique == Technique::rubbed || (i + 1 == s.size() && s.size() > 1));
    }
  }

  void one_mass_goes_its_own_way() {
    plan::PlanOptions o = trial::options_with(10);
    o.school = School::dark_first;
    o.ways = {{1, std::nullopt, Manner::broken}, {2, School::tone_map, std::nullopt}};
    const plan::Plan p = plan_with(o);
    for (const auto& t : p.targets) {
      if (t.mass == 1) {
        for (const plan::Stroke& s : t.recipe.strokes) QVERIFY(s.technique == Technique::laid);
      }
      if (t.mass != 2) QVERIFY(t.coat < 0);
    }
    QVERIFY(p.rules[2].school == School::tone_map);
    QVERIFY(p.rules[0].school == School::dark_first);
  }

  // A fifth school is its laws and nothing else: no more than one colour over another, and that one more vivid.
  void a_school_of_ones_own_is_planned_by() {
    static const plan::SchoolLaws laws = [] {
      plan::SchoolLaws s;
      s.name = "ever-more-vivid";
      s.follows = [](const media::Stick& under, const media::Stick& over) {
        return colour::chroma(over.lab) >= colour::chroma(under.lab);
      };
      s.presses = [](const plan::StrokeShape& under, const plan::StrokeShape& over) {
        return over.pressure <= under.pressure;
      };
      s.order = plan::SchoolLaws::Order::lights_first;
      s.whole = true;
      return s;
    }();
    const auto c = trial::every(trial::kEnough);
    plan::PlanOptions o = trial::options_with(10);
    o.school = School(laws);
    const plan::Plan p = plan_with(o, c);
    QVERIFY(p.school == School(laws) && p.school != School::dark_first);
    int over = 0;
    for (const auto& t : p.targets) {
      const auto& strokes = t.recipe.strokes;
      for (std::size_t i = 1; i < strokes.size(); ++i, ++over) {
        QVERIFY(colour::chroma(stick(c, strokes[i].stick).lab) >= colour::chroma(stick(c, strokes[i - 1].stick).lab));
        QVERIFY(strokes[i].pressure <= strokes[i - 1].pressure);
      }
    }
    QVERIFY2(over > 0, "no stack of two, so no law was tried");
    // Of one level the lighter stick goes first wherever both lie in one mass.
    for (std::size_t i = 0; i < p.passes.size(); ++i) {
      for (std::size_t j = i + 1; j < p.passes.size(); ++j) {
        const plan::Pass& u = p.passes[i];
        const plan::Pass& v = p.passes[j];
        if (u.stick < 0 || v.stick < 0 || u.level != v.level) continue;
        const bool meet = std::any_of(u.masses.begin(), u.masses.end(), [&](int m) {
          return std::find(v.masses.begin(), v.masses.end(), m) != v.masses.end();
        });
        const bool same_medium = stick(c, u.stick).medium == stick(c, v.stick).medium;
        if (!meet || !same_medium || u.accent != v.accent || !p.broken.empty() || !p.conflicts.empty()) continue;
        QVERIFY(stick(c, v.stick).lab.l <= stick(c, u.stick).lab.l + plan::kDarkFirstSlack);
      }
    }
  }

  void advice_follows_media_and_subject() {
    std::vector<subject::Mass> masses(1);
    masses[0].area = 1;
    masses[0].mean = {50, 30, 20};
    masses[0].targets = {{subject::Role::dark, {20, 0, 0}, 0.5}, {subject::Role::light, {90, 0, 0}, 0.5}};
    std::vector<media::Stick> pencils(4, of(50, 0, 0, "p"));
    for (auto& s : pencils) s.medium = optics::Medium::pencil;
    QVERIFY(plan::advise_school(masses, pencils).school == School::light_coat);
    std::vector<media::Stick> soft(4, of(50, 0, 0, "s"));
    QVERIFY(plan::advise_school(masses, soft).school == School::dark_first);
    masses[0].mean = {50, 3, 4};
    const auto advice = plan::advise_school(masses, soft);
    QVERIFY(advice.school == School::tone_map);
    QVERIFY(advice.why == plan::SchoolAdvice::Why::values_carry);
    QVERIFY(std::abs(advice.steps - 6.3) < 0.05);
    // Red berries among green leaves are not grey, though their mean is.
    masses[0].shades = {{{50, 36, 18}, 0.5, subject::Role::middle}, {{50, -30, -10}, 0.5, subject::Role::middle}};
    const auto coloured = plan::advise_school(masses, soft);
    QVERIFY(coloured.school == School::dark_first);
    QVERIFY(std::abs(coloured.chroma - (std::hypot(36, 18) + std::hypot(30, 10)) / 2) < 1e-9);
  }
};

QTEST_APPLESS_MAIN(TestSchool)
#include "test_school.moc"
