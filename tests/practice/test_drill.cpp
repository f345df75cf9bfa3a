// SPDX-License-Identifier: MIT
// Drills: balanced, never without a right answer, and an eye that is known is found through them.
#include <QTest>
#include <array>
#include <map>
#include <set>

#include "colour/ciede2000.h"
#include "practice/drill.h"
#include "small_world.h"

using namespace yd;
using practice::Drill;
using practice::Family;
using practice::Kind;

namespace {

practice::Material material() {
  return {trial::small_subject().masses, trial::every(18).sticks, trial::paper(), trial::parameters()};
}

}  // namespace

class TestDrill : public QObject {
  Q_OBJECT
 private slots:
  void every_kind_can_be_gone_through() {
    for (const Kind kind : practice::kKinds) {
      QVERIFY2(practice::possible(kind, material()), practice::name(kind));
      Drill drill(kind, Family::red, material(), 7);
      while (!drill.over()) {
        const practice::Task& t = drill.task();
        if (kind == Kind::mixing) {
          QVERIFY(drill.answer(std::vector<plan::Stroke>{{0, 1, plan::Technique::rubbed, false, 0}}) >= 0);
          continue;
        }
        QVERIFY(t.right >= 0 && t.right < t.answers);
        QVERIFY(t.masses.size() != 1);
        drill.answer(t.right);
      }
      const practice::Outcome o = drill.outcome();
      QCOMPARE(o.trials, practice::trials_of(kind));
      if (kind != Kind::mixing) QCOMPARE(o.right, 1.0);
    }
  }

  void surrounds_and_sides_come_equally_often() {
    std::map<double, int> surrounds;
    Drill values(Kind::value, Family::blue, material(), 3);
    for (int i = 0; i < 36; ++i) {
      ++surrounds[values.task().patches[0].surround];
      values.answer(values.task().right);
    }
    for (const auto& [surround, times] : surrounds) QCOMPARE(times, 12);
    int left = 0;
    Drill pairs(Kind::lighter, Family::red, material(), 3);
    for (int i = 0; i < 36; ++i) {
      left += pairs.task().patches[0].lab.a > 5 ? 1 : 0;
      pairs.answer(0);
    }
    QCOMPARE(left, 18);
  }

  // An eye that sees reds 0.6 steps too light, through the drill itself.
  void a_known_eye_is_found() {
    Random random(9);
    double off = 0;
    constexpr int kEyes = 8;
    for (int n = 0; n < kEyes; ++n) {
      Drill drill(Kind::lighter, Family::red, material(), 100 + static_cast<std::uint64_t>(n));
      while (!drill.over()) {
        const practice::Task& t = drill.task();
        const auto seen = [&](const practice::Patch& p) {
          const double noise = 0.3 * (random.uniform() + random.uniform() + random.uniform() - 1.5);
          return colour::value_step(p.lab.l) + (p.lab.a > 5 ? 0.6 : 0) + noise;
        };
        drill.answer(seen(t.patches[0]) > seen(t.patches[1]) ? 0 : 1);
      }
      off += std::abs(drill.outcome().eye.bias - 0.6);
    }
    QVERIFY2(off / kEyes < 0.15, qPrintable(QString::number(off / kEyes)));
  }

  // What stands to choose from is as far from the answer as is said.
  void choices_are_as_far_off_as_is_told() {
    Drill drill(Kind::mixture, Family::grey, material(), 5);
    for (int i = 0; i < 12; ++i) {
      const practice::Task t = drill.task();
      QCOMPARE(t.choices.size(), std::size_t{4});
      for (int c = 0; c < 4; ++c) {
        const double d =
            colour::ciede2000(t.choices[static_cast<std::size_t>(c)], t.choices[static_cast<std::size_t>(t.right)]);
        if (c != t.right)
          QVERIFY2(std::abs(d - t.difference) < 0.3 * t.difference + 0.2, qPrintable(QString::number(d)));
      }
      drill.answer(i % 4);
    }
    Drill nearest(Kind::nearest, Family::grey, material(), 5);
    for (int i = 0; i < 12; ++i) {
      const practice::Task t = nearest.task();
      int best = 0;
      for (int c = 1; c < static_cast<int>(t.choices.size()); ++c) {
        const auto de = [&](int k) {
          return colour::ciede2000(t.choices[static_cast<std::size_t>(k)], t.patches[0].lab);
        };
        if (de(c) < de(best)) best = c;
      }
      QCOMPARE(best, t.right);
      nearest.answer(t.right);
    }
  }

  void the_same_seed_asks_the_same() {
    Drill p(Kind::warmer, Family::green, material(), 12);
    Drill q(Kind::warmer, Family::green, material(), 12);
    for (int i = 0; i < 10; ++i) {
      QCOMPARE(p.task().patches[0].lab, q.task().patches[0].lab);
      p.answer(i % 2);
      q.answer(i % 2);
    }
  }

  // Right is the one nearest in value; every place has its turn; differences shrink for an eye that is always right.
  void what_runs_together_is_nearest_in_value() {
    const practice::Material all = material();
    Drill together(Kind::together, Family::grey, all, 4);
    std::array<int, 4> turns{};
    double first = 0;
    double last = 0;
    while (!together.over()) {
      const practice::Task& t = together.task();
      QCOMPARE(t.masses.size(), std::size_t{5});
      QCOMPARE(std::set<int>(t.masses.begin(), t.masses.end()).size(), std::size_t{5});
      const auto apart = [&](int i) {
        const auto value = [&](int place) {
          return all.masses[static_cast<std::size_t>(t.masses[static_cast<std::size_t>(place)])].value;
        };
        return std::abs(value(i + 1) - value(0));
      };
      for (int i = 0; i < t.answers; ++i) {
        if (i != t.right) QVERIFY(apart(i) >= apart(t.right) + t.difference - 1e-9);
      }
      ++turns[static_cast<std::size_t>(t.right)];
      (together.asked() < practice::trials_of(Kind::together) / 2 ? first : last) += t.difference;
      together.answer(t.right);
    }
    for (const int n : turns) QVERIFY(n >= practice::trials_of(Kind::together) / 4 - 1);
    QVERIFY2(last < first, qPrintable(QString("%1 %2").arg(last).arg(first)));
    QCOMPARE(together.outcome().right, 1.0);
  }

  void without_a_picture_or_sticks_some_drills_are_not_possible() {
    practice::Material bare{{}, {}, trial::paper(), trial::parameters()};
    QVERIFY(practice::possible(Kind::value, bare));
    for (const Kind kind :
         {Kind::mixture, Kind::nearest, Kind::masses, Kind::together, Kind::wrong_place, Kind::mixing})
      QVERIFY(!practice::possible(kind, bare));
  }
};

QTEST_GUILESS_MAIN(TestDrill)
#include "test_drill.moc"
