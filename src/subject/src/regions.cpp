// SPDX-License-Identifier: MIT
#include "subject/regions.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <limits>
#include <map>
#include <numeric>
#include <set>
#include <tuple>
#include <utility>

namespace yd::subject {
namespace {

constexpr double kValueWeight = 1.5;
constexpr double kBetween = 1.08;  // how far off the straight line between two colours still lies between them,
constexpr double kAside = 8;       // as a share of its length, and at most

struct Piece {
  double area = 0;
  double matters = 0;  // area times importance
  std::array<double, 3> sum{};
  std::map<int, int> neighbours;  // id -> length of the shared border
  std::size_t owner = 0;
  bool alive = true;
};

/// How far a point lies off the line between two others, from the three distances (Heron).
double aside(double to_p, double to_q, double apart) {
  const double half = (to_p + to_q + apart) / 2;
  const double square = half * (half - to_p) * (half - to_q) * (half - apart);
  return apart > 0 ? 2 * std::sqrt(std::max(0.0, square)) / apart : to_p;
}

std::vector<Piece> measure(const LabImage& image, const Regions& regions) {
  std::vector<Piece> pieces(static_cast<std::size_t>(regions.count));
  const LabelImage& labels = regions.labels;
  const auto touch = [&](int p, int q) {
    if (p == q) return;
    ++pieces[static_cast<std::size_t>(p)].neighbours[q];
    ++pieces[static_cast<std::size_t>(q)].neighbours[p];
  };
  for (int y = 0; y < labels.height; ++y) {
    for (int x = 0; x < labels.width; ++x) {
      const int id = labels.at(x, y);
      Piece& piece = pieces[static_cast<std::size_t>(id)];
      const colour::LabPixel& c = image.at(x, y);
      piece.area += 1;
      piece.sum[0] += kValueWeight * c.l;
      piece.sum[1] += c.a;
      piece.sum[2] += c.b;
      if (x + 1 < labels.width) touch(id, labels.at(x + 1, y));
      if (y + 1 < labels.height) touch(id, labels.at(x, y + 1));
    }
  }
  return pieces;
}

double distance2(const Piece& p, const Piece& q) {
  double d = 0;
  for (std::size_t k = 0; k < 3; ++k) {
    const double t = p.sum[k] / p.area - q.sum[k] / q.area;
    d += t * t;
  }
  return d;
}

/// Ward's growth of the squared error when two pieces become one, important pieces counted larger than they are.
double cost(const Piece& p, const Piece& q) {
  return distance2(p, q) * p.matters * q.matters / (p.matters + q.matters);
}

class Merger {
 public:
  Merger(std::vector<Piece> pieces, double total, const MergeOptions& options)
      : pieces_(std::move(pieces)), parent_(pieces_.size()), total_(total), options_(options) {
    if (options_.budgets.empty()) options_.budgets.push_back({options_.most, options_.fewest});
    alive_.resize(options_.budgets.size());
    for (const Piece& p : pieces_) ++alive_[p.owner];
    for (std::size_t i = 0; i < pieces_.size(); ++i) {
      parent_[i] = static_cast<int>(i);
      for (const auto& [j, length] : pieces_[i].neighbours) {
        if (static_cast<int>(i) < j) offer(static_cast<int>(i), j);
      }
    }
  }

  void run() {
    std::vector<char> done(alive_.size(), 0);
    while (!queue_.empty()) {
      const auto [price, p, q] = *queue_.begin();
      // The cheapest pair of an owner is not wanted: none of its others is.
      if (done[at(p).owner] == 0 && !wanted(at(p), at(q))) done[at(p).owner] = 1;
      if (done[at(p).owner] != 0)
        queue_.erase(queue_.begin());
      else
        join(p, q);
    }
    absorb_small();
    absorb_halos();
  }

  int root(int i) const {
    while (parent_[static_cast<std::size_t>(i)] != i) i = parent_[static_cast<std::size_t>(i)];
    return i;
  }

