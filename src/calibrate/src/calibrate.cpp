// SPDX-License-Identifier: MIT
#include "calibrate/calibrate.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

#include "colour/ciede2000.h"
#include "colour/observer.h"
#include "colour/smoothest.h"
#include "fit/least.h"
#include "parallel/each.h"

namespace yd::calibrate {
namespace {

constexpr double kScatter = 1.0;  // of a reading, and of a hand from stroke to stroke, CIE 1976 or so
constexpr double kMasstone = 6;   // how far a masstone may be from what it was taken for
constexpr double kHand = 0.35;    // and a hand, as a share
constexpr double kFurthest = 25;  // of a masstone, in L, a or b
constexpr int kRounds = 5;
constexpr std::size_t kEvery = 4;  // reading that is left out to judge by
// Of so many readings most are of strokes that were laid before, to a tenth of full pressure, finer than a hand holds
// it.
constexpr std::size_t kMany = 400;
constexpr double kTenth = 10;

/// Readings of one stroke: their mean, and how many they are. The squares of many are the same but for a constant.
struct Repeated {
  Reading mean;
  double times = 1;
};

std::map<int, std::vector<Repeated>> by_stick(std::span<const Reading> readings) {
  std::map<int, std::vector<Repeated>> out;
  std::map<std::tuple<int, double, plan::Technique>, std::size_t> known;
  for (Reading r : readings) {
    if (readings.size() > kMany) r.stroke.pressure = std::ceil(r.stroke.pressure * kTenth) / kTenth;
    std::vector<Repeated>& of = out[r.stroke.stick];
    const auto [at, fresh] =
        known.emplace(std::tuple{r.stroke.stick, r.stroke.pressure, r.stroke.technique}, of.size());
    if (fresh) {
      of.push_back({r, 1});
      continue;
    }
    Repeated& same = of[at->second];
    ++same.times;
    colour::Lab& mean = same.mean.lab;
    mean = {mean.l + (r.lab.l - mean.l) / same.times, mean.a + (r.lab.a - mean.a) / same.times,
            mean.b + (r.lab.b - mean.b) / same.times};
  }
  return out;
}

class Fit {
 public:
  Fit(std::span<const Reading> readings, const media::Paper& paper, const media::Collection& collection,
      const optics::Parameters& parameters)
      : paper_(paper), sticks_(collection.sticks), parameters_(parameters), by_stick_(by_stick(readings)) {
    for (const auto& [stick, some] : by_stick_) taken_for_[stick] = sticks_[static_cast<std::size_t>(stick)];
  }

  Status run(Observer& observer) {
    for (int round = 0; round < kRounds; ++round) {
      if (observer.cancelled()) return stopped();
      observer.progress(static_cast<double>(round) / kRounds, "fitting hand and sticks");
      fit_hand(observer);
      observer.progress((round + 0.5) / kRounds, "fitting hand and sticks");
      fit_sticks(observer);
    }
    return observer.cancelled() ? Status(stopped()) : success();
  }

  Calibration result() const {
    Calibration out;
    out.hand = parameters_.hand;
    for (const auto& [stick, was] : taken_for_) {
      StickFound found{stick, sticks_[static_cast<std::size_t>(stick)].lab, 0, 0};
      found.moved_de00 = colour::ciede2000(found.lab, was.lab);
      found.uncertain = uncertainty(stick);
      out.sticks.push_back(found);
    }
    return out;
  }

 private:
  static Error stopped() { return {Error::Code::cancelled, "calibration", "stopped"}; }

  colour::Lab predicted(const OffcutStroke& s, const media::Stick& stick, const optics::Parameters& p) const {
    return plan::evaluate(paper_.ground, p, std::span(&stick, 1), {{0, s.pressure, s.technique, false, 0}}, {})
        .look.lab;
  }

