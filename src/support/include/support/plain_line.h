// SPDX-License-Identifier: MIT
#pragma once

#include <cstdint>
#include <cstdio>
#include <string>
#include <string_view>

namespace yd {

namespace detail {

/// Bytes of the UTF-8 character at the beginning (RFC 3629), and what it is; 0 bytes where there is none.
struct Utf8 {
  std::size_t bytes = 0;
  std::uint32_t code = 0;
};

inline Utf8 first_character(std::string_view text) {
  const auto byte = [&](std::size_t i) { return static_cast<unsigned char>(text[i]); };
  const unsigned lead = byte(0);
  if (lead < 0x80) return {1, lead};
  const std::size_t more = lead >= 0xF0 ? 3 : lead >= 0xE0 ? 2 : 1;
  if (lead < 0xC2 || lead > 0xF4 || text.size() <= more) return {};
  std::uint32_t code = lead & (0x3FU >> more);
  for (std::size_t i = 1; i <= more; ++i) {
    if ((byte(i) & 0xC0U) != 0x80) return {};
    code = code << 6U | (byte(i) & 0x3FU);
  }
  constexpr std::uint32_t kLeast[] = {0, 0x80, 0x800, 0x10000};
  const bool surrogate = code >= 0xD800 && code <= 0xDFFF;
  return code < kLeast[more] || surrogate || code > 0x10FFFF ? Utf8{} : Utf8{more + 1, code};
}

/// What moves a terminal's cursor, begins a line or turns the direction of writing (Unicode 15, category Cc, Zl, Zp and
/// the bidirectional controls).
inline bool steers(std::uint32_t code) {
  return code < 0x20 || (code >= 0x7F && code < 0xA0) || code == 0x2028 || code == 0x2029 || code == 0x200E ||
         code == 0x200F || (code >= 0x202A && code <= 0x202E) || (code >= 0x2066 && code <= 0x2069);
}

}  // namespace detail

/// A text that may come from a file, as one line that does nothing but be read: whatever steers a terminal, breaks the
/// line or is no UTF-8 is written out ("\n", "\x1b", "\u202e").
inline std::string plain_line(std::string_view text) {
  std::string out;
  while (!text.empty()) {
    const detail::Utf8 c = detail::first_character(text);
    char escape[16] = "";
    if (c.bytes == 0 || (c.bytes == 1 && detail::steers(c.code) && c.code != '\n' && c.code != '\t')) {
      std::snprintf(escape, sizeof(escape), "\\x%02x", static_cast<unsigned char>(text[0]));
    } else if (c.code == '\n' || c.code == '\t') {
      std::snprintf(escape, sizeof(escape), c.code == '\n' ? "\\n" : "\\t");
    } else if (detail::steers(c.code)) {
      std::snprintf(escape, sizeof(escape), "\\u%04x", static_cast<unsigned>(c.code));
    }
    const std::size_t bytes = c.bytes == 0 ? 1 : c.bytes;
    if (escape[0] == 0) out.append(text.substr(0, bytes));
    out.append(escape);
    text.remove_prefix(bytes);
  }
  return out;
}

}  // namespace yd
