#include "plan/plan.h"

#include <algorithm>
#include <set>

#include "plan/deep_search.h"
#include "plan/pareto.h"
#include "plan/stacks.h"
#include "plan/tray.h"

namespace yd::plan {
namespace {

std::vector<TargetPlan> collect_targets(const subject::Subject& subject) {
  std::vector<TargetPlan> out;
  for (std::size_t m = 0; m < subject.masses.size(); ++m) {
    for (const subject::Target& t : subject.masses[m].targets) {
      TargetPlan p;
      p.mass = static_cast<int>(m);
      p.role = t.role;
      p.target = p.seen = t.lab;
      p.area = t.area;
      out.push_back(std::move(p));
    }
  }
  return out;
}

void fit_values(Plan& plan, const subject::Subject& subject, const media::Paper& paper,
                const media::Collection& collection, const optics::Parameters& parameters, Fit fit) {
  std::vector<media::Stick> hand;
  std::copy_if(collection.sticks.begin(), collection.sticks.end(), std::back_inserter(hand), media::at_hand);
  plan.reach = reachable_range(paper.ground, hand, parameters);
  plan.seen = range_of(subject.masses);
  for (TargetPlan& t : plan.targets) t.target.l = fit_lightness(t.seen.l, fit, plan.seen, plan.reach);
}

/// Share of the picture, with a floor so that a small accent still counts.
std::vector<double> weigh(const std::vector<TargetPlan>& targets) {
  std::vector<double> w;
  double sum = 0;
  for (const TargetPlan& t : targets) {
    w.push_back(t.area + 0.2 / static_cast<double>(targets.size()));
    sum += w.back();
  }
  for (double& x : w) x /= sum;
  return w;
}

void measure(Plan& plan, std::size_t masses) {
  std::set<int> used;
  plan.mass_tooth_left.assign(masses, 1.0);
  double area = 0;
  for (const TargetPlan& t : plan.targets) {
    for (const Stroke& s : t.recipe.strokes) used.insert(s.stick);
    double& tooth = plan.mass_tooth_left[static_cast<std::size_t>(t.mass)];
    tooth = std::min(tooth, t.recipe.tooth_left);
    plan.area_mean_de00 += t.area * t.recipe.de00;
    plan.worst_de00 = std::max(plan.worst_de00, t.recipe.de00);
    area += t.area;
  }
  if (area > 0) plan.area_mean_de00 /= area;
  plan.tray.assign(used.begin(), used.end());
}

const HandChoice* chosen_by_hand(const PlanOptions& options, const TargetPlan& target) {
  for (const HandChoice& h : options.by_hand) {
    if (h.mass == target.mass && h.role == target.role) return &h;
  }
  return nullptr;
}

Status check(const PlanOptions& options, std::size_t sticks) {
  if (options.most_sticks < 1 || options.most_sticks > 60) return bad_value("sticks", "must be from 1 to 60");
  if (options.most_strokes < 1 || options.most_strokes > static_cast<int>(kMostStrokes)) {
    return bad_value("strokes", "must be from 1 to 4");
  }
  for (const std::vector<int>* list : {&options.given_tray, &options.wishes.must_have, &options.wishes.forbidden}) {
    for (const int s : *list) {
      if (s < 0 || static_cast<std::size_t>(s) >= sticks) return bad_value("tray", "names a stick that is not there");
    }
  }
  for (const HandChoice& h : options.by_hand) {
    for (const Stroke& s : h.strokes) {
      if (s.stick < 0 || static_cast<std::size_t>(s.stick) >= sticks)
        return bad_value("by_hand", "names a stick that is not there");
      if (!(s.pressure >= 0 && s.pressure <= 1)) return bad_value("by_hand", "pressure must be from 0 to 1");
    }
  }
  return success();
}

/// Targets on the same coat, searched together.
struct Group {
  int coat = -1;
  std::vector<std::size_t> targets;
  std::vector<colour::Lab> labs;
};

class Planner {
 public:
  Planner(const subject::Subject& subject, const media::Paper& paper, const media::Collection& collection,
          const optics::Parameters& parameters, const PlanOptions& options)
      : subject_(subject), paper_(paper), collection_(collection), parameters_(parameters), options_(options) {}

