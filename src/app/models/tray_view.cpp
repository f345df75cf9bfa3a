// SPDX-License-Identifier: MIT
#include "models/tray_view.h"

#include <algorithm>
#include <map>
#include <set>

#include "colour/words.h"
#include "exports/pass_words.h"
#include "looks/images.h"
#include "looks/translate.h"
#include "words/seen.h"
#include "words/number.h"
#include "words/names.h"

namespace yd::app {
namespace {

const media::Stick& stick_of(const Planned& p, int i) { return p.collection->sticks[static_cast<std::size_t>(i)]; }

int shape_of(optics::Medium m) {
  switch (media::facts(m).body) {
    case media::Body::stub:
      return 0;
    case media::Body::pencil:
      return 2;
    case media::Body::pan:
      return 3;
    case media::Body::square:
    case media::Body::twig:
      break;
  }
  return 1;
}

}  // namespace

QList<TrayItem> tray_items(const Planned& p) {
  constexpr double kGrey = 5;  // chroma below which a stick counts as grey
  QList<TrayItem> out;
  for (std::size_t i = 0; i < p.collection->sticks.size(); ++i) {
    const media::Stick& s = p.collection->sticks[i];
    const colour::Lch c = colour::to_lch(s.lab);
    TrayItem item;
    item.stick = static_cast<int>(i);
    item.hue = c.c < kGrey ? -1 : c.h;
    item.value = colour::value_step(c.l);
    item.colour = to_colour(s.lab);
    item.shape = shape_of(s.medium);
    item.chosen = std::binary_search(p.plan.tray.begin(), p.plan.tray.end(), item.stick);
    item.words =
        tr("%1: %2, value %3").arg(words::stick_name(s), words::colour_name(s.lab)).arg(words::number(item.value, 1));
    out.append(item);
  }
  return out;
}

QList<QPointF> curve_points(const std::vector<plan::CurvePoint>& curve) {
  QList<QPointF> out;
  for (const plan::CurvePoint& p : curve) out.append({static_cast<double>(p.most_sticks), p.mean_de00});
  return out;
}

QString next_stick_words(const Planned& p) {
  if (!p.plan.work) return {};
  const plan::NextStick& next = p.next;
  constexpr double kWorthGetting = 0.02;  // of the cost
  if (next.stick < 0 || next.gain < kWorthGetting * p.plan.work->tray.cost)
    return tr("No single stick more would help much.");
  const media::Stick& s = stick_of(p, p.plan.work->pool[static_cast<std::size_t>(next.stick)]);
  return tr("One stick more: %1, %2%3. The error would fall by %4 %.")
      .arg(words::stick_name(s), words::colour_name(s.lab), media::at_hand(s) ? QString() : tr(" (not at hand)"))
      .arg(words::number(100 * next.gain / p.plan.work->tray.cost, 0));
}

QString unity_words(const Planned& p) {
  std::map<int, std::set<int>> serves;
  for (const plan::TargetPlan& t : p.plan.targets) {
    for (const plan::Stroke& s : t.recipe.strokes) serves[s.stick].insert(t.mass);
  }
  std::size_t most = 0;
  int returning = 0;
  int first = -1;
  double warm = 0;
  double cool = 0;
  for (const auto& [stick, masses] : serves) {
    if (masses.size() > most) {
      most = masses.size();
      first = stick;
    }
    returning += masses.size() > 1 ? 1 : 0;
  }
  for (const plan::TargetPlan& t : p.plan.targets) {
    const double w = colour::warmth(t.recipe.look.lab);
    (w > 2 ? warm : cool) += w > 2 || w < -2 ? t.area : 0;
  }
  if (first < 0) return {};
  return tr("%1 of %n stick(s) return in several masses, most of all %2 (%3). Warm %4 %, cool %5 % of the picture.",
            nullptr, static_cast<int>(serves.size()))
      .arg(returning)
      .arg(words::stick_name(stick_of(p, first)))
      .arg(most)
      .arg(qRound(100 * warm))
      .arg(qRound(100 * cool));
}

QString proof_words(const plan::TrayProof& proof) {
  if (proof.gap < 0.005)
    return tr(
        "Proven, judged by two strokes on one another: no other tray of this size is better by more than half a "
        "percent.");
  return tr("Judged by two strokes on one another, at most %1 % from the best possible tray of this size%2.")
      .arg(words::number(100 * proof.gap, 1))
      .arg(proof.improved ? tr(" (improved by the solver)") : QString());
}

QString mass_words(const Planned& p, int mass) {
  QStringList lines;
  double off = 0;
  double area = 0;
  for (const plan::TargetPlan& t : p.plan.targets) {
    if (t.mass == mass) {
      off += t.area * t.recipe.de00;
      area += t.area;
    }
  }
  for (const plan::MassLayer& layer : plan::layers_of(p.plan.targets, mass)) {
    lines << tr("%1: %2").arg(words::stick_name(stick_of(p, layer.stroke.stick)),
                              exports::pressure_words(layer.least, layer.stroke.pressure));
  }
  if (area > 0) lines << tr("On average %1").arg(words::seen_with_number(off / area));
  return lines.join('\n');
}

}  // namespace yd::app
