// SPDX-License-Identifier: MIT
// The first decision in the real window: masses, light, crop and measures, by mouse and by keyboard.
#include <QCheckBox>
#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSlider>

#include "ui_world.h"

using namespace yd;
using app::Stage;

class TestSubjectStage : public QObject {
  Q_OBJECT
 private slots:
  void masses_are_merged_named_and_undone() {
    trial::World w;
    QVERIFY(w.open_demo());
    w.open_card("section_masses");
    const auto before = w.session.subject()->masses.size();
    auto* list = w.find<QListWidget>("mass_list");
    list->setFocus();
    QTest::keyClick(list, Qt::Key_Down);
    QCOMPARE(list->currentRow(), 1);
    auto* name = w.find<QLineEdit>("mass_name");
    name->selectAll();
    QTest::keyClicks(name, "evening sky");
    QTest::keyClick(name, Qt::Key_Return);
    QVERIFY(w.settle());
    QCOMPARE(w.session.subject()->masses[1].name, std::string("evening sky"));
    choose(w, "mass_merge", 1);
    QVERIFY(w.settle());
    QCOMPARE(w.session.subject()->masses.size(), before - 1);
    choose(w, "mass_plane", 2);
    QVERIFY(w.settle());
    w.session.undo_stack().undo();
    w.session.undo_stack().undo();
    QVERIFY(w.settle());
    QCOMPARE(w.session.subject()->masses.size(), before);
    QCOMPARE(w.session.subject()->masses[1].name, std::string("evening sky"));
    w.session.undo_stack().undo();
    QVERIFY(w.settle());
    QVERIFY(w.session.subject()->masses[1].name != "evening sky");
  }

  // Common practice, no published source: a larger sheet says what a small one cannot.
  void the_sheet_is_made_as_large_as_the_picture_takes() {
    trial::World w;
    QVERIFY(w.open_demo());
    w.open_card("section_sheet");
    const auto* words = w.find<QLabel>("narrow_words");
    auto* enough = w.find<QPushButton>("sheet_enough");
    auto* shown = w.find<QCheckBox>("narrow_shown");
    QVERIFY(QTest::qWaitFor([&] { return enough->isEnabled(); }, 20000));
    const QString small = words->text();
    QVERIFY(small.contains("0.9 mm"));
    auto* view = w.find<app::PictureView>("subject_view");
    const QImage bare = view->grab().toImage();
    shown->setFocus();
    QTest::keyClick(shown, Qt::Key_Space);
    QVERIFY(view->grab().toImage() != bare);
    enough->click();
    QVERIFY(w.session.choices().composition.width_cm > 40);
    QCOMPARE(w.find<QSlider>("sheet_side")->value(), qRound(w.session.choices().composition.width_cm));
    QVERIFY(w.settle());
    QVERIFY(QTest::qWaitFor([&] { return words->text() != small; }, 20000));
    w.session.undo_stack().undo();
    QCOMPARE(w.session.choices().composition.width_cm, 40.0);
    QVERIFY(w.settle());
    QVERIFY(QTest::qWaitFor([&] { return words->text() == small; }, 20000));
  }

