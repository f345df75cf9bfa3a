// SPDX-License-Identifier: MIT
// The whole planner: the tray against enumeration, the laws of the passes, determinism.
#include <QTest>
#include <algorithm>
#include <set>

#include "colour/ciede2000.h"
#include "tray/tray.h"
#include "small_world.h"

using namespace yd;

namespace {

class Stopper : public Observer {
 public:
  void progress(double, std::string_view) override { ++calls; }
  bool cancelled() const override { return calls > 3; }
  int calls = 0;
};

/// Cheapest tray of three, by trying all.
double enumerate(const plan::PairTable& table, const std::vector<double>& weights) {
  const int n = static_cast<int>(table.sticks());
  double best = 1e18;
  for (int i = 0; i < n; ++i) {
    for (int j = i + 1; j < n; ++j) {
      for (int k = j + 1; k < n; ++k) {
        const std::array<int, 3> tray{i, j, k};
        best = std::min(best, plan::tray_cost({&table, weights, {}, {}, {}}, tray));
      }
    }
  }
  return best;
}

}  // namespace

class TestPlan : public QObject {
  Q_OBJECT
 private slots:
  void the_tray_is_near_the_best_possible() {
    const subject::Subject s = trial::small_subject();
    for (const std::size_t step : {8U, 9U, 11U}) {
      const media::Collection c = trial::every(step);
      std::vector<colour::Lab> targets;
      for (const auto& m : s.masses) {
        for (const auto& t : m.targets) targets.push_back(t.lab);
      }
      Observer observer;
      const auto table =
          plan::search_pairs({&trial::paper().ground, &trial::parameters(), c.sticks, targets, {}}, observer);
      const std::vector<double> weights(targets.size(), 1.0 / static_cast<double>(targets.size()));
      const auto tray = plan::choose_tray({&table.value(), weights, {}, {}, {}}, {3, 1, 400}, observer);
      const double best = enumerate(table.value(), weights);
      QVERIFY(tray.ok());
      QVERIFY(std::abs(tray->cost - plan::tray_cost({&table.value(), weights, {}, {}, {}}, tray->sticks)) < 1e-4);
      QVERIFY2(tray->cost <= best * 1.02 + 1e-9, qPrintable(QString("%1 against %2").arg(tray->cost).arg(best)));
    }
  }

  // Common practice, no published source: about a dozen well-chosen sticks carry a picture (fact 18).
  void a_dozen_sticks_carry_it() {
    const subject::Subject s = trial::small_subject();
    const plan::Plan twelve = trial::small_plan(s, trial::shipped_collection(), 12);
    const plan::Plan three = trial::small_plan(s, trial::shipped_collection(), 3);
    QVERIFY(twelve.tray.size() <= 12);
    QVERIFY(three.tray.size() <= 3);
    QVERIFY2(twelve.area_mean_de00 < 2.5, qPrintable(QString::number(twelve.area_mean_de00)));
    QVERIFY(three.area_mean_de00 > 1.5 * twelve.area_mean_de00);
  }

  void passes_realise_every_recipe_in_order() {
    const subject::Subject s = trial::small_subject();
    const plan::Plan p = trial::small_plan(s, trial::shipped_collection());
    for (std::size_t t = 0; t < p.targets.size(); ++t) {
      const auto state = plan::state_after(p.passes, static_cast<int>(t), static_cast<int>(p.passes.size()));
      QVERIFY(state.strokes == p.targets[t].recipe.strokes);
    }
  }

  // Common practice, no published source: far before near where they touch, darks before lights within a mass.
  void passes_go_far_to_near_and_dark_to_light() {
    const subject::Subject s = trial::small_subject();
    const media::Collection& c = trial::shipped_collection();
    plan::PlanOptions options = trial::options_with(12);
    options.school = plan::School::dark_first;
    Observer observer;
    const plan::Plan p = plan::make_plan(s, trial::paper(), c, trial::parameters(), options, observer).value();
    QVERIFY(p.passes.size() >= 2);
    int far = 0;
    int dark = 0;
    for (std::size_t i = 0; i < p.passes.size(); ++i) QCOMPARE(p.passes[i].number, static_cast<int>(i) + 1);
    for (const plan::Edge& e : p.edges) {
      QVERIFY(e.before < e.after);
      const plan::Pass& a = p.passes[static_cast<std::size_t>(e.before)];
      const plan::Pass& b = p.passes[static_cast<std::size_t>(e.after)];
      far += e.rule == plan::Rule::far_first ? 1 : 0;
      if (e.rule != plan::Rule::dark_first) continue;
      ++dark;
      QVERIFY(c.sticks[static_cast<std::size_t>(a.stick)].lab.l < c.sticks[static_cast<std::size_t>(b.stick)].lab.l);
    }
    QVERIFY(far > 0);
    QVERIFY(dark > 0);
    // The reason is the rule that ties a pass to the nearest before it; only a pass that none ties has another.
    for (std::size_t i = 0; i < p.passes.size(); ++i) {
      int nearest = -1;
      for (const plan::Edge& e : p.edges)
        nearest = e.after == static_cast<int>(i) ? std::max(nearest, e.before) : nearest;
      const plan::PassReason& reason = p.passes[i].reason;
      QCOMPARE(reason.kind == plan::PassReason::Kind::rule, nearest >= 0);
      if (nearest >= 0) QCOMPARE(reason.edge.before, nearest);
      if (nearest >= 0) QCOMPARE(reason.edge.after, static_cast<int>(i));
    }
  }

