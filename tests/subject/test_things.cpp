// SPDX-License-Identifier: MIT
// What the artist draws roughly round becomes one thing, and masses never cross its border.
#include <QFile>
#include <QTest>

#include "cut_outs.h"
#include "small_world.h"
#include "subject/squint.h"
#include "subject/subject.h"

using namespace yd;
using subject::Thing;

namespace {

constexpr int kWidth = 320;
constexpr int kHeight = 240;

/// A red ball before a field that is half blue, half grey; a dark eye in the ball.
subject::LabImage scene() {
  subject::LabImage out(kWidth, kHeight);
  for (int y = 0; y < kHeight; ++y) {
    for (int x = 0; x < kWidth; ++x) {
      const float grain = static_cast<float>((x * 7 + y * 13) % 5) - 2;
      colour::LabPixel c = x < kWidth / 2 ? colour::LabPixel{55 + grain, -4, -28} : colour::LabPixel{62 + grain, 1, 2};
      if (std::hypot(x - 160, y - 120) < 50) c = {48 + grain + 0.2F * static_cast<float>(120 - y), 48, 30};
      if (std::hypot(x - 150, y - 110) < 12) c = {18 + grain, 2, 1};
      out.at(x, y) = c;
    }
  }
  return out;
}

Thing around(double x, double y, double radius, const char* name) {
  Thing out;
  out.name = name;
  for (int i = 0; i < 24; ++i) {
    const double a = 2 * 3.14159265358979 * i / 24;
    out.outline.push_back({(x + radius * std::cos(a)) / kWidth, (y + radius * std::sin(a)) / kHeight});
  }
  return out;
}

subject::ThingMask ball() {
  subject::ThingMask out(kWidth, kHeight);
  for (int y = 0; y < kHeight; ++y) {
    for (int x = 0; x < kWidth; ++x) out.at(x, y) = std::hypot(x - 160, y - 120) < 50 ? 1 : 0;
  }
  return out;
}

subject::Subject read(std::vector<Thing> things, int masses = 10) {
  subject::ReadOptions options{0.2, masses};
  options.things = std::move(things);
  Observer observer;
  auto s = subject::read_subject(scene(), options, observer);
  return std::move(s).value();
}

}  // namespace

class TestThings : public QObject {
  Q_OBJECT
 private slots:
  void a_rough_line_finds_the_thing() {
    const auto cut = subject::cut_out(scene(), around(160, 120, 60, "ball"));
    QVERIFY(cut.ok());
    QVERIFY2(trial::overlap(cut.value(), ball()) > 0.95,
             qPrintable(QString::number(trial::overlap(cut.value(), ball()))));
  }

  void a_ring_is_the_short_form() {
    Thing t;
    t.ring = subject::FocusRing{0.5, 0.5, 0.19};
    const auto cut = subject::cut_out(scene(), t);
    QVERIFY(cut.ok() && trial::overlap(cut.value(), ball()) > 0.95);
  }

  // A law: what was said not to belong never does, and the order in which things are said does not matter.
  void strokes_are_obeyed_in_any_order() {
    Thing t = around(160, 120, 60, "ball");
    t.strokes = {{true, 0.05, {{0.78, 0.5}}}, {false, 0.1, {{0.4, 0.5}, {0.45, 0.5}}}, {false, 0.05, {{0.78, 0.5}}}};
    const auto cut = subject::cut_out(scene(), t);
    QVERIFY(cut.ok());
    for (int y = 114; y < 126; ++y) QCOMPARE(int(cut->at(133, y)), 0);
    QVERIFY2(cut->at(249, 120) == 0, "a place said both ways does not belong");
    std::reverse(t.strokes.begin(), t.strokes.end());
    const auto again = subject::cut_out(scene(), t);
    QVERIFY(again.ok() && again->data == cut->data);
    Thing with = around(160, 120, 60, "ball");
    with.strokes = {{true, 0.05, {{0.78, 0.5}, {0.8, 0.5}}}};
    QVERIFY(subject::cut_out(scene(), with)->at(252, 120) == 1);
  }

  void masses_never_cross_a_border() {
    const auto s = read({around(160, 120, 60, "ball")});
    const auto mask = subject::cut_out(subject::shrink(scene(), 700), s.things.list[0]).value();
    QCOMPARE(s.things.owner.width, mask.width);
    for (std::size_t i = 0; i < mask.size(); ++i) QCOMPARE(int(s.things.owner.data[i]), int(mask.data[i]));
    int inside = 0;
    for (int y = 0; y < kHeight; ++y) {
      for (int x = 0; x < kWidth; ++x) {
        const bool in_thing = s.things.owner.at(x, y) != 0;
        QCOMPARE(s.masses[s.labels.at(x, y)].thing >= 0, in_thing);
        inside += in_thing ? 1 : 0;
      }
    }
    QVERIFY(inside > 5000);
    for (const subject::Mass& m : s.masses) QCOMPARE(m.name.starts_with("ball"), m.thing == 0);
  }

