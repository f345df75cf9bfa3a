#include "window/file_actions.h"

#include <QFileDialog>
#include <QFileInfo>

#include "formats/project.h"
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
  emit title_changed();
}

void FileActions::open_path(const QString& file) {
  if (!modified() || (file_.isEmpty() && session_.undo_stack().isClean())) return load(file);
  notice_.ask(tr("%1 has changes that are not saved.").arg(session_.reference_name()), tr("Open without saving"),
              [this, file] { load(file); });
}

void FileActions::load(const QString& file) {
  if (is_project(file)) return load_project(file, file);
  const auto bytes = pictures::read_bytes(file);
  if (!bytes) return notice_.show_sentence(sentence(bytes.error()));
  notice_.hide();
  session_.open_picture(bytes.value(), QFileInfo(file).fileName());
  set_file({}, true);
  remember(file);
}

void FileActions::load_project(const QString& file, const QString& shown_as) {
  auto project = formats::load_project(file);
  if (!project) return notice_.show_sentence(sentence(project.error()));
  notice_.hide();
  session_.open_project(std::move(project).value());
  set_file(shown_as, shown_as.isEmpty());
  if (!shown_as.isEmpty()) remember(shown_as);
}

bool FileActions::save_path(const QString& file) {
  const Status status = formats::save_project(file, session_.project(), session_.plan_copy());
  if (!status) {
    notice_.show_sentence(sentence(status.error()));
    return false;
  }
  session_.undo_stack().setClean();
  autosave_.forget();
  set_file(file, false);
  remember(file);
  return true;
}

void FileActions::save() {
  if (!session_.has_reference()) return;
  if (file_.isEmpty()) return save_as();
  save_path(file_);
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
  QStringList list = settings_.value("recent").toStringList();
  const QString full = QFileInfo(file).absoluteFilePath();
  list.removeAll(full);
  list.prepend(full);
  settings_.setValue("recent", QStringList(list.mid(0, kMostRecent)));
  fill_recent();
}

void FileActions::fill_recent() {
  if (recent_ == nullptr) return;
  recent_->clear();
  for (const QString& file : settings_.value("recent").toStringList()) {
    recent_->addAction(QFileInfo(file).fileName(), this, [this, file] { open_path(file); })->setToolTip(file);
  }
  recent_->setEnabled(!recent_->isEmpty());
}

bool FileActions::may_close(const std::function<void()>& close) {
  const bool edited = !session_.undo_stack().isClean();
  if (!session_.has_reference() || (!edited && !(unsaved_ && !file_.isEmpty()))) {
    autosave_.forget();
    return true;
  }
  notice_.ask(tr("%1 has changes that are not saved.").arg(session_.reference_name()), tr("Close without saving"),
              [this, close] {
                session_.undo_stack().setClean();
                unsaved_ = false;
                autosave_.forget();
                close();
              });
  return false;
}

void FileActions::offer_recovery() {
  const QString left = autosave_.left_behind();
  if (left.isEmpty()) return;
  notice_.ask(
      tr("The last session ended without saving; its work was kept."), tr("Bring it back"),
      [this, left] { load_project(left, {}); }, [this] { autosave_.forget(); });
}

}  // namespace yd::app
