// SPDX-License-Identifier: MIT
// The journal: what is put comes back, is found, survives damage, older files, newer files, full and read-only folders,
// two programs at once.
#include <unistd.h>

#include <QCoreApplication>
#include <QElapsedTimer>
#include <QProcess>
#include <QSqlDatabase>
#include <QSqlError>
#include <QSqlQuery>
#include <QTemporaryDir>
#include <QTest>
#include <nlohmann/json.hpp>

#include "bytes_of.h"
#include "colour/ciede2000.h"
#include "formats/project.h"
#include "journal/journal.h"
#include "journal/take_out.h"

using namespace yd;
using journal::Journal;

namespace {

constexpr qint64 kNow = 1'800'000'000;

journal::Work a_work(int n) {
  journal::Work w;
  w.id = QString("work-%1").arg(n);
  w.title = n % 2 == 0 ? QString("Évening over pans %1").arg(n) : QString("Copper kettle %1").arg(n);
  w.paper = n % 3 == 0 ? "Sanded 400, warm grey" : "Laid, cream";
  w.paper_id = "p";
  w.begun_s = w.touched_s = kNow + n * 1000;
  w.passes = 17;
  w.done = n % 5 == 0 ? 17 : 3;
  w.next_stick = n % 2 == 0 ? "turquoise tint" : "deep violet";
  w.subject = QByteArray(8000, 's');
  w.board = QByteArray(12000, 'b');
  w.plan = "{\"passes\": []}";
  for (int i = 0; i < 12; ++i) {
    w.sticks.push_back({QString("stick-%1").arg((n + i) % 80),
                        QString("umber %1").arg(i),
                        optics::Medium::soft,
                        {20.0 + 5 * i, 10.0 - i, 3.0 * (n % 7)},
                        2.5,
                        0.04});
  }
  return w;
}

journal::Recipe a_recipe(const QString& work, const QString& title, const colour::Lab& lab) {
  journal::Recipe r;
  r.work = work;
  r.title = title;
  r.words = "umber lightly, then cobalt rubbed in";
  r.lab = lab;
  r.paper = "Laid, cream";
  r.layers = {{"stick-1", "umber", optics::Medium::soft, {40, 12, 20}, 0.35, false},
              {"stick-2", "cobalt", optics::Medium::hard, {38, 4, -40}, 0.7, true}};
  r.swatch = "\x89PNG swatch";
  r.at_s = kNow;
  return r;
}

struct Folder {
  QTemporaryDir dir;
  QString file() const { return dir.filePath(journal::kJournalFile); }
  std::unique_ptr<Journal> open() const { return std::move(Journal::open(file())).value(); }
};

/// Opened, looked after and mended, one after the other; the window does the second beside itself.
Result<journal::Opened> opened_checked(const QString& folder, qint64 now_s) {
  auto opened = journal::open_folder(folder, now_s);
  if (!opened) return opened;
  const Status whole = journal::look_after(folder, now_s);
  if (whole.ok() || whole.error().code != Error::Code::bad_format) return opened;
  opened.value().journal.reset();
  return journal::mend(folder, now_s);
}

/// Another program's statements on a journal's file; false where one is refused.
bool told(const QString& file, const QStringList& statements) {
  bool done = true;
  {
    QSqlDatabase db = QSqlDatabase::addDatabase("QSQLITE", "another");
    db.setDatabaseName(file);
    done = db.open();
    QSqlQuery q(db);
    for (const QString& s : statements) done = done && q.exec(s);
  }
  QSqlDatabase::removeDatabase("another");
  return done;
}

}  // namespace

