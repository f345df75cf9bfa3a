// SPDX-License-Identifier: MIT
#include "formats/decisions_json.h"
#include "formats/things_file.h"

#include "colour/words.h"
#include "formats/plan_json.h"
#include "words/coats.h"
#include "words/grounds.h"

namespace yd::formats {
namespace {

using nlohmann::json;

json spot_to_json(const subject::Spot& s) {
  return {{"at", json::array({s.place.x, s.place.y})}, {"lab", lab_to_json(s.lab)}, {"words", colour::describe(s.lab)}};
}

json mass_to_json(const subject::Mass& m) {
  json targets = json::array();
  for (const subject::Target& t : m.targets)
    targets.push_back({{"role", subject::name(t.role)}, {"lab", lab_to_json(t.lab)}, {"area", t.area}});
  return {{"mass", m.id},
          {"name", m.name},
          {"area", m.area},
          {"value", m.value},
          {"plane", subject::name(m.plane)},
          {"edge", subject::name(m.edge)},
          {"focal", m.focal},
          {"warmer_than_neighbours", m.warmer},
          {"targets", targets}};
}

json stick_ids(const std::vector<int>& sticks, const media::Collection& c) {
  json out = json::array();
  for (const int s : sticks) out.push_back(c.sticks[static_cast<std::size_t>(s)].id);
  return out;
}

}  // namespace

json subject_to_json(const subject::Subject& s) {
  const auto values = subject::read_values(s.squinted);
  const auto light = subject::guess_light(s.squinted, s.labels, static_cast<int>(s.masses.size()));
  json masses = json::array();
  for (const subject::Mass& m : s.masses) masses.push_back(mass_to_json(m));
  json out = {{"width", s.image.width},
              {"height", s.image.height},
              {"area_by_value", values.share},
              {"contrast_steps", values.contrast},
              {"darkest", spot_to_json(values.darkest)},
              {"lightest", spot_to_json(values.lightest)},
              {"most_vivid", spot_to_json(values.most_vivid)},
              {"light", {{"angle_deg", light.angle_deg}, {"confidence", light.confidence}}},
              {"masses", masses}};
  if (s.things.any()) out["things"] = legend_to_json(s);
  return out;
}

json grounds_to_json(const std::vector<plan::GroundVerdict>& ranked, std::span<const media::Paper> papers,
                     const plan::Plan& plan, const subject::Subject& subject,
                     const std::optional<plan::CoatChoice>& wished) {
  json out = json::array();
  for (const plan::GroundVerdict& v : ranked) {
    json shows = json::object();
    for (std::size_t m = 0; m < plan::kCompared.size(); ++m) {
      if (v.shows[m] >= 0) shows[std::string(media::name(plan::kCompared[m]))] = v.shows[m];
    }
    json marks = json::object();
    for (std::size_t m = 0; m < plan::kGroundMarks; ++m)
      marks[plan::name(static_cast<plan::GroundMark>(m))] = v.marks[m];
    const plan::TargetPlan& hardest = plan.targets[static_cast<std::size_t>(v.hardest)];
    out.push_back({{"paper", papers[v.paper].id},
                   {"score", v.score},
                   {"marks", marks},
                   {"room_light_steps", v.room_light},
                   {"room_dark_steps", v.room_dark},
                   {"already_there", v.there},
                   {"hardest", {{"mass", hardest.mass}, {"role", subject::name(hardest.role)}, {"shows", shows}}},
                   {"warmer", v.warmer},
                   {"chroma", v.chroma},
                   {"bears_layers", v.bears_layers},
                   {"needs_layers", v.needs_layers},
                   {"takes_wet", v.takes_wet},
                   {"reasons", words::reasons(v, papers[v.paper], plan, subject, wished).toStdString()}});
  }
  return out;
}

json tray_to_json(const plan::Plan& plan, const media::Collection& collection,
                  const std::vector<plan::CurvePoint>& curve, const plan::TrayProof* proof) {
  const plan::TrayWork& work = *plan.work;
  json out = {{"sticks", stick_ids(work.to_collection(work.tray.sticks), collection)},
              {"cost", work.tray.cost},
              {"area_mean_de00", plan.area_mean_de00},
              {"worst_de00", plan.worst_de00}};
  const plan::NextStick next = plan::stick_to_get(work.problem(), work.tray.sticks);
  if (next.stick >= 0) {
    const std::vector<int> place{next.stick};
    out["next_stick"] = {{"stick", stick_ids(work.to_collection(place), collection)[0]}, {"gain", next.gain}};
  }
  json points = json::array();
  for (const plan::CurvePoint& p : curve) {
    points.push_back({{"most_sticks", p.most_sticks},
                      {"mean_de00", p.mean_de00},
                      {"worst_de00", p.worst_de00},
                      {"cost", p.tray.cost},
                      {"sticks", stick_ids(work.to_collection(p.tray.sticks), collection)}});
  }
  if (!points.empty()) out["curve"] = points;
  if (proof != nullptr) {
    out["proof"] = {{"cost", proof->tray.cost},
                    {"bound", proof->bound},
                    {"gap", proof->gap},
                    {"improved", proof->improved},
                    {"sticks", stick_ids(work.to_collection(proof->tray.sticks), collection)}};
  }
  return out;
}

json coats_to_json(const plan::CoatAdvice& advice) {
  json list = json::array();
  for (const plan::CoatVerdict& v : advice.verdicts) {
    json j = {{"medium", plan::name(v.choice.medium)},
              {"colours", plan::name(v.choice.colours)},
              {"paper_bears", v.bears},
              {"possible", v.possible},
              {"note", words::note(v.choice.medium).toStdString()},
              {"safety", words::safety(v.choice.medium).toStdString()}};
    if (v.possible) {
      j.update({{"shows", v.shows},
                {"wet", lab_to_json(v.wet)},
                {"dry", lab_to_json(v.dry)},
                {"dry_minutes", v.dry_minutes},
                {"heated_minutes", v.heated_minutes},
                {"tooth_used", v.tooth_used},
                {"area_mean_de00", v.de00},
                {"chroma_change", v.chroma},
                {"peeks_through", v.peeks},
                {"darkest_l", v.darkest_l}});
    }
    list.push_back(std::move(j));
  }
  return {{"without", {{"area_mean_de00", advice.plain_de00}, {"darkest_l", advice.plain_darkest_l}}},
          {"pick", advice.pick},
          {"reason", words::reason(advice).toStdString()},
          {"coats", list}};
}

}  // namespace yd::formats
