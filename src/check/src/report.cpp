// SPDX-License-Identifier: MIT
#include "check/report.h"

#include "board/strip.h"

namespace yd::check {
namespace {

Error stopped() { return {Error::Code::cancelled, "check", "stopped"}; }

Quad scaled(const Quad& quad, double by) {
  Quad out = quad;
  for (Point& p : out) p.x *= by, p.y *= by;
  return out;
}

Known known_in(const Work& w) {
  Known out{w.paper->lab, {}};
  if (!w.strip) return out;
  for (const board::StripPatch& p : board::margin_strip(*w.plan, *w.paper, *w.collection, *w.parameters))
    out.strip.push_back(p.lab);
  return out;
}

}  // namespace

Result<Report> check_photo(const Photo& photo, const Work& w, Observer& observer) {
  const DoneWork work(*w.plan, w.done, *w.paper, *w.collection, *w.parameters);
  if (work.plan().passes.empty()) return bad_value("done", "no pass is done yet: mark what is, then check it");
  const int all = static_cast<int>(work.plan().passes.size());
  const auto board_of = [&](const plan::Plan& plan) {
    return board::paint(*w.map, plan, all, *w.paper, *w.collection, *w.parameters);
  };
  board::BoardImage board = board_of(work.plan());
  observer.progress(0.2, "finding the picture");
  const Located located =
      w.corners ? located_at(photo, board, scaled(*w.corners, 1 / photo.scale)) : locate(photo, board);
  if (observer.cancelled()) return stopped();
  Report out;
  out.corners = scaled(located.picture.corners(), photo.scale);
  if (located.sheet) out.sheet = scaled(*located.sheet, photo.scale);
  out.likeness = located.likeness;
  observer.progress(0.5, "putting the light right");
  out.light = fix_light(photo, located, known_in(w));
  out.troubles = troubles_of(photo, located, out.light);
  if (!out.usable()) return out;
  LightImage straight = put_right(photo, located.picture, out.light, board.width, board.height);
  out.reading = read_work(std::move(straight), std::move(board), *w.subject, *w.map, work.plan());
  const bool sheet_seen = located.sheet.has_value() || out.light.by == Reference::printed_greys;
  out.troubles = troubles_of(out.reading, sheet_seen, out.likeness);
  if (!out.usable()) return out;
  if (observer.cancelled()) return stopped();
  observer.progress(0.6, "comparing");
  out.spread = hand_spread(work, *w.subject, w.hand);
  out.laid = really_laid(work, out.reading, w.hand);
  if (observer.cancelled()) return stopped();
  observer.progress(0.8, "looking for what mends it");
  out.faults = find_faults(out.reading, board_of(work.as_laid(out.laid)), *w.subject, work.plan(), out.spread);
  for (std::size_t i = 0; i < out.faults.size() && i < kMostFaults; ++i) {
    Fault& f = out.faults[i];
    f.mendings = mend(f, work, out.reading, out.laid[static_cast<std::size_t>(f.mass)], w.plan->tray, *w.collection);
  }
  observer.progress(1, "checked");
  return out;
}

Result<Report> check_work(const subject::RawPicture& photograph, const Work& work, Observer& observer) {
  auto photo = open_photo(photograph);
  if (!photo) return photo.error();
  if (observer.cancelled()) return stopped();
  return check_photo(photo.value(), work, observer);
}

}  // namespace yd::check
