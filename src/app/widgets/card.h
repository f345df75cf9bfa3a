// SPDX-License-Identifier: MIT
#pragma once

#include <QAbstractButton>
#include <QFrame>

namespace yd::app {

/// The heading of a card: its title, and a fact at the right. Folded, it is all that is left of the card: a line, or a
/// spine with the title written upwards.
class CardHead : public QAbstractButton {
  Q_OBJECT
 public:
  CardHead(const QString& title, const QString& name, QWidget* parent);
  void set_fact(const QString& fact);
  const QString& fact() const { return fact_; }
  void set_spine(bool on);
  QSize sizeHint() const override;

 protected:
  void paintEvent(QPaintEvent* event) override;
  void changeEvent(QEvent* event) override;

 private:
  QString fact_;
  bool spine_ = false;
};

/// One subject on the bench: a heading and its own rows. The bench opens and folds it.
class Card : public QFrame {
  Q_OBJECT
 public:
  /// `least`: the width it needs beside others, pixels at 96 dots an inch; `name` is the heading's object name.
  /// `scrolls`: what it holds may be taller than the bench.
  Card(const QString& title, const QString& name, QWidget* content, int least, bool scrolls = true);

  static constexpr int kFolded = 28;  ///< pixels of a spine
  int least() const { return least_; }
  int height_wished() const { return height_; }
  /// Open on its own where there is room.
  bool wanted() const { return wanted_; }
  void set_wanted(bool on) { wanted_ = on; }
  bool is_open() const { return open_; }
  CardHead* head() { return head_; }
  void set_fact(const QString& fact) { head_->set_fact(fact); }
  /// Called by the bench. `upwards`: folded, the title is written upwards.
  void show_as(bool open, bool upwards);

 signals:
  /// The artist opens or folds it.
  void asked(bool open);

 protected:
  void paintEvent(QPaintEvent* event) override;
  void resizeEvent(QResizeEvent* event) override;

 private:
  void place();

  CardHead* head_;
  QWidget* body_;
  int least_;
  int height_;
  bool wanted_ = true;
  bool open_ = true;
};

}  // namespace yd::app
