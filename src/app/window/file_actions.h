// SPDX-License-Identifier: MIT
#pragma once

#include <QAction>
#include <QDateTime>
#include <QFutureWatcher>
#include <QMenu>
#include <QObject>
#include <QSettings>
#include <QThreadPool>
#include <functional>
#include <memory>
#include <variant>

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
  ~FileActions() override;

  void fill_menu(QMenu& menu);
  /// Opens a picture or a project; asks first where unsaved work would go.
  void open_path(const QString& file);
  bool save_path(const QString& file);
  /// False where unsaved work is in the way; the question then stands in the notice bar.
  bool may_close(const std::function<void()>& close);
  QStringList recent() const { return settings_.value("recent").toStringList(); }
  bool modified() const;
  QString title() const;
  const QString& file() const { return file_; }
  /// A copy that a crash left behind stands in the notice bar, to be brought back or thrown away.
  void offer_recovery();
  bool reading() const { return !reading_file_.isEmpty(); }
  void open_dialog();

 signals:
  void title_changed();
  /// The project lies in this file now: it was opened or saved.
  void saved(const QString& file);
  /// A file could not be opened, and why.
  void refused(const QString& sentence);
  /// What is being read, in words; empty when done.
  void reading_changed(const QString& text);

 private:
  void load(const QString& file);
  using Read = std::variant<Result<QByteArray>, Result<formats::Project>>;

  bool work_at_stake() const;
  /// Does it at once, or asks first.
  void when_nothing_is_at_stake(const QString& action, std::function<void()> then);
  void start_reading(const QString& file, const std::function<Read()>& read);
  void finish_reading();
  void refuse(const Error& error);
  void refuse_project(const Error& error, const QString& copy);
  void bring_back(const QString& copy);
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
  bool recovered_ = false;  ///< brought back and not saved since
  QDateTime saved_at_;      ///< of the file, when it was read or written here
  QString reading_file_;
  QString bringing_back_;  ///< the copy that is being read, or empty
  QThreadPool pool_;
  QFutureWatcher<std::shared_ptr<Read>> reading_;
};

}  // namespace yd::app
