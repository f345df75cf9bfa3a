// SPDX-License-Identifier: MIT
// Layers point one way: by the text of the includes, where the compiler cannot see it.
#include <QDir>
#include <QDirIterator>
#include <QFile>
#include <QRegularExpression>
#include <QTest>

namespace {

const QStringList kRooms{"price", "recipe", "craft",  "coat",   "search", "tray",   "order",
                         "marks", "brief",  "assign", "finish", "make",   "advice", "guide"};
const QStringList kCore =
    QStringList{"support", "parallel", "fit", "colour", "optics", "media", "subject"} + kRooms +
    QStringList{"board", "job", "printed", "standin", "check", "calibrate", "swatches", "practice"};
const QStringList kLayers = kCore + QStringList{"files", "words", "pictures", "formats", "exports", "journal"};

struct Include {
  QString file, folder, name;
};

QList<Include> includes(const QString& root) {
  QList<Include> out;
  static const QRegularExpression line("^\\s*#include\\s*[<\"]([^>\"]+)[>\"]", QRegularExpression::MultilineOption);
  QDirIterator files(root, {"*.h", "*.cpp", "*.inc"}, QDir::Files, QDirIterator::Subdirectories);
  while (files.hasNext()) {
    QFile f(files.next());
    if (!f.open(QIODevice::ReadOnly)) continue;
    const QString path = QDir(root).relativeFilePath(f.fileName());
    const QString folder = path.startsWith("plan/") ? path.section('/', 1, 1) : path.section('/', 0, 0);
    auto found = line.globalMatch(QString::fromUtf8(f.readAll()));
    while (found.hasNext()) out << Include{f.fileName(), folder, found.next().captured(1)};
  }
  return out;
}

}  // namespace

class TestDependencies : public QObject {
  Q_OBJECT
 private slots:
  void includes_point_to_lower_layers() {
    const auto all = includes(YD_SOURCE_DIR "/src");
    QVERIFY(all.size() > 200);
    for (const Include& i : all) {
      const auto from = kLayers.indexOf(i.folder);
      const auto to = kLayers.indexOf(i.name.section('/', 0, 0));
      if (from < 0 || to < 0) continue;
      QVERIFY2(to <= from, qPrintable(i.file + " includes " + i.name));
      const bool sides = (i.folder == "subject" && i.name.startsWith("media/")) ||
                         (i.folder == "subject" && i.name.startsWith("optics/"));
      QVERIFY2(!sides, qPrintable(i.file + " includes " + i.name));
    }
  }

  // Its code is compiled anew for every loop that names it: a tenth of the core's was that.
  void one_folder_knows_the_library_of_loops() {
    for (const Include& i : includes(YD_SOURCE_DIR "/src"))
      QVERIFY2(!i.name.startsWith("tbb/") || i.folder == "parallel", qPrintable(i.file + " includes " + i.name));
  }

  void the_core_knows_no_qt() {
    for (const Include& i : includes(YD_SOURCE_DIR "/src")) {
      if (kCore.contains(i.folder)) QVERIFY2(!i.name.startsWith('Q'), qPrintable(i.file + " includes " + i.name));
    }
  }

  // Words are made in one place above the core, so that there can be other languages. What went wrong may be said.
  void the_planner_has_no_sentences() {
    static const QRegularExpression sentence("\"[A-Z][a-z]* [^\"]*\\.\"");
    QDirIterator files(YD_SOURCE_DIR "/src/plan", {"*.h", "*.cpp"}, QDir::Files, QDirIterator::Subdirectories);
    int seen = 0;
    for (; files.hasNext(); ++seen) {
      QFile f(files.next());
      QVERIFY(f.open(QIODevice::ReadOnly));
      const auto found = sentence.match(QString::fromUtf8(f.readAll()));
      QVERIFY2(!found.hasMatch(), qPrintable(f.fileName() + ": " + found.captured()));
    }
    QVERIFY(seen > 40);
  }

  void widgets_stay_in_the_window() {
    static const QRegularExpression widget(
        "^(QtWidgets.*|QWidget|QMainWindow|QApplication|QLabel|QPushButton|QTableView|QListView|Q(?!Page).*Layout)$");
    for (const Include& i : includes(YD_SOURCE_DIR "/src")) {
      const bool allowed = i.file.contains("/app/widgets/") || i.file.contains("/app/panels/") ||
                           i.file.contains("/app/window/") || i.file.endsWith("/app/main.cpp");
      if (!allowed) QVERIFY2(!widget.match(i.name).hasMatch(), qPrintable(i.file + " includes " + i.name));
    }
  }

  // The window's rooms point one way too; none knows a later one.
  void rooms_of_the_window_point_one_way() {
    const QStringList rooms{"looks", "session", "models", "widgets", "panels", "window"};
    int seen = 0;
    for (const Include& i : includes(YD_SOURCE_DIR "/src")) {
      if (i.folder != "app") continue;
      const auto from = rooms.indexOf(i.file.section('/', -2, -2));
      const auto to = rooms.indexOf(i.name.section('/', 0, 0));
      if (from < 0 || to < 0) continue;
      QVERIFY2(to <= from, qPrintable(i.file + " includes " + i.name));
      ++seen;
    }
    QVERIFY(seen > 150);
  }

  // clang-tidy sees to this in the files it reads one by one; the whole check reads a module as one file.
  void names_brought_in_are_used() {
    static const QRegularExpression brought("^\\s*using (?:\\w+::)+(\\w+);", QRegularExpression::MultilineOption);
    QDirIterator files(YD_SOURCE_DIR "/src", {"*.cpp"}, QDir::Files, QDirIterator::Subdirectories);
    int seen = 0;
    while (files.hasNext()) {
      QFile f(files.next());
      QVERIFY(f.open(QIODevice::ReadOnly));
      const QString text = QString::fromUtf8(f.readAll());
      for (auto found = brought.globalMatch(text); found.hasNext(); ++seen) {
        const QString name = found.next().captured(1);
        QVERIFY2(text.count(QRegularExpression("(?<!::)\\b" + name + "\\b")) >= 1,
                 qPrintable(f.fileName() + ": " + name));
      }
    }
    QVERIFY(seen > 10);
  }

  void every_folder_says_what_it_is_for() {
    for (const QString& folder : kLayers + QStringList{"app", "cli"}) {
      const QString path = kRooms.contains(folder) ? "plan/" + folder : folder;
      QFile readme(QString(YD_SOURCE_DIR "/src/%1/README.md").arg(path));
      QVERIFY2(readme.open(QIODevice::ReadOnly), qPrintable(folder));
      QVERIFY(readme.readAll().contains("May depend on:"));
    }
  }

  void files_stay_short() {
    QDirIterator files(YD_SOURCE_DIR "/src", {"*.h", "*.cpp"}, QDir::Files, QDirIterator::Subdirectories);
    while (files.hasNext()) {
      QFile f(files.next());
      QVERIFY(f.open(QIODevice::ReadOnly));
      QVERIFY2(f.readAll().count('\n') <= 500, qPrintable(f.fileName()));
    }
  }
};

QTEST_APPLESS_MAIN(TestDependencies)
#include "test_dependencies.moc"
