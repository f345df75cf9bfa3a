// SPDX-License-Identifier: MIT
// Offcut strokes by a hand and sticks that are not what they were taken for: how much better the next ones are
// predicted.
#include <gsl/gsl_multimin.h>

#include <QTest>
#include <cmath>

#include "calibrate/calibrate.h"
#include "colour/ciede2000.h"
#include "small_world.h"
#include "standin/colorimeter.h"
#include "support/random.h"

using namespace yd;
using calibrate::OffcutStroke;
using calibrate::Reading;

namespace {

const optics::Parameters& model() { return trial::parameters(); }

/// Twelve sticks, dark to light, of all hues.
std::vector<int> tray() {
  std::vector<int> out;
  for (int i = 0; i < 12; ++i) out.push_back(4 + 18 * i);
  return out;
}

/// The artist as he is: presses at 0.7 of what is asked, and every masstone 6 CIE 1976 off in a direction of its own.
struct Artist {
  media::Collection collection = trial::shipped_collection();
  optics::Parameters parameters = model();

  explicit Artist(std::uint64_t seed, double pressure = 0.7, double masstone = 6) {
    Random random(seed);
    for (const int s : tray()) {
      media::Stick& stick = collection.sticks[static_cast<std::size_t>(s)];
      colour::Lab way{random.uniform(-1, 1), random.uniform(-1, 1), random.uniform(-1, 1)};
      const double length = std::hypot(way.l, way.a, way.b);
      const double by = masstone / length;
      stick = calibrate::with_masstone(
          stick, {std::clamp(stick.lab.l + by * way.l, 5.0, 96.0), stick.lab.a + by * way.a, stick.lab.b + by * way.b});
    }
    parameters.hand = {pressure, pressure};
  }
  colour::Lab lays(const OffcutStroke& s) const { return predicted(s, collection, parameters); }
  static colour::Lab predicted(const OffcutStroke& s, const media::Collection& c, const optics::Parameters& p) {
    return plan::evaluate(trial::paper().ground, p, c.sticks, {{s.stick, s.pressure, s.technique, false, 0}}, {})
        .look.lab;
  }
};

/// `unsteady`: from stroke to stroke, a share of the pressure either way.
std::vector<Reading> readings_of(const Artist& artist, int count, std::uint64_t seed, double unsteady = 0.15) {
  standin::Colorimeter instrument(0.3, seed);
  Random random(seed + 100);
  std::vector<Reading> out;
  for (const OffcutStroke& s : calibrate::offcut_strokes(tray(), count)) {
    OffcutStroke laid = s;
    laid.pressure = std::clamp(s.pressure * (1 + unsteady * random.uniform(-1.7, 1.7)), 0.02, 1.0);
    out.push_back({s, instrument.measure(artist.lays(laid))});
  }
  return out;
}

/// Mean CIEDE2000 over strokes of the tray that were not on the offcut.
double off(const Artist& artist, const media::Collection& c, const optics::Parameters& p) {
  double sum = 0;
  int n = 0;
  for (const int s : tray()) {
    for (const double pressure : {0.2, 0.45, 0.8}) {
      for (const plan::Technique t : plan::kAllTechniques) {
        const OffcutStroke stroke{s, pressure, t};
        sum += colour::ciede2000(Artist::predicted(stroke, c, p), artist.lays(stroke));
        ++n;
      }
    }
  }
  return sum / n;
}

calibrate::Calibration fitted(std::span<const Reading> readings) {
  Observer observer;
  return calibrate::calibrate(readings, trial::paper(), trial::shipped_collection(), model(), observer).value();
}

}  // namespace

class TestCalibrate : public QObject {
  Q_OBJECT
 private slots:
  // 36 CIEDE2000 were left on what was held out, without a word.
  void readings_that_no_hand_explains_are_told() {
    Observer observer;
    const auto found = [&](const std::vector<Reading>& readings) {
      return calibrate::calibrate(readings, trial::paper(), trial::shipped_collection(), model(), observer).value();
    };
    std::vector<Reading> readings = readings_of(Artist(5), 24, 5);
    QVERIFY(!calibrate::contradictory(found(readings)));
    // Shuffled among the strokes, and all black: neither is a hand.
    std::vector<Reading> shuffled = readings;
    for (std::size_t i = 0; i < shuffled.size(); ++i) shuffled[i].lab = readings[(i * 7 + 5) % readings.size()].lab;
    QVERIFY(calibrate::contradictory(found(shuffled)));
    for (Reading& r : readings) r.lab = {0, 0, 0};
    QVERIFY(calibrate::contradictory(found(readings)));
    // Too few to leave any out say it as well.
    readings.resize(5);
    QVERIFY(calibrate::contradictory(found(readings)));
  }

