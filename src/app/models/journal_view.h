// SPDX-License-Identifier: MIT
#pragma once

#include <QImage>
#include <QStringList>

#include "calibrate/pace.h"
#include "journal/journal.h"
#include "looks/shapes.h"
#include "session/pipeline.h"

namespace yd::app {

/// A line of the journal's lists.
struct JournalRow {
  QString key;  ///< id of the work or recipe
  QString title;
  QString line;        ///< second line
  QByteArray picture;  ///< as it was kept: read when it is drawn, for there may be thousands
};
Result<QList<JournalRow>> work_rows(const journal::Journal& journal, const journal::Query& query);
QList<JournalRow> recipe_rows(const std::vector<journal::Recipe>& recipes);

/// A work as it is shown.
struct WorkView {
  QString title;
  QString file;
  QImage subject, board;
  QList<Fact> facts;
  QStringList sittings;
  struct NoteRow {
    qint64 id = 0;
    QString day, text;
  };
  QList<NoteRow> notes;
  QList<JournalRow> recipes, photos;
};
Result<WorkView> view_work(const journal::Journal& journal, const QString& id);

/// A stick with what all unfinished works together take of it.
struct StockRow {
  QString name;
  QColor colour;
  double needed_mm = 0;
  double left_mm = -1;  ///< of what is there; below 0: not in any collection that is here
  bool runs_out = false;
};
QList<StockRow> stock_rows(const std::vector<journal::Use>& uses, const Materials& materials);
/// What to get: what runs out, and what the works ask for next.
QStringList shopping_list(const QList<StockRow>& stock, const std::vector<std::pair<QString, int>>& next);

/// Offcut tests, a line each.
QStringList hand_lines(const std::vector<journal::OffcutTest>& tests);

QList<Fact> pace_facts(const calibrate::PaceFit& fit);

}  // namespace yd::app
