// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "colour/lab.h"
#include "subject/edits.h"
#include "subject/palette.h"
#include "support/result.h"

namespace yd::subject {

/// What is done with the colours of the whole picture. Warm light: lights towards orange, shadows towards blue-violet;
/// cool light the reverse. Led: everything some way towards one colour. Common practice, no published source.
enum class Mood { as_seen, vivid, quiet, warm_light, cool_light, led };
inline constexpr std::array kAllMoods{Mood::as_seen,    Mood::vivid,      Mood::quiet,
                                      Mood::warm_light, Mood::cool_light, Mood::led};
const char* name(Mood mood);
Result<Mood> mood_by_name(const std::string& name);

/// Colours of the artist's own instead of the subject's. Values stay as they are; colours of single masses stand among
/// the edits (MassEdit::Kind::colour) and go before these.
struct OwnColours {
  Mood mood = Mood::as_seen;
  double amount = 0.6;                     ///< of the mood, 0 to 1
  colour::Lab leading{60, 20, 40};         ///< of Mood::led: its hue and chroma count
  std::vector<PaletteColour> palette{};    ///< of another picture; empty: none
  std::string palette_name{};              ///< where it comes from
  double palette_amount = 1;               ///< 0 to 1
  std::optional<colour::Lab> returning{};  ///< comes back in the dark of every mass and ties the picture together
  bool operator==(const OwnColours&) const = default;
  /// Nothing of the picture changes.
  bool plain() const {
    return (mood == Mood::as_seen || amount <= 0) && (palette.empty() || palette_amount <= 0) && !returning;
  }
};
/// Errors: `bad_value` naming the field.
Status check(const OwnColours& colours);

/// A colour of the family at another lightness: most chroma at the family's own, none at black and white; lights lean
/// to yellow, darks to violet, as a family of sticks does. Common practice, no published source.
colour::Lab in_family(const colour::Lab& family, double l);

/// The same colour with no more chroma than a screen can show; hue and lightness stay.
colour::Lab held_in_gamut(const colour::Lab& lab);

/// Whether a picture is a drawing or a grey page: hardly a place of it has chroma.
bool without_colour(const LabImage& squinted);
inline constexpr double kGreyChroma = 7;  ///< the 98th percentile of chroma below which a picture has no colour

/// Families for a subject without colour: one for every plane, two that take turns within it, and one that returns.
struct Scheme {
  const char* name = "";
  std::array<std::array<colour::Lab, 2>, 3> families{};  ///< background, middle ground, foreground
  colour::Lab returning;
};
/// Invented for this program.
std::span<const Scheme> schemes();
/// One edit a mass, so that the artist can change any of them afterwards. Bands of one gradient share a family.
std::vector<MassEdit> families_for(std::span<const Mass> masses, std::span<const GradientPair> bands,
                                   const Scheme& scheme);

/// Recolours pixels: first the palette, then the mood, looked up in a lattice over Lab, so that like colours go the
/// same way and a picture costs what a look-up costs.
class Recolouring {
 public:
  /// `masses`: of the subject as it is; `families`: of each mass, where the artist gave it one.
  Recolouring(const OwnColours& colours, std::span<const Mass> masses,
              std::span<const std::optional<OwnFamily>> families);
  colour::LabPixel at(const colour::LabPixel& pixel, int mass) const;
  /// Families run into each other where the picture has no edge in value.
  LabImage apply(const LabImage& image, const LabelImage& labels) const;

 private:
  struct Shift {
    float a = 0, b = 0;
  };
  /// A family at every lightness: in_family asks for roots and the gamut, too much for every pixel.
  using Line = std::array<Shift, 129>;
  static Line line_of(const colour::Lab& family);
  static Shift on_line(const Line& line, float l);
  void fill(const OwnColours& colours, std::span<const Mass> masses);
  Shift shift_at(const colour::LabPixel& pixel) const;

  std::vector<Shift> lattice_;
  std::vector<std::optional<Line>> families_;
  std::vector<float> amounts_;      ///< of the families
  std::vector<colour::Lab> means_;  ///< of each mass as it is
  std::vector<float> darks_;        ///< L* below which a place is the dark of its mass
  std::optional<Line> returning_;
};

}  // namespace yd::subject
