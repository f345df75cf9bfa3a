// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <span>
#include <string>

#include "recipe/geometry.h"
#include "support/result.h"

namespace yd::plan {

/// Broken: hatched, colours kept apart. Rubbed: every stroke but the topmost is rubbed in. Either: as comes nearest.
enum class Manner { either, broken, rubbed };
inline constexpr std::array<Manner, 3> kManners{Manner::either, Manner::broken, Manner::rubbed};
const char* name(Manner manner);
Result<Manner> manner_by_name(const std::string& name);

/// Far to near, or the focal masses (eyes and nose of a portrait) before the rest.
enum class Course { far_to_near, features_first };
inline constexpr std::array<Course, 2> kCourses{Course::far_to_near, Course::features_first};
const char* name(Course course);
Result<Course> course_by_name(const std::string& name);

/// Whether the manner allows these strokes, bottom first.
bool manner_allows(Manner manner, std::span<const StrokeShape> shapes);

}  // namespace yd::plan
