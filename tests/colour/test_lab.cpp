// SPDX-License-Identifier: MIT
// Lab against Little CMS, Munsell value against ASTM D1535 and the renotation data.
#include <lcms2.h>

#include <QTest>
#include <algorithm>
#include <cmath>
#include <fstream>
#include <sstream>
#include <string>
#include <vector>

#include "colour/lab.h"
#include "colour/light.h"
#include "support/random.h"

using namespace yd::colour;

class TestLab : public QObject {
  Q_OBJECT
 private slots:
  void agrees_with_little_cms() {
    yd::Random random(1);
    const cmsCIEXYZ white{0.9642, 1.0, 0.8249};
    double worst = 0;
    for (int i = 0; i < 5000; ++i) {
      const cmsCIEXYZ c{random.uniform(0, 0.96), random.uniform(0, 1), random.uniform(0, 0.82)};
      cmsCIELab theirs;
      cmsXYZ2Lab(&white, &theirs, &c);
      const Lab ours = to_lab(Xyz{c.X, c.Y, c.Z}, Xyz{white.X, white.Y, white.Z});
      worst = std::max({worst, std::abs(ours.l - theirs.L), std::abs(ours.a - theirs.a), std::abs(ours.b - theirs.b)});
    }
    QVERIFY2(worst < 1e-3, qPrintable(QString::number(worst)));
  }

  void goes_there_and_back() {
    yd::Random random(2);
    const Xyz white{96.42, 100, 82.49};
    for (int i = 0; i < 5000; ++i) {
      const Lab lab{random.uniform(0, 100), random.uniform(-80, 80), random.uniform(-80, 80)};
      const Lab back = to_lab(to_xyz(lab, white), white);
      QVERIFY(distance_1976(lab, back) < 1e-9);
      QVERIFY(distance_1976(lab, to_lab(to_lch(lab))) < 1e-9);
    }
  }

  void white_and_black_are_the_ends() {
    const Xyz white{96.42, 100, 82.49};
    QVERIFY(distance_1976(to_lab(white, white), {100, 0, 0}) < 1e-12);
    QVERIFY(distance_1976(to_lab(Xyz{0, 0, 0}, white), {0, 0, 0}) < 1e-12);
  }

  // ASTM D1535, the quintic's own anchor: value 5 has Y = 19.27 relative to the perfect diffuser
  // (19.77 relative to magnesium oxide, times 0.975).
  void munsell_value_has_its_anchors() {
    QCOMPARE(std::round(munsell_value(19.27) * 100) / 100, 5.0);
    QVERIFY(std::abs(munsell_value(0)) < 1e-6);
    QVERIFY(std::abs(munsell_value(100.0) - 10.0) < 1e-3);  // ASTM D1535: value 10 has Y = 100
  }

  // Newhall, Nickerson, Judd (1943), as carried by Debian's r-cran-munsell; Y relative to MgO.
  void munsell_value_fits_the_renotation() {
    std::ifstream in(YD_TEST_DATA "/published/munsell_real.dat");
    std::string line;
    std::getline(in, line);
    int rows = 0;
    double worst = 0;
    while (std::getline(in, line)) {
      std::istringstream s(line);
      std::string hue;
      double v = 0;
      double c = 0;
      double x = 0;
      double y = 0;
      double big_y = 0;
      if (!(s >> hue >> v >> c >> x >> y >> big_y)) continue;
      worst = std::max(worst, std::abs(munsell_value(big_y * 0.975) - v));
      ++rows;
    }
    QVERIFY(rows > 2700);
    QVERIFY2(worst < 0.005, qPrintable(QString::number(worst)));
  }

  void hues_are_apart_by_the_shorter_way_round() {
    QCOMPARE(hue_apart_deg(350, 10), 20.0);
    QCOMPARE(hue_apart_deg(10, 350), 20.0);
    QCOMPARE(hue_apart_deg(90, 270), 180.0);
    QCOMPARE(hue_apart_deg(30, 750), 0.0);
    for (double h = -720; h < 720; h += 7.5) QVERIFY(hue_apart_deg(h, 33) >= 0 && hue_apart_deg(h, 33) <= 180);
  }

  void value_steps_run_from_one_to_nine() {
    QCOMPARE(value_step(0), 1.0);
    QCOMPARE(value_step(50), 5.0);
    QCOMPARE(value_step(100), 9.0);
  }

  // IEC 61966-2-1:1999, the transfer function of sRGB, rounded to the nearest of 255 levels.
  void light_is_written_as_the_standard_says() {
    const auto standard = [](double v) {
      const double c = v <= 0.0031308 ? 12.92 * v : 1.055 * std::pow(v, 1 / 2.4) - 0.055;
      return 255 * c;
    };
    for (int i = 0; i <= 100'000; ++i) {
      const double light = i / 100'000.0;
      QVERIFY2(std::abs(level_of_light(light) - standard(light)) < 0.51, qPrintable(QString::number(light)));
    }
    for (int level = 0; level < 256; ++level) {
      const auto l = static_cast<std::uint8_t>(level);
      QCOMPARE(level_of_light(static_cast<double>(light_of_level(l))), l);
    }
    QCOMPARE(int{level_of_light(-0.2)}, 0);
    QCOMPARE(int{level_of_light(1.7)}, 255);
  }
};

QTEST_APPLESS_MAIN(TestLab)
#include "test_lab.moc"
