// SPDX-License-Identifier: MIT
// Where a sheet lies in a photograph: closed forms of a pinhole, of the lens, of quads.
#include <QTest>
#include <cmath>
#include <numbers>

#include "check/geometry.h"

using namespace yd::check;

namespace {

constexpr Quad kUnit{{{0, 0}, {1, 0}, {1, 1}, {0, 1}}};

/// A pinhole of focal length f at the distance d before the middle of a sheet that is turned by an angle about its
/// upright axis: closed form, R. Hartley, A. Zisserman (2004), section 6.1.
Point seen(const Point& p, double turn, double f, double d) {
  const double x = p.x - 0.5;
  const double y = p.y - 0.5;
  const double z = d + x * std::sin(turn);
  return {f * x * std::cos(turn) / z, f * y / z};
}

bool near(const Point& p, const Point& q, double off = 1e-9) { return distance(p, q) < off; }

}  // namespace

class TestGeometry : public QObject {
  Q_OBJECT
 private slots:
  void four_corners_give_the_whole_view() {
    const double turn = 25 * std::numbers::pi / 180;
    Quad to;
    for (std::size_t i = 0; i < 4; ++i) to[i] = seen(kUnit[i], turn, 1000, 1.7);
    const Homography h = homography(kUnit, to);
    for (double u = 0; u <= 1; u += 0.1) {
      for (double v = 0; v <= 1; v += 0.1) QVERIFY(near(carried(h, {u, v}), seen({u, v}, turn, 1000, 1.7)));
    }
    // The middle of the sheet is not the middle of its picture: it lies at the principal point, where diagonals meet.
    QVERIFY(near(carried(h, {0.5, 0.5}), {0, 0}));
  }

  void a_stretch_is_a_stretch() {
    const Homography h = homography(kUnit, {{{10, 20}, {210, 20}, {210, 120}, {10, 120}}});
    QVERIFY(near(carried(h, {0.25, 0.5}), {60, 70}));
    QVERIFY(std::abs(h[6]) < 1e-12 && std::abs(h[7]) < 1e-12);
  }

  void there_and_back() {
    const Quad to{{{31, 12}, {640, 55}, {602, 470}, {8, 402}}};
    const Homography there = homography(kUnit, to);
    const Homography back = homography(to, kUnit);
    for (double u = -0.2; u <= 1.2; u += 0.2) QVERIFY(near(carried(back, carried(there, {u, 0.3})), {u, 0.3}));
  }

  void a_lens_bends_and_is_unbent() {
    // r / (1 + k r²) for r = 0.5, k = -0.08: 0.5 / 0.98.
    const Lens lens{{400, 300}, 500, -0.08};
    QVERIFY(near(lens.straight({650, 300}), {400 + 500 * 0.5 / 0.98, 300}));
    for (const double bend : {-0.1, -0.03, 0.0, 0.05}) {
      const Lens l{{400, 300}, 500, bend};
      for (double x = 0; x <= 800; x += 80) QVERIFY(near(l.seen(l.straight({x, 120})), {x, 120}, 1e-8));
    }
  }

  void a_placement_keeps_its_corners() {
    const Quad to{{{31, 12}, {640, 55}, {602, 470}, {8, 402}}};
    const Placement p = place({{320, 240}, 400, -0.04}, to);
    const Quad corners = p.corners();
    for (std::size_t i = 0; i < 4; ++i) QVERIFY(near(corners[i], to[i], 1e-7));
  }

  void quads_know_their_area_and_their_turn() {
    const Quad q{{{0, 0}, {4, 0}, {4, 3}, {0, 3}}};
    QCOMPARE(area_of(q), 12.0);
    QVERIFY(is_convex(q));
    QVERIFY(!is_convex({{{0, 0}, {0, 3}, {4, 3}, {4, 0}}}));  // the other way round
    QVERIFY(!is_convex({{{0, 0}, {4, 0}, {1, 1}, {0, 3}}}));  // a corner turned in
  }
};

QTEST_APPLESS_MAIN(TestGeometry)
#include "test_geometry.moc"
