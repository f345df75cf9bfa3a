// SPDX-License-Identifier: MIT
// Underpainting by the real model, against common practice (no published source, marked), and the value fit.
#include <QTest>
#include <array>

#include "colour/ciede2000.h"
#include "colour/smoothest.h"
#include "colour/words.h"
#include "optics/look.h"
#include "advice/underpaint_choice.h"
#include "small_world.h"

using namespace yd;
using plan::CoatColours;
using plan::CoatMedium;

namespace {

/// Coats of one mass of this colour on a paper.
std::vector<plan::Coat> coats_of(CoatMedium medium, CoatColours colours, const colour::Lab& mean,
                                 const media::Paper& paper) {
  subject::Mass mass;
  mass.mean = mean;
  mass.area = 1;
  const std::array<subject::Mass, 1> masses{mass};
  plan::UnderpaintOptions options;
  options.picture = plan::CoatChoice{medium, colours};
  return plan::make_coats(options, masses, paper, trial::shipped_collection().sticks, trial::parameters()).value();
}

plan::PlanOptions with_coat(CoatMedium medium, CoatColours colours) {
  plan::PlanOptions options = trial::options_with(8);
  options.underpaint.picture = plan::CoatChoice{medium, colours};
  return options;
}

}  // namespace

class TestUnderpaint : public QObject {
  Q_OBJECT
 private slots:
  // Common practice, no published source: a transparent wash only darkens a coloured ground, however light its colour;
  // gouache of the same colour shows.
  void a_light_wash_shows_only_when_opaque() {
    const media::Paper& dark = trial::paper("sanded-400-rust");
    const colour::Lab pale{88, 0, 20};
    const auto wash = coats_of(CoatMedium::watercolour, CoatColours::tonal, pale, dark).front();
    const auto gouache = coats_of(CoatMedium::gouache, CoatColours::tonal, pale, dark).front();
    QVERIFY(wash.dry.l <= dark.lab.l + 0.01);
    QVERIFY(gouache.dry.l > dark.lab.l + 10);
  }

  // Common practice, no published source: gouache dries lighter than it looks wet.
  void gouache_dries_lighter() {
    const auto coat = coats_of(CoatMedium::gouache, CoatColours::local, {60, 10, 10}, trial::paper()).front();
    QVERIFY(coat.dry.l > coat.wet.l + 1);
  }

  // Common practice, no published source: ink reaches darks that pastel alone cannot.
  void ink_reaches_deeper_darks() {
    const auto reach =
        plan::reachable_range(trial::paper().ground, trial::shipped_collection().sticks, trial::parameters());
    const auto coats = coats_of(CoatMedium::ink, CoatColours::tonal, {18, 0, 0}, trial::paper());
    QVERIFY(coats.front().dry.l < reach.dark - 3);
    // And only the darkest shapes get it.
    QVERIFY(coats_of(CoatMedium::ink, CoatColours::tonal, {60, 0, 0}, trial::paper()).empty());
  }

  void papers_bear_what_they_bear() {
    for (const CoatMedium m : {CoatMedium::gouache, CoatMedium::acrylic, CoatMedium::oil, CoatMedium::water}) {
      QVERIFY(plan::bears(trial::paper("sanded-600-sand"), m));
      QVERIFY(!plan::bears(trial::paper("laid-buff"), m));
      QVERIFY(!plan::bears(trial::paper("velour-stone"), m));
    }
    QVERIFY(plan::bears(trial::paper("laid-buff"), CoatMedium::watercolour));
    QVERIFY(plan::bears(trial::paper("velour-stone"), CoatMedium::dry_rubbed));
    const auto s = trial::small_subject();
    Observer observer;
    const auto refused =
        plan::make_plan(s, trial::paper("velour-stone"), trial::shipped_collection(), trial::parameters(),
                        with_coat(CoatMedium::gouache, CoatColours::local), observer);
    QVERIFY(!refused.ok());
    QVERIFY(QString::fromStdString(describe(refused.error())).contains("does not bear gouache"));
  }

