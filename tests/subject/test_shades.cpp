// SPDX-License-Identifier: MIT
// Shades of masses: what a mass is painted to.
#include <QtTest>
#include <algorithm>
#include <numeric>

#include "colour/ciede2000.h"
#include "colour/din99o.h"
#include "subject/subject.h"

using namespace yd;

namespace {

/// A grey wall that grows lighter to the right, and on it a small red roof.
subject::Subject wall_with_roof() {
  subject::LabImage image(360, 240);
  for (int y = 0; y < 240; ++y) {
    for (int x = 0; x < 360; ++x) image.at(x, y) = {40 + 30.0F * static_cast<float>(x) / 360, 1, 4};
  }
  for (int y = 100; y < 116; ++y) {
    for (int x = 200; x < 230; ++x) image.at(x, y) = {45, 45, 30};
  }
  Observer observer;
  return subject::read_subject(std::move(image), {0.2, 8}, observer).value();
}

/// Whether two halves of a picture are bands of one gradient; L* by how far right of their border it lies, in pixels.
template <class LightnessAt>
bool joined(const LightnessAt& lightness_at) {
  subject::LabImage image(400, 100);
  subject::LabelImage labels(400, 100);
  for (int y = 0; y < 100; ++y) {
    for (int x = 0; x < 400; ++x) {
      image.at(x, y) = {lightness_at(static_cast<float>(x) - 199.5F), 0, 0};
      labels.at(x, y) = x < 200 ? 0 : 1;
    }
  }
  return !subject::gradient_neighbours(image, labels, 2).empty();
}

}  // namespace

class TestShades : public QObject {
  Q_OBJECT
 private slots:
  void shades_cover_their_mass_once_dark_to_light() {
    const subject::Subject s = wall_with_roof();
    double picture = 0;
    for (const subject::Mass& m : s.masses) {
      QVERIFY(!m.shades.empty() && m.shades.size() <= static_cast<std::size_t>(subject::kMostShades));
      double area = 0;
      for (std::size_t i = 0; i < m.shades.size(); ++i) {
        area += m.shades[i].area;
        if (i > 0) QVERIFY(m.shades[i].lab.l >= m.shades[i - 1].lab.l);
        QVERIFY(m.shades[i].role == subject::role_at(m, m.shades[i].lab.l));
      }
      QVERIFY(std::abs(area - m.area) < 1e-9);
      picture += area;
    }
    QVERIFY(std::abs(picture - 1) < 1e-9);
  }

  void every_pixel_has_the_shade_that_is_nearest() {
    const subject::Subject s = wall_with_roof();
    for (int y = 0; y < s.image.height; y += 7) {
      for (int x = 0; x < s.image.width; x += 5) {
        const subject::Mass& m = s.masses[s.labels.at(x, y)];
        const colour::LabPixel& p = s.softened.at(x, y);
        QVERIFY(s.shade.at(x, y) < m.shades.size());
        QCOMPARE(static_cast<std::size_t>(s.shade.at(x, y)), subject::nearest_shade(m, {p.l, p.a, p.b}));
      }
    }
  }

  // What the median of a mass washes out: 0.6 % of the picture, but the only red.
  void a_small_vivid_colour_keeps_a_shade() {
    const subject::Subject s = wall_with_roof();
    double nearest = 100;
    for (const subject::Mass& m : s.masses) {
      for (const subject::Shade& shade : m.shades)
        nearest = std::min(nearest, colour::ciede2000(shade.lab, {45, 45, 30}));
    }
    QVERIFY2(nearest < 4, qPrintable(QString::number(nearest)));
  }

  void a_gradient_is_finely_divided() {
    const subject::Subject s = wall_with_roof();
    double sum = 0;
    for (std::size_t i = 0; i < s.image.size(); ++i) {
      const colour::LabPixel& p = s.softened.data[i];
      sum += colour::ciede2000(s.masses[s.labels.data[i]].shades[s.shade.data[i]].lab, {p.l, p.a, p.b});
    }
    QVERIFY(sum / static_cast<double>(s.image.size()) < 1.0);
  }

  void softening_keeps_an_edge_of_hue_alone() {
    subject::LabImage image(200, 100);
    for (int y = 0; y < 100; ++y) {
      for (int x = 0; x < 200; ++x) image.at(x, y) = {50, x < 100 ? 50.0F : -40.0F, 20};
    }
    const subject::LabImage soft = subject::soften(image);
    QVERIFY(soft.at(97, 50).a > 45 && soft.at(102, 50).a < -35);
  }

