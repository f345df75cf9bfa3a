// SPDX-License-Identifier: MIT
#include "kind.h"

#include <array>
#include <string_view>

namespace yd::pictures {
namespace {

struct Signature {
  const char* reader;
  qsizetype at;
  std::string_view text;
};

// The signatures as the formats' own standards give them.
constexpr auto kSignatures = std::to_array<Signature>({
    {"png", 0, {"\x89PNG\r\n\x1a\n", 8}},
    {"jpeg", 0, {"\xff\xd8\xff", 3}},
    {"webp", 8, {"WEBP", 4}},
    {"tiff", 0, {"II*\0", 4}},
    {"tiff", 0, {"MM\0*", 4}},
    {"tiff", 0, {"II+\0", 4}},
    {"tiff", 0, {"MM\0+", 4}},
    {"gif", 0, {"GIF87a", 6}},
    {"gif", 0, {"GIF89a", 6}},
});

bool stands_at(const QByteArray& bytes, const Signature& s) {
  return bytes.size() >= s.at + static_cast<qsizetype>(s.text.size()) &&
         std::string_view(bytes.constData() + s.at, s.text.size()) == s.text;
}

uint at(const QByteArray& bytes, qsizetype place) { return static_cast<uchar>(bytes[place]); }

/// Two letters are little to go by: the length of the second header has to be one there is.
bool is_bmp(const QByteArray& bytes) {
  constexpr qsizetype kHeaders = 18;
  if (bytes.size() < kHeaders || !bytes.startsWith("BM") || at(bytes, 15) + at(bytes, 16) + at(bytes, 17) != 0)
    return false;
  const uint header = at(bytes, 14);
  return header == 12 || header == 40 || header == 52 || header == 56 || header == 64 || header == 108 || header == 124;
}

bool is_ppm(const QByteArray& bytes) {
  return bytes.size() > 7 && bytes[0] == 'P' && bytes[1] >= '1' && bytes[1] <= '6' &&
         QByteArray(" \t\r\n#").contains(bytes[2]);
}

/// Of a colour table, by the byte that tells of it.
qsizetype table_bytes(uint packed) { return (packed & 0x80U) == 0 ? 0 : 3 * (qsizetype{2} << (packed & 7U)); }

/// The place behind a chain of blocks, each told by its length, that ends with an empty one; -1 where it does not end.
qsizetype behind_blocks(const QByteArray& bytes, qsizetype place) {
  while (place < bytes.size()) {
    const uint length = at(bytes, place++);
    if (length == 0) return place;
    place += length;
  }
  return -1;
}

}  // namespace

QByteArray reader_for(const QByteArray& bytes) {
  for (const Signature& s : kSignatures) {
    if (stands_at(bytes, s)) return s.reader;
  }
  if (is_bmp(bytes)) return "bmp";
  return is_ppm(bytes) ? "ppm" : "";
}

bool gif_is_whole(const QByteArray& bytes) {
  constexpr uint kExtension = 0x21;
  constexpr uint kImage = 0x2c;
  constexpr qsizetype kScreen = 13;  // signature and the screen it is shown on
  constexpr qsizetype kPlace = 9;    // of a picture on it
  if (bytes.size() < kScreen) return false;
  qsizetype here = kScreen + table_bytes(at(bytes, 10));
  while (here >= 0 && here + 1 < bytes.size()) {
    const uint block = at(bytes, here++);
    if (block == kExtension) {
      here = behind_blocks(bytes, here + 1);
      continue;
    }
    if (block != kImage || here + kPlace > bytes.size()) return false;
    here += kPlace + table_bytes(at(bytes, here + kPlace - 1));
    return behind_blocks(bytes, here + 1) >= 0;  // after the width of the codes
  }
  return false;
}

}  // namespace yd::pictures
