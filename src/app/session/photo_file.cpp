// SPDX-License-Identifier: MIT
#include "session/photo_file.h"

#include "pictures/pictures.h"

namespace yd::app {

Result<check::Photo> photo_in(const QString& file) {
  const auto bytes = pictures::read_bytes(file);
  if (!bytes) return bytes.error();
  const auto raw = pictures::decode(bytes.value(), file);
  if (!raw) return raw.error();
  return check::open_photo(raw.value());
}

}  // namespace yd::app
