// SPDX-License-Identifier: MIT
#include "tray_search.h"

#include <algorithm>

#include "finish/move.h"
#include "make/plan.h"

namespace yd::plan {
namespace {

/// Places in the pool of sticks of the collection; those outside it are left out.
std::vector<int> places(const TrayWork& work, const std::vector<int>& sticks) {
  std::vector<int> out;
  for (const int s : sticks) {
    const auto found = std::lower_bound(work.pool.begin(), work.pool.end(), s);
    if (found != work.pool.end() && *found == s) out.push_back(static_cast<int>(found - work.pool.begin()));
  }
  return out;
}

/// What is asked: which sticks, for which rows, with which wishes. The table is still to be made.
TrayWork question(const Painting& painting, std::span<const TargetPlan> targets, const Materials& with,
                  const PlanOptions& options) {
  const std::vector<media::Stick>& sticks = with.collection.sticks;
  std::vector<colour::Lab> labs;
  for (const TargetPlan& t : targets) labs.push_back(t.target);
  const TrayWishes wishes = with_stock(options.wishes, sticks);
  TrayWork work;
  work.pool = choose_pool(sticks, labs, wishes);
  work.weights = painting.weights();
  work.most_sticks = options.most_sticks;
  for (std::size_t row = 0; row < work.weights.size(); ++row) work.mass.push_back(static_cast<int>(row / kRowsOfMass));
  for (const int i : work.pool) work.medium.push_back(sticks[static_cast<std::size_t>(i)].medium);
  work.wishes = wishes;
  work.wishes.must_have = places(work, wishes.must_have);
  work.wishes.forbidden = places(work, wishes.forbidden);
  return work;
}

bool forbids(const TrayWork& work, int place) {
  const std::vector<int>& all = work.wishes.forbidden;
  return std::find(all.begin(), all.end(), place) != all.end();
}

/// Whether a given tray still stands, taken up into the work.
bool takes(TrayWork& work, const std::vector<int>& given) {
  std::vector<int> sticks = places(work, given);
  if (sticks.empty() || std::any_of(sticks.begin(), sticks.end(), [&](int s) { return forbids(work, s); }))
    return false;
  std::sort(sticks.begin(), sticks.end());
  work.tray.sticks = std::move(sticks);
  work.tray.cost = tray_cost(work.problem(), work.tray.sticks);
  return true;
}

/// A small vivid colour that stands out, and how far each stick of the collection by itself is from it.
struct VividPlace {
  double counts = 0;
  bool marked = false;
  std::vector<double> alone;  ///< CIEDE2000
};

std::vector<VividPlace> vivid_places(std::span<const TargetPlan> targets, const Materials& with,
                                     const std::function<const optics::Ground&(const TargetPlan&)>& ground) {
  std::vector<VividPlace> out;
  for (const TargetPlan& t : targets) {
    if (!t.stands_out || t.solid <= 0) continue;
    VividPlace p{prices().vivid.stands_out * counted(t) * t.solid, t.times > 1, {}};
    for (std::size_t s = 0; s < with.collection.sticks.size(); ++s)
      p.alone.push_back(evaluate(ground(t), with.parameters, with.collection.sticks,
                                 {{static_cast<int>(s), 1, Technique::laid}}, t.target)
                            .de00);
    out.push_back(std::move(p));
  }
  return out;
}

}  // namespace

TrayWishes with_stock(TrayWishes wishes, std::span<const media::Stick> sticks) {
  for (std::size_t i = 0; i < sticks.size(); ++i) {
    // Charcoal is for the tone map: over it or among colours it dirties, unless the artist asks for it.
    const bool dirties =
        media::facts(sticks[i].medium).dirties &&
        std::find(wishes.must_have.begin(), wishes.must_have.end(), static_cast<int>(i)) == wishes.must_have.end();
    if (!media::at_hand(sticks[i]) || dirties) wishes.forbidden.push_back(static_cast<int>(i));
  }
  std::sort(wishes.forbidden.begin(), wishes.forbidden.end());
  wishes.forbidden.erase(std::unique(wishes.forbidden.begin(), wishes.forbidden.end()), wishes.forbidden.end());
  return wishes;
}

Result<TrayFound> find_tray(Painting& painting, std::span<const TargetPlan> targets, const Materials& with,
                            const PlanOptions& options, Observer& observer) {
  TrayFound out;
  out.work = question(painting, targets, with, options);
  Stretch searching(observer, 0, 0.75);
  auto table = painting.table(out.work.pool, searching);
  if (!table) return table.error();
  out.work.table = std::move(table).value();
  out.given = takes(out.work, options.given_tray);
  if (!out.given) {
    Stretch choosing(observer, 0.75, 1);
    auto tray = choose_tray(out.work.problem(), {options.most_sticks, 1, 60}, choosing);
    if (!tray) return tray.error();
    out.work.tray = std::move(tray).value();
  }
  out.tray = out.work.to_collection(out.work.tray.sticks);
  return out;
}

void exchanged_to(TrayWork& work, const std::vector<int>& tray) {
  if (work.to_collection(work.tray.sticks) == tray) return;
  work.tray.sticks = places(work, tray);
  work.tray.cost = tray_cost(work.problem(), work.tray.sticks);
  work.exchanged = true;
}

Exchange exchange_for(const TrayFound& found, std::span<const TargetPlan> targets, const Materials& with,
                      const PlanOptions& options,
                      const std::function<const optics::Ground&(const TargetPlan&)>& ground) {
  Exchange out;
  if (found.given || options.wishes.lonely_price > 0) return out;
  const auto medium = [&](int s) { return with.collection.sticks[static_cast<std::size_t>(s)].medium; };
  for (std::size_t n = 0; n < found.work.pool.size(); ++n) {
    const int stick = found.work.pool[n];
    if (std::count(found.tray.begin(), found.tray.end(), stick) != 0 || forbids(found.work, static_cast<int>(n)))
      continue;
    // A medium more has its price where the artist says so.
    const bool costs_nothing =
        std::any_of(found.tray.begin(), found.tray.end(), [&](int t) { return medium(t) == medium(stick); });
    if (options.wishes.medium_price == 0 || costs_nothing) out.others.push_back(stick);
  }
  out.must_have = options.wishes.must_have;
  out.most_sticks = options.most_sticks;
  // Small vivid colours are met by an accent, for which one stick of the tray has to be near: in what the artist marked
  // wherever there are any, elsewhere so that none is missing.
  double sum = 0;
  for (const TargetPlan& t : targets) sum += counted(t);
  out.accents = [places = vivid_places(targets, with, ground), sum](std::span<const int> tray) {
    double cost = 0;
    for (const VividPlace& p : places) {
      double least = kForbidden;
      for (const int s : tray) least = std::min(least, p.alone[static_cast<std::size_t>(s)]);
      cost += p.counts / sum * (p.marked ? priced(least) : missing(least));
    }
    return cost;
  };
  return out;
}

}  // namespace yd::plan
