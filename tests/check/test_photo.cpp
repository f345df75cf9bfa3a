// SPDX-License-Identifier: MIT
// A photograph is straightened and its light put right: against what the camera that stands in for the artist's did,
// and against a published chart read through it.
#include <QTest>
#include <cmath>

#include "check/light_fix.h"
#include "check/marks.h"
#include "check/usable.h"
#include "colour/ciede2000.h"
#include "held.h"
#include "photographs.h"
#include "small_world.h"
#include "support/random.h"

using namespace yd;

namespace {

const colour::Lab kSheet{72, 1, 6};

/// Colours of a strip, dark to light: any will do that are known.
std::vector<colour::Lab> strip() {
  return {{18, 2, -6}, {30, 22, 14}, {38, -18, 10}, {46, 6, -34}, {55, 34, 40}, {63, -4, 4}, {74, 2, 52}, {88, 0, 4}};
}

/// Patches side by side, each some hundred pixels wide.
board::BoardImage board_of(const std::vector<colour::Lab>& patches, int columns) {
  const int rows = static_cast<int>(patches.size()) / columns;
  board::BoardImage out(100 * columns, 100 * rows);
  for (int y = 0; y < out.height; ++y) {
    for (int x = 0; x < out.width; ++x)
      out.at(x, y) = colour::to_srgb(patches[static_cast<std::size_t>(y / 100 * columns + x / 100)]);
  }
  return out;
}

std::vector<colour::Lab> invented() {
  Random random(5);
  std::vector<colour::Lab> out;
  for (int i = 0; i < 24; ++i)
    out.push_back({random.uniform(20, 90), random.uniform(-30, 30), random.uniform(-30, 40)});
  return out;
}

/// What is read of each patch.
std::vector<colour::Lab> read(const check::Photo& photo, const check::Located& at, const check::LightFix& fix,
                              int columns, int rows) {
  std::vector<colour::Lab> out;
  for (int row = 0; row < rows; ++row) {
    for (int column = 0; column < columns; ++column) {
      colour::Light sum;
      int n = 0;
      for (double du = 0.3; du < 0.75; du += 0.1) {
        for (double dv = 0.3; dv < 0.75; dv += 0.1, ++n) {
          const double u = (column + du) / columns;
          const double v = (row + dv) / rows;
          const check::Point p = at.picture.at(u, v);
          const colour::Light c = fix.at(photo.image.at(static_cast<int>(p.x), static_cast<int>(p.y)), u, v);
          sum.r += c.r;
          sum.g += c.g;
          sum.b += c.b;
        }
      }
      const auto k = static_cast<float>(n);
      out.push_back(colour::to_lab(colour::Light{sum.r / k, sum.g / k, sum.b / k}));
    }
  }
  return out;
}

double mean_off(const std::vector<colour::Lab>& p, const std::vector<colour::Lab>& q) {
  double sum = 0;
  for (std::size_t i = 0; i < p.size(); ++i) sum += colour::ciede2000(p[i], q[i]) / static_cast<double>(p.size());
  return sum;
}

struct Taken {
  standin::Photograph truth;
  check::Photo photo;
  check::Located at;
  check::LightFix fix;
};
Taken taken(const board::BoardImage& board, const standin::Camera& camera, bool with_strip) {
  standin::Sheet sheet(kSheet);
  check::Known known{kSheet, {}};
  if (with_strip) sheet.strip = known.strip = strip();
  Taken out{standin::photograph(board, sheet, camera).value(), {}, {}, {}};
  out.photo = check::open_photo(out.truth.image).value();
  out.at = check::locate(out.photo, board);
  out.fix = check::fix_light(out.photo, out.at, known);
  return out;
}

double corner_error(const Taken& t) {
  double worst = 0;
  const check::Quad found = t.at.picture.corners();
  for (std::size_t i = 0; i < 4; ++i)
    worst =
        std::max(worst, check::distance({found[i].x * t.photo.scale, found[i].y * t.photo.scale}, t.truth.picture[i]));
  return worst / check::distance(t.truth.picture[0], t.truth.picture[1]);
}

#ifdef __SANITIZE_ADDRESS__
constexpr std::uint64_t kCameras = 2;
#else
constexpr std::uint64_t kCameras = 6;
#endif

}  // namespace

