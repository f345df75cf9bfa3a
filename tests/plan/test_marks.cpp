// SPDX-License-Identifier: MIT
// Laws of the hand: what marks are, what they cost, what they make.
#include <QTest>
#include <algorithm>
#include <cmath>
#include <numbers>
#include <set>

#include "colour/ciede2000.h"
#include "job/time_curve.h"
#include "marks/groups.h"
#include "marks/under.h"
#include "price/price.h"
#include "small_world.h"

using namespace yd;

namespace {

plan::LaidMark straight(int part, double length_mm) {
  plan::LaidMark out;
  out.part = part;
  constexpr int kPoints = 9;
  for (int i = 0; i < kPoints; ++i)
    out.points.push_back({static_cast<float>(60 + length_mm * i / (kPoints - 1)), 60, 1, -1});
  return out;
}

/// Square millimetres under a mark.
double area_under(const plan::LaidMark& mark) {
  const plan::SheetGrid grid = plan::sheet_grid(200 * 150 / 100.0, 4.0 / 3, 2000, 20);
  std::set<std::size_t> pixels;
  plan::under(mark, grid, [&](std::size_t i, const plan::MarkPoint&) { pixels.insert(i); });
  return static_cast<double>(pixels.size()) / (grid.px_per_mm * grid.px_per_mm);
}

/// What a plan's pixels come to, far off.
colour::Lab mean_of(const board::BoardImage& board, int left, int top, int right, int bottom) {
  colour::Xyz sum{};
  double n = 0;
  const colour::Xyz white = colour::weights(colour::Illuminant::d50).white;
  for (int y = top; y < bottom; ++y) {
    for (int x = left; x < right; ++x) {
      const colour::Xyz c = colour::to_xyz(colour::from_srgb(board.at(x, y)), white);
      sum = {sum.x + c.x, sum.y + c.y, sum.z + c.z};
      ++n;
    }
  }
  return colour::to_lab(colour::Xyz{sum.x / n, sum.y / n, sum.z / n}, white);
}

job::Studio studio() { return {&trial::paper(), &trial::shipped_collection(), &trial::parameters()}; }

/// `price` of a second, 0: as long as it is worth, or wished.
plan::Plan marked(const subject::Subject& s, const plan::PlanOptions& options, double price = 0) {
  Observer observer;
  plan::Plan out =
      plan::make_plan(s, trial::paper(), trial::shipped_collection(), trial::parameters(), options, observer).value();
  if (!(price > 0)) return out;
  return plan::with_marks_at(std::move(out), s, trial::paper(), trial::shipped_collection(), trial::parameters(),
                             options, price);
}

double seen(const plan::Plan& plan, const subject::Subject& s, double sheet_cm2) {
  const board::BoardMap map = job::guided(plan, s, studio(), sheet_cm2).map;
  return board::figures_of(plan, s, job::board_of(map, plan, studio()), sheet_cm2).seen.mean;
}

}  // namespace

class TestMarks : public QObject {
  Q_OBJECT
 private slots:
  void initTestCase() {
    subject_ = trial::bands_and_patches();
    plan_ = marked(subject_, trial::options_with(10));
  }

  // Plane geometry: a band as wide as the part, and a little more at both ends; a dab is a disc.
  void a_mark_covers_its_length_times_its_width() {
    for (const int part : media::parts_of(media::Medium::soft)) {
      const media::Part& p = media::all_parts()[static_cast<std::size_t>(part)];
      const double ends = 2 * std::min(plan::kBluntEnd_mm, p.width_mm / 2);
      // The ends are cut out of a round stick's: no more than the rectangle, no less than that without its corners.
      const double most = (40 + ends) * p.width_mm;
      const double area = area_under(straight(part, 40));
      QVERIFY2(area > 0.93 * most && area < 1.02 * most, qPrintable(QString::number(area / most)));
      plan::LaidMark dab = straight(part, 40);
      dab.points.resize(1);
      const double disc = std::numbers::pi * p.width_mm * p.width_mm / 4;
      QVERIFY(std::abs(area_under(dab) - disc) < 0.05 * disc + 0.05);
    }
  }

