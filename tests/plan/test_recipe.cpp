// SPDX-License-Identifier: MIT
// What recipes are made of: loads of strokes on one another, swatches, what schools and manners charge and allow, the
// painter's complement. Rules of schools: common practice, no published source.
#include <QTest>
#include <cmath>
#include <numeric>

#include "colour/ciede2000.h"
#include "coat/underpaint.h"
#include "recipe/geometry.h"
#include "craft/school.h"
#include "recipe/value_fit.h"
#include "small_world.h"
#include "support/random.h"

using namespace yd;
using optics::Medium;
using plan::School;
using plan::Stroke;
using plan::StrokeShape;
using plan::Technique;

namespace {

const optics::Ground& ground() { return trial::paper().ground; }

StrokeShape any_shape(Random& random) {
  constexpr std::array kMedia{Medium::soft, Medium::hard, Medium::pencil, Medium::pan};
  return {kMedia[random.below(kMedia.size())], 0.25 * static_cast<double>(1 + random.below(4)),
          random.below(2) == 0 ? Technique::laid : Technique::rubbed};
}

double mean_of(const optics::CoatLoads& loads) {
  double sum = 0;
  for (const float l : loads.load) sum += static_cast<double>(l);
  return sum / static_cast<double>(loads.load.size());
}

media::Stick of(const colour::Lab& lab) {
  media::Stick s;
  s.lab = lab;
  return s;
}

int stick_called(const char* id) {
  const auto& all = trial::shipped_collection().sticks;
  const auto found = std::find_if(all.begin(), all.end(), [&](const media::Stick& s) { return s.id == id; });
  return static_cast<int>(found - all.begin());
}

/// How far apart two papers look under the same strokes.
double papers_show(const char* stick, std::vector<Stroke> strokes) {
  const auto& sticks = trial::shipped_collection().sticks;
  for (Stroke& s : strokes) s.stick = stick_called(stick);
  const auto on = [&](const char* paper) {
    return plan::evaluate(trial::paper(paper).ground, trial::parameters(), sticks, strokes, {50, 0, 0}).look.lab;
  };
  return colour::ciede2000(on("sanded-800-white"), on("sanded-800-black"));
}

}  // namespace

class TestRecipe : public QObject {
  Q_OBJECT
 private slots:
  // Coats of a geometry hold what the pile holds, stroke for stroke, and lie in the order they came.
  void coats_hold_what_was_laid() {
    Random random(5);
    for (int i = 0; i < 60; ++i) {
      std::vector<StrokeShape> shapes;
      optics::Pile pile(ground(), trial::parameters());
      for (std::size_t n = 1 + random.below(plan::kMostStrokes); n > 0; --n) {
        shapes.push_back(any_shape(random));
        plan::lay_on(pile, shapes);
      }
      const plan::StackGeometry g = plan::make_geometry(ground(), trial::parameters(), shapes);
      QCOMPARE(g.strokes, static_cast<int>(shapes.size()));
      QCOMPARE(g.tooth_left, pile.tooth_left());
      double all = 0;
      std::array<double, plan::kMostStrokes> of_stroke{};
      for (const auto& coat : g.coats) {
        QVERIFY(std::abs(std::accumulate(coat.share.begin(), coat.share.end(), 0.0F) - 1) < 1e-4F);
        all += mean_of(coat.loads);
        for (std::size_t s = 0; s < shapes.size(); ++s)
          of_stroke[s] += mean_of(coat.loads) * static_cast<double>(coat.share[s]);
        for (std::size_t k = 0; k < coat.loads.load.size(); ++k)
          QVERIFY(coat.loads.load[k] >= 0 && coat.loads.cover[k] >= 0 && coat.loads.cover[k] <= 1);
      }
      QVERIFY(std::abs(all - pile.mean_load()) < 1e-5 * (1 + all));
      for (std::size_t s = 0; s < shapes.size(); ++s)
        QVERIFY(std::abs(of_stroke[s] - pile.mean_load_of(static_cast<int>(s))) < 1e-5 * (1 + all));
      for (std::size_t c = 0; c < g.under; ++c) QCOMPARE(g.coats[c].share[0], 1.0F);
    }
  }

  void every_shape_once_and_nothing_hard_over_soft() {
    const std::array media{Medium::soft, Medium::pencil};
    QCOMPARE(plan::all_shapes(media).size(), 2 * plan::kPressures.size() * 2);
    std::size_t pairs = 0;
    for (const plan::StackGeometry& g : plan::all_geometries(ground(), trial::parameters(), media)) {
      if (g.strokes == 1) continue;
      ++pairs;
      QVERIFY(plan::may_lie_over(g.shape[1].medium, g.shape[0].medium));
    }
    // Of four orders of two media one is forbidden: a pencil slips on what is soft.
    QVERIFY(!plan::may_lie_over(Medium::pencil, Medium::soft) && plan::may_lie_over(Medium::soft, Medium::pencil));
    QCOMPARE(pairs, 3 * 36U);
  }

