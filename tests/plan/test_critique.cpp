// SPDX-License-Identifier: MIT
// Every rule of the trade as a check: it speaks where the fault is, is silent where it is not, and its remedy mends it.
// The rules are common practice, no published source.
#include <QTest>
#include <algorithm>

#include "colour/ciede2000.h"
#include "colour/lab.h"
#include "advice/critique.h"
#include "small_world.h"

using namespace yd;
using optics::Medium;
using plan::Check;
using plan::Stroke;
using plan::Technique;

namespace {

/// Three bands, far to near, each half of a row, with recipes laid by the test.
class Scene {
 public:
  explicit Scene(const char* paper_id = "sanded-400-warm-grey") : paper(trial::paper(paper_id)) {
    subject.labels = subject::LabelImage(24, 24);
    for (int y = 0; y < 24; ++y) {
      for (int x = 0; x < 24; ++x) subject.labels.at(x, y) = static_cast<std::uint16_t>(y / 8 * 2 + x / 12);
    }
    for (int i = 0; i < 6; ++i) {
      subject::Mass m;
      m.id = i;
      m.name = "band";
      m.plane = static_cast<subject::Plane>(i / 2);
      m.plane_said = true;
      m.area = 1.0 / 6;
      subject.masses.push_back(m);
      plan::TargetPlan t;
      t.mass = i;
      t.area = m.area;
      plan.targets.push_back(t);
      plan.rules.push_back({});
      // Something harmless everywhere: a light grey, laid.
      lay(i, {{stick({70, 0, 0}), 0.6, Technique::laid}});
    }
  }

  int stick(const colour::Lab& wanted, Medium medium = Medium::soft) const {
    int best = -1;
    for (std::size_t i = 0; i < sticks.sticks.size(); ++i) {
      if (sticks.sticks[i].medium != medium) continue;
      const bool nearer = best < 0 || colour::ciede2000(sticks.sticks[i].lab, wanted) <
                                          colour::ciede2000(sticks.sticks[static_cast<std::size_t>(best)].lab, wanted);
      if (nearer) best = static_cast<int>(i);
    }
    return best;
  }
  const media::Stick& at(int i) const { return sticks.sticks[static_cast<std::size_t>(i)]; }

  /// Lays strokes on a mass; the target is what they give, unless one is named.
  void lay(int mass, std::vector<Stroke> strokes, std::optional<colour::Lab> target = {}) {
    plan::TargetPlan& t = plan.targets[static_cast<std::size_t>(mass)];
    const auto& p = trial::parameters();
    for (std::size_t i = 0; i < strokes.size(); ++i) strokes[i].level = static_cast<int>(i);
    t.recipe = plan::evaluate(paper.ground, p, sticks.sticks, strokes, target.value_or(colour::Lab{}));
    t.target = t.seen = target.value_or(t.recipe.look.lab);
    t.recipe.de00 = colour::ciede2000(t.recipe.look.lab, t.target);
  }
  void offer(int mass, std::vector<Stroke> strokes) {
    plan::TargetPlan& t = plan.targets[static_cast<std::size_t>(mass)];
    const auto r = plan::evaluate(paper.ground, trial::parameters(), sticks.sticks, strokes, t.target);
    t.alternatives.push_back(
        {std::move(strokes), r.look.lab, static_cast<float>(r.look.spread_l), static_cast<float>(r.tooth_left)});
  }

  std::vector<plan::Finding> findings(Check check) {
    Observer observer;
    const auto& p = trial::parameters();
    plan::Plan arranged = plan::arrange(plan, subject, paper, sticks, p, options, observer).value();
    return plan::run_check(check, {&arranged, &subject, &paper, sticks.sticks, &p, options});
  }
  bool speaks(Check check) { return !findings(check).empty(); }

  subject::Subject subject;
  media::Paper paper;
  media::Collection sticks = trial::shipped_collection();
  plan::Plan plan;
  plan::PlanOptions options;
};

const colour::Lab kRed{45, 55, 35};
const colour::Lab kGreen{45, -45, 25};
const colour::Lab kBlack{20, 0, 0};
const colour::Lab kWhite{95, 0, 2};
const colour::Lab kIndigo{28, 8, -30};

}  // namespace

class TestCritique : public QObject {
  Q_OBJECT
 private slots:
  void a_quiet_scene_has_nothing_against_it() {
    Scene s;
    s.subject.masses[0].edge = subject::EdgeKind::soft;
    for (int c = 0; c < plan::kChecks; ++c) {
      const auto found = s.findings(static_cast<Check>(c));
      QVERIFY2(found.empty(), found.empty() ? "" : plan::name(found[0].check));
    }
  }

