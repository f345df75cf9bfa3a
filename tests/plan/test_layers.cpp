// SPDX-License-Identifier: MIT
// Layerings: the lattice of pressures, the search over a tray, the choice for the whole picture.
#include <QtTest>
#include <set>

#include "colour/ciede2000.h"
#include "search/layer_choice.h"
#include "search/layer_search.h"
#include "small_world.h"
#include "support/random.h"

using namespace yd;
using plan::Layering;
using plan::Technique;

namespace {

plan::SearchInput input(const media::Collection& sticks) {
  return {&trial::paper().ground, &trial::parameters(), sticks.sticks, {}, {}};
}

/// One light and one dark mass, graded.
plan::ShadeSet two_masses() {
  plan::ShadeSet s;
  s.add_mass(std::vector<colour::Lab>{{60, 2, -6}, {66, 3, -2}, {72, 4, 4}, {80, 4, 10}},
             std::vector<double>{0.2, 0.2, 0.1, 0.1});
  s.add_mass(std::vector<colour::Lab>{{25, 4, 4}, {34, 8, 12}, {45, 10, 18}}, std::vector<double>{0.1, 0.2, 0.1});
  return s;
}

plan::LayeredMass mass_of(double area, std::span<const Layering> layerings, std::span<const float> cost) {
  plan::LayeredMass m;
  m.weight = m.area = area;
  m.layerings = layerings;
  m.cost = cost;
  return m;
}

}  // namespace

class TestLayers : public QObject {
  Q_OBJECT
 private slots:
  void a_node_is_the_stack_of_its_strokes() {
    const media::Collection sticks = trial::every(30);
    plan::Lattice lattice(input(sticks), 0.15);
    const Layering l{{0, Technique::rubbed}, {2, Technique::laid}};
    lattice.prepare(std::span(&l, 1));
    const plan::Looks looks = lattice.looks(l);
    QCOMPARE(looks.at.size(), plan::nodes_of(2));
    for (std::size_t n = 0; n < looks.at.size(); ++n) {
      const plan::Recipe r =
          plan::evaluate(trial::paper().ground, trial::parameters(), sticks.sticks, plan::strokes_at(l, n), {50, 0, 0});
      QVERIFY(colour::ciede2000(r.look.lab, looks.lab[n]) < colour::kCoarseAgreement);
    }
  }

  // What lies there is taken up by a finger like what is laid over it, through fixative less.
  void rubbing_takes_up_what_lies_there() {
    const media::Collection sticks = trial::every(30);
    for (const bool fixed : {false, true}) {
      const std::vector<plan::Stroke> there{{1, 0.75, Technique::rubbed}, {3, 0.5, Technique::laid, fixed}};
      plan::SearchInput over = input(sticks);
      over.below = {&trial::paper().ground, there};
      plan::Lattice lattice(over, 0.15);
      const Layering l{{0, Technique::rubbed}, {2, Technique::laid}};
      lattice.prepare(std::span(&l, 1));
      const plan::Looks looks = lattice.looks(l);
      QCOMPARE(looks.at.size(), plan::nodes_of(2));
      Observer observer;
      QCOMPARE(plan::search_layers(lattice, two_masses(), observer).error().where, std::string("below"));
      for (std::size_t n = 0; n < looks.at.size(); ++n) {
        std::vector<plan::Stroke> all = there;
        for (const plan::Stroke& s : plan::strokes_at(l, n)) all.push_back(s);
        const plan::Recipe r =
            plan::evaluate(trial::paper().ground, trial::parameters(), sticks.sticks, std::move(all), {50, 0, 0});
        QVERIFY(colour::ciede2000(r.look.lab, looks.lab[n]) < colour::kCoarseAgreement);
      }
    }
  }

  // The first-order reckoning of a hand that is off against hands that are.
  void unsteadiness_is_what_hands_do() {
    const media::Collection sticks = trial::every(30);
    constexpr double kHand = 0.1;
    plan::Lattice lattice(input(sticks), kHand);
    const Layering l{{1, Technique::laid}};
    lattice.prepare(std::span(&l, 1));
    const plan::Looks looks = lattice.looks(l);
    const auto at = [&](double pressure) {
      return colour::to_din99o(plan::evaluate(trial::paper().ground, trial::parameters(), sticks.sticks,
                                              {{1, pressure, Technique::laid}}, {50, 0, 0})
                                   .look.lab);
    };
    const auto up = std::sqrt(colour::distance_squared(at(0.5 * (1 + kHand)), at(0.5)));
    const auto down = std::sqrt(colour::distance_squared(at(0.5 * (1 - kHand)), at(0.5)));
    const double told = std::sqrt(looks.unsteady[1]);
    QVERIFY2(told > 0.6 * std::min(up, down) && told < 1.7 * std::max(up, down),
             qPrintable(QString("%1 %2 %3").arg(told).arg(up).arg(down)));
  }

