// SPDX-License-Identifier: MIT
// Every model under Qt's own checker, and what the rows say.
#include <QAbstractItemModelTester>
#include <QProcess>
#include <QTest>
#include <nlohmann/json.hpp>
#include <set>

#include "marks/under.h"
#include "bytes_of.h"
#include "exports/core_columns.h"
#include "models/course_model.h"
#include "models/finding_model.h"
#include "looks/images.h"
#include "models/job_model.h"
#include "models/journal_view.h"
#include "models/layer_words.h"
#include "models/paper_model.h"
#include "models/practice_view.h"
#include "models/pass_model.h"
#include "models/reading.h"
#include "models/recipe_view.h"
#include "models/school_view.h"
#include "models/stick_model.h"
#include "patience.h"
#include "colour/ciede2000.h"
#include "session/order_edits.h"
#include "session/session.h"

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

  // One set of defaults: what the window begins with and what the command line plans is the same plan.
  void the_window_and_the_command_line_plan_alike() {
    if (!trial::kMayStartPrograms) QSKIP("not under the thread sanitizer");
    app::Session session(app::load_materials().value());
    session.open_picture(trial::bytes_of(YD_SOURCE_DIR "/data/demo/kettle.png"), "kettle.png");
    QVERIFY(QTest::qWaitFor([&] { return session.planned() && !session.busy(); }, 120000));
    QProcess run;
    run.start(YD_BINARY_DIR "/src/cli/dune-plan", {"plan", YD_SOURCE_DIR "/data/demo/kettle.png"});
    QVERIFY(run.waitForFinished(120000));
    const auto said = nlohmann::json::parse(run.readAllStandardOutput().toStdString());
    auto own = session.plan_copy();
    for (const char* part : {"paper", "sticks", "error", "passes", "masses"}) {
      QVERIFY(said.contains(part));
      QVERIFY2(said[part] == own[part], part);
    }
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

  // What runs out is what all works together take and the collection does not have.
  void stock_is_what_is_there_less_what_is_needed() {
    app::Materials materials;
    media::Collection box{"box", "Box", {}};
    box.sticks.push_back(media::stick_of({40, 10, 20}, "umber", optics::Medium::soft));
    box.sticks.push_back(media::stick_of({60, 0, -20}, "cobalt", optics::Medium::soft));
    box.sticks[0].id = std::string("u");
    box.sticks[0].left = 0.1;
    box.sticks[1].id = std::string("c");
    box.sticks[1].left = 0.9;
    materials.collections = {box};
    const std::vector<journal::Use> uses{{"u", "umber", optics::Medium::soft, {}, 13, 0.2},
                                         {"c", "cobalt", optics::Medium::soft, {}, 13, 0.2},
                                         {"x", "of another box", optics::Medium::hard, {}, 5, 0.1}};
    const auto rows = app::stock_rows(uses, materials);
    QVERIFY(rows[0].runs_out && !rows[1].runs_out && !rows[2].runs_out);
    QVERIFY(std::abs(rows[0].left_mm - 6.5) < 1e-9);
    QVERIFY(rows[2].left_mm < 0);
    const QStringList list = app::shopping_list(rows, {{"turquoise", 2}});
    QCOMPARE(list.size(), 2);
    QVERIFY(list[0].contains("umber") && list[1].contains("turquoise") && list[1].contains("2 works"));
  }

  // Past drills count by how sure they are, and what is not sure is not said.
  void a_known_bias_is_told_and_an_unknown_one_is_not() {
    const auto drill = [](const char* family, double bias, double sd) {
      return journal::Drill{0, 0, "value", 40, bias, sd, 0.4, 0.1, 0.5, family};
    };
    QVERIFY(app::known_bias({}).isEmpty());
    QVERIFY(app::known_bias({drill("reds", 0.3, 0.3)}).isEmpty());
    const QString told = app::known_bias({drill("reds", 0.6, 0.1), drill("reds", 0.5, 0.1), drill("blues", 0.1, 0.05)});
    QVERIFY2(told.contains("reds") && told.contains("too light"), qPrintable(told));
  }

  void course_words() {
    app::Session session(app::load_materials().value());
    app::Checker checker(session);
    app::CourseModel model(session, checker);
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
    // A column shows the shade that stands for the darks, the middles and the lights of its mass.
    for (std::size_t m = 0; m < planned_->subject->masses.size(); ++m) {
      for (const int t : plan::representatives(planned_->plan.targets, static_cast<int>(m)))
        strokes += planned_->plan.targets[static_cast<std::size_t>(t)].recipe.strokes.size();
    }
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
      QCOMPARE(view.strata[0].coats.empty(), recipe.strokes.empty());
      const plan::TargetPlan& target = planned_->plan.targets[static_cast<std::size_t>(t)];
      QCOMPARE(r.why == plan::Why::reached, colour::ciede2000(recipe.look.lab, target.seen) <= plan::kReached);
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

  void finding_rows_show_the_first_five() {
    app::FindingModel model;
    const QAbstractItemModelTester tester(&model, QAbstractItemModelTester::FailureReportingMode::QtTest);
    QCOMPARE(model.rowCount(), 0);
    auto many = std::make_shared<app::Planned>(*planned_);
    for (int i = 0; i < 9; ++i) {
      plan::Finding f;
      f.check = static_cast<plan::Check>(i);
      f.masses = {0};
      f.numbers = {1, 2, 3};
      many->findings.push_back(f);
    }
    const int all = static_cast<int>(many->findings.size());
    model.set_plan(many);
    QCOMPARE(model.rowCount(), 5);
    QCOMPARE(model.hidden(), all - 5);
    model.show_all(true);
    QCOMPARE(model.rowCount(), all);
    QCOMPARE(model.hidden(), 0);
    const QString text = model.index(all - 1, 0).data().toString();
    QVERIFY(text[0].isUpper());
    QVERIFY(!model.index(all - 1, 0).data(Qt::UserRole).toString().isEmpty());
    QVERIFY(model.finding(all) == nullptr);
    QVERIFY(app::finding_words(*model.finding(all - 1), model.named()).contains("Nothing in the plan mends this"));
  }

  void every_school_has_a_cut_of_its_own() {
    const auto views = app::school_views(*planned_);
    QCOMPARE(views.size(), plan::kSchools.size());
    int chosen = 0;
    for (const auto& v : views) {
      QVERIFY(!v.title.isEmpty() && !v.order.isEmpty() && !v.usual_for.isEmpty());
      QCOMPARE(v.cut.steps.size(), 3);
      QVERIFY(!v.cut.strata[0].coats.empty());
      chosen += v.chosen ? 1 : 0;
    }
    QCOMPARE(chosen, 1);
    QVERIFY(views[0].cut.speckle != views[1].cut.speckle);
  }

  // With sticks enough nobody plays two parts, but for the stick that reunites; over the coat no glaze is lighter.
  void an_example_is_built_as_its_school_builds() {
    QVERIFY(planned_->plan.tray.size() >= 4);
    for (const auto& v : app::school_views(*planned_)) {
      std::vector<const media::Stick*> laid;
      for (const QString& step : v.cut.steps) laid.push_back(named_in(step));
      QVERIFY(std::find(laid.begin(), laid.end(), nullptr) == laid.end());
      const std::set<const media::Stick*> different(laid.begin(), laid.end());
      QCOMPARE(different.size(), v.school == plan::School::flat_broken ? 2U : 3U);
      if (v.school == plan::School::light_coat) QVERIFY(laid[2]->lab.l <= laid[1]->lab.l);
      if (v.school == plan::School::dark_first)
        QVERIFY(laid[0]->lab.l <= laid[1]->lab.l && laid[1]->lab.l <= laid[2]->lab.l);
    }
  }

  void why_and_time_are_told() {
    const auto& p = planned_->plan;
    for (int i = 0; i < static_cast<int>(p.passes.size()); ++i) {
      const QString why = app::why_words(*planned_, materials_->model.parameters, i);
      QVERIFY(why.contains("tooth left"));
      QVERIFY(why.count('\n') < 18);
    }
    const QString time = app::time_words(*planned_);
    QVERIFY(time.contains("no order has fewer than " + QString::number(p.sequence.changes_bound)));
    QVERIFY(time.contains("Step back"));
  }

  void a_pass_lights_its_own_parts() {
    const auto& p = planned_->plan;
    const auto& pass = p.passes.front();
    const QImage mask = app::pass_mask(planned_->map, p, 0, 0);
    qint64 lit = 0;
    std::set<int> depths;
    for (int y = 0; y < mask.height(); ++y) {
      for (int x = 0; x < mask.width(); ++x) {
        const int depth = mask.constScanLine(y)[x];
        lit += depth > 0 ? 1 : 0;
        depths.insert(depth);
      }
    }
    // Firm is lit more than light.
    std::set<double> pressures;
    for (const int t : pass.targets) pressures.insert(plan::pressure_on(pass, t));
    QVERIFY(depths.size() >= pressures.size());
    // What lies under its marks, no more and no less.
    const plan::SheetGrid grid = plan::at_size(p.marks.grid, mask.width(), mask.height());
    std::set<std::size_t> wanted;
    for (const plan::LaidMark& m : p.marks.passes.front().marks) {
      if (!plan::rubs(m))
        plan::under(m, grid, [&](std::size_t i, const plan::MarkPoint& at) {
          if (plan::pressure_at(at, pass) > 0) wanted.insert(i);
        });
    }
    QCOMPARE(lit, static_cast<qint64>(wanted.size()));
    QVERIFY(lit > 0);
  }

  void the_whole_job_stands_in_the_list() {
    app::JobModel model;
    const QAbstractItemModelTester tester(&model);
    model.set_plan(planned_);
    const auto& passages = planned_->guide.passages;
    QCOMPARE(model.rowCount(), static_cast<int>(passages.size()));
    QCOMPARE(model.index(0, app::JobModel::name).data().toString(), QString("Set out the drawing"));
    const auto view = app::view_of(*planned_, materials_->model.parameters);
    for (int i = 0; i < model.rowCount(); ++i) {
      const plan::Passage& p = passages[static_cast<std::size_t>(i)];
      const QString about = app::passage_words(view, i);
      QVERIFY(about.startsWith(words::title(p, view.job())));
    }
  }

  void a_pass_is_not_moved_before_what_it_is_built_on() {
    const app::Choices choices;
    for (const plan::Edge& e : planned_->plan.edges) {
      if (e.rule != plan::Rule::built_up) continue;
      const auto moved = app::move_pass(*planned_, choices, e.after, e.before);
      QVERIFY(!moved.choices);
      QVERIFY(moved.says.contains("cannot go there"));
      break;
    }
    const auto stays = app::move_pass(*planned_, choices, 2, 2);
    QVERIFY(stays.choices && stays.says.isEmpty());
    QVERIFY(!app::move_pass(*planned_, choices, 100000, 2).choices);
  }

  void substitutes_are_like_and_not_in_the_tray() {
    const int old = planned_->plan.tray.front();
    const auto& sticks = planned_->collection->sticks;
    const auto found = app::substitutes(*planned_, old, 6);
    QCOMPARE(found.size(), std::size_t{6});
    for (const int s : found) {
      QVERIFY(!std::binary_search(planned_->plan.tray.begin(), planned_->plan.tray.end(), s));
      QVERIFY(
          plan::may_lie_over(sticks[static_cast<std::size_t>(s)].medium, sticks[static_cast<std::size_t>(old)].medium));
    }
    const app::Choices next = app::with_substitute(*planned_, {}, old, found[0]);
    QCOMPARE(next.plan.given_tray.size(), plan::in_hand(planned_->plan).size());
    QVERIFY(std::find(next.plan.given_tray.begin(), next.plan.given_tray.end(), old) == next.plan.given_tray.end());
  }

 private:
  /// The stick of the tray that the words name: the longest name, since one may be the beginning of another.
  const media::Stick* named_in(const QString& words) const {
    const media::Stick* best = nullptr;
    for (const int i : planned_->plan.tray) {
      const media::Stick& s = planned_->collection->sticks[static_cast<std::size_t>(i)];
      if (words.contains(QString::fromStdString(s.name)) && (best == nullptr || s.name.size() > best->name.size()))
        best = &s;
    }
    return best;
  }

  std::unique_ptr<app::Materials> materials_;
  app::PlannedPtr planned_;
};

QTEST_MAIN(TestModels)
#include "test_models.moc"
