// SPDX-License-Identifier: MIT
#pragma once

#include <nlohmann/json.hpp>

#include "advice/ground_choice.h"
#include "tray/tray_work.h"
#include "advice/underpaint_choice.h"
#include "subject/values.h"

namespace yd::formats {

/// The four decisions before the first layer, for other programs; docs/file-formats.md names every field.
nlohmann::json subject_to_json(const subject::Subject& subject);
/// `ranked`: as judged, best first; `wished`: the underpainting they were judged with.
nlohmann::json grounds_to_json(const std::vector<plan::GroundVerdict>& ranked, std::span<const media::Paper> papers,
                               const plan::Plan& plan, const subject::Subject& subject,
                               const std::optional<plan::CoatChoice>& wished);
/// `proof`: how near the tray is to the best possible; null: not asked.
nlohmann::json tray_to_json(const plan::Plan& plan, const media::Collection& collection,
                            const std::vector<plan::CurvePoint>& curve, const plan::TrayProof* proof);
nlohmann::json coats_to_json(const plan::CoatAdvice& advice);

}  // namespace yd::formats
