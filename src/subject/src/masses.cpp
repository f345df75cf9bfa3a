// SPDX-License-Identifier: MIT
#include "subject/masses.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "colour/words.h"

namespace yd::subject {
namespace {

struct Edge {
  bool top = false;
  bool bottom = false;
};

struct Gathered {
  std::vector<colour::LabPixel> pixels;
  double x = 0;
  double y = 0;
  Edge edge;
};

std::vector<Gathered> gather(const LabImage& image, const Regions& regions) {
  std::vector<Gathered> out(static_cast<std::size_t>(regions.count));
  for (int y = 0; y < image.height; ++y) {
    for (int x = 0; x < image.width; ++x) {
      Gathered& g = out[regions.labels.at(x, y)];
      g.pixels.push_back(image.at(x, y));
      g.x += x;
      g.y += y;
      g.edge.top |= y == 0;
      g.edge.bottom |= y == image.height - 1;
    }
  }
  return out;
}

template <class Member>
double median(std::vector<colour::LabPixel>::iterator first, std::vector<colour::LabPixel>::iterator last,
              Member member) {
  const auto mid = first + (last - first) / 2;
  std::nth_element(first, mid, last, [&](const auto& p, const auto& q) { return p.*member < q.*member; });
  return (*mid).*member;
}

/// Mean L, median a and b of a run of pixels sorted by L; the run is reordered.
colour::Lab robust(std::vector<colour::LabPixel>::iterator first, std::vector<colour::LabPixel>::iterator last) {
  double l = 0;
  for (auto p = first; p != last; ++p) l += p->l;
  l /= static_cast<double>(last - first);
  return {l, median(first, last, &colour::LabPixel::a), median(first, last, &colour::LabPixel::b)};
}

/// What is nearer stands lower, is more vivid and has more contrast; common practice, no published source.
Plane guess_plane(const Mass& mass, const Edge& edge) {
  const double contrast = std::min(1.0, std::max(0.0, mass.targets.back().lab.l - mass.targets.front().lab.l) / 40);
  const double vivid = std::min(1.0, colour::chroma(mass.mean) / 40);
  double nearness = 0.76 * mass.centre_y + 0.12 * contrast + 0.12 * vivid;
  if (edge.bottom) nearness += 0.08;
  if (edge.top) nearness -= 0.08;
  if (nearness < 0.4) return Plane::background;
  return nearness > 0.64 ? Plane::foreground : Plane::middle;
}

void add_targets(Mass& mass, std::vector<colour::LabPixel>& pixels, double total) {
  std::sort(pixels.begin(), pixels.end(), [](const auto& p, const auto& q) { return p.l < q.l; });
  const std::size_t n = pixels.size();
  const auto at = [&](double share) {
    return pixels[std::min(n - 1, static_cast<std::size_t>(share * static_cast<double>(n)))].l;
  };
  if (at(0.9) - at(0.1) < kFlatRange || n < 20) {
    mass.targets.push_back({Role::middle, robust(pixels.begin(), pixels.end()), mass.area});
    mass.dark_below = 0;
    mass.light_above = 101;
    return;
  }
  mass.dark_below = at(0.2);
  mass.light_above = at(0.8);
  const std::array<std::size_t, 4> cut{0, n / 5, n - n / 5, n};
  for (std::size_t k = 0; k < 3; ++k) {
    const auto first = pixels.begin() + static_cast<std::ptrdiff_t>(cut[k]);
    const auto last = pixels.begin() + static_cast<std::ptrdiff_t>(cut[k + 1]);
    mass.targets.push_back({static_cast<Role>(k), robust(first, last), static_cast<double>(last - first) / total});
  }
}

/// Each mass against its neighbours, by the length of the border they share.
void compare_warmth(std::vector<Mass>& masses, const LabelImage& labels) {
  const std::size_t n = masses.size();
  const std::vector<double> border = shared_borders(labels, n);
  for (std::size_t p = 0; p < n; ++p) {
    double length = 0;
    double warmth = 0;
    for (std::size_t q = 0; q < n; ++q) {
      length += border[p * n + q];
      warmth += border[p * n + q] * colour::warmth(masses[q].mean);
    }
    masses[p].warmer = length > 0 ? colour::warmth(masses[p].mean) - warmth / length : 0;
  }
}

}  // namespace

std::vector<double> shared_borders(const LabelImage& labels, std::size_t masses) {
  std::vector<double> border(masses * masses);
  const auto touch = [&](std::size_t p, std::size_t q) {
    if (p != q) border[p * masses + q] += 1, border[q * masses + p] += 1;
  };
  for (int y = 0; y < labels.height; ++y) {
    for (int x = 0; x < labels.width; ++x) {
      if (x + 1 < labels.width) touch(labels.at(x, y), labels.at(x + 1, y));
      if (y + 1 < labels.height) touch(labels.at(x, y), labels.at(x, y + 1));
    }
  }
  return border;
}

const char* name(Plane plane) {
  constexpr auto names = std::to_array<const char*>({"background", "middle ground", "foreground"});
  static_assert(names.size() == static_cast<std::size_t>(Plane::foreground) + 1);
  return names[static_cast<std::size_t>(plane)];
}

Result<Plane> plane_by_name(const std::string& text) {
  for (const Plane p : {Plane::background, Plane::middle, Plane::foreground}) {
    if (text == name(p)) return p;
  }
  return bad_value("plane", "\"" + text + "\" must be background, middle ground or foreground");
}

const char* name(EdgeKind edge) { return edge == EdgeKind::hard ? "hard" : "soft"; }

const char* name(Role role) {
  constexpr auto names = std::to_array<const char*>({"dark", "middle", "light"});
  static_assert(names.size() == static_cast<std::size_t>(Role::light) + 1);
  return names[static_cast<std::size_t>(role)];
}

Role role_at(const Mass& mass, double l) {
  if (l < mass.dark_below) return Role::dark;
  return l > mass.light_above ? Role::light : Role::middle;
}

std::vector<Mass> measure_masses(const LabImage& image, const Regions& regions) {
  std::vector<Mass> masses;
  const auto total = static_cast<double>(image.size());
  int id = 0;
  for (Gathered& g : gather(image, regions)) {
    Mass m;
    m.id = id++;
    const auto n = static_cast<double>(g.pixels.size());
    m.area = n / total;
    m.centre_x = g.x / n / image.width;
    m.centre_y = g.y / n / image.height;
    m.mean = robust(g.pixels.begin(), g.pixels.end());
    m.value = colour::value_step(m.mean.l);
    m.name = colour::describe(m.mean);
    add_targets(m, g.pixels, total);
    m.plane = guess_plane(m, g.edge);
    masses.push_back(std::move(m));
  }
  compare_warmth(masses, regions.labels);
  return masses;
}

namespace {

/// What is seen across a border, added up along it, CIE 1976.
struct BorderSteps {
  double near = 0, far = 0, length = 0;
};

bool is_gradient(const BorderSteps& s) {
  constexpr double kStep = 2.2;        // across the border up to which it is no edge
  constexpr double kRampStep = 6;      // up to here it may be a steep gradient, if …
  constexpr double kRampShare = 0.55;  // … no more is made there of the step four times as far: a quarter is even
  const bool ramp = s.near < kRampStep * s.length && s.near < kRampShare * s.far;
  return s.near < kStep * s.length || ramp;
}

}  // namespace

std::vector<GradientPair> gradient_neighbours(const LabImage& image, const LabelImage& labels, int masses) {
  constexpr double kReach = 0.006;       // of the longer side, to either side of the border
  constexpr double kLeastBorder = 0.06;  // of the longer side
  const auto n = static_cast<std::size_t>(masses);
  const int side = std::max(image.width, image.height);
  const int reach = std::max(1, static_cast<int>(std::lround(kReach * side)));
  std::vector<BorderSteps> steps(n * n);
  const auto step = [&](int x, int y, int dx, int dy) {
    const colour::LabPixel& a = image.at(std::max(0, x - dx), std::max(0, y - dy));
    const colour::LabPixel& b = image.at(std::min(image.width - 1, x + dx), std::min(image.height - 1, y + dy));
    return std::sqrt((a.l - b.l) * (a.l - b.l) + (a.a - b.a) * (a.a - b.a) + (a.b - b.b) * (a.b - b.b));
  };
  const auto cross = [&](int x, int y, int dx, int dy) {
    const std::size_t p = labels.at(x, y);
    const std::size_t q = labels.at(x + dx, y + dy);
    if (p == q) return;
    BorderSteps& s = steps[std::min(p, q) * n + std::max(p, q)];
    s.near += step(x, y, dx * reach, dy * reach);
    s.far += step(x, y, 4 * dx * reach, 4 * dy * reach);
    s.length += 1;
  };
  for (int y = 0; y + 1 < labels.height; ++y) {
    for (int x = 0; x + 1 < labels.width; ++x) cross(x, y, 1, 0), cross(x, y, 0, 1);
  }
  std::vector<GradientPair> out;
  for (std::size_t p = 0; p < n; ++p) {
    for (std::size_t q = p + 1; q < n; ++q) {
      const BorderSteps& s = steps[p * n + q];
      if (s.length >= kLeastBorder * side && is_gradient(s))
        out.push_back({static_cast<int>(p), static_cast<int>(q), s.length / side});
    }
  }
  return out;
}

std::vector<EdgeKind> guess_edges(const LabImage& image, const LabelImage& labels, int masses) {
  constexpr double kHardShare = 0.5;
  const int near = std::max(1, static_cast<int>(std::lround(0.002 * std::max(image.width, image.height))));
  const int far = 4 * near;
  std::vector<double> inner(static_cast<std::size_t>(masses));
  std::vector<double> outer(inner.size());
  const auto step = [&](int x, int y, int dx, int dy) {
    const int x0 = x - dx * far;
    const int y0 = y - dy * far;
    const int x1 = x + dx * far;
    const int y1 = y + dy * far;
    if (x0 < 0 || y0 < 0 || x1 >= image.width || y1 >= image.height) return;
    const double wide = std::abs(image.at(x1, y1).l - image.at(x0, y0).l);
    const double narrow = std::abs(image.at(x + dx * near, y + dy * near).l - image.at(x - dx * near, y - dy * near).l);
    for (const auto id : {labels.at(x, y), labels.at(x + dx, y + dy)}) {
      inner[id] += std::min(narrow, wide);
      outer[id] += wide;
    }
  };
  for (int y = 0; y + 1 < labels.height; ++y) {
    for (int x = 0; x + 1 < labels.width; ++x) {
      if (labels.at(x, y) != labels.at(x + 1, y)) step(x, y, 1, 0);
      if (labels.at(x, y) != labels.at(x, y + 1)) step(x, y, 0, 1);
    }
  }
  std::vector<EdgeKind> out;
  out.reserve(inner.size());
  for (std::size_t m = 0; m < inner.size(); ++m)
    out.push_back(inner[m] < kHardShare * outer[m] ? EdgeKind::soft : EdgeKind::hard);
  return out;
}

}  // namespace yd::subject
