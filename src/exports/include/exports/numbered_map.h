// SPDX-License-Identifier: MIT
#pragma once

#include <QImage>
#include <span>

#include "exports/plan_view.h"

namespace yd::exports {

/// Where passes go (board::where_picture), with the number of every place: dark where one of them goes, pale elsewhere.
/// `passes`: by place; `long_side`: pixels; `figure`: height of a number, pixels.
QImage numbered_map(const subject::Subject& subject, const plan::Plan& plan, std::span<const int> passes, int long_side,
                    int figure);

}  // namespace yd::exports
