// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <functional>
#include <string>
#include <vector>

#include "order/rule.h"
#include "recipe/target.h"
#include "coat/underpaint.h"
#include "subject/masses.h"

namespace yd::plan {

/// What is done in a pass: a coat of underpainting, strokes of one stick, or fixative.
enum class PassKind { coat, stroke, fix };
const char* name(PassKind kind);

/// What a stroke pass is for. Body: the stick is near the colours it makes. The others earn their place otherwise:
/// below them, against them (a complement that greys), thinly over them, or as a touch on top.
enum class Purpose { body, undertone, complement, glaze, accent };
const char* name(Purpose purpose);

/// One stick, one technique, one stage of the work, over all the masses that ask for it.
struct Pass {
  int number = 0;  ///< 1 ..
  PassKind kind = PassKind::stroke;
  int stick = -1;                 ///< -1: mixed paint, or fixative
  double pressure = 1;            ///< the greatest
  double least_pressure = 1;      ///< where it is used at all
  std::vector<double> pressures;  ///< of each target; empty: the same all over
  Technique technique = Technique::laid;
  int level = 0;            ///< 0: on the ground, 1: over the first strokes …; of a fix, the strokes that follow it
  std::vector<int> levels;  ///< of each target, where one pass serves layers of several levels; empty: all `level`
  int underpaint = -1;      ///< of a coat: index into the plan's coats
  bool accent = false;      ///< a highlight or a small bright spot
  bool finishing = false;   ///< marks here and there over whatever lies there: no layer of its targets
  Purpose purpose = Purpose::body;
  double costs_when_off = 0;  ///< CIEDE2000 on the picture, more when its pressure is off by the hand; of the advice
  bool laid = false;          ///< done already, when the plan was made
  bool skipped = false;       ///< and left out
  subject::Plane plane = subject::Plane::middle;  ///< the furthest of its masses
  std::vector<int> targets;                       ///< indices into the targets, rising
  std::vector<int> masses;                        ///< indices into the masses, rising, once each
  PassReason reason;                              ///< why here
  double minutes = 0;                             ///< of work
  double dry_minutes = 0;                         ///< before anything goes over it, without heat
  double start_minute = 0;                        ///< from the beginning of the work, drying included
  double wait_minutes = 0;                        ///< before it, for something to dry
};

/// The pressure of a pass on one of its targets.
double pressure_on(const Pass& pass, int target);
/// The layer of the target's mass that the pass lays there.
int level_on(const Pass& pass, int target);
/// The pass with its pressure on each target times `by(target)`, up to 1; not laid at all where that is 0.
Pass pressed_by(const Pass& pass, const std::function<double(int)>& by);
/// Whether a stroke of a recipe is laid by the pass, which has this level there.
bool lays(const Pass& pass, int level, const Stroke& stroke);

/// From the colours of the stick and of the targets, and what lies over it.
Purpose purpose_of(const Pass& pass, std::span<const TargetPlan> targets, std::span<const media::Stick> sticks);

/// What a pass does to one mass.
struct PassPart {
  int mass = 0;
  double area = 0;                 ///< share of the picture that it touches
  double share = 0;                ///< of the mass
  double least = 1, greatest = 0;  ///< pressures
};
/// Mass by mass, rising.
std::vector<PassPart> parts_of(const Pass& pass, std::span<const TargetPlan> targets);
/// Share of the picture that a pass touches.
double area_of(const Pass& pass, std::span<const TargetPlan> targets);

/// One layer of a mass, over all its shades.
struct MassLayer {
  Stroke stroke;       ///< at its greatest pressure; fix_first where it is on most of it
  double least = 1;    ///< pressure
  double share = 0;    ///< of the mass that it touches
  double towards = 0;  ///< below 0: firmer where the mass is dark, above: where it is light; L* per pressure
};
/// The layers of a mass from the paper upwards.
std::vector<MassLayer> layers_of(std::span<const TargetPlan> targets, int mass);
/// For the dark, middle and light of a mass, as far as it has them, the shade with most area: indices of targets.
std::vector<int> representatives(std::span<const TargetPlan> targets, int mass);

/// What makes a pass the same one after the plan is made again: for orders by hand and marks.
std::string signature(const Pass& pass);

/// What lies on one target at some point of the work.
struct TargetState {
  bool coated = false;
  std::vector<Stroke> strokes;
  bool fixed = false;  ///< and fixed on top
};
TargetState state_after(std::span<const Pass> passes, int target, int count);

}  // namespace yd::plan