  // A school bars ways, not slips of the hand: those it leaves are as steady as where all are allowed.
  void a_school_does_not_change_what_a_hand_does() {
    const media::Collection sticks = trial::every(30);
    const Layering l{{1, Technique::laid}, {4, Technique::rubbed}};
    const auto looks_by = [&](plan::School school) {
      plan::SearchInput in = input(sticks);
      in.rules.school = school;
      plan::Lattice lattice(in, 0.15);
      lattice.prepare(std::span(&l, 1));
      return lattice.looks(l);
    };
    const plan::Looks free = looks_by(plan::School::dark_first);
    for (const plan::School school : {plan::School::light_coat, plan::School::tone_map}) {
      const plan::Looks bound = looks_by(school);
      std::size_t barred = 0;
      for (std::size_t n = 0; n < bound.at.size(); ++n) {
        QVERIFY(free.unsteady[n] < plan::kNotAllowed);
        if (bound.unsteady[n] >= plan::kNotAllowed)
          ++barred;
        else
          QCOMPARE(bound.unsteady[n], free.unsteady[n]);
      }
      QVERIFY(barred > 0 && barred < bound.at.size());
    }
  }

  // On a tray small enough to work out everything, the ranking by a guess loses little.
  void the_search_is_near_the_exhaustive_answer() {
    const media::Collection sticks = trial::every(12);
    const std::vector<int> tray{0, 3, 6, 9, 12, 15};
    const plan::ShadeSet shades = two_masses();
    Observer observer;
    const auto best = [&](const plan::TraySearch& options, std::size_t mass) {
      plan::Lattice lattice(input(sticks), 0.15);
      float least = 1e9F;
      const auto found = plan::tray_layerings(lattice, shades, tray, options, observer).value();
      for (const plan::LayeringCosts& c : found) least = std::min(least, c.cost[mass]);
      return least;
    };
    for (std::size_t mass = 0; mass < 2; ++mass) {
      const float all = best({3, 1000000, 1000000}, mass);
      const float quick = best({3, 60, 12}, mass);
      QVERIFY(quick >= all - 1e-4F);
      QVERIFY2(quick <= all + 0.2F, qPrintable(QString("%1 %2").arg(quick).arg(all)));
    }
  }

  // A colour by itself comes as near as the best of everything worked out.
  void the_nearest_colour_of_a_tray_is_found() {
    const media::Collection sticks = trial::every(12);
    const std::vector<int> tray{0, 3, 6, 9, 12, 15};
    const std::vector<colour::Lab> wanted{{30, 10, -20}, {60, 5, 30}, {85, 0, 5}, {45, -20, 10}};
    Observer observer;
    plan::Lattice lattice(input(sticks), 0);
    const auto found = plan::nearest_layered(lattice, wanted, tray, {2, 200, 120}, observer).value();
    std::vector<Layering> all;
    for (const int i : tray) {
      for (const Technique t : plan::kAllTechniques) {
        all.push_back({{i, t}});
        for (const int j : tray) {
          for (const Technique u : plan::kAllTechniques) all.push_back({{i, t}, {j, u}});
        }
      }
    }
    lattice.prepare(all);
    for (std::size_t n = 0; n < wanted.size(); ++n) {
      double best = 1e9;
      for (const Layering& l : all) {
        const plan::Looks looks = lattice.looks(l);
        for (std::size_t node = 0; node < looks.lab.size(); ++node) {
          if (looks.unsteady[node] < plan::kNotAllowed)
            best = std::min(best, colour::ciede2000(looks.lab[node], wanted[n]));
        }
      }
      QVERIFY2(found[n] <= best + 1, qPrintable(QString("%1 %2").arg(found[n]).arg(best)));
    }
  }

