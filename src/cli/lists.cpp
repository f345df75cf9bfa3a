// SPDX-License-Identifier: MIT
#include <cstdio>
#include <nlohmann/json.hpp>

#include "commands.h"
#include "formats/archive.h"
#include "formats/plan_json.h"
#include "formats/thumbnail.h"
#include "media/collection.h"
#include "media/paper.h"
#include "pictures/screen.h"

namespace yd::cli {

Status run_thumbnail(const ThumbnailArguments& a) {
  const QImage image = formats::thumbnail_of(QString::fromStdString(a.file), {a.size, a.size});
  if (image.isNull()) return Error{Error::Code::bad_format, a.file, "is no project and no picture that can be read"};
  return formats::write_atomically(QString::fromStdString(a.png_file), pictures::png(image));
}

Status run_papers(bool json) {
  const auto papers = media::load_papers();
  if (!papers) return papers.error();
  nlohmann::json out = nlohmann::json::array();
  for (const media::Paper& p : papers.value()) {
    out.push_back(media::to_json(p));
    if (!json) std::printf("%-28s %-36s L* %5.1f  tooth %.2f\n", p.id.c_str(), p.name.c_str(), p.lab.l, p.tooth.depth);
  }
  if (json) std::printf("%s\n", out.dump(1).c_str());
  return success();
}

Status run_collections(bool json) {
  const auto collections = media::load_collections();
  if (!collections) return collections.error();
  nlohmann::json out = nlohmann::json::array();
  for (const media::Collection& c : collections.value()) {
    nlohmann::json sticks = nlohmann::json::array();
    for (const media::Stick& s : c.sticks) {
      sticks.push_back({{"id", s.id},
                        {"name", s.name},
                        {"medium", std::string(optics::name(s.medium))},
                        {"lab", formats::lab_to_json(s.lab)},
                        {"pigments", s.pigments}});
    }
    out.push_back({{"id", c.id}, {"name", c.name}, {"sticks", sticks}});
    if (!json) std::printf("%-28s %-36s %4zu sticks\n", c.id.c_str(), c.name.c_str(), c.sticks.size());
  }
  if (json) std::printf("%s\n", out.dump(1).c_str());
  return success();
}

}  // namespace yd::cli
