// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <nlohmann/json.hpp>
#include <vector>

#include "media/fields.h"
#include "subject/subject.h"

namespace yd::formats {

/// Things as files hold them: a list of {name, kind, weight, plane, outline or ring, strokes}; places are shares of
/// width and height.
nlohmann::json things_to_json(const std::vector<subject::Thing>& things);
void read_things(media::Fields& f, std::vector<subject::Thing>& things);

/// Of a file of its own. Errors: those of reading, `bad_value` naming file, thing and field.
Result<std::vector<subject::Thing>> load_things(const QString& file);

/// "name;kind;weight;x,y x,y …": one thing in a line; a single x,y,r is a ring. Errors: `bad_value`.
Result<subject::Thing> thing_of_text(const std::string& text);

/// What was found, with the masses of each: the legend of a map whose grey is the number.
nlohmann::json legend_to_json(const subject::Subject& subject);
/// 0 the rest, n the n-th thing, as grey.
subject::Grid<colour::Rgb8> things_map(const subject::Subject& subject);

}  // namespace yd::formats
