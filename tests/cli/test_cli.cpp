// SPDX-License-Identifier: MIT
// dune-plan as a user runs it: exit codes, JSON, and the facts of the trade through swatch.
#include <QFile>
#include <QImage>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>
#include <nlohmann/json.hpp>
#include <numbers>

#include "bytes_of.h"
#include "formats/project.h"
#include "media/shipped.h"
#include "run_program.h"

using namespace yd;
using trial::Outcome;
using trial::picture;
using trial::run;
using trial::run_quickly;

namespace {

struct Colour {
  double l, a, b;
  double hue() const { return std::fmod(std::atan2(b, a) * 180 / std::numbers::pi + 360, 360); }
};

Colour lab_of(const QJsonValue& v) {
  const QJsonArray a = v.toArray();
  return {a[0].toDouble(), a[1].toDouble(), a[2].toDouble()};
}

QJsonObject swatch(const QString& paper, const QStringList& layers) {
  QStringList arguments{"swatch", "--paper-lab", paper};
  for (const QString& l : layers) arguments << "--layer" << l;
  return run(arguments).json();
}

formats::Project project(const QTemporaryDir& dir) {
  formats::Project p;
  QFile f(picture(dir));
  if (f.open(QIODevice::ReadOnly)) p.reference = f.readAll();
  p.reference_name = "p.png";
  const auto papers = media::load_papers();
  for (const media::Paper& paper : papers.value()) {
    if (paper.id == "sanded-800-black") p.paper = paper;
  }
  p.collection = media::find_collection(media::kUsualCollection).value();
  return p;
}

}  // namespace

class TestCli : public QObject {
  Q_OBJECT
 private slots:
  void plan_writes_all_it_promises() {
    const QTemporaryDir dir;
    const Outcome o = run_quickly({"plan", picture(dir), "--json", dir.filePath("p.json"), "--board",
                                   dir.filePath("b.png"), "--masses", dir.filePath("m.png"), "--sticks", "7"});
    QVERIFY2(o.code == 0, o.err);
    const QJsonObject j = QJsonDocument::fromJson(trial::bytes_of(dir.filePath("p.json"))).object();
    for (const char* key : {"paper", "sticks", "masses", "passes", "error", "seconds"}) QVERIFY2(j.contains(key), key);
    QVERIFY(j["sticks"].toArray().size() <= 7);
    QVERIFY(j["error"].toObject()["area_mean_de00"].toDouble() <= j["error"].toObject()["worst_de00"].toDouble());
    const QJsonObject pass = j["passes"].toArray().first().toObject();
    for (const char* key :
         {"number", "stick", "masses", "least_pressure", "greatest_pressure", "area", "parts", "technique", "reason"})
      QVERIFY2(pass.contains(key), key);
    QCOMPARE(QImage(dir.filePath("b.png")).size(), QSize(300, 200));
    QCOMPARE(QImage(dir.filePath("m.png")).size(), QSize(300, 200));
  }

  void a_plan_is_rehearsed_by_a_hand() {
    const QTemporaryDir dir;
    const Outcome o = run_quickly({"rehearse", picture(dir), "--sticks", "4", "--hand", "0.15", "--painters", "3",
                                   "--seed", "1", "--board", dir.filePath("b.png")});
    QVERIFY2(o.code == 0, o.err);
    const QJsonObject j = o.json();
    QCOMPARE(j["painters"].toArray().size(), 3);
    QVERIFY(j["as_seen"].toObject()["mean"].toDouble() > 0);
    QVERIFY(!j["delicate"].toArray().isEmpty());
    QCOMPARE(QImage(dir.filePath("b.png")).size(), QSize(300, 200));
    // One figure for one plan, whoever says it.
    const QJsonObject planned = run_quickly({"plan", picture(dir), "--sticks", "4"}).json();
    const auto mean = [](const QJsonObject& of, const char* figure) {
      return of[figure].toObject()["mean"].toDouble();
    };
    QVERIFY2(std::abs(mean(planned, "as_seen") - mean(j, "as_planned")) < 0.01, o.err);
    QVERIFY(run_quickly({"rehearse", picture(dir), "--painters", "0"}).code != 0);
  }

