// SPDX-License-Identifier: MIT
#include <algorithm>
#include <array>

#include "chores.h"
#include "order/order.h"

namespace yd::plan {
namespace {

bool touches(const Passage& p, const Plan& plan, int mass) {
  for (int i = p.first; i <= p.last; ++i) {
    const auto& masses = plan.passes[static_cast<std::size_t>(i)].masses;
    if (std::binary_search(masses.begin(), masses.end(), mass)) return true;
  }
  return false;
}

void tell_finished(const Plan& plan, std::size_t masses, std::vector<Passage>& passages) {
  for (std::size_t m = 0; m < masses; ++m) {
    const auto last = std::find_if(passages.rbegin(), passages.rend(),
                                   [&](const Passage& p) { return touches(p, plan, static_cast<int>(m)); });
    if (last != passages.rend()) last->finishes.push_back(static_cast<int>(m));
  }
}

void tell_pairs(const GuideInput& in, std::vector<Passage>& passages) {
  for (const auto& pair : paired_masses(in.subject->masses)) {
    const auto first = std::find_if(passages.begin(), passages.end(), [&](const Passage& p) {
      return touches(p, *in.plan, pair.first) && touches(p, *in.plan, pair.second);
    });
    if (first != passages.end()) first->pairs.push_back(pair);
  }
}

constexpr double kOnePlane = 0.75;  // share of the work

void tell_plane(const GuideInput& in, Passage& p) {
  std::array<double, 3> work{};
  for (int i = p.first; i <= p.last; ++i) {
    for (const int t : in.plan->passes[static_cast<std::size_t>(i)].targets) {
      const TargetPlan& target = in.plan->targets[static_cast<std::size_t>(t)];
      work[static_cast<std::size_t>(in.subject->masses[static_cast<std::size_t>(target.mass)].plane)] += target.area;
    }
  }
  const auto most = std::max_element(work.begin(), work.end());
  if (*most > 0 && *most >= kOnePlane * (work[0] + work[1] + work[2]))
    p.plane = static_cast<subject::Plane>(most - work.begin());
}

constexpr double kLighter = 5;  // L* above what it works on, seen at once: half a step of ten; ours

/// Over darks a lighter stick gives colour and does not deepen.
void tell_lightening(const GuideInput& in, Passage& p) {
  double lighter = 0;
  double all = 0;
  for (int i = p.first; i <= p.last; ++i) {
    const Pass& pass = in.plan->passes[static_cast<std::size_t>(i)];
    if (pass.kind != PassKind::stroke) continue;
    const double l = in.sticks[static_cast<std::size_t>(pass.stick)].lab.l;
    for (const int t : pass.targets) {
      const TargetPlan& target = in.plan->targets[static_cast<std::size_t>(t)];
      all += target.area;
      lighter += l > target.target.l + kLighter ? target.area : 0;
    }
  }
  p.lightens = 2 * lighter > all;
}

/// A passage is not called after values that its sticks do not have: it builds up its places then.
void keep_name_true(const GuideInput& in, Passage& p) {
  constexpr double kNoDark = 60, kNoLight = 50, kBlackest = 20, kWhitest = 90;  // L*; ours
  const auto all = [&](double least, double most) {
    return std::all_of(p.sticks.begin(), p.sticks.end(), [&](int s) {
      const double l = in.sticks[static_cast<std::size_t>(s)].lab.l;
      return l >= least && l <= most;
    });
  };
  const bool colours_darks = p.lightens && !p.blocks_in;
  const bool wrong = (p.kind == PassageKind::darks && !colours_darks && !all(0, kNoDark)) ||
                     (p.kind == PassageKind::lights && !all(kNoLight, 100)) ||
                     (p.kind == PassageKind::middles && !all(kBlackest, kWhitest));
  if (wrong) p.kind = PassageKind::place;
}

/// Where a pass stands, by passage.
std::size_t holder(const std::vector<Passage>& passages, int pass) {
  const auto found = std::find_if(passages.begin(), passages.end(),
                                  [&](const Passage& p) { return p.first <= pass && pass <= p.last; });
  return static_cast<std::size_t>(found - passages.begin());
}

constexpr std::size_t kMostEdgesAtOnce = 3;

void tell_runs_and_edges(const Guide& guide, std::vector<Passage>& passages) {
  for (std::size_t g = 0; g < guide.gradients.size(); ++g) {
    int first = guide.gradients[g].bands.front().pass;
    for (const auto& b : guide.gradients[g].bands) first = std::min(first, b.pass);
    const std::size_t at = holder(passages, first);
    if (at < passages.size()) passages[at].gradients.push_back(static_cast<int>(g));
  }
  for (std::size_t e = 0; e < guide.edges.size(); ++e) {
    const std::size_t at = holder(passages, guide.edges[e].after_pass);
    if (at < passages.size() && passages[at].edges.size() < kMostEdgesAtOnce)
      passages[at].edges.push_back(static_cast<int>(e));
  }
}

void insert(std::vector<Passage>& passages, std::size_t at, Passage passage) {
  if (passage.steps.empty()) return;
  passage.first = at < passages.size() ? passages[at].first : passages.empty() ? 0 : passages.back().last + 1;
  passage.last = passage.first - 1;
  passages.insert(passages.begin() + static_cast<std::ptrdiff_t>(at), std::move(passage));
}

}  // namespace

std::vector<Passage> whole_job(const GuideInput& in, const Guide& guide) {
  const Plan& plan = *in.plan;
  std::vector<Passage> out = cut_passages(plan.passes, plan.targets);
  tell_finished(plan, in.subject->masses.size(), out);
  tell_pairs(in, out);
  tell_runs_and_edges(guide, out);
  for (Passage& p : out) {
    add_drying(in, p);
    tell_plane(in, p);
    tell_lightening(in, p);
    keep_name_true(in, p);
  }
  const bool begun = std::any_of(plan.passes.begin(), plan.passes.end(), [](const Pass& p) { return p.laid; });
  // From the end, so that places stand.
  insert(out, out.size(), finishing(in));
  const auto accents =
      std::find_if(out.begin(), out.end(), [](const Passage& p) { return p.kind == PassageKind::accents; });
  const bool any = accents != out.end();
  const auto before = static_cast<std::size_t>(accents - out.begin()) - (any ? 0 : 1);
  const int first = any ? accents->first : static_cast<int>(plan.passes.size());
  insert(out, before, step_back(in, true));
  insert(out, before, restate_darks(in, first));
  const auto last = std::find_if(out.rbegin(), out.rend(), [](const Passage& p) { return p.blocks_in; });
  if (last != out.rend()) {
    const auto at = static_cast<std::size_t>(out.rend() - last);
    if (at < before) insert(out, at, step_back(in, false));
  }
  if (!begun) insert(out, 0, offcut_test(in));
  if (!begun) insert(out, 0, drawing(in));
  tell_special(in, out);
  keep_house(in, out);
  return out;
}

}  // namespace yd::plan
