// SPDX-License-Identifier: MIT
#include "media/medium.h"

#include <algorithm>
#include <array>

#include "media/fields.h"
#include "media/shipped.h"

namespace yd::media {
namespace {

constexpr std::size_t kMostMedia = 64;
constexpr std::array kBodies{Body::pan, Body::pencil, Body::square, Body::stub, Body::twig};

MediumFacts read_row(Fields& f) {
  MediumFacts row;
  row.name = f.text("name");
  row.body = f.named("body", kBodies);
  row.softness = f.count("softness", {0, 9, true});
  row.covers_cm2_min = f.number("covers_cm2_min", 1, 1000);
  row.length_mm = f.number("length_mm", 1, 500);
  row.section_mm2 = f.number("section_mm2", 1, 5000);
  row.lost = f.number("lost", 1, 10);
  row.dirties = f.flag("dirties", false);
  row.reason = f.text("reason");
  if (row.name.empty()) f.fail("name", "must not be empty");
  return row;
}

const MediumTable& table() {
  static const MediumTable none;
  return shipped_media().ok() ? shipped_media().value() : none;
}

}  // namespace

std::string_view name(Body body) {
  switch (body) {
    case Body::pan:
      return "pan";
    case Body::pencil:
      return "pencil";
    case Body::square:
      return "square";
    case Body::stub:
      return "stub";
    case Body::twig:
      return "twig";
  }
  return "";
}

Result<MediumTable> load_media(const std::filesystem::path& file) {
  const auto json = read_json(file, "yawning-dune media", 1);
  if (!json) return json.error();
  Fields top(json.value(), file.string());
  MediumTable out;
  top.each("media", kMostMedia, [&](Fields& f) {
    MediumFacts row = read_row(f);
    const bool twice = std::any_of(out.begin(), out.end(), [&](const MediumFacts& m) { return m.name == row.name; });
    if (twice) f.fail("name", "\"" + row.name + "\" stands twice");
    out.push_back(std::move(row));
  });
  if (top.error()) return *top.error();
  if (out.empty()) return bad_value(file.string(), "has no media");
  return out;
}

const Result<MediumTable>& shipped_media() {
  static const Result<MediumTable> read = load_media(data_directory() / "model" / "media.json");
  return read;
}

std::span<const Medium> all_media() {
  static const std::vector<Medium> all = [] {
    std::vector<Medium> out;
    for (std::size_t m = 0; m < table().size(); ++m) out.push_back(static_cast<Medium>(m));
    return out;
  }();
  return all;
}

const MediumFacts& facts(Medium medium) {
  static const MediumFacts unknown;
  const auto place = static_cast<std::size_t>(medium);
  return place < table().size() ? table()[place] : unknown;
}

std::string_view name(Medium medium) { return facts(medium).name; }

Result<Medium> medium_by_name(const std::string& wanted) {
  std::string known;
  for (const Medium m : all_media()) {
    if (name(m) == wanted) return m;
    known.append(known.empty() ? "" : ", ").append(name(m));
  }
  return bad_value("medium", "\"" + wanted + "\" is none of: " + known);
}

}  // namespace yd::media
