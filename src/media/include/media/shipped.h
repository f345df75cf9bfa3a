// SPDX-License-Identifier: MIT
#pragma once

#include <filesystem>

namespace yd::media {

/// What a picture is planned with until something else is chosen, in the window and without one.
inline constexpr const char* kUsualPaper = "sanded-400-warm-grey";
inline constexpr const char* kUsualCollection = "generic";

/// Where the data that ships stands: the folder named by YAWNING_DUNE_DATA, else share/yawning-dune beside the
/// program's own folder (in a build tree CMake lays a link there).
std::filesystem::path data_directory();

}  // namespace yd::media
