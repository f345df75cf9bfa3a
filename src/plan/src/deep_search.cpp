#include "plan/deep_search.h"

#include <tbb/blocked_range.h>
#include <tbb/parallel_for.h>

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <numeric>
#include <set>

#include "colour/ciede2000.h"
#include "colour/observer.h"

namespace yd::plan {
namespace {

using Succession = std::array<std::int16_t, kMostStrokes>;  // places in the list of tray strokes; -1: none

/// One stick used in one way.
struct TrayStroke {
  Stroke stroke;
  int shape = 0;  // index into the shapes
  int pigment = 0;
};

/// Weight of each stroke's pigment, and of the ground, as seen from above.
struct Seen {
  struct Part {
    std::array<float, kMostStrokes> share{};
    float weight = 0;
  };
  std::vector<Part> parts;
  float ground = 1;
};

Seen seen_from_above(const StackGeometry& g) {
  Seen out;
  std::array<float, optics::kStrata> bare{};
  bare.fill(1.0F / optics::kStrata);
  for (std::size_t n = g.coats.size(); n > 0; --n) {
    const StackGeometry::Coat& coat = g.coats[n - 1];
    Seen::Part part{coat.share, 0};
    for (std::size_t i = 0; i < optics::kStrata; ++i) {
      part.weight += bare[i] * coat.loads.cover[i];
      bare[i] *= 1 - coat.loads.cover[i];
    }
    out.parts.push_back(part);
  }
  out.ground = std::accumulate(bare.begin(), bare.end(), 0.0F);
  return out;
}

struct Guess {
  std::vector<Succession> sequence;
  std::vector<float> l, a, b;

  void add(const Succession& s, const colour::Lab& lab) {
    sequence.push_back(s);
    l.push_back(static_cast<float>(lab.l));
    a.push_back(static_cast<float>(lab.a));
    b.push_back(static_cast<float>(lab.b));
  }
};

colour::Xyz masstone_xyz(const optics::Pigment& p) {
  colour::Spectrum r;
  for (std::size_t i = 0; i < colour::kBands; ++i)
    r[i] = static_cast<float>(optics::endless_reflectance(p.k[i], p.s[i]));
  return colour::to_xyz(r, colour::weights(colour::Illuminant::d50));
}

class Deep {
 public:
  Deep(const SearchInput& input, std::span<const int> tray) : in_(input) {
    std::set<optics::Medium> present;
    for (const int i : tray) present.insert(in_.sticks[static_cast<std::size_t>(i)].medium);
    shapes_ = all_shapes(std::vector(present.begin(), present.end()));
    if (in_.rules.manner == Manner::broken)
      std::erase_if(shapes_, [](const StrokeShape& s) { return s.technique == Technique::rubbed; });
    for (const int i : tray) {
      const media::Stick& stick = in_.sticks[static_cast<std::size_t>(i)];
      pigments_.push_back(media::pigment_of(stick, *in_.parameters));
      for (std::size_t s = 0; s < shapes_.size(); ++s) {
        if (shapes_[s].medium != stick.medium) continue;
        strokes_.push_back({{i, shapes_[s].pressure, shapes_[s].technique},
                            static_cast<int>(s),
                            static_cast<int>(pigments_.size()) - 1});
      }
    }
    ground_ = colour::to_xyz(optics::mean(in_.ground->reflectance), colour::weights(colour::Illuminant::d50));
  }

  /// Every sequence of three that the rules allow.
  std::vector<Succession> sequences() const {
    std::vector<Succession> out;
    const auto n = static_cast<std::int16_t>(strokes_.size());
    for (std::int16_t i = 0; i < n; ++i) {
      for (std::int16_t j = 0; j < n; ++j) {
        if (!follows(i, j)) continue;
        for (std::int16_t k = 0; k < n; ++k) {
          if (follows(j, k) && may_complete(in_.rules, stick(i), stick(j), stick(k))) out.push_back({i, j, k, -1});
        }
      }
    }
    return out;
  }

  std::vector<Succession> grown(const std::vector<Succession>& from) const {
    std::vector<Succession> out;
    const auto n = static_cast<std::int16_t>(strokes_.size());
    for (const Succession& s : from) {
      for (std::int16_t k = 0; k < n; ++k) {
        if (follows(s[2], k)) out.push_back({s[0], s[1], s[2], k});
      }
    }
    return out;
  }

