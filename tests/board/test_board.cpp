// SPDX-License-Identifier: MIT
// The predicted picture shows what the plan predicts.
#include <QTest>
#include <array>
#include <cmath>
#include <map>

#include "board/figures.h"
#include "board/where.h"
#include "colour/ciede2000.h"
#include "colour/observer.h"
#include "small_world.h"

using namespace yd;

namespace {

/// A sum of light, and its mean as a colour.
struct Light {
  colour::Xyz sum;
  double n = 0;
  void add(const colour::Lab& lab, double by) {
    const colour::Xyz c = colour::to_xyz(lab, white());
    sum = {sum.x + by * c.x, sum.y + by * c.y, sum.z + by * c.z};
    n += by;
  }
  colour::Lab mean() const { return colour::to_lab(colour::Xyz{sum.x / n, sum.y / n, sum.z / n}, white()); }
  static const colour::Xyz& white() { return colour::weights(colour::Illuminant::d50).white; }
};

/// Of every target how far its pixels, seen from far off, are from the recipes of what they show: its own, and as far
/// as others are blended in theirs.
std::vector<double> off_from_far(const board::BoardImage& image, const board::BoardMap& map, const plan::Plan& plan) {
  std::vector<Light> shown(plan.targets.size());
  std::vector<Light> wanted(plan.targets.size());
  const auto look = [&](std::size_t t) { return plan.targets[t].recipe.look.lab; };
  for (std::size_t i = 0; i < image.size(); ++i) {
    shown[map.target.data[i]].add(colour::from_srgb(image.data[i]), 1);
    wanted[map.target.data[i]].add(look(map.target.data[i]), 1);
  }
  for (const board::Blended& b : map.blended) {
    const std::uint16_t own = map.target.data[b.pixel];
    for (std::size_t k = 0; k < b.share.size(); ++k) {
      const double share = static_cast<double>(b.share[k]) / board::Blended::kWhole;
      wanted[own].add(look(own), -share);
      wanted[own].add(look(b.target[k]), share);
    }
  }
  std::vector<double> out;
  for (std::size_t t = 0; t < shown.size(); ++t)
    out.push_back(shown[t].n > 0 ? colour::ciede2000(shown[t].mean(), wanted[t].mean()) : 0);
  return out;
}

}  // namespace

class TestBoard : public QObject {
  Q_OBJECT
 private slots:
  void initTestCase() {
    subject_ = trial::small_subject(400, 300);
    plan_ = trial::small_plan(subject_, trial::shipped_collection());
    map_ = board::make_map(subject_, plan_, trial::paper());
  }

  board::BoardImage after(int passes) const {
    return board::render(
        map_, board::palette_after(plan_, passes, trial::paper(), trial::shipped_collection(), trial::parameters()));
  }

  void before_the_first_pass_it_is_the_paper() {
    const board::BoardImage bare = after(0);
    const colour::Rgb8 paper = colour::to_srgb(trial::paper().lab);
    for (const colour::Rgb8& p : bare.data)
      QVERIFY(std::abs(p.r - paper.r) <= 1 && std::abs(p.g - paper.g) <= 1 && std::abs(p.b - paper.b) <= 1);
  }

  void from_far_off_it_is_the_prediction() {
    const board::BoardImage done = after(static_cast<int>(plan_.passes.size()));
    const std::vector<double> off = off_from_far(done, map_, plan_);
    for (std::size_t t = 0; t < plan_.targets.size(); ++t) {
      if (plan_.targets[t].area >= 0.03) QVERIFY2(off[t] < 1.5, qPrintable(QString::number(off[t])));
    }
  }

  // The law of the Board, for every paper and every school: averaged in linear light it is the recipes' far-off
  // colour.
  void it_keeps_the_prediction_on_every_paper_in_every_school() {
    const subject::Subject s = trial::small_subject(360, 270);
    const media::Collection sticks = trial::every(7);
    const auto& parameters = trial::parameters();
    double worst = 0;
    int judged = 0;
    std::vector<media::Paper> papers = media::load_papers().value();
#ifdef __SANITIZE_ADDRESS__
    papers.resize(2);
#endif
    for (const media::Paper& paper : papers) {
      for (const plan::School school : plan::kSchools) {
        plan::PlanOptions options = trial::options_with(6);
        options.most_strokes = 3;
        options.school = school;
        Observer observer;
        const plan::Plan plan = plan::make_plan(s, paper, sticks, parameters, options, observer).value();
        const board::BoardMap map = board::make_map(s, plan, paper);
        const board::BoardImage done = board::render(
            map, board::palette_after(plan, static_cast<int>(plan.passes.size()), paper, sticks, parameters));
        const std::vector<double> off = off_from_far(done, map, plan);
        for (std::size_t t = 0; t < plan.targets.size(); ++t) {
          if (plan.targets[t].area < 0.02) continue;
          ++judged;
          worst = std::max(worst, off[t]);
          QVERIFY2(off[t] < 1, qPrintable(QString("%1, %2: %3").arg(paper.id.c_str(), plan::name(school)).arg(off[t])));
        }
      }
    }
    qInfo("%d shades, worst %.2f", judged, worst);
    QVERIFY(judged > 20 * static_cast<int>(papers.size()));
  }

