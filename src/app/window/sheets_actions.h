// SPDX-License-Identifier: MIT
#pragma once

#include <QFileDialog>
#include <QObject>
#include <QStackedWidget>

#include "panels/box_page.h"
#include "panels/collection_page.h"
#include "panels/help_page.h"
#include "panels/import_page.h"
#include "panels/keys_page.h"
#include "panels/offcut_page.h"
#include "panels/school_page.h"
#include "session/advice.h"
#include "session/school_costs.h"
#include "widgets/notice_bar.h"
#include "widgets/sheet_view.h"
#include "window/stages.h"

namespace yd::app {

/// The pages that take the pictures' place for a while: papers, offcuts, a collection, an import. Also export.
class SheetsActions : public QObject {
  Q_OBJECT
 public:
  SheetsActions(Session& session, Advice& advice, Stages& stages, NoticeBar& notice, QStackedWidget& centre);
  /// Reads a palette file and shows what it holds.
  void import_file(const QString& file);
  void show_keys(const QList<KeyGroup>& groups);
  void show_help(HelpTopic topic);
  /// Leaves the pages that are only read, help and keys; whether there was one.
  bool stop_reading();
  void show_box();
  BoxPage& box() { return *box_; }
  /// What a page shows is still being read or worked out.
  bool busy() const { return box_->reader().busy() || costs_.busy(); }
  Status export_to(const QString& file, const QString& collection);

 signals:
  void help_closed();

 private:
  void show_papers();
  void show_offcuts();
  void show_schools();
  void tell_costs();
  void show_cells(const QString& title, const QList<SheetCell>& cells, int across);
  void back();
  void tell_not_at_hand(int row, const QString& name, bool owned);
  /// Works with it from now on, and shows it.
  void take_collection(const QString& id);
  void import_dialog();
  void export_dialog(const QString& collection);

  Session& session_;
  Advice& advice_;
  NoticeBar& notice_;
  QStackedWidget& centre_;
  SheetView* sheet_;
  CollectionPage* collection_;
  ImportPage* import_;
  BoxPage* box_;
  SchoolPage* schools_;
  SchoolCosts costs_;
  KeysPage* keys_;
  HelpPage* help_;
  OffcutPage* offcuts_;
  enum class Shown { nothing, papers, offcuts };
  Shown shown_ = Shown::nothing;
};

}  // namespace yd::app
