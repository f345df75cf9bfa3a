// SPDX-License-Identifier: MIT
#pragma once

#include <algorithm>
#include <cstdlib>
#include <fstream>
#include <sstream>
#include <string>
#include <vector>

#include "colour/observer.h"

namespace yd::trial {

/// Samples onto our bands, linear between them; the ends are held where the measurement is shorter.
inline colour::Spectrum onto_bands(const std::vector<double>& nm, const std::vector<double>& r) {
  colour::Spectrum out;
  for (std::size_t i = 0; i < colour::kBands; ++i) {
    const double at = std::clamp(colour::band_nm(i), nm.front(), nm.back());
    const auto above = std::upper_bound(nm.begin(), nm.end() - 1, at) - nm.begin();
    const auto hi = static_cast<std::size_t>(std::max<std::ptrdiff_t>(1, above));
    const double f = (at - nm[hi - 1]) / (nm[hi] - nm[hi - 1]);
    out[i] = static_cast<float>(std::clamp(r[hi - 1] + f * (r[hi] - r[hi - 1]), 0.0, 1.0));
  }
  return out;
}

inline std::vector<double> numbers_after_label(const std::string& line) {
  // number,"label, maybe with commas",values …
  std::size_t from = line.find(',') + 1;
  from = line[from] == '"' ? line.find('"', from + 1) + 2 : line.find(',', from) + 1;
  std::vector<double> out;
  std::istringstream s(line.substr(from));
  for (std::string field; std::getline(s, field, ',');) out.push_back(std::atof(field.c_str()));
  return out;
}

/// Reflectances of a table in tests/data/published; empty without the file.
inline std::vector<colour::Spectrum> measured(const std::string& name) {
  std::ifstream in(YD_TEST_DATA "/published/" + name);
  std::string line;
  std::getline(in, line);
  if (line.empty()) return {};
  const std::vector<double> nm = numbers_after_label(line);
  std::vector<colour::Spectrum> out;
  while (std::getline(in, line)) out.push_back(onto_bands(nm, numbers_after_label(line)));
  return out;
}

}  // namespace yd::trial
