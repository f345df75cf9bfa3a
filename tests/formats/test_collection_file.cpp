// SPDX-License-Identifier: MIT
// Palettes and measurements in and out: round trips, a CGATS file and a 24-patch chart of Debian packages, broken rows.
#include <QDir>
#include <QFile>
#include <QTest>
#include <nlohmann/json.hpp>

#include "bytes_of.h"
#include "colour/ciede2000.h"
#include "formats/collection_file.h"
#include "photographs.h"
#include "small_world.h"

using namespace yd;
using formats::CsvField;

namespace {

constexpr auto kSoft = optics::Medium::soft;

media::Collection some() { return trial::every(7); }

}  // namespace

class TestCollectionFile : public QObject {
  Q_OBJECT
 private slots:
  void gimp_palettes_keep_colour_to_a_level() {
    const auto c = some();
    const auto in = formats::read_gimp_palette(formats::write_gimp_palette(c), "a.gpl", kSoft).value();
    QCOMPARE(in.sticks.size(), c.sticks.size());
    QVERIFY(in.bad.empty());
    QCOMPARE(in.name, c.name);
    for (std::size_t i = 0; i < c.sticks.size(); ++i) {
      const auto was = colour::to_srgb(c.sticks[i].lab);
      const auto is = colour::to_srgb(in.sticks[i].lab);
      QVERIFY(std::abs(was.r - is.r) <= 2 && std::abs(was.g - is.g) <= 2 && std::abs(was.b - is.b) <= 2);
      QCOMPARE(in.sticks[i].name, c.sticks[i].name);
    }
  }

  void csv_keeps_lab_and_stock() {
    auto c = some();
    c.sticks[0].name = "say \"dark\", really";
    c.sticks[1].owned = false;
    c.sticks[2].left = 0.25;
    c.sticks[3].lightfast = "III";
    c.sticks[4].favourite = true;
    const auto table = formats::read_csv_table(formats::write_csv(c), "a.csv").value();
    QVERIFY(table.header);
    const auto in = formats::sticks_from_csv(table, table.guess, "a.csv", kSoft).value();
    QVERIFY2(in.bad.empty(), in.bad.empty() ? "" : in.bad[0].what.c_str());
    QCOMPARE(in.sticks.size(), c.sticks.size());
    for (std::size_t i = 0; i < c.sticks.size(); ++i) {
      QVERIFY(colour::ciede2000(in.sticks[i].lab, c.sticks[i].lab) < 0.05);
      QCOMPARE(in.sticks[i].medium, c.sticks[i].medium);
      QCOMPARE(in.sticks[i].pigments, c.sticks[i].pigments);
      QCOMPARE(in.sticks[i].name, c.sticks[i].name);
    }
    QVERIFY(!in.sticks[1].owned && in.sticks[4].favourite);
    QCOMPARE(in.sticks[2].left, 0.25);
    QCOMPARE(in.sticks[3].lightfast, std::string("III"));
  }

  void a_stick_may_be_called_like_a_keyword() {
    auto c = some();
    c.sticks[0].name = "like BEGIN_DATA_FORMAT";
    c.sticks[1].name = "BEGIN_DATA_FORMAT";
    const auto in = formats::read_sticks(formats::write_csv(c), "a.csv", kSoft);
    QVERIFY(in && in->bad.empty());
    QCOMPARE(in->sticks.size(), c.sticks.size());
    QCOMPARE(in->sticks[1].name, c.sticks[1].name);
  }

  void cgats_keeps_the_spectrum() {
    const auto c = some();
    const auto in = formats::read_cgats(formats::write_cgats(c), "a.txt", kSoft).value();
    QCOMPARE(in.sticks.size(), c.sticks.size());
    for (std::size_t i = 0; i < c.sticks.size(); ++i) {
      for (std::size_t b = 0; b < colour::kBands; ++b)
        QVERIFY(std::abs(in.sticks[i].masstone[b] - c.sticks[i].masstone[b]) < 2e-6F);
    }
  }

  void our_own_json_keeps_everything() {
    auto c = some();
    c.sticks[2].left = 0.5;
    const auto in =
        formats::read_collection_json(QByteArray::fromStdString(media::to_json(c).dump()), "a.json").value();
    QCOMPARE(in.sticks.size(), c.sticks.size());
    QCOMPARE(in.sticks[2].left, 0.5);
    QCOMPARE(in.sticks[2].masstone.band, c.sticks[2].masstone.band);
  }

  // colord-data ships CGATS text with XYZ columns (its ti1 targets); Little CMS and this plain reading must agree.
  void a_cgats_file_of_another_hand_is_read() {
    const QByteArray bytes = trial::bytes_of("/usr/share/colord/ti1/display-short.ti1");
    QVERIFY2(!bytes.isEmpty(), "package colord-data is needed");
    const auto in = formats::read_cgats(bytes, "display-short.ti1", kSoft);
    QVERIFY2(in.ok(), in.ok() ? "" : describe(in.error()).c_str());
    QVERIFY(in->sticks.size() + in->bad.size() > 10);
  }

