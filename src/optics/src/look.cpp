// SPDX-License-Identifier: MIT
#include "optics/look.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <vector>

#include "colour/observer.h"

namespace yd::optics {
namespace {

template <std::size_t Count>
colour::Bands<Count> mean_of(const StrataBands<Count>& strata) {
  colour::Bands<Count> m;
  for (const auto& s : strata) {
    for (std::size_t i = 0; i < Count; ++i) m[i] += s[i];
  }
  for (float& b : m.band) b *= 1.0F / kStrata;
  return m;
}

template <std::size_t Count>
Speckle speckle_of(const StrataBands<Count>& strata) {
  std::array<double, 3> sum{};
  std::array<double, 3> squares{};
  for (const auto& s : strata) {
    const colour::Lab lab = colour::to_lab(s);
    const std::array<double, 3> seen{lab.l, kChromaSeen * lab.a, kChromaSeen * lab.b};
    for (std::size_t i = 0; i < seen.size(); ++i) sum[i] += seen[i], squares[i] += seen[i] * seen[i];
  }
  std::array<double, 3> variance{};
  for (std::size_t i = 0; i < variance.size(); ++i) {
    const double mean = sum[i] / kStrata;
    variance[i] = std::max(0.0, squares[i] / kStrata - mean * mean);
  }
  return {std::sqrt(variance[0]), std::sqrt(variance[0] + variance[1] + variance[2])};
}

}  // namespace

Pigment mix_pigments(const Mix& mix, std::span<const Pigment> pigments) {
  Pigment p;
  for (const Mix::Part& part : mix.parts) {
    const Pigment& q = pigments[static_cast<std::size_t>(part.pigment)];
    for (std::size_t i = 0; i < colour::kBands; ++i) {
      p.k[i] += part.share * q.k[i];
      p.s[i] += part.share * q.s[i];
    }
  }
  return p;
}

std::vector<PileCoat> coats_of(const Pile& pile) {
  int last = 0;
  for (const auto& stratum : pile.strata())
    for (const Coat& c : stratum) last = std::max(last, c.event);
  std::vector<PileCoat> out(static_cast<std::size_t>(last));
  std::vector<char> any(out.size(), 0);
  for (std::size_t i = 0; i < kStrata; ++i) {
    for (const Coat& c : pile.strata()[i]) {
      if (c.load <= 0 || c.event < 1) continue;
      const auto place = static_cast<std::size_t>(c.event - 1);
      any[place] = 1;
      out[place].mix = c.mix;
      out[place].loads.load[i] = c.load;
      out[place].loads.cover[i] = grain_cover(c.load, c.grain);
      out[place].loads.scatter_scale = c.scatter_scale;
    }
  }
  std::size_t kept = 0;
  for (std::size_t e = 0; e < out.size(); ++e)
    if (any[e] != 0) out[kept++] = out[e];
  out.resize(kept);
  return out;
}

CoarseStrata shade(const Pile& pile, std::span<const CoarsePigment> pigments) {
  const Kernel& fast = kernel();
  CoarseStrata state = coarse(pile.ground().reflectance);
  CoatTable table;
  for (const PileCoat& coat : coats_of(pile)) {
    CoarsePigment mixed;
    for (const Mix::Part& part : pile.mixes()[static_cast<std::size_t>(coat.mix)].parts) {
      const CoarsePigment& q = pigments[static_cast<std::size_t>(part.pigment)];
      for (std::size_t i = 0; i < colour::kCoarseBands; ++i) {
        mixed.k[i] += part.share * q.k[i];
        mixed.s[i] += part.share * q.s[i];
      }
    }
    fast.films(mixed, coat.loads, table);
    fast.lay(state, table, state);
  }
  return state;
}

StrataSpectra shade(const Pile& pile, std::span<const Pigment> pigments) {
  std::vector<Pigment> mixed;
  mixed.reserve(pile.mixes().size());
  for (const Mix& m : pile.mixes()) mixed.push_back(mix_pigments(m, pigments));
  StrataSpectra out;
  for (std::size_t i = 0; i < kStrata; ++i) {
    out[i] = pile.ground().reflectance[i];
    for (const Coat& c : pile.strata()[i]) {
      if (c.load <= 0) continue;
      const float cover = grain_cover(c.load, c.grain);
      lay_over(film_spectrum(mixed[static_cast<std::size_t>(c.mix)], c.load / cover, c.scatter_scale), out[i], cover);
    }
  }
  return out;
}

Ground settle(const Pile& pile, std::span<const Pigment> pigments) {
  Ground g = pile.ground();
  g.reflectance = shade(pile, pigments);
  for (std::size_t i = 0; i < kStrata; ++i) {
    for (const Coat& c : pile.strata()[i]) g.depth[i] -= c.height;
  }
  return g;
}

colour::Spectrum mean(const StrataSpectra& strata) { return mean_of(strata); }

colour::CoarseSpectrum mean(const CoarseStrata& strata) { return mean_of(strata); }

double lightness_spread(const CoarseStrata& strata) {
  double sum = 0;
  double squares = 0;
  for (const auto& s : strata) {
    const double l = colour::lightness(s);
    sum += l;
    squares += l * l;
  }
  const double mean_l = sum / kStrata;
  return std::sqrt(std::max(0.0, squares / kStrata - mean_l * mean_l));
}

Speckle speckle(const StrataSpectra& strata) { return speckle_of(strata); }

Speckle speckle(const CoarseStrata& strata) { return speckle_of(strata); }

Look look(const StrataSpectra& strata) {
  Look out;
  out.lab = colour::to_lab(mean(strata));
  for (const colour::Spectrum& s : strata) out.local_chroma += colour::chroma(colour::to_lab(s)) / kStrata;
  const Speckle specks = speckle(strata);
  out.spread_l = specks.l;
  out.speckle = specks.seen;
  return out;
}

}  // namespace yd::optics
