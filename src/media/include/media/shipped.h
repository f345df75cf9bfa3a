#pragma once

#include <filesystem>

namespace yd::media {

/// Where the data that ships stands: the folder named by YAWNING_DUNE_DATA, else share/yawning-dune beside the
/// program's own folder, else the source tree it was built from.
std::filesystem::path data_directory();

}  // namespace yd::media
