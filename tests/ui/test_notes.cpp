// SPDX-License-Identifier: MIT
// Journal, practice and colours of one's own in the real window: a recipe kept and used again, a work that enters by
// itself, a drill by keyboard alone, a mood that is undone.
#include <QDir>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>

#include "ui_world.h"

using namespace yd;

namespace {

int shown_works(trial::World& w) {
  w.window.notes().show_journal();
  return w.find<QListWidget>("journal_list")->count();
}

/// The colour card is given a target.
void point(trial::World& w, QPointF share) { w.window.point_at(share); }

}  // namespace

class TestNotes : public QObject {
  Q_OBJECT
 private slots:
  void a_note_is_added_changed_and_taken_out() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    QVERIFY(w.window.files().save_path(w.dir.filePath("kettle.dune")));
    QCOMPARE(shown_works(w), 1);
    w.find<QListWidget>("journal_list")->setCurrentRow(0);
    auto* line = w.find<QLineEdit>("journal_note");
    line->setText("lid too warm");
    QTest::keyClick(line, Qt::Key_Return);
    auto* notes = w.find<QTableWidget>("journal_notes");
    const QString id = w.session.work_id();
    QTRY_COMPARE(notes->rowCount(), 1);
    QCOMPARE(notes->item(0, 1)->text(), "lid too warm");
    QVERIFY(!(notes->item(0, 0)->flags() & Qt::ItemIsEditable));
    notes->item(0, 1)->setText("lid much too warm");
    QTRY_COMPARE(w.keeper.journal()->notes(id).value().at(0).text, "lid much too warm");
    notes->item(0, 1)->setText(" ");
    QTRY_VERIFY(w.keeper.journal()->notes(id).value().empty());
    QTRY_VERIFY(notes->isHidden());
  }

  void a_work_enters_when_it_is_saved_and_when_a_pass_is_done() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    QCOMPARE(shown_works(w), 0);
    QVERIFY(w.find<QLabel>("journal_empty")->text().contains("saved"));
    QVERIFY(w.window.files().save_path(w.dir.filePath("kettle.dune")));
    QCOMPARE(shown_works(w), 1);
    const QString id = w.session.work_id();
    QCOMPARE(w.keeper.journal()->work(id).value().title, "kettle");
    // A pass that is done is timed, and undone again it is gone.
    w.past_chores();
    w.easel.pause(false);
    w.now_s += 240;
    w.easel.done();
    w.keeper.flush();
    auto passes = w.keeper.journal()->passes(id).value();
    const auto strokes = [&] {
      return std::count_if(passes.begin(), passes.end(), [](const auto& p) { return p.guessed_minutes > 0; });
    };
    QCOMPARE(strokes(), 1);
    QVERIFY(std::any_of(passes.begin(), passes.end(), [](const auto& p) { return p.minutes == 4; }));
    w.session.undo_stack().undo();
    w.keeper.flush();
    passes = w.keeper.journal()->passes(id).value();
    QCOMPARE(strokes(), 0);
    // The same project opened again is the same work.
    w.session.undo_stack().setClean();
    QVERIFY(w.open_demo("salt-works.png"));
    QVERIFY(w.session.work_id() != id);
    w.session.undo_stack().setClean();
    w.window.files().open_path(w.dir.filePath("kettle.dune"));
    QVERIFY(w.settle());
    QCOMPARE(w.session.work_id(), id);
    QCOMPARE(shown_works(w), 1);
    w.session.undo_stack().setClean();
  }

  // Who opens the next picture at once loses nothing of the last.
  void the_last_step_before_another_picture_is_kept() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.past_chores();
    w.easel.done();
    const QString id = w.session.work_id();
    w.session.undo_stack().setClean();
    QVERIFY(w.open_demo("salt-works.png"));
    QVERIFY(QTest::qWaitFor(
        [&] {
          const auto work = w.keeper.journal()->work(id);
          return work.ok() && work->done == 1;
        },
        10000));
    w.session.undo_stack().setClean();
  }

  void a_recipe_goes_into_another_picture_with_one_key() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    point(w, {0.6, 0.55});
    QTest::keyClick(&w.window, Qt::Key_K);
    QVERIFY(w.keeper.last());
    QVERIFY(!w.keeper.last()->words.isEmpty());
    QVERIFY(!w.keeper.last()->layers.empty());
    const journal::Recipe kept = *w.keeper.last();
    w.session.undo_stack().setClean();
    QVERIFY(w.open_demo("salt-works.png"));
    point(w, {0.5, 0.1});
    QTest::keyClick(&w.window, Qt::Key_K, Qt::ShiftModifier);
    QVERIFY(w.settle());
    QCOMPARE(w.session.choices().plan.by_hand.size(), std::size_t{1});
    const auto& strokes = w.session.choices().plan.by_hand[0].strokes;
    QCOMPARE(strokes.size(), kept.layers.size());
    const auto& sticks = w.session.planned()->collection->sticks;
    for (std::size_t i = 0; i < strokes.size(); ++i)
      QCOMPARE(QString::fromStdString(sticks[static_cast<std::size_t>(strokes[i].stick)].id), kept.layers[i].stick_id);
    // Where it went is told.
    const auto recipes = w.keeper.journal()->recipes();
    QCOMPARE(recipes.value().at(0).used.size(), std::size_t{1});
    QCOMPARE(recipes.value().at(0).used[0].work, w.session.work_id());
    QVERIFY(!recipes.value().at(0).used[0].place.isEmpty());
    // Another mood changes shades, not what the artist chose.
    w.open_card("section_colours");
    trial::choose(w, "mood", 1);
    QCOMPARE(w.session.choices().plan.by_hand.size(), std::size_t{1});
    w.session.undo_stack().undo();
    w.session.undo_stack().undo();
    QVERIFY(w.session.choices().plan.by_hand.empty());
    QVERIFY(w.settle());
    // By the list, too, found by a word of it.
    w.window.notes().show_journal();
    trial::click(w, "journal_tab_1");
    auto* list = w.find<QListWidget>("journal_list");
    QCOMPARE(list->count(), 1);
    w.find<QLineEdit>("journal_find")->setText("no such word at all");
    QCOMPARE(list->count(), 0);
    w.find<QLineEdit>("journal_find")->setText(kept.title.left(4));
    QCOMPARE(list->count(), 1);
    w.find<QLineEdit>("journal_find")->setText("1970-01 " + kept.title.left(4));  // the clock of this test
    QCOMPARE(list->count(), 1);
    w.find<QLineEdit>("journal_find")->setText("2026");
    QCOMPARE(list->count(), 0);
    w.find<QLineEdit>("journal_find")->clear();
    list->setCurrentRow(0);
    QVERIFY(w.find<QLabel>("journal_recipe_where")->text().contains("salt-works"));
    trial::click(w, "journal_use");
    QCOMPARE(w.session.choices().plan.by_hand.size(), std::size_t{1});
    w.session.undo_stack().setClean();
  }

  void a_stick_that_is_missing_is_named() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    journal::Recipe r;
    r.layers = {{"gone", "emerald of old", optics::Medium::pan, {50, -70, 60}, 0.5, false}};
    QSignalSpy failed(&w.keeper, &app::Keeper::failed);
    w.keeper.use_recipe(r, 0);
    QCOMPARE(failed.size(), 1);
    QVERIFY(failed[0][0].toString().contains("emerald of old"));
    QVERIFY(w.session.choices().plan.by_hand.empty());
  }

  void own_times_replace_the_guess() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    const double guessed = w.session.planned()->plan.sequence.minutes;
    w.easel.pause(false);
    for (int i = 0; i < 8; ++i) {
      w.past_chores();
      const auto& pass = w.session.planned()->plan.passes[static_cast<std::size_t>(w.easel.shown())];
      w.now_s += static_cast<std::int64_t>(60 * 2 * pass.minutes);
      w.easel.done();
    }
    w.keeper.flush();
    const auto fit = w.keeper.pace();
    QVERIFY(fit.passes >= 6);
    QVERIFY2(fit.off_before > 1.5 && fit.off_after < fit.off_before, qPrintable(QString::number(fit.off_after)));
    w.window.notes().show_journal();
    trial::click(w, "journal_tab_3");
    trial::click(w, "journal_take_pace");
    QVERIFY(w.settle());
    QVERIFY(w.session.choices().plan.pace != plan::Pace{});
    QVERIFY(w.session.planned()->plan.sequence.minutes > 1.2 * guessed);
    w.session.undo_stack().setClean();
  }

  void a_drill_by_keyboard_alone() {
    trial::World w;
    QVERIFY(QTest::qWaitForWindowActive(&w.window));
    w.window.notes().practice().begin(practice::Kind::value, 4);
    w.window.notes().show_practice();
    auto& page = w.window.notes().practice();
    int questions = 0;
    while (page.drill() && questions < 100) {
      const int right = page.drill()->task().right;
      QTest::keyClick(&page, static_cast<Qt::Key>(Qt::Key_1 + right));
      ++questions;
    }
    QCOMPARE(questions, practice::trials_of(practice::Kind::value));
    const auto kept = w.keeper.journal()->drills("value").value();
    QCOMPARE(kept.size(), std::size_t{1});
    QCOMPARE(kept[0].right, 1.0);
    QVERIFY(std::abs(kept[0].bias) < 0.3);
    // Pairs are answered by the arrows; Esc leaves the drill, then the page.
    page.begin(practice::Kind::lighter, 4);
    QTest::keyClick(&page, Qt::Key_Left);
    QTest::keyClick(&page, Qt::Key_Right);
    QCOMPARE(page.drill()->asked(), 2);
    QSignalSpy closed(&page, &app::PracticePage::closed);
    QTest::keyClick(&page, Qt::Key_Escape);
    QVERIFY(!page.drill());
    QCOMPARE(closed.size(), 0);
    QTest::keyClick(&page, Qt::Key_Escape);
    QCOMPARE(closed.size(), 1);
  }

  void every_drill_is_drawn() {
    trial::World w;
    QVERIFY(w.open_demo("salt-works.png"));
    w.window.notes().show_practice();
    auto& page = w.window.notes().practice();
    for (const practice::Kind kind : practice::kKinds) {
      page.begin(kind, 9);
      QVERIFY2(page.drill(), practice::name(kind));
      QVERIFY(!page.grab().isNull());
      if (kind == practice::Kind::mixing) {
        QVERIFY(w.find<QPushButton>("mix_lay")->isVisible());
        trial::click(w, "mix_lay");
      } else {
        QCOMPARE(page.findChildren<QPushButton*>(QRegularExpression("answer_.*")).size(), page.drill()->task().answers);
        trial::click(w, "answer_0");
      }
      QCOMPARE(page.drill()->asked(), 1);
    }
    w.session.undo_stack().setClean();
  }

  void a_mood_is_seen_saved_and_undone() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.open_card("section_colours");
    trial::choose(w, "mood", 2);
    QVERIFY(w.settle());
    QVERIFY(w.session.subject()->as_it_is);
    QVERIFY(w.window.files().save_path(w.dir.filePath("quiet.dune")));
    const auto project = formats::load_project(w.dir.filePath("quiet.dune"));
    QVERIFY(project.ok());
    QVERIFY(project->read.colours.mood == subject::Mood::quiet);
    QCOMPARE(project->work_id, w.session.work_id());
    w.session.undo_stack().undo();
    QVERIFY(w.settle());
    QVERIFY(!w.session.subject()->as_it_is);
    // The palette of another work.
    w.window.stages().subject_panel()->colours()->borrow(trial::World::demo("salt-works.png"));
    QVERIFY(QTest::qWaitFor([&] { return !w.window.stages().subject_panel()->colours()->busy(); }, 30000));
    QVERIFY(w.settle());
    QVERIFY(!w.session.choices().read.colours.palette.empty());
    QVERIFY(w.session.subject()->as_it_is);
    trial::click(w, "colours_plain");
    QVERIFY(w.settle());
    QVERIFY(!w.session.subject()->as_it_is);
    w.session.undo_stack().setClean();
  }

  // From the easel, too; Escape leaves the page, not only the line one types in.
  void the_journal_opens_from_anywhere_and_closes_with_escape() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    QVERIFY(QTest::qWaitForWindowActive(&w.window));
    QTest::keyClick(&w.window, Qt::Key_E);
    QVERIFY(w.window.at_easel());
    QTest::keyClick(w.find<app::EaselPage>("easel"), Qt::Key_J);
    QVERIFY(!w.window.at_easel());
    QVERIFY(w.window.notes().journal().isVisible());
    QTest::keyClick(w.find<QLineEdit>("journal_find"), Qt::Key_Escape);
    QVERIFY(!w.window.notes().journal().isVisible());
    w.session.undo_stack().setClean();
  }

  // A drawing has no colours: it gets families, is planned, and its first pass is done at the easel.
  void a_grey_page_goes_from_nothing_to_the_easel() {
    trial::World w{app::Steps{}};
    const QString file = w.dir.filePath("drawing.png");
    QVERIFY(QImage(trial::World::demo("kettle.png")).convertToFormat(QImage::Format_Grayscale8).save(file));
    w.window.files().open_path(file);
    QVERIFY(w.settle());
    w.open_card("section_colours");
    QVERIFY2(w.find<QLabel>("colours_words")->text().contains("no colours"),
             qPrintable(w.find<QLabel>("colours_words")->text()));
    const auto grey = w.session.subject();
    trial::choose(w, "scheme", 1);
    QVERIFY(w.settle());
    const auto coloured = w.session.subject();
    QVERIFY(coloured->as_it_is && coloured->masses.size() == grey->masses.size());
    QVERIFY(!subject::without_colour(coloured->squinted));
    for (std::size_t m = 0; m < grey->masses.size(); ++m)
      QVERIFY(std::abs(coloured->masses[m].value - grey->masses[m].value) < 0.5);
    QTest::keyClick(&w.window, Qt::Key_E);
    QVERIFY(w.window.at_easel());
    w.past_chores();
    QTest::keyClick(w.find<app::EaselPage>("easel"), Qt::Key_Return);
    QCOMPARE(w.easel.count_done(), 1);
    w.session.undo_stack().setClean();
  }

  void a_mass_gets_a_colour_of_the_tray() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.open_card("section_masses");
    trial::choose(w, "mass_colour", 3);
    QVERIFY(w.settle());
    QVERIFY(w.session.choices().read.edits.back().kind == subject::MassEdit::Kind::colour);
    QVERIFY(w.session.subject()->as_it_is);
    // How much of it: a slider on its way is one edit and one step of undo.
    const std::size_t edits = w.session.choices().read.edits.size();
    const int steps = w.session.undo_stack().count();
    auto* amount = w.find<QSlider>("mass_colour_amount");
    QVERIFY(amount->isVisible());
    for (const int percent : {80, 60, 40}) amount->setValue(percent);
    QVERIFY(w.settle());
    QCOMPARE(w.session.choices().read.edits.size(), edits);
    QCOMPARE(w.session.undo_stack().count(), steps + 1);
    const int mass = w.session.choices().read.edits.back().mass;
    QCOMPARE(w.session.subject()->masses[static_cast<std::size_t>(mass)].own->amount, 0.4);
    w.session.undo_stack().undo();
    QVERIFY(w.settle());
    QCOMPARE(w.session.subject()->masses[static_cast<std::size_t>(mass)].own->amount, 1.0);
    w.session.undo_stack().setClean();
  }

  // Damage that opening does not see is found beside the window; the backup takes its place and the artist is told.
  void a_damaged_journal_is_mended_beside_the_window() {
    trial::World w;
    const QString folder = w.dir.filePath("damaged");
    const QString file = folder + "/" + journal::kJournalFile;
    {
      auto j = std::move(journal::open_folder(folder, 0)).value().journal;
      for (int n = 0; n < 40; ++n) {
        journal::Work work;
        work.id = QString::number(n);
        work.board = QByteArray(9000, 'b');
        QVERIFY(j->put(work));
      }
      QVERIFY(j->back_up(folder + "/" + journal::kBackupFile));
    }
    QFile f(file);
    QVERIFY(f.open(QIODevice::ReadWrite));
    for (qint64 at = 40960; at + 4096 < f.size(); at += 8192) {
      QVERIFY(f.seek(at));
      f.write(QByteArray(3000, '\xa7'));
    }
    f.close();
    app::Keeper keeper(w.session, folder, [] { return qint64{0}; });
    QSignalSpy failed(&keeper, &app::Keeper::failed);
    QVERIFY(keeper.trouble().contains("damaged") || failed.wait(20000));
    QVERIFY2(keeper.trouble().contains("took its place"), qPrintable(keeper.trouble()));
    QVERIFY(keeper.journal() != nullptr);
    QCOMPARE(keeper.journal()->works().value().size(), std::size_t{40});
    QCOMPARE(QDir(folder).entryList({"* damaged *"}).size(), 1);
  }

  void without_a_journal_all_else_goes_on() {
    trial::World w;
    app::Keeper none(w.session, "/proc/nowhere", [] { return qint64{0}; });
    QVERIFY(none.journal() == nullptr);
    QVERIFY(none.trouble().contains("/proc/nowhere"));
    none.saved("x.dune");
    QCOMPARE(none.keep_recipe(0), qint64{0});
    QCOMPARE(none.pace().passes, 0);
  }
};

QTEST_MAIN(TestNotes)
#include "test_notes.moc"