  void mud() {
    Scene s;
    const std::vector<Stroke> rubbed{{s.stick(kRed), 1, Technique::laid}, {s.stick(kGreen), 0.6, Technique::rubbed}};
    s.lay(2, rubbed, kRed);
    const auto found = s.findings(Check::mud);
    QCOMPARE(found.size(), std::size_t{1});
    QCOMPARE(found[0].masses, std::vector<int>{2});
    QVERIFY(found[0].pass >= 0);
    QCOMPARE(found[0].numbers.size(), std::size_t{3});
    QVERIFY(found[0].after && found[0].after->ways.size() == 1 &&
            *found[0].after->ways[0].manner == plan::Manner::broken);
    // Laid, or wanted grey: nothing to say.
    s.lay(2, {{s.stick(kRed), 1, Technique::laid}, {s.stick(kGreen), 0.6, Technique::laid}}, kRed);
    QVERIFY(!s.speaks(Check::mud));
    s.lay(2, rubbed);
    QVERIFY(!s.speaks(Check::mud));
  }

  void black_rubbed_over_colour() {
    Scene s;
    const std::vector<Stroke> strokes{{s.stick(kRed), 0.6, Technique::laid}, {s.stick(kBlack), 0.6, Technique::rubbed}};
    s.lay(1, strokes, colour::Lab{30, 30, 20});
    s.offer(1, {{s.stick({30, 30, 20}), 1, Technique::rubbed}});
    const auto found = s.findings(Check::black_rubbed);
    QCOMPARE(found.size(), std::size_t{1});
    QVERIFY(found[0].after);
    QVERIFY(found[0].after->by_hand[0].strokes != strokes);
    // Over indigo black is welcome.
    s.lay(1, {{s.stick(kIndigo), 0.6, Technique::laid}, {s.stick(kBlack), 0.6, Technique::rubbed}});
    QVERIFY(!s.speaks(Check::black_rubbed));
  }

  void flat_black_hole() {
    Scene s;
    const std::vector<Stroke> hole{{s.stick(kBlack), 1, Technique::rubbed}, {s.stick(kBlack), 1, Technique::rubbed}};
    s.lay(3, hole);
    s.offer(3, {{s.stick(kIndigo), 1, Technique::laid}, {s.stick(kBlack), 1, Technique::laid}});
    s.plan.targets[3].recipe.de00 = 20;  // near enough
    const auto found = s.findings(Check::black_hole);
    QCOMPARE(found.size(), std::size_t{1});
    QVERIFY(found[0].after);
    s.lay(3, {{s.stick(kIndigo), 1, Technique::rubbed}, {s.stick(kBlack), 1, Technique::rubbed}});
    QVERIFY(!s.speaks(Check::black_hole));
  }

  void chalky_white() {
    Scene s;
    s.lay(2, {{s.stick(kRed), 0.6, Technique::laid}, {s.stick(kWhite), 0.6, Technique::laid}}, colour::Lab{75, 30, 15});
    QVERIFY(s.speaks(Check::chalky_white));
    s.lay(2, {{s.stick(kWhite), 0.6, Technique::laid}, {s.stick(kRed), 0.3, Technique::laid}}, colour::Lab{75, 30, 15});
    QVERIFY(!s.speaks(Check::chalky_white));
  }

  void hard_over_soft() {
    Scene s;
    const Stroke soft{s.stick(kRed), 1, Technique::laid};
    const Stroke pencil{s.stick({30, 5, 5}, Medium::pencil), 1, Technique::laid};
    s.lay(0, {soft, pencil});
    s.offer(0, {pencil, soft});
    s.plan.targets[0].recipe.de00 = 50;
    const auto found = s.findings(Check::pencil_over_soft);
    QCOMPARE(found.size(), std::size_t{1});
    QVERIFY(found[0].after && found[0].after->by_hand[0].strokes.front() == pencil);
    s.lay(0, {pencil, soft});
    QVERIFY(!s.speaks(Check::pencil_over_soft));
  }

  void tooth_full_before_the_last_stroke() {
    const auto fill = [](Scene& s) {
      std::vector<Stroke> strokes(4, {s.stick(kRed), 1, Technique::laid});
      strokes.push_back({s.stick(kWhite), 0.6, Technique::laid});
      s.lay(4, strokes);
    };
    Scene smooth("cartridge-cream");
    fill(smooth);
    QVERIFY(smooth.speaks(Check::tooth_full));
    Scene rough;
    rough.lay(4, {{rough.stick(kRed), 0.3, Technique::laid}, {rough.stick(kWhite), 0.6, Technique::laid}});
    QVERIFY(!rough.speaks(Check::tooth_full));
  }