  Guess guess(const std::vector<Succession>& all, Observer& observer) {
    Guess out;
    for (const Succession& s : all) {
      if (out.sequence.size() % 8192 == 0 && observer.cancelled()) return out;
      out.add(s, guess_of(s));
    }
    return out;
  }

  /// Places, in the guess, of what to work out in full.
  std::vector<std::size_t> best_of(const Guess& g, std::size_t kept) const {
    std::vector<std::set<std::size_t>> found(in_.targets.size());
    tbb::parallel_for(std::size_t{0}, in_.targets.size(), [&](std::size_t t) {
      std::vector<float> difference(g.l.size());
      colour::ciede2000_bulk(g.l.data(), g.a.data(), g.b.data(), g.l.size(), in_.targets[t], difference.data());
      std::vector<std::size_t> order(g.l.size());
      std::iota(order.begin(), order.end(), 0);
      const std::size_t count = std::min(kept, order.size());
      std::partial_sort(order.begin(), order.begin() + static_cast<std::ptrdiff_t>(count), order.end(),
                        [&](std::size_t p, std::size_t q) {
                          return difference[p] != difference[q] ? difference[p] < difference[q] : p < q;
                        });
      found[t].insert(order.begin(), order.begin() + static_cast<std::ptrdiff_t>(count));
    });
    std::set<std::size_t> all;
    for (const auto& f : found) all.insert(f.begin(), f.end());
    return {all.begin(), all.end()};
  }

  std::vector<Stack> work_out(const std::vector<Succession>& sequences) {
    for (const Succession& s : sequences) geometry_of(s);  // filled before the cores read it
    std::vector<Stack> out(sequences.size());
    tbb::parallel_for(tbb::blocked_range<std::size_t>(0, sequences.size(), 64), [&](const auto& range) {
      for (std::size_t i = range.begin(); i < range.end(); ++i) out[i] = make(sequences[i]);
    });
    return out;
  }

 private:
  struct Known {
    StackGeometry geometry;
    Seen seen;
  };

  const TrayStroke& at(std::int16_t i) const { return strokes_[static_cast<std::size_t>(i)]; }

  const media::Stick& stick(std::int16_t i) const { return in_.sticks[static_cast<std::size_t>(at(i).stroke.stick)]; }
  const StrokeShape& shape(std::int16_t i) const { return shapes_[static_cast<std::size_t>(at(i).shape)]; }

  /// The topmost stroke of a rubbed stack may be laid, the others not.
  bool follows(std::int16_t under, std::int16_t over) const {
    if (in_.rules.manner == Manner::rubbed && shape(under).technique != Technique::rubbed) return false;
    return may_lie_over(stick(over).medium, stick(under).medium) &&
           stick_may_follow(in_.rules, stick(under), stick(over)) &&
           shape_may_follow(in_.rules, shape(under), shape(over));
  }

  static std::size_t length(const Succession& s) { return s[3] < 0 ? 3 : 4; }

  std::int64_t key_of(const Succession& s) const {
    std::int64_t key = static_cast<std::int64_t>(length(s));
    for (std::size_t i = 0; i < length(s); ++i) key = key * 64 + at(s[i]).shape;
    return key;
  }

  const Known& geometry_of(const Succession& s) {
    const std::int64_t key = key_of(s);
    const auto found = known_.find(key);
    if (found != known_.end()) return found->second;
    std::vector<StrokeShape> shapes;
    for (std::size_t i = 0; i < length(s); ++i) shapes.push_back(shapes_[static_cast<std::size_t>(at(s[i]).shape)]);
    Known k{make_geometry(*in_.ground, *in_.parameters, shapes), {}};
    k.seen = seen_from_above(k.geometry);
    return known_.emplace(key, std::move(k)).first->second;
  }

