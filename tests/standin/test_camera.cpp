// SPDX-License-Identifier: MIT
// The camera that stands in for the artist's: where things fall into the frame, and what the light does.
#include <QTest>
#include <cmath>
#include <numbers>

#include "colour/ciede2000.h"
#include "colour/observer.h"
#include "colour/profile.h"
#include "standin/camera.h"

using namespace yd;

namespace {

const colour::Lab kSheet{72, 1, 6};

/// Four even quarters.
board::BoardImage quarters(int width = 600, int height = 400) {
  const colour::Rgb8 colours[] = {colour::to_srgb({60, 40, 20}), colour::to_srgb({40, -20, -20}),
                                  colour::to_srgb({80, 0, 40}), colour::to_srgb({30, 10, -30})};
  board::BoardImage out(width, height);
  for (int y = 0; y < height; ++y) {
    for (int x = 0; x < width; ++x) out.at(x, y) = colours[(x * 2 / width) + 2 * (y * 2 / height)];
  }
  return out;
}

/// A small frame, so that many can be taken.
standin::Camera small(standin::Camera camera = {}) {
  camera.width = 640;
  camera.height = 480;
  return camera;
}

standin::Photograph taken(const standin::Camera& camera) {
  return standin::photograph(quarters(), kSheet, camera).value();
}

colour::Lab lab_at(const board::BoardImage& image, double x, double y) {
  return colour::from_srgb(image.at(static_cast<int>(x), static_cast<int>(y)));
}

/// The middle of a quarter of the picture, between its corners.
subject::Point quarter_of(const standin::Photograph& p, double u, double v) {
  const auto mix = [](const subject::Point& a, const subject::Point& b, double t) {
    return subject::Point{a.x + t * (b.x - a.x), a.y + t * (b.y - a.y)};
  };
  return mix(mix(p.picture[0], p.picture[1], u), mix(p.picture[3], p.picture[2], u), v);
}

}  // namespace

class TestCamera : public QObject {
  Q_OBJECT
 private slots:
  void from_straight_before_it_is_the_board_itself() {
    const auto p = taken(small());
    const auto board = quarters();
    for (const double u : {0.25, 0.75}) {
      for (const double v : {0.25, 0.75}) {
        const subject::Point at = quarter_of(p, u, v);
        const colour::Lab wanted =
            colour::from_srgb(board.at(static_cast<int>(u * board.width), static_cast<int>(v * board.height)));
        QVERIFY(colour::ciede2000(lab_at(p.image, at.x, at.y), wanted) < 0.6);
      }
    }
    // The margin is the sheet; beyond it is the table.
    const double between = 0.5 * (p.sheet[0].x + p.picture[0].x);
    QVERIFY(colour::ciede2000(lab_at(p.image, between, p.image.height / 2.0), kSheet) < 0.6);
    QVERIFY(lab_at(p.image, 3, 3).l < 40);
  }

  void the_sheet_fills_its_share() {
    for (const double fill : {0.5, 0.8, 0.95}) {
      standin::Camera c = small();
      c.fill = fill;
      const auto p = taken(c);
      const double across = (p.sheet[1].x - p.sheet[0].x) / p.image.width;
      const double down = (p.sheet[2].y - p.sheet[1].y) / p.image.height;
      QVERIFY(std::abs(std::max(across, down) - fill) < 1e-6);
    }
  }

  // Closed form of a pinhole: with the sheet turned by a degrees about its upright axis, an edge at half the width w/2
  // is at the distance d ± w/2 sin a, so the two upright edges have lengths in the ratio of these distances, and what
  // is nearer is longer.
  void a_turned_sheet_is_seen_in_perspective() {
    standin::Camera c = small();
    c.turn_deg = 25;
    const auto p = taken(c);
    const double left = p.sheet[3].y - p.sheet[0].y;
    const double right = p.sheet[2].y - p.sheet[1].y;
    QVERIFY(left > right);  // positive turns the left side towards the camera
    // Places from the middle are f w/2 cos a / (d ± w/2 sin a): their ratio is that of the lengths.
    const double middle = 0.5 * p.image.width;
    const double ratio = (middle - p.sheet[0].x) / (p.sheet[1].x - middle);
    QVERIFY(std::abs(ratio - left / right) < 1e-9);
    // And the lengths give the turn back: f h / left - f h / right = -w sin a in units of the longer side.
    const double focal = 1.4 * std::max(p.image.width, p.image.height);
    const double h = (400.0 + 2 * 36) / (600 + 2 * 36);
    const double sine = focal * h / right - focal * h / left;
    QVERIFY2(std::abs(sine - std::sin(25 * std::numbers::pi / 180)) < 1e-9, qPrintable(QString::number(sine)));
  }

  void a_roll_turns_the_corners() {
    standin::Camera c = small();
    c.roll_deg = 10;
    const auto p = taken(c);
    const double angle = std::atan2(p.sheet[1].y - p.sheet[0].y, p.sheet[1].x - p.sheet[0].x) * 180 / std::numbers::pi;
    QVERIFY(std::abs(angle - 10) < 1e-9);
  }

