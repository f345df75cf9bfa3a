// SPDX-License-Identifier: MIT
#pragma once

#include <CLI/CLI.hpp>
#include <string>

namespace yd::cli {

/// The manual page of the program in man's own macros, from the commands themselves: it cannot fall behind them.
std::string manual_page(const CLI::App& app);

}  // namespace yd::cli
