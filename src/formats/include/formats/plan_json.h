// SPDX-License-Identifier: MIT
#pragma once

#include <nlohmann/json.hpp>

#include "board/figures.h"
#include "advice/judge.h"
#include "guide/guide.h"

namespace yd::formats {

/// The plan for other programs; docs/file-formats.md says what each field means. Angles in degrees, areas and tooth as
/// shares of 1, colours as Lab D50.
nlohmann::json plan_to_json(const plan::Plan& plan, const plan::Guide& guide, const subject::Subject& subject,
                            const media::Paper& paper, const media::Collection& collection,
                            const board::Figures& figures);

/// Adds to every target of a plan's JSON a "reach": why it is or is not reached, and what would help.
void add_reach(nlohmann::json& plan_json, const plan::Plan& plan, const std::vector<plan::Reach>& reach);

/// Adds to every target "lights": the CIEDE2000 of the match under each light, and "metamerism_warning".
void add_lights(nlohmann::json& plan_json, const plan::Plan& plan, const media::Paper& paper,
                const media::Collection& collection, const optics::Parameters& parameters);

/// To a whole number of parts of one: the quotient prints short where the product of a step would not.
double rounded(double value, double parts = 1e4);
nlohmann::json figure_to_json(const board::Figure& figure);
nlohmann::json lab_to_json(const colour::Lab& lab);

}  // namespace yd::formats
