// SPDX-License-Identifier: MIT
// The pages for users and maintainers hold: every path they name is there, every command they show exists with its
// options, and those of the README are run in their order, with somebody to lay strokes and take photographs between.
#include <QDir>
#include <QRegularExpression>
#include <QTest>

#include "bytes_of.h"
#include "journal/journal.h"
#include "run_program.h"

using namespace yd;

namespace {

QString text_of(const QString& file) { return QString::fromUtf8(trial::bytes_of(file)); }

QStringList pages() {
  QStringList out{YD_SOURCE_DIR "/README.md"};
  for (const char* folder : {"/docs", "/docs/model"}) {
    for (const QFileInfo& page : QDir(QString(YD_SOURCE_DIR) + folder).entryInfoList({"*.md"})) out << page.filePath();
  }
  for (const char* folder : {"fuzz", "bench", "packaging"}) out << QString(YD_SOURCE_DIR "/%1/README.md").arg(folder);
  return out;
}

/// "dune-plan …" up to what cannot be part of it.
QStringList commands_of(const QString& text) {
  QStringList out;
  static const QRegularExpression command("dune-plan ([a-z](?:(?!dune-plan)[^`\\n])*)");
  for (auto m = command.globalMatch(text); m.hasNext();) {
    QString rest = m.next().captured(1);
    // Comments behind a command stand in brackets, after two spaces; the next one after && or more spaces.
    rest = rest.section(QRegularExpression("  +|&&|\\(|\\|"), 0, 0).trimmed();
    out << rest;
  }
  return out;
}

QStringList words_of(const QString& command) { return QProcess::splitCommand(command); }

class Studio {
 public:
  Studio() {
    QDir::setCurrent(dir_.path());
    qputenv("XDG_DATA_HOME", QFile::encodeName(dir_.path()));
    QFile::rename(trial::picture(dir_), "picture.jpg");
    QFile::copy("picture.jpg", "other.jpg");
    QFile palette("palette.gpl");
    if (palette.open(QIODevice::WriteOnly))
      palette.write("GIMP Palette\n200 40 30 Brick\n20 40 120 Deep blue\n250 240 200 Cream\n");
    auto opened = journal::open_folder(journal::usual_folder(), 1000);
    journal::Work w;
    w.id = "w";
    w.title = "Pans at dusk";
    static_cast<void>(opened->journal->put(w).ok());
  }
  /// What a person does before a command can be run.
  void prepare(const QString& command) {
    if (command.startsWith("calibrate offcuts.csv"))
      trial::run_quickly({"offcuts", "picture.jpg", "offcuts.csv", "--count", "36", "--simulate", "3"});
    if (command.startsWith("swatches photo.jpg"))
      trial::run_quickly({"sheet", "box.pdf", "--cells", "40", "--photo", "photo.jpg"});
    if (command.startsWith("swatches offcuts.jpg"))
      trial::run_quickly({"sheet", "offcuts.pdf", "--strokes", "offcuts.csv", "--photo", "offcuts.jpg"});
  }

 private:
  QTemporaryDir dir_;
};

}  // namespace

class TestDocs : public QObject {
  Q_OBJECT
 private slots:
  void every_path_is_there() {
    static const QRegularExpression path(
        "(?<![\\w./-])((?:src|tests|data|docs|bench|fuzz|cmake|packaging)/[\\w./-]*\\w)");
    QStringList missing;
    int seen = 0;
    for (const QString& page : pages()) {
      const QString text = text_of(page);
      QVERIFY2(!text.isEmpty(), qPrintable(page));
      for (auto m = path.globalMatch(text); m.hasNext(); ++seen) {
        const QString named = m.next().captured(1);
        const QString file = QString(YD_SOURCE_DIR "/") + named;
        // Sources may be named without their ending.
        if (!QFileInfo::exists(file) && !QFileInfo::exists(file + ".cpp") && !QFileInfo::exists(file + ".h"))
          missing << QFileInfo(page).fileName() + ": " + named;
      }
    }
    missing.removeDuplicates();
    QVERIFY2(missing.isEmpty(), qPrintable(missing.join("\n")));
    QVERIFY(seen > 60);
  }

  void every_link_leads_somewhere() {
    static const QRegularExpression link("\\]\\(([^)#:]+)\\)");
    for (const QString& page : pages()) {
      for (auto m = link.globalMatch(text_of(page)); m.hasNext();) {
        const QString to = m.next().captured(1);
        QVERIFY2(QFileInfo::exists(QFileInfo(page).dir().filePath(to)), qPrintable(page + ": " + to));
      }
    }
  }

  void every_command_and_option_exists() {
    QStringList missing;
    int seen = 0;
    QMap<QString, QString> helps;
    static const QRegularExpression option("--[a-z][a-z-]*");
    QStringList all = pages();
    all.append(YD_SOURCE_DIR "/packaging/clean_machine");
    for (const QString& page : all) {
      for (const QString& command : commands_of(text_of(page))) {
        const QStringList words = words_of(command);
        const QString name = words.value(0);
        if (!helps.contains(name)) {
          const auto help = trial::run({name, "--help"});
          helps[name] = help.code == 0 ? QString::fromUtf8(help.out) : QString();
        }
        if (helps[name].isEmpty()) {
          // In a sentence "dune-plan" may be followed by anything.
          if (command.contains("--")) missing << QFileInfo(page).fileName() + ": " + command;
          continue;
        }
        for (auto m = option.globalMatch(command); m.hasNext(); ++seen) {
          const QString o = m.next().captured(0);
          // Options of what a command is divided into stand in that one's help.
          const bool known = helps[name].contains(o) ||
                             QString::fromUtf8(trial::run({name, words.value(1), "--help"}).out).contains(o);
          if (!known) missing << QFileInfo(page).fileName() + ": " + command + " has no " + o;
        }
      }
    }
    missing.removeDuplicates();
    QVERIFY2(missing.isEmpty(), qPrintable(missing.join("\n")));
    QVERIFY(seen > 40);
  }

  void the_readmes_commands_run() {
    const QString before = QDir::currentPath();
    {
      Studio studio;
      const QString readme = text_of(YD_SOURCE_DIR "/README.md");
      const QString block = readme.section("## Without a window", 1).section("\n## ", 0, 0);
      QStringList failed;
      int run = 0;
      for (const QString& command : commands_of(block)) {
        studio.prepare(command);
        const auto outcome = trial::run_quickly(words_of(command));
        if (outcome.code != 0) failed << command + ": " + QString::fromUtf8(outcome.err);
        ++run;
      }
      QDir::setCurrent(before);
      QVERIFY2(failed.isEmpty(), qPrintable(failed.join("\n")));
      QVERIFY2(run > 25, qPrintable(QString::number(run)));
    }
  }

  // The manual page is made from the commands; it must not be empty where they are not.
  void the_manual_names_every_command() {
    const auto manual = trial::run({"manual"});
    QCOMPARE(manual.code, 0);
    const QString help = QString::fromUtf8(trial::run({"--help"}).out);
    static const QRegularExpression name("^  ([a-z]+) +[A-Z]", QRegularExpression::MultilineOption);
    int seen = 0;
    for (auto m = name.globalMatch(help.section("Subcommands:", 1)); m.hasNext(); ++seen)
      QVERIFY2(manual.out.contains(".SS " + m.next().captured(1).toUtf8() + "\n"), qPrintable(help));
    QVERIFY(seen > 15);
    QVERIFY(!manual.out.contains("\n\n"));
  }
};

QTEST_GUILESS_MAIN(TestDocs)
#include "test_docs.moc"
