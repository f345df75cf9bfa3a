// SPDX-License-Identifier: MIT
#include <algorithm>
#include <array>
#include <cstdio>

#include "check/report.h"
#include "formats/plan_json.h"
#include "words/checked.h"
#include "work.h"

namespace yd::cli {
namespace {

Result<check::Quad> corners_of(const std::string& text) {
  std::array<double, 8> v{};
  char rest = 0;
  const int read = std::sscanf(text.c_str(), "%lf,%lf,%lf,%lf,%lf,%lf,%lf,%lf%c", &v[0], &v[1], &v[2], &v[3], &v[4],
                               &v[5], &v[6], &v[7], &rest);
  const check::Quad out{{{v[0], v[1]}, {v[2], v[3]}, {v[4], v[5]}, {v[6], v[7]}}};
  constexpr double kFarthest = 1e6;  // pixels; what is no number is no place either
  const bool places = std::all_of(v.begin(), v.end(), [](double x) { return x >= -kFarthest && x <= kFarthest; });
  if (read != 8 || !places || !check::is_convex(out))
    return bad_value("--corners",
                     "\"" + text +
                         "\" must be eight numbers: x,y of the picture's top left, top right, bottom right "
                         "and bottom left corner, in pixels of the photograph");
  return out;
}

nlohmann::json mass_to_json(const check::MassReading& r, const subject::Subject& s, double spread) {
  const subject::Mass& mass = s.masses[static_cast<std::size_t>(r.mass)];
  return {{"mass", mass.id},
          {"name", mass.name},
          {"measured_lab", formats::lab_to_json(r.whole.measured)},
          {"expected_lab", formats::lab_to_json(r.whole.expected)},
          {"de00", formats::rounded(r.whole.de00)},
          {"hand_de00", formats::rounded(spread)},
          {"value_steps",
           formats::rounded(colour::value_step(r.whole.measured.l) - colour::value_step(r.whole.expected.l))}};
}

nlohmann::json mending_to_json(const check::Mending& m, const Work& w) {
  nlohmann::json strokes = nlohmann::json::array();
  for (const plan::Stroke& s : m.strokes) {
    strokes.push_back({{"stick", w.collection.sticks[static_cast<std::size_t>(s.stick)].id},
                       {"technique", plan::name(s.technique)},
                       {"pressure", formats::rounded(s.pressure)}});
  }
  return {{"way", check::name(m.way)},
          {"words", words::mending(m, w.collection.sticks).toStdString()},
          {"strokes", strokes},
          {"after_lab", formats::lab_to_json(m.after)},
          {"de00", formats::rounded(m.de00)}};
}

nlohmann::json fault_to_json(const check::Fault& f, const Work& w) {
  nlohmann::json mend = nlohmann::json::array();
  for (const check::Mending& m : f.mendings) mend.push_back(mending_to_json(m, w));
  nlohmann::json out{{"mass", w.subject.masses[static_cast<std::size_t>(f.mass)].id},
                     {"kind", check::name(f.off)},
                     {"amount", formats::rounded(f.amount)},
                     {"de00", formats::rounded(f.colours.de00)},
                     {"words", words::fault(f, w.subject.masses).toStdString()},
                     {"mend", mend}};
  if (!f.targets.empty()) out["part"] = plan::name(f.part);
  return out;
}

nlohmann::json report_to_json(const check::Report& r, const Work& w) {
  nlohmann::json why = nlohmann::json::array();
  for (const check::Trouble t : r.troubles)
    why.push_back({{"code", check::name(t)}, {"words", words::trouble(t).toStdString()}});
  nlohmann::json masses = nlohmann::json::array();
  nlohmann::json findings = nlohmann::json::array();
  if (r.usable()) {
    for (const check::MassReading& m : r.reading.masses)
      masses.push_back(mass_to_json(m, w.subject, r.spread.masses[static_cast<std::size_t>(m.mass)]));
    for (std::size_t i = 0; i < r.faults.size() && i < check::kMostFaults; ++i)
      findings.push_back(fault_to_json(r.faults[i], w));
  }
  return {{"usable", r.usable()},
          {"why", why},
          {"corners", corners_to_json(r.corners)},
          {"likeness", formats::rounded(r.likeness)},
          {"glare", formats::rounded(r.reading.glare)},
          {"light", {{"by", check::name(r.light.by)}, {"residual_de00", formats::rounded(r.light.residual_de00)}}},
          {"masses", masses},
          {"findings", findings}};
}

}  // namespace

Status run_check(const CheckArguments& a) {
  Observer observer;
  const auto work = load_work(a, true, observer);
  if (!work) return work.error();
  const Work& w = work.value();
  const std::size_t all = w.plan.passes.size();
  if (a.passes_done > static_cast<int>(all))
    return bad_value("--done", "is more than the " + std::to_string(all) + " passes of the plan");
  const auto photo = read_picture(a.photo_file);
  if (!photo) return photo.error();
  const board::BoardMap map = job::guided(w.plan, w.subject, w.studio(), w.options.sheet_cm2).map;
  check::Work in{&w.plan, &w.subject,     &map,    &w.paper, &w.collection, &w.model.parameters,
                 {},      w.options.hand, a.strip, {}};
  in.done.assign(all, a.passes_done < 0 ? 1 : 0);
  for (int i = 0; i < a.passes_done; ++i) in.done[static_cast<std::size_t>(i)] = 1;
  if (!a.corners.empty()) {
    const auto given = corners_of(a.corners);
    if (!given) return given.error();
    in.corners = given.value();
  }
  const auto opened = check::open_photo(photo.value());
  if (!opened) return Error{opened.error().code, a.photo_file, opened.error().what};
  const auto report = check::check_photo(opened.value(), in, observer);
  if (!report) return report.error();
  return write_json(report_to_json(report.value(), w), a.json_file);
}

}  // namespace yd::cli
