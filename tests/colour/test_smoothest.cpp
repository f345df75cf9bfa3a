// SPDX-License-Identifier: MIT
// Smoothest reflectances: round trip, bounds, and refusal of colours no surface has.
#include <QTest>
#include <cmath>
#include <limits>

#include "colour/ciede2000.h"
#include "colour/observer.h"
#include "colour/profile.h"
#include "colour/smoothest.h"
#include "support/random.h"

using namespace yd::colour;

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