  void a_third_layer_never_costs_more_than_going_without() {
    const media::Collection sticks = trial::every(12);
    const std::vector<int> tray{0, 4, 8, 12, 16};
    const plan::ShadeSet shades = two_masses();
    Observer observer;
    plan::Lattice lattice(input(sticks), 0.15);
    const auto two = plan::tray_layerings(lattice, shades, tray, {2, 200, 120}, observer).value();
    const auto three = plan::tray_layerings(lattice, shades, tray, {3, 200, 120}, observer).value();
    for (std::size_t m = 0; m < 2; ++m) {
      const auto cheaper = [&](const auto& p, const auto& q) { return p.cost[m] < q.cost[m]; };
      QVERIFY(std::min_element(three.begin(), three.end(), cheaper)->cost[m] <=
              std::min_element(two.begin(), two.end(), cheaper)->cost[m]);
    }
  }

  void far_sticks_pencils_on_skies_and_dark_starts_cost() {
    const media::Collection& all = trial::shipped_collection();
    const auto named = [&](const char* id) {
      for (std::size_t i = 0; i < all.sticks.size(); ++i) {
        if (all.sticks[i].id == id) return static_cast<int>(i);
      }
      return -1;
    };
    const plan::ShadeSet shades = two_masses();
    const plan::SearchInput in = input(all);
    const plan::LayerPrices prices(in, shades);
    const int light = named("soft-cool-grey-tint-2");
    const int black = named("soft-black");
    QVERIFY(light >= 0 && black >= 0);
    const double good = prices.of(0, {{light, Technique::laid}});
    QVERIFY(prices.of(0, {{black, Technique::laid}, {light, Technique::laid}}) > good + 2);
    QVERIFY(prices.of(0, {{light, Technique::laid}, {black, Technique::rubbed}}) > good + 1);
    for (std::size_t i = 0; i < all.sticks.size(); ++i) {
      if (all.sticks[i].medium == optics::Medium::pencil)
        QVERIFY(prices.of(0, {{static_cast<int>(i), Technique::laid}}) >= plan::prices().layer.broad_point);
    }
  }

  // A smooth wall or sky is rubbed even, a textured one would be dead so. Common practice, no published source.
  void rubbing_costs_where_there_is_a_texture() {
    const media::Collection sticks = trial::every(30);
    const plan::SearchInput in = input(sticks);
    const std::vector<colour::Lab> labs{{60, 2, -6}, {66, 3, -2}, {72, 4, 4}};
    const std::vector<double> areas{0.2, 0.2, 0.1};
    plan::ShadeSet shades;
    for (const double smooth : {0.0, 0.5, 1.0}) shades.add_mass(labs, areas, {}, smooth);
    const plan::LayerPrices prices(in, shades);
    const int dark = sticks.sticks[0].lab.l < sticks.sticks[1].lab.l ? 0 : 1;
    const Layering laid{{dark, Technique::laid}, {1 - dark, Technique::laid}};
    const Layering rubbed{{dark, Technique::rubbed}, {1 - dark, Technique::rubbed}};
    const double most = 2 * plan::prices().layer.rubbed + plan::prices().layer.all_rubbed;
    QVERIFY(std::abs(prices.of(0, rubbed) - prices.of(0, laid) - most) < 1e-12);
    QVERIFY(std::abs(prices.of(1, rubbed) - prices.of(1, laid) - most / 2) < 1e-12);
    QVERIFY(std::abs(prices.of(2, rubbed) - prices.of(2, laid)) < 1e-12);
  }

  // What is laid so that it speckles is as near to a textured mass as to a smooth one, and further from what is smooth.
  void speckle_is_seen_on_what_is_smooth() {
    const media::Collection sticks = trial::every(30);
    plan::Lattice lattice(input(sticks), 0.15);
    const Layering l{{1, Technique::laid}};
    lattice.prepare(std::span(&l, 1));
    const plan::Looks looks = lattice.looks(l);
    std::size_t speckled = 0;
    for (std::size_t n = 0; n < looks.at.size(); ++n) {
      plan::ShadeSet shades;
      for (const double smooth : {0.0, 1.0})
        shades.add_mass(std::span(&looks.lab[n], 1), std::vector<double>{0.1}, {}, smooth);
      plan::Looks only{{looks.at[n]}, {looks.lab[n]}, {looks.unsteady[n]}, {looks.marks[n]}, {looks.speckle[n]}};
      std::array<float, 2> best{plan::kFarOff, plan::kFarOff};
      plan::reach_down(shades, only, best.data());
      QVERIFY(std::abs(best[0] - looks.unsteady[n]) < 1e-3F);
      QVERIFY(std::abs(best[1] - best[0] - looks.marks[n]) < 1e-3F);
      const bool even = looks.speckle[n] <= 1;
      QCOMPARE(looks.marks[n] > 0, !even);
      speckled += even ? 0 : 1;
    }
    QVERIFY(speckled > 0);
  }