class TestPhoto : public QObject {
  Q_OBJECT
 private slots:
  void corners_are_found_by_whatever_hand_holds_the_camera() {
    const auto board = board_of(invented(), 6);
    for (std::uint64_t seed = 0; seed < kCameras; ++seed) {
      const Taken t = taken(board, standin::handheld(seed), false);
      QVERIFY2(corner_error(t) < 0.005, qPrintable(QString("seed %1: %2").arg(seed).arg(corner_error(t))));
      QVERIFY(t.at.sheet.has_value());
      QVERIFY(std::abs(t.at.margin - 0.06) < 0.015);
    }
  }

  // A side of the picture that is taken for one of the sheet would leave paint in the margin.
  void what_was_forgotten_at_a_side_is_no_margin() {
    const auto board = board_of({{70, -4, -6},
                                 {74, -6, -10},
                                 {42, 12, -20},
                                 {86, 2, 18},
                                 {52, -18, 28},
                                 {40, 30, 24},
                                 {26, 8, 12},
                                 {24, 6, -14}},
                                2);
    for (const double deep : {0.18, 0.25}) {
      board::BoardImage painted = board;
      for (int y = 100; y < 300; ++y) {
        for (int x = 0; x < static_cast<int>(deep * board.width); ++x)
          painted.at(x, y) = colour::to_srgb({68, -12, -20});
      }
      for (std::uint64_t seed = 0; seed < kCameras; ++seed) {
        const standin::Photograph truth = standin::photograph(painted, kSheet, standin::handheld(seed)).value();
        const check::Photo photo = check::open_photo(truth.image).value();
        const double off = corner_error({truth, photo, check::locate(photo, board), {}});
        QVERIFY2(off < 0.05, qPrintable(QString("%1 of the width, seed %2: %3").arg(deep).arg(seed).arg(off)));
      }
    }
  }

  // A barrel draws the edges of the sheet in at its corners: undone, they are straight, and the bend is found.
  void the_lens_is_undone() {
    standin::Camera c;
    c.fill = 0.95;
    c.barrel = 0.06;
    const Taken t = taken(board_of(invented(), 6), c, false);
    QVERIFY2(corner_error(t) < 0.003, qPrintable(QString::number(corner_error(t))));
    QVERIFY2(std::abs(t.at.picture.lens.bend + 0.06) < 0.02, qPrintable(QString::number(t.at.picture.lens.bend)));
  }

  void a_photograph_on_its_side_is_turned() {
    const auto board = board_of(invented(), 6);
    standin::Photograph p = standin::photograph(board, kSheet, trial::held(3)).value();
    board::BoardImage turned(p.image.height, p.image.width);
    for (int y = 0; y < turned.height; ++y) {
      for (int x = 0; x < turned.width; ++x) turned.at(x, y) = p.image.at(y, p.image.height - 1 - x);
    }
    const check::Photo photo = check::open_photo(turned).value();
    const check::Located at = check::locate(photo, board);
    QVERIFY(at.likeness > 0.8);
    // The pixel (x, y) came to (height - 1 - y, x).
    const check::Point first{p.image.height - p.picture[0].y, p.picture[0].x};
    QVERIFY(check::distance(at.picture.corners()[0], first) < 0.006 * turned.height);
  }

  // A published chart through the camera: with strokes of known colour beside it, and with bare paper only.
  void a_published_chart_is_read_through_the_camera() {
    const auto charts = trial::charts_of_24();
    QVERIFY2(!charts.empty(), "package argyll-ref is needed");
    const std::vector<colour::Lab>& published = charts.front().patches;
    const auto board = board_of(published, 6);
    // What a screen's primaries cannot show is clipped before the camera sees it: against what is on the board.
    std::vector<colour::Lab> shown;
    for (const colour::Lab& lab : published) shown.push_back(colour::from_srgb(colour::to_srgb(lab)));
    QVERIFY(mean_off(shown, published) < 0.5);
    double with = 0;
    double without = 0;
    for (std::uint64_t seed = 20; seed < 20 + kCameras; ++seed) {
      standin::Camera camera = trial::held(seed);
      camera.curve = 0.35;  // contrast that bare paper alone does not show
      const Taken a = taken(board, camera, true);
      QVERIFY(a.fix.by == check::Reference::margin_strip);
      with += mean_off(read(a.photo, a.at, a.fix, 6, 4), shown) / static_cast<double>(kCameras);
      const Taken b = taken(board, camera, false);
      QVERIFY(b.fix.by == check::Reference::bare_paper);
      without += mean_off(read(b.photo, b.at, b.fix, 6, 4), shown) / static_cast<double>(kCameras);
    }
    QVERIFY2(with < 1.5 && without < 3 && with < 0.8 * without, qPrintable(QString("%1 %2").arg(with).arg(without)));
  }

