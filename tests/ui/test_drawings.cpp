// SPDX-License-Identifier: MIT
// What is drawn on the bench is what the plan says: drawers, tray, ribbon, facts, values, thumbnails, chips.
#include <QImage>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>
#include <nlohmann/json.hpp>
#include <set>

#include "bytes_of.h"
#include "colour/lab.h"
#include "formats/project.h"
#include "formats/thumbnail.h"
#include "looks/icons.h"
#include "media/shipped.h"
#include "models/chips.h"
#include "models/drawers.h"
#include "models/passage_drawing.h"
#include "models/stage_facts.h"
#include "models/time_drawing.h"
#include "models/tray_drawing.h"
#include "session/boards.h"
#include "session/session.h"

using namespace yd;

namespace {

QString demo(const char* name) { return QString::fromStdString((media::data_directory() / "demo" / name).string()); }

}  // namespace

class TestDrawings : public QObject {
  Q_OBJECT
 private slots:
  void initTestCase() {
    materials_ = std::make_unique<app::Materials>(app::load_materials().value());
    media::Collection few = *materials_->collection("generic");
    for (std::size_t i = 0; i < few.sticks.size(); ++i) few.sticks[i].left = i % 7 == 0 ? 0.5 : 1;
    std::vector<media::Stick> kept;
    for (std::size_t i = 0; i < few.sticks.size(); i += 4) kept.push_back(few.sticks[i]);
    few.sticks = kept;
    Observer observer;
    const auto image = app::load_image(trial::bytes_of(demo("kettle.png")), "kettle.png", {}).value();
    const auto subject = app::read_image(image, {}, {}, observer).value();
    plan::PlanOptions options;
    options.most_sticks = 9;
    options.underpaint.picture = plan::CoatChoice{plan::CoatMedium::gouache, plan::CoatColours::local};
    planned_ =
        app::plan_subject(subject, materials_->papers[0], few, materials_->model.parameters, options, observer).value();
  }

  void every_stick_lies_in_one_drawer_from_dark_to_light() {
    for (const media::Collection& c : materials_->collections) {
      std::set<int> seen;
      for (const app::Drawer& d : app::drawers_of(c, {})) {
        QVERIFY(!d.name.isEmpty() && !d.sticks.empty());
        double last = -1;
        for (const app::DrawerStick& s : d.sticks) {
          QVERIFY(seen.insert(s.stick).second);
          const double l = c.sticks[static_cast<std::size_t>(s.stick)].lab.l;
          QVERIFY(l >= last);
          last = l;
          QVERIFY(s.found);
        }
      }
      QCOMPARE(seen.size(), c.sticks.size());
    }
  }

  // Common practice, no published source: a box is sorted by families, greys apart.
  void families_are_what_their_names_say() {
    media::Collection c{"x", "x", {}};
    const std::pair<colour::Lab, const char*> wanted[] = {
        {{50, 60, 40}, "Reds"},   {{70, 35, 65}, "Oranges"}, {{85, 0, 80}, "Yellows"},   {{50, -45, 35}, "Greens"},
        {{55, -35, -15}, "Blue"}, {{35, 10, -50}, "Blues"},  {{35, 35, -45}, "Violets"}, {{50, 60, -8}, "Pinks"},
        {{40, 14, 22}, "Browns"}, {{50, 1, 2}, "Greys"},     {{96, 0, 2}, "Greys"},      {{12, 1, 0}, "Greys"}};
    for (const auto& [lab, family] : wanted) {
      media::Stick s;
      s.id = s.name = "s";
      s.lab = lab;
      c.sticks = {s};
      const auto drawers = app::drawers_of(c, {});
      QCOMPARE(drawers.size(), std::size_t{1});
      QVERIFY2(drawers[0].name.startsWith(family), qPrintable(drawers[0].name + " for " + family));
    }
  }

  void a_search_finds_names_colours_and_pigments() {
    const media::Collection& c = *materials_->collection("generic");
    const auto found = [&](const QString& words) {
      int n = 0;
      for (const app::Drawer& d : app::drawers_of(c, words)) {
        for (const app::DrawerStick& s : d.sticks) n += s.found ? 1 : 0;
      }
      return n;
    };
    QCOMPARE(found({}), static_cast<int>(c.sticks.size()));
    QVERIFY(found("ochre") > 0 && found("ochre") < 40);
    QVERIFY(found("PB29") > 0);
    QVERIFY(found("tint ultramarine") <= found("ultramarine"));
    QCOMPARE(found("no such thing"), 0);
  }

