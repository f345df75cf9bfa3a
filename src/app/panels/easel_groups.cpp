// SPDX-License-Identifier: MIT
// The marks of the pass in hand, one group after the other.
#include <QSignalBlocker>
#include <algorithm>

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

void EaselPage::play_on() {
  constexpr int kEvery_ms = 250;
  if (since_played_.isValid() && since_played_.elapsed() < kEvery_ms) return;
  since_played_.start();
  if (group_ + 1 < groups_.size()) next_group();
}

QWidget* EaselPage::make_bar() {
  bar_ = new QSlider(Qt::Horizontal);
  bar_->setObjectName("easel_groups");
  bar_->setAccessibleName(tr("Marks of this pass, from the first to the last"));
  bar_->setFocusPolicy(Qt::NoFocus);
  connect(bar_, &QSlider::valueChanged, this, [this](int group) {
    group_ = static_cast<std::size_t>(group);
    refresh();
  });
  closer_ = new QCheckBox(tr("Closer (Z)"));
  closer_->setObjectName("easel_closer");
  closer_->setFocusPolicy(Qt::NoFocus);
  connect(closer_, &QCheckBox::toggled, this, &EaselPage::refresh);
  return bar_;
}

/// The part of the picture that the group lies in, and some of what is round it; the whole where nothing is in hand.
void EaselPage::look_closer(const plan::MarkGroup& group) {
  const PlannedPtr planned = session_.planned();
  const plan::SheetGrid& sheet = planned->plan.marks.grid;
  QRectF box;
  if (closer_->isChecked() && group.count > 0) {
    const auto& marks = planned->plan.marks.passes[static_cast<std::size_t>(grouped_pass_)].marks;
    for (std::size_t i = group.first; i < group.first + group.count; ++i) {
      for (const plan::MarkPoint& p : marks[i].points)
        box |= QRectF(p.x_mm / sheet.width_mm, p.y_mm / sheet.height_mm, 1e-6, 1e-6);
    }
  }
  if (box.isEmpty()) return link_.set_view(0, {0.5, 0.5});
  constexpr double kAroundHand = 0.1, kLeast = 0.25;  // of the picture
  const double w = std::max(kLeast, box.width() + kAroundHand), h = std::max(kLeast, box.height() + kAroundHand);
  const double fit = std::min(1 / w, 1 / h);
  const double whole = std::min(static_cast<double>(picture_.width()) / planned->subject->image.width,
                                static_cast<double>(picture_.height()) / planned->subject->image.height);
  link_.set_view(whole * std::max(1.0, fit), box.center());
}

/// Where the hand is: all marks of the pass fine, those of the group in hand stronger.
void EaselPage::refresh_group() {
  const PlannedPtr planned = session_.planned();
  Overlay overlay = drawing_aids(session_.choices().composition,
                                 static_cast<double>(planned->subject->image.width) / planned->subject->image.height);
  const plan::MarkGroup none;
  const plan::MarkGroup& now = groups_.empty() ? none : groups_[group_];
  add_marks(planned->plan, grouped_pass_, now.first, now.first + now.count, overlay);
  add_numbers(*planned->subject, masses_of(planned->plan, grouped_pass_, grouped_pass_ + 1), overlay);
  picture_.set_overlay(overlay);
  const QSignalBlocker quiet(bar_);
  bar_->setVisible(groups_.size() > 1);
  bar_->setRange(0, std::max(0, static_cast<int>(groups_.size()) - 1));
  bar_->setValue(static_cast<int>(group_));
  look_closer(now);
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