 private:
  using Entry = std::tuple<double, int, int>;
  Piece& at(int i) { return pieces_[static_cast<std::size_t>(i)]; }
  Entry entry(int i, int j) {
    const int p = std::min(i, j);
    const int q = std::max(i, j);
    return {cost(at(p), at(q)), p, q};
  }
  bool mates(int i, int j) { return at(i).owner == at(j).owner; }
  void offer(int i, int j) {
    if (mates(i, j)) queue_.insert(entry(i, j));
  }
  bool wanted(const Piece& p, const Piece& q) const {
    const MergeOptions::Budget& budget = options_.budgets[p.owner];
    if (alive_[p.owner] > budget.most) return true;
    // The cheapest pair left: alike enough to be one shape, however many there are?
    const double apart = std::sqrt(distance2(p, q));
    return apart < (alive_[p.owner] > budget.fewest ? options_.keep_apart : 1.0);
  }

  void join(int p, int q) {
    for (const auto& [n, length] : at(p).neighbours) queue_.erase(entry(p, n));
    for (const auto& [n, length] : at(q).neighbours) queue_.erase(entry(q, n));
    Piece& keep = at(p);
    Piece& gone = at(q);
    keep.area += gone.area;
    keep.matters += gone.matters;
    for (std::size_t k = 0; k < 3; ++k) keep.sum[k] += gone.sum[k];
    keep.neighbours.erase(q);
    for (const auto& [n, length] : gone.neighbours) {
      if (n == p) continue;
      keep.neighbours[n] += length;
      at(n).neighbours.erase(q);
      at(n).neighbours[p] += length;
    }
    gone.neighbours.clear();
    gone.alive = false;
    parent_[static_cast<std::size_t>(q)] = p;
    --alive_[keep.owner];
    for (const auto& [n, length] : keep.neighbours) offer(p, n);
  }

  void absorb_small() {
    while (true) {
      int smallest = -1;
      for (std::size_t i = 0; i < pieces_.size(); ++i) {
        if (too_small(static_cast<int>(i)) && (smallest < 0 || pieces_[i].area < at(smallest).area))
          smallest = static_cast<int>(i);
      }
      if (smallest < 0) return;
      int best = -1;
      for (const auto& [n, length] : at(smallest).neighbours) {
        if (mates(n, smallest) && (best < 0 || distance2(at(n), at(smallest)) < distance2(at(best), at(smallest))))
          best = n;
      }
      join(std::min(best, smallest), std::max(best, smallest));
    }
  }

  /// A piece that is no shape of its own, and has somewhere to go.
  bool too_small(int i) {
    const Piece& p = at(i);
    if (!p.alive || alive_[p.owner] <= options_.budgets[p.owner].fewest) return false;
    if (std::max(p.area, p.matters / 2) >= options_.smallest * total_) return false;
    return std::any_of(p.neighbours.begin(), p.neighbours.end(), [&](const auto& n) { return mates(n.first, i); });
  }

  /// The neighbour a halo belongs to; -1 where the piece is none. A halo is a thin strip along a border whose colour
  /// lies between those of the two shapes that meet there: the softness of an edge, not a shape.
  int owner_of_halo(const Piece& p) const {
    double border = 0;
    for (const auto& [n, length] : p.neighbours) border += length;
    if (border <= 0 || 2 * p.area / border > options_.halo * std::sqrt(total_)) return -1;
    for (const auto& [m, m_length] : p.neighbours) {
      for (const auto& [n, n_length] : p.neighbours) {
        if (n <= m || std::min(m_length, n_length) < 0.2 * border) continue;
        const Piece& q = pieces_[static_cast<std::size_t>(m)];
        const Piece& r = pieces_[static_cast<std::size_t>(n)];
        if (q.owner != p.owner || r.owner != p.owner) continue;
        const double to_q = std::sqrt(distance2(p, q));
        const double to_r = std::sqrt(distance2(p, r));
        const double apart = std::sqrt(distance2(q, r));
        if (to_q + to_r < kBetween * apart && aside(to_q, to_r, apart) < kAside) return to_q < to_r ? m : n;
      }
    }
    return -1;
  }

  void absorb_halos() {
    for (std::size_t i = 0; i < pieces_.size(); ++i) {
      if (!pieces_[i].alive || alive_[pieces_[i].owner] <= 2) continue;
      const int owner = owner_of_halo(pieces_[i]);
      if (owner >= 0) join(std::min(owner, static_cast<int>(i)), std::max(owner, static_cast<int>(i)));
    }
  }

