// SPDX-License-Identifier: MIT
// Everything that is written is read again with outside tools: unzip and xmllint (OpenRaster), pdftotext, pdfinfo and
// pdftoppm (PDF), rsvg-convert (SVG), Qt's reader (PNG), Python's csv module (CSV).
#include <QColorSpace>
#include <QGuiApplication>
#include <QImage>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>

#include "bytes_of.h"
#include "exports/export_file.h"
#include "exports/core_painter.h"
#include "exports/pass_words.h"
#include "outside.h"
#include "pictures/screen.h"
#include "small_world.h"
#include "words/language.h"

using namespace yd;
using exports::What;
using trial::run_outside;

namespace {

class Stopped : public Observer {
 public:
  bool cancelled() const override { return true; }
};

double mean_difference(const QImage& a, const QImage& b) {
  double sum = 0;
  for (int y = 0; y < a.height(); ++y) {
    for (int x = 0; x < a.width(); ++x) {
      const QColor p = a.pixelColor(x, y);
      const QColor q = b.pixelColor(x, y);
      sum += std::abs(p.red() - q.red()) + std::abs(p.green() - q.green()) + std::abs(p.blue() - q.blue());
    }
  }
  return sum / (3.0 * a.width() * a.height());
}

}  // namespace

class TestExports : public QObject {
  Q_OBJECT
 private slots:
  void initTestCase() {
    subject_ = trial::small_subject();
    plan::PlanOptions options = trial::options_with(8);
    options.most_strokes = 3;
    options.underpaint.picture = plan::CoatChoice{plan::CoatMedium::alcohol, plan::CoatColours::local};
    Observer observer;
    plan_ = plan::make_plan(subject_, trial::paper(), sticks_, trial::parameters(), options, observer).value();
    guide_ = plan::make_guide({&plan_, &subject_, &trial::paper(), sticks_.sticks, 1200});
    map_ = board::make_map(subject_, plan_, trial::paper());
  }

  void the_plan_is_a_whole_pdf() {
    const QString file = write("plan.pdf", What::plan_pdf);
    const auto text = run_outside("pdftotext", {"-layout", file, "-"});
    QCOMPARE(text.code, 0);
    const QString words = QString::fromUtf8(text.out);
    for (const char* expected :
         {"Two bands", "Pull these sticks", "Passages", "Set out the drawing", "Why now", "Masses", "Cross-sections",
          "Safety", "safety data sheet", "Flammable vapour", "Sitting 1"})
      QVERIFY2(words.contains(expected), expected);
    for (const int i : plan_.tray)
      QVERIFY(words.contains(QString::fromStdString(sticks_.sticks[static_cast<std::size_t>(i)].name)));
    QVERIFY(words.contains(QString::number(plan_.passes.size())));
    // A number and its unit stay on one line.
    QVERIFY(words.contains(QRegularExpression("\\d cm")) && words.contains(QRegularExpression("\\d %")));
    QVERIFY(!words.contains(QRegularExpression("^\\s*(cm|%|×)(\\W|$)|×$", QRegularExpression::MultilineOption)));
    const auto info = run_outside("pdfinfo", {file});
    QVERIFY(info.out.contains("A4"));
    // It carries its profile, so that its colours are tagged.
    QVERIFY(trial::bytes_of(file).contains("OutputIntent"));
  }

  // In the language of the window, on the paper of its country.
  void the_print_speaks_the_language() {
    words::speak("de", QLocale("de_DE"));
    const QString file = write("plan-de.pdf", What::plan_pdf);
    words::speak("en", QLocale::c());
    const QString words = QString::fromUtf8(run_outside("pdftotext", {"-layout", file, "-"}).out);
    for (const char* expected :
         {"Diese Kreiden herauslegen", "Partien", "Die Zeichnung anlegen", "Massen", "Querschnitte", "Sicherheit",
          "Sicherheitsdatenblatt", "Brennbare Dämpfe", "Sitzung 1", "Tonwert"})
      QVERIFY2(words.contains(QString::fromUtf8(expected)), expected);
    for (const char* english :
         {"Passage ", "Masses", "Cross-sections", "Safety", "Sitting", "value ", "laid ", "light "})
      QVERIFY2(!words.contains(english), english);
    QVERIFY(QRegularExpression("\\d,\\d × \\d+,\\d cm").match(words).hasMatch());
  }