  void missing_darks() {
    Scene s;
    s.lay(5, {{s.stick(kBlack), 1, Technique::rubbed}}, colour::Lab{6, 0, 0});
    const auto found = s.findings(Check::missing_darks);
    QCOMPARE(found.size(), std::size_t{1});
    QVERIFY(found[0].after);
    // The remedy is worked out and does reach deeper.
    const auto& p = trial::parameters();
    const auto coats = plan::make_coats(found[0].after->underpaint, s.subject.masses, s.paper, s.sticks.sticks, p);
    s.subject.masses[5].mean = {8, 0, 0};
    const auto inked = plan::make_coats(found[0].after->underpaint, s.subject.masses, s.paper, s.sticks.sticks, p);
    QVERIFY(coats.ok() && inked.ok() && !inked->empty());
    QVERIFY(inked->front().dry.l < s.paper.lab.l);
    s.lay(5, {{s.stick(kBlack), 1, Technique::rubbed}});
    QVERIFY(!s.speaks(Check::missing_darks));
  }

  // Small vivid colours are what a viewer misses first: a lost one is named with the stick that brings it.
  void a_vivid_colour_that_is_lost() {
    Scene s;
    s.lay(2, {{s.stick(kGreen), 1, Technique::rubbed}}, kRed);
    s.plan.targets[2].seen = kRed;
    s.plan.tray = {s.stick(kGreen)};
    const auto found = s.findings(Check::vivid_lost);
    QCOMPARE(found.size(), std::size_t{1});
    QCOMPARE(found[0].masses, std::vector<int>{2});
    QCOMPARE(found[0].sticks.size(), std::size_t{1});
    QVERIFY(colour::ciede2000(s.sticks.sticks[std::size_t(found[0].sticks[0])].lab, kRed) < 6);
    QCOMPARE(found[0].after->wishes.must_have.back(), found[0].sticks[0]);
    s.lay(2, {{s.stick(kRed), 1, Technique::rubbed}}, kRed);
    s.plan.targets[2].seen = kRed;
    QVERIFY(!s.speaks(Check::vivid_lost));
  }

  void distance_that_does_not_recede() {
    Scene s;
    s.lay(0, {{s.stick(kRed), 1, Technique::laid}});
    s.lay(1, {{s.stick(kBlack), 1, Technique::laid}});
    const auto found = s.findings(Check::distance);
    QCOMPARE(found.size(), std::size_t{1});
    QCOMPARE(found[0].masses, (std::vector<int>{0, 1}));
    // The same colours in front.
    Scene t;
    t.lay(4, {{t.stick(kRed), 1, Technique::laid}});
    t.lay(5, {{t.stick(kBlack), 1, Technique::laid}});
    QVERIFY(!t.speaks(Check::distance));
    // What is only guessed to be far may be a face.
    for (subject::Mass& m : s.subject.masses) m.plane_said = false;
    QVERIFY(!s.speaks(Check::distance));
  }

  // A sky is blue however far it is; it does not keep the distance from receding.
  void a_blue_sky_is_no_fault_of_the_distance() {
    Scene s;
    s.lay(0, {{s.stick({55, 0, -45}), 1, Technique::laid}});
    s.lay(1, {{s.stick({85, 0, -10}), 1, Technique::laid}});
    s.subject.masses[0].surface = s.subject.masses[1].surface = subject::Surface::sky;
    QVERIFY(!s.speaks(Check::distance));
  }

  void a_sky_that_is_level() {
    Scene s;
    s.subject.shade = subject::Grid<std::uint8_t>(24, 24);
    for (const std::size_t m : {0U, 1U, 2U, 3U}) s.subject.masses[m].surface = subject::Surface::sky;
    for (auto& m : s.subject.masses) m.shades.resize(1);
    const int blue = s.stick({60, 0, -20});
    for (int m = 0; m < 4; ++m) s.lay(m, {{blue, 1, Technique::rubbed}});
    for (const std::size_t m : {2U, 3U}) s.plan.targets[m].seen.l += 14;
    s.plan.tray = {blue};
    const auto found = s.findings(Check::sky_level);
    QCOMPARE(found.size(), std::size_t{1});
    QVERIFY(found[0].numbers[0] < 1 && found[0].numbers[1] > 13);
    QVERIFY(found[0].after && found[0].mend == plan::Mend::take_the_stick);
    for (const int m : {2, 3}) s.lay(m, {{s.stick({78, 0, -12}), 1, Technique::rubbed}});
    for (const std::size_t m : {2U, 3U}) s.plan.targets[m].seen.l += 2;
    QVERIFY(!s.speaks(Check::sky_level));
  }

