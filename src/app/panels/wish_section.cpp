// SPDX-License-Identifier: MIT
#include "panels/wish_section.h"

#include <QGridLayout>
#include <QLabel>
#include <QSignalBlocker>
#include <algorithm>
#include <array>
#include <cmath>

namespace yd::app {
namespace {

constexpr int kFewestPasses = 3;  // one below stands for any number
constexpr int kMostPasses = 60;
constexpr std::array<int, 10> kMinutes{0, 30, 60, 90, 120, 180, 240, 360, 600, 1200};
constexpr std::array<double, 3> kHands{0.05, 0.15, 0.25};

/// The entry nearest to a value; the first where it is 0.
template <class List>
int nearest(const List& list, double value) {
  const auto found = std::min_element(list.begin(), list.end(), [&](auto p, auto q) {
    return std::abs(static_cast<double>(p) - value) < std::abs(static_cast<double>(q) - value);
  });
  return static_cast<int>(found - list.begin());
}

}  // namespace

WishSection::WishSection(Session& session, QWidget* parent)
    : QWidget(parent), session_(session), time_(new QComboBox), passes_(new QSpinBox), hand_(new QComboBox) {
  time_->setObjectName("wish_time");
  time_->setAccessibleName(tr("How long"));
  time_->addItems({tr("As long as it takes"), tr("A sketch, 30 min"), tr("1 hour"), tr("1 1/2 hours"), tr("2 hours"),
                   tr("3 hours"), tr("4 hours"), tr("6 hours"), tr("10 hours"), tr("20 hours")});
  passes_->setObjectName("wish_passes");
  passes_->setAccessibleName(tr("Passes"));
  passes_->setRange(kFewestPasses - 1, kMostPasses);
  passes_->setSpecialValueText(tr("as needed"));
  passes_->setKeyboardTracking(false);
  hand_->setObjectName("wish_hand");
  hand_->setAccessibleName(tr("Hand"));
  hand_->addItems({tr("steady"), tr("usual"), tr("unsteady")});
  hand_->setToolTip(
      tr("How far off a pressure is: by 5, 15 or 25 %. Recipes are chosen so that this does little harm."));
  auto* grid = new QGridLayout(this);
  grid->setContentsMargins(0, 0, 0, 0);
  grid->setHorizontalSpacing(8);
  grid->setVerticalSpacing(4);
  grid->setColumnStretch(1, 1);
  const std::array<std::pair<QString, QWidget*>, 3> rows{
      {{tr("How long"), time_}, {tr("Passes, at most"), passes_}, {tr("Hand"), hand_}}};
  for (std::size_t i = 0; i < rows.size(); ++i) {
    auto* label = new QLabel(rows[i].first);
    label->setBuddy(rows[i].second);
    grid->addWidget(label, static_cast<int>(i), 0);
    grid->addWidget(rows[i].second, static_cast<int>(i), 1);
  }
  connect(time_, &QComboBox::activated, this, [this](int i) {
    const int minutes = kMinutes[static_cast<std::size_t>(i)];
    change([&](plan::PlanOptions& o) { o.wish_minutes = minutes > 0 ? std::optional<double>(minutes) : std::nullopt; });
  });
  connect(passes_, &QSpinBox::valueChanged, this, [this](int passes) {
    change(
        [&](plan::PlanOptions& o) { o.wish_passes = passes >= kFewestPasses ? std::optional(passes) : std::nullopt; });
  });
  connect(hand_, &QComboBox::activated, this,
          [this](int i) { change([&](plan::PlanOptions& o) { o.hand = kHands[static_cast<std::size_t>(i)]; }); });
  connect(&session_, &Session::choices_changed, this, &WishSection::refresh);
  refresh();
}

void WishSection::change(const std::function<void(plan::PlanOptions&)>& how) {
  Choices c = session_.choices();
  how(c.plan);
  session_.change(c, tr("What is wished of the plan"), Merge::wishes);
}

void WishSection::refresh() {
  const plan::PlanOptions& o = session_.choices().plan;
  const QSignalBlocker quiet(passes_);
  time_->setCurrentIndex(nearest(kMinutes, o.wish_minutes.value_or(0)));
  passes_->setValue(o.wish_passes.value_or(kFewestPasses - 1));
  hand_->setCurrentIndex(nearest(kHands, o.hand));
}

}  // namespace yd::app