  void a_photograph_is_held_against_the_plan() {
    const QTemporaryDir dir;
    const QString photo = dir.filePath("photo.png");
    const QStringList plan{"--sticks", "4", "--hand", "0.05"};
    QCOMPARE(run_quickly(QStringList{"photograph", picture(dir), photo, "--strip", "--seed", "3"} + plan).code, 0);
    const Outcome o = run_quickly(QStringList{"check", picture(dir), photo, "--strip"} + plan);
    QVERIFY2(o.code == 0, o.err);
    const QJsonObject j = o.json();
    QVERIFY(j["usable"].toBool());
    QVERIFY(j["why"].toArray().isEmpty());
    QCOMPARE(j["corners"].toArray().size(), 4);
    QCOMPARE(j["light"].toObject()["by"].toString(), QString("margin-strip"));
    QVERIFY(!j["masses"].toArray().isEmpty());
    for (const QJsonValue& m : j["masses"].toArray())
      QVERIFY2(m.toObject()["de00"].toDouble() < 4, QJsonDocument(m.toObject()).toJson().constData());
    // The same with the corners the camera says it had.
    const QJsonObject truth = run_quickly(QStringList{"photograph", picture(dir), photo, "--seed", "3"} + plan).json();
    QStringList corners;
    for (const QJsonValue& c : truth["picture"].toArray())
      corners << QString::number(c.toArray()[0].toDouble()) << QString::number(c.toArray()[1].toDouble());
    QVERIFY(run_quickly(QStringList{"check", picture(dir), photo, "--corners", corners.join(',')} + plan)
                .json()["usable"]
                .toBool());
    // What cannot be done is said in one line.
    for (const QStringList& wrong :
         {QStringList{"--corners", "1,2,3"}, QStringList{"--done", "900"}, QStringList{"--done", "0"}}) {
      const Outcome bad = run_quickly(QStringList{"check", picture(dir), photo} + plan + wrong);
      QCOMPARE(bad.code, 2);
      QCOMPARE(bad.err.trimmed().count('\n'), 0);
    }
    QCOMPARE(run_quickly(QStringList{"check", picture(dir), dir.filePath("none.png")} + plan).code, 2);
  }

  void a_painted_board_is_photographed() {
    const QTemporaryDir dir;
    const QString photo = dir.filePath("photo.png");
    const Outcome o = run_quickly({"photograph", picture(dir), photo, "--sticks", "4", "--seed", "3", "--done", "2"});
    QVERIFY2(o.code == 0, o.err);
    const QJsonObject j = o.json();
    QCOMPARE(j["done"].toInt(), 2);
    QCOMPARE(j["sheet"].toArray().size(), 4);
    const QImage image(photo);
    QCOMPARE(image.size(), QSize(1600, 1200));
    // Its corners lie in the frame, the first left of and above the third.
    const auto corner = [&](int i) { return j["sheet"].toArray()[i].toArray(); };
    QVERIFY(corner(0)[0].toDouble() < corner(2)[0].toDouble() && corner(0)[1].toDouble() < corner(2)[1].toDouble());
    QVERIFY(corner(2)[0].toDouble() <= 1600 && corner(2)[1].toDouble() <= 1200);
    QVERIFY(run_quickly({"photograph", picture(dir), photo, "--sticks", "4", "--done", "900"}).code != 0);
    QVERIFY(run_quickly({"photograph", picture(dir), "/nowhere/p.png", "--sticks", "4"}).code != 0);
  }

  void a_wish_for_passes_is_taken() {
    const QTemporaryDir dir;
    const auto passes = [&](const QStringList& more) {
      const Outcome o = run_quickly(QStringList{"plan", picture(dir), "--sticks", "7"} + more);
      return o.code == 0 ? static_cast<int>(o.json()["passes"].toArray().size()) : -1;
    };
    const int free = passes({});
    QVERIFY(free > 2);
    const int few = passes({"--passes", QString::number(free / 2)});
    QVERIFY(few > 0 && few < free);
    QCOMPARE(run_quickly({"plan", picture(dir), "--passes", "0"}).code, 2);
    QCOMPARE(run_quickly({"plan", picture(dir), "--hand", "2"}).code, 2);
  }

