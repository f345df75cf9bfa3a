// SPDX-License-Identifier: MIT
#pragma once

#include "looks/greys.h"

class QApplication;

namespace yd::app {

enum class Scheme { light, dark, contrast };

/// How the window is to be looked at. Kept with the settings; may change while the window stands.
struct Comfort {
  Scheme scheme = Scheme::light;
  bool still = false;  ///< nothing moves by itself
  bool operator==(const Comfort&) const = default;
};

/// Neutral greys without hue, so that the window does not bend the eye, and one accent; black and white where contrast
/// is asked for. Letters grow with those of the system, up to twice.
void apply_style(QApplication& application, const Comfort& comfort);

}  // namespace yd::app