  void the_tray_is_the_plans() {
    const auto lying = app::lying_sticks(*planned_, 0, 0);
    const auto in_tray = static_cast<qsizetype>(planned_->plan.tray.size());
    QCOMPARE(lying.size(), static_cast<qsizetype>(plan::in_hand(planned_->plan).size()));
    double last = -1;
    for (qsizetype i = 0; i < lying.size(); ++i) {
      if (i == in_tray) last = -1;  // what lies beside it, from dark to light again
      const media::Stick& s = planned_->collection->sticks[static_cast<std::size_t>(lying[i].stick)];
      QCOMPARE(lying[i].place, static_cast<int>(i) + 1);
      QVERIFY(s.lab.l >= last && !lying[i].lifted);
      last = s.lab.l;
      QCOMPARE(lying[i].words.contains("% left"), s.left < 1);
    }
    for (const plan::Pass& p : planned_->plan.passes) {
      for (const app::LyingStick& s : app::lying_sticks(*planned_, p.number, p.number))
        QCOMPARE(s.lifted, s.stick == p.stick);
    }
  }

  // Every pass of a passage has its row, with its number, its stick and where it goes.
  void a_passage_is_all_its_strokes() {
    int rows = 0;
    for (const plan::Passage& p : planned_->guide.passages) {
      const auto strokes = app::stroke_rows(*planned_, p);
      QCOMPARE(strokes.size(), static_cast<qsizetype>(std::max(0, p.last - p.first + 1)));
      for (qsizetype i = 0; i < strokes.size(); ++i) {
        const plan::Pass& pass = planned_->plan.passes[static_cast<std::size_t>(p.first + i)];
        QVERIFY(strokes[i].stick.startsWith(QString("%1. ").arg(pass.number)));
        QCOMPARE(strokes[i].chip.isNull(), pass.kind != plan::PassKind::stroke);
        QVERIFY(!strokes[i].where.isEmpty());
      }
      rows += static_cast<int>(strokes.size());
    }
    QCOMPARE(rows, static_cast<int>(planned_->plan.passes.size()));
  }

  // A sitting is as long as its stretches, one after the other; what is waited for is drawn too.
  void the_ribbon_holds_every_pass_and_every_wait() {
    const auto sittings = app::sitting_drawings(*planned_);
    QCOMPARE(sittings.size(), static_cast<qsizetype>(planned_->plan.sittings.size()));
    int passes = 0;
    double waited = 0;
    for (const app::SittingDrawing& s : sittings) {
      double until = 0;
      for (const auto& part : s.stretches) {
        QVERIFY(part.from_minute >= until - 1e-6);
        QVERIFY(part.minutes > 0);
        until = part.from_minute + part.minutes;
        passes += part.waiting ? 0 : 1;
        waited += part.waiting ? part.minutes : 0;
      }
      QVERIFY(until <= s.minutes + 1);
    }
    QCOMPARE(passes, static_cast<int>(planned_->plan.passes.size()));
    QVERIFY(waited > 0);  // gouache dries
  }

  void facts_are_the_plans_numbers() {
    const auto number = [](const QList<app::Fact>& facts, const QString& label) {
      for (const app::Fact& f : facts) {
        if (f.label == label) return f.number;
      }
      return QString();
    };
    const auto plan = app::plan_facts(*planned_);
    QCOMPARE(number(plan, "Sticks"), QString::number(planned_->plan.tray.size()));
    QCOMPARE(number(plan, "Passes"), QString::number(planned_->plan.passes.size()));
    QVERIFY(number(plan, "Across the room").contains(QString::number(planned_->figures.seen.mean, 'f', 1)));
    const auto reach = app::reach_facts(*planned_);
    QVERIFY(reach.size() >= 2 && reach.size() <= 4);
    for (const app::Fact& f : app::paper_facts(materials_->papers[0], nullptr, nullptr)) QVERIFY(f.bar < 0);
    plan::GroundVerdict verdict;
    verdict.marks.fill(0.25);
    int bars = 0;
    for (const app::Fact& f : app::paper_facts(materials_->papers[0], &verdict, nullptr)) bars += f.bar == 0.25 ? 1 : 0;
    QCOMPARE(bars, static_cast<int>(plan::kGroundMarks));
  }

  void values_and_warmth_share_the_picture() {
    const app::ReadSubject& s = *planned_->subject;
    const app::ValueDrawing v = app::value_drawing(s, true);
    double sum = 0;
    for (std::size_t i = 0; i < 9; ++i) {
      sum += v.share[i];
      if (i > 0) QVERIFY(v.greys[i].lightness() > v.greys[i - 1].lightness());
    }
    QVERIFY(std::abs(sum - 1) < 1e-6);
    QVERIFY(v.darkest < v.lightest);
    const app::Warmth w = app::warmth_of(s);
    QVERIFY(w.warm > 0.2 && w.warm + w.cool <= 1 + 1e-9);  // copper and wood
  }