  void the_pdf_shows_the_sticks_own_colours() {
    const QString file = write("swatches.pdf", What::plan_pdf);
    QCOMPARE(run_outside("pdftoppm", {"-r", "72", "-png", "-f", "1", "-l", "1", file, dir_.filePath("page")}).code, 0);
    const QStringList made = QDir(dir_.path()).entryList({"page*.png"});
    QCOMPARE(made.size(), 1);
    const QImage page(dir_.filePath(made.front()));
    QVERIFY(!page.isNull());
    for (const int i : plan_.tray) {
      const QColor wanted = pictures::to_colour(sticks_.sticks[static_cast<std::size_t>(i)].lab);
      int found = 0;
      for (int y = 0; y < page.height(); ++y) {
        for (int x = 0; x < page.width(); ++x) {
          const QColor c = page.pixelColor(x, y);
          found += std::abs(c.red() - wanted.red()) < 3 && std::abs(c.green() - wanted.green()) < 3 &&
                           std::abs(c.blue() - wanted.blue()) < 3
                       ? 1
                       : 0;
        }
      }
      // 34 by 13 points at one pixel a point.
      QVERIFY2(found >= 300, qPrintable(QString("%1: %2").arg(wanted.name()).arg(found)));
    }
  }

  void the_outline_svg_has_its_true_size() {
    const QString file = write("outline.svg", What::outlines, {true, 8, true, exports::Print::a4});
    QCOMPARE(run_outside("xmllint", {"--noout", file}).code, 0);
    const QString text = QString::fromUtf8(trial::bytes_of(file));
    QVERIFY2(text.contains("width=\"400mm\"") && text.contains("height=\"300mm\""), qPrintable(text.left(400)));
    // What is set out first is numbered, the tallest I.
    const auto standing = std::count_if(subject_.masses.begin(), subject_.masses.end(),
                                        [](const subject::Mass& m) { return m.plane != subject::Plane::background; });
    QCOMPARE(text.contains(">I<"), standing >= 1);
    QCOMPARE(text.contains(">II<"), standing >= 2);
    QCOMPARE(run_outside("rsvg-convert", {"-w", "400", "-o", dir_.filePath("outline.png"), file}).code, 0);
    const QImage drawn(dir_.filePath("outline.png"));
    QCOMPARE(drawn.width(), 400);
    int ink = 0;
    for (int y = 0; y < drawn.height(); ++y) {
      for (int x = 0; x < drawn.width(); ++x) ink += qAlpha(drawn.pixel(x, y)) > 40 ? 1 : 0;
    }
    QVERIFY(ink > 400);
  }

  void the_outline_pdf_is_tiled() {
    const auto tiles = exports::tiles({40, 30}, exports::Print::a4);
    // 400 mm over 190 mm of room with 10 mm of overlap: 190 + 180 + 30, three across; 300 over 277: two down.
    QCOMPARE(tiles.across, 3);
    QCOMPARE(tiles.down, 2);
    QCOMPARE(exports::tiles({18, 25}, exports::Print::a4).across, 1);
    const QString file = write("outline.pdf", What::outlines);
    const auto info = run_outside("pdfinfo", {file});
    QVERIFY(info.out.contains("Pages:           6"));
    QVERIFY(run_outside("pdftotext", {file, "-"}).out.contains("50 mm"));
    QVERIFY(run_outside("pdfinfo", {write("letter.pdf", What::outlines, {true, 0, true, exports::Print::letter})})
                .out.contains("letter"));
  }

  void the_predicted_picture_is_tagged() {
    const QImage image(write("board.png", What::board_png));
    QCOMPARE(image.size(), QSize(subject_.image.width, subject_.image.height));
    QCOMPARE(image.colorSpace(), QColorSpace(QColorSpace::SRgb));
  }

