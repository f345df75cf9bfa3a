// SPDX-License-Identifier: MIT
#include "media/parts.h"

#include <algorithm>

#include "media/fields.h"
#include "media/shipped.h"

namespace yd::media {
namespace {

constexpr std::size_t kMostParts = 256;

Part read_part(Fields& f) {
  Part row;
  row.of = f.text("of");
  row.name = f.text("part");
  row.width_mm = f.number("width_mm", 0.2, 100);
  row.least_mm = f.number("least_mm", 0.2, 500);
  row.greatest_mm = f.number("greatest_mm", row.least_mm, 1000);
  row.set_s = f.number("set_s", 0.05, 60);
  row.speed_mm_s = f.number("speed_mm_s", 1, 250);
  row.miss_mm = f.number("miss_mm", 0, 20);
  row.least_pressure = f.number("least_pressure", 0, 1);
  row.reason = f.text("reason");
  if (row.name.empty()) f.fail("part", "must not be empty");
  const auto medium = medium_by_name(row.of);
  if (row.of != kRubbing && !medium) f.fail("of", medium.error().what);
  return row;
}

}  // namespace

Result<PartTable> load_parts(const std::filesystem::path& file) {
  const auto json = read_json(file, "yawning-dune parts", 1);
  if (!json) return json.error();
  if (!shipped_media()) return shipped_media().error();
  Fields top(json.value(), file.string());
  PartTable out;
  top.each("parts", kMostParts, [&](Fields& f) {
    Part row = read_part(f);
    const auto same = [&](const Part& p) { return p.of == row.of && p.name == row.name; };
    if (std::any_of(out.begin(), out.end(), same))
      f.fail("part", std::string("\"").append(row.of).append(" ").append(row.name).append("\" stands twice"));
    out.push_back(std::move(row));
  });
  if (top.error()) return *top.error();
  for (const Medium m : all_media()) {
    if (std::none_of(out.begin(), out.end(), [&](const Part& p) { return p.of == name(m); }))
      return bad_value(file.string(), std::string("\"").append(name(m)).append("\" is missing"));
  }
  return out;
}

const Result<PartTable>& shipped_parts() {
  static const Result<PartTable> read = load_parts(data_directory() / "model" / "parts.json");
  return read;
}

std::span<const Part> all_parts() {
  static const PartTable none;
  return shipped_parts().ok() ? shipped_parts().value() : none;
}

std::vector<int> parts_of(std::string_view name) {
  std::vector<int> out;
  const std::span<const Part> all = all_parts();
  for (std::size_t i = 0; i < all.size(); ++i)
    if (all[i].of == name) out.push_back(static_cast<int>(i));
  std::stable_sort(out.begin(), out.end(), [&](int p, int q) {
    return all[static_cast<std::size_t>(p)].width_mm > all[static_cast<std::size_t>(q)].width_mm;
  });
  return out;
}

}  // namespace yd::media
