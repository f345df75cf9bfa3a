// SPDX-License-Identifier: MIT
#pragma once

#include <optional>
#include <span>
#include <vector>

#include "check/locate.h"
#include "colour/lab.h"

namespace yd::check {

/// What the light is put right by.
enum class Reference { none, bare_paper, margin_strip, printed_greys };
const char* name(Reference reference);

/// Colours known to lie in the photograph.
struct Known {
  colour::Lab paper;               ///< bare sheet, D50
  std::vector<colour::Lab> strip;  ///< patches of a margin strip (board/strip.h), left to right; empty: there is none
};

/// The light of the photograph undone: what fell on each place, then the camera's own curve and colours.
/// The light on the sheet is exp(a_k + b_k x + c_k y + d x² + e x y + f y²) for channel k, x and y shares of the
/// picture: a low-order surface through the bare paper all round. The strip, where there is one, gives the curve
/// (log light to log light through the paper, a line and a square) and what channels take from each other.
struct LightFix {
  Reference by = Reference::none;
  std::array<double, 12> surface{};  ///< a, b, c of red, green, blue; d, e, f
  std::array<double, 2> curve{1, 0};
  std::array<double, 9> mix{1, 0, 0, 0, 1, 0, 0, 0, 1};
  colour::Light paper;       ///< the curve goes through it
  double residual_de00 = 0;  ///< CIEDE2000, mean, of the references once put right
  double scatter = 1e9;      ///< of the bare paper about the surface, in the logarithm of light
  double uneven = 0;         ///< the brightest place of the picture to the darkest, a ratio
  /// Logarithm of the light of channel k that fell on a place.
  double log_light(int k, double u, double v) const;
  colour::Light at(const colour::Light& seen, double u, double v) const;
};

/// CIEDE2000 of patches, once put right, above which they are not what they are taken for.
inline constexpr double kMostOff = 6;

/// A place of a rectangle, in shares of it, and the light that was seen there.
struct SeenAt {
  double u = 0, v = 0;
  colour::Light seen;
};
/// Mean of a small square of pixels round a place; nothing where it leaves the photograph.
std::optional<colour::Light> light_at(const Photo& photo, const Point& place, int reach);

/// The surface alone, through places of bare paper. `Reference::none` where they are too few, or scatter too much to be
/// one sheet.
LightFix fix_by_paper(std::span<const SeenAt> bare, const colour::Lab& paper);

/// Whether paper of one light is seen above the located picture and at both its sides; below there may be a strip.
bool margin_is_bare(const Photo& photo, const Located& located);

/// A colour that is known, and how it is seen once the light on it is even.
struct KnownPatch {
  colour::Light seen, wanted;
  double weight = 1;  ///< less for those that lie off
};
/// Curve and mixing by at least four of them, patch by patch less by how far each is off; sets the residual.
void fix_by_patches(std::vector<KnownPatch>& patches, LightFix& fix);

/// By least squares, robust (P. Huber's weights); a strip's patches that lie off are given up. Where
/// printed corner marks lie, by the greys on their cards. With neither these nor bare paper round the picture:
/// `Reference::none`, and only the exposure is guessed.
LightFix fix_light(const Photo& photo, const Located& located, const Known& known);

}  // namespace yd::check
