// SPDX-License-Identifier: MIT
// A finger makes a gradient of shades that are painted side by side, strokes a hatching. Common practice, no published
// source.
#include <QTest>
#include <cmath>

#include "bands.h"
#include "board/board.h"
#include "small_world.h"

using namespace yd;

namespace {

constexpr int kRows = 720;
constexpr int kColumns = 240;
constexpr double kTop = 60;
constexpr double kLevel = 0.5;  // L*, less than two of the 256 levels of a screen picture

/// A sky that grows lighter from top to bottom, in level masses of a few shades each, all painted as they are wanted.
struct Sky {
  trial::Bands scene{kColumns, kRows};
  std::vector<std::vector<plan::Touch>> touches{{}};
  double step;  // L* from one shade to the next
  int shades = 0;

  Sky(double step_l, plan::RubTool tool, std::initializer_list<int> shades_of_each) : step(step_l) {
    int all = 0;
    for (const int n : shades_of_each) all += n;
    for (const int n : shades_of_each) {
      std::vector<colour::Lab> own;
      for (int i = 0; i < n; ++i) own.push_back({kTop + step * (shades + i), 0, -20});
      const int top = kRows * shades / all;
      shades += n;
      plan::Touch t;
      t.place.mass = scene.mass(top, kRows * shades / all, own);
      t.place.share = 1;
      t.place.width_mm = 80;
      t.tool = tool;
      touches[0].push_back(t);
    }
    for (int y = 0; y < kRows; ++y) {
      for (int x = 0; x < kColumns; ++x) scene.subject.softened.at(x, y).l = static_cast<float>(wanted(y));
    }
    for (plan::TargetPlan& t : scene.plan.targets) t.recipe.look.lab = t.target;
  }

  double wanted(int y) const { return kTop + step * ((y + 0.5) * shades / kRows - 0.5); }

  /// Lightness of the painted picture, every target as even as its recipe.
  subject::Grid<double> painted() const {
    board::Palette palette;
    for (const plan::TargetPlan& t : scene.plan.targets) {
      palette.emplace_back();
      palette.back().fill(colour::to_srgb(t.recipe.look.lab));
    }
    const auto image = board::render(board::make_map(scene.subject, scene.plan, trial::paper(), touches), palette);
    subject::Grid<double> out(kColumns, kRows);
    for (std::size_t i = 0; i < out.size(); ++i) out.data[i] = colour::from_srgb(image.data[i]).l;
    return out;
  }
};

struct Row {
  double mean = 0, spread = 0;
};
std::vector<Row> rows_of(const subject::Grid<double>& l) {
  std::vector<Row> out;
  for (int y = 0; y < kRows; ++y) {
    double sum = 0;
    double squares = 0;
    for (int x = 0; x < kColumns; ++x) sum += l.at(x, y), squares += l.at(x, y) * l.at(x, y);
    const double mean = sum / kColumns;
    out.push_back({mean, std::sqrt(std::max(0.0, squares / kColumns - mean * mean))});
  }
  return out;
}

/// The greatest step from one row to the next.
double steepest(const std::vector<Row>& rows) {
  double out = 0;
  for (std::size_t y = 1; y < rows.size(); ++y) out = std::max(out, std::abs(rows[y].mean - rows[y - 1].mean));
  return out;
}

double most_spread(const std::vector<Row>& rows) {
  double out = 0;
  for (const Row& r : rows) out = std::max(out, r.spread);
  return out;
}

}  // namespace

class TestGraded : public QObject {
  Q_OBJECT
 private slots:
  void a_finger_makes_an_even_gradient() {
    const Sky sky(4, plan::RubTool::finger, {4});
    const auto rows = rows_of(sky.painted());
    QVERIFY2(most_spread(rows) < kLevel, qPrintable(QString::number(most_spread(rows))));
    for (int y = 0; y < kRows; ++y) {
      // Beyond the first and the last shade there is nothing to grade into.
      const double wanted = std::clamp(sky.wanted(y), kTop, kTop + 3 * sky.step);
      QVERIFY2(std::abs(rows[static_cast<std::size_t>(y)].mean - wanted) < 0.6, qPrintable(QString::number(y)));
    }
  }

  // Strokes do the same on average, but one by one: between two shades there is some of either.
  void strokes_hatch_it() {
    const Sky sky(4, plan::RubTool::none, {4});
    const auto rows = rows_of(sky.painted());
    QVERIFY(most_spread(rows) > 1);
    double off = 0;
    for (int y = kRows / 8; y < kRows * 7 / 8; ++y) off += rows[static_cast<std::size_t>(y)].mean - sky.wanted(y);
    QVERIFY(std::abs(off / (kRows * 3 / 4.0)) < 0.3);
  }

  // Two masses of one gradient are rubbed across where they join, even where the one came out lighter than it should.
  void bands_are_rubbed_into_each_other() {
    Sky sky(4, plan::RubTool::finger, {2, 2});
    QVERIFY(steepest(rows_of(sky.painted())) < kLevel);
    for (plan::TargetPlan& t : sky.scene.plan.targets) {
      if (t.mass == 1) t.recipe.look.lab.l += 2.5;
    }
    const auto rows = rows_of(sky.painted());
    QVERIFY2(steepest(rows) < kLevel, qPrintable(QString::number(steepest(rows))));
    QVERIFY(most_spread(rows) < kLevel);
  }

  // What lies far apart is an edge, and a finger keeps it: here of two shades, 25 L* from each other.
  void edges_stay() {
    for (const auto tool : {plan::RubTool::finger, plan::RubTool::none}) {
      const auto rows = rows_of(Sky(25, tool, {2}).painted());
      QVERIFY(rows[kRows / 2 + 8].mean - rows[kRows / 2 - 8].mean > 24);
    }
  }

  // Where the strokes are known they tell, shade by shade: a mass may be rubbed with its lights laid on top.
  void each_shade_ends_as_its_own_last_stroke() {
    Sky sky(4, plan::RubTool::finger, {4});
    for (plan::TargetPlan& t : sky.scene.plan.targets) {
      const auto last = t.shade < 2 ? plan::Technique::rubbed : plan::Technique::laid;
      t.recipe.strokes = {{0, 0.5, plan::Technique::laid}, {1, 0.5, last}};
    }
    const auto rows = rows_of(sky.painted());
    for (int y = 0; y < kRows / 2; ++y) QVERIFY(rows[static_cast<std::size_t>(y)].spread < kLevel);
    QVERIFY(rows[kRows * 3 / 4].spread > 1);
  }

  // Of what a pixel shows no other has more than what it is painted to.
  void each_pixel_is_of_its_own_target_first() {
    const Sky sky(4, plan::RubTool::finger, {3, 3});
    const auto map = board::make_map(sky.scene.subject, sky.scene.plan, trial::paper(), sky.touches);
    for (const board::Blended& b : map.blended) {
      for (const auto share : b.share) QVERIFY(share <= board::Blended::kWhole - b.all() + 1);
    }
    QVERIFY(map.blended.size() > map.target.size() / 2);
  }
};

QTEST_APPLESS_MAIN(TestGraded)
#include "test_graded.moc"
