// SPDX-License-Identifier: MIT
#include "models/time_drawing.h"

#include "exports/pass_words.h"
#include "looks/images.h"
#include "looks/translate.h"

namespace yd::app {

QList<SittingDrawing> sitting_drawings(const Planned& planned) {
  QList<SittingDrawing> out;
  const plan::Plan& p = planned.plan;
  for (const plan::Sitting& s : p.sittings) {
    SittingDrawing d;
    d.minutes = s.minutes;
    d.words = tr("%1. %2, passes %3 to %4")
                  .arg(out.size() + 1)
                  .arg(exports::minutes_words(s.minutes))
                  .arg(s.first + 1)
                  .arg(s.last + 1);
    const double begin = p.passes[static_cast<std::size_t>(s.first)].start_minute;
    double until = 0;
    for (int i = s.first; i <= s.last; ++i) {
      const plan::Pass& pass = p.passes[static_cast<std::size_t>(i)];
      const double from = pass.start_minute - begin;
      if (from > until + 0.01) d.stretches.append({until, from - until, {}, true});
      const QColor colour = pass.stick >= 0
                                ? to_colour(planned.collection->sticks[static_cast<std::size_t>(pass.stick)].lab)
                            : pass.underpaint >= 0 ? to_colour(p.coats[static_cast<std::size_t>(pass.underpaint)].dry)
                                                   : judging_grey();
      d.stretches.append({from, pass.minutes, colour, false});
      until = from + pass.minutes;
    }
    out.append(d);
  }
  return out;
}

}  // namespace yd::app
