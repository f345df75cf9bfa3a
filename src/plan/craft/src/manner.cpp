// SPDX-License-Identifier: MIT
#include "craft/manner.h"

#include <algorithm>

#include "support/by_name.h"

namespace yd::plan {

const char* name(Manner manner) {
  switch (manner) {
    case Manner::either:
      return "either";
    case Manner::broken:
      return "broken";
    case Manner::rubbed:
      return "rubbed";
  }
  return "";
}

const char* name(Course course) {
  switch (course) {
    case Course::far_to_near:
      return "far-to-near";
    case Course::features_first:
      return "features-first";
  }
  return "";
}

Result<Manner> manner_by_name(const std::string& text) { return by_name(kManners, text, "manner"); }
Result<Course> course_by_name(const std::string& text) { return by_name(kCourses, text, "course"); }

bool manner_allows(Manner manner, std::span<const StrokeShape> shapes) {
  const auto rubbed = [](const StrokeShape& s) { return s.technique == Technique::rubbed; };
  if (manner == Manner::broken) return std::none_of(shapes.begin(), shapes.end(), rubbed);
  if (manner == Manner::rubbed)
    return std::all_of(shapes.begin(), shapes.size() > 1 ? shapes.end() - 1 : shapes.end(), rubbed);
  return true;
}

}  // namespace yd::plan
