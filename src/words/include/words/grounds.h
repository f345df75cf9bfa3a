// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <optional>

#include "advice/ground_choice.h"

namespace yd::words {

/// What speaks for and against a paper, one sentence each.
QString reasons(const plan::GroundVerdict& verdict, const media::Paper& paper, const plan::Plan& plan,
                const subject::Subject& subject, const std::optional<plan::CoatChoice>& wished);

}  // namespace yd::words
