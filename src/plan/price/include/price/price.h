// SPDX-License-Identifier: MIT
#pragma once

#include <filesystem>
#include <string>
#include <utility>
#include <vector>

#include "media/model.h"
#include "support/result.h"

namespace yd::plan {

/// What practice charges, and from where on something is worth it: every price the planner knows, with unit, level and
/// reason in data/model/prices.json and docs/model/prices.md. Ours, set by reading plans and looking at boards.
struct Prices {
  struct Speckle {  // Speckle of a shade
    double even = 0;
    double beyond = 0;
  } speckle;
  struct Smooth {  // Marks where the subject is smooth
    double even = 0;
    double beyond = 0;
    double with_colour = 0;
    double with_colour_most = 0;
    double in_school = 0;
  } smooth;
  struct Tooth {  // Room for the last layer
    double least = 0;
    double none = 0;
  } tooth;
  struct Far {  // Differences that count more
    double seen = 0;
    double more = 0;
    double lost = 0;
    double vivid = 0;
  } far;
  struct Start {  // What a stack begins with
    double dark_shade = 0;
    double dark = 0;
  } start;
  struct Pressures {  // The map of pressures
    double pull = 0;
    double neighbour = 0;
  } pressures;
  struct Vivid {  // What catches the eye
    double stands_out = 0;
    double twice_at = 0;
  } vivid;
  struct Missing {  // Small colours that are not there
    double from = 0;
    double times = 0;
  } missing;
  struct Matters {  // What the artist marked
    double share = 0;
    double least = 0;
    double most = 0;
  } matters;
  struct Layer {  // Practice, for a layering on a mass
    double further = 0;
    double far_free = 0;
    double far = 0;
    double far_square = 0;
    double stranger = 0;
    double broad_point = 0;
    double broad = 0;
    double fine_stub = 0;
    double fine = 0;
    double rubbed = 0;
    double all_rubbed = 0;
    double dark_rubbed_last = 0;
    double black_over_colour = 0;
  } layer;
  struct Coat {  // The school of the light ground coat
    double missing = 0;
    double pressure = 0;
    double softening = 0;
  } coat;
  struct Local {  // The school of the local colour
    double reunited = 0;
    double free = 0;
    double beyond = 0;
    double bare_black = 0;
  } local;
  struct Mass {  // Masses among each other
    double small = 0;
  } mass;
  struct Stack {  // One colour by itself
    double stroke = 0;
    double rubbed = 0;
    double speckle_free = 0;
    double speckle = 0;
  } stack;
  struct Pass {  // Passes and seams
    double each = 0;
    double brief = 0;
    double brief_more = 0;
    double seam = 0;
    double missed = 0;
    double fixing = 0;
  } pass;
  struct Tray {  // The tray
    double fetch = 0;
    double unseen = 0;
    double bad = 0;
    double bad_square = 0;
  } tray;
  struct Stroke {  // Any stroke that is added
    double gain = 0;
  } stroke;
  struct Lend {  // What is in the hand goes further
    double mass = 0;
    double helps = 0;
    double alike = 0;
  } lend;
  struct Accent {  // Accents
    double pass = 0;
    double mixes = 0;
    double mends = 0;
    double field = 0;
    double most_area = 0;
  } accent;
  struct GoingOn {  // Work that is begun
    double pressure = 0;
    double shade = 0;
    double mass = 0;
    double picture = 0;
  } going_on;
  struct Mark {  // What a mark is worth
    double second = 0;
    double anyway = 0;
    double pass = 0;
    double tooth = 0;
  } mark;
  struct Minutes {  // How long it takes
    double brush_cm2 = 0;
    double spray_cm2 = 0;
    double take_up = 0;
    double rubbing = 0;
  } minutes;
  struct Sitting {  // Where a sitting ends
    double cut = 0;
    double same_stick = 0;
    double same_plane = 0;
    double pair_apart = 0;
    double shorter = 0;
  } sitting;
};

/// Every price by its key in the data file ("layer.far").
std::vector<std::pair<std::string, double*>> bind(Prices& prices);

/// A row of the table; `level`: what it is a price of, a shade, a mass, the picture, a minute or a sitting.
struct PriceRow {
  media::ParameterInfo info;
  std::string level;
};
struct PriceTable {
  Prices prices;
  std::vector<PriceRow> rows;  ///< in the order of the file
};

/// Errors name file and row; every key must be there once and within its range.
Result<PriceTable> load_prices(const std::filesystem::path& file);

/// The shipped table, read once; make_plan says what is wrong with it.
const Result<PriceTable>& shipped_prices();
/// Of the shipped table; all nothing where it cannot be read.
const Prices& prices();

}  // namespace yd::plan
