// SPDX-License-Identifier: MIT
#include "session/advice.h"

#include <algorithm>

#include "looks/images.h"
#include "session/reporter.h"
#include "session/sentences.h"
#include "session/work.h"

namespace yd::app {

Advice::Advice(Session& session, Advisers advisers, QObject* parent)
    : QObject(parent), session_(session), advisers_(std::move(advisers)) {
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
    case Need::times:
      return times_ != nullptr;
    case Need::papers:
      return papers_ != nullptr;
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
  times_.reset();
  papers_.reset();
  other_.reset();
  refused_.clear();
  std::erase(asked_, Need::papers);  // whole plans: only when they are asked for
  if (running_) {
    stale_ = true;
    reporter_->stop();
  }
  for (const Need n : {Need::grounds, Need::coats, Need::curve, Need::proof, Need::times, Need::papers, Need::other})
    emit changed(n);
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
  switch (need) {
    case Need::grounds:
      run_beside(pool_, watcher_,
                 [=, grounds = advisers_.grounds, papers = session_.materials().papers, choices = session_.choices()] {
                   return grounds(planned, papers, choices, *reporter);
                 });
      break;
    case Need::coats:
      run_beside(pool_, watcher_, [=, coats = advisers_.coats] { return coats(planned, *reporter); });
      break;
    case Need::curve:
      run_beside(pool_, watcher_, [=, curve = advisers_.curve] { return curve(planned, *reporter); });
      break;
    case Need::proof:
      run_beside(pool_, watcher_, [=, proof = advisers_.proof] { return proof(planned, *reporter); });
      break;
    case Need::times:
      run_beside(pool_, watcher_, [=, times = advisers_.times] { return times(planned, *reporter); });
      break;
    case Need::papers:
      run_beside(pool_, watcher_,
                 [=, tried = advisers_.papers, papers = session_.materials().papers, choices = session_.choices()] {
                   return tried(planned, papers, choices, *reporter);
                 });
      break;
    case Need::other:
      run_beside(pool_, watcher_,
                 [=, other = advisers_.other, paper = *session_.materials().paper(variation_->paper),
                  parameters = session_.parameters(), options = variation_->plan] {
                   return other(planned->subject, paper, *planned->collection, parameters, options, *reporter);
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
    if (const auto* v = std::get_if<GroundsPtr>(&outcome)) grounds_ = *v;
    if (const auto* v = std::get_if<CoatsPtr>(&outcome)) coats_ = *v;
    if (const auto* v = std::get_if<CurvePtr>(&outcome)) curve_ = *v;
    if (const auto* v = std::get_if<ProofPtr>(&outcome)) proof_ = *v;
    if (const auto* v = std::get_if<TimesPtr>(&outcome)) times_ = *v;
    if (const auto* v = std::get_if<PapersPtr>(&outcome)) papers_ = *v;
    if (const auto* v = std::get_if<PlannedPtr>(&outcome); v != nullptr && variation_) other_ = *v;
    emit changed(done);
    if (done == Need::proof) take_better_tray();
  }
  next();
  if (!running_) emit busy_changed(false);
}

}  // namespace yd::app
