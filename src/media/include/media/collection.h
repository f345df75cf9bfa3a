// SPDX-License-Identifier: MIT
#pragma once

#include <filesystem>
#include <nlohmann/json_fwd.hpp>
#include <string>
#include <vector>

#include "colour/lab.h"
#include "colour/spectrum.h"
#include "media/medium.h"
#include "optics/film.h"
#include "optics/parameters.h"
#include "support/result.h"

namespace yd::media {

/// One stick, pencil or pan.
struct Stick {
  std::string id;
  std::string name;
  optics::Medium medium = optics::Medium::soft;
  colour::Spectrum masstone;          ///< reflectance of a layer that hides what is below
  colour::Lab lab;                    ///< of the masstone, D50
  std::vector<std::string> pigments;  ///< Colour Index names, where known
  bool owned = true;
  double left = 1;  ///< how much of it is left, 0 to 1
  bool favourite = false;
  std::string lightfast;  ///< ASTM D6901 class "I" to "V", empty where not known
};

/// A name as lists and files can hold it: no control characters, single spaces, none at the ends.
std::string one_line(const std::string& name);

/// A stick of a colour: the smoothest reflectance that has it, and without a name the colour in words.
Stick stick_of(const colour::Lab& lab, const std::string& name, optics::Medium medium);

/// Can be put in a tray: owned, and something is left of it.
inline bool at_hand(const Stick& stick) { return stick.owned && stick.left > 0; }

struct Collection {
  std::string id;
  std::string name;
  std::vector<Stick> sticks;
};

/// From data/collections/*.json or a file of the artist's. A stick gives "masstone" (36 reflectances, 380 to
/// 730 nm) or "lab" (then the smoothest reflectance stands in). Errors name file, stick and field.
Result<Collection> load_collection(const std::filesystem::path& file);

/// The same from JSON in memory; `where` names the place in errors.
Result<Collection> collection_from_json(const nlohmann::json& json, const std::string& where);
nlohmann::json to_json(const Collection& collection);

/// The shipped collections, by file name.
Result<std::vector<Collection>> load_collections();

/// By id among the shipped ones, else as a file.
Result<Collection> find_collection(const std::string& id_or_file);

/// A whole collection needs one stick, ids that differ, and no more than 20 000.
Status check(const Collection& collection, const std::string& where);

/// Whether the text names a lightfastness class: "I" to "V", or empty for not known.
bool is_lightfast_class(const std::string& text);

/// K and S of a stick in its medium.
optics::Pigment pigment_of(const Stick& stick, const optics::Parameters& parameters);

/// Pigments whose Colour Index number names a compound that is harmful if breathed or swallowed (cadmium, cobalt,
/// chromium, lead, nickel, manganese). Common practice; the product's safety data sheet decides.
bool needs_care(const Stick& stick);

}  // namespace yd::media
