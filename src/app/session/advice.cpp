// SPDX-License-Identifier: MIT
#include "session/advice.h"

#include <algorithm>

#include "looks/images.h"
#include "session/reporter.h"
#include "session/sentences.h"
#include "session/work.h"

namespace yd::app {
namespace {

constexpr std::size_t kOffcutPapers = 5;

template <class T>
Result<std::shared_ptr<const T>> shared(Result<T> result) {
  if (!result) return result.error();
  return std::shared_ptr<const T>(std::make_shared<T>(std::move(result).value()));
}

Result<std::shared_ptr<const GroundAdvice>> judge_grounds(const PlannedPtr& planned,
                                                          const std::vector<media::Paper>& papers,
                                                          const optics::Parameters& parameters, const Choices& choices,
                                                          Observer& observer) {
  plan::GroundInput in;
  in.plan = &planned->plan;
  in.subject = planned->subject.get();
  in.papers = papers;
  in.sticks = planned->collection->sticks;
  in.parameters = &parameters;
  in.coat = choices.plan.underpaint.picture;
  in.weights = choices.ground_weights;
  auto ranked = plan::judge_grounds(in, observer);
  if (!ranked) return ranked.error();
  GroundAdvice out;
  out.ranked = std::move(ranked).value();
  out.offcuts = plan::offcut_sheet(in, out.ranked, kOffcutPapers);
  return std::shared_ptr<const GroundAdvice>(std::make_shared<GroundAdvice>(std::move(out)));
}

Result<plan::CoatAdvice> judge_coats(const PlannedPtr& planned, const optics::Parameters& parameters,
                                     Observer& observer) {
  plan::CoatInput in;
  in.plan = &planned->plan;
  in.subject = planned->subject.get();
  in.paper = planned->paper.get();
  in.sticks = planned->collection->sticks;
  in.parameters = &parameters;
  in.rules = {planned->plan.school, planned->options.manner};
  return plan::judge_coats(in, observer);
}

}  // namespace

Advice::Advice(Session& session, QObject* parent) : QObject(parent), session_(session) {
  connect(&watcher_, &QFutureWatcher<Outcome>::finished, this, &Advice::finished);
  connect(&session_, &Session::plan_changed, this, [this] {
    drop();
    next();
  });
  connect(&session_, &Session::choices_changed, this, [this] {
    // Weights change the ranking and nothing else.
    grounds_.reset();
    ask_anew(Need::grounds);
  });
}

Advice::~Advice() {
  if (reporter_) reporter_->stop();
  watcher_.disconnect(this);
  watcher_.waitForFinished();
}

void Advice::ask(std::vector<Need> needs) {
  asked_ = std::move(needs);
  next();
}

void Advice::compare(const Choices& variation) {
  variation_ = variation;
  other_.reset();
  emit changed(Need::other);
  ask_anew(Need::other);
}

/// What is being worked out for it answers an older question.
void Advice::ask_anew(Need need) {
  refused_.erase(need);
  if (running_ == need) {
    stale_ = true;
    reporter_->stop();
  }
  next();
}

void Advice::stop_comparing() {
  variation_.reset();
  other_.reset();
  emit changed(Need::other);
}

QImage Advice::other_board() const {
  if (!other_) return {};
  return other_->finished;
}

void Advice::cancel() {
  if (!reporter_ || !running_) return;
  refused_.insert(*running_);
  reporter_->stop();
}

bool Advice::has(Need need) const {
  switch (need) {
    case Need::grounds:
      return grounds_ != nullptr;
    case Need::coats:
      return coats_ != nullptr;
    case Need::curve:
      return curve_ != nullptr;
    case Need::proof:
      return proof_ != nullptr;
    case Need::other:
      return other_ != nullptr || !variation_;
  }
  return true;
}

void Advice::drop() {
  grounds_.reset();
  coats_.reset();
  curve_.reset();
  proof_.reset();
  other_.reset();
  refused_.clear();
  if (running_) {
    stale_ = true;
    reporter_->stop();
  }
  for (const Need n : {Need::grounds, Need::coats, Need::curve, Need::proof, Need::other}) emit changed(n);
}

void Advice::next() {
  if (running_ || !session_.planned()) return;
  std::vector<Need> order{Need::other};
  order.insert(order.end(), asked_.begin(), asked_.end());
  for (const Need n : order) {
    // With a given tray on a begun sheet there is no table of pairs to ask.
    if ((n == Need::curve || n == Need::proof) && !session_.planned()->plan.work) continue;
    if (!has(n) && refused_.count(n) == 0) return start(n);
  }
}

void Advice::start(Need need) {
  running_ = need;
  stale_ = false;
  reporter_ = std::make_shared<Reporter>(this, [this](double f, const QString& step) { emit progressed(f, step); });
  const auto reporter = reporter_;
  const PlannedPtr planned = session_.planned();
  const optics::Parameters parameters = session_.parameters();
  const Choices choices = session_.choices();
  switch (need) {
    case Need::grounds:
      run_beside(pool_, watcher_, [=, papers = session_.materials().papers] {
        return judge_grounds(planned, papers, parameters, choices, *reporter);
      });
      break;
    case Need::coats:
      run_beside(pool_, watcher_, [=] { return shared(judge_coats(planned, parameters, *reporter)); });
      break;
    case Need::curve:
      run_beside(pool_, watcher_,
                 [=] { return shared(plan::tray_curve(planned->plan.work->problem(), 3, 24, *reporter)); });
      break;
    case Need::proof:
      run_beside(pool_, watcher_, [=] { return shared(plan::prove_tray(*planned->plan.work, {}, *reporter)); });
      break;
    case Need::other:
      run_beside(pool_, watcher_,
                 [=, paper = *session_.materials().paper(variation_->paper), options = variation_->plan] {
                   return plan_subject(planned->subject, paper, *planned->collection, parameters, options, *reporter);
                 });
  }
  emit busy_changed(true);
}

/// A proof that found a better tray on its way: the plan takes it.
void Advice::take_better_tray() {
  const PlannedPtr planned = session_.planned();
  // Where something newer is on its way the proof is of a plan that is gone.
  if (!proof_->improved || !planned->plan.work || session_.busy()) return;
  const auto sticks = planned->plan.work->to_collection(proof_->tray.sticks);
  const auto tray = planned->plan.work->to_collection(planned->plan.work->tray.sticks);
  const bool known = std::all_of(sticks.begin(), sticks.end(),
                                 [&](int s) { return std::find(tray.begin(), tray.end(), s) != tray.end(); });
  if (!known) session_.take_proven_tray(sticks);
}

void Advice::finished() {
  const Need done = *running_;
  const Outcome outcome = watcher_.result();
  running_.reset();
  const auto* error = std::get_if<Error>(&outcome);
  if (error != nullptr && !stale_) {
    refused_.insert(done);
    if (error->code != Error::Code::cancelled) emit failed(sentence(*error));
  }
  if (!stale_ && error == nullptr) {
    if (const auto* v = std::get_if<std::shared_ptr<const GroundAdvice>>(&outcome)) grounds_ = *v;
    if (const auto* v = std::get_if<std::shared_ptr<const plan::CoatAdvice>>(&outcome)) coats_ = *v;
    if (const auto* v = std::get_if<std::shared_ptr<const std::vector<plan::CurvePoint>>>(&outcome)) curve_ = *v;
    if (const auto* v = std::get_if<std::shared_ptr<const plan::TrayProof>>(&outcome)) proof_ = *v;
    if (const auto* v = std::get_if<PlannedPtr>(&outcome); v != nullptr && variation_) other_ = *v;
    emit changed(done);
    if (done == Need::proof) take_better_tray();
  }
  next();
  if (!running_) emit busy_changed(false);
}

}  // namespace yd::app
