#pragma once

#include <QByteArray>

#include "exports/plan_view.h"

namespace yd::exports {

/// The passes as CSV (RFC 4180, comma, UTF-8): number, kind, stick, medium, pressure, technique, masses, minutes, wait,
/// drying, tooth left in percent, reason.
QByteArray pass_csv(const PlanView& plan);

}  // namespace yd::exports
