// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <vector>

#include "models/recipe_view.h"

namespace yd::app {

/// One school, explained: words, and a cut through the tooth of this paper with sticks of this tray laid its way.
struct SchoolView {
  plan::School school = plan::School::dark_first;
  QString title;
  QString order;
  QString usual_for;
  bool chosen = false;
  RecipeView cut;
};
std::vector<SchoolView> school_views(const Planned& planned);

}  // namespace yd::app
