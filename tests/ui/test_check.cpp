// SPDX-License-Identifier: MIT
// Stage Check in the real window: a simulated board is photographed, what is off is listed, the rest planned from it.
#include <QListView>
#include <QSpinBox>

#include "formats/offcut_file.h"
#include "panels/hand_section.h"
#include "ui_world.h"
#include "widgets/corner_view.h"

using namespace yd;
using trial::click;
using trial::World;

namespace {

/// At the stage Check, with so many passes done and their photograph looked at.
bool with_photo(World& w, int done, std::uint64_t seed = 3) {
  if (!w.open_demo("kettle.png")) return false;
  w.window.stages().go(app::Stage::check);
  w.checker.set_done(done);
  w.checker.simulate(seed);
  return w.settle_all() && w.checker.checked() != nullptr;
}

QString status(World& w) { return w.find<QLabel>("photo_status")->text(); }

}  // namespace

class TestCheckStage : public QObject {
  Q_OBJECT
 private slots:
  void it_says_what_to_do_before_there_is_anything() {
    World w;
    w.window.stages().go(app::Stage::check);
    QVERIFY(!status(w).isEmpty());
    QVERIFY(!w.find<QPushButton>("photo_open")->isEnabled());
    QVERIFY(!w.find<QPushButton>("check_take")->isEnabled());
    QVERIFY(w.open_demo("kettle.png"));
    w.window.stages().go(app::Stage::check);
    QVERIFY(w.find<QPushButton>("photo_open")->isEnabled());
    // Nothing is done yet: there is nothing to simulate, and it says so.
    QVERIFY(!w.find<QPushButton>("photo_simulate")->isEnabled());
    QVERIFY(status(w).contains("done"));
    w.find<QSpinBox>("photo_done")->setValue(4);
    QVERIFY(w.find<QPushButton>("photo_simulate")->isEnabled());
  }

  void a_photograph_is_shown_beside_what_should_be_there() {
    World w;
    QVERIFY(with_photo(w, 8));
    const app::CheckedPtr checked = w.checker.checked();
    QVERIFY2(checked->report.usable(), qPrintable(status(w)));
    QCOMPARE(checked->straight.size(), checked->board.size());
    auto* list = w.find<QListView>("faults");
    QCOMPARE(list->model()->rowCount(), static_cast<int>(std::min(checked->report.faults.size(), check::kMostFaults)));
    // Every mass has its row.
    w.open_card("card_check_masses");
    QCOMPARE(w.find<app::Facts>("check_masses")->facts().size(),
             static_cast<qsizetype>(w.session.subject()->masses.size()));
    // The course says how it stands, and going elsewhere shows the subject again.
    const auto index = w.window.stages().course()->model()->index(static_cast<int>(app::Stage::check), 0);
    QVERIFY(!index.data(Qt::UserRole).toString().isEmpty());
    w.window.stages().go(app::Stage::layers);
    w.window.stages().go(app::Stage::check);
    QVERIFY(w.checker.checked() == checked);
  }

  void the_rest_is_planned_from_it_and_undone() {
    World w;
    QVERIFY(with_photo(w, 8));
    QVERIFY(w.checker.checked()->report.usable());
    const app::Choices before = w.session.choices();
    const double fitted = w.session.planned()->plan.area_mean_de00;
    click(w, "check_take");
    QVERIFY(w.settle_all());
    const app::PlannedPtr after = w.session.planned();
    QCOMPARE(after->options.laid.size(), std::size_t{8});
    for (std::size_t i = 0; i < 8; ++i) QVERIFY(after->plan.passes[i].laid);
    QVERIFY(after->plan.area_mean_de00 < fitted + 0.6);
    // It is looked at anew against what is now believed to lie there: less is off.
    QVERIFY(w.checker.checked() != nullptr);
    QCOMPARE(w.checker.count_done(), 8);
    w.session.undo_stack().undo();
    QVERIFY(w.settle_all());
    QVERIFY(w.session.choices() == before);
  }

  void corners_are_moved_by_hand() {
    World w;
    QVERIFY(with_photo(w, 8));
    w.open_card("card_photo");
    auto* view = w.find<app::CornerView>("corner_view");
    const QPolygonF found = view->corners();
    QCOMPARE(found.size(), qsizetype{4});
    view->setFocus();
    QTest::keyClick(view, Qt::Key_Space);  // the second one
    QTest::keyClick(view, Qt::Key_Right, Qt::ShiftModifier);
    QVERIFY(w.settle_all());
    QVERIFY(w.checker.corners_given());
    QCOMPARE(view->corners()[0], found[0]);
    QVERIFY(view->corners()[1].x() > found[1].x());
    click(w, "photo_find");
    QVERIFY(w.settle_all());
    QVERIFY(!w.checker.corners_given());
    QVERIFY(std::abs(view->corners()[1].x() - found[1].x()) < 1e-6);
  }

