// SPDX-License-Identifier: MIT
#pragma once

#include <cstddef>

#include "colour/lab.h"

namespace yd::colour {

/// Agreement with the published pairs that the documentation promises and the tests ask for.
inline constexpr double kCiede2000Accuracy = 1e-4;

/// G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000 color-difference formula: implementation notes,
/// supplementary test data, and mathematical observations", Color Research & Application 30 (2005),
/// equations 2 to 22, kL = kC = kH = 1. Straightforward and slow: the twin of the bulk form.
double ciede2000(const Lab& p, const Lab& q);

/// Bulk float form: out[i] = difference between (l[i], a[i], b[i]) and `to`. Arrays of n, `out` may not
/// alias the inputs. Agrees with the double form to kCiede2000BulkAccuracy.
inline constexpr double kCiede2000BulkAccuracy = 2e-3;
void ciede2000_bulk(const float* l, const float* a, const float* b, std::size_t n, const Lab& to, float* out);

/// CIEDE2000 is never below |dL| / this: S_L at its largest (L' = 0 or 100), with k_L = 1. An admissible
/// bound for searches sorted by lightness.
inline constexpr double kLightnessBound = 1.7471;

}  // namespace yd::colour
