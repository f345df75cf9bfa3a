// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>
#include <vector>

#include "subject/masses.h"

namespace yd::subject {

/// Shades of a mass at least, where it has as many colours, and at most.
inline constexpr int kFewestShades = 8;
inline constexpr int kMostShades = 24;

/// The picture as a hand can follow it: smooth over some five millimetres of a sheet of 400 mm, edges kept in each Lab
/// channel for itself (guided filter: K. He, J. Sun, X. Tang, IEEE TPAMI 35, 2013), so that a red on a green of its own
/// lightness keeps its edge too.
LabImage soften(const LabImage& image);

/// Finds the shades of every mass in the softened picture and writes them, dark to light, into the masses: splits the
/// group of colours whose scatter is largest along its main axis (Y. Linde, A. Buzo, R. M. Gray, IEEE Trans. Comm. 28,
/// 1980) in DIN99o. Scatter grows with the square, so small vivid colours get groups of their own, and counts kInFocus
/// times where it matters. Returns the shade of each pixel, by its place in its mass. Deterministic.
Grid<std::uint8_t> find_shades(const LabImage& softened, const LabelImage& labels, std::vector<Mass>& masses,
                               const WhatMatters& where = {});

/// The shade of the mass that is nearest to a colour, by its place.
std::size_t nearest_shade(const Mass& mass, const colour::Lab& lab);

}  // namespace yd::subject