  // argyll-ref ships the published Lab values (D50) of a 24-patch colour chart as CGATS. Each becomes a stick of that
  // colour, to 0.1 CIEDE2000 where a surface can have it, and the grey row falls in value from patch to patch.
  void a_published_chart_of_24_patches_is_read() {
    const auto charts = trial::charts_of_24();
    for (const trial::Chart& chart : charts) {
      const auto in = formats::read_cgats(chart.text, "chart", kSoft).value();
      QCOMPARE(in.sticks.size(), std::size_t{24});
      QVERIFY(in.bad.empty());
      for (std::size_t i = 0; i < 24; ++i) QVERIFY(colour::ciede2000(in.sticks[i].lab, chart.patches[i]) < 0.1);
      for (std::size_t i = 19; i < 24; ++i) QVERIFY(in.sticks[i].lab.l < in.sticks[i - 1].lab.l - 5);
    }
    QVERIFY2(!charts.empty(), "package argyll-ref is needed");
  }

  void bad_rows_are_named_and_good_ones_kept() {
    const QByteArray gpl = "GIMP Palette\nName: mixed\n#\n10 20 30 good\n300 0 0 bad\nten 0 0 bad\n 1 2\n255 255 255\n";
    const auto in = formats::read_gimp_palette(gpl, "a.gpl", kSoft).value();
    QCOMPARE(in.sticks.size(), std::size_t{2});
    QCOMPARE(in.bad.size(), std::size_t{3});
    QCOMPARE(in.bad[0].line, 5);
    QCOMPARE(in.bad[2].line, 7);
    QVERIFY(!in.sticks[1].name.empty());
    const QByteArray csv =
        "name;L*;a*;b*\nsky;82,5;-3;-12\nletters;dark;0;0\ntoo far;400;0;0\n\"two\nlines\";20;0;0\nlast;x;0;0\n";
    const auto table = formats::read_csv_table(csv, "a.csv").value();
    QCOMPARE(table.separator, ';');
    const auto sticks = formats::sticks_from_csv(table, table.guess, "a.csv", kSoft).value();
    QCOMPARE(sticks.sticks.size(), std::size_t{2});
    QCOMPARE(sticks.bad.size(), std::size_t{3});
    QCOMPARE(sticks.bad[0].line, 3);
    QCOMPARE(sticks.bad[2].line, 7);
    QVERIFY(QString::fromStdString(sticks.bad[0].what).contains("L*"));
  }

  void columns_can_be_given_another_meaning() {
    const QByteArray csv = "1,#8a6b4f,brown thing,hard\n2,#00ff00,green thing,hard\n3,oops,x,hard\n";
    const auto table = formats::read_csv_table(csv, "a.csv").value();
    QVERIFY(!table.header);
    QVERIFY(!formats::sticks_from_csv(table, table.guess, "a.csv", kSoft).ok());
    const auto in =
        formats::sticks_from_csv(table, {CsvField::id, CsvField::hex, CsvField::name, CsvField::medium}, "a.csv", kSoft)
            .value();
    QCOMPARE(in.sticks.size(), std::size_t{2});
    QCOMPARE(in.sticks[0].medium, optics::Medium::hard);
    QCOMPARE(in.bad.front().line, 3);
  }

  // Found by driving the window: a number where the format's name should stand ended the program.
  void json_of_wrong_types_is_refused() {
    for (const char* text :
         {R"({"format":5,"sticks":[]})", R"({"format":null,"sticks":[]})", R"({"sticks":[]})",
          R"({"format":"yawning-dune collection"})", R"({"format":"yawning-dune collection","sticks":5})",
          R"({"format":"yawning-dune collection","name":7,"sticks":[]})", "{}", "{"}) {
      const auto read = formats::read_sticks(text, "odd.json", optics::Medium::soft);
      QVERIFY(!read.ok());
      QVERIFY(describe(read.error()).find("odd.json") != std::string::npos);
    }
    const auto deep = formats::read_sticks("{\"a\":" + QByteArray(1000000, '['), "deep.json", optics::Medium::soft);
    QVERIFY(!deep.ok() && deep.error().code == Error::Code::too_large);
  }

  void files_of_another_kind_are_refused_by_name() {
    for (const QByteArray& bytes : {QByteArray("GIMP Pal"), QByteArray(), QByteArray("\0\0\0\0", 4), QByteArray("{}"),
                                    QByteArray("CGATS.17\nBEGIN_DATA_FORMAT\nSAMPLE_ID\nEND_DATA_FORMAT\n")}) {
      const auto in = formats::read_sticks(bytes, "odd.file", kSoft);
      QVERIFY(!in.ok());
      QVERIFY(QString::fromStdString(describe(in.error())).contains("odd.file"));
    }
  }
};

QTEST_GUILESS_MAIN(TestCollectionFile)
#include "test_collection_file.moc"
