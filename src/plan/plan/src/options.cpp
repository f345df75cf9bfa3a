// SPDX-License-Identifier: MIT
#include "plan/options.h"

#include <algorithm>

namespace yd::plan {
namespace {

Status check_sticks(const PlanOptions& options, std::size_t sticks) {
  const auto there = [&](int s) { return s >= 0 && static_cast<std::size_t>(s) < sticks; };
  for (const std::vector<int>* list : {&options.given_tray, &options.wishes.must_have, &options.wishes.forbidden}) {
    if (!std::all_of(list->begin(), list->end(), there)) return bad_value("tray", "names a stick that is not there");
  }
  for (const HandChoice& h : options.by_hand) {
    for (const Stroke& s : h.strokes) {
      if (!there(s.stick)) return bad_value("by_hand", "names a stick that is not there");
      if (!(s.pressure >= 0 && s.pressure <= 1)) return bad_value("by_hand", "pressure must be from 0 to 1");
    }
  }
  for (const RestOfShade& r : options.rest) {
    for (const Stroke& s : r.strokes) {
      if (!there(s.stick)) return bad_value("rest", "names a stick that is not there");
      if (!(s.pressure >= 0 && s.pressure <= 1)) return bad_value("rest", "pressure must be from 0 to 1");
    }
  }
  for (const LaidPass& p : options.laid) {
    if (p.kind == PassKind::stroke && !there(p.stick)) return bad_value("laid", "names a stick that is not there");
    if (p.kind == PassKind::coat && !p.coat) return bad_value("laid", "does not say which underpainting");
    if (p.kind == PassKind::coat && p.stick != -1 && !there(p.stick))
      return bad_value("laid", "names a stick that is not there");
    if (!(p.pressure >= 0 && p.pressure <= 1)) return bad_value("laid", "pressure must be from 0 to 1");
    for (const LaidPass::Part& part : p.parts) {
      if (!(part.pressure >= 0 && part.pressure <= 1)) return bad_value("laid", "pressure must be from 0 to 1");
    }
  }
  return success();
}

}  // namespace

const char* name(PassMark::State state) {
  return state == PassMark::State::done ? "done" : state == PassMark::State::skipped ? "skipped" : "open";
}

Status check(const PlanOptions& options, std::size_t sticks) {
  if (options.most_sticks < 1 || options.most_sticks > 60) return bad_value("sticks", "must be from 1 to 60");
  if (options.most_strokes < 1 || options.most_strokes > static_cast<int>(kMostStrokes))
    return bad_value("strokes", "must be from 1 to 4");
  if (!(options.hand >= 0 && options.hand <= 0.5)) return bad_value("hand", "must be from 0 to 0.5");
  if (!(options.presses.light >= 0.2 && options.presses.light <= 3 && options.presses.firm >= 0.2 &&
        options.presses.firm <= 2))
    return bad_value("presses", "must be from 0.2 to 3 where light, to 2 where firm");
  if (options.wish_passes && *options.wish_passes < 1) return bad_value("passes", "must be at least 1");
  if (options.wish_minutes && !(*options.wish_minutes >= 5)) return bad_value("time", "must be at least 5 minutes");
  if (!(options.sheet_cm2 > 0 && options.sheet_cm2 < 1e6)) return bad_value("sheet_cm2", "must be above 0");
  const auto possible = [](double pace) { return pace >= 1 / kSlowestPace && pace <= kSlowestPace; };
  if (!possible(options.pace.brush) ||
      !std::all_of(options.pace.by_medium.begin(), options.pace.by_medium.end(), possible))
    return bad_value("pace", "must be from 1/20 to 20");
  if (!(options.sitting_minutes >= 15 && options.sitting_minutes <= 600))
    return bad_value("sitting_minutes", "must be from 15 to 600");
  return check_sticks(options, sticks);
}

optics::Parameters parameters_for(const PlanOptions& options, optics::Parameters parameters) {
  parameters.hand = options.presses;
  return parameters;
}

bool same_recipes(const PlanOptions& p, const PlanOptions& q) {
  PlanOptions r = q;
  r.course = p.course;
  r.order_by_hand = p.order_by_hand;
  if (!p.wish_minutes) r.sheet_cm2 = p.sheet_cm2, r.pace = p.pace;  // they decide how long a pass takes
  r.sitting_minutes = p.sitting_minutes;
  return p == r;
}

StackRules rules_for(const PlanOptions& options, School picture, int mass) {
  StackRules out{picture, options.manner};
  for (const MassWay& w : options.ways) {
    if (w.mass != mass) continue;
    if (w.school) out.school = *w.school;
    if (w.manner) out.manner = *w.manner;
  }
  return out;
}

UnderpaintOptions with_tone_map(const PlanOptions& options, School picture, std::size_t masses) {
  UnderpaintOptions out = options.underpaint;
  const CoatChoice tones{CoatMedium::charcoal, CoatColours::tonal};
  if (picture == School::tone_map && !out.picture) out.picture = tones;
  for (std::size_t m = 0; m < masses; ++m) {
    const int mass = static_cast<int>(m);
    const School school = rules_for(options, picture, mass).school;
    const bool own = std::any_of(out.exceptions.begin(), out.exceptions.end(), [&](const CoatException& e) {
      return e.where == CoatException::Where::mass && e.which == mass;
    });
    if (own || school == picture) continue;
    if (school == School::tone_map && !out.picture) out.exceptions.push_back({CoatException::Where::mass, mass, tones});
    // A mass of another school in a tone-mapped picture gets none, unless one was asked for.
    if (picture == School::tone_map && !options.underpaint.picture)
      out.exceptions.push_back({CoatException::Where::mass, mass, std::nullopt});
  }
  return out;
}

}  // namespace yd::plan
