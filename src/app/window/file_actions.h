#pragma once

#include <QAction>
#include <QMenu>
#include <QObject>
#include <QSettings>

#include "session/autosave.h"
#include "session/session.h"
#include "widgets/notice_bar.h"

namespace yd::app {

/// Opening, saving, recent files and what happens to unsaved work. Pictures start a project, `.dune` files continue
/// one.
class FileActions : public QObject {
  Q_OBJECT
 public:
  FileActions(Session& session, Autosave& autosave, NoticeBar& notice, QSettings& settings, QWidget* window);

  void fill_menu(QMenu& menu);
  /// Opens a picture or a project; asks first where unsaved work would go.
  void open_path(const QString& file);
  bool save_path(const QString& file);
  /// False where unsaved work is in the way; the question then stands in the notice bar.
  bool may_close(const std::function<void()>& close);
  bool modified() const;
  QString title() const;
  const QString& file() const { return file_; }
  void offer_recovery();
  void open_dialog();

 signals:
  void title_changed();

 private:
  void load(const QString& file);
  void load_project(const QString& file, const QString& shown_as);
  void save();
  void save_as();
  void remember(const QString& file);
  void fill_recent();
  void set_file(const QString& file, bool unsaved);

  Session& session_;
  Autosave& autosave_;
  NoticeBar& notice_;
  QSettings& settings_;
  QWidget* window_;
  QMenu* recent_ = nullptr;
  QString file_;
  bool unsaved_ = false;
};

}  // namespace yd::app
