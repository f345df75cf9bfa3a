#include "plan/passes.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace yd::plan {

const char* name(PassKind kind) {
  switch (kind) {
    case PassKind::coat:
      return "underpainting";
    case PassKind::fix:
      return "fixative";
    case PassKind::stroke:
      return "strokes";
  }
  return "";
}

std::string signature(const Pass& p) {
  char head[96];
  // In whole hundredths: a decimal point would be a comma where the language of the system has one.
  const auto hundredths = static_cast<int>(std::lround(100 * p.pressure));
  std::snprintf(head, sizeof head, "%d/%d/%d/%d.%02d/%d/%d", static_cast<int>(p.kind), p.stick, p.underpaint,
                hundredths / 100, hundredths % 100, static_cast<int>(p.technique), p.level);
  std::string out = head;
  for (const int t : p.targets) out.append("/").append(std::to_string(t));
  return out;
}

TargetState state_after(std::span<const Pass> passes, int target, int count) {
  TargetState s;
  for (int i = 0; i < count && i < static_cast<int>(passes.size()); ++i) {
    const Pass& p = passes[static_cast<std::size_t>(i)];
    if (p.skipped || !std::binary_search(p.targets.begin(), p.targets.end(), target)) continue;
    if (p.kind == PassKind::coat) s.coated = true;
    if (p.kind == PassKind::fix) s.fixed = true;
    if (p.kind != PassKind::stroke) continue;
    s.strokes.push_back({p.stick, p.pressure, p.technique, s.fixed});
    s.fixed = false;
  }
  return s;
}

}  // namespace yd::plan
