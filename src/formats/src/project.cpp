#include "formats/project.h"

#include "formats/archive.h"
#include "media/fields.h"

namespace yd::formats {
namespace {

using nlohmann::json;

constexpr const char* kFormat = "yawning-dune project";
constexpr const char* kProjectEntry = "project.json";
constexpr const char* kReferenceEntry = "reference.bin";
constexpr const char* kCollectionEntry = "collection.json";
constexpr const char* kPlanEntry = "plan.json";

QByteArray to_bytes(const json& j) { return QByteArray::fromStdString(j.dump(1) + "\n"); }

json by_hand_to_json(const Project& p) {
  json out = json::array();
  for (const plan::HandChoice& h : p.plan.by_hand) {
    json strokes = json::array();
    for (const plan::Stroke& s : h.strokes) {
      strokes.push_back({{"stick", p.collection.sticks[static_cast<std::size_t>(s.stick)].id},
                         {"pressure", s.pressure},
                         {"technique", plan::name(s.technique)}});
    }
    out.push_back({{"mass", h.mass}, {"role", subject::name(h.role)}, {"strokes", strokes}});
  }
  return out;
}

/// Index of a stick by id, or -1.
int stick_index(const media::Collection& collection, const std::string& id) {
  for (std::size_t i = 0; i < collection.sticks.size(); ++i) {
    if (collection.sticks[i].id == id) return static_cast<int>(i);
  }
  return -1;
}

plan::Stroke read_stroke(const json& j, const Project& p, media::Fields& all) {
  media::Fields f(j, "by_hand stroke");
  plan::Stroke s;
  s.stick = stick_index(p.collection, f.text("stick"));
  s.pressure = f.number("pressure", 0, 1);
  s.technique = f.text("technique") == "rubbed" ? plan::Technique::rubbed : plan::Technique::laid;
  if (s.stick < 0) f.fail("stick", "names a stick that is not in the collection");
  all.absorb(f);
  return s;
}

/// Needs the collection; a project without the list has no choices by hand.
void read_by_hand(media::Fields& plan, Project& p) {
  if (!plan.has("by_hand")) return;
  for (const json& entry : plan.array("by_hand")) {
    media::Fields f(entry, "by_hand");
    plan::HandChoice h;
    h.mass = static_cast<int>(f.number("mass", 0, 1000));
    const std::string role = f.text("role");
    h.role = role == "dark" ? subject::Role::dark : role == "light" ? subject::Role::light : subject::Role::middle;
    for (const json& stroke : f.array("strokes")) h.strokes.push_back(read_stroke(stroke, p, f));
    plan.absorb(f);
    p.plan.by_hand.push_back(h);
  }
}

json head(const Project& p) {
  return {{"format", kFormat},
          {"version", kProjectVersion},
          {"reference", {{"entry", kReferenceEntry}, {"name", p.reference_name.toStdString()}}},
          {"subject", {{"squint", p.read.squint}, {"masses", p.read.masses}}},
          {"plan",
           {{"sticks", p.plan.most_sticks},
            {"strokes", p.plan.most_strokes},
            {"school", plan::name(p.plan.school)},
            {"rubbed", p.plan.allow_rubbed},
            {"by_hand", by_hand_to_json(p)}}},
          {"paper", media::to_json(p.paper)}};
}

Result<QByteArray> entry(const Entries& entries, const char* name, const QString& file) {
  const auto found = entries.find(name);
  if (found == entries.end()) {
    return Error{Error::Code::bad_format, file.toStdString(), std::string("holds no \"") + name + "\""};
  }
  return found->second;
}

Result<json> json_entry(const Entries& entries, const char* name, const QString& file) {
  const auto bytes = entry(entries, name, file);
  if (!bytes) return bytes.error();
  return media::parse_json(bytes->toStdString(), file.toStdString() + ", " + name);
}

void read_choices(media::Fields& f, Project& p) {
  media::Fields reference = f.object("reference");
  p.reference_name = QString::fromStdString(reference.text("name"));
  f.absorb(reference);
  media::Fields subject = f.object("subject");
  p.read.squint = subject.number("squint", 0, 1);
  p.read.masses = static_cast<int>(subject.number("masses", 8, 30));
  f.absorb(subject);
  media::Fields plan = f.object("plan");
  p.plan.most_sticks = static_cast<int>(plan.number("sticks", 1, 60));
  p.plan.allow_rubbed = plan.flag("rubbed", true);
  p.plan.most_strokes = static_cast<int>(plan.number("strokes", 1, plan::kMostStrokes, 2));
  const auto school = plan::school_by_name(plan.text("school"));
  if (school) {
    p.plan.school = school.value();
  } else {
    plan.fail("school", school.error().what);
  }
  f.absorb(plan);
}

}  // namespace

Status save_project(const QString& file, const Project& project, const json& plan_copy) {
  Entries entries;
  entries[kProjectEntry] = to_bytes(head(project));
  entries[kReferenceEntry] = project.reference;
  entries[kCollectionEntry] = to_bytes(media::to_json(project.collection));
  if (!plan_copy.is_null()) entries[kPlanEntry] = to_bytes(plan_copy);
  const auto bytes = pack_archive(entries);
  if (!bytes) return Error{Error::Code::io, file.toStdString(), bytes.error().what};
  return write_atomically(file, bytes.value());
}

Result<Project> load_project(const QString& file) {
  const auto entries = read_archive(file);
  if (!entries) return entries.error();
  const auto top = json_entry(entries.value(), kProjectEntry, file);
  if (!top) return top.error();
  media::Fields f(top.value(), file.toStdString());
  if (f.text("format") != kFormat)
    return Error{Error::Code::bad_format, file.toStdString(), "is a zip, but no Yawning Dune project"};
  if (f.number("version", 1, 1e9) > kProjectVersion) {
    return Error{Error::Code::too_new, file.toStdString(),
                 "was saved by a newer version of Yawning Dune; please update"};
  }
  Project p;
  read_choices(f, p);
  if (f.error()) return *f.error();
  if (!f.has("paper")) return bad_value(file.toStdString() + ", field \"paper\"", "is missing");
  auto paper = media::paper_from_json(top.value()["paper"], file.toStdString() + ", paper");
  if (!paper) return paper.error();
  p.paper = std::move(paper).value();
  const auto sticks = json_entry(entries.value(), kCollectionEntry, file);
  if (!sticks) return sticks.error();
  auto collection = media::collection_from_json(sticks.value(), file.toStdString() + ", collection.json");
  if (!collection) return collection.error();
  p.collection = std::move(collection).value();
  media::Fields choices = f.object("plan");
  read_by_hand(choices, p);
  if (choices.error()) return *choices.error();
  auto reference = entry(entries.value(), kReferenceEntry, file);
  if (!reference) return reference.error();
  p.reference = std::move(reference).value();
  return p;
}

}  // namespace yd::formats
