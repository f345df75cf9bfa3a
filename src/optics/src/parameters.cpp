// SPDX-License-Identifier: MIT
#include "optics/parameters.h"

namespace yd::optics {

std::string_view name(WashKind kind) {
  constexpr auto names =
      std::to_array<std::string_view>({"transparent", "opaque", "ink", "brushed-water", "brushed-alcohol"});
  static_assert(names.size() == kWashKinds);
  return names[static_cast<std::size_t>(kind)];
}

std::vector<std::pair<std::string, double*>> bind(Parameters& p, std::span<const std::string> media) {
  std::vector<std::pair<std::string, double*>> out;
  p.media.resize(media.size());
  for (std::size_t m = 0; m < media.size(); ++m) {
    MediumParameters& q = p.media[m];
    const std::string& key = media[m];
    out.insert(out.end(), {{key + ".lay", &q.lay},
                           {key + ".reach_light", &q.reach_light},
                           {key + ".reach_firm", &q.reach_firm},
                           {key + ".scatter", &q.scatter},
                           {key + ".loose_light", &q.loose_light},
                           {key + ".loose_firm", &q.loose_firm},
                           {key + ".scrape", &q.scrape},
                           {key + ".slip", &q.slip},
                           {key + ".bite", &q.bite},
                           {key + ".grain", &q.grain}});
  }
  for (const WashKind w : kAllWashes) {
    WashParameters& q = p.washes[static_cast<std::size_t>(w)];
    const std::string key = "wash_" + std::string(name(w));
    out.insert(out.end(), {{key + ".scatter", &q.scatter},
                           {key + ".wet_scatter", &q.wet_scatter},
                           {key + ".follow", &q.follow},
                           {key + ".packing", &q.packing},
                           {key + ".loose", &q.loose},
                           {key + ".lift", &q.lift},
                           {key + ".dry_minutes", &q.dry_minutes}});
  }
  out.insert(out.end(), {{"rub.reach", &p.rub.reach},
                         {"rub.smear", &p.rub.smear},
                         {"rub.packing", &p.rub.packing},
                         {"rub.loose", &p.rub.loose},
                         {"rub.grain", &p.rub.grain},
                         {"fixative.scatter", &p.fixative.scatter},
                         {"fixative.loose", &p.fixative.loose},
                         {"fixative.settle", &p.fixative.settle},
                         {"fixative.dry_minutes", &p.fixative.dry_minutes},
                         {"lift.take", &p.lifting.take}});
  return out;
}

}  // namespace yd::optics
