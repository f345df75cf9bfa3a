// SPDX-License-Identifier: MIT
// Projects: there and back, and every hostile zip refused with a sentence.
#include <zip.h>

#include <QFile>
#include <QFileInfo>
#include <QTemporaryDir>
#include <QTest>
#include <csignal>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>

#include "bytes_of.h"
#include "formats/archive.h"
#include "formats/plan_json.h"
#include "formats/project.h"
#include "small_world.h"
#include "support/disk_words.h"
#include "support/random.h"

using namespace yd;
using formats::Entries;

namespace {

formats::Project sample() {
  plan::PlanOptions options = trial::options_with(9);
  options.manner = plan::Manner::broken;
  options.school = plan::School::tone_map;
  options.course = plan::Course::features_first;
  options.ways = {{1, plan::School::light_coat, std::nullopt}, {2, std::nullopt, plan::Manner::rubbed}};
  options.order_by_hand = {"1/3/-1/0.60/0/0/2", "1/5/-1/1.00/1/1/2"};
  options.laid = {{plan::PassKind::stroke,
                   3,
                   0.6,
                   plan::Technique::laid,
                   0,
                   std::nullopt,
                   false,
                   "thin",
                   5,
                   {{2, subject::Role::dark}, {1, subject::Role::light}},
                   false,
                   {}},
                  {plan::PassKind::fix,
                   -1,
                   0,
                   plan::Technique::laid,
                   1,
                   std::nullopt,
                   true,
                   "",
                   6,
                   {{2, subject::Role::dark}},
                   false,
                   {}},
                  {plan::PassKind::stroke,
                   1,
                   0.625,
                   plan::Technique::laid,
                   20,
                   std::nullopt,
                   false,
                   "",
                   8,
                   {{1, subject::Role::light}},
                   true,
                   {{3, {{12.25F, 40.5F, 1, -1}, {14.75F, 41, 0.5F, -1}}}}},
                  {plan::PassKind::coat,
                   -1,
                   0,
                   plan::Technique::laid,
                   0,
                   plan::LaidCoat{{plan::CoatMedium::gouache, plan::CoatColours::warm_glow}, {40, 10, -20}},
                   false,
                   "",
                   7,
                   {{2, subject::Role::dark}},
                   false,
                   {}}};
  options.sitting_minutes = 45;
  options.hand = 0.25;
  options.wish_passes = 14;
  options.wish_minutes = 75;
  options.presses = {0.75, 0.5};
  options.rests_on = {"Ida", "cartridge-cream", "2026-11-26", 36, 0.75};
  options.rest = {{1, 4, {{2, 0.5, plan::Technique::rubbed, true, 3}}}, {1, 5, {}}};
  options.by_hand = {{2, {{3, 0.6, plan::Technique::laid}, {5, 1.0, plan::Technique::rubbed}}}};
  options.fit = plan::Fit::anchor_lights;
  options.wishes = {{2}, {4, 6}, 0.25, 0.1};
  options.underpaint.picture = plan::CoatChoice{plan::CoatMedium::gouache, plan::CoatColours::warm_glow};
  options.underpaint.exceptions = {{plan::CoatException::Where::plane, 0, std::nullopt},
                                   {plan::CoatException::Where::mass, 3, plan::CoatChoice{plan::CoatMedium::ink, {}}}};
  formats::Project p;
  p.reference = QByteArray(3000, 'x');
  p.reference_name = "sea.png";
  p.read.squint = 0.25;
  p.read.masses = 20;
  subject::MassEdit split;
  split.kind = subject::MassEdit::Kind::split_line;
  split.mass = 2;
  split.path = {{0.1, 0.25}, {0.75, 0.5}};
  subject::MassEdit named;
  named.kind = subject::MassEdit::Kind::rename;
  named.mass = 1;
  named.name = "far bank";
  p.read.edits = {split, named};
  p.plan = options;
  p.composition.crop = {0.125, 0, 0.5, 0.75};
  p.composition.adjust.stops = -0.5;
  p.composition.adjust.neutral = colour::Lab{60, 3, -4};
  p.composition.horizon = 0.375;
  p.composition.grid = 6;
  p.composition.centre_line = true;
  p.composition.places = {{0.25, 0.5}, {0.75, 0.125}};
  p.read.colours.mood = subject::Mood::warm_light;
  p.read.colours.amount = 0.75;
  p.read.colours.returning = colour::Lab{40, 12, -20};
  p.read.colours.palette = {{{20, 4, -8}, 0.25}, {{70, -6, 24}, 0.75}};
  p.read.colours.palette_name = "salt works";
  p.read.colours.palette_amount = 0.5;
  p.plan.pace.by_medium = {{optics::Medium::pencil, 1.5}, {optics::Medium::soft, 2}};
  p.plan.pace.brush = 0.75;
  p.work_id = "a-work";
  p.composition.light_deg = 135;
  p.composition.width_cm = 42;
  p.composition.height_cm = 29.7;
  p.ground_weights[2] = 2.5;
  p.paper = trial::paper("laid-buff");
  p.collection = trial::every(20);
  p.collection.sticks[1].owned = false;
  p.collection.sticks[2].left = 0.25;
  p.collection.sticks[2].lightfast = "II";
  p.collection.sticks[3].favourite = true;
  return p;
}

Entries good_entries() {
  const QTemporaryDir dir;
  const QString file = dir.filePath("a.dune");
  static_cast<void>(formats::save_project(file, sample(), {}).ok());
  return formats::read_archive(file).value();
}

QString write(const QTemporaryDir& dir, const QByteArray& bytes) {
  const QString file = dir.filePath("hostile.dune");
  QFile f(file);
  if (f.open(QIODevice::WriteOnly)) f.write(bytes);
  return file;
}

QString refusal(const QByteArray& bytes) {
  const QTemporaryDir dir;
  const auto p = formats::load_project(write(dir, bytes));
  return p.ok() ? QString() : QString::fromStdString(describe(p.error()));
}

QByteArray with(const char* entry, const QByteArray& bytes) {
  Entries e = good_entries();
  e[entry] = bytes;
  return formats::pack_archive(e).value();
}

QByteArray with_text(const char* from, const char* to) {
  Entries e = good_entries();
  e["project.json"].replace(from, to);
  return formats::pack_archive(e).value();
}

}  // namespace