  void reach_and_lights_are_told_for_every_target() {
    const QTemporaryDir dir;
    const Outcome o = run_quickly({"plan", picture(dir), "--sticks", "3", "--strokes", "3", "--reach"});
    QVERIFY2(o.code == 0, o.err);
    int open = 0;
    for (const auto& mass : o.json()["masses"].toArray()) {
      for (const auto& target : mass.toObject()["targets"].toArray()) {
        const QJsonObject t = target.toObject();
        const bool reached = t["reach"].toObject()["why"].toString() == "reached";
        QCOMPARE(reached, t["de00"].toDouble() <= 3.0);
        QVERIFY(std::abs(t["lights"].toObject()["d50"].toDouble() - t["de00"].toDouble()) < 0.05);
        QVERIFY(t["metamerism_warning"].isBool());
        QVERIFY(!t["alternatives"].toArray().isEmpty());
        open += reached ? 0 : 1;
      }
    }
    QVERIFY(open > 0);  // three sticks cannot carry twelve colours
  }

  void the_same_picture_plans_the_same() {
    const QTemporaryDir dir;
    QJsonObject p = run({"plan", picture(dir)}).json();
    QJsonObject q = run({"plan", picture(dir)}).json();
    QVERIFY(!p.isEmpty());
    p.remove("seconds");
    q.remove("seconds");
    QCOMPARE(p, q);
  }

  void every_command_takes_a_picture_or_a_project() {
    const QTemporaryDir dir;
    formats::Project p = project(dir);
    p.plan.most_sticks = 6;
    const QString file = dir.filePath("a.dune");
    QVERIFY(formats::save_project(file, p, {}).ok());
    for (const char* command : {"subject", "ground", "underpaint", "tray", "plan"}) {
      for (const QString& from : {file, picture(dir)}) {
        const Outcome o = run_quickly({command, from});
        QVERIFY2(o.code == 0 && o.out.size() > 100, o.err);
      }
    }
    const QJsonObject own = run_quickly({"plan", file}).json();
    QCOMPARE(own["paper"].toObject()["id"].toString(), QString("sanded-800-black"));
    QVERIFY(own["sticks"].toArray().size() <= 6);
    // What is given goes before what the project says.
    const QJsonObject other = run_quickly({"plan", file, "--sticks", "3", "--paper", "sanded-400-warm-grey"}).json();
    QVERIFY(other["sticks"].toArray().size() <= 3);
    QCOMPARE(other["paper"].toObject()["id"].toString(), QString("sanded-400-warm-grey"));
  }

  void what_is_imported_opens_as_a_collection() {
    const QTemporaryDir dir;
    QByteArray gpl = "GIMP Palette\nName: Mine\n";
    for (int i = 0; i < 24; ++i)
      gpl += QString("%1 %2 %3 shade %4\n").arg(i * 10).arg(255 - i * 9).arg(i * 37 % 256).arg(i).toUtf8();
    gpl += "300 0 0 too red\n";
    QFile f(dir.filePath("mine.gpl"));
    QVERIFY(f.open(QIODevice::WriteOnly) && f.write(gpl) == gpl.size());
    f.close();
    const QString out = dir.filePath("mine.json");
    const Outcome o = run({"import", f.fileName(), "--medium", "pencil", "--json", out});
    QVERIFY2(o.code == 0, o.err);
    const auto c = media::load_collection(out.toStdString());
    QVERIFY2(c.ok(), c.ok() ? "" : describe(c.error()).c_str());
    QCOMPARE(c->sticks.size(), std::size_t{24});
    QVERIFY(std::all_of(c->sticks.begin(), c->sticks.end(),
                        [](const media::Stick& s) { return s.medium == optics::Medium::pencil; }));
    const Outcome planned = run_quickly({"plan", picture(dir), "--collection", out});
    QVERIFY2(planned.code == 0, planned.err);
  }

  // Features first has a meaning only where something is focal.
  void what_is_focal_can_be_said() {
    const QTemporaryDir dir;
    const auto masses = [&](const QStringList& more) {
      QJsonArray out;
      const QJsonObject j = run_quickly(QStringList{"plan", picture(dir), "--course", "features-first"} + more).json();
      for (const auto& p : j["passes"].toArray()) out.append(p.toObject()["masses"]);
      return out;
    };
    const QJsonArray plain = masses({});
    const QJsonArray focused = masses({"--focus", "0.87,0.16,0.1"});
    QVERIFY(!plain.isEmpty() && !focused.isEmpty());
    QVERIFY(plain != focused);
  }

