// SPDX-License-Identifier: MIT
// The two filters of reading: superpixels obey their laws, squinting is the guided filter written out slowly.
#include <QTest>
#include <cmath>
#include <set>

#include "subject/regions.h"
#include "subject/squint.h"
#include "support/random.h"

using namespace yd;
using subject::LabImage;

namespace {

LabImage noisy(int width, int height, double noise, const std::function<colour::LabPixel(int, int)>& of) {
  Random random(17);
  LabImage image(width, height);
  for (int y = 0; y < height; ++y) {
    for (int x = 0; x < width; ++x) {
      image.at(x, y) = of(x, y);
      image.at(x, y).l += static_cast<float>(random.uniform(-noise, noise));
    }
  }
  return image;
}

/// A light disc on a dark ground that turns warmer to the right.
colour::LabPixel disc(int x, int y) {
  if (std::hypot(x - 150, y - 100) < 60) return {80, -5, 30};
  return {25, 0.05F * static_cast<float>(x), -5};
}

std::vector<int> areas(const subject::Regions& r) {
  std::vector<int> out(static_cast<std::size_t>(r.count));
  for (const auto id : r.labels.data) ++out.at(id);
  return out;
}

int mirrored(int i, int n) { return i < 0 ? -i - 1 : i >= n ? 2 * n - 1 - i : i; }

struct Window {
  double guide = 0, p = 0, guide2 = 0, product = 0;
};

/// Means over the (2 radius + 1)² window, the picture mirrored at its border.
Window window(const LabImage& image, int x, int y, int radius, float colour::LabPixel::*channel) {
  Window w;
  for (int v = y - radius; v <= y + radius; ++v) {
    for (int u = x - radius; u <= x + radius; ++u) {
      const colour::LabPixel& c = image.at(mirrored(u, image.width), mirrored(v, image.height));
      const double g = c.l;
      const double p = c.*channel;
      w.guide += g;
      w.p += p;
      w.guide2 += g * g;
      w.product += g * p;
    }
  }
  const double n = (2.0 * radius + 1) * (2.0 * radius + 1);
  return {w.guide / n, w.p / n, w.guide2 / n, w.product / n};
}

/// K. He, J. Sun, X. Tang, "Guided image filtering", IEEE TPAMI 35 (2013), equations 5, 6 and 8, pixel by pixel.
double guided(const LabImage& image, int x, int y, int radius, double keep, float colour::LabPixel::*channel) {
  double a = 0;
  double b = 0;
  for (int v = y - radius; v <= y + radius; ++v) {
    for (int u = x - radius; u <= x + radius; ++u) {
      const Window w = window(image, mirrored(u, image.width), mirrored(v, image.height), radius, channel);
      const double a_k = (w.product - w.guide * w.p) / (w.guide2 - w.guide * w.guide + keep);
      a += a_k;
      b += w.p - a_k * w.guide;
    }
  }
  const double n = (2.0 * radius + 1) * (2.0 * radius + 1);
  return (a * image.at(x, y).l + b) / n;
}

}  // namespace

class TestRegions : public QObject {
  Q_OBJECT
 private slots:
  void superpixels_cover_once_connected_and_of_their_size() {
    const LabImage image = noisy(300, 200, 5, disc);
    for (const int side : {6, 10, 20}) {
      const subject::Regions r = subject::superpixels(image, side);
      const std::vector<int> area = areas(r);  // .at() throws on a number that is no piece
      QCOMPARE(subject::connected_pieces(r.labels).count, r.count);
      const double wished = 300.0 * 200 / (side * side);
      QVERIFY2(r.count > 0.7 * wished && r.count < 1.6 * wished, qPrintable(QString::number(r.count)));
      for (std::size_t i = 1; i < area.size(); ++i) QVERIFY(area[i] >= 0.2 * side * side);
    }
  }

  void superpixels_keep_to_edges() {
    const LabImage image = noisy(300, 200, 3, disc);
    const subject::Regions r = subject::superpixels(image, 12);
    std::vector<int> light(static_cast<std::size_t>(r.count));
    for (std::size_t i = 0; i < image.size(); ++i) light[r.labels.data[i]] += image.data[i].l > 50;
    const std::vector<int> area = areas(r);
    int wrong = 0;
    for (std::size_t k = 0; k < area.size(); ++k) wrong += std::min(light[k], area[k] - light[k]);
    QVERIFY2(wrong < 0.005 * 300 * 200, qPrintable(QString::number(wrong)));
  }

  void strange_sizes() {
    for (const auto& [w, h] : {std::pair{1, 1}, {1, 90}, {90, 1}, {3, 3}, {31, 200}}) {
      const subject::Regions r = subject::superpixels(noisy(w, h, 9, disc), 14);
      QCOMPARE(subject::connected_pieces(r.labels).count, r.count);
      QVERIFY(r.count >= 1);
    }
    // More pieces wished than sixteen bits can number: larger ones.
    const subject::Regions r = subject::superpixels(LabImage(800, 800, {50, 0, 0}), 2);
    QVERIFY(r.count > 1000 && r.count < 0xFFFE);
  }

  void squinting_is_the_guided_filter() {
    const LabImage image = noisy(120, 80, 6, [](int x, int y) { return disc(2 * x, 2 * y); });
    constexpr double kStrength = 0.5;  // radius 120 · 0.5 / 60 = 1 and keep = 20 + 180 · 0.5, as squint.cpp sets them
    const LabImage soft = subject::squint(image, kStrength);
    double worst = 0;
    for (const auto& [x, y] : {std::pair{0, 0}, {119, 79}, {44, 50}, {45, 50}, {46, 50}, {75, 20}, {60, 79}, {0, 40}}) {
      const colour::LabPixel& got = soft.at(x, y);
      worst = std::max({worst, std::abs(got.l - guided(image, x, y, 1, 110, &colour::LabPixel::l)),
                        std::abs(got.a - guided(image, x, y, 1, 110, &colour::LabPixel::a)),
                        std::abs(got.b - guided(image, x, y, 1, 110, &colour::LabPixel::b))});
    }
    QVERIFY2(worst < 2e-3, qPrintable(QString::number(worst)));
  }

