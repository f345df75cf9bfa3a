// SPDX-License-Identifier: MIT
// The easel over the bench: sizes, cards, ways to look, what is drawn by hand, keys alone and mouse alone.
#include <QAccessible>
#include <QApplication>
#include <QDropEvent>
#include <QListView>
#include <QMenuBar>
#include <QSlider>
#include <QTableView>
#include <QTest>
#include <QToolButton>

#include "panels/keys_page.h"
#include "ui_world.h"
#include "widgets/drawers_view.h"
#include "widgets/facts.h"
#include "widgets/stick_drag.h"
#include "widgets/tray_view.h"
#include "widgets/value_strip.h"
#include "widgets/workbench.h"
#include "words/names.h"

using namespace yd;
using app::Stage;

namespace {

/// The picture of a view as it is drawn: its widget less the grey beside it.
QSizeF drawn(const app::PictureView& view, double aspect) {
  const double w = std::min<double>(view.width(), view.height() * aspect);
  return {w, w / aspect};
}

QString picture_of(const trial::World& w, const char* name, int width, int height) {
  const QString file = w.dir.filePath(name);
  QImage(trial::World::demo("salt-works.png")).scaled(width, height).save(file);
  return file;
}

/// The drawers of the demo's collection, with the tray below; null where the demo does not open.
app::DrawersView* open_drawers(trial::World& w) {
  if (!w.open_demo()) return nullptr;
  w.window.stages().go(app::Stage::tray);
  trial::click(w, "collection_edit");
  return w.find<app::DrawersView>("drawers");
}

/// A stick carried to the middle of a widget and let go; whether it was taken.
bool carried(QWidget* to, const app::DraggedStick& stick) {
  const std::unique_ptr<QMimeData> load(app::to_carry(stick));
  const QPoint middle = to->rect().center();
  QDragEnterEvent enter(middle, Qt::LinkAction, load.get(), Qt::LeftButton, {});
  enter.ignore();
  QCoreApplication::sendEvent(to, &enter);
  if (!enter.isAccepted()) return false;
  QDropEvent drop(middle, Qt::LinkAction, load.get(), Qt::LeftButton, {});
  QCoreApplication::sendEvent(to, &drop);
  return true;
}

void show_at(trial::World& w, int width, int height) {
  w.window.resize(width, height);
  QCoreApplication::processEvents();
}

}  // namespace

class TestBench : public QObject {
  Q_OBJECT
 private slots:
  // A wide picture has the bench below it, a tall one beside it; before, they were 388 px wide and 457 px tall.
  void pictures_are_as_large_as_the_window_allows() {
    trial::World w;
    w.window.files().open_path(picture_of(w, "wide.png", 480, 320));
    QVERIFY(w.settle());
    auto* bench = w.window.findChild<app::Workbench*>();
    auto* subject = w.find<app::PictureView>("subject_view");
    auto* board = w.find<app::PictureView>("board_view");
    show_at(w, 1280, 800);
    QVERIFY(bench->bench_below());
    QVERIFY2(drawn(*subject, 1.5).width() >= 600, qPrintable(QString::number(drawn(*subject, 1.5).width())));
    QCOMPARE(board->size(), subject->size());
    w.window.files().open_path(picture_of(w, "tall.png", 320, 480));
    QVERIFY(w.settle());
    show_at(w, 1280, 800);
    QVERIFY(!bench->bench_below());
    const double tall = drawn(*subject, 2.0 / 3).height();
    QVERIFY2(tall >= 600, qPrintable(QString::number(tall)));
    QCOMPARE(board->size(), subject->size());
  }

  void every_size_holds_easel_line_and_cards() {
    trial::World w;
    QVERIFY(w.open_demo());
    for (const QSize size : {QSize(1024, 768), QSize(1280, 800), QSize(1920, 1080), QSize(2560, 1440)}) {
      show_at(w, size.width(), size.height());
      for (int stage = 0; stage < app::kStages; ++stage) {
        w.window.stages().go(static_cast<Stage>(stage));
        auto* bench = qobject_cast<app::Bench*>(w.window.stages().benches()->currentWidget());
        QVERIFY(bench != nullptr);
        int open = 0;
        int right = 0;
        for (const app::Card* card : bench->cards()) {
          QVERIFY(bench->rect().contains(card->geometry()));
          QVERIFY(card->x() >= right);
          right = card->geometry().right();
          open += card->is_open() ? 1 : 0;
          QVERIFY2(!card->is_open() || card->width() >= card->least(), qPrintable(card->accessibleName()));
        }
        QVERIFY2(open >= (size.width() >= 1280 ? 3 : 2), qPrintable(QString("%1 at %2").arg(open).arg(stage)));
      }
      QVERIFY(w.find<QListView>("course")->width() < size.width());
    }
  }

