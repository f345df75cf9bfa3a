// SPDX-License-Identifier: MIT
#include "brief/options.h"

#include <algorithm>

#include "support/ranges.h"

namespace yd::plan {
namespace {

/// What names sticks of a collection with so many.
class StickCheck {
 public:
  explicit StickCheck(std::size_t sticks) : sticks_(sticks) {}

  Status of(const PlanOptions& options) const {
    for (const std::vector<int>* list : {&options.given_tray, &options.wishes.must_have, &options.wishes.forbidden}) {
      if (!std::all_of(list->begin(), list->end(), [&](int s) { return there(s); })) return missing("tray");
    }
    for (const HandChoice& h : options.by_hand) {
      if (h.strokes.size() > kMostStrokes) return bad_value("by_hand", "must have no more than 4 layers");
      if (Status ok = strokes("by_hand", h.strokes); !ok) return ok;
    }
    for (const RestOfShade& r : options.rest) {
      if (Status ok = strokes("rest", r.strokes); !ok) return ok;
    }
    for (const LaidPass& p : options.laid) {
      if (Status ok = laid(p); !ok) return ok;
    }
    return success();
  }

 private:
  bool there(int stick) const { return stick >= 0 && static_cast<std::size_t>(stick) < sticks_; }
  static Status missing(const char* where) { return bad_value(where, "names a stick that is not there"); }
  static Status pressure(const char* where, double value) {
    return check_ranges({{where, value, 0, 1, "pressure must be from 0 to 1"}});
  }

  Status strokes(const char* where, const std::vector<Stroke>& list) const {
    for (const Stroke& s : list) {
      if (!there(s.stick)) return missing(where);
      if (Status ok = pressure(where, s.pressure); !ok) return ok;
    }
    return success();
  }

  Status laid(const LaidPass& p) const {
    const bool coat = p.kind == PassKind::coat;
    if (coat && !p.coat) return bad_value("laid", "does not say which underpainting");
    const bool needs = p.kind == PassKind::stroke || (coat && p.stick != -1);
    if (needs && !there(p.stick)) return missing("laid");
    if (Status ok = pressure("laid", p.pressure); !ok) return ok;
    for (const LaidPass::Part& part : p.parts) {
      if (Status ok = pressure("laid", part.pressure); !ok) return ok;
    }
    return success();
  }

  std::size_t sticks_;
};

}  // namespace

namespace {

struct Checked {
  const char* where;
  double value;
  const Limit& limit;
};

}  // namespace

Status check(const PlanOptions& options, std::size_t sticks) {
  std::vector<Checked> numbers{
      {"sticks", 1.0 * options.most_sticks, kSticksLimit},
      {"strokes", 1.0 * options.most_strokes, kStrokesLimit},
      {"hand", options.hand, kHandLimit},
      {"presses, light", options.presses.light, kLightPressLimit},
      {"presses, firm", options.presses.firm, kFirmPressLimit},
      {"pencils", 1.0 * options.most_pencils, kPencilsLimit},
      {"passes", 1.0 * options.wish_passes.value_or(1), kPassesLimit},
      {"time", options.wish_minutes.value_or(kMinutesLimit.least), kMinutesLimit},
      {"pace", options.pace.brush, kPaceLimit},
      {"sitting_minutes", options.sitting_minutes, kSittingLimit_minutes},
      {"medium_price", options.wishes.medium_price, kTrayPriceLimit},
      {"lonely_price", options.wishes.lonely_price, kTrayPriceLimit},
  };
  for (const auto& [medium, of_medium] : options.pace.by_medium) numbers.push_back({"pace", of_medium, kPaceLimit});
  for (const Checked& n : numbers) {
    if (!n.limit.holds(n.value)) return bad_value(n.where, n.limit.words());
  }
  if (!(options.sheet_cm2 > 0 && options.sheet_cm2 < 1e6)) return bad_value("sheet_cm2", "must be above 0");
  return StickCheck(sticks).of(options);
}

optics::Parameters parameters_for(const Artist& artist, optics::Parameters parameters) {
  parameters.hand = artist.presses;
  return parameters;
}

const HandChoice* chosen_by_hand(const Brief& brief, int mass) {
  for (const HandChoice& h : brief.by_hand) {
    if (h.mass == mass && !h.strokes.empty()) return &h;
  }
  return nullptr;
}

bool same_recipes(const PlanOptions& p, const PlanOptions& q) {
  const auto timeless = [&](const PlanOptions& o) {
    std::pair<Artist, SheetState> out{o, o};
    if (p.wish_minutes) return out;
    out.first.pace = {};  // with the size it decides how long a pass takes, and nothing else
    out.second.sheet_cm2 = 0;
    return out;
  };
  return static_cast<const Brief&>(p) == static_cast<const Brief&>(q) && timeless(p) == timeless(q);
}

StackRules rules_for(const Brief& brief, School picture, int mass) {
  StackRules out{picture, brief.manner};
  for (const MassWay& w : brief.ways) {
    if (w.mass != mass) continue;
    if (w.school) out.school = *w.school;
    if (w.manner) out.manner = *w.manner;
  }
  return out;
}

UnderpaintOptions with_tone_map(const Brief& brief, School picture, std::size_t masses) {
  UnderpaintOptions out = brief.underpaint;
  const CoatChoice tones{CoatMedium::charcoal, CoatColours::tonal};
  if (picture->tones_first && !out.picture) out.picture = tones;
  for (std::size_t m = 0; m < masses; ++m) {
    const int mass = static_cast<int>(m);
    const School school = rules_for(brief, picture, mass).school;
    const bool own = std::any_of(out.exceptions.begin(), out.exceptions.end(), [&](const CoatException& e) {
      return e.where == CoatException::Where::mass && e.which == mass;
    });
    if (own || school == picture) continue;
    if (school->tones_first && !out.picture) out.exceptions.push_back({CoatException::Where::mass, mass, tones});
    // A mass of another school in a tone-mapped picture gets none, unless one was asked for.
    if (picture->tones_first && !brief.underpaint.picture)
      out.exceptions.push_back({CoatException::Where::mass, mass, std::nullopt});
  }
  return out;
}

}  // namespace yd::plan
