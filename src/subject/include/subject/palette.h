// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <vector>

#include "colour/lab.h"
#include "subject/masses.h"

namespace yd::subject {

/// A colour of a palette and how much of the picture it stands for.
struct PaletteColour {
  colour::Lab lab;
  double share = 0;  ///< of the whole palette, above 0
  bool operator==(const PaletteColour&) const = default;
};

/// Colours kept of another picture, at most.
inline constexpr std::size_t kMostPalette = 48;

/// What a picture is made of, from the shades of its masses: the two colours whose joining loses least are joined until
/// few enough are left (J. H. Ward, JASA 58, 1963). Dark to light; shares sum to 1.
std::vector<PaletteColour> palette_of(std::span<const Mass> masses, std::size_t most = kMostPalette);

/// Where each colour of `from` goes so that the whole takes on the palette `to`: optimal transport in a and b, given
/// the rank in lightness, with an entropy of its own (M. Cuturi, "Sinkhorn Distances: Lightspeed Computation of
/// Optimal Transport", NIPS 2013), each colour to the mean of where its parts go. Lightness stays. Empty where either
/// is.
std::vector<colour::Lab> transported(std::span<const PaletteColour> from, std::span<const PaletteColour> to);

/// How far the hues and chromas of two palettes are apart, CIE 1976 in a and b: the quadratic Wasserstein distance,
/// mean over directions (J. Rabin, G. Peyré, J. Delon, M. Bernot, "Wasserstein Barycenter and Its Application to
/// Texture Mixing", SSVM 2011).
double palette_distance(std::span<const PaletteColour> p, std::span<const PaletteColour> q);

}  // namespace yd::subject
