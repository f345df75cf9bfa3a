// SPDX-License-Identifier: MIT
// CIECAM02 against published worked examples, and simultaneous contrast.
#include <QTest>
#include <cmath>

#include "colour/appearance.h"

using namespace yd::colour;

class TestAppearance : public QObject {
  Q_OBJECT
 private slots:
  // CIE 159:2004, section 9, and the spreadsheet to M. D. Fairchild, "Color Appearance Models", as packaged in Debian
  // python3-colorspacious (MIT), gold_values.py.
  void meets_the_worked_examples() {
    const struct {
      Xyz xyz, white;
      double la, yb, j, c, h;
    } rows[] = {{{19.31, 23.93, 10.14}, {98.88, 90, 32.03}, 200, 18, 48.0314, 38.7789, 191.0452},
                {{19.31, 23.93, 10.14}, {98.88, 90, 32.03}, 20, 18, 47.6856, 36.0527, 185.3445},
                {{19.01, 20.00, 21.78}, {95.05, 100, 108.88}, 318.30988618379, 20, 41.73109, 0.10471, 219.04841},
                {{57.06, 43.06, 31.96}, {95.05, 100, 108.88}, 31.830988618379, 20, 65.95523, 48.57050, 19.55739}};
    for (const auto& r : rows) {
      const Appearance a = appearance(r.xyz, {r.white, r.yb, r.la});
      QVERIFY2(std::abs(a.j - r.j) < 0.02 && std::abs(a.c - r.c) < 0.05 && std::abs(a.h - r.h) < 0.5,
               qPrintable(QString("%1 %2 %3").arg(a.j).arg(a.c).arg(a.h)));
    }
  }

  // Fact 17, simultaneous contrast; CIE 159:2004: lightness J falls as the background's luminance factor rises.
  void a_colour_seems_lighter_on_dark() {
    for (const Lab& c : {Lab{50, 0, 0}, Lab{60, 20, 30}, Lab{40, -10, -30}}) {
      const Lab on_dark = seems_on(c, {20, 0, 0});
      const Lab on_light = seems_on(c, {90, 0, 0});
      QVERIFY2(on_dark.l > on_light.l + 3, qPrintable(QString("%1 %2").arg(on_dark.l).arg(on_light.l)));
    }
  }

  void on_middle_grey_it_is_itself() {
    const Lab middle = to_lab(Xyz{0.2 * 96.42, 20, 0.2 * 82.49}, Xyz{96.42, 100, 82.49});
    const Lab c{55, 18, -22};
    const Lab seen = seems_on(c, middle);
    QVERIFY(distance_1976(seen, c) < 0.2);
  }
};

QTEST_APPLESS_MAIN(TestAppearance)
#include "test_appearance.moc"
