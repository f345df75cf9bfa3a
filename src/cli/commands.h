#pragma once

#include <string>
#include <vector>

#include "support/result.h"

namespace yd::cli {

struct PlanArguments {
  std::string picture;
  std::string paper = "sanded-400-warm-grey";
  std::string collection = "generic";
  std::string school = "dark-first";
  int sticks = 12;
  int strokes = 2;
  bool reach = false;  ///< say why targets are out of reach and what would help
  int masses = 16;
  std::string json_file;  ///< empty: standard output
  std::string board_file;
  std::string masses_file;
};
Status run_plan(const PlanArguments& arguments);

struct SwatchArguments {
  std::string paper_lab;
  std::string tooth = "medium";
  std::vector<std::string> layers;
};
Status run_swatch(const SwatchArguments& arguments);

Status run_papers(bool json);
Status run_collections(bool json);

}  // namespace yd::cli
