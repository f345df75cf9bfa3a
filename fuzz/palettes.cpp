// SPDX-License-Identifier: MIT
// Sticks in every format: JSON of ours, GIMP palette, CGATS, CSV.
#include <cmath>
#include <nlohmann/json.hpp>

#include "formats/collection_file.h"
#include "harness.h"
#include "media/collection.h"

using namespace yd;

int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  const auto in = formats::read_sticks(fuzz::bytes_of(data, size), "palette", optics::Medium::soft);
  if (!in) {
    fuzz::must(in.error().where.find("palette") != std::string::npos, "a refusal names the file");
    return 0;
  }
  for (const media::Stick& s : in->sticks) {
    fuzz::must(!s.id.empty() && !s.name.empty(), "every stick has id and name");
    fuzz::must(std::isfinite(s.lab.l) && std::isfinite(s.lab.a) && std::isfinite(s.lab.b), "a colour is finite");
    for (const float r : s.masstone.band) fuzz::must(r >= 0 && r <= 1, "a reflectance is from 0 to 1");
  }
  for (const formats::BadRow& row : in->bad)
    fuzz::must(row.line > 0 && !row.what.empty(), "a bad row says where and why");
  if (in->sticks.empty()) return 0;
  const media::Collection c{"c", "C", in->sticks};
  const auto again = media::collection_from_json(nlohmann::json::parse(media::to_json(c).dump()), "again");
  fuzz::must(again.ok() && again->sticks.size() == c.sticks.size(), "what was read can be saved and read");
  for (const QByteArray& written : {formats::write_csv(c), formats::write_cgats(c), formats::write_gimp_palette(c)}) {
    const auto back = formats::read_sticks(written, "written", optics::Medium::soft);
    fuzz::must(back.ok() && back->sticks.size() + back->bad.size() == c.sticks.size(), "every stick is written");
  }
  return 0;
}
