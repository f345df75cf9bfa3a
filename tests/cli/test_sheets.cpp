// SPDX-License-Identifier: MIT
// Offcuts, boxes of sticks and printed sheets from the command line: written, photographed, measured, read again.
#include <QFile>
#include <QImage>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QPainter>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>

#include "bytes_of.h"
#include "check/light_fix.h"
#include "check/marks.h"
#include "pictures/pictures.h"
#include "printed/marks.h"
#include "run_program.h"

using namespace yd;
using trial::Outcome;
using trial::picture;
using trial::run;
using trial::run_quickly;

namespace {

/// Colours of a table of offcut strokes as CGATS.17.
bool write_samples(const QString& table, const QString& file) {
  QFile in(table);
  QFile out(file);
  if (!in.open(QIODevice::ReadOnly) || !out.open(QIODevice::WriteOnly)) return false;
  QByteArrayList rows = in.readAll().trimmed().split('\n');
  rows.removeFirst();
  QByteArray text = "CGATS.17\nNUMBER_OF_FIELDS 4\nBEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L LAB_A LAB_B\nEND_DATA_FORMAT\n";
  text += "NUMBER_OF_SETS " + QByteArray::number(rows.size()) + "\nBEGIN_DATA\n";
  for (qsizetype i = 0; i < rows.size(); ++i)
    text += QByteArray::number(i + 1) + " " + rows[i].trimmed().split(',').mid(3).join(' ') + "\n";
  return out.write(text + "END_DATA\n") > 0;
}

}  // namespace

class TestSheets : public QObject {
  Q_OBJECT
 private slots:
  // Offcuts of an artist whose hand is light: measured, fitted, planned with.
  void an_artist_is_calibrated() {
    const QTemporaryDir dir;
    const QString csv = dir.filePath("offcuts.csv");
    const QString found = dir.filePath("artist.json");
    QCOMPARE(run_quickly({"offcuts", picture(dir), csv, "--sticks", "4", "--count", "24", "--simulate", "2"}).code, 0);
    QCOMPARE(run({"calibrate", csv, "--json", found}).code, 0);
    const QJsonObject j = QJsonDocument::fromJson(trial::bytes_of(found)).object();
    QVERIFY(std::abs(j["hand"].toObject()["firm"].toDouble() - 0.7) < 0.2);
    QCOMPARE(j["sticks"].toArray().size(), 4);
    const QJsonObject left = j["left_out"].toObject();
    QVERIFY(left["after_de00"].toDouble() < left["before_de00"].toDouble());
    const Outcome planned = run_quickly({"plan", picture(dir), "--sticks", "4", "--calibration", found});
    QVERIFY2(planned.code == 0, planned.err);
    QVERIFY(planned.json()["error"] != run_quickly({"plan", picture(dir), "--sticks", "4"}).json()["error"]);
    // The same colours as an instrument writes them, in the order of the strokes.
    const QString measured = dir.filePath("measured.cgats");
    QVERIFY(write_samples(csv, measured));
    const QJsonObject again = run({"calibrate", measured, "--strokes", csv}).json();
    const double light = j["hand"].toObject()["light"].toDouble();
    QVERIFY(std::abs(again["hand"].toObject()["light"].toDouble() - light) < 0.02);
    QCOMPARE(again["readings"].toInt(), j["readings"].toInt());
    QCOMPARE(run({"calibrate", measured}).code, 2);
    // What cannot be read is said in one line.
    QCOMPARE(run_quickly({"plan", picture(dir), "--calibration", csv}).code, 2);
    QCOMPARE(run({"calibrate", found}).code, 2);
    QCOMPARE(run_quickly({"offcuts", picture(dir), csv, "--count", "0"}).code, 2);
  }

