// SPDX-License-Identifier: MIT
#include "models/tray_drawing.h"

#include "colour/words.h"
#include "exports/pass_words.h"
#include "looks/images.h"
#include "looks/translate.h"
#include "words/number.h"
#include "words/names.h"

namespace yd::app {

QList<LyingStick> lying_sticks(const Planned& planned, int first, int last) {
  const auto& sticks = planned.collection->sticks;
  QList<LyingStick> out;
  for (const int i : exports::tray_by_place(view_of(planned, planned.parameters))) {
    const media::Stick& s = sticks[static_cast<std::size_t>(i)];
    LyingStick lying;
    lying.stick = i;
    lying.place = static_cast<int>(out.size()) + 1;
    lying.name = words::stick_name(s);
    lying.words = tr("%1. %2: %3, value %4")
                      .arg(lying.place)
                      .arg(lying.name, exports::medium_name(s.medium))
                      .arg(words::number(colour::value_step(s.lab.l), 1));
    if (s.left < 1) lying.words += tr(", %1 % left").arg(qRound(100 * s.left));
    lying.colour = to_colour(s.lab);
    lying.medium = s.medium;
    lying.left = s.left;
    for (int p = first; p > 0 && p <= last && p <= static_cast<int>(planned.plan.passes.size()); ++p)
      lying.lifted = lying.lifted || planned.plan.passes[static_cast<std::size_t>(p - 1)].stick == i;
    out.append(lying);
  }
  return out;
}

}  // namespace yd::app