class TestProject : public QObject {
  Q_OBJECT
 private slots:
  void comes_back_as_it_was() {
    const QTemporaryDir dir;
    const QString file = dir.filePath("a.dune");
    const formats::Project p = sample();
    QVERIFY(formats::save_project(file, p, {{"copy", true}}).ok());
    const auto q = formats::load_project(file);
    QVERIFY2(q.ok(), q.ok() ? "" : describe(q.error()).c_str());
    QCOMPARE(q->reference, p.reference);
    QCOMPARE(q->reference_name, p.reference_name);
    QCOMPARE(q->read.squint, p.read.squint);
    QCOMPARE(q->plan.most_sticks, p.plan.most_sticks);
    QVERIFY(q->plan == p.plan);
    QVERIFY(q->read == p.read);
    QVERIFY(q->composition == p.composition);
    QVERIFY(q->read.colours == p.read.colours);
    QVERIFY(q->plan.pace == p.plan.pace);
    QCOMPARE(q->work_id, p.work_id);
    QCOMPARE(q->ground_weights, p.ground_weights);
    QVERIFY(!q->collection.sticks[1].owned && q->collection.sticks[3].favourite);
    QCOMPARE(q->collection.sticks[2].left, 0.25);
    QCOMPARE(q->collection.sticks[2].lightfast, std::string("II"));
    QCOMPARE(q->paper.id, p.paper.id);
    QCOMPARE(q->collection.sticks.size(), p.collection.sticks.size());
    QCOMPARE(q->collection.sticks[3].masstone.band, p.collection.sticks[3].masstone.band);
  }

  void the_same_project_gives_the_same_bytes() {
    const QTemporaryDir dir;
    QVERIFY(formats::save_project(dir.filePath("a"), sample(), {}).ok());
    QVERIFY(formats::save_project(dir.filePath("b"), sample(), {}).ok());
    QCOMPARE(trial::bytes_of(dir.filePath("a")), trial::bytes_of(dir.filePath("b")));
  }

