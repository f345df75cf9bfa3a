// SPDX-License-Identifier: MIT
#pragma once

#include <string>

#include "media/shipped.h"
#include "advice/ground_choice.h"
#include "make/plan.h"
#include "subject/composition.h"
#include "subject/subject.h"

namespace yd::job {

/// What the artist has chosen; every change of it is one step of undo.
struct Choices {
  subject::Composition composition;
  subject::ReadOptions read;
  plan::PlanOptions plan;
  std::vector<plan::PassMark> marks;  ///< what is said at the easel, of passes of the present plan
  plan::GroundWeights ground_weights = plan::kGroundWeights;
  std::string paper = media::kUsualPaper;            ///< id
  std::string collection = media::kUsualCollection;  ///< id
  bool operator==(const Choices&) const = default;
};

/// Marks of what is no pass begin so; they stay when passes are planned anew.
inline constexpr const char* kChoreMark = "chore/";

inline bool same_crop(const Choices& p, const Choices& q) { return p.composition.crop == q.composition.crop; }

/// The masses come out alike but for edits.
inline bool same_base(const Choices& p, const Choices& q) {
  return p.read.squint == q.read.squint && p.read.masses == q.read.masses && p.read.focus == q.read.focus &&
         p.read.things == q.read.things && p.composition.adjust == q.composition.adjust && same_crop(p, q);
}

inline bool same_reading(const Choices& p, const Choices& q) {
  return same_base(p, q) && p.read.edits == q.read.edits && p.read.colours == q.read.colours;
}

/// The recipes come out alike; order and sittings may differ.
inline bool same_recipes(const Choices& p, const Choices& q) {
  return plan::same_recipes(p.plan, q.plan) && p.paper == q.paper && p.collection == q.collection;
}

inline bool same_sheet(const Choices& p, const Choices& q) {
  return p.composition.width_cm == q.composition.width_cm && p.composition.height_cm == q.composition.height_cm;
}

inline bool same_plan(const Choices& p, const Choices& q) {
  return p.plan == q.plan && p.paper == q.paper && p.collection == q.collection && same_sheet(p, q);
}

/// The plan's options with what the composition says of the sheet; `aspect` is the picture's width / height.
inline plan::PlanOptions options_for(const Choices& c, double aspect) {
  plan::PlanOptions options = c.plan;
  const subject::Sheet sheet = c.composition.sheet(aspect);
  options.sheet_cm2 = sheet.width_cm * sheet.height_cm;
  return options;
}

}  // namespace yd::job
