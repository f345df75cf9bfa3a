// SPDX-License-Identifier: MIT
#pragma once

#include <QAbstractButton>
#include <QComboBox>
#include <QFile>
#include <QImage>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>
#include <QDragEnterEvent>
#include <QMimeData>
#include <QMouseEvent>
#include <algorithm>
#include <memory>

#include "media/shipped.h"
#include "patience.h"
#include "remembered.h"
#include "window/main_window.h"

namespace yd::trial {

/// A real window over real materials, with its settings and autosave in a folder of its own.
class World {
 public:
  /// `steps` and `advisers`: those of Remembered, or {} where reading, planning and advice are to be seen at work.
  explicit World(app::Steps steps = Remembered::steps(), app::Advisers advisers = Remembered::advisers())
      : session(materials(), std::move(steps)),
        settings(dir.filePath("settings.ini"), QSettings::IniFormat),
        autosave(session, dir.filePath("unsaved")),
        advice(session, std::move(advisers)),
        easel(session, [this] { return now_s; }),
        checker(session),
        keeper(session, dir.filePath("data"), [this] { return now_s; }),
        window(session, advice, checker, keeper, autosave, easel, settings) {
    window.show();
  }
  ~World() { autosave.forget(); }

  /// What ships, with every fifth stick: the window is tried, not the search.
  static app::Materials materials() {
    app::Materials m = app::load_materials().value();
    for (media::Collection& c : m.collections) {
      std::vector<media::Stick> fewer;
      for (std::size_t i = 0; i < c.sticks.size(); i += 5) fewer.push_back(c.sticks[i]);
      c.sticks = std::move(fewer);
    }
    return m;
  }
  /// A demo picture a third as wide: what the window does with it does not hang on its size, and it is read in a tenth
  /// of the time.
  static QString demo(const QString& name) {
    static const QTemporaryDir small;
    const QString file = small.filePath(name);
    if (!QFile::exists(file)) {
      QImage(whole_demo(name))
          .scaled(kPictureSide, kPictureSide, Qt::KeepAspectRatio, Qt::SmoothTransformation)
          .save(file);
    }
    return file;
  }
  static QString whole_demo(const QString& name) {
    return QString::fromStdString((media::data_directory() / "demo").string()) + "/" + name;
  }
  static constexpr int kPictureSide = 480;
  bool open_demo(const QString& name = "salt-works.png") {
    window.files().open_path(demo(name));
    return settle();
  }
  /// Enough for a slow machine under a sanitizer; what hangs is ended by the test's own limit.
  static constexpr int kPatience_ms = patience(300000);
  /// Waits until nothing is being worked out.
  bool settle() {
    return QTest::qWaitFor([this] { return !session.busy() && !window.files().reading(); }, kPatience_ms);
  }
  /// Waits until what the open stage shows is worked out too.
  bool settle_all() {
    return QTest::qWaitFor([this] { return !session.busy() && !advice.busy() && !checker.busy(); }, kPatience_ms) &&
           settle();
  }
  /// At the easel: what comes before the next pass is done.
  void past_chores() {
    while (easel.chore() >= 0) easel.done();
  }
  /// Opens the card with this heading, whatever has to be folded for it.
  void open_card(const char* name) {
    auto* head = find<QAbstractButton>(name);
    if (!head->isChecked()) head->click();
  }
  /// A place on the subject's widget, for a share of the picture (fitted, not zoomed).
  QPoint on_subject(QPointF share) {
    auto* view = find<app::PictureView>("subject_view");
    const auto& image = session.subject()->image;
    const double scale = std::min(view->width() / double(image.width), view->height() / double(image.height));
    const QPointF middle(view->width() / 2.0, view->height() / 2.0);
    return (middle + QPointF((share.x() - 0.5) * image.width * scale, (share.y() - 0.5) * image.height * scale))
        .toPoint();
  }
  /// Draws a line on the subject with the mouse.
  void draw(QPointF from, QPointF to) { draw({from, to}); }
  void draw(const std::vector<QPointF>& path) {
    auto* view = find<app::PictureView>("subject_view");
    QTest::mousePress(view, Qt::LeftButton, {}, on_subject(path.front()));
    for (std::size_t i = 1; i < path.size(); ++i) {
      const QPointF to = on_subject(path[i]);
      QMouseEvent move(QEvent::MouseMove, to, view->mapToGlobal(to), Qt::LeftButton, Qt::LeftButton, {});
      QCoreApplication::sendEvent(view, &move);
    }
    QTest::mouseRelease(view, Qt::LeftButton, {}, on_subject(path.back()));
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
  std::int64_t now_s = 1'000'000;
  app::EaselWork easel;
  app::Checker checker;
  app::Keeper keeper;
  app::MainWindow window;
};

inline void drop(QWidget& window, const QString& file) {
  QMimeData mime;
  mime.setUrls({QUrl::fromLocalFile(file)});
  QDragEnterEvent enter(QPoint(50, 50), Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
  QApplication::sendEvent(&window, &enter);
  QVERIFY(enter.isAccepted());
  QDropEvent event(QPointF(50, 50), Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
  QApplication::sendEvent(&window, &event);
}

inline void click(World& w, const char* name) { w.find<QAbstractButton>(name)->click(); }

inline void choose(World& w, const char* name, int row) {
  auto* box = w.find<QComboBox>(name);
  box->setCurrentIndex(row);
  emit box->activated(row);
}

}  // namespace yd::trial
