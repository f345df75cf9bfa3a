// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

#include "support/result.h"

namespace yd::cli {

/// What every command that works on a picture or a project asks for. What is not given is as the project says, or as
/// the window begins.
struct WorkArguments {
  std::string file;  ///< a picture or a .dune project
  std::optional<std::string> paper, collection, school, manner, course, fit;
  std::optional<std::string> coat;  ///< underpainting medium
  std::optional<std::string> coat_colours;
  std::optional<int> sticks, strokes, masses;
  std::optional<int> passes;           ///< about how many are wished
  std::optional<double> time_minutes;  ///< how long the work may take
  std::optional<int> pencils;          ///< besides the tray
  bool left_handed = false;
  std::optional<double> hand;                 ///< how far off a pressure is, as a share of it
  std::optional<double> width_cm, height_cm;  ///< of the sheet
  std::vector<std::string> things;            ///< "name;kind;weight;x,y x,y …", drawn roughly round
  std::string things_file;                    ///< JSON of the same
  std::string focus;                          ///< "X,Y,R": what is focal, shares of width, height and longer side
  std::string mood;                           ///< NAME or NAME:AMOUNT
  std::string palette;                        ///< FILE or FILE:AMOUNT: the colours of another picture
  std::string scheme;                         ///< families for a subject without colour
  std::string json_file;                      ///< empty: standard output
  std::string calibration_file;               ///< of `calibrate`: the artist's hand and sticks
};

struct PlanArguments : WorkArguments {
  bool reach = false;       ///< say why targets are out of reach and what would help
  std::string marks_file;   ///< every mark, as JSON
  bool curve_time = false;  ///< likeness over time
  int try_papers = 0;       ///< on how many others
  std::string board_file;
  std::string masses_file;
  std::string things_map_file;  ///< numbers as grey
  std::string pdf_file;         ///< the plan to print
  std::string outline_file;     ///< .svg or .pdf
  std::string layers_file;      ///< OpenRaster
  std::string passes_file;      ///< CSV
  std::string project_file;     ///< .dune, for the window
  bool letter = false;          ///< print on Letter instead of A4
  bool advice = false;          ///< add what a look over the plan found
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

struct RehearseArguments : WorkArguments {
  int painters = 20;
  std::uint64_t seed = 1;
  double forgets = 0;  ///< share of passes on a mass that are left out
  std::string board_file;
};
/// Paints the plan with a hand that is off by `hand`, many times.
Status run_rehearse(const RehearseArguments& arguments);

struct PhotographArguments : WorkArguments {
  std::string photo_file;  ///< PNG or JPEG
  int done = -1;           ///< passes that are painted; below 0: all
  std::uint64_t seed = 1;  ///< of hand and camera
  double forgets = 0;
  double glare = 0;
  bool strip = false;  ///< with the tray's sticks on the margin
  bool marks = false;  ///< with printed corner marks
};
/// Paints the plan with a hand that is off by `hand` and photographs the board as a hand-held camera would.
Status run_photograph(const PhotographArguments& arguments);

struct CheckArguments : WorkArguments {
  std::string photo_file;
  int passes_done = -1;  ///< below 0: all
  std::string corners;   ///< of the picture in the photograph; empty: they are found
  bool strip = false;    ///< the margin strip is laid
};
/// Holds a photograph of the work against the plan: what is off, and what mends it.
Status run_check(const CheckArguments& arguments);

struct OffcutArguments : WorkArguments {
  int count = 36;
  std::string csv_file;
  std::optional<std::uint64_t> simulate;  ///< seed of an artist who lays and measures them
};
/// The offcut strokes of the plan's tray as a table to be filled in.
Status run_offcuts(const OffcutArguments& arguments);

struct CalibrateArguments {
  std::string readings_file;
  std::string strokes_file;       ///< what was laid, where the readings are an instrument's
  std::string paper, collection;  ///< ids; empty: the usual ones
  std::string artist;             ///< whose hand it is
  bool even_so = false;           ///< although the readings contradict each other
  std::string json_file;          ///< empty: standard output
};
/// Hand and masstones from offcut strokes that were measured.
Status run_calibrate(const CalibrateArguments& arguments);

struct SheetArguments {
  std::string file;         ///< .pdf or .svg
  std::string size = "a4";  ///< a5, a4, a3, letter, or WIDTHxHEIGHT in millimetres
  int cells = 40;
  std::string strokes_file;  ///< table of offcut strokes; empty: a sheet for sticks
  std::string paper, collection;
  std::string photo_file;  ///< PNG; empty: none
  std::uint64_t seed = 1;  ///< of hand and camera
  double hand = 0.15;
  bool corners = false;  ///< corner marks for the check instead
};
/// A sheet to print, and a photograph of it as it could look filled in with the sticks of a collection.
Status run_sheet(const SheetArguments& arguments);

struct SwatchesArguments {
  std::string photo_file;
  std::string paper, collection;
  std::string kind;          ///< of all sticks; empty: guessed
  std::string name = "Box";  ///< of the collection they make
  std::string strokes_file;  ///< table of offcut strokes that were laid
  std::string csv_file;      ///< write the table with what was read
  bool again = false;        ///< the cells are the sticks of `collection`, in its order
  std::string json_file;     ///< empty: standard output
};
/// What a photographed sheet holds: sticks as a collection, or offcut strokes as a table.
Status run_swatches(const SwatchesArguments& arguments);

struct JournalArguments {
  std::string file;   ///< of the journal; empty: the program's own
  std::string words;  ///< to be found
  std::string like;   ///< "L,a,b": recipes of about this colour
  std::string work;   ///< id, or the beginning of one or of a title
  std::string to;     ///< file to write: .json, .csv, .md or .zip
};
/// Works, one a line, newest first.
Status run_journal_list(const JournalArguments& arguments);
/// A work as Markdown.
Status run_journal_show(const JournalArguments& arguments);
/// Recipes as told to a friend.
Status run_journal_recipes(const JournalArguments& arguments);
/// Everything, or a work, to a file.
Status run_journal_export(const JournalArguments& arguments);

struct ImportArguments {
  std::string file;
  std::string medium = "soft";
  std::string json_file;  ///< empty: standard output
};
Status run_import(const ImportArguments& arguments);

struct SwatchArguments {
  std::string paper_lab;
  std::string tooth = "medium";
  std::vector<std::string> layers;
};
Status run_swatch(const SwatchArguments& arguments);

struct ThumbnailArguments {
  std::string file;
  std::string png_file;
  int size = 256;  ///< longest side, pixels
};
/// What a file manager shows of a project.
Status run_thumbnail(const ThumbnailArguments& arguments);

Status run_papers(bool json);
Status run_collections(bool json);

}  // namespace yd::cli