  /// Squares of one stick's readings, in units of their scatter.
  double off(int stick, const media::Stick& as, const optics::Parameters& p) const {
    double sum = 0;
    for (const Repeated& r : by_stick_.at(stick))
      sum += r.times * colour::squares_seen(predicted(r.mean.stroke, as, p), r.mean.lab);
    return sum / (kScatter * kScatter);
  }

  void fit_hand(const Observer& observer) {
    const auto cost = [&](std::span<const double> x) {
      if (observer.cancelled()) return 0.0;
      optics::Parameters p = parameters_;
      p.hand = {x[0], x[1]};
      std::vector<int> sticks;
      for (const auto& [stick, some] : by_stick_) sticks.push_back(stick);
      std::vector<double> part(sticks.size(), 0);
      parallel::each(sticks.size(),
                     [&](std::size_t i) { part[i] = off(sticks[i], sticks_[static_cast<std::size_t>(sticks[i])], p); });
      double sum = 0;
      for (const double d : part) sum += d;
      return sum + std::pow((x[0] - 1) / kHand, 2) + std::pow((x[1] - 1) / kHand, 2);
    };
    const std::array low{0.2, 0.2};
    const std::array high{3.0, 2.0};
    const std::vector<double> best =
        fit::least(cost, {parameters_.hand.light, parameters_.hand.firm}, low, high, {}).at;
    parameters_.hand = {best[0], best[1]};
  }

  double cost_of_stick(int stick, const colour::Lab& lab) const {
    const media::Stick& was = taken_for_.at(stick);
    const double moved = colour::distance_1976(lab, was.lab) / kMasstone;
    return off(stick, with_masstone(was, lab), parameters_) + moved * moved;
  }

  void fit_sticks(const Observer& observer) {
    std::vector<int> sticks;
    for (const auto& [stick, some] : by_stick_) sticks.push_back(stick);
    parallel::each(sticks.size(), [&](std::size_t i) {
      if (observer.cancelled()) return;
      const media::Stick& was = taken_for_.at(sticks[i]);
      media::Stick& now = sticks_[static_cast<std::size_t>(sticks[i])];
      const auto cost = [&](std::span<const double> x) { return cost_of_stick(sticks[i], {x[0], x[1], x[2]}); };
      const std::array low{std::max(1.0, was.lab.l - kFurthest), was.lab.a - kFurthest, was.lab.b - kFurthest};
      const std::array high{std::min(99.0, was.lab.l + kFurthest), was.lab.a + kFurthest, was.lab.b + kFurthest};
      const std::vector<double> best = fit::least(cost, {now.lab.l, now.lab.a, now.lab.b}, low, high, {2}).at;
      now = with_masstone(was, {best[0], best[1], best[2]});
    });
  }

  /// From how fast the cost rises on either side: the curvature of half the squares is the inverse of a variance.
  double uncertainty(int stick) const {
    constexpr double kAside = 1;
    const colour::Lab at = sticks_[static_cast<std::size_t>(stick)].lab;
    const double here = cost_of_stick(stick, at);
    double variance = 0;
    for (int axis = 0; axis < 3; ++axis) {
      const auto moved = [&](double by) {
        colour::Lab lab = at;
        (axis == 0 ? lab.l : axis == 1 ? lab.a : lab.b) += by;
        return cost_of_stick(stick, lab);
      };
      const double curve = (moved(kAside) + moved(-kAside) - 2 * here) / (2 * kAside * kAside);
      variance += 1 / std::max(1 / (kMasstone * kMasstone), curve);
    }
    return std::sqrt(variance / 3);
  }

