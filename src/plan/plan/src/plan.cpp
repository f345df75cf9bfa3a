// SPDX-License-Identifier: MIT
#include "plan/plan.h"

#include <algorithm>
#include <set>
#include <span>

#include "finishing.h"
#include "going_on.h"
#include "painting.h"
#include "tray/tray.h"

namespace yd::plan {
namespace {

/// What the artist marked counts for a share of the picture, however small it is, within bounds: it is where the eye
/// goes.
void weigh_what_matters(const subject::Subject& subject, std::vector<TargetPlan>& targets) {
  constexpr double kShare = 0.15;
  constexpr double kLeast = 4;
  constexpr double kMost = 16;
  const auto matters = [&](const TargetPlan& t) {
    return subject.masses[static_cast<std::size_t>(t.mass)].shades[static_cast<std::size_t>(t.shade)].matters;
  };
  double marked = 0;
  for (const TargetPlan& t : targets) marked += t.area * matters(t);
  if (marked <= 0) return;
  const double times = std::clamp(kShare / marked, kLeast, kMost);
  for (TargetPlan& t : targets) t.times = 1 + (times - 1) * matters(t);
}

/// A mass so small is a touch as a whole, however many shades it falls into: share of the picture.
constexpr double kTouch = 0.003;

std::vector<TargetPlan> collect_targets(const subject::Subject& subject) {
  std::vector<TargetPlan> out;
  for (std::size_t m = 0; m < subject.masses.size(); ++m) {
    const auto& shades = subject.masses[m].shades;
    const bool touch = subject.masses[m].area < kTouch && subject.masses[m].area >= subject::kHit;
    for (std::size_t s = 0; s < shades.size(); ++s) {
      TargetPlan p;
      p.mass = static_cast<int>(m);
      p.shade = static_cast<int>(s);
      p.role = shades[s].role;
      p.target = p.seen = shades[s].lab;
      p.area = shades[s].area;
      p.solid = touch ? 1 : shades[s].solid;
      p.stands_out = touch;
      out.push_back(std::move(p));
    }
  }
  weigh_what_matters(subject, out);
  return out;
}

void fit_values(Plan& plan, const subject::Subject& subject, const media::Paper& paper,
                const media::Collection& collection, const optics::Parameters& parameters, const PlanOptions& options) {
  std::vector<media::Stick> hand;
  std::copy_if(collection.sticks.begin(), collection.sticks.end(), std::back_inserter(hand), media::at_hand);
  const Technique first = options.manner == Manner::broken ? Technique::laid : Technique::rubbed;
  plan.reach = reachable_range(paper.ground, hand, parameters, first);
  plan.seen = range_of(subject.masses);
  for (TargetPlan& t : plan.targets) t.target.l = fit_lightness(t.seen.l, options.fit, plan.seen, plan.reach);
}

void measure(Plan& plan, std::size_t masses, std::span<const int> must_have) {
  std::set<int> used(must_have.begin(), must_have.end());
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

class Planner {
 public:
  Planner(const subject::Subject& subject, const media::Paper& paper, const media::Collection& collection,
          const optics::Parameters& parameters, const PlanOptions& options)
      : subject_(subject), paper_(paper), collection_(collection), parameters_(parameters), options_(options) {}

  Result<Plan> run(Observer& observer) {
    plan_.targets = collect_targets(subject_);
    choose_school();
    fit_values(plan_, subject_, paper_, collection_, parameters_, options_);
    const Status painted = underpaint();
    if (!painted) return painted.error();
    const auto bands =
        subject::gradient_neighbours(subject_.softened, subject_.labels, static_cast<int>(subject_.masses.size()));
    PaintingInput input;
    input.targets = plan_.targets;
    input.rules = plan_.rules;
    input.masses = subject_.masses.size();
    std::vector<double> smooth;
    for (const subject::Mass& m : subject_.masses) smooth.push_back(subject::smoothness(m));
    input.smooth = smooth;
    const std::vector<double> even = evenness();
    input.even = even;
    input.bands = bands;
    input.paper = &paper_;
    input.coats = plan_.coats;
    input.sticks = collection_.sticks;
    input.parameters = &parameters_;
    input.options = &options_;
    // With a tray in the hand and work on the paper there is nothing to search the collection for.
    quick_ = !options_.given_tray.empty() && !options_.laid.empty();
    const auto looks = quick_ && !options_.rest.empty() ? continued(input, observer) : searched(input, observer);
    if (!looks) return looks.error();
    plan_.evaluations += looks.value();
    measure(plan_, subject_.masses.size(), options_.wishes.must_have);
    if (!quick_) plan_.work = std::make_shared<const TrayWork>(std::move(work_));
    Stretch arranging(observer, 0.97, 1.0);
    return arrange(std::move(plan_), subject_, paper_, collection_, parameters_, options_, arranging);
  }

 private:
  /// Of each target, how smooth its shade lies in the subject.
  std::vector<double> evenness() const {
    std::vector<double> out;
    for (const TargetPlan& t : plan_.targets) {
      const subject::Mass& mass = subject_.masses[static_cast<std::size_t>(t.mass)];
      out.push_back(subject::smoothness(mass, mass.shades[static_cast<std::size_t>(t.shade)]));
    }
    return out;
  }

  void choose_school() {
    const SchoolAdvice advice = advise_school(subject_.masses, collection_.sticks);
    plan_.school = options_.school.value_or(advice.school);
    if (!options_.school) plan_.advised = advice;
    plan_.rests_on = options_.rests_on;
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

  Result<std::uint64_t> searched(const PaintingInput& input, Observer& observer) {
    Painting painting(input);
    const Status found = search(painting, observer);
    if (!found) return found.error();
    const Status chosen = choose(observer);
    if (!chosen) return chosen.error();
    Stretch finishing(observer, 0.8, 0.97);
    auto looks = painting.paint(tray_, exchange(), finishing);
    if (!quick_ && work_.to_collection(work_.tray.sticks) != tray_) {
      work_.tray.sticks = places(tray_);
      work_.tray.cost = tray_cost(work_.problem(), work_.tray.sticks);
      work_.exchanged = true;
    }
    return looks;
  }

  /// Whether a stick at a place of the pool is new to the tray, wanted, and of a medium that costs nothing more.
  bool may_join(int place, int stick) const {
    if (std::count(tray_.begin(), tray_.end(), stick) != 0) return false;
    if (std::count(work_.wishes.forbidden.begin(), work_.wishes.forbidden.end(), place) != 0) return false;
    const auto of = [&](int s) { return collection_.sticks[static_cast<std::size_t>(s)].medium; };
    return options_.wishes.medium_price == 0 ||
           std::any_of(tray_.begin(), tray_.end(), [&](int t) { return of(t) == of(stick); });
  }

  /// A tray in the hand stays as it is, and one that is to have colours return is not judged by its layers alone.
  Exchange exchange() const {
    Exchange out;
    if (quick_ || tray_given_ || options_.wishes.lonely_price > 0) return out;
    for (std::size_t n = 0; n < work_.pool.size(); ++n) {
      if (may_join(static_cast<int>(n), work_.pool[n])) out.others.push_back(work_.pool[n]);
    }
    out.must_have = options_.wishes.must_have;
    out.most_sticks = options_.most_sticks;
    out.accents = accents_that_matter();
    return out;
  }

  /// Small vivid colours are met by an accent, for which one stick of the tray has to be near: in what the artist
  /// marked wherever there are any, elsewhere so that none is missing.
  std::function<double(std::span<const int>)> accents_that_matter() const {
    struct Place {
      double counts = 0;
      bool marked = false;
      std::vector<double> alone;  ///< CIEDE2000 of each stick of the collection by itself
    };
    auto places = std::make_shared<std::vector<Place>>();
    double sum = 0;
    for (const TargetPlan& t : plan_.targets) {
      sum += counted(t);
      if (!t.stands_out || t.solid <= 0) continue;
      Place p{kVividWeight * counted(t) * t.solid, t.times > 1, {}};
      for (std::size_t s = 0; s < collection_.sticks.size(); ++s)
        p.alone.push_back(evaluate(ground_of(plan_, t, paper_), parameters_, collection_.sticks,
                                   {{static_cast<int>(s), 1, Technique::laid}}, t.target)
                              .de00);
      places->push_back(std::move(p));
    }
    return [places, sum](std::span<const int> tray) {
      double out = 0;
      for (const Place& p : *places) {
        double least = kForbidden;
        for (const int s : tray) least = std::min(least, p.alone[static_cast<std::size_t>(s)]);
        out += p.counts / sum * (p.marked ? priced(least) : missing(least));
      }
      return out;
    };
  }

  Result<std::uint64_t> continued(const PaintingInput& input, Observer& observer) {
    const Status chosen = choose(observer);
    if (!chosen) return chosen.error();
    return go_on(input, tray_, observer);
  }

  Status search(Painting& painting, Observer& observer) {
    if (quick_) return success();
    std::vector<colour::Lab> labs;
    for (const TargetPlan& t : plan_.targets) labs.push_back(t.target);
    const TrayWishes wishes = with_stock(options_.wishes, collection_.sticks);
    work_.pool = choose_pool(collection_.sticks, labs, wishes);
    work_.weights = painting.weights();
    work_.most_sticks = options_.most_sticks;
    for (std::size_t row = 0; row < work_.weights.size(); ++row)
      work_.mass.push_back(static_cast<int>(row / kRowsOfMass));
    for (const int i : work_.pool) work_.medium.push_back(collection_.sticks[static_cast<std::size_t>(i)].medium);
    work_.wishes = wishes;
    work_.wishes.must_have = places(wishes.must_have);
    work_.wishes.forbidden = places(wishes.forbidden);
    Stretch part(observer, 0, 0.6);
    auto table = painting.table(work_.pool, part);
    if (!table) return table.error();
    work_.table = std::move(table).value();
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
    // A tray that holds a stick no longer at hand, or no longer wanted, does not stand.
    const bool stands = std::none_of(work_.tray.sticks.begin(), work_.tray.sticks.end(), [&](int s) {
      return std::find(work_.wishes.forbidden.begin(), work_.wishes.forbidden.end(), s) != work_.wishes.forbidden.end();
    });
    if (stands && !work_.tray.sticks.empty()) {
      std::sort(work_.tray.sticks.begin(), work_.tray.sticks.end());
      work_.tray.cost = tray_cost(work_.problem(), work_.tray.sticks);
      tray_given_ = true;
      return success();
    }
    Stretch choosing(observer, 0.6, 0.8);
    auto tray = choose_tray(work_.problem(), {options_.most_sticks, 1, 60}, choosing);
    if (!tray) return tray.error();
    work_.tray = std::move(tray).value();
    return success();
  }

  const subject::Subject& subject_;
  const media::Paper& paper_;
  const media::Collection& collection_;
  const optics::Parameters& parameters_;
  const PlanOptions& options_;
  Plan plan_;
  TrayWork work_;
  std::vector<int> tray_;
  bool quick_ = false;
  bool tray_given_ = false;
};

}  // namespace

const optics::Ground& ground_of(const Plan& plan, const TargetPlan& target, const media::Paper& paper) {
  return target.coat < 0 ? paper.ground : plan.coats[static_cast<std::size_t>(target.coat)].ground;
}

TrayWishes with_stock(TrayWishes wishes, std::span<const media::Stick> sticks) {
  for (std::size_t i = 0; i < sticks.size(); ++i) {
    // Charcoal is for the tone map: over it or among colours it dirties, unless the artist asks for it.
    const bool dirties =
        sticks[i].medium == optics::Medium::charcoal &&
        std::find(wishes.must_have.begin(), wishes.must_have.end(), static_cast<int>(i)) == wishes.must_have.end();
    if (!media::at_hand(sticks[i]) || dirties) wishes.forbidden.push_back(static_cast<int>(i));
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
