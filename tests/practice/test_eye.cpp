// SPDX-License-Identifier: MIT
// Simulated observers with known bias and threshold: what is found of them, after how many answers.
#include <QTest>
#include <cmath>
#include <random>

#include "practice/eye.h"
#include "support/random.h"

using namespace yd;
using practice::Eye;
using practice::Finder;

namespace {

double below(double z) { return 0.5 * std::erfc(-z / std::sqrt(2.0)); }

std::vector<double> asked() {
  std::vector<double> out;
  for (int i = -12; i <= 12; ++i) out.push_back(i * 0.25);
  return out;
}

/// An observer who says of two things which is more, with slips as a hand makes them.
Eye after(int trials, double bias, double spread, Random& random) {
  Eye eye;
  for (int i = 0; i < trials; ++i) {
    const double x = eye.worth_asking(asked());
    bool more = random.uniform() < below((x + bias) / spread);
    if (random.uniform() < practice::kLapse) more = random.below(2) == 0;
    eye.says_more(x, more);
  }
  return eye;
}

}  // namespace

class TestEye : public QObject {
  Q_OBJECT
 private slots:
  // Within a quarter of a step after forty answers, for eyes as they are (spread 0.2 to 0.6). Not all can be: an eye
  // with a spread of 0.6 leaves 0.6 * 1.25 / sqrt(40) = 0.12 of standard deviation in the bias, whoever asks.
  void bias_and_threshold_are_found_in_forty_answers() {
    Random random(11);
    int observers = 0;
    int found = 0;
    double bias_off = 0;
    double spread_off = 0;
    for (const double bias : {-0.8, -0.4, 0.0, 0.3, 0.7}) {
      for (const double spread : {0.2, 0.4, 0.6}) {
        for (int n = 0; n < 4; ++n) {
          const practice::Estimate e = after(40, bias, spread, random).estimate();
          ++observers;
          bias_off += std::abs(e.bias - bias);
          spread_off += std::abs(e.threshold - spread);
          found += std::abs(e.bias - bias) <= 0.25 && std::abs(e.threshold - spread) <= 0.25 ? 1 : 0;
        }
      }
    }
    qInfo("%d of %d within 0.25; mean off %.3f in bias, %.3f in threshold", found, observers, bias_off / observers,
          spread_off / observers);
    QVERIFY(found >= observers * 17 / 20);
    QVERIFY(bias_off / observers < 0.12);
    QVERIFY(spread_off / observers < 0.12);
  }

  // The uncertainty that is told is the one there is: about two thirds lie within one standard deviation.
  void doubt_is_told_as_it_is() {
    Random random(5);
    int within = 0;
    constexpr int kObservers = 60;
    for (int n = 0; n < kObservers; ++n) {
      const double bias = random.uniform(-0.8, 0.8);
      const practice::Estimate e = after(40, bias, 0.4, random).estimate();
      within += std::abs(e.bias - bias) < e.bias_sd ? 1 : 0;
    }
    QVERIFY2(within > kObservers / 2 && within < kObservers * 9 / 10, qPrintable(QString::number(within)));
  }

  // Asking what is worth asking beats asking at random: less doubt after as many answers.
  void chosen_questions_beat_random_ones() {
    Random random(8);
    double chosen = 0;
    double anyhow = 0;
    for (int n = 0; n < 20; ++n) {
      chosen += after(25, 0.5, 0.3, random).estimate().bias_sd;
      Eye eye;
      for (int i = 0; i < 25; ++i) {
        const double x = asked()[random.below(asked().size())];
        eye.says_more(x, random.uniform() < below((x + 0.5) / 0.3));
      }
      anyhow += eye.estimate().bias_sd;
    }
    QVERIFY2(chosen < 0.8 * anyhow, qPrintable(QString("%1 against %2").arg(chosen).arg(anyhow)));
  }

  void naming_steps_finds_the_bias_too() {
    Random random(21);
    std::mt19937 twister(4);
    std::normal_distribution<double> normal;
    double off = 0;
    constexpr int kObservers = 20;
    for (int n = 0; n < kObservers; ++n) {
      const double bias = random.uniform(-0.9, 0.9);
      Eye eye;
      for (int i = 0; i < 40; ++i) {
        const double value = random.uniform(1.5, 8.5);
        const int answer = std::clamp(static_cast<int>(std::lround(value + bias + 0.45 * normal(twister))), 1, 9);
        eye.names(value, answer, 1, 9);
      }
      off += std::abs(eye.estimate().bias - bias);
    }
    QVERIFY2(off / kObservers < 0.12, qPrintable(QString::number(off / kObservers)));
  }

  // QUEST by its own rule: a simulated observer of Weibull's curve is found within a quarter of the threshold.
  void the_finder_finds_a_threshold() {
    Random random(3);
    double off = 0;
    int observers = 0;
    for (const double threshold : {1.5, 4.0, 10.0}) {
      for (int n = 0; n < 8; ++n, ++observers) {
        Finder finder(4, 0.5, 30);
        for (int i = 0; i < 40; ++i) {
          const double d = finder.next();
          const double p = 0.25 + (0.75 - practice::kLapse) * (1 - std::exp(-std::pow(d / threshold, 2.5)));
          finder.answered(d, random.uniform() < p);
        }
        off += std::abs(std::log(finder.estimate().threshold / threshold));
      }
    }
    QVERIFY2(off / observers < std::log(1.25), qPrintable(QString::number(off / observers)));
  }
};

QTEST_GUILESS_MAIN(TestEye)
#include "test_eye.moc"
