// SPDX-License-Identifier: MIT
#include <algorithm>
#include <cmath>

#include "check/findings.h"
#include "colour/ciede2000.h"
#include "parallel/each.h"

namespace yd::check {
namespace {

constexpr std::array kPressures{0.15, 0.3, 0.5, 0.75, 1.0};
constexpr double kGain = 0.8;         // CIEDE2000 that a mending must bring
constexpr double kSecondGain = 0.8;   // and a second stroke beyond the first
constexpr double kLiftGain = 1;       // that lifting must bring beyond everything else
constexpr double kLeftOut = 0.2;      // of its pressure: it was as good as not laid
constexpr std::size_t kFirsts = 6;    // strokes that a second one is tried over
constexpr std::size_t kJudgedBy = 6;  // targets a mass is judged by
constexpr std::size_t kOffered = 3;

bool nearer(const Mending& p, const Mending& q) { return p.de00 < q.de00; }

struct Seen {
  int target = 0;
  Compared colours;
};

/// The shades of a fault; of a mass whose shades are each too small to be told apart all, as the mass was seen.
std::vector<Seen> seen_of(const Fault& fault, const plan::Plan& plan, const Reading& reading) {
  std::vector<Seen> out;
  std::vector<Seen> all;
  for (std::size_t t = 0; t < plan.targets.size(); ++t) {
    const int target = static_cast<int>(t);
    if (plan.targets[t].mass != fault.mass) continue;
    all.push_back({target, fault.colours});
    all.back().colours.area = plan.targets[t].area;
    const bool off = fault.targets.empty() || std::binary_search(fault.targets.begin(), fault.targets.end(), target);
    if (off && reading.targets[t].area > 0) out.push_back({target, reading.targets[t]});
  }
  return out.empty() ? all : out;
}

/// The places of a fault and what lies there.
class Bench {
 public:
  Bench(const Fault& fault, const DoneWork& work, const Reading& reading, const MassLaid& laid,
        const media::Collection& collection)
      : work_(work), collection_(collection) {
    for (const Seen& s : seen_of(fault, work.plan(), reading)) {
      Place p;
      p.target = s.target;
      p.area = s.colours.area;
      p.wanted = s.colours.expected;
      p.strokes = work.strokes(p.target, laid.factors);
      const colour::Lab modelled = work.lab(work.pile(p.strokes, p.target));
      const colour::Lab& is = s.colours.measured;
      p.beyond = {is.l - modelled.l, is.a - modelled.a, is.b - modelled.b};
      places_.push_back(std::move(p));
    }
    std::stable_sort(places_.begin(), places_.end(), [](const Place& p, const Place& q) { return p.area > q.area; });
    places_.resize(std::min(places_.size(), kJudgedBy));
    for (const Place& p : places_) area_ += p.area;
  }

  /// Whether a stick's medium may go over what lies there.
  bool bears(int stick) const {
    return std::all_of(places_.begin(), places_.end(), [&](const Place& p) {
      return p.strokes.empty() || plan::may_lie_over(medium(stick), medium(p.strokes.back().stick));
    });
  }

  Mending tried(Mending::Way way, std::vector<plan::Stroke> strokes) const {
    Mending out{way, std::move(strokes), {}, 0};
    judge(out, [&](int) { return out.strokes; });
    return out;
  }

  /// A pass that is laid only now, as it was to be; where it touches little of what is off: none.
  std::optional<Mending> as_planned(const plan::Pass& pass) const {
    double touched = 0;
    for (const Place& p : places_)
      touched += std::binary_search(pass.targets.begin(), pass.targets.end(), p.target) ? p.area : 0;
    if (touched < 0.5 * area_ || !bears(pass.stick)) return {};
    const plan::Stroke stroke{pass.stick, pass.pressure, pass.technique, false, plan::kAccentLevel - 1};
    Mending out{Mending::Way::planned, {stroke}, {}, 0};
    judge(out, [&](int target) {
      std::vector<plan::Stroke> strokes;
      if (!std::binary_search(pass.targets.begin(), pass.targets.end(), target)) return strokes;
      strokes.push_back(stroke);
      strokes.back().pressure = plan::pressure_on(pass, target);
      return strokes;
    });
    return out;
  }

 private:
  struct Place {
    int target = 0;
    double area = 0;
    colour::Lab wanted;
    std::vector<plan::Stroke> strokes;
    colour::Lab beyond;  ///< measured, less what the model says
  };

  /// What it comes to with the strokes that each place gets.
  template <class Strokes>
  void judge(Mending& out, Strokes strokes_on) const {
    for (const Place& p : places_) {
      const std::vector<plan::Stroke> strokes = strokes_on(p.target);
      optics::Pile pile = work_.pile(p.strokes, p.target);
      if (out.way == Mending::Way::fixative) pile.fix();
      if (out.way == Mending::Way::lift) pile.lift();
      plan::lay(pile, collection_.sticks, strokes);
      const colour::Lab lab = work_.lab(pile);
      // Firm cover hides what was strange below it as well.
      const double through = see_through(strokes);
      const colour::Lab seen{lab.l + through * p.beyond.l, lab.a + through * p.beyond.a, lab.b + through * p.beyond.b};
      const double share = p.area / area_;
      out.after.l += share * seen.l;
      out.after.a += share * seen.a;
      out.after.b += share * seen.b;
      out.de00 += share * colour::ciede2000(seen, p.wanted);
    }
  }

