// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>

#include "exports/plan_view.h"
#include "support/observer.h"
#include "support/result.h"

namespace yd::exports {

/// OpenRaster 0.0.5 (freedesktop.org, "OpenRaster file layout"): a zip whose first entry is the stored "mimetype", a
/// stack.xml, one PNG a layer, the merged image and a thumbnail. Layers from the bottom: the bare paper, one for every
/// pass (what its masses look like after it), and the reference, hidden, on top. What lies in the layers together is
/// the Board. Errors: `cancelled`, `io`.
Result<QByteArray> open_raster(const PlanView& plan, Observer& observer);

}  // namespace yd::exports
