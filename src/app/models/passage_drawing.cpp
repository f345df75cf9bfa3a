// SPDX-License-Identifier: MIT
#include "models/passage_drawing.h"

#include <algorithm>
#include <numeric>

#include "exports/numbered_map.h"
#include "exports/pass_words.h"
#include "looks/images.h"
#include "models/chips.h"

namespace yd::app {
namespace {

constexpr int kFigures = 45;      // numbers of places are so small a part of the longer side
constexpr int kLeastFigure = 11;  // pixels

}  // namespace

QList<StrokeRow> stroke_rows(const Planned& planned, const plan::Passage& p) {
  QList<StrokeRow> out;
  const exports::PlanView view = view_of(planned, planned.parameters);
  for (int i = p.first; i <= p.last; ++i) {
    const plan::Pass& pass = planned.plan.passes[static_cast<std::size_t>(i)];
    const exports::PassWords w = exports::words_of(view, i);
    QPixmap chip;
    if (pass.kind == plan::PassKind::stroke)
      chip = pass_chip(planned.collection->sticks[static_cast<std::size_t>(pass.stick)], pass.pressure,
                       pass.technique == plan::Technique::rubbed, *planned.paper, planned.parameters, kChip);
    out.append({chip, QString("%1. %2").arg(i + 1).arg(w.title), w.how, w.where});
  }
  return out;
}

QImage passage_where(const Planned& planned, const plan::Passage& p, int side) {
  std::vector<int> passes(static_cast<std::size_t>(std::max(0, p.last - p.first + 1)));
  std::iota(passes.begin(), passes.end(), p.first);
  return exports::numbered_map(*planned.subject, planned.plan, passes, side, std::max(kLeastFigure, side / kFigures));
}

QImage outlines(const Planned& planned) {
  const auto& image = planned.subject->image;
  return exports::numbered_map(*planned.subject, planned.plan, {}, std::max(image.width, image.height),
                               std::max(kLeastFigure, std::max(image.width, image.height) / kFigures));
}

}  // namespace yd::app
