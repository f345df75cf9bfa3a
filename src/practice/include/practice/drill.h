// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <optional>
#include <string>
#include <vector>

#include "media/collection.h"
#include "media/paper.h"
#include "optics/parameters.h"
#include "practice/eye.h"
#include "recipe/recipe.h"
#include "subject/masses.h"
#include "support/random.h"
#include "support/result.h"

namespace yd::practice {

/// Drills of a minute or two. Name the value: one patch, nine steps. Lighter, warmer: which of two. Mixture: what a
/// stack of strokes will be. Nearest: which stick. Masses: which of two masses of a picture is lighter, eyes half
/// closed. Together: which of four masses runs together with one, eyes half closed. Wrong place: which passage of a
/// board is off. Mixing: make a colour with two or three strokes.
enum class Kind { value, lighter, warmer, mixture, nearest, masses, together, wrong_place, mixing };
inline constexpr std::array kKinds{Kind::value,  Kind::lighter,  Kind::warmer,      Kind::mixture, Kind::nearest,
                                   Kind::masses, Kind::together, Kind::wrong_place, Kind::mixing};
const char* name(Kind kind);

/// Hues a drill may keep to; an eye's bias differs from one to the other.
enum class Family { grey, red, orange, yellow, green, blue, violet };
inline constexpr std::array kFamilies{Family::grey,  Family::red,  Family::orange, Family::yellow,
                                      Family::green, Family::blue, Family::violet};
const char* name(Family family);

/// What a patch lies on: L* of a grey.
inline constexpr std::array<double, 3> kSurrounds{22, 52, 84};

struct Patch {
  colour::Lab lab;
  double surround = kSurrounds[1];  ///< L* of the grey round it
};

/// One question. Patches are what is shown; the answer is one of `answers`.
struct Task {
  Kind kind = Kind::value;
  std::vector<Patch> patches;         ///< value: one; lighter, warmer: two; mixture, nearest: the colour asked for
  std::vector<plan::Stroke> strokes;  ///< mixture: the stack, from the paper upwards
  std::vector<colour::Lab> choices;   ///< mixture, nearest: colours to choose from
  std::vector<int> sticks;            ///< nearest: a stick for each choice; mixing: those at hand
  std::vector<int> masses;            ///< masses, wrong place: of the subject, in the order they are numbered;
                                      ///< together: the one asked for, then those to choose from
  int answers = 2;                    ///< how many there are, 0 ..; of values 9, the darkest first
  int right = 0;
  double difference = 0;  ///< in truth: value steps, tens of warmth, or CIEDE2000
  double shift_l = 0;     ///< wrong place: what is added to L* of the wrong mass
};

/// What drills are made of: the present picture and plan, or an invented one.
struct Material {
  std::vector<subject::Mass> masses;  ///< may be empty: then no drill of masses
  std::vector<media::Stick> sticks;   ///< of the tray
  media::Paper paper;
  optics::Parameters parameters;
};

/// What a drill came to.
struct Outcome {
  Kind kind = Kind::value;
  Family family = Family::grey;
  int trials = 0;
  double right = 0;                                     ///< share of the answers
  Estimate eye;                                         ///< value steps; warmth in tens; of choices CIEDE2000
  std::array<double, kSurrounds.size()> by_surround{};  ///< mean of answer less truth, value steps, of Kind::value
  std::vector<double> last;                             ///< differences shown, in order
};

/// How many questions a drill has.
inline constexpr int kTrials = 40;
int trials_of(Kind kind);

/// Whether a drill can be made of this material.
bool possible(Kind kind, const Material& material);

/// One drill: asks, hears, learns. Order and surrounds are balanced: in every block each surround, each side and each
/// step comes equally often. The same seed gives the same drill for the same answers.
class Drill {
 public:
  /// The material must make the drill possible.
  Drill(Kind kind, Family family, const Material& material, std::uint64_t seed);
  const Task& task() const { return task_; }
  /// Questions answered so far.
  int asked() const { return asked_; }
  bool over() const { return asked_ >= trials_of(kind_); }
  /// Takes an answer and makes the next task. Returns whether it was right: of values within half a step.
  bool answer(int choice);
  /// Of mixing: how near the artist's strokes came.
  double answer(const std::vector<plan::Stroke>& strokes);
  /// What the answers so far say of the eye; ask when the drill is over, or when it is broken off.
  Outcome outcome() const;

 private:
  void ask();
  void ask_value();
  void ask_pair();
  void ask_mixture();
  void ask_nearest();
  void ask_masses();
  void ask_together();
  void ask_wrong_place();
  void ask_mixing();
  int turn(int of);
  colour::Lab look_of(const std::vector<plan::Stroke>& strokes) const;
  plan::Stroke some_stroke(int level);
  std::vector<plan::Stroke> some_strokes();
  colour::Lab near_to(const colour::Lab& lab, double de00);
  colour::Lab some_colour(Family family, double l);

  Kind kind_;
  Family family_;
  Material material_;
  Random random_;
  Task task_;
  int asked_ = 0;
  int right_ = 0;
  Eye eye_;
  Finder finder_;
  std::vector<int> deck_;  ///< of the present block
  std::array<double, kSurrounds.size()> sum_off_{};
  std::array<int, kSurrounds.size()> seen_{};
  std::vector<double> last_;
};

}  // namespace yd::practice
