// SPDX-License-Identifier: MIT
// dune-plan with colours of one's own, and what it reads of the journal.
#include <QFile>
#include <QFileInfo>
#include <QJsonArray>
#include <QTest>
#include <cmath>

#include "bytes_of.h"
#include "journal/journal.h"
#include "run_program.h"

using namespace yd;
using trial::Outcome;
using trial::picture;
using trial::run;

class TestNotesCli : public QObject {
  Q_OBJECT
 private slots:
  // Colours of one's own from the command line: values stay, colours move.
  void a_picture_in_another_mood() {
    const QTemporaryDir dir;
    const auto masses = [&](const QStringList& own) {
      const Outcome o = run(QStringList{"plan", picture(dir), "--sticks", "6"} + own);
      return o.code == 0 ? o.json()["masses"].toArray() : QJsonArray();
    };
    const QJsonArray plain = masses({});
    for (const QStringList& own : {QStringList{"--mood", "quiet:1"}, QStringList{"--mood", "warm-light"},
                                   QStringList{"--palette", QString(YD_SOURCE_DIR "/data/demo/salt-works.png:0.8")}}) {
      const QJsonArray moved = masses(own);
      QCOMPARE(moved.size(), plain.size());
      bool other = false;
      for (qsizetype m = 0; m < plain.size(); ++m) {
        QVERIFY(std::abs(moved[m].toObject()["value"].toDouble() - plain[m].toObject()["value"].toDouble()) < 0.5);
        other = other || moved[m].toObject()["targets"] != plain[m].toObject()["targets"];
      }
      QVERIFY2(other, qPrintable(own.join(' ')));
    }
    for (const QStringList& wrong :
         {QStringList{"--mood", "merry"}, QStringList{"--mood", "vivid:7"},
          QStringList{"--palette", dir.filePath("none.png")}, QStringList{"--scheme", "plaid"}}) {
      const Outcome bad = run(QStringList{"plan", picture(dir)} + wrong);
      QCOMPARE(bad.code, 2);
      QCOMPARE(bad.err.trimmed().count('\n'), 0);
    }
  }

  void the_journal_is_read_and_taken_out() {
    const QTemporaryDir dir;
    const QString file = dir.filePath("journal.sqlite");
    QCOMPARE(run({"journal", "--file", file, "list"}).code, 2);
    {
      auto j = std::move(journal::Journal::open(file)).value();
      journal::Work w;
      w.id = "0123456789";
      w.title = "Ferry at dawn";
      w.paper = "Laid, cream";
      QVERIFY(j->put(w));
      journal::Recipe r;
      r.work = w.id;
      r.title = "water";
      r.words = "Cobalt lightly.";
      r.lab = {50, 0, -20};
      QVERIFY(j->put(r).ok());
    }
    QVERIFY(run({"journal", "--file", file, "list"}).out.contains("Ferry at dawn"));
    QVERIFY(run({"journal", "--file", file, "list", "--words", "snow"}).out.isEmpty());
    QVERIFY(run({"journal", "--file", file, "show", "ferry"}).out.contains("# Ferry at dawn"));
    QVERIFY(run({"journal", "--file", file, "recipes", "--like", "51,0,-20"}).out.contains("Cobalt lightly."));
    QVERIFY(run({"journal", "--file", file, "recipes", "--like", "20,40,20"}).out.isEmpty());
    const QString out = dir.filePath("all.json");
    QCOMPARE(run({"journal", "--file", file, "export", out}).code, 0);
    QCOMPARE(QJsonDocument::fromJson(trial::bytes_of(out)).object()["works"].toArray().size(), 1);
    QCOMPARE(run({"journal", "--file", file, "export", dir.filePath("w.zip"), "--work", "0123"}).code, 0);
    QVERIFY(QFileInfo(dir.filePath("w.zip")).size() > 200);
    QCOMPARE(run({"journal", "--file", file, "show", "nothing"}).code, 2);
    QCOMPARE(run({"journal", "--file", file, "recipes", "--like", "blue"}).code, 2);
  }
};

QTEST_GUILESS_MAIN(TestNotesCli)
#include "test_notes.moc"
