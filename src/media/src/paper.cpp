// SPDX-License-Identifier: MIT
#include "media/paper.h"

#include <array>
#include <set>

#include "colour/smoothest.h"
#include "media/fields.h"
#include "media/shipped.h"

namespace yd::media {
namespace {

Wetness read_wetness(Fields& f) {
  const std::string word = f.text("wet");
  if (word == "none") return Wetness::none;
  if (word == "wash") return Wetness::wash;
  if (word == "little") return Wetness::little;
  if (word != "full") f.fail("wet", "must be none, wash, little or full");
  return Wetness::full;
}

}  // namespace

Result<Paper> paper_from_json(const nlohmann::json& json, const std::string& where) {
  Fields f(json, where);
  Paper p;
  p.id = f.text("id");
  p.name = f.text("name");
  p.surface = f.text("surface");
  p.lab = f.lab("lab");
  Fields tooth = f.object("tooth");
  p.tooth.depth = tooth.number("depth", 0.05, 10);
  p.tooth.shape = tooth.number("shape", 0.1, 5);
  p.tooth.hold = tooth.number("hold", 0, 5);
  f.absorb(tooth);
  p.grain_mm = f.number("grain_mm", 0.02, 5);
  p.wet = read_wetness(f);
  const auto reflectance = colour::smoothest_reflectance(p.lab);
  if (!reflectance) f.fail("lab", reflectance.error().what);
  if (f.error()) return *f.error();
  p.ground = optics::make_ground(reflectance.value(), p.tooth);
  return p;
}

nlohmann::json to_json(const Paper& paper) {
  constexpr auto wet = std::to_array<const char*>({"none", "wash", "little", "full"});
  static_assert(wet.size() == static_cast<std::size_t>(Wetness::full) + 1);
  return {{"id", paper.id},
          {"name", paper.name},
          {"surface", paper.surface},
          {"lab", {paper.lab.l, paper.lab.a, paper.lab.b}},
          {"tooth", {{"depth", paper.tooth.depth}, {"shape", paper.tooth.shape}, {"hold", paper.tooth.hold}}},
          {"grain_mm", paper.grain_mm},
          {"wet", wet.at(static_cast<std::size_t>(paper.wet))}};
}

Result<std::vector<Paper>> load_papers(const std::filesystem::path& file) {
  const auto json = read_json(file, "yawning-dune papers", 1);
  if (!json) return json.error();
  Fields top(json.value(), file.string());
  std::vector<Paper> papers;
  std::set<std::string> seen;
  int number = 0;
  for (const nlohmann::json& entry : top.array("papers")) {
    const std::string where = file.string() + ": paper " + std::to_string(++number);
    auto paper = paper_from_json(entry, where);
    if (!paper) return paper.error();
    if (!seen.insert(paper->id).second) return bad_value(where, "id \"" + paper->id + "\" stands twice");
    papers.push_back(std::move(paper).value());
  }
  if (top.error()) return *top.error();
  if (papers.empty()) return bad_value(file.string(), "holds no paper");
  return papers;
}

Result<std::vector<Paper>> load_papers() { return load_papers(data_directory() / "papers" / "papers.json"); }

Result<Paper> make_paper(const colour::Lab& lab, const optics::Tooth& tooth) {
  const auto reflectance = colour::smoothest_reflectance(lab);
  if (!reflectance) return Error{reflectance.error().code, "paper colour", reflectance.error().what};
  Paper p;
  p.id = "own";
  p.name = "Own paper";
  p.surface = "own";
  p.lab = lab;
  p.tooth = tooth;
  p.wet = Wetness::full;
  p.ground = optics::make_ground(reflectance.value(), tooth);
  return p;
}

Result<optics::Tooth> tooth_by_name(const std::string& name) {
  if (name == "fine") return optics::Tooth{0.5, 1.2, 0.35};
  if (name == "medium") return optics::Tooth{1.0, 1.0, 0.5};
  if (name == "coarse") return optics::Tooth{1.7, 1.0, 0.6};
  return bad_value("tooth", "\"" + name + "\" must be fine, medium or coarse");
}

}  // namespace yd::media