  void no_mark_is_quicker_than_a_hand() {
    int marks = 0;
    for (const plan::MarkedPass& p : plan_.marks.passes) {
      double sum = 0;
      for (const plan::LaidMark& m : p.marks) {
        const media::Part& part = plan::part_of(m);
        const double length = plan::length_of(m);
        QVERIFY(plan::seconds_of(m) >= 0.4);
        QVERIFY(length / plan::seconds_of(m) <= 250);
        QVERIFY(length <= part.greatest_mm + 1e-3);
        QVERIFY(length + part.width_mm >= part.least_mm - 1e-3);
        sum += plan::seconds_of(m);
        ++marks;
      }
      QVERIFY(std::abs(sum - p.seconds) < 1e-6 * (1 + sum));
    }
    QVERIFY(marks > 200);
  }

  void every_mark_is_made_by_its_pass() {
    QCOMPARE(plan_.marks.passes.size(), plan_.passes.size());
    for (std::size_t i = 0; i < plan_.passes.size(); ++i) {
      const plan::Pass& pass = plan_.passes[i];
      if (pass.kind != plan::PassKind::stroke) continue;
      const auto& stick = trial::shipped_collection().sticks[static_cast<std::size_t>(pass.stick)];
      for (const plan::LaidMark& m : plan_.marks.passes[i].marks) {
        QVERIFY(plan::rubs(m) || plan::part_of(m).of == media::name(stick.medium));
        QVERIFY(!plan::rubs(m) || pass.technique == plan::Technique::rubbed);
        for (const plan::MarkPoint& p : m.points) {
          QVERIFY(p.x_mm >= 0 && p.x_mm <= plan_.marks.grid.width_mm + 1);
          QVERIFY(p.y_mm >= 0 && p.y_mm <= plan_.marks.grid.height_mm + 1);
          QVERIFY(plan::pressure_at(p, pass) >= 0 && plan::pressure_at(p, pass) <= 1);
        }
      }
    }
  }

  // A mark stays within its own width of the masses it is for.
  void marks_stay_with_their_masses() {
    const auto& target = plan_.marks.target;
    const double px = plan_.marks.grid.px_per_mm;
    for (std::size_t i = 0; i < plan_.passes.size(); ++i) {
      const plan::Pass& pass = plan_.passes[i];
      if (pass.finishing || pass.kind != plan::PassKind::stroke) continue;
      for (const plan::LaidMark& m : plan_.marks.passes[i].marks) {
        const int reach = static_cast<int>(plan::part_of(m).width_mm * px) + 2;
        const plan::MarkPoint& p = m.points[m.points.size() / 2];
        bool near = false;
        for (int dy = -reach; dy <= reach && !near; ++dy) {
          for (int dx = -reach; dx <= reach && !near; ++dx) {
            const int x = static_cast<int>(static_cast<double>(p.x_mm) * px) + dx;
            const int y = static_cast<int>(static_cast<double>(p.y_mm) * px) + dy;
            if (x < 0 || y < 0 || x >= target.width || y >= target.height) continue;
            near = std::binary_search(pass.masses.begin(), pass.masses.end(),
                                      plan_.targets[static_cast<std::size_t>(target.at(x, y))].mass);
          }
        }
        QVERIFY(near);
      }
    }
  }

  // Broad to fine, what rubs last: common practice, no published source.
  void groups_are_the_pass_in_the_order_of_work() {
    std::size_t several = 0;
    for (const plan::MarkedPass& pass : plan_.marks.passes) {
      const std::vector<plan::MarkGroup> groups = plan::groups_of(pass, plan_.targets);
      std::size_t next = 0;
      double seconds = 0;
      bool rubbing = false;
      for (std::size_t i = 0; i < groups.size(); ++i) {
        QCOMPARE(groups[i].first, next);
        QVERIFY(groups[i].count >= 1 && groups[i].count <= 60);
        next += groups[i].count;
        seconds += groups[i].seconds;
        const bool rubs = plan::rubs(pass.marks[groups[i].first]);
        QVERIFY(rubs || !rubbing);
        // Nobody looks up for a few marks.
        if (i > 0 && groups[i].part == groups[i - 1].part && groups[i].count < 6)
          QVERIFY(groups[i].count + groups[i - 1].count > 60);
        rubbing = rubs;
        if (i > 0 && rubs == plan::rubs(pass.marks[groups[i - 1].first]))
          QVERIFY(plan::part_of(pass.marks[groups[i].first]).width_mm <=
                  plan::part_of(pass.marks[groups[i - 1].first]).width_mm);
      }
      QCOMPARE(next, pass.marks.size());
      QVERIFY(std::abs(seconds - pass.seconds) < 1e-6);
      several += groups.size() > 2 ? 1 : 0;
    }
    QVERIFY(several > 2);
  }

