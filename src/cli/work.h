// SPDX-License-Identifier: MIT
#pragma once

#include <nlohmann/json_fwd.hpp>

#include "commands.h"
#include "formats/project.h"
#include "job/finished.h"
#include "media/model.h"
#include "advice/ground_choice.h"
#include "make/plan.h"
#include "subject/composition.h"

namespace yd::cli {

/// Everything a command works on.
struct Work {
  media::Model model;
  std::vector<media::Paper> papers;
  media::Paper paper;
  media::Collection collection;
  subject::Subject subject;
  plan::PlanOptions options;
  subject::Sheet sheet;
  plan::GroundWeights weights = plan::kGroundWeights;
  formats::Project project;  ///< reference and choices, as given and as said; paper and sticks stand above
  plan::Plan plan;           ///< empty where `planned` was not asked for
  job::Studio studio() const { return {&paper, &collection, &model.parameters}; }
};
/// What is planned with, without a picture.
struct PlanMaterials {
  media::Model model;
  media::Paper paper;
  media::Collection collection;
};
/// By id; empty: the usual ones.
Result<PlanMaterials> load_materials(const std::string& paper, const std::string& collection);

Result<Work> load_work(const WorkArguments& arguments, bool planned, Observer& observer);

/// "L,a,b". Errors: `bad_value` naming `where`.
Result<colour::Lab> parse_lab(const std::string& text, const std::string& where);

/// The picture of a file.
Result<subject::RawPicture> read_picture(const std::string& file);

/// Four corners in pixels, clockwise from the top left.
nlohmann::json corners_to_json(const std::array<subject::Point, 4>& corners);

/// To the file, or to standard output where there is none.
Status write_json(const nlohmann::json& json, const std::string& file);

}  // namespace yd::cli
