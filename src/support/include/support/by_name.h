// SPDX-License-Identifier: MIT
#pragma once

#include <span>
#include <string>

#include "support/result.h"

namespace yd {

/// The one of `values` whose name(value) is `text`. Errors: `bad_value` at `field`, saying which there are.
template <class Values>
auto by_name(const Values& values, const std::string& text, const char* field)
    -> Result<std::remove_cvref_t<decltype(*std::begin(values))>> {
  std::string known;
  for (const auto& value : values) {
    if (text == name(value)) return value;
    known.append(known.empty() ? "" : ", ").append(name(value));
  }
  return bad_value(field, "\"" + text + "\" is unknown; there are " + known);
}

}  // namespace yd
