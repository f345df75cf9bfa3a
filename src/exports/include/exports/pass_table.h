// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>

#include "exports/plan_view.h"

namespace yd::exports {

/// The whole job as CSV (RFC 4180, comma, UTF-8): a row for each pass, with its passage, place and mark, and one
/// without a number for what else a passage asks for; docs/file-formats.md has the columns.
QByteArray pass_csv(const PlanView& plan);

}  // namespace yd::exports