  // A spine is opened by key or mouse; what was opened first makes room.
  void cards_open_and_fold() {
    trial::World w;
    QVERIFY(w.open_demo());
    show_at(w, 1280, 800);
    w.window.stages().go(Stage::layers);
    auto* safety = w.find<app::CardHead>("card_safety");
    QVERIFY(!safety->isChecked());
    safety->setFocus();
    QTest::keyClick(safety, Qt::Key_Space);
    QVERIFY(safety->isChecked());
    QVERIFY(w.find<QLabel>("safety_page")->isVisible());
    QTest::mouseClick(safety, Qt::LeftButton);
    QVERIFY(!w.find<QLabel>("safety_page")->isVisible());
    // In a wide window all that are wanted are open again.
    show_at(w, 2560, 1440);
    QVERIFY(w.find<app::CardHead>("card_core")->isChecked());
    QVERIFY(w.find<app::CardHead>("card_tray_in_hand")->isChecked());
    // Something stays open when the last is folded.
    auto* bench = qobject_cast<app::Bench*>(w.window.stages().benches()->currentWidget());
    for (app::Card* card : bench->cards()) {
      if (card->is_open()) card->head()->click();
    }
    QVERIFY(std::none_of(bench->cards().begin(), bench->cards().end(), [](const auto* c) { return c->is_open(); }));
    w.open_card("card_job");
    QVERIFY(w.find<QTableView>("passages")->isVisible());
  }

  void one_alone_the_wipe_and_both_again() {
    trial::World w;
    QVERIFY(w.open_demo());
    auto* subject = w.find<app::PictureView>("subject_view");
    auto* board = w.find<app::PictureView>("board_view");
    const int both = board->width();
    QTest::keyClick(&w.window, Qt::Key_B);
    QVERIFY(!subject->isVisible() && board->isVisible());
    QVERIFY(board->width() > both);
    QTest::keyClick(&w.window, Qt::Key_A);
    QVERIFY(subject->isVisible() && !board->isVisible());
    QTest::keyClick(&w.window, Qt::Key_W);
    QVERIFY(!subject->isVisible() && board->isVisible());
    // Left of the pointer the subject, right of it the board.
    const QImage middle = board->grab().toImage();
    QTest::mouseMove(board, QPoint(board->width() - 30, board->height() / 2));
    QTest::mouseMove(board, QPoint(board->width() - 26, board->height() / 2));
    QVERIFY(board->grab().toImage() != middle);
    QTest::keyClick(&w.window, Qt::Key_D);
    QVERIFY(subject->isVisible() && board->isVisible());
    QCOMPARE(board->width(), both);
  }

  void true_size_is_the_sheets() {
    trial::World w;
    QVERIFY(w.open_demo());
    auto* subject = w.find<app::PictureView>("subject_view");
    const QImage fitted = subject->grab().toImage();
    QTest::keyClick(&w.window, Qt::Key_T);
    QVERIFY(subject->grab().toImage() != fitted);
    QTest::keyClick(&w.window, Qt::Key_0);
    QCOMPARE(subject->grab().toImage(), fitted);
  }

  void the_card_with_holes_comes_and_goes_with_the_pointer() {
    trial::World w;
    QVERIFY(w.open_demo());
    auto* subject = w.find<app::PictureView>("subject_view");
    auto* card = w.find<app::Peephole>("peephole");
    QVERIFY(!card->isVisible());
    QTest::mouseMove(subject, subject->rect().center());
    QTest::mouseMove(subject, subject->rect().center() + QPoint(4, 4));
    QTRY_VERIFY(card->isVisible());
    QVERIFY(!card->geometry().contains(subject->mapTo(card->parentWidget(), subject->rect().center())));
    QVERIFY(w.find<QWidget>("pair")->rect().contains(card->geometry()));
    QEvent leave(QEvent::Leave);
    QCoreApplication::sendEvent(subject, &leave);
    QVERIFY(!card->isVisible());
  }

