// SPDX-License-Identifier: MIT
// Light, crop, measures and values: laws of light and of plane geometry, and common practice where it says so.
#include <QTest>
#include <cmath>
#include <numbers>

#include "colour/observer.h"
#include "colour/words.h"
#include "subject/composition.h"
#include "subject/subject.h"
#include "subject/values.h"

using namespace yd;

namespace {

double luminance(const colour::Lab& lab) {
  return colour::to_xyz(lab, colour::weights(colour::Illuminant::d50).white).y;
}

/// A row of spheres lit by Lambert's cosine law (J. H. Lambert, Photometria, 1760) from an angle in the picture's
/// plane, slightly towards the viewer; each is one label, the ground another.
struct Lit {
  subject::LabImage image;
  subject::LabelImage labels;
};
Lit lit_spheres(double angle_deg) {
  const double a = angle_deg * std::numbers::pi / 180;
  const double lx = std::cos(a) * 0.8;
  const double ly = -std::sin(a) * 0.8;
  const double lz = 0.6;
  Lit out{{420, 140}, {420, 140}};
  for (int y = 0; y < 140; ++y) {
    for (int x = 0; x < 420; ++x) {
      out.image.at(x, y) = {50, 0, 0};
      for (int s = 0; s < 3; ++s) {
        const double dx = (x - 70 - 140 * s) / 60.0;
        const double dy = (y - 70) / 60.0;
        const double rest = 1 - dx * dx - dy * dy;
        if (rest <= 0) continue;
        const double cosine = std::max(0.0, dx * lx + dy * ly + std::sqrt(rest) * lz);
        out.image.at(x, y).l = static_cast<float>(15 + 75 * cosine);
        out.labels.at(x, y) = static_cast<std::uint16_t>(s + 1);
      }
    }
  }
  return out;
}

}  // namespace

class TestComposition : public QObject {
  Q_OBJECT
 private slots:
  void a_stop_doubles_the_light() {
    for (const double l : {20.0, 40.0, 60.0}) {
      const colour::Lab grey{l, 6, -9};
      subject::Adjust a;
      a.stops = 1;
      const double ratio = luminance(subject::adjust(grey, a)) / luminance(grey);
      QVERIFY(std::abs(ratio - 2) < 1e-6);
    }
  }

  void a_picked_neutral_loses_its_hue_and_keeps_its_value() {
    const colour::Lab cast{63, 7, 19};
    subject::Adjust a;
    a.neutral = cast;
    const colour::Lab is = subject::adjust(cast, a);
    QVERIFY(std::abs(is.a) < 1e-6 && std::abs(is.b) < 1e-6);
    QVERIFY(std::abs(is.l - 63) < 1e-6);
    a.neutral_is_white = true;
    QVERIFY(std::abs(subject::adjust(cast, a).l - subject::kPickedWhite) < 1e-6);
  }

  // Bradford adaptation from A to D50: ICC.1:2022 annex E gives the transform, the two whites are those of CIE 15.
  void lamp_light_white_becomes_white() {
    const colour::Xyz& d50 = colour::weights(colour::Illuminant::d50).white;
    const colour::Lab lamp = colour::to_lab({109.85 * 0.6, 100 * 0.6, 35.585 * 0.6}, d50);
    subject::Adjust a;
    a.neutral = lamp;
    const colour::Lab is = subject::adjust(lamp, a);
    QVERIFY(colour::chroma(lamp) > 40);
    QVERIFY(colour::chroma(is) < 1e-6);
  }

  void pictures_are_adjusted_as_colours_are() {
    subject::LabImage image(3, 1);
    image.data = {{30, 5, 5}, {60, -10, 20}, {99, 0, 0}};
    subject::Adjust a;
    a.stops = 0.7;
    a.neutral = colour::Lab{60, -10, 20};
    const auto out = subject::adjust(image, a);
    for (std::size_t i = 0; i < 3; ++i) {
      const auto& p = image.data[i];
      const colour::Lab one = subject::adjust(colour::Lab{p.l, p.a, p.b}, a);
      QVERIFY(std::abs(out.data[i].l - one.l) < 1e-4);
    }
    QVERIFY(out.data[2].l <= 100);
  }

