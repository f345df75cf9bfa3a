// SPDX-License-Identifier: MIT
#pragma once

#include "assign/painting.h"
#include "brief/options.h"
#include "materials.h"
#include "support/observer.h"
#include "tray/tray_work.h"

namespace yd::plan {

/// The tray a plan begins with.
struct TrayFound {
  std::vector<int> tray;  ///< rising, indices into the collection
  TrayWork work;          ///< the table it was chosen by
  bool given = false;     ///< by the artist, or by a plan before
};

/// By the pairs a collection offers the masses, unless a tray is given that still stands: one that holds a stick no
/// longer at hand, or no longer wanted, does not. Errors: those of the table and of choose_tray.
Result<TrayFound> find_tray(Painting& painting, std::span<const TargetPlan> targets, const Materials& with,
                            const PlanOptions& options, Observer& observer);

/// The work of a tray whose sticks were exchanged.
void exchanged_to(TrayWork& work, const std::vector<int>& tray);

/// Sticks that may come into the tray found. A tray in the hand stays as it is, and one that is to have colours return
/// is not judged by its layers alone. `ground`: what a target's strokes fall on.
Exchange exchange_for(const TrayFound& found, std::span<const TargetPlan> targets, const Materials& with,
                      const PlanOptions& options,
                      const std::function<const optics::Ground&(const TargetPlan&)>& ground);

}  // namespace yd::plan
