// Three strokes: the guided search against working out every stack.
#include <QTest>
#include <algorithm>
#include <cmath>

#include "colour/ciede2000.h"
#include "plan/deep_search.h"
#include "plan/tray.h"
#include "small_world.h"
#include "support/random.h"

using namespace yd;

namespace {

std::vector<colour::Lab> scattered_targets(int count) {
  Random r(71);
  std::vector<colour::Lab> out;
  for (int i = 0; i < count; ++i) out.push_back({r.uniform(20, 90), r.uniform(-30, 40), r.uniform(-35, 45)});
  return out;
}

plan::SearchInput input(const std::vector<colour::Lab>& targets) {
  return {&trial::paper().ground, &trial::shipped_model().parameters, trial::shipped_collection().sticks, targets, {}};
}

}  // namespace

class TestDeepSearch : public QObject {
  Q_OBJECT
 private slots:
  void comes_within_a_fifth_of_exhaustive() {
    const auto targets = scattered_targets(60);
    const std::vector<int> tray{3, 20, 41, 58, 77, 96, 110, 118};
    const plan::SearchInput in = input(targets);
    const auto everything = plan::all_three_stroke_stacks(in, tray);
    plan::DeepSummary summary;
    Observer observer;
    const auto found = plan::deep_stacks(in, tray, {}, summary, observer);
    QVERIFY(found.ok());
    int near = 0;
    double worst = 0;
    for (const colour::Lab& t : targets) {
      const double loss = plan::nearest_difference(found.value(), t) - plan::nearest_difference(everything, t);
      QVERIFY(loss > -1e-3);
      near += loss <= 0.2 ? 1 : 0;
      worst = std::max(worst, loss);
    }
    qInfo("%d of %d within 0.2, worst %.2f; worked out %llu of %zu", near, int(targets.size()), worst,
          static_cast<unsigned long long>(summary.worked_out), everything.size());
    QCOMPARE(summary.guessed, everything.size());
    QVERIFY(near * 100 >= 95 * static_cast<int>(targets.size()));
    QVERIFY(summary.worked_out * 3 < everything.size());
  }

  void agrees_with_the_slow_model() {
    const auto targets = scattered_targets(4);
    const std::vector<int> tray{3, 41, 77, 118, 130, 170};
    const plan::SearchInput in = input(targets);
    plan::DeepSummary summary;
    Observer observer;
    const auto found = plan::deep_stacks(in, tray, {4, 40}, summary, observer);
    bool four = false;
    for (const plan::Stack& s : found.value()) {
      four = four || s.strokes.size() == 4;
      const auto r = plan::evaluate(*in.ground, *in.parameters, in.sticks, s.strokes, targets[0]);
      QVERIFY(colour::ciede2000(r.look.lab, s.lab) < 0.02);
      for (std::size_t i = 1; i < s.strokes.size(); ++i) {
        QVERIFY(plan::stack_allowed(in, s.strokes[i - 1].stick, s.strokes[i].stick));
      }
    }
    QVERIFY(four);
  }

  void wrong_options_are_named() {
    const auto targets = scattered_targets(2);
    const std::vector<int> tray{3, 41};
    plan::DeepSummary summary;
    Observer observer;
    QVERIFY(!plan::deep_stacks(input(targets), tray, {5, 10}, summary, observer).ok());
    QVERIFY(!plan::deep_stacks(input(targets), tray, {3, 0}, summary, observer).ok());
  }
};

QTEST_APPLESS_MAIN(TestDeepSearch)
#include "test_deep_search.moc"
