// SPDX-License-Identifier: MIT
// Smoothest reflectances: round trip, bounds, and refusal of colours no surface has.
#include <QTest>
#include <array>
#include <cmath>
#include <limits>

#include "colour/ciede2000.h"
#include "colour/observer.h"
#include "colour/profile.h"
#include "colour/smoothest.h"
#include "support/random.h"

using namespace yd::colour;

namespace {

using Curve = std::array<double, kBands>;

Curve arc_of(const Spectrum& s) {
  Curve z;
  for (std::size_t i = 0; i < z.size(); ++i) z[i] = std::atanh(2.0 * static_cast<double>(s[i]) - 1);
  return z;
}

double dot(const Curve& p, const Curve& q) {
  double sum = 0;
  for (std::size_t i = 0; i < p.size(); ++i) sum += p[i] * q[i];
  return sum;
}

double steepness(const Curve& z) {
  double sum = 0;
  for (std::size_t i = 1; i < z.size(); ++i) sum += (z[i] - z[i - 1]) * (z[i] - z[i - 1]);
  return sum;
}

/// How X, Y and Z hang on the curve, made orthonormal (Gram and Schmidt).
std::array<Curve, 3> pull_of(const Curve& z) {
  const Weights& w = weights(Illuminant::d50);
  std::array<Curve, 3> rows;
  for (std::size_t i = 0; i < z.size(); ++i) {
    const double bend = 1 - std::tanh(z[i]) * std::tanh(z[i]);
    rows[0][i] = bend * w.x[i];
    rows[1][i] = bend * w.y[i];
    rows[2][i] = bend * w.z[i];
  }
  for (std::size_t r = 0; r < rows.size(); ++r) {
    for (std::size_t q = 0; q < r; ++q) {
      const double along = dot(rows[r], rows[q]);
      for (std::size_t i = 0; i < z.size(); ++i) rows[r][i] -= along * rows[q][i];
    }
    const double length = std::sqrt(dot(rows[r], rows[r]));
    for (double& v : rows[r]) v /= length;
  }
  return rows;
}

}  // namespace

class TestSmoothest : public QObject {
  Q_OBJECT
 private slots:
  void screen_colours_come_back() {
    yd::Random random(7);
    int made = 0;
    double worst = 0;
    for (int i = 0; i < 1500; ++i) {
      const Rgb8 rgb{static_cast<std::uint8_t>(random.below(236) + 10),
                     static_cast<std::uint8_t>(random.below(236) + 10),
                     static_cast<std::uint8_t>(random.below(236) + 10)};
      const Lab lab = from_srgb(rgb);
      const auto s = smoothest_reflectance(lab);
      if (!s) continue;
      ++made;
      worst = std::max(worst, ciede2000(lab, to_lab(s.value())));
      for (const float r : s->band) QVERIFY(r > 0 && r < 1);
    }
    QVERIFY2(made > 1485, qPrintable(QString::number(made)));  // all but a few screen colours are surface colours
    QVERIFY2(worst < 0.01, qPrintable(QString::number(worst)));
  }

  // The sum of squared slopes of the hyperbolic arc tangent (Burns 2020, eq. 3) is a square form of the curve: it rises
  // both forwards and backwards only along a way on which it is level. Forty ways that leave the colour as it is, each.
  void nothing_smoother_has_the_colour() {
    yd::Random random(3);
    for (const Lab& lab : {Lab{50, 0, 0}, Lab{30, 20, -40}, Lab{85, -10, 70}, Lab{48, 60, 40}, Lab{12, 5, 5}}) {
      const Curve best = arc_of(smoothest_reflectance(lab).value());
      const auto rows = pull_of(best);
      for (int n = 0; n < 40; ++n) {
        Curve way;
        for (double& w : way) w = random.uniform(-1, 1);
        for (const Curve& row : rows) {  // orthonormal: what is left does not move the colour
          const double along = dot(way, row);
          for (std::size_t i = 0; i < way.size(); ++i) way[i] -= along * row[i];
        }
        for (const double step : {1e-3, -1e-3}) {
          Curve moved = best;
          for (std::size_t i = 0; i < way.size(); ++i) moved[i] += step * way[i];
          QVERIFY2(steepness(moved) > steepness(best), qPrintable(QString::number(lab.l)));
        }
      }
    }
  }

  void a_grey_is_flat() {
    const auto s = smoothest_reflectance({50, 0, 0});
    QVERIFY(s.ok());
    for (const float r : s->band) QVERIFY(std::abs(r - s->band[0]) < 1e-4F);
  }

  void black_and_white_are_the_limits() {
    QCOMPARE(smoothest_reflectance({100, 0, 0}).value()[7], 1.0F);
    QCOMPARE(smoothest_reflectance({0, 0, 0}).value()[7], 0.0F);
  }

  void impossible_colours_are_refused() {
    for (const Lab& lab : {Lab{50, 120, -120}, Lab{0, 5, 0}, Lab{101, 0, 0}, Lab{98, 60, 60},
                           Lab{std::numeric_limits<double>::quiet_NaN(), 0, 0}}) {
      const auto s = smoothest_reflectance(lab);
      QVERIFY(!s.ok());
      QCOMPARE(QString::fromStdString(s.error().where), QString("lab"));
    }
  }

  void the_nearest_keeps_lightness_and_hue() {
    double kept = 0;
    const Spectrum s = nearest_reflectance({60, 110, 60}, &kept);
    QVERIFY(kept > 0.3 && kept < 1);
    const Lch lch = to_lch(to_lab(s));
    QVERIFY(std::abs(lch.l - 60) < 0.2);
    QVERIFY(std::abs(lch.h - to_lch(Lab{60, 110, 60}).h) < 1);
  }
};

QTEST_APPLESS_MAIN(TestSmoothest)
#include "test_smoothest.moc"
