// SPDX-License-Identifier: MIT
// The translations are whole, and all that the core says in English has its words.
#include <QDirIterator>
#include <QFile>
#include <QRegularExpression>
#include <QSet>
#include <QTest>
#include <QXmlStreamReader>

#include "advice/ground_choice.h"
#include "advice/judge.h"
#include "bytes_of.h"
#include "coat/underpaint.h"
#include "colour/words.h"
#include "optics/parameters.h"
#include "brief/options.h"
#include "practice/drill.h"
#include "subject/masses.h"
#include "subject/own_colours.h"
#include "words/facts.h"
#include "words/language.h"
#include "words/lengths.h"
#include "words/names.h"
#include "words/number.h"
#include "words/terms.h"

using namespace yd;

namespace {

struct Message {
  QString context, source;
  QStringList texts;
  bool plural = false;
  bool finished = true;
};

QList<Message> read_ts(const char* code) {
  QFile file(QStringLiteral(YD_SOURCE_DIR "/translations/yawning-dune_%1.ts").arg(code));
  QList<Message> out;
  if (!file.open(QIODevice::ReadOnly)) return out;
  QXmlStreamReader xml(&file);
  QString context;
  while (!xml.atEnd()) {
    if (xml.readNext() != QXmlStreamReader::StartElement) continue;
    if (xml.name() == QLatin1String("name")) context = xml.readElementText();
    if (xml.name() == QLatin1String("message"))
      out.append({context, {}, {}, xml.attributes().value("numerus") == QLatin1String("yes"), true});
    if (xml.name() == QLatin1String("source")) out.back().source = xml.readElementText();
    if (xml.name() == QLatin1String("translation")) {
      out.back().finished = !xml.attributes().hasAttribute("type");
      if (!out.back().plural) out.back().texts << xml.readElementText();
    }
    if (xml.name() == QLatin1String("numerusform")) out.back().texts << xml.readElementText();
  }
  return out;
}

QSet<QString> places(const QString& text) {
  static const QRegularExpression place("%[0-9n]");
  QSet<QString> out;
  for (auto i = place.globalMatch(text); i.hasNext();) out.insert(i.next().captured());
  return out;
}

/// All file types a dialog offers stay offered.
QSet<QString> patterns(const QString& text) {
  static const QRegularExpression pattern("\\*\\.[a-z0-9]+");
  QSet<QString> out;
  for (auto i = pattern.globalMatch(text); i.hasNext();) out.insert(i.next().captured());
  return out;
}

struct Speaking {
  explicit Speaking(const char* code) { words::speak(code, QLocale::c()); }
  ~Speaking() { words::speak("en", QLocale::c()); }
};

/// The pieces of what the core says: literals of two words or more in what makes an `Error`.
QStringList said_by_the_core() {
  QStringList out;
  const QStringList modules{"calibrate", "check", "colour",  "formats", "journal", "media",
                            "pictures",  "plan",  "printed", "subject", "support", "swatches"};
  static const QRegularExpression error(
      "(?:bad_value|unreachable|refuse|refused|fail|broken|at_line|Error)\\s*[({][^;]*;|return \"[^;]*;");
  static const QRegularExpression literal("\"((?:[^\"\\\\]|\\\\.)*)\"");
  for (const QString& module : modules) {
    QDirIterator files(QStringLiteral(YD_SOURCE_DIR "/src/") + module, {"*.cpp", "*.h"}, QDir::Files,
                       QDirIterator::Subdirectories);
    while (files.hasNext()) {
      QFile file(files.next());
      if (!file.open(QIODevice::ReadOnly)) continue;
      const QString text = QString::fromUtf8(file.readAll());
      for (auto e = error.globalMatch(text); e.hasNext();) {
        const QString call = e.next().captured().replace(QRegularExpression("\"\\s*\n\\s*\""), "");
        for (auto l = literal.globalMatch(call); l.hasNext();) {
          QString said = l.next().captured(1);
          said.replace("\\\"", "\"");
          if (said.trimmed().contains(' ')) out << QFileInfo(file).fileName() + ": " + said;
        }
      }
    }
  }
  return out;
}

}  // namespace

class TestLanguages : public QObject {
  Q_OBJECT
 private slots:
  void init() { words::speak("en", QLocale::c()); }

  void every_text_is_translated_with_its_places() {
    for (const words::Language& l : words::languages()) {
      const QList<Message> all = read_ts(l.code);
      const bool english = l.code == QLatin1String("en");
      QVERIFY2(all.size() > (english ? 20 : 1800), l.code);
      QStringList bad;
      for (const Message& m : all) {
        const QString what = l.code + (", " + m.context) + ": " + m.source + " -> " + m.texts.join(" | ");
        if (!m.finished || m.texts.isEmpty()) bad << "unfinished " + what;
        if (m.plural && m.texts.size() != 2 && m.texts.size() != 3) bad << "plural " + what;
        for (const QString& text : m.texts) {
          if (text.isEmpty() || places(text) != places(m.source) || patterns(text) != patterns(m.source))
            bad << "places " + what;
          const bool ends = m.source.endsWith('.') == text.endsWith('.');
          if (!ends && m.source.size() > 3) bad << "stop " + what;
          if (m.source.startsWith(' ') && !text.startsWith(' ')) bad << "space " + what;
        }
      }
      QVERIFY2(bad.isEmpty(), qPrintable(bad.join('\n')));
    }
  }

