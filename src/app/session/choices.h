#pragma once

#include <QString>

#include "plan/plan.h"
#include "subject/subject.h"

namespace yd::app {

/// What the artist has chosen; every change of it is one step of undo.
struct Choices {
  subject::ReadOptions read;
  plan::PlanOptions plan;
  QString paper = "sanded-400-warm-grey";
  QString collection = "generic";
};

inline bool same_reading(const Choices& p, const Choices& q) {
  return p.read.squint == q.read.squint && p.read.masses == q.read.masses;
}

inline bool same_plan(const Choices& p, const Choices& q) {
  return p.plan == q.plan && p.paper == q.paper && p.collection == q.collection;
}

}  // namespace yd::app