  void what_is_in_the_hand_is_tray_and_pencils() {
    const std::vector<int> hand = plan::in_hand(plan_), beside = plan::beside_tray(plan_);
    QCOMPARE(hand.size(), plan_.tray.size() + beside.size());
    QVERIFY(std::is_sorted(hand.begin(), hand.end()));
    for (const plan::Pass& p : plan_.passes)
      QVERIFY(p.kind != plan::PassKind::stroke || std::binary_search(hand.begin(), hand.end(), p.stick));
    for (const int s : beside) {
      QVERIFY(media::facts(trial::shipped_collection().sticks[static_cast<std::size_t>(s)].medium).draws_lines());
      QVERIFY(!std::binary_search(plan_.tray.begin(), plan_.tray.end(), s));
    }
    // What is forbidden is not taken up.
    QVERIFY(!beside.empty());
    plan::PlanOptions without = trial::options_with(8);
    without.wishes.forbidden = beside;
    for (const plan::Pass& p : marked(subject_, without).passes)
      QVERIFY(std::find(beside.begin(), beside.end(), p.stick) == beside.end());
  }

  // Each mark lies where its pass did not lie before.
  void every_mark_adds_something() {
    for (std::size_t i = 0; i < plan_.passes.size(); ++i) {
      std::vector<char> strokes(plan_.marks.target.size(), 0);
      std::vector<char> rubbed = strokes;
      for (const plan::LaidMark& m : plan_.marks.passes[i].marks) {
        std::vector<char>& laid = plan::rubs(m) ? rubbed : strokes;
        int fresh = 0;
        plan::under(m, plan_.marks.grid, [&](std::size_t p, const plan::MarkPoint&) {
          fresh += laid[p] == 0 ? 1 : 0;
          laid[p] = 1;
        });
        QVERIFY(fresh > 0);
      }
    }
  }

  // What shows colour lies under a mark.
  void nothing_but_marks_covers_the_paper() {
    const board::BoardMap map = job::guided(plan_, subject_, studio(), 1200).map;
    const board::BoardImage bare = job::board_after(map, plan_, 0, studio());
    const board::BoardImage board = job::board_of(map, plan_, studio());
    plan::SheetGrid grid = plan_.marks.grid;
    grid.width = board.width;
    grid.height = board.height;
    grid.px_per_mm = board.width / grid.width_mm;
    std::vector<char> covered(board.size(), 0);
    for (const plan::MarkedPass& p : plan_.marks.passes)
      for (const plan::LaidMark& m : p.marks)
        plan::under(m, grid, [&](std::size_t i, const plan::MarkPoint&) { covered[i] = 1; });
    for (std::size_t i = 0; i < board.size(); ++i) QVERIFY(covered[i] != 0 || board.data[i] == bare.data[i]);
  }

  // One colour all over: the middle of the sheet comes to what the model says of its recipe.
  void a_filled_place_has_the_colour_of_the_model() {
    subject::LabImage image(300, 220);
    for (colour::LabPixel& p : image.data) p = {58, 14, 26};
    Observer observer;
    const auto even = subject::read_subject(std::move(image), {0.2, 8}, observer).value();
    const plan::Plan plan = marked(even, trial::options_with(6));
    const board::BoardMap map = job::guided(plan, even, studio(), 1200).map;
    const board::BoardImage board = job::board_of(map, plan, studio());
    const colour::Lab middle = mean_of(board, 60, 40, 240, 180);
    const double off = colour::ciede2000(middle, plan.targets.front().recipe.look.lab);
    QVERIFY2(off < 1, qPrintable(QString::number(off)));
  }

  void piles_are_those_of_the_slow_model() {
    const auto& sticks = trial::shipped_collection().sticks;
    plan::PileTree tree({&trial::paper().ground}, sticks, trial::parameters());
    for (int n = 0; n < 40; ++n) {
      const int under = (7 * n) % static_cast<int>(sticks.size());
      const int over = (31 * n + 5) % static_cast<int>(sticks.size());
      const int step = 4 + n % 13;
      const int pile = tree.laid(tree.rubbed(tree.laid(0, under, 12)), over, step);
      QCOMPARE(tree.laid(tree.rubbed(tree.laid(0, under, 12)), over, step), pile);
      const plan::Recipe slow = plan::evaluate(
          trial::paper().ground, trial::parameters(), sticks,
          {{under, 0.75, plan::Technique::rubbed, false, 0}, {over, step / 16.0, plan::Technique::laid, false, 1}}, {});
      const double off = colour::ciede2000(tree.lab(pile), slow.look.lab);
      QVERIFY2(off < 0.3, qPrintable(QString::number(off)));
    }
  }

