// SPDX-License-Identifier: MIT
#include "check/light_fix.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>

#include "board/strip.h"
#include "card_light.h"
#include "colour/ciede2000.h"

namespace yd::check {
namespace {

constexpr double kDark = 1e-4;  // of white, under which a logarithm says nothing
constexpr int kTerms = 12;
constexpr double kSameBare = 0.05;  // scatter of the logarithm of light over one and the same bare sheet, at most
constexpr std::size_t kFewest = 40;

using Row = cv::Matx<double, kTerms, 1>;

Row terms(int k, double u, double v) {
  Row out = Row::zeros();
  const double x = u - 0.5;
  const double y = v - 0.5;
  out(3 * k) = 1;
  out(3 * k + 1) = x;
  out(3 * k + 2) = y;
  out(9) = x * x;
  out(10) = x * y;
  out(11) = y * y;
  return out;
}

/// Where along a side bare paper is looked for: everywhere, or between the patches of a strip.
std::vector<double> bare_along(int patches) {
  std::vector<double> out;
  constexpr int kBareAlong = 60;
  for (int i = 0; patches == 0 && i < kBareAlong; ++i) out.push_back((i + 0.5) / kBareAlong);
  for (int i = 1; i < patches; ++i) {
    for (const double off : {-0.04, 0.0, 0.04}) out.push_back((i + off) / patches);
  }
  return out;
}

constexpr std::size_t kBelow = 2;  // the side of a quad where a strip may lie

/// Along one side, midway between the picture and the end of the sheet; below, between the patches of a strip.
std::vector<SeenAt> bare_beside(const Photo& photo, const Located& located, std::size_t side, int strip) {
  std::vector<SeenAt> out;
  const Shares shares(located.picture);
  Quad outer{{{-0.03, -0.03}, {1.03, -0.03}, {1.03, 1.03}, {-0.03, 1.03}}};
  if (located.sheet) {
    for (std::size_t i = 0; i < 4; ++i) outer[i] = shares.of((*located.sheet)[i]);
  }
  const Quad inner{{{0, 0}, {1, 0}, {1, 1}, {0, 1}}};
  for (const double way : {0.35, 0.5, 0.65}) {
    for (const double t : bare_along(strip)) {
      const auto between = [&](const Quad& q) {
        const Point& a = q[side];
        const Point& b = q[(side + 1) % 4];
        return Point{a.x + t * (b.x - a.x), a.y + t * (b.y - a.y)};
      };
      const Point p = between(inner);
      const Point q = between(outer);
      const double u = strip > 0 ? p.x : p.x + way * (q.x - p.x);
      const double v = p.y + way * (q.y - p.y);
      if (const auto seen = light_at(photo, located.picture.at(u, v), 2)) out.push_back({u, v, *seen});
    }
  }
  return out;
}

/// Bare paper all round.
std::vector<SeenAt> bare_round(const Photo& photo, const Located& located, int strip) {
  std::vector<SeenAt> out;
  for (std::size_t side = 0; side < 4; ++side) {
    const std::vector<SeenAt> here = bare_beside(photo, located, side, side == kBelow ? strip : 0);
    out.insert(out.end(), here.begin(), here.end());
  }
  return out;
}

/// One equation: what the terms come to at a place, and the logarithm of the light that was seen there.
struct Equation {
  Row terms;
  double light = 0;
  double weight = 1;
};

/// Weighted least squares; what the ring says little of stays small.
Row solved(const std::vector<Equation>& equations) {
  cv::Matx<double, kTerms, kTerms> normal = cv::Matx<double, kTerms, kTerms>::zeros();
  Row right = Row::zeros();
  for (const Equation& e : equations) {
    normal += e.weight * e.terms * e.terms.t();
    right += e.weight * e.light * e.terms;
  }
  for (int i = 9; i < kTerms; ++i) normal(i, i) += 1e-3 * static_cast<double>(equations.size());
  return normal.solve(right, cv::DECOMP_CHOLESKY);
}

/// The surface through the bare places; how far they scatter from it, in the logarithm of light.
double fit_surface(std::span<const SeenAt> bare, const colour::Light& paper, LightFix& fix) {
  std::vector<Equation> equations;
  for (const SeenAt& b : bare) {
    for (int k = 0; k < 3; ++k) {
      const double light = std::log(std::max(kDark, channel(b.seen, k)) / std::max(kDark, channel(paper, k)));
      equations.push_back({terms(k, b.u, b.v), light, 1});
    }
  }
  Row x = Row::zeros();
  double scale = 1;
  for (int round = 0; round < 8; ++round) {
    x = solved(equations);
    std::vector<double> off(equations.size());
    for (std::size_t i = 0; i < off.size(); ++i) off[i] = std::abs(equations[i].terms.dot(x) - equations[i].light);
    std::vector<double> sorted = off;
    std::nth_element(sorted.begin(), sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() / 2), sorted.end());
    scale = std::max(1e-4, 1.48 * sorted[sorted.size() / 2]);
    for (std::size_t i = 0; i < off.size(); ++i)
      equations[i].weight = off[i] <= 1.5 * scale ? 1 : std::pow(1.5 * scale / off[i], 2);
  }
  for (int i = 0; i < kTerms; ++i) fix.surface[static_cast<std::size_t>(i)] = x(i);
  return scale;
}

/// Patches of the strip as they are seen, the light on them undone.
std::vector<KnownPatch> patches_of(const Photo& photo, const Located& located, const Known& known, const LightFix& fix,
                                   double aspect) {
  std::vector<KnownPatch> out;
  const int n = static_cast<int>(known.strip.size());
  for (int i = 0; i < n; ++i) {
    const board::PatchPlace at = board::patch_place(i, n, located.margin, aspect);
    KnownPatch patch;
    std::array<double, 3> sum{};
    int count = 0;
    for (const double s : {0.3, 0.4, 0.5, 0.6, 0.7}) {
      for (const double t : {0.35, 0.5, 0.65}) {
        const double u = at.left + s * (at.right - at.left);
        const double v = at.top + t * (at.bottom - at.top);
        const auto seen = light_at(photo, located.picture.at(u, v), 1);
        if (!seen) continue;
        const colour::Light even = fix.at(*seen, u, v);
        sum[0] += even.r;
        sum[1] += even.g;
        sum[2] += even.b;
        ++count;
      }
    }
    if (count == 0) continue;
    patch.seen = {static_cast<float>(sum[0] / count), static_cast<float>(sum[1] / count),
                  static_cast<float>(sum[2] / count)};
    patch.wanted = colour::to_light(known.strip[static_cast<std::size_t>(i)]);
    out.push_back(patch);
  }
  return out;
}

double ratio_log(double value, double paper) { return std::log(std::max(1e-3, value) / std::max(1e-3, paper)); }

/// Whether a file holds the light of a channel: sticks are more vivid than sRGB can say, and are cut off there.
bool in_file(double wanted) { return wanted > 0.001 && wanted < 1; }
bool in_file(const KnownPatch& p) {
  return in_file(channel(p.wanted, 0)) && in_file(channel(p.wanted, 1)) && in_file(channel(p.wanted, 2));
}

/// Slope and square of the curve, all channels alike, held towards no change.
void fit_curve(const std::vector<KnownPatch>& patches, LightFix& fix) {
  cv::Matx22d a(0.02, 0, 0, 0.2);
  cv::Matx21d b(0.02, 0);
  for (const KnownPatch& p : patches) {
    for (int k = 0; k < 3; ++k) {
      if (!in_file(channel(p.wanted, k))) continue;
      const double seen = ratio_log(channel(p.seen, k), channel(fix.paper, k));
      const double wanted = ratio_log(channel(p.wanted, k), channel(fix.paper, k));
      // A step of sight is worth the same in the darks and in the lights: light to the third.
      const double w = p.weight * std::cbrt(std::max(1e-3, channel(p.wanted, k)));
      const cv::Matx21d row(seen, seen * seen);
      a += w * w * row * row.t();
      b += w * w * wanted * row;
    }
  }
  const cv::Matx21d x = a.solve(b, cv::DECOMP_CHOLESKY);
  fix.curve = {std::clamp(x(0), 0.6, 1.6), std::clamp(x(1), -0.25, 0.25)};
}

/// What channels take from each other, held towards nothing.
void fit_mix(const std::vector<KnownPatch>& patches, LightFix& fix) {
  LightFix curve_only = fix;
  curve_only.mix = {1, 0, 0, 0, 1, 0, 0, 0, 1};
  curve_only.surface = {};
  for (int k = 0; k < 3; ++k) {
    cv::Matx33d a = cv::Matx33d::eye() * 0.02;
    cv::Matx31d b;
    b(k) = 0.02;
    for (const KnownPatch& p : patches) {
      if (!in_file(p)) continue;
      const colour::Light c = curve_only.at(p.seen, 0.5, 0.5);
      const double wanted = channel(p.wanted, k);
      const double w = p.weight / std::pow(std::max(0.01, wanted), 0.67);
      const cv::Matx31d row(c.r, c.g, c.b);
      a += 0.05 * w * w * row * row.t();
      b += 0.05 * w * w * wanted * row;
    }
    const cv::Matx31d x = a.solve(b, cv::DECOMP_CHOLESKY);
    for (int j = 0; j < 3; ++j) fix.mix[3 * static_cast<std::size_t>(k) + static_cast<std::size_t>(j)] = x(j);
  }
}

double off_of(const KnownPatch& p, const LightFix& fix) {
  LightFix even = fix;
  even.surface = {};
  const auto cut = [](const colour::Light& c) {
    return colour::to_lab(
        colour::Light{std::clamp(c.r, 0.0F, 1.0F), std::clamp(c.g, 0.0F, 1.0F), std::clamp(c.b, 0.0F, 1.0F)});
  };
  return colour::ciede2000(cut(even.at(p.seen, 0.5, 0.5)), cut(p.wanted));
}

double unevenness(const LightFix& fix) {
  double low = 1e9;
  double high = -1e9;
  for (int y = 0; y <= 8; ++y) {
    for (int x = 0; x <= 8; ++x) {
      const double l = fix.log_light(1, x / 8.0, y / 8.0);
      low = std::min(low, l);
      high = std::max(high, l);
    }
  }
  return std::exp(high - low);
}

/// What the strip says; nothing where it does not fit at all: it is not there, or in another order.
std::optional<LightFix> fix_by_strip(const Photo& photo, const Located& located, const Known& known,
                                     const LightFix& bare) {
  const Quad c = located.picture.corners();
  const double aspect = (distance(c[0], c[1]) + distance(c[3], c[2])) / (distance(c[0], c[3]) + distance(c[1], c[2]));
  std::vector<KnownPatch> patches = patches_of(photo, located, known, bare, aspect);
  if (patches.size() < 4) return std::nullopt;
  LightFix out = bare;
  fix_by_patches(patches, out);
  if (out.residual_de00 > kMostOff) return std::nullopt;
  out.by = Reference::margin_strip;
  return out;
}

}  // namespace