  void nothing_drawn_changes_nothing() {
    const auto with = read({});
    Observer observer;
    const auto without = subject::read_subject(scene(), {0.2, 10}, observer).value();
    QVERIFY(with.labels.data == without.labels.data);
    for (const subject::Mass& m : with.masses) QCOMPARE(m.thing, -1);
  }

  void things_lie_in_one_another() {
    Thing eye = around(150, 110, 17, "eye");
    eye.kind = subject::ThingKind::eye;
    eye.weight = subject::Weight::matters_most;
    const auto s = read({eye, around(160, 120, 60, "ball")});
    QCOMPARE(s.things.within, (std::vector<int>{1, -1}));
    QCOMPARE(int(s.things.owner.at(150, 110)), 1);
    QCOMPARE(int(s.things.owner.at(180, 140)), 2);
    QVERIFY(std::any_of(s.masses.begin(), s.masses.end(), [](const auto& m) { return m.thing == 0 && m.focal; }));
    // Before what it lies on.
    for (const subject::Mass& m : s.masses) {
      if (m.thing == 0) QVERIFY(m.plane == subject::Plane::foreground);
      if (m.thing == 1) QVERIFY(m.plane == subject::Plane::middle);
    }
  }

  void weight_brings_masses() {
    const auto of_ball = [](subject::Weight weight) {
      Thing t = around(160, 120, 60, "ball");
      t.weight = weight;
      const auto s = read({t}, 16);
      return std::count_if(s.masses.begin(), s.masses.end(), [](const auto& m) { return m.thing == 0; });
    };
    QVERIFY(of_ball(subject::Weight::let_go) <= of_ball(subject::Weight::usual));
    QVERIFY(of_ball(subject::Weight::let_go) < of_ball(subject::Weight::matters_most));
  }

  void what_is_no_thing_is_said_and_the_rest_stands() {
    const auto wrong = [](const Thing& t) {
      const Status fine = subject::check({t});
      return fine ? QString() : QString::fromStdString(describe(fine.error()));
    };
    Thing t = around(160, 120, 60, "ball");
    QVERIFY(wrong(t).isEmpty());
    t.outline.resize(2);
    QVERIFY2(wrong(t).contains("three places"), qPrintable(wrong(t)));
    t = around(160, 120, 60, "ball");
    t.outline[3].x = 1.5;
    QVERIFY2(wrong(t).contains("in the picture"), qPrintable(wrong(t)));
    t.outline = {{0.2, 0.2}, {0.8, 0.8}, {0.8, 0.2}, {0.2, 0.8}};
    QVERIFY2(wrong(t).contains("crosses itself"), qPrintable(wrong(t)));
    t = around(160, 120, 60, "ball");
    t.name = std::string(10000, 'x');
    QVERIFY2(wrong(t).contains("80 letters"), qPrintable(wrong(t)));
    QVERIFY(!subject::check(std::vector<Thing>(1000, around(160, 120, 60, "b"))).ok());
    t = around(160, 120, 60, "ball");
    t.strokes = {{false, 0.2, {{0.3, 0.3}, {0.7, 0.3}, {0.7, 0.5}, {0.3, 0.5}, {0.3, 0.7}, {0.7, 0.7}}}};
    const auto s = read({t, around(150, 110, 17, "eye")});
    QVERIFY2(s.things.refused[0].has_value(), "strokes that leave nothing");
    QVERIFY(!s.things.refused[1].has_value() && s.things.area[1] > 0);
    // The same line twice: the later one lies in the other, and both stand.
    const auto twice = read({around(160, 120, 60, "a"), around(160, 120, 60, "b")});
    QVERIFY(!twice.things.refused[0] && !twice.things.refused[1]);
    QVERIFY(!twice.masses.empty());
  }

  // Cut-outs of Debian's tuxpaint-stamps-default on a photograph of ours, where they are installed; the figures of
  // forty are `things_trials`'.
  void cut_outs_are_found_again() {
    const QStringList files = trial::cut_out_files();
    if (files.isEmpty()) QSKIP("tuxpaint-stamps-default is not installed");
    const QImage ground(YD_SOURCE_DIR "/data/demo/salt-works.png");
    double sum = 0;
    constexpr int kCount = 8;
    for (int i = 0; i < kCount; ++i) {
      const auto laid = trial::laid_on(QImage(files[i * files.size() / kCount]), ground, static_cast<std::uint64_t>(i));
      Thing t;
      t.outline = trial::rough_outline(laid.truth, static_cast<std::uint64_t>(i));
      const auto cut = subject::cut_out(laid.picture, t);
      sum += cut ? trial::overlap(cut.value(), laid.truth) / kCount : 0;
    }
    QVERIFY2(sum > 0.88, qPrintable(QString::number(sum)));
  }
};

QTEST_APPLESS_MAIN(TestThings)
#include "test_things.moc"
