// SPDX-License-Identifier: MIT
#pragma once

#include <string>
#include <vector>

#include "check/laid.h"
#include "guide/places.h"

namespace yd::check {

/// What is off, in the order in which it is put right.
enum class Off { value, temperature, chroma, pair, edge };
const char* name(Off off);

/// One thing to do about a fault.
struct Mending {
  enum class Way { strokes, fixative, leave, cut, soften, lift, planned };
  Way way = Way::leave;
  std::vector<plan::Stroke> strokes;  ///< one or two, from the ground upwards, the same pressure all over; of cut: one;
                                      ///< of lift: none or one, laid when the loose pigment is off; of planned: that
                                      ///< of a pass that was left out, at the greatest of the pressures it was to have
  colour::Lab after;                  ///< of what was off
  double de00 = 0;                    ///< CIEDE2000 that is left then
};
const char* name(Mending::Way way);

/// A mass, or a part of it, that is not as it should be after the passes that are done.
struct Fault {
  Off off = Off::value;
  int mass = 0;
  int rival = -1;                     ///< of a pair, the mass it should be like; of an edge, the one on its other side
  std::vector<int> targets;           ///< shades that are off alike, in the plan's order; empty: the whole of it
  plan::Part part = plan::Part::all;  ///< where these lie
  Compared colours;
  double amount = 0;  ///< steps of nine; or colour::warmth; or chroma; measured less expected; of an edge its sharpness
  double spread_de00 = 0;         ///< what the hand alone makes of it
  double weight = 0;              ///< for ranking
  std::vector<Mending> mendings;  ///< best first
};

/// A difference of this much beyond what the hand alone makes is a fault, CIEDE2000.
inline constexpr double kFault = 3;
inline constexpr std::size_t kMostFaults = 5;

/// Masses that are off, or the shades of them that are off alike where the rest is right, weightiest first: by area, by
/// how much, by where the eye is to go; then masses of one colour that came out different, and borders that are softer
/// or harder than the others of the work (check/borders.h). `laid`: the Board of what was really laid.
std::vector<Fault> find_faults(const Reading& reading, const board::BoardImage& laid, const subject::Subject& subject,
                               const plan::Plan& plan, const HandSpread& spread);

/// For a fault one or two strokes of the tray, or fixative, on what is really there, or what is loose lifted first, or
/// a pass that was left out there laid now; to leave it where nothing gains. An edge is cut anew with a stick of the
/// mass in front, or softened by a rub across it. Measured colours that firmness does not explain stay on top of what
/// the model says.
std::vector<Mending> mend(const Fault& fault, const DoneWork& work, const Reading& reading, const MassLaid& laid,
                          std::span<const int> tray, const media::Collection& collection);

}  // namespace yd::check