  // A German system has a comma in its numbers; files, arguments and plans are the same there.
  void a_language_with_a_decimal_comma_changes_nothing() {
    const QTemporaryDir dir;
    QCOMPARE(QProcess::execute("localedef", {"-i", "de_DE", "-f", "UTF-8", dir.filePath("de_DE.UTF-8")}), 0);
    const auto said = [&](const QStringList& arguments, bool german) {
      QProcess p;
      QProcessEnvironment e = QProcessEnvironment::systemEnvironment();
      e.insert("LC_ALL", german ? "de_DE.UTF-8" : "C.UTF-8");
      if (german) e.insert("LOCPATH", dir.path());
      p.setProcessEnvironment(e);
      p.start(YD_BINARY_DIR "/src/cli/dune-plan", arguments);
      p.waitForFinished(120000);
      return p.readAllStandardOutput();
    };
    const QStringList stack{"swatch", "--paper-lab", "60,2.5,6", "--layer", "stroke:38,8,-42:soft:0.4"};
    QVERIFY(said(stack, false).contains('.'));
    QCOMPARE(said(stack, true), said(stack, false));
    auto plain =
        QJsonDocument::fromJson(said({"plan", picture(dir), "--strokes", "2", "--focus", "0.5,0.5,0.25"}, false))
            .object();
    auto german =
        QJsonDocument::fromJson(said({"plan", picture(dir), "--strokes", "2", "--focus", "0.5,0.5,0.25"}, true))
            .object();
    plain.remove("seconds");
    german.remove("seconds");
    QVERIFY(!plain.isEmpty());
    QCOMPARE(german, plain);
  }

  void bad_input_ends_with_two_and_one_line_data() {
    QTest::addColumn<QStringList>("arguments");
    QTest::newRow("nothing") << QStringList{};
    QTest::newRow("unknown command") << QStringList{"paint"};
    QTest::newRow("no picture") << QStringList{"plan"};
    QTest::newRow("missing picture") << QStringList{"plan", "/nowhere.png"};
    QTest::newRow("folder") << QStringList{"plan", "/"};
    QTest::newRow("no picture inside") << QStringList{"plan", "/proc/version"};
    QTest::newRow("broken jpeg") << QStringList{"plan", YD_TEST_DATA "/broken/pictures/bad-huffman.jpg"};
    QTest::newRow("paper") << QStringList{"plan", "/nowhere.png", "--paper", "vellum"};
    QTest::newRow("school") << QStringList{"plan", "/nowhere.png", "--school", "sideways"};
    QTest::newRow("collection") << QStringList{"plan", "/nowhere.png", "--collection", "none"};
    QTest::newRow("sticks") << QStringList{"plan", YD_SOURCE_DIR "/data/demo/kettle.png", "--sticks", "0"};
    QTest::newRow("focus") << QStringList{"plan", YD_SOURCE_DIR "/data/demo/kettle.png", "--focus", "middle"};
    QTest::newRow("focus outside") << QStringList{"plan", YD_SOURCE_DIR "/data/demo/kettle.png", "--focus", "2,0,0"};
    QTest::newRow("project") << QStringList{"plan", "/nowhere.dune"};
    QTest::newRow("letters") << QStringList{"plan", "/nowhere.png", "--sticks", "many"};
    QTest::newRow("swatch lab") << QStringList{"swatch", "--paper-lab", "50,0"};
    QTest::newRow("swatch letters") << QStringList{"swatch", "--paper-lab", "50,a,b"};
    QTest::newRow("swatch nan") << QStringList{"swatch", "--paper-lab", "nan,0,0"};
    QTest::newRow("swatch tooth") << QStringList{"swatch", "--paper-lab", "50,0,0", "--tooth", "sharp"};
    QTest::newRow("swatch pressure") << QStringList{"swatch", "--paper-lab", "50,0,0", "--layer",
                                                    "stroke:50,0,0:soft:1.5"};
    QTest::newRow("swatch medium") << QStringList{"swatch", "--paper-lab", "50,0,0", "--layer",
                                                  "stroke:50,0,0:oil:0.5"};
    QTest::newRow("swatch colour") << QStringList{"swatch", "--paper-lab", "50,0,0", "--layer",
                                                  "stroke:50,150,-150:soft:0.5"};
    QTest::newRow("swatch load") << QStringList{"swatch", "--paper-lab", "50,0,0", "--layer", "wash:50,0,0:opaque:-1"};
    QTest::newRow("swatch word") << QStringList{"swatch", "--paper-lab", "50,0,0", "--layer", "polish"};
  }
  void bad_input_ends_with_two_and_one_line() {
    QFETCH(QStringList, arguments);
    const Outcome o = run(arguments);
    QCOMPARE(o.code, 2);
    QVERIFY(o.out.isEmpty());
    QCOMPARE(o.err.trimmed().count('\n'), 0);
    QVERIFY2(o.err.startsWith("dune-plan: ") && o.err.size() > 20, o.err);
  }

