// SPDX-License-Identifier: MIT
#include "brief/sheet.h"

#include <algorithm>

namespace yd::plan {
namespace {

bool lies_on(const LaidPass::Part& part, const TargetPlan& target) {
  return part.mass == target.mass && (part.shade < 0 ? part.role == target.role : part.shade == target.shade);
}

}  // namespace

const char* name(PassMark::State state) {
  return state == PassMark::State::done ? "done" : state == PassMark::State::skipped ? "skipped" : "open";
}

std::vector<Stroke> laid_on(const std::vector<LaidPass>& laid, const TargetPlan& target) {
  std::vector<Stroke> out;
  bool fixed = false;
  for (const LaidPass& p : laid) {
    const auto part =
        std::find_if(p.parts.begin(), p.parts.end(), [&](const LaidPass::Part& here) { return lies_on(here, target); });
    if (part == p.parts.end() || p.skipped || p.finishing) continue;
    fixed = fixed || p.kind == PassKind::fix;
    if (p.kind != PassKind::stroke) continue;
    out.push_back({p.stick, part->pressure > 0 ? part->pressure : p.pressure, p.technique, fixed,
                   part->level < 0 ? p.level : part->level});
    fixed = false;
  }
  return out;
}

}  // namespace yd::plan