  // Common practice, no published source: a colour that is a little off is only that, whatever it is; far off, a grey
  // is another grey, but a red that turned grey is gone.
  void a_vivid_colour_that_is_lost_counts_for_more() {
    plan::ShadeSet shades;
    for (const colour::Lab& lab : {colour::Lab{50, 0, 0}, colour::Lab{50, 24, 14}, colour::Lab{50, 48, 28}})
      shades.add_mass(std::span(&lab, 1), std::vector<double>{0.1});
    const auto charged = [&](std::size_t mass, float difference) {
      const std::vector<float> best(shades.size(), difference * difference);
      return plan::mean_difference(shades, mass, best.data());
    };
    for (const float little : {1.0F, 3.0F, 4.9F}) {
      for (std::size_t m = 0; m < 3; ++m) QVERIFY(std::abs(charged(m, little) - static_cast<double>(little)) < 1e-5);
    }
    QVERIFY(charged(0, 16) > 16);
    QVERIFY(charged(1, 16) > 1.5 * charged(0, 16));
    QVERIFY(charged(2, 16) > 1.2 * charged(1, 16));
  }

  void sharing_a_pass_is_worth_a_little_difference() {
    const std::vector<Layering> layerings{{{0, Technique::laid}}, {{1, Technique::laid}}};
    const std::vector<float> first{1.0F, 1.2F};
    const std::vector<float> second{1.2F, 1.0F};
    std::vector<plan::LayeredMass> masses{mass_of(0.5, layerings, first), mass_of(0.5, layerings, second)};
    QCOMPARE(plan::count_passes(masses, plan::choose_layerings(masses, 3, {0.05, 0})), std::size_t{2});
    QCOMPARE(plan::count_passes(masses, plan::choose_layerings(masses, 3, {0.15, 0})), std::size_t{1});
    // Bands of one gradient would rather be built alike.
    masses[0].bands = {{1, 0.5}};
    masses[1].bands = {{0, 0.5}};
    QCOMPARE(plan::count_passes(masses, plan::choose_layerings(masses, 3, {0.05, 0.2})), std::size_t{1});
  }

  // Two bands that have to move together: every pass is there anyway, and one band alone would keep the seam.
  void two_bands_move_together() {
    const std::vector<Layering> layerings{{{0, Technique::laid}}, {{1, Technique::laid}}, {{2, Technique::laid}}};
    const std::vector<float> first{1, 9, 1.25F};
    const std::vector<float> second{9, 1, 1.25F};
    const std::vector<std::vector<float>> others{{1, 50, 50}, {50, 1, 50}, {50, 50, 1}};
    std::vector<plan::LayeredMass> masses{mass_of(0.2, layerings, first), mass_of(0.2, layerings, second)};
    for (const std::vector<float>& only : others) masses.push_back(mass_of(0.2, layerings, only));
    const auto layering_of = [&](double seam, std::size_t mass) {
      return plan::choose_layerings(masses, 3, {0.015, seam})[mass].layering;
    };
    masses[0].bands = {{1, 0.5}};
    masses[1].bands = {{0, 0.5}};
    // Alike they lose 0.05 each, and spare half the price of a seam.
    QCOMPARE(layering_of(0.18, 0), std::size_t{0});
    QCOMPARE(layering_of(0.18, 1), std::size_t{1});
    QCOMPARE(layering_of(0.22, 0), std::size_t{2});
    QCOMPARE(layering_of(0.22, 1), std::size_t{2});
  }

  // A stick that is taken up for a spot of a hundredth of the picture, or for so much of a large mass.
  void a_brief_pass_has_to_earn_more() {
    const std::vector<Layering> layerings{{{0, Technique::laid}}, {{1, Technique::laid}}};
    const std::vector<float> all{1.0F, 3.0F};
    const std::vector<float> spot{4.0F, 1.0F};  // 3 CIEDE2000 on a hundredth: 0.03 on the picture
    const std::vector<plan::LayeredMass> masses{mass_of(0.99, layerings, all), mass_of(0.01, layerings, spot)};
    const auto passes = [&](double more) {
      return plan::count_passes(masses, plan::choose_layerings(masses, 3, {0.02, 0, 0.03, more}));
    };
    QCOMPARE(passes(0), std::size_t{2});
    QCOMPARE(passes(3), std::size_t{1});
    const std::vector<plan::LayerShares> little{{0.01F}, {0.01F}};
    std::vector<plan::LayeredMass> one{mass_of(0.5, layerings, all)};
    const auto cost = [&] { return plan::plan_cost(one, std::vector<plan::LeveledLayering>{{0, {0}}}, {}); };
    const double whole = cost();
    one[0].used = little;
    QCOMPARE(plan::area_of(one[0], 0, 0), 0.5 * static_cast<double>(0.01F));
    QVERIFY(cost() > whole);
  }

