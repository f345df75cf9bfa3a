// SPDX-License-Identifier: MIT
#include "media/shipped.h"

#include <cstdlib>

namespace yd::media {

std::filesystem::path data_directory() {
  if (const char* named = std::getenv("YAWNING_DUNE_DATA"); named != nullptr && *named != '\0') return named;
  std::error_code none;
  const auto program = std::filesystem::read_symlink("/proc/self/exe", none);
  return program.parent_path().parent_path() / "share" / "yawning-dune";
}

}  // namespace yd::media