const char* name(Reference reference) {
  constexpr std::array names{"none", "bare-paper", "margin-strip", "printed-greys"};
  return names[static_cast<std::size_t>(reference)];
}

double LightFix::log_light(int k, double u, double v) const {
  const auto& f = surface;
  const std::size_t i = 3 * static_cast<std::size_t>(k);
  const double x = u - 0.5;
  const double y = v - 0.5;
  return f[i] + f[i + 1] * x + f[i + 2] * y + f[9] * x * x + f[10] * x * y + f[11] * y * y;
}

colour::Light LightFix::at(const colour::Light& seen, double u, double v) const {
  std::array<double, 3> c{};
  for (int k = 0; k < 3; ++k) {
    const auto i = static_cast<std::size_t>(k);
    const double even = std::max(1e-5, channel(seen, k)) * std::exp(-log_light(k, u, v));
    if (curve[0] == 1 && curve[1] == 0) {
      c[i] = even;
      continue;
    }
    const double r = std::clamp(ratio_log(even, channel(paper, k)), -6.0, 1.5);
    c[i] = std::max(1e-3, channel(paper, k)) * std::exp(curve[0] * r + curve[1] * r * r);
  }
  return {static_cast<float>(mix[0] * c[0] + mix[1] * c[1] + mix[2] * c[2]),
          static_cast<float>(mix[3] * c[0] + mix[4] * c[1] + mix[5] * c[2]),
          static_cast<float>(mix[6] * c[0] + mix[7] * c[1] + mix[8] * c[2])};
}

