// SPDX-License-Identifier: MIT
#pragma once

#include <nlohmann/json.hpp>

#include "media/fields.h"
#include "make/plan.h"
#include "subject/composition.h"
#include "subject/subject.h"

namespace yd::formats {

/// The artist's choices as project.json holds them; docs/file-formats.md names every field. Readers remember what is
/// wrong in `f` and go on; a field that is not there keeps its default, so that older projects open.
nlohmann::json composition_to_json(const subject::Composition& c);
void read_composition(media::Fields& f, subject::Composition& c);

nlohmann::json edits_to_json(const std::vector<subject::MassEdit>& edits);
void read_edits(media::Fields& f, std::vector<subject::MassEdit>& edits);

nlohmann::json own_colours_to_json(const subject::OwnColours& colours);
void read_own_colours(media::Fields& f, subject::OwnColours& colours);

nlohmann::json plan_options_to_json(const plan::PlanOptions& options, const media::Collection& collection);
/// Needs the collection, because sticks stand there by id.
void read_plan_options(media::Fields& f, plan::PlanOptions& options, const media::Collection& collection);

nlohmann::json rests_on_to_json(const plan::RestsOn& rests_on);

nlohmann::json marks_to_json(const std::vector<plan::PassMark>& marks);
void read_marks(media::Fields& f, std::vector<plan::PassMark>& marks);

}  // namespace yd::formats
