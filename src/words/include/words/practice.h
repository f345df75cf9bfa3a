// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

#include "practice/drill.h"

namespace yd::words {

/// "Name the value" …
QString drill(practice::Kind kind);
/// What a drill trains, in a line.
QString drill_about(practice::Kind kind);
/// "reds" …
QString family(practice::Family family);
/// What is asked: "Which is lighter?"
QString question(const practice::Task& task);

/// "half a step too light", "right within what can be known": steps of value or warmth, with what is not known yet.
QString bias(practice::Kind kind, double bias, double sd);
/// "you tell apart 0.4 steps": the threshold with its unit.
QString threshold(practice::Kind kind, const practice::Estimate& eye);
/// What a drill came to, in a sentence or two.
QString outcome(const practice::Outcome& outcome);

}  // namespace yd::words
