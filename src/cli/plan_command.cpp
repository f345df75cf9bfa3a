#include <algorithm>
#include <chrono>

#include "board/board.h"
#include "formats/plan_json.h"
#include "pictures/pictures.h"
#include "plan/judge.h"
#include "work.h"

namespace yd::cli {
namespace {

Status write_pictures(const PlanArguments& a, const Work& w) {
  if (!a.board_file.empty()) {
    const auto map = board::make_map(w.subject, w.plan, w.paper);
    const auto palette =
        board::palette_after(w.plan, static_cast<int>(w.plan.passes.size()), w.paper, w.collection, w.model.parameters);
    Status written = pictures::write_png(QString::fromStdString(a.board_file), board::render(map, palette));
    if (!written) return written;
  }
  if (!a.masses_file.empty())
    return pictures::write_png(QString::fromStdString(a.masses_file), board::mass_picture(w.subject));
  return success();
}

}  // namespace

Status run_plan(const PlanArguments& a) {
  const auto start = std::chrono::steady_clock::now();
  Observer observer;
  const auto work = load_work(a, true, observer);
  if (!work) return work.error();
  const Work& w = work.value();
  nlohmann::json json = formats::plan_to_json(w.plan, w.subject, w.paper, w.collection);
  if (a.reach) {
    const auto reach =
        plan::judge_reach({&w.plan, &w.paper, w.papers, &w.collection, &w.model.parameters, w.options}, observer);
    if (!reach) return reach.error();
    formats::add_reach(json, w.plan, reach.value());
    formats::add_lights(json, w.plan, w.paper, w.collection, w.model.parameters);
  }
  json["seconds"] = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
  Status pictures = write_pictures(a, w);
  if (!pictures) return pictures;
  return write_json(json, a.json_file);
}

}  // namespace yd::cli
