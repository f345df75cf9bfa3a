// SPDX-License-Identifier: MIT
#include "models/school_view.h"

#include <algorithm>

#include "colour/lab.h"
#include "looks/translate.h"
#include "words/school.h"

namespace yd::app {
namespace {

/// Sticks of the tray that play a part in an example.
struct Cast {
  int dark = 0, middle = 0, light = 0, vivid = 0;
  int lighter_glaze = 0, darker_glaze = 0;  ///< the middle and the vivid one, as they lie over a coat
};

Cast cast_of(const Planned& p) {
  const auto lab = [&](int i) { return p.collection->sticks[static_cast<std::size_t>(i)].lab; };
  std::vector<int> tray = p.plan.tray;
  if (tray.empty()) return {};
  const auto found = std::max_element(tray.begin(), tray.end(),
                                      [&](int a, int b) { return colour::chroma(lab(a)) < colour::chroma(lab(b)); });
  const int vivid = *found;
  if (tray.size() > 1) tray.erase(found);  // nobody plays two parts where there are enough
  std::sort(tray.begin(), tray.end(), [&](int a, int b) { return lab(a).l < lab(b).l; });
  const int middle = tray[tray.size() / 2];
  const auto [darker, lighter] = std::minmax({middle, vivid}, [&](int a, int b) { return lab(a).l < lab(b).l; });
  return {tray.front(), middle, tray.back(), vivid, lighter, darker};
}

std::vector<plan::Stroke> example(plan::School school, const Cast& c) {
  using plan::Technique;
  if (school->coat_under_lights)
    return {{c.light, 1.0, Technique::rubbed},
            {c.lighter_glaze, 0.3, Technique::laid},
            {c.darker_glaze, 0.3, Technique::laid}};
  if (school->whole)
    return {{c.middle, 0.6, Technique::rubbed}, {c.dark, 0.3, Technique::laid}, {c.middle, 0.6, Technique::laid}};
  if (school->tones_first)
    return {{c.dark, 0.3, Technique::laid}, {c.middle, 0.3, Technique::laid, true}, {c.vivid, 1.0, Technique::laid}};
  return {{c.dark, 0.6, Technique::laid}, {c.middle, 0.6, Technique::laid}, {c.light, 0.3, Technique::laid}};
}

}  // namespace

std::vector<SchoolView> school_views(const Planned& planned) {
  const Cast cast = cast_of(planned);
  std::vector<SchoolView> out;
  for (const plan::School school : plan::kSchools) {
    const words::School said = words::school(school);
    SchoolView v;
    v.school = school;
    v.title = said.title;
    v.order = said.order;
    v.usual_for = said.usual_for;
    v.chosen = planned.plan.school == school;
    v.cut = view_strokes(planned, planned.paper->ground, example(school, cast), kExamplePx_per_mm);
    out.push_back(std::move(v));
  }
  return out;
}

}  // namespace yd::app
