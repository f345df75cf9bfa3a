// SPDX-License-Identifier: MIT
// What touches the sheet: a table that is read whole or not at all.
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <nlohmann/json.hpp>

#include "bytes_of.h"
#include "media/parts.h"

using namespace yd;
using nlohmann::json;

namespace {

json part_rows() { return json::parse(trial::bytes_of(YD_SOURCE_DIR "/data/model/parts.json").toStdString()); }

/// What reading says of a table; empty where it is read.
QString part_words(const json& table) {
  const QTemporaryDir dir;
  const QString file = dir.filePath("parts.json");
  QFile f(file);
  if (!f.open(QIODevice::WriteOnly)) return "no file";
  f.write(QByteArray::fromStdString(table.dump()));
  f.close();
  const auto found = media::load_parts(file.toStdString());
  return found ? QString() : QString::fromStdString(describe(found.error()));
}

const media::Part& part(std::string_view of, std::string_view name) {
  for (const media::Part& p : media::all_parts())
    if (p.of == of && p.name == name) return p;
  return media::all_parts().front();
}

QString g(double v) { return QString::number(v, 'g', 6); }

}  // namespace

class TestParts : public QObject {
  Q_OBJECT
 private slots:
  void every_medium_has_parts_from_broad_to_fine() {
    QVERIFY(media::shipped_parts().ok());
    for (const media::Medium m : media::all_media()) {
      const std::vector<int> parts = media::parts_of(m);
      QVERIFY2(!parts.empty(), std::string(media::name(m)).c_str());
      for (std::size_t i = 1; i < parts.size(); ++i)
        QVERIFY(media::all_parts()[static_cast<std::size_t>(parts[i])].width_mm <=
                media::all_parts()[static_cast<std::size_t>(parts[i - 1])].width_mm);
    }
    QVERIFY(!media::parts_of(media::kRubbing).empty());
    QVERIFY(media::parts_of("nothing").empty());
  }

  // Common practice, no published source: how wide marks are.
  void widths_are_those_of_the_trade() {
    struct Row {
      const char* of;
      const char* part;
      double least, greatest;
    };
    for (const Row& r :
         {Row{"soft", "side", 15, 60}, Row{"soft", "end", 8, 12}, Row{"soft", "edge", 2, 4}, Row{"hard", "end", 5, 7},
          Row{"hard", "edge", 1, 2}, Row{"pencil", "side", 2, 3}, Row{"pencil", "point", 0.4, 1.2},
          Row{"rubbing", "finger", 10, 14}, Row{"rubbing", "stump", 4, 6}, Row{"rubbing", "tip", 2, 3}}) {
      const media::Part& p = part(r.of, r.part);
      QCOMPARE(p.of, std::string(r.of));
      QVERIFY2(p.width_mm >= r.least && p.width_mm <= r.greatest, r.part);
    }
    // A broad stroke takes one to two seconds, a dash of a pencil half of one.
    const double broad_s = part("soft", "side").seconds(40);
    QVERIFY(broad_s >= 1 && broad_s <= 2.5);
    const double dash_s = part("pencil", "point").seconds(5);
    QVERIFY(dash_s >= 0.4 && dash_s <= 0.6);
  }

  void what_is_wrong_is_named() {
    json t = part_rows();
    QVERIFY(part_words(t).isEmpty());
    t["parts"][0]["width_mm"] = 0;
    QVERIFY2(part_words(t).contains("width_mm"), qPrintable(part_words(t)));
    t = part_rows();
    t["parts"][0]["of"] = "butter";
    QVERIFY2(part_words(t).contains("butter"), qPrintable(part_words(t)));
    t = part_rows();
    t["parts"].push_back(t["parts"][0]);
    QVERIFY2(part_words(t).contains("twice"), qPrintable(part_words(t)));
    t = part_rows();
    t["parts"][0]["greatest_mm"] = 1;  // less than the least
    QVERIFY2(part_words(t).contains("greatest_mm"), qPrintable(part_words(t)));
    t = part_rows();
    json kept = json::array();
    for (const json& row : t["parts"])
      if (row["of"] != "pencil") kept.push_back(row);
    t["parts"] = kept;
    QVERIFY2(part_words(t).contains("pencil"), qPrintable(part_words(t)));
  }

  void the_table_stands_in_the_docs() {
    const QString docs = QString::fromUtf8(trial::bytes_of(YD_SOURCE_DIR "/docs/model/marks.md"));
    for (const media::Part& p : media::all_parts()) {
      const QString row =
          QString("| %1 | %2 | %3 | %4 to %5 | %6 | %7 | %8 | %9 |")
              .arg(QString::fromStdString(p.of), QString::fromStdString(p.name), g(p.width_mm), g(p.least_mm),
                   g(p.greatest_mm), g(p.set_s), g(p.speed_mm_s), g(p.miss_mm), g(p.least_pressure));
      QVERIFY2(docs.contains(row), qPrintable(row));
    }
  }
};

QTEST_APPLESS_MAIN(TestParts)
#include "test_parts.moc"
