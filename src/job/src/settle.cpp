// SPDX-License-Identifier: MIT
#include "job/settle.h"

#include <algorithm>

namespace yd::job {
namespace {

/// What stays true of choices that name masses when edits are added: a merged mass is gone, later ones move up.
void follow_edits(std::size_t known, Choices& next) {
  for (std::size_t i = known; i < next.read.edits.size(); ++i) {
    const subject::MassEdit& e = next.read.edits[i];
    if (e.kind != subject::MassEdit::Kind::merge) continue;
    std::erase_if(next.plan.by_hand, [&](const plan::HandChoice& h) { return h.mass == e.other; });
    for (plan::HandChoice& h : next.plan.by_hand) h.mass -= h.mass > e.other ? 1 : 0;
    std::erase_if(next.plan.ways, [&](const plan::MassWay& w) { return w.mass == e.other; });
    for (plan::MassWay& w : next.plan.ways) w.mass -= w.mass > e.other ? 1 : 0;
    std::erase_if(next.plan.underpaint.exceptions, [&](const plan::CoatException& x) {
      return x.where == plan::CoatException::Where::mass && x.which == e.other;
    });
    for (plan::CoatException& x : next.plan.underpaint.exceptions)
      x.which -= x.where == plan::CoatException::Where::mass && x.which > e.other ? 1 : 0;
  }
}

bool shapes_differ(const Choices& p, const Choices& q) {
  const auto shapes = [](const Choices& c) {
    std::vector<subject::MassEdit> out;
    std::copy_if(c.read.edits.begin(), c.read.edits.end(), std::back_inserter(out), subject::changes_shapes);
    return out;
  };
  return shapes(p) != shapes(q);
}

/// Whether shades come out otherwise though the masses stay.
bool colours_differ(const Choices& p, const Choices& q) {
  const auto given = [](const Choices& c) {
    std::vector<subject::MassEdit> out;
    std::copy_if(c.read.edits.begin(), c.read.edits.end(), std::back_inserter(out),
                 [](const subject::MassEdit& e) { return e.kind == subject::MassEdit::Kind::colour; });
    return out;
  };
  return p.read.colours != q.read.colours || given(p) != given(q);
}

/// What is laid, told by the parts of masses instead of shades that are no more: the mean pressure of each part.
std::vector<plan::LaidPass> by_roles(std::vector<plan::LaidPass> laid) {
  for (plan::LaidPass& pass : laid) {
    std::vector<plan::LaidPass::Part> parts;
    std::vector<int> joined;
    for (plan::LaidPass::Part part : pass.parts) {
      part.shade = -1;
      const auto same = std::find_if(parts.begin(), parts.end(), [&](const auto& p) {
        return p.mass == part.mass && p.role == part.role && p.level == part.level;
      });
      if (same == parts.end()) {
        parts.push_back(part);
        joined.push_back(1);
        continue;
      }
      int& n = joined[static_cast<std::size_t>(same - parts.begin())];
      same->pressure += (part.pressure - same->pressure) / ++n;
    }
    pass.parts = std::move(parts);
  }
  return laid;
}

/// What is on the paper stays there: a new plan of the rest is built on it. Another sheet or other masses begin anew.
void keep_what_is_laid(const Choices& now, const plan::Plan* plan, Choices& next) {
  if (next.paper != now.paper || next.collection != now.collection || !same_base(next, now) || shapes_differ(next, now))
    return take_fresh_sheet(next);
  if (colours_differ(next, now)) {
    next.plan.order_by_hand.clear();
    next.plan.rest.clear();
    next.plan.laid = by_roles(plan == nullptr ? now.plan.laid : plan::laid_after(*plan, now.plan.laid, now.marks));
    return forget_passes(next.marks);
  }
  if (same_recipes(next, now) || next.plan.laid != now.plan.laid) return;
  next.plan.order_by_hand.clear();
  if (plan == nullptr || now.marks.empty()) return;
  next.plan.laid = plan::laid_after(*plan, now.plan.laid, now.marks);
  forget_passes(next.marks);
}

void forget_sticks(plan::PlanOptions& options) {
  options.by_hand.clear();
  options.rest.clear();
  options.laid.clear();
  options.order_by_hand.clear();
  options.wishes.must_have.clear();
  options.wishes.forbidden.clear();
  options.given_tray.clear();
}

}  // namespace

void take_fresh_sheet(Choices& c) {
  c.marks.clear();
  c.plan.laid.clear();
  c.plan.rest.clear();
  c.plan.order_by_hand.clear();
}

void forget_passes(std::vector<plan::PassMark>& marks) {
  std::erase_if(marks, [](const plan::PassMark& m) { return m.pass.rfind(kChoreMark, 0) != 0; });
}

void forget_picture(Choices& c) {
  c.composition = {};
  c.read.edits.clear();
  c.read.things.clear();
  c.read.colours = {};
  c.plan.by_hand.clear();
  c.plan.underpaint = {};
  c.plan.given_tray.clear();
  c.plan.ways.clear();
  take_fresh_sheet(c);
}

Choices settled(const Choices& wished, const Choices& now, const plan::Plan* plan) {
  Choices next = wished;
  // What names masses goes with the reading, what names sticks with the collection.
  if (!same_base(wished, now)) {
    next.read.edits.clear();
    next.plan.by_hand.clear();
    next.plan.ways.clear();
    std::erase_if(next.plan.underpaint.exceptions,
                  [](const plan::CoatException& e) { return e.where == plan::CoatException::Where::mass; });
  } else {
    follow_edits(now.read.edits.size(), next);
  }
  if (!same_crop(wished, now)) {
    next.read.focus.clear();
    if (wished.read.things == now.read.things) next.read.things.clear();
  }
  if (wished.collection != now.collection) forget_sticks(next.plan);
  // A tray that was proven is the answer to the choices it was proven for, and so is the rest of a plan; what lies on
  // the paper is no such choice.
  if (!same_recipes(wished, now) && wished.plan.laid == now.plan.laid) {
    if (wished.plan.given_tray == now.plan.given_tray) next.plan.given_tray.clear();
    if (wished.plan.rest == now.plan.rest) next.plan.rest.clear();
  }
  keep_what_is_laid(now, plan, next);
  return next;
}

}  // namespace yd::job