  std::vector<Piece> pieces_;
  std::vector<int> parent_;
  double total_;
  MergeOptions options_;
  std::vector<int> alive_;  ///< of each owner
  std::set<Entry> queue_;
};

/// Renumbers 0 .. n - 1 in order of first appearance.
Regions renumber(const LabelImage& labels, const std::vector<int>& to) {
  Regions out{LabelImage(labels.width, labels.height), 0};
  std::vector<int> fresh(to.size(), -1);
  for (std::size_t i = 0; i < labels.size(); ++i) {
    int& id = fresh[static_cast<std::size_t>(to[labels.data[i]])];
    if (id < 0) id = out.count++;
    out.labels.data[i] = static_cast<std::uint16_t>(id);
  }
  return out;
}

std::uint16_t majority(const LabelImage& labels, const LabelImage* owner, int x, int y) {
  std::array<std::uint16_t, 25> seen{};
  std::size_t n = 0;
  for (int v = std::max(0, y - 2); v <= std::min(labels.height - 1, y + 2); ++v) {
    for (int u = std::max(0, x - 2); u <= std::min(labels.width - 1, x + 2); ++u) {
      if (owner == nullptr || owner->at(u, v) == owner->at(x, y)) seen[n++] = labels.at(u, v);
    }
  }
  std::sort(seen.begin(), seen.begin() + static_cast<std::ptrdiff_t>(n));
  std::uint16_t best = labels.at(x, y);
  std::size_t most =
      static_cast<std::size_t>(std::count(seen.begin(), seen.begin() + static_cast<std::ptrdiff_t>(n), best));
  for (std::size_t i = 0; i < n;) {
    std::size_t j = i;
    while (j < n && seen[j] == seen[i]) ++j;
    if (j - i > most) {
      most = j - i;
      best = seen[i];
    }
    i = j;
  }
  return best;
}

}  // namespace

constexpr int kMostPieces = 0xFFFE;

Regions connected_pieces(const LabelImage& labels) {
  Regions out{LabelImage(labels.width, labels.height, 0xFFFF), 0};
  std::vector<std::size_t> stack;
  for (std::size_t start = 0; start < labels.size(); ++start) {
    if (out.labels.data[start] != 0xFFFF) continue;
    // A picture of single specks has more pieces than numbers: the last number takes the rest.
    const auto id = static_cast<std::uint16_t>(out.count < kMostPieces ? out.count++ : kMostPieces - 1);
    out.labels.data[start] = id;
    stack.push_back(start);
    while (!stack.empty()) {
      const std::size_t at = stack.back();
      stack.pop_back();
      const auto w = static_cast<std::size_t>(labels.width);
      const auto visit = [&](std::size_t next) {
        if (out.labels.data[next] == 0xFFFF && labels.data[next] == labels.data[at]) {
          out.labels.data[next] = id;
          stack.push_back(next);
        }
      };
      if (at % w > 0) visit(at - 1);
      if (at % w + 1 < w) visit(at + 1);
      if (at >= w) visit(at - w);
      if (at + w < labels.size()) visit(at + w);
    }
  }
  return out;
}

bool in_a_ring(const std::vector<FocusRing>& rings, int x, int y, int width, int height) {
  return std::any_of(rings.begin(), rings.end(), [&](const FocusRing& r) {
    return std::hypot(x - r.x * width, y - r.y * height) <= r.radius * std::max(width, height);
  });
}

bool WhatMatters::at(int x, int y, int width, int height) const {
  if (in_a_ring(rings, x, y, width, height)) return true;
  return marked.size() > 0 && marked.at(x * marked.width / width, y * marked.height / height) != 0;
}

namespace {

std::vector<double> pixels_in_rings(const Regions& pieces, std::size_t count, const std::vector<FocusRing>& rings) {
  const LabelImage& labels = pieces.labels;
  std::vector<double> out(count, 0);
  for (int y = 0; y < labels.height && !rings.empty(); ++y) {
    for (int x = 0; x < labels.width; ++x)
      out[labels.at(x, y)] += in_a_ring(rings, x, y, labels.width, labels.height) ? 1 : 0;
  }
  return out;
}

}  // namespace

std::vector<double> importance_of(const LabImage& image, const Regions& pieces, const std::vector<FocusRing>& rings) {
  constexpr double kVivid = 30;      // chroma beyond the picture's mean that counts in full
  constexpr double kContrasty = 25;  // distance to the neighbours beyond the mean
  const std::vector<Piece> all = measure(image, pieces);
  const auto n = all.size();
  std::vector<double> chroma(n, 0);
  std::vector<double> contrast(n, 0);
  double mean_chroma = 0;
  double mean_contrast = 0;
  for (std::size_t i = 0; i < n; ++i) {
    chroma[i] = std::hypot(all[i].sum[1], all[i].sum[2]) / all[i].area;
    double border = 0;
    for (const auto& [q, length] : all[i].neighbours) {
      contrast[i] += length * std::sqrt(distance2(all[i], all[static_cast<std::size_t>(q)]));
      border += length;
    }
    if (border > 0) contrast[i] /= border;
    mean_chroma += chroma[i] * all[i].area / static_cast<double>(image.size());
    mean_contrast += contrast[i] * all[i].area / static_cast<double>(image.size());
  }
  const std::vector<double> in_ring = pixels_in_rings(pieces, n, rings);
  std::vector<double> out(n, 1);
  for (std::size_t i = 0; i < n; ++i) {
    out[i] += 0.5 * std::clamp((chroma[i] - mean_chroma) / kVivid, 0.0, 1.0) +
              0.5 * std::clamp((contrast[i] - mean_contrast) / kContrasty, 0.0, 1.0);
    out[i] *= 1 + (kInFocus - 1) * in_ring[i] / all[i].area;
  }
  return out;
}

Regions merge_regions(const LabImage& image, const Regions& pieces, const MergeOptions& options) {
  std::vector<Piece> measured = measure(image, pieces);
  for (std::size_t i = 0; i < measured.size(); ++i) {
    measured[i].matters = measured[i].area * (options.importance.empty() ? 1 : options.importance[i]);
    measured[i].owner = options.owner.empty() ? 0 : static_cast<std::size_t>(options.owner[i]);
  }
  Merger merger(std::move(measured), static_cast<double>(image.size()), options);
  merger.run();
  std::vector<int> to(static_cast<std::size_t>(pieces.count));
  for (int i = 0; i < pieces.count; ++i) to[static_cast<std::size_t>(i)] = merger.root(i);
  return renumber(pieces.labels, to);
}

namespace {

/// Connected pieces of a picture of labels.
struct Fragments {
  Regions pieces;
  std::vector<int> label, area;  ///< of each piece
  std::map<int, int> largest;    ///< of each label, its largest piece