  // Common practice, no published source: the softness of an edge is no shape of its own.
  void a_soft_edge_is_no_mass() {
    const LabImage image = noisy(300, 200, 1, [](int x, int y) -> colour::LabPixel {
      const double r = std::hypot(x - 150, y - 100);
      const auto t = static_cast<float>(std::clamp((r - 55) / 10, 0.0, 1.0));
      return {80 - 55 * t, -5 + 5 * t, 30 - 35 * t};
    });
    subject::MergeOptions options;
    options.fewest = 2;
    const subject::Regions with = subject::merge_regions(image, subject::superpixels(image, 4), options);
    options.halo = 0;
    const subject::Regions without = subject::merge_regions(image, subject::superpixels(image, 4), options);
    QVERIFY(without.count > 2);
    QCOMPARE(with.count, 2);
  }

  // Between white and black lies grey. A rust-red strip there is as near to both as the grey is, and yet a shape.
  void a_coloured_strip_between_far_values_is_no_halo() {
    const auto masses = [](float chroma) {
      const LabImage image = noisy(300, 200, 0.5, [chroma](int x, int) -> colour::LabPixel {
        if (x >= 147 && x < 153) return {52, chroma, chroma};
        return x < 150 ? colour::LabPixel{94, 0, 0} : colour::LabPixel{10, 0, 0};
      });
      subject::MergeOptions options;
      options.fewest = 2;
      return subject::merge_regions(image, subject::superpixels(image, 4), options).count;
    };
    QCOMPARE(masses(0), 2);
    QCOMPARE(masses(13), 3);
  }

  // A face of nearly the colour of the wall behind it: it melts into it unless the artist rings it.
  void what_is_ringed_does_not_melt_into_its_surroundings() {
    const LabImage image = noisy(300, 200, 0.5, [](int x, int y) -> colour::LabPixel {
      if (std::hypot(x - 200, y - 70) < 18) return {64, 6, 12};  // the face
      // Bands that ask for masses of their own.
      if (x < 150) return {40 + 4.5F * static_cast<float>(x / 15), 4, 10};
      return {60, 4, 10};
    });
    const subject::Regions pieces = subject::superpixels(image, 10);
    const auto alone = [&](const std::vector<subject::FocusRing>& rings) {
      subject::MergeOptions options;
      options.most = 8;
      options.importance = subject::importance_of(image, pieces, rings);
      const subject::Regions r = subject::merge_regions(image, pieces, options);
      return r.labels.at(200, 70) != r.labels.at(270, 150);
    };
    QVERIFY(!alone({}));
    QVERIFY(alone({{200.0 / 300, 70.0 / 200, 0.07}}));
  }

  void what_stands_out_matters_more() {
    const LabImage image = noisy(200, 200, 0.2, [](int x, int y) -> colour::LabPixel {
      return std::hypot(x - 100, y - 100) < 40 ? colour::LabPixel{50, 60, 40} : colour::LabPixel{70, 0, 2};
    });
    const subject::Regions pieces = subject::superpixels(image, 12);
    const auto importance = subject::importance_of(image, pieces, {});
    const double red = importance[pieces.labels.at(100, 100)];
    const double grey = importance[pieces.labels.at(10, 10)];
    QVERIFY(red > grey);
    QVERIFY(grey >= 1 && red <= 2);
  }

  void a_thin_line_of_its_own_colour_stays() {
    const LabImage image = noisy(300, 200, 1, [](int x, int) -> colour::LabPixel {
      if (x >= 147 && x < 153) return {15, 0, 0};
      return x < 150 ? colour::LabPixel{80, 0, 20} : colour::LabPixel{60, 0, -20};
    });
    subject::MergeOptions options;
    options.fewest = 2;
    const subject::Regions r = subject::merge_regions(image, subject::superpixels(image, 4), options);
    for (int y = 0; y < 200; ++y) {
      QVERIFY(r.labels.at(150, y) != r.labels.at(140, y) && r.labels.at(150, y) != r.labels.at(160, y));
    }
  }

  // A white sheet behind a dark bird: over the tip of the wing it is so narrow that smoothing cuts it in two. The
  // smaller half went to the wing, which it touches most; it is a region of its own. A crumb still joins what is round
  // it.
  void what_smoothing_cuts_off_is_a_region_of_its_own() {
    subject::LabelImage labels(120, 90, 0);
    for (int y = 1; y < 90; ++y) {
      for (int x = 40; x < 60; ++x) labels.at(x, y) = 1;
    }
    for (int y = 40; y < 43; ++y) {
      for (int x = 48; x < 51; ++x) labels.at(x, y) = 0;
    }
    subject::Regions regions{labels, 2};
    subject::smooth_borders(regions, 0.004);
    QCOMPARE(regions.count, 3);
    std::set<int> seen;
    for (const int x : {20, 50, 90}) seen.insert(regions.labels.at(x, 70));
    QCOMPARE(seen.size(), std::size_t{3});
    for (const int y : {10, 41, 80}) QCOMPARE(regions.labels.at(50, y), regions.labels.at(50, 70));
    for (const int y : {0, 45, 89}) QCOMPARE(regions.labels.at(5, y), regions.labels.at(30, 45));
  }
};

QTEST_APPLESS_MAIN(TestRegions)
#include "test_regions.moc"
