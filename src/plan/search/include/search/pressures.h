// SPDX-License-Identifier: MIT
#pragma once

#include <functional>
#include <optional>
#include <span>
#include <vector>

#include "recipe/recipe.h"

namespace yd::plan {

/// A place of a mass for which a pressure is wanted for each layer.
struct PressurePlace {
  colour::Lab target;
  double area = 0;
  double smooth = 0;  ///< 0 textured to 1
};
/// One way to use the layers: 0 leaves a layer out.
struct PressureWay {
  std::vector<double> pressures;  ///< of each layer, 0 to 1
  colour::Lab lab;
  double unsteady = 0;      ///< squared CIEDE2000 (about) by which the hand and speckle stray
  double marks = 0;         ///< the same of speckle where it is smooth
  bool poor_start = false;  ///< no start for a light shade: the first layer used is a dark, or not the school's coat
  double uneven = 0;        ///< of `unsteady`, what speckle and a full tooth make (`uneven_of`)
};

/// For every place the way that comes near in colour (exact CIEDE2000, expected over the hand) while like colours get
/// like pressures, so that the map of pressures is smooth: neighbours in colour pull at each other, a few rounds.
/// Returns indices into `ways`.
std::vector<std::size_t> fit_pressures(std::span<const PressurePlace> places, std::span<const PressureWay> ways);

/// What a place's layers come to at other pressures; nothing where the rules bar these. `unsteady` is not asked for.
using LookBetween = std::function<std::optional<PressureWay>(std::size_t place, const std::vector<double>& pressures)>;
/// A hand grades without steps: moves the pressures that are used, from the way fitted to each place, by sixteenths of
/// the full one, half a grade at most, while what `fit_pressures` judges by falls. What the hand's error makes of a way
/// is taken as at its grades.
void fit_between_grades(std::span<const PressurePlace> places, std::vector<PressureWay>& fitted,
                        const LookBetween& look);

}  // namespace yd::plan