  void water_that_does_not_repeat_the_sky() {
    Scene s;
    s.subject.masses[0].surface = subject::Surface::sky;
    s.subject.masses[4].surface = subject::Surface::water;
    const int blue = s.stick({60, 0, -30});
    s.lay(0, {{blue, 1, Technique::rubbed}});
    s.lay(4, {{s.stick(kRed), 1, Technique::rubbed}});
    s.plan.targets[4].seen = {50, 0, -25};
    QCOMPARE(s.findings(Check::water_alone).size(), std::size_t{1});
    s.lay(4, {{blue, 0.8, Technique::rubbed}});
    s.plan.targets[4].seen = {50, 0, -25};
    QVERIFY(!s.speaks(Check::water_alone));
    // Red water under a blue sky that is seen so is no fault.
    s.lay(4, {{s.stick(kRed), 1, Technique::rubbed}});
    QVERIFY(!s.speaks(Check::water_alone));
  }

  void a_red_that_steals_the_picture() {
    Scene s;
    s.lay(2, {{s.stick(kRed), 1, Technique::rubbed}});
    QVERIFY(!s.speaks(Check::red_steals));  // nothing is marked that it could steal from
    s.subject.masses[5].focal = true;
    const auto found = s.findings(Check::red_steals);
    QCOMPARE(found.size(), std::size_t{1});
    QCOMPARE(found[0].masses, std::vector<int>{2});
    QCOMPARE(found[0].after->wishes.forbidden.back(), s.stick(kRed));
    s.subject.masses[2].focal = true;  // the red is what it is about
    QVERIFY(!s.speaks(Check::red_steals));
  }

  void everything_equally_sharp() {
    Scene s;
    QVERIFY(s.speaks(Check::all_sharp));
    QCOMPARE(s.findings(Check::all_sharp)[0].masses, (std::vector<int>{0, 1}));
    s.subject.masses[0].edge = subject::EdgeKind::soft;
    QVERIFY(!s.speaks(Check::all_sharp));
    s.subject.masses[0].edge = subject::EdgeKind::hard;
    s.lay(0, {{s.stick(kGreen), 1, Technique::rubbed}});
    QVERIFY(!s.speaks(Check::all_sharp));
  }

  void raw_green() {
    Scene s;
    const int green = s.stick({50, -50, 35});
    s.lay(4, {{green, 1, Technique::rubbed}, {green, 1, Technique::rubbed}});
    QVERIFY(colour::chroma(s.plan.targets[4].recipe.look.lab) > 36);
    s.offer(4, {{s.stick({35, 25, 20}), 0.3, Technique::laid}, {green, 1, Technique::laid}});
    const auto found = s.findings(Check::raw_green);
    QCOMPARE(found.size(), std::size_t{1});
    s.lay(4, {{s.stick({35, 25, 20}), 0.6, Technique::laid}, {green, 1, Technique::laid}});
    QVERIFY(!s.speaks(Check::raw_green));
  }

  void lonely_accent() {
    Scene s;
    s.plan.targets[3].area = 0.01;
    s.lay(3, {{s.stick({50, 65, 45}), 1, Technique::laid}});
    QCOMPARE(s.findings(Check::lonely_accent).size(), std::size_t{1});
    QVERIFY(s.findings(Check::lonely_accent)[0].after->wishes.lonely_price > 0);
    s.lay(5, {{s.stick({50, 65, 45}), 0.6, Technique::laid}});
    QVERIFY(!s.speaks(Check::lonely_accent));
  }

  void everything_rubbed() {
    Scene s;
    for (int m = 0; m < 6; ++m) s.lay(m, {{s.stick({70, 0, 0}), 0.6, Technique::rubbed}});
    const auto found = s.findings(Check::all_rubbed);
    QCOMPARE(found.size(), std::size_t{1});
    QCOMPARE(found[0].after->ways.size(), std::size_t{4});
    // Smooth walls and skies are rubbed for a reason.
    Scene smooth = s;
    for (subject::Mass& m : smooth.subject.masses) trial::give_texture(m, 0.1);
    QVERIFY(!smooth.speaks(Check::all_rubbed));
    s.lay(0, {{s.stick({70, 0, 0}), 0.6, Technique::laid}});
    QVERIFY(!s.speaks(Check::all_rubbed));
  }

