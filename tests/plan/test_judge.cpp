// SPDX-License-Identifier: MIT
// Honest reach, metamerism, and the alternatives of a target.
#include <QTest>
#include <algorithm>
#include <cmath>

#include "colour/ciede2000.h"
#include "colour/smoothest.h"
#include "advice/judge.h"
#include "recipe/pareto.h"
#include "search/stacks.h"
#include "small_world.h"

using namespace yd;

namespace {

/// A plan of hand-made targets with a small tray, so that some stay out of reach.
plan::Plan plan_for(const std::vector<colour::Lab>& labs, const std::vector<int>& tray) {
  plan::Plan p;
  const auto& sticks = trial::shipped_collection().sticks;
  const plan::SearchInput in{&trial::paper().ground, &trial::parameters(), sticks, labs, {}};
  const auto stacks = plan::all_stacks(in, tray);
  for (const colour::Lab& lab : labs) {
    plan::TargetPlan t;
    t.mass = static_cast<int>(p.targets.size());
    t.target = t.seen = lab;
    const auto best = std::min_element(stacks.begin(), stacks.end(), [&](const plan::Stack& a, const plan::Stack& b) {
      return colour::ciede2000(a.lab, lab) < colour::ciede2000(b.lab, lab);
    });
    t.recipe = plan::evaluate(*in.ground, *in.parameters, sticks, best->strokes, lab);
    p.targets.push_back(t);
  }
  p.tray = tray;
  std::sort(p.tray.begin(), p.tray.end());
  return p;
}

int stick(const char* id) {
  const auto& all = trial::shipped_collection().sticks;
  for (std::size_t i = 0; i < all.size(); ++i) {
    if (all[i].id == id) return static_cast<int>(i);
  }
  return -1;
}

}  // namespace

class TestJudge : public QObject {
  Q_OBJECT
 private slots:
  void says_why_and_what_would_help() {
    const std::vector<colour::Lab> labs{{12, 0, 0}, {97, 0, 1}, {58, 62, 50}, {62, 4, 8}};
    const std::vector<int> tray{stick("soft-umber-tint-1"), stick("soft-cool-grey"), stick("soft-warm-grey-tint-2")};
    const plan::Plan p = plan_for(labs, tray);
    static const auto papers = media::load_papers().value();
    Observer observer;
    const auto reach = plan::judge_reach(
        {&p, &trial::paper(), papers, &trial::shipped_collection(), &trial::parameters(), {}}, observer);
    QVERIFY(reach.ok());
    QCOMPARE(reach->at(0).why, plan::Why::too_dark);
    QCOMPARE(reach->at(1).why, plan::Why::too_light);
    QCOMPARE(reach->at(2).why, plan::Why::too_vivid);
    QCOMPARE(reach->at(3).why, plan::Why::reached);
    QVERIFY(reach->at(3).remedies.empty());
    for (int t = 0; t < 3; ++t) {
      const auto& remedies = reach->at(static_cast<std::size_t>(t)).remedies;
      QVERIFY(!remedies.empty());
      for (const plan::Remedy& r : remedies) QVERIFY(r.de00 < p.targets[static_cast<std::size_t>(t)].recipe.de00);
      const bool stick_named = std::any_of(remedies.begin(), remedies.end(), [](const plan::Remedy& r) {
        return r.kind == plan::Remedy::Kind::this_stick && !r.what.empty();
      });
      QVERIFY(stick_named);
    }
  }

  // The remedy is worked out with the model, so doing what it says must give what it says.
  void the_named_stick_keeps_its_word() {
    const std::vector<colour::Lab> labs{{58, 62, 50}};
    std::vector<int> tray{stick("soft-umber-tint-1"), stick("soft-cool-grey")};
    const plan::Plan p = plan_for(labs, tray);
    Observer observer;
    const auto reach =
        plan::judge_reach({&p, &trial::paper(), {}, &trial::shipped_collection(), &trial::parameters(), {}}, observer);
    for (const plan::Remedy& r : reach->at(0).remedies) {
      if (r.kind != plan::Remedy::Kind::this_stick) continue;
      tray.push_back(stick(r.what.c_str()));
      const plan::Plan with = plan_for(labs, tray);
      QVERIFY(with.targets[0].recipe.de00 <= r.de00 + 0.02);
      return;
    }
    QFAIL("no stick was named");
  }

