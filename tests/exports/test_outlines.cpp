// SPDX-License-Identifier: MIT
// What is traced from: true to size on the sheet and on pages taped together, as read back by rsvg-convert and
// pdftoppm.
#include <QDir>
#include <QFile>
#include <QGuiApplication>
#include <QImage>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>

#include "bands.h"
#include "exports/outline_sheet.h"
#include "outside.h"
#include "small_world.h"
#include "support/random.h"

using namespace yd;
using exports::OutlineOptions;
using exports::Print;

namespace {

constexpr int kPixelsPerMm = 2;
constexpr int kInk = 243;  // of 255, and darker: the thinnest line is a third of a pixel of middle grey

bool ink(const QImage& image, int x, int y) { return image.rect().contains(x, y) && qGray(image.pixel(x, y)) < kInk; }

bool ink_near(const QImage& image, int x, int y) {
  for (int dy = -1; dy <= 1; ++dy) {
    for (int dx = -1; dx <= 1; ++dx) {
      if (ink(image, x + dx, y + dy)) return true;
    }
  }
  return false;
}

/// How much of the ink of one picture the other has too, within a pixel, when it is moved so far.
double share_found(const QImage& of, const QImage& in, QPoint moved = {}) {
  int all = 0;
  int found = 0;
  for (int y = 0; y < of.height(); ++y) {
    for (int x = 0; x < of.width(); ++x) {
      if (!ink(of, x, y)) continue;
      ++all;
      found += ink_near(in, x + moved.x(), y + moved.y()) ? 1 : 0;
    }
  }
  return all > 0 ? static_cast<double>(found) / all : 0;
}

/// Share of a column, or of a row, that is ink within a pixel.
double drawn_across(const QImage& image, double at, bool column) {
  const int length = column ? image.height() : image.width();
  const int place = static_cast<int>(std::lround(at * (column ? image.width() : image.height())));
  int found = 0;
  for (int i = 0; i < length; ++i) found += (column ? ink_near(image, place, i) : ink_near(image, i, place)) ? 1 : 0;
  return static_cast<double>(found) / length;
}

}  // namespace

class TestOutlines : public QObject {
  Q_OBJECT
 private slots:
  void initTestCase() {
    bands_.mass(0, 70, {{80, 0, -8}});
    bands_.mass(70, 130, {{50, 10, 20}, {40, 10, 20}}, true);
    bands_.mass(130, 180, {{25, 5, 5}});
    for (subject::Mass& m : bands_.subject.masses) m.centre_x = 0.5;  // where its number stands
  }

  // Pages that are cut at their crosses and taped lie as one drawing, none of it missing and none moved.
  void the_pages_taped_together_are_the_drawing() {
    for (const Print print : {Print::a4, Print::letter}) {
      OutlineOptions options;
      options.print = print;
      options.grid = 6;
      const QImage drawing = of_svg(options);
      const QImage taped = of_pages(options);
      QCOMPARE(taped.size(), drawing.size());
      QVERIFY2(share_found(drawing, taped) > 0.98, qPrintable(QString::number(share_found(drawing, taped))));
      // Two millimetres off are seen.
      QVERIFY(share_found(drawing, taped, {2 * kPixelsPerMm, 2 * kPixelsPerMm}) < 0.5);
    }
  }

  void the_bar_is_fifty_millimetres() {
    const QString file = written("bar.pdf", exports::outline_pdf(view(), {}));
    QVERIFY(ran("pdftoppm", {"-r", "254", "-gray", "-f", "1", "-l", "1", "-png", file, dir_.filePath("bar")}));
    const QImage page(dir_.filePath(QDir(dir_.path()).entryList({"bar*.png"}).value(0)));
    QVERIFY(std::abs(page.width() - 2100) <= 1 && std::abs(page.height() - 2970) <= 1);
    int longest = 0;
    for (int y = page.height() - 160; y < page.height() - 100; ++y) {
      int run = 0;
      for (int x = 0; x < page.width(); ++x) {
        run = qGray(page.pixel(x, y)) < 160 ? run + 1 : 0;
        if (run < 900) longest = std::max(longest, run);  // longer: the sheet's own lower edge
      }
    }
    QVERIFY2(std::abs(longest - 500) <= 4, qPrintable(QString::number(longest)));
  }

