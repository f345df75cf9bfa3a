// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <span>

#include "order/schedule.h"

namespace yd::words {

/// "far before near".
QString rule(plan::Rule rule);
/// The rule in a sentence, from the later pass's point of view.
QString why(const plan::Edge& edge, std::span<const subject::Mass> masses);
QString conflict(const plan::Conflict& conflict, std::span<const subject::Mass> masses);
/// Why the pass stands here, in a sentence or two.
QString reason(const plan::PassReason& reason, std::span<const subject::Mass> masses);
/// Why the sitting ends here.
QString ends(const plan::Sitting& sitting);

}  // namespace yd::words