  // Kubelka and Munk's K and S of a mixture are the means of its parts, by their shares (Duncan 1940).
  void a_blend_is_the_mean_of_its_parts() {
    const auto& sticks = trial::shipped_collection().sticks;
    const auto coarse = [&](const char* id) {
      return optics::coarse(media::pigment_of(sticks[static_cast<std::size_t>(stick_called(id))], trial::parameters()));
    };
    const optics::CoarsePigment blue = coarse("soft-ultramarine-blue");
    const optics::CoarsePigment yellow = coarse("soft-lemon-yellow");
    const std::array parts{&blue, &yellow};
    const std::array<float, 2> shares{0.25F, 0.75F};
    const optics::CoarsePigment mixed = plan::blend(shares, parts);
    const std::array twice{&blue, &blue};
    const optics::CoarsePigment same = plan::blend(shares, twice);
    for (std::size_t i = 0; i < colour::kCoarseBands; ++i) {
      QVERIFY(std::abs(mixed.k[i] - (0.25F * blue.k[i] + 0.75F * yellow.k[i])) <= 1e-5F * (1 + mixed.k[i]));
      QVERIFY(std::abs(mixed.s[i] - (0.25F * blue.s[i] + 0.75F * yellow.s[i])) <= 1e-5F * (1 + mixed.s[i]));
      QVERIFY(std::abs(same.k[i] - blue.k[i]) <= 1e-5F * (1 + blue.k[i]));
    }
  }

  // A stick is tried out on white and on black: the full swatch hardly shows which, the light one does. Common
  // practice, no published source.
  void the_full_swatch_hides_the_paper_and_the_light_one_does_not() {
    for (const char* stick : {"soft-white", "soft-scarlet", "soft-ultramarine-blue", "soft-black"}) {
      const double full = papers_show(stick, plan::full_swatch());
      const double light = papers_show(stick, plan::light_swatch());
      QVERIFY2(full < 5, qPrintable(QString("%1 %2").arg(stick).arg(full)));
      QVERIFY2(light > 15 && light > 4 * full, qPrintable(QString("%1 %2 %3").arg(stick).arg(light).arg(full)));
    }
    for (const Stroke& s : plan::full_swatch()) QCOMPARE(s.pressure, 1.0);
  }

  void a_manner_rubs_or_does_not() {
    const StrokeShape laid{Medium::soft, 0.6, Technique::laid};
    const StrokeShape rubbed{Medium::soft, 0.6, Technique::rubbed};
    using Shapes = std::vector<StrokeShape>;
    QVERIFY(plan::manner_allows(plan::Manner::either, Shapes({rubbed, laid, rubbed})));
    QVERIFY(plan::manner_allows(plan::Manner::broken, Shapes({laid, laid})));
    QVERIFY(!plan::manner_allows(plan::Manner::broken, Shapes({laid, rubbed})));
    // Rubbed: all but what is drawn on top, and that too where it is alone.
    QVERIFY(plan::manner_allows(plan::Manner::rubbed, Shapes({rubbed, rubbed, laid})));
    QVERIFY(!plan::manner_allows(plan::Manner::rubbed, Shapes({rubbed, laid, laid})));
    QVERIFY(!plan::manner_allows(plan::Manner::rubbed, Shapes({laid})));
  }

  void pressures_follow_the_school() {
    const StrokeShape thin{Medium::soft, 0.3, Technique::laid};
    const StrokeShape firm{Medium::soft, 1.0, Technique::laid};
    QVERIFY(plan::shape_may_follow({School::dark_first, {}}, firm, firm));
    QVERIFY(plan::shape_may_follow({School::light_coat, {}}, firm, thin));
    QVERIFY(!plan::shape_may_follow({School::light_coat, {}}, thin, firm));  // a glaze is never firm
    QVERIFY(plan::shape_may_follow({School::tone_map, {}}, thin, firm));
    QVERIFY(!plan::shape_may_follow({School::tone_map, {}}, firm, thin));  // thin to firm
    QCOMPARE(School::flat_broken->strokes, 3);
    QCOMPARE(School::dark_first->strokes, 1);
  }

  void a_light_coat_wants_white_under_light_and_firmer_where_lighter() {
    const std::vector<media::Stick> sticks{of({95, 0, 2}), of({60, 20, 20}), of({20, 0, 0})};
    const plan::StackRules rules{School::light_coat, {}};
    const auto price = [&](const std::vector<Stroke>& strokes, double l) {
      return plan::school_price(rules, strokes, sticks, {l, 5, 5});
    };
    const Stroke glaze{1, 0.3};
    QCOMPARE(price({{0, 1.0}, glaze, {0, 0.3}}, 90), 0.0);
    QVERIFY(price({{0, 0.3}, glaze, {0, 0.3}}, 90) > price({{0, 0.6}, glaze, {0, 0.3}}, 90));
    QCOMPARE(price({{0, 0.3}, glaze, {0, 0.3}}, 58), 0.0);  // thin where it is less light
    QVERIFY(price({{0, 1.0}, glaze, {0, 0.3}}, 58) > 0);
    QVERIFY(price({{0, 1.0}, glaze}, 90) > 0);                         // not softened
    QVERIFY(price({glaze}, 90) > price({{0, 0.3}, glaze}, 90));        // no coat at all
    QCOMPARE(price({glaze}, plan::kGlazed - 1), 0.0);                  // under a dark there is none
    QCOMPARE(plan::school_price(rules, {}, sticks, {90, 0, 0}), 0.0);  // bare paper is in every style
    // White kills chroma: what is vivid is not softened.
    QCOMPARE(plan::school_price(rules, std::vector<Stroke>{{0, 1.0}, glaze}, sticks, {90, 0, 60}), 0.0);
  }

