// SPDX-License-Identifier: MIT
#pragma once

#include <string>
#include <vector>

#include "optics/parameters.h"

namespace yd::trial {

/// One fact of the trade as a measurement. `measured` beyond `threshold` (larger is more) means it holds; the
/// threshold is set so that it fails when the effect vanishes or turns round.
struct Fact {
  int number = 0;
  std::string text;
  std::string measure;  ///< what the number is, with its unit
  double measured = 0;
  double threshold = 0;
  bool holds() const { return measured > threshold; }
};

/// The optical facts, measured with these parameters. All are common practice with no published source.
std::vector<Fact> measure_facts(const optics::Parameters& parameters);

}  // namespace yd::trial
