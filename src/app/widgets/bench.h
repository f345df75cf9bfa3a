// SPDX-License-Identifier: MIT
#pragma once

#include <QWidget>
#include <vector>

#include "widgets/card.h"

namespace yd::app {

/// The cards of one stage, side by side or one below the other. As many are open as there is room for, those opened
/// last first; the others show their spines.
class Bench : public QWidget {
  Q_OBJECT
 public:
  explicit Bench(const QString& name, QWidget* parent = nullptr);
  /// At the end; earlier ones are opened before later ones until the artist opens some. `folded`: only when asked for.
  Card* add(Card* card, bool folded = false);
  /// Takes a card off the bench again; it is whoever adds it next whose it is.
  void take(Card* card);
  void set_direction(Qt::Orientation direction);
  /// Opens a card, whatever else has to be folded.
  void open(Card* card);
  const std::vector<Card*>& cards() const { return cards_; }

 protected:
  void resizeEvent(QResizeEvent* event) override;

 private:
  void arrange();
  void take_in_hand(Card* card, bool open);

  std::vector<Card*> cards_;
  std::vector<Card*> recent_;  ///< opened last first
  Qt::Orientation direction_ = Qt::Horizontal;
};

}  // namespace yd::app
