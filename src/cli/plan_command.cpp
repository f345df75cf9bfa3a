// SPDX-License-Identifier: MIT
#include <algorithm>
#include <QFileInfo>
#include <chrono>
#include <cstdio>

#include "exports/export_file.h"
#include "formats/marks_json.h"
#include "formats/plan_json.h"
#include "formats/things_file.h"
#include "formats/thumbnail.h"
#include "pictures/pictures.h"
#include "pictures/screen.h"
#include "job/other_papers.h"
#include "job/time_curve.h"
#include "advice/critique.h"
#include "advice/judge.h"
#include "work.h"
#include "words/findings.h"
#include "words/grounds.h"

namespace yd::cli {
namespace {

struct Wanted {
  const std::string& file;
  exports::What what;
};

Status write_files(const PlanArguments& a, const Work& w, const job::Finished& done, Observer& observer) {
  const exports::PlanView view{w.plan,   w.subject, w.paper,      w.collection, w.model.parameters,
                               done.map, w.sheet,   done.figures, done.guide};
  exports::ExportOptions options;
  options.title = QFileInfo(QString::fromStdString(a.file)).completeBaseName();
  options.outline.print = a.letter ? exports::Print::letter : exports::Print::a4;
  if (!a.board_file.empty()) {
    Status written = pictures::write_png(QString::fromStdString(a.board_file), done.board);
    if (!written) return written;
  }
  for (const Wanted& wanted : {Wanted{a.pdf_file, exports::What::plan_pdf},
                               {a.outline_file, exports::What::outlines},
                               {a.layers_file, exports::What::open_raster},
                               {a.passes_file, exports::What::passes_csv}}) {
    if (wanted.file.empty()) continue;
    options.what = wanted.what;
    Status written = exports::export_file(QString::fromStdString(wanted.file), view, options, observer);
    if (!written) return written;
  }
  if (!a.things_map_file.empty()) {
    Status written = pictures::write_png(QString::fromStdString(a.things_map_file), formats::things_map(w.subject));
    if (!written) return written;
  }
  if (!a.marks_file.empty()) {
    Status written = write_json(formats::marks_to_json(w.plan), a.marks_file);
    if (!written) return written;
  }
  if (!a.masses_file.empty())
    return pictures::write_png(QString::fromStdString(a.masses_file), board::mass_picture(w.subject));
  return success();
}

nlohmann::json findings_of(const Work& w) {
  nlohmann::json out = nlohmann::json::array();
  const words::Named named{w.subject.masses, w.collection.sticks};
  for (const plan::Finding& f :
       plan::critique({&w.plan, &w.subject, &w.paper, w.collection.sticks, &w.model.parameters, w.options})) {
    nlohmann::json masses = nlohmann::json::array();
    for (const int m : f.masses) masses.push_back(w.subject.masses[static_cast<std::size_t>(m)].id);
    out.push_back({{"check", plan::name(f.check)},
                   {"numbers", f.numbers},
                   {"weight", f.weight},
                   {"text", words::text(f, named).toStdString()},
                   {"evidence", words::evidence(f, named).toStdString()},
                   {"masses", masses},
                   {"remedy", words::remedy(f, named).toStdString()}});
  }
  return out;
}

nlohmann::json curve_to_json(const std::vector<job::TimePoint>& curve) {
  nlohmann::json points = nlohmann::json::array();
  for (const job::TimePoint& p : curve)
    points.push_back({{"minutes", formats::rounded(p.minutes, 10)},
                      {"marks", p.marks},
                      {"as_seen", formats::figure_to_json(p.seen)}});
  return {{"points", std::move(points)}, {"knee", job::knee_of(curve)}};
}

/// What the picture would come to on other papers; where one brings enough, a sentence with the key that takes it.
Result<nlohmann::json> other_papers(const Work& w, const job::Finished& done, int most, Observer& observer) {
  const auto ranked = plan::judge_grounds({&w.plan, &w.subject, w.papers, w.collection.sticks, &w.model.parameters,
                                           w.options.underpaint.picture, w.weights},
                                          observer);
  if (!ranked) return ranked.error();
  const auto tried = job::on_other_papers(w.subject, w.studio(), w.papers, ranked.value(), w.options, most, observer);
  if (!tried) return tried.error();
  nlohmann::json out = nlohmann::json::array();
  for (const job::OnPaper& p : tried.value())
    out.push_back({{"paper", w.papers[p.paper].id},
                   {"as_seen", formats::figure_to_json(p.seen)},
                   {"minutes", formats::rounded(p.minutes, 10)}});
  if (!tried->empty() && tried->front().seen.mean <= done.figures.seen.mean - job::kWorthAPaper) {
    const media::Paper& best = w.papers[tried->front().paper];
    const QString said = words::nearer_on(best, done.figures.seen.mean, tried->front().seen.mean);
    std::fprintf(stderr, "%s --paper %s\n", said.toUtf8().constData(), best.id.c_str());
  }
  return out;
}

/// As the window would save it.
Status save_project(const PlanArguments& a, Work w, const board::BoardImage& painted, const nlohmann::json& plan) {
  if (a.project_file.empty()) return success();
  formats::Project& p = w.project;
  p.reference_name = QFileInfo(p.reference_name).fileName();
  p.plan = w.options;
  p.paper = w.paper;
  p.collection = w.collection;
  p.thumbnail = formats::thumbnail_bytes(pictures::to_image(painted));
  if (p.work_id.isEmpty()) p.work_id = formats::work_id_of(p);
  return formats::save_project(QString::fromStdString(a.project_file), p, plan);
}

}  // namespace

Status run_plan(const PlanArguments& a) {
  const auto start = std::chrono::steady_clock::now();
  Observer observer;
  auto work = load_work(a, true, observer);
  if (!work) return work.error();
  Work& w = work.value();
  const job::Finished done = job::finished(w.plan, w.subject, w.studio(), w.options);
  nlohmann::json json = formats::plan_to_json(w.plan, done.guide, w.subject, w.paper, w.collection, done.figures);
  if (a.reach) {
    const auto reach =
        plan::judge_reach({&w.plan, &w.paper, w.papers, &w.collection, &w.model.parameters, w.options}, observer);
    if (!reach) return reach.error();
    formats::add_reach(json, w.plan, reach.value());
    formats::add_lights(json, w.plan, w.paper, w.collection, w.model.parameters);
  }
  if (a.curve_time) {
    const auto curve = job::time_curve(w.plan, w.subject, w.studio(), w.options, observer);
    if (!curve) return curve.error();
    json["curve_time"] = curve_to_json(curve.value());
  }
  if (a.try_papers > 0) {
    auto papers = other_papers(w, done, a.try_papers, observer);
    if (!papers) return papers.error();
    json["other_papers"] = std::move(papers).value();
  }
  if (a.advice) json["advice"] = findings_of(w);
  Status files = write_files(a, w, done, observer);
  if (!files) return files;
  if (Status saved = save_project(a, w, done.board, json); !saved) return saved;
  // Told, not kept: a project is the same whenever it is made.
  json["seconds"] = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
  return write_json(json, a.json_file);
}

}  // namespace yd::cli
