// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

namespace yd::words {

/// Inches are said where the language of the interface belongs to a country that measures in them.
bool in_inches();
/// Letter where the country prints on it (CLDR), else A4.
bool on_letter();
/// "12.5 cm", "4.9 in"; `cm` in centimetres.
QString length(double cm);
/// "30.0 × 40.0 cm", "11.8 × 15.7 in".
QString size(double width_cm, double height_cm);

}  // namespace yd::words
