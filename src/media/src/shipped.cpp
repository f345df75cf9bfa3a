#include "media/shipped.h"

#include <cstdlib>

namespace yd::media {

std::filesystem::path data_directory() {
  if (const char* named = std::getenv("YAWNING_DUNE_DATA"); named != nullptr && *named != '\0') return named;
  std::error_code code;
  const auto program = std::filesystem::read_symlink("/proc/self/exe", code);
  if (!code) {
    auto installed = program.parent_path().parent_path() / "share" / "yawning-dune";
    if (std::filesystem::is_directory(installed, code)) return installed;
  }
  return YD_DATA_DIR;
}

}  // namespace yd::media
