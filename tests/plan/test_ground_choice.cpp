// SPDX-License-Identifier: MIT
// Grounds judged by the real model, against what is common practice of papers (no published source).
#include <QTest>

#include "colour/ciede2000.h"
#include "optics/look.h"
#include "advice/ground_choice.h"
#include "small_world.h"

using namespace yd;

namespace {

const std::vector<media::Paper>& papers() {
  static const auto all = media::load_papers().value();
  return all;
}

struct World {
  subject::Subject subject = trial::small_subject();
  plan::Plan plan = trial::small_plan(subject, trial::shipped_collection(), 10);

  plan::GroundInput input() const {
    plan::GroundInput in;
    in.plan = &plan;
    in.subject = &subject;
    in.papers = papers();
    in.sticks = trial::shipped_collection().sticks;
    in.parameters = &trial::parameters();
    return in;
  }
};

const World& world() {
  static const World w;
  return w;
}

std::vector<plan::GroundVerdict> judge(const plan::GroundInput& in) {
  Observer observer;
  return plan::judge_grounds(in, observer).value();
}

const plan::GroundVerdict& of(const std::vector<plan::GroundVerdict>& all, const std::string& id) {
  for (const auto& v : all) {
    if (papers()[v.paper].id == id) return v;
  }
  throw std::out_of_range(id);
}

}  // namespace

class TestGroundChoice : public QObject {
  Q_OBJECT
 private slots:
  // Common practice, no published source: a middle value shows lights and darks at once; on white no highlight is seen,
  // on black no dark.
  void a_middle_value_has_room_both_ways() {
    const auto all = judge(world().input());
    const auto room = [&](const char* id) { return of(all, id).marks[std::size_t(plan::GroundMark::room)]; };
    QVERIFY(room("card-middle-grey") > 0.9);
    QVERIFY(room("sanded-800-white") < 0.1);
    QVERIFY(room("sanded-800-black") < 0.2);
    QVERIFY(of(all, "sanded-800-white").room_light < 0.5);
  }

  // Common practice, no published source: coarser tooth takes more layers than smooth paper.
  void coarse_bears_more_than_smooth() {
    const auto all = judge(world().input());
    QVERIFY(of(all, "sanded-400-warm-grey").bears_layers > of(all, "sanded-800-white").bears_layers);
    QVERIFY(of(all, "sanded-800-white").bears_layers > of(all, "cartridge-cream").bears_layers);
    QVERIFY(of(all, "cartridge-cream").bears_layers >= 2);
  }

  // Common practice, no published source: thin media show the ground most, pencil more than stick.
  void pencil_shows_the_ground_more_than_stick() {
    for (const auto& v : judge(world().input())) QVERIFY(v.shows[1] > v.shows[2]);
  }

  void the_head_start_is_the_area_that_is_there() {
    // A subject of the paper's own colour but for a patch of a fifth.
    subject::LabImage image(200, 100, {55, 0, 1});
    for (int y = 0; y < 100; ++y) {
      for (int x = 0; x < 40; ++x) image.at(x, y) = {20, 20, 20};
    }
    Observer observer;
    const auto s = subject::read_subject(std::move(image), {0, 8}, observer).value();
    const auto p = trial::small_plan(s, trial::shipped_collection(), 6);
    auto in = world().input();
    in.subject = &s;
    in.plan = &p;
    QVERIFY(std::abs(of(judge(in), "card-middle-grey").there - 0.8) < 0.03);
    QVERIFY(of(judge(in), "sanded-800-black").there < 0.05);
  }

  // Common practice, no published source: a rust ground warms what lies thinly over it, a slate blue one cools it.
  void warm_grounds_warm() {
    const auto all = judge(world().input());
    QVERIFY(of(all, "sanded-400-rust").warmer > of(all, "sanded-600-slate").warmer + 1);
  }

  void weights_decide_and_nothing_is_hidden() {
    auto in = world().input();
    for (std::size_t m = 0; m < plan::kGroundMarks; ++m) {
      in.weights.fill(0);
      in.weights[m] = 1;
      const auto all = judge(in);
      for (std::size_t i = 0; i < all.size(); ++i) {
        QVERIFY(std::abs(all[i].score - all[i].marks[m]) < 1e-12);
        QVERIFY(all[i].marks[m] >= 0 && all[i].marks[m] <= 1);
        if (i > 1 || (i == 1 && m != 0)) QVERIFY(all[i].score <= all[i - 1].score);
      }
    }
    in.weights.fill(-1);
    Observer observer;
    QVERIFY(!plan::judge_grounds(in, observer).ok());
  }

  // Common practice, no published source: on white a light cannot be seen, on black a dark; a middle value shows both.
  void white_and_black_are_dared_for_a_reason() {
    auto in = world().input();
    in.weights = {0.01, 0, 1, 0, 0, 0};  // cover alone would like extremes
    const auto all = judge(in);
    const double l = papers()[all.front().paper].lab.l;
    QVERIFY2(l > 25 && l < 88, qPrintable(QString::number(l)));
  }

  void a_wished_underpainting_counts() {
    auto in = world().input();
    in.coat = plan::CoatChoice{plan::CoatMedium::gouache, plan::CoatColours::local};
    const auto all = judge(in);
    QVERIFY(of(all, "sanded-600-sand").takes_wet);
    QVERIFY(!of(all, "velour-stone").takes_wet);
  }

  void show_through_runs_from_covered_to_bare() {
    const colour::Lab paper{60, 0, 0};
    const colour::Lab pigment{40, 30, 20};
    QCOMPARE(plan::show_through(pigment, paper, pigment), 0.0);
    QCOMPARE(plan::show_through(paper, paper, pigment), 1.0);
    const auto& stick = trial::shipped_collection().sticks[static_cast<std::size_t>(
        plan::nearest_of(trial::shipped_collection().sticks, optics::Medium::soft, pigment))];
    const auto strata = plan::two_layers(trial::paper().ground, stick, trial::parameters());
    const double shows = plan::show_through(optics::look(strata).lab, trial::paper().lab, stick.lab);
    QVERIFY(shows > 0.02 && shows < 0.6);
  }

  // Common practice, no published source: a pale blue over a yellowish sheet goes green, with a pencil more than with a
  // stick.
  void the_offcut_sheet_shows_what_the_papers_do() {
    const auto ranked = judge(world().input());
    const auto sheet = plan::offcut_sheet(world().input(), ranked, 5);
    QCOMPARE(sheet.papers.size(), std::size_t{5});
    QVERIFY(sheet.targets.size() >= 3 && sheet.targets.size() <= plan::kOffcutColours);
    QCOMPARE(sheet.strips.size(), sheet.targets.size() * 5 * plan::kCompared.size());
    for (std::size_t t = 0; t < sheet.targets.size(); ++t) {
      for (std::size_t p = 0; p < 5; ++p) {
        for (std::size_t m = 0; m < plan::kCompared.size(); ++m) {
          const auto& s = sheet.strip(t, p, m);
          QVERIFY(s.stick >= 0);
          const auto& wanted = world().plan.targets[static_cast<std::size_t>(sheet.targets[t])].target;
          QVERIFY(std::abs(s.off - colour::ciede2000(s.lab, wanted)) < 1e-9);
        }
      }
    }
  }
};

QTEST_GUILESS_MAIN(TestGroundChoice)
#include "test_ground_choice.moc"
