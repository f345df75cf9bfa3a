// SPDX-License-Identifier: MIT
#pragma once

#include <filesystem>
#include <nlohmann/json_fwd.hpp>
#include <string>
#include <vector>

#include "colour/lab.h"
#include "optics/ground.h"
#include "support/result.h"

namespace yd::media {

/// How wet an underpainting the sheet bears.
enum class Wetness { none, wash, little, full };

/// A sheet to work on.
struct Paper {
  std::string id;
  std::string name;
  std::string surface;    ///< "sanded", "laid", … as described, not a maker's word
  colour::Lab lab;        ///< of the bare sheet, D50
  optics::Tooth tooth;    ///< load units
  double grain_mm = 0.3;  ///< distance between bumps, for drawing
  Wetness wet = Wetness::none;
  optics::Ground ground;  ///< made from the above
};

/// Reads data/papers/papers.json.
Result<std::vector<Paper>> load_papers(const std::filesystem::path& file);
Result<std::vector<Paper>> load_papers();

/// One record, as in the file. `where` names the place in errors.
Result<Paper> paper_from_json(const nlohmann::json& json, const std::string& where);
nlohmann::json to_json(const Paper& paper);

/// A paper from a bare colour, for trials. Error where no surface has the colour.
Result<Paper> make_paper(const colour::Lab& lab, const optics::Tooth& tooth);

/// The three everyday tooths, by name: "fine", "medium", "coarse".
Result<optics::Tooth> tooth_by_name(const std::string& name);

}  // namespace yd::media