  void flat_and_broken_wants_the_local_colour_and_no_bare_black() {
    const std::vector<media::Stick> sticks{of({55, 20, 20}), of({30, 5, 5}), of({14, 0, 0}), of({92, 0, 0})};
    const plan::StackRules rules{School::flat_broken, {}};
    const auto price = [&](const std::vector<Stroke>& strokes) {
      return plan::school_price(rules, strokes, sticks, {55, 20, 20});
    };
    QCOMPARE(price({{0, 0.6}, {1, 0.3}, {0, 0.6}}), 0.0);
    QVERIFY(price({{0, 0.6}, {1, 0.3}}) > 0);                                              // never reunited
    QVERIFY(price({{3, 0.6}, {1, 0.3}, {0, 0.6}}) > 0);                                    // not the local colour
    QVERIFY(price({{0, 0.6}, {0, 0.3}, {2, 0.6}}) > price({{0, 0.6}, {2, 0.3}, {0, 1}}));  // black left bare
    QCOMPARE(plan::school_price({School::dark_first, {}}, std::vector<Stroke>{{2, 1.0}}, sticks, {55, 0, 0}), 0.0);
  }

  void black_dirties_only_what_is_vivid_and_light() {
    const media::Stick black = of({15, 0, 0});
    QVERIFY(plan::is_black(black));
    QVERIFY(!plan::is_black(of({15, 12, -18})));  // a deep blue
    QVERIFY(plan::dirties(of({75, 10, 70}), black));
    QVERIFY(!plan::dirties(of({40, 0, 4}), black));
    QVERIFY(!plan::dirties(of({75, 10, 70}), of({40, 10, 10})));
  }

  // Red and green, orange and blue, yellow and violet; whatever is opposite is opposite back.
  void complements_face_each_other() {
    const auto turned = [](double h) { return std::fmod(h + 720, 360); };
    const auto near = [&](double h, double low, double high) {
      const double c = turned(plan::painters_complement(h));
      return c >= low && c <= high;
    };
    QVERIFY(near(30, 130, 170));  // red: a green
    QVERIFY(near(60, 240, 280));  // orange: a blue
    QVERIFY(near(95, 300, 330));  // yellow: a violet
    QVERIFY(near(150, 15, 45));   // green: a red, where Lab's own opposite is violet
    for (double h = 0; h < 360; h += 2.5) {
      const double back = turned(plan::painters_complement(turned(plan::painters_complement(h))));
      QVERIFY2(colour::hue_apart_deg(back, h) < 1e-6, qPrintable(QString("%1 %2").arg(h).arg(back)));
    }
    const colour::Lab orange = colour::to_lab(colour::Lch{60, 50, 60});
    const colour::Lab blue = colour::to_lab(colour::Lch{40, 40, 265});
    QVERIFY(plan::complements(orange, blue, 1) && plan::complements(blue, orange, 1));
    QVERIFY(!plan::complements(orange, orange, 90));
    QVERIFY(plan::complements(orange, colour::to_lab(colour::Lch{40, 40, 290}), 30));
    QVERIFY(!plan::complements(orange, colour::to_lab(colour::Lch{40, 40, 290}), 20));
  }

  // The eye is drawn to what is vivid, up to a limit; grey counts as it is.
  void vivid_shades_count_for_more() {
    QCOMPARE(plan::caught_by_eye({50, 0, 0}, 3), 1.0);
    QCOMPARE(plan::caught_by_eye({50, 24, 32}, 3), 2.0);
    QCOMPARE(plan::caught_by_eye({50, 0, 200}, 3), 3.0);
  }

  void fits_come_back_by_name_and_ranges_hold_every_target() {
    for (const plan::Fit fit : plan::kAllFits) QVERIFY(plan::fit_by_name(plan::name(fit)).value() == fit);
    const auto unknown = plan::fit_by_name("stretch");
    QVERIFY(!unknown.ok() && describe(unknown.error()).find("stretch") != std::string::npos);
    const subject::Subject s = trial::small_subject(160, 120);
    const plan::ValueRange range = plan::range_of(s.masses);
    QVERIFY(range.dark > 10 && range.dark < 35 && range.light > 80 && range.light < 100);
    for (const subject::Mass& m : s.masses) {
      for (const auto& shade : m.shades) QVERIFY(shade.lab.l >= range.dark - 1e-9 && shade.lab.l <= range.light + 1e-9);
    }
  }
};

QTEST_APPLESS_MAIN(TestRecipe)
#include "test_recipe.moc"