class TestJournal : public QObject {
  Q_OBJECT
 private slots:
  void what_is_put_comes_back() {
    Folder f;
    auto j = f.open();
    QVERIFY(j->put(a_work(3)));
    const auto w = j->work("work-3").value();
    QCOMPARE(w.title, "Copper kettle 3");
    QCOMPARE(w.sticks.size(), std::size_t{12});
    QCOMPARE(w.board, QByteArray(12000, 'b'));
    QCOMPARE(w.plan, QByteArray("{\"passes\": []}"));
    const auto id = j->put(a_recipe("work-3", "left eye", {45, 5, 5})).value();
    const auto r = j->recipes_of("work-3").value();
    QCOMPARE(r.size(), std::size_t{1});
    QCOMPARE(r[0].id, id);
    QCOMPARE(r[0].layers.size(), std::size_t{2});
    QCOMPARE(r[0].layers[1].pressure, 0.7);
    QVERIFY(r[0].layers[1].rubbed);
    QVERIFY(r[0].layers[1].medium == optics::Medium::hard);
    // Changed, not doubled; what belongs to the work stays.
    auto again = a_work(3);
    again.done = 9;
    QVERIFY(j->put(again));
    QCOMPARE(j->works().value().size(), std::size_t{1});
    QCOMPARE(j->work("work-3").value().done, 9);
    QCOMPARE(j->recipes_of("work-3").value().size(), std::size_t{1});
    // A work that goes leaves its recipes.
    QVERIFY(j->remove_work("work-3"));
    QVERIFY(!j->work("work-3"));
    QCOMPARE(j->recipes().value().size(), std::size_t{1});
  }

  void it_is_found_by_words_colour_stick_and_date() {
    Folder f;
    auto j = f.open();
    for (int n = 0; n < 12; ++n) QVERIFY(j->put(a_work(n)));
    journal::Query q;
    q.words = "kett";
    QCOMPARE(j->works(q).value().size(), std::size_t{6});
    q.words = "evening WARM";  // accents and case do not matter
    QCOMPARE(j->works(q).value().size(), std::size_t{2});
    q.words = "\"; DROP TABLE works; --";
    QVERIFY(j->works(q).ok());
    QCOMPARE(j->works().value().size(), std::size_t{12});
    QVERIFY(j->add_note("work-4", {0, kNow, "the sluice gate came out too red"}));
    q.words = "sluice";
    QCOMPARE(j->works(q).value().size(), std::size_t{1});
    // Other words for it are found, its old ones no longer; its time stays.
    const journal::Note note = j->notes("work-4").value().at(0);
    QVERIFY(j->change_note(note.id, "the gate is right now"));
    QVERIFY(j->works(q).value().empty());
    q.words = "gate right";
    QCOMPARE(j->works(q).value().size(), std::size_t{1});
    QCOMPARE(j->notes("work-4").value().at(0).at_s, note.at_s);
    QVERIFY(j->remove_note(note.id));
    QVERIFY(j->works(q).value().empty());
    journal::Query by_stick;
    by_stick.stick_id = "stick-0";
    QCOMPARE(j->works(by_stick).value().size(), std::size_t{1});
    journal::Query by_date;
    by_date.from_s = kNow + 9500;
    QCOMPARE(j->works(by_date).value().size(), std::size_t{2});
    QVERIFY(j->put(a_recipe("work-1", "left eye", {45, 5, 5})));
    QVERIFY(j->put(a_recipe("work-1", "wing", {45.5, 5, 6})));
    QVERIFY(j->put(a_recipe("work-1", "sky", {80, -5, -20})));
    journal::Query like;
    like.like = colour::Lab{45.4, 5, 6};
    const auto near = j->recipes(like).value();
    QCOMPARE(near.size(), std::size_t{2});
    QCOMPARE(near[0].title, "wing");
    q = {};
    q.words = "eye";
    QCOMPARE(j->recipes(q).value().size(), std::size_t{1});
  }

  // By CIEDE2000 itself over all rows: the band of lightness that is read loses none.
  void like_a_colour_finds_what_the_formula_finds() {
    Folder f;
    auto j = f.open();
    std::size_t expected = 0;
    const colour::Lab asked{52, 10, -12};
    for (int n = 0; n < 150; ++n) {
      const colour::Lab lab{30.0 + n % 45, -5.0 + n % 31, -25.0 + n % 27};
      expected += colour::ciede2000(asked, lab) <= 8 ? 1 : 0;
      QVERIFY(j->put(a_recipe({}, QString::number(n), lab)));
    }
    QVERIFY(expected > 3);
    journal::Query q;
    q.like = asked;
    q.within = 8;
    QCOMPARE(j->recipes(q).value().size(), expected);
  }

