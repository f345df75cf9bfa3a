#pragma once

#include "looks/greys.h"

class QApplication;

namespace yd::app {

enum class Scheme { light, dark };

/// Neutral greys without hue, so that the window does not bend the eye, and one accent.
void apply_style(QApplication& application, Scheme scheme);

}  // namespace yd::app
