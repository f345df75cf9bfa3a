// SPDX-License-Identifier: MIT
// A medium is rows in the data: an oil stick, which nobody ships, is planned with, worn, timed, saved and read again.
// The shipped table is read once, so this test has a program's run to itself.
#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>
#include <nlohmann/json.hpp>

#include "advice/usage.h"
#include "bytes_of.h"
#include "formats/project.h"
#include "small_world.h"

using namespace yd;
using nlohmann::json;

namespace {

constexpr const char* kOil = "oil stick";

void write(const QString& file, const json& content) {
  QFile f(file);
  QVERIFY(f.open(QIODevice::WriteOnly));
  f.write(QByteArray::fromStdString(content.dump()));
}

json shipped(const char* name) {
  return json::parse(trial::bytes_of(QString(YD_SOURCE_DIR "/data/model/") + name).toStdString());
}

/// The media of data/model with one more: greasy, laid thick, over everything, never under.
void add_oil(const QDir& data) {
  json media = shipped("media.json");
  media["media"].push_back({{"name", kOil},
                            {"body", "stub"},
                            {"softness", 3},
                            {"covers_cm2_min", 50},
                            {"length_mm", 70},
                            {"section_mm2", 110},
                            {"lost", 1.1},
                            {"reason", "invented for this test"}});
  write(data.filePath("model/media.json"), media);
  json parts = shipped("parts.json");
  json own = json::array();
  for (json row : parts["parts"]) {
    if (row["of"] != "soft") continue;
    row["of"] = kOil;
    own.push_back(row);
  }
  parts["parts"].insert(parts["parts"].end(), own.begin(), own.end());
  write(data.filePath("model/parts.json"), parts);
  json model = shipped("parameters.json");
  json more = json::array();
  for (json row : model["parameters"]) {
    const std::string key = row["key"];
    if (!key.starts_with("soft.")) continue;
    row["key"] = kOil + key.substr(4);
    if (key == "soft.lay") row["default"] = 1.1;
    if (key == "soft.loose_light" || key == "soft.loose_firm") row["default"] = 0.05;
    more.push_back(row);
  }
  model["parameters"].insert(model["parameters"].end(), more.begin(), more.end());
  write(data.filePath("model/parameters.json"), model);
}

media::Collection oils(std::size_t every) {
  media::Collection out = trial::every(every);
  const auto oil = media::medium_by_name(kOil).value();
  for (std::size_t i = 0; i < out.sticks.size(); i += 2) {
    out.sticks[i].medium = oil;
    out.sticks[i].id = "oil-" + out.sticks[i].id;
  }
  return out;
}

plan::Plan planned(const media::Collection& c, plan::PlanOptions options) {
  options.most_sticks = 8;
  Observer observer;
  return plan::make_plan(trial::bands_and_patches(), trial::paper(), c, trial::parameters(), options, observer).value();
}

}  // namespace

class TestSixthMedium : public QObject {
  Q_OBJECT
 private slots:
  void initTestCase() {
    QVERIFY(folder_.isValid());
    const QDir data(folder_.path());
    QVERIFY(data.mkpath("model"));
    for (const char* part : {"papers", "collections"})
      QVERIFY(QFile::link(QString(YD_SOURCE_DIR "/data/") + part, data.filePath(part)));
    QVERIFY(QFile::link(YD_SOURCE_DIR "/data/model/prices.json", data.filePath("model/prices.json")));
    add_oil(data);
    qputenv("YAWNING_DUNE_DATA", folder_.path().toUtf8());
    QCOMPARE(media::all_media().size(), std::size_t{6});
  }

  void its_numbers_are_read_by_its_name() {
    const auto oil = media::medium_by_name(kOil).value();
    QCOMPARE(trial::parameters().of(oil).lay, 1.1);
    QCOMPARE(trial::parameters().of(media::Medium::soft).lay, 0.85);
    QVERIFY(plan::may_lie_over(oil, media::Medium::soft) && !plan::may_lie_over(media::Medium::soft, oil));
  }

  void plans_are_made_with_it() {
    const media::Collection c = oils(3);
    const plan::Plan p = planned(c, {});
    const auto oil = media::medium_by_name(kOil).value();
    int with_oil = 0;
    for (const plan::TargetPlan& t : p.targets) {
      const auto& strokes = t.recipe.strokes;
      for (std::size_t i = 0; i < strokes.size(); ++i) {
        const auto medium = c.sticks[static_cast<std::size_t>(strokes[i].stick)].medium;
        with_oil += medium == oil ? 1 : 0;
        if (i > 0) QVERIFY(plan::may_lie_over(medium, c.sticks[static_cast<std::size_t>(strokes[i - 1].stick)].medium));
      }
    }
    QVERIFY2(with_oil > 0, "no oil stick was used, so nothing was tried");
    QVERIFY(p.area_mean_de00 < 8);
    // It wears by its own body, and takes its own time.
    for (const plan::StickUse& u : plan::use_of(p, 1200, trial::paper(), c.sticks, trial::parameters())) {
      if (c.sticks[static_cast<std::size_t>(u.stick)].medium == oil)
        QVERIFY(u.length_mm > 0 && u.share * 70 > 0.99 * u.length_mm);
    }
  }

  // Four layers of it in either manner are four different chains: a key that counted five media mixed them up.
  void deep_stacks_of_it_are_told_apart() {
    media::Collection c = oils(4);
    for (media::Stick& s : c.sticks) s.medium = media::medium_by_name(kOil).value();
    plan::PlanOptions options;
    options.manner = plan::Manner::rubbed;
    const plan::Plan rubbed = planned(c, options);
    for (const plan::TargetPlan& t : rubbed.targets) {
      for (std::size_t i = 0; i + 1 < t.recipe.strokes.size(); ++i)
        QVERIFY(t.recipe.strokes[i].technique == plan::Technique::rubbed);
    }
  }

  void slower_hands_are_slower_with_it() {
    const auto oil = media::medium_by_name(kOil).value();
    media::Collection c = oils(3);
    plan::Pass pass;
    pass.stick = 0;
    QVERIFY(c.sticks[0].medium == oil);
    plan::Pace slow;
    slow.by_medium[oil] = 2;
    const double once = plan::minutes_for(pass, 500, c.sticks);
    const double twice = plan::minutes_for(pass, 500, c.sticks, slow);
    QVERIFY2(std::abs((twice - once) - 500.0 / 50) < 1e-9, qPrintable(QString::number(twice - once)));
  }

  void projects_keep_it_by_name() {
    const QTemporaryDir dir;
    formats::Project p;
    p.reference = QByteArray(10, 'x');
    p.paper = trial::paper();
    p.collection = oils(20);
    p.plan.pace.by_medium = {{media::medium_by_name(kOil).value(), 1.5}};
    const QString file = dir.filePath("oil.dune");
    QVERIFY(formats::save_project(file, p, {}).ok());
    const auto back = formats::load_project(file);
    QVERIFY2(back.ok(), back.ok() ? "" : describe(back.error()).c_str());
    QVERIFY(back->plan == p.plan);
    QCOMPARE(media::name(back->collection.sticks[0].medium), std::string_view(kOil));
  }

 private:
  QTemporaryDir folder_;
};

QTEST_APPLESS_MAIN(TestSixthMedium)
#include "test_sixth_medium.moc"
