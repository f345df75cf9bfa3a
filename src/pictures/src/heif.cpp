// SPDX-License-Identifier: MIT
#include "heif.h"

#include <libheif/heif.h>

#include <cstring>
#include <memory>

#include "pictures/pictures.h"

namespace yd::pictures {
namespace {

struct HandleRelease {
  void operator()(const heif_image_handle* h) const { heif_image_handle_release(h); }
};
struct ImageRelease {
  void operator()(const heif_image* i) const { heif_image_release(i); }
};

Error bad(const QString& where, const heif_error& error) {
  return {Error::Code::bad_format, where.toStdString(),
          std::string("is damaged or of a kind that cannot be read: ") + error.message};
}

std::vector<std::uint8_t> profile_of(const heif_image_handle* handle) {
  std::vector<std::uint8_t> icc(heif_image_handle_get_raw_color_profile_size(handle));
  if (!icc.empty() && heif_image_handle_get_raw_color_profile(handle, icc.data()).code != heif_error_Ok) icc.clear();
  return icc;
}

void copy_rows(const heif_image* image, int bits, subject::RawPicture& out) {
  int stride = 0;
  const std::uint8_t* plane = heif_image_get_plane_readonly(image, heif_channel_interleaved, &stride);
  const auto width = static_cast<std::size_t>(out.width) * 3;
  const int most = (1 << bits) - 1;
  for (int y = 0; y < out.height; ++y) {
    const std::uint8_t* row = plane + static_cast<std::ptrdiff_t>(y) * stride;
    std::uint16_t* to = &out.rgb[static_cast<std::size_t>(y) * width];
    for (std::size_t i = 0; i < width; ++i) {
      std::uint16_t v = row[i];
      if (bits > 8) std::memcpy(&v, row + 2 * i, 2);
      to[i] = static_cast<std::uint16_t>(v * 65535 / most);
    }
  }
}

}  // namespace

bool is_heif(const QByteArray& bytes) {
  if (bytes.size() < 12) return false;
  const auto kind = heif_check_filetype(reinterpret_cast<const std::uint8_t*>(bytes.data()), 12);
  return kind == heif_filetype_yes_supported || kind == heif_filetype_maybe;
}

Result<subject::RawPicture> decode_heif(const QByteArray& bytes, const QString& where) {
  const std::unique_ptr<heif_context, void (*)(heif_context*)> context(heif_context_alloc(), &heif_context_free);
  heif_error error = heif_context_read_from_memory_without_copy(context.get(), bytes.data(),
                                                                static_cast<std::size_t>(bytes.size()), nullptr);
  if (error.code != heif_error_Ok) return bad(where, error);
  heif_image_handle* found = nullptr;
  error = heif_context_get_primary_image_handle(context.get(), &found);
  const std::unique_ptr<heif_image_handle, HandleRelease> handle(found);
  if (error.code != heif_error_Ok) return bad(where, error);
  const qint64 pixels = static_cast<qint64>(heif_image_handle_get_width(found)) * heif_image_handle_get_height(found);
  if (pixels > kMostPixels)
    return Error{Error::Code::too_large, where.toStdString(), "has more than 120 million pixels"};
  const bool deep = heif_image_handle_get_luma_bits_per_pixel(found) > 8;
  heif_image* decoded = nullptr;
  error = heif_decode_image(found, &decoded, heif_colorspace_RGB,
                            deep ? heif_chroma_interleaved_RRGGBB_LE : heif_chroma_interleaved_RGB, nullptr);
  const std::unique_ptr<heif_image, ImageRelease> image(decoded);
  if (error.code != heif_error_Ok) return bad(where, error);
  subject::RawPicture out;
  out.width = heif_image_get_width(decoded, heif_channel_interleaved);
  out.height = heif_image_get_height(decoded, heif_channel_interleaved);
  if (out.width < 1 || out.height < 1) return Error{Error::Code::bad_format, where.toStdString(), "has no pixels"};
  out.icc = profile_of(found);
  out.rgb.resize(3 * static_cast<std::size_t>(out.width) * static_cast<std::size_t>(out.height));
  const int bits = deep ? heif_image_get_bits_per_pixel_range(decoded, heif_channel_interleaved) : 8;
  copy_rows(decoded, bits, out);
  return out;
}

}  // namespace yd::pictures