  void the_tray_lies_from_dark_to_light_and_lifts_what_is_in_the_hand() {
    trial::World w;
    QVERIFY(w.open_demo());
    w.window.stages().go(Stage::tray);
    auto* tray = w.find<app::TrayView>("tray_view");
    const auto planned = w.session.planned();
    const int in_tray = static_cast<int>(planned->plan.tray.size());
    QCOMPARE(tray->count(), static_cast<int>(plan::in_hand(planned->plan).size()));
    tray->setFocus();
    double last = -1;
    for (int i = 0; i < tray->count(); ++i) {
      QTest::keyClick(tray, Qt::Key_Right);
      if (i == in_tray) last = -1;  // what lies beside it, from dark to light again
      const auto& stick = planned->collection->sticks[static_cast<std::size_t>(tray->current_stick())];
      QVERIFY(stick.lab.l >= last);
      last = stick.lab.l;
      QVERIFY(w.find<QLabel>("stick_words")->text().startsWith(QString::fromStdString(stick.name)));
      QVERIFY(tray->accessibleDescription().contains(QString::fromStdString(stick.name)));
    }
    const int must = tray->current_stick();
    w.find<QAbstractButton>("stick_must")->click();
    QCOMPARE(w.session.choices().plan.wishes.must_have, std::vector<int>{must});
    QVERIFY(w.settle());
    w.window.stages().go(Stage::layers);
    w.open_card("card_tray_in_hand");
    auto* hand = w.find<app::TrayView>("tray_in_hand");
    const QImage lying = hand->grab().toImage();
    w.session.set_lit_pass(1);
    QVERIFY(hand->grab().toImage() != lying);
    QVERIFY(hand->accessibleDescription().contains("in the hand"));
  }

  void the_collection_is_a_box_of_drawers() {
    trial::World w;
    app::DrawersView* drawers = open_drawers(w);
    QVERIFY(drawers);
    QVERIFY(drawers->isVisible());
    drawers->setFocus();
    QTest::keyClick(drawers, Qt::Key_Right);
    const int first = drawers->current();
    QVERIFY(first >= 0);
    const auto owned = [&] {
      return w.session.materials()
          .collection(w.session.choices().collection)
          ->sticks[static_cast<std::size_t>(first)]
          .owned;
    };
    QVERIFY(owned());
    QTest::keyClick(drawers, Qt::Key_Space);
    QVERIFY(!owned());
    QVERIFY(!w.find<QAbstractButton>("stick_owned")->isChecked());
    w.session.undo_stack().undo();
    QVERIFY(owned());
    QVERIFY(w.settle());
    // A search leaves only what it finds to be stepped to.
    QTest::keyClicks(w.find<QLineEdit>("stick_search"), "blue");
    drawers->setFocus();
    for (int i = 0; i < 5; ++i) {
      QTest::keyClick(drawers, Qt::Key_Right);
      QVERIFY(drawers->accessibleDescription().contains("blue", Qt::CaseInsensitive));
    }
    w.find<QAbstractButton>("collection_as_table")->click();
    QVERIFY(w.find<QTableView>("stick_table")->isVisible());
    click(w, "collection_back");
  }

  void sticks_are_carried_between_drawers_and_tray() {
    trial::World w;
    app::DrawersView* drawers = open_drawers(w);
    QVERIFY(drawers);
    auto* tray = w.find<app::TrayView>("collection_tray");
    QVERIFY(drawers->isVisible() && tray->isVisible());
    const QString id = QString::fromStdString(w.session.choices().collection);
    const auto& wishes = [&]() -> const plan::TrayWishes& { return w.session.choices().plan.wishes; };
    const auto lies = [&](int stick) {
      const auto& chosen = w.session.planned()->plan.tray;
      return std::find(chosen.begin(), chosen.end(), stick) != chosen.end();
    };
    int missing = 0;
    while (lies(missing)) ++missing;
    QVERIFY(carried(tray, {id, missing}));
    QCOMPARE(wishes().must_have, std::vector<int>{missing});
    QVERIFY(w.settle());
    QVERIFY(lies(missing));
    // Carried back, it is left out from then on.
    QVERIFY(carried(drawers, {id, missing}));
    QVERIFY(wishes().must_have.empty());
    QCOMPARE(wishes().forbidden, std::vector<int>{missing});
    QVERIFY(w.settle());
    QVERIFY(!lies(missing));
    w.session.undo_stack().undo();
    QCOMPARE(wishes().must_have, std::vector<int>{missing});
    // A stick of another box is not taken, nor one that is not there; the menu does the same by keys.
    QVERIFY(!carried(tray, {"another box", 0}));
    QVERIFY(carried(tray, {id, 100000}));
    QCOMPARE(wishes().must_have, std::vector<int>{missing});
    drawers->set_current(missing);
    drawers->actions().constLast()->trigger();
    QVERIFY(wishes().must_have.empty() && wishes().forbidden.empty());
    QVERIFY(w.settle());
  }

