// SPDX-License-Identifier: MIT
// What is written replaces regular files whole and nothing else; what is read is a file and ends.
#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QFileInfo>
#include <QTemporaryDir>
#include <QTest>
#include <sys/stat.h>
#include <thread>

#include "bytes_of.h"
#include "files/read.h"
#include "files/same.h"
#include "files/write.h"

using namespace yd;
using trial::bytes_of;

namespace {

void put(const QString& file, const QByteArray& bytes) {
  QFile f(file);
  QVERIFY(f.open(QIODevice::WriteOnly));
  f.write(bytes);
}

/// A pipe in the folder.
QString pipe_in(const QTemporaryDir& dir) {
  const QString file = dir.filePath("pipe");
  return ::mkfifo(QFile::encodeName(file).constData(), 0600) == 0 ? file : QString();
}

}  // namespace

class TestFiles : public QObject {
  Q_OBJECT
 private slots:
  void a_file_is_replaced_whole() {
    const QTemporaryDir dir;
    const QString file = dir.filePath("a.json");
    put(file, "before, and longer");
    QVERIFY(files::write_bytes(file, "after").ok());
    QCOMPARE(bytes_of(file), QByteArray("after"));
    QCOMPARE(QDir(dir.path()).entryList(QDir::Files).size(), 1);
  }

  void a_link_is_followed_and_stays_one() {
    const QTemporaryDir dir;
    put(dir.filePath("real.json"), "before");
    QVERIFY(QFile::link(dir.filePath("real.json"), dir.filePath("link.json")));
    QVERIFY(files::write_bytes(dir.filePath("link.json"), "after").ok());
    QVERIFY(QFileInfo(dir.filePath("link.json")).isSymLink());
    QCOMPARE(bytes_of(dir.filePath("real.json")), QByteArray("after"));
  }

  // As root a renamed file took the place of /dev/null for the whole machine.
  void a_device_stays_a_device() {
    QVERIFY(files::may_write("/dev/null").ok());
    QVERIFY(files::write_bytes("/dev/null", "nothing").ok());
    struct stat is {};
    QCOMPARE(::stat("/dev/null", &is), 0);
    QVERIFY(S_ISCHR(is.st_mode));
    const Status full = files::write_bytes("/dev/full", "no room");
    QVERIFY(!full.ok() && full.error().what.find("full") != std::string::npos);
  }

  void a_pipe_carries_what_is_written() {
    const QTemporaryDir dir;
    const QString file = pipe_in(dir);
    QVERIFY(!file.isEmpty());
    const QByteArray much(1 << 20, 'x');  // more than a pipe holds
    QByteArray got;
    std::thread reader([&] {
      QFile in(file);
      if (in.open(QIODevice::ReadOnly)) got = in.readAll();
    });
    const Status written = files::write_bytes(file, much);
    reader.join();
    QVERIFY(written.ok());
    QCOMPARE(got, much);
    struct stat is {};
    QVERIFY(::stat(QFile::encodeName(file).constData(), &is) == 0 && S_ISFIFO(is.st_mode));
  }

  void nobody_waits_for_a_pipe_for_ever() {
    const QTemporaryDir dir;
    const QString file = pipe_in(dir);
    QElapsedTimer clock;
    clock.start();
    QVERIFY(!files::write_bytes(file, "x").ok());
    const auto read = files::read_bytes(file, 100);
    QVERIFY(!read.ok() && read.error().what.find("pipe") != std::string::npos);
    QVERIFY(clock.elapsed() < 20000);
  }

  void what_is_no_file_is_not_read() {
    const QTemporaryDir dir;
    QVERIFY(!files::read_bytes(dir.path(), 100).ok());
    QVERIFY(!files::read_bytes("/dev/zero", 100).ok());
    QVERIFY(!files::read_bytes(dir.filePath("none"), 100).ok());
    put(dir.filePath("large"), QByteArray(200, 'x'));
    QCOMPARE(files::read_bytes(dir.filePath("large"), 100).error().code, Error::Code::too_large);
    QCOMPARE(files::read_bytes(dir.filePath("large"), 200).value().size(), 200);
  }

  void places_that_will_not_do_are_said_before() {
    const QTemporaryDir dir;
    for (const QString& bad :
         {dir.path(), dir.filePath("none/a.json"), QString(), QString("a\xFF").replace(1, 1, QChar(0xFFFD))})
      QVERIFY2(!files::may_write(bad).ok(), qPrintable(bad));
    QVERIFY(files::may_write(dir.filePath("a.json")).ok());
    QVERIFY(files::may_write("-").ok());
    QVERIFY(!QFile::exists(dir.filePath("a.json")));
  }

  void one_file_by_any_name_is_the_same() {
    const QTemporaryDir dir;
    const QString file = dir.filePath("a.dune");
    put(file, "x");
    QVERIFY(QFile::link(file, dir.filePath("soft")));
    QVERIFY(::link(QFile::encodeName(file).constData(), QFile::encodeName(dir.filePath("hard")).constData()) == 0);
    QVERIFY(QDir(dir.path()).mkdir("in"));
    for (const QString& other :
         {dir.filePath("soft"), dir.filePath("hard"), dir.filePath("in/../a.dune"), dir.path() + "//a.dune"})
      QVERIFY2(files::same_file(file, other), qPrintable(other));
    put(dir.filePath("b.dune"), "x");
    QVERIFY(!files::same_file(file, dir.filePath("b.dune")));
    QVERIFY(!files::same_file("/dev/null", "/dev/null"));
    // Of what is not there yet the names decide.
    QVERIFY(files::same_file(dir.filePath("new"), dir.filePath("in/../new")));
    QVERIFY(!files::same_file(dir.filePath("new"), dir.filePath("newer")));
    QVERIFY(!files::is_no_input(dir.filePath("soft"), {dir.filePath("b.dune"), file}).ok());
    QVERIFY(files::is_no_input(dir.filePath("new"), {file}).ok());
  }
};

QTEST_APPLESS_MAIN(TestFiles)
#include "test_files.moc"
