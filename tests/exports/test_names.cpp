// SPDX-License-Identifier: MIT
// Names are the artist's own: quotation marks, commas, angle brackets, line ends, other scripts and what a table would
// reckon with come back from every file as they were given. Read again by Python's csv and json, xmllint, pdftotext.
#include <QGuiApplication>
#include <QJsonArray>
#include <QJsonDocument>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QTest>

#include "exports/export_file.h"
#include "outside.h"
#include "small_world.h"

using namespace yd;
using exports::What;

namespace {

QByteArray out_of(const QString& program, const QStringList& arguments) {
  const trial::Outside read = trial::run_outside(program, arguments);
  return read.code == 0 ? read.out : QByteArray();
}

/// Line ends become spaces in print, and a long text wraps.
QString in_one_line(QString text) { return text.replace(QRegularExpression("\\s+"), " "); }

}  // namespace

class TestNames : public QObject {
  Q_OBJECT
 private slots:
  void initTestCase() {
    for (std::size_t i = 0; i < sticks_.sticks.size(); ++i)
      sticks_.sticks[i].name = kNames[i % kNames.size()] + " " + std::to_string(i);
    for (std::size_t m = 0; m < subject_.masses.size(); ++m)
      subject_.masses[m].name = kNames[m % kNames.size()] + " mass";
    plan_ = trial::small_plan(subject_, sticks_, 6);
    guide_ = plan::make_guide({&plan_, &subject_, &trial::paper(), sticks_.sticks, 1200});
    map_ = board::make_map(subject_, plan_, trial::paper());
  }

  void the_table_gives_every_name_back() {
    const QString file = write("passes.csv", What::passes_csv);
    const QByteArray read =
        out_of("python3", {"-c",
                           "import csv,sys,json;r=list(csv.DictReader(open(sys.argv[1],newline='',encoding='utf-8')));"
                           "print(json.dumps([[x['number'],x['stick'],None in x or None in x.values()] for x in r]))",
                           file});
    const auto rows = QJsonDocument::fromJson(read).array();
    int named = 0;
    for (const auto& row : rows) {
      QVERIFY(!row.toArray().at(2).toBool());  // as many fields as the first line has
      if (row.toArray().at(0).toString().isEmpty()) continue;
      const auto& pass = plan_.passes[static_cast<std::size_t>(row.toArray().at(0).toString().toInt() - 1)];
      if (pass.kind != plan::PassKind::stroke) continue;
      QCOMPARE(row.toArray().at(1).toString(), name_of(pass.stick));
      ++named;
    }
    QVERIFY(named >= 6);
  }

  void the_layers_give_every_name_back() {
    const QString file = write("plan.ora", What::open_raster);
    QCOMPARE(trial::run_outside("unzip", {"-q", "-o", file, "-d", dir_.filePath("ora")}).code, 0);
    const QString stack = dir_.filePath("ora/stack.xml");
    for (const plan::Pass& pass : plan_.passes) {
      if (pass.kind != plan::PassKind::stroke) continue;
      const QString path =
          QString("string(//layer[@src='data/layer%1.png']/@name)").arg(pass.number, 3, 10, QChar('0'));
      const QString read = QString::fromUtf8(out_of("xmllint", {"--xpath", path, stack})).trimmed();
      QVERIFY2(in_one_line(read).contains(in_one_line(name_of(pass.stick))), qPrintable(read));
    }
  }

  // Read in the order of the cells and without spaces: a long name wraps. The print's own font has no letters of the
  // east; what stands in for them is the machine's.
  void the_print_shows_every_name() {
    const QString file = write("plan.pdf", What::plan_pdf);
    const auto bare = [](QString text) { return text.remove(QRegularExpression("\\s+")); };
    const QString words = bare(QString::fromUtf8(out_of("pdftotext", {file, "-"})));
    int read = 0;
    for (const int i : plan_.tray) {
      if (name_of(i).contains(QString::fromUtf8("砂"))) continue;
      QVERIFY2(words.contains(bare(name_of(i))), qPrintable(name_of(i)));
      ++read;
    }
    QVERIFY(read >= 4);
  }

  void the_outlines_and_the_record_hold_together() {
    QCOMPARE(trial::run_outside("xmllint", {"--noout", write("outline.svg", What::outlines)}).code, 0);
    const QString file = write("plan.json", What::plan_json);
    const QByteArray read = out_of("python3", {"-c",
                                               "import json,sys;d=json.load(open(sys.argv[1],encoding='utf-8'));"
                                               "print(json.dumps([m['name'] for m in d['masses']]))",
                                               file});
    const auto names = QJsonDocument::fromJson(read).array();
    QCOMPARE(names.size(), static_cast<int>(subject_.masses.size()));
    for (int m = 0; m < names.size(); ++m)
      QCOMPARE(names.at(m).toString(), QString::fromStdString(subject_.masses[static_cast<std::size_t>(m)].name));
  }

 private:
  QString name_of(int stick) const {
    return QString::fromStdString(sticks_.sticks[static_cast<std::size_t>(stick)].name);
  }
  QString write(const QString& name, What what) const {
    const QString file = dir_.filePath(name);
    Observer observer;
    const exports::PlanView view{plan_,    subject_, trial::paper(), sticks_, trial::parameters(), map_,
                                 {40, 30}, {},       guide_};
    const Status s = exports::export_file(file, view, {what, "\"Dunes\", <b>north</b> & &amp; south", {}}, observer);
    if (!s.ok()) qWarning("%s", describe(s.error()).c_str());
    return s.ok() ? file : QString();
  }

  static inline const std::vector<std::string> kNames{
      "\"old\" rose, dull",    "<b>grey</b> & &amp;", "=1+1",      "Grünspan, hell", "砂の色", "two\nlines",
      "semi;colon\ttabulator", "it's 50 % darker",    "\\n {0} %1"};
  subject::Subject subject_ = trial::small_subject(160, 120);
  media::Collection sticks_ = trial::every(3);
  plan::Plan plan_;
  plan::Guide guide_;
  board::BoardMap map_;
  QTemporaryDir dir_;
};

QTEST_MAIN(TestNames)
#include "test_names.moc"
