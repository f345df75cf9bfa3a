// SPDX-License-Identifier: MIT
// What dune-plan would not do, in words: nothing replaced, nothing overwritten, nothing believed.
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <sys/stat.h>

#include <nlohmann/json.hpp>

#include "bytes_of.h"
#include "formats/project.h"
#include "media/shipped.h"
#include "run_program.h"

using namespace yd;
using trial::bytes_of;
using trial::Outcome;
using trial::picture;
using trial::run;
using trial::run_quickly;

namespace {

/// One line, and the code of a refusal.
bool refused(const Outcome& o) {
  return o.code == 2 && o.err.startsWith("dune-plan: ") && o.err.trimmed().count('\n') == 0;
}

/// As a shell runs it, in a folder.
Outcome shell(const QString& command, const QString& folder) {
  QProcess p;
  p.setWorkingDirectory(folder);
  p.start("sh", {"-c", QString(command).replace("dune-plan", YD_BINARY_DIR "/src/cli/dune-plan")});
  p.waitForFinished(120000);
  return {p.exitStatus() == QProcess::NormalExit ? p.exitCode() : -1, p.readAllStandardOutput(),
          p.readAllStandardError()};
}

QString small_project(const QTemporaryDir& dir) {
  const QString file = dir.filePath("good.dune");
  const Outcome made =
      run_quickly({"plan", picture(dir), "--sticks", "4", "--project", file, "--json", dir.filePath("good.json")});
  return made.code == 0 ? file : QString();
}

}  // namespace

class TestRefusals : public QObject {
  Q_OBJECT
 private slots:
  // The limits of options, loader and window are one table: what the loader refuses was written over good projects.
  void numbers_that_no_project_may_hold_are_refused_data() {
    QTest::addColumn<QStringList>("option");
    for (const char* option : {"--width 0", "--width -5", "--width nan", "--height 0.5", "--time 1e6", "--time 2",
                               "--passes 2000", "--passes 3.5", "--sticks 61", "--hand nan", "--strokes 5",
                               "--most-masses 7", "--colours nonsense", "--underpainting nonsense"})
      QTest::newRow(option) << QString(option).split(' ');
    QTest::newRow("no number") << QStringList{"--sticks", ""};
    QTest::newRow("half a number") << QStringList{"--width", "40cm"};
  }
  void numbers_that_no_project_may_hold_are_refused() {
    QFETCH(QStringList, option);
    const QTemporaryDir dir;
    const Outcome o = run(QStringList{"plan", picture(dir), "--project", dir.filePath("a.dune")} + option);
    QVERIFY2(refused(o), o.err);
    QVERIFY(!QFile::exists(dir.filePath("a.dune")));
  }

  void numbers_of_the_other_commands_too_data() {
    QTest::addColumn<QStringList>("arguments");
    for (const char* arguments :
         {"photograph P x.png --forgets nan", "photograph P x.png --forgets 5", "photograph P x.png --done -5",
          "photograph P x.png --seed 18446744073709551616", "photograph P x.png --seed -1",
          "photograph P x.png --glare 2", "check P P --corners nan,0,9,0,9,9,0,9", "check P P --done -1",
          "check P P --corners 0,0,inf,0,9,9,0,9", "rehearse P --painters 0", "rehearse P --seed 1e30",
          "offcuts P x.csv --count 0", "sheet x.pdf --cells 0", "sheet x.pdf --size 99999999999x5",
          "sheet x.pdf --size -5x5", "thumbnail P x.png --size 5000", "tray P --seconds nan"})
      QTest::newRow(arguments) << QString(arguments).split(' ');
  }
  void numbers_of_the_other_commands_too() {
    QFETCH(QStringList, arguments);
    const QTemporaryDir dir;
    const QString p = picture(dir);
    for (QString& a : arguments) {
      if (a == "P") a = p;
      if (a.startsWith("x.")) a = dir.filePath(a);
    }
    const Outcome o = run_quickly(arguments);
    QVERIFY2(refused(o), o.err);
  }

