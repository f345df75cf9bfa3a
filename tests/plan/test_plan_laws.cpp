// SPDX-License-Identifier: MIT
// What must hold for every plan, whatever the picture, the sticks, the paper and the school: drawn at random. The rules
// are common practice, no published source.
#include <QTest>
#include <cmath>

#include "advice/delicate.h"
#include "colour/lab.h"
#include "guide/guide.h"
#include "order/order.h"
#include "small_world.h"
#include "support/random.h"

using namespace yd;
using plan::PassKind;
using plan::Rule;
using plan::School;
using plan::Technique;

namespace {

#ifdef __SANITIZE_ADDRESS__
constexpr int kDrawn = 40;
#else
constexpr int kDrawn = 600;
#endif

constexpr double kBorder_px = 8;  // shorter ones smudge nothing

/// A few patches and a gradient of random colours.
subject::Subject random_scene(Random& random) {
  subject::LabImage image(40, 30);
  const auto colour = [&] {
    const double chroma = random.uniform(0, 45);
    const double hue = random.uniform(0, 6.28);
    return colour::LabPixel{static_cast<float>(random.uniform(12, 92)), static_cast<float>(chroma * std::cos(hue)),
                            static_cast<float>(chroma * std::sin(hue))};
  };
  const std::array<colour::LabPixel, 6> patches{colour(), colour(), colour(), colour(), colour(), colour()};
  const auto slope = static_cast<float>(random.uniform(-0.8, 0.8));
  for (int y = 0; y < 30; ++y) {
    for (int x = 0; x < 40; ++x) {
      colour::LabPixel c = patches[static_cast<std::size_t>(y / 10 * 2 + x / 20)];
      c.l = std::clamp(c.l + slope * static_cast<float>(x % 20), 5.0F, 98.0F);
      image.at(x, y) = c;
    }
  }
  Observer observer;
  return subject::read_subject(std::move(image), {0.2, 8}, observer).value();
}

struct Drawn {
  subject::Subject subject;
  media::Collection sticks;
  plan::PlanOptions options;
  plan::Plan plan;
};

/// Six sticks and both charcoals, so that tone maps are possible.
media::Collection random_sticks(Random& random) {
  media::Collection out{"random", "Random", {}};
  std::vector<media::Stick> coloured = trial::shipped_collection().sticks;
  const auto charcoals = std::stable_partition(
      coloured.begin(), coloured.end(), [](const media::Stick& c) { return c.medium != optics::Medium::charcoal; });
  const auto colours = static_cast<std::size_t>(charcoals - coloured.begin());
  for (int i = 0; i < 6; ++i) out.sticks.push_back(coloured[random.below(colours)]);
  out.sticks.insert(out.sticks.end(), charcoals, coloured.end());
  for (std::size_t i = 0; i < out.sticks.size(); ++i) out.sticks[i].id.append(std::to_string(i));
  return out;
}

Drawn draw(std::uint64_t seed) {
  Random random(seed);
  Drawn d{random_scene(random), random_sticks(random), trial::options_with(5), {}};
  d.options.school = plan::kSchools[random.below(plan::kSchools.size())];
  d.options.most_strokes = 2 + static_cast<int>(random.below(2));
  if (random.uniform() < 0.3) d.options.course = plan::Course::features_first;
  Observer observer;
  d.plan = plan::make_plan(d.subject, trial::paper(), d.sticks, trial::parameters(), d.options, observer).value();
  return d;
}

const media::Stick& stick(const Drawn& d, int i) { return d.sticks.sticks[static_cast<std::size_t>(i)]; }

void no_highlight_is_rubbed(const Drawn& d) {
  for (const plan::Pass& p : d.plan.passes) QVERIFY(!p.accent || p.technique == Technique::laid);
}

/// Black rubbed in over a vivid light colour dirties it for good.
void no_black_is_rubbed_over_a_vivid_light(const Drawn& d) {
  for (const plan::TargetPlan& t : d.plan.targets) {
    const auto& strokes = t.recipe.strokes;
    for (std::size_t i = 1; i < strokes.size(); ++i) {
      if (strokes[i].technique != Technique::rubbed || !plan::is_black(stick(d, strokes[i].stick))) continue;
      const colour::Lab& below = stick(d, strokes[i - 1].stick).lab;
      QVERIFY(!(below.l > 55 && colour::chroma(below) > 35));
    }
  }
}

/// The passes one after the other leave on every shade what its recipe says, whichever masses a pass goes to.
void passes_build_the_recipes(const Drawn& d) {
  const int all = static_cast<int>(d.plan.passes.size());
  for (std::size_t t = 0; t < d.plan.targets.size(); ++t) {
    const auto built = plan::state_after(d.plan.passes, static_cast<int>(t), all).strokes;
    QVERIFY(plan::same_strokes(built, d.plan.targets[t].recipe.strokes));
  }
}

void what_is_wet_is_dry_before_the_next(const Drawn& d) {
  const auto& passes = d.plan.passes;
  for (std::size_t i = 0; i < passes.size(); ++i) {
    const double dry = passes[i].start_minute + passes[i].minutes + passes[i].dry_minutes;
    for (std::size_t k = i + 1; k < passes.size(); ++k) {
      const bool over =
          std::find_first_of(passes[i].targets.begin(), passes[i].targets.end(), passes[k].targets.begin(),
                             passes[k].targets.end()) != passes[i].targets.end();
      if (passes[i].dry_minutes > 0 && over) QVERIFY(passes[k].start_minute >= dry - 1e-9);
    }
  }
}

/// Along every place the media go hard under soft, and a pencil never over a firm soft bed.
void no_point_over_soft(const Drawn& d) {
  for (const plan::TargetPlan& t : d.plan.targets) {
    for (std::size_t i = 1; i < t.recipe.strokes.size(); ++i)
      QVERIFY(plan::may_lie_over(stick(d, t.recipe.strokes[i].stick).medium,
                                 stick(d, t.recipe.strokes[i - 1].stick).medium));
  }
}

/// Neighbours of one level: the further one first, unless another rule asked for the contrary or was contradicted.
void far_comes_before_near_or_a_reason_is_given(const Drawn& d) {
  const auto borders = subject::shared_borders(d.subject.labels, d.subject.masses.size());
  const bool relaxed = std::any_of(d.plan.conflicts.begin(), d.plan.conflicts.end(),
                                   [](const auto& c) { return c.given_up == Rule::far_first; });
  if (relaxed || d.options.course == plan::Course::features_first) return;
  const auto& passes = d.plan.passes;
  for (std::size_t i = 0; i < passes.size(); ++i) {
    for (std::size_t k = i + 1; k < passes.size(); ++k) {
      if (passes[i].kind != PassKind::stroke || passes[k].kind != PassKind::stroke) continue;
      if (passes[i].level != passes[k].level || passes[i].accent || passes[k].accent) continue;
      if (!passes[i].levels.empty() || !passes[k].levels.empty()) continue;
      for (const int near : passes[i].masses) {
        for (const int far : passes[k].masses) {
          const auto m = static_cast<std::size_t>(near);
          const auto n = static_cast<std::size_t>(far);
          if (borders[m * d.subject.masses.size() + n] < kBorder_px) continue;
          QVERIFY(d.subject.masses[n].plane >= d.subject.masses[m].plane ||
                  std::find(passes[i].masses.begin(), passes[i].masses.end(), far) != passes[i].masses.end() ||
                  std::find(passes[k].masses.begin(), passes[k].masses.end(), near) != passes[k].masses.end());
        }
      }
    }
  }
}

void the_school_is_kept(const Drawn& d) {
  const School school = *d.options.school;
  for (const plan::TargetPlan& t : d.plan.targets) {
    const auto& s = t.recipe.strokes;
    for (std::size_t i = 1; i < s.size(); ++i) {
      const media::Stick& under = stick(d, s[i - 1].stick);
      const media::Stick& over = stick(d, s[i].stick);
      if (school == School::dark_first) QVERIFY(under.lab.l <= over.lab.l + plan::kDarkFirstSlack);
      if (school == School::light_coat)
        QVERIFY(plan::is_light_coat(under) || plan::is_light_coat(over) ||
                over.lab.l <= under.lab.l + plan::kDarkFirstSlack);
      if (school == School::tone_map)
        QVERIFY(s[i].pressure >= s[i - 1].pressure &&
                colour::chroma(over.lab) >= colour::chroma(under.lab) - plan::kIntenseSlack);
    }
    if (school == School::flat_broken && s.size() == 3) QCOMPARE(s[0].stick, s[2].stick);
    if (school == School::flat_broken) QVERIFY(s.size() <= 3);
  }
}

/// Every pass in one passage, in order, and every mass finished once.
void the_job_is_whole(const Drawn& d) {
  const plan::Guide g = plan::make_guide({&d.plan, &d.subject, &trial::paper(), d.sticks.sticks, d.options.sheet_cm2});
  int next = 0;
  for (const plan::Passage& p : g.passages) {
    QCOMPARE(p.first, next);
    if (p.has_passes()) next = p.last + 1;
  }
  QCOMPARE(next, static_cast<int>(d.plan.passes.size()));
  for (std::size_t i = 0; i < d.plan.passes.size(); ++i) {
    for (const plan::Touch& t : g.touches[i]) {
      const bool rubbed = d.plan.passes[i].kind != PassKind::fix && d.plan.passes[i].stick >= 0 &&
                          d.plan.passes[i].technique == Technique::rubbed;
      QCOMPARE(t.tool != plan::RubTool::none, rubbed);
      QVERIFY(t.place.share > 0 && t.place.share <= 1 + 1e-9);
    }
  }
}

}  // namespace

class TestPlanLaws : public QObject {
  Q_OBJECT
 private slots:
  void hold_for_random_plans() {
    // More for once: YD_PLANS=3000.
    const int plans = std::max(kDrawn, qEnvironmentVariableIntValue("YD_PLANS"));
    for (int seed = 1; seed <= plans; ++seed) {
      const Drawn d = draw(static_cast<std::uint64_t>(seed));
      passes_build_the_recipes(d);
      no_highlight_is_rubbed(d);
      no_black_is_rubbed_over_a_vivid_light(d);
      what_is_wet_is_dry_before_the_next(d);
      no_point_over_soft(d);
      far_comes_before_near_or_a_reason_is_given(d);
      the_school_is_kept(d);
      the_job_is_whole(d);
      if (QTest::currentTestFailed()) QFAIL(qPrintable(QString("seed %1").arg(seed)));
    }
  }
};

QTEST_GUILESS_MAIN(TestPlanLaws)
#include "test_plan_laws.moc"
