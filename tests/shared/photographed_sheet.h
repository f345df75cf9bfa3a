// SPDX-License-Identifier: MIT
#pragma once

#include "small_world.h"
#include "standin/filled_sheet.h"
#include "swatches/box.h"

namespace yd::trial {

/// What a printer takes.
inline const media::Paper& printable() { return paper(swatches::kPrintable); }

/// Sticks spread over the shipped collection; of these kinds in turn, or as they are where there are none.
inline std::vector<media::Stick> box_of(std::size_t count, std::uint64_t seed,
                                        const std::vector<optics::Medium>& kinds = {}) {
  const auto& all = shipped_collection().sticks;
  std::vector<media::Stick> out;
  for (std::size_t i = 0; i < count; ++i) {
    out.push_back(all[(7 * i + 3 * seed) % all.size()]);
    if (!kinds.empty()) out.back().medium = kinds[i % kinds.size()];
  }
  return out;
}

/// Held by hand over a sheet, twelve megapixels made smaller.
inline standin::Camera over_a_sheet(std::uint64_t seed) {
  standin::Camera camera = standin::handheld(seed);
  camera.margin = 0;
#ifdef __SANITIZE_ADDRESS__
  camera.width = 1200;
  camera.height = 1600;
#else
  camera.width = 1500;
  camera.height = 2000;
#endif
  return camera;
}

inline standin::Photograph photographed(const printed::Layout& layout, const standin::Filling& filling,
                                        const standin::Camera& camera, const media::Paper& paper = printable()) {
  constexpr double kPxPerMm = 6;
  return standin::photograph(standin::filled_sheet(layout, paper.lab, filling, kPxPerMm), paper.lab, camera).value();
}

}  // namespace yd::trial