  void a_match_of_the_same_spectrum_holds_under_every_light() {
    const colour::Lab lab{55, 20, -20};
    optics::StrataSpectra same;
    same.fill(colour::nearest_reflectance(lab));
    const auto errors = plan::errors_under_lights(same, lab);
    for (const double e : errors) QVERIFY(e < 0.02);
    QVERIFY(plan::metamerism(errors).added < 0.02);
  }

  void a_peaky_spectrum_breaks_under_another_light() {
    // A grey made of two narrow humps: near the target under D50, off under A.
    const auto& w = colour::weights(colour::Illuminant::d50);
    colour::Spectrum humps;
    for (std::size_t i = 0; i < colour::kBands; ++i) {
      const double nm = colour::band_nm(i);
      humps[i] = static_cast<float>(0.02 + 0.75 * std::exp(-0.5 * std::pow((nm - 470) / 14, 2)) +
                                    0.7 * std::exp(-0.5 * std::pow((nm - 575) / 14, 2)));
    }
    optics::StrataSpectra strata;
    strata.fill(humps);
    const auto errors = plan::errors_under_lights(strata, colour::to_lab(humps, w));
    QVERIFY(errors[0] < 0.05);
    QVERIFY(plan::metamerism(errors).added > plan::kMetamerismWarning);
  }

  void no_alternative_is_beaten_in_everything() {
    const std::vector<colour::Lab> labs{{60, 15, 25}};
    const plan::SearchInput in{
        &trial::paper().ground, &trial::parameters(), trial::shipped_collection().sticks, labs, {}};
    const std::vector<int> tray{3, 20, 41, 58, 77, 96, 110, 118};
    const auto stacks = plan::all_stacks(in, tray);
    const auto kept = plan::pareto(stacks, labs[0]);
    QVERIFY(kept.size() >= 2 && kept.size() <= plan::kParetoMost);
    const double nearest = plan::nearest_difference(stacks, labs[0]);
    QVERIFY(std::abs(colour::ciede2000(kept.front().lab, labs[0]) - nearest) < 1e-9);
    for (const plan::Stack& p : kept) {
      for (const plan::Stack& q : kept) {
        const bool worse = colour::ciede2000(p.lab, labs[0]) > colour::ciede2000(q.lab, labs[0]) + 0.3 &&
                           p.strokes.size() >= q.strokes.size() && p.tooth_left < q.tooth_left - 0.03F &&
                           p.spread_l > q.spread_l + 0.6F;
        QVERIFY(!worse);
      }
    }
  }

  void three_strokes_and_choices_by_hand_enter_the_plan() {
    const subject::Subject s = trial::small_subject();
    Observer observer;
    plan::PlanOptions options;
    options.most_sticks = 6;
    const auto two =
        plan::make_plan(s, trial::paper(), trial::shipped_collection(), trial::parameters(), options, observer).value();
    options.most_strokes = 3;
    const auto three =
        plan::make_plan(s, trial::paper(), trial::shipped_collection(), trial::parameters(), options, observer).value();
    QVERIFY(three.area_mean_de00 <= two.area_mean_de00 + 0.3);
    options.most_strokes = 2;
    const plan::Stack& other = two.targets[0].alternatives.back();
    options.by_hand = {{two.targets[0].mass, other.strokes}};
    const auto hand =
        plan::make_plan(s, trial::paper(), trial::shipped_collection(), trial::parameters(), options, observer).value();
    QVERIFY(hand.targets[0].by_hand);
    // The layers are the artist's in every shade of the mass; how firmly each goes on is found.
    for (const plan::TargetPlan& t : hand.targets) {
      if (t.mass != hand.targets[0].mass) continue;
      QVERIFY(t.by_hand);
      for (const plan::Stroke& laid : t.recipe.strokes) {
        QVERIFY(std::any_of(other.strokes.begin(), other.strokes.end(), [&](const plan::Stroke& o) {
          return o.stick == laid.stick && o.technique == laid.technique;
        }));
      }
    }
    options.by_hand[0].strokes[0].stick = 100000;
    QVERIFY(
        !plan::make_plan(s, trial::paper(), trial::shipped_collection(), trial::parameters(), options, observer).ok());
  }
};

QTEST_APPLESS_MAIN(TestJudge)
#include "test_judge.moc"