  Result<Plan> run(Observer& observer) {
    plan_.targets = collect_targets(subject_);
    fit_values(plan_, subject_, paper_, collection_, parameters_, options_.fit);
    const Status painted = underpaint();
    if (!painted) return painted.error();
    group_targets();
    const Status searched = search(observer);
    if (!searched) return searched.error();
    const Status chosen = choose(observer);
    if (!chosen) return chosen.error();
    const Status made = make_recipes(observer);
    if (!made) return made.error();
    plan_.passes = order_passes(plan_.targets, subject_.masses, collection_.sticks);
    measure(plan_, subject_.masses.size());
    plan_.work = std::make_shared<const TrayWork>(std::move(work_));
    observer.progress(1.0, "planned");
    return std::move(plan_);
  }

 private:
  const optics::Ground& ground(int coat) const {
    return coat < 0 ? paper_.ground : plan_.coats[static_cast<std::size_t>(coat)].ground;
  }

  SearchInput input(const Group& g, std::span<const media::Stick> sticks) const {
    return {
        &ground(g.coat), &parameters_, sticks, g.labs, {options_.school == School::dark_first, options_.allow_rubbed}};
  }

  Status underpaint() {
    if (options_.underpaint.empty()) return success();
    auto coats = make_coats(options_.underpaint, subject_.masses, paper_, collection_.sticks, parameters_);
    if (!coats) return coats.error();
    plan_.coats = std::move(coats).value();
    for (std::size_t c = 0; c < plan_.coats.size(); ++c) {
      for (TargetPlan& t : plan_.targets) {
        const auto& masses = plan_.coats[c].masses;
        if (std::binary_search(masses.begin(), masses.end(), t.mass)) t.coat = static_cast<int>(c);
      }
    }
    return success();
  }

  void group_targets() {
    for (int coat = -1; coat < static_cast<int>(plan_.coats.size()); ++coat) {
      Group g;
      g.coat = coat;
      for (std::size_t t = 0; t < plan_.targets.size(); ++t) {
        if (plan_.targets[t].coat != coat) continue;
        g.targets.push_back(t);
        g.labs.push_back(plan_.targets[t].target);
      }
      if (!g.targets.empty()) groups_.push_back(std::move(g));
    }
    group_of_.resize(plan_.targets.size());
    for (std::size_t g = 0; g < groups_.size(); ++g) {
      for (const std::size_t t : groups_[g].targets) group_of_[t] = g;
    }
  }

  Status search(Observer& observer) {
    std::vector<colour::Lab> labs;
    for (const TargetPlan& t : plan_.targets) {
      labs.push_back(t.target);
      work_.mass.push_back(t.mass);
    }
    const TrayWishes wishes = with_stock(options_.wishes, collection_.sticks);
    work_.pool = choose_pool(collection_.sticks, labs, wishes);
    work_.weights = weigh(plan_.targets);
    work_.most_sticks = options_.most_sticks;
    std::vector<media::Stick> sticks;
    for (const int i : work_.pool) {
      sticks.push_back(collection_.sticks[static_cast<std::size_t>(i)]);
      work_.medium.push_back(sticks.back().medium);
    }
    work_.wishes = wishes;
    work_.wishes.must_have = places(wishes.must_have);
    work_.wishes.forbidden = places(wishes.forbidden);
    work_.table = PairTable(sticks.size(), labs.size(), {});
    for (std::size_t g = 0; g < groups_.size(); ++g) {
      const auto n = static_cast<double>(groups_.size());
      Stretch part(observer, 0.7 * static_cast<double>(g) / n, 0.7 * static_cast<double>(g + 1) / n);
      const auto table = search_pairs(input(groups_[g], sticks), part);
      if (!table) return table.error();
      work_.table.take(table.value(), groups_[g].targets);
    }
    plan_.evaluations = work_.table.evaluations;
    return success();
  }

  /// Places in the pool of sticks of the collection; those outside it are left out.
  std::vector<int> places(const std::vector<int>& sticks) const {
    std::vector<int> out;
    for (const int s : sticks) {
      const auto found = std::lower_bound(work_.pool.begin(), work_.pool.end(), s);
      if (found != work_.pool.end() && *found == s) out.push_back(static_cast<int>(found - work_.pool.begin()));
    }
    return out;
  }

