// SPDX-License-Identifier: MIT
#include "window/file_actions.h"

#include <QFileDialog>
#include <QFileInfo>
#include <QLocale>
#include <QtConcurrentRun>
#include <nlohmann/json.hpp>
#include <utility>

#include "formats/project.h"
#include "formats/thumbnail.h"
#include "pictures/pictures.h"
#include "session/sentences.h"

namespace yd::app {
namespace {

constexpr int kMostRecent = 8;

bool is_project(const QString& file) { return file.endsWith(".dune", Qt::CaseInsensitive); }

}  // namespace

FileActions::FileActions(Session& session, Autosave& autosave, NoticeBar& notice, QSettings& settings, QWidget* window)
    : QObject(window), session_(session), autosave_(autosave), notice_(notice), settings_(settings), window_(window) {
  connect(&session_.undo_stack(), &QUndoStack::cleanChanged, this, &FileActions::title_changed);
  connect(&reading_, &QFutureWatcher<std::shared_ptr<Read>>::finished, this, &FileActions::finish_reading);
}

FileActions::~FileActions() {
  reading_.disconnect(this);
  reading_.waitForFinished();
}

void FileActions::fill_menu(QMenu& menu) {
  menu.addAction(tr("Open…"), QKeySequence::Open, this, &FileActions::open_dialog);
  recent_ = menu.addMenu(tr("Recent"));
  recent_->setObjectName("recent");
  menu.addSeparator();
  menu.addAction(tr("Save"), QKeySequence::Save, this, &FileActions::save);
  menu.addAction(tr("Save as…"), QKeySequence::SaveAs, this, &FileActions::save_as);
  menu.addSeparator();
  menu.addAction(tr("Close the window"), QKeySequence::Quit, window_, &QWidget::close);
  fill_recent();
}

bool FileActions::modified() const {
  return session_.has_reference() && (unsaved_ || !session_.undo_stack().isClean());
}

QString FileActions::title() const {
  if (!session_.has_reference()) return "Yawning Dune";
  const QString name = file_.isEmpty() ? session_.reference_name() : QFileInfo(file_).fileName();
  return (modified() ? "• " : "") + name + " — Yawning Dune";
}

void FileActions::set_file(const QString& file, bool unsaved) {
  file_ = file;
  unsaved_ = unsaved;
  recovered_ = false;
  saved_at_ = file.isEmpty() ? QDateTime() : QFileInfo(file).lastModified();
  emit title_changed();
}

/// A picture that was only opened is on the disk; what was chosen, or brought back, may be nowhere else.
bool FileActions::work_at_stake() const {
  return session_.has_reference() && (!session_.undo_stack().isClean() || recovered_ || (unsaved_ && !file_.isEmpty()));
}

void FileActions::when_nothing_is_at_stake(const QString& action, std::function<void()> then) {
  if (!work_at_stake()) return then();
  notice_.ask(tr("%1 has changes that are not saved.").arg(session_.reference_name()), action, std::move(then));
}

void FileActions::open_path(const QString& file) {
  when_nothing_is_at_stake(tr("Open without saving"), [this, file] { load(file); });
}

/// Disks may be slow and projects large: they are read while the window goes on. The latest wish wins.
void FileActions::load(const QString& file) {
  const bool project = is_project(file);
  start_reading(file, [file, project]() -> Read {
    if (!project) return pictures::read_bytes(file);
    return formats::load_project(file);
  });
}

void FileActions::start_reading(const QString& file, const std::function<Read()>& read) {
  reading_file_ = file;
  bringing_back_.clear();  // the latest wish wins
  emit reading_changed(tr("Opening %1").arg(QFileInfo(file).fileName()));
  reading_.setFuture(QtConcurrent::run(&pool_, [read] { return std::make_shared<Read>(read()); }));
}

void FileActions::finish_reading() {
  emit reading_changed({});
  const QString file = std::exchange(reading_file_, {});
  const QString copy = std::exchange(bringing_back_, {});
  const std::shared_ptr<Read> read = reading_.result();
  session_.read_files().note(file);
  if (auto* bytes = std::get_if<Result<QByteArray>>(read.get())) {
    if (!*bytes) return refuse(bytes->error());
    notice_.hide();
    session_.open_picture(bytes->value(), QFileInfo(file).fileName());
    set_file({}, true);
    return remember(file);
  }
  auto& project = std::get<Result<formats::Project>>(*read);
  if (!project) return refuse_project(project.error(), copy);
  notice_.hide();
  session_.open_project(std::move(project).value());
  set_file(copy.isEmpty() ? file : QString(), !copy.isEmpty());
  if (copy.isEmpty()) return remember(file);
  recovered_ = true;
  autosave_.adopt(copy);
  emit title_changed();
}

void FileActions::refuse(const Error& error) {
  notice_.show_sentence(sentence(error));
  emit refused(sentence(error));
}

void FileActions::refuse_project(const Error& error, const QString& copy) {
  if (copy.isEmpty()) return refuse(error);
  notice_.ask(sentence(error), tr("Throw it away"), [copy] { Autosave::discard(copy); });
}

bool FileActions::save_path(const QString& file) {
  // A project may be saved over a project, but not over the picture it is about.
  if (const Status may = session_.read_files().may_write(file); !may && !is_project(file)) {
    notice_.show_sentence(sentence(may.error()));
    return false;
  }
  formats::Project project = session_.project();
  if (session_.planned()) project.thumbnail = formats::thumbnail_bytes(session_.planned()->finished);
  const Status status = formats::save_project(file, project, session_.plan_copy());
  if (!status) {
    notice_.show_sentence(sentence(status.error()));
    return false;
  }
  session_.undo_stack().setClean();
  autosave_.forget();
  set_file(file, false);
  saved_at_ = QFileInfo(file).lastModified();
  remember(file);
  emit saved(QFileInfo(file).absoluteFilePath());
  return true;
}

void FileActions::save() {
  if (!session_.has_reference()) return;
  if (file_.isEmpty()) return save_as();
  const QFileInfo now(file_);
  if (!now.exists() || now.lastModified() == saved_at_) return static_cast<void>(save_path(file_));
  notice_.ask(tr("%1 was changed by another window or program since it was opened here.").arg(now.fileName()),
              tr("Save over it"), [this] { save_path(file_); });
}

void FileActions::save_as() {
  if (!session_.has_reference()) return;
  auto* dialog = new QFileDialog(window_, tr("Save the project"), {}, tr("Yawning Dune project (*.dune)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setAcceptMode(QFileDialog::AcceptSave);
  dialog->setDefaultSuffix("dune");
  dialog->selectFile(file_.isEmpty() ? QFileInfo(session_.reference_name()).completeBaseName() + ".dune" : file_);
  connect(dialog, &QFileDialog::fileSelected, this, &FileActions::save_path);
  dialog->open();
}

void FileActions::open_dialog() {
  auto* dialog =
      new QFileDialog(window_, tr("Open a picture or a project"), {},
                      tr("Pictures and projects (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.bmp *.dune);;All files (*)"));
  dialog->setAttribute(Qt::WA_DeleteOnClose);
  dialog->setFileMode(QFileDialog::ExistingFile);
  connect(dialog, &QFileDialog::fileSelected, this, &FileActions::open_path);
  dialog->open();
}

void FileActions::remember(const QString& file) {
  QStringList list = recent();
  const QString full = QFileInfo(file).absoluteFilePath();
  list.removeAll(full);
  list.prepend(full);
  settings_.setValue("recent", QStringList(list.mid(0, kMostRecent)));
  fill_recent();
}

void FileActions::fill_recent() {
  if (recent_ == nullptr) return;
  recent_->clear();
  for (const QString& file : recent()) {
    recent_->addAction(QFileInfo(file).fileName(), this, [this, file] { open_path(file); })->setToolTip(file);
  }
  recent_->setEnabled(!recent_->isEmpty());
}

bool FileActions::may_close(const std::function<void()>& close) {
  if (!work_at_stake()) {
    autosave_.forget();
    return true;
  }
  when_nothing_is_at_stake(tr("Close without saving"), [this, close] {
    session_.undo_stack().setClean();
    unsaved_ = recovered_ = false;
    autosave_.forget();
    close();
  });
  return false;
}

void FileActions::offer_recovery() {
  for (const QString& aside : autosave_.put_aside())
    notice_.show_sentence(
        tr("Work that could not be brought back twice was put aside, so that it ends no window more: %1").arg(aside));
  const QStringList left = autosave_.left_behind();
  if (left.isEmpty()) return;
  const QString& copy = left.first();
  const QString when = QLocale().toString(QFileInfo(copy).lastModified(), QLocale::ShortFormat);
  const QString text =
      left.size() == 1
          ? tr("Work of %1 was not saved when the program ended; it was kept.").arg(when)
          : tr("Work of %1 was not saved when the program ended; it was kept (1 of %2).").arg(when).arg(left.size());
  notice_.ask(
      text, tr("Bring it back"),
      [this, copy] { when_nothing_is_at_stake(tr("Open without saving"), [this, copy] { bring_back(copy); }); },
      [this, copy] {
        Autosave::discard(copy);
        offer_recovery();
      },
      tr("Throw it away"));
}

void FileActions::bring_back(const QString& copy) {
  start_reading(copy, [copy]() -> Read { return Autosave::read(copy); });
  bringing_back_ = copy;
}

}  // namespace yd::app
