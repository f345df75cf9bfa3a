// SPDX-License-Identifier: MIT
// Colours in words.
#include <QFile>
#include <QTest>

#include "colour/profile.h"
#include "colour/words.h"

using namespace yd::colour;

namespace {

/// The published names as painters say them, with their colours.
QList<std::pair<QByteArray, Lab>> centroids() {
  QList<std::pair<QByteArray, Lab>> out;
  QFile f(YD_TEST_DATA "/published/iscc_nbs_267_centroids_srgb.csv");
  if (!f.open(QIODevice::ReadOnly)) return out;
  for (const QByteArray& line : f.readAll().split('\n')) {
    const auto cells = line.split(',');
    bool hex = false;
    const unsigned rgb = cells.size() == 2 ? cells[1].trimmed().toUInt(&hex, 16) : 0;
    if (!hex || line.startsWith('#')) continue;
    QByteArray name = cells[0];
    name.replace("gray", "grey").replace("moderate ", "").replace("brilliant ", "bright ").replace("strong ", "clear ");
    out.append({name, from_srgb({static_cast<std::uint8_t>(rgb >> 16U), static_cast<std::uint8_t>(rgb >> 8U),
                                 static_cast<std::uint8_t>(rgb)})});
  }
  return out;
}

}  // namespace

class TestWords : public QObject {
  Q_OBJECT
 private slots:
  void plain_colours_have_plain_names() {
    QCOMPARE(describe({98, 0, 1}), std::string("white"));
    QCOMPARE(describe({8, 0, 1}), std::string("black"));
    QCOMPARE(hue_word({60, 0, 2}), std::string("grey"));
    QVERIFY(describe({30, -6, -14}).find("blue") != std::string::npos);
    QVERIFY(describe({85, 0, 70}).find("yellow") != std::string::npos);
    QVERIFY(describe({45, 60, 40}).find("red") != std::string::npos);
  }

  // Common practice, no published source: what painters call these.
  void painters_words() {
    const struct {
      Lab lab;
      const char* word;
    } rows[] = {{{30, 15, 20}, "brown"},         {{78, 25, 12}, "pink"}, {{40, -6, 28}, "olive"},
                {{55, 18, 48}, "orange yellow"}, {{62, 0, -2}, "grey"},  {{40, 30, -32}, "purple"},
                {{25, 12, -48}, "blue"},         {{18, 0, 0}, "black"},  {{45, -38, 20}, "green"},
                {{72, 28, 62}, "orange"}};
    for (const auto& row : rows)
      QVERIFY2(describe(row.lab).find(row.word) != std::string::npos, describe(row.lab).c_str());
  }

  // Every centroid of K. L. Kelly, D. B. Judd, NBS Special Publication 440 (1976), bears its own name.
  void names_are_those_of_the_published_centroids() {
    const auto all = centroids();
    QCOMPARE(all.size(), 266);
    for (const auto& [name, lab] : all) QCOMPARE(QByteArray::fromStdString(describe(lab)), name);
  }

  // Common practice, no published source: turquoise is a warm blue, periwinkle a cool one.
  void warmth_is_relative() {
    const Lab turquoise{60, -30, -25};
    const Lab orange{65, 30, 60};
    QVERIFY(warmth(orange) > 50);
    QVERIFY(warmth(turquoise) < 0);
  }

  void differences_have_their_signs() {
    const Difference d = difference({60, 0, 30}, {50, 0, 0});
    QVERIFY(d.steps > 0 && d.warmer > 0 && d.more_chroma > 0 && d.de00 > 5);
    const Difference back = difference({50, 0, 0}, {60, 0, 30});
    QCOMPARE(back.steps, -d.steps);
    QCOMPARE(back.warmer, -d.warmer);
    QCOMPARE(back.more_chroma, -d.more_chroma);
    QCOMPARE(difference({50, 10, 10}, {50, 10, 10}).de00, 0.0);
  }
};

QTEST_APPLESS_MAIN(TestWords)
#include "test_words.moc"
