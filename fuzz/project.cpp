// SPDX-License-Identifier: MIT
// project.json of a project whose other entries are whole: what is read can be saved, and is the same read again.
#include "formats/project.h"

#include <nlohmann/json.hpp>

#include "formats/archive.h"
#include "media/collection.h"
#include "memory_file.h"

using namespace yd;

namespace {

QByteArray packed(const QByteArray& project) {
  static const QByteArray sticks = [] {
    media::Collection c = media::find_collection("generic").value();
    c.sticks.resize(4);
    return QByteArray::fromStdString(media::to_json(c).dump());
  }();
  return formats::pack_archive({{"project.json", project}, {"collection.json", sticks}, {"reference.bin", "picture"}})
      .value();
}

QByteArray saved_project_json(const formats::Project& project) {
  const QString file = fuzz::memory_file({}, "saved.dune");
  fuzz::must(formats::save_project(file, project, {}).ok(), "what was read can be saved");
  return formats::read_archive(file).value().at("project.json");
}

}  // namespace

int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  fuzz::begin();
  const auto project = formats::load_project(fuzz::memory_file(packed(fuzz::bytes_of(data, size)), "a.dune"));
  if (!project) {
    fuzz::must(!project.error().what.empty() && !project.error().where.empty(), "a refusal says where and why");
    return 0;
  }
  const QByteArray once = saved_project_json(project.value());
  const auto again = formats::load_project(fuzz::memory_file(packed(once), "a.dune"));
  fuzz::must(again.ok(), "what was saved can be read");
  fuzz::must(saved_project_json(again.value()) == once, "saved twice it is the same");
  return 0;
}
