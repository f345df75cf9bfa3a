// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QList>
#include <QString>

#include "session/pipeline.h"

namespace yd::app {

/// One sitting, stretch by stretch.
struct SittingDrawing {
  struct Stretch {
    double from_minute = 0;  ///< since the sitting began
    double minutes = 0;
    QColor colour;  ///< of the stick
    bool waiting = false;
  };
  QString words;  ///< "1. 75 min, passes 1 to 9"
  double minutes = 0;
  QList<Stretch> stretches;
};
QList<SittingDrawing> sitting_drawings(const Planned& planned);

}  // namespace yd::app
