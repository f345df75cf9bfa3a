// SPDX-License-Identifier: MIT
#include "formats/plan_json.h"
#include "formats/marks_json.h"
#include "formats/things_file.h"

#include <cmath>

#include "choices_json.h"
#include "colour/ciede2000.h"
#include "words/order.h"
#include "words/school.h"
#include "advice/delicate.h"
#include "words/guide.h"

namespace yd::formats {
namespace {

using nlohmann::json;

json strokes_to_json(const std::vector<plan::Stroke>& strokes, const media::Collection& collection) {
  json out = json::array();
  for (const plan::Stroke& s : strokes) {
    out.push_back({{"stick", collection.sticks[static_cast<std::size_t>(s.stick)].id},
                   {"pressure", s.pressure},
                   {"technique", plan::name(s.technique)},
                   {"layer", s.level + 1}});
    if (s.fix_first) out.back()["fix_first"] = true;
  }
  return out;
}

json alternatives_to_json(const plan::TargetPlan& t, const media::Collection& collection) {
  json out = json::array();
  for (const plan::Stack& s : t.alternatives) {
    out.push_back({{"predicted_lab", lab_to_json(s.lab)},
                   {"de00", rounded(colour::ciede2000(s.lab, t.target))},
                   {"spread_l", rounded(static_cast<double>(s.spread_l))},
                   {"tooth_left", rounded(static_cast<double>(s.tooth_left))},
                   {"recipe", strokes_to_json(s.strokes, collection)}});
  }
  return out;
}

json target_to_json(const plan::TargetPlan& t, const media::Collection& collection) {
  return {{"role", subject::name(t.role)},
          {"area", rounded(t.area)},
          {"lab", lab_to_json(t.target)},
          {"predicted_lab", lab_to_json(t.recipe.look.lab)},
          {"de00", rounded(t.recipe.de00)},
          {"spread_l", rounded(t.recipe.look.spread_l)},
          {"tooth_left", rounded(t.recipe.tooth_left)},
          {"alternatives", alternatives_to_json(t, collection)},
          {"recipe", strokes_to_json(t.recipe.strokes, collection)}};
}

json masses_to_json(const plan::Plan& plan, const subject::Subject& subject, const media::Collection& collection) {
  json out = json::array();
  for (std::size_t m = 0; m < subject.masses.size(); ++m) {
    const subject::Mass& mass = subject.masses[m];
    json targets = json::array();
    for (const plan::TargetPlan& t : plan.targets) {
      if (t.mass == static_cast<int>(m)) targets.push_back(target_to_json(t, collection));
    }
    out.push_back({{"id", mass.id},
                   {"name", mass.name},
                   {"plane", subject::name(mass.plane)},
                   {"area", rounded(mass.area)},
                   {"value", rounded(mass.value)},
                   {"targets", targets},
                   {"tooth_left", rounded(plan.mass_tooth_left[m])}});
  }
  return out;
}

json reasons_before(const plan::Plan& plan, const subject::Subject& subject, int number) {
  json out = json::array();
  for (const plan::Edge& e : plan.edges) {
    if (e.after + 1 == number)
      out.push_back({{"after_pass", e.before + 1},
                     {"rule", plan::name(e.rule)},
                     {"text", words::why(e, subject.masses).toStdString()}});
  }
  return out;
}

json gradient_to_json(const plan::Gradient& g, const words::Job& job) {
  json bands = json::array();
  for (const plan::Gradient::Band& b : g.bands)
    bands.push_back({{"pass", b.pass + 1}, {"from", rounded(b.from)}, {"to", rounded(b.to)}});
  return {{"angle_deg", rounded(g.angle_deg)}, {"bands", bands}, {"text", words::gradient(g, job).toStdString()}};
}

json edge_to_json(const plan::EdgeGuide& e, const words::Job& job) {
  json out = {{"behind", job.masses[static_cast<std::size_t>(e.behind)].id},
              {"front", job.masses[static_cast<std::size_t>(e.front)].id},
              {"way", plan::name(e.way)},
              {"step_de00", rounded(e.step)},
              {"length_cm", rounded(e.length_cm, 10)},
              {"text", words::edge(e, job).toStdString()}};
  if (e.stick >= 0) out["stick"] = job.sticks[static_cast<std::size_t>(e.stick)].id;
  return out;
}

json passages_to_json(const words::Job& job) {
  json out = json::array();
  for (const plan::Passage& p : job.guide.passages) {
    json passes = json::array();
    for (int i = p.first; i <= p.last; ++i) passes.push_back(i + 1);
    json places = json::array();
    for (const int m : p.masses) places.push_back(job.masses[static_cast<std::size_t>(m)].name);
    json sticks = json::array();
    for (const int s : p.sticks) sticks.push_back(job.sticks[static_cast<std::size_t>(s)].id);
    json steps = json::array();
    for (const QString& s : words::steps(p, job)) steps.push_back(s.toStdString());
    json gradients = json::array();
    for (const int g : p.gradients)
      gradients.push_back(gradient_to_json(job.guide.gradients[static_cast<std::size_t>(g)], job));
    json edges = json::array();
    for (const int e : p.edges) edges.push_back(edge_to_json(job.guide.edges[static_cast<std::size_t>(e)], job));
    out.push_back({{"number", out.size() + 1},
                   {"name", words::title(p, job).toStdString()},
                   {"kind", plan::name(p.kind)},
                   {"purpose", words::title(p, job).toStdString()},
                   {"minutes", rounded(p.minutes, 10)},
                   {"passes", passes},
                   {"places", places},
                   {"sticks", sticks},
                   {"steps", steps},
                   {"gradients", gradients},
                   {"edges", edges},
                   {"finished_when", words::finished_when(p, job).toStdString()}});
  }
  return out;
}

json to_json(const plan::Touch& t, const words::Job& job) {
  json out = {{"mass", job.masses[static_cast<std::size_t>(t.place.mass)].id},
              {"part", plan::name(t.place.part)},
              {"share", rounded(t.place.share)},
              {"mark", plan::name(t.mark)},
              {"text", words::where(t.place, job.masses).toStdString()}};
  out["pieces"] = t.place.pieces;
  out["pieces_mm"] = {rounded(t.place.small_mm, 10), rounded(t.place.large_mm, 10)};
  out["pressures"] = {rounded(t.place.steps[0]), rounded(t.place.steps[1]), rounded(t.place.steps[2])};
  if (t.directed) out["direction_deg"] = rounded(t.angle_deg, 10);
  if (t.tool != plan::RubTool::none) out["tool"] = plan::name(t.tool);
  if (t.place.grows > 0) out["run"] = words::run(t.place).toStdString();
  return out;
}

/// How and where a pass is laid, mass by mass; its own mark, tool and direction are those of its largest place.
void add_touches(json& pass, const words::Job& job, int index) {
  json places = json::array();
  const plan::Touch* largest = nullptr;
  for (const plan::Touch& t : job.guide.touches[static_cast<std::size_t>(index)]) {
    places.push_back(to_json(t, job));
    if (largest == nullptr || t.place.area_cm2 > largest->place.area_cm2) largest = &t;
  }
  pass["places"] = places;
  if (largest == nullptr) return;
  pass["mark"] = plan::name(largest->mark);
  pass["tool"] = plan::name(largest->tool);
  if (largest->directed) pass["direction"] = words::direction(*largest).toStdString();
}

json parts_to_json(const plan::Pass& p, const plan::Plan& plan, const subject::Subject& subject) {
  json out = json::array();
  for (const plan::PassPart& part : plan::parts_of(p, plan.targets)) {
    out.push_back({{"mass", subject.masses[static_cast<std::size_t>(part.mass)].id},
                   {"area", rounded(part.area)},
                   {"least_pressure", part.least},
                   {"greatest_pressure", part.greatest}});
  }
  return out;
}

void add_stroke(json& pass, const plan::Pass& p, const plan::Plan& plan, const media::Collection& collection) {
  pass["least_pressure"] = p.least_pressure;
  pass["greatest_pressure"] = p.pressure;
  pass["area"] = rounded(plan::area_of(p, plan.targets));
  pass["technique"] = plan::name(p.technique);
  pass["medium"] = media::name(collection.sticks[static_cast<std::size_t>(p.stick)].medium);
  pass["costs_when_off"] = rounded(p.costs_when_off);
  pass["delicate"] = plan::is_delicate(p);
  pass["what_for"] = plan::name(p.purpose);
}

json passes_to_json(const words::Job& job, const subject::Subject& subject, const media::Collection& collection) {
  const plan::Plan& plan = job.plan;
  json out = json::array();
  for (const plan::Pass& p : plan.passes) {
    json masses = json::array();
    for (const int m : p.masses) masses.push_back(subject.masses[static_cast<std::size_t>(m)].id);
    json pass = {{"number", p.number},
                 {"kind", plan::name(p.kind)},
                 {"masses", masses},
                 {"parts", parts_to_json(p, plan, subject)},
                 {"layer", p.accent && p.level >= plan::kAccentLevel ? 0 : p.level + 1},
                 {"plane", subject::name(p.plane)},
                 {"reason", words::reason(p.reason, subject.masses).toStdString()},
                 {"minutes", rounded(p.minutes, 10)},
                 {"start_minute", rounded(p.start_minute, 10)},
                 {"wait_minutes", rounded(p.wait_minutes, 10)},
                 {"dry_minutes", rounded(p.dry_minutes, 10)},
                 {"why", reasons_before(plan, subject, p.number)}};
    if (p.stick >= 0) pass["stick"] = collection.sticks[static_cast<std::size_t>(p.stick)].id;
    if (p.kind == plan::PassKind::stroke) add_stroke(pass, p, plan, collection);
    if (p.kind == plan::PassKind::coat)
      pass["medium"] = plan::name(plan.coats[static_cast<std::size_t>(p.underpaint)].how.medium);
    pass["finishing"] = p.finishing;
    if (static_cast<std::size_t>(p.number) <= plan.marks.passes.size())
      pass["marks"] = marked_parts_to_json(plan.marks.passes[static_cast<std::size_t>(p.number) - 1]);
    if (p.laid) pass["done"] = !p.skipped;
    add_touches(pass, job, p.number - 1);
    out.push_back(std::move(pass));
  }
  return out;
}

json sittings_to_json(const plan::Plan& plan) {
  json out = json::array();
  for (const plan::Sitting& s : plan.sittings) {
    json breaks = json::array();
    for (const int b : s.breaks) breaks.push_back(b + 1);
    out.push_back({{"first", s.first + 1},
                   {"last", s.last + 1},
                   {"minutes", rounded(s.minutes, 10)},
                   {"ends", words::ends(s).toStdString()},
                   {"breaks_after", breaks}});
  }
  return out;
}

json order_to_json(const plan::Plan& plan, const subject::Subject& subject) {
  json conflicts = json::array();
  for (const plan::Conflict& c : plan.conflicts)
    conflicts.push_back({{"what", words::conflict(c, subject.masses).toStdString()},
                         {"given_up", plan::name(c.given_up)},
                         {"times", c.times}});
  json broken = json::array();
  for (const plan::Edge& e : plan.broken)
    broken.push_back({{"before", e.before + 1}, {"after", e.after + 1}, {"rule", plan::name(e.rule)}});
  return {{"minutes", rounded(plan.sequence.minutes, 10)},
          {"minutes_bound", rounded(plan.sequence.minutes_bound, 10)},
          {"stick_changes", plan.sequence.changes},
          {"stick_changes_bound", plan.sequence.changes_bound},
          {"waiting_minutes", rounded(plan.sequence.waiting, 10)},
          {"sittings", sittings_to_json(plan)},
          {"contradictions", conflicts},
          {"broken_by_hand", broken}};
}

/// Calls `change` with the JSON of each target; masses hold theirs in the plan's order.
template <class Change>
void for_each_target(json& plan_json, const plan::Plan& plan, Change change) {
  std::vector<std::size_t> next(plan_json["masses"].size(), 0);
  for (std::size_t t = 0; t < plan.targets.size(); ++t) {
    const auto m = static_cast<std::size_t>(plan.targets[t].mass);
    change(plan_json["masses"][m]["targets"][next[m]++], t);
  }
}

}  // namespace

double rounded(double v, double parts) { return std::round(v * parts) / parts; }

json figure_to_json(const board::Figure& f) { return {{"mean", rounded(f.mean)}, {"p95", rounded(f.p95)}}; }

void add_reach(json& plan_json, const plan::Plan& plan, const std::vector<plan::Reach>& reach) {
  for_each_target(plan_json, plan, [&](json& target, std::size_t t) {
    json remedies = json::array();
    for (const plan::Remedy& r : reach[t].remedies) {
      remedies.push_back({{"kind", plan::name(r.kind)}, {"what", r.what}, {"de00", rounded(r.de00)}});
    }
    target["reach"] = {{"why", plan::name(reach[t].why)}, {"remedies", remedies}};
  });
}

void add_lights(json& plan_json, const plan::Plan& plan, const media::Paper& paper, const media::Collection& collection,
                const optics::Parameters& parameters) {
  for_each_target(plan_json, plan, [&](json& target, std::size_t t) {
    const plan::TargetPlan& planned = plan.targets[t];
    const optics::Pile pile =
        plan::build(plan::ground_of(plan, planned, paper), parameters, collection.sticks, planned.recipe.strokes);
    const auto errors = plan::errors_under_lights(plan::shade(pile, parameters, collection.sticks), planned.target);
    target["lights"] = {{"d50", rounded(errors[0])},
                        {"d65", rounded(errors[1])},
                        {"a", rounded(errors[2])},
                        {"warm_led", rounded(errors[3])}};
    target["metamerism_warning"] = plan::metamerism(errors).added > plan::kMetamerismWarning;
  });
}

json lab_to_json(const colour::Lab& lab) { return {rounded(lab.l), rounded(lab.a), rounded(lab.b)}; }

namespace {

json sticks_to_json(std::span<const int> list, const media::Collection& collection) {
  json out = json::array();
  for (const int i : list) {
    const media::Stick& s = collection.sticks[static_cast<std::size_t>(i)];
    out.push_back(
        {{"id", s.id}, {"name", s.name}, {"medium", std::string(media::name(s.medium))}, {"lab", lab_to_json(s.lab)}});
  }
  return out;
}

}  // namespace

json plan_to_json(const plan::Plan& plan, const plan::Guide& guide, const subject::Subject& subject,
                  const media::Paper& paper, const media::Collection& collection, const board::Figures& figures) {
  const words::Job job{plan, guide, subject.masses, collection.sticks};
  json out = {{"format", "yawning-dune plan"},
              {"version", 1},
              {"paper", {{"id", paper.id}, {"name", paper.name}, {"lab", lab_to_json(paper.lab)}}},
              {"width_cm", rounded(plan.marks.grid.width_mm / 10, 100)},
              {"height_cm", rounded(plan.marks.grid.height_mm / 10, 100)},
              {"collection", collection.id},
              {"school", plan::name(plan.school)},
              {"school_reason", words::advised(plan.advised, subject.masses).toStdString()},
              {"order", order_to_json(plan, subject)},
              {"sticks", sticks_to_json(plan.tray, collection)},
              {"pencils", sticks_to_json(plan::beside_tray(plan), collection)},
              {"masses", masses_to_json(plan, subject, collection)},
              {"rests_on", rests_on_to_json(plan.rests_on)},
              {"passes", passes_to_json(job, subject, collection)},
              {"passages", passages_to_json(job)},
              {"as_fitted", figure_to_json(figures.fitted)},
              {"as_seen", figure_to_json(figures.seen)},
              {"error", {{"area_mean_de00", rounded(plan.area_mean_de00)}, {"worst_de00", rounded(plan.worst_de00)}}}};
  if (subject.things.any()) out["things"] = legend_to_json(subject);
  const double longer_mm = std::max(plan.marks.grid.width_mm, plan.marks.grid.height_mm);
  if (longer_mm > 0 && !subject.image.data.empty()) {
    const double finest = plan::finest_mm(collection.sticks, plan.tray, true);
    out["too_narrow"] = too_narrow_to_json(plan::too_narrow(subject, longer_mm / 10, finest), subject);
  }
  return out;
}

}  // namespace yd::formats
