// SPDX-License-Identifier: MIT
#include "session/order_edits.h"

#include <algorithm>

#include "colour/ciede2000.h"
#include "looks/translate.h"
#include "words/order.h"

namespace yd::app {
namespace {

std::vector<std::string> signatures(const std::vector<plan::Pass>& passes) {
  std::vector<std::string> out;
  out.reserve(passes.size());
  for (const plan::Pass& p : passes) out.push_back(plan::signature(p));
  return out;
}

/// The edges, by their passes' old numbers, that the new order would turn round.
std::vector<const plan::Edge*> turned(const plan::Plan& plan, const std::vector<int>& place) {
  std::vector<const plan::Edge*> out;
  for (const plan::Edge& e : plan.edges) {
    if (place[static_cast<std::size_t>(e.before)] > place[static_cast<std::size_t>(e.after)]) out.push_back(&e);
  }
  std::stable_sort(out.begin(), out.end(), [](const auto* p, const auto* q) { return p->rule < q->rule; });
  return out;
}

/// The strokes to come with one stick in place of another. Where nothing is laid yet, all is planned anew.
std::vector<plan::RestOfShade> going_on(const plan::Plan& plan, const Choices& choices, int old_stick, int new_stick) {
  const std::vector<char> behind = plan::behind(plan, choices.marks);
  if (std::find(behind.begin(), behind.end(), 1) == behind.end()) return {};
  std::vector<plan::RestOfShade> out = plan::rest_of(plan, behind);
  for (plan::RestOfShade& r : out) {
    for (plan::Stroke& s : r.strokes) s.stick = s.stick == old_stick ? new_stick : s.stick;
  }
  return out;
}

const media::Stick& stick_at(const Planned& p, int i) { return p.collection->sticks[static_cast<std::size_t>(i)]; }

}  // namespace

MovedPass move_pass(const Planned& planned, const Choices& choices, int from, int to) {
  const auto& passes = planned.plan.passes;
  const int n = static_cast<int>(passes.size());
  const int laid = static_cast<int>(std::count_if(passes.begin(), passes.end(), [](const auto& p) { return p.laid; }));
  if (from < laid || from >= n) return {std::nullopt, tr("What is on the paper cannot be moved.")};
  to = std::clamp(to, laid, n - 1);
  if (to == from) return {choices, {}};
  std::vector<std::string> order = signatures(passes);
  const std::string moved = order[static_cast<std::size_t>(from)];
  order.erase(order.begin() + from);
  order.insert(order.begin() + to, moved);
  std::vector<int> place(static_cast<std::size_t>(n));
  for (int i = 0; i < n; ++i) {
    const int shift = from < to ? (i > from && i <= to ? -1 : 0) : (i >= to && i < from ? 1 : 0);
    place[static_cast<std::size_t>(i)] = i == from ? to : i + shift;
  }
  const auto broken = turned(planned.plan, place);
  if (!broken.empty() && plan::is_physics(broken.front()->rule)) {
    return {std::nullopt,
            tr("Pass %1 cannot go there. %2").arg(from + 1).arg(words::why(*broken.front(), planned.subject->masses))};
  }
  MovedPass out;
  out.choices = choices;
  out.choices->plan.order_by_hand = std::move(order);
  QStringList rules;
  for (const plan::Edge* e : broken) {
    const QString rule = words::rule(e->rule);
    if (!rules.contains(rule)) rules << rule;
  }
  if (!rules.isEmpty()) out.says = tr("Moved. It breaks: %1. Undo puts it back.").arg(rules.join(", "));
  return out;
}

Choices with_substitute(const Planned& planned, const Choices& choices, int old_stick, int new_stick) {
  Choices next = choices;
  next.plan.laid = plan::laid_after(planned.plan, choices.plan.laid, choices.marks);
  next.plan.rest = going_on(planned.plan, choices, old_stick, new_stick);
  next.marks.clear();
  next.plan.order_by_hand.clear();
  next.plan.given_tray.clear();
  for (const int s : plan::in_hand(planned.plan)) {
    if (s != old_stick && s != new_stick) next.plan.given_tray.push_back(s);
  }
  next.plan.given_tray.push_back(new_stick);
  std::sort(next.plan.given_tray.begin(), next.plan.given_tray.end());
  std::erase_if(next.plan.by_hand, [&](const plan::HandChoice& h) {
    return std::any_of(h.strokes.begin(), h.strokes.end(), [&](const plan::Stroke& s) { return s.stick == old_stick; });
  });
  return next;
}

std::vector<int> substitutes(const Planned& planned, int stick, std::size_t most) {
  const media::Stick& old = stick_at(planned, stick);
  std::vector<int> out;
  const std::vector<int> tray = plan::in_hand(planned.plan);
  for (std::size_t i = 0; i < planned.collection->sticks.size(); ++i) {
    const int s = static_cast<int>(i);
    const media::Stick& candidate = stick_at(planned, s);
    const bool same_use =
        plan::may_lie_over(candidate.medium, old.medium) && plan::may_lie_over(old.medium, candidate.medium);
    if (s != stick && media::at_hand(candidate) && same_use && !std::binary_search(tray.begin(), tray.end(), s))
      out.push_back(s);
  }
  std::stable_sort(out.begin(), out.end(), [&](int p, int q) {
    return colour::ciede2000(stick_at(planned, p).lab, old.lab) < colour::ciede2000(stick_at(planned, q).lab, old.lab);
  });
  if (out.size() > most) out.resize(most);
  return out;
}

}  // namespace yd::app
