// SPDX-License-Identifier: MIT
#include <algorithm>
#include <cmath>

#include "make/plan.h"
#include "price/price.h"

namespace yd::plan {
namespace {

/// To a hundredth of a millimetre and a thousandth of the pressure, as a project keeps them.
std::vector<LaidMark> as_saved(std::vector<LaidMark> marks) {
  constexpr float kPlace = 100, kShare = 1000;
  for (LaidMark& m : marks) {
    for (MarkPoint& p : m.points) {
      p.x_mm = std::round(p.x_mm * kPlace) / kPlace;
      p.y_mm = std::round(p.y_mm * kPlace) / kPlace;
      p.share = std::round(p.share * kShare) / kShare;
    }
  }
  return marks;
}

/// Passes that are done, as passes of this plan.
std::vector<Pass> laid_passes(const Plan& plan, const std::vector<LaidPass>& laid, double fix_minutes) {
  std::vector<Pass> out;
  int coats = 0;  // the plan's coats begin with those that are laid
  for (const LaidPass& l : laid) {
    Pass p;
    p.kind = l.kind;
    p.stick = l.stick;
    p.pressure = l.pressure;
    p.technique = l.technique;
    p.level = l.level;
    p.laid = true;
    if (p.kind == PassKind::fix) p.dry_minutes = fix_minutes;
    if (p.kind == PassKind::coat) {
      p.underpaint = coats++;
      p.dry_minutes = facts(plan.coats[static_cast<std::size_t>(p.underpaint)].how.medium).dry_minutes;
    }
    p.skipped = l.skipped;
    p.finishing = p.accent = l.finishing;
    p.plane = subject::Plane::background;
    for (std::size_t t = 0; t < plan.targets.size(); ++t) {
      const auto part = std::find_if(l.parts.begin(), l.parts.end(), [&](const LaidPass::Part& here) {
        return here.mass == plan.targets[t].mass &&
               (here.shade < 0 ? here.role == plan.targets[t].role : here.shade == plan.targets[t].shade);
      });
      if (part == l.parts.end()) continue;
      p.targets.push_back(static_cast<int>(t));
      p.pressures.push_back(part->pressure > 0 ? part->pressure : l.pressure);
      p.levels.push_back(part->level < 0 ? l.level : part->level);
      if (p.masses.empty() || p.masses.back() != plan.targets[t].mass) p.masses.push_back(plan.targets[t].mass);
    }
    if (!p.pressures.empty()) p.least_pressure = *std::min_element(p.pressures.begin(), p.pressures.end());
    std::sort(p.masses.begin(), p.masses.end());
    p.masses.erase(std::unique(p.masses.begin(), p.masses.end()), p.masses.end());
    out.push_back(std::move(p));
  }
  return out;
}

ToothBudget budget(const Plan& plan, std::size_t masses, const media::Paper& paper,
                   std::span<const media::Stick> sticks, const optics::Parameters& parameters) {
  ToothBudget out;
  std::vector<float> by_target(plan.targets.size(), 1.0F);
  const auto row = [&] {
    std::vector<float> left(masses, 1.0F);
    for (std::size_t t = 0; t < plan.targets.size(); ++t) {
      float& mass = left[static_cast<std::size_t>(plan.targets[t].mass)];
      mass = std::min(mass, by_target[t]);
    }
    out.left.push_back(std::move(left));
  };
  row();
  for (std::size_t n = 0; n < plan.passes.size(); ++n) {
    for (const int t : plan.passes[n].targets) {
      by_target[static_cast<std::size_t>(t)] =
          static_cast<float>(pile_after(plan, t, static_cast<int>(n) + 1, paper, sticks, parameters).tooth_left());
    }
    row();
  }
  return out;
}

/// Finishing passes come last, each over all that lies there.
void add_finishing(Order& order, std::span<const Pass> finishing) {
  for (const Pass& f : finishing) {
    const auto place = static_cast<int>(order.passes.size());
    Pass p = f;
    p.number = place + 1;
    for (int before = 0; before < place; ++before) {
      const Pass& b = order.passes[static_cast<std::size_t>(before)];
      const bool meet =
          std::find_first_of(b.masses.begin(), b.masses.end(), p.masses.begin(), p.masses.end()) != b.masses.end();
      if (b.kind == PassKind::stroke && (meet || b.finishing)) order.edges.push_back({before, place, Rule::built_up});
    }
    const bool built = !order.edges.empty() && order.edges.back().after == place;
    p.reason.kind = built ? PassReason::Kind::rule : PassReason::Kind::furthest;
    if (built) p.reason.edge = order.edges.back();
    p.reason.in_hand = place > 0 && order.passes.back().stick == p.stick;
    order.passes.push_back(std::move(p));
  }
}

/// Minutes of strokes are those of their marks; coats and fixative go by the area.
void time_by_marks(Order& order, const MarkingInput& marking, const Marking& marks) {
  double work = 0;
  for (std::size_t i = 0; i < order.passes.size(); ++i) {
    Pass& p = order.passes[i];
    if (!p.laid) p.minutes = minutes_of(marking, p, marks.passes[i].seconds);
    work += p.laid ? 0 : p.minutes;
  }
  tell_time(order);
  order.sequence.minutes_bound =
      std::min(order.sequence.minutes, work + SequenceProblem{}.change_minutes * order.sequence.changes_bound);
}

/// Passes as marks, with finishing passes after them and the minutes they take.
void mark_passes(Plan& plan, Order& order, MarkingInput in, std::optional<int> wish_passes) {
  in.targets = plan.targets;
  in.passes = order.passes;
  in.coats = plan.coats;
  in.tray = plan.tray;
  plan.marks = mark_out(in);
  if (wish_passes) {  // the first are worth most
    const std::size_t body = order.passes.size();
    const auto most = static_cast<std::size_t>(std::max(0, *wish_passes - static_cast<int>(body)));
    plan.marks.finishing.resize(std::min(plan.marks.finishing.size(), most));
    plan.marks.passes.resize(body + plan.marks.finishing.size());
  }
  add_finishing(order, plan.marks.finishing);
  time_by_marks(order, in, plan.marks);
}

/// What is not there for finishing: what is forbidden, and, once work is begun, what is not in the hand.
std::vector<int> barred_by(const PlanOptions& options, std::size_t sticks) {
  const bool begun = !options.given_tray.empty() && !options.laid.empty();
  const auto in = [](const std::vector<int>& list, int s) {
    return std::find(list.begin(), list.end(), s) != list.end();
  };
  std::vector<int> out;
  for (int s = 0; s < static_cast<int>(sticks); ++s) {
    if (in(options.wishes.forbidden, s) || (begun && !in(options.given_tray, s))) out.push_back(s);
  }
  return out;
}

MarkingInput marking_for(const subject::Subject& subject, const media::Paper& paper,
                         const media::Collection& collection, const optics::Parameters& parameters,
                         const PlanOptions& options) {
  MarkingInput out;
  out.barred = barred_by(options, collection.sticks.size());
  out.subject = &subject;
  out.paper = &paper;
  out.sticks = collection.sticks;
  out.parameters = &parameters;
  out.sheet_cm2 = options.sheet_cm2;
  out.hand = options.hand;
  out.pace = options.pace;
  out.wish_minutes = options.wish_minutes;
  out.left_handed = options.left_handed;
  out.most_pencils = options.most_pencils;
  for (const LaidPass& l : options.laid) out.given.push_back(l.marks);
  return out;
}

}  // namespace

optics::Pile pile_after(const Plan& plan, int target, int count, const media::Paper& paper,
                        std::span<const media::Stick> sticks, const optics::Parameters& parameters) {
  const TargetState state = state_after(plan.passes, target, count);
  const TargetPlan& t = plan.targets[static_cast<std::size_t>(target)];
  const optics::Ground& ground = state.coated ? ground_of(plan, t, paper) : paper.ground;
  optics::Pile pile = build(ground, parameters, sticks, state.strokes);
  if (state.fixed) pile.fix();
  return pile;
}

std::vector<int> beside_tray(const Plan& plan) {
  std::vector<int> out;
  for (const Pass& p : plan.passes) {
    if (p.kind == PassKind::stroke && !std::binary_search(plan.tray.begin(), plan.tray.end(), p.stick))
      out.push_back(p.stick);
  }
  std::sort(out.begin(), out.end());
  out.erase(std::unique(out.begin(), out.end()), out.end());
  return out;
}

std::vector<int> in_hand(const Plan& plan) {
  std::vector<int> out = plan.tray;
  const std::vector<int> beside = beside_tray(plan);
  out.insert(out.end(), beside.begin(), beside.end());
  std::sort(out.begin(), out.end());
  return out;
}

std::vector<LaidPass> laid_after(const Plan& plan, std::span<const LaidPass> laid, std::span<const PassMark> marks) {
  std::vector<LaidPass> out(laid.begin(), laid.end());
  for (const Pass& p : plan.passes) {
    if (p.laid) continue;
    const auto mark = std::find_if(marks.begin(), marks.end(), [&, s = signature(p)](const PassMark& m) {
      return m.pass == s && m.state != PassMark::State::open;
    });
    if (mark == marks.end()) continue;
    LaidPass l;
    l.kind = p.kind;
    l.stick = p.stick;
    l.pressure = p.pressure;
    l.technique = p.technique;
    l.level = p.level;
    if (p.kind == PassKind::coat) {
      const Coat& coat = plan.coats[static_cast<std::size_t>(p.underpaint)];
      l.coat = LaidCoat{coat.how, coat.wanted};
    }
    l.finishing = p.finishing;
    const auto place = static_cast<std::size_t>(&p - plan.passes.data());
    if (p.finishing && place < plan.marks.passes.size()) l.marks = as_saved(plan.marks.passes[place].marks);
    l.skipped = mark->state == PassMark::State::skipped;
    l.note = mark->note;
    l.at_s = mark->at_s;
    for (const int t : p.targets) {
      const TargetPlan& target = plan.targets[static_cast<std::size_t>(t)];
      l.parts.push_back({target.mass, target.role, target.shade, pressure_on(p, t), level_on(p, t)});
      if (l.parts.back().level == l.level) l.parts.back().level = -1;
    }
    out.push_back(std::move(l));
  }
  return out;
}

std::vector<char> behind(const Plan& plan, std::span<const PassMark> marks) {
  std::vector<char> out;
  for (const Pass& p : plan.passes) {
    const bool marked = std::any_of(marks.begin(), marks.end(), [&, s = signature(p)](const PassMark& m) {
      return m.pass == s && m.state != PassMark::State::open;
    });
    out.push_back(p.laid || marked ? 1 : 0);
  }
  return out;
}

std::vector<RestOfShade> rest_of(const Plan& plan, std::span<const char> behind) {
  std::vector<RestOfShade> out;
  for (std::size_t t = 0; t < plan.targets.size(); ++t) {
    RestOfShade rest{plan.targets[t].mass, plan.targets[t].shade, {}};
    const int target = static_cast<int>(t);
    bool fixed = false;
    for (std::size_t i = 0; i < plan.passes.size(); ++i) {
      const Pass& p = plan.passes[i];
      const bool over = p.laid || p.skipped || (i < behind.size() && behind[i] != 0);
      if (over || p.finishing || !std::binary_search(p.targets.begin(), p.targets.end(), target)) continue;
      if (p.kind == PassKind::fix) fixed = true;
      if (p.kind != PassKind::stroke) continue;
      rest.strokes.push_back({p.stick, pressure_on(p, target), p.technique, fixed, level_on(p, target)});
      fixed = false;
    }
    out.push_back(std::move(rest));
  }
  return out;
}

Result<Plan> arrange(Plan plan, const subject::Subject& subject, const media::Paper& paper,
                     const media::Collection& collection, const optics::Parameters& parameters,
                     const PlanOptions& options, Observer& observer) {
  OrderInput in;
  in.targets = plan.targets;
  in.coats = plan.coats;
  in.subject = &subject;
  in.sticks = collection.sticks;
  in.rules = plan.rules;
  in.course = options.course;
  in.pace = options.pace;
  in.fix_minutes = parameters.fixative.dry_minutes;
  in.sheet_cm2 = options.sheet_cm2;
  in.laid = laid_passes(plan, options.laid, in.fix_minutes);
  auto ordered = order_passes(in, observer);
  if (!ordered) return ordered.error();
  Order order = std::move(ordered).value();
  plan.broken.clear();
  if (!options.order_by_hand.empty()) plan.broken = reorder(order, options.order_by_hand);
  for (Pass& p : order.passes) p.purpose = purpose_of(p, plan.targets, collection.sticks);
  plan.marks = {};
  if (subject.image.size() > 0) {
    MarkingInput marking = marking_for(subject, paper, collection, parameters, options);
    mark_passes(plan, order, std::move(marking), options.wish_passes);
  }
  plan.passes = std::move(order.passes);
  plan.edges = std::move(order.edges);
  plan.conflicts = std::move(order.conflicts);
  plan.sequence = std::move(order.sequence);
  plan.sittings = cut_sittings(plan.passes, paired_masses(subject.masses), options.sitting_minutes);
  plan.tooth = budget(plan, subject.masses.size(), paper, collection.sticks, parameters);
  observer.progress(1.0, "planned");
  return plan;
}

double minutes_of(const Plan& plan) {
  double sum = 0;
  for (const Pass& p : plan.passes) sum += p.laid ? 0 : p.minutes + SequenceProblem{}.change_minutes;
  return sum;
}

Plan with_marks_at(Plan plan, const subject::Subject& subject, const media::Paper& paper,
                   const media::Collection& collection, const optics::Parameters& parameters,
                   const PlanOptions& options, double price) {
  Order order;
  order.passes = std::move(plan.passes);
  std::erase_if(order.passes, [](const Pass& p) { return p.finishing && !p.laid; });
  const auto given = static_cast<int>(order.passes.size());
  order.edges = std::move(plan.edges);
  std::erase_if(order.edges, [&](const Edge& e) { return e.before >= given || e.after >= given; });
  order.sequence = std::move(plan.sequence);
  MarkingInput marking = marking_for(subject, paper, collection, parameters, options);
  if (price > 0) marking.price = price;
  mark_passes(plan, order, std::move(marking), options.wish_passes);
  plan.passes = std::move(order.passes);
  plan.edges = std::move(order.edges);
  plan.sequence = std::move(order.sequence);
  return plan;
}

}  // namespace yd::plan