  // Before the work: the picture, which is not there either, has not been asked for yet.
  void a_place_that_will_not_do_is_said_first() {
    const QTemporaryDir dir;
    const QString file = dir.filePath("out.png");
    for (const QString& place : {QString("/nowhere/out.png"), dir.path(), dir.filePath("deep/out.png")}) {
      for (const char* option : {"--json", "--board", "--pdf", "--project"}) {
        const Outcome o = run({"plan", dir.filePath("missing.png"), option, place});
        QCOMPARE(o.code, 2);
        QVERIFY2(o.err.contains(place.toUtf8()) && !o.err.contains("missing.png"), o.err);
      }
      QVERIFY(run({"photograph", dir.filePath("missing.png"), place}).err.contains(place.toUtf8()));
    }
    QVERIFY(run({"plan", dir.filePath("missing.png"), "--board", file}).err.contains("missing.png"));
    QVERIFY(!QFile::exists(file));
  }

  void lists_what_ships() {
    QCOMPARE(QJsonDocument::fromJson(run({"papers", "--json"}).out).array().size(), 14);
    QVERIFY(QJsonDocument::fromJson(run({"collections", "--json"}).out).array().size() >= 3);
    QVERIFY(run({"papers"}).out.contains("sanded"));
    QCOMPARE(run({"--help"}).code, 0);
  }

  // Facts of the trade through the command line; common practice, no published source.
  void swatch_shows_the_ground_through_a_light_stroke() {
    const Colour light = lab_of(swatch("42,26,26", {"stroke:38,8,-42:soft:0.4"})["lab"]);
    const Colour firm = lab_of(swatch("42,26,26", {"stroke:38,8,-42:soft:1"})["lab"]);
    QVERIFY2(light.hue() > 292 && light.hue() < 355, qPrintable(QString::number(light.hue())));
    QVERIFY2(firm.hue() > 265 && firm.hue() < 300, qPrintable(QString::number(firm.hue())));
  }

  void swatch_reports_every_layer() {
    const QJsonObject j =
        swatch("60,0,0", {"wash:80,5,10:opaque:0.5", "stroke:40,20,-30:hard:0.6:rubbed", "rub", "fixative"});
    for (const char* key : {"lab", "lch", "spread_l", "local_chroma", "tooth_left", "layers"})
      QVERIFY2(j.contains(key), key);
    const QJsonArray layers = j["layers"].toArray();
    QCOMPARE(layers.size(), 4);
    const Colour wet = lab_of(layers[0].toObject()["wet_lab"]);
    const Colour dry = lab_of(layers[0].toObject()["lab"]);
    QVERIFY(dry.l > wet.l);  // gouache dries lighter
    QVERIFY(layers[3].toObject()["tooth_left"].toDouble() > layers[2].toObject()["tooth_left"].toDouble());
    const Colour last = lab_of(layers[3].toObject()["lab"]);
    const Colour whole = lab_of(j["lab"]);
    QCOMPARE(last.l, whole.l);
  }

  void bare_paper_is_itself() {
    const Colour c = lab_of(swatch("72,4,18", {})["lab"]);
    QVERIFY(std::abs(c.l - 72) < 0.01 && std::abs(c.a - 4) < 0.01 && std::abs(c.b - 18) < 0.01);
  }
};

QTEST_GUILESS_MAIN(TestCli)
#include "test_cli.moc"