  // Common practice, no published source: complement means warm under greens; shadow-cool is cool; warm glow is warm.
  void strategies_are_what_they_are_called() {
    const colour::Lab green{50, -30, 25};
    QVERIFY(colour::warmth(plan::coat_colour(CoatColours::complement, green)) > colour::warmth(green) + 10);
    for (const double l : {25.0, 50.0, 80.0}) {
      const colour::Lab mean{l, 12, 12};
      QVERIFY(colour::warmth(plan::coat_colour(CoatColours::shadow_cool, mean)) < -3);
      QVERIFY(colour::warmth(plan::coat_colour(CoatColours::warm_glow, mean)) > 20);
      QVERIFY(plan::coat_colour(CoatColours::local, mean).l < l);
      QVERIFY(colour::chroma(plan::coat_colour(CoatColours::tonal, mean)) < 10);
    }
  }

  // The settled coat is the pile itself: strokes over either look the same where nothing is rubbed.
  void a_settled_coat_is_the_pile_it_came_from() {
    const auto& sticks = trial::shipped_collection().sticks;
    const optics::Pigment paint = optics::opaque_pigment(colour::nearest_reflectance({40, 20, 30}),
                                                         trial::parameters().of(optics::WashKind::opaque).scatter);
    const optics::Pigment chalk = media::pigment_of(sticks[40], trial::parameters());
    const std::array<optics::Pigment, 2> pigments{paint, chalk};
    optics::Pile whole(trial::paper().ground, trial::parameters());
    whole.wash(0, optics::WashKind::opaque, 0.5);
    const optics::Ground settled = optics::settle(whole, pigments);
    optics::Pile over(settled, trial::parameters());
    QVERIFY(std::abs(whole.tooth_left() - over.tooth_left()) < 1e-6);
    for (const double pressure : {0.3, 1.0}) {
      whole.stroke(1, sticks[40].medium, pressure);
      over.stroke(1, sticks[40].medium, pressure);
    }
    const auto one = optics::look(optics::shade(whole, pigments)).lab;
    const auto two = optics::look(optics::shade(over, pigments)).lab;
    // Loose paint makes a stroke slip a little; the settled coat counts as bound.
    QVERIFY2(colour::ciede2000(one, two) < 0.5, qPrintable(QString::number(colour::ciede2000(one, two))));
  }

  void the_coat_is_what_the_recipes_stand_on() {
    const auto s = trial::small_subject();
    Observer observer;
    const auto p = plan::make_plan(s, trial::paper(), trial::shipped_collection(), trial::parameters(),
                                   with_coat(CoatMedium::gouache, CoatColours::warm_glow), observer)
                       .value();
    QVERIFY(!p.coats.empty() && p.coats.size() <= plan::kMostCoats);
    for (const auto& t : p.targets) {
      QVERIFY(t.coat >= 0);
      const auto& ground = plan::ground_of(p, t, trial::paper());
      const auto again =
          plan::evaluate(ground, trial::parameters(), trial::shipped_collection().sticks, t.recipe.strokes, t.target);
      QVERIFY(std::abs(again.de00 - t.recipe.de00) < 1e-9);
      QVERIFY(t.recipe.tooth_left < 1);
    }
  }

  void exceptions_go_before_the_picture() {
    const auto s = trial::small_subject();
    plan::PlanOptions options = with_coat(CoatMedium::gouache, CoatColours::local);
    const int plane = static_cast<int>(s.masses[0].plane);
    options.underpaint.exceptions = {
        {plan::CoatException::Where::plane, plane, std::nullopt},
        {plan::CoatException::Where::mass, 0, plan::CoatChoice{CoatMedium::dry_rubbed, CoatColours::tonal}}};
    Observer observer;
    const auto p =
        plan::make_plan(s, trial::paper(), trial::shipped_collection(), trial::parameters(), options, observer).value();
    for (const auto& t : p.targets) {
      const auto& mass = s.masses[static_cast<std::size_t>(t.mass)];
      if (t.mass == 0) {
        QCOMPARE(p.coats[static_cast<std::size_t>(t.coat)].how.medium, CoatMedium::dry_rubbed);
      } else if (static_cast<int>(mass.plane) == plane) {
        QCOMPARE(t.coat, -1);
      } else {
        QCOMPARE(p.coats[static_cast<std::size_t>(t.coat)].how.medium, CoatMedium::gouache);
      }
    }
  }

