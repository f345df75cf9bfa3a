// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QString>
#include <vector>

#include "exports/plan_view.h"

namespace yd::exports {

/// The picture's cross-section as shapes: one column a mass, split by its targets.
struct CoreBlock {
  int pass = 0;     ///< 1 ..
  QColor colour;    ///< the stick's own
  double load = 0;  ///< thickness in load units
  bool rubbed = false;
  bool coat = false;  ///< of the underpainting
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
  std::vector<QString> recipe;  ///< in plain words, as for a friend
  std::vector<CoreStack> stacks;
};
struct CoreDrawing {
  std::vector<CoreColumn> columns;
  QColor paper;
  double tooth = 1;     ///< depth of the drawn tooth, load units
  double capacity = 1;  ///< mean load at which the tooth is full
};

/// Columns from left to right.
enum class CoreOrder { working, plane, value };
CoreDrawing draw_core(const PlanView& planned, CoreOrder order = CoreOrder::working);

}  // namespace yd::exports
