// SPDX-License-Identifier: MIT
// Papers: each comes back as it was written, every wrong field is named with its place, and what is made of one is a
// sheet as sheets are. What surfaces bear: common practice, no published source.
#include <QTest>
#include <nlohmann/json.hpp>
#include <set>

#include "colour/ciede2000.h"
#include "colour/observer.h"
#include "media/fields.h"
#include "media/paper.h"
#include "optics/look.h"

using namespace yd;
using nlohmann::json;

class TestPapers : public QObject {
  Q_OBJECT
 private slots:
  void initTestCase() { papers_ = media::load_papers().value(); }

  void each_comes_back_as_it_was_written() {
    for (const media::Paper& p : papers_) {
      const media::Paper q = media::paper_from_json(media::to_json(p), "again").value();
      QVERIFY(media::to_json(q) == media::to_json(p));
      for (std::size_t i = 0; i < optics::kStrata; ++i)
        QVERIFY(q.ground.reflectance[i].band == p.ground.reflectance[i].band);
    }
  }

  // The tooth's strata have the mean depth the record asks for, and the sheet the record's colour.
  void the_ground_is_what_the_record_says() {
    for (const media::Paper& p : papers_) {
      double depth = 0;
      for (const float d : p.ground.depth) depth += static_cast<double>(d) / optics::kStrata;
      QVERIFY2(std::abs(depth - p.tooth.depth) < 0.02 * p.tooth.depth, p.id.c_str());
      QVERIFY2(colour::ciede2000(colour::to_lab(optics::mean(p.ground.reflectance)), p.lab) < 0.05, p.id.c_str());
    }
  }

  // Sanded and primed sheets take any wet coat, coated card a little, velour none; sanded ones hold more than a
  // cartridge paper does.
  void surfaces_bear_what_they_bear() {
    std::set<std::string> seen;
    double cartridge = 0;
    double sanded = 1e9;
    for (const media::Paper& p : papers_) {
      seen.insert(p.surface);
      if (p.surface == "sanded" || p.surface == "primed") QVERIFY(p.wet == media::Wetness::full);
      if (p.surface == "coated card") QVERIFY(p.wet == media::Wetness::little);
      if (p.surface == "velour") QVERIFY(p.wet == media::Wetness::none);
      if (p.surface == "cartridge") cartridge = p.tooth.depth;
      if (p.surface == "sanded") sanded = std::min(sanded, p.tooth.depth);
    }
    QVERIFY(seen.size() >= 7);
    QVERIFY(cartridge > 0 && cartridge < sanded);
  }

  void a_wrong_field_is_named_data() {
    QTest::addColumn<QString>("pointer");
    QTest::addColumn<QString>("value");
    QTest::addColumn<QString>("says");
    QTest::newRow("no id") << "/id"
                           << ""
                           << "field \"id\"";
    QTest::newRow("id a number") << "/id"
                                 << "7"
                                 << "field \"id\"";
    QTest::newRow("letters for a colour") << "/lab"
                                          << "\"grey\""
                                          << "field \"lab\"";
    QTest::newRow("a colour of two numbers") << "/lab"
                                             << "[50, 2]"
                                             << "field \"lab\"";
    QTest::newRow("no surface has it") << "/lab"
                                       << "[50, 120, -120]"
                                       << "no surface has this colour";
    QTest::newRow("no tooth") << "/tooth"
                              << ""
                              << "field \"tooth\"";
    QTest::newRow("no depth") << "/tooth/depth"
                              << "0"
                              << "field \"depth\"";
    QTest::newRow("too deep") << "/tooth/depth"
                              << "1e9"
                              << "field \"depth\"";
    QTest::newRow("negative hold") << "/tooth/hold"
                                   << "-1"
                                   << "field \"hold\"";
    QTest::newRow("grain") << "/grain_mm"
                           << "null"
                           << "field \"grain_mm\"";
    QTest::newRow("wet") << "/wet"
                         << "\"soaking\""
                         << "none, wash, little or full";
  }
  void a_wrong_field_is_named() {
    QFETCH(QString, pointer);
    QFETCH(QString, value);
    QFETCH(QString, says);
    json record = media::to_json(papers_.front());
    const json::json_pointer at(pointer.toStdString());
    if (value.isEmpty())
      record.at(at.parent_pointer()).erase(at.back());
    else
      record[at] = json::parse(value.toStdString());
    const auto paper = media::paper_from_json(record, "papers.json: paper 3");
    QVERIFY(!paper.ok());
    const QString sentence = QString::fromStdString(describe(paper.error()));
    QVERIFY2(sentence.contains(says) && sentence.contains("paper 3"), qPrintable(sentence));
  }

  void an_own_paper_is_made_of_a_colour_and_a_tooth() {
    double last = 0;
    for (const char* name : {"fine", "medium", "coarse"}) {
      const optics::Tooth tooth = media::tooth_by_name(name).value();
      QVERIFY(tooth.depth > last);
      last = tooth.depth;
      const auto own = media::make_paper({70, 4, 12}, tooth);
      QVERIFY(own.ok());
      QVERIFY(colour::ciede2000(colour::to_lab(optics::mean(own->ground.reflectance)), {70, 4, 12}) < 0.05);
    }
    const auto rough = media::tooth_by_name("rough");
    QVERIFY(!rough.ok() && describe(rough.error()).find("rough") != std::string::npos);
    const auto impossible = media::make_paper({50, 120, -120}, {});
    QVERIFY(!impossible.ok() && impossible.error().code == Error::Code::unreachable);
  }

  // No file asks for a gigabyte or a stack without end.
  void what_is_nested_or_endless_is_refused() {
    QVERIFY(media::parse_json("{\"a\": [1, 2, {\"b\": null}]}", "x").ok());
    const auto deep = media::parse_json(std::string(100000, '['), "deep.json");
    QVERIFY(!deep.ok() && deep.error().code == Error::Code::too_large);
    std::string wide = "[0";
    for (int i = 0; i < 4'100'000; ++i) wide += ",0";
    const auto endless = media::parse_json(wide + "]", "wide.json");
    QVERIFY(!endless.ok() && endless.error().code == Error::Code::too_large);
    const auto broken = media::parse_json("{\"a\": 1,, }", "broken.json");
    QVERIFY(!broken.ok() && broken.error().code == Error::Code::bad_format);
    QVERIFY(describe(broken.error()).find("broken.json") != std::string::npos);
  }

 private:
  std::vector<media::Paper> papers_;
};

QTEST_APPLESS_MAIN(TestPapers)
#include "test_papers.moc"