  Status choose(Observer& observer) {
    work_.tray.sticks = places(options_.given_tray);
    if (!work_.tray.sticks.empty()) {
      std::sort(work_.tray.sticks.begin(), work_.tray.sticks.end());
      work_.tray.cost = tray_cost(work_.problem(), work_.tray.sticks);
      return success();
    }
    Stretch choosing(observer, 0.7, 0.9);
    auto tray = choose_tray(work_.problem(), {options_.most_sticks, 1, 400}, choosing);
    if (!tray) return tray.error();
    work_.tray = std::move(tray).value();
    return success();
  }

  /// Every stack the tray may be asked for on the group's ground.
  Result<std::vector<Stack>> stacks_of(const Group& g, std::span<const int> tray, Observer& observer) const {
    const SearchInput in = input(g, collection_.sticks);
    std::vector<Stack> out = all_stacks(in, tray);
    if (options_.most_strokes == 1) std::erase_if(out, [](const Stack& s) { return s.strokes.size() > 1; });
    if (options_.most_strokes < 3) return out;
    DeepOptions deep;
    deep.strokes = options_.most_strokes;
    DeepSummary summary;
    auto more = deep_stacks(in, tray, deep, summary, observer);
    if (!more) return more.error();
    std::move(more.value().begin(), more.value().end(), std::back_inserter(out));
    return out;
  }

  Status make_recipes(Observer& observer) {
    const std::vector<int> tray = work_.to_collection(work_.tray.sticks);
    Stretch finishing(observer, 0.9, 1.0);
    std::vector<std::vector<Stack>> candidates;
    for (const Group& g : groups_) {
      auto stacks = stacks_of(g, tray, finishing);
      if (!stacks) return stacks.error();
      plan_.evaluations += stacks->size();
      candidates.push_back(std::move(stacks).value());
    }
    const auto chosen = choose_stacks(candidates, group_of_, plan_.targets, subject_.masses);
    for (std::size_t t = 0; t < plan_.targets.size(); ++t) {
      TargetPlan& p = plan_.targets[t];
      const auto& stacks = candidates[group_of_[t]];
      const auto* hand = chosen_by_hand(options_, p);
      p.by_hand = hand != nullptr;
      p.recipe = evaluate(ground(p.coat), parameters_, collection_.sticks,
                          hand != nullptr ? hand->strokes : stacks[chosen[t]].strokes, p.target);
      p.alternatives = pareto(stacks, p.target);
    }
    return success();
  }

  const subject::Subject& subject_;
  const media::Paper& paper_;
  const media::Collection& collection_;
  const optics::Parameters& parameters_;
  const PlanOptions& options_;
  Plan plan_;
  TrayWork work_;
  std::vector<Group> groups_;
  std::vector<std::size_t> group_of_;
};

}  // namespace

const char* name(School) { return "dark-first"; }

Result<School> school_by_name(const std::string& name) {
  if (name == "dark-first") return School::dark_first;
  return bad_value("school", "\"" + name + "\" is unknown; there is dark-first");
}

const optics::Ground& ground_of(const Plan& plan, const TargetPlan& target, const media::Paper& paper) {
  return target.coat < 0 ? paper.ground : plan.coats[static_cast<std::size_t>(target.coat)].ground;
}

TrayWishes with_stock(TrayWishes wishes, std::span<const media::Stick> sticks) {
  for (std::size_t i = 0; i < sticks.size(); ++i) {
    if (!media::at_hand(sticks[i])) wishes.forbidden.push_back(static_cast<int>(i));
  }
  std::sort(wishes.forbidden.begin(), wishes.forbidden.end());
  wishes.forbidden.erase(std::unique(wishes.forbidden.begin(), wishes.forbidden.end()), wishes.forbidden.end());
  return wishes;
}

Result<Plan> make_plan(const subject::Subject& subject, const media::Paper& paper, const media::Collection& collection,
                       const optics::Parameters& parameters, const PlanOptions& options, Observer& observer) {
  const Status usable = check(options, collection.sticks.size());
  if (!usable) return usable.error();
  if (subject.masses.empty()) return bad_value("subject", "has no masses");
  return Planner(subject, paper, collection, parameters, options).run(observer);
}

}  // namespace yd::plan
