// SPDX-License-Identifier: MIT
#pragma once

#include <QImage>

#include "exports/plan_view.h"

namespace yd::exports {

/// The reference as it was read.
QImage subject_picture(const PlanView& plan);
/// The same with half-closed eyes, in so many values.
QImage thumbnail(const PlanView& plan, int values);
/// The predicted picture when all passes are done.
QImage board_picture(const PlanView& plan);

}  // namespace yd::exports
