// SPDX-License-Identifier: MIT
#include "heif.h"

#include <libheif/heif.h>

#include <QLibrary>
#include <algorithm>
#include <array>
#include <cstring>
#include <memory>
#include <type_traits>

#include "size_limit.h"

namespace yd::pictures {
namespace {

/// The library is loaded with the first such picture: with its codecs it is six of all that are loaded at a start.
struct Libheif {
  decltype(&heif_context_alloc) context_alloc = nullptr;
  decltype(&heif_context_free) context_free = nullptr;
  decltype(&heif_context_read_from_memory_without_copy) read = nullptr;
  decltype(&heif_context_get_primary_image_handle) primary = nullptr;
  decltype(&heif_image_handle_release) release_handle = nullptr;
  decltype(&heif_image_handle_get_width) width = nullptr;
  decltype(&heif_image_handle_get_height) height = nullptr;
  decltype(&heif_image_handle_get_luma_bits_per_pixel) luma_bits = nullptr;
  decltype(&heif_image_handle_get_raw_color_profile_size) profile_size = nullptr;
  decltype(&heif_image_handle_get_raw_color_profile) profile = nullptr;
  decltype(&heif_decode_image) decode = nullptr;
  decltype(&heif_image_release) release_image = nullptr;
  decltype(&heif_image_get_width) image_width = nullptr;
  decltype(&heif_image_get_height) image_height = nullptr;
  decltype(&heif_image_get_bits_per_pixel_range) image_bits = nullptr;
  decltype(&heif_image_get_plane_readonly) plane = nullptr;
  bool whole = true;  ///< all of them were found

  Libheif() {
    QLibrary library("heif", 1);
    const auto find = [&](auto& function, const char* name) {
      function = reinterpret_cast<std::decay_t<decltype(function)>>(library.resolve(name));
      whole = whole && function != nullptr;
    };
    find(context_alloc, "heif_context_alloc");
    find(context_free, "heif_context_free");
    find(read, "heif_context_read_from_memory_without_copy");
    find(primary, "heif_context_get_primary_image_handle");
    find(release_handle, "heif_image_handle_release");
    find(width, "heif_image_handle_get_width");
    find(height, "heif_image_handle_get_height");
    find(luma_bits, "heif_image_handle_get_luma_bits_per_pixel");
    find(profile_size, "heif_image_handle_get_raw_color_profile_size");
    find(profile, "heif_image_handle_get_raw_color_profile");
    find(decode, "heif_decode_image");
    find(release_image, "heif_image_release");
    find(image_width, "heif_image_get_width");
    find(image_height, "heif_image_get_height");
    find(image_bits, "heif_image_get_bits_per_pixel_range");
    find(plane, "heif_image_get_plane_readonly");
  }
};

const Libheif& heif() {
  static const Libheif loaded;
  return loaded;
}

struct HandleRelease {
  void operator()(const heif_image_handle* h) const { heif().release_handle(h); }
};
struct ImageRelease {
  void operator()(const heif_image* i) const { heif().release_image(i); }
};

Error bad(const QString& where, const heif_error& error) {
  return {Error::Code::bad_format, where.toStdString(),
          std::string("is damaged or of a kind that cannot be read: ") + error.message};
}

std::vector<std::uint8_t> profile_of(const heif_image_handle* handle) {
  std::vector<std::uint8_t> icc(heif().profile_size(handle));
  if (!icc.empty() && heif().profile(handle, icc.data()).code != heif_error_Ok) icc.clear();
  return icc;
}

void copy_rows(const heif_image* image, int bits, subject::RawPicture& out) {
  int stride = 0;
  const std::uint8_t* plane = heif().plane(image, heif_channel_interleaved, &stride);
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
  // ISO/IEC 23008-12, annex B and 10.2; ISO/IEC 14496-12, 4.3; the AV1 Image File Format, section 6: major brands.
  static constexpr auto kBrands = std::to_array<const char*>(
      {"heic", "heix", "heim", "heis", "hevc", "hevx", "hevm", "hevs", "mif1", "msf1", "avif", "avis"});
  return bytes.size() >= 12 && bytes.mid(4, 4) == "ftyp" &&
         std::any_of(kBrands.begin(), kBrands.end(), [&](const char* b) { return bytes.mid(8, 4) == b; });
}

Result<subject::RawPicture> decode_heif(const QByteArray& bytes, const QString& where) {
  if (!heif().whole)
    return Error{Error::Code::bad_format, where.toStdString(), "needs libheif, which is not installed here"};
  const std::unique_ptr<heif_context, void (*)(heif_context*)> context(heif().context_alloc(), heif().context_free);
  heif_error error = heif().read(context.get(), bytes.data(), static_cast<std::size_t>(bytes.size()), nullptr);
  if (error.code != heif_error_Ok) return bad(where, error);
  heif_image_handle* found = nullptr;
  error = heif().primary(context.get(), &found);
  const std::unique_ptr<heif_image_handle, HandleRelease> handle(found);
  if (error.code != heif_error_Ok) return bad(where, error);
  if (const Status may = may_be_unpacked(heif().width(found), heif().height(found), where); !may) return may.error();
  const bool deep = heif().luma_bits(found) > 8;
  heif_image* decoded = nullptr;
  error = heif().decode(found, &decoded, heif_colorspace_RGB,
                        deep ? heif_chroma_interleaved_RRGGBB_LE : heif_chroma_interleaved_RGB, nullptr);
  const std::unique_ptr<heif_image, ImageRelease> image(decoded);
  if (error.code != heif_error_Ok) return bad(where, error);
  subject::RawPicture out;
  out.width = heif().image_width(decoded, heif_channel_interleaved);
  out.height = heif().image_height(decoded, heif_channel_interleaved);
  if (out.width < 1 || out.height < 1) return Error{Error::Code::bad_format, where.toStdString(), "has no pixels"};
  out.icc = profile_of(found);
  out.rgb.resize(3 * static_cast<std::size_t>(out.width) * static_cast<std::size_t>(out.height));
  const int bits = deep ? heif().image_bits(decoded, heif_channel_interleaved) : 8;
  copy_rows(decoded, bits, out);
  return out;
}

}  // namespace yd::pictures