  void passes_make_sittings() {
    std::vector<journal::DonePass> p(5);
    const auto at = [&](int i, qint64 minute, double took) {
      p[static_cast<std::size_t>(i)].at_s = kNow + 60 * minute;
      p[static_cast<std::size_t>(i)].minutes = took;
    };
    at(0, 10, 8);
    at(1, 30, 15);
    at(2, 60, 20);
    at(3, 24 * 60, 10);
    at(4, 24 * 60 + 20, 12);
    p[4].skipped = true;
    const auto s = journal::sittings_of(p);
    QCOMPARE(s.size(), std::size_t{2});
    QCOMPARE(s[0].passes, 3);
    QCOMPARE(s[0].minutes, 43.0);
    QCOMPARE(s[1].minutes, 10.0);
    QVERIFY(journal::sittings_of({}).empty());
  }

  // A plan made anew knows of what is laid only when it was done; its minutes stay in the journal.
  void passes_stay_while_they_lie_on_the_paper() {
    Folder f;
    auto j = f.open();
    QVERIFY(j->put(a_work(1)));
    const auto pass = [](const QString& name, qint64 at_s) {
      return journal::DonePass{name, name, optics::Medium::soft, "stick-1", 80, 2, 3, at_s, false, ""};
    };
    QVERIFY(j->put_passes("work-1", {pass("sky", kNow), pass("sea", kNow + 60)}));
    QVERIFY(j->put_passes("work-1", {pass("dune", kNow + 600)}, {kNow}));
    const auto kept = j->passes("work-1").value();
    QCOMPARE(kept.size(), std::size_t{2});
    QCOMPARE(kept[0].pass, "sky");
    QCOMPARE(kept[0].minutes, 3.0);
    QCOMPARE(kept[1].pass, "dune");
    // What the pace is learned from: the newest first, no more than is asked for.
    const auto timed = j->timed_passes(1).value();
    QCOMPARE(timed.size(), std::size_t{1});
    QCOMPARE(timed[0].pass, "dune");
    QCOMPARE(j->head("work-1").value().title, j->work("work-1").value().title);
    QVERIFY(!j->head("work-2"));
  }

  void stock_of_all_works_adds_up() {
    Folder f;
    auto j = f.open();
    for (int n = 0; n < 6; ++n) QVERIFY(j->put(a_work(n)));  // 0 and 5 are finished
    double sum = 0;
    const auto uses = j->planned_uses().value();
    for (const journal::Use& u : uses) sum += u.length_mm;
    QVERIFY(std::abs(sum - 4 * 12 * 2.5) < 1e-9);
    const auto next = j->next_sticks().value();
    QCOMPARE(next.size(), std::size_t{2});
    QCOMPARE(next[0].second, 2);
  }

  void everything_can_be_taken_out() {
    Folder f;
    auto j = f.open();
    QVERIFY(j->put(a_work(2)));
    QVERIFY(j->put(a_recipe("work-2", "left *eye*", {45, 5, 5})));
    QVERIFY(j->add_note("work-2", {0, kNow, "more, \"cold\" light"}));
    QVERIFY(j->add_photo("work-2", {0, kNow, "jpeg", "half a step too light"}));
    QVERIFY(j->put_passes("work-2",
                          {{"sig", "Sky, umber", optics::Medium::soft, "stick-1", 80, 2, 3, kNow, false, "a, b"}}));
    QVERIFY(j->add(journal::Drill{0, kNow, "value", 40, 0.3, 0.1, 0.5, 0.1, 0.6, "reds"}));
    const auto folder = journal::folder_of(*j, "work-2").value();
    for (const char* entry : {"work.md", "subject.jpg", "board.jpg", "passes.csv", "recipes.json", "plan.json",
                              "photo-1.jpg", "recipe-1.png"})
      QVERIFY2(folder.count(entry) == 1, entry);
    const QString text = QString::fromUtf8(folder.at("work.md"));
    QVERIFY(text.contains("left \\*eye\\*") && text.contains("photo-1.jpg") && text.contains("half a step"));
    QVERIFY(folder.at("passes.csv").contains("\"Sky, umber\",stick-1,soft"));
    const auto recipes = nlohmann::json::parse(folder.at("recipes.json").toStdString());
    QCOMPARE(recipes[0]["layers"].size(), std::size_t{2});
    const auto all = nlohmann::json::parse(journal::json_of(*j)->toStdString());
    QCOMPARE(all["works"].size(), std::size_t{1});
    QCOMPARE(all["drills"][0]["bias"].get<double>(), 0.3);
    QCOMPARE(journal::works_csv(*j)->count('\n'), 2);
    QVERIFY(formats::pack_archive(folder).ok());
  }

