#include "work.h"

#include <cstdio>
#include <nlohmann/json.hpp>

#include "formats/archive.h"
#include "pictures/pictures.h"

namespace yd::cli {
namespace {

Result<media::Paper> find_paper(const std::vector<media::Paper>& papers, const std::string& id) {
  for (const media::Paper& p : papers) {
    if (p.id == id) return p;
  }
  return Error{Error::Code::not_found, "paper", "\"" + id + "\" is unknown; dune-plan papers lists them"};
}

Result<subject::Subject> read(const WorkArguments& a, Observer& observer) {
  const QString file = QString::fromStdString(a.picture);
  const auto bytes = pictures::read_bytes(file);
  if (!bytes) return bytes.error();
  const auto raw = pictures::decode(bytes.value(), file);
  if (!raw) return raw.error();
  auto image = subject::working_image(raw.value());
  if (!image) return image.error();
  subject::ReadOptions options;
  options.masses = a.masses;
  return subject::read_subject(std::move(image).value(), options, observer);
}

Result<plan::PlanOptions> options_of(const WorkArguments& a) {
  plan::PlanOptions options;
  options.most_sticks = a.sticks;
  options.most_strokes = a.strokes;
  if (a.school != "advised") {
    const auto school = plan::school_by_name(a.school);
    if (!school) return school.error();
    options.school = school.value();
  }
  const auto manner = plan::manner_by_name(a.manner);
  if (!manner) return manner.error();
  options.manner = manner.value();
  const auto course = plan::course_by_name(a.course);
  if (!course) return course.error();
  options.course = course.value();
  const auto fit = plan::fit_by_name(a.fit);
  if (!fit) return fit.error();
  options.fit = fit.value();
  if (a.coat.empty()) return options;
  const auto medium = plan::coat_medium_by_name(a.coat);
  if (!medium) return medium.error();
  const auto colours = plan::coat_colours_by_name(a.coat_colours);
  if (!colours) return colours.error();
  options.underpaint.picture = plan::CoatChoice{medium.value(), colours.value()};
  return options;
}

}  // namespace

Result<Work> load_work(const WorkArguments& a, bool planned, Observer& observer) {
  Work w;
  auto options = options_of(a);
  if (!options) return options.error();
  w.options = std::move(options).value();
  auto model = media::load_model();
  if (!model) return model.error();
  w.model = std::move(model).value();
  auto papers = media::load_papers();
  if (!papers) return papers.error();
  w.papers = std::move(papers).value();
  auto paper = find_paper(w.papers, a.paper);
  if (!paper) return paper.error();
  w.paper = std::move(paper).value();
  auto collection = media::find_collection(a.collection);
  if (!collection) return collection.error();
  w.collection = std::move(collection).value();
  auto subject = read(a, observer);
  if (!subject) return subject.error();
  w.subject = std::move(subject).value();
  if (!planned) return w;
  auto plan = plan::make_plan(w.subject, w.paper, w.collection, w.model.parameters, w.options, observer);
  if (!plan) return plan.error();
  w.plan = std::move(plan).value();
  return w;
}

Status write_json(const nlohmann::json& json, const std::string& file) {
  const std::string text = json.dump(1) + "\n";
  if (!file.empty()) return formats::write_atomically(QString::fromStdString(file), QByteArray::fromStdString(text));
  std::fputs(text.c_str(), stdout);
  return success();
}

}  // namespace yd::cli
