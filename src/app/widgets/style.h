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
/// Its two halves: letters, greys and motion go before a window is built, outlines after it, because every widget that
/// finds its place under outlines is matched against them with all it holds: half the time of the first window.
void apply_greys(QApplication& application, const Comfort& comfort);
void apply_outlines(QApplication& application, const Comfort& comfort);

}  // namespace yd::app
