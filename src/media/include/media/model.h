// SPDX-License-Identifier: MIT
#pragma once

#include <filesystem>
#include <string>
#include <utility>
#include <vector>

#include "optics/parameters.h"
#include "support/result.h"

namespace yd::media {

/// One row of the parameter table, as docs/model/parameters.md prints it.
struct ParameterInfo {
  std::string key;     ///< as in the file: "pan.lay"
  double value = 0;    ///< in `unit`
  double low = 0;      ///< what the file may hold at least
  double high = 0;     ///< and at most
  std::string unit;    ///< empty: a pure number
  std::string reason;  ///< its source, or how it was found
};

/// Every parameter by its key ("soft.lay"), media by the names of the shipped table.
std::vector<std::pair<std::string, double*>> bind(optics::Parameters& parameters);

/// Reads key, default, min, max, unit and reason of one row.
ParameterInfo read_parameter(class Fields& row);

/// How pigment and tooth behave: the numbers, and the table they were read from.
struct Model {
  optics::Parameters parameters;
  std::vector<ParameterInfo> table;  ///< in the order of the file
};

/// Reads data/model/parameters.json. Every key of the model must be there once and within its range.
Result<Model> load_model(const std::filesystem::path& file);
/// The shipped one.
Result<Model> load_model();

}  // namespace yd::media
