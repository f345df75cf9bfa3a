// SPDX-License-Identifier: MIT
// What a mass has of a texture of its own, against pictures whose texture is known. Common practice, no published
// source, except for the median of what is normally distributed.
#include <QTest>
#include <cmath>

#include "subject/masses.h"
#include "subject/squint.h"
#include "support/random.h"

using namespace yd;

namespace {

/// A left half and a right half, by what makes their pixels.
template <class L, class R>
subject::LabImage halves(int side, const L& left, const R& right) {
  subject::LabImage image(side, side * 2 / 3);
  for (int y = 0; y < image.height; ++y) {
    for (int x = 0; x < side; ++x) image.at(x, y) = {x < side / 2 ? left(x, y) : right(x, y), 2, -3};
  }
  return image;
}

subject::LabelImage two_masses(const subject::LabImage& image) {
  subject::LabelImage labels(image.width, image.height);
  for (int y = 0; y < image.height; ++y) {
    for (int x = image.width / 2; x < image.width; ++x) labels.at(x, y) = 1;
  }
  return labels;
}

std::vector<double> measured(const subject::LabImage& image) {
  return subject::measure_textures(image, two_masses(image), 2);
}

/// Level bands a tenth of the picture wide at most, so and so strong, as at any size of the picture.
auto bands(int side, double times, float strength) {
  return [=](int, int y) {
    return 50 + strength * static_cast<float>(std::sin(2 * M_PI * times * y / static_cast<double>(side)));
  };
}

float gradient(int x, int y) { return 30 + 0.08F * static_cast<float>(x) + 0.03F * static_cast<float>(y); }

}  // namespace

class TestTexture : public QObject {
  Q_OBJECT
 private slots:
  void a_gradient_has_none() {
    const auto found = measured(halves(600, gradient, bands(600, 90, 6)));
    QVERIFY2(found[0] < 0.02, qPrintable(QString::number(found[0])));
    QVERIFY2(found[1] > 2, qPrintable(QString::number(found[1])));
  }

  // A border between two values, however strong, is no texture of either.
  void a_border_is_none() {
    const auto found = measured(halves(
        600, [](int, int) { return 20.0F; }, [](int, int) { return 90.0F; }));
    QCOMPARE(found, (std::vector<double>{0, 0}));
  }

  // Half of what is normally distributed lies within 0.6745 standard deviations (any table of the normal distribution);
  // a mean over n by n pixels that know nothing of each other has one n-th of their deviation.
  void noise_counts_by_what_is_left_of_it_at_a_marks_width() {
    constexpr double kDeviation = 6;
    Random random(11);
    const auto noise = [&](int, int) {
      double sum = -6;  // of twelve even draws: nearly normal, of deviation 1
      for (int i = 0; i < 12; ++i) sum += random.uniform();
      return static_cast<float>(50 + kDeviation * sum);
    };
    const int side = 700;  // half a mark is one pixel, what is around it seven each way
    const auto found = measured(halves(side, noise, noise));
    const double expected = 0.6745 * kDeviation * std::sqrt(1.0 / 9 - 1.0 / 225);
    for (const double t : found) QVERIFY2(std::abs(t / expected - 1) < 0.06, qPrintable(QString::number(t / expected)));
  }

  void the_same_picture_in_other_pixels_has_the_same() {
    const auto large = halves(1400, bands(1400, 60, 4), bands(1400, 100, 3));
    const auto at_full = measured(large);
    const auto at_half = measured(subject::shrink(large, 700));
    for (const std::size_t m : {0, 1}) {
      QVERIFY(at_full[m] > 0.8);
      QVERIFY2(std::abs(at_half[m] / at_full[m] - 1) < 0.25, qPrintable(QString::number(at_half[m] / at_full[m])));
    }
  }

  // A few bright points, as stars or a highlight, do not make a smooth mass a rough one.
  void a_few_points_do_not_count() {
    const auto starry = [](int x, int y) { return x % 60 == 30 && y % 60 == 30 ? 95.0F : 25.0F; };
    const auto found = measured(halves(600, starry, starry));
    for (const double t : found) QVERIFY2(t < 0.1, qPrintable(QString::number(t)));
  }

  void a_picture_of_a_few_pixels_will_do() {
    QVERIFY(measured(halves(8, gradient, gradient))[0] < 0.2);
    QCOMPARE(measured(halves(2, gradient, gradient)).size(), std::size_t{2});
  }

  // Common practice, no published source: skin and glass are rubbed, fur and stone never.
  void what_the_artist_says_it_is_goes_before_what_is_measured() {
    subject::Mass m;
    m.texture = 0.6;
    QVERIFY(std::abs(subject::smoothness(m) - 0.5) < 1e-12);
    m.surface = subject::Surface::stone;
    QVERIFY(std::abs(subject::smoothness(m) - 0.5) < 1e-12);  // guessed only
    m.surface_said = true;
    QCOMPARE(subject::smoothness(m), 0.0);
    m.surface = subject::Surface::skin;
    QCOMPARE(subject::smoothness(m), 1.0);
    m.surface = subject::Surface::cloth;  // silk or wool: the picture tells
    QVERIFY(std::abs(subject::smoothness(m) - 0.5) < 1e-12);
    m.texture = 0.1;
    QCOMPARE(subject::smoothness(m), 1.0);
    m.texture = subject::kNoInside;
    QCOMPARE(subject::smoothness(m), 0.0);
  }

  // A hill in haze and the wood below it, found as one mass of two shades: the one is smooth, the other is not.
  void shades_of_a_mass_differ() {
    const auto haze_over_wood = [](int, int y) { return y < 200 ? 70.0F : bands(600, 90, 6)(0, y) - 20; };
    const subject::LabImage image = halves(600, haze_over_wood, haze_over_wood);
    subject::Grid<std::uint8_t> shade(image.width, image.height);
    for (int y = 200; y < image.height; ++y) {
      for (int x = 0; x < image.width; ++x) shade.at(x, y) = 1;
    }
    std::vector<subject::Mass> masses(2);
    for (subject::Mass& m : masses) m.texture = 3, m.shades.resize(3);
    subject::measure_shade_textures(image, two_masses(image), shade, masses);
    for (const subject::Mass& m : masses) {
      QVERIFY(m.shades[0].texture < 0.05 && m.shades[1].texture > 2);
      QCOMPARE(subject::smoothness(m, m.shades[0]), 1.0);
      QCOMPARE(subject::smoothness(m, m.shades[1]), 0.0);
      QCOMPARE(subject::smoothness(m, m.shades[2]), 0.0);  // lies nowhere: as the mass
    }
    subject::Mass fur = masses[0];
    fur.surface = subject::Surface::fur;
    fur.surface_said = true;
    QCOMPARE(subject::smoothness(fur, fur.shades[0]), 0.0);
    subject::Mass sky = masses[0];
    sky.texture = 0;
    QCOMPARE(subject::smoothness(sky, sky.shades[1]), 1.0);  // a bird in it does not make it rough
  }

  void what_is_too_narrow_has_no_inside() {
    const subject::LabImage image = halves(600, gradient, gradient);
    subject::LabelImage labels(image.width, image.height);
    for (int y = 0; y < image.height; ++y) {
      for (int x = 300; x < 308; ++x) labels.at(x, y) = 1;
    }
    const auto found = subject::measure_textures(image, labels, 2);
    QVERIFY(found[0] < 0.05);
    QCOMPARE(found[1], subject::kNoInside);
  }
};

QTEST_GUILESS_MAIN(TestTexture)
#include "test_texture.moc"
