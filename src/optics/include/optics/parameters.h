// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <cstddef>
#include <cstdint>
#include <span>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

namespace yd::optics {

/// A dry medium, by its place in the table of media (media/medium.h). Those that code and tests call by name have one
/// here; a table may hold more.
enum class Medium : std::uint8_t { pan, pencil, hard, soft, charcoal };
inline constexpr std::size_t kNamedMedia = 5;

/// Wet coats. Transparent ones only absorb; opaque ones scatter.
enum class WashKind { transparent, opaque, ink, brushed_water, brushed_alcohol };
inline constexpr std::size_t kWashKinds = static_cast<std::size_t>(WashKind::brushed_alcohol) + 1;
inline constexpr std::array kAllWashes{WashKind::transparent, WashKind::opaque, WashKind::ink, WashKind::brushed_water,
                                       WashKind::brushed_alcohol};
static_assert(kAllWashes.size() == kWashKinds);
std::string_view name(WashKind kind);

/// How a dry medium behaves. Loads and depths in load units (1 = mean depth of a medium tooth).
struct MediumParameters {
  double lay = 0;          ///< load laid at full pressure where the stick touches
  double reach_light = 0;  ///< depth below the top at which a light stroke lays 1/e
  double reach_firm = 0;   ///< the same at full pressure
  double scatter = 0;      ///< S per unit load
  double loose_light = 0;  ///< share of a light stroke's load that stays loose
  double loose_firm = 0;   ///< the same at full pressure
  double scrape = 0;       ///< share of the loose load under a full-pressure point that it pushes aside
  double slip = 0;         ///< grip lost per load of loose pigment underneath
  double bite = 0;         ///< exponent of the free tooth in the grip: hard points need bare tooth to bite
  double grain = 0;        ///< load of a layer one particle thick: thinner ones leave gaps
};

struct WashParameters {
  double scatter = 0;      ///< S per unit load once dry; 0 for transparent
  double wet_scatter = 0;  ///< S while wet, as a share of dry
  double follow = 0;       ///< 0 even coat, 1 twice as thick at mean depth's double
  double packing = 0;      ///< height taken in the tooth per unit load
  double loose = 0;        ///< share left loose when dry
  double lift = 0;         ///< share of the loose load below that the brush takes up and mixes in
  double dry_minutes = 0;  ///< usual drying time of a thin coat without heat
};

struct RubParameters {
  double reach = 0;    ///< loads of cover through which a rub still moves 1/e of the loose pigment
  double smear = 0;    ///< share laid back evenly; the rest goes valleys first
  double packing = 0;  ///< height per load once pressed down
  double loose = 0;    ///< share that stays loose afterwards
  double grain = 0;    ///< rubbed films leave finer gaps than strokes
};

struct FixativeParameters {
  double scatter = 0;  ///< S afterwards, as a share of before
  double loose = 0;    ///< loose share afterwards, as a share of before
  double settle = 0;   ///< height afterwards, as a share of before: the tooth given back
  double dry_minutes = 0;
};

struct LiftParameters {
  double take = 0;  ///< share of the loose pigment that a stiff dry brush takes off, as deep as a rub gets
};

/// What a hand makes of a pressure it is asked for: a share of it, by a line from no pressure to full. 1: as asked.
struct HandPressure {
  double light = 1;  ///< of a very light stroke, 0.2 to 3
  double firm = 1;   ///< of one at full pressure, 0.2 to 2
  /// 0 to 1.
  double of(double asked) const {
    const double pressed = asked * (light + (firm - light) * asked);
    return pressed < 0 ? 0 : pressed > 1 ? 1 : pressed;
  }
  bool operator==(const HandPressure&) const = default;
};

/// Everything the model knows besides the paper and the pigments.
struct Parameters {
  std::vector<MediumParameters> media = std::vector<MediumParameters>(kNamedMedia);  ///< by place in the table
  std::array<WashParameters, kWashKinds> washes;
  RubParameters rub;
  FixativeParameters fixative;
  LiftParameters lifting;
  HandPressure hand;  ///< of the artist, found by offcuts (calibrate/calibrate.h); no parameter of the material

  const MediumParameters& of(Medium m) const { return media[static_cast<std::size_t>(m)]; }
  const WashParameters& of(WashKind w) const { return washes[static_cast<std::size_t>(w)]; }
};

/// Every parameter by its key in the data file ("soft.lay"), for reading, fitting and sensitivity runs. `media`: names
/// of the media, in the order of the table; it decides how many there are.
std::vector<std::pair<std::string, double*>> bind(Parameters& p, std::span<const std::string> media);

}  // namespace yd::optics
