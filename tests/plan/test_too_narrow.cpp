// SPDX-License-Identifier: MIT
// What is finer than the hand, on pictures whose lines are as wide as they were drawn.
#include <QTest>
#include <algorithm>
#include <cmath>

#include "marks/too_narrow.h"

using namespace yd;

namespace {

constexpr int kWide = 1600, kHigh = 1200;  // 4 pixels to a millimetre on 40 cm
constexpr double kPoint_mm = 0.9;          // of a pencil

/// One mass, flat, L* 60.
subject::Subject flat() {
  subject::Subject s;
  s.image = subject::LabImage(kWide, kHigh);
  for (colour::LabPixel& p : s.image.data) p = {60, 0, 0};
  s.labels = subject::LabelImage(kWide / 4, kHigh / 4, 0);
  s.masses.resize(1);
  return s;
}

void bar(subject::Subject& s, int x, int y, int w, int h, float l) {
  for (int v = y; v < y + h; ++v)
    for (int u = x; u < x + w; ++u) s.image.at(u, v).l = l;
}

}  // namespace

class TestTooNarrow : public QObject {
  Q_OBJECT
 private slots:
  void a_flat_picture_has_none() {
    const plan::TooNarrow found = plan::too_narrow(flat(), 40, kPoint_mm);
    QCOMPARE(found.count, 0);
    QCOMPARE(found.from_cm, 0.0);
  }

  void a_line_is_found_with_its_width_and_length() {
    subject::Subject s = flat();
    bar(s, 200, 300, 2, 400, 20);    // half a millimetre, dark
    bar(s, 800, 300, 2, 400, 95);    // the same, light
    bar(s, 1200, 300, 40, 400, 20);  // a centimetre: a stick does that
    const plan::TooNarrow found = plan::too_narrow(s, 40, kPoint_mm);
    QCOMPARE(found.count, 2);
    QCOMPARE(std::count_if(found.first.begin(), found.first.end(), [](const auto& f) { return f.lighter; }), 1);
    for (const plan::NarrowFeature& f : found.first) {
      QVERIFY(std::abs(f.width_mm - 0.5) < 0.05);
      QVERIFY(std::abs(f.length_mm - 100) < 3);
      QVERIFY(std::abs(f.contrast - (f.lighter ? 35 : 40)) < 1);
      QVERIFY(std::abs((f.y0 + f.y1) / 2 - 500.0 / kHigh) < 0.01);
      // A sheet 0.9 / 0.5 times as large makes it as wide as the point.
      QVERIFY(std::abs(f.from_cm - 72) < 6);
    }
  }

  void on_the_size_that_is_named_it_can_be_said() {
    subject::Subject s = flat();
    bar(s, 200, 300, 2, 400, 20);
    const plan::TooNarrow small = plan::too_narrow(s, 40, kPoint_mm);
    QCOMPARE(plan::too_narrow(s, small.from_cm, kPoint_mm).count, 0);
    QCOMPARE(plan::too_narrow(s, 0.7 * small.from_cm, kPoint_mm).count, 1);
  }

  void a_larger_sheet_and_a_finer_point_never_leave_out_more() {
    subject::Subject s = flat();
    for (int i = 0; i < 12; ++i) bar(s, 80 + 110 * i, 100 + 30 * i, 1 + i / 2, 300, i % 2 == 0 ? 25 : 90);
    int last = 1000;
    for (const double cm : {20.0, 30.0, 40.0, 60.0, 80.0, 120.0}) {
      const int count = plan::too_narrow(s, cm, kPoint_mm).count;
      QVERIFY(count <= last);
      last = count;
    }
    QVERIFY(plan::too_narrow(s, 30, 0.4).count <= plan::too_narrow(s, 30, kPoint_mm).count);
    QVERIFY(plan::too_narrow(s, 30, kPoint_mm).count <= plan::too_narrow(s, 30, 3).count);
    QCOMPARE(plan::too_narrow(s, 20, 3, 5).first.size(), std::size_t{5});
  }

  void what_nobody_sees_does_not_count() {
    subject::Subject s = flat();
    bar(s, 200, 300, 2, 400, 55);  // 5 L* off
    bar(s, 400, 300, 1, 1, 95);    // a grain
    QCOMPARE(plan::too_narrow(s, 40, kPoint_mm).count, 0);
  }
};

QTEST_APPLESS_MAIN(TestTooNarrow)
#include "test_too_narrow.moc"
