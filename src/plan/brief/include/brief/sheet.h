// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>
#include <optional>
#include <string>
#include <vector>

#include "coat/underpaint.h"
#include "marks/mark.h"
#include "order/passes.h"
#include "recipe/target.h"

namespace yd::plan {

/// Strokes of one shade that are still to come, from what is laid upwards.
struct RestOfShade {
  int mass = 0;
  int shade = 0;
  std::vector<Stroke> strokes;
  bool operator==(const RestOfShade&) const = default;
};

/// What a coat on the paper was: it stays when the choice of underpainting changes.
struct LaidCoat {
  CoatChoice how;
  colour::Lab wanted;
  bool operator==(const LaidCoat&) const = default;
};

/// A pass that is done, or left out for good: the plan of the rest is built on it.
struct LaidPass {
  struct Part {
    int mass = 0;
    subject::Role role = subject::Role::middle;
    int shade = -1;       ///< of the mass; -1: all of the role (plans made before masses had shades)
    double pressure = 0;  ///< 0: that of the pass
    int level = -1;       ///< layer of its mass; -1: that of the pass
    bool operator==(const Part&) const = default;
  };
  PassKind kind = PassKind::stroke;
  int stick = -1;
  double pressure = 1;
  Technique technique = Technique::laid;
  int level = 0;
  std::optional<LaidCoat> coat;  ///< of a coat, and only of one
  bool skipped = false;
  std::string note;
  std::int64_t at_s = 0;  ///< when it was done, seconds since 1970
  std::vector<Part> parts;
  bool finishing = false;       ///< marks over whatever lies there, no layer of these parts
  std::vector<LaidMark> marks;  ///< of a finishing pass, and only of one: others follow from the shades
  bool operator==(const LaidPass&) const = default;
};

/// What was said of a pass at the easel; the pass by its signature, so that it survives another order.
struct PassMark {
  enum class State { open, done, skipped };
  std::string pass;
  State state = State::open;
  std::string note;
  std::int64_t at_s = 0;  ///< when, seconds since 1970: for what dries
  double minutes = 0;     ///< it took
  bool operator==(const PassMark&) const = default;
};
const char* name(PassMark::State state);

/// Strokes of the passes that are done, on one shade.
std::vector<Stroke> laid_on(const std::vector<LaidPass>& laid, const TargetPlan& target);

/// The sheet as it lies there: its size, and what is on it.
struct SheetState {
  double sheet_cm2 = 1200;     ///< for the minutes a pass takes
  std::vector<LaidPass> laid;  ///< on the paper already
  /// Of a plan that is gone on with the strokes still to come: they stay, at new pressures, and others follow where
  /// they gain enough. Only with `laid` and a given tray. Empty: what is left is planned freely.
  std::vector<RestOfShade> rest;
  bool operator==(const SheetState&) const = default;
};

}  // namespace yd::plan
