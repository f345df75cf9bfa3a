// SPDX-License-Identifier: MIT
#pragma once

#include <QLineEdit>
#include <QPushButton>
#include <QTableWidget>

#include "models/journal_view.h"
#include "panels/journal_parts.h"
#include "session/keeper.h"
#include "widgets/facts.h"

namespace yd::app {

/// One work of the journal: pictures, facts, sittings, notes, what was kept of it, and what can be done with it.
class WorkDetails : public QWidget {
  Q_OBJECT
 public:
  WorkDetails(Session& session, Keeper& keeper, QWidget* parent = nullptr);
  /// Errors of the journal.
  Status show_work(const QString& id);
  /// As the button does.
  void open() { open_->click(); }

 signals:
  void open_asked(const QString& file);
  /// Its colours are to be borrowed.
  void palette_asked(const QString& file);

 private:
  QLayout* make_buttons();
  void add_note();
  void show_notes(const QList<WorkView::NoteRow>& notes);
  void take_out();

  Session& session_;
  Keeper& keeper_;
  QString id_;
  QString file_;
  QLabel* title_;
  QLabel* subject_;
  QLabel* board_;
  Facts* facts_;
  QLabel* sittings_;
  QTableWidget* notes_;
  QLineEdit* note_;
  QListWidget* kept_;
  QPushButton* open_;
  QPushButton* borrow_;
  QPushButton* wear_;
};

}  // namespace yd::app
