// SPDX-License-Identifier: MIT
// A box of sticks from one photograph, in the real window: printed, read, named down the list, taken and planned with.
#include <QComboBox>
#include <QSpinBox>

#include "exports/printed_sheet.h"
#include "pictures/pictures.h"
#include "session/calibrator.h"
#include "photographed_sheet.h"
#include "ui_world.h"

using namespace yd;
using trial::click;
using trial::World;

namespace {

app::BoxReader& reader(World& w) { return w.window.sheets().box().reader(); }

/// Twelve sticks of the shipped collection, read.
bool with_box(World& w, int sticks = 12) {
  w.window.sheets().show_box();
  w.find<QSpinBox>("box_cells")->setValue(sticks);
  click(w, "box_simulate");
  return QTest::qWaitFor([&] { return !reader(w).busy() && reader(w).found() != nullptr; }, 60'000);
}

QAbstractItemModel& rows(World& w) { return *w.find<QTableView>("box_table")->model(); }
QString text(World& w, int row, int column) { return rows(w).index(row, column).data().toString(); }

}  // namespace

class TestBoxPage : public QObject {
  Q_OBJECT
 private slots:
  void it_begins_with_what_to_do() {
    World w;
    w.window.stages().go(app::Stage::tray);
    click(w, "collection_box");
    QVERIFY(w.find<QPushButton>("box_open")->isVisible());
    QVERIFY(!w.find<QPushButton>("box_take")->isEnabled());
    QCOMPARE(w.find<QComboBox>("box_paper")->currentData().toString(), QString(swatches::kPrintable));
    click(w, "box_back");
    QVERIFY(!w.find<QPushButton>("box_open")->isVisible());
  }

  void a_photograph_becomes_a_collection_to_plan_with() {
    World w;
    QVERIFY(with_box(w));
    QCOMPARE(rows(w).rowCount(), 12);
    const QModelIndex name = rows(w).index(2, app::BoxModel::name);
    QVERIFY(rows(w).setData(name, "Old ochre", Qt::EditRole));
    w.find<QLineEdit>("box_name")->setText("Grandmother's box");
    click(w, "box_take");
    const media::Collection* c = w.session.materials().collection(w.session.choices().collection);
    QVERIFY(c != nullptr);
    QCOMPARE(QString::fromStdString(c->name), QString("Grandmother's box"));
    QCOMPARE(c->sticks.size(), std::size_t{12});
    QCOMPARE(QString::fromStdString(c->sticks[2].name), QString("Old ochre"));
    // In one step, as any change of the choices.
    w.session.undo_stack().undo();
    w.session.undo_stack().undo();
    QVERIFY(w.session.materials().collection("own-Grandmother's box") == nullptr);
  }

  void names_are_typed_down_the_list() {
    World w;
    QVERIFY(with_box(w, 4));
    auto* table = w.find<QTableView>("box_table");
    table->setFocus();
    table->setCurrentIndex(rows(w).index(0, app::BoxModel::name));
    table->edit(table->currentIndex());
    for (const char* name : {"ash", "bone", "chalk"}) {
      auto* editor = table->findChild<QLineEdit*>();
      QVERIFY(editor != nullptr);
      editor->selectAll();
      QTest::keyClicks(editor, name);
      QTest::keyClick(editor, Qt::Key_Return);
      QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    }
    QCOMPARE(text(w, 0, app::BoxModel::name), QString("ash"));
    QCOMPARE(text(w, 2, app::BoxModel::name), QString("chalk"));
    QCOMPARE(table->currentIndex().row(), 3);
  }

  void what_the_photograph_cannot_say_is_typed_or_left_out() {
    World w;
    QVERIFY(with_box(w));
    const QModelIndex masstone = rows(w).index(1, app::BoxModel::masstone);
    QVERIFY(!rows(w).setData(masstone, "blue", Qt::EditRole));
    QVERIFY(!rows(w).setData(masstone, "120 0 0", Qt::EditRole));
    QVERIFY(rows(w).setData(masstone, "45,5; −12; 30", Qt::EditRole));
    QVERIFY(text(w, 1, app::BoxModel::doubt) == "as typed");
    w.find<QTableView>("box_table")->selectRow(0);
    click(w, "box_leave_out");
    QVERIFY(w.find<QLabel>("box_status")->text().contains("printed greys"));
    click(w, "box_take");
    const media::Collection* c = w.session.materials().collection(w.session.choices().collection);
    QCOMPARE(c->sticks.size(), std::size_t{11});
    QVERIFY(std::abs(c->sticks[0].lab.l - 45.5) < 0.5 && std::abs(c->sticks[0].lab.a + 12) < 0.5);
  }