  void an_older_file_is_brought_up_to_date() {
    Folder f;
    {
      auto j = f.open();
      QVERIFY(j->put(a_work(1)));
    }
    QVERIFY(told(f.file(), {"DROP TABLE drills", "DROP TABLE recipe_uses", "PRAGMA user_version = 1"}));
    auto j = f.open();
    QVERIFY(j->add(journal::Drill{0, kNow, "value", 40, 0, 0, 0, 0, 0, ""}));
    QCOMPARE(j->works().value().size(), std::size_t{1});
  }

  void a_newer_file_is_left_alone() {
    Folder f;
    { f.open(); }
    QVERIFY(told(f.file(), {"PRAGMA user_version = 99"}));
    const auto opened = opened_checked(f.dir.path(), kNow);
    QVERIFY(!opened);
    QVERIFY(opened.error().code == Error::Code::too_new);
    QVERIFY(QFile::exists(f.file()));
  }

  void another_programs_database_is_left_alone() {
    Folder f;
    const QStringList theirs{"CREATE TABLE works (id INTEGER)", "INSERT INTO works VALUES (7)"};
    QVERIFY(told(f.file(), theirs));
    const QByteArray before = trial::bytes_of(f.file());
    for (const auto& opened : {Journal::open(f.file()).ok(), Journal::open_to_read(f.file()).ok()}) QVERIFY(!opened);
    const auto folder = opened_checked(f.dir.path(), kNow);
    QVERIFY(!folder && folder.error().what.find("another program") != std::string::npos);
    QCOMPARE(trial::bytes_of(f.file()), before);
    QCOMPARE(QDir(f.dir.path()).entryList({"*damaged*"}).size(), 0);
    // Nor is one taken for ours that says whose it is.
    Folder g;
    { g.open(); }
    QVERIFY(told(g.file(), {"PRAGMA application_id = 12345"}));
    QVERIFY(!Journal::open(g.file()).ok());
  }

  void a_journal_that_is_looked_at_stays_as_it_is() {
    Folder f;
    {
      auto j = f.open();
      QVERIFY(j->put(a_work(1)));
    }
    // Of the present version, of an older one, and of one that is newer: to the last byte.
    for (const char* version : {"3", "1", "99"}) {
      QVERIFY(told(f.file(), {QString("PRAGMA user_version = %1").arg(version)}));
      if (version[0] == '1') QVERIFY(told(f.file(), {"DROP TABLE drills", "DROP TABLE recipe_uses"}));
      QVERIFY(told(f.file(), {"PRAGMA wal_checkpoint(TRUNCATE)"}));
      const QByteArray before = trial::bytes_of(f.file());
      {
        const auto j = Journal::open_to_read(f.file());
        QCOMPARE(j.ok(), version[0] != '9');
        if (j) QCOMPARE(j.value()->works().value().size(), std::size_t{1});
        if (j) QCOMPARE(j.value()->recipes().value().size(), std::size_t{0});
        if (j && version[0] == '3') QVERIFY(!j.value()->put(a_work(2)).ok());
      }
      QCOMPARE(trial::bytes_of(f.file()), before);
    }
  }

  void a_version_that_none_can_be_is_damage() {
    Folder f;
    { f.open(); }
    QVERIFY(told(f.file(), {"PRAGMA user_version = -3"}));
    const auto opened = opened_checked(f.dir.path(), kNow);
    QVERIFY(opened && opened->begun_anew);
    QVERIFY(QFile::exists(opened->damaged));
  }