  void halo_at_a_soft_edge() {
    Scene s;
    s.subject.masses[4].edge = subject::EdgeKind::soft;
    s.lay(4, {{s.stick(kBlack), 0.6, Technique::laid}});
    s.lay(2, {{s.stick(kWhite), 0.6, Technique::laid}});
    QVERIFY(!s.speaks(Check::halo));
    Observer observer;
    const auto planned =
        plan::arrange(s.plan, s.subject, s.paper, s.sticks, trial::parameters(), s.options, observer).value();
    for (auto it = planned.passes.rbegin(); it != planned.passes.rend(); ++it)
      s.options.order_by_hand.push_back(plan::signature(*it));
    const auto found = s.findings(Check::halo);
    QVERIFY(!found.empty());
    QVERIFY(found[0].after->order_by_hand.empty());
  }

  void the_focal_point_wants_the_strongest_contrast() {
    Scene s;
    s.subject.masses[4].focal = true;
    s.lay(0, {{s.stick(kBlack), 1, Technique::rubbed}});
    s.lay(1, {{s.stick(kWhite), 1, Technique::rubbed}});
    QCOMPARE(s.findings(Check::focal_contrast).size(), std::size_t{1});
    s.lay(4, {{s.stick(kBlack), 1, Technique::rubbed}});
    s.lay(5, {{s.stick(kWhite), 1, Technique::rubbed}});
    QVERIFY(!s.speaks(Check::focal_contrast));
  }

  void too_many_sticks() {
    Scene s;
    for (int m = 0; m < 6; ++m) {
      std::vector<Stroke> strokes;
      for (int i = 0; i < 4; ++i) strokes.push_back({m * 4 + i, 0.3, Technique::laid});
      s.lay(m, strokes);
    }
    const auto found = s.findings(Check::too_many_sticks);
    QCOMPARE(found.size(), std::size_t{1});
    QVERIFY(found[0].after->most_sticks < 24);
    for (int m = 0; m < 6; ++m) s.lay(m, {{m, 0.6, Technique::laid}, {6 + m / 2, 0.6, Technique::laid}});
    QVERIFY(!s.speaks(Check::too_many_sticks));
  }

  void pressed_too_hard_early() {
    Scene s("cartridge-cream");
    s.lay(2, {{s.stick(kRed), 1, Technique::laid}, {s.stick(kWhite), 0.3, Technique::laid}});
    s.offer(2, {{s.stick(kRed), 0.3, Technique::laid}, {s.stick(kWhite), 0.3, Technique::laid}});
    s.plan.targets[2].recipe.de00 = 40;
    const auto found = s.findings(Check::pressed_early);
    QCOMPARE(found.size(), std::size_t{1});
    QVERIFY(found[0].after && found[0].after->by_hand[0].strokes.front().pressure < 1);
    s.lay(2, {{s.stick(kRed), 0.3, Technique::laid}, {s.stick(kWhite), 1, Technique::laid}});
    QVERIFY(!s.speaks(Check::pressed_early));
  }

  void the_weightiest_comes_first_and_a_remedy_mends() {
    const auto subject = trial::small_subject();
    const auto c = trial::every(2);
    const auto& p = trial::parameters();
    plan::PlanOptions o = trial::options_with(8);
    o.manner = plan::Manner::rubbed;
    Observer observer;
    const auto made = plan::make_plan(subject, trial::paper(), c, p, o, observer).value();
    const auto all = plan::critique({&made, &subject, &trial::paper(), c.sticks, &p, o});
    for (std::size_t i = 1; i < all.size(); ++i) QVERIFY(all[i - 1].weight >= all[i].weight);
    // Nothing is said that the artist cannot act on.
    for (const auto& f : all) QVERIFY(f.after && f.mend != plan::Mend::nothing);
    const auto rubbed =
        std::find_if(all.begin(), all.end(), [](const auto& f) { return f.check == Check::all_rubbed; });
    if (rubbed == all.end()) return;  // some stacks end in a laid stroke even so
    const auto mended = plan::make_plan(subject, trial::paper(), c, p, *rubbed->after, observer).value();
    QVERIFY(
        plan::run_check(Check::all_rubbed, {&mended, &subject, &trial::paper(), c.sticks, &p, *rubbed->after}).empty());
  }
};

QTEST_APPLESS_MAIN(TestCritique)
#include "test_critique.moc"
