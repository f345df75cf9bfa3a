// SPDX-License-Identifier: MIT
// The real window with its files on a disk that is full, or where the quota is used up: what was saved stays as it was,
// what cannot be written is said, and once there is room again everything is written. In $YD_TIGHT_FOLDER, which
// tests/quota/run makes.
#include "bytes_of.h"
#include "formats/project.h"
#include "ui_world.h"

using namespace yd;

namespace {

/// A file that takes all the room there is.
class Filler {
 public:
  explicit Filler(const QString& folder) : file_(folder + "/filler") {
    file_.open(QIODevice::WriteOnly | QIODevice::Unbuffered);
    std::uint32_t n = 1;
    for (qsizetype size : {qsizetype{1} << 16, qsizetype{1} << 10, qsizetype{1}}) {
      QByteArray block(size, 0);
      do {
        for (char& c : block) n = n * 1664525 + 1013904223, c = static_cast<char>(n >> 24);  // nothing to be compressed
      } while (file_.write(block) == size && fdatasync(file_.handle()) == 0 && file_.size() < kMost);
    }
  }
  ~Filler() { file_.remove(); }
  bool full() const { return file_.size() < kMost; }

 private:
  static constexpr qint64 kMost = 64 << 20;  // the folder is not a tight one
  QFile file_;
};

QString tight_folder() { return qEnvironmentVariable("YD_TIGHT_FOLDER"); }

/// A window whose own folder lies in the tight one.
struct Tight {
  QByteArray before = qgetenv("TMPDIR");
  Tight() { qputenv("TMPDIR", QFile::encodeName(tight_folder())); }
  ~Tight() { qputenv("TMPDIR", before); }
};

}  // namespace

class TestQuota : public QObject {
  Q_OBJECT
 private slots:
  void nothing_is_lost_where_there_is_no_room() {
    if (tight_folder().isEmpty()) QSKIP("YD_TIGHT_FOLDER is not given: see tests/quota/run");
    const QString picture = trial::World::demo("kettle.png");
    const Tight tight;
    trial::World w;
    QVERIFY(w.dir.path().startsWith(tight_folder()));
    w.window.files().open_path(picture);
    QVERIFY(w.settle());
    const QString file = w.dir.filePath("kettle.dune");
    QVERIFY(w.window.files().save_path(file));
    const QByteArray saved = trial::bytes_of(file);
    w.past_chores();
    w.easel.done();
    w.keeper.flush();
    QSignalSpy export_failed(&w.window.exports().exporter(), &app::Exporter::failed);
    auto filler = std::make_unique<Filler>(tight_folder());
    QVERIFY(filler->full());
    // The project: what was saved stays, what is not is said and still in hand.
    QVERIFY(!w.window.files().save_path(file));
    const QString said = w.find<QLabel>("notice_text")->text();
    QVERIFY2(said.contains("disk is full") && said.contains("kettle.dune"), qPrintable(said));
    QCOMPARE(trial::bytes_of(file), saved);
    QVERIFY(!w.session.undo_stack().isClean());
    // The easel goes on, and says nothing of copies.
    w.easel.done();
    const std::size_t marks = w.session.choices().marks.size();
    QVERIFY(marks >= 2);
    // The journal and the print say it too.
    const Status noted = w.keeper.add_note(w.session.work_id(), QString(200000, 'x'));
    QVERIFY(!noted);
    QVERIFY2(QString::fromStdString(noted.error().what).contains("full"), noted.error().what.c_str());
    QVERIFY(w.window.exports().exporter().begin(w.dir.filePath("plan.pdf"), {exports::What::plan_pdf, "Kettle", {}}));
    QVERIFY(export_failed.wait(trial::patience(60000)));
    QVERIFY2(export_failed[0][0].toString().contains("full"), qPrintable(export_failed[0][0].toString()));
    QVERIFY(!QFile::exists(w.dir.filePath("plan.pdf")));
    // Room again: everything is written.
    filler.reset();
    QVERIFY(w.window.files().save_path(file));
    const auto back = formats::load_project(file);
    QVERIFY(back.ok());
    QCOMPARE(back->marks.size(), marks);
    QVERIFY(w.keeper.add_note(w.session.work_id(), "dusty").ok());
    QCOMPARE(w.keeper.journal()->notes(w.session.work_id()).value().size(), 1);
    w.easel.done();
    w.keeper.flush();
    QCOMPARE(w.keeper.journal()->work(w.session.work_id()).value().done, 3);
    w.session.undo_stack().setClean();
  }
};

QTEST_MAIN(TestQuota)
#include "test_quota.moc"
