// SPDX-License-Identifier: MIT
#pragma once

#include <QImage>

#include "exports/plan_view.h"

namespace yd::exports {

/// The reference as it was read.
QImage subject_picture(const PlanView& plan);
/// The predicted picture when all passes are done.
QImage board_picture(const PlanView& plan);

}  // namespace yd::exports
