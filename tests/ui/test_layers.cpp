// SPDX-License-Identifier: MIT
// Stage Layers in the real window: schools, order, advice, core sample; by mouse and by keyboard.
#include <QAbstractItemModelTester>
#include <QApplication>
#include <QComboBox>
#include <QLabel>
#include <QListView>
#include <QMimeData>
#include <QPushButton>
#include <QSlider>
#include <QTableView>

#include "models/finding_model.h"
#include "models/pass_model.h"
#include "panels/school_page.h"
#include "ui_world.h"

using namespace yd;
using app::Stage;

class TestLayers : public QObject {
  Q_OBJECT
 private slots:
  void a_school_is_chosen_by_keyboard_and_undone() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.stages().go(Stage::layers);
    auto* school = w.find<QComboBox>("school");
    QVERIFY(school->itemText(0).startsWith("As advised: "));
    QVERIFY(!w.find<QLabel>("school_reason")->text().isEmpty());
    school->setFocus();
    school->showPopup();
    school->setCurrentIndex(4);
    school->hidePopup();
    emit school->activated(4);
    QVERIFY(w.session.choices().plan.school == plan::School::tone_map);
    QVERIFY(w.settle());
    QVERIFY(w.session.planned()->plan.school == plan::School::tone_map);
    QVERIFY(!w.session.planned()->plan.coats.empty());
    w.session.undo_stack().undo();
    QVERIFY(w.settle());
    QVERIFY(w.session.planned()->plan.coats.empty());
  }

  void wishes_move_the_plan_and_are_undone() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.stages().go(Stage::layers);
    const auto before = w.session.planned()->plan.passes.size();
    auto* passes = w.find<QSpinBox>("wish_passes");
    QCOMPARE(passes->text(), QString("as needed"));
    passes->setValue(8);
    QVERIFY(w.settle());
    QCOMPARE(w.session.choices().plan.wish_passes, std::optional(8));
    const auto few = w.session.planned()->plan.passes.size();
    QVERIFY2(few <= 9 && few < before, qPrintable(QString::number(few)));
    trial::choose(w, "wish_time", 1);
    QCOMPARE(w.session.choices().plan.wish_minutes, std::optional(30.0));
    trial::choose(w, "wish_hand", 2);
    QCOMPARE(w.session.choices().plan.hand, 0.25);
    while (w.session.undo_stack().canUndo()) w.session.undo_stack().undo();
    QVERIFY(w.settle());
    QCOMPARE(passes->text(), QString("as needed"));
    QCOMPARE(w.find<QComboBox>("wish_hand")->currentIndex(), 1);
    QCOMPARE(w.session.planned()->plan.passes.size(), before);
  }

  void what_more_time_buys_is_shown_and_taken() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.stages().go(Stage::layers);
    w.open_card("card_time");
    auto* ask = w.find<QPushButton>("time_curve_ask");
    auto* knee = w.find<QPushButton>("time_curve_knee");
    QVERIFY(ask->isEnabled() && !knee->isEnabled());
    ask->click();
    QVERIFY(QTest::qWaitFor([&] { return w.advice.times() != nullptr && !w.advice.busy(); }, 300000));
    const auto& curve = *w.advice.times();
    QVERIFY(curve.size() > 1);
    QVERIFY(w.find<QLabel>("time_curve_words")->text().contains("half hour"));
    const double minutes = curve[job::knee_of(curve)].minutes;
    knee->click();
    QVERIFY(w.settle());
    QVERIFY(w.session.choices().plan.wish_minutes.has_value());
    QVERIFY(plan::minutes_of(w.session.planned()->plan) <= 1.1 * minutes + 1);
    QVERIFY(w.find<QPushButton>("time_curve_free")->isEnabled());
    w.session.undo_stack().undo();
    QVERIFY(!w.session.choices().plan.wish_minutes);
    QVERIFY(w.settle());
  }

  void one_mass_gets_its_own_way() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.stages().go(Stage::layers);
    auto* scope = w.find<QComboBox>("way_scope");
    scope->setCurrentIndex(3);
    emit scope->activated(3);
    auto* manner = w.find<QComboBox>("manner");
    QCOMPARE(manner->count(), 4);
    manner->setCurrentIndex(2);
    emit manner->activated(2);
    QCOMPARE(w.session.choices().plan.ways.size(), std::size_t{1});
    QCOMPARE(w.session.choices().plan.ways[0].mass, 2);
    QVERIFY(w.settle());
    for (const auto& t : w.session.planned()->plan.targets) {
      if (t.mass != 2) continue;
      for (const auto& s : t.recipe.strokes) QVERIFY(s.technique == plan::Technique::laid);
    }
  }

  void the_schools_are_explained_on_a_page() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.stages().go(Stage::layers);
    QTest::mouseClick(w.find<QPushButton>("school_page"), Qt::LeftButton);
    QVERIFY(w.find<app::SchoolPage>("school_cards")->isVisible());
    // What each would take comes as its plan is made; the chosen one's is known at once.
    const auto cost = [&](plan::School school) {
      return w.find<QLabel>(qPrintable(QString("school_cost_%1").arg(plan::name(school))))->text();
    };
    const plan::Plan& now = w.session.planned()->plan;
    QVERIFY2(cost(now.school).startsWith(QString("%1 passes").arg(now.passes.size())), qPrintable(cost(now.school)));
    QTRY_VERIFY_WITH_TIMEOUT(std::all_of(plan::kSchools.begin(), plan::kSchools.end(),
                                         [&](plan::School s) { return cost(s).contains(" min, "); }),
                             60000);
    auto* take = w.find<QPushButton>("take_school_flat-broken");
    QVERIFY(take != nullptr && take->isEnabled());
    QTest::mouseClick(take, Qt::LeftButton);
    QVERIFY(w.session.choices().plan.school == plan::School::flat_broken);
    QVERIFY(!w.find<app::SchoolPage>("school_cards")->isVisible());
    QVERIFY(w.settle());
  }

  void moving_a_pass_rechecks_at_once_and_says_what_it_breaks() {
    trial::World w;
    QVERIFY(w.open_demo());
    w.window.stages().go(Stage::layers);
    w.open_card("card_passes");
    auto* passes = w.find<QTableView>("passes");
    const auto before = w.session.planned();
    const auto& edges = before->plan.edges;
    // A pass with a soft rule right before it: move it up and the rule is broken; one built on another stays.
    int soft = -1;
    for (const plan::Edge& e : edges) {
      const bool physics = std::any_of(edges.begin(), edges.end(), [&](const plan::Edge& f) {
        return f.before == e.before && f.after == e.after && plan::is_physics(f.rule);
      });
      if (e.before + 1 == e.after && !physics) soft = e.after;
    }
    QVERIFY(soft > 0);
    passes->setFocus();
    passes->setCurrentIndex(passes->model()->index(soft, 0));
    QTest::keyClick(passes, Qt::Key_Up, Qt::AltModifier);
    QVERIFY(!w.session.choices().plan.order_by_hand.empty());
    QVERIFY(w.find<app::NoticeBar>("notice")->isVisible());
    QVERIFY(w.settle());
    QVERIFY(!w.session.planned()->plan.broken.empty());
    QCOMPARE(plan::signature(w.session.planned()->plan.passes[static_cast<std::size_t>(soft - 1)]),
             plan::signature(before->plan.passes[static_cast<std::size_t>(soft)]));
    // The recipes are untouched.
    QCOMPARE(w.session.planned()->plan.area_mean_de00, before->plan.area_mean_de00);
    QTest::mouseClick(w.find<QPushButton>("planner_order"), Qt::LeftButton);
    QVERIFY(w.settle());
    QVERIFY(w.session.planned()->plan.broken.empty());
    // What is built on another pass does not go before it, dragged or not.
    const auto& now = w.session.planned()->plan.edges;
    const auto built =
        std::find_if(now.begin(), now.end(), [](const plan::Edge& e) { return plan::is_physics(e.rule); });
    QVERIFY(built != now.end());
    std::unique_ptr<QMimeData> mime(passes->model()->mimeData({passes->model()->index(built->after, 0)}));
    QVERIFY(!passes->model()->dropMimeData(mime.get(), Qt::MoveAction, built->before, 0, {}));
    QVERIFY(w.settle());
    QVERIFY(w.session.choices().plan.order_by_hand.empty());
  }

  void a_pass_is_dragged() {
    trial::World w;
    QVERIFY(w.open_demo());
    w.window.stages().go(Stage::layers);
    auto* passes = w.find<QTableView>("passes");
    auto* model = qobject_cast<app::PassModel*>(passes->model());
    // One that nothing ties to the pass after it may go below it; one that is built on is sent back.
    const auto before = w.session.planned();
    const auto tied = [&](int i) {
      return std::any_of(before->plan.edges.begin(), before->plan.edges.end(),
                         [&](const plan::Edge& e) { return e.before == i && e.after == i + 1; });
    };
    int loose = 0;
    while (tied(loose)) ++loose;
    QVERIFY(loose + 1 < model->rowCount());
    const std::string dragged = plan::signature(before->plan.passes[static_cast<std::size_t>(loose)]);
    std::unique_ptr<QMimeData> mime(model->mimeData({model->index(loose, 0)}));
    QVERIFY(!model->dropMimeData(mime.get(), Qt::MoveAction, loose + 2, 0, {}));
    QVERIFY(w.settle());
    QVERIFY(!w.session.choices().plan.order_by_hand.empty());
    QCOMPARE(plan::signature(w.session.planned()->plan.passes[static_cast<std::size_t>(loose) + 1]), dragged);
  }

  void why_here_lists_the_reasons() {
    trial::World w;
    QVERIFY(w.open_demo());
    w.window.stages().go(Stage::layers);
    const auto& plan = w.session.planned()->plan;
    const auto with_edge = plan.edges.back();
    w.session.set_cursor(with_edge.after + 1);
    const QString text = w.find<QLabel>("reason")->text();
    QVERIFY2(text.contains("pass "), qPrintable(text));
    QVERIFY(text.contains("tooth left"));
  }

  void advice_is_mended_with_one_key_and_undone() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    w.window.stages().go(Stage::layers);
    w.open_card("card_advice");
    auto* list = w.find<QListView>("findings");
    auto* model = qobject_cast<app::FindingModel*>(list->model());
    const QAbstractItemModelTester tester(model);
    QVERIFY(model->rowCount() <= static_cast<int>(plan::kShownFirst));
    const auto before = w.session.choices();
    int row = 0;
    while (row < model->rowCount() && !model->finding(row)->after) ++row;
    if (row == model->rowCount()) {
      // A plan with a fault of its own, then.
      app::Choices c = before;
      c.plan.manner = plan::Manner::rubbed;
      w.session.change(c, "rubbed");
      QVERIFY(w.settle());
      for (row = 0; row < model->rowCount() && !model->finding(row)->after;) ++row;
    }
    QVERIFY(row < model->rowCount());
    const auto faulty = w.session.choices();
    list->setCurrentIndex(model->index(row, 0));
    QVERIFY(w.find<QLabel>("finding_about")->text().contains("M mends it"));
    w.window.activateWindow();
    list->setFocus();
    QTest::keyClick(list, Qt::Key_M);
    QVERIFY(!(w.session.choices() == faulty));
    QVERIFY(w.settle());
    w.session.undo_stack().undo();
    QVERIFY(w.session.choices() == faulty);
    QVERIFY(w.settle());
  }

  void sittings_follow_their_length() {
    trial::World w;
    QVERIFY(w.open_demo());
    w.window.stages().go(Stage::layers);
    w.open_card("card_time");
    const auto recipes = w.session.planned()->plan.area_mean_de00;
    auto* slider = w.find<QSlider>("sitting");
    slider->setValue(30);
    QVERIFY(w.settle());
    const auto many = w.session.planned()->plan.sittings.size();
    slider->setValue(240);
    QVERIFY(w.settle());
    QVERIFY(w.session.planned()->plan.sittings.size() < many);
    QCOMPARE(w.session.planned()->plan.area_mean_de00, recipes);
    QVERIFY(w.find<QLabel>("times")->text().contains("stick changes"));
  }

  void the_core_sample_is_scrubbed_and_reordered() {
    trial::World w;
    QVERIFY(w.open_demo());
    w.window.stages().go(Stage::layers);
    auto* core = w.find<app::CoreSample>("core_sample");
    auto* order = w.find<QComboBox>("core_order");
    QVERIFY(order->isVisible());
    const auto before = core->grab().toImage();
    order->setCurrentIndex(2);
    emit order->activated(2);
    QVERIFY(core->grab().toImage() != before);
    core->setFocus();
    QTest::keyClick(core, Qt::Key_Up);
    QVERIFY(core->accessibleDescription().contains("tooth left"));
    const app::Planned& planned = *w.session.planned();
    QVERIFY(std::any_of(planned.plan.tray.begin(), planned.plan.tray.end(), [&](int s) {
      const auto& stick = planned.collection->sticks[static_cast<std::size_t>(s)];
      return core->accessibleDescription().contains(QString::fromStdString(stick.name) + ": ");
    }));
    QTest::mousePress(core, Qt::LeftButton, {}, QPoint(core->fontMetrics().horizontalAdvance("Pass 88 of 88") + 10, 8));
    QCOMPARE(w.session.cursor(), 0);
    QMouseEvent move(QEvent::MouseMove, QPointF(core->width() / 2.0, 8),
                     core->mapToGlobal(QPointF(core->width() / 2.0, 8)), Qt::LeftButton, Qt::LeftButton, {});
    QCoreApplication::sendEvent(core, &move);
    QVERIFY(w.session.cursor() > 3);
    QTest::mouseRelease(core, Qt::LeftButton, {}, QPoint(core->width() / 2, 8));
  }

  void printing_goes_on_in_the_background() {
    trial::World w;
    QVERIFY(w.open_demo("kettle.png"));
    QSignalSpy written(&w.window.exports().exporter(), &app::Exporter::written);
    QSignalSpy failed(&w.window.exports().exporter(), &app::Exporter::failed);
    QVERIFY(w.window.exports().exporter().begin(w.dir.filePath("plan.pdf"), {exports::What::plan_pdf, "Kettle", {}}));
    QVERIFY(!w.window.exports().exporter().begin(w.dir.filePath("two.pdf"), {exports::What::plan_pdf, "Kettle", {}}));
    QVERIFY(written.wait(60000));
    QVERIFY(QFileInfo(w.dir.filePath("plan.pdf")).size() > 10000);
    QVERIFY(w.window.exports().exporter().begin("/proc/no/plan.csv", {exports::What::passes_csv, "x", {}}));
    QVERIFY(failed.wait(20000));
    QVERIFY(failed[0][0].toString().contains("plan.csv"));
  }
};

QTEST_MAIN(TestLayers)
#include "test_layers.moc"