  // What is not owned can be in no tray: the window says so at once, and offers what would help.
  void a_stick_that_is_not_owned_is_asked_about() {
    trial::World w;
    app::DrawersView* drawers = open_drawers(w);
    QVERIFY(drawers);
    auto* tray = w.find<app::TrayView>("collection_tray");
    emit drawers->owned_asked(3);
    QVERIFY(w.settle());
    const auto stick = [&]() -> const media::Stick& {
      return w.session.materials().collection(w.session.choices().collection)->sticks[3];
    };
    QVERIFY(!stick().owned);
    QVERIFY(carried(tray, {QString::fromStdString(w.session.choices().collection), 3}));
    QVERIFY(w.session.choices().plan.wishes.must_have.empty());
    QVERIFY(w.find<QLabel>("notice_text")->text().contains(words::stick_name(stick())));
    click(w, "notice_action");
    QVERIFY(w.settle());
    QVERIFY(stick().owned);
    QCOMPARE(w.session.choices().plan.wishes.must_have, std::vector<int>{3});
    const auto& chosen = w.session.planned()->plan.tray;
    QVERIFY(std::find(chosen.begin(), chosen.end(), 3) != chosen.end());
  }

  void what_the_picture_is_stands_as_facts() {
    trial::World w;
    QVERIFY(w.open_demo());
    auto* facts = w.find<app::Facts>("findings");
    QVERIFY(facts->facts().size() >= 3);
    QVERIFY(w.find<QWidget>("warmth_band")->accessibleDescription().contains("warm "));
    QVERIFY(facts->accessibleDescription().contains("Darkest: "));
    auto* strip = w.find<app::ValueStrip>("value_strip");
    QVERIFY(strip->accessibleDescription().contains("value 1: "));
    const QString dark = strip->accessibleDescription();
    choose(w, "value_direction", 1);
    QVERIFY(strip->accessibleDescription() != dark);
    w.window.stages().go(Stage::ground);
    QVERIFY(w.settle_all());
    QVERIFY(w.find<app::Facts>("paper_facts")->facts().size() >= 6);
  }

