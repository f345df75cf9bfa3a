// SPDX-License-Identifier: MIT
#pragma once

#include "exports/plan_view.h"
#include "page_writer.h"
#include "support/observer.h"

namespace yd::exports {

/// Page one, to prop up: subject and Board, the paper, the tray with its sticks in places, the job at a glance.
void print_cover(PageWriter& page, const PlanView& plan, const QString& title);

/// One passage after the other: where, what comes of it, its passes with their marks, what else to do. Errors:
/// `cancelled`.
Status print_passages(PageWriter& page, const PlanView& plan, Observer& observer);

}  // namespace yd::exports
