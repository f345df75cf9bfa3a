// SPDX-License-Identifier: MIT
#include "widgets/bench.h"

#include <algorithm>

#include "looks/greys.h"

namespace yd::app {
namespace {

constexpr int kLeastHeight = 190;  // of an open card in a column

}  // namespace

Bench::Bench(const QString& name, QWidget* parent) : QWidget(parent) { setObjectName(name); }

Card* Bench::add(Card* card, bool folded) {
  card->setParent(this);
  card->set_wanted(!folded);
  card->setVisible(true);
  cards_.push_back(card);
  recent_.push_back(card);
  connect(card, &Card::asked, this, [this, card](bool open) { take_in_hand(card, open); });
  arrange();
  return card;
}

void Bench::take(Card* card) {
  disconnect(card, &Card::asked, this, nullptr);
  std::erase(cards_, card);
  std::erase(recent_, card);
  card->setParent(nullptr);
  arrange();
}

void Bench::set_direction(Qt::Orientation direction) {
  if (direction == direction_) return;
  direction_ = direction;
  arrange();
}

void Bench::open(Card* card) {
  if (card->is_open()) return;
  take_in_hand(card, true);
}

void Bench::take_in_hand(Card* card, bool open) {
  card->set_wanted(open);
  const auto at = std::find(recent_.begin(), recent_.end(), card);
  if (open && at != recent_.end()) std::rotate(recent_.begin(), at, at + 1);
  arrange();
}

void Bench::resizeEvent(QResizeEvent*) { arrange(); }

void Bench::arrange() {
  if (cards_.empty()) return;
  const bool across = direction_ == Qt::Horizontal;
  const int n = static_cast<int>(cards_.size());
  int left = (across ? width() : height()) - (n - 1) * kSpace - n * Card::kFolded;
  const auto needs = [&](const Card* c) { return (across ? c->least() : kLeastHeight) - Card::kFolded; };
  std::vector<Card*> open;
  for (Card* c : recent_) {
    // One is always open: an empty bench says nothing.
    if (!c->wanted() || (needs(c) > left && !open.empty())) continue;
    open.push_back(c);
    left -= needs(c);
  }
  const auto is_open = [&](Card* c) { return std::find(open.begin(), open.end(), c) != open.end(); };
  int wishes = 0;
  for (const Card* c : open) wishes += across ? c->least() : c->height_wished();
  int at = 0;
  int rest = std::max(0, left);
  for (Card* c : cards_) {
    const bool on = is_open(c);
    int extent = Card::kFolded;
    if (on) {
      const int wish = across ? c->least() : c->height_wished();
      const int more = wishes > 0 ? static_cast<int>(static_cast<long long>(rest) * wish / wishes) : 0;
      wishes -= wish;
      rest -= more;
      extent += needs(c) + more;
    }
    if (left < 0 && on) extent = std::max(Card::kFolded, extent + left);
    c->setGeometry(across ? QRect(at, 0, extent, height()) : QRect(0, at, width(), extent));
    c->show_as(on, across);
    at += extent + kSpace;
  }
}

}  // namespace yd::app
