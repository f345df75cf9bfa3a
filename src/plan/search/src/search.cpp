// SPDX-License-Identifier: MIT
#include "search/search.h"

#include <algorithm>
#include <atomic>
#include <memory>
#include <set>

#include "colour/ciede2000.h"
#include "colour/observer.h"
#include "optics/kernel.h"
#include "parallel/each.h"

namespace yd::plan {
namespace {

using optics::CoarseStrata;
using optics::CoatTable;

/// Colours of one first stick under every allowed second one, as arrays for the bulk difference.
struct Batch {
  std::vector<std::size_t> second;
  std::vector<float> l, a, b, difference;

  void clear() {
    second.clear();
    l.clear();
    a.clear();
    b.clear();
  }
  void add(std::size_t stick, const colour::Lab& lab) {
    second.push_back(stick);
    l.push_back(static_cast<float>(lab.l));
    a.push_back(static_cast<float>(lab.a));
    b.push_back(static_cast<float>(lab.b));
  }
};

}  // namespace

PairTable::PairTable(std::size_t sticks, std::size_t targets, std::vector<StackGeometry> geometries)
    : sticks_(sticks),
      targets_(targets),
      geometries_(std::move(geometries)),
      cost_(sticks * sticks * targets, kForbidden),
      geometry_(cost_.size(), 0) {}

std::vector<Stroke> PairTable::strokes(std::size_t target, std::size_t first, std::size_t second) const {
  const StackGeometry& g = geometries_[geometry_[at(target, first, second)]];
  std::vector<Stroke> out;
  for (int i = 0; i < g.strokes; ++i) {
    const StrokeShape& shape = g.shape[static_cast<std::size_t>(i)];
    out.push_back({static_cast<int>(i == 0 ? first : second), shape.pressure, shape.technique});
  }
  return out;
}

void PairTable::take(const PairTable& part, std::span<const std::size_t> targets) {
  const auto offset = static_cast<std::uint16_t>(geometries_.size());
  geometries_.insert(geometries_.end(), part.geometries_.begin(), part.geometries_.end());
  evaluations += part.evaluations;
  for (std::size_t first = 0; first < sticks_; ++first) {
    for (std::size_t n = 0; n < targets.size(); ++n) {
      for (std::size_t second = 0; second < sticks_; ++second) {
        cost_[at(targets[n], first, second)] = part.cost_[part.at(n, first, second)];
        geometry_[at(targets[n], first, second)] =
            static_cast<std::uint16_t>(part.geometry_[part.at(n, first, second)] + offset);
      }
    }
  }
}

/// Runs geometry by geometry; within one, first sticks are spread over the cores, so no two threads share a row.
class PairSearch {
 public:
  PairSearch(const SearchInput& input, PairTable& table) : in_(input), table_(table), kernel_(optics::kernel()) {
    for (const media::Stick& s : in_.sticks) pigments_.push_back(optics::coarse(media::pigment_of(s, *in_.parameters)));
  }

  void run(std::uint16_t index) {
    const StackGeometry& g = table_.geometries_[index];
    const auto firsts = of_medium(g.shape[0].medium);
    const auto seconds = g.strokes == 2 ? of_medium(g.shape[1].medium) : std::vector<std::size_t>{};
    prepare_over(g, seconds);
    parallel::spans(firsts.size(), 4, [&](std::size_t begin, std::size_t end) {
      Batch batch;
      for (std::size_t i = begin; i < end; ++i) one_first(g, index, firsts[i], seconds, batch);
    });
  }
  std::uint64_t evaluations() const { return evaluations_; }

 private:
  std::vector<std::size_t> of_medium(optics::Medium m) const {
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < in_.sticks.size(); ++i) {
      if (in_.sticks[i].medium == m) out.push_back(i);
    }
    return out;
  }

  /// Tables of the coats that hold the second stick alone: the same over every first stick.
  void prepare_over(const StackGeometry& g, const std::vector<std::size_t>& seconds) {
    over_.assign(seconds.size() * g.coats.size(), CoatTable{});
    parallel::each(seconds.size(), [&](std::size_t n) {
      for (std::size_t c = g.under; c < g.coats.size(); ++c) {
        if (g.coats[c].share[1] < 1) continue;
        kernel_.films(pigments_[seconds[n]], g.coats[c].loads, over_[n * g.coats.size() + c]);
      }
    });
  }

  CoarseStrata under_coats(const StackGeometry& g, std::size_t first) const {
    CoarseStrata state = optics::coarse(in_.ground->reflectance);
    CoatTable coat;
    for (std::size_t c = 0; c < g.under; ++c) {
      kernel_.films(pigments_[first], g.coats[c].loads, coat);
      kernel_.lay(state, coat, state);
    }
    return state;
  }

