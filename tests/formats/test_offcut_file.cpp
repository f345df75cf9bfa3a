// SPDX-License-Identifier: MIT
// Offcut strokes as a table, and what was found from them as JSON.
#include <QTest>
#include <nlohmann/json.hpp>

#include "colour/ciede2000.h"
#include "formats/collection_file.h"
#include "formats/offcut_file.h"
#include "small_world.h"

using namespace yd;

namespace {

const media::Collection& sticks() { return trial::shipped_collection(); }
QByteArray id(std::size_t i) { return QByteArray::fromStdString(sticks().sticks[i].id); }
const QByteArray kTitles = "stick,pressure,technique,L*,a*,b*\n";

}  // namespace

class TestOffcutFile : public QObject {
  Q_OBJECT
 private slots:
  void what_is_written_is_read_again() {
    const std::vector<calibrate::Reading> readings{{{3, 1, plan::Technique::laid}, {50.25, -3.5, 12}},
                                                   {{7, 0.3, plan::Technique::rubbed}, {80, 0, -20.75}}};
    const auto again = formats::read_offcuts(formats::write_offcuts(readings, sticks()), "a.csv", sticks()).value();
    QCOMPARE(again.size(), readings.size());
    for (std::size_t i = 0; i < again.size(); ++i) {
      QVERIFY(again[i].stroke == readings[i].stroke);
      QVERIFY(again[i].lab == readings[i].lab);
    }
  }

  void a_sheet_is_filled_in_by_hand() {
    const std::vector<calibrate::OffcutStroke> strokes{{3, 1, plan::Technique::laid}, {7, 0.3, plan::Technique::laid}};
    // Nothing is filled in yet, then one row, with words, semicolons and a decimal comma as a spreadsheet may leave
    // them.
    QVERIFY(formats::read_offcuts(formats::write_offcuts(strokes, sticks()), "a.csv", sticks())->empty());
    const QByteArray filled =
        "Stick;Pressure;Technique;L;a;b\n" + id(3) + ";Firm;Laid;50,5;1;-2\n" + id(7) + ";light;rubbed;;;\n";
    const auto readings = formats::read_offcuts(filled, "a.csv", sticks()).value();
    QCOMPARE(readings.size(), std::size_t{1});
    QCOMPARE(readings[0].stroke.pressure, 1.0);
    QCOMPARE(readings[0].lab.l, 50.5);
  }

  /// Keywords of CGATS.17 (ISO 28178), from memory; the values are ours.
  void an_instrument_says_colours_in_the_order_of_the_strokes() {
    const std::vector<calibrate::OffcutStroke> strokes{{3, 1, plan::Technique::laid},
                                                       {7, 0.3, plan::Technique::rubbed}};
    const QByteArray head =
        "CGATS.17\nORIGINATOR \"An instrument\"\nNUMBER_OF_FIELDS 4\nBEGIN_DATA_FORMAT\nSAMPLE_ID LAB_L LAB_A "
        "LAB_B\nEND_DATA_FORMAT\n";
    const QByteArray two = head + "NUMBER_OF_SETS 2\nBEGIN_DATA\n1 50.25 -3.5 12\n2 80 0.5 -20.75\nEND_DATA\n";
    QVERIFY(formats::is_cgats(two));
    const auto readings = formats::read_samples(two, "a.cgats", strokes).value();
    QCOMPARE(readings.size(), strokes.size());
    QVERIFY(readings[0].stroke == strokes[0] && readings[1].stroke == strokes[1]);
    QVERIFY(colour::ciede2000(readings[0].lab, {50.25, -3.5, 12}) < 0.02);
    QVERIFY(colour::ciede2000(readings[1].lab, {80, 0.5, -20.75}) < 0.02);

    const auto error = [&](const QByteArray& bytes) {
      const auto r = formats::read_samples(bytes, "a.cgats", strokes);
      return r.ok() ? QString() : QString::fromStdString(describe(r.error()));
    };
    const QByteArray one = head + "NUMBER_OF_SETS 1\nBEGIN_DATA\n1 50.25 -3.5 12\nEND_DATA\n";
    QVERIFY(error(one).contains("1 samples, but 2 strokes"));
    QVERIFY(error({}).contains("no CGATS"));
    QVERIFY(error(QByteArray(two).replace("80", "dark")).contains("line 10"));
  }

  void what_is_wrong_is_named_by_its_line() {
    const auto error = [](const QByteArray& bytes) {
      const auto r = formats::read_offcuts(bytes, "a.csv", sticks());
      return r.ok() ? QString() : QString::fromStdString(describe(r.error()));
    };
    const QByteArray good = id(3) + ",1,laid,50,0,0\n";
    QVERIFY(error(kTitles + good).isEmpty());
    for (const QByteArray& bad : {QByteArray("no-such-stick,1,laid,50,0,0\n"), id(3) + ",hard,laid,50,0,0\n",
                                  id(3) + ",0,laid,50,0,0\n", id(3) + ",1,wet,50,0,0\n", id(3) + ",1,laid,dark,0,0\n"})
      QVERIFY2(error(kTitles + good + bad).contains("line 3"), bad);
    QVERIFY(error("stick,pressure,L*,a*,b*\n" + good).contains("technique"));
  }

  void what_was_found_goes_by_the_ids_of_sticks() {
    calibrate::Calibration c;
    c.hand = {0.7, 0.8};
    c.readings = 12;
    c.before_de00 = 5;
    c.after_de00 = 1;
    c.artist = "Ida";
    c.paper = "cartridge-cream";
    c.date = "2026-11-26";
    c.sticks = {{3, {50, 10, -20}, 4.5, 1.25}, {7, {70, 0, 5}, 2, 0.5}};
    const nlohmann::json json = formats::calibration_to_json(c, sticks());
    const auto again = formats::calibration_from_json(json, "c.json", sticks()).value();
    QVERIFY(again.hand == c.hand);
    QVERIFY(calibrate::rests_on(again) == calibrate::rests_on(c));
    QCOMPARE(calibrate::rests_on(again).off_de00, 1.0);
    QCOMPARE(again.sticks.size(), std::size_t{2});
    QCOMPARE(again.sticks[1].stick, 7);
    QVERIFY(again.sticks[0].lab == c.sticks[0].lab);
    // A collection without one of them takes the other.
    media::Collection fewer = sticks();
    fewer.sticks.erase(fewer.sticks.begin() + 3);
    const auto part = formats::calibration_from_json(json, "c.json", fewer).value();
    QCOMPARE(part.sticks.size(), std::size_t{1});
    QCOMPARE(part.sticks[0].stick, 6);
  }

  void what_is_no_calibration_is_refused() {
    calibrate::Calibration c;
    const nlohmann::json good = formats::calibration_to_json(c, sticks());
    for (const auto& [field, value] : std::vector<std::pair<const char*, nlohmann::json>>{
             {"format", "something"}, {"version", 99}, {"hand", {{"light", 0}, {"firm", 1}}}, {"sticks", 3}}) {
      nlohmann::json bad = good;
      bad[field] = value;
      QVERIFY2(!formats::calibration_from_json(bad, "c.json", sticks()).ok(), field);
    }
  }
};

QTEST_APPLESS_MAIN(TestOffcutFile)
#include "test_offcut_file.moc"
