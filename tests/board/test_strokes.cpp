// SPDX-License-Identifier: MIT
// Strokes of the Board: along the mark, not across it, and nothing from far off.
#include <QTest>
#include <cmath>
#include <numbers>

#include "bands.h"
#include "board/board.h"
#include "small_world.h"

using namespace yd;

namespace {

constexpr int kSide = 720;

/// How alike strata are at places `distance` pixels apart in a direction: 1 the same, 0 nothing in common.
double alike(const subject::Grid<std::uint8_t>& strata, double deg, double distance) {
  const int dx = static_cast<int>(std::lround(distance * std::cos(deg * std::numbers::pi / 180)));
  const int dy = static_cast<int>(std::lround(-distance * std::sin(deg * std::numbers::pi / 180)));
  const double middle = (optics::kStrata - 1) / 2.0;
  double both = 0;
  double own = 0;
  for (int y = 40; y < strata.height - 40; ++y) {
    for (int x = 40; x < strata.width - 40; ++x) {
      const double a = strata.at(x, y) - middle;
      const double b = strata.at(x + dx, y + dy) - middle;
      both += a * b;
      own += a * a;
    }
  }
  return both / own;
}

struct Stroked {
  trial::Bands scene{kSide, kSide};
  std::vector<std::vector<plan::Touch>> touches;

  explicit Stroked(plan::Mark mark, double deg = 0, plan::RubTool tool = plan::RubTool::none) {
    scene.mass(0, kSide, {colour::Lab{60, 5, 10}});
    plan::Touch t;
    t.place.mass = 0;
    t.place.share = 1;
    t.place.width_mm = 80;
    t.mark = mark;
    t.tool = tool;
    t.directed = true;
    t.angle_deg = deg;
    touches.push_back({t});
  }
  board::BoardMap map() const { return board::make_map(scene.subject, scene.plan, trial::paper(), touches); }
};

}  // namespace

class TestStrokes : public QObject {
  Q_OBJECT
 private slots:
  void streaks_run_with_the_mark() {
    for (const double deg : {0.0, 30.0, 90.0, -45.0}) {
      const auto strata = Stroked(plan::Mark::hatching, deg).map().stratum;
      const double along = alike(strata, deg, 6);
      const double across = alike(strata, deg + 90, 6);
      QVERIFY2(along > across + 0.15, qPrintable(QString("%1: %2 %3").arg(deg).arg(along).arg(across)));
    }
  }

  // Level strokes are level and what is pulled down runs down, whatever direction the subject has there.
  void some_marks_have_a_direction_of_their_own() {
    const auto level = Stroked(plan::Mark::level, 60).map().stratum;
    QVERIFY(alike(level, 0, 6) > alike(level, 90, 6) + 0.15);
    const auto down = Stroked(plan::Mark::pulled_down, 0).map().stratum;
    QVERIFY(alike(down, 90, 6) > alike(down, 0, 6) + 0.15);
  }

  // Rubbed passages are smooth: the hand is seen less.
  void rubbing_takes_the_streaks_out() {
    const auto laid = Stroked(plan::Mark::broad).map().stratum;
    const auto rubbed = Stroked(plan::Mark::broad, 0, plan::RubTool::finger).map().stratum;
    QVERIFY(alike(laid, 0, 6) > 1.5 * alike(rubbed, 0, 6));
  }

  // Over a few millimetres every stratum has its share, so that an average there is the predicted colour.
  void every_few_millimetres_hold_all_strata() {
    const auto strata = Stroked(plan::Mark::broad, 20).map().stratum;
    const double px_per_mm = kSide / board::kPictureSide_mm;
    const int cell = static_cast<int>(8 * px_per_mm);
    const double middle = (optics::kStrata - 1) / 2.0;
    double worst = 0;
    for (int y = cell; y + 2 * cell <= kSide; y += cell) {
      for (int x = cell; x + 2 * cell <= kSide; x += cell) {
        double sum = 0;
        for (int v = 0; v < cell; ++v) {
          for (int u = 0; u < cell; ++u) sum += strata.at(x + u, y + v) - middle;
        }
        worst = std::max(worst, std::abs(sum / cell / cell));
      }
    }
    QVERIFY2(worst < 1.2, qPrintable(QString::number(worst)));
  }

  // Between two shades a hand grades its pressure; into one painted far from its colour, much more broken than its own
  // or so far off that it would be a speck here and there it does not.
  void shades_run_into_what_is_painted_like_them() {
    const colour::Lab own{70, 0, 0};
    QVERIFY(share_run_into(own, {74, 0, 0}, {71.5, 0, 0}, {74, 0, 0}, 0) > 0.2);
    QCOMPARE(share_run_into(own, {74, 0, 0}, {71.5, 0, 0}, {58, 2, 6}, 0), 0.0);
    QCOMPARE(share_run_into(own, {74, 0, 0}, {71.5, 0, 0}, {74, 0, 0}, 6), 0.0);
    QCOMPARE(share_run_into(own, {82, 0, 0}, {70.5, 0, 0}, {82, 0, 0}, 0), 0.0);
  }

 private:
  /// How much of a field of one shade, coloured `seen`, is painted as another that is `painted` and broken so far.
  static double share_run_into(const colour::Lab& own, const colour::Lab& other, const colour::Lab& seen,
                               const colour::Lab& painted, double spread_l) {
    trial::Bands scene(240, 240);
    scene.mass(0, 240, {own, other}, true);
    scene.plan.targets[0].recipe.look.lab = own;
    scene.plan.targets[1].recipe.look = {painted, spread_l, 0};
    constexpr int kField = 100;  // clear of the border between the two
    for (int y = 0; y < 240; ++y) {
      for (int x = 0; x < kField; ++x) scene.subject.softened.at(x, y).l = static_cast<float>(seen.l);
    }
    const auto target = board::make_map(scene.subject, scene.plan, trial::paper()).target;
    int run = 0;
    for (int y = 0; y < 240; ++y) {
      for (int x = 0; x < kField; ++x) run += target.at(x, y) == 1 ? 1 : 0;
    }
    return run / (240.0 * kField);
  }
};

QTEST_APPLESS_MAIN(TestStrokes)
#include "test_strokes.moc"