  void a_picture_dropped_here_is_a_photograph() {
    World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.stages().go(app::Stage::check);
    w.checker.set_done(8);
    trial::drop(w.window, World::demo("salt-works.png"));
    QVERIFY(w.settle_all());
    QVERIFY(w.checker.has_photo());
    // It is another picture, and that is said; the work is as it was.
    QVERIFY(w.session.reference_name().contains("kettle"));
    QVERIFY(w.checker.checked() != nullptr && !w.checker.checked()->report.usable());
    QVERIFY(status(w).length() > 20);
    QVERIFY(!w.find<QPushButton>("check_take")->isEnabled());
  }

  void a_file_that_is_no_picture_is_refused() {
    World w;
    QVERIFY(w.open_demo("kettle.png"));
    QFile broken(w.dir.filePath("broken.jpg"));
    QVERIFY(broken.open(QIODevice::WriteOnly));
    broken.write("this is no picture");
    broken.close();
    QSignalSpy failed(&w.checker, &app::Checker::failed);
    w.checker.open(broken.fileName());
    QVERIFY(w.settle_all());
    QCOMPARE(failed.count(), 1);
    QVERIFY(failed.first().first().toString().contains("broken.jpg"));
    QVERIFY(!w.checker.has_photo());
  }

  // The table written, filled in by an artist who presses at 0.7, read, and planned with; then undone.
  void offcuts_make_the_plan_the_artists_own() {
    World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.stages().go(app::Stage::ground);
    w.open_card("card_hand");
    auto& calibrator = w.window.findChild<app::HandSection*>()->calibrator();
    const QString file = w.dir.filePath("offcuts.csv");
    calibrator.write_table(file);
    QVERIFY(QFile::exists(file));
    const app::PlannedPtr planned = w.session.planned();
    optics::Parameters artist = planned->parameters;
    artist.hand = {0.7, 0.7};
    std::vector<calibrate::Reading> readings;
    for (const calibrate::OffcutStroke& s : calibrator.strokes()) {
      const plan::Stroke laid{s.stick, s.pressure, s.technique, false, 0};
      readings.push_back(
          {s, plan::evaluate(planned->paper->ground, artist, planned->collection->sticks, {laid}, {}).look.lab});
    }
    QVERIFY(readings.size() >= calibrate::kJudged);
    QFile table(file);
    QVERIFY(table.open(QIODevice::WriteOnly));
    table.write(formats::write_offcuts(readings, *planned->collection));
    table.close();
    QVERIFY(!w.find<QPushButton>("hand_take")->isEnabled());
    calibrator.read_table(file);
    QVERIFY(QTest::qWaitFor([&] { return !calibrator.busy(); }, 60000));
    QVERIFY(calibrator.found() != nullptr);
    QVERIFY(std::abs(calibrator.found()->calibration.hand.firm - 0.7) < 0.1);
    QVERIFY(!w.find<app::Facts>("hand_facts")->facts().isEmpty());
    const app::Choices before = w.session.choices();
    click(w, "hand_take");
    QVERIFY(w.settle_all());
    QVERIFY(std::abs(w.session.choices().plan.presses.firm - 0.7) < 0.1);
    // The journal keeps what was measured, not only what came of it.
    const auto tests = w.keeper.journal()->offcut_tests().value();
    QCOMPARE(tests.size(), std::size_t{1});
    const auto kept = formats::read_offcuts(tests.front().readings, "journal", *planned->collection);
    QVERIFY2(kept.ok(), kept.ok() ? "" : describe(kept.error()).c_str());
    QCOMPARE(kept->size(), readings.size());
    QVERIFY(kept->back().stroke == readings.back().stroke);
    QVERIFY(w.session.planned()->parameters.hand == w.session.choices().plan.presses);
    w.session.undo_stack().undo();
    QVERIFY(w.settle_all());
    QVERIFY(w.session.choices() == before);
    // A table that is none is said, and nothing is lost.
    QSignalSpy failed(&w.session, &app::Session::failed);
    calibrator.read_table(World::demo("kettle.png"));
    QVERIFY(QTest::qWaitFor([&] { return !calibrator.busy(); }, 60000));
    QCOMPARE(failed.count(), 1);
  }

  void marks_at_the_easel_count_as_done() {
    World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.past_chores();
    w.easel.done();
    w.past_chores();
    w.easel.done();
    w.window.stages().go(app::Stage::check);
    QCOMPARE(w.checker.count_done(), 2);
    QCOMPARE(w.find<QSpinBox>("photo_done")->value(), 2);
  }
};

QTEST_MAIN(TestCheckStage)
#include "test_check.moc"
