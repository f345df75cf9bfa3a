// SPDX-License-Identifier: MIT
#pragma once

#include <QStringList>
#include <span>

namespace yd::journal {

/// The steps from nothing to kSchema: step n brings a file of schema n to n + 1. Never changed once published; a change
/// is a new step.
std::span<const QStringList> schema_steps();

}  // namespace yd::journal