  void kinds_are_said_for_chosen_rows() {
    World w;
    QVERIFY(with_box(w));
    auto* table = w.find<QTableView>("box_table");
    table->selectRow(3);
    auto* said = w.find<QComboBox>("box_said");
    said->setCurrentIndex(said->findData(static_cast<int>(optics::Medium::pencil)));
    emit said->activated(said->currentIndex());
    QVERIFY(QTest::qWaitFor([&] { return !reader(w).busy(); }, 60'000));
    QVERIFY(text(w, 3, app::BoxModel::kind).contains("pencil"));
    QVERIFY(!text(w, 4, app::BoxModel::kind).contains("pencil"));
  }

  void sticks_go_into_a_collection_that_is_there() {
    World w;
    QVERIFY(with_box(w, 5));
    auto* into = w.find<QComboBox>("box_into");
    const std::string id = w.session.materials().collections.front().id;
    const std::size_t before = w.session.materials().collections.front().sticks.size();
    into->setCurrentIndex(into->findData(QString::fromStdString(id)));
    click(w, "box_take");
    const media::Collection* c = w.session.materials().collection(QString::fromStdString(id));
    QCOMPARE(c->sticks.size(), before + 5);
    QVERIFY(media::check(*c, "c").ok());
  }

  // Sticks that are known already get their colours anew; names, ids and what is left of them stay.
  void known_sticks_are_coloured_anew() {
    World w;
    QVERIFY(with_box(w, 5));
    click(w, "box_take");
    const std::string id = w.session.choices().collection;
    const media::Collection before = *w.session.materials().collection(id);
    w.window.sheets().show_box();
    auto* whose = w.find<QComboBox>("box_whose");
    whose->setCurrentIndex(whose->findData(QString::fromStdString(id)));
    QCOMPARE(w.find<QSpinBox>("box_cells")->value(), 5);
    QVERIFY(!w.find<QSpinBox>("box_cells")->isEnabled());
    QVERIFY(!w.find<QComboBox>("box_into")->isVisible());
    QVERIFY(rows(w).setData(rows(w).index(3, app::BoxModel::masstone), "30; 5; -20", Qt::EditRole));
    w.find<QTableView>("box_table")->selectRow(1);
    click(w, "box_leave_out");
    click(w, "box_take");
    const media::Collection* after = w.session.materials().collection(id);
    QCOMPARE(after->sticks.size(), before.sticks.size());
    for (std::size_t i = 0; i < before.sticks.size(); ++i) {
      QCOMPARE(after->sticks[i].name, before.sticks[i].name);
      QCOMPARE(after->sticks[i].id, before.sticks[i].id);
    }
    QVERIFY(after->sticks[1].lab == before.sticks[1].lab);
    QVERIFY(std::abs(after->sticks[3].lab.l - 30) < 0.5 && std::abs(after->sticks[3].lab.b + 20) < 0.5);
    // The sheet that is printed for them says which is which.
    const QStringList names = exports::cell_sticks(before);
    QCOMPARE(names.size(), qsizetype{5});
    QVERIFY(names[3].startsWith("4 ") && names[3].size() > 2);
    // A sheet of four cells is not of these five sticks.
    QVERIFY(with_box(w, 4));
    whose->setCurrentIndex(whose->findData(QString::fromStdString(id)));
    QVERIFY(!w.find<QPushButton>("box_take")->isEnabled());
    QVERIFY(w.find<QLabel>("box_status")->text().contains("4 cells for 5 sticks"));
    whose->setCurrentIndex(0);
    QVERIFY(w.find<QPushButton>("box_take")->isEnabled());
  }

  void a_picture_that_is_none_is_told() {
    World w;
    w.window.sheets().show_box();
    QString said;
    QObject::connect(&w.session, &app::Session::failed, &w.session, [&](const QString& s) { said = s; });
    reader(w).open(QStringLiteral(YD_SOURCE_DIR "/data/demo/kettle.png"), swatches::kPrintable, {});
    QVERIFY(QTest::qWaitFor([&] { return !said.isEmpty(); }, 60'000));
    QVERIFY(said.contains("mark"));
    said.clear();
    reader(w).write_sheet("/nowhere/sheet.pdf", {210, 297, 40, printed::Purpose::sticks});
    QVERIFY(said.contains("sheet.pdf"));
  }

  // The offcut strokes of "Your hand", by a photograph of the printed sheet.
  void offcuts_are_read_from_a_photograph() {
    World w;
    QVERIFY(w.open_demo("kettle.png"));
    const app::PlannedPtr planned = w.session.planned();
    const auto strokes = calibrate::offcut_strokes(planned->plan.tray, app::Calibrator::kStrokes);
    const auto layout =
        printed::lay_out({210, 297, static_cast<int>(strokes.size()), printed::Purpose::strokes}).value();
    optics::Parameters artist = planned->parameters;
    artist.hand = {0.75, 0.75};
    standin::Filling filling;
    for (const calibrate::OffcutStroke& s : strokes) {
      const plan::Stroke laid{s.stick, s.pressure, s.technique, false, 0};
      filling.patches.push_back(
          {plan::evaluate(planned->paper->ground, artist, planned->collection->sticks, {laid}, {}).look.lab});
    }
    const auto photo = trial::photographed(layout, filling, trial::over_a_sheet(4), *planned->paper);
    QTemporaryDir folder;
    const QString file = folder.filePath("offcuts.png");
    QVERIFY(pictures::write_png(file, photo.image).ok());
    app::Calibrator calibrator(w.session);
    calibrator.set_artist("Ida");
    calibrator.read_table(file);
    QVERIFY(QTest::qWaitFor([&] { return !calibrator.busy(); }, 120'000));
    QVERIFY(calibrator.found() != nullptr);
    QVERIFY(std::abs(calibrator.found()->calibration.hand.firm - 0.75) < 0.15);
    // Whose hand it is goes with the plan; what was kept is read again.
    const QString kept = folder.filePath("hand.json");
    calibrator.keep(kept);
    calibrator.take();
    QVERIFY(w.settle_all());
    QCOMPARE(QString::fromStdString(w.session.planned()->plan.rests_on.artist), QString("Ida"));
    calibrator.read_table(kept);
    QVERIFY(QTest::qWaitFor([&] { return !calibrator.busy(); }, 60'000));
    QVERIFY(calibrator.found() != nullptr);
    QCOMPARE(calibrator.found()->calibration.artist, std::string("Ida"));
    calibrator.write_table(folder.filePath("sheet.pdf"));
    QFile sheet(folder.filePath("sheet.pdf"));
    QVERIFY(sheet.open(QIODevice::ReadOnly) && sheet.read(5) == "%PDF-");
  }
};

QTEST_MAIN(TestBoxPage)
#include "test_box.moc"
