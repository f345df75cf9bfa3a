// Colours in words.
#include <QTest>

#include "colour/words.h"

using namespace yd::colour;

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
    QVERIFY(describe({85, 0, 70}).find("pale") != std::string::npos);
  }

  // Common practice, no published source: turquoise is a warm blue, periwinkle a cool one.
  void warmth_is_relative() {
    const Lab turquoise{60, -30, -25};
    const Lab orange{65, 30, 60};
    QVERIFY(warmth(orange) > 50);
    QVERIFY(warmth(turquoise) < 0);
  }

  void differences_read_value_first() {
    const std::string text = difference_words({60, 0, 30}, {50, 0, 0});
    QVERIFY(text.find("too light") < text.find("too warm"));
    QCOMPARE(difference_words({50, 10, 10}, {50, 10.2, 10}), std::string("matches"));
    QVERIFY(difference_words({40, 0, 0}, {65, 0, 0}).find("2 steps too dark") == 0);
  }
};

QTEST_APPLESS_MAIN(TestWords)
#include "test_words.moc"
