// Every model under Qt's own checker, and what the rows say.
#include <QAbstractItemModelTester>
#include <QTest>

#include "exports/core_columns.h"
#include "models/course_model.h"
#include "models/paper_model.h"
#include "models/pass_model.h"
#include "models/reading.h"
#include "models/recipe_view.h"
#include "models/stick_model.h"

using namespace yd;

namespace {

app::PlannedPtr plan_kettle(const app::Materials& m) {
  QFile f(QString(YD_SOURCE_DIR "/data/demo/kettle.png"));
  if (!f.open(QIODevice::ReadOnly)) return nullptr;
  Observer observer;
  const auto image = app::load_image(f.readAll(), "kettle.png", {}).value();
  const auto subject = app::read_image(image, {}, {}, observer).value();
  return app::plan_subject(subject, m.papers[0], *m.collection("generic"), m.model.parameters, {}, observer).value();
}

}  // namespace

class TestModels : public QObject {
  Q_OBJECT
 private slots:
  void initTestCase() {
    materials_ = std::make_unique<app::Materials>(app::load_materials().value());
    planned_ = plan_kettle(*materials_);
    QVERIFY(planned_);
  }

  void pass_rows() {
    app::PassModel model;
    const QAbstractItemModelTester tester(&model, QAbstractItemModelTester::FailureReportingMode::QtTest);
    model.set_plan(planned_);
    QCOMPARE(model.rowCount(), static_cast<int>(planned_->plan.passes.size()));
    QCOMPARE(model.index(0, 0).data().toString(), QString("1"));
    QVERIFY(!model.index(0, 0).data(Qt::UserRole).toString().isEmpty());
    model.set_plan(nullptr);
    QCOMPARE(model.rowCount(), 0);
  }

  void stick_rows_go_dark_to_light() {
    app::StickModel model;
    const QAbstractItemModelTester tester(&model, QAbstractItemModelTester::FailureReportingMode::QtTest);
    model.set_plan(planned_);
    double before = 0;
    int passes = 0;
    for (int i = 0; i < model.rowCount(); ++i) {
      const double value = model.index(i, app::StickModel::value).data().toDouble();
      QVERIFY(value >= before);
      before = value;
      passes += model.index(i, app::StickModel::passes).data().toInt();
    }
    QCOMPARE(passes, static_cast<int>(planned_->plan.passes.size()));
  }

  void paper_rows() {
    app::PaperModel model(*materials_);
    const QAbstractItemModelTester tester(&model, QAbstractItemModelTester::FailureReportingMode::QtTest);
    QCOMPARE(model.rowCount(), 14);
    QCOMPARE(model.row_of("card-olive"), 7);
    QCOMPARE(model.row_of("nothing"), -1);
  }

  void course_words() {
    app::Session session(app::load_materials().value());
    app::CourseModel model(session);
    const QAbstractItemModelTester tester(&model, QAbstractItemModelTester::FailureReportingMode::QtTest);
    QCOMPARE(model.index(0).data(Qt::UserRole).toString(), QString("to do"));
  }

  void the_core_sample_holds_every_layer() {
    const exports::CoreDrawing drawing = exports::draw_core(app::view_of(*planned_, materials_->model.parameters));
    QCOMPARE(drawing.columns.size(), planned_->subject->masses.size());
    std::size_t blocks = 0;
    std::size_t strokes = 0;
    for (const auto& c : drawing.columns) {
      for (const auto& s : c.stacks) {
        double load = 0;
        for (const auto& b : s.blocks) {
          QVERIFY(b.load > 0 && b.pass >= 1);
          load += b.load;
        }
        QVERIFY(load < 2 * drawing.capacity);
        blocks += s.blocks.size();
      }
    }
    for (const auto& t : planned_->plan.targets) strokes += t.recipe.strokes.size();
    QCOMPARE(blocks, strokes);
  }

  void the_peephole_reads_inside_and_not_outside() {
    const auto inside = app::read_at(planned_->subject, planned_, materials_->model.parameters, 10, 10);
    QVERIFY(inside.has_value());
    QCOMPARE(inside->colours.size(), 3U);
    QVERIFY(!app::read_at(planned_->subject, planned_, materials_->model.parameters, -1, 10).has_value());
    QVERIFY(!app::read_at(planned_->subject, planned_, materials_->model.parameters, 100000, 10).has_value());
    QVERIFY(!app::read_at(nullptr, nullptr, materials_->model.parameters, 1, 1).has_value());
    QCOMPARE(app::read_at(planned_->subject, nullptr, materials_->model.parameters, 10, 10)->colours.size(), 1U);
  }

  void the_colour_panel_has_its_words_and_shapes() {
    Observer observer;
    const auto reach = app::judge_plan(planned_, materials_->papers, materials_->model.parameters, {}, observer);
    QVERIFY(reach.ok());
    int told = 0;
    for (int t = 0; t < static_cast<int>(planned_->plan.targets.size()); ++t) {
      const auto& recipe = planned_->plan.targets[static_cast<std::size_t>(t)].recipe;
      const plan::Reach& r = (*reach.value())[static_cast<std::size_t>(t)];
      const auto view = app::view_recipe(*planned_, *materials_, t, 4, colour::Illuminant::a, &r);
      QCOMPARE(view.steps.size(), static_cast<int>(recipe.strokes.size()));
      QVERIFY(!view.speckle.isNull());
      QVERIFY(!view.strata[0].coats.empty());
      QCOMPARE(r.why == plan::Why::reached, recipe.de00 <= plan::kReached);
      told += view.notes.join(" ").contains("Out of reach") ? 1 : 0;
    }
    QVERIFY(told > 0);
  }

  void alternative_rows() {
    app::AlternativeModel model;
    const QAbstractItemModelTester tester(&model, QAbstractItemModelTester::FailureReportingMode::QtTest);
    QCOMPARE(model.rowCount(), 0);
    model.set_target(planned_, 3);
    QVERIFY(model.rowCount() >= 1);
    double before = -1;
    for (int i = 0; i < model.rowCount(); ++i) {
      const double d = model.index(i, app::AlternativeModel::difference).data().toDouble();
      QVERIFY(d >= before);
      before = d;
      QVERIFY(!model.strokes(i).empty());
    }
  }

 private:
  std::unique_ptr<app::Materials> materials_;
  app::PlannedPtr planned_;
};

QTEST_MAIN(TestModels)
#include "test_models.moc"
