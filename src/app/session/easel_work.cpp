// SPDX-License-Identifier: MIT
#include "session/easel_work.h"

#include <algorithm>

#include "session/order_edits.h"

namespace yd::app {

using State = plan::PassMark::State;

namespace {

/// A chore as marks know it: its kind and the how manieth of it, so that it is found again in another plan.
std::string chore_key(const std::vector<plan::Passage>& passages, std::size_t at) {
  const auto same = std::count_if(passages.begin(), passages.begin() + static_cast<std::ptrdiff_t>(at),
                                  [&](const plan::Passage& p) { return p.kind == passages[at].kind; });
  return std::string(kChoreMark) + plan::name(passages[at].kind) + "/" + std::to_string(same + 1);
}

}  // namespace

EaselWork::EaselWork(Session& session, std::function<std::int64_t()> now_s, QObject* parent)
    : QObject(parent), session_(session), now_s_(std::move(now_s)) {
  connect(&session_, &Session::plan_changed, this, &EaselWork::follow_plan);
  connect(&session_, &Session::marks_changed, this, &EaselWork::changed);
  follow_plan();
}

int EaselWork::passes() const {
  const PlannedPtr planned = session_.planned();
  return planned ? static_cast<int>(planned->plan.passes.size()) : 0;
}

void EaselWork::follow_plan() {
  shown_ = session_.planned() ? next_open() : -1;
  begin_clock();
  emit changed();
}

int EaselWork::next_open() const {
  const PlannedPtr planned = session_.planned();
  if (!planned) return -1;
  for (int i = 0; i < passes(); ++i) {
    if (!planned->plan.passes[static_cast<std::size_t>(i)].laid && mark_of(i).state == State::open) return i;
  }
  return passes();
}

plan::PassMark EaselWork::mark_of(int place) const {
  const PlannedPtr planned = session_.planned();
  if (!planned || place < 0 || place >= passes()) return {};
  const plan::Pass& p = planned->plan.passes[static_cast<std::size_t>(place)];
  if (p.laid) {
    const auto& l = planned->options.laid[static_cast<std::size_t>(place)];
    return {plan::signature(p), p.skipped ? State::skipped : State::done, l.note, l.at_s, 0};
  }
  const std::string key = plan::signature(p);
  const auto& marks = session_.choices().marks;
  const auto found = std::find_if(marks.begin(), marks.end(), [&](const plan::PassMark& m) { return m.pass == key; });
  return found == marks.end() ? plan::PassMark{key, State::open, {}, 0, 0} : *found;
}

int EaselWork::count_done() const {
  int out = 0;
  for (int i = 0; i < passes(); ++i) out += mark_of(i).state == State::open ? 0 : 1;
  return out;
}

void EaselWork::show_pass(int place) {
  const int to = std::clamp(place, 0, passes());
  if (!session_.planned() || to == shown_) return;
  shown_ = to;
  begin_clock();
  emit changed();
}

void EaselWork::set_mark(const plan::PassMark& mark, const QString& text) {
  Choices next = session_.choices();
  std::erase_if(next.marks, [&](const plan::PassMark& m) { return m.pass == mark.pass; });
  if (mark.state != State::open || !mark.note.empty()) next.marks.push_back(mark);
  session_.change(next, text);
}

int EaselWork::chore() const {
  const PlannedPtr planned = session_.planned();
  if (!planned || shown_ < 0 || shown_ != next_open()) return -1;
  const auto& passages = planned->guide.passages;
  for (std::size_t i = 0; i < passages.size(); ++i) {
    if (passages[i].has_passes() || passages[i].first != shown_) continue;
    if (!is_marked(chore_key(passages, i))) return static_cast<int>(i);
  }
  return -1;
}

int EaselWork::passages_done() const {
  const PlannedPtr planned = session_.planned();
  if (!planned) return 0;
  if (const int c = chore(); c >= 0) return c;
  const int at = planned->guide.passage_of(std::min(shown_, passes() - 1));
  return shown_ >= passes() ? static_cast<int>(planned->guide.passages.size()) : std::max(0, at);
}

bool EaselWork::is_marked(const std::string& key) const {
  const auto& marks = session_.choices().marks;
  return std::any_of(marks.begin(), marks.end(),
                     [&](const plan::PassMark& m) { return m.pass == key && m.state != State::open; });
}

void EaselWork::done() { close(State::done, tr("Pass done")); }
void EaselWork::skip() { close(State::skipped, tr("Pass left out")); }

void EaselWork::close(State state, const QString& text) {
  const int c = chore();
  if (c < 0) return close_pass(state, text);
  const std::string key = chore_key(session_.planned()->guide.passages, static_cast<std::size_t>(c));
  set_mark({key, state, {}, now_s_(), static_cast<double>(running_s()) / 60.0},
           state == State::done ? tr("Step done") : tr("Step left out"));
  begin_clock();
}

void EaselWork::close_pass(State state, const QString& text) {
  plan::PassMark m = mark_of(shown_);
  if (m.pass.empty()) return;
  if (m.state == State::open) {
    m.state = state;
    m.at_s = now_s_();
    m.minutes = static_cast<double>(running_s()) / 60.0;
    set_mark(m, text);
  }
  show_pass(shown_ + 1);
}

void EaselWork::open_again() {
  plan::PassMark m = mark_of(shown_);
  const PlannedPtr planned = session_.planned();
  if (m.pass.empty() || planned->plan.passes[static_cast<std::size_t>(shown_)].laid) return;
  m.state = State::open;
  set_mark(m, tr("Pass open again"));
}

void EaselWork::note(const QString& text) {
  plan::PassMark m = mark_of(shown_);
  if (m.pass.empty() || m.note == text.toStdString()) return;
  if (session_.planned()->plan.passes[static_cast<std::size_t>(shown_)].laid) return;
  m.note = text.toStdString();
  set_mark(m, tr("Note"));
}

void EaselWork::substitute(int stick) {
  const PlannedPtr planned = session_.planned();
  if (!planned || shown_ < 0 || shown_ >= passes()) return;
  const plan::Pass& p = planned->plan.passes[static_cast<std::size_t>(shown_)];
  if (p.kind != plan::PassKind::stroke) return;
  session_.change(with_substitute(*planned, session_.choices(), p.stick, stick), tr("Another stick"));
}

std::int64_t EaselWork::running_s() const { return before_s_ + (paused_ ? 0 : since_begun_s()); }

/// A clock that is set back in between takes no time away.
std::int64_t EaselWork::since_begun_s() const { return std::max<std::int64_t>(0, now_s_() - since_s_); }

void EaselWork::begin_clock() {
  before_s_ = 0;
  since_s_ = now_s_();
}

void EaselWork::pause(bool on) {
  if (on == paused_) return;
  if (on) before_s_ += since_begun_s();
  since_s_ = now_s_();
  paused_ = on;
  emit changed();
}

std::vector<EaselWork::Drying> EaselWork::drying() const {
  std::vector<Drying> out;
  const PlannedPtr planned = session_.planned();
  for (int i = 0; i < passes(); ++i) {
    const plan::Pass& p = planned->plan.passes[static_cast<std::size_t>(i)];
    const plan::PassMark m = mark_of(i);
    if (p.dry_minutes <= 0 || m.state != State::done) continue;
    const auto all = static_cast<std::int64_t>(p.dry_minutes * 60);
    const std::int64_t left = std::min(all, m.at_s + all - now_s_());  // with the clock set back: all of it
    const bool flammable =
        p.kind == plan::PassKind::fix ||
        (p.underpaint >= 0 &&
         plan::facts(planned->plan.coats[static_cast<std::size_t>(p.underpaint)].how.medium).flammable);
    if (left > 0) out.push_back({i, left, flammable});
  }
  return out;
}

}  // namespace yd::app
