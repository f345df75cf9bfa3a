// SPDX-License-Identifier: MIT
#pragma once

#include <algorithm>
#include <mutex>
#include <nlohmann/json.hpp>
#include <vector>

#include "session/advisers.h"

namespace yd::trial {

/// The session's steps with plans of few layers, a third of the time: what the window does while it plans.
inline app::Steps few_layers() {
  static constexpr int kStrokes = 2;
  app::Steps out;
  out.plan = [](const app::SubjectPtr& subject, const media::Paper& paper, const media::Collection& collection,
                const optics::Parameters& parameters, plan::PlanOptions options, Observer& observer) {
    options.most_strokes = std::min(options.most_strokes, kStrokes);
    return app::plan_subject(subject, paper, collection, parameters, options, observer);
  };
  return out;
}

/// The same, and what is worked out beside the plan, each done once for the same input: what the window does with a
/// plan is tried many times, the plan itself elsewhere. What was stopped or failed is not remembered.
class Remembered {
 public:
  static app::Steps steps() {
    static Remembered& all = known();
    app::Steps out;
    out.load = [](const QByteArray& bytes, const QString& name, const subject::Crop& crop) {
      return once(all.images_, std::tuple(bytes, name, crop), [&] { return app::load_image(bytes, name, crop); });
    };
    out.read = [](const app::ImagePtr& image, const subject::Adjust& adjust, const subject::ReadOptions& options,
                  Observer& observer) {
      return once(all.subjects_, std::tuple(image, adjust, options),
                  [&] { return app::read_image(image, adjust, options, observer); });
    };
    out.plan = [](const app::SubjectPtr& subject, const media::Paper& paper, const media::Collection& collection,
                  const optics::Parameters& parameters, const plan::PlanOptions& options, Observer& observer) {
      const std::string materials = media::to_json(paper).dump() + media::to_json(collection).dump();
      return once(all.plans_, std::tuple(subject, materials, options),
                  [&] { return few_layers().plan(subject, paper, collection, parameters, options, observer); });
    };
    out.judge = [](const app::PlannedPtr& planned, const std::vector<media::Paper>& papers,
                   const optics::Parameters& parameters, const plan::PlanOptions& options, Observer& observer) {
      return once(all.reaches_, std::tuple(planned, options),
                  [&] { return app::judge_plan(planned, papers, parameters, options, observer); });
    };
    return out;
  }

  static app::Advisers advisers() {
    static Remembered& all = known();
    app::Advisers out;
    out.grounds = [](const app::PlannedPtr& planned, const std::vector<media::Paper>& papers,
                     const app::Choices& choices, Observer& observer) {
      return once(all.grounds_, std::tuple(planned, choices.plan.underpaint.picture, choices.ground_weights),
                  [&] { return app::advise_grounds(planned, papers, choices, observer); });
    };
    out.coats = [](const app::PlannedPtr& planned, Observer& observer) {
      return once(all.coats_, planned, [&] { return app::advise_coats(planned, observer); });
    };
    out.curve = [](const app::PlannedPtr& planned, Observer& observer) {
      return once(all.curves_, planned, [&] { return app::advise_curve(planned, observer); });
    };
    out.proof = [](const app::PlannedPtr& planned, Observer& observer) {
      return once(all.proofs_, planned, [&] { return app::advise_proof(planned, observer); });
    };
    out.other = steps().plan;
    return out;
  }

 private:
  static Remembered& known() {
    static Remembered all;
    return all;
  }

  template <class Key, class Value>
  using Known = std::vector<std::pair<Key, Value>>;

  template <class List, class Key, class Make>
  static auto once(List& known, const Key& key, Make make) -> decltype(make()) {
    static std::mutex door;
    {
      const std::lock_guard lock(door);
      for (const auto& [k, v] : known) {
        if (k == key) return v;
      }
    }
    auto made = make();
    if (made.ok()) {
      const std::lock_guard lock(door);
      known.emplace_back(key, made.value());
    }
    return made;
  }

  Known<std::tuple<QByteArray, QString, subject::Crop>, app::ImagePtr> images_;
  Known<std::tuple<app::ImagePtr, subject::Adjust, subject::ReadOptions>, app::SubjectPtr> subjects_;
  Known<std::tuple<app::SubjectPtr, std::string, plan::PlanOptions>, app::PlannedPtr> plans_;
  Known<std::tuple<app::PlannedPtr, plan::PlanOptions>, app::ReachPtr> reaches_;
  Known<std::tuple<app::PlannedPtr, std::optional<plan::CoatChoice>, plan::GroundWeights>, app::GroundsPtr> grounds_;
  Known<app::PlannedPtr, app::CoatsPtr> coats_;
  Known<app::PlannedPtr, app::CurvePtr> curves_;
  Known<app::PlannedPtr, app::ProofPtr> proofs_;
};

}  // namespace yd::trial
