// SPDX-License-Identifier: MIT
#include "check/laid.h"

#include <algorithm>
#include <cmath>

#include "colour/ciede2000.h"
#include "fit/least.h"
#include "parallel/each.h"

namespace yd::check {
namespace {

constexpr double kScatter = 1.6;   // of a measured colour, CIEDE2000 or so
constexpr double kWorth = 4;       // measurements that a mass counts for
constexpr double kForgotten = 5;   // squares that leaving a pass out costs at least
constexpr double kNothing = 0.06;  // a factor under this: not laid
constexpr double kMostFactor = 1.9;
constexpr std::size_t kMostTargets = 9;

/// One mass: its targets that were seen, and what a set of factors costs.
class MassFit {
 public:
  MassFit(const DoneWork& work, const Reading& reading, int mass, double hand)
      : work_(work), reading_(reading), hand_(std::max(0.05, hand)) {
    for (const int p : work.strokes_on(mass)) passes_.push_back(p);
    const auto& targets = work.plan().targets;
    for (std::size_t t = 0; t < targets.size(); ++t) {
      if (targets[t].mass == mass && reading.targets[t].area > 0) targets_.push_back(static_cast<int>(t));
    }
    // Finishing marks over a shade hide what lies below: it is asked only where no other can be.
    const auto alone = [&](int t) { return reading.alone[static_cast<std::size_t>(t)] != 0; };
    if (std::any_of(targets_.begin(), targets_.end(), alone)) std::erase_if(targets_, [&](int t) { return !alone(t); });
    std::stable_sort(targets_.begin(), targets_.end(), [&](int p, int q) {
      return reading.targets[static_cast<std::size_t>(p)].area > reading.targets[static_cast<std::size_t>(q)].area;
    });
    targets_.resize(std::min(targets_.size(), kMostTargets));
    for (const int t : targets_) area_ += reading.targets[static_cast<std::size_t>(t)].area;
    for (const int t : targets_) {
      const colour::Lab modelled = lab_of(t, std::vector<double>(passes_.size(), 1.0));
      // The Board's shades run into each other: what the model says of one alone is off by a known amount.
      const colour::Lab& board = reading.targets[static_cast<std::size_t>(t)].expected;
      shift_.push_back({board.l - modelled.l, board.a - modelled.a, board.b - modelled.b});
    }
  }

  bool empty() const { return passes_.empty() || targets_.empty(); }
  const std::vector<int>& passes() const { return passes_; }

  /// The colours alone, a mean of squares.
  double colours(std::span<const double> by) const {
    double sum = 0;
    for (std::size_t i = 0; i < targets_.size(); ++i) {
      const Compared& seen = reading_.targets[static_cast<std::size_t>(targets_[i])];
      colour::Lab lab = lab_of(targets_[i], by);
      lab = {lab.l + shift_[i].l, lab.a + shift_[i].a, lab.b + shift_[i].b};
      sum += seen.area / area_ * colour::squares_seen(lab, seen.measured);
    }
    return sum;
  }
  double cost(std::span<const double> by) const {
    double sum = kWorth * colours(by) / (kScatter * kScatter);
    for (const double f : by) {
      const double off = (f - 1) / hand_;
      sum += std::min(off * off, kForgotten + 0.1 * off * off);
    }
    return sum;
  }

 private:
  colour::Lab lab_of(int target, std::span<const double> by) const {
    std::vector<DoneWork::Factor> factors;
    for (std::size_t i = 0; i < passes_.size(); ++i) factors.push_back({passes_[i], by[i]});
    return work_.lab(work_.pile(work_.strokes(target, factors), target));
  }

