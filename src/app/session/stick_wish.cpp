// SPDX-License-Identifier: MIT
#include "session/stick_wish.h"

namespace yd::app {

void wish_for(Session& session, int stick, StickWish wish) {
  Choices c = session.choices();
  const media::Collection* of = session.materials().collection(c.collection);
  if (of == nullptr || stick < 0 || stick >= static_cast<int>(of->sticks.size())) return;
  auto& w = c.plan.wishes;
  std::erase(w.must_have, stick);
  std::erase(w.forbidden, stick);
  if (wish == StickWish::must_have) w.must_have.push_back(stick);
  if (wish == StickWish::never) w.forbidden.push_back(stick);
  session.change(c, Session::tr("Wish for a stick"));
}

}  // namespace yd::app
