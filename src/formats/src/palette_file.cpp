// SPDX-License-Identifier: MIT
#include "formats/palette_file.h"

#include "formats/project.h"
#include "pictures/pictures.h"

namespace yd::formats {

Result<std::vector<subject::PaletteColour>> palette_of_file(const QString& file) {
  Project project;
  if (file.endsWith(".dune", Qt::CaseInsensitive)) {
    auto loaded = load_project(file);
    if (!loaded) return loaded.error();
    project = std::move(loaded).value();
  } else {
    auto bytes = pictures::read_bytes(file);
    if (!bytes) return bytes.error();
    project.reference = std::move(bytes).value();
  }
  const auto raw = pictures::decode(project.reference, file);
  if (!raw) return raw.error();
  constexpr int kSide = 500;  // for colours by area more is not needed
  auto image = subject::working_image(raw.value(), kSide, project.composition.crop);
  if (!image) return image.error();
  Observer nobody;
  const auto read =
      subject::read_subject(subject::adjust(image.value(), project.composition.adjust), project.read, nobody);
  if (!read) return read.error();
  return subject::palette_of(read->masses);
}

}  // namespace yd::formats
