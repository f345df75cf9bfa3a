// SPDX-License-Identifier: MIT
#include <set>
// The real window: open, choose, step, undo, save, reopen; by mouse and by keyboard.
#include <nlohmann/json.hpp>
#include <QApplication>
#include <QComboBox>
#include <QMimeData>
#include <QProcess>
#include <QPushButton>
#include <QSlider>
#include <QTableView>
#include <algorithm>

#include "bytes_of.h"
#include "ui_world.h"

using namespace yd;
using app::Stage;
using trial::drop;

namespace {

int kept_sticks(const QString& file) {
  const auto project = formats::load_project(file);
  return project.ok() ? project->plan.most_sticks : 0;
}

/// A window with its own session over a folder of copies, as another run of the program has it.
struct Run {
  explicit Run(const QString& copies, QSettings& settings)
      : session(trial::World::materials(), trial::Remembered::steps()),
        autosave(session, copies),
        advice(session),
        easel(session, [] { return std::int64_t{0}; }),
        checker(session),
        keeper(session, copies + "/data", [] { return qint64{0}; }),
        window(session, advice, checker, keeper, autosave, easel, settings) {
    window.show();
  }
  bool settle() {
    return QTest::qWaitFor([this] { return !session.busy() && !window.files().reading(); }, trial::patience(60000));
  }
  bool press(const char* button) {
    auto* b = window.findChild<QPushButton*>(button);
    if (!b->isVisible()) return false;
    QTest::mouseClick(b, Qt::LeftButton);
    return settle();
  }
  QString notice() const {
    auto* bar = window.findChild<app::NoticeBar*>("notice");
    return bar->isVisible() ? bar->text() : QString();
  }

  app::Session session;
  app::Autosave autosave;
  app::Advice advice;
  app::EaselWork easel;
  app::Checker checker;
  app::Keeper keeper;
  app::MainWindow window;
};

/// Work of five sticks that a program which is gone left in the folder.
bool leave_work(const QString& copies, QSettings& settings) {
  Run gone(copies, settings);
  gone.window.files().open_path(trial::World::demo("kettle.png"));
  if (!gone.settle()) return false;
  app::Choices c = gone.session.choices();
  c.plan.most_sticks = 5;
  gone.session.change(c, "test");
  return gone.settle() && QTest::qWaitFor([&] { return kept_sticks(gone.autosave.file()) == 5; }, 10000);
}

}  // namespace

class TestWindow : public QObject {
  Q_OBJECT
 private slots:
  void starts_empty_and_says_what_to_do() {
    trial::World w;
    auto* demo = w.find<QAbstractButton>("empty_demo");
    QVERIFY(demo->isVisible());
    QCOMPARE(w.window.windowTitle(), QString("Yawning Dune"));
    QTest::mouseClick(demo, Qt::LeftButton);
    QVERIFY(w.settle());
    QVERIFY(w.session.planned());
    QVERIFY(!demo->isVisible());
    QVERIFY(w.window.windowTitle().contains("salt-works.png"));
  }

  void the_course_leads_through_the_stages() {
    trial::World w;
    QVERIFY(w.open_demo());
    auto* course = w.find<QListView>("course");
    auto* side = w.find<QStackedWidget>("side");
    course->setFocus();
    for (int i = 1; i < app::kStages; ++i) {
      QTest::keyClick(course, Qt::Key_Right);
      QCOMPARE(side->currentIndex(), i);
    }
    w.window.stages().go(Stage::subject);
    QCOMPARE(side->currentIndex(), 0);
  }

  // A picture that cannot be opened is never ready: the command ends and says why.
  void a_picture_of_nothing_ends_with_a_line() {
    const QTemporaryDir dir;
    for (const QString& bad : {dir.filePath("none.png"), dir.filePath("none.dune"), QString("/proc/version")}) {
      QProcess p;
      QProcessEnvironment own = QProcessEnvironment::systemEnvironment();
      own.insert("XDG_DATA_HOME", dir.filePath("data"));
      own.insert("XDG_CONFIG_HOME", dir.filePath("config"));
      own.insert("QT_QPA_PLATFORM", "offscreen");
      p.setProcessEnvironment(own);
      p.start(YD_BINARY_DIR "/src/app/yawning-dune", {"--picture", dir.filePath("w.png"), bad});
      QVERIFY2(p.waitForFinished(30000), qPrintable(bad));
      QCOMPARE(p.exitStatus(), QProcess::NormalExit);
      QCOMPARE(p.exitCode(), 2);
      QVERIFY(p.readAllStandardError().contains("yawning-dune: "));
      QVERIFY(!QFile::exists(dir.filePath("w.png")));
    }
  }

