// SPDX-License-Identifier: MIT
#include "work.h"

#include <algorithm>
#include <array>
#include <nlohmann/json.hpp>

#include "files/write.h"
#include "formats/offcut_file.h"
#include "formats/palette_file.h"
#include "formats/plan_json.h"
#include "formats/project.h"
#include "formats/things_file.h"
#include "job/settle.h"
#include "media/fields.h"
#include "media/shipped.h"
#include "pictures/pictures.h"

namespace yd::cli {
namespace {

Result<media::Paper> find_paper(const std::vector<media::Paper>& papers, const std::string& id) {
  for (const media::Paper& p : papers) {
    if (p.id == id) return p;
  }
  return Error{Error::Code::not_found, "paper", "\"" + id + "\" is unknown; dune-plan papers lists them"};
}

/// The project of the file; a picture alone is one with everything as the window begins.
Result<formats::Project> project_of(const WorkArguments& a) {
  const QString file = QString::fromStdString(a.file);
  if (file.endsWith(".dune", Qt::CaseInsensitive)) return formats::load_project(file);
  auto bytes = pictures::read_bytes(file);
  if (!bytes) return bytes.error();
  formats::Project p;
  p.reference = std::move(bytes).value();
  p.reference_name = file;
  return p;
}

/// What a name that was given stands for; where none was all stays as it is.
template <class ByName, class Value>
Status take(const std::optional<std::string>& given, ByName by_name, Value& into) {
  if (!given) return success();
  const auto found = by_name(*given);
  if (!found) return found.error();
  into = found.value();
  return success();
}

Status take_school(const WorkArguments& a, plan::PlanOptions& options) {
  Status taken = success();
  if (a.school == "advised") {
    options.school.reset();
  } else {
    taken = take(a.school, plan::school_by_name, options.school);
  }
  if (taken) taken = take(a.manner, plan::manner_by_name, options.manner);
  return taken ? take(a.course, plan::course_by_name, options.course) : taken;
}

Status take_underpainting(const WorkArguments& a, plan::PlanOptions& options) {
  std::optional<plan::CoatChoice>& coat = options.underpaint.picture;
  // Said right or not at all, also where no coat is asked for that they would be the colours of.
  plan::CoatColours colours{};
  Status taken = take(a.coat_colours, plan::coat_colours_by_name, colours);
  if (!taken) return taken;
  if (a.coat == "none") {
    options.underpaint = {};
  } else if (a.coat) {
    if (!coat) coat = plan::CoatChoice{};
    taken = take(a.coat, plan::coat_medium_by_name, coat->medium);
  }
  if (taken && coat && a.coat_colours) coat->colours = colours;
  return taken;
}

/// "NAME:0.5" taken apart; without a number the amount stays.
Result<std::string> with_amount(const std::string& text, const char* option, double& amount) {
  const auto colon = text.rfind(':');
  if (colon == std::string::npos) return text;
  char rest = 0;
  if (std::sscanf(text.c_str() + colon + 1, "%lf%c", &amount, &rest) != 1 || !(amount >= 0 && amount <= 1))
    return bad_value(option, "\"" + text + "\" must end in an amount from 0 to 1");
  return text.substr(0, colon);
}

Status take_colours(const WorkArguments& a, subject::OwnColours& colours) {
  if (!a.mood.empty()) {
    const auto name = with_amount(a.mood, "--mood", colours.amount);
    if (!name) return name.error();
    const auto mood = subject::mood_by_name(name.value());
    if (!mood) return mood.error();
    colours.mood = mood.value();
  }
  if (a.palette.empty()) return success();
  const auto file = with_amount(a.palette, "--palette", colours.palette_amount);
  if (!file) return file.error();
  auto palette = formats::palette_of_file(QString::fromStdString(file.value()));
  if (!palette) return palette.error();
  colours.palette = std::move(palette).value();
  colours.palette_name = file.value();
  return success();
}

Result<std::array<double, 3>> circle_of(const std::string& text) {
  std::array<double, 3> out{};
  char rest = 0;
  const bool three = std::sscanf(text.c_str(), "%lf,%lf,%lf%c", &out[0], &out[1], &out[2], &rest) == 3;
  if (!three || !std::all_of(out.begin(), out.end(), [](double v) { return v >= 0 && v <= 1; }))
    return bad_value("--focus", "\"" + text + "\" must be X,Y,R, three numbers from 0 to 1");
  return out;
}

Status take_focus(const WorkArguments& a, subject::ReadOptions& options) {
  if (a.focus.empty()) return success();
  const auto circle = circle_of(a.focus);
  if (!circle) return circle.error();
  options.focus.push_back({circle.value()[0], circle.value()[1], circle.value()[2]});
  return success();
}

/// Things that are given stand for those of the project.
Status take_things(const WorkArguments& a, subject::ReadOptions& options) {
  if (a.things.empty() && a.things_file.empty()) return success();
  options.things.clear();
  if (!a.things_file.empty()) {
    auto file = formats::load_things(QString::fromStdString(a.things_file));
    if (!file) return file.error();
    options.things = std::move(file).value();
  }
  for (const std::string& text : a.things) {
    auto thing = formats::thing_of_text(text);
    if (!thing) return thing.error();
    options.things.push_back(std::move(thing).value());
  }
  return success();
}

/// What was given goes before what the project says; what names paper and sticks may stand for others than its own.
Status take_options(const WorkArguments& a, const Work& w, job::Choices& c) {
  plan::PlanOptions& options = c.plan;
  if (a.sticks) options.most_sticks = *a.sticks;
  if (a.strokes) options.most_strokes = *a.strokes;
  if (a.passes) options.wish_passes = a.passes;
  if (a.time_minutes) options.wish_minutes = a.time_minutes;
  if (a.hand) options.hand = *a.hand;
  if (a.pencils) options.most_pencils = *a.pencils;
  if (a.left_handed) options.left_handed = true;
  if (a.masses) c.read.masses = *a.masses;
  if (a.width_cm) c.composition.width_cm = *a.width_cm;
  if (a.height_cm) c.composition.height_cm = *a.height_cm;
  c.paper = w.paper.id;
  c.collection = w.collection.id;
  if (a.fit) {
    const auto fit = plan::fit_by_name(*a.fit);
    if (!fit) return fit.error();
    options.fit = fit.value();
  }
  if (Status taken = take_school(a, options); !taken) return taken;
  if (Status taken = take_colours(a, c.read.colours); !taken) return taken;
  if (Status taken = take_focus(a, c.read); !taken) return taken;
  if (Status taken = take_things(a, c.read); !taken) return taken;
  return take_underpainting(a, options);
}

Status take_materials(const WorkArguments& a, const formats::Project& p, Work& w) {
  auto model = media::load_model();
  if (!model) return model.error();
  w.model = std::move(model).value();
  auto papers = media::load_papers();
  if (!papers) return papers.error();
  w.papers = std::move(papers).value();
  w.paper = p.paper;
  if (a.paper || p.paper.id.empty()) {
    auto paper = find_paper(w.papers, a.paper.value_or(media::kUsualPaper));
    if (!paper) return paper.error();
    // The project's own copy of the paper it is on stays.
    if (paper->id != p.paper.id) w.paper = std::move(paper).value();
  }
  w.collection = p.collection;
  if (a.collection || p.collection.id.empty()) {
    auto collection = media::find_collection(a.collection.value_or(media::kUsualCollection));
    if (!collection) return collection.error();
    w.collection = std::move(collection).value();
  }
  return success();
}

Status take_calibration(const WorkArguments& a, Work& w) {
  if (a.calibration_file.empty()) return success();
  const auto text = media::read_file(a.calibration_file);
  if (!text) return text.error();
  const auto json = media::parse_json(text.value(), a.calibration_file);
  if (!json) return json.error();
  const auto found = formats::calibration_from_json(json.value(), a.calibration_file, w.collection);
  if (!found) return found.error();
  w.collection = calibrate::calibrated(std::move(w.collection), found.value());
  w.model.parameters = calibrate::calibrated(w.model.parameters, found.value());
  w.options.presses = found->hand;
  w.options.rests_on = calibrate::rests_on(found.value());
  return success();
}

Result<subject::Subject> in_scheme(subject::Subject subject, const std::string& wanted, subject::ReadOptions& options) {
  const auto bands =
      subject::gradient_neighbours(subject.softened, subject.labels, static_cast<int>(subject.masses.size()));
  std::string known;
  for (const subject::Scheme& s : subject::schemes()) {
    known.append(known.empty() ? "" : ", ").append(s.name);
    if (wanted != s.name) continue;
    for (const subject::MassEdit& e : subject::families_for(subject.masses, bands, s)) options.edits.push_back(e);
    options.colours.returning = s.returning;
    return subject::with_edits(subject, options.edits, options.colours);
  }
  return bad_value("--scheme", "\"" + wanted + "\" is none of: " + known);
}

/// What `a` says of the reading is then said in the choices too.
Result<subject::Subject> read(const formats::Project& p, job::Choices& c, const WorkArguments& a, Observer& observer) {
  const auto raw = pictures::decode(p.reference, p.reference_name);
  if (!raw) return raw.error();
  const auto image = subject::working_image(raw.value(), subject::kWorkingSide, c.composition.crop);
  if (!image) return image.error();
  auto subject = subject::read_subject(subject::adjust(image.value(), c.composition.adjust), c.read, observer);
  if (!subject || a.scheme.empty()) return subject;
  return in_scheme(std::move(subject).value(), a.scheme, c.read);
}

double aspect_of(const subject::Subject& s) { return static_cast<double>(s.image.width) / s.image.height; }

/// The plan of the project as it stands, which its marks of the easel speak of; none where nothing is marked.
Result<std::optional<plan::Plan>> marked_plan(const formats::Project& p, const optics::Parameters& parameters,
                                              Observer& observer) {
  job::Choices now = formats::choices_of(p);
  if (now.marks.empty()) return std::optional<plan::Plan>();
  const auto subject = read(p, now, {}, observer);
  if (!subject) return subject.error();
  const plan::PlanOptions options = job::options_for(now, aspect_of(subject.value()));
  auto plan = plan::make_plan(subject.value(), p.paper, p.collection, plan::parameters_for(options, parameters),
                              options, observer);
  if (!plan) return plan.error();
  return std::optional(std::move(plan).value());
}

/// The project with what was given, and all that hangs on it put right as the window does.
Status take_choices(const WorkArguments& a, formats::Project& p, Work& w, Observer& observer) {
  job::Choices now = formats::choices_of(p);
  const bool begun = !p.paper.id.empty();  // a project; a picture has no choices that anything hangs on
  job::Choices wished = now;
  if (Status taken = take_options(a, w, wished); !taken) return taken;
  if (begun && wished != now) {
    const auto marked = marked_plan(p, w.model.parameters, observer);
    if (!marked) return marked.error();
    wished = job::settled(wished, now, marked.value() ? &*marked.value() : nullptr);
  }
  auto subject = read(p, wished, a, observer);
  if (!subject) return subject.error();
  w.subject = std::move(subject).value();
  w.options = job::options_for(wished, aspect_of(w.subject));
  w.sheet = wished.composition.sheet(aspect_of(w.subject));
  formats::take_choices(p, wished);
  p.paper = w.paper;
  p.collection = w.collection;
  return success();
}

}  // namespace

Result<subject::RawPicture> read_picture(const std::string& file) {
  const QString name = QString::fromStdString(file);
  const auto bytes = pictures::read_bytes(name);
  if (!bytes) return bytes.error();
  return pictures::decode(bytes.value(), name);
}

Result<PlanMaterials> load_materials(const std::string& paper, const std::string& collection) {
  PlanMaterials out;
  auto model = media::load_model();
  if (!model) return model.error();
  out.model = std::move(model).value();
  const auto papers = media::load_papers();
  if (!papers) return papers.error();
  auto found = find_paper(papers.value(), paper.empty() ? media::kUsualPaper : paper);
  if (!found) return found.error();
  out.paper = std::move(found).value();
  auto sticks = media::find_collection(collection.empty() ? media::kUsualCollection : collection);
  if (!sticks) return sticks.error();
  out.collection = std::move(sticks).value();
  return out;
}

Result<Work> load_work(const WorkArguments& a, bool planned, Observer& observer) {
  auto project = project_of(a);
  if (!project) return project.error();
  formats::Project& p = project.value();
  Work w;
  if (const Status found = take_materials(a, p, w); !found) return found.error();
  if (const Status taken = take_choices(a, p, w, observer); !taken) return taken.error();
  w.model.parameters = plan::parameters_for(w.options, w.model.parameters);
  if (const Status known = take_calibration(a, w); !known) return known.error();
  w.weights = p.ground_weights;
  w.project = std::move(p);
  if (!planned) return w;
  auto plan = plan::make_plan(w.subject, w.paper, w.collection, w.model.parameters, w.options, observer);
  if (!plan) return plan.error();
  w.plan = std::move(plan).value();
  return w;
}

nlohmann::json corners_to_json(const std::array<subject::Point, 4>& corners) {
  nlohmann::json out = nlohmann::json::array();
  for (const subject::Point& p : corners) out.push_back({formats::rounded(p.x, 10), formats::rounded(p.y, 10)});
  return out;
}

Status write_json(const nlohmann::json& json, const std::string& file) {
  // A name in it that is no UTF-8 is shown as far as it is text.
  const std::string text = json.dump(1, ' ', false, nlohmann::json::error_handler_t::replace) + "\n";
  return files::write_bytes(file.empty() ? QString(files::kStandardOutput) : QString::fromStdString(file),
                            QByteArray::fromStdString(text));
}

}  // namespace yd::cli
