// SPDX-License-Identifier: MIT
#pragma once

#include <cmath>
#include <initializer_list>
#include <sstream>
#include <string>

#include "support/result.h"

namespace yd {

/// What a number of the artist's may be, said once for options, files and the window.
struct Limit {
  double least = 0;
  double most = 0;
  bool whole = false;  ///< a count

  bool holds(double value) const { return value >= least && value <= most && (!whole || value == std::floor(value)); }
  /// "must be a whole number from 1 to 60".
  std::string words() const {
    std::ostringstream out;
    out << (whole ? "must be a whole number from " : "must be a number from ") << least << " to " << most;
    return out.str();
  }
};

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
