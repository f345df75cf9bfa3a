// SPDX-License-Identifier: MIT
// CIEDE2000 against the 34 published pairs and against Little CMS; the bulk form against its slow twin.
#include <lcms2.h>

#include <QTest>
#include <cmath>
#include <fstream>
#include <sstream>
#include <vector>

#include "colour/ciede2000.h"
#include "support/random.h"

using namespace yd::colour;

namespace {

struct Pair {
  Lab p, q;
  double difference = 0;
};

std::vector<Pair> published() {
  std::ifstream in(YD_TEST_DATA "/published/ciede2000_34pairs.csv");
  std::vector<Pair> out;
  std::string line;
  while (std::getline(in, line)) {
    Pair r;
    char comma = 0;
    std::istringstream s(line);
    if (s >> r.p.l >> comma >> r.p.a >> comma >> r.p.b >> comma >> r.q.l >> comma >> r.q.a >> comma >> r.q.b >> comma >>
        r.difference) {
      out.push_back(r);
    }
  }
  return out;
}

double bulk(const Lab& p, const Lab& q) {
  const auto l = static_cast<float>(p.l);
  const auto a = static_cast<float>(p.a);
  const auto b = static_cast<float>(p.b);
  float out = 0;
  ciede2000_bulk(&l, &a, &b, 1, q, &out);
  return out;
}

/// Opposite hues: the formula itself jumps there, so rounding may take either side.
bool on_the_jump(const Lab& p, const Lab& q) {
  const double c7 = std::pow(0.5 * (chroma(p) + chroma(q)), 7);
  const double stretch = 1.5 - 0.5 * std::sqrt(c7 / (c7 + std::pow(25.0, 7)));  // a' = stretch * a
  const double along = stretch * stretch * p.a * q.a + p.b * q.b;
  return along < -0.9999 * std::hypot(stretch * p.a, p.b) * std::hypot(stretch * q.a, q.b);
}

}  // namespace

class TestCiede2000 : public QObject {
  Q_OBJECT
 private slots:
  void meets_the_published_pairs() {
    const auto pairs = published();
    QCOMPARE(pairs.size(), 34U);
    for (const Pair& r : pairs) {
      QVERIFY(std::abs(ciede2000(r.p, r.q) - r.difference) < kCiede2000Accuracy);
      QVERIFY(std::abs(ciede2000(r.q, r.p) - r.difference) < kCiede2000Accuracy);
    }
  }

  void agrees_with_little_cms() {
    yd::Random random(4);
    for (int i = 0; i < 5000; ++i) {
      const Lab p{random.uniform(0, 100), random.uniform(-90, 90), random.uniform(-90, 90)};
      const Lab q{random.uniform(0, 100), random.uniform(-90, 90), random.uniform(-90, 90)};
      const cmsCIELab cp{p.l, p.a, p.b};
      const cmsCIELab cq{q.l, q.a, q.b};
      QVERIFY(std::abs(ciede2000(p, q) - cmsCIE2000DeltaE(&cp, &cq, 1, 1, 1)) < 1e-6);
    }
  }

  void bulk_agrees_with_its_twin() {
    yd::Random random(5);
    double worst = 0;
    int checked = 0;
    for (int i = 0; i < 50000; ++i) {
      const Lab p{random.uniform(0, 100), random.uniform(-80, 80), random.uniform(-80, 80)};
      const double near = i % 2 == 0 ? 8 : 60;
      const Lab q{std::clamp(p.l + random.uniform(-near, near), 0.0, 100.0), p.a + random.uniform(-near, near),
                  p.b + random.uniform(-near, near)};
      if (on_the_jump(p, q)) continue;
      const double off = std::abs(bulk(p, q) - ciede2000(p, q));
      worst = std::max(worst, off);
      ++checked;
    }
    QVERIFY(checked > 45000);
    QVERIFY2(worst < kCiede2000BulkAccuracy, qPrintable(QString::number(worst)));
    for (const Pair& r : published()) {
      if (!on_the_jump(r.p, r.q)) QVERIFY(std::abs(bulk(r.p, r.q) - r.difference) < kCiede2000BulkAccuracy);
    }
  }

  void lightness_bound_is_admissible() {
    yd::Random random(6);
    for (int i = 0; i < 20000; ++i) {
      const Lab p{random.uniform(0, 100), random.uniform(-80, 80), random.uniform(-80, 80)};
      const Lab q{random.uniform(0, 100), random.uniform(-80, 80), random.uniform(-80, 80)};
      QVERIFY(ciede2000(p, q) + 1e-9 >= std::abs(p.l - q.l) / kLightnessBound);
    }
  }
};

QTEST_APPLESS_MAIN(TestCiede2000)
#include "test_ciede2000.moc"
