// SPDX-License-Identifier: MIT
#pragma once

namespace yd::plan {

/// Why one pass goes before another. From strongest to weakest: where rules contradict each other the weaker gives way.
enum class Rule {
  built_up,          ///< strokes of one recipe, bottom first
  dries,             ///< nothing goes on a wet coat
  fixed,             ///< fixative after what it holds, and dry before what needs it
  hard_under_soft,   ///< a hard point does not take over a soft bed
  behind_soft_edge,  ///< the background before a soft edge over it, or a halo stays
  features_first,    ///< the artist's wish: focal masses before the rest
  far_first,         ///< what is nearer overlaps what is further
  light_first,       ///< light_coat: lights, then darks
  dark_first,        ///< darks, then lights
  thin_first,        ///< tone_map: thin, then firm
  black_last,
  intense_last,
  highlights_last,
  block_in,  ///< the whole picture is blocked in before anything is built on it
};
inline constexpr int kRules = static_cast<int>(Rule::block_in) + 1;
const char* name(Rule rule);
/// Broken only at the price of another picture: built_up, dries, fixed.
bool is_physics(Rule rule);

/// `before` and `after` are numbers of passes less one.
struct Edge {
  int before = 0;
  int after = 0;
  Rule rule = Rule::built_up;
  double lag_minutes = 0;
  int mass_before = -1;  ///< masses that gave rise to it
  int mass_after = -1;
};

/// Why a pass stands where it stands.
struct PassReason {
  enum class Kind {
    furthest,       ///< nothing has to go before it
    same_stick,     ///< nothing has to go before it, and the stick is in the hand
    rule,           ///< `edge`
    underpainting,  ///< coats go first
    done,
    left_out,
  };
  Kind kind = Kind::furthest;
  Edge edge;
  bool in_hand = false;  ///< of a rule: the stick is still in the hand besides
};

}  // namespace yd::plan
