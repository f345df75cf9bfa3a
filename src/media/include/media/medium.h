// SPDX-License-Identifier: MIT
#pragma once

#include <filesystem>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "optics/parameters.h"
#include "support/result.h"

namespace yd::media {

using optics::Medium;

/// What a medium has in the hand: which of its parts can touch follows from it, and how it is drawn.
enum class Body { pan, pencil, square, stub, twig };
std::string_view name(Body body);

/// All that a dry medium is, besides how its pigment lies in the tooth (optics::MediumParameters). A row of
/// data/model/media.json; the numbers are our own guesses, from memory.
struct MediumFacts {
  std::string name;  ///< in every file: a medium is never told by its place
  Body body = Body::stub;
  int softness = 0;           ///< rank, 0 to 9: what is softer goes over what is harder, never the other way
  double covers_cm2_min = 0;  ///< pace on paper, 1 to 1000
  double length_mm = 0;       ///< of a new one, 1 to 500
  double section_mm2 = 0;     ///< of what lays colour, 1 to 5000
  double lost = 1;            ///< dust, sharpening, crumbs: more goes than lies on the paper; 1 to 10
  bool dirties = false;       ///< colours above and beside it: kept for the tone map, unless it is asked for
  std::string reason;

  bool pointed() const { return body == Body::pencil; }
  bool draws_lines() const { return body == Body::pencil || body == Body::square; }
  bool blunt() const { return body == Body::stub || body == Body::twig; }  ///< too broad an end for fine places
};

/// Media by their place in a table of their rows.
using MediumTable = std::vector<MediumFacts>;

/// Reads a table. Errors name the file and the row; a name twice, none at all or more than 64 are errors too.
Result<MediumTable> load_media(const std::filesystem::path& file);

/// The shipped table, read once; what was wrong with it is what load_model says.
const Result<MediumTable>& shipped_media();

/// All of the shipped table, in its order.
std::span<const Medium> all_media();
/// Its row; of what the table does not have, a row without a name.
const MediumFacts& facts(Medium medium);
std::string_view name(Medium medium);
/// Errors: `bad_value` naming those there are.
Result<Medium> medium_by_name(const std::string& name);

}  // namespace yd::media