  // Sticks are more vivid than a file can say: what is cut off at the end of a channel says nothing of the camera.
  void patches_beyond_the_file_do_not_spoil_the_rest() {
    const auto board = board_of(invented(), 6);
    const std::vector<colour::Lab> vivid{{52, -40, -42}, {58, 74, 66}, {78, 24, 92}, {62, -62, 30}};
    for (const std::uint64_t seed : trial::thinned({1, 2})) {
      std::array<double, 2> off{};
      for (const bool beyond : {false, true}) {
        standin::Sheet sheet(kSheet);
        sheet.strip = strip();
        if (beyond) sheet.strip.insert(sheet.strip.end(), vivid.begin(), vivid.end());
        const auto photo = check::open_photo(standin::photograph(board, sheet, trial::held(seed))->image).value();
        const check::Located at = check::locate(photo, board);
        const check::LightFix fix = check::fix_light(photo, at, {kSheet, sheet.strip});
        QCOMPARE(fix.by, check::Reference::margin_strip);
        off[beyond ? 1 : 0] = mean_off(read(photo, at, fix, 6, 4), invented());
      }
      QVERIFY2(off[1] < off[0] + 0.3, qPrintable(QString("%1: %2, %3").arg(seed).arg(off[0]).arg(off[1])));
    }
  }

  // Light that falls off evenly and is coloured, through a camera without a curve, is undone by bare paper alone.
  void even_falloff_is_undone_exactly() {
    const auto patches = invented();
    standin::Camera c;
    c.falloff = 0.4;
    c.falloff_deg = 30;
    c.warmth = 0.15;
    c.stops = -0.4;
    const Taken t = taken(board_of(patches, 6), c, false);
    const double off = mean_off(read(t.photo, t.at, t.fix, 6, 4), patches);
    QVERIFY2(off < 0.8, qPrintable(QString::number(off)));
    QVERIFY(t.fix.uneven > 1.25);
    QVERIFY(t.fix.residual_de00 < 0.5);
  }

  void a_strip_that_is_not_there_is_not_believed() {
    const auto board = board_of(invented(), 6);
    const auto p = standin::photograph(board, kSheet, trial::held(4)).value();
    const check::Photo photo = check::open_photo(p.image).value();
    const check::Located at = check::locate(photo, board);
    QVERIFY(check::fix_light(photo, at, {kSheet, strip()}).by == check::Reference::bare_paper);
  }

  void what_will_not_do_is_said() {
    const auto board = board_of(invented(), 6);
    const auto troubles = [&](const standin::Camera& c) {
      const Taken t = taken(board, c, false);
      return check::troubles_of(t.photo, t.at, t.fix);
    };
    const auto has = [](const std::vector<check::Trouble>& all, check::Trouble one) {
      return std::find(all.begin(), all.end(), one) != all.end();
    };
    QVERIFY(troubles(trial::held(1)).empty());
    standin::Camera c = trial::held(1);
    c.blur_px = 10;
    QVERIFY(has(troubles(c), check::Trouble::blurred));
    c = trial::held(1);
    c.stops = 1.8;
    QVERIFY(has(troubles(c), check::Trouble::too_light));
    c = trial::held(1);
    c.stops = -4;
    c.falloff = 0.6;
    QVERIFY(!troubles(c).empty());
    c = trial::held(1);
    c.width = 320;
    c.height = 240;
    QVERIFY(has(troubles(c), check::Trouble::too_small));
    // Another picture altogether.
    std::vector<colour::Lab> others = invented();
    std::reverse(others.begin(), others.end());
    for (colour::Lab& lab : others) lab.l = 110 - lab.l, lab.a = -lab.a;
    const auto p = standin::photograph(board_of(others, 4), kSheet, trial::held(2)).value();
    const check::Photo photo = check::open_photo(p.image).value();
    const check::Located at = check::locate(photo, board);
    QVERIFY(
        has(check::troubles_of(photo, at, check::fix_light(photo, at, {kSheet, {}})), check::Trouble::another_picture));
  }