  // How much of a mass a layer goes over: all of it where it is the only way, nothing where paper does.
  void layers_go_over_what_needs_them() {
    const media::Collection sticks = trial::every(12);
    const std::vector<int> tray{0, 6, 12};
    plan::ShadeSet shades = two_masses();
    const colour::Lab paper = trial::paper().lab;
    shades.add_mass(std::vector<colour::Lab>{paper}, std::vector<double>{0.1});
    Observer observer;
    plan::Lattice lattice(input(sticks), 0.15);
    const auto found = plan::tray_layerings(lattice, shades, tray, {2, 200, 120}, observer).value();
    for (const plan::LayeringCosts& c : found) {
      QCOMPARE(c.used.size(), shades.masses.size());
      for (std::size_t m = 0; m < c.used.size(); ++m) {
        for (std::size_t i = 0; i < plan::kMostStrokes; ++i)
          QVERIFY(c.used[m][i] >= 0 && c.used[m][i] <= (i < c.layering.size() ? 1.0001F : 0.0F));
      }
      QCOMPARE(c.used.back(), plan::LayerShares{});
    }
  }

  // Every choice of a small case by counting: two thirds of a pass at worst, a sixth on average.
  void the_choice_is_near_the_best_of_all() {
    Random random(5);
    double lost = 0;
    for (int round = 0; round < 30; ++round) {
      std::vector<Layering> layerings;
      for (int i = 0; i < 4; ++i) layerings.push_back({{i, Technique::laid}});
      layerings.push_back({{0, Technique::laid}, {1, Technique::laid}});
      std::vector<std::vector<float>> costs(4);
      for (auto& c : costs) {
        for (std::size_t l = 0; l < layerings.size(); ++l) c.push_back(static_cast<float>(random.uniform(1, 2)));
      }
      std::vector<plan::LayeredMass> masses;
      for (const auto& c : costs) masses.push_back(mass_of(0.25, layerings, c));
      const plan::PlanPrices prices{0.06, 0};
      const double found = plan::plan_cost(masses, plan::choose_layerings(masses, 2, prices), prices);
      double best = 1e9;
      const std::vector<std::vector<plan::LeveledLayering>> ways{
          {{0, {0}}, {0, {1}}, {1, {0}}, {1, {1}}, {2, {0}}, {2, {1}}, {3, {0}}, {3, {1}}, {4, {0, 1}}}};
      const std::size_t n = ways[0].size();
      for (std::size_t code = 0; code < n * n * n * n; ++code) {
        std::vector<plan::LeveledLayering> all;
        for (std::size_t m = 0, rest = code; m < 4; ++m, rest /= n) all.push_back(ways[0][rest % n]);
        best = std::min(best, plan::plan_cost(masses, all, prices));
      }
      QVERIFY2(found <= best + 0.04, qPrintable(QString("%1 %2").arg(found).arg(best)));
      lost += found - best;
    }
    QVERIFY2(lost / 30 < 0.01, qPrintable(QString::number(lost / 30)));
  }

  // The plan of a small picture: what a painter would check first.
  void a_plan_is_built_as_a_hand_builds() {
    const subject::Subject s = trial::small_subject();
    Observer observer;
    const auto p = plan::make_plan(s, trial::paper(), trial::shipped_collection(), trial::parameters(),
                                   trial::options_with(8), observer)
                       .value();
    for (std::size_t m = 0; m < s.masses.size(); ++m) {
      std::map<int, std::pair<int, Technique>> layers;  // one stick and one way at each level, all over the mass
      for (const plan::TargetPlan& t : p.targets) {
        if (t.mass != static_cast<int>(m)) continue;
        int below = -1;
        for (const plan::Stroke& stroke : t.recipe.strokes) {
          QVERIFY(stroke.level > below);
          below = stroke.level;
          const std::pair how{stroke.stick, stroke.technique};
          QVERIFY(layers.try_emplace(stroke.level, how).first->second == how);
        }
      }
      const auto built =
          std::count_if(layers.begin(), layers.end(), [](const auto& l) { return l.first < plan::kAccentLevel; });
      QVERIFY(built <= plan::PlanOptions{}.most_strokes);
    }
    for (const plan::Pass& pass : p.passes) {
      QCOMPARE(pass.pressures.size(), pass.targets.size());
      for (const double pressure : pass.pressures)
        QVERIFY(pressure >= pass.least_pressure && pressure <= pass.pressure);
    }
  }

