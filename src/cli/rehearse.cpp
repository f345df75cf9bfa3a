// SPDX-License-Identifier: MIT
#include <cmath>

#include "advice/delicate.h"
#include "formats/plan_json.h"
#include "pictures/pictures.h"
#include "standin/hand.h"
#include "work.h"

namespace yd::cli {
namespace {

nlohmann::json delicate_of(const Work& w, const standin::Rehearsal& r) {
  nlohmann::json out = nlohmann::json::array();
  for (const standin::Delicate& d : r.delicate) {
    const plan::Pass& p = w.plan.passes[static_cast<std::size_t>(d.pass)];
    nlohmann::json masses = nlohmann::json::array();
    for (const int m : p.masses) masses.push_back(w.subject.masses[static_cast<std::size_t>(m)].id);
    out.push_back({{"pass", p.number},
                   {"stick", w.collection.sticks[static_cast<std::size_t>(p.stick)].id},
                   {"masses", masses},
                   {"costs", formats::rounded(d.costs)},
                   {"try_on_offcut", d.costs >= plan::kDelicate}});
  }
  return out;
}

}  // namespace

Status run_rehearse(const RehearseArguments& a) {
  Observer observer;
  const auto work = load_work(a, true, observer);
  if (!work) return work.error();
  const Work& w = work.value();
  const double aspect = w.sheet.width_cm / w.sheet.height_cm;
  standin::RehearsalInput in{&w.plan, &w.subject, &w.paper, &w.collection, &w.model.parameters};
  in.long_side_mm = 10 * std::sqrt(w.options.sheet_cm2 * std::max(aspect, 1 / aspect));
  const job::Guided guided = job::guided(w.plan, w.subject, w.studio(), w.options.sheet_cm2);
  in.touches = guided.guide.touches;
  const standin::Hand hand{w.options.hand, a.forgets, a.seed};
  const auto rehearsed = standin::rehearse(in, hand, a.painters, observer);
  if (!rehearsed) return rehearsed.error();
  const standin::Rehearsal& r = rehearsed.value();
  if (!a.board_file.empty()) {
    Status written = pictures::write_png(QString::fromStdString(a.board_file), standin::board_by(in, guided.map, hand));
    if (!written) return written;
  }
  nlohmann::json painters = nlohmann::json::array();
  for (const board::Figure& f : r.painters) painters.push_back(formats::figure_to_json(f));
  return write_json({{"hand", hand.off},
                     {"forgets", hand.forgets},
                     {"seed", hand.seed},
                     {"as_planned", formats::figure_to_json(r.planned)},
                     {"as_seen", {{"mean", formats::rounded(r.mean)}, {"spread", formats::rounded(r.spread)}}},
                     {"costs", formats::rounded(r.mean - r.planned.mean)},
                     {"painters", painters},
                     {"delicate", delicate_of(w, r)}},
                    a.json_file);
}

}  // namespace yd::cli