  explicit Fragments(const LabelImage& labels)
      : pieces(connected_pieces(labels)),
        label(static_cast<std::size_t>(pieces.count)),
        area(static_cast<std::size_t>(pieces.count)) {
    for (std::size_t i = 0; i < labels.size(); ++i) {
      label[pieces.labels.data[i]] = labels.data[i];
      ++area[pieces.labels.data[i]];
    }
    for (int p = 0; p < pieces.count; ++p) {
      const auto [found, fresh] = largest.emplace(label[static_cast<std::size_t>(p)], p);
      if (!fresh && area[static_cast<std::size_t>(p)] > area[static_cast<std::size_t>(found->second)])
        found->second = p;
    }
  }
};

}  // namespace

std::vector<int> free_cut_off(LabelImage& labels, int count, double smallest) {
  Fragments cut(labels);
  std::vector<int> out;
  for (int p = 0; p < cut.pieces.count; ++p) {
    int& label = cut.label[static_cast<std::size_t>(p)];
    const double area = cut.area[static_cast<std::size_t>(p)];
    if (cut.largest.at(label) == p || area < smallest * static_cast<double>(labels.size())) continue;
    out.push_back(std::exchange(label, count + static_cast<int>(out.size())));
  }
  for (std::size_t i = 0; i < labels.size(); ++i)
    labels.data[i] = static_cast<std::uint16_t>(cut.label[cut.pieces.labels.data[i]]);
  return out;
}

LabelImage keep_largest(const LabelImage& labels, const LabelImage* owner) {
  const Fragments fragments(labels);
  const Regions& cut = fragments.pieces;
  std::vector<int> whose(static_cast<std::size_t>(cut.count), 0);
  for (std::size_t i = 0; owner != nullptr && i < labels.size(); ++i) whose[cut.labels.data[i]] = owner->data[i];
  const LabImage nothing(labels.width, labels.height);
  const std::vector<Piece> touching = measure(nothing, cut);
  std::vector<int> to(static_cast<std::size_t>(cut.count), -1);
  for (const auto& [label, piece] : fragments.largest) to[static_cast<std::size_t>(piece)] = label;
  for (bool changed = true; changed;) {
    changed = false;
    for (int p = 0; p < cut.count; ++p) {
      auto& target = to[static_cast<std::size_t>(p)];
      if (target >= 0) continue;
      int longest = 0;
      for (const auto& [n, length] : touching[static_cast<std::size_t>(p)].neighbours) {
        const int theirs = to[static_cast<std::size_t>(n)];
        const bool mates = whose[static_cast<std::size_t>(n)] == whose[static_cast<std::size_t>(p)];
        if (theirs >= 0 && mates && length > longest) {
          longest = length;
          target = theirs;
        }
      }
      changed = changed || target >= 0;
    }
  }
  // What no mate touches stays by itself.
  int next = fragments.largest.empty() ? 0 : fragments.largest.rbegin()->first + 1;
  for (int& target : to) target = target >= 0 ? target : next++;
  LabelImage out(labels.width, labels.height);
  for (std::size_t i = 0; i < labels.size(); ++i) {
    out.data[i] = static_cast<std::uint16_t>(to[cut.labels.data[i]]);
  }
  return out;
}

LabelImage vote(const LabelImage& labels, const LabelImage* owner) {
  LabelImage out(labels.width, labels.height);
  for (int y = 0; y < out.height; ++y) {
    for (int x = 0; x < out.width; ++x) out.at(x, y) = majority(labels, owner, x, y);
  }
  return out;
}

std::vector<int> split_by_owner(Regions& pieces, const LabelImage& owner) {
  std::map<std::pair<int, int>, std::uint16_t> parts;
  LabelImage split(owner.width, owner.height);
  for (std::size_t i = 0; i < split.size(); ++i) {
    const auto fresh = static_cast<std::uint16_t>(parts.size());
    split.data[i] = parts.emplace(std::pair(pieces.labels.data[i], owner.data[i]), fresh).first->second;
  }
  pieces = connected_pieces(split);
  std::vector<int> out(static_cast<std::size_t>(pieces.count), 0);
  for (std::size_t i = 0; i < split.size(); ++i) out[pieces.labels.data[i]] = owner.data[i];
  return out;
}

void smooth_borders(Regions& regions, double smallest, const LabelImage* owner) {
  LabelImage voted = vote(regions.labels, owner);
  // Voting may cut a thin bridge, such as that of a sky over the tip of a wing.
  free_cut_off(voted, regions.count, smallest);
  const LabelImage whole = keep_largest(voted, owner);
  std::vector<int> same(*std::max_element(whole.data.begin(), whole.data.end()) + std::size_t{1});
  std::iota(same.begin(), same.end(), 0);
  regions = renumber(whole, same);
}

std::vector<int> masses_within(const LabelImage& labels, std::size_t masses, const std::array<double, 2>& centre,
                               double radius) {
  std::vector<double> area(masses);
  std::vector<double> inside(masses);
  const double reach = radius * std::max(labels.width, labels.height);
  for (int y = 0; y < labels.height; ++y) {
    for (int x = 0; x < labels.width; ++x) {
      const std::size_t id = labels.at(x, y);
      area[id] += 1;
      inside[id] += std::hypot(x - centre[0] * labels.width, y - centre[1] * labels.height) <= reach ? 1 : 0;
    }
  }
  const int at_x = std::clamp(static_cast<int>(centre[0] * labels.width), 0, labels.width - 1);
  const int at_y = std::clamp(static_cast<int>(centre[1] * labels.height), 0, labels.height - 1);
  std::vector<int> out;
  for (std::size_t m = 0; m < masses; ++m) {
    if (2 * inside[m] >= area[m] || labels.at(at_x, at_y) == m) out.push_back(static_cast<int>(m));
  }
  return out;
}

LabelImage enlarge(const LabelImage& labels, int width, int height) {
  LabelImage out(width, height);
  for (int y = 0; y < height; ++y) {
    const int v = y * labels.height / height;
    for (int x = 0; x < width; ++x) out.at(x, y) = labels.at(x * labels.width / width, v);
  }
  return out;
}

}  // namespace yd::subject