  void a_mass_is_split_by_mouse_and_by_keyboard() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.open_card("section_masses");
    const auto before = w.session.subject()->masses.size();
    const auto largest = std::max_element(w.session.subject()->masses.begin(), w.session.subject()->masses.end(),
                                          [](const auto& p, const auto& q) { return p.area < q.area; });
    w.find<QListWidget>("mass_list")->setCurrentRow(largest->id);
    const double x = largest->centre_x;
    click(w, "mass_split_line");
    w.draw({x, 0.02}, {x, 0.98});
    QVERIFY(w.settle());
    QCOMPARE(w.session.subject()->masses.size(), before + 1);
    w.session.undo_stack().undo();
    QVERIFY(w.settle());
    // The same with the cross and Space.
    click(w, "mass_split_line");
    auto* view = w.find<app::PictureView>("subject_view");
    QTest::keyClick(view, Qt::Key_Space);
    for (int i = 0; i < 6; ++i) QTest::keyClick(view, Qt::Key_Down, Qt::ShiftModifier);
    QTest::keyClick(view, Qt::Key_Space);
    QVERIFY(w.settle());
    QVERIFY(w.session.choices().read.edits.size() == 1);
    QCOMPARE(w.session.choices().read.edits[0].path.size(), std::size_t{2});
  }

  void a_thing_is_drawn_named_weighed_and_undone() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.open_card("section_things");
    const auto of_thing = [&] {
      const auto& masses = w.session.subject()->masses;
      return std::count_if(masses.begin(), masses.end(), [](const auto& m) { return m.thing == 0; });
    };
    click(w, "thing_draw");
    w.draw({{0.45, 0.4},
            {0.52, 0.3},
            {0.55, 0.15},
            {0.66, 0.12},
            {0.78, 0.18},
            {0.8, 0.38},
            {0.87, 0.45},
            {0.9, 0.33},
            {0.95, 0.33},
            {0.95, 0.42},
            {0.86, 0.6},
            {0.82, 0.74},
            {0.65, 0.8},
            {0.52, 0.72},
            {0.44, 0.6}});
    QVERIFY(w.settle());
    QCOMPARE(w.session.choices().read.things.size(), std::size_t{1});
    QVERIFY(of_thing() > 0);
    const auto usual = of_thing();
    auto* name = w.find<QLineEdit>("thing_name");
    QTest::keyClicks(name, "kettle");
    QTest::keyClick(name, Qt::Key_Return);
    choose(w, "thing_weight", 3);
    choose(w, "thing_kind", 13);
    QVERIFY(w.settle());
    QVERIFY(of_thing() >= usual);
    for (const auto& m : w.session.subject()->masses) {
      if (m.thing == 0) QVERIFY2(m.name.starts_with("kettle") && m.surface == subject::Surface::metal, m.name.c_str());
    }
    const double before = w.session.subject()->things.area[0];
    click(w, "thing_not");
    w.draw({{0.62, 0.7}, {0.7, 0.7}, {0.78, 0.68}});
    QVERIFY(w.settle());
    QVERIFY(w.session.subject()->things.area[0] < before);
    w.session.undo_stack().undo();
    QVERIFY(w.settle());
    QCOMPARE(w.session.subject()->things.area[0], before);
    for (int i = 0; i < 4; ++i) w.session.undo_stack().undo();
    QVERIFY(w.settle());
    QVERIFY(w.session.choices().read.things.empty() && of_thing() == 0);
  }

  void a_line_that_is_no_outline_is_said() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.open_card("section_things");
    click(w, "thing_draw");
    w.draw({{0.2, 0.2}, {0.8, 0.8}, {0.8, 0.2}, {0.2, 0.8}});
    QVERIFY(w.session.choices().read.things.empty());
  }

  // By keyboard alone: the mass is found in its list.
  void a_mass_becomes_a_thing() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    const auto& masses = w.session.subject()->masses;
    const auto darkest = std::min_element(masses.begin(), masses.end(),
                                          [](const auto& p, const auto& q) { return p.mean.l < q.mean.l; });
    const double area = darkest->area;
    w.find<QListWidget>("mass_list")->setCurrentRow(darkest->id);
    w.open_card("section_things");
    auto* from = w.find<QPushButton>("thing_from_mass");
    from->setFocus();
    QTest::keyClick(from, Qt::Key_Space);
    QVERIFY(w.settle());
    QCOMPARE(w.session.choices().read.things.size(), std::size_t{1});
    QVERIFY(std::abs(w.session.subject()->things.area[0] - area) < 0.4 * area);
  }

  void a_border_is_painted() {
    trial::World w;
    QVERIFY(w.open_demo());
    w.open_card("section_masses");
    w.find<QListWidget>("mass_list")->setCurrentRow(0);
    const double before = w.session.subject()->masses[0].area;
    click(w, "mass_paint");
    const auto& m = w.session.subject()->masses[0];
    w.draw({m.centre_x, m.centre_y}, {m.centre_x, m.centre_y + 0.3});
    QVERIFY(w.settle());
    QVERIFY(w.session.subject()->masses[0].area > before);
    QCOMPARE(w.window.tools().tool(), app::Tool::paint);
    QTest::keyClick(&w.window, Qt::Key_Escape);
    QCOMPARE(w.window.tools().tool(), app::Tool::none);
  }

  void light_crop_and_horizon() {
    trial::World w;
    QVERIFY(w.open_demo());
    w.open_card("section_light");
    const double before = w.session.subject()->masses[0].mean.l;
    auto* stops = w.find<QSlider>("stops");
    stops->setFocus();
    for (int i = 0; i < 5; ++i) QTest::keyClick(stops, Qt::Key_Left);
    QVERIFY(w.settle());
    QVERIFY(w.session.choices().composition.adjust.stops < 0);
    QVERIFY(w.session.subject()->masses[0].mean.l < before);
    click(w, "pick_grey");
    QTest::mouseClick(w.find<QWidget>("subject_view"), Qt::LeftButton, {}, w.on_subject({0.5, 0.1}));
    QVERIFY(w.settle());
    QVERIFY(w.session.choices().composition.adjust.neutral.has_value());
    click(w, "pick_none");
    QVERIFY(w.settle());
    QVERIFY(w.session.choices().composition.adjust == subject::Adjust{});
    choose(w, "format", 9);  // square
    QVERIFY(w.settle());
    QCOMPARE(w.session.subject()->image.width, w.session.subject()->image.height);
    click(w, "thirds");
    QVERIFY(w.session.choices().composition.thirds);
    auto* horizon = w.find<QCheckBox>("thirds");
    QVERIFY(horizon->isChecked());
    app::Choices c = w.session.choices();
    c.composition.horizon = 0.5;
    w.session.change(c, "test");
    QVERIFY(w.find<QLabel>("horizon_note")->text().contains("middle"));
    c.composition.horizon = 0.33;
    w.session.change(c, "test");
    QVERIFY(w.find<QLabel>("horizon_note")->text().isEmpty());
  }

  void lengths_are_measured_and_compared() {
    trial::World w;
    QVERIFY(w.open_demo());
    w.open_card("section_measure");
    click(w, "tool_measure");
    w.draw({0.25, 0.5}, {0.75, 0.5});
    QVERIFY2(w.find<QLabel>("measured")->text().contains("level"), qPrintable(w.find<QLabel>("measured")->text()));
    QVERIFY(w.find<QLabel>("measured")->text().contains("20."));  // half of 40 cm
    click(w, "tool_compare");
    w.draw({0.1, 0.5}, {0.2, 0.5});
    w.draw({0.1, 0.6}, {0.5, 0.6});
    const QString words = w.find<QLabel>("measured")->text();
    QVERIFY2(words.contains("4 times the first"), qPrintable(words));
    QTest::keyClick(&w.window, Qt::Key_Escape);
    QTest::mouseClick(w.find<QWidget>("subject_view"), Qt::LeftButton, {}, w.on_subject({0.5, 0.8}));
    QVERIFY(w.find<QLabel>("patch_words")->text().contains("value"));
  }

  // Places to set out by are kept with the work, said to be plumb, shown at the easel too, and undone.
  void places_are_marked_and_aligned() {
    trial::World w;
    QVERIFY(w.open_demo());
    w.open_card("section_measure");
    click(w, "tool_place");
    for (const QPointF at : {QPointF(0.3, 0.2), QPointF(0.3, 0.7), QPointF(0.8, 0.4)})
      QTest::mouseClick(w.find<QWidget>("subject_view"), Qt::LeftButton, {}, w.on_subject(at));
    QCOMPARE(w.session.choices().composition.places.size(), std::size_t{3});
    const app::Overlay aids = app::drawing_aids(w.session.choices().composition, 4.0 / 3);
    QVERIFY(std::any_of(aids.words.begin(), aids.words.end(), [](const auto& word) { return word.text == "plumb"; }));
    w.session.undo_stack().undo();
    QCOMPARE(w.session.choices().composition.places.size(), std::size_t{2});
    click(w, "forget_places");
    QVERIFY(w.session.choices().composition.places.empty());
    click(w, "centre_line");
    QVERIFY(w.session.choices().composition.centre_line);
    w.session.undo_stack().setClean();
  }

  // Mirrored, the pointer reads the place that is seen there.
  void a_mirrored_picture_reads_what_is_seen() {
    trial::World w;
    QVERIFY(w.open_demo());
    auto* view = w.find<app::PictureView>("subject_view");
    const QPoint at = w.on_subject({0.25, 0.3});
    QTest::mouseClick(view, Qt::LeftButton, {}, at);
    auto& link = w.window.findChild<app::Pair*>()->link();
    const QPoint plain = link.pointer;
    QTest::keyClick(&w.window, Qt::Key_X);
    QTest::mouseClick(view, Qt::LeftButton, {}, at);
    const int width = w.session.subject()->image.width;
    QVERIFY2(std::abs(link.pointer.x() - (width - 1 - plain.x())) <= 2 && std::abs(link.pointer.y() - plain.y()) <= 1,
             qPrintable(QString("%1 %2").arg(link.pointer.x()).arg(plain.x())));
    QVERIFY((view->place_of(link.pointer) - QPointF(at)).manhattanLength() < 4);
    QTest::keyClick(&w.window, Qt::Key_X);
    QTest::mouseClick(view, Qt::LeftButton, {}, at);
    QCOMPARE(link.pointer, plain);
  }

  // On its side the top is at the right, all of it is still seen, and arrows go where they point.
  void a_picture_on_its_side_reads_what_is_seen() {
    trial::World w;
    QVERIFY(w.open_demo());
    auto* view = w.find<app::PictureView>("subject_view");
    auto& link = w.window.findChild<app::Pair*>()->link();
    QTest::keyClick(&w.window, Qt::Key_Z);
    const subject::LabImage& image = w.session.subject()->image;
    const QPointF first = view->place_of({0, 0});
    const QPointF last = view->place_of({image.width - 1, image.height - 1});
    QVERIFY(first.x() > last.x() && first.y() < last.y());
    const QRectF seen = QRectF(view->rect()).adjusted(-1, -1, 1, 1);
    QVERIFY(seen.contains(first) && seen.contains(last));
    QVERIFY(last.y() - first.y() > first.x() - last.x());  // a wide picture stands tall
    QTest::mouseClick(view, Qt::LeftButton, {}, view->place_of({300, 200}).toPoint());
    QVERIFY((link.pointer - QPoint(300, 200)).manhattanLength() <= 6);
    const QPoint before = link.pointer;
    view->setFocus();
    QTest::keyClick(view, Qt::Key_Down);
    QVERIFY(view->place_of(link.pointer).y() > view->place_of(before).y());
    QTest::keyClick(view, Qt::Key_Left);
    QVERIFY(view->place_of(link.pointer).x() < view->place_of(before).x());
    QTest::keyClick(&w.window, Qt::Key_X);
    QVERIFY(view->place_of({0, 0}).y() > view->place_of({image.width - 1, 0}).y());  // what was left is below
    QTest::keyClick(&w.window, Qt::Key_X);
    QTest::keyClick(&w.window, Qt::Key_Z);
    QVERIFY(view->place_of({0, 0}).x() < view->place_of({image.width - 1, 0}).x());
  }

  // What matters is ringed by mouse or at the cross: masses become finer there, they are focal, and undo forgets it.
  void what_matters_is_marked() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    const auto inside = [&] {
      const auto s = w.session.subject();
      return subject::masses_within(s->labels, s->masses.size(), {0.6, 0.5}, 0.2).size();
    };
    const std::size_t before = inside();
    click(w, "mark_focus");
    w.draw({0.6, 0.5}, {0.75, 0.5});
    QVERIFY(w.settle());
    QCOMPARE(w.session.choices().read.focus.size(), std::size_t{1});
    const subject::FocusRing ring = w.session.choices().read.focus.front();
    QVERIFY(std::abs(ring.x - 0.6) < 0.02 && std::abs(ring.radius - 0.15) < 0.02);
    QVERIFY(inside() >= before);
    const auto& masses = w.session.subject()->masses;
    QVERIFY(std::any_of(masses.begin(), masses.end(), [](const subject::Mass& m) { return m.focal; }));
    const QString file = w.dir.filePath("ring.dune");
    QVERIFY(w.window.files().save_path(file));
    const auto kept = formats::load_project(file);
    QVERIFY(kept.ok() && kept->read.focus.size() == 1);
    QVERIFY(w.find<QPushButton>("forget_focus")->isEnabled());
    click(w, "forget_focus");
    QVERIFY(w.session.choices().read.focus.empty());
    w.session.undo_stack().undo();
    w.session.undo_stack().undo();
    QVERIFY(w.settle());
    QVERIFY(w.session.choices().read.focus.empty());
    QCOMPARE(inside(), before);
    // A click is a ring too.
    click(w, "mark_focus");
    w.draw({0.3, 0.4}, {0.3, 0.4});
    QCOMPARE(w.session.choices().read.focus.front().radius, 0.06);
  }
};

QTEST_MAIN(TestSubjectStage)
#include "test_subject.moc"