  void what_is_set_out_by_stands_where_it_was_set() {
    OutlineOptions options = bare();
    options.aids.thirds = true;
    options.aids.centre_line = true;
    options.aids.places = {{0.2, 0.8}, {0.9, 0.1}};
    const QImage drawn = of_svg(options);
    for (const double third : {1.0 / 3, 2.0 / 3}) {
      QVERIFY(drawn_across(drawn, third, true) > 0.95);
      QVERIFY(drawn_across(drawn, third, false) > 0.95);
    }
    QVERIFY(drawn_across(drawn, 0.5, true) > 0.95);
    QVERIFY(drawn_across(drawn, 0.5, false) < 0.1);
    for (const subject::Point& p : options.aids.places) {
      const QPoint at(qRound(p.x * drawn.width()), qRound(p.y * drawn.height()));
      for (const QPoint arm : {QPoint(4, 0), QPoint(-4, 0), QPoint(0, 4), QPoint(0, -4)})
        QVERIFY(ink_near(drawn, at.x() + arm.x(), at.y() + arm.y()));
      QVERIFY(!ink_near(drawn, at.x() + 4, at.y() + 4));
    }
  }

  // Squares for enlarging are square on a sheet that is not; the artist's own grid divides each side alike.
  void a_grid_is_of_squares_and_a_division_is_not() {
    OutlineOptions squares = bare();
    squares.grid = 8;
    const QImage of_squares = of_svg(squares);
    for (int i = 1; i < 8; ++i) QVERIFY(drawn_across(of_squares, i / 8.0, true) > 0.95);
    for (int i = 1; i < 6; ++i) QVERIFY(drawn_across(of_squares, i / 6.0, false) > 0.95);  // 400 by 300 mm
    QVERIFY(drawn_across(of_squares, 1 / 4.0, false) < 0.5);

    OutlineOptions divided = squares;
    divided.aids.grid = 4;
    const QImage of_division = of_svg(divided);
    for (int i = 1; i < 4; ++i) {
      QVERIFY(drawn_across(of_division, i / 4.0, true) > 0.95);
      QVERIFY(drawn_across(of_division, i / 4.0, false) > 0.95);
    }
    QVERIFY(drawn_across(of_division, 1 / 8.0, true) < 0.5);  // instead of the squares, not over them
  }

  void nobody_is_drowned_in_lines() {
    OutlineOptions most = bare();
    most.grid = 40;
    OutlineOptions more = bare();
    more.grid = 100000;
    OutlineOptions none = bare();
    none.grid = -3;
    QCOMPARE(of_svg(more), of_svg(most));
    QCOMPARE(of_svg(none), of_svg(bare()));
  }

  void what_is_switched_off_is_not_drawn() {
    const auto amount = [&](const OutlineOptions& options) {
      const QImage image = of_svg(options);
      int n = 0;
      for (int y = 3; y < image.height() - 3; ++y) {
        for (int x = 3; x < image.width() - 3; ++x) n += ink(image, x, y) ? 1 : 0;
      }
      return n;
    };
    QCOMPARE(amount(bare()), 0);  // the sheet's edge apart
    OutlineOptions outlines = bare();
    outlines.outlines = true;
    OutlineOptions numbers = bare();
    numbers.numbers = true;
    QVERIFY(amount(outlines) > 2 * 700);  // two borders across the sheet
    QVERIFY2(amount(numbers) > 10 && amount(numbers) < amount(outlines),
             qPrintable(QString("%1 and %2").arg(amount(numbers)).arg(amount(outlines))));
  }

