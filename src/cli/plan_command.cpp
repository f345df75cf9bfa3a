#include <algorithm>
#include <chrono>
#include <cstdio>

#include "board/board.h"
#include "commands.h"
#include "formats/archive.h"
#include "formats/plan_json.h"
#include "media/model.h"
#include "pictures/pictures.h"
#include "plan/judge.h"

namespace yd::cli {
namespace {

Result<media::Paper> find_paper(const std::string& id) {
  auto papers = media::load_papers();
  if (!papers) return papers.error();
  for (media::Paper& p : papers.value()) {
    if (p.id == id) return std::move(p);
  }
  return Error{Error::Code::not_found, "paper", "\"" + id + "\" is unknown; dune-plan papers lists them"};
}

Result<subject::Subject> read(const PlanArguments& a, Observer& observer) {
  const QString file = QString::fromStdString(a.picture);
  const auto bytes = pictures::read_bytes(file);
  if (!bytes) return bytes.error();
  const auto raw = pictures::decode(bytes.value(), file);
  if (!raw) return raw.error();
  auto image = subject::working_image(raw.value());
  if (!image) return image.error();
  return subject::read_subject(std::move(image).value(), {0.5, a.masses}, observer);
}

Status write_pictures(const PlanArguments& a, const subject::Subject& s, const plan::Plan& p, const media::Paper& paper,
                      const media::Collection& collection, const optics::Parameters& parameters) {
  if (!a.board_file.empty()) {
    const auto map = board::make_map(s, p, paper);
    const auto palette = board::palette_after(p, static_cast<int>(p.passes.size()), paper, collection, parameters);
    Status written = pictures::write_png(QString::fromStdString(a.board_file), board::render(map, palette));
    if (!written) return written;
  }
  if (!a.masses_file.empty()) return pictures::write_png(QString::fromStdString(a.masses_file), board::mass_picture(s));
  return success();
}

}  // namespace

Status run_plan(const PlanArguments& a) {
  const auto start = std::chrono::steady_clock::now();
  Observer observer;
  const auto school = plan::school_by_name(a.school);
  if (!school) return school.error();
  const auto model = media::load_model();
  if (!model) return model.error();
  const auto paper = find_paper(a.paper);
  if (!paper) return paper.error();
  const auto collection = media::find_collection(a.collection);
  if (!collection) return collection.error();
  const auto subject = read(a, observer);
  if (!subject) return subject.error();
  plan::PlanOptions options;
  options.most_sticks = a.sticks;
  options.most_strokes = a.strokes;
  options.school = school.value();
  const auto plan =
      plan::make_plan(subject.value(), paper.value(), collection.value(), model->parameters, options, observer);
  if (!plan) return plan.error();
  nlohmann::json json = formats::plan_to_json(plan.value(), subject.value(), paper.value(), collection.value());
  if (a.reach) {
    const auto papers = media::load_papers();
    if (!papers) return papers.error();
    const auto reach = plan::judge_reach(
        {&plan.value(), &paper.value(), papers.value(), &collection.value(), &model->parameters, options}, observer);
    if (!reach) return reach.error();
    formats::add_reach(json, plan.value(), reach.value());
    formats::add_lights(json, plan.value(), paper.value(), collection.value(), model->parameters);
  }
  json["seconds"] = std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
  Status pictures =
      write_pictures(a, subject.value(), plan.value(), paper.value(), collection.value(), model->parameters);
  if (!pictures) return pictures;
  if (!a.json_file.empty()) {
    return formats::write_atomically(QString::fromStdString(a.json_file),
                                     QByteArray::fromStdString(json.dump(1) + "\n"));
  }
  std::printf("%s\n", json.dump(1).c_str());
  return success();
}

}  // namespace yd::cli