  void bands_of_one_gradient_are_found_and_edges_are_not() {
    subject::LabImage image(200, 100);
    subject::LabelImage labels(200, 100);
    for (int y = 0; y < 100; ++y) {
      for (int x = 0; x < 200; ++x) {
        const bool right = x >= 150;
        image.at(x, y) = {right ? 20.0F : 40 + 0.1F * static_cast<float>(x), 0, 0};
        labels.at(x, y) = static_cast<std::uint16_t>(right ? 2 : x >= 75 ? 1 : 0);
      }
    }
    const auto bands = subject::gradient_neighbours(image, labels, 3);
    QCOMPARE(bands.size(), std::size_t{1});
    QVERIFY(bands[0].first == 0 && bands[0].second == 1);
    QVERIFY(std::abs(bands[0].length - 0.5) < 0.02);
  }

  // A steep even ramp is a gradient however fast it changes; the same change made at once is an edge.
  void a_steep_ramp_is_a_gradient() {
    QVERIFY(joined([](float from) { return 50 + 0.25F * from; }));
    QVERIFY(!joined([](float from) { return from < 0 ? 46.0F : 50.0F; }));
  }

  // Two halves of a sky, a little steeper where they meet; and a ridge in haze, hardly darker than the hill behind it.
  void a_ramp_may_be_steeper_at_the_border_and_a_faint_ridge_is_an_edge() {
    QVERIFY(joined([](float from) { return 60 + 0.22F * from + 0.7F * std::clamp(from, -2.0F, 2.0F); }));
    QVERIFY(!joined([](float from) { return from < 0 ? 60.0F : 57.0F; }));
  }

  // DIN 6176 was made to be even where CIELAB is not: near CIEDE2000 for small differences, all over the solid.
  void din99o_stands_in_for_ciede2000() {
    double worst = 0;
    double sum = 0;
    int n = 0;
    for (double l = 15; l <= 90; l += 15) {
      for (double a = -50; a <= 50; a += 25) {
        for (double b = -50; b <= 75; b += 25) {
          for (const colour::Lab& step : {colour::Lab{3, 0, 0}, colour::Lab{0, 3, 0}, colour::Lab{0, 0, 3}}) {
            const colour::Lab p{l, a, b};
            const colour::Lab q{l + step.l, a + step.a, b + step.b};
            const double exact = colour::ciede2000(p, q);
            const double even = std::sqrt(colour::distance_squared(colour::to_din99o(p), colour::to_din99o(q)));
            worst = std::max(worst, std::abs(std::log(even / exact)));
            sum += std::abs(std::log(even / exact));
            ++n;
          }
        }
      }
    }
    QVERIFY2(sum / n < 0.25 && worst < std::log(2.0), qPrintable(QString("%1 %2").arg(sum / n).arg(worst)));
    QVERIFY(colour::distance_squared(colour::to_din99o({0, 0, 0}), {}) < 1e-9F);
    QVERIFY(std::abs(colour::to_din99o({100, 0, 0}).l - 100) < 0.1F);
  }

  // In a ring a small thing has a shade of its own, and is hit with a point; the areas stay what they are.
  void what_matters_is_told_finer() {
    const std::vector<subject::FocusRing> ring{{0.3, 1.0 / 3, 0.05}};
    // The reddest shade of a wall that may grow lighter, with a dot of nine pixels on it.
    const auto reddest = [](float rise, const std::vector<subject::FocusRing>& rings) {
      subject::LabImage image(400, 300);
      for (int y = 0; y < image.height; ++y) {
        for (int x = 0; x < image.width; ++x) {
          const bool dot = std::abs(x - 120) < 2 && std::abs(y - 100) < 2;
          image.at(x, y) =
              dot ? colour::LabPixel{50, 40, 20} : colour::LabPixel{40 + rise * static_cast<float>(x), 2, 8};
        }
      }
      const subject::LabelImage one(image.width, image.height);
      std::vector<subject::Mass> masses = subject::measure_masses(image, {one, 1});
      subject::find_shades(image, one, masses, {rings});
      const std::vector<subject::Shade>& all = masses.front().shades;
      const double area =
          std::accumulate(all.begin(), all.end(), 0.0, [](double sum, const auto& s) { return sum + s.area; });
      if (std::abs(area - 1) > 1e-6) return subject::Shade{};
      return *std::max_element(all.begin(), all.end(), [](const auto& p, const auto& q) { return p.lab.a < q.lab.a; });
    };
    const subject::Shade marked = reddest(0.1F, ring);
    QVERIFY(marked.lab.a > 30 && marked.matters > 0.9);
    const subject::Shade plain = reddest(0.1F, {});
    QVERIFY(plain.lab.a < 10 && plain.area > 0 && plain.matters <= 0);
    // Nine pixels of 120,000 are less than a stick hits, and more than a point does.
    QCOMPARE(reddest(0, {}).solid, 0.0);
    QVERIFY(reddest(0, {}).lab.a > 30);
    QCOMPARE(reddest(0, ring).solid, 1.0);
  }
};

QTEST_GUILESS_MAIN(TestShades)
#include "test_shades.moc"
