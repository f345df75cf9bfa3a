// SPDX-License-Identifier: MIT
#pragma once

#include <nlohmann/json.hpp>

#include "make/plan.h"
#include "marks/too_narrow.h"

namespace yd::formats {

/// Of one pass: for each part that is used its width, how many marks, their length and minutes.
nlohmann::json marked_parts_to_json(const plan::MarkedPass& marks);

/// Every mark of a plan, in the order they are laid: docs/file-formats.md, "Marks". Numbers of passes as in the plan's.
nlohmann::json marks_to_json(const plan::Plan& plan);

/// What is finer than the hand on this sheet; masses by their ids.
nlohmann::json too_narrow_to_json(const plan::TooNarrow& found, const subject::Subject& subject);

}  // namespace yd::formats
