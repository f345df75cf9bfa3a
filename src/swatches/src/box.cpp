// SPDX-License-Identifier: MIT
#include "swatches/box.h"

#include <algorithm>
#include <cmath>

#include "fit/least.h"
#include "parallel/each.h"

namespace yd::swatches {
namespace {

constexpr double kEmpty = 3;   // CIEDE2000 from the paper, of the firm patch
constexpr double kPatchy = 3;  // L*
constexpr double kClipped = 0.1;
constexpr double kOdd = 3.5;        // scatters by which a light stroke may be off
constexpr double kScatter = 1.5;    // of a light stroke, as of any reading …
constexpr double kUnsteady = 0.15;  // … and of its pressure: a hand is not the same twice
constexpr double kHand = 0.35;      // how far a hand may be from everybody's, as a share
constexpr int kTurns = 4;           // until a masstone stands still: the paper hardly counts

/// The kinds a stick of this colour can be.
std::vector<optics::Medium> kinds_of(const colour::Lab& lab, Kind kind) {
  if (kind) return {*kind};
  constexpr double kCharred = 45;  // charcoal is burnt wood: dark, and without a colour of its own
  std::vector<optics::Medium> out;
  for (const optics::Medium m : media::all_media()) {
    if (!media::facts(m).dirties || (lab.l < kCharred && colour::chroma(lab) < 5)) out.push_back(m);
  }
  return out;
}

/// How common each kind is among the sticks of the sheet: boxes are mostly of one.
using Shares = std::vector<double>;  // by place in the table of media
double share_of(const Shares& shares, optics::Medium m) { return shares[static_cast<std::size_t>(m)]; }

/// A kind that a stick may be, the masstone it then has, and by how much its light stroke is off.
struct Guess {
  media::Stick stick;
  double off2 = 0;
  double weight = 0;  ///< all kinds together 1
};

/// One stick's patches, and what it would be of each kind.
class Cell {
 public:
  Cell(const std::vector<Patch>& patches, const media::Paper& paper, const optics::Parameters& parameters, Kind kind)
      : patches_(&patches), paper_(&paper) {
    for (const optics::Medium m : kinds_of(patches[0].lab, kind)) sticks_.push_back(stick(m, parameters));
    const double contrast = colour::distance_1976(patches[1].lab, paper.lab);
    variance_ = kScatter * kScatter + std::pow(kUnsteady * contrast, 2);
  }

  /// The likeliest kind first; with the parameters' own hand.
  std::vector<Guess> guesses(const optics::Parameters& p, const Shares& shares) const {
    std::vector<Guess> out;
    double sum = 0;
    for (const media::Stick& s : sticks_) {
      const double off2 = off2_of(s, p);
      out.push_back({s, off2, share_of(shares, s.medium) * std::exp(-0.5 * off2 / variance_)});
      sum += out.back().weight;
    }
    for (Guess& g : out) g.weight = sum > 1e-30 ? g.weight / sum : share_of(shares, g.stick.medium);
    std::stable_sort(out.begin(), out.end(), [](const Guess& a, const Guess& b) { return a.weight > b.weight; });
    return out;
  }
  /// Minus twice the logarithm of how likely the light stroke is, whatever the kind; never more than a stick that no
  /// kind explains.
  double cost(const optics::Parameters& p, const Shares& shares) const {
    double sum = 1e-9;
    for (const media::Stick& s : sticks_)
      sum += share_of(shares, s.medium) * std::exp(-0.5 * off2_of(s, p) / variance_);
    return std::min(-2 * std::log(sum), kOdd * kOdd);
  }
  /// By how many of its own scatters the light stroke is off.
  double off(const Guess& g) const { return std::sqrt(g.off2 / variance_); }

 private:
  /// The masstone of this kind that gives the full patch.
  media::Stick stick(optics::Medium kind, const optics::Parameters& p) const {
    const colour::Lab& seen = (*patches_)[0].lab;
    colour::Lab lab = seen;
    media::Stick s;
    for (int turn = 0; turn < kTurns; ++turn) {
      s = media::stick_of({std::clamp(lab.l, 1.0, 99.0), lab.a, lab.b}, "-", kind);
      const colour::Lab laid = look(s, plan::full_swatch(), p);
      lab = {lab.l + seen.l - laid.l, lab.a + seen.a - laid.a, lab.b + seen.b - laid.b};
    }
    return s;
  }
  double off2_of(const media::Stick& s, const optics::Parameters& p) const {
    return colour::squares_seen(look(s, plan::light_swatch(), p), (*patches_)[1].lab);
  }
  colour::Lab look(const media::Stick& s, std::vector<plan::Stroke> strokes, const optics::Parameters& p) const {
    return plan::evaluate(paper_->ground, p, std::span(&s, 1), std::move(strokes), {}).look.lab;
  }

