// SPDX-License-Identifier: MIT
// What hangs on a choice goes with it, and what does not stays.
#include <QTest>

#include "job/settle.h"
#include "support/random.h"

using namespace yd;
using job::Choices;

namespace {

Choices worked_on() {
  Choices c;
  c.plan.by_hand = {{1, {}}, {3, {}}};
  c.plan.ways = {{1, plan::School::dark_first, std::nullopt}, {4, std::nullopt, plan::Manner::rubbed}};
  c.plan.underpaint.exceptions = {{plan::CoatException::Where::mass, 3, std::nullopt},
                                  {plan::CoatException::Where::plane, 2, std::nullopt}};
  c.plan.wishes.must_have = {5};
  c.plan.given_tray = {1, 2, 5};
  c.plan.order_by_hand = {"a", "b"};
  plan::PassMark pass;
  pass.pass = "0/1/2";
  pass.state = plan::PassMark::State::done;
  plan::PassMark chore = pass;
  chore.pass = std::string(job::kChoreMark) + "drawing/1";
  c.marks = {pass, chore};
  return c;
}

void change_something(Choices& c, Random& random) {
  switch (random.below(9)) {
    case 0:
      c.plan.most_sticks = 1 + static_cast<int>(random.below(30));
      break;
    case 1:
      c.plan.school = plan::kSchools[random.below(plan::kSchools.size())];
      break;
    case 2:
      c.paper = random.below(2) == 0 ? "card-olive" : "laid-buff";
      break;
    case 3:
      c.collection = random.below(2) == 0 ? "other" : "third";
      break;
    case 4:
      c.read.masses = 8 + static_cast<int>(random.below(20));
      break;
    case 5: {
      subject::MassEdit merge;
      merge.kind = subject::MassEdit::Kind::merge;
      merge.mass = 0;
      merge.other = 1 + static_cast<int>(random.below(4));
      c.read.edits.push_back(merge);
      break;
    }
    case 6:
      c.plan.given_tray = {static_cast<int>(random.below(20))};
      break;
    case 7:
      c.composition.width_cm = 20 + static_cast<double>(random.below(60));
      break;
    default:
      c.read.colours.mood = subject::Mood::vivid;
  }
}

}  // namespace

class TestSettle : public QObject {
  Q_OBJECT
 private slots:
  void nothing_hangs_on_the_course() {
    const Choices now = worked_on();
    Choices wished = now;
    wished.plan.course = plan::Course::features_first;
    QVERIFY(job::settled(wished, now, nullptr) == wished);
  }

  void other_masses_take_what_names_them_along() {
    const Choices now = worked_on();
    Choices wished = now;
    wished.read.masses += 4;
    const Choices next = job::settled(wished, now, nullptr);
    QVERIFY(next.plan.by_hand.empty() && next.plan.ways.empty() && next.marks.empty());
    // A coat for a plane names no mass.
    QCOMPARE(next.plan.underpaint.exceptions.size(), std::size_t{1});
    QCOMPARE(next.plan.wishes.must_have, now.plan.wishes.must_have);
  }

  void a_merged_mass_is_gone_and_later_ones_move_up() {
    const Choices now = worked_on();
    Choices wished = now;
    subject::MassEdit merge;
    merge.kind = subject::MassEdit::Kind::merge;
    merge.mass = 0;
    merge.other = 1;
    wished.read.edits.push_back(merge);
    const Choices next = job::settled(wished, now, nullptr);
    QCOMPARE(next.plan.by_hand.size(), std::size_t{1});
    QCOMPARE(next.plan.by_hand[0].mass, 2);
    QCOMPARE(next.plan.ways.size(), std::size_t{1});
    QCOMPARE(next.plan.ways[0].mass, 3);
    QCOMPARE(next.plan.underpaint.exceptions[0].which, 2);
    QCOMPARE(next.plan.underpaint.exceptions[1].which, 2);  // the plane
  }

  void another_collection_forgets_sticks() {
    const Choices now = worked_on();
    Choices wished = now;
    wished.collection = "other";
    const Choices next = job::settled(wished, now, nullptr);
    QVERIFY(next.plan.wishes.must_have.empty() && next.plan.given_tray.empty() && next.plan.by_hand.empty());
    QVERIFY(next.marks.empty());
    QCOMPARE(next.plan.ways.size(), now.plan.ways.size());
  }

  void a_proven_tray_answers_only_what_it_was_proven_for() {
    const Choices now = worked_on();
    Choices wished = now;
    wished.plan.most_sticks += 2;
    QVERIFY(job::settled(wished, now, nullptr).plan.given_tray.empty());
    wished.plan.given_tray = {7, 8};
    QCOMPARE(job::settled(wished, now, nullptr).plan.given_tray, (std::vector<int>{7, 8}));
  }

  // What is settled stays as it is, whatever was changed before.
  void settling_twice_changes_nothing() {
    Random random(4);
    for (int round = 0; round < 500; ++round) {
      const Choices now = worked_on();
      Choices wished = now;
      for (int n = 0; n < 3; ++n) change_something(wished, random);
      const Choices next = job::settled(wished, now, nullptr);
      QVERIFY(job::settled(next, next, nullptr) == next);
      QVERIFY(job::settled(now, now, nullptr) == now);
    }
  }

  void passes_are_forgotten_what_was_done_besides_is_not() {
    auto marks = worked_on().marks;
    job::forget_passes(marks);
    QCOMPARE(marks.size(), std::size_t{1});
    QVERIFY(marks[0].pass.find("drawing") != std::string::npos);
    Choices c = worked_on();
    job::forget_picture(c);
    QVERIFY(c.marks.empty() && c.plan.by_hand.empty() && c.plan.underpaint.empty());
    QCOMPARE(c.plan.wishes.must_have, std::vector<int>{5});
  }
};

QTEST_APPLESS_MAIN(TestSettle)
#include "test_settle.moc"
