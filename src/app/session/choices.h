// SPDX-License-Identifier: MIT
#pragma once

#include "job/choices.h"

namespace yd::app {

using job::Choices;
using job::kChoreMark;
using job::options_for;
using job::same_base;
using job::same_crop;
using job::same_plan;
using job::same_reading;
using job::same_recipes;
using job::same_sheet;

}  // namespace yd::app