  void a_photograph_without_pixels_is_refused() {
    QVERIFY(!check::open_photo(subject::RawPicture{}).ok());
    // The library of printed marks reads beyond pictures of a few pixels, and a strip is one once it is made smaller.
    for (const auto& [wide, high] : {std::pair{1, 1}, {2, 2}, {4, 4}, {100, 4}, {4, 100}, {9000, 60}}) {
      const subject::RawPicture small{
          wide,
          high,
          std::vector<std::uint16_t>(3 * static_cast<std::size_t>(wide) * static_cast<std::size_t>(high), 30000),
          {}};
      const auto opened = check::open_photo(small);
      QVERIFY(!opened.ok() && opened.error().code == Error::Code::bad_value);
    }
    check::Photo tiny;
    tiny.image = check::LightImage(3, 3);
    QVERIFY(check::marks_seen(tiny).empty());
    subject::RawPicture cut;
    cut.width = 10;
    cut.height = 10;
    cut.rgb.resize(30);
    QVERIFY(!check::open_photo(cut).ok());
  }

  // Averaged in linear light: half black, half white is light 0.5, whatever the codes say.
  void small_things_add_up_as_light() {
    subject::RawPicture checks;
    checks.width = 3200;
    checks.height = 3200;
    for (int i = 0; i < 3200 * 3200; ++i) {
      const bool white = (i % 3200 + i / 3200) % 2 == 0;
      checks.rgb.insert(checks.rgb.end(), 3, white ? 65535 : 0);
    }
    const check::Photo photo = check::open_photo(checks).value();
    QCOMPARE(photo.image.width, check::kPhotoSide);
    QVERIFY(std::abs(photo.image.at(200, 300).g - 0.5F) < 1e-4F);
  }

  // The greys on the marks' cards say the camera's curve; where a picture fills its sheet, their white the light too.
  // The table round it is no bare paper, however even.
  void greys_beside_the_picture_put_the_light_right() {
    const board::BoardImage board = board_of(invented(), 6);
    for (const std::uint64_t seed : trial::thinned({1, 2})) {
      standin::Camera camera = trial::held(seed);
      camera.margin = 0.15;
      camera.curve = 0.4;
      for (const bool to_the_edge : {false, true}) {
        standin::Sheet round(to_the_edge ? colour::Lab{45, 8, 14} : kSheet);
        if (to_the_edge) camera.table = colour::luminance(colour::to_light(round.paper));
        std::array<double, 2> off{};
        for (const bool marks : {false, true}) {
          round.marks = marks;
          const auto photo = check::open_photo(standin::photograph(board, round, camera)->image).value();
          const check::Located at = check::locate(photo, board);
          const check::LightFix fix = check::fix_light(photo, at, {kSheet, {}});
          QVERIFY(!marks || fix.by == check::Reference::printed_greys);
          off[marks ? 1 : 0] = mean_off(read(photo, at, fix, 6, 4), invented());
        }
        const QString figures = QString("%1: %2, %3").arg(seed).arg(off[0]).arg(off[1]);
        QVERIFY2(off[1] < 0.8 * off[0], qPrintable(figures));
        QVERIFY2(off[1] < (to_the_edge ? 3 : 1.5), qPrintable(figures));
      }
    }
  }

  // A picture on a table as light as its paper, whose sheet cannot be seen to end: printed marks say where it lies.
  void corners_are_found_by_printed_marks() {
    const board::BoardImage board = board_of(invented(), 6);
    standin::Sheet sheet(kSheet);
    sheet.marks = true;
    for (const std::uint64_t seed : trial::thinned({1, 2, 3, 4})) {
      standin::Camera camera = trial::held(seed);
      camera.margin = 0.15;
      camera.table = colour::luminance(colour::to_light(kSheet));
      const auto taken = standin::photograph(board, sheet, camera).value();
      const auto photo = check::open_photo(taken.image).value();
      const auto marks = check::marks_seen(photo);
      QCOMPARE(marks.size(), std::size_t{4});
      const check::Located found = check::locate(photo, board);
      const check::Quad corners = found.picture.corners();
      const double side = check::distance(corners[0], corners[1]);
      for (std::size_t i = 0; i < 4; ++i) {
        const check::Point truth{taken.picture[i].x / photo.scale, taken.picture[i].y / photo.scale};
        QVERIFY2(check::distance(corners[i], truth) < 0.005 * side, qPrintable(QString::number(seed)));
      }
      // One of them twice, or one hidden, and they say nothing.
      QVERIFY(!check::corner_marks({marks[0], marks[1], marks[2]}));
      QVERIFY(!check::corner_marks({marks[0], marks[1], marks[2], marks[2]}));
    }
  }
};

QTEST_APPLESS_MAIN(TestPhoto)
#include "test_photo.moc"
