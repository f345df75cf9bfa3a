// SPDX-License-Identifier: MIT
#pragma once

#include <QLocale>
#include <QString>

namespace yd::words {

/// A number as the language of the interface writes it, without marks between thousands: "0.8", "0,8".
inline QString number(double value, int digits) {
  QLocale locale;
  locale.setNumberOptions(QLocale::OmitGroupSeparator);
  return locale.toString(value, 'f', digits);
}

/// The same with its sign, "+0.8" too.
inline QString signed_number(double value, int digits) {
  return value > 0 ? "+" + number(value, digits) : number(value, digits);
}

}  // namespace yd::words
