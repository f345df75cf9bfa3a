// SPDX-License-Identifier: MIT
// What hangs on a choice goes with it, and what does not stays.
#include <QTest>

#include "session/choice_rules.h"

using namespace yd;
using app::Choices;

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
  chore.pass = std::string(app::kChoreMark) + "drawing/1";
  c.marks = {pass, chore};
  return c;
}

}  // namespace

class TestChoices : public QObject {
  Q_OBJECT
 private slots:
  void nothing_hangs_on_the_course() {
    const Choices now = worked_on();
    Choices wished = now;
    wished.plan.course = plan::Course::features_first;
    QVERIFY(app::settled(wished, now, nullptr) == wished);
  }

  void other_masses_take_what_names_them_along() {
    const Choices now = worked_on();
    Choices wished = now;
    wished.read.masses += 4;
    const Choices next = app::settled(wished, now, nullptr);
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
    const Choices next = app::settled(wished, now, nullptr);
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
    const Choices next = app::settled(wished, now, nullptr);
    QVERIFY(next.plan.wishes.must_have.empty() && next.plan.given_tray.empty() && next.plan.by_hand.empty());
    QVERIFY(next.marks.empty());
    QCOMPARE(next.plan.ways.size(), now.plan.ways.size());
  }

  void a_proven_tray_answers_only_what_it_was_proven_for() {
    const Choices now = worked_on();
    Choices wished = now;
    wished.plan.most_sticks += 2;
    QVERIFY(app::settled(wished, now, nullptr).plan.given_tray.empty());
    wished.plan.given_tray = {7, 8};
    QCOMPARE(app::settled(wished, now, nullptr).plan.given_tray, (std::vector<int>{7, 8}));
  }

  void passes_are_forgotten_what_was_done_besides_is_not() {
    auto marks = worked_on().marks;
    app::forget_passes(marks);
    QCOMPARE(marks.size(), std::size_t{1});
    QVERIFY(marks[0].pass.find("drawing") != std::string::npos);
    Choices c = worked_on();
    app::forget_picture(c);
    QVERIFY(c.marks.empty() && c.plan.by_hand.empty() && c.plan.underpaint.empty());
    QCOMPARE(c.plan.wishes.must_have, std::vector<int>{5});
  }
};

QTEST_APPLESS_MAIN(TestChoices)
#include "test_choices.moc"
