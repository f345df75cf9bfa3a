// SPDX-License-Identifier: MIT
// Reading a picture: masses are connected, counted, measured and the same every time.
#include <QTest>
#include <cmath>

#include "colour/profile.h"
#include "support/random.h"
#include "subject/squint.h"
#include "subject/subject.h"
#include "subject/values.h"

using namespace yd;
using subject::LabImage;

namespace {

struct Patch {
  int x0, y0, x1, y1;
  colour::LabPixel colour;
};

/// Flat patches with a little noise on a sky that darkens upwards.
LabImage scene(int width, int height, const std::vector<Patch>& patches, double noise = 1.0) {
  Random random(31);
  LabImage image(width, height);
  for (int y = 0; y < height; ++y) {
    for (int x = 0; x < width; ++x) {
      colour::LabPixel c{70.0F + 15.0F * static_cast<float>(y) / static_cast<float>(height), 0, -10};
      for (const Patch& p : patches) {
        if (x >= p.x0 * width / 100 && x < p.x1 * width / 100 && y >= p.y0 * height / 100 && y < p.y1 * height / 100)
          c = p.colour;
      }
      c.l += static_cast<float>(random.uniform(-noise, noise));
      image.at(x, y) = c;
    }
  }
  return image;
}

const std::vector<Patch> kNine{{0, 60, 100, 100, {40, 10, 25}}, {10, 40, 30, 80, {25, 5, -15}},
                               {50, 50, 62, 90, {55, 45, 30}},  {70, 55, 95, 75, {60, -25, 20}},
                               {5, 5, 20, 15, {95, 0, 4}},      {40, 10, 55, 25, {80, 5, 50}},
                               {70, 80, 80, 95, {15, 0, 0}},    {35, 65, 45, 75, {85, 20, -5}}};

bool connected(const subject::LabelImage& labels, std::size_t masses) {
  return static_cast<std::size_t>(subject::connected_pieces(labels).count) == masses;
}

subject::Subject read(LabImage image, subject::ReadOptions options = {}) {
  Observer observer;
  return subject::read_subject(std::move(image), options, observer).value();
}

class Stopper : public Observer {
 public:
  bool cancelled() const override { return true; }
};

}  // namespace

class TestSubject : public QObject {
  Q_OBJECT
 private slots:
  void patches_become_masses() {
    const subject::Subject s = read(scene(900, 600, kNine));
    QVERIFY2(s.masses.size() >= 8 && s.masses.size() <= 16, qPrintable(QString::number(s.masses.size())));
    QVERIFY(connected(s.labels, s.masses.size()));
    double area = 0;
    for (const subject::Mass& m : s.masses) area += m.area;
    QVERIFY(std::abs(area - 1) < 1e-9);
    // The red patch, 12 by 40 percent, is one mass of its own colour and area.
    const auto id = s.labels.at(900 * 56 / 100, 600 * 70 / 100);
    const subject::Mass& red = s.masses[id];
    QVERIFY2(std::abs(red.area - 0.12 * 0.40) < 0.006, qPrintable(QString::number(red.area)));
    QVERIFY(std::abs(red.mean.l - 55) < 1.5 && std::abs(red.mean.a - 45) < 2);
    QCOMPARE(red.targets.size(), 1U);
  }

  void the_number_of_masses_is_kept() {
    for (const int most : {8, 12, 30}) {
      const subject::Subject s = read(scene(700, 500, kNine, 12), {0.3, most});
      QVERIFY(static_cast<int>(s.masses.size()) <= most);
      QVERIFY(s.masses.size() >= 8);
      QVERIFY(connected(s.labels, s.masses.size()));
    }
  }

  void a_flat_picture_is_one_mass() {
    const subject::Subject s = read(LabImage(300, 200, colour::LabPixel{50, 0, 0}));
    QCOMPARE(s.masses.size(), 1U);
    QCOMPARE(s.masses[0].targets.size(), 1U);
  }

  void tiny_pictures_are_read() {
    for (const auto& [w, h] : {std::pair{1, 1}, std::pair{2, 40}, std::pair{7, 3}}) {
      const subject::Subject s = read(LabImage(w, h, colour::LabPixel{50, 0, 0}));
      QVERIFY(!s.masses.empty());
    }
  }

  void the_same_picture_reads_the_same() {
    const subject::Subject p = read(scene(640, 480, kNine, 6));
    const subject::Subject q = read(scene(640, 480, kNine, 6));
    QVERIFY(p.labels.data == q.labels.data);
    QCOMPARE(p.masses.size(), q.masses.size());
    for (std::size_t i = 0; i < p.masses.size(); ++i) QVERIFY(p.masses[i].mean == q.masses[i].mean);
  }

  void targets_run_from_dark_to_light() {
    LabImage ramp(400, 300);
    for (int y = 0; y < 300; ++y) {
      for (int x = 0; x < 400; ++x) ramp.at(x, y) = {30 + 0.1F * static_cast<float>(x), 5, 5};
    }
    const subject::Subject s = read(ramp, {0.0, 8});
    for (const subject::Mass& m : s.masses) {
      double area = 0;
      for (std::size_t i = 0; i < m.targets.size(); ++i) {
        area += m.targets[i].area;
        if (i > 0) QVERIFY(m.targets[i].lab.l > m.targets[i - 1].lab.l);
      }
      QVERIFY(std::abs(area - m.area) < 1e-9);
    }
  }

  void squint_keeps_edges_and_loses_detail() {
    LabImage image(400, 300);
    Random random(5);
    for (int y = 0; y < 300; ++y) {
      for (int x = 0; x < 400; ++x)
        image.at(x, y) = {(x < 200 ? 30.0F : 75.0F) + static_cast<float>(random.uniform(-4, 4)), 0, 0};
    }
    const LabImage soft = subject::squint(image, 0.5);
    double spread = 0;
    for (int x = 60; x < 140; ++x) spread = std::max(spread, std::abs(static_cast<double>(soft.at(x, 150).l) - 30));
    QVERIFY2(spread < 1.5, qPrintable(QString::number(spread)));
    QVERIFY(soft.at(203, 150).l - soft.at(196, 150).l > 35);
    QVERIFY(subject::squint(image, 0).data.front().l == image.data.front().l);
  }

  // Common practice, no published source: nine even steps from dark to light.
  void nine_steps() {
    QCOMPARE(subject::value_in_steps(0, 9), 1);
    QCOMPARE(subject::value_in_steps(50, 9), 5);
    QCOMPARE(subject::value_in_steps(100, 9), 9);
  }

  void wrong_options_and_stopping() {
    Observer observer;
    QVERIFY(!subject::read_subject(scene(100, 80, kNine), {2.0, 16}, observer).ok());
    QVERIFY(!subject::read_subject(scene(100, 80, kNine), {0.5, 4}, observer).ok());
    QVERIFY(!subject::read_subject(LabImage(), {}, observer).ok());
    Stopper stopper;
    const auto stopped = subject::read_subject(scene(100, 80, kNine), {}, stopper);
    QVERIFY(!stopped.ok() && stopped.error().code == Error::Code::cancelled);
  }

  void large_pictures_are_shrunk() {
    subject::RawPicture raw{2800, 2000, std::vector<std::uint16_t>(3U * 2800 * 2000, 30000), {}};
    const auto image = subject::working_image(raw);
    QVERIFY(image.ok());
    QCOMPARE(image->width, 1400);
    QCOMPARE(image->height, 1000);
    raw.rgb.resize(10);
    QVERIFY(!subject::working_image(raw).ok());
  }
};

QTEST_APPLESS_MAIN(TestSubject)
#include "test_subject.moc"