  void open_raster_is_read_by_others() {
    const QString file = write("plan.ora", What::open_raster);
    // The layout wants the type first and stored, so that a file can be told by its first bytes.
    QFile raw(file);
    QVERIFY(raw.open(QIODevice::ReadOnly));
    QCOMPARE(raw.read(54).mid(30), QByteArray("mimetypeimage/openraster"));
    QCOMPARE(run_outside("unzip", {"-q", "-o", file, "-d", dir_.filePath("ora")}).code, 0);
    QCOMPARE(run_outside("xmllint", {"--noout", dir_.filePath("ora/stack.xml")}).code, 0);
    const auto layers =
        run_outside("xmllint", {"--xpath", "count(//layer)", dir_.filePath("ora/stack.xml")}).out.trimmed().toInt();
    QCOMPARE(layers, static_cast<int>(plan_.passes.size()) + 2);
    const QImage thumbnail(dir_.filePath("ora/Thumbnails/thumbnail.png"));
    QVERIFY(!thumbnail.isNull() && thumbnail.width() <= 256 && thumbnail.height() <= 256);
    // The visible layers together are the merged image, which is the predicted picture.
    QImage stack(subject_.image.width, subject_.image.height, QImage::Format_ARGB32);
    QPainter painter(&stack);
    for (int i = 0; i + 1 < layers; ++i) {
      const QString source = QString("data/layer%1.png").arg(i, 3, 10, QChar('0'));
      const auto attribute = [&](const char* name) {
        const QString path = QString("string(//layer[@src='%1']/@%2)").arg(source, name);
        return run_outside("xmllint", {"--xpath", path, dir_.filePath("ora/stack.xml")}).out.trimmed().toInt();
      };
      painter.drawImage(attribute("x"), attribute("y"), QImage(dir_.filePath("ora/" + source)));
    }
    painter.end();
    const QImage merged(dir_.filePath("ora/mergedimage.png"));
    QVERIFY(mean_difference(stack, merged) < 0.01);
    QVERIFY(mean_difference(merged, QImage(write("again.png", What::board_png))) < 0.01);
  }

  void the_table_is_read_by_another_program() {
    const QString file = write("passes.csv", What::passes_csv);
    const auto read =
        run_outside("python3", {"-c",
                                "import csv,sys; r=list(csv.DictReader(open(sys.argv[1],newline='')));"
                                "p=[x for x in r if x['number']];"
                                "print(len(p), p[0]['kind'], p[-1]['number'], r[0]['kind'], r[-1]['kind'])",
                                file});
    QCOMPARE(read.out.trimmed(), QString("%1 underpainting %1 drawing finish").arg(plan_.passes.size()).toUtf8());
  }

  void stopping_and_full_folders_are_said() {
    Stopped stopped;
    const Status s = exports::export_file(dir_.filePath("never.pdf"), view(), {What::plan_pdf, "x", {}}, stopped);
    QVERIFY(!s.ok() && s.error().code == Error::Code::cancelled);
    QVERIFY(!QFile::exists(dir_.filePath("never.pdf")));
    Observer observer;
    const Status nowhere =
        exports::export_file(dir_.filePath("no/such/folder/x.csv"), view(), {What::passes_csv, "x", {}}, observer);
    QVERIFY(!nowhere.ok() && nowhere.error().code == Error::Code::io);
    QVERIFY(nowhere.error().where.find("x.csv") != std::string::npos);
  }

  // Every mark is drawn, each differently, the same every time, in the stick's colour on the paper's.
  void every_mark_is_drawn() {
    QList<QImage> drawn;
    for (int m = 0; m < plan::kMarks; ++m) {
      exports::MarkDrawing d;
      d.mark = static_cast<plan::Mark>(m);
      d.colour = QColor(30, 60, 160);
      d.paper = QColor(200, 190, 170);
      const auto paint = [&] {
        QImage out(120, 60, QImage::Format_RGB32);
        out.fill(Qt::black);
        QPainter painter(&out);
        exports::paint_mark(painter, out.rect(), d);
        return out;
      };
      const QImage once = paint();
      QCOMPARE(once, paint());
      int ink = 0;
      for (int y = 0; y < 60; ++y) {
        for (int x = 0; x < 120; ++x) ink += once.pixelColor(x, y).blue() < once.pixelColor(x, y).red() ? 0 : 1;
      }
      QVERIFY2(ink > 60 && ink < 120 * 60 * 9 / 10, plan::name(d.mark));
      for (const QImage& other : drawn) {
        const bool band = d.mark == plan::Mark::brushed;  // an even band, as a broad firm stroke is
        QVERIFY2(band || other != once, plan::name(d.mark));
      }
      drawn << once;
    }
  }