  void hostile_files_are_refused_data() {
    QTest::addColumn<QByteArray>("bytes");
    QTest::addColumn<QString>("says");
    const QByteArray good = formats::pack_archive(good_entries()).value();
    QTest::newRow("empty") << QByteArray() << "cut short";
    QTest::newRow("text") << QByteArray("hello") << "no zip";
    QTest::newRow("truncated") << good.left(good.size() - 400) << "cut short";
    QTest::newRow("half") << good.left(good.size() / 2) << "cut short";
    QTest::newRow("newer") << with_text("\"version\": 3", "\"version\": 4") << "newer version";
    QTest::newRow("letters") << with_text("\"masses\": 20", "\"masses\": \"many\"") << "field \"masses\"";
    QTest::newRow("school") << with_text("\"tone-map\"", "\"sideways\"") << "field \"school\"";
    QTest::newRow("laid stick") << with_text("\"level\": 0", "\"level\": \"low\"") << "field \"level\"";
    QTest::newRow("role") << with_text("\"role\": \"dark\"", "\"role\": \"gloomy\"")
                          << "is none of: dark, middle, light";
    QTest::newRow("technique") << with_text("\"technique\": \"laid\"", "\"technique\": \"thrown\"")
                               << "field \"technique\": \"thrown\" is none of: laid, rubbed";
    QTest::newRow("where") << with_text("\"where\": \"plane\"", "\"where\": \"moon\"") << "must be mass or plane";
    QTest::newRow("mass") << with_text("\"mass\": 2,", "\"mass\": 300,") << "from 0 to 60";
    QTest::newRow("second edit") << with_text("\"far bank\"", "5") << "edits 2, field \"name\"";
    QTest::newRow("wrong number in a list") << with_text("\"rubbed\"", "\"scrubbed\"") << "ways 2, field \"manner\"";
    QTest::newRow("nested") << with("project.json", QByteArray(1000000, '[')) << "nested too deeply";
    QTest::newRow("values") << with("project.json", "[" + QByteArray("1,").repeated(4100000) + "1]") << "four million";
    QTest::newRow("traversal") << with("../../etc/evil.json", "{}") << "points outside";
    QTest::newRow("absolute") << with("/etc/evil", "x") << "points outside";
    QTest::newRow("bad json") << with("project.json", "{\"format\":") << "not valid JSON";
    QTest::newRow("other json") << with("project.json", "{\"format\":\"soup\",\"version\":1}")
                                << "no Yawning Dune project";
    QTest::newRow("no project") << formats::pack_archive({{"x.txt", "x"}}).value() << "holds no \"project.json\"";
    QTest::newRow("bomb") << with("bomb.json", QByteArray(static_cast<qsizetype>(formats::kMostJsonBytes) + 1, '0'))
                          << "too large";
    Entries many = good_entries();
    for (int i = 0; i < 80; ++i) many[std::to_string(i)] = "x";
    QTest::newRow("many") << formats::pack_archive(many).value() << "too many";
    QByteArray damaged = good;
    damaged[damaged.indexOf("xxxxxxxx") + 4] = 'y';
    QTest::newRow("damaged") << damaged << "damaged";
    QTest::newRow("broken stick") << with("collection.json", "{\"id\":\"a\",\"name\":\"a\",\"sticks\":[{}]}")
                                  << "stick 1";
  }
  void hostile_files_are_refused() {
    QFETCH(QByteArray, bytes);
    QFETCH(QString, says);
    const QString text = refusal(bytes);
    QVERIFY2(text.contains("hostile.dune") && text.contains(says), qPrintable(text));
  }

  void mutated_projects_never_crash() {
    Random r(61);
    const QByteArray good = formats::pack_archive(good_entries()).value();
    for (int n = 0; n < 200; ++n) {
      QByteArray bytes = good;
      for (int k = 0; k < 8; ++k)
        bytes[static_cast<qsizetype>(r.below(static_cast<std::uint64_t>(bytes.size())))] =
            static_cast<char>(r.below(256));
      const QTemporaryDir dir;
      static_cast<void>(formats::load_project(write(dir, bytes)).ok());
    }
  }

  void a_failed_save_keeps_the_old_file() {
    const QTemporaryDir dir;
    const QString file = dir.filePath("a.dune");
    QVERIFY(formats::save_project(file, sample(), {}).ok());
    const qint64 size = QFileInfo(file).size();
    // A disk that is full after one kilobyte.
    std::signal(SIGXFSZ, SIG_IGN);
    rlimit old{};
    getrlimit(RLIMIT_FSIZE, &old);
    const rlimit tight{1024, old.rlim_max};
    setrlimit(RLIMIT_FSIZE, &tight);
    formats::Project larger = sample();
    larger.reference = QByteArray(50000, 'z');
    const Status failed = formats::save_project(file, larger, {});
    setrlimit(RLIMIT_FSIZE, &old);
    QVERIFY(!failed.ok());
    QVERIFY(QString::fromStdString(describe(failed.error())).contains(file));
    QCOMPARE(QFileInfo(file).size(), size);
    QCOMPARE(formats::load_project(file)->reference, sample().reference);
    QVERIFY(!formats::save_project("/nowhere/a.dune", sample(), {}).ok());
  }