  void what_is_left_out_is_not_on_the_board() {
    const auto at = [&](const std::vector<plan::PassMark>& marks, int passes) {
      return app::Boards().after(planned_, marks, passes, colour::Illuminant::d50);
    };
    const int all = static_cast<int>(planned_->plan.passes.size());
    QCOMPARE(at({}, all), planned_->finished);
    plan::PassMark skipped;
    skipped.pass = plan::signature(planned_->plan.passes[1]);
    skipped.state = plan::PassMark::State::skipped;
    QCOMPARE(at({skipped}, 2), at({}, 1));
    QVERIFY(at({skipped}, all) != at({}, all));
  }

  void thumbnails_fit_and_broken_files_have_none() {
    const QSize within(208, 140);
    QVERIFY(formats::thumbnail_of(YD_SOURCE_DIR "/fuzz/corpus/pictures/small.heic", within).ok());
    const QImage small = formats::thumbnail_of(demo("salt-works.png"), within).value();
    QVERIFY(!small.isNull() && small.width() <= within.width() && small.height() <= within.height());
    QVERIFY(small.width() == within.width() || small.height() == within.height());
    const QTemporaryDir dir;
    QFile broken(dir.filePath("broken.dune"));
    QVERIFY(broken.open(QIODevice::WriteOnly));
    broken.write("PK no zip");
    broken.close();
    QVERIFY(!formats::thumbnail_of(broken.fileName(), within).ok());
    QVERIFY(!formats::thumbnail_of("/nowhere.png", within).ok());
    // A project shows the picture it is about, one that was saved with its Board that.
    app::Session session(app::load_materials().value());
    session.open_picture(trial::bytes_of(demo("salt-works.png")), "salt-works.png");
    const QString file = dir.filePath("works.dune");
    QVERIFY(formats::save_project(file, session.project(), {}).ok());
    session.cancel();
    QCOMPARE(formats::thumbnail_of(file, within).value().size(), small.size());
    QImage board(900, 300, QImage::Format_RGB888);
    board.fill(QColor(10, 120, 200));
    formats::Project project = session.project();
    project.thumbnail = formats::thumbnail_bytes(board);
    QVERIFY(formats::save_project(file, project, {}).ok());
    const QSize shown = formats::thumbnail_of(file, {128, 128}).value().size();
    QVERIFY(shown.width() == 128 && std::abs(shown.height() - 43) <= 1);
    QCOMPARE(formats::thumbnail_of(file, {900, 900}).value().size(),
             QSize(formats::kThumbnailSide, formats::kThumbnailSide / 3));
    QCOMPARE(formats::thumbnail_of(file, within).value().pixelColor(5, 5), QColor(10, 120, 200));
    QVERIFY(formats::load_project(file).ok());
  }

  void chips_differ_by_stick_pressure_and_paper() {
    const media::Stick& a = planned_->collection->sticks[2];
    const media::Stick& b = planned_->collection->sticks[20];
    const auto& parameters = materials_->model.parameters;
    const auto image = [&](const media::Stick& s, const media::Paper& paper) {
      return app::stroke_chip(s, paper, parameters, app::kChip).toImage();
    };
    QCOMPARE(image(a, materials_->papers[0]).size(), app::kChip);
    QVERIFY(image(a, materials_->papers[0]) != image(b, materials_->papers[0]));
    QVERIFY(image(a, materials_->papers[0]) != image(a, materials_->papers[1]));
    QCOMPARE(image(a, materials_->papers[0]), image(a, materials_->papers[0]));
    const auto pass = [&](double pressure, bool rubbed) {
      return app::pass_chip(a, pressure, rubbed, materials_->papers[0], parameters, app::kChip).toImage();
    };
    QVERIFY(pass(0.3, false) != pass(1, false));
    QVERIFY(pass(0.6, false) != pass(0.6, true));
  }

  void icons_are_there_in_any_ink() {
    for (const char* name : {"pair", "subject", "board", "wipe", "true-size"}) {
      const QIcon dark = app::icon(name, Qt::black);
      QVERIFY2(!dark.isNull(), name);
      QVERIFY(dark.pixmap(24, 24).toImage() != app::icon(name, Qt::white).pixmap(24, 24).toImage());
    }
    QVERIFY(app::icon("no-such", Qt::black).isNull());
    QVERIFY(!app::program_icon().isNull());
  }

 private:
  std::unique_ptr<app::Materials> materials_;
  app::PlannedPtr planned_;
};

QTEST_MAIN(TestDrawings)
#include "test_drawings.moc"