  void languages_say_the_same_texts() {
    const auto keys = [](const char* code) {
      QSet<QString> out;
      for (const Message& m : read_ts(code)) out.insert(m.context + '|' + m.source);
      return out;
    };
    QCOMPARE(keys("fr"), keys("de"));
    QCOMPARE(keys("es"), keys("de"));
  }

  void the_best_language_is_found() {
    QCOMPARE(words::language_for({}, {"nl-NL", "fr-CA", "de"}), QString("fr"));
    QCOMPARE(words::language_for("es", {"de-DE"}), QString("es"));
    QCOMPARE(words::language_for("xx", {"de_AT"}), QString("de"));
    QCOMPARE(words::language_for({}, {"ja"}), QString("en"));
    // CLDR: a decimal comma in Germany and Austria, inches in the United States only.
    QCOMPARE(words::locale_for("de", QLocale("de_AT")), QLocale("de_AT"));
    QCOMPARE(words::locale_for("en", QLocale::c()), QLocale::c());
    QCOMPARE(words::locale_for("de", QLocale::c()).language(), QLocale::German);
    QCOMPARE(words::locale_for("en", QLocale("de_DE")).measurementSystem(), QLocale::MetricSystem);
  }

  void numbers_and_lengths_follow_the_country() {
    QCOMPARE(words::number(1234.56, 1), QString("1234.6"));
    QCOMPARE(words::length(30.48), QString("30.5 cm"));
    QLocale::setDefault(QLocale("de_DE"));
    QCOMPARE(words::number(-0.75, 2), QString("-0,75"));
    QCOMPARE(words::signed_number(1.25, 1), QString("+1,3"));
    QVERIFY(!words::on_letter());
    QLocale::setDefault(QLocale("en_US"));
    QCOMPARE(words::size(30.48, 22.86), QString("12.0 × 9.0 in"));
    QVERIFY(words::on_letter());
    QLocale::setDefault(QLocale::c());
  }

  void differences_read_value_first() {
    const QString text = words::difference({60, 0, 30}, {50, 0, 0});
    QVERIFY2(text.contains("too light") && text.contains("too warm"), qPrintable(text));
    QVERIFY(text.indexOf("too light") < text.indexOf("too warm"));
    QVERIFY(text.indexOf("too warm") < text.indexOf("too vivid"));
    QCOMPARE(words::difference({50, 10, 10}, {50, 10.2, 10}), QString("matches"));
    QVERIFY(words::difference({40, 0, 0}, {65, 0, 0}).startsWith("2 steps too dark"));
  }

  void plurals_are_said() {
    const colour::Lab dark{20, 0, 0}, one{30, 0, 0}, two{40, 0, 0};
    QCOMPARE(words::difference(one, dark), QString("1 step too light"));
    QCOMPARE(words::difference(dark, two), QString("2 steps too dark"));
    const Speaking german("de");
    QCOMPARE(words::difference(one, dark), QString("1 Stufe zu hell"));
    QCOMPARE(words::difference(dark, two), QString("2 Stufen zu dunkel"));
  }

  // ISCC-NBS names (Kelly and Judd, NBS SP 440): every one that describes a colour of a surface has its words.
  void every_colour_name_is_translated() {
    const auto names = [] {
      QSet<QString> out;
      for (int l = 5; l < 100; l += 5) {
        for (int a = -60; a <= 70; a += 6) {
          for (int b = -60; b <= 90; b += 6) out.insert(words::colour_name({double(l), double(a), double(b)}));
        }
      }
      return out;
    };
    const QSet<QString> english = names();
    QVERIFY2(english.size() > 200, qPrintable(QString::number(english.size())));
    const Speaking german("de");
    const QSet<QString> german_names = names();
    QCOMPARE(german_names.size(), english.size());
    QVERIFY(!german_names.intersects(english));
  }

  void masses_are_named_in_the_language() {
    QCOMPARE(words::mass_name(std::string("pale grey 7")), QString("pale grey 7"));
    QCOMPARE(words::mass_name(std::string("the copper lid")), QString("the copper lid"));
    const Speaking german("de");
    QCOMPARE(words::mass_name(std::string("sky 2")), QString("Himmel 2"));
    QCOMPARE(words::mass_name(std::string("dark grey 3")), QString("dunkles Grau 3"));
    QCOMPARE(words::mass_name(std::string("lower dark greyish blue")), QString("dunkelgräuliches Blau unten"));
    QCOMPARE(words::mass_name(std::string("right brown 2")), QString("Braun rechts 2"));
    QCOMPARE(words::mass_name(std::string("top light blue sky")), QString("Himmel, helles Blau oben"));
    // Of a thing the artist's own name stays, its kind and its parts are said.
    QCOMPARE(words::mass_name(std::string("Fritz, dark blue 4")), QString("Fritz, dunkles Blau 4"));
    QCOMPARE(words::mass_name(std::string("thing 2, blue 4")), QString("Ding 2, Blau 4"));
    QCOMPARE(words::mass_name(std::string("Fritz, upper blue")), QString("Fritz, Blau oben"));
    QCOMPARE(words::mass_name(std::string("animal, grey")), QString("Tier, Grau"));
    QCOMPARE(words::mass_name(std::string("eye")), QString("Auge"));
    // What the artist called it stays.
    QCOMPARE(words::mass_name(std::string("the copper lid")), QString("the copper lid"));
    QCOMPARE(words::mass_name(std::string("left")), QString("left"));
    QCOMPARE(words::stick_name(std::string("Cobalt blue, tint 2")), QString("Kobaltblau, Aufhellung 2"));
    QCOMPARE(words::stick_name(std::string("Cobalt blue, worn")), QString("Cobalt blue, worn"));
  }

