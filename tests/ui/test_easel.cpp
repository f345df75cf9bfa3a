// SPDX-License-Identifier: MIT
// The easel in the real window: by keyboard alone, by mouse, through a kill and back.
#include <QApplication>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMenuBar>
#include <QProcess>
#include <QPushButton>
#include <QSlider>
#include <csignal>
#include <cstdio>

#include "session/autosave.h"
#include "ui_world.h"

using namespace yd;
using State = plan::PassMark::State;

namespace {

constexpr const char* kChild = "YD_EASEL_CHILD";  // folder of the run that is killed

/// The run that is to be killed: opens, goes to the easel, marks three passes, says so and works on.
int child(const QString& folder) {
  app::Session session(trial::World::materials());
  QSettings settings(folder + "/settings.ini", QSettings::IniFormat);
  app::Autosave autosave(session, folder + "/unsaved");
  app::Advice advice(session);
  app::EaselWork easel(session, [] { return std::int64_t{1000}; });
  app::Checker checker(session);
  app::Keeper keeper(session, folder + "/data", [] { return qint64{1000}; });
  app::MainWindow window(session, advice, checker, keeper, autosave, easel, settings);
  window.show();
  window.files().open_path(trial::World::demo("kettle.png"));
  if (!QTest::qWaitFor([&] { return session.planned() && !session.busy(); }, 60000)) return 3;
  window.show_easel(true);
  auto* page = window.findChild<app::EaselPage*>("easel");
  for (int i = 0; i < 3; ++i) {
    while (easel.chore() >= 0) easel.done();
    QTest::keyClick(page, Qt::Key_Return);
  }
  easel.note("more white next time");
  QTest::qWait(100);
  std::puts("marked");
  std::fflush(stdout);
  QTest::qWait(60000);
  return 4;
}

/// Passes that are done: what is no pass has marks of its own.
std::size_t pass_marks(const std::vector<plan::PassMark>& marks) {
  return static_cast<std::size_t>(std::count_if(marks.begin(), marks.end(), [](const plan::PassMark& m) {
    return m.pass.rfind(app::kChoreMark, 0) != 0 && m.state == State::done;
  }));
}

}  // namespace

