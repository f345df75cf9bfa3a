// SPDX-License-Identifier: MIT
// Papers, collections and the parameter table: what ships loads, what is broken is refused by name.
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include "bytes_of.h"
#include "colour/ciede2000.h"
#include "media/collection.h"
#include "media/model.h"
#include "media/paper.h"
#include "media/shipped.h"
#include "measured.h"

using namespace yd;

namespace {

QString write(const QTemporaryDir& dir, const QByteArray& text) {
  const QString path = dir.filePath("file.json");
  QFile f(path);
  if (f.open(QIODevice::WriteOnly)) f.write(text);
  return path;
}

/// The table as docs/model/parameters.md holds it.
std::string to_markdown(const std::vector<media::ParameterInfo>& table) {
  std::ostringstream out;
  out << "| parameter | default | range | unit | reason |\n|---|---:|---|---|---|\n";
  for (const media::ParameterInfo& row : table) {
    out << "| `" << row.key << "` | " << row.value << " | " << row.low << " to " << row.high << " | " << row.unit
        << " | " << row.reason << " |\n";
  }
  return out.str();
}

}  // namespace

class TestRecords : public QObject {
  Q_OBJECT
 private slots:
  void what_ships_loads() {
    const auto all = media::find_collection("generic");
    QVERIFY2(all.ok(), all.ok() ? "" : describe(all.error()).c_str());
    std::array<int, optics::kNamedMedia> counts{};
    for (const media::Stick& s : all->sticks) ++counts[static_cast<std::size_t>(s.medium)];
    QCOMPARE(counts[static_cast<std::size_t>(optics::Medium::soft)], 141);
    QCOMPARE(counts[static_cast<std::size_t>(optics::Medium::hard)], 36);
    QCOMPARE(counts[static_cast<std::size_t>(optics::Medium::pencil)], 48);
    QCOMPARE(counts[static_cast<std::size_t>(optics::Medium::pan)], 20);
    const auto papers = media::load_papers();
    QVERIFY(papers.ok());
    QCOMPARE(papers->size(), 14U);
  }

  void sticks_look_like_their_names() {
    const auto all = media::find_collection("generic").value();
    const auto lab = [&](const char* id) {
      for (const media::Stick& s : all.sticks) {
        if (s.id == id) return s.lab;
      }
      return colour::Lab{-1, 0, 0};
    };
    QVERIFY(lab("soft-white").l > 93);
    // From memory, no published source: carbon black as a powder reflects two or three per cent, the deepest colours
    // a maker presses 1.5 to 2; a powder's own surface scatters a per cent or so.
    QVERIFY(std::abs(lab("soft-black").l - 18) < 1);
    for (const char* id : {"soft-deepest-green", "soft-deepest-blue-green", "soft-deepest-blue", "soft-deepest-violet",
                           "soft-deepest-red-brown", "soft-deepest-brown"}) {
      QVERIFY2(lab(id).l > 12.5 && lab(id).l < 15.5, qPrintable(QString("%1 %2").arg(id).arg(lab(id).l)));
      QVERIFY2(colour::chroma(lab(id)) > 4, id);
    }
    QVERIFY(lab("soft-ultramarine-blue").b < -40);
    QVERIFY(lab("soft-lemon-yellow").b > 70);
    QVERIFY(lab("soft-leaf-green").a < -25);
    QVERIFY(lab("soft-scarlet").a > 50);
    QVERIFY(lab("soft-scarlet-tint-2").l > lab("soft-scarlet").l + 10);
  }

  // E. Krinov, Spectral Reflectance Properties of Natural Formations (1947): leaves and grass lie at hues of 90 to 125
  // degrees. A landscape box has a stick of like hue and value for nearly all of them, and as colourful.
  void leaves_and_grass_have_sticks_of_their_kind() {
    const auto all = media::find_collection("generic-soft").value();
    int measured = 0;
    int met = 0;
    for (const colour::Spectrum& s : trial::measured("krinov_191_natural_400-650_10nm.csv")) {
      const colour::Lch leaf = colour::to_lch(colour::to_lab(s));
      if (leaf.h < 90 || leaf.h > 125 || leaf.c < 15 || leaf.l < 20 || leaf.l > 60) continue;
      ++measured;
      met += std::any_of(all.sticks.begin(), all.sticks.end(), [&](const media::Stick& stick) {
        const colour::Lch own = colour::to_lch(stick.lab);
        return colour::hue_apart_deg(own.h, leaf.h) < 12 && std::abs(own.l - leaf.l) < 8 && own.c > 0.9 * leaf.c;
      });
    }
    QVERIFY2(measured > 70, qPrintable(QString::number(measured)));
    QVERIFY2(met > 0.85 * measured, qPrintable(QString("%1 of %2").arg(met).arg(measured)));
  }

  void broken_sticks_are_named_data() {
    QTest::addColumn<QString>("says");
    QTest::newRow("letters") << "field \"lab\"";
    QTest::newRow("no-colour") << "field \"lab\"";
    QTest::newRow("medium") << "field \"medium\"";
    QTest::newRow("gap") << "36 numbers";
    QTest::newRow("negative") << "number 1";
    QTest::newRow("impossible") << "field \"lab\"";
    QTest::newRow("cut") << "not valid JSON";
    QTest::newRow("empty") << "no stick";
    QTest::newRow("newer") << "newer version";
    QTest::newRow("other") << "soup";
    QTest::newRow("twice") << "stands twice";
  }
  void broken_sticks_are_named() {
    QFETCH(QString, says);
    const QString file = QString(YD_TEST_DATA "/broken/collections/%1.json").arg(QTest::currentDataTag());
    const auto c = media::load_collection(file.toStdString());
    QVERIFY(!c.ok());
    const QString sentence = QString::fromStdString(describe(c.error()));
    QVERIFY2(sentence.contains(says), qPrintable(sentence));
    QVERIFY(sentence.contains(file));
  }

  void a_missing_file_says_so() {
    const auto c = media::load_collection("/nowhere/at-all.json");
    QVERIFY(!c.ok());
    QVERIFY(c.error().code == Error::Code::not_found);
  }

  void the_documented_table_is_the_one_that_is_read() {
    QVERIFY(QString::fromUtf8(trial::bytes_of(YD_SOURCE_DIR "/docs/model/parameters.md"))
                .contains(QString::fromStdString(to_markdown(media::load_model()->table))));
  }

  void parameters_out_of_range_are_refused() {
    QByteArray text =
        trial::bytes_of(QString::fromStdString((media::data_directory() / "model" / "parameters.json").string()));
    const QTemporaryDir dir;
    QVERIFY(media::load_model(write(dir, text).toStdString()).ok());
    QByteArray bad = text;
    bad.replace("\"key\": \"soft.lay\", \"default\": ", "\"key\": \"soft.lay\", \"default\": -");
    QVERIFY(bad != text);
    const auto refused = media::load_model(write(dir, bad).toStdString());
    QVERIFY(!refused.ok());
    QVERIFY(QString::fromStdString(describe(refused.error())).contains("default"));
    text.replace("soft.lay", "soft.lie");
    QVERIFY(!media::load_model(write(dir, text).toStdString()).ok());
  }
};

QTEST_APPLESS_MAIN(TestRecords)
#include "test_records.moc"