  // Any sheet: the pages cover it, and one page fewer would not.
  void pages_are_enough_and_not_too_many() {
    Random random(11);
    for (int i = 0; i < 200; ++i) {
      const subject::Sheet sheet{random.uniform(5, 120), random.uniform(5, 120)};
      for (const Print print : {Print::a4, Print::letter}) {
        const exports::Tiles t = exports::tiles(sheet, print);
        const auto covered = [](int pages, double page_mm) {
          const double room = page_mm - 2 * exports::kTileMargin_mm;
          return pages < 1 ? 0 : room + (pages - 1) * (room - exports::kTileOverlap_mm);
        };
        const QSizeF page = exports::page_mm(print);
        QVERIFY(covered(t.across, page.width()) >= 10 * sheet.width_cm);
        QVERIFY(covered(t.across - 1, page.width()) < 10 * sheet.width_cm);
        QVERIFY(covered(t.down, page.height()) >= 10 * sheet.height_cm);
        QVERIFY(covered(t.down - 1, page.height()) < 10 * sheet.height_cm);
      }
    }
  }

 private:
  static OutlineOptions bare() { return {false, 0, false, Print::a4, {}, false}; }

  exports::PlanView view() const {
    return {bands_.plan, bands_.subject, trial::paper(), sticks_, trial::parameters(), map_, {40, 30}, {}, guide_};
  }

  QString written(const QString& name, const QByteArray& bytes) const {
    QFile file(dir_.filePath(name));
    if (!file.open(QIODevice::WriteOnly) || file.write(bytes) != bytes.size()) return {};
    return file.fileName();
  }

  static bool ran(const QString& program, const QStringList& arguments) {
    return trial::run_outside(program, arguments).code == 0;
  }

  static QImage on_white(const QImage& image) {
    QImage out(image.size(), QImage::Format_RGB32);
    out.fill(Qt::white);
    QPainter(&out).drawImage(0, 0, image);
    return out;
  }

  QImage of_svg(const OutlineOptions& options) const {
    const QString file = written("drawn.svg", exports::outline_svg(view(), options));
    const QString png = dir_.filePath("drawn.png");
    if (!ran("rsvg-convert", {"-w", QString::number(400 * kPixelsPerMm), "-o", png, file})) return {};
    return on_white(QImage(png));
  }

  /// The pages put where their overlaps meet; where two lie on each other the ink of both is seen.
  QImage of_pages(const OutlineOptions& options) const {
    const QString file = written("pages.pdf", exports::outline_pdf(view(), options));
    QDir(dir_.path()).mkdir("pages");
    QDir pages(dir_.filePath("pages"));
    for (const QString& old : pages.entryList({"*.png"})) pages.remove(old);
    const double dpi = 25.4 * kPixelsPerMm;
    if (!ran("pdftoppm", {"-r", QString::number(dpi, 'f', 3), "-png", file, pages.filePath("p")})) return {};
    const exports::Tiles t = exports::tiles({40, 30}, options.print);
    const QStringList names = pages.entryList({"*.png"}, QDir::Files, QDir::Name);
    if (names.size() != t.across * t.down) return {};
    QImage out(400 * kPixelsPerMm, 300 * kPixelsPerMm, QImage::Format_RGB32);
    out.fill(Qt::white);
    QPainter painter(&out);
    painter.setCompositionMode(QPainter::CompositionMode_Multiply);
    const QSizeF page = exports::page_mm(options.print);
    for (int i = 0; i < names.size(); ++i) {
      const double x = (i % t.across) * (page.width() - 2 * exports::kTileMargin_mm - exports::kTileOverlap_mm);
      const double y = (i / t.across) * (page.height() - 2 * exports::kTileMargin_mm - exports::kTileOverlap_mm);
      const QPointF at(x - exports::kTileMargin_mm, y - exports::kTileMargin_mm);
      painter.drawImage(at * kPixelsPerMm, QImage(pages.filePath(names[i])));
    }
    return out;
  }

  trial::Bands bands_{240, 180};
  media::Collection sticks_;
  plan::Guide guide_;
  board::BoardMap map_;
  QTemporaryDir dir_;
};

QTEST_MAIN(TestOutlines)
#include "test_outlines.moc"
