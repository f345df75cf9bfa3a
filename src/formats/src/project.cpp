// SPDX-License-Identifier: MIT
#include "formats/project.h"

#include <QFileInfo>
#include <QUuid>
#include <algorithm>
#include <nlohmann/json.hpp>

#include "choices_json.h"
#include "formats/things_file.h"
#include "formats/archive.h"
#include "files/write.h"
#include "media/fields.h"

namespace yd::formats {
namespace {

using nlohmann::json;

constexpr const char* kFormat = "yawning-dune project";
constexpr const char* kProjectEntry = "project.json";
constexpr const char* kReferenceEntry = "reference.bin";
constexpr const char* kCollectionEntry = "collection.json";
constexpr const char* kPlanEntry = "plan.json";
constexpr const char* kTypeEntry = "mimetype";
constexpr const char* kThumbnailEntry = "thumbnail.png";

QByteArray to_bytes(const json& j) { return QByteArray::fromStdString(j.dump(1) + "\n"); }

json head(const Project& p) {
  json subject = composition_to_json(p.composition);
  subject["squint"] = p.read.squint;
  subject["masses"] = p.read.masses;
  subject["edits"] = edits_to_json(p.read.edits);
  if (p.read.colours != yd::subject::OwnColours{}) subject["colours"] = own_colours_to_json(p.read.colours);
  if (!p.read.things.empty()) subject["things"] = things_to_json(p.read.things);
  for (const subject::FocusRing& r : p.read.focus)
    subject["focus"].push_back({{"x", r.x}, {"y", r.y}, {"radius", r.radius}});
  return {{"format", kFormat},
          {"version", kProjectVersion},
          {"work", p.work_id.toStdString()},
          {"reference", {{"entry", kReferenceEntry}, {"name", p.reference_name.toStdString()}}},
          {"subject", subject},
          {"plan", plan_options_to_json(p.plan, p.collection)},
          {"ground", {{"weights", p.ground_weights}}},
          {"easel", {{"marks", marks_to_json(p.marks)}}},
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

/// Parts are read on their own and know their place in the file, but not the file.
Error in_file(Error e, const QString& file) {
  if (e.where.find(file.toStdString()) == std::string::npos) e.where = file.toStdString() + ", " + e.where;
  return e;
}

void read_choices(media::Fields& f, Project& p) {
  media::Fields reference = f.object("reference");
  p.reference_name = QString::fromStdString(reference.text("name"));
  p.work_id = QString::fromStdString(f.text("work", ""));
  f.absorb(reference);
  media::Fields subject = f.object("subject");
  p.read.squint = subject.number("squint", yd::subject::kSquintLimit);
  p.read.masses = subject.count("masses", yd::subject::kMassesLimit);
  read_edits(subject, p.read.edits);
  if (subject.has("focus")) {
    subject.each("focus", yd::subject::kMostRings, [&](media::Fields& ring) {
      p.read.focus.push_back({ring.number("x", 0, 1), ring.number("y", 0, 1), ring.number("radius", 1e-3, 1)});
    });
  }
  if (subject.has("things")) read_things(subject, p.read.things);
  read_composition(subject, p.composition);
  if (subject.has("colours")) {
    media::Fields colours = subject.object("colours");
    read_own_colours(colours, p.read.colours);
    subject.absorb(colours);
  }
  f.absorb(subject);
  if (f.has("easel")) {
    media::Fields easel = f.object("easel");
    read_marks(easel, p.marks);
    f.absorb(easel);
  }
  if (!f.has("ground")) return;
  media::Fields ground = f.object("ground");
  const auto weights = ground.numbers("weights", plan::kGroundMarks, 0, 3);
  if (weights.size() == p.ground_weights.size()) std::copy(weights.begin(), weights.end(), p.ground_weights.begin());
  f.absorb(ground);
}

Result<Project> project_of(const Result<Entries>& entries, const QString& file) {
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
  if (f.error()) return in_file(*f.error(), file);
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
  read_plan_options(choices, p.plan, p.collection);
  if (choices.error()) return in_file(*choices.error(), file);
  auto reference = entry(entries.value(), kReferenceEntry, file);
  if (!reference) return reference.error();
  p.reference = std::move(reference).value();
  return p;
}

}  // namespace

job::Choices choices_of(const Project& p) {
  return {p.composition, p.read, p.plan, p.marks, p.ground_weights, p.paper.id, p.collection.id};
}

void take_choices(Project& p, const job::Choices& c) {
  p.composition = c.composition;
  p.read = c.read;
  p.plan = c.plan;
  p.marks = c.marks;
  p.ground_weights = c.ground_weights;
}

QString work_id_of(const Project& project) {
  const QUuid ours("{8d1c0f5e-6f5c-4f6b-9a53-5d0a7a3f2b11}");
  const QByteArray all = to_bytes(head(project)) + to_bytes(media::to_json(project.collection)) + project.reference;
  return QUuid::createUuidV5(ours, all).toString(QUuid::WithoutBraces);
}

Result<QByteArray> project_bytes(const Project& project, const json& plan_copy) {
  Entries entries;
  entries[kProjectEntry] = to_bytes(head(project));
  entries[kReferenceEntry] = project.reference;
  entries[kCollectionEntry] = to_bytes(media::to_json(project.collection));
  if (!plan_copy.is_null()) entries[kPlanEntry] = to_bytes(plan_copy);
  if (!project.thumbnail.isEmpty()) entries[kThumbnailEntry] = project.thumbnail;
  entries[kTypeEntry] = kProjectMimeType;
  return pack_archive(entries, kTypeEntry);
}

Status save_project(const QString& file, const Project& project, const json& plan_copy) {
  const auto bytes = project_bytes(project, plan_copy);
  if (!bytes) return Error{Error::Code::io, file.toStdString(), bytes.error().what};
  // What could not be opened again must not take the place of what can.
  const auto again = project_of(read_archive(bytes.value(), file), file);
  if (!again) return Error{again.error().code, again.error().where, again.error().what + "; nothing was saved"};
  return files::write_bytes(file, bytes.value());
}

Result<QByteArray> load_thumbnail(const QString& file) {
  auto bytes = read_archive_entry(file, kThumbnailEntry);
  if (!bytes && bytes.error().code == Error::Code::not_found && QFileInfo::exists(file)) return QByteArray();
  return bytes;
}

Status save_marks(const QString& file, const std::vector<plan::PassMark>& marks) {
  return files::write_bytes(file, to_bytes({{"marks", marks_to_json(marks)}}));
}

Result<std::vector<plan::PassMark>> load_marks(const QString& file) {
  const auto text = media::read_file(file.toStdString());
  if (!text) return text.error();
  const auto json = media::parse_json(text.value(), file.toStdString());
  if (!json) return json.error();
  media::Fields f(json.value(), file.toStdString());
  std::vector<plan::PassMark> marks;
  read_marks(f, marks);
  if (f.error()) return *f.error();
  return marks;
}

Result<Project> load_project(const QString& file) { return project_of(read_archive(file), file); }

}  // namespace yd::formats