  // Strokes that were laid again weigh as often as they were measured.
  void repeated_strokes_are_as_good_as_apart() {
    Observer observer;
    const auto found = [&](const std::vector<Reading>& readings) {
      return calibrate::calibrate(readings, trial::paper(), trial::shipped_collection(), model(), observer).value();
    };
    const std::vector<Reading> once = readings_of(Artist(6), 24, 6);
    std::vector<Reading> twice;
    for (int n = 0; n < 20; ++n) twice.insert(twice.end(), once.begin(), once.end());  // more than kMany
    const auto p = found(once);
    const auto q = found(twice);
    QCOMPARE(q.readings, 480);
    // With twenty times the weight the readings are met closer, never worse.
    QVERIFY2(q.left_de00 <= p.left_de00 + 0.3, qPrintable(QString("%1 %2").arg(p.left_de00).arg(q.left_de00)));
    QVERIFY(std::abs(q.hand.firm - p.hand.firm) < 0.1);
  }

  void strokes_are_predicted_better_by_36_and_by_12_offcuts() {
    double before = 0;
    double with_36 = 0;
    double with_12 = 0;
    constexpr int kArtists = 3;
    for (std::uint64_t seed = 1; seed <= kArtists; ++seed) {
      const Artist artist(seed);
      before += off(artist, trial::shipped_collection(), model()) / kArtists;
      for (const int count : {36, 12}) {
        const auto c = fitted(readings_of(artist, count, seed));
        const double after =
            off(artist, calibrate::calibrated(trial::shipped_collection(), c), calibrate::calibrated(model(), c));
        (count == 36 ? with_36 : with_12) += after / kArtists;
      }
    }
    const QString figures = QString("before %1, 36: %2, 12: %3").arg(before).arg(with_36).arg(with_12);
    qInfo("%s", qPrintable(figures));
    QVERIFY2(before > 3, qPrintable(figures));
    QVERIFY2(with_36 < 1.5, qPrintable(figures));
    QVERIFY2(with_12 < 2.5, qPrintable(figures));
  }

  void the_hand_and_the_masstones_are_found() {
    const Artist artist(4);
    const auto c = fitted(readings_of(artist, 36, 4));
    QVERIFY2(std::abs(c.hand.light - 0.7) < 0.15 && std::abs(c.hand.firm - 0.7) < 0.15,
             qPrintable(QString("%1 %2").arg(c.hand.light).arg(c.hand.firm)));
    QCOMPARE(c.sticks.size(), std::size_t{12});
    double left = 0;
    for (const calibrate::StickFound& f : c.sticks) {
      left += colour::ciede2000(f.lab, artist.collection.sticks[static_cast<std::size_t>(f.stick)].lab) / 12;
      QVERIFY(f.uncertain > 0 && f.uncertain < 6);
      QVERIFY(f.moved_de00 > 0);
    }
    QVERIFY2(left < 2, qPrintable(QString::number(left)));
    // Said on readings that were left out: better than before.
    QVERIFY(c.after_de00 >= 0 && c.after_de00 < 0.6 * c.before_de00);
  }

  // An artist who is as the program thinks is not made another one by the scatter of readings.
  void what_is_right_stays_right() {
    const Artist artist(5, 1.0, 0);
    const auto c = fitted(readings_of(artist, 36, 5));
    QVERIFY(std::abs(c.hand.light - 1) < 0.08 && std::abs(c.hand.firm - 1) < 0.08);
    double moved = 0;
    for (const calibrate::StickFound& f : c.sticks) moved += f.moved_de00 / static_cast<double>(c.sticks.size());
    QVERIFY2(moved < 0.8, qPrintable(QString::number(moved)));
  }

  void what_was_not_tested_does_not_drift() {
    const Artist artist(6);
    const auto all = readings_of(artist, 36, 6);
    std::vector<Reading> some;
    for (const Reading& r : all) {
      if (r.stroke.stick == tray()[0] || r.stroke.stick == tray()[5]) some.push_back(r);
    }
    const auto c = fitted(some);
    QCOMPARE(c.sticks.size(), std::size_t{2});
    const media::Collection now = calibrate::calibrated(trial::shipped_collection(), c);
    for (std::size_t i = 0; i < now.sticks.size(); ++i) {
      const bool tested = static_cast<int>(i) == tray()[0] || static_cast<int>(i) == tray()[5];
      QVERIFY(tested || now.sticks[i].lab == trial::shipped_collection().sticks[i].lab);
    }
    QCOMPARE(c.after_de00, -1.0);  // too few to leave any out
  }

  // The more strokes of a stick, the less is left uncertain.
  void more_readings_leave_less_uncertain() {
    const Artist artist(7);
    const auto mean = [](const calibrate::Calibration& c) {
      double sum = 0;
      for (const calibrate::StickFound& f : c.sticks) sum += f.uncertain / static_cast<double>(c.sticks.size());
      return sum;
    };
    QVERIFY(mean(fitted(readings_of(artist, 48, 7))) < mean(fitted(readings_of(artist, 12, 7))));
  }