  void a_backup_is_made_once_a_day_whatever_the_clock_did() {
    Folder f;
    QVERIFY(f.open()->put(a_work(1)));
    const QString backup = f.dir.filePath(journal::kBackupFile);
    const QDateTime now = QDateTime::currentDateTime();
    const auto made_at = [&](const QDateTime& time) {
      QFile file(backup);
      QVERIFY(file.open(QIODevice::ReadWrite));
      QVERIFY(file.setFileTime(time, QFileDevice::FileModificationTime));
    };
    QVERIFY(journal::look_after(f.dir.path(), now.toSecsSinceEpoch()));
    const QDateTime hour = now.addSecs(-3600);
    made_at(hour);
    QVERIFY(journal::look_after(f.dir.path(), now.toSecsSinceEpoch()));
    QCOMPARE(QFileInfo(backup).lastModified().toSecsSinceEpoch(), hour.toSecsSinceEpoch());
    // Two days ago; and in a month, by a clock that was wrong.
    for (const int days : {-2, 30}) {
      made_at(now.addDays(days));
      QVERIFY(journal::look_after(f.dir.path(), now.toSecsSinceEpoch()));
      QVERIFY(std::abs(QFileInfo(backup).lastModified().secsTo(now)) < 3600);
    }
  }

  void a_damaged_file_is_put_aside_and_the_backup_takes_its_place() {
    Folder f;
    {
      auto opened = opened_checked(f.dir.path(), kNow).value().journal != nullptr;
      QVERIFY(opened);
      auto j = f.open();
      for (int n = 0; n < 30; ++n) QVERIFY(j->put(a_work(n)));
      QVERIFY(j->back_up(f.dir.filePath(journal::kBackupFile)));
    }
    QFile file(f.file());
    QVERIFY(file.open(QIODevice::ReadWrite));
    QVERIFY(file.size() > 200000);
    for (qint64 at = 8192; at + 4096 < file.size(); at += 8192) {
      QVERIFY(file.seek(at));
      file.write(QByteArray(3000, '\xa7'));
    }
    file.close();
    auto opened = opened_checked(f.dir.path(), kNow);
    QVERIFY2(opened.ok(), opened.ok() ? "" : describe(opened.error()).c_str());
    QVERIFY(opened->restored && !opened->begun_anew);
    QVERIFY(QFile::exists(opened->damaged));
    QCOMPARE(opened->journal->works().value().size(), std::size_t{30});
  }

  void without_a_backup_it_begins_anew_and_loses_nothing() {
    Folder f;
    QFile file(f.file());
    QVERIFY(file.open(QIODevice::WriteOnly));
    file.write(QByteArray(20000, 'x'));
    file.close();
    auto opened = opened_checked(f.dir.path(), kNow);
    QVERIFY2(opened.ok(), opened.ok() ? "" : describe(opened.error()).c_str());
    QVERIFY(opened->begun_anew);
    QCOMPARE(trial::bytes_of(opened->damaged), QByteArray(20000, 'x'));
  }

  void two_programs_may_write_at_once() {
    Folder f;
    auto p = f.open();
    auto q = f.open();
    for (int n = 0; n < 20; ++n) {
      QVERIFY(p->put(a_work(2 * n)));
      QVERIFY(q->put(a_work(2 * n + 1)));
    }
    QCOMPARE(p->works().value().size(), std::size_t{40});
    QCOMPARE(q->works().value().size(), std::size_t{40});
  }

  // A window that finds damage leaves the file alone while another one writes into it.
  void what_is_open_elsewhere_is_not_mended() {
    Folder f;
    auto p = f.open();
    QVERIFY(p->put(a_work(1)));
    auto refused = journal::mend(f.dir.path(), kNow);
    QVERIFY(!refused);
    QVERIFY(describe(refused.error()).find("another window") != std::string::npos);
    QVERIFY(p->put(a_work(2)));
    QCOMPARE(f.open()->works().value().size(), std::size_t{2});
    // Whole after all, as when another window has mended it: it stays.
    p.reset();
    auto left = journal::mend(f.dir.path(), kNow);
    QVERIFY(left && left->damaged.isEmpty() && !left->begun_anew);
    QCOMPARE(left->journal->works().value().size(), std::size_t{2});
  }

