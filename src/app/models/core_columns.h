#pragma once

#include <QColor>
#include <QString>
#include <vector>

#include "session/pipeline.h"

namespace yd::app {

/// The picture's cross-section as shapes: one column a mass in working order, split by its targets.
struct CoreBlock {
  int pass = 0;     ///< 1 ..
  QColor colour;    ///< the stick's own
  double load = 0;  ///< thickness in load units
  bool rubbed = false;
};
struct CoreStack {
  QString role;
  std::vector<CoreBlock> blocks;  ///< bottom to top
};
struct CoreColumn {
  int mass = 0;
  QString label;  ///< the mass's number
  QString name;
  double tooth_left = 1;
  std::vector<CoreStack> stacks;
};
struct CoreDrawing {
  std::vector<CoreColumn> columns;
  QColor paper;
  double tooth = 1;     ///< depth of the drawn tooth, load units
  double capacity = 1;  ///< mean load at which the tooth is full
  double tallest = 1;   ///< load the drawing must have room for
};

CoreDrawing draw_core(const Planned& planned, const optics::Parameters& parameters);

}  // namespace yd::app
