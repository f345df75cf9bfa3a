// SPDX-License-Identifier: MIT
#include "session/pipeline.h"

#include "looks/images.h"
#include "pictures/pictures.h"
#include "advice/delicate.h"
#include "job/finished.h"

namespace yd::app {
namespace {

template <class List>
auto* find(const List& list, const std::string& wanted) {
  for (const auto& item : list) {
    if (item.id == wanted) return &item;
  }
  return static_cast<decltype(&list.front())>(nullptr);
}

SubjectPtr drawn(subject::Subject subject) {
  auto out = std::make_shared<ReadSubject>();
  static_cast<subject::Subject&>(*out) = std::move(subject);
  out->picture = to_image(out->image);
  out->values = subject::read_values(out->squinted);
  out->borders = subject::shared_borders(out->labels, out->masses.size());
  if (out->things.any()) out->thing_lines = subject::outlines(out->things.owner, out->things.list.size() + 1);
  out->numbers = subject::number_places(out->labels, out->masses.size());
  return out;
}

/// What a look over the plan finds, once it is finished or in another order.
void look_over(Planned& p, const optics::Parameters& parameters, const plan::PlanOptions& options) {
  p.options = options;
  p.parameters = parameters;
  p.findings = plan::critique({&p.plan, p.subject.get(), p.paper.get(), p.collection->sticks, &parameters, p.options});
}

/// How the plan is painted and what it comes to. What is painted looks at plan, paper and sticks, which live as long.
void finish(Planned& p, const optics::Parameters& parameters, const plan::PlanOptions& options) {
  p.parameters = parameters;
  job::Finished done = job::finished(p.plan, *p.subject, {p.paper.get(), p.collection.get(), &p.parameters}, options);
  look_over(p, parameters, options);
  p.guide = std::move(done.guide);
  p.map = std::move(done.map);
  p.stages = std::move(done.stages);
  p.figures = done.figures;
  p.finished = to_image(done.board);
}

}  // namespace

exports::PlanView view_of(const Planned& p, const optics::Parameters& parameters,
                          const subject::Composition& composition) {
  const auto& image = p.subject->image;
  return {p.plan,
          *p.subject,
          *p.paper,
          *p.collection,
          parameters,
          p.map,
          composition.sheet(static_cast<double>(image.width) / image.height),
          p.figures,
          p.guide};
}

const media::Paper* Materials::paper(const std::string& id) const { return find(papers, id); }

const media::Collection* Materials::collection(const std::string& id) const { return find(collections, id); }

std::string Materials::own_id(const std::string& name) const {
  std::string out = "own-" + name;
  for (int n = 2; collection(out) != nullptr; ++n) out = "own-" + name + "-" + std::to_string(n);
  return out;
}

Result<Materials> load_materials() {
  auto model = media::load_model();
  if (!model) return model.error();
  auto papers = media::load_papers();
  if (!papers) return papers.error();
  auto collections = media::load_collections();
  if (!collections) return collections.error();
  return Materials{std::move(model).value(), std::move(papers).value(), std::move(collections).value()};
}

Result<ImagePtr> load_image(const QByteArray& bytes, const QString& name, const subject::Crop& crop) {
  const auto raw = pictures::decode(bytes, name);
  if (!raw) return raw.error();
  auto image = subject::working_image(raw.value(), subject::kWorkingSide, crop);
  if (!image) return image.error();
  constexpr int kWholeSide = 480;
  auto whole = subject::working_image(raw.value(), kWholeSide);
  if (!whole) return whole.error();
  return ImagePtr(std::make_shared<LoadedImage>(LoadedImage{std::move(image).value(), to_image(whole.value())}));
}

Result<SubjectPtr> edit_subject(const SubjectPtr& subject, const subject::ReadOptions& options) {
  return drawn(subject::with_edits(*subject, options.edits, options.colours));
}

Result<SubjectPtr> read_image(const ImagePtr& image, const subject::Adjust& adjust, const subject::ReadOptions& options,
                              Observer& observer) {
  auto read = subject::read_subject(subject::adjust(image->image, adjust), options, observer);
  if (!read) return read.error();
  return drawn(std::move(read).value());
}

Result<PlannedPtr> plan_subject(const SubjectPtr& subject, const media::Paper& paper,
                                const media::Collection& collection, const optics::Parameters& parameters,
                                const plan::PlanOptions& options, Observer& observer) {
  auto plan = plan::make_plan(*subject, paper, collection, parameters, options, observer);
  if (!plan) return plan.error();
  auto out = std::make_shared<Planned>();
  out->plan = std::move(plan).value();
  out->subject = subject;
  out->paper = std::make_shared<media::Paper>(paper);
  out->collection = std::make_shared<media::Collection>(collection);
  finish(*out, parameters, options);
  if (out->plan.work) out->next = plan::stick_to_get(out->plan.work->problem(), out->plan.work->tray.sticks);
  return PlannedPtr(out);
}

Result<PlannedPtr> arrange_plan(const PlannedPtr& planned, const optics::Parameters& parameters,
                                const plan::PlanOptions& options, Observer& observer) {
  auto plan = plan::arrange(planned->plan, *planned->subject, *planned->paper, *planned->collection, parameters,
                            options, observer);
  if (!plan) return plan.error();
  auto out = std::make_shared<Planned>(*planned);
  out->plan = std::move(plan).value();
  finish(*out, parameters, options);
  return PlannedPtr(out);
}

Result<ReachPtr> judge_plan(const PlannedPtr& planned, const std::vector<media::Paper>& papers,
                            const optics::Parameters& parameters, const plan::PlanOptions& options,
                            Observer& observer) {
  auto reach = plan::judge_reach(
      {&planned->plan, planned->paper.get(), papers, planned->collection.get(), &parameters, options}, observer);
  if (!reach) return reach.error();
  return ReachPtr(std::make_shared<std::vector<plan::Reach>>(std::move(reach).value()));
}

}  // namespace yd::app