  // No open text of the bench names the difference by its symbol.
  void differences_are_said_in_words() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    for (int stage = 0; stage < app::kStages; ++stage) {
      w.window.stages().go(static_cast<Stage>(stage));
      QVERIFY(w.settle_all());
      for (const QLabel* label : w.window.findChildren<QLabel*>()) {
        if (label->isVisible()) QVERIFY2(!label->text().contains("ΔE"), qPrintable(label->text()));
      }
    }
    QVERIFY(w.find<QLabel>("board_fact")->text().contains("seen"));
  }

  void all_keys_stand_on_one_page() {
    trial::World w;
    QVERIFY(w.open_demo());
    QTest::keyClick(&w.window, Qt::Key_Question);
    auto* page = w.find<app::KeysPage>("keys_page");
    QVERIFY(page->isVisible());
    QString all;
    for (const QLabel* label : page->findChildren<QLabel*>()) all += label->text() + "\n";
    for (const QAction* menu : w.window.menuBar()->actions()) {
      for (const QAction* action : menu->menu()->actions()) {
        if (!action->shortcut().isEmpty()) QVERIFY2(all.contains(action->text()), qPrintable(action->text()));
      }
    }
    click(w, "keys_back");
    QVERIFY(!page->isVisible());
  }

  // What can be reached by Tab has a name for a reader of the screen, on every bench and page.
  void everything_that_takes_the_focus_is_named() {
    trial::World w;
    QVERIFY(w.open_demo());
    int seen = 0;
    QStringList unnamed;
    for (const QWidget* widget : w.window.findChildren<QWidget*>()) {
      const bool inner = widget->objectName().startsWith("qt_") || widget->parentWidget()->inherits("QSpinBox") ||
                         widget->inherits("QScrollArea") || widget->inherits("QMenu") || widget->inherits("QMenuBar");
      if (inner || !(widget->focusPolicy() & Qt::TabFocus)) continue;
      // The bar of questions has words once it asks.
      if (widget->parentWidget()->inherits("yd::app::NoticeBar")) continue;
      // A popup list of a box of choices belongs to it.
      if (widget->window() != &w.window || widget->parentWidget()->inherits("QComboBoxPrivateContainer")) continue;
      QAccessibleInterface* spoken = QAccessible::queryAccessibleInterface(const_cast<QWidget*>(widget));
      QVERIFY(spoken != nullptr);
      const QString name = spoken->text(QAccessible::Name);
      if (name.isEmpty()) unnamed << widget->objectName() + " " + widget->metaObject()->className();
      ++seen;
    }
    QVERIFY2(unnamed.isEmpty(), qPrintable(unnamed.join(", ")));
    QVERIFY(seen > 80);
  }

  // A stranger's first plan: open, mark what matters, say how long, go to the easel. By keyboard: eight keys and the
  // arrows that move the cross; by mouse: six clicks.
  void a_first_plan_by_keyboard_alone() {
    trial::World w;
    int keys = 0;
    const auto press = [&](QWidget* at, Qt::Key key, Qt::KeyboardModifiers with = {}) {
      QTest::keyClick(at, key, with);
      ++keys;
    };
    auto* demo = w.find<QAbstractButton>("empty_demo");
    demo->setFocus();
    press(demo, Qt::Key_Space);
    QVERIFY(w.settle());
    auto* mark = w.find<QAbstractButton>("mark_focus");
    mark->setFocus();
    press(mark, Qt::Key_Space);
    auto* subject = w.find<app::PictureView>("subject_view");
    QVERIFY(subject->hasFocus());
    for (int i = 0; i < 3; ++i) press(subject, Qt::Key_Right, Qt::ShiftModifier);
    press(subject, Qt::Key_Space);
    QVERIFY(w.settle());
    QCOMPARE(w.session.choices().read.focus.size(), std::size_t{1});
    auto* time = w.find<QComboBox>("wish_time");
    time->setFocus();
    press(time, Qt::Key_Down);
    press(time, Qt::Key_Down);
    QVERIFY(w.settle());
    QVERIFY(w.session.choices().plan.wish_minutes.has_value());
    press(&w.window, Qt::Key_E);
    QVERIFY(w.window.at_easel());
    qInfo("%d keys, with Tab from one to the next", keys);
    QVERIFY(keys <= 10);
  }

  void a_first_plan_by_mouse_alone() {
    trial::World w;
    int clicks = 0;
    const auto click_at = [&](QWidget* at, QPoint place) {
      QTest::mouseClick(at, Qt::LeftButton, {}, place);
      ++clicks;
    };
    auto* demo = w.find<QAbstractButton>("empty_demo");
    click_at(demo, demo->rect().center());
    QVERIFY(w.settle());
    auto* mark = w.find<QAbstractButton>("mark_focus");
    click_at(mark, mark->rect().center());
    auto* subject = w.find<app::PictureView>("subject_view");
    click_at(subject, w.on_subject({0.72, 0.5}));
    QVERIFY(w.settle());
    QCOMPARE(w.session.choices().read.focus.size(), std::size_t{1});
    choose(w, "wish_time", 2);
    clicks += 2;  // the box, and its row
    QVERIFY(w.settle());
    auto* course = w.find<QListView>("course");
    click_at(course->viewport(), course->visualRect(course->model()->index(app::kStages, 0)).center());
    QVERIFY(w.window.at_easel());
    qInfo("%d clicks", clicks);
    QVERIFY(clicks <= 6);
  }
};

QTEST_MAIN(TestBench)
#include "test_bench.moc"
