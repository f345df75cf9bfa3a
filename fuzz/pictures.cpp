// SPDX-License-Identifier: MIT
// Pictures and photographs: the decoders' promises to the rest, and the light they are read in.
#include "pictures/pictures.h"

#include <cmath>

#include "harness.h"

using namespace yd;

int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  fuzz::begin();
  const auto raw = pictures::decode(fuzz::bytes_of(data, size), "picture");
  if (!raw) {
    fuzz::must(!raw.error().what.empty() && raw.error().where.find("picture") != std::string::npos,
               "a refusal names the picture and says why");
    return 0;
  }
  const auto pixels = static_cast<std::size_t>(raw->width) * static_cast<std::size_t>(raw->height);
  fuzz::must(pixels > 0 && raw->rgb.size() == 3 * pixels, "as many pixels as it says");
  if (pixels > 250'000) return 0;  // shrinking is not what is tried here
  const auto image = subject::working_image(raw.value());
  if (!image) return 0;
  for (const colour::LabPixel& p : image->data)
    fuzz::must(std::isfinite(p.l) && std::isfinite(p.a) && std::isfinite(p.b), "a colour is finite");
  return 0;
}