  void a_wish_for_fewer_passes_or_less_time_is_met() {
    const subject::Subject s = trial::small_subject();
    Observer observer;
    plan::PlanOptions options = trial::options_with(8);
    const auto make = [&] {
      return plan::make_plan(s, trial::paper(), trial::shipped_collection(), trial::parameters(), options, observer)
          .value();
    };
    const plan::Plan free = make();
    const auto passes = static_cast<int>(free.passes.size());
    QVERIFY(passes > 4);
    options.wish_passes = passes / 2;
    const plan::Plan few = make();
    QVERIFY2(static_cast<int>(few.passes.size()) <= passes / 2 + 1,
             qPrintable(QString("%1 %2").arg(passes).arg(few.passes.size())));
    QVERIFY(few.area_mean_de00 >= free.area_mean_de00 - 1e-9);
    options.wish_passes.reset();
    options.wish_minutes = 0.6 * free.sequence.minutes;
    QVERIFY(make().sequence.minutes < 0.8 * free.sequence.minutes);
    // Who has more time than it takes gets the same layers; the time goes into finer marks.
    options.wish_minutes = 3 * free.sequence.minutes;
    const plan::Plan leisurely = make();
    const auto body = [](const plan::Plan& p) {
      return std::count_if(p.passes.begin(), p.passes.end(), [](const plan::Pass& pass) { return !pass.finishing; });
    };
    QCOMPARE(body(leisurely), body(free));
    QCOMPARE(leisurely.area_mean_de00, free.area_mean_de00);
  }

  // A wide field that is built in layers would take all of a short time: it is laid once, and what stands before it is
  // painted yet.
  void little_time_is_not_spent_on_the_ground_alone() {
    constexpr int kWidth = 320, kHeight = 240, kSide = 40;
    subject::LabImage image(kWidth, kHeight);
    const colour::LabPixel things[] = {{92, 0, 2}, {24, 2, -4}, {55, -30, 30}, {70, 8, 50}};
    for (int y = 0; y < kHeight; ++y) {
      for (int x = 0; x < kWidth; ++x) {
        const bool thing = y / kSide == 2 && x / kSide % 2 == 1;
        image.at(x, y) =
            thing ? things[x / kSide / 2]
                  : colour::LabPixel{36.0F + 14.0F * x / kWidth, 48.0F + 6.0F * y / kHeight, 8.0F - 20.0F * x / kWidth};
      }
    }
    Observer observer;
    const auto s = subject::read_subject(std::move(image), {0.2, 12}, observer).value();
    media::Collection sticks = trial::shipped_collection();
    std::erase_if(sticks.sticks, [](const media::Stick& stick) {
      const auto is = [&](const char* id) { return stick.id.starts_with(id); };
      return !is("soft-crimson") && !is("soft-magenta") && !is("soft-white") && !is("soft-black") &&
             !is("soft-leaf-green") && !is("soft-raw-sienna");
    });
    plan::PlanOptions options = trial::options_with(10);
    const auto make = [&] {
      return plan::make_plan(s, trial::paper(), sticks, trial::parameters(), options, observer).value();
    };
    QVERIFY(make().sequence.minutes > 70);
    // A price on passes instead of minutes came to 2.7 and 5.8 here, this one to 2.1 and 4.5.
    for (const auto& [minutes, most_off] : {std::pair{43, 2.4}, std::pair{26, 5.2}}) {
      options.wish_minutes = minutes;
      const plan::Plan p = make();
      QVERIFY(p.sequence.minutes <= *options.wish_minutes * 1.1);
      double off = 0;
      for (const plan::TargetPlan& t : p.targets) off += t.area * t.recipe.de00;
      QVERIFY2(off < most_off, qPrintable(QString::number(off)));
    }
  }
};

QTEST_GUILESS_MAIN(TestLayers)
#include "test_layers.moc"
