// SPDX-License-Identifier: MIT
#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "optics/parameters.h"
#include "support/result.h"

namespace yd::media {

/// One row of the parameter table.
struct ParameterInfo {
  std::string key;
  double value = 0;
  double low = 0;
  double high = 0;
  std::string unit;
  std::string reason;
};

struct Model {
  optics::Parameters parameters;
  std::vector<ParameterInfo> table;
};

/// Reads data/model/parameters.json. Every key of the model must be there once and within its range.
Result<Model> load_model(const std::filesystem::path& file);
/// The shipped one.
Result<Model> load_model();

}  // namespace yd::media
