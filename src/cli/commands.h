#pragma once

#include <string>
#include <vector>

#include "support/result.h"

namespace yd::cli {

/// What every command that reads a picture asks for.
struct WorkArguments {
  std::string picture;
  std::string paper = "sanded-400-warm-grey";
  std::string collection = "generic";
  std::string school = "advised";
  std::string manner = "either";
  std::string course = "far-to-near";
  std::string fit = "keep";
  std::string coat;  ///< underpainting medium; empty: none
  std::string coat_colours = "local";
  int sticks = 12;
  int strokes = 2;
  int masses = 16;
  std::string json_file;  ///< empty: standard output
};

struct PlanArguments : WorkArguments {
  bool reach = false;  ///< say why targets are out of reach and what would help
  std::string board_file;
  std::string masses_file;
  std::string pdf_file;      ///< the plan to print
  std::string outline_file;  ///< .svg or .pdf
  std::string layers_file;   ///< OpenRaster
  std::string passes_file;   ///< CSV
  double width_cm = 40;      ///< of the sheet
  double height_cm = 30;
  bool letter = false;  ///< print on Letter instead of A4
  bool advice = false;  ///< add what a look over the plan found
};
Status run_plan(const PlanArguments& arguments);

Status run_subject(const WorkArguments& arguments);
Status run_ground(const WorkArguments& arguments);
struct TrayArguments : WorkArguments {
  bool curve = false;
  bool prove = false;
  double seconds = 8;  ///< for the solver
};
Status run_tray(const TrayArguments& arguments);
Status run_underpaint(const WorkArguments& arguments);

struct ImportArguments {
  std::string file;
  std::string medium = "soft";
};
Status run_import(const ImportArguments& arguments);

struct SwatchArguments {
  std::string paper_lab;
  std::string tooth = "medium";
  std::vector<std::string> layers;
};
Status run_swatch(const SwatchArguments& arguments);

Status run_papers(bool json);
Status run_collections(bool json);

}  // namespace yd::cli