  const DoneWork& work_;
  const Reading& reading_;
  double hand_;
  std::vector<int> passes_;
  std::vector<int> targets_;
  std::vector<colour::Lab> shift_;
  double area_ = 0;
};

/// The least cost near a start.
fit::Least descended(const MassFit& mass, const std::vector<double>& start) {
  const std::vector<double> low(start.size(), 0);
  const std::vector<double> high(start.size(), kMostFactor);
  return fit::least([&](std::span<const double> by) { return mass.cost(by); }, start, low, high, {0.2, 0.05, 30});
}

MassLaid laid_on(const MassFit& fit) {
  MassLaid out;
  const std::size_t n = fit.passes().size();
  std::vector<double> planned(n, 1.0);
  auto best = descended(fit, planned);
  for (std::size_t i = 0; i < n; ++i) {
    std::vector<double> without = best.at;
    without[i] = 0;
    if (fit.cost(without) > best.cost + 4 * kForgotten) continue;
    auto other = descended(fit, without);
    if (other.cost < best.cost) best = std::move(other);
  }
  for (std::size_t i = 0; i < n; ++i) out.factors.push_back({fit.passes()[i], best.at[i] < kNothing ? 0 : best.at[i]});
  out.left_de00 = std::sqrt(fit.colours(best.at));
  return out;
}

double factor_of(std::span<const DoneWork::Factor> factors, int pass) {
  for (const DoneWork::Factor& f : factors) {
    if (f.pass == pass) return f.by;
  }
  return 1;
}

/// The colours of some targets, and their mean.
struct MassColours {
  std::vector<colour::Lab> targets;
  colour::Lab mean;
};
MassColours colours_of(const DoneWork& work, std::span<const std::size_t> own,
                       std::span<const DoneWork::Factor> factors) {
  MassColours out;
  double area = 0;
  for (const std::size_t t : own) {
    const int target = static_cast<int>(t);
    const colour::Lab lab = work.lab(work.pile(work.strokes(target, factors), target));
    const double a = work.plan().targets[t].area;
    out.mean.l += a * lab.l;
    out.mean.a += a * lab.a;
    out.mean.b += a * lab.b;
    area += a;
    out.targets.push_back(lab);
  }
  out.mean = {out.mean.l / area, out.mean.a / area, out.mean.b / area};
  return out;
}

double square_of(const colour::Lab& p, const colour::Lab& q) {
  const double d = colour::ciede2000(p, q);
  return d * d;
}

}  // namespace

DoneWork::DoneWork(const plan::Plan& plan, std::span<const char> done, const media::Paper& paper,
                   const media::Collection& collection, const optics::Parameters& parameters)
    : so_far_(plan), paper_(paper), collection_(collection), parameters_(parameters) {
  so_far_.passes.clear();
  so_far_.marks.passes.clear();
  for (std::size_t i = 0; i < plan.passes.size(); ++i) {
    if (i >= done.size() || done[i] == 0 || plan.passes[i].skipped) continue;
    so_far_.passes.push_back(plan.passes[i]);
    places_.push_back(static_cast<int>(i));
    if (i < plan.marks.passes.size()) so_far_.marks.passes.push_back(plan.marks.passes[i]);
  }
}

std::vector<int> DoneWork::strokes_on(int mass) const {
  std::vector<int> out;
  for (std::size_t i = 0; i < so_far_.passes.size(); ++i) {
    const plan::Pass& p = so_far_.passes[i];
    if (p.kind == plan::PassKind::stroke && !p.finishing && std::binary_search(p.masses.begin(), p.masses.end(), mass))
      out.push_back(static_cast<int>(i));
  }
  return out;
}

std::vector<plan::Stroke> DoneWork::strokes(int target, std::span<const Factor> factors) const {
  std::vector<plan::Stroke> out;
  bool fixed = false;
  for (std::size_t i = 0; i < so_far_.passes.size(); ++i) {
    const plan::Pass& p = so_far_.passes[i];
    if (p.finishing || !std::binary_search(p.targets.begin(), p.targets.end(), target)) continue;
    if (p.kind == plan::PassKind::fix) fixed = !out.empty();
    if (p.kind != plan::PassKind::stroke) continue;
    const double by = factor_of(factors, static_cast<int>(i));
    if (by < kNothing) continue;
    out.push_back({p.stick, std::clamp(plan::pressure_on(p, target) * by, 0.02, 1.0), p.technique, fixed,
                   plan::level_on(p, target)});
    fixed = false;
  }
  return out;
}

plan::Plan DoneWork::as_laid(std::span<const MassLaid> found) const {
  plan::Plan out = so_far_;
  for (std::size_t i = 0; i < out.passes.size(); ++i) {
    plan::Pass& pass = out.passes[i];
    if (pass.kind != plan::PassKind::stroke) continue;
    pass = plan::pressed_by(pass, [&](int t) {
      const auto mass = static_cast<std::size_t>(out.targets[static_cast<std::size_t>(t)].mass);
      const double by = factor_of(found[mass].factors, static_cast<int>(i));
      return by < kNothing ? 0 : by;
    });
  }
  return out;
}

bool DoneWork::fixed(int target) const {
  return plan::state_after(so_far_.passes, target, static_cast<int>(so_far_.passes.size())).fixed;
}

optics::Pile DoneWork::pile(std::span<const plan::Stroke> strokes, int target) const {
  const plan::TargetPlan& t = so_far_.targets[static_cast<std::size_t>(target)];
  const bool coated = plan::state_after(so_far_.passes, target, static_cast<int>(so_far_.passes.size())).coated;
  const optics::Ground& ground = coated ? plan::ground_of(so_far_, t, paper_) : paper_.ground;
  optics::Pile out = plan::build(ground, parameters_, collection_.sticks, strokes);
  if (fixed(target)) out.fix();
  return out;
}

colour::Lab DoneWork::lab(const optics::Pile& pile) const {
  return colour::to_lab(optics::mean(plan::shade(pile, parameters_, collection_.sticks)));
}

std::vector<MassLaid> really_laid(const DoneWork& work, const Reading& reading, double hand) {
  std::vector<MassLaid> out(reading.masses.size());
  parallel::each(out.size(), [&](std::size_t m) {
    const MassFit fit(work, reading, static_cast<int>(m), hand);
    if (!fit.empty()) out[m] = laid_on(fit);
  });
  return out;
}

HandSpread hand_spread(const DoneWork& work, const subject::Subject& subject, double hand) {
  const auto& targets = work.plan().targets;
  HandSpread out{std::vector<double>(subject.masses.size(), 0), std::vector<double>(targets.size(), 0)};
  parallel::each(out.masses.size(), [&](std::size_t m) {
    std::vector<std::size_t> own;
    for (std::size_t t = 0; t < targets.size(); ++t) {
      if (targets[t].mass == static_cast<int>(m)) own.push_back(t);
    }
    const MassColours planned = colours_of(work, own, {});
    for (const int p : work.strokes_on(static_cast<int>(m))) {
      for (const double by : {1 - hand, 1 + hand}) {
        const DoneWork::Factor factor{p, by};
        const MassColours now = colours_of(work, own, std::span(&factor, 1));
        out.masses[m] += square_of(now.mean, planned.mean) / 2;
        for (std::size_t i = 0; i < own.size(); ++i)
          out.targets[own[i]] += square_of(now.targets[i], planned.targets[i]) / 2;
      }
    }
    out.masses[m] = std::sqrt(out.masses[m]);
    for (const std::size_t t : own) out.targets[t] = std::sqrt(out.targets[t]);
  });
  return out;
}

std::vector<plan::LaidPass> as_really_laid(std::vector<plan::LaidPass> laid, const DoneWork& work,
                                           std::span<const MassLaid> found) {
  std::size_t next = 0;  // pass of the work
  for (plan::LaidPass& l : laid) {
    if (l.skipped || next >= work.plan().passes.size()) continue;
    const int pass = static_cast<int>(next++);
    if (l.kind != plan::PassKind::stroke) continue;
    std::vector<plan::LaidPass::Part> parts;
    for (plan::LaidPass::Part part : l.parts) {
      const double by = factor_of(found[static_cast<std::size_t>(part.mass)].factors, pass);
      if (by < kNothing) continue;
      part.pressure = std::clamp((part.pressure > 0 ? part.pressure : l.pressure) * by, 0.02, 1.0);
      parts.push_back(part);
    }
    l.parts = std::move(parts);
  }
  return laid;
}

}  // namespace yd::check
