// SPDX-License-Identifier: MIT
#include "card_light.h"

#include <algorithm>
#include <cmath>

#include "colour/ciede2000.h"
#include "printed/marks.h"

namespace yd::check {
namespace {

/// White paper for printers, from memory: the best are lighter and bluer.
constexpr colour::Lab kCardPaper{94, 0, -2};
/// CIEDE2000 of bare paper by the cards to what it is known to be: further off, it is the table that was taken for it.
constexpr double kNoPaper = 12;

/// One grey of one card: the light of each place of it.
using Places = std::vector<SeenAt>;

struct CardSeen {
  Places white;
  std::vector<std::pair<Places, double>> greys;  ///< with their share of the white's light
};

Places places_of(const Photo& photo, const Shares& shares, const MarkSeen& mark, const printed::Box& box) {
  Places out;
  for (const double s : {0.3, 0.43, 0.57, 0.7}) {
    for (const double t : {0.3, 0.43, 0.57, 0.7}) {
      const Point at = on_mark(mark, {box.left + s * box.width, box.top + t * box.height});
      const auto seen = light_at(photo, at, 1);
      const Point share = shares.of(at);
      if (seen) out.push_back({share.x, share.y, *seen});
    }
  }
  return out;
}

std::vector<CardSeen> cards_of(const Photo& photo, const Located& located) {
  const Shares shares(located.picture);
  std::vector<CardSeen> out;
  for (int corner = 0; corner < 4; ++corner) {
    const MarkSeen& mark = (*located.cards)[static_cast<std::size_t>(corner)];
    CardSeen card;
    for (const printed::Grey& g : printed::card_greys(corner)) {
      Places places = places_of(photo, shares, mark, g.box);
      if (places.empty()) continue;
      if (g.light == 1) {
        card.white = std::move(places);
      } else {
        card.greys.emplace_back(std::move(places), g.light);
      }
    }
    if (!card.white.empty()) out.push_back(std::move(card));
  }
  return out;
}

Places whites_of(const std::vector<CardSeen>& cards) {
  Places out;
  for (const CardSeen& c : cards) out.insert(out.end(), c.white.begin(), c.white.end());
  return out;
}

std::array<double, 3> mean_light(const Places& places, const LightFix& even) {
  std::array<double, 3> out{};
  for (const SeenAt& p : places) {
    const colour::Light c = even.at(p.seen, p.u, p.v);
    for (int k = 0; k < 3; ++k) out[static_cast<std::size_t>(k)] += channel(c, k) / static_cast<double>(places.size());
  }
  return out;
}

/// Every grey as if its card's white had come out as it should: cards lie in their own light.
std::vector<KnownPatch> patches_of(const std::vector<CardSeen>& cards, const LightFix& even) {
  const colour::Light white = even.paper;
  std::vector<KnownPatch> out;
  for (const CardSeen& card : cards) {
    const std::array<double, 3> own = mean_light(card.white, even);
    for (const auto& [places, share] : card.greys) {
      const std::array<double, 3> seen = mean_light(places, even);
      const auto light = [&](int k) {
        const auto i = static_cast<std::size_t>(k);
        return static_cast<float>(seen[i] * channel(white, k) / std::max(1e-4, own[i]));
      };
      const auto s = static_cast<float>(share);
      out.push_back({{light(0), light(1), light(2)}, {s * white.r, s * white.g, s * white.b}});
    }
  }
  return out;
}

/// The surface through the bare paper, moved so that the cards' white comes out as it should.
LightFix moved_to_white(LightFix fix, const Places& whites) {
  fix.paper = colour::to_light(kCardPaper);
  for (int k = 0; k < 3; ++k) {
    double off = 0;
    for (const SeenAt& p : whites) {
      const double light = std::log(std::max(1e-4, channel(p.seen, k)) / channel(fix.paper, k));
      off += (light - fix.log_light(k, p.u, p.v)) / static_cast<double>(whites.size());
    }
    fix.surface[3 * static_cast<std::size_t>(k)] += off;
  }
  return fix;
}

/// What the bare paper came to by the cards: every channel put right by it. False where it is not the paper at all.
bool held_to_paper(LightFix& fix, const LightFix& bare) {
  std::array<float, 3> lit{};
  for (int k = 0; k < 3; ++k)
    lit[static_cast<std::size_t>(k)] =
        static_cast<float>(std::exp(bare.log_light(k, 0.5, 0.5)) * channel(bare.paper, k));
  const colour::Light came_to = fix.at({lit[0], lit[1], lit[2]}, 0.5, 0.5);
  if (colour::ciede2000(colour::to_lab(came_to), colour::to_lab(bare.paper)) > kNoPaper) return false;
  for (int k = 0; k < 3; ++k) {
    const double by = channel(bare.paper, k) / std::max(1e-4, channel(came_to, k));
    for (std::size_t j = 0; j < 3; ++j) fix.mix[3 * static_cast<std::size_t>(k) + j] *= by;
  }
  return true;
}

}  // namespace

std::optional<LightFix> fix_by_cards(const Photo& photo, const Located& located, const LightFix& bare) {
  const std::vector<CardSeen> cards = cards_of(photo, located);
  const Places whites = whites_of(cards);
  LightFix by_white = fix_by_paper(whites, kCardPaper);
  const auto with_curve = [&](LightFix fix) {
    std::vector<KnownPatch> patches = patches_of(cards, fix);
    if (patches.size() < 4) {
      fix.by = Reference::none;
      return fix;
    }
    fix_by_patches(patches, fix);
    fix.by = fix.residual_de00 <= kMostOff ? Reference::printed_greys : Reference::none;
    return fix;
  };
  if (bare.by != Reference::none) {
    LightFix out = with_curve(moved_to_white(bare, whites));
    if (out.by != Reference::none && held_to_paper(out, bare)) return out;
  }
  if (by_white.by == Reference::none) return std::nullopt;
  by_white = with_curve(by_white);
  return by_white.by == Reference::none ? std::nullopt : std::optional(by_white);
}

}  // namespace yd::check
