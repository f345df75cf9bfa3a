// SPDX-License-Identifier: MIT
#pragma once

#include <optional>
#include <vector>

#include "subject/subject.h"

namespace yd::subject {

/// Masses wanted of the rest and of every thing, by owner: as many as area and weight deserve, one at least.
std::vector<MergeOptions::Budget> budgets_of(const Things& things, int most);
/// How much dearer a piece of an owner is to join than one of the rest.
double importance_of(const Things& things, int owner);
/// Rings, and things that matter.
WhatMatters what_matters(const Subject& subject);

/// Which thing each mass is part of. `labels` at any size.
void tell_things(const Things& things, const LabelImage& labels, std::vector<Mass>& masses);
bool matters(const Things& things, int thing);
/// What follows from a thing's kind; none: nothing does.
std::optional<Surface> surface_of(const Things& things, int thing);
/// As the artist says, else before what it lies on; none of the rest.
std::optional<Plane> plane_of(const Things& things, int thing);
/// Parts of a thing by its name, their colour and their number: "bird, dark brown 4".
void name_parts(const Things& things, std::vector<Mass>& masses, std::vector<char>& named);

}  // namespace yd::subject
