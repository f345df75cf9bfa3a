// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <span>

#include "check/report.h"

namespace yd::words {

/// Why a photograph will not do, and what to do about it.
QString trouble(check::Trouble trouble);
/// What the light was put right by: "bare paper round the picture".
QString reference(check::Reference by);

/// "value", "temperature" …
QString off(check::Off off);
/// What is wrong, in few words: "dark of the far hill: half a step too light".
QString fault(const check::Fault& fault, std::span<const subject::Mass> masses);
/// The same with its numbers: "1.2 steps, difference 8.1".
QString fault_evidence(const check::Fault& fault);
/// "lay white firmly, rub it in": what to do.
QString mending(const check::Mending& mending, std::span<const media::Stick> sticks);

}  // namespace yd::words
