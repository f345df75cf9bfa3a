#pragma once

#include <QByteArray>
#include <QString>
#include <memory>

#include "board/board.h"
#include "media/model.h"
#include "plan/judge.h"
#include "session/choices.h"
#include "support/observer.h"

namespace yd::app {

/// The materials a session works with; loaded once, passed in.
struct Materials {
  media::Model model;
  std::vector<media::Paper> papers;
  std::vector<media::Collection> collections;

  const media::Paper* paper(const QString& id) const;
  const media::Collection* collection(const QString& id) const;
};

/// Reads what ships. Errors name the file.
Result<Materials> load_materials();

/// The reference as it is worked with: the part inside the crop, and the whole small, to crop by.
struct LoadedImage {
  subject::LabImage image;
  subject::LabImage whole;
};

/// Immutable results of one run, shared between threads.
using ImagePtr = std::shared_ptr<const LoadedImage>;
using SubjectPtr = std::shared_ptr<const subject::Subject>;

/// A plan with what is needed to draw it.
struct Planned {
  plan::Plan plan;
  board::BoardMap map;
  SubjectPtr subject;
  std::shared_ptr<const media::Paper> paper;
  std::shared_ptr<const media::Collection> collection;
};
using PlannedPtr = std::shared_ptr<const Planned>;

using ReachPtr = std::shared_ptr<const std::vector<plan::Reach>>;

/// Decodes and shrinks the reference. Runs on a worker thread, like the next two.
Result<ImagePtr> load_image(const QByteArray& bytes, const QString& name, const subject::Crop& crop);
Result<SubjectPtr> read_image(const ImagePtr& image, const subject::Adjust& adjust, const subject::ReadOptions& options,
                              Observer& observer);
/// The same reading with other edits, faster.
Result<SubjectPtr> edit_subject(const SubjectPtr& subject, const std::vector<subject::MassEdit>& edits);
Result<PlannedPtr> plan_subject(const SubjectPtr& subject, const media::Paper& paper,
                                const media::Collection& collection, const optics::Parameters& parameters,
                                const plan::PlanOptions& options, Observer& observer);

Result<ReachPtr> judge_plan(const PlannedPtr& planned, const std::vector<media::Paper>& papers,
                            const optics::Parameters& parameters, const plan::PlanOptions& options, Observer& observer);

}  // namespace yd::app