  void a_crop_has_the_format_and_stays_inside() {
    for (const double picture : {0.6, 1.0, 1.5, 2.4}) {
      for (const subject::Format& f : subject::common_formats()) {
        for (const double x : {0.0, 0.5, 0.9}) {
          const double wanted = f.long_cm / f.short_cm;
          const auto c = subject::crop_to(picture, wanted, x, 0.2);
          QVERIFY(std::abs(c.width * picture / c.height - wanted) < 1e-9);
          QVERIFY(c.x >= 0 && c.y >= 0 && c.x + c.width <= 1 + 1e-12 && c.y + c.height <= 1 + 1e-12);
          QVERIFY(std::max(c.width, c.height) > 1 - 1e-9);
        }
      }
    }
  }

  // ISO 216: the sides of an A sheet are as the square root of two to one.
  void a_sheets_are_of_iso_216() {
    for (const subject::Format& f : subject::common_formats()) {
      if (f.name[0] == 'A') QVERIFY(std::abs(f.long_cm / f.short_cm - std::numbers::sqrt2) < 0.01);
    }
  }

  void the_working_image_is_the_part_inside_the_crop() {
    subject::RawPicture raw;
    raw.width = 40;
    raw.height = 20;
    raw.rgb.assign(3 * 800, 0);
    for (int y = 0; y < 20; ++y) {
      for (int x = 20; x < 40; ++x) raw.rgb[static_cast<std::size_t>(3 * (40 * y + x))] = 65535;
    }
    const auto right = subject::working_image(raw, 100, {0.5, 0, 0.5, 1}).value();
    QCOMPARE(right.width, 20);
    QCOMPARE(right.height, 20);
    for (const auto& p : right.data) QVERIFY(p.a > 30);
  }

  // Euclid I.47: three, four, five.
  void a_line_is_measured_at_paper_scale() {
    const subject::Sheet sheet{40, 30};
    const auto line = subject::line_between({0.1, 0.1}, {0.1 + 4 / 40.0, 0.1 + 3 / 30.0}, sheet);
    QVERIFY(std::abs(line.length_cm - 5) < 1e-9);
    QVERIFY(std::abs(line.angle_deg + std::atan2(3, 4) * 180 / std::numbers::pi) < 1e-9);
    QVERIFY(!line.level && !line.plumb);
    QVERIFY(subject::line_between({0.1, 0.5}, {0.9, 0.505}, sheet).level);
    QVERIFY(!subject::line_between({0.1, 0.5}, {0.9, 0.54}, sheet).level);
    QVERIFY(subject::line_between({0.5, 0.9}, {0.5, 0.1}, sheet).plumb);
    QCOMPARE(subject::line_between({0.5, 0.5}, {0.5, 0.5}, sheet).length_cm, 0.0);
  }

  // As artists say proportions; common practice, no published source.
  void proportions_are_simple_fractions() {
    const auto is = [](double ratio, int times, int of) {
      const subject::Proportion p = subject::proportion(ratio, 1);
      return p.times == times && p.of == of;
    };
    QVERIFY(is(1.02, 1, 1) && is(0.5, 1, 2) && is(2.03, 2, 1) && is(0.67, 2, 3) && is(1.49, 3, 2) && is(0.26, 1, 4));
    QVERIFY(is(5.1, 5, 1) && is(0.34, 1, 3) && is(0.76, 3, 4));
    QVERIFY(std::abs(subject::proportion(2.1, 1).off - 0.05) < 1e-9);
    // Law: the other way round is the fraction turned over.
    for (const double r : {0.5, 0.66, 1.5, 2.0, 3.0}) {
      const auto p = subject::proportion(r, 1);
      const auto q = subject::proportion(1, r);
      QVERIFY(p.times == q.of && p.of == q.times);
    }
  }

  void what_lies_plumb_or_level_is_found() {
    const std::vector<subject::Point> places{{0.2, 0.2}, {0.2015, 0.8}, {0.7, 0.2005}, {0.45, 0.55}};
    const auto found = subject::alignments(places, {40, 30});
    QCOMPARE(found.size(), std::size_t{2});
    QVERIFY(found[0].first == 0 && found[0].second == 1 && found[0].plumb);
    QVERIFY(found[1].first == 0 && found[1].second == 2 && !found[1].plumb);
    QVERIFY(subject::alignments({{0.5, 0.5}, {0.5, 0.5}}, {40, 30}).empty());
  }

  void the_tallest_comes_first() {
    subject::LabelImage labels(20, 20, 0);
    for (int y = 3; y < 17; ++y) labels.at(5, y) = 1;
    for (int x = 8; x < 19; ++x) labels.at(x, 10) = 2;
    const auto order = subject::tallest_first(labels, 3);
    QVERIFY((order == std::vector<int>{0, 1, 2}));
    for (int y = 0; y < 20; ++y) labels.at(12, y) = 2;
    QCOMPARE(subject::tallest_first(labels, 3)[1], 2);
  }