  void strata_share_the_area_evenly() {
    std::array<double, optics::kStrata> share{};
    for (const auto s : map_.stratum.data) share[s] += 1.0 / static_cast<double>(map_.stratum.size());
    for (const double s : share) QVERIFY2(std::abs(s - 1.0 / optics::kStrata) < 0.012, qPrintable(QString::number(s)));
  }

  void a_pass_changes_its_masses_only() {
    const board::BoardImage before = after(0);
    const board::BoardImage first = after(1);
    int changed = 0;
    for (std::size_t i = 0; i < first.size(); ++i) {
      const auto& targets = plan_.passes[0].targets;
      const bool asked = std::binary_search(targets.begin(), targets.end(), static_cast<int>(map_.target.data[i]));
      if (!(first.data[i] == before.data[i])) {
        ++changed;
        QVERIFY(asked);
      }
    }
    QVERIFY(changed > 0);
  }

  // Where a pass goes: dark ink, darker where it is firmer; the rest of the sheet pale.
  void where_a_pass_goes_is_inked() {
    const plan::Pass& pass = plan_.passes.front();
    const std::vector<int> one{0};
    const auto picture = board::where_picture(subject_, plan_, one, 4000);
    QCOMPARE(picture.width, subject_.labels.width);
    std::map<int, std::pair<double, int>> by_target;  // -1: not touched
    const auto first = plan::first_targets(plan_.targets, subject_.masses.size());
    for (int y = 0; y < picture.height; ++y) {
      for (int x = 0; x < picture.width; ++x) {
        const int t = static_cast<int>(first[subject_.labels.at(x, y)] + subject_.shade.at(x, y));
        const bool touched = std::binary_search(pass.targets.begin(), pass.targets.end(), t);
        auto& [sum, n] = by_target[touched ? t : -1];
        sum += picture.at(x, y).g;
        ++n;
      }
    }
    const auto mean = [&](int t) { return by_target[t].first / std::max(1, by_target[t].second); };
    QVERIFY(mean(-1) > 190);
    for (const int t : pass.targets) {
      if (by_target[t].second < 40) continue;
      QVERIFY(mean(t) < mean(-1) - 20);
      for (const int u : pass.targets) {
        if (by_target[u].second > 40 && plan::pressure_on(pass, t) > plan::pressure_on(pass, u) + 0.2)
          QVERIFY(mean(t) < mean(u));
      }
    }
  }

  void it_is_the_same_every_time() {
    const board::BoardMap again = board::make_map(subject_, plan_, trial::paper());
    QVERIFY(again.stratum.data == map_.stratum.data);
    QVERIFY(again.target.data == map_.target.data);
  }

 private:
  subject::Subject subject_;
  plan::Plan plan_;
  board::BoardMap map_;

  // Two even pictures are as far apart as their colours, blurred or not; CIEDE2000 itself is checked in tests/colour.
  void even_pictures_differ_by_their_colours() {
    subject::Subject s;
    s.image = subject::LabImage(60, 40, {2.0776F, 0.0795F, -1.1350F});
    const colour::Rgb8 other = colour::to_srgb({60, 20, -30});
    const board::BoardImage painted(60, 40, other);
    const board::Figure f = board::as_seen(s, painted);
    const double apart = colour::ciede2000({2.0776, 0.0795, -1.1350}, colour::from_srgb(other));
    QVERIFY(std::abs(f.mean - apart) < 0.02);
    QVERIFY(std::abs(f.p95 - apart) < 0.02);
  }

  // From across the room a fine chequer is its mean in light, not in lightness: half black, half white has half the
  // light, which is L* 76 (CIE 15: L* = 116 cbrt(0.5) - 16).
  void what_is_fine_is_seen_as_its_light() {
    board::BoardImage chequer(1400, 900);
    for (int y = 0; y < 900; ++y) {
      for (int x = 0; x < 1400; ++x)
        chequer.at(x, y) = (x + y) % 2 == 0 ? colour::Rgb8{0, 0, 0} : colour::Rgb8{255, 255, 255};
    }
    subject::Subject s;
    s.image = subject::LabImage(1400, 900, {76.07F, 0, 0});
    QVERIFY(board::as_seen(s, chequer).mean < 0.3);
    s.image = subject::LabImage(1400, 900, {50, 0, 0});
    QVERIFY(board::as_seen(s, chequer).mean > 15);
    // Near to it the chequer is seen: on a sheet of ten metres the blur is a tenth of a pixel.
    s.image = subject::LabImage(1400, 900, {76.07F, 0, 0});
    QVERIFY(board::as_seen(s, chequer, 10000).mean > 15);
  }

  void what_was_fitted_is_told_by_area() {
    plan::Plan p;
    p.targets.resize(3);
    p.targets[0].area = 0.5;
    p.targets[0].recipe.de00 = 1;
    p.targets[1].area = 0.46;
    p.targets[1].recipe.de00 = 2;
    p.targets[2].area = 0.04;
    p.targets[2].recipe.de00 = 10;
    const board::Figure f = board::as_fitted(p);
    QVERIFY(std::abs(f.mean - 1.82) < 1e-9);
    QCOMPARE(f.p95, 2.0);
  }
};

QTEST_APPLESS_MAIN(TestBoard)
#include "test_board.moc"
