// SPDX-License-Identifier: MIT
#include <QFileInfo>
#include <algorithm>
#include <cstdio>

#include "formats/collection_file.h"
#include "formats/decisions_json.h"
#include "formats/marks_json.h"
#include "formats/plan_json.h"
#include "pictures/pictures.h"
#include "words/narrow.h"
#include "work.h"

namespace yd::cli {
namespace {

/// What is finer than the finest mark of what is at hand, on the sheet in use.
plan::TooNarrow narrow_in(const Work& w) {
  std::vector<int> all;
  for (std::size_t s = 0; s < w.collection.sticks.size(); ++s)
    if (media::at_hand(w.collection.sticks[s])) all.push_back(static_cast<int>(s));
  return plan::too_narrow(w.subject, std::max(w.sheet.width_cm, w.sheet.height_cm),
                          plan::finest_mm(w.collection.sticks, w.plan.tray.empty() ? all : w.plan.tray, true));
}

}  // namespace

Status run_subject(const WorkArguments& a) {
  Observer observer;
  const auto work = load_work(a, false, observer);
  if (!work) return work.error();
  nlohmann::json json = formats::subject_to_json(work->subject);
  json["too_narrow"] = formats::too_narrow_to_json(narrow_in(work.value()), work->subject);
  return write_json(json, a.json_file);
}

Status run_ground(const WorkArguments& a) {
  Observer observer;
  const auto work = load_work(a, true, observer);
  if (!work) return work.error();
  const Work& w = work.value();
  const auto ranked = plan::judge_grounds({&w.plan, &w.subject, w.papers, w.collection.sticks, &w.model.parameters,
                                           w.options.underpaint.picture, w.weights},
                                          observer);
  if (!ranked) return ranked.error();
  // The papers are the list that is written; how large they have to be is said beside it.
  std::fprintf(stderr, "%s\n", words::too_narrow(narrow_in(w)).toUtf8().constData());
  return write_json(formats::grounds_to_json(ranked.value(), w.papers, w.plan, w.subject, w.options.underpaint.picture),
                    a.json_file);
}

Status run_tray(const TrayArguments& a) {
  Observer observer;
  const auto work = load_work(a, true, observer);
  if (!work) return work.error();
  const plan::TrayWork& tray = *work->plan.work;
  std::vector<plan::CurvePoint> curve;
  if (a.curve) {
    auto points = plan::tray_curve(tray.problem(), 3, 24, observer);
    if (!points) return points.error();
    curve = std::move(points).value();
  }
  if (!a.prove) return write_json(formats::tray_to_json(work->plan, work->collection, curve, nullptr), a.json_file);
  plan::ProofOptions options;
  options.solver_seconds = a.seconds;
  const auto proof = plan::prove_tray(tray, options, observer);
  if (!proof) return proof.error();
  return write_json(formats::tray_to_json(work->plan, work->collection, curve, &proof.value()), a.json_file);
}

Status run_underpaint(const WorkArguments& a) {
  Observer observer;
  const auto work = load_work(a, true, observer);
  if (!work) return work.error();
  const Work& w = work.value();
  plan::CoatInput input;
  input.plan = &w.plan;
  input.subject = &w.subject;
  input.paper = &w.paper;
  input.sticks = w.collection.sticks;
  input.parameters = &w.model.parameters;
  input.rules = {w.plan.school, w.options.manner};
  const auto advice = plan::judge_coats(input, observer);
  if (!advice) return advice.error();
  return write_json(formats::coats_to_json(advice.value()), a.json_file);
}

Status run_import(const ImportArguments& a) {
  const auto medium = media::medium_by_name(a.medium);
  if (!medium) return medium.error();
  const QString file = QString::fromStdString(a.file);
  const auto bytes = pictures::read_bytes(file);
  if (!bytes) return bytes.error();
  const auto in = formats::read_sticks(bytes.value(), a.file, medium.value());
  if (!in) return in.error();
  media::Collection c;
  c.id = "own-" + QFileInfo(file).completeBaseName().toStdString();
  c.name = in->name;
  c.sticks = in->sticks;
  Status usable = media::check(c, a.file);
  if (!usable) return usable;
  // A collection file with one field more: what could not be read of the palette.
  nlohmann::json out = media::to_json(c);
  out["bad_rows"] = nlohmann::json::array();
  for (const formats::BadRow& b : in->bad) out["bad_rows"].push_back({{"line", b.line}, {"what", b.what}});
  return write_json(out, a.json_file);
}

}  // namespace yd::cli
