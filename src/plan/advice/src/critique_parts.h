// SPDX-License-Identifier: MIT
#pragma once

#include <functional>

#include "advice/critique.h"

namespace yd::plan {

/// Thresholds of the checks, ours, so that the tests and the texts name the same numbers.
namespace limits {
inline constexpr double kComplement_deg = 45;   ///< hues this near to a painter's complement grey it
inline constexpr double kColourful = 25;        ///< chroma from which a stick has a colour to lose
inline constexpr double kChromaLost = 8;        ///< chroma that rubbing costs
inline constexpr double kLightUnderBlack = 38;  ///< L* from which black over a colour dirties it
inline constexpr double kChromaShort = 4;       ///< and that the target misses
inline constexpr double kFlatSpread = 3;        ///< standard deviation of L* below which a dark is a hole
inline constexpr double kDarksShort = 6;        ///< L* by which the darkest dark is too light
inline constexpr double kRawGreenChroma = 36;
inline constexpr double kAllRubbed = 0.85;     ///< share of what has a texture …
inline constexpr double kTexturedArea = 0.05;  ///< … if that is at least so much of the picture
inline constexpr double kFirstTooth = 0.5;     ///< share of the tooth that a first stroke may take
inline constexpr int kManySticks = 18;
inline constexpr double kRareArea = 0.01;   ///< share of the picture a stick should serve
inline constexpr double kVividShare = 0.1;  ///< of the picture: its most vivid colours
inline constexpr double kVividLost = 6;     ///< CIEDE2000 to the subject by which one of them is lost
inline constexpr double kSkyRises = 6;      ///< L* from the top of a sky to the horizon that is seen
inline constexpr double kSkyKept = 0.4;     ///< share of it below which the plan has lost it
inline constexpr double kWaterApart = 8;    ///< CIEDE2000 by which water may be further from the sky than the subject's
inline constexpr double kStealing = 52;     ///< chroma of a red that is seen first
inline constexpr double kWorseBy = 1.5;     ///< CIEDE2000 that a remedy may cost
}  // namespace limits

using CheckFunction = std::vector<Finding> (*)(const CritiqueInput&);
std::vector<Finding> check_mud(const CritiqueInput& in);
std::vector<Finding> check_black_rubbed(const CritiqueInput& in);
std::vector<Finding> check_black_hole(const CritiqueInput& in);
std::vector<Finding> check_chalky_white(const CritiqueInput& in);
std::vector<Finding> check_raw_green(const CritiqueInput& in);
std::vector<Finding> check_lonely_accent(const CritiqueInput& in);
std::vector<Finding> check_pencil_over_soft(const CritiqueInput& in);
std::vector<Finding> check_tooth_full(const CritiqueInput& in);
std::vector<Finding> check_all_rubbed(const CritiqueInput& in);
std::vector<Finding> check_too_many_sticks(const CritiqueInput& in);
std::vector<Finding> check_pressed_early(const CritiqueInput& in);
std::vector<Finding> check_missing_darks(const CritiqueInput& in);
std::vector<Finding> check_distance(const CritiqueInput& in);
std::vector<Finding> check_halo(const CritiqueInput& in);
std::vector<Finding> check_focal_contrast(const CritiqueInput& in);
std::vector<Finding> check_vivid_lost(const CritiqueInput& in);
std::vector<Finding> check_sky_level(const CritiqueInput& in);
std::vector<Finding> check_water_alone(const CritiqueInput& in);
std::vector<Finding> check_red_steals(const CritiqueInput& in);
std::vector<Finding> check_all_sharp(const CritiqueInput& in);

const media::Stick& stick_of(const CritiqueInput& in, const Stroke& stroke);
/// The pass that lays stroke `level` of a target, by place; -1 where there is none.
int pass_of(const Plan& plan, int target, int level);

/// The options with another of the target's alternatives in place of its recipe: the nearest that pleases and costs no
/// more than kWorseBy. None where nothing is laid differently.
std::optional<PlanOptions> with_alternative(const CritiqueInput& in, int target,
                                            const std::function<bool(const Stack&)>& pleases);
/// Gives up the artist's own order as the remedy.
void offer_planners_order(const CritiqueInput& in, Finding& finding);
/// The options with another manner for these masses.
PlanOptions with_manner(const CritiqueInput& in, const std::vector<int>& masses, Manner manner);

}  // namespace yd::plan
