// SPDX-License-Identifier: MIT
// The marks of the pass in hand, one group after the other.
#include "exports/pass_words.h"
#include "models/mark_lines.h"
#include "models/overlays.h"
#include "panels/easel_page.h"

namespace yd::app {

void EaselPage::take_groups(int pass) {
  const PlannedPtr planned = session_.planned();
  if (grouped_ != planned || grouped_pass_ != pass) group_ = 0;
  grouped_ = planned;
  grouped_pass_ = pass;
  groups_.clear();
  const auto& marked = planned->plan.marks.passes;
  const bool open = work_.mark_of(pass).state == plan::PassMark::State::open;
  if (open && static_cast<std::size_t>(pass) < marked.size())
    groups_ = plan::groups_of(marked[static_cast<std::size_t>(pass)], planned->plan.targets);
  if (group_ >= groups_.size()) group_ = 0;
}

void EaselPage::next_group() {
  if (work_.chore() >= 0 || group_ + 1 >= groups_.size()) return done();
  ++group_;
  refresh();
}

void EaselPage::group_before() {
  if (group_ == 0 || work_.chore() >= 0) return;
  --group_;
  refresh();
}

/// Where the hand is: all marks of the pass fine, those of the group in hand stronger.
void EaselPage::refresh_group() {
  const PlannedPtr planned = session_.planned();
  Overlay overlay = drawing_aids(session_.choices().composition,
                                 static_cast<double>(planned->subject->image.width) / planned->subject->image.height);
  const plan::MarkGroup none;
  const plan::MarkGroup& now = groups_.empty() ? none : groups_[group_];
  add_marks(planned->plan, grouped_pass_, now.first, now.first + now.count, overlay);
  picture_.set_overlay(overlay);
  if (groups_.empty()) return;
  double left = 0;
  for (std::size_t i = group_; i < groups_.size(); ++i) left += groups_[i].seconds / 60;
  const QString group =
      tr("Now %1 of %2: %3. %4 of marks left in this pass.")
          .arg(group_ + 1)
          .arg(groups_.size())
          .arg(exports::group_words(now, view_of(*planned, planned->parameters)), exports::minutes_words(left));
  words_->mark->setText(group + "\n" + words_->mark->text());
}

}  // namespace yd::app
