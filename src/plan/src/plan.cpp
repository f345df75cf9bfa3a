#include "plan/plan.h"

#include <algorithm>
#include <set>

#include "optics/look.h"
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

constexpr double kFixGain = 0.3;  // CIEDE2000 from which a stop for fixative is worth its drying

/// Strokes of the passes that are done, on one target.
std::vector<Stroke> laid_on(const std::vector<LaidPass>& laid, const TargetPlan& target) {
  std::vector<Stroke> out;
  bool fixed = false;
  for (const LaidPass& p : laid) {
    const bool here = std::any_of(p.parts.begin(), p.parts.end(), [&](const LaidPass::Part& part) {
      return part.mass == target.mass && part.role == target.role;
    });
    if (!here || p.skipped) continue;
    fixed = fixed || p.kind == PassKind::fix;
    if (p.kind != PassKind::stroke) continue;
    out.push_back({p.stick, p.pressure, p.technique, fixed});
    fixed = false;
  }
  return out;
}

const HandChoice* chosen_by_hand(const PlanOptions& options, const TargetPlan& target) {
  for (const HandChoice& h : options.by_hand) {
    if (h.mass == target.mass && h.role == target.role) return &h;
  }
  return nullptr;
}

/// Targets on the same ground, built by the same rules, searched together.
struct Group {
  int coat = -1;
  StackRules rules;
  std::vector<Stroke> laid;  ///< what lies there already
  std::vector<std::size_t> targets;
  std::vector<colour::Lab> labs;
  optics::Ground own;  ///< the ground with what is laid; empty where nothing is

  bool same(const Group& o) const { return coat == o.coat && rules == o.rules && laid == o.laid; }
};

class Planner {
 public:
  Planner(const subject::Subject& subject, const media::Paper& paper, const media::Collection& collection,
          const optics::Parameters& parameters, const PlanOptions& options)
      : subject_(subject), paper_(paper), collection_(collection), parameters_(parameters), options_(options) {}

  Result<Plan> run(Observer& observer) {
    plan_.targets = collect_targets(subject_);
    choose_school();
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
    measure(plan_, subject_.masses.size());
    if (!quick_) plan_.work = std::make_shared<const TrayWork>(std::move(work_));
    Stretch arranging(observer, 0.97, 1.0);
    return arrange(std::move(plan_), subject_, paper_, collection_, parameters_, options_, arranging);
  }

 private:
  const optics::Ground& bare(int coat) const {
    return coat < 0 ? paper_.ground : plan_.coats[static_cast<std::size_t>(coat)].ground;
  }
  const optics::Ground& ground(const Group& g) const { return g.laid.empty() ? bare(g.coat) : g.own; }

  SearchInput input(const Group& g, std::span<const media::Stick> sticks) const {
    return {&ground(g), &parameters_, sticks, g.labs, g.rules};
  }

  void choose_school() {
    const SchoolAdvice advice = advise_school(subject_.masses, collection_.sticks);
    plan_.school = options_.school.value_or(advice.school);
    if (!options_.school) plan_.school_reason = advice.reason;
    for (std::size_t m = 0; m < subject_.masses.size(); ++m)
      plan_.rules.push_back(rules_for(options_, plan_.school, static_cast<int>(m)));
  }

  /// What lies on the paper, in the order it was laid, then what is wished for the other masses. A mass whose coat was
  /// left out for good gets none.
  Status underpaint() {
    std::vector<char> said(subject_.masses.size(), 0);
    for (const LaidPass& l : options_.laid) {
      if (l.kind != PassKind::coat) continue;
      Coat coat;
      coat.how = l.coat->how;
      coat.wanted = l.coat->wanted;
      coat.stick = l.stick;
      coat.pressure = l.pressure;
      for (const LaidPass::Part& part : l.parts) {
        if (part.mass >= static_cast<int>(said.size())) continue;
        said[static_cast<std::size_t>(part.mass)] = 1;
        if (!l.skipped) coat.masses.push_back(part.mass);
      }
      std::sort(coat.masses.begin(), coat.masses.end());
      coat.masses.erase(std::unique(coat.masses.begin(), coat.masses.end()), coat.masses.end());
      lay(coat, paper_, collection_.sticks, parameters_);
      plan_.coats.push_back(std::move(coat));
    }
    const UnderpaintOptions wished = with_tone_map(options_, plan_.school, subject_.masses.size());
    if (!wished.empty()) {
      std::vector<subject::Mass> open;
      for (std::size_t m = 0; m < said.size(); ++m) {
        if (said[m] == 0) open.push_back(subject_.masses[m]);
      }
      auto coats = make_coats(wished, open, paper_, collection_.sticks, parameters_);
      if (!coats) return coats.error();
      std::move(coats->begin(), coats->end(), std::back_inserter(plan_.coats));
    }
    for (std::size_t c = 0; c < plan_.coats.size(); ++c) {
      for (TargetPlan& t : plan_.targets) {
        const auto& masses = plan_.coats[c].masses;
        if (std::binary_search(masses.begin(), masses.end(), t.mass)) t.coat = static_cast<int>(c);
      }
    }
    return success();
  }

  void group_targets() {
    group_of_.resize(plan_.targets.size());
    for (std::size_t t = 0; t < plan_.targets.size(); ++t) {
      TargetPlan& target = plan_.targets[t];
      Group mine;
      mine.coat = target.coat;
      mine.rules = plan_.rules[static_cast<std::size_t>(target.mass)];
      mine.rules.coat_first = mine.rules.school == School::light_coat && target.target.l >= kGlazed;
      mine.laid = laid_on(options_.laid, target);
      target.laid = static_cast<int>(mine.laid.size());
      auto found = std::find_if(groups_.begin(), groups_.end(), [&](const Group& g) { return g.same(mine); });
      if (found == groups_.end()) {
        if (!mine.laid.empty()) mine.own = settled(mine);
        groups_.push_back(std::move(mine));
        found = groups_.end() - 1;
      }
      found->targets.push_back(t);
      found->labs.push_back(target.target);
      group_of_[t] = static_cast<std::size_t>(found - groups_.begin());
    }
  }

