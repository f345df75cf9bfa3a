// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <map>
#include <vector>

#include "colour/smoothest.h"
#include "media/model.h"
#include "media/paper.h"
#include "optics/look.h"
#include "optics/pile.h"

namespace yd::trial {

/// Smoothest reflectances, remembered: property tests ask for the same few colours thousands of times.
inline const colour::Spectrum& reflectance_of(const colour::Lab& lab) {
  static std::map<std::array<double, 3>, colour::Spectrum> known;
  const std::array<double, 3> key{lab.l, lab.a, lab.b};
  const auto found = known.find(key);
  return found != known.end() ? found->second : known.emplace(key, colour::nearest_reflectance(lab)).first->second;
}

/// A small patch of paper to try things on: sticks by Lab, operations in a chain.
class Patch {
 public:
  Patch(const colour::Lab& paper, const optics::Tooth& tooth, const optics::Parameters& parameters)
      : ground_(optics::make_ground(reflectance_of(paper), tooth)),
        parameters_(parameters),
        pile_(ground_, parameters_) {}
  Patch(const Patch&) = delete;
  Patch& operator=(const Patch&) = delete;

  Patch& stroke(const colour::Lab& stick, optics::Medium medium, double pressure) {
    pile_.stroke(add(optics::opaque_pigment(reflectance_of(stick), parameters_.of(medium).scatter)), medium, pressure);
    return *this;
  }
  Patch& wash(const colour::Lab& paint, optics::WashKind kind, double load, bool wet = false) {
    const colour::Spectrum& colour = reflectance_of(paint);
    const double scatter = parameters_.of(kind).scatter;
    pile_.wash(add(scatter > 0 ? optics::opaque_pigment(colour, scatter) : optics::transparent_pigment(colour)), kind,
               load, wet);
    return *this;
  }
  Patch& lift() {
    pile_.lift();
    return *this;
  }
  Patch& rub() {
    pile_.rub();
    return *this;
  }
  Patch& fix() {
    pile_.fix();
    return *this;
  }

  optics::Look look() const { return optics::look(optics::shade(pile_, pigments_)); }
  colour::Spectrum mean_reflectance() const { return optics::mean(optics::shade(pile_, pigments_)); }
  colour::Lab lab() const { return look().lab; }
  double tooth_left() const { return pile_.tooth_left(); }
  const optics::Pile& pile() const { return pile_; }

 private:
  int add(const optics::Pigment& p) {
    pigments_.push_back(p);
    return static_cast<int>(pigments_.size()) - 1;
  }

  optics::Ground ground_;
  optics::Parameters parameters_;
  optics::Pile pile_;
  std::vector<optics::Pigment> pigments_;
};

inline const optics::Tooth kFine{0.5, 1.2, 0.35};
inline const optics::Tooth kMedium{1.0, 1.0, 0.5};
inline const optics::Tooth kCoarse{1.7, 1.0, 0.6};

}  // namespace yd::trial