  /// Coats above the first stick's own, for the n-th second stick.
  colour::Lab finish(const StackGeometry& g, const CoarseStrata& under, std::size_t first, std::size_t second,
                     std::size_t n) const {
    CoarseStrata state;
    const CoarseStrata* below = &under;
    CoatTable mixed;
    colour::CoarseSpectrum mean;
    for (std::size_t c = g.under; c < g.coats.size(); ++c) {
      const CoatTable* coat = &over_[n * g.coats.size() + c];
      if (g.coats[c].share[1] < 1) {
        const std::array<const optics::CoarsePigment*, 2> both{&pigments_[first], &pigments_[second]};
        kernel_.films(blend(g.coats[c].share, both), g.coats[c].loads, mixed);
        coat = &mixed;
      }
      if (c + 1 == g.coats.size()) {
        kernel_.lay_mean(*below, *coat, mean);
      } else {
        kernel_.lay(*below, *coat, state);
        below = &state;
      }
    }
    if (g.under == g.coats.size()) mean = optics::mean(under);
    return colour::to_lab(mean);
  }

  void one_first(const StackGeometry& g, std::uint16_t index, std::size_t first,
                 const std::vector<std::size_t>& seconds, Batch& batch) {
    batch.clear();
    const CoarseStrata under = under_coats(g, first);
    if (g.strokes == 1) {
      batch.add(first, colour::to_lab(optics::mean(under)));
    } else {
      for (std::size_t n = 0; n < seconds.size(); ++n) {
        if (stack_allowed(in_, static_cast<int>(first), static_cast<int>(seconds[n])))
          batch.add(seconds[n], finish(g, under, first, seconds[n], n));
      }
    }
    evaluations_ += batch.second.size();
    keep_best(index, first, static_cast<float>(g.strokes - 1) * stroke_price(), batch);
  }

  void keep_best(std::uint16_t index, std::size_t first, float price, Batch& batch) {
    batch.difference.resize(batch.second.size());
    for (std::size_t t = 0; t < in_.targets.size(); ++t) {
      colour::ciede2000_bulk(batch.l.data(), batch.a.data(), batch.b.data(), batch.second.size(), in_.targets[t],
                             batch.difference.data());
      const std::size_t row = table_.at(t, first, 0);
      for (std::size_t n = 0; n < batch.second.size(); ++n) {
        const std::size_t cell = row + batch.second[n];
        const float cost = batch.difference[n] + price;
        if (cost < table_.cost_[cell]) {
          table_.cost_[cell] = cost;
          table_.geometry_[cell] = index;
        }
      }
    }
  }

  const SearchInput& in_;
  PairTable& table_;
  const optics::Kernel& kernel_;
  std::vector<optics::CoarsePigment> pigments_;
  std::vector<CoatTable> over_;
  std::atomic<std::uint64_t> evaluations_ = 0;
};

bool stack_allowed(const SearchInput& input, int first, int second) {
  const media::Stick& under = input.sticks[static_cast<std::size_t>(first)];
  return may_pair(input.rules, under, input.sticks[static_cast<std::size_t>(second)]);
}

std::vector<StackGeometry> allowed_geometries(const SearchInput& input, std::span<const optics::Medium> media) {
  std::vector<StackGeometry> out = all_geometries(*input.ground, *input.parameters, media);
  std::erase_if(out, [&](const StackGeometry& g) {
    const auto shapes = std::span(g.shape).first(static_cast<std::size_t>(g.strokes));
    return !shapes_allowed(input.rules, shapes);
  });
  return out;
}

Result<PairTable> search_pairs(const SearchInput& input, Observer& observer) {
  if (input.sticks.empty()) return bad_value("sticks", "there are none to search");
  if (input.targets.empty()) return bad_value("targets", "there are none to match");
  std::set<optics::Medium> present;
  for (const media::Stick& s : input.sticks) present.insert(s.medium);
  const std::vector<optics::Medium> media(present.begin(), present.end());
  std::vector<StackGeometry> geometries = allowed_geometries(input, media);
  const std::size_t count = geometries.size();
  PairTable table(input.sticks.size(), input.targets.size(), std::move(geometries));
  PairSearch search(input, table);
  for (std::size_t g = 0; g < count; ++g) {
    if (observer.cancelled()) return Error{Error::Code::cancelled, "search", "stopped"};
    search.run(static_cast<std::uint16_t>(g));
    observer.progress(static_cast<double>(g + 1) / static_cast<double>(count), "searching stacks");
  }
  table.evaluations = search.evaluations();
  return table;
}

}  // namespace yd::plan