  const media::Paper& paper_;
  std::vector<media::Stick> sticks_;
  optics::Parameters parameters_;
  std::map<int, std::vector<Repeated>> by_stick_;
  std::map<int, media::Stick> taken_for_;
};

double mean_off(std::span<const Reading> readings, const media::Paper& paper, const media::Collection& collection,
                const optics::Parameters& parameters) {
  double sum = 0;
  for (const Reading& r : readings) {
    const plan::Stroke stroke{r.stroke.stick, r.stroke.pressure, r.stroke.technique, false, 0};
    sum += plan::evaluate(paper.ground, parameters, collection.sticks, {stroke}, r.lab).de00;
  }
  return sum / static_cast<double>(readings.size());
}

Status check(std::span<const Reading> readings, const media::Collection& collection) {
  if (readings.size() < kFewestReadings)
    return bad_value("readings", "are too few: at least " + std::to_string(kFewestReadings) + " are needed");
  for (std::size_t i = 0; i < readings.size(); ++i) {
    const Reading& r = readings[i];
    const std::string where = "reading " + std::to_string(i + 1);
    if (r.stroke.stick < 0 || static_cast<std::size_t>(r.stroke.stick) >= collection.sticks.size())
      return bad_value(where, "names a stick that is not there");
    if (!(r.stroke.pressure > 0 && r.stroke.pressure <= 1))
      return bad_value(where, "pressure must be above 0, up to 1");
    if (!(r.lab.l >= 0 && r.lab.l <= 100 && std::abs(r.lab.a) <= 150 && std::abs(r.lab.b) <= 150))
      return bad_value(where, "is no colour");
  }
  return success();
}

}  // namespace

media::Stick with_masstone(media::Stick stick, const colour::Lab& lab) {
  const colour::Spectrum from = colour::nearest_reflectance(stick.lab);
  const colour::Spectrum to = colour::nearest_reflectance(lab);
  for (std::size_t i = 0; i < colour::kBands; ++i)
    stick.masstone[i] = std::clamp(stick.masstone[i] * to[i] / std::max(1e-3F, from[i]), 1e-3F, 0.999F);
  stick.lab = colour::to_lab(stick.masstone);
  return stick;
}

Result<Calibration> calibrate(std::span<const Reading> readings, const media::Paper& paper,
                              const media::Collection& collection, const optics::Parameters& parameters,
                              Observer& observer) {
  const Status usable = check(readings, collection);
  if (!usable) return usable.error();
  double before = -1;
  double after = -1;
  if (readings.size() >= kJudged) {
    std::vector<Reading> in;
    std::vector<Reading> out;
    for (std::size_t i = 0; i < readings.size(); ++i) (i % kEvery == kEvery - 1 ? out : in).push_back(readings[i]);
    Fit fit(in, paper, collection, parameters);
    Stretch half(observer, 0, 0.5);
    const Status done = fit.run(half);
    if (!done) return done.error();
    const Calibration judged = fit.result();
    before = mean_off(out, paper, collection, parameters);
    after = mean_off(out, paper, calibrated(collection, judged), calibrated(parameters, judged));
  }
  Fit fit(readings, paper, collection, parameters);
  Stretch rest(observer, 0.5, 1);
  const Status done = fit.run(rest);
  if (!done) return done.error();
  Calibration out = fit.result();
  out.readings = static_cast<int>(readings.size());
  out.left_de00 = mean_off(readings, paper, calibrated(collection, out), calibrated(parameters, out));
  out.before_de00 = before;
  out.after_de00 = after;
  return out;
}

bool contradictory(const Calibration& c) { return std::max(c.left_de00, c.after_de00) > kContradicts; }

plan::RestsOn rests_on(const Calibration& c) { return {c.artist, c.paper, c.date, c.readings, c.after_de00}; }

media::Collection calibrated(media::Collection collection, const Calibration& calibration) {
  for (const StickFound& f : calibration.sticks) {
    media::Stick& stick = collection.sticks[static_cast<std::size_t>(f.stick)];
    stick = with_masstone(stick, f.lab);
  }
  return collection;
}

optics::Parameters calibrated(optics::Parameters parameters, const Calibration& calibration) {
  parameters.hand = calibration.hand;
  return parameters;
}

}  // namespace yd::calibrate
