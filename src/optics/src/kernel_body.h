// SPDX-License-Identifier: MIT
// The search's inner loops; included by kernel_baseline.cpp and kernel_avx2.cpp, which differ in compiler flags only.
// Nothing here may be shared between the two at link time: everything stands in an unnamed namespace.
#include "optics/kernel.h"

#include <cstdint>
#include <cstring>

namespace yd::optics {
namespace {

constexpr std::size_t kN = colour::kCoarseBands;

/// Eight bands at once, spelled out: a plain loop does not become vectors where the result may be what lies below, nor
/// under the sanitizers.
using Lanes = float __attribute__((vector_size(32)));
using Whole = std::int32_t __attribute__((vector_size(32)));
constexpr std::size_t kLane = sizeof(Lanes) / sizeof(float);
static_assert(kN % kLane == 0);

inline Lanes lanes_at(const float* p) {
  Lanes v;
  std::memcpy(&v, p, sizeof(v));
  return v;
}

inline void put(const Lanes& v, float* p) { std::memcpy(p, &v, sizeof(v)); }

/// exp(x) for x <= 0, relative error below 3e-7: 2^n times a polynomial on [-ln2/2, ln2/2] (S. L. Moshier, "Methods
/// and Programs for Mathematical Functions", 1989, single precision form).
inline Lanes exponential(Lanes x) {
  x = x < -87.0F ? Lanes{} - 87.0F : x;
  const Lanes shifted = x * 1.44269504F - 0.5F;  // x <= 0: truncation rounds it to the nearest
  const Whole n = __builtin_convertvector(shifted, Whole);
  const Lanes nf = __builtin_convertvector(n, Lanes);
  const Lanes r = x - nf * 0.693359375F + nf * 2.12194440e-4F;
  Lanes p = Lanes{} + 1.9875691500e-4F;
  p = p * r + 1.3981999507e-3F;
  p = p * r + 8.3334519073e-3F;
  p = p * r + 4.1665795894e-2F;
  p = p * r + 1.6666665459e-1F;
  p = p * r + 5.0000001201e-1F;
  const Lanes y = p * r * r + r + 1.0F;
  const Whole bits = (n + 127) << 23;
  Lanes scale;
  std::memcpy(&scale, &bits, sizeof(scale));
  return y * scale;
}

void films(const CoarsePigment& pigment, const CoatLoads& loads, CoatTable& out) {
  alignas(32) float beta[kN];
  alignas(32) float per_beta[kN];  // a division is dear: once a coat, not once a stratum
  alignas(32) float sum[kN];
  alignas(32) float s[kN];
  for (std::size_t i = 0; i < kN; ++i) {
    const float k = pigment.k[i];
    s[i] = pigment.s[i] * loads.scatter_scale;
    beta[i] = __builtin_sqrtf(k * (k + 2 * s[i])) + 1e-4F;
    per_beta[i] = 1.0F / beta[i];
    sum[i] = k + s[i];
  }
  out.cover = loads.cover;
  for (std::size_t n = 0; n < kStrata; ++n) {
    if (loads.cover[n] <= 0) continue;
    const float load = loads.load[n] / loads.cover[n];
    float* r0 = out.r0[n].band.data();
    float* t2 = out.t2[n].band.data();
    for (std::size_t i = 0; i < kN; i += kLane) {
      const Lanes e = exponential(-lanes_at(beta + i) * load);
      const Lanes g = (1.0F - e * e) * lanes_at(per_beta + i);
      const Lanes d = 1.0F / (lanes_at(sum + i) * g + 1.0F + e * e);
      put(lanes_at(s + i) * g * d, r0 + i);
      put(4.0F * e * e * d * d, t2 + i);
    }
  }
}

inline void lay_one(const float* under, const float* r0, const float* t2, float cover, float* out) {
  for (std::size_t i = 0; i < kN; i += kLane) {
    const Lanes u = lanes_at(under + i);
    const Lanes r = lanes_at(r0 + i);
    put(u + cover * (r + lanes_at(t2 + i) * u / (1.0F - r * u) - u), out + i);
  }
}

void lay(const CoarseStrata& under, const CoatTable& coat, CoarseStrata& out) {
  for (std::size_t n = 0; n < kStrata; ++n) {
    if (coat.cover[n] <= 0) {
      out[n] = under[n];
      continue;
    }
    lay_one(under[n].band.data(), coat.r0[n].band.data(), coat.t2[n].band.data(), coat.cover[n], out[n].band.data());
  }
}

void lay_mean(const CoarseStrata& under, const CoatTable& coat, colour::CoarseSpectrum& mean) {
  alignas(32) float sum[kN] = {};
  for (std::size_t n = 0; n < kStrata; ++n) {
    alignas(32) float laid[kN];
    const float* u = under[n].band.data();
    if (coat.cover[n] <= 0) {
      std::memcpy(laid, u, sizeof(laid));
    } else {
      lay_one(u, coat.r0[n].band.data(), coat.t2[n].band.data(), coat.cover[n], laid);
    }
    for (std::size_t i = 0; i < kN; ++i) sum[i] += laid[i];
  }
  for (std::size_t i = 0; i < kN; ++i) mean[i] = sum[i] * (1.0F / kStrata);
}

}  // namespace
}  // namespace yd::optics
