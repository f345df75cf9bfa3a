#pragma once

#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>
#include <memory>

#include "media/shipped.h"
#include "window/main_window.h"

namespace yd::trial {

/// A real window over real materials, with its settings and autosave in a folder of its own.
class World {
 public:
  World()
      : session(app::load_materials().value()),
        settings(dir.filePath("settings.ini"), QSettings::IniFormat),
        autosave(session, dir.filePath("unsaved.dune")),
        advice(session),
        window(session, advice, autosave, settings) {
    window.show();
  }
  ~World() {
    session.undo_stack().setClean();
    autosave.forget();
  }

  static QString demo(const QString& name) {
    return QString::fromStdString((media::data_directory() / "demo").string()) + "/" + name;
  }
  bool open_demo(const QString& name = "salt-works.png") {
    window.files().open_path(demo(name));
    return settle();
  }
  /// Waits until nothing is being worked out.
  bool settle() {
    return QTest::qWaitFor([this] { return !session.busy(); }, 60000);
  }
  template <class T>
  T* find(const char* name) {
    return window.findChild<T*>(name);
  }

  QTemporaryDir dir;
  app::Session session;
  QSettings settings;
  app::Autosave autosave;
  app::Advice advice;
  app::MainWindow window;
};

}  // namespace yd::trial
