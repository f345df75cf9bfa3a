// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <optional>
#include <span>
#include <vector>

#include "media/model.h"
#include "make/plan.h"
#include "support/observer.h"

namespace yd::plan {

/// What a ground is judged by; each mark is 0 to 1, the score their weighted mean. Weights 0 to 3, the artist's.
enum class GroundMark { room, head_start, cover, harmony, layers, wet };
inline constexpr std::size_t kGroundMarks = static_cast<std::size_t>(GroundMark::wet) + 1;
const char* name(GroundMark mark);
using GroundWeights = std::array<double, kGroundMarks>;
inline constexpr GroundWeights kGroundWeights{1, 0.7, 1.5, 0.5, 0.7, 0.4};

/// L* of a paper above which it is white, and below which it is black: no light or no dark shows on it.
inline constexpr double kWhitePaper = 88;
inline constexpr double kBlackPaper = 25;
/// A colour of the subject within this CIEDE2000 of the bare sheet is there already.
inline constexpr double kAlreadyThere = 10;
/// The media that are compared over a ground, thin to flooding.
inline constexpr std::array<optics::Medium, 3> kCompared{optics::Medium::pan, optics::Medium::pencil,
                                                         optics::Medium::soft};

/// How one paper serves one subject.
struct GroundVerdict {
  std::size_t paper = 0;          ///< index into the papers
  double room_light = 0;          ///< value steps from the sheet up to the lightest light to be laid
  double room_dark = 0;           ///< and down to the darkest dark
  double there = 0;               ///< share of the subject's area that the bare sheet already is
  int hardest = 0;                ///< the target that two layers of stick leave most of the sheet showing in
  std::array<double, 3> shows{};  ///< share of the sheet's colour seen there through two layers, by kCompared; -1: no
                                  ///< such stick in the collection
  double warmer = 0;     ///< what the sheet does to the whole picture under two layers of stick: colour::warmth
  double chroma = 0;     ///< and chroma, positive more vivid
  int bears_layers = 0;  ///< middle layers of soft stick until one more lays a fifth of the first
  int needs_layers = 0;
  bool takes_wet = false;  ///< the wished underpainting
  std::array<double, kGroundMarks> marks{};
  double score = 0;
};

struct GroundInput {
  const Plan* plan = nullptr;  ///< its targets and the layers it needs
  const subject::Subject* subject = nullptr;
  std::span<const media::Paper> papers;
  std::span<const media::Stick> sticks;
  const optics::Parameters* parameters = nullptr;
  std::optional<CoatChoice> coat;  ///< wished underpainting
  GroundWeights weights = kGroundWeights;
};

/// Best first; ties in the order of the papers. Errors: `bad_value`, `cancelled`.
Result<std::vector<GroundVerdict>> judge_grounds(const GroundInput& input, Observer& observer);

/// Two middle strokes of the stick on this ground, far-off colour and strata.
optics::StrataSpectra two_layers(const optics::Ground& ground, const media::Stick& stick,
                                 const optics::Parameters& parameters);

/// Share of the ground's colour that is still seen where `laid` lies over it: the way left to the pigment's own colour,
/// 0 (covered) to 1 (bare).
double show_through(const colour::Lab& laid, const colour::Lab& ground, const colour::Lab& pigment);

/// Index of the stick at hand of this medium nearest to a colour, or -1.
int nearest_of(std::span<const media::Stick> sticks, optics::Medium medium, const colour::Lab& wanted);

/// The picture's most delicate colours, tried on strips of the papers before anything is begun.
struct OffcutSheet {
  std::vector<int> targets;         ///< indices into the plan's, most delicate first
  std::vector<std::size_t> papers;  ///< indices into the papers, best first
  struct Strip {
    int stick = -1;  ///< -1: the collection has none of the medium
    optics::StrataSpectra strata;
    colour::Lab lab;
    double off = 0;  ///< CIEDE2000 to the target
  };
  std::vector<Strip> strips;  ///< by target, paper, medium of kCompared
  const Strip& strip(std::size_t target, std::size_t paper, std::size_t medium) const {
    return strips[(target * papers.size() + paper) * kCompared.size() + medium];
  }
};
inline constexpr std::size_t kOffcutColours = 5;
/// Delicate is what a change of paper moves most when laid with the thinnest medium there is.
OffcutSheet offcut_sheet(const GroundInput& input, std::span<const GroundVerdict> ranked, std::size_t papers);

}  // namespace yd::plan
