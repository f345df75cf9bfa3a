// SPDX-License-Identifier: MIT
#include <cstdio>
#include <nlohmann/json.hpp>

#include "work.h"
#include "files/write.h"
#include "formats/plan_json.h"
#include "formats/thumbnail.h"
#include "media/collection.h"
#include "media/paper.h"
#include "pictures/screen.h"
#include "support/plain_line.h"

namespace yd::cli {

Status run_thumbnail(const ThumbnailArguments& a) {
  const auto image = formats::thumbnail_of(QString::fromStdString(a.file), {a.size, a.size});
  if (!image) return image.error();
  return files::write_bytes(QString::fromStdString(a.png_file), pictures::png(image.value()));
}

Status run_papers(bool json) {
  const auto papers = media::load_papers();
  if (!papers) return papers.error();
  nlohmann::json out = nlohmann::json::array();
  for (const media::Paper& p : papers.value()) {
    out.push_back(media::to_json(p));
    if (!json)
      std::printf("%-28s %-36s L* %5.1f  tooth %.2f\n", plain_line(p.id).c_str(), plain_line(p.name).c_str(), p.lab.l,
                  p.tooth.depth);
  }
  return json ? write_json(out, {}) : success();
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
                        {"medium", std::string(media::name(s.medium))},
                        {"lab", formats::lab_to_json(s.lab)},
                        {"pigments", s.pigments}});
    }
    out.push_back({{"id", c.id}, {"name", c.name}, {"sticks", sticks}});
    if (!json)
      std::printf("%-28s %-36s %4zu sticks\n", plain_line(c.id).c_str(), plain_line(c.name).c_str(), c.sticks.size());
  }
  return json ? write_json(out, {}) : success();
}

}  // namespace yd::cli
