// SPDX-License-Identifier: MIT
#pragma once

#include <QPushButton>

#include "panels/journal_parts.h"
#include "session/keeper.h"
#include "widgets/facts.h"

namespace yd::app {

/// What unfinished works take of each stick, and what to get.
class StockSection : public QWidget {
  Q_OBJECT
 public:
  StockSection(Session& session, Keeper& keeper, QWidget* parent = nullptr);
  void refresh();

 private:
  Session& session_;
  Keeper& keeper_;
  QListWidget* stock_;
  QLabel* shopping_;
};

/// The artist's own times against the plan's, and the hands that were measured.
class TimesSection : public QWidget {
  Q_OBJECT
 public:
  TimesSection(Session& session, Keeper& keeper, QWidget* parent = nullptr);
  void refresh();

 private:
  Session& session_;
  Keeper& keeper_;
  Facts* pace_;
  QLabel* pace_words_;
  QPushButton* take_pace_;
  QLabel* hands_;
};

}  // namespace yd::app
