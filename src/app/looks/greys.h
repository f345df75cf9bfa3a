// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>

namespace yd::app {

/// Middle grey on which colours are judged (L* 50), without hue (ISO 3664).
inline QColor judging_grey() { return {119, 119, 119}; }
/// Of letters on it: white would stand out 4.48 to 1, black does 4.7 (WCAG asks for 4.5).
inline QColor judging_ink() { return {0, 0, 0}; }
/// The one accent, used rarely.
inline QColor accent() { return {0xD9, 0xA4, 0x41}; }

inline constexpr double kMmPerInch = 25.4;

/// Spaces between things are eights.
inline constexpr int kSpace = 8;
/// Type in four sizes: small print, what is read, headings, what is read from afar. Points at 96 dots an inch.
enum class Type { small, text, heading, large };
inline double& letters() {
  static double scale = 1;
  return scale;
}
/// All four grow by this.
inline void set_letters(double scale) { letters() = scale; }
inline double points(Type type) {
  switch (type) {
    case Type::small:
      return 9 * letters();
    case Type::text:
      return 10.5 * letters();
    case Type::heading:
      return 13.5 * letters();
    case Type::large:
      return 21 * letters();
  }
  return 10.5 * letters();
}

}  // namespace yd::app