  void what_was_opened_is_not_written_over() {
    trial::World w;
    const QTemporaryDir dir;
    const QString picture = dir.filePath("mine.png");
    QVERIFY(QFile::copy(trial::World::demo("salt-works.png"), picture));
    const QByteArray before = trial::bytes_of(picture);
    w.window.files().open_path(picture);
    QVERIFY(w.settle());
    QVERIFY(w.session.planned());
    QVERIFY(!w.window.files().save_path(picture));
    QSignalSpy failed(&w.window.exports().exporter(), &app::Exporter::failed);
    exports::ExportOptions options;
    options.what = exports::What::board_png;
    QVERIFY(!w.window.exports().exporter().begin(picture, options));
    QCOMPARE(failed.count(), 1);
    QVERIFY(!w.session.read_files().may_write(w.keeper.journal()->file()).ok());
    QCOMPARE(trial::bytes_of(picture), before);
    QVERIFY(w.window.files().save_path(dir.filePath("mine.dune")));
  }

  // A copy that ends the program would be offered, and end it, for ever.
  void a_copy_that_could_not_be_brought_back_twice_is_put_aside() {
    trial::World w;
    const QString copy = w.dir.filePath("unsaved/1-2-3.dune");
    QDir().mkpath(w.dir.filePath("unsaved"));
    QFile f(copy);
    QVERIFY(f.open(QIODevice::WriteOnly) && f.write("no project at all") > 0);
    f.close();
    QFile lock(w.dir.filePath("unsaved/9-9-9.dune.lock"));
    QVERIFY(lock.open(QIODevice::WriteOnly));
    // Of a process that is none, as QLockFile writes it.
    lock.write("4194999\nyawning-dune\n" + QSysInfo::machineHostName().toUtf8() + "\n");
    lock.close();
    for (int n = 0; n < app::Autosave::kMostTries; ++n) {
      QVERIFY(w.autosave.put_aside().isEmpty());
      QCOMPARE(w.autosave.left_behind(), QStringList{copy});
      QVERIFY(!app::Autosave::read(copy).ok());  // here the program would have ended
    }
    const QStringList aside = w.autosave.put_aside();
    QCOMPARE(aside.size(), 1);
    QVERIFY(QFile::exists(aside[0]) && !QFile::exists(copy));
    QVERIFY(w.autosave.left_behind().isEmpty());
    QVERIFY(!QFile::exists(lock.fileName()));
  }

  void another_paper_is_planned_and_undone() {
    trial::World w;
    QVERIFY(w.open_demo());
    const auto before = w.session.planned();
    auto* papers = w.find<QListView>("papers");
    w.window.stages().go(Stage::ground);
    papers->setFocus();
    papers->setCurrentIndex(papers->model()->index(4, 0));
    const QString chosen = papers->currentIndex().data(Qt::UserRole).toString();
    QCOMPARE(QString::fromStdString(w.session.choices().paper), chosen);
    QVERIFY(w.settle());
    QCOMPARE(QString::fromStdString(w.session.planned()->paper->id), chosen);
    QVERIFY(w.session.planned()->plan.area_mean_de00 != before->plan.area_mean_de00);
    w.session.undo_stack().undo();
    QVERIFY(w.settle());
    QCOMPARE(w.session.planned()->plan.area_mean_de00, before->plan.area_mean_de00);
    QCOMPARE(w.session.planned()->plan.tray, before->plan.tray);
    w.session.undo_stack().redo();
    QVERIFY(w.settle());
    QCOMPARE(QString::fromStdString(w.session.choices().paper), chosen);
  }

  void fewer_sticks_by_keyboard_are_one_step_of_undo() {
    trial::World w;
    QVERIFY(w.open_demo());
    w.window.stages().go(Stage::tray);
    auto* slider = w.find<QSlider>("sticks");
    const int before = slider->value();
    slider->setFocus();
    for (int i = 0; i < 6; ++i) QTest::keyClick(slider, Qt::Key_Left);
    QVERIFY(w.settle());
    QCOMPARE(slider->value(), before - 6);
    QVERIFY(static_cast<int>(w.session.planned()->plan.tray.size()) <= before - 6);
    QCOMPARE(w.find<QTableView>("tray")->model()->rowCount(),
             static_cast<int>(plan::in_hand(w.session.planned()->plan).size()));
    w.session.undo_stack().undo();
    QCOMPARE(slider->value(), before);
    QVERIFY(!w.session.undo_stack().canUndo());
    QVERIFY(w.settle());
  }

