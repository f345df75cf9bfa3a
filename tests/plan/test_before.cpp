// SPDX-License-Identifier: MIT
// What is told before the first stroke and between passages. Common practice, no published source.
#include <QTest>
#include <algorithm>
#include <cmath>
#include <optional>

#include "bands.h"
#include "guide/guide.h"
#include "small_world.h"

using namespace yd;
using plan::Chore;
using trial::Bands;

namespace {

/// On a sheet of 40 by 30 cm.
plan::Guide told_of(const Bands& b) { return plan::make_guide({&b.plan, &b.subject, &trial::paper(), b.sticks, 1200}); }

std::vector<plan::Step> chores_of(const plan::Guide& g, Chore chore) {
  std::vector<plan::Step> out;
  for (const plan::Passage& p : g.passages) {
    for (const plan::Step& s : p.steps)
      if (s.chore == chore) out.push_back(s);
  }
  return out;
}

/// Light above, dark below, a thin vivid band between: warm light over cool shadow, or the reverse.
Bands light_and_dark(bool warm_light) {
  Bands b(80, 60);
  const double warm = warm_light ? 20 : -20;
  const int light = b.mass(0, 34, {{80, warm / 2, warm}});
  const int sail = b.mass(34, 37, {{50, 60, 40}});
  const int dark = b.mass(37, 60, {{25, -warm / 2, -warm}});
  b.pass(b.stick({25, 0, 0}), dark, {1});
  b.pass(b.stick({80, 0, 0}), light, {1});
  b.pass(b.stick({50, 60, 40}), sail, {1});
  return b;
}

subject::Thing thing_of_kind(subject::ThingKind kind, subject::Weight weight = subject::Weight::usual) {
  subject::Thing out;
  out.kind = kind;
  out.weight = weight;
  return out;
}

}  // namespace

class TestBefore : public QObject {
  Q_OBJECT
 private slots:
  void the_eye_goes_where_the_artist_says_else_it_is_a_guess() {
    Bands b = light_and_dark(true);
    auto focal = chores_of(told_of(b), Chore::focal);
    QCOMPARE(focal.size(), std::size_t(1));
    QCOMPARE(focal[0].masses, std::vector<int>{1});
    QCOMPARE(focal[0].numbers[0], 1.0);
    b.subject.masses[2].focal = true;
    focal = chores_of(told_of(b), Chore::focal);
    QCOMPARE(focal[0].masses, std::vector<int>{2});
    QCOMPARE(focal[0].numbers[0], 0.0);
  }

  void warm_and_cool_of_light_and_shadow() {
    const auto warm = chores_of(told_of(light_and_dark(true)), Chore::temperature);
    const auto cool = chores_of(told_of(light_and_dark(false)), Chore::temperature);
    QVERIFY(warm.size() == 1 && warm[0].numbers[0] > 0);
    QVERIFY(cool.size() == 1 && cool[0].numbers[0] < 0);
    Bands grey(80, 60);
    grey.pass(grey.stick({25, 0, 0}), grey.mass(0, 30, {{80, 0, 0}}), {1});
    grey.pass(0, grey.mass(30, 60, {{25, 0, 0}}), {1});
    QVERIFY(chores_of(told_of(grey), Chore::temperature).empty());
  }

  void the_accent_and_where_it_comes_again() {
    Bands b = light_and_dark(true);
    auto accent = chores_of(told_of(b), Chore::accent);
    QVERIFY(accent.size() == 1 && accent[0].masses == std::vector<int>{1} && accent[0].sticks == std::vector<int>{2});
    b.pass(2, 0, {0.3});
    accent = chores_of(told_of(b), Chore::accent);
    QCOMPARE(accent[0].masses, (std::vector<int>{1, 0}));
  }

  // By the outline the artist drew: left half of the sheet, the upper two thirds.
  void a_face_is_set_out_by_its_axis_and_eye_line() {
    Bands b = light_and_dark(true);
    b.subject.things.list = {thing_of_kind(subject::ThingKind::face)};
    b.subject.things.owner = subject::LabelImage(80, 60, 0);
    for (int y = 0; y < 40; ++y)
      for (int x = 0; x < 40; ++x) b.subject.things.owner.at(x, y) = 1;
    b.subject.masses[0].thing = 0;
    const auto lines = chores_of(told_of(b), Chore::face_lines);
    QCOMPARE(lines.size(), std::size_t(1));
    QVERIFY(std::abs(lines[0].numbers[0] - 10) < 0.5 && std::abs(lines[0].numbers[1] - 10) < 0.5);
  }

  // Once, with the first passage that goes there; what the artist has not named asks for nothing.
  void a_special_thing_is_spoken_of_once() {
    Bands b = light_and_dark(true);
    QVERIFY(chores_of(told_of(b), Chore::special).empty());
    b.subject.things.list = {thing_of_kind(subject::ThingKind::water, subject::Weight::let_go),
                             thing_of_kind(subject::ThingKind::other)};
    b.subject.things.owner = subject::LabelImage(80, 60, 0);
    b.subject.masses[2].thing = 0;
    b.subject.masses[1].thing = 1;
    b.pass(0, 2, {0.5});
    const plan::Guide g = told_of(b);
    const auto special = chores_of(g, Chore::special);
    QCOMPARE(special.size(), std::size_t(1));
    QCOMPARE(static_cast<int>(special[0].numbers[0]), static_cast<int>(subject::ThingKind::water));
    const auto gone = chores_of(g, Chore::let_go);
    QVERIFY(gone.size() == 1 && gone[0].masses == std::vector<int>{2});
  }

  // Hands are wiped before a light that follows a dark, and not the other way.
  void hands_are_wiped_from_darks_to_lights() {
    const auto wiped = [](double first, double second) {
      Bands b(80, 60);
      const int below = b.mass(0, 30, {{first, 0, 0}}), above = b.mass(30, 60, {{second, 0, 0}});
      b.pass(b.stick({first, 0, 0}), below, {1}).minutes = 15;
      b.pass(b.stick({second, 0, 0}), above, {1}).minutes = 15;
      return chores_of(told_of(b), Chore::wipe).size();
    };
    QCOMPARE(wiped(20, 85), std::size_t(1));
    QCOMPARE(wiped(85, 20), std::size_t(0));
  }

  // In a corner below, about one value off, and not on what one looks at.
  void one_signs_quietly() {
    Bands b(80, 60);
    const int sky = b.mass(0, 40, {{80, 0, 0}}), ground = b.mass(40, 60, {{50, 0, 0}});
    b.pass(b.stick({90, 0, 0}), sky, {1});
    b.pass(b.stick({38, 0, 0}), ground, {1});
    b.pass(b.stick({10, 0, 0}), ground, {0.5});
    const auto sign = chores_of(told_of(b), Chore::sign);
    QCOMPARE(sign.size(), std::size_t(1));
    QCOMPARE(sign[0].masses, std::vector<int>{ground});
    QCOMPARE(sign[0].sticks, std::vector<int>{1});
  }
};

QTEST_GUILESS_MAIN(TestBefore)
#include "test_before.moc"