  void every_coat_is_judged_and_advice_has_a_reason() {
    const auto s = trial::small_subject();
    int refused = 0;
    int picked = 0;
    for (const auto& [paper, count] : {std::pair{"laid-buff", 8}, {"sanded-400-rust", 3}}) {
      const auto p = trial::small_plan(s, trial::shipped_collection(), count, paper);
      plan::CoatInput in;
      in.plan = &p;
      in.subject = &s;
      in.paper = &trial::paper(paper);
      in.sticks = trial::shipped_collection().sticks;
      in.parameters = &trial::parameters();
      Observer observer;
      const auto advice = plan::judge_coats(in, observer).value();
      QCOMPARE(advice.verdicts.size(), (plan::kCoatMedia - 2) * plan::kCoatColours + 2);
      for (const auto& v : advice.verdicts) {
        QVERIFY(v.peeks >= 0 && v.peeks <= 1 && v.tooth_used >= 0 && v.tooth_used <= 1);
        QVERIFY(v.heated_minutes <= v.dry_minutes);
        if (v.bears) continue;
        ++refused;
        QVERIFY(advice.pick < 0 || !(advice.verdicts[std::size_t(advice.pick)].choice == v.choice));
      }
      if (advice.pick < 0) continue;
      ++picked;
      QVERIFY(advice.verdicts[std::size_t(advice.pick)].de00 < advice.plain_de00);
    }
    QVERIFY(refused > 0);  // a laid paper bears little water
    QVERIFY(picked > 0);   // three sticks on rust need one
  }

  // Safety, common practice: nothing flammable is ever dried by heat.
  void nothing_flammable_is_heated() {
    for (std::size_t m = 0; m < plan::kCoatMedia; ++m) {
      const auto& f = plan::facts(static_cast<CoatMedium>(m));
      if (f.flammable) QCOMPARE(f.heated_minutes, f.dry_minutes);
    }
  }

  void values_are_fitted_without_turning_back() {
    const plan::ValueRange from{5, 98};
    const plan::ValueRange reach{24, 93};
    for (const plan::Fit fit : plan::kAllFits) {
      double last = -1;
      for (double l = 5; l <= 98; l += 0.5) {
        const double v = plan::fit_lightness(l, fit, from, reach);
        QVERIFY(v >= last);
        last = v;
      }
    }
    using plan::Fit;
    QCOMPARE(plan::fit_lightness(40, Fit::keep, from, reach), 40.0);
    QCOMPARE(plan::fit_lightness(5, Fit::compress, from, reach), 24.0);
    QCOMPARE(plan::fit_lightness(98, Fit::compress, from, reach), 93.0);
    QCOMPARE(plan::fit_lightness(5, Fit::anchor_lights, from, reach), 24.0);
    QCOMPARE(plan::fit_lightness(80, Fit::anchor_lights, from, reach), 80.0);
    QCOMPARE(plan::fit_lightness(98, Fit::anchor_darks, from, reach), 93.0);
    QCOMPARE(plan::fit_lightness(20, Fit::anchor_darks, from, reach), 20.0);
    // Nothing is moved where all is within reach.
    for (const Fit fit : plan::kAllFits) QCOMPARE(plan::fit_lightness(33, fit, {30, 80}, {20, 90}), 33.0);
  }

  void the_reach_is_what_strokes_reach() {
    const auto& sticks = trial::shipped_collection().sticks;
    const auto reach = plan::reachable_range(trial::paper().ground, sticks, trial::parameters());
    QVERIFY(reach.dark < 30 && reach.light > 88);
    for (std::size_t i = 0; i < sticks.size(); i += 5) {
      const std::vector<plan::Stroke> firm{{static_cast<int>(i), 1, plan::Technique::laid},
                                           {static_cast<int>(i), 1, plan::Technique::laid}};
      const auto r = plan::evaluate(trial::paper().ground, trial::parameters(), sticks, firm, {50, 0, 0});
      QVERIFY(r.look.lab.l >= reach.dark - 0.01 && r.look.lab.l <= reach.light + 0.01);
    }
  }
};

QTEST_GUILESS_MAIN(TestUnderpaint)
#include "test_underpaint.moc"