  optics::Medium medium(int stick) const { return collection_.sticks[static_cast<std::size_t>(stick)].medium; }
  static double see_through(const std::vector<plan::Stroke>& strokes) {
    double out = 1;
    for (const plan::Stroke& s : strokes) out *= 1 - s.pressure;
    return out;
  }

  const DoneWork& work_;
  const media::Collection& collection_;
  std::vector<Place> places_;
  double area_ = 0;
};

std::vector<Mending> tried_over(const Bench& bench, const std::vector<plan::Stroke>& below, std::span<const int> tray,
                                Mending::Way way = Mending::Way::strokes) {
  std::vector<std::vector<plan::Stroke>> all;
  for (const int s : tray) {
    if (!bench.bears(s)) continue;
    for (const plan::Technique t : plan::kAllTechniques) {
      for (const double p : kPressures) {
        all.push_back(below);
        all.back().push_back({s, p, t, false, plan::kAccentLevel - 1});
      }
    }
  }
  std::vector<Mending> out(all.size());
  parallel::each(all.size(), [&](std::size_t i) { out[i] = bench.tried(way, all[i]); });
  std::stable_sort(out.begin(), out.end(), nearer);
  return out;
}

/// The best few, each with another stick on top.
std::vector<Mending> different(const std::vector<Mending>& all, std::size_t most) {
  std::vector<Mending> out;
  for (const Mending& m : all) {
    const bool known = std::any_of(out.begin(), out.end(),
                                   [&](const Mending& k) { return k.strokes.back().stick == m.strokes.back().stick; });
    if (!known) out.push_back(m);
    if (out.size() == most) break;
  }
  return out;
}

/// The best second stroke over one of the first, where it gains enough.
std::optional<Mending> two_strokes(const Bench& bench, const std::vector<Mending>& firsts, std::span<const int> tray) {
  std::optional<Mending> best;
  for (const Mending& first : firsts) {
    const std::vector<Mending> over = tried_over(bench, first.strokes, tray);
    if (over.empty() || over.front().de00 >= firsts.front().de00 - kSecondGain) continue;
    if (!best || nearer(over.front(), *best)) best = over.front();
  }
  return best;
}

/// What is loose brushed off, and where it gains one stroke on what is left; only where no stroke does as well alone,
/// for it makes dust and what was pressed in stays.
std::optional<Mending> lifted(const Bench& bench, double without, std::span<const int> tray) {
  Mending best = bench.tried(Mending::Way::lift, {});
  const std::vector<Mending> over = tried_over(bench, {}, tray, Mending::Way::lift);
  if (!over.empty() && over.front().de00 < best.de00 - kSecondGain) best = over.front();
  if (best.de00 > without - kLiftGain) return std::nullopt;
  return best;
}

/// The pass that was left out there, if one was and it mends as well as anything.
std::optional<Mending> left_out(const Bench& bench, const DoneWork& work, const MassLaid& laid) {
  std::optional<Mending> best;
  for (const DoneWork::Factor& f : laid.factors) {
    if (f.by > kLeftOut) continue;
    const auto one = bench.as_planned(work.plan().passes[static_cast<std::size_t>(f.pass)]);
    if (one && (!best || one->de00 < best->de00)) best = one;
  }
  return best;
}

/// An edge is no colour: cut again with what lies on top of the mass in front, or rubbed across.
Mending edge_mended(const Fault& fault, const DoneWork& work) {
  Mending out;
  out.after = fault.colours.measured;
  out.de00 = fault.colours.de00;
  out.way = fault.amount < 1 ? Mending::Way::cut : Mending::Way::soften;
  if (out.way == Mending::Way::soften) return out;
  for (const plan::TargetPlan& t : work.plan().targets) {
    if (t.mass != fault.mass || t.recipe.strokes.empty()) continue;
    out.strokes = {{t.recipe.strokes.back().stick, 1, plan::Technique::laid, false, 0}};
    return out;
  }
  return out;
}

}  // namespace

std::vector<Mending> mend(const Fault& fault, const DoneWork& work, const Reading& reading, const MassLaid& laid,
                          std::span<const int> tray, const media::Collection& collection) {
  if (fault.off == Off::edge) return {edge_mended(fault, work)};
  const Bench bench(fault, work, reading, laid, collection);
  const Mending leave = bench.tried(Mending::Way::leave, {});
  std::vector<Mending> found = different(tried_over(bench, {}, tray), kFirsts);
  if (auto two = two_strokes(bench, found, tray)) found.insert(found.begin(), std::move(*two));
  found.push_back(bench.tried(Mending::Way::fixative, {}));
  const auto least = std::min_element(found.begin(), found.end(), nearer);
  if (const auto lift = lifted(bench, std::min(least->de00, leave.de00), tray)) found.push_back(*lift);
  std::stable_sort(found.begin(), found.end(), nearer);
  // What was to be there anyway is the first thing to think of.
  if (const auto planned = left_out(bench, work, laid); planned && planned->de00 < found.front().de00 + kGain)
    found.insert(found.begin(), *planned);
  std::vector<Mending> out;
  for (const Mending& m : found) {
    if (m.de00 < leave.de00 - kGain && out.size() < kOffered) out.push_back(m);
  }
  if (out.empty()) out.push_back(leave);
  return out;
}

}  // namespace yd::check
