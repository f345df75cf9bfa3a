// SPDX-License-Identifier: MIT
#pragma once

#include "media/collection.h"
#include "media/paper.h"
#include "optics/parameters.h"

namespace yd::plan {

/// What a plan is made with; all outlive it.
struct Materials {
  const media::Paper& paper;
  const media::Collection& collection;
  const optics::Parameters& parameters;
};

}  // namespace yd::plan
