// SPDX-License-Identifier: MIT
#pragma once

#include <initializer_list>
#include <vector>

#include "colour/observer.h"
#include "media/collection.h"
#include "media/model.h"
#include "media/paper.h"
#include "make/plan.h"

namespace yd::trial {

inline const media::Model& shipped_model() {
  static const media::Model model = media::load_model().value();
  return model;
}

inline const optics::Parameters& parameters() { return shipped_model().parameters; }

inline const media::Collection& shipped_collection() {
  static const media::Collection collection = media::find_collection("generic").value();
  return collection;
}

inline const media::Paper& paper(const char* id = "sanded-400-warm-grey") {
  static const std::vector<media::Paper> papers = media::load_papers().value();
  for (const media::Paper& p : papers) {
    if (p.id == id) return p;
  }
  return papers.front();
}

/// A step for `every` that plans well and soon; the sanitizers are ten times as slow.
#ifdef __SANITIZE_ADDRESS__
inline constexpr std::size_t kEnough = 5;
/// Of many alike, every n-th is tried: what they say together the release build asks of all.
inline constexpr std::size_t kThinned = 4;
#else
inline constexpr std::size_t kEnough = 2;
inline constexpr std::size_t kThinned = 1;
#endif

template <class T>
std::vector<T> thinned(std::initializer_list<T> all) {
  std::vector<T> out;
  for (std::size_t i = 0; i < all.size(); i += kThinned) out.push_back(all.begin()[i]);
  return out;
}

/// Every n-th stick of the shipped collection: small enough for brute force.
inline media::Collection every(std::size_t n) {
  media::Collection out{"small", "Small", {}};
  const auto& all = shipped_collection().sticks;
  for (std::size_t i = 0; i < all.size(); i += n) out.sticks.push_back(all[i]);
  return out;
}

/// The shipped sticks without those that are mixed for landscapes: leaves and skies have to be built in layers.
inline media::Collection without_landscape() {
  media::Collection out = shipped_collection();
  std::erase_if(out.sticks, [](const media::Stick& s) {
    return s.id.starts_with("soft-sap-green") || s.id.starts_with("soft-yellow-green") ||
           s.id.starts_with("soft-cerulean");
  });
  return out;
}

/// A picture of four bands and a few patches, read into masses.
inline subject::Subject small_subject(int width = 320, int height = 240) {
  subject::LabImage image(width, height);
  const colour::LabPixel colours[] = {{82, 0, -8}, {48, 8, -18}, {55, -12, 22}, {30, 12, 14},
                                      {90, 2, 8},  {42, 40, 30}, {22, 4, -10},  {66, 10, 36}};
  for (int y = 0; y < height; ++y) {
    for (int x = 0; x < width; ++x) {
      int which = 4 * y / height;
      if (x > width / 2 && (y / (height / 8)) % 2 == 1) which += 4;
      colour::LabPixel c = colours[which];
      c.l += 10.0F * static_cast<float>(x % (width / 2)) / static_cast<float>(width / 2) - 5;
      image.at(x, y) = c;
    }
  }
  Observer observer;
  return subject::read_subject(std::move(image), {0.2, 12}, observer).value();
}

inline const subject::Subject& bands_and_patches() {
  static const subject::Subject s = small_subject();
  return s;
}

/// The mass and all its shades.
inline void give_texture(subject::Mass& mass, double texture) {
  mass.texture = texture;
  for (subject::Shade& s : mass.shades) s.texture = texture;
}

inline plan::PlanOptions options_with(int sticks) {
  plan::PlanOptions options;
  options.most_sticks = sticks;
  return options;
}

inline plan::Plan small_plan(const subject::Subject& subject, const media::Collection& collection, int sticks = 8,
                             const char* on = "sanded-400-warm-grey") {
  Observer observer;
  return plan::make_plan(subject, paper(on), collection, parameters(), options_with(sticks), observer).value();
}

}  // namespace yd::trial
