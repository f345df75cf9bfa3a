// SPDX-License-Identifier: MIT
// Passages: stretches of work with one purpose.
#include <QTest>
#include <set>

#include "guide/passages.h"
#include "random_plan.h"

using namespace yd;
using plan::PassageKind;

namespace {

plan::Plan random_plan(std::uint64_t seed) {
  Random random(seed);
  const subject::Subject s = trial::random_subject(random);
  const media::Collection sticks = trial::few_sticks(random, 6);
  const auto& parameters = trial::parameters();
  plan::Plan recipes = trial::random_recipes(random, s, trial::paper(), sticks, parameters);
  plan::PlanOptions options;
  options.sheet_cm2 = random.uniform(100, 4000);
  Observer observer;
  return plan::arrange(std::move(recipes), s, trial::paper(), sticks, parameters, options, observer).value();
}

/// One stroke pass of so many minutes over one target.
plan::Pass stroke(int stick, int target, double minutes, int level = 0) {
  plan::Pass p;
  p.stick = stick;
  p.minutes = minutes;
  p.level = level;
  p.targets = {target};
  p.masses = {target};
  return p;
}

std::vector<plan::TargetPlan> targets_of(const std::vector<double>& lightness) {
  std::vector<plan::TargetPlan> out;
  for (const double l : lightness) {
    plan::TargetPlan t;
    t.mass = static_cast<int>(out.size());
    t.target = {l, 0, 0};
    t.area = 1.0 / static_cast<double>(lightness.size());
    out.push_back(t);
  }
  return out;
}

}  // namespace

class TestPassages : public QObject {
  Q_OBJECT
 private slots:
  void every_pass_is_in_one_passage_with_its_like() {
    for (std::uint64_t seed = 1; seed <= 300; ++seed) {
      const plan::Plan p = random_plan(seed);
      int next = 0;
      for (const plan::Passage& passage : plan::cut_passages(p.passes, p.targets)) {
        QCOMPARE(passage.first, next);
        QVERIFY(passage.last >= passage.first);
        next = passage.last + 1;
        double work = 0;
        std::set<plan::PassKind> kinds;
        std::set<bool> accents;
        for (int i = passage.first; i <= passage.last; ++i) {
          const plan::Pass& pass = p.passes[static_cast<std::size_t>(i)];
          work += pass.minutes;
          kinds.insert(pass.kind);
          accents.insert(pass.accent);
          if (pass.kind == plan::PassKind::stroke)
            QVERIFY(std::count(passage.sticks.begin(), passage.sticks.end(), pass.stick) == 1);
        }
        QVERIFY(passage.minutes >= work && passage.minutes <= work + passage.last - passage.first + 1 + 1e-9);
        QCOMPARE(kinds.size(), std::size_t{1});
        QCOMPARE(accents.size(), std::size_t{1});
        QVERIFY(!passage.masses.empty());
      }
      QCOMPARE(next, static_cast<int>(p.passes.size()));
    }
  }

  void like_work_goes_together_and_ends_in_time() {
    const auto targets = targets_of({20, 25, 80, 85});
    const std::vector<plan::Pass> passes{stroke(0, 0, 4), stroke(1, 1, 4), stroke(2, 2, 4), stroke(3, 3, 4)};
    const auto cut = plan::cut_passages(passes, targets);
    QCOMPARE(cut.size(), std::size_t{2});
    QVERIFY(cut[0].kind == PassageKind::darks && cut[0].last == 1 && cut[0].blocks_in);
    QVERIFY(cut[1].kind == PassageKind::lights);
    QCOMPARE(cut[0].sticks, (std::vector<int>{0, 1}));
    // An hour of lights is cut, each part no longer than a passage may last.
    std::vector<plan::Pass> hour;
    for (int i = 0; i < 12; ++i) hour.push_back(stroke(i, 2 + i % 2, 5, 1));
    for (const plan::Passage& p : plan::cut_passages(hour, targets)) {
      QVERIFY(p.minutes <= plan::kLongestPassage_minutes + 5);
      QVERIFY(p.minutes >= plan::kShortestPassage_minutes);
      QVERIFY(!p.blocks_in);
    }
  }

  void work_in_one_mass_is_named_by_it() {
    const auto targets = targets_of({50, 55});
    const auto cut = plan::cut_passages(std::vector<plan::Pass>{stroke(0, 1, 8)}, targets);
    QCOMPARE(cut.size(), std::size_t{1});
    QVERIFY(cut[0].kind == PassageKind::place);
    QCOMPARE(cut[0].masses, std::vector<int>{1});
    QVERIFY(plan::cut_passages({}, targets).empty());
  }
};

QTEST_GUILESS_MAIN(TestPassages)
#include "test_passages.moc"