  void extents_are_those_of_the_mass() {
    subject::LabelImage labels(10, 5);
    for (int y = 1; y < 4; ++y) {
      for (int x = 2; x < 7; ++x) labels.at(x, y) = 1;
    }
    const auto e = subject::extents(labels, 1);
    QCOMPARE(e.left, 0.2);
    QCOMPARE(e.right, 0.7);
    QCOMPARE(e.top, 0.2);
    QCOMPARE(e.bottom, 0.8);
  }

  // Common practice, no published source: the horizon is kept off the middle, on a third.
  void a_horizon_in_the_middle_is_noticed() {
    QVERIFY(subject::horizon_in_middle(0.5));
    QVERIFY(!subject::horizon_in_middle(1 / 3.0));
    QVERIFY(!subject::horizon_in_middle(2 / 3.0));
  }

  // Common practice, no published source: nine steps, five in the middle; fewer steps squint harder.
  void value_steps_are_even() {
    QCOMPARE(subject::value_in_steps(0, 9), 1);
    QCOMPARE(subject::value_in_steps(50, 9), 5);
    QCOMPARE(subject::value_in_steps(100, 9), 9);
    for (const int steps : {2, 3, 5, 9}) {
      for (int s = 1; s <= steps; ++s)
        QCOMPARE(subject::value_in_steps(subject::lightness_of_step(s, steps), steps), s);
      int last = 1;
      for (double l = 0; l <= 100; l += 0.5) {
        QVERIFY(subject::value_in_steps(l, steps) >= last);
        last = subject::value_in_steps(l, steps);
      }
    }
  }

  void spots_and_shares_are_found() {
    subject::LabImage image(200, 100, {50, 0, 0});
    for (int y = 10; y < 30; ++y) {
      for (int x = 10; x < 40; ++x) image.at(x, y) = {8, 0, 0};
      for (int x = 150; x < 180; ++x) image.at(x, y) = {96, 0, 0};
      for (int x = 80; x < 110; ++x) image.at(x, y + 50) = {50, 60, 40};
    }
    const auto v = subject::read_values(image);
    double sum = 0;
    for (const double s : v.share) sum += s;
    QVERIFY(std::abs(sum - 1) < 1e-9);
    QVERIFY(std::abs(v.share[4] - 0.94) < 0.001);
    QVERIFY(v.darkest.place.x < 0.2 && v.lightest.place.x > 0.7);
    QVERIFY(v.most_vivid.place.y > 0.55);
    QVERIFY(std::abs(v.contrast - 8 * 0.88) < 0.05);
  }

  void the_light_is_found_by_the_cosine_law() {
    for (const double angle : {-150.0, -90.0, -30.0, 0.0, 45.0, 90.0, 135.0, 180.0}) {
      const Lit lit = lit_spheres(angle);
      const auto guess = subject::guess_light(lit.image, lit.labels, 4);
      const double off = std::remainder(guess.angle_deg - angle, 360.0);
      QVERIFY2(std::abs(off) < 12, qPrintable(QString("%1 was read as %2").arg(angle).arg(guess.angle_deg)));
      QVERIFY(guess.confidence > 0.6);
    }
    const subject::LabImage flat(60, 60, {50, 0, 0});
    QVERIFY(subject::guess_light(flat, subject::LabelImage(60, 60), 1).confidence < 0.05);
  }

  // Common practice, no published source: temperature is relative. Turquoise among blues is the warm one, periwinkle
  // among reds the cool one.
  void warmth_is_relative_to_the_surroundings() {
    subject::LabImage blues(200, 200, {45, 10, -45});
    for (int y = 90; y < 110; ++y) {
      for (int x = 90; x < 110; ++x) blues.at(x, y) = {70, -35, -6};
    }
    QVERIFY(subject::relative_warmth(blues).at(100, 100) > 2);
    subject::LabImage reds(200, 200, {45, 50, 35});
    for (int y = 90; y < 110; ++y) {
      for (int x = 90; x < 110; ++x) reds.at(x, y) = {60, 12, -30};
    }
    QVERIFY(subject::relative_warmth(reds).at(100, 100) < -2);
  }
};

QTEST_GUILESS_MAIN(TestComposition)
#include "test_composition.moc"
