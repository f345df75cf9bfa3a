// SPDX-License-Identifier: MIT
// Times of simulated artists: how much better the next ones are foretold, and that a forgotten clock does no harm.
#include <QTest>
#include <cmath>
#include <random>

#include "calibrate/pace.h"

using namespace yd;
using calibrate::TimedPass;

namespace {

/// An artist twice as slow as we guess, three times with a pencil.
std::vector<TimedPass> times(int n, unsigned seed, double scatter = 0.3) {
  std::mt19937 twister(seed);
  std::normal_distribution<double> normal;
  std::vector<TimedPass> out;
  for (int i = 0; i < n; ++i) {
    TimedPass t;
    t.medium = i % 3 == 0 ? optics::Medium::pencil : optics::Medium::soft;
    t.guessed_minutes = 2 + i % 7;
    t.real_minutes = t.guessed_minutes * (i % 3 == 0 ? 3 : 2) * std::exp(scatter * normal(twister));
    out.push_back(t);
  }
  return out;
}

double of(const calibrate::PaceFit& f, optics::Medium m) { return f.pace.of(m); }

}  // namespace

class TestPace : public QObject {
  Q_OBJECT
 private slots:
  void a_slow_artist_is_found() {
    const auto f = calibrate::fit_pace(times(40, 1));
    QVERIFY(std::abs(std::log(of(f, optics::Medium::soft) / 2)) < 0.2);
    QVERIFY(std::abs(std::log(of(f, optics::Medium::pencil) / 3)) < 0.25);
    QVERIFY2(f.off_before > 1.9 && f.off_after < 1.35,
             qPrintable(QString("%1 before, %2 after").arg(f.off_before).arg(f.off_after)));
    // What was never tried follows the rest.
    QVERIFY(f.pace.brush > 1.5 && f.pace.brush < 3.2);
  }

  void a_forgotten_clock_does_little_harm() {
    auto some = times(30, 2);
    const double before = of(calibrate::fit_pace(some), optics::Medium::soft);
    for (std::size_t i = 1; i < 12; i += 3) some[i].real_minutes = 170;
    const double after = of(calibrate::fit_pace(some), optics::Medium::soft);
    QVERIFY2(std::abs(std::log(after / before)) < 0.2, qPrintable(QString("%1, %2").arg(before).arg(after)));
    double mean = 0;
    int n = 0;
    for (const TimedPass& t : some) {
      if (t.medium != optics::Medium::soft) continue;
      mean += std::log(t.real_minutes / t.guessed_minutes);
      ++n;
    }
    // The plain mean would have been led astray.
    QVERIFY(std::exp(mean / n) > 1.2 * after);
  }

  void few_times_change_nothing() {
    const auto f = calibrate::fit_pace(times(calibrate::kFewestTimes - 1, 3));
    QCOMPARE(f.pace, plan::Pace{});
    QCOMPARE(f.off_after, f.off_before);
    QCOMPARE(calibrate::fit_pace({}).passes, 0);
  }

  // A hand changes: what was timed long ago counts no more, and a long life at the easel takes no longer to read.
  void only_the_last_times_count() {
    auto some = times(static_cast<int>(calibrate::kMostTimes), 5);
    const auto now = calibrate::fit_pace(some);
    for (int i = 0; i < 20000; ++i) some.push_back({optics::Medium::soft, 5, 1});
    const auto same = calibrate::fit_pace(some);
    QCOMPARE(same.passes, static_cast<int>(calibrate::kMostTimes));
    QCOMPARE(same.pace, now.pace);
  }

  void slips_are_not_counted() {
    auto some = times(20, 4);
    const auto clean = calibrate::fit_pace(some);
    some.push_back({optics::Medium::soft, 5, 0.01});
    some.push_back({optics::Medium::soft, 5, 700});
    some.push_back({optics::Medium::soft, 0, 5});
    const auto same = calibrate::fit_pace(some);
    QCOMPARE(same.passes, clean.passes);
    QCOMPARE(same.pace, clean.pace);
  }

  void minutes_follow_the_pace() {
    plan::Pass p;
    p.stick = 0;
    std::vector<media::Stick> sticks(1);
    sticks[0].medium = optics::Medium::soft;
    plan::Pace slow;
    for (const auto m : media::all_media()) slow.by_medium[m] = 2;
    const double usual = plan::minutes_for(p, 400, sticks);
    const double taken = plan::minutes_for(p, 400, sticks, slow);
    const double taking_up = plan::minutes_for(p, 0, sticks);
    QVERIFY(std::abs((taken - taking_up) - 2 * (usual - taking_up)) < 1e-9);
  }
};

QTEST_GUILESS_MAIN(TestPace)
#include "test_pace.moc"
