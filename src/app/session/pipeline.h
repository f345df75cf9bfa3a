// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>
#include <QImage>
#include <QString>
#include <functional>
#include <memory>

#include "board/figures.h"
#include "board/painted.h"
#include "exports/plan_view.h"
#include "guide/guide.h"
#include "media/model.h"
#include "advice/critique.h"
#include "advice/judge.h"
#include "session/choices.h"
#include "subject/outline.h"
#include "subject/values.h"
#include "support/observer.h"

namespace yd::app {

/// The materials a session works with; loaded once, passed in.
struct Materials {
  media::Model model;
  std::vector<media::Paper> papers;
  std::vector<media::Collection> collections;

  const media::Paper* paper(const std::string& id) const;
  const media::Paper* paper(const char* id) const { return paper(std::string(id)); }
  const media::Paper* paper(const QString& id) const { return paper(id.toStdString()); }
  const media::Collection* collection(const std::string& id) const;
  const media::Collection* collection(const char* id) const { return collection(std::string(id)); }
  const media::Collection* collection(const QString& id) const { return collection(id.toStdString()); }
  /// For a collection of the artist's with this name, one that no other has.
  std::string own_id(const std::string& name) const;
};

/// Reads what ships. Errors name the file.
Result<Materials> load_materials();

/// The reference as it is worked with: the part inside the crop, and the whole small, to crop by.
struct LoadedImage {
  subject::LabImage image;
  QImage whole;
};

/// Immutable results of one run, shared between threads.
using ImagePtr = std::shared_ptr<const LoadedImage>;

/// A reading with what the window shows of it at once, made on the worker: the window's own thread is to answer, not to
/// wait for cores that are at work.
struct ReadSubject : subject::Subject {
  QImage picture;
  subject::ValueReading values;
  std::vector<double> borders;                ///< subject::shared_borders of the masses
  std::vector<subject::Outline> thing_lines;  ///< of each owner, the rest first
  std::vector<subject::Point> numbers;        ///< where the number of each mass stands
};
using SubjectPtr = std::shared_ptr<const ReadSubject>;

/// A plan with what is needed to draw it.
struct Planned {
  plan::Plan plan;
  board::BoardMap map;
  SubjectPtr subject;
  std::shared_ptr<const media::Paper> paper;
  std::shared_ptr<const media::Collection> collection;
  plan::PlanOptions options;                    ///< it was made with
  optics::Parameters parameters;                ///< and these
  std::vector<plan::Finding> findings;          ///< weightiest first
  plan::NextStick next;                         ///< the one stick more that would help most, by place in the pool
  std::shared_ptr<const board::Stages> stages;  ///< the board after any pass
  QImage finished;                              ///< the board after the last pass, under the viewing light
  board::Figures figures;                       ///< how near it comes
  plan::Guide guide;                            ///< how it is painted
};
using PlannedPtr = std::shared_ptr<const Planned>;

/// The plan as print and words see it; `planned` and `parameters` must outlive it.
exports::PlanView view_of(const Planned& planned, const optics::Parameters& parameters,
                          const subject::Composition& composition = {});

using ReachPtr = std::shared_ptr<const std::vector<plan::Reach>>;

/// Decodes and shrinks the reference. Runs on a worker thread, like the next two.
Result<ImagePtr> load_image(const QByteArray& bytes, const QString& name, const subject::Crop& crop);
Result<SubjectPtr> read_image(const ImagePtr& image, const subject::Adjust& adjust, const subject::ReadOptions& options,
                              Observer& observer);
/// The same reading with other edits and own colours, faster.
Result<SubjectPtr> edit_subject(const SubjectPtr& subject, const subject::ReadOptions& options);
Result<PlannedPtr> plan_subject(const SubjectPtr& subject, const media::Paper& paper,
                                const media::Collection& collection, const optics::Parameters& parameters,
                                const plan::PlanOptions& options, Observer& observer);

/// The same recipes in another order.
Result<PlannedPtr> arrange_plan(const PlannedPtr& planned, const optics::Parameters& parameters,
                                const plan::PlanOptions& options, Observer& observer);

Result<ReachPtr> judge_plan(const PlannedPtr& planned, const std::vector<media::Paper>& papers,
                            const optics::Parameters& parameters, const plan::PlanOptions& options, Observer& observer);

/// The long steps of a session. Others may be given that do the same otherwise, for one that remembers.
struct Steps {
  std::function<Result<ImagePtr>(const QByteArray&, const QString&, const subject::Crop&)> load = load_image;
  std::function<Result<SubjectPtr>(const ImagePtr&, const subject::Adjust&, const subject::ReadOptions&, Observer&)>
      read = read_image;
  std::function<Result<PlannedPtr>(const SubjectPtr&, const media::Paper&, const media::Collection&,
                                   const optics::Parameters&, const plan::PlanOptions&, Observer&)>
      plan = plan_subject;
  std::function<Result<ReachPtr>(const PlannedPtr&, const std::vector<media::Paper>&, const optics::Parameters&,
                                 const plan::PlanOptions&, Observer&)>
      judge = judge_plan;
};

}  // namespace yd::app