  void every_name_of_the_core_is_a_term() {
    QSet<QString> known;
    for (const char* t : words::terms()) known.insert(t);
    QStringList names;
    for (const auto m : media::all_media()) names << media::name(m).data();
    for (int i = 0; i < 3; ++i) names << subject::name(static_cast<subject::Role>(i));
    for (int i = 0; i < 3; ++i) names << subject::name(static_cast<subject::Plane>(i));
    for (std::size_t i = 0; i < plan::kCoatMedia; ++i) names << plan::name(static_cast<plan::CoatMedium>(i));
    for (std::size_t i = 0; i < plan::kCoatColours; ++i) names << plan::name(static_cast<plan::CoatColours>(i));
    for (int i = 0; i <= int(plan::Why::between_sticks); ++i) names << plan::name(static_cast<plan::Why>(i));
    for (int i = 0; i <= int(plan::Remedy::Kind::this_stick); ++i)
      names << plan::name(static_cast<plan::Remedy::Kind>(i));
    for (std::size_t i = 0; i < plan::kGroundMarks; ++i) names << plan::name(static_cast<plan::GroundMark>(i));
    for (const auto f : practice::kFamilies) names << practice::name(f);
    for (const auto& s : subject::schemes()) names << s.name;
    for (const QString& name : names) QVERIFY2(known.contains(name), qPrintable(name));
    // Steps of long work, as the core reports them.
    QDirIterator files(QStringLiteral(YD_SOURCE_DIR "/src"), {"*.cpp"}, QDir::Files, QDirIterator::Subdirectories);
    static const QRegularExpression step("progress\\([^;]*\"([a-z ]+)\"\\)");
    int steps = 0;
    while (files.hasNext()) {
      const QString file = files.next();
      const QString text = QString::fromUtf8(trial::bytes_of(file));
      for (auto i = step.globalMatch(text); i.hasNext(); ++steps) {
        const QString name = i.next().captured(1);
        QVERIFY2(known.contains(name), qPrintable(file + ": " + name));
      }
    }
    QVERIFY(steps > 20);
  }

  void every_fact_of_the_core_is_known() {
    QStringList pieces;
    for (const char* f : words::facts()) pieces << QString(f).split(QRegularExpression("%[0-9]"));
    QStringList bad;
    const QStringList said = said_by_the_core();
    QVERIFY2(said.size() > 120, qPrintable(QString::number(said.size())));
    const Speaking german("de");
    for (const QString& one : said) {
      const QString text = one.section(": ", 1);
      // Whole, or a piece of one that is put together; places ("…, line 3", "colour profile") are not facts.
      const bool known =
          words::fact({Error::Code::io, "", text.toStdString()}) != text ||
          words::fact({Error::Code::io, text.toStdString(), ""}) != text + ": " ||
          std::any_of(pieces.begin(), pieces.end(), [&](const QString& p) { return p.contains(text.trimmed()); });
      const bool place = text.startsWith(", ") || text.startsWith(": ");
      if (!known && !place) bad << one;
    }
    if (qEnvironmentVariableIsSet("YD_LIST")) qWarning().noquote() << bad.join('\n');
    bad.removeDuplicates();
    QVERIFY2(bad.isEmpty(), qPrintable(bad.join('\n')));
  }

  void errors_are_said_in_the_language() {
    const Error full{Error::Code::io, "/tmp/a.dune",
                     "cannot be saved: the disk is full; free some room or choose another place"};
    QCOMPARE(words::fact(full).toStdString(), describe(full));
    const Speaking german("de");
    QCOMPARE(words::fact(full),
             QString("/tmp/a.dune: lässt sich nicht speichern: der Datenträger ist voll; Platz schaffen oder einen "
                     "anderen Ort wählen"));
    QCOMPARE(words::fact({Error::Code::bad_value, "box.csv, line 3", "L*: \"x\" is no number from 0 to 100"}),
             QString("box.csv, Zeile 3: L*: „x“ ist keine Zahl von 0 bis 100"));
    QCOMPARE(words::fact({Error::Code::io, "", "the device answered 42"}), QString("the device answered 42"));
  }
};

QTEST_MAIN(TestLanguages)
#include "test_languages.moc"