  void what_is_read_is_not_written_over_data() {
    QTest::addColumn<QString>("command");
    QTest::newRow("picture") << "dune-plan subject p.png --json p.png";
    QTest::newRow("through a link") << "ln -s p.png l.json && dune-plan subject p.png --json l.json";
    QTest::newRow("hard link") << "ln p.png h.json && dune-plan subject p.png --json h.json";
    QTest::newRow("by another path") << "mkdir in && dune-plan plan p.png --board in/../p.png";
    QTest::newRow("project") << "dune-plan plan good.dune --sticks 3 --project good.dune";
    QTest::newRow("thumbnail") << "dune-plan thumbnail good.dune good.dune";
    QTest::newRow("readings") << "dune-plan calibrate t.csv --json t.csv";
    QTest::newRow("journal") << "dune-plan journal --file j.sqlite export j.sqlite";
    QTest::newRow("palette") << "dune-plan plan good.dune --palette p.png:0.5 --board p.png";
    QTest::newRow("collection") << "dune-plan plan p.png --collection c.json --json c.json";
    QTest::newRow("twice") << "dune-plan plan p.png --board b.png --masses b.png";
    QTest::newRow("twice printed") << "dune-plan plan p.png --board -";
  }
  void what_is_read_is_not_written_over() {
    QFETCH(QString, command);
    const QTemporaryDir dir;
    QVERIFY(!small_project(dir).isEmpty());
    for (const char* name : {"t.csv", "j.sqlite", "c.json"}) {
      QFile f(dir.filePath(name));
      QVERIFY(f.open(QIODevice::WriteOnly) && f.write("something worth keeping") > 0);
    }
    QMap<QString, QByteArray> before;
    for (const QString& name : QDir(dir.path()).entryList(QDir::Files)) before[name] = bytes_of(dir.filePath(name));
    const Outcome o = shell(command, dir.path());
    QVERIFY2(refused(o), o.err);
    for (auto kept = before.begin(); kept != before.end(); ++kept)
      QCOMPARE(bytes_of(dir.filePath(kept.key())), kept.value());
  }

  void devices_and_pipes_carry_what_is_written() {
    const QTemporaryDir dir;
    picture(dir);
    QVERIFY(shell("dune-plan subject p.png --json /dev/null", dir.path()).code == 0);
    struct stat is {};
    QVERIFY(::stat("/dev/null", &is) == 0 && S_ISCHR(is.st_mode));
    const QByteArray printed = shell("dune-plan subject p.png", dir.path()).out;
    QVERIFY(printed.size() > 100);
    QCOMPARE(shell("dune-plan subject p.png --json -", dir.path()).out, printed);
    QCOMPARE(shell("mkfifo f && (cat f & dune-plan subject p.png --json f; wait)", dir.path()).out, printed);
    const Outcome full = shell("dune-plan subject p.png --json /dev/full", dir.path());
    QVERIFY2(refused(full) && full.err.contains("full"), full.err);
    // A pipe is no picture, and is not waited for.
    QVERIFY(refused(shell("dune-plan subject f", dir.path())));
  }

  void what_could_not_be_printed_was_not_done_data() {
    QTest::addColumn<QString>("command");
    for (const char* command : {"papers", "papers --json", "collections", "manual", "--help", "plan --help",
                                "--version", "subject p.png", "swatch --paper-lab 60,2,6"})
      QTest::newRow(command) << command;
  }
  void what_could_not_be_printed_was_not_done() {
    QFETCH(QString, command);
    const QTemporaryDir dir;
    picture(dir);
    for (const char* where : {"/dev/full", "&-"}) {
      const Outcome o = shell("dune-plan " + command + " >" + where, dir.path());
      QVERIFY2(refused(o), o.err);
    }
    QCOMPARE(shell("dune-plan " + command + " >/dev/null", dir.path()).code, 0);
  }

  void no_screen_is_asked_for() {
    for (const char* platform : {"wayland", "xcb", "none-such"}) {
      const Outcome o = shell(QString("QT_QPA_PLATFORM=%1 dune-plan papers").arg(platform), QDir::tempPath());
      QVERIFY2(o.code == 0 && o.out.contains("sanded"), platform);
    }
  }

  void a_picture_of_a_few_pixels_is_no_photograph() {
    const QTemporaryDir dir;
    for (const QSize size : {QSize(1, 1), QSize(2, 2), QSize(4, 4), QSize(100, 4)}) {
      QImage image(size, QImage::Format_RGB888);
      image.fill(Qt::gray);
      QVERIFY(image.save(dir.filePath("few.png")));
      const Outcome o = run({"swatches", dir.filePath("few.png")});
      QVERIFY2(refused(o) && o.err.contains("few.png"), o.err);
    }
    QVERIFY(refused(run_quickly({"check", picture(dir), dir.filePath("few.png"), "--sticks", "3"})));
  }

  void what_comes_from_outside_stays_one_line() {
    const QTemporaryDir dir;
    const Outcome o = run({"plan", dir.filePath("a\nb\x1b[31m.png")});
    QVERIFY2(refused(o), o.err);
    QVERIFY(!o.err.contains('\x1b') && o.err.contains("\\x1b[31m"));
    QVERIFY(refused(run({"plan", "p.png", "--scheme\x1b]0;x\x07"})));
    QVERIFY(!run({"plan", "p.png", "--scheme\x1b]0;x\x07"}).err.contains('\x1b'));
  }

  void endings_that_would_lie_are_refused_before_the_work() {
    const QTemporaryDir dir;
    const QString p = dir.filePath("missing.png");
    for (const QStringList& arguments : {QStringList{"photograph", p, dir.filePath("x.gif")},
                                         {"sheet", dir.filePath("x.txt")},
                                         {"plan", p, "--board", dir.filePath("x.jpg")},
                                         {"plan", p, "--outlines", dir.filePath("x.png")},
                                         {"offcuts", p, dir.filePath("nodir/x.csv")},
                                         {"plan", p, "--pdf", dir.filePath("x.svg")}}) {
      const Outcome o = run(arguments);
      QVERIFY2(refused(o) && !o.err.contains("missing.png"), o.err);
    }
  }

