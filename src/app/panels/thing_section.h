// SPDX-License-Identifier: MIT
#pragma once

#include <QComboBox>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>

#include "panels/panel_parts.h"
#include "panels/tool.h"
#include "session/session.h"

namespace yd::app {

/// What the artist drew round: a list, one chosen, its name, what it is and how much it matters.
class ThingSection : public QWidget {
  Q_OBJECT
 public:
  explicit ThingSection(Session& session, QWidget* parent = nullptr);
  /// By its place in the choices; -1: none.
  int chosen() const { return list_->currentRow(); }
  void choose(int thing) { list_->setCurrentRow(thing); }
  /// To be named at once.
  void ask_name();

 signals:
  void tool_asked(Tool tool);
  void thing_chosen(int thing);
  /// The mass that is chosen is to become a thing.
  void mass_asked();

 private:
  void name_parts();
  void lay_out();
  void refresh();
  void show_thing();
  QString words_of(std::size_t thing) const;
  template <class Change>
  void change(const QString& text, Change&& how);

  Session& session_;
  QListWidget* list_;
  QLineEdit* name_;
  QComboBox* kind_;
  QComboBox* weight_;
  QPushButton* draw_;
  QPushButton* from_mass_;
  QPushButton* too_;
  QPushButton* not_;
  QPushButton* remove_;
  QLabel* about_;
};

}  // namespace yd::app
