// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

#include "craft/school.h"

namespace yd::words {

/// A school for the page that explains them.
struct School {
  QString title;
  QString order;
  QString usual_for;
};
School school(plan::School school);
/// Why it is advised, in a sentence; empty where the artist chose it.
QString advised(const plan::SchoolAdvice& advice, std::span<const subject::Mass> masses);

}  // namespace yd::words