  // Outside check: the hand alone, by GSL's simplex (J. Nelder, R. Mead 1965) on the same readings.
  void the_hand_agrees_with_another_minimiser() {
    const Artist artist(8, 0.7, 0);
    const auto readings = readings_of(artist, 36, 8);
    struct Problem {
      const std::vector<Reading>* readings;
    } problem{&readings};
    gsl_multimin_function f;
    f.n = 2;
    f.params = &problem;
    f.f = [](const gsl_vector* x, void* p) {
      optics::Parameters parameters = model();
      parameters.hand = {gsl_vector_get(x, 0), gsl_vector_get(x, 1)};
      double sum = 0;
      for (const Reading& r : *static_cast<Problem*>(p)->readings) {
        const colour::Lab is = Artist::predicted(r.stroke, trial::shipped_collection(), parameters);
        sum += std::pow(colour::distance_1976(is, r.lab), 2);
      }
      return sum;
    };
    gsl_vector* x = gsl_vector_alloc(2);
    gsl_vector* step = gsl_vector_alloc(2);
    gsl_vector_set_all(x, 1);
    gsl_vector_set_all(step, 0.1);
    gsl_multimin_fminimizer* m = gsl_multimin_fminimizer_alloc(gsl_multimin_fminimizer_nmsimplex2, 2);
    gsl_multimin_fminimizer_set(m, &f, x, step);
    for (int i = 0; i < 80 && gsl_multimin_fminimizer_size(m) > 1e-3; ++i) gsl_multimin_fminimizer_iterate(m);
    const double light = gsl_vector_get(m->x, 0);
    const double firm = gsl_vector_get(m->x, 1);
    gsl_multimin_fminimizer_free(m);
    gsl_vector_free(x);
    gsl_vector_free(step);
    const auto c = fitted(readings);
    const QString figures = QString("%1 %2 against %3 %4").arg(c.hand.light).arg(c.hand.firm).arg(light).arg(firm);
    QVERIFY2(std::abs(c.hand.light - light) < 0.06 && std::abs(c.hand.firm - firm) < 0.06, qPrintable(figures));
  }

  void bad_readings_are_named() {
    Observer observer;
    const auto error = [&](const std::vector<Reading>& readings) {
      const auto r = calibrate::calibrate(readings, trial::paper(), trial::shipped_collection(), model(), observer);
      return r.ok() ? std::string() : r.error().where;
    };
    const Reading good{{3, 1, plan::Technique::laid}, {50, 0, 0}};
    QCOMPARE(error({good}), std::string("readings"));
    QCOMPARE(error({good, good, {{9999, 1, plan::Technique::laid}, {50, 0, 0}}}), std::string("reading 3"));
    QCOMPARE(error({good, {{3, 0, plan::Technique::laid}, {50, 0, 0}}, good}), std::string("reading 2"));
    QCOMPARE(error({{{3, 1, plan::Technique::laid}, {std::nan(""), 0, 0}}, good, good}), std::string("reading 1"));
  }

  void sheets_hold_as_many_as_asked_for() {
    QCOMPARE(calibrate::offcut_strokes(tray(), 36).size(), std::size_t{36});
    QCOMPARE(calibrate::offcut_strokes(tray(), 12).size(), std::size_t{12});
    QCOMPARE(calibrate::offcut_strokes(tray(), 1000).size(), std::size_t{72});  // every way of every stick
    QVERIFY(calibrate::offcut_strokes({}, 12).empty());
    std::set<int> sticks;
    for (const OffcutStroke& s : calibrate::offcut_strokes(tray(), 12)) sticks.insert(s.stick);
    QCOMPARE(sticks.size(), std::size_t{12});
  }

  // The same masstone moved there and back.
  void a_masstone_is_moved_to_its_colour() {
    const media::Stick& stick = trial::shipped_collection().sticks[30];
    const colour::Lab to{stick.lab.l + 4, stick.lab.a - 5, stick.lab.b + 3};
    QVERIFY(colour::ciede2000(calibrate::with_masstone(stick, to).lab, to) < 1.5);
    QVERIFY(colour::ciede2000(calibrate::with_masstone(stick, stick.lab).lab, stick.lab) < 0.01);
  }

  // Pressed at 0.7: the middle of the line; clamped at both ends.
  void a_hand_makes_of_a_pressure_what_it_does() {
    const optics::HandPressure hand{0.6, 0.8};
    QVERIFY(std::abs(hand.of(1) - 0.8) < 1e-12 && std::abs(hand.of(0.5) - 0.35) < 1e-12);
    QCOMPARE(hand.of(0), 0.0);
    QCOMPARE((optics::HandPressure{3, 2}.of(1)), 1.0);
    for (const double p : {0.1, 0.5, 1.0}) QCOMPARE(optics::HandPressure{}.of(p), p);
  }
};

QTEST_APPLESS_MAIN(TestCalibrate)
#include "test_calibrate.moc"