  void a_stick_that_must_be_there_lies_in_the_tray_whatever_it_does() {
    const subject::Subject s = trial::small_subject();
    const media::Collection& c = trial::shipped_collection();
    const plan::Plan free = trial::small_plan(s, c);
    // The one furthest from all that is used: no mass has a place for it.
    int alien = -1;
    double furthest = 0;
    for (std::size_t i = 0; i < c.sticks.size(); ++i) {
      double nearest = 1e9;
      for (const int t : free.tray)
        nearest = std::min(nearest, colour::ciede2000(c.sticks[i].lab, c.sticks[static_cast<std::size_t>(t)].lab));
      if (nearest > furthest) {
        furthest = nearest;
        alien = static_cast<int>(i);
      }
    }
    plan::PlanOptions wished = trial::options_with(6);
    wished.wishes.must_have = {alien};
    Observer observer;
    const auto p = plan::make_plan(s, trial::paper(), c, trial::parameters(), wished, observer);
    QVERIFY(p.ok());
    QVERIFY(std::binary_search(p->tray.begin(), p->tray.end(), alien));
    QVERIFY(p->tray.size() <= 6);
  }

  void figures_fit_the_recipes() {
    const subject::Subject s = trial::small_subject();
    const plan::Plan p = trial::small_plan(s, trial::shipped_collection());
    std::set<int> used;
    double worst = 0;
    for (const plan::TargetPlan& t : p.targets) {
      for (const plan::Stroke& k : t.recipe.strokes) used.insert(k.stick);
      worst = std::max(worst, t.recipe.de00);
      QVERIFY(t.recipe.tooth_left >= 0 && t.recipe.tooth_left <= 1);
      QVERIFY(p.mass_tooth_left[static_cast<std::size_t>(t.mass)] <= t.recipe.tooth_left + 1e-12);
    }
    QCOMPARE(p.worst_de00, worst);
    QCOMPARE(std::vector<int>(used.begin(), used.end()), p.tray);
  }

  // The same masses, read as smooth and as textured: the smooth ones are worked evener, and hardly lose in
  // colour. Common practice, no published source.
  void what_is_smooth_is_painted_smooth() {
    const media::Collection sticks = trial::every(2);
    const auto painted = [&](double texture) {
      subject::Subject s = trial::small_subject();
      for (subject::Mass& m : s.masses) trial::give_texture(m, texture);
      Observer observer;
      return plan::make_plan(s, trial::paper(), sticks, trial::parameters(), {}, observer).value();
    };
    const auto speckle = [](const plan::Plan& p) {
      double sum = 0;
      double area = 0;
      for (const plan::TargetPlan& t : p.targets) sum += t.area * t.recipe.look.spread_l, area += t.area;
      return sum / area;
    };
    const plan::Plan smooth = painted(0);
    const plan::Plan textured = painted(5);
    QVERIFY2(speckle(smooth) < 0.75 * speckle(textured),
             qPrintable(QString("%1 %2").arg(speckle(smooth)).arg(speckle(textured))));
    QVERIFY(smooth.area_mean_de00 < textured.area_mean_de00 + 0.5);
  }

  void the_same_input_gives_the_same_plan() {
    const subject::Subject s = trial::small_subject();
    const plan::Plan p = trial::small_plan(s, trial::every(3));
    const plan::Plan q = trial::small_plan(s, trial::every(3));
    QCOMPARE(p.tray, q.tray);
    QCOMPARE(p.passes.size(), q.passes.size());
    QCOMPARE(p.area_mean_de00, q.area_mean_de00);
  }

  void wrong_options_and_stopping() {
    const subject::Subject s = trial::small_subject();
    Observer observer;
    const auto& model = trial::parameters();
    QVERIFY(!plan::make_plan(s, trial::paper(), trial::every(3), model, trial::options_with(0), observer).ok());
    QVERIFY(!plan::school_by_name("sideways").ok());
    Stopper stopper;
    const auto stopped = plan::make_plan(s, trial::paper(), trial::shipped_collection(), model, {}, stopper);
    QVERIFY(!stopped.ok() && stopped.error().code == Error::Code::cancelled);
  }
};

QTEST_APPLESS_MAIN(TestPlan)
#include "test_plan.moc"
