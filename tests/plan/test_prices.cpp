// SPDX-License-Identifier: MIT
// The table of prices: read with care, shown in docs, and each of them tells on a plan or says why not.
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <nlohmann/json.hpp>
#include <sstream>

#include "bytes_of.h"
#include "media/shipped.h"
#include "price/price.h"

using namespace yd;
using nlohmann::json;

namespace {

json price_table() { return json::parse(trial::bytes_of(YD_SOURCE_DIR "/data/model/prices.json").toStdString()); }

/// What reading says of a table; empty where it is read.
QString price_words(const json& table) {
  const QTemporaryDir dir;
  const QString file = dir.filePath("prices.json");
  QFile f(file);
  if (!f.open(QIODevice::WriteOnly)) return "no file";
  f.write(QByteArray::fromStdString(table.dump()));
  f.close();
  const auto found = plan::load_prices(file.toStdString());
  return found ? QString() : QString::fromStdString(describe(found.error()));
}

json& price_row(json& table, const char* key) {
  for (json& r : table["prices"]) {
    if (r["key"] == key) return r;
  }
  return table["none"];
}

}  // namespace

class TestPrices : public QObject {
  Q_OBJECT
 private slots:
  void every_price_is_read_once() {
    QVERIFY(plan::shipped_prices().ok());
    plan::Prices all;
    const auto places = plan::bind(all);
    QCOMPARE(plan::shipped_prices()->rows.size(), places.size());
    // No field of the struct is without a row: all of it is slots.
    QCOMPARE(sizeof(plan::Prices), places.size() * sizeof(double));
    QCOMPARE(plan::prices().layer.further, 0.12);
    QCOMPARE(plan::prices().pass.each, 0.015);
  }

  void what_is_wrong_is_named() {
    json t = price_table();
    QVERIFY(price_words(t).isEmpty());
    price_row(t, "layer.far")["default"] = -1;
    QVERIFY2(price_words(t).contains("default"), qPrintable(price_words(t)));
    t = price_table();
    price_row(t, "layer.far")["key"] = "layer.near";
    QVERIFY2(price_words(t).contains("layer.near"), qPrintable(price_words(t)));
    t = price_table();
    t["prices"].erase(3);
    QVERIFY2(price_words(t).contains("missing"), qPrintable(price_words(t)));
    t = price_table();
    t["prices"].push_back(t["prices"][0]);
    QVERIFY2(price_words(t).contains("twice"), qPrintable(price_words(t)));
    t = price_table();
    price_row(t, "layer.far")["level"] = "world";
    QVERIFY2(price_words(t).contains("level"), qPrintable(price_words(t)));
    t = price_table();
    price_row(t, "layer.far")["default"] = "dear";
    QVERIFY2(!price_words(t).isEmpty(), "letters for a number");
  }

  void the_documented_table_is_the_one_that_is_read() {
    std::ostringstream out;
    out << "| key | value | range | unit | level | reason |\n|---|---:|---|---|---|---|\n";
    for (const plan::PriceRow& r : plan::shipped_prices()->rows)
      out << "| `" << r.info.key << "` | " << r.info.value << " | " << r.info.low << " to " << r.info.high << " | "
          << r.info.unit << " | " << r.level << " | " << r.info.reason << " |\n";
    QVERIFY(QString::fromUtf8(trial::bytes_of(YD_SOURCE_DIR "/docs/model/prices.md"))
                .contains(QString::fromStdString(out.str())));
  }
};

QTEST_APPLESS_MAIN(TestPrices)
#include "test_prices.moc"
