// SPDX-License-Identifier: MIT
#include "exports/export_file.h"

#include <nlohmann/json.hpp>

#include "exports/fonts.h"
#include "exports/open_raster.h"
#include "exports/pass_table.h"
#include "files/write.h"
#include "formats/plan_json.h"
#include "pictures/screen.h"
#include "plan_pictures.h"

namespace yd::exports {
namespace {

Result<QByteArray> bytes_of(const QString& file, const PlanView& p, const ExportOptions& options, Observer& observer) {
  switch (options.what) {
    case What::plan_pdf:
      return plan_pdf(p, {options.title, options.outline.print}, observer);
    case What::outlines:
      return file.endsWith(".svg", Qt::CaseInsensitive) ? outline_svg(p, options.outline)
                                                        : outline_pdf(p, options.outline);
    case What::board_png:
      return pictures::png(board_picture(p));
    case What::open_raster:
      return open_raster(p, observer);
    case What::passes_csv:
      return pass_csv(p);
    case What::plan_json:
      return QByteArray::fromStdString(
          formats::plan_to_json(p.plan, p.guide, p.subject, p.paper, p.collection, p.figures).dump(1) + "\n");
  }
  return QByteArray();
}

}  // namespace

Status export_file(const QString& file, const PlanView& plan, const ExportOptions& options, Observer& observer) {
  load_fonts();
  const auto bytes = bytes_of(file, plan, options, observer);
  if (!bytes) return bytes.error();
  return files::write_bytes(file, bytes.value());
}

}  // namespace yd::exports