  // The n-th byte that is written does not reach the disk: the save fails with words, or the program is killed there.
  void saving_stops_at_any_byte() {
    const QTemporaryDir dir;
    const QString file = dir.filePath("a.dune");
    QVERIFY(formats::save_project(file, sample(), {}).ok());
    const QByteArray whole = trial::bytes_of(file);
    formats::Project other = sample();
    other.reference = QByteArray(3000, 'y');
    rlimit old{};
    getrlimit(RLIMIT_FSIZE, &old);
    for (qsizetype n = 0; n < whole.size(); n += 1 + whole.size() / 60) {
      const rlimit tight{static_cast<rlim_t>(n), old.rlim_max};
      std::signal(SIGXFSZ, SIG_IGN);
      setrlimit(RLIMIT_FSIZE, &tight);
      const Status failed = formats::save_project(file, other, {});
      setrlimit(RLIMIT_FSIZE, &old);
      QVERIFY(!failed.ok());
      QVERIFY2(failed.error().what.find("Unknown") == std::string::npos, failed.error().what.c_str());
      QCOMPARE(trial::bytes_of(file), whole);
      const pid_t child = fork();
      if (child == 0) {
        std::signal(SIGXFSZ, SIG_DFL);
        setrlimit(RLIMIT_FSIZE, &tight);
        static_cast<void>(formats::save_project(file, other, {}).ok());
        _exit(0);
      }
      int state = 0;
      QCOMPARE(waitpid(child, &state, 0), child);
      QVERIFY(WIFSIGNALED(state));
      QCOMPARE(trial::bytes_of(file), whole);
    }
    std::signal(SIGXFSZ, SIG_DFL);
  }

  void a_full_disk_is_called_so() {
    QVERIFY(disk_words(ENOSPC).find("disk is full") != std::string::npos);
    QVERIFY(disk_words(EDQUOT).find("disk is full") != std::string::npos);
    for (int code = 0; code < 140; ++code) QVERIFY(!disk_words(code).empty());
  }

  void a_name_that_is_no_text_is_called_so() {
    const auto p = formats::load_project(QString("/tmp/sk") + QChar::ReplacementCharacter + ".dune");
    QVERIFY(!p.ok());
    QVERIFY2(p.error().what.find("rename") != std::string::npos, p.error().what.c_str());
  }

  void the_plan_as_json_has_its_fields() {
    const subject::Subject s = trial::small_subject();
    const plan::Plan p = trial::small_plan(s, trial::shipped_collection());
    const plan::Guide guide = plan::make_guide({&p, &s, &trial::paper(), trial::shipped_collection().sticks, 1200});
    const auto j = formats::plan_to_json(p, guide, s, trial::paper(), trial::shipped_collection(), {{1, 2}, {3, 4}});
    QVERIFY(j["as_seen"]["mean"] == 3.0 && j["as_fitted"]["p95"] == 2.0);
    QVERIFY(j["paper"]["id"] == "sanded-400-warm-grey");
    QCOMPARE(j["masses"].size(), s.masses.size());
    QCOMPARE(j["passes"].size(), p.passes.size());
    QVERIFY(j["error"]["worst_de00"].is_number());
    QCOMPARE(j["passages"].size(), guide.passages.size());
    QVERIFY(j["passages"][0]["kind"] == "drawing");
    for (const auto& pass : j["passes"])
      QVERIFY(!pass["places"].empty() && pass["mark"].is_string() && pass["tool"].is_string());
    for (const auto& m : j["masses"]) {
      QVERIFY(m["tooth_left"].is_number() && m["value"].is_number() && !m["targets"].empty());
      for (const auto& t : m["targets"])
        // Where nothing is laid the tooth is whole.
        QVERIFY(t["lab"].size() == 3 && t["predicted_lab"].size() == 3 &&
                (!t["recipe"].empty() || t["tooth_left"] == 1.0));
    }
  }
};

QTEST_GUILESS_MAIN(TestProject)
#include "test_project.moc"