std::optional<colour::Light> light_at(const Photo& photo, const Point& p, int reach) {
  const int x0 = static_cast<int>(p.x);
  const int y0 = static_cast<int>(p.y);
  if (x0 < reach || y0 < reach || x0 + reach >= photo.image.width || y0 + reach >= photo.image.height)
    return std::nullopt;
  std::array<double, 3> sum{};
  for (int y = y0 - reach; y <= y0 + reach; ++y) {
    for (int x = x0 - reach; x <= x0 + reach; ++x) {
      const colour::Light& c = photo.image.at(x, y);
      sum[0] += c.r;
      sum[1] += c.g;
      sum[2] += c.b;
    }
  }
  const double n = (2.0 * reach + 1) * (2.0 * reach + 1);
  return colour::Light{static_cast<float>(sum[0] / n), static_cast<float>(sum[1] / n), static_cast<float>(sum[2] / n)};
}

LightFix fix_by_paper(std::span<const SeenAt> bare, const colour::Lab& paper) {
  LightFix fix;
  fix.paper = colour::to_light(paper);
  if (bare.size() < kFewest) return fix;
  fix.scatter = fit_surface(bare, fix.paper, fix);
  fix.uneven = unevenness(fix);
  if (fix.scatter > kSameBare) return fix;
  fix.by = Reference::bare_paper;
  for (const SeenAt& b : bare)
    fix.residual_de00 +=
        colour::ciede2000(colour::to_lab(fix.at(b.seen, b.u, b.v)), paper) / static_cast<double>(bare.size());
  return fix;
}