  void the_same_plan_has_the_same_marks() {
    const plan::Plan again = marked(subject_, trial::options_with(10));
    QCOMPARE(again.marks.passes.size(), plan_.marks.passes.size());
    for (std::size_t i = 0; i < again.marks.passes.size(); ++i) {
      const auto& p = again.marks.passes[i].marks;
      const auto& q = plan_.marks.passes[i].marks;
      QCOMPARE(p.size(), q.size());
      for (std::size_t k = 0; k < p.size(); ++k) {
        QCOMPARE(p[k].part, q[k].part);
        QCOMPARE(p[k].points.size(), q[k].points.size());
        QCOMPARE(p[k].points.front().x_mm, q[k].points.front().x_mm);
        QCOMPARE(p[k].points.back().y_mm, q[k].points.back().y_mm);
      }
    }
  }

  void a_wish_for_time_is_met_and_more_time_is_no_worse() {
    double last = 1e9;
    for (const double minutes : {60.0, 120.0, 240.0}) {
      plan::PlanOptions options = trial::options_with(10);
      options.wish_minutes = minutes;
      const plan::Plan plan = marked(subject_, options);
      QVERIFY2(plan::minutes_of(plan) <= 1.001 * minutes, qPrintable(QString::number(plan::minutes_of(plan))));
      const double now = seen(plan, subject_, options.sheet_cm2);
      QVERIFY2(now <= last + 0.05, qPrintable(QString("%1 after %2").arg(now).arg(last)));
      last = now;
    }
  }

  void the_curve_falls() {
    Observer observer;
    const auto curve = job::time_curve(plan_, subject_, studio(), trial::options_with(10), observer).value();
    QVERIFY(curve.size() >= 3);
    for (std::size_t i = 1; i < curve.size(); ++i) {
      QVERIFY(curve[i].minutes > curve[i - 1].minutes);
      QVERIFY(curve[i].seen.mean < curve[i - 1].seen.mean);
    }
    QVERIFY(job::knee_of(curve) < curve.size());
  }

  // Sampled: the picture without a mark is never nearer by more than the mark's seconds are worth.
  void no_mark_is_better_left_away() {
    constexpr std::size_t kSampled = 24;
    const board::BoardMap map = job::guided(plan_, subject_, studio(), 1200).map;
    const auto off = [&](const plan::Plan& plan) {
      return board::figures_of(plan, subject_, job::board_of(map, plan, studio()), 1200).seen.mean;
    };
    const double all = off(plan_);
    const double sheet_mm2 = plan_.marks.grid.width_mm * plan_.marks.grid.height_mm;
    std::size_t count = 0;
    for (const plan::MarkedPass& p : plan_.marks.passes) count += p.marks.size();
    const std::size_t every = std::max<std::size_t>(1, count / kSampled);
    std::size_t place = 0;
    double lost = 0;
    for (std::size_t i = 0; i < plan_.marks.passes.size(); ++i) {
      for (std::size_t k = 0; k < plan_.marks.passes[i].marks.size(); ++k) {
        if (++place % every != 0) continue;
        plan::Plan without = plan_;
        auto& marks = without.marks.passes[i].marks;
        const double seconds = plan::seconds_of(marks[k]);
        marks.erase(marks.begin() + static_cast<std::ptrdiff_t>(k));
        const double loses = (off(without) - all) * sheet_mm2;
        QVERIFY2(loses >= -plan::prices().mark.second * seconds, qPrintable(QString::number(loses)));
        lost += loses;
      }
    }
    QVERIFY(lost > 0);
  }

  // Common practice, no published source: the size of the sheet decides what can be said.
  void a_larger_sheet_has_no_less() {
    plan::PlanOptions small = trial::options_with(10);
    small.sheet_cm2 = 150;
    plan::PlanOptions large = trial::options_with(10);
    large.sheet_cm2 = 2400;
    // Seen from as far, each at its own size.
    QVERIFY(seen(marked(subject_, large), subject_, 1200) <= seen(marked(subject_, small), subject_, 1200) + 0.02);
  }

 private:
  subject::Subject subject_;
  plan::Plan plan_;
};

QTEST_APPLESS_MAIN(TestMarks)
#include "test_marks.moc"
