// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QString>
#include <array>

namespace yd::app {

/// One thing that is known: a label, a number with its unit, and where it has a scale a bar.
struct Fact {
  QString label;
  QString number;
  double bar = -1;  ///< 0 to 1; below 0 there is none
  QColor chip;      ///< where it is about a colour
};

/// The values of a picture as nine greys, from dark to light.
struct ValueDrawing {
  std::array<QColor, 9> greys;
  std::array<double, 9> share{};  ///< of the area
  double darkest = 1, lightest = 9;
  bool from_dark = true;  ///< how they are counted
};

}  // namespace yd::app
