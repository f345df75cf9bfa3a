// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <span>

#include "advice/critique.h"

namespace yd::words {

/// What findings speak of.
struct Named {
  std::span<const subject::Mass> masses;
  std::span<const media::Stick> sticks;
};

/// "missing darks".
QString check(plan::Check check);
/// What is wrong, in a sentence.
QString text(const plan::Finding& finding, const Named& named);
/// The numbers it was found by.
QString evidence(const plan::Finding& finding, const Named& named);
/// What `after` does; empty where nothing can be done.
QString remedy(const plan::Finding& finding, const Named& named);

}  // namespace yd::words
