// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

#include "exports/outline_sheet.h"

namespace yd::exports {

/// What can be written of a plan. Outlines go by the ending of the file: .pdf tiled, .svg in one piece.
enum class What { plan_pdf, outlines, board_png, open_raster, passes_csv, plan_json };

struct ExportOptions {
  What what = What::plan_pdf;
  QString title;
  OutlineOptions outline;
};

/// Atomically. Errors: `io` naming the file, `cancelled`.
Status export_file(const QString& file, const PlanView& plan, const ExportOptions& options, Observer& observer);

}  // namespace yd::exports