  void stepping_through_the_passes_changes_the_board() {
    trial::World w;
    QVERIFY(w.open_demo());
    w.window.stages().go(Stage::layers);
    auto* core = w.find<app::CoreSample>("core_sample");
    const int all = static_cast<int>(w.session.planned()->plan.passes.size());
    QCOMPARE(w.session.cursor(), all);
    core->setFocus();
    QTest::keyClick(core, Qt::Key_Home);
    QCOMPARE(w.session.cursor(), 0);
    const QImage bare = w.session.board();
    w.open_card("card_passes");
    QTest::keyClick(core, Qt::Key_Right);
    QCOMPARE(w.session.cursor(), 1);
    QVERIFY(w.session.board() != bare);
    QTest::mouseClick(w.find<QPushButton>("pass_on"), Qt::LeftButton);
    QCOMPARE(w.session.cursor(), 2);
    QTest::mouseClick(w.find<QPushButton>("pass_back"), Qt::LeftButton);
    QCOMPARE(w.session.cursor(), 1);
    QTest::keyClick(core, Qt::Key_End);
    QCOMPARE(w.session.cursor(), all);
    QVERIFY(!w.find<QPushButton>("pass_on")->isEnabled());
    auto* passes = w.find<QTableView>("passes");
    passes->setFocus();
    passes->setCurrentIndex(passes->model()->index(2, 0));
    QCOMPARE(w.session.cursor(), 3);
    QCOMPARE(w.session.lit_pass(), 3);
    QVERIFY(!w.find<QLabel>("reason")->text().isEmpty());
  }

  void pointing_reads_the_colours() {
    trial::World w;
    QVERIFY(w.open_demo());
    auto* view = w.find<app::PictureView>("subject_view");
    auto* peephole = w.find<app::Peephole>("peephole");
    QTest::mouseMove(view, view->rect().center());
    QTest::mouseMove(view, view->rect().center() + QPoint(3, 3));
    QTRY_VERIFY(peephole->accessibleDescription().contains("value"));
    view->setFocus();
    const QString before = peephole->accessibleDescription();
    for (int i = 0; i < 40; ++i) QTest::keyClick(view, Qt::Key_Up);
    QVERIFY(peephole->accessibleDescription() != before);
  }