  optics::Ground settled(const Group& g) const {
    const optics::Pile pile = build(bare(g.coat), parameters_, collection_.sticks, g.laid);
    std::vector<optics::Pigment> pigments(collection_.sticks.size());
    for (const Stroke& s : g.laid) {
      const auto i = static_cast<std::size_t>(s.stick);
      pigments[i] = media::pigment_of(collection_.sticks[i], parameters_);
    }
    return optics::settle(pile, pigments);
  }

  Status search(Observer& observer) {
    // With a tray in the hand and work on the paper there is nothing to search the collection for.
    quick_ = !options_.given_tray.empty() && !options_.laid.empty();
    if (quick_) return success();
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
    if (quick_) {
      tray_ = options_.given_tray;
      std::sort(tray_.begin(), tray_.end());
      return success();
    }
    Status chosen = choose_places(observer);
    if (chosen.ok()) tray_ = work_.to_collection(work_.tray.sticks);
    return chosen;
  }

  Status choose_places(Observer& observer) {
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
  Result<std::vector<Stack>> stacks_of(const Group& g, Observer& observer) const {
    const SearchInput in = input(g, collection_.sticks);
    std::vector<Stack> out = all_stacks(in, tray_);
    const int laid = static_cast<int>(g.laid.size());
    const int most = std::max(laid > 0 ? 1 : 0, std::max(options_.most_strokes, usual_strokes(g.rules.school)) - laid);
    if (most == 1) std::erase_if(out, [](const Stack& s) { return s.strokes.size() > 1; });
    if (laid > 0) continue_from(g, out);
    if (most < 3) return out;
    DeepOptions deep;
    deep.strokes = std::min(most, static_cast<int>(kMostStrokes));
    DeepSummary summary;
    auto more = deep_stacks(in, tray_, deep, summary, observer);
    if (!more) return more.error();
    std::move(more.value().begin(), more.value().end(), std::back_inserter(out));
    return out;
  }

  /// What may go over the strokes that lie there; leaving it as it is, is one way.
  void continue_from(const Group& g, std::vector<Stack>& stacks) const {
    const media::Stick& top = collection_.sticks[static_cast<std::size_t>(g.laid.back().stick)];
    std::erase_if(stacks, [&](const Stack& s) {
      return !may_lie_over(collection_.sticks[static_cast<std::size_t>(s.strokes.front().stick)].medium, top.medium);
    });
    const Recipe as_it_is = evaluate(bare(g.coat), parameters_, collection_.sticks, g.laid, {});
    stacks.push_back(
        {{}, as_it_is.look.lab, static_cast<float>(as_it_is.look.spread_l), static_cast<float>(as_it_is.tooth_left)});
  }

  Status make_recipes(Observer& observer) {
    Stretch finishing(observer, 0.9, 0.97);
    std::vector<std::vector<Stack>> candidates;
    for (std::size_t g = 0; g < groups_.size(); ++g) {
      if (observer.cancelled()) return Error{Error::Code::cancelled, "plan", "stopped"};
      auto stacks = stacks_of(groups_[g], finishing);
      if (!stacks) return stacks.error();
      plan_.evaluations += stacks->size();
      candidates.push_back(std::move(stacks).value());
      finishing.progress(static_cast<double>(g + 1) / static_cast<double>(groups_.size()), "building recipes");
    }
    const auto chosen =
        choose_stacks({candidates, group_of_, plan_.targets, subject_.masses, collection_.sticks, plan_.rules});
    for (std::size_t t = 0; t < plan_.targets.size(); ++t) {
      TargetPlan& p = plan_.targets[t];
      const auto& stacks = candidates[group_of_[t]];
      const auto& laid = groups_[group_of_[t]].laid;
      const auto* hand = chosen_by_hand(options_, p);
      p.by_hand = hand != nullptr && laid.empty();
      std::vector<Stroke> strokes = laid;
      const auto& more = p.by_hand ? hand->strokes : stacks[chosen[t]].strokes;
      strokes.insert(strokes.end(), more.begin(), more.end());
      p.recipe = with_fixative(p, std::move(strokes));
      p.alternatives = pareto(stacks, p.target);
    }
    return success();
  }

  /// A stop for fixative before a stroke that finds the tooth full, where it brings the colour nearer.
  Recipe with_fixative(const TargetPlan& t, std::vector<Stroke> strokes) const {
    Recipe best = evaluate(bare(t.coat), parameters_, collection_.sticks, strokes, t.target);
    for (std::size_t i = std::max<std::size_t>(1, static_cast<std::size_t>(t.laid)); i < strokes.size(); ++i) {
      const double left =
          build(bare(t.coat), parameters_, collection_.sticks, std::span(strokes).first(i)).tooth_left();
      if (left >= kFullTooth || strokes[i].fix_first) continue;
      std::vector<Stroke> fixed = best.strokes;
      fixed[i].fix_first = true;
      Recipe tried = evaluate(bare(t.coat), parameters_, collection_.sticks, std::move(fixed), t.target);
      if (tried.de00 < best.de00 - kFixGain) best = std::move(tried);
    }
    return best;
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
  std::vector<int> tray_;
  bool quick_ = false;
};

}  // namespace

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