void fix_by_patches(std::vector<KnownPatch>& patches, LightFix& fix) {
  for (int round = 0; round < 5; ++round) {
    fit_curve(patches, fix);
    fit_mix(patches, fix);
    std::vector<double> off(patches.size());
    for (std::size_t i = 0; i < off.size(); ++i) off[i] = off_of(patches[i], fix);
    std::vector<double> sorted = off;
    std::nth_element(sorted.begin(), sorted.begin() + static_cast<std::ptrdiff_t>(sorted.size() / 2), sorted.end());
    const double scale = std::max(1.0, 1.48 * sorted[sorted.size() / 2]);
    for (std::size_t i = 0; i < patches.size(); ++i) patches[i].weight = std::min(1.0, 1.5 * scale / off[i]);
  }
  fix.residual_de00 = 0;
  for (const KnownPatch& p : patches) fix.residual_de00 += off_of(p, fix) / static_cast<double>(patches.size());
}

namespace {

/// How far places lie off the surface, in the logarithm of light, the median; 0 where there are none.
double median_off(std::span<const SeenAt> places, const Row& surface) {
  std::vector<double> off;
  for (const SeenAt& p : places) {
    for (int k = 0; k < 3; ++k)
      off.push_back(std::abs(terms(k, p.u, p.v).dot(surface) - std::log(std::max(kDark, channel(p.seen, k)))));
  }
  if (off.empty()) return 0;
  const auto middle = off.begin() + static_cast<std::ptrdiff_t>(off.size() / 2);
  std::nth_element(off.begin(), middle, off.end());
  return *middle;
}

/// Whether there is a margin for the strip of known strokes, and enough of them.
bool has_strip(const Located& located, const Known& known) {
  return known.strip.size() >= 4 && located.sheet.has_value() && located.margin >= 0.02;
}

}  // namespace

bool margin_is_bare(const Photo& photo, const Located& located) {
  std::array<std::vector<SeenAt>, 4> sides;
  std::vector<SeenAt> all;
  for (std::size_t side = 0; side < 4; ++side) {
    if (side == kBelow) continue;
    sides[side] = bare_beside(photo, located, side, 0);
    all.insert(all.end(), sides[side].begin(), sides[side].end());
  }
  if (all.size() < kFewest) return false;
  LightFix fix;
  fit_surface(all, {1, 1, 1}, fix);
  const Row surface(fix.surface.data());
  return std::all_of(sides.begin(), sides.end(),
                     [&](const std::vector<SeenAt>& side) { return median_off(side, surface) <= kSameBare; });
}

LightFix fix_light(const Photo& photo, const Located& located, const Known& known) {
  const bool strip = has_strip(located, known);
  const LightFix bare =
      fix_by_paper(bare_round(photo, located, strip ? static_cast<int>(known.strip.size()) : 0), known.paper);
  if (strip && bare.by != Reference::none) {
    if (const auto by_strip = fix_by_strip(photo, located, known, bare)) return *by_strip;
  }
  if (located.cards) {
    if (const auto by_cards = fix_by_cards(photo, located, bare)) return *by_cards;
  }
  return bare;
}

}  // namespace yd::check