  void another_recipe_is_chosen_and_undone() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    auto* view = w.find<app::PictureView>("subject_view");
    QTest::mouseClick(view, Qt::LeftButton, {}, view->rect().center());
    auto* list = w.find<QTableView>("alternatives");
    QVERIFY(list->isVisible());
    QVERIFY(list->model()->rowCount() >= 2);
    QVERIFY(!w.find<QLabel>("recipe_words")->text().isEmpty());
    const auto before = w.session.planned();
    list->setFocus();
    list->setCurrentIndex(list->model()->index(list->model()->rowCount() - 1, 0));
    QTest::mouseClick(w.find<QPushButton>("use_recipe"), Qt::LeftButton);
    QVERIFY(w.settle());
    const auto hand = [&] {
      std::set<int> masses;
      for (const auto& t : w.session.planned()->plan.targets) {
        if (t.by_hand) masses.insert(t.mass);
      }
      return masses.size();
    };
    QCOMPARE(hand(), std::size_t{1});
    QVERIFY(w.window.files().save_path(w.dir.filePath("hand.dune")));
    w.session.undo_stack().undo();
    QVERIFY(w.settle());
    QCOMPARE(hand(), std::size_t{0});
    QCOMPARE(w.session.planned()->plan.area_mean_de00, before->plan.area_mean_de00);
    w.window.files().open_path(w.dir.filePath("hand.dune"));
    if (w.find<QPushButton>("notice_action")->isVisible())
      QTest::mouseClick(w.find<QPushButton>("notice_action"), Qt::LeftButton);
    QVERIFY(w.settle());
    QCOMPARE(hand(), std::size_t{1});
  }

  void it_can_be_looked_at_under_other_lights() {
    trial::World w;
    QVERIFY(w.open_demo());
    auto* lights = w.find<QComboBox>("lights");
    QCOMPARE(lights->count(), 4);
    const QImage usual = w.session.board();
    w.session.set_light(colour::Illuminant::a);
    QVERIFY(w.session.board() != usual);
    w.session.set_light(colour::Illuminant::d50);
    QCOMPARE(w.session.board(), usual);
  }

  void both_pictures_move_together() {
    trial::World w;
    QVERIFY(w.open_demo());
    auto* subject = w.find<app::PictureView>("subject_view");
    auto* board = w.find<app::PictureView>("board_view");
    const QImage before = board->grab().toImage();
    subject->setFocus();
    for (int i = 0; i < 6; ++i) QTest::keyClick(subject, Qt::Key_Plus);
    QVERIFY(board->grab().toImage() != before);
    QTest::keyClick(subject, Qt::Key_0);
    QCOMPARE(board->grab().toImage().size(), before.size());
  }

  void save_reopen_compare() {
    trial::World w(app::Steps{});
    QVERIFY(w.open_demo("kettle.png"));
    app::Choices c = w.session.choices();
    c.plan.most_sticks = 9;
    c.paper = "card-olive";
    w.session.change(c, "test");
    QVERIFY(w.settle());
    const QString file = w.dir.filePath("kettle.dune");
    QVERIFY(w.window.files().modified());
    QVERIFY(w.window.files().save_path(file));
    QVERIFY(!w.window.files().modified());
    const auto before = w.session.planned();
    trial::World other(app::Steps{});
    other.window.files().open_path(file);
    QVERIFY(other.settle());
    QVERIFY(other.session.planned());
    QCOMPARE(other.session.choices().paper, std::string("card-olive"));
    QCOMPARE(other.session.planned()->plan.tray, before->plan.tray);
    QCOMPARE(other.session.planned()->plan.area_mean_de00, before->plan.area_mean_de00);
    QCOMPARE(other.session.board(), w.session.board());
    QVERIFY(!other.window.files().modified());
    QCOMPARE(other.settings.value("recent").toStringList().first(), file);
  }

  void a_dropped_picture_opens_and_a_bad_one_says_why() {
    trial::World w;
    drop(w.window, trial::World::demo("kettle.png"));
    QVERIFY(w.settle());
    QVERIFY(w.session.planned());
    const QString bad = w.dir.filePath("bad.png");
    QFile f(bad);
    QVERIFY(f.open(QIODevice::WriteOnly));
    f.write("not a picture");
    f.close();
    drop(w.window, bad);
    QVERIFY(w.settle());
    auto* notice = w.find<QLabel>("notice_text");
    QVERIFY(notice->isVisible());
    QVERIFY2(notice->text().contains("bad.png"), qPrintable(notice->text()));
  }

  void hostile_projects_are_refused_in_words_and_nothing_is_lost() {
    trial::World w;
    QVERIFY(w.open_demo());
    const auto before = w.session.planned();
    const QString file = w.dir.filePath("cut.dune");
    QFile f(file);
    QVERIFY(f.open(QIODevice::WriteOnly));
    f.write("PK\x03\x04 cut");
    f.close();
    w.window.files().open_path(file);
    QVERIFY(w.settle());
    QVERIFY(w.find<QLabel>("notice_text")->text().contains("cut.dune"));
    QCOMPARE(w.session.planned(), before);
  }

  void unsaved_work_is_asked_about_and_recovered() {
    const QTemporaryDir dir;
    QSettings settings(dir.filePath("settings.ini"), QSettings::IniFormat);
    QVERIFY(leave_work(dir.filePath("unsaved"), settings));
    Run run(dir.filePath("unsaved"), settings);
    QVERIFY(run.press("notice_action"));
    QCOMPARE(run.session.choices().plan.most_sticks, 5);
    // Brought back and not saved: closing and opening ask, and the copy is there until one of them is answered.
    QVERIFY(!run.window.close());
    QVERIFY2(run.notice().contains("not saved"), qPrintable(run.notice()));
    run.window.files().open_path(trial::World::demo("salt-works.png"));
    QVERIFY(run.settle());
    QCOMPARE(run.session.reference_name(), QString("kettle.png"));
    QVERIFY2(run.notice().contains("not saved"), qPrintable(run.notice()));
    QCOMPARE(kept_sticks(run.autosave.file()), 5);
    QVERIFY(run.window.files().save_path(dir.filePath("saved.dune")));
    QVERIFY(!QFile::exists(run.autosave.file()));
    QCOMPARE(kept_sticks(dir.filePath("saved.dune")), 5);
    QVERIFY(run.window.close());
    QVERIFY(Run(dir.filePath("unsaved"), settings).notice().isEmpty());
  }

  void an_offer_without_an_answer_stays() {
    const QTemporaryDir dir;
    QSettings settings(dir.filePath("settings.ini"), QSettings::IniFormat);
    const QString copies = dir.filePath("unsaved");
    QVERIFY(leave_work(copies, settings));
    {
      Run closed(copies, settings);
      QVERIFY(closed.notice().contains("was kept"));
      QVERIFY(closed.window.close());
    }
    {
      // Started with a file while a copy waits.
      Run other(copies, settings);
      other.window.files().open_path(trial::World::demo("salt-works.png"));
      QVERIFY(other.settle());
      QTest::qWait(2500);  // its own copy is written by now
      QVERIFY(other.window.close());
    }
    Run last(copies, settings);
    QVERIFY(last.press("notice_action"));
    QCOMPARE(last.session.choices().plan.most_sticks, 5);
    last.autosave.forget();
  }

  void work_is_thrown_away_only_by_the_artist() {
    const QTemporaryDir dir;
    QSettings settings(dir.filePath("settings.ini"), QSettings::IniFormat);
    QVERIFY(leave_work(dir.filePath("unsaved"), settings));
    Run run(dir.filePath("unsaved"), settings);
    QCOMPARE(run.window.findChild<QPushButton*>("notice_close")->text(), QString("Throw it away"));
    QVERIFY(run.press("notice_close"));
    QVERIFY(run.autosave.left_behind().isEmpty());
  }

  void two_windows_keep_two_copies() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    Run second(w.dir.filePath("unsaved"), w.settings);
    QVERIFY(second.notice().isEmpty());  // the first one is still running
    second.window.files().open_path(trial::World::demo("salt-works.png"));
    QVERIFY(second.settle());
    QTRY_VERIFY_WITH_TIMEOUT(QFile::exists(w.autosave.file()) && QFile::exists(second.autosave.file()), 10000);
    QCOMPARE(formats::load_project(w.autosave.file())->reference_name, QString("kettle.png"));
    QCOMPARE(formats::load_project(second.autosave.file())->reference_name, QString("salt-works.png"));
    second.autosave.forget();
  }

  void a_project_changed_elsewhere_is_not_saved_over_without_a_word() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    const QString file = w.dir.filePath("shared.dune");
    QVERIFY(w.window.files().save_path(file));
    QVERIFY(formats::save_project(file, w.session.project(), {}).ok());
    QFile touched(file);
    QVERIFY(touched.open(QIODevice::ReadWrite));
    QVERIFY(touched.setFileTime(QDateTime::currentDateTime().addSecs(60), QFileDevice::FileModificationTime));
    touched.close();
    QTest::keyClick(&w.window, Qt::Key_S, Qt::ControlModifier);
    QVERIFY(w.find<QLabel>("notice_text")->text().contains("another window"));
    // A file that vanished is written again.
    QVERIFY(QFile::remove(file));
    QTest::keyClick(&w.window, Qt::Key_S, Qt::ControlModifier);
    QVERIFY(QFile::exists(file));
  }

  void planning_can_be_stopped_and_taken_up_again() {
    trial::World w(trial::few_layers());
    QVERIFY(w.open_demo());
    app::Choices c = w.session.choices();
    c.paper = "sanded-800-black";
    w.session.change(c, "test");
    QVERIFY(w.session.busy());
    QTest::mouseClick(w.find<QPushButton>("cancel"), Qt::LeftButton);
    QVERIFY(w.settle());
    c.plan.most_sticks = 10;
    w.session.change(c, "test");
    QVERIFY(w.settle());
    QCOMPARE(QString::fromStdString(w.session.planned()->paper->id), QString("sanded-800-black"));
  }

  void it_bears_large_type_and_other_sizes() {
    trial::World w;
    QVERIFY(w.open_demo());
    for (const QSize size : {QSize(1280, 800), QSize(1920, 1080), QSize(1000, 640)}) {
      w.window.resize(size);
      QCoreApplication::processEvents();
      QVERIFY(w.find<app::PictureView>("board_view")->width() > 150);
      QVERIFY(w.window.width() <= size.width() + 1);
    }
  }

  void every_control_has_a_name() {
    trial::World w;
    for (const char* name : {"subject_view", "board_view", "peephole", "core_sample", "course", "papers", "passes",
                             "collections", "sticks", "squint", "masses"}) {
      auto* widget = w.find<QWidget>(name);
      QVERIFY2(widget != nullptr, name);
      QVERIFY2(!widget->accessibleName().isEmpty(), name);
    }
  }
};

QTEST_MAIN(TestWindow)
#include "test_window.moc"
