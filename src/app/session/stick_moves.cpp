// SPDX-License-Identifier: MIT
#include "session/stick_moves.h"

#include <algorithm>

namespace yd::app {
namespace {

/// The place in `to` of each stick of `from`; -1 where it is gone.
std::vector<int> places(const media::Collection& from, const media::Collection& to) {
  std::vector<int> out;
  for (const media::Stick& s : from.sticks) {
    const auto found =
        std::find_if(to.sticks.begin(), to.sticks.end(), [&](const media::Stick& t) { return t.id == s.id; });
    out.push_back(found == to.sticks.end() ? -1 : static_cast<int>(found - to.sticks.begin()));
  }
  return out;
}

}  // namespace

void keep_sticks_on_paper(const plan::PlanOptions& options, const media::Collection& from, media::Collection& to) {
  const std::vector<int> place = places(from, to);
  std::vector<int> kept;
  for (const plan::LaidPass& l : options.laid) {
    if (l.stick < 0 || place[static_cast<std::size_t>(l.stick)] >= 0) continue;
    if (std::find(kept.begin(), kept.end(), l.stick) != kept.end()) continue;
    kept.push_back(l.stick);
    to.sticks.push_back(from.sticks[static_cast<std::size_t>(l.stick)]);
    to.sticks.back().owned = false;
  }
}

void move_sticks(plan::PlanOptions& options, const media::Collection& from, const media::Collection& to) {
  const std::vector<int> place = places(from, to);
  const auto moved = [&](int stick) { return stick < 0 ? stick : place[static_cast<std::size_t>(stick)]; };
  for (std::vector<int>* list : {&options.given_tray, &options.wishes.must_have, &options.wishes.forbidden}) {
    for (int& s : *list) s = moved(s);
    std::erase(*list, -1);
  }
  std::erase_if(options.by_hand, [&](plan::HandChoice& h) {
    for (plan::Stroke& s : h.strokes) s.stick = moved(s.stick);
    return std::any_of(h.strokes.begin(), h.strokes.end(), [](const plan::Stroke& s) { return s.stick < 0; });
  });
  for (plan::RestOfShade& r : options.rest) {
    for (plan::Stroke& s : r.strokes) s.stick = moved(s.stick);
    std::erase_if(r.strokes, [](const plan::Stroke& s) { return s.stick < 0; });
  }
  for (plan::LaidPass& l : options.laid) l.stick = moved(l.stick);
  options.order_by_hand.clear();
}

}  // namespace yd::app
