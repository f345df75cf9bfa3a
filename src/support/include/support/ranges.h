// SPDX-License-Identifier: MIT
#pragma once

#include <initializer_list>

#include "support/result.h"

namespace yd {

/// A number of the field `where` that has to lie from `least` to `most`; what is no number lies nowhere.
struct Range {
  const char* where;
  double value;
  double least;
  double most;
  const char* what;  ///< said where it does not, like "must be from 0 to 1"
};

/// `bad_value` of the first that lies outside.
inline Status check_ranges(std::initializer_list<Range> ranges) {
  for (const Range& r : ranges) {
    if (!(r.value >= r.least && r.value <= r.most)) return bad_value(r.where, r.what);
  }
  return success();
}

}  // namespace yd