  const std::vector<Patch>* patches_;
  const media::Paper* paper_;
  std::vector<media::Stick> sticks_;
  double variance_ = 1;
};

/// A hand and how common the kinds are, and how badly both explain all light strokes.
struct Explained {
  optics::HandPressure hand;
  Shares shares;
  double cost = 0;
  double weight = 1;
};

/// One share for all pressures, held to everybody's by a third.
void fit_hand(const std::vector<Cell>& cells, optics::Parameters p, Explained& e) {
  const auto cost = [&](std::span<const double> x) {
    p.hand = {x[0], x[0]};
    std::vector<double> part(cells.size());
    parallel::each(cells.size(), [&](std::size_t i) { part[i] = cells[i].cost(p, e.shares); });
    double sum = std::pow((x[0] - 1) / kHand, 2);
    for (const double d : part) sum += d;
    return sum;
  };
  const std::array low{0.65};
  const std::array high{1.35};
  const fit::Least best = fit::least(cost, {e.hand.firm}, low, high, {0.1, 0.1, 15});
  e.hand = {best.at[0], best.at[0]};
  e.cost = best.cost;
}

/// The shares that explain the sticks, the hand given: a step of expectation and maximisation (A. Dempster, N. Laird,
/// D. Rubin, Journal of the Royal Statistical Society B 39, 1977), as if kOfEach sticks of each kind had been seen.
Shares shares_of(const std::vector<Cell>& cells, const optics::Parameters& p, const Shares& before) {
  constexpr double kOfEach = 0.3;
  Shares out(media::all_media().size(), kOfEach);
  for (const Cell& c : cells) {
    for (const Guess& g : c.guesses(p, before)) out[static_cast<std::size_t>(g.stick.medium)] += g.weight;
  }
  double sum = 0;
  for (const double share : out) sum += share;
  for (double& share : out) share /= sum;
  return out;
}

/// A box of all kinds alike; or mostly of one, where that explains the strokes far better. Which one may stay open:
/// all that explain them nearly as well, each with a weight, together 1; the likeliest first.
std::vector<Explained> explained(const std::vector<Cell>& cells, const optics::Parameters& parameters) {
  constexpr double kMostly = 0.8;
  constexpr double kFarBetter = 0.65;  // a cell, minus twice a logarithm: between mixed boxes and those of one kind
  constexpr int kRounds = 3;
  Explained mixed;
  const std::size_t kinds = media::all_media().size();
  mixed.shares.assign(kinds, 1.0 / static_cast<double>(kinds));
  fit_hand(cells, parameters, mixed);
  std::vector<Explained> out;
  double least = mixed.cost;
  for (std::size_t first = 0; first < kinds; ++first) {
    Explained e;
    e.shares.assign(kinds, (1 - kMostly) / (static_cast<double>(kinds) - 1));
    e.shares[first] = kMostly;
    optics::Parameters p = parameters;
    for (int round = 0; round < kRounds; ++round) {
      fit_hand(cells, p, e);
      p.hand = e.hand;
      e.shares = shares_of(cells, p, e.shares);
    }
    least = std::min(least, e.cost);
    out.push_back(e);
  }
  if (least > mixed.cost - kFarBetter * static_cast<double>(cells.size())) {
    out = {mixed};
    least = mixed.cost;
  }
  double sum = 0;
  for (Explained& e : out) sum += e.weight = std::exp(-0.5 * (e.cost - least));
  for (Explained& e : out) e.weight /= sum;
  std::stable_sort(out.begin(), out.end(), [](const Explained& a, const Explained& b) { return a.weight > b.weight; });
  return out;
}

/// The kinds of a cell by all that may explain the sheet, the likeliest first.
std::vector<Guess> guesses_of(const Cell& cell, const std::vector<Explained>& all, optics::Parameters p) {
  std::vector<Guess> out;
  for (const Explained& e : all) {
    p.hand = e.hand;
    for (Guess g : cell.guesses(p, e.shares)) {
      g.weight *= e.weight;
      const auto same =
          std::find_if(out.begin(), out.end(), [&](const Guess& o) { return o.stick.medium == g.stick.medium; });
      if (same == out.end()) {
        out.push_back(std::move(g));
      } else {
        same->weight += g.weight;
      }
    }
  }
  std::stable_sort(out.begin(), out.end(), [](const Guess& a, const Guess& b) { return a.weight > b.weight; });
  return out;
}

/// Between the kinds it may be, by how likely each is: a kind that is guessed wrong then costs little.
colour::Lab masstone_of(const std::vector<Guess>& guesses) {
  colour::Lab sum;
  for (const Guess& g : guesses) {
    const colour::Lab& c = g.stick.lab;
    sum = {sum.l + g.weight * c.l, sum.a + g.weight * c.a, sum.b + g.weight * c.b};
  }
  return sum;
}

bool is_empty(const std::vector<Patch>& cell) { return cell[0].off_paper < kEmpty && cell[1].off_paper < kEmpty; }

Doubt doubt_of(const std::vector<Patch>& patches, double off) {
  for (const Patch& p : patches) {
    if (p.clipped > kClipped) return Doubt::clipped;
  }
  if (patches[0].patchy > kPatchy) return Doubt::patchy;
  if (off > kOdd || patches[1].off_paper < 0.5 * kEmpty) return Doubt::odd;
  return Doubt::none;
}

}  // namespace

const char* name(Doubt doubt) {
  constexpr std::array names{"none", "patchy", "clipped", "odd"};
  return names[static_cast<std::size_t>(doubt)];
}

Result<BoxFound> sticks_of(const SheetReading& reading, const media::Paper& paper, const optics::Parameters& parameters,
                           std::span<const Kind> kinds, Observer& observer) {
  if (reading.layout.sheet.purpose != printed::Purpose::sticks)
    return bad_value("photograph", "shows a sheet for offcut strokes, not for sticks");
  BoxFound out;
  std::vector<int> numbers;
  for (std::size_t i = 0; i < reading.cells.size(); ++i)
    (is_empty(reading.cells[i]) ? out.empty : numbers).push_back(static_cast<int>(i));
  if (numbers.empty()) return bad_value("photograph", "shows no stroke in any cell");
  std::vector<Cell> cells;
  cells.reserve(numbers.size());
  for (const int i : numbers) {
    const auto at = static_cast<std::size_t>(i);
    cells.emplace_back(reading.cells[at], paper, parameters, at < kinds.size() ? kinds[at] : std::nullopt);
  }
  observer.progress(0.3, "hand and kinds of stick");
  if (observer.cancelled()) return Error{Error::Code::cancelled, "swatches", "stopped"};
  const std::vector<Explained> all = explained(cells, parameters);
  out.hand = all.front().hand;
  out.sticks.reserve(cells.size());
  for (std::size_t i = 0; i < cells.size(); ++i) {
    const std::vector<Guess> g = guesses_of(cells[i], all, parameters);
    SwatchFound found;
    found.cell = numbers[i];
    found.stick = media::stick_of(masstone_of(g), "", g[0].stick.medium);
    found.sure = g[0].weight;
    found.off = cells[i].off(g[0]);
    found.doubt = doubt_of(reading.cells[static_cast<std::size_t>(numbers[i])], found.off);
    out.sticks.push_back(std::move(found));
  }
  return out;
}

Result<std::vector<calibrate::Reading>> readings_of(const SheetReading& reading,
                                                    std::span<const calibrate::OffcutStroke> strokes) {
  if (reading.layout.sheet.purpose != printed::Purpose::strokes)
    return bad_value("photograph", "shows a sheet for sticks, not for offcut strokes");
  std::vector<calibrate::Reading> out;
  for (std::size_t i = 0; i < std::min(strokes.size(), reading.cells.size()); ++i) {
    const Patch& p = reading.cells[i][0];
    if (p.off_paper >= 0.5 * kEmpty && p.clipped <= kClipped) out.push_back({strokes[i], p.lab});
  }
  return out;
}

media::Collection with_masstones(media::Collection collection, std::span<const int> sticks, const BoxFound& box) {
  for (const SwatchFound& f : box.sticks) {
    if (static_cast<std::size_t>(f.cell) >= sticks.size() || f.doubt != Doubt::none) continue;
    media::Stick& s = collection.sticks[static_cast<std::size_t>(sticks[static_cast<std::size_t>(f.cell)])];
    s = calibrate::with_masstone(s, f.stick.lab);
  }
  return collection;
}

}  // namespace yd::swatches