class TestEasel : public QObject {
  Q_OBJECT
 private slots:
  // Space goes from marks to marks: each group once, then the pass is done.
  void marks_come_one_group_after_the_other() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    QTest::keyClick(&w.window, Qt::Key_E);
    auto* page = w.find<app::EaselPage>("easel");
    w.past_chores();
    const app::PlannedPtr planned = w.session.planned();
    const plan::MarkedPass& first = planned->plan.marks.passes.at(0);
    const std::vector<plan::MarkGroup> groups = plan::groups_of(first, planned->plan.targets);
    QVERIFY(groups.size() > 1);
    std::size_t next = 0;
    for (const plan::MarkGroup& g : groups) {
      QCOMPARE(g.first, next);
      next += g.count;
    }
    QCOMPARE(next, first.marks.size());
    const auto told = [&] { return w.find<QLabel>("easel_mark")->text(); };
    for (std::size_t i = 0; i < groups.size(); ++i) {
      QVERIFY2(told().contains(QString("Now %1 of %2").arg(i + 1).arg(groups.size())), qPrintable(told()));
      QVERIFY(w.easel.mark_of(0).state == State::open);
      QTest::keyClick(page, Qt::Key_Space);
      if (i == 0 && groups.size() > 1) {  // back and on again
        QTest::keyClick(page, Qt::Key_Up);
        QVERIFY(told().contains("Now 1 of"));
        QTest::keyClick(page, Qt::Key_Down);
      }
    }
    QVERIFY(w.easel.mark_of(0).state == State::done);
  }

  // Held, the key plays the marks, and never calls a pass done; the bar goes to any of them; the picture comes closer.
  void marks_are_played_slid_to_and_looked_at_closely() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    QTest::keyClick(&w.window, Qt::Key_E);
    auto* page = w.find<app::EaselPage>("easel");
    w.past_chores();
    auto* bar = w.find<QSlider>("easel_groups");
    QVERIFY(bar->isVisible());
    const int last = bar->maximum();
    QVERIFY(last > 0);
    for (int i = 0; i < 2 * last + 4; ++i) {
      QKeyEvent held(QEvent::KeyPress, Qt::Key_Space, Qt::NoModifier, " ", true);
      QCoreApplication::sendEvent(page, &held);
      QTest::qWait(260);
      if (bar->value() == last) break;
    }
    QCOMPARE(bar->value(), last);
    QKeyEvent held(QEvent::KeyPress, Qt::Key_Space, Qt::NoModifier, " ", true);
    QTest::qWait(260);
    QCoreApplication::sendEvent(page, &held);
    QVERIFY(w.easel.mark_of(0).state == State::open);
    bar->setValue(0);
    QVERIFY(w.find<QLabel>("easel_mark")->text().contains("Now 1 of"));
    auto* picture = w.find<app::PictureView>("easel_picture");
    const double far = QLineF(picture->place_of({0, 0}), picture->place_of({100, 0})).length();
    QTest::keyClick(page, Qt::Key_Z);
    bar->setValue(last);
    QVERIFY(QLineF(picture->place_of({0, 0}), picture->place_of({100, 0})).length() >= far);
    QTest::keyClick(page, Qt::Key_Z);
    QCOMPARE(QLineF(picture->place_of({0, 0}), picture->place_of({100, 0})).length(), far);
  }

  void a_whole_picture_by_keyboard_alone() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    QTest::keyClick(&w.window, Qt::Key_E);
    QVERIFY(w.window.at_easel());
    auto* page = w.find<app::EaselPage>("easel");
    QVERIFY(page->isVisible());
    const int all = w.easel.passes();
    QVERIFY(all > 5);
    for (int i = 0; i < all; ++i) {
      QCOMPARE(w.easel.shown(), i);
      w.past_chores();
      w.easel.begin_clock();
      QVERIFY(w.find<QLabel>("easel_number")->text().contains(QString("Pass %1 of %2").arg(i + 1).arg(all)));
      QVERIFY(!w.find<QLabel>("easel_title")->text().isEmpty());
      w.now_s += 60;
      QTest::keyClick(page, i % 2 == 0 ? Qt::Key_Return : Qt::Key_Right);
      QVERIFY(w.easel.mark_of(i).state == State::done);
      QCOMPARE(w.easel.mark_of(i).minutes, 1.0);
    }
    QCOMPARE(w.easel.count_done(), all);
    QCOMPARE(w.easel.shown(), all);
    w.past_chores();
    QCOMPARE(w.find<QLabel>("easel_title")->text(), QString("Step back."));
    QVERIFY(!w.find<QPushButton>("easel_done")->isEnabled());
    QTest::keyClick(page, Qt::Key_Left);
    QCOMPARE(w.easel.shown(), all - 1);
    QTest::keyClick(page, Qt::Key_Escape);
    QVERIFY(!w.window.at_easel());
    QVERIFY(w.window.menuBar()->isVisible());
  }

  void a_click_anywhere_goes_on_and_undo_takes_it_back() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.show_easel(true);
    w.past_chores();
    auto* page = w.find<app::EaselPage>("easel");
    // From marks to marks, and after the last of them to the next pass.
    const plan::Plan& plan = w.session.planned()->plan;
    for (std::size_t i = plan::groups_of(plan.marks.passes.at(0), plan.targets).size(); i > 0; --i) {
      QCOMPARE(w.easel.shown(), 0);
      QTest::mouseClick(page, Qt::LeftButton, {}, QPoint(40, 40));
    }
    QCOMPARE(w.easel.shown(), 1);
    QVERIFY(w.easel.mark_of(0).state == State::done);
    QTest::mouseClick(w.find<QPushButton>("easel_back"), Qt::LeftButton);
    QCOMPARE(w.easel.shown(), 0);
    QVERIFY(w.easel.mark_of(0).state == State::done);
    w.session.undo_stack().undo();
    QVERIFY(w.easel.mark_of(0).state == State::open);
    QTest::keyClick(page, Qt::Key_S);
    QVERIFY(w.easel.mark_of(0).state == State::skipped);
    // What was left out is not on the board.
    QVERIFY(w.session.board_after(1) == w.session.board_after(0));
    w.easel.show_pass(0);
    QTest::keyClick(page, Qt::Key_O);
    QVERIFY(w.easel.mark_of(0).state == State::open);
    QVERIFY(w.session.board_after(1) != w.session.board_after(0));
  }

  void a_note_is_kept_with_its_pass() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.show_easel(true);
    w.past_chores();
    auto* page = w.find<app::EaselPage>("easel");
    auto* note = w.find<QLineEdit>("easel_note");
    note->setText("thin here");
    emit note->editingFinished();
    QCOMPARE(QString::fromStdString(w.easel.mark_of(0).note), QString("thin here"));
    QTest::keyClick(page, Qt::Key_Return);
    QCOMPARE(note->text(), QString());
    QTest::keyClick(page, Qt::Key_Left);
    QCOMPARE(note->text(), QString("thin here"));
    const QString file = w.dir.filePath("noted.dune");
    QVERIFY(w.window.files().save_path(file));
    const auto project = formats::load_project(file);
    QVERIFY(project.ok());
    QVERIFY(project->marks == w.session.choices().marks);
  }

  // Another number of sticks turns marks into passes that are laid; the copy on the disk follows a moment later.
  // Whatever a kill leaves in between, the work that was done is in it.
  void marks_outlive_a_kill_while_the_rest_is_planned_anew() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    app::Autosave autosave(w.session, w.dir.filePath("unsaved"));
    w.window.show_easel(true);
    w.past_chores();
    QTest::keyClick(w.find<app::EaselPage>("easel"), Qt::Key_Return);
    const auto kept = [&] {
      const auto left = app::Autosave::read(autosave.file());
      return left.ok() ? pass_marks(left->marks) + left->plan.laid.size() : 0;
    };
    QTRY_COMPARE(kept(), std::size_t{1});
    app::Choices next = w.session.choices();
    next.plan.most_sticks -= 1;
    w.session.change(next, "fewer sticks");
    QCOMPARE(pass_marks(w.session.choices().marks), std::size_t{0});
    // What is no pass is not done a second time.
    QVERIFY(!w.session.choices().marks.empty());
    QCOMPARE(w.session.choices().plan.laid.size(), std::size_t{1});
    QCOMPARE(kept(), std::size_t{1});
    QVERIFY(w.settle());
    QTest::qWait(2500);  // the copy has followed
    QCOMPARE(kept(), std::size_t{1});
    autosave.forget();
    QVERIFY(!QFile::exists(autosave.file()));
  }

  void another_stick_and_the_rest_is_planned_anew() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.show_easel(true);
    w.past_chores();
    auto* page = w.find<app::EaselPage>("easel");
    for (int i = 0; i < 2; ++i) {
      w.past_chores();
      QTest::keyClick(page, Qt::Key_Return);
    }
    w.past_chores();
    const auto before = w.session.planned();
    const int old = before->plan.passes[2].stick;
    QTest::keyClick(page, Qt::Key_R);
    auto* list = w.find<QListWidget>("substitutes");
    QVERIFY(list->isVisible());
    QTest::keyClick(list, Qt::Key_Escape);
    QVERIFY(!list->isVisible());
    QTest::keyClick(page, Qt::Key_R);
    const int chosen = list->item(0)->data(Qt::UserRole).toInt();
    QElapsedTimer timer;
    timer.start();
    emit list->itemActivated(list->item(0));
    QVERIFY(w.settle());
    qInfo("replanned in %lld ms, with the judging after it", timer.elapsed());
    const auto after = w.session.planned();
    QVERIFY(after != before);
    QCOMPARE(w.easel.shown(), 2);
    for (int i = 0; i < 2; ++i) {
      QVERIFY(after->plan.passes[static_cast<std::size_t>(i)].laid);
      QCOMPARE(after->plan.passes[static_cast<std::size_t>(i)].targets,
               before->plan.passes[static_cast<std::size_t>(i)].targets);
      QVERIFY(w.easel.mark_of(i).state == State::done);
    }
    for (const plan::Pass& p : after->plan.passes) QVERIFY(p.laid || p.stick != old);
    QVERIFY(std::find(w.session.choices().plan.given_tray.begin(), w.session.choices().plan.given_tray.end(), chosen) !=
            w.session.choices().plan.given_tray.end());
    // Saved and opened again the plan of the rest is the same.
    const QString file = w.dir.filePath("half.dune");
    QVERIFY(w.window.files().save_path(file));
    trial::World again;
    again.window.files().open_path(file);
    QVERIFY(again.settle());
    QCOMPARE(again.session.planned()->plan.passes.size(), after->plan.passes.size());
    for (std::size_t i = 0; i < after->plan.passes.size(); ++i)
      QCOMPARE(plan::signature(again.session.planned()->plan.passes[i]), plan::signature(after->plan.passes[i]));
    w.session.undo_stack().undo();
    QVERIFY(w.settle());
    QCOMPARE(w.session.planned()->plan.passes[2].stick, old);
    QVERIFY(w.easel.mark_of(1).state == State::done);
  }

  void what_dries_is_counted_down() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    app::Choices c = w.session.choices();
    c.plan.underpaint.picture = plan::CoatChoice{plan::CoatMedium::alcohol, plan::CoatColours::local};
    w.session.change(c, "coat");
    QVERIFY(w.settle());
    w.window.show_easel(true);
    w.past_chores();
    QVERIFY(w.session.planned()->plan.passes[0].kind == plan::PassKind::coat);
    QTest::keyClick(w.find<app::EaselPage>("easel"), Qt::Key_Return);
    QCOMPARE(w.easel.drying().size(), std::size_t{1});
    QVERIFY(w.easel.drying()[0].flammable);
    QCOMPARE(w.easel.drying()[0].left_s, std::int64_t{360});
    QVERIFY(w.find<QLabel>("easel_drying")->text().contains("no flame"));
    w.now_s += 361;
    QVERIFY(w.easel.drying().empty());
  }

  // Found by driving the window: the coat was laid, something else changed, then the underpainting was taken back.
  void an_underpainting_that_is_laid_may_be_taken_back() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    app::Choices c = w.session.choices();
    c.plan.underpaint.picture = plan::CoatChoice{plan::CoatMedium::gouache, plan::CoatColours::local};
    w.session.change(c, "coat");
    QVERIFY(w.settle());
    w.window.show_easel(true);
    w.past_chores();
    auto* page = w.find<app::EaselPage>("easel");
    while (w.session.planned()->plan.passes[static_cast<std::size_t>(w.easel.shown())].kind == plan::PassKind::coat)
      QTest::keyClick(page, Qt::Key_Return), w.past_chores();
    QTest::keyClick(page, Qt::Key_Return);
    w.window.show_easel(false);
    for (const bool coat : {true, false}) {
      c = w.session.choices();
      if (coat) c.plan.most_sticks = 8;
      if (!coat) c.plan.underpaint = {};
      w.session.change(c, "change");
      QVERIFY(w.settle_all());
    }
    const auto& plan = w.session.planned()->plan;
    QVERIFY(!plan.coats.empty() && plan.passes.front().kind == plan::PassKind::coat && plan.passes.front().laid);
    for (int i = 0; i < app::kStages; ++i) w.window.stages().go(static_cast<app::Stage>(i));
    w.window.show_easel(true);
    QVERIFY(w.settle_all());
    const QString file = w.dir.filePath("coat.dune");
    QVERIFY(w.window.files().save_path(file));
    QVERIFY(formats::load_project(file).ok());
  }

  void the_clock_stops_while_the_easel_is_left() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.show_easel(true);
    w.now_s += 100;
    QCOMPARE(w.easel.running_s(), std::int64_t{100});
    w.window.show_easel(false);
    w.now_s += 1000;
    QCOMPARE(w.easel.running_s(), std::int64_t{100});
    w.window.show_easel(true);
    w.now_s += 5;
    QCOMPARE(w.easel.running_s(), std::int64_t{105});
  }

  // No minutes below nothing, no drying without end.
  void a_clock_that_is_set_back_takes_nothing_away() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.show_easel(true);
    w.past_chores();
    w.now_s += 60;
    w.now_s -= 7200;
    QVERIFY(w.easel.running_s() >= 0);
    const int pass = w.easel.shown();
    w.easel.done();
    QVERIFY(w.easel.mark_of(pass).minutes >= 0);
    w.easel.begin_clock();
    w.now_s += 30;
    QCOMPARE(w.easel.running_s(), std::int64_t{30});
    const QString file = w.dir.filePath("back.dune");
    QVERIFY(w.window.files().save_path(file));
    QVERIFY(formats::load_project(file).ok());
  }

  void a_killed_run_loses_nothing() {
    if (!trial::kMayStartPrograms) QSKIP("not under the thread sanitizer");
    QTemporaryDir folder;
    QProcess run;
    auto environment = QProcessEnvironment::systemEnvironment();
    environment.insert(kChild, folder.path());
    run.setProcessEnvironment(environment);
    run.start(QCoreApplication::applicationFilePath(), {"test_easel"});
    QByteArray said;
    QVERIFY(QTest::qWaitFor(
        [&] {
          run.waitForReadyRead(200);
          said += run.readAllStandardOutput();
          return said.contains("marked");
        },
        120000));
    ::kill(static_cast<pid_t>(run.processId()), SIGKILL);
    QVERIFY(run.waitForFinished(10000));
    QCOMPARE(run.exitStatus(), QProcess::CrashExit);
    QStringList copies = QDir(folder.filePath("unsaved")).entryList({"*.dune"}, QDir::Files);
    QCOMPARE(copies.size(), 1);
    const auto left = app::Autosave::read(folder.filePath("unsaved/" + copies.first()));
    QVERIFY2(left.ok(), left.ok() ? "" : describe(left.error()).c_str());
    QCOMPARE(pass_marks(left->marks), std::size_t{3});
    QCOMPARE(left->marks.back().note, std::string("more white next time"));
    // The next start offers it, and the easel stands at the fourth pass.
    app::Session session(trial::World::materials());
    QSettings settings(folder.filePath("settings.ini"), QSettings::IniFormat);
    app::Autosave autosave(session, folder.filePath("unsaved"));
    app::Advice advice(session);
    app::EaselWork easel(session, [] { return std::int64_t{2000}; });
    app::Checker checker(session);
    app::Keeper keeper(session, folder.filePath("data"), [] { return qint64{2000}; });
    app::MainWindow window(session, advice, checker, keeper, autosave, easel, settings);
    window.show();
    auto* notice = window.findChild<app::NoticeBar*>("notice");
    QVERIFY(notice->isVisible());
    QTest::mouseClick(notice->findChild<QPushButton*>("notice_action"), Qt::LeftButton);
    QVERIFY(QTest::qWaitFor([&] { return session.planned() && !session.busy(); }, 60000));
    QCOMPARE(easel.next_open(), 3);
    session.undo_stack().setClean();
    autosave.forget();
  }

  void shortcuts_work_at_the_easel_too() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    const QString file = w.dir.filePath("easel.dune");
    QVERIFY(w.window.files().save_path(file));
    QTest::keyClick(&w.window, Qt::Key_E);
    QVERIFY(w.window.at_easel());
    auto* page = w.find<app::EaselPage>("easel");
    w.past_chores();
    const std::size_t before = w.session.choices().marks.size();
    QTest::keyClick(page, Qt::Key_Return);
    QCOMPARE(w.easel.shown(), 1);
    QTest::keyClick(page, Qt::Key_S, Qt::ControlModifier);
    QCOMPARE(w.easel.shown(), 1);  // no pass was left out
    const auto saved = formats::load_project(file);
    QVERIFY(saved.ok());
    QCOMPARE(saved->marks.size(), before + 1);
    QTest::keyClick(page, Qt::Key_Z, Qt::ControlModifier);
    QCOMPARE(w.session.choices().marks.size(), before);
    QTest::keyClick(page, Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    QCOMPARE(w.session.choices().marks.size(), before + 1);
  }

  // Drawing, offcuts and steps back are steps of their own, done or left out like a pass, and not asked for again when
  // the rest is planned anew.
  void what_is_no_pass_is_a_step_too() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.show_easel(true);
    auto* page = w.find<app::EaselPage>("easel");
    QCOMPARE(w.find<QLabel>("easel_title")->text(), QString("Set out the drawing"));
    QVERIFY(w.find<QLabel>("easel_steps")->text().contains("cm from the left"));
    QCOMPARE(w.easel.passages_done(), 0);
    QTest::keyClick(page, Qt::Key_Return);
    QVERIFY(w.easel.passages_done() >= 1);
    QVERIFY(w.find<QLabel>("easel_title")->text() != "Set out the drawing");
    w.session.undo_stack().undo();
    QCOMPARE(w.find<QLabel>("easel_title")->text(), QString("Set out the drawing"));
    QTest::keyClick(page, Qt::Key_S);
    w.past_chores();
    QTest::keyClick(page, Qt::Key_Return);
    QCOMPARE(w.easel.shown(), 1);
    app::Choices next = w.session.choices();
    next.plan.most_sticks -= 1;
    w.session.change(next, "fewer sticks");
    QVERIFY(w.settle());
    const int chore = w.easel.chore();
    if (chore >= 0) {
      const auto kind = w.session.planned()->guide.passages[static_cast<std::size_t>(chore)].kind;
      QVERIFY(kind != plan::PassageKind::drawing);
    }
  }

  void an_empty_easel_says_what_to_do() {
    trial::World w;
    w.window.show_easel(true);
    QVERIFY(!w.window.at_easel());
    QVERIFY(w.find<app::NoticeBar>("notice")->isVisible());
  }
};

[[maybe_unused]] static const bool entered = yd::trial::enter(__FILE__, [](const QStringList& arguments) {
  const QString folder = qEnvironmentVariable(kChild);
  if (!folder.isEmpty()) return child(folder);
  TestEasel test;
  return QTest::qExec(&test, arguments);
});
#include "test_easel.moc"
