// SPDX-License-Identifier: MIT
#include "session/session.h"

#include <QUuid>
#include <algorithm>

#include "formats/plan_json.h"
#include "job/settle.h"
#include "session/commands.h"
#include "session/reporter.h"
#include "session/sentences.h"
#include "words/facts.h"
#include "session/stick_moves.h"
#include "session/work.h"

namespace yd::app {
Session::Session(Materials materials, Steps steps, QObject* parent)
    : QObject(parent), materials_(std::move(materials)), steps_(std::move(steps)) {
  undo_.setUndoLimit(kUndoSteps);
  connect(&watcher_, &QFutureWatcher<Outcome>::finished, this, &Session::finished);
}

Session::~Session() {
  if (reporter_) reporter_->stop();
  watcher_.disconnect(this);
  watcher_.waitForFinished();
}

void Session::open_picture(const QByteArray& bytes, const QString& name) {
  job::forget_picture(choices_);
  work_id_ = QUuid::createUuid().toString(QUuid::WithoutBraces);
  begin(bytes, name);
  emit choices_changed();
}

void Session::begin(const QByteArray& bytes, const QString& name) {
  reference_ = bytes;
  reference_name_ = name;
  image_.reset();
  subject_.reset();
  planned_.reset();
  reach_.reset();
  reach_dirty_ = false;
  cursor_ = lit_pass_ = lit_last_ = 0;
  undo_.clear();
  image_dirty_ = true;
  emit reference_changed();
  emit subject_changed();
  emit plan_changed();
  next();
}

void Session::open_project(formats::Project project) {
  choices_ = formats::choices_of(project);
  // The project's own copies win over what ships: the plan must come out as it was.
  const auto put = [](auto& list, auto item) {
    const auto same = std::find_if(list.begin(), list.end(), [&](const auto& x) { return x.id == item.id; });
    if (same == list.end()) {
      list.push_back(std::move(item));
    } else {
      *same = std::move(item);
    }
  };
  put(materials_.papers, std::move(project.paper));
  put(materials_.collections, std::move(project.collection));
  work_id_ = project.work_id.isEmpty() ? QUuid::createUuid().toString(QUuid::WithoutBraces) : project.work_id;
  begin(project.reference, project.reference_name);
  emit choices_changed();
}

formats::Project Session::project() const {
  formats::Project p;
  p.work_id = work_id_;
  p.reference = reference_;
  p.reference_name = reference_name_;
  formats::take_choices(p, choices_);
  p.paper = *materials_.paper(choices_.paper);
  p.collection = *materials_.collection(choices_.collection);
  return p;
}

nlohmann::json Session::plan_copy() const {
  if (!planned_ || plan_dirty_) return {};
  return formats::plan_to_json(planned_->plan, planned_->guide, *planned_->subject, *planned_->paper,
                               *planned_->collection, planned_->figures);
}

void Session::change(const Choices& wished, const QString& text, Merge merge) {
  // What is saved must be readable again.
  if (wished.read.edits.size() > formats::kMostEdits || wished.marks.size() > formats::kMostMarks) {
    emit failed(
        tr("That is more than a project keeps: %1 changes of masses, %2 marks. Undo some, or begin a new project.")
            .arg(formats::kMostEdits)
            .arg(formats::kMostMarks));
    return;
  }
  const Choices next_choices = job::settled(wished, choices_, planned_ ? &planned_->plan : nullptr);
  if (next_choices == choices_) return;
  undo_.push(new ChoiceCommand(this, next_choices, text, merge));
}

void Session::apply(const Choices& next_choices) {
  if (!same_crop(next_choices, choices_)) image_dirty_ = true;
  if (!same_base(next_choices, choices_)) subject_dirty_ = true;
  if (!same_reading(next_choices, choices_)) edits_dirty_ = true;
  if (!same_recipes(next_choices, choices_)) plan_dirty_ = true;
  if (!same_plan(next_choices, choices_)) order_dirty_ = true;
  const bool marked = next_choices.marks != choices_.marks;
  choices_ = next_choices;
  emit choices_changed();
  if (marked) emit marks_changed();
  if (has_reference()) next();
}

void Session::cancel() {
  stopped_ = true;
  if (reporter_) reporter_->stop();
}

/// Starts the first step that is out of date, or asks the running one to stop where it is itself out of date.
void Session::next() {
  stopped_ = false;
  if (work_ != Work::none) {
    stale_ = true;
    reporter_->stop();
    return;
  }
  if (image_dirty_ && has_reference()) return start(Work::loading);
  if (subject_dirty_ && image_) return start(Work::reading);
  if (edits_dirty_ && subject_) return start(Work::editing);
  if (plan_dirty_ && subject_) return start(Work::planning);
  if (order_dirty_ && planned_) return start(Work::arranging);
  if (reach_dirty_ && planned_) return start(Work::judging);
}

void Session::start(Work work) {
  work_ = work;
  stale_ = false;
  reporter_ = std::make_shared<Reporter>(this, [this](double f, const QString& step) { emit progressed(f, step); });
  const auto reporter = reporter_;
  if (work == Work::loading) {
    image_dirty_ = false;
    subject_dirty_ = true;
    run_beside(pool_, watcher_,
               [load = steps_.load, bytes = reference_, name = reference_name_, crop = choices_.composition.crop] {
                 return load(bytes, name, crop);
               });
  } else if (work == Work::reading) {
    subject_dirty_ = edits_dirty_ = false;
    plan_dirty_ = true;
    run_beside(pool_, watcher_,
               [read = steps_.read, image = image_, adjust = choices_.composition.adjust, options = choices_.read,
                reporter] { return read(image, adjust, options, *reporter); });
  } else if (work == Work::editing) {
    edits_dirty_ = false;
    plan_dirty_ = true;
    run_beside(pool_, watcher_,
               [subject = subject_, options = choices_.read] { return edit_subject(subject, options); });
  } else if (work == Work::planning || work == Work::arranging) {
    start_planning();
  } else {
    reach_dirty_ = false;
    run_beside(pool_, watcher_,
               [judge = steps_.judge, planned = planned_, papers = materials_.papers, parameters = this->parameters(),
                options = choices_.plan, reporter] { return judge(planned, papers, parameters, options, *reporter); });
  }
  emit busy_changed(true);
}

void Session::start_planning() {
  const auto& image = subject_->image;
  const plan::PlanOptions options = options_for(choices_, static_cast<double>(image.width) / image.height);
  const auto reporter = reporter_;
  const optics::Parameters parameters = this->parameters();
  order_dirty_ = false;
  if (work_ == Work::arranging) {
    return run_beside(pool_, watcher_, [planned = planned_, parameters, options, reporter] {
      return arrange_plan(planned, parameters, options, *reporter);
    });
  }
  plan_dirty_ = false;
  reach_dirty_ = true;
  run_beside(pool_, watcher_,
             [plan = steps_.plan, subject = subject_, paper = *materials_.paper(choices_.paper),
              collection = *materials_.collection(choices_.collection), parameters, options,
              reporter] { return plan(subject, paper, collection, parameters, options, *reporter); });
}

/// What was being made and did not come to an end is made again.
void Session::owe(Work work) {
  if (work == Work::loading) image_dirty_ = image_dirty_ || !stale_;
  if (work == Work::reading) subject_dirty_ = true;
  if (work == Work::editing) edits_dirty_ = true;
  if (work == Work::planning) plan_dirty_ = true;
  if (work == Work::arranging) order_dirty_ = true;
  if (work == Work::judging) reach_dirty_ = true;
}

void Session::finished() {
  const Work done = work_;
  const Outcome outcome = watcher_.result();
  work_ = Work::none;
  const auto* error = std::get_if<Error>(&outcome);
  const bool cancelled = error != nullptr && error->code == Error::Code::cancelled;
  if (stale_ || cancelled) {
    owe(done);
    if (stale_ && done == Work::loading && !image_dirty_) take(outcome);
  } else {
    take(outcome);
  }
  if (stopped_ || (error != nullptr && !cancelled && !stale_)) {
    emit busy_changed(false);
    return;
  }
  next();
  if (work_ == Work::none) emit busy_changed(false);
}

void Session::take(const Outcome& outcome) {
  if (const auto* error = std::get_if<Error>(&outcome)) {
    if (!image_) {
      reference_.clear();
      emit reference_changed();
    }
    emit failed(sentence(*error));
    return;
  }
  if (const auto* image = std::get_if<ImagePtr>(&outcome)) image_ = *image;
  if (const auto* subject = std::get_if<SubjectPtr>(&outcome)) {
    subject_ = *subject;
    emit subject_changed();
    if (subject_->refused) emit failed(tr("%1.").arg(words::fact(*subject_->refused)));
  }
  if (const auto* planned = std::get_if<PlannedPtr>(&outcome)) {
    const bool same_passes = planned_ && (*planned)->map.target.data == planned_->map.target.data;
    const bool at_end = !planned_ || cursor_ == static_cast<int>(planned_->plan.passes.size());
    planned_ = *planned;
    if (reach_dirty_ || !same_passes) reach_.reset();
    const int all = static_cast<int>(planned_->plan.passes.size());
    cursor_ = at_end ? all : std::min(cursor_, all);
    lit_pass_ = lit_last_ = 0;
    emit plan_changed();
    emit lit_changed(0);
    emit cursor_changed(cursor_);
  }
  if (const auto* reach = std::get_if<ReachPtr>(&outcome)) {
    reach_ = *reach;
    emit reach_changed();
  }
}

void Session::add_edit(const subject::MassEdit& edit, const QString& text) {
  Choices next = choices_;
  next.read.edits.push_back(edit);
  change(next, text);
}

void Session::take_proven_tray(const std::vector<int>& sticks) {
  Choices next = choices_;
  next.plan.given_tray = sticks;
  change(next, tr("Proven tray"));
}

void Session::edit_collection(const media::Collection& wished, const QString& text) {
  put_sticks(wished, choices_, text);
}

void Session::take_calibration(const media::Collection& sticks, const optics::HandPressure& hand,
                               const plan::RestsOn& rests_on, const QByteArray& readings, const QString& text) {
  emit readings_taken(readings);
  Choices then = choices_;
  then.plan.rests_on = rests_on;
  then.plan.presses = hand;
  put_sticks(sticks, then, text);
}

void Session::put_sticks(const media::Collection& wished, Choices then, const QString& text) {
  const QString id = QString::fromStdString(wished.id);
  const media::Collection* known = materials_.collection(id);
  const auto before = known == nullptr ? std::nullopt : std::optional(*known);
  media::Collection after = wished;
  if (before && choices_.collection == wished.id) {
    // Marks name passes of the present plan, which ends here; what they say is on the paper is kept.
    if (planned_) then.plan.laid = plan::laid_after(planned_->plan, then.plan.laid, then.marks);
    job::forget_passes(then.marks);
    keep_sticks_on_paper(then.plan, *before, after);
    move_sticks(then.plan, *before, after);
  }
  undo_.push(new CollectionCommand(this, before, after, then, text));
}

void Session::put_collection(const std::string& id, const std::optional<media::Collection>& collection,
                             const Choices& choices) {
  auto& all = materials_.collections;
  const auto same = std::find_if(all.begin(), all.end(), [&](const media::Collection& c) { return c.id == id; });
  if (same == all.end() && collection) all.push_back(*collection);
  if (same != all.end() && collection) *same = *collection;
  if (same != all.end() && !collection) all.erase(same);
  emit collection_changed(QString::fromStdString(id));
  if (choices.collection == id) plan_dirty_ = true;
  apply(choices);
}

void Session::set_light(colour::Illuminant light) {
  if (light == light_) return;
  light_ = light;
  emit light_changed();
}

void Session::choose_by_hand(int target, const std::vector<plan::Stroke>& strokes) {
  if (!planned_) return;
  const plan::TargetPlan& t = planned_->plan.targets[static_cast<std::size_t>(target)];
  Choices next = choices_;
  std::erase_if(next.plan.by_hand, [&](const plan::HandChoice& h) { return h.mass == t.mass; });
  if (!strokes.empty()) next.plan.by_hand.push_back({t.mass, strokes});
  change(next, tr("Recipe by hand"));
}

void Session::set_cursor(int passes) {
  if (!planned_) return;
  passes = std::clamp(passes, 0, static_cast<int>(planned_->plan.passes.size()));
  if (passes == cursor_) return;
  cursor_ = passes;
  emit cursor_changed(cursor_);
}

void Session::set_lit_passes(int first, int last) {
  if (first == lit_pass_ && last == lit_last_) return;
  lit_pass_ = first;
  lit_last_ = last;
  emit lit_changed(first);
}

QImage Session::board_after(int passes) const {
  return planned_ ? boards_.after(planned_, choices_.marks, passes, light_) : QImage();
}

}  // namespace yd::app