  // A sheet is printed, filled in by a simulated hand, photographed, and becomes a collection to plan with.
  void a_box_is_photographed() {
    const QTemporaryDir dir;
    const QString sheet = dir.filePath("sheet.pdf");
    const QString photo = dir.filePath("photo.png");
    const QString mine = dir.filePath("mine.json");
    QCOMPARE(run({"sheet", sheet, "--cells", "24", "--photo", photo, "--seed", "2"}).code, 0);
    QVERIFY(QFileInfo(sheet).size() > 2000);
    const Outcome read = run({"swatches", photo, "--kind", "soft", "--name", "Mine", "--json", mine});
    QVERIFY2(read.code == 0, read.err);
    const QJsonObject j = QJsonDocument::fromJson(trial::bytes_of(mine)).object();
    QCOMPARE(j["sticks"].toArray().size(), 24);
    QCOMPARE(j["read"].toObject()["light"].toObject()["by"].toString(), QString("printed-greys"));
    QCOMPARE(run_quickly({"plan", picture(dir), "--sticks", "4", "--collection", mine}).code, 0);
    // Offcut strokes go the same way, from their table to their table.
    const QString table = dir.filePath("offcuts.csv");
    const QString filled = dir.filePath("filled.csv");
    QCOMPARE(run_quickly({"offcuts", picture(dir), table, "--sticks", "4", "--count", "16"}).code, 0);
    QCOMPARE(run({"sheet", sheet, "--strokes", table, "--photo", photo}).code, 0);
    QCOMPARE(run({"swatches", photo, "--strokes", table, "--csv", filled}).code, 0);
    QCOMPARE(run({"calibrate", filled, "--paper", "cartridge-cream", "--artist", "Ida"}).json()["artist"].toString(),
             QString("Ida"));
    QCOMPARE(run({"sheet", dir.filePath("corners.pdf"), "--corners"}).code, 0);
    for (const QStringList& wrong :
         {QStringList{"sheet", sheet, "--cells", "900"}, QStringList{"sheet", sheet, "--size", "huge"},
          QStringList{"swatches", picture(dir)}, QStringList{"swatches", photo, "--strokes", table},
          QStringList{"swatches", photo, "--kind", "oil"}}) {
      const Outcome bad = run(wrong);
      QCOMPARE(bad.code, 2);
      QCOMPARE(bad.err.trimmed().count('\n'), 0);
    }
  }

  // The corner marks and the greys on their cards, as another program draws them.
  void printed_corner_cards_hold_their_greys() {
    const QTemporaryDir dir;
    QCOMPARE(run({"sheet", dir.filePath("corners.pdf"), "--corners"}).code, 0);
    QProcess draw;
    draw.start("pdftoppm", {"-r", "100", "-png", "-singlefile", dir.filePath("corners.pdf"), dir.filePath("corners")});
    QVERIFY(draw.waitForFinished() && draw.exitCode() == 0);
    const auto bytes = pictures::read_bytes(dir.filePath("corners.png")).value();
    const check::Photo photo = check::open_photo(pictures::decode(bytes, "corners.png").value()).value();
    const auto marks = check::corner_marks(check::marks_seen(photo));
    QVERIFY(marks.has_value());
    for (int corner = 0; corner < 4; ++corner) {
      for (const printed::Grey& g : printed::card_greys(corner)) {
        const check::Point at = check::on_mark((*marks)[static_cast<std::size_t>(corner)],
                                               {g.box.left + 0.5 * g.box.width, g.box.top + 0.5 * g.box.height});
        const auto seen = check::light_at(photo, at, 2);
        QVERIFY(seen && std::abs(static_cast<double>(seen->g) - g.light) < 0.02);
      }
    }
  }

  // What is printed is what is read: the PDF drawn by another program (poppler) and photographed.
  void the_printed_sheet_is_found_in_its_own_print() {
    const QTemporaryDir dir;
    const QString sheet = dir.filePath("sheet.pdf");
    QCOMPARE(run({"sheet", sheet, "--cells", "30", "--size", "letter"}).code, 0);
    QProcess draw;
    draw.start("pdftoppm", {"-r", "100", "-png", "-singlefile", sheet, dir.filePath("page")});
    QVERIFY(draw.waitForFinished() && draw.exitCode() == 0);
    const QImage page(dir.filePath("page.png"));
    // On a dark table, a little askew.
    QImage table(page.width() + 200, page.height() + 200, QImage::Format_RGB32);
    table.fill(QColor(40, 40, 40));
    QPainter painter(&table);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    painter.translate(120, 60);
    painter.rotate(3);
    painter.scale(0.95, 0.95);
    painter.setOpacity(0.8);  // as an exposure that leaves white paper below the top
    painter.drawImage(0, 0, page);
    painter.end();
    const QString photo = dir.filePath("photo.png");
    QVERIFY(table.save(photo));
    // Nothing is laid yet, and that is what is said: the sheet itself was found.
    const Outcome o = run({"swatches", photo});
    QCOMPARE(o.code, 2);
    QVERIFY2(o.err.contains("no stroke"), o.err);
  }
};

QTEST_GUILESS_MAIN(TestSheets)
#include "test_sheets.moc"
