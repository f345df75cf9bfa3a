// SPDX-License-Identifier: MIT
// The real window killed at random moments of choosing, saving, easel, journal and check: what was said to be kept is
// kept, every file opens. YD_KILLS=500 kills it more often than the six times of every run (with
// QTEST_FUNCTION_TIMEOUT, in milliseconds, for it takes an hour).
#include <QProcess>
#include <map>

#include "formats/project.h"
#include "support/random.h"
#include "ui_world.h"

using namespace yd;

namespace {

int kills() { return std::max(6, qEnvironmentVariableIntValue("YD_KILLS")); }

/// The highest number behind each word the program said.
void listen(const QByteArray& said, std::map<QByteArray, int>& highest) {
  for (const QByteArray& line : said.split('\n')) {
    const auto space = line.indexOf(' ');
    if (space > 0) highest[line.left(space)] = std::max(highest[line.left(space)], line.mid(space + 1).toInt());
  }
}

/// Marks in the project or, if the program was killed before they were saved, in the copy beside it.
int marks_left(const QString& folder, const formats::Project& project) {
  auto most = static_cast<int>(project.marks.size());
  for (const QString& copy : QDir(folder + "/unsaved").entryList({"*.dune"}, QDir::Files)) {
    const auto left = app::Autosave::read(folder + "/unsaved/" + copy);
    if (left) most = std::max(most, static_cast<int>(left->marks.size()));
  }
  return most;
}

}  // namespace

class TestKills : public QObject {
  Q_OBJECT
 private slots:
  void what_was_acknowledged_is_kept() {
    if (!trial::kMayStartPrograms) QSKIP("not under the thread sanitizer");
    QTemporaryDir folder;
    Random random(11);
    int begun = 0;
    std::map<QByteArray, int> all;
    for (int kill = 0; kill < kills(); ++kill) {
      // The next program begins with the project as it was saved last: what was not saved is offered, not taken.
      QDir(folder.filePath("unsaved")).removeRecursively();
      QProcess work;
      work.start(QCoreApplication::applicationFilePath(), {"worker", folder.path(), QString::number(kill)});
      QVERIFY(work.waitForStarted());
      QByteArray said;
      // One in eight is killed while it starts.
      if (random.below(8) == 0) {
        QTest::qSleep(static_cast<int>(random.below(900)));
      } else {
        QVERIFY(QTest::qWaitFor(
            [&] {
              work.waitForReadyRead(50);
              said += work.readAllStandardOutput();
              return said.contains("begun") || work.state() == QProcess::NotRunning;
            },
            90000));
        QVERIFY2(said.contains("begun"), qPrintable(QString("ended with %1").arg(work.exitCode())));
        ++begun;
        QTest::qSleep(static_cast<int>(random.below(700)));
      }
      work.kill();
      QVERIFY(work.waitForFinished(20000));
      QCOMPARE(work.exitStatus(), QProcess::CrashExit);
      said += work.readAllStandardOutput();
      std::map<QByteArray, int> now;
      listen(said, now);
      if (!QFile::exists(folder.filePath("work.dune"))) {
        QVERIFY(now.empty());  // killed before it saved the first time
        continue;
      }
      const auto project = formats::load_project(folder.filePath("work.dune"));
      QVERIFY2(project.ok(), project.ok() ? "" : describe(project.error()).c_str());
      const auto& order = project->plan.order_by_hand;
      const int saved = order.empty() ? 0 : QString::fromStdString(order.front()).section('-', 1).toInt();
      QVERIFY2(saved >= now["saved"], qPrintable(QString("%1 of %2").arg(saved).arg(now["saved"])));
      const int marks = marks_left(folder.path(), project.value());
      QVERIFY2(marks >= now["marks"], qPrintable(QString("%1 of %2 marks").arg(marks).arg(now["marks"])));
      QVERIFY(journal::check_file(folder.filePath("data/journal.sqlite")).ok());
      const auto notes =
          journal::Journal::open(folder.filePath("data/journal.sqlite")).value()->notes(project->work_id);
      QVERIFY(notes.ok());
      int highest = 0;
      for (const journal::Note& n : notes.value()) highest = std::max(highest, n.text.section('-', 1).toInt());
      QVERIFY2(highest >= now["note"], qPrintable(QString("note %1 of %2").arg(highest).arg(now["note"])));
      for (const auto& [word, number] : now) all[word] = std::max(all[word], number);
    }
    for (const auto& [word, number] : all) qInfo("%s: up to %d", word.constData(), number);
    QVERIFY2(begun * 2 > kills(), "most were killed at work");
    QVERIFY(all["saved"] > 0 && all["note"] > 0);
  }
};

QTEST_MAIN(TestKills)
#include "test_kills.moc"