  void a_newer_collection_is_not_guessed_at() {
    const QTemporaryDir dir;
    const Outcome shipped = run({"collections", "--json"});
    QVERIFY(shipped.code == 0);
    QByteArray own = bytes_of(QString::fromStdString((media::data_directory() / "collections/generic.json").string()));
    if (own.isEmpty()) own = bytes_of(YD_SOURCE_DIR "/data/collections/generic.json");
    QFile f(dir.filePath("new.json"));
    QVERIFY(f.open(QIODevice::WriteOnly));
    f.write(own.replace("\"version\": 1", "\"version\": 999"));
    f.close();
    const Outcome o = run({"plan", picture(dir), "--collection", f.fileName()});
    QVERIFY2(refused(o) && o.err.contains("newer"), o.err);
  }

  // What one choice does to the others is one set of rules: the tray in the hand went before the number asked for.
  void a_tray_in_the_hand_gives_way_as_in_the_window() {
    const QTemporaryDir dir;
    const QString good = small_project(dir);
    formats::Project p = formats::load_project(good).value();
    p.plan.most_sticks = 12;
    p.plan.given_tray = {0, 3, 6, 9, 12, 15, 18, 21};
    p.plan.order_by_hand = {"0/1/2"};
    const QString held = dir.filePath("held.dune");
    QVERIFY(formats::save_project(held, p, {}).ok());
    const auto sticks = [&](const QStringList& more) {
      return run_quickly(QStringList{"plan", held} + more).json()["sticks"].toArray().size();
    };
    QVERIFY(sticks({"--sticks", "3"}) <= 3);
    QVERIFY(run_quickly({"plan", held, "--sticks", "3", "--project", dir.filePath("three.dune"), "--json",
                         dir.filePath("three.json")})
                .code == 0);
    const formats::Project three = formats::load_project(dir.filePath("three.dune")).value();
    QVERIFY(three.plan.given_tray.empty() && three.plan.order_by_hand.empty());
    QVERIFY(run_quickly({"plan", held, "--paper", "laid-buff", "--project", dir.filePath("paper.dune"), "--json",
                         dir.filePath("paper.json")})
                .code == 0);
    QVERIFY(formats::load_project(dir.filePath("paper.dune"))->plan.order_by_hand.empty());
  }

  void the_same_is_written_the_same() {
    const QTemporaryDir dir;
    picture(dir);
    const QString write =
        "SOURCE_DATE_EPOCH=%1 dune-plan plan p.png --strokes 2 --sticks 4 --pdf %2.pdf --project %2.dune --outlines "
        "%2-o.pdf --json %2.json";
    QCOMPARE(shell(QString(write).arg(1'700'000'000).arg("a"), dir.path()).code, 0);
    QCOMPARE(shell(QString(write).arg(1'700'000'000).arg("b"), dir.path()).code, 0);
    for (const char* kind : {".pdf", ".dune", "-o.pdf"})
      QCOMPARE(bytes_of(dir.filePath(QString("a") + kind)), bytes_of(dir.filePath(QString("b") + kind)));
    // The date is the only thing that differs.
    QCOMPARE(shell(QString(write).arg(1'600'000'000).arg("c"), dir.path()).code, 0);
    const QByteArray a = bytes_of(dir.filePath("a.pdf"));
    const QByteArray c = bytes_of(dir.filePath("c.pdf"));
    QCOMPARE(a.size(), c.size());
    int differ = 0;
    for (qsizetype i = 0; i < a.size(); ++i) differ += a[i] != c[i] ? 1 : 0;
    QVERIFY2(differ > 0 && differ <= 3 * 14, qPrintable(QString::number(differ)));
  }

  void calibration_is_not_taken_from_anything() {
    const QTemporaryDir dir;
    QVERIFY(run_quickly({"offcuts", picture(dir), dir.filePath("t.csv"), "--sticks", "4", "--simulate", "3"}).code ==
            0);
    QVERIFY(run_quickly({"calibrate", dir.filePath("t.csv")}).code == 0);
    QByteArray black;
    for (const QByteArray& line : bytes_of(dir.filePath("t.csv")).trimmed().split('\n'))
      black += (black.isEmpty() ? line : line.split(',').mid(0, 3).join(',') + ",0,0,0") + "\n";
    QFile f(dir.filePath("black.csv"));
    QVERIFY(f.open(QIODevice::WriteOnly) && f.write(black) > 0);
    f.close();
    const Outcome o = run_quickly({"calibrate", f.fileName()});
    QVERIFY2(refused(o) && o.err.contains("black.csv") && o.err.contains("--even-so"), o.err);
    QCOMPARE(run_quickly({"calibrate", f.fileName(), "--even-so"}).code, 0);
  }
};

QTEST_GUILESS_MAIN(TestRefusals)
#include "test_refusals.moc"
