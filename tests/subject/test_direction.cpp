// SPDX-License-Identifier: MIT
// Direction of texture on stripes that are known, and outlines against the pixels they enclose.
#include <QTest>
#include <cmath>
#include <numbers>

#include "subject/direction.h"
#include "subject/outline.h"

using namespace yd;

namespace {

subject::LabImage stripes(double angle_deg) {
  subject::LabImage image(120, 120);
  const double a = angle_deg * std::numbers::pi / 180;
  for (int y = 0; y < 120; ++y) {
    for (int x = 0; x < 120; ++x) {
      // Across the stripes; y points down in pictures.
      const double across = x * std::sin(a) + y * std::cos(a);
      image.at(x, y) = {static_cast<float>(50 + 20 * std::sin(across / 2)), 0, 0};
    }
  }
  return image;
}

double enclosed(const std::vector<subject::Point>& line) {
  double sum = 0;
  for (std::size_t i = 0; i < line.size(); ++i) {
    const auto& p = line[i];
    const auto& q = line[(i + 1) % line.size()];
    sum += p.x * q.y - q.x * p.y;
  }
  return std::abs(sum) / 2;
}

}  // namespace

class TestDirection : public QObject {
  Q_OBJECT
 private slots:
  void stripes_run_the_way_they_were_drawn() {
    const subject::LabelImage one(120, 120);
    for (const double angle : {-75.0, -40.0, -10.0, 0.0, 25.0, 60.0}) {
      const auto d = subject::directions(stripes(angle), one, 1);
      QVERIFY2(std::abs(d[0].angle_deg - angle) < 3, qPrintable(QString("%1: %2").arg(angle).arg(d[0].angle_deg)));
      QVERIFY(d[0].coherence > 0.9);
    }
  }

  void an_even_mass_has_none() {
    const subject::LabImage flat(60, 60, {40, 0, 0});
    const auto d = subject::directions(flat, subject::LabelImage(60, 60), 1);
    QVERIFY(d[0].coherence < subject::kCoherent);
  }

  void each_mass_has_its_own() {
    subject::LabImage image(120, 120);
    subject::LabelImage labels(120, 120);
    const auto level = stripes(0);
    const auto upright = stripes(90);
    for (int y = 0; y < 120; ++y) {
      for (int x = 0; x < 120; ++x) {
        labels.at(x, y) = x < 60 ? 0 : 1;
        image.at(x, y) = x < 60 ? level.at(x, y) : upright.at(x, y);
      }
    }
    const auto d = subject::directions(image, labels, 2);
    QVERIFY(std::abs(d[0].angle_deg) < 5);
    QVERIFY(std::abs(d[1].angle_deg) > 85);
  }

  void outlines_enclose_their_masses() {
    subject::LabelImage labels(100, 80);
    for (int y = 20; y < 60; ++y) {
      for (int x = 30; x < 80; ++x) labels.at(x, y) = 1;
    }
    const auto lines = subject::outlines(labels, 2);
    QCOMPARE(lines.size(), std::size_t{2});
    QCOMPARE(lines[1].lines.size(), std::size_t{1});
    // Traced through pixel middles, so half a pixel is lost on every side.
    QVERIFY(std::abs(enclosed(lines[1].lines[0]) * 100 * 80 - 49.0 * 39.0) < 1);
    QCOMPARE(lines[0].lines.size(), std::size_t{2});
  }
};

QTEST_APPLESS_MAIN(TestDirection)
#include "test_direction.moc"