  // Barrel distortion draws the corners in and leaves the middle.
  void a_bent_lens_bends_edges() {
    standin::Camera c = small();
    const auto straight = taken(c);
    c.barrel = 0.05;
    const auto bent = taken(c);
    QVERIFY(bent.sheet[0].x > straight.sheet[0].x && bent.sheet[0].y > straight.sheet[0].y);
    const subject::Point at = quarter_of(straight, 0.5, 0.5);
    QVERIFY(bent.image.at(static_cast<int>(at.x) - 20, static_cast<int>(at.y) - 20) ==
            straight.image.at(static_cast<int>(at.x) - 20, static_cast<int>(at.y) - 20));
  }

  void light_is_uneven_coloured_and_measured() {
    standin::Camera c = small();
    c.falloff = 0.5;
    c.falloff_deg = 0;
    auto p = taken(c);
    const double y = p.image.height / 2.0;
    const double left = lab_at(p.image, 0.5 * (p.sheet[0].x + p.picture[0].x), y).l;
    const double right = lab_at(p.image, 0.5 * (p.sheet[1].x + p.picture[1].x), y).l;
    QVERIFY(right > left + 10);
    c = small();
    c.warmth = 0.2;
    p = taken(c);
    QVERIFY(lab_at(p.image, 0.5 * (p.sheet[0].x + p.picture[0].x), y).b > kSheet.b + 10);
    // A stop is half the light: of a grey of luminance 18 % (L* 49.5) there are 9 % left (L* 36.0; CIE 15).
    c = small();
    c.stops = -1;
    const board::BoardImage grey(600, 400, colour::to_srgb({49.5, 0, 0}));
    const auto dark = standin::photograph(grey, kSheet, c).value();
    QVERIFY(std::abs(lab_at(dark.image, 320, 240).l - 36.0) < 0.5);
  }

  void noise_blur_and_glare_spoil_it() {
    const auto spread = [](const board::BoardImage& image, const subject::Point& at) {
      double sum = 0;
      double squares = 0;
      int n = 0;
      for (int dy = -12; dy <= 12; ++dy) {
        for (int dx = -12; dx <= 12; ++dx, ++n) {
          const double g = image.at(static_cast<int>(at.x) + dx, static_cast<int>(at.y) + dy).g;
          sum += g;
          squares += g * g;
        }
      }
      return std::sqrt(std::max(0.0, squares / n - sum / n * sum / n));
    };
    standin::Camera c = small();
    const auto clean = taken(c);
    const subject::Point at = quarter_of(clean, 0.25, 0.25);
    QVERIFY(spread(clean.image, at) < 0.5);
    c.noise = 0.02;
    QVERIFY(spread(taken(c).image, at) > 3);
    c = small();
    c.glare = 0.6;
    const auto shiny = taken(c);
    int lighter = 0;
    int darker = 0;
    for (std::size_t i = 0; i < clean.image.size(); ++i) {
      lighter += shiny.image.data[i].g > clean.image.data[i].g + 20 ? 1 : 0;
      darker += shiny.image.data[i].g + 1 < clean.image.data[i].g ? 1 : 0;
    }
    QVERIFY(lighter > 3000 && darker == 0);
    c = small();
    c.blur_px = 6;
    const auto soft = taken(c);
    const subject::Point edge = quarter_of(clean, 0.5, 0.25);
    QVERIFY(spread(soft.image, edge) < spread(clean.image, edge));
  }

  void the_same_seed_takes_the_same_picture() {
    const auto first = taken(small(standin::handheld(7)));
    QVERIFY(first.image.data == taken(small(standin::handheld(7))).image.data);
    QVERIFY(first.image.data != taken(small(standin::handheld(8))).image.data);
    for (std::uint64_t seed = 0; seed < 200; ++seed) {
      const standin::Camera c = standin::handheld(seed);
      QVERIFY(standin::check(c).ok());
    }
    for (std::uint64_t seed = 0; seed < 8; ++seed) {
      const auto p = taken(small(standin::handheld(seed)));
      for (const subject::Point& corner : p.sheet)
        QVERIFY(corner.x >= 0 && corner.y >= 0 && corner.x <= p.image.width && corner.y <= p.image.height);
    }
  }

  void what_no_camera_does_is_refused() {
    for (const auto& [field, wrong] : {std::pair{&standin::Camera::fill, 0.0},
                                       {&standin::Camera::tilt_deg, 80.0},
                                       {&standin::Camera::noise, -1.0},
                                       {&standin::Camera::falloff, 2.0}}) {
      standin::Camera c = small();
      c.*field = wrong;
      QVERIFY(!standin::photograph(quarters(), kSheet, c).ok());
    }
    QVERIFY(!standin::photograph(board::BoardImage(), kSheet, small()).ok());
  }
};

QTEST_APPLESS_MAIN(TestCamera)
#include "test_camera.moc"