  // A folder without leave to write, as a user has one; root may write everywhere, so another user tries.
  void a_read_only_folder_is_said_and_what_is_there_stays() {
    Folder f;
    QVERIFY(f.open()->put(a_work(1)));
    const auto size = QFileInfo(f.file()).size();
    constexpr unsigned kNobody = 65534;
    const bool root = geteuid() == 0;
    for (const QString& name : QDir(f.dir.path()).entryList(QDir::Files))
      QVERIFY(QFile::setPermissions(f.dir.filePath(name), QFile::ReadOwner | QFile::ReadOther));
    QVERIFY(
        QFile::setPermissions(f.dir.path(), QFile::ReadOwner | QFile::ExeOwner | QFile::ReadOther | QFile::ExeOther));
    if (root) QVERIFY(seteuid(kNobody) == 0);
    const auto put = [&]() -> Status {
      auto opened = journal::open_folder(f.dir.path(), kNow);
      return opened ? opened->journal->put(a_work(2)) : Status(opened.error());
    }();
    if (root) QVERIFY(seteuid(0) == 0);
    QFile::setPermissions(f.dir.path(), QFile::ReadOwner | QFile::WriteOwner | QFile::ExeOwner);
    QVERIFY(!put);
    QVERIFY2(describe(put.error()).find(f.dir.path().toStdString()) != std::string::npos,
             describe(put.error()).c_str());
    QCOMPARE(QFileInfo(f.file()).size(), size);
    QFile::setPermissions(f.file(), QFile::ReadOwner | QFile::WriteOwner);
    QCOMPARE(f.open()->works().value().size(), std::size_t{1});
  }

  void a_folder_that_cannot_be_written_is_said() {
    const auto opened = opened_checked("/proc/nowhere", kNow);
    QVERIFY(!opened);
    QVERIFY(opened.error().code == Error::Code::io);
    QVERIFY(describe(opened.error()).find("/proc/nowhere") != std::string::npos);
  }

  void a_full_disk_is_said_and_loses_nothing() {
    Folder f;
    auto j = f.open();
    QVERIFY(j->put(a_work(1)));
    // SQLite's own limit of pages stands for the disk that is full.
    const QString name = QSqlDatabase::connectionNames().constLast();
    QSqlQuery q(QSqlDatabase::database(name));
    QVERIFY(q.exec("PRAGMA max_page_count = 1"));
    auto big = a_work(2);
    big.board = QByteArray(4'000'000, 'b');
    const Status put = j->put(big);
    QVERIFY(!put);
    QVERIFY2(describe(put.error()).find("full") != std::string::npos, describe(put.error()).c_str());
    QCOMPARE(j->works().value().size(), std::size_t{1});
    QVERIFY(journal::check_file(f.file()).ok());
  }

  // Killed two hundred times at random moments of writing to the journal and of saving a project: what was said to be
  // kept is there, both files are whole.
  // The other program is this one, run with a folder to write to.
  void nothing_acknowledged_is_lost_when_it_is_killed() {
#ifdef __SANITIZE_ADDRESS__
    constexpr int kKills = 20;
#else
    constexpr int kKills = 200;
#endif
    Folder f;
    { f.open(); }
    int acknowledged = 0;
    for (int kill = 0; kill < kKills; ++kill) {
      QProcess writer;
      writer.start(QCoreApplication::applicationFilePath(), {"writer", f.file(), QString::number(acknowledged)});
      QVERIFY(writer.waitForStarted());
      // A random moment after the first lines.
      QVERIFY(writer.waitForReadyRead(20000));
      QTest::qSleep((kill * 37) % 23);
      writer.kill();
      writer.waitForFinished();
      for (const QByteArray& line : writer.readAllStandardOutput().split('\n')) {
        bool number = false;
        const int n = line.trimmed().toInt(&number);
        if (number) acknowledged = std::max(acknowledged, n);
      }
      const auto project = formats::load_project(f.file() + ".dune");
      QVERIFY2(project.ok(), project.ok() ? "" : describe(project.error()).c_str());
      const auto works = Journal::open(f.file()).value()->works();
      QVERIFY(works.ok());
      int highest = 0;
      for (const auto& w : works.value()) highest = std::max(highest, w.id.section('-', 1).toInt());
      QVERIFY2(highest >= acknowledged, qPrintable(QString("%1 of %2").arg(highest).arg(acknowledged)));
      acknowledged = highest;
    }
    QVERIFY(journal::check_file(f.file()).ok());
    QVERIFY(acknowledged > kKills);
  }
};

QTEST_GUILESS_MAIN(TestJournal)
#include "test_journal.moc"