  /// XYZ of a mixture's masstone, remembered by its rounded shares.
  const colour::Xyz& mixture(const Succession& s, const Seen::Part& part) {
    std::array<int, 2 * kMostStrokes> key{};
    std::array<const optics::Pigment*, kMostStrokes> pigments{};
    const std::size_t n = length(s);
    for (std::size_t i = 0; i < n; ++i) {
      pigments[i] = &pigments_[static_cast<std::size_t>(at(s[i]).pigment)];
      const int share = static_cast<int>(std::lround(part.share[i] * 32));
      key[2 * i] = share > 0 ? at(s[i]).pigment : -1;
      key[2 * i + 1] = share;
    }
    const auto found = mixtures_.find(key);
    if (found != mixtures_.end()) return found->second;
    return mixtures_.emplace(key, masstone_xyz(blend(part.share, std::span(pigments).first(n)))).first->second;
  }

  colour::Lab guess_of(const Succession& s) {
    const Known& k = geometry_of(s);
    colour::Xyz sum{k.seen.ground * ground_.x, k.seen.ground * ground_.y, k.seen.ground * ground_.z};
    for (const Seen::Part& part : k.seen.parts) {
      if (part.weight < 1e-4F) continue;
      const colour::Xyz& c = mixture(s, part);
      sum = {sum.x + part.weight * c.x, sum.y + part.weight * c.y, sum.z + part.weight * c.z};
    }
    return colour::to_lab(sum, colour::weights(colour::Illuminant::d50).white);
  }

  Stack make(const Succession& s) const {
    const Known& k = known_.at(key_of(s));
    Stack out;
    std::array<const optics::Pigment*, kMostStrokes> pigments{};
    for (std::size_t i = 0; i < length(s); ++i) {
      out.strokes.push_back(at(s[i]).stroke);
      pigments[i] = &pigments_[static_cast<std::size_t>(at(s[i]).pigment)];
    }
    const optics::Look look = optics::look(shade_stack(k.geometry, *in_.ground, std::span(pigments).first(length(s))));
    out.lab = look.lab;
    out.spread_l = static_cast<float>(look.spread_l);
    out.tooth_left = static_cast<float>(k.geometry.tooth_left);
    return out;
  }

  const SearchInput& in_;
  std::vector<StrokeShape> shapes_;
  std::vector<TrayStroke> strokes_;
  std::vector<optics::Pigment> pigments_;
  colour::Xyz ground_;
  std::map<std::int64_t, Known> known_;
  std::map<std::array<int, 2 * kMostStrokes>, colour::Xyz> mixtures_;
};

std::vector<Succession> pick(const Guess& g, const std::vector<std::size_t>& which) {
  std::vector<Succession> out;
  out.reserve(which.size());
  for (const std::size_t i : which) out.push_back(g.sequence[i]);
  return out;
}

}  // namespace

Result<std::vector<Stack>> deep_stacks(const SearchInput& input, std::span<const int> tray, const DeepOptions& options,
                                       DeepSummary& summary, Observer& observer) {
  if (options.strokes < 3 || options.strokes > static_cast<int>(kMostStrokes))
    return bad_value("strokes", "must be 3 or 4");
  if (options.kept_per_target < 1) return bad_value("kept_per_target", "must be at least 1");
  const Error cancelled{Error::Code::cancelled, "search", "stopped"};
  const auto kept = static_cast<std::size_t>(options.kept_per_target);
  Deep deep(input, tray);
  const Guess three = deep.guess(deep.sequences(), observer);
  summary.guessed += three.sequence.size();
  if (observer.cancelled()) return cancelled;
  const std::vector<Succession> best = pick(three, deep.best_of(three, kept));
  std::vector<Stack> out = deep.work_out(best);
  if (options.strokes == 4) {
    // Four strokes grow from what came near with three.
    const Guess four =
        deep.guess(deep.grown(pick(three, deep.best_of(three, std::max<std::size_t>(1, kept / 8)))), observer);
    summary.guessed += four.sequence.size();
    if (observer.cancelled()) return cancelled;
    std::vector<Stack> more = deep.work_out(pick(four, deep.best_of(four, kept)));
    std::move(more.begin(), more.end(), std::back_inserter(out));
  }
  summary.worked_out += out.size();
  return out;
}

std::vector<Stack> all_three_stroke_stacks(const SearchInput& input, std::span<const int> tray) {
  Deep deep(input, tray);
  return deep.work_out(deep.sequences());
}

}  // namespace yd::plan