  void every_pass_is_told_in_words() {
    for (std::size_t i = 0; i < plan_.passes.size(); ++i) {
      const exports::PassWords w = exports::words_of(view(), static_cast<int>(i));
      QVERIFY(!w.title.isEmpty() && !w.how.isEmpty() && !w.where.isEmpty() && !w.safety.isEmpty());
      for (const QString& s : w.safety) QVERIFY2(s.contains("safety data sheet"), qPrintable(s));
      QVERIFY(w.tooth_left >= 0 && w.tooth_left <= 1);
    }
    for (std::size_t m = 0; m < subject_.masses.size(); ++m) {
      const QStringList lines = exports::friend_words(view(), static_cast<int>(m));
      // A line for each layer that goes over more than a trace of it.
      const auto layers = plan::layers_of(plan_.targets, static_cast<int>(m));
      const auto told = std::count_if(layers.begin(), layers.end(), [](const auto& l) { return l.share >= 0.005; });
      QCOMPARE(lines.size(), std::max<qsizetype>(1, told));
      QVERIFY(!lines.isEmpty() && lines.size() <= 3);
    }
    QCOMPARE(exports::minutes_words(7.4), QString("7 min"));
    QCOMPARE(exports::minutes_words(125), QString("2:05 h"));
    QCOMPARE(exports::minutes_words(2880), QString("2 days"));
  }

  void columns_stand_in_the_order_asked_for() {
    const auto value_of = [&](const exports::CoreColumn& c) {
      return subject_.masses[static_cast<std::size_t>(c.mass)].value;
    };
    const auto by_value = exports::draw_core(view(), exports::CoreOrder::value);
    for (std::size_t i = 1; i < by_value.columns.size(); ++i)
      QVERIFY(value_of(by_value.columns[i - 1]) <= value_of(by_value.columns[i]));
    const auto by_plane = exports::draw_core(view(), exports::CoreOrder::plane);
    for (std::size_t i = 1; i < by_plane.columns.size(); ++i) {
      const auto plane = [&](std::size_t c) {
        return subject_.masses[static_cast<std::size_t>(by_plane.columns[c].mass)].plane;
      };
      QVERIFY(plane(i - 1) <= plane(i));
    }
    QCOMPARE(by_value.columns.size(), subject_.masses.size());
    // The drawing has room for the highest stack and no more.
    double highest = 0;
    for (const auto& column : by_value.columns) {
      for (const auto& stack : column.stacks) {
        double load = 0;
        for (const auto& block : stack.blocks) load += block.load;
        highest = std::max(highest, load);
      }
    }
    QVERIFY(highest > 0);
    QCOMPARE(exports::tallest_stack(by_value), highest);
  }

 private:
  exports::PlanView view() const {
    return {plan_, subject_, trial::paper(), sticks_, trial::parameters(), map_, {40, 30}, {}, guide_};
  }
  QString write(const QString& name, What what, exports::OutlineOptions outline = {}) {
    const QString file = dir_.filePath(name);
    Observer observer;
    const Status s = exports::export_file(file, view(), {what, "Two bands", outline}, observer);
    if (!s.ok()) qWarning("%s", describe(s.error()).c_str());
    return s.ok() ? file : QString();
  }

  subject::Subject subject_;
  media::Collection sticks_ = trial::every(2);
  plan::Plan plan_;
  plan::Guide guide_;
  board::BoardMap map_;
  QTemporaryDir dir_;
};

QTEST_MAIN(TestExports)
#include "test_exports.moc"
