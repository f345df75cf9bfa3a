// SPDX-License-Identifier: MIT
#include <QAbstractButton>
#include <QApplication>
#include <QCommandLineParser>
#include <QDateTime>
#include <QStandardPaths>
#include <QTableView>
#include <QTimer>
#include <algorithm>
#include <clocale>

#include "session/keeper.h"
#include "session/own_collections.h"
#include "session/sentences.h"
#include "widgets/style.h"
#include "window/main_window.h"

namespace {

/// Takes a picture of the window once the plan stands (at once where nothing is opened), then ends: for ./demo without
/// a display and for the docs.
struct Shot {
  QString file;
  QString point;
  QString sheet;
  int passage = 0;
  QString photo;   ///< a photograph of the work, or the seed of a simulated one
  int passes = 0;  ///< that are done on it
  bool easel = false;
  int behind = 0;  ///< steps done at the easel
};
void picture_when_ready(yd::app::MainWindow& window, yd::app::Session& session, yd::app::Advice& advice,
                        yd::app::Checker& checker, yd::app::EaselWork& easel, const Shot& shot, bool opened) {
  const auto take = [&window, &easel, shot, file = shot.file, point = shot.point, sheet = shot.sheet,
                     passage = shot.passage] {
    const QStringList xy = point.split(',');
    if (xy.size() == 2) window.point_at({xy[0].toDouble(), xy[1].toDouble()});
    for (const QString& name : sheet.split(',')) {
      auto* button = name.isEmpty() ? nullptr : window.findChild<QAbstractButton*>(name);
      // A card is opened, not folded.
      if (button != nullptr && !(button->isCheckable() && button->isChecked())) button->click();
      if (auto* action = name.isEmpty() ? nullptr : window.findChild<QAction*>(name)) action->trigger();
    }
    if (shot.easel) {
      window.show_easel(true);
      for (int i = 0; i < shot.behind; ++i) easel.done();
    }
    if (passage > 0) {
      if (auto* list = window.findChild<QTableView*>("passages")) list->selectRow(passage - 1);
    }
    // At the easel the mark is drawn as the hand moves; a box may still be read.
    auto* grab = new QTimer(&window);
    QObject::connect(grab, &QTimer::timeout, &window, [&window, file] {
      if (!window.sheets().box().reader().busy()) QCoreApplication::exit(window.grab().save(file) ? 0 : 2);
    });
    grab->start(shot.easel ? 1800 : 400);
  };
  if (!opened) return take();
  const auto when_idle = [&session, &advice, &checker, take, shot] {
    if (session.busy() || advice.busy() || checker.busy() || !session.planned()) return;
    if (shot.photo.isEmpty() || checker.has_photo()) return take();
    checker.set_done(shot.passes);
    bool seed = false;
    const auto number = shot.photo.toULongLong(&seed);
    if (seed) return checker.simulate(number);
    checker.open(shot.photo);
  };
  QObject::connect(&checker, &yd::app::Checker::busy_changed, &window, when_idle, Qt::QueuedConnection);
  QObject::connect(&session, &yd::app::Session::busy_changed, &window, when_idle, Qt::QueuedConnection);
  QObject::connect(&advice, &yd::app::Advice::busy_changed, &window, when_idle, Qt::QueuedConnection);
}

}  // namespace

int main(int argc, char** argv) {
  QApplication application(argc, argv);
  // Qt takes over the system's language with its decimal comma; the parsers of C libraries read a point.
  std::setlocale(LC_NUMERIC, "C");
  QApplication::setApplicationName("Yawning Dune");
  QApplication::setOrganizationName("Yawning Dune");
  QApplication::setApplicationVersion(YD_VERSION);
  QApplication::setDesktopFileName("yawning-dune");
  QCommandLineParser parser;
  parser.addHelpOption();
  parser.addVersionOption();
  parser.addPositionalArgument("FILE", "A picture or a .dune project");
  const QCommandLineOption picture("picture", "Save a picture of the window once it has planned, and end", "FILE");
  const QCommandLineOption stage("stage", "The stage for --picture, 0 to 5; 6: the easel", "N", "0");
  const QCommandLineOption sheet("press", "For --picture: press the buttons of these names first", "NAME,…");
  const QCommandLineOption size("size", "Window size", "WxH", "1280x800");
  const QCommandLineOption point("point", "For --picture: show the colour at this place, shares of the picture", "X,Y");
  const QCommandLineOption dark("dark", "Dark grey scheme");
  const QCommandLineOption contrast("contrast", "Black and white scheme");
  const QCommandLineOption crop("crop", "Crop the picture: left, top, width and height as shares", "X,Y,W,H");
  const QCommandLineOption behind("done", "For --picture at the easel, or on the photograph: this many are done", "N",
                                  "0");
  const QCommandLineOption photo("photo", "For --picture: a photograph of the work, or the seed of a simulated one",
                                 "FILE");
  const QCommandLineOption passage("passage", "For --picture: the passage that is lit, 1 ..", "N", "0");
  const QCommandLineOption school("school", "For --picture: the school, 0 (as advised) to 4", "N", "0");
  const QCommandLineOption mood("mood", "For --picture: mood of the picture, 1 to 5", "N", "0");
  parser.addOptions({mood, crop, behind, photo, passage, school, picture, stage, size, point, dark, contrast, sheet});
  parser.process(application);
  QSettings settings;
  yd::app::Comfort comfort = yd::app::comfort_of(settings);
  if (parser.isSet(dark)) comfort.scheme = yd::app::Scheme::dark;
  if (parser.isSet(contrast)) comfort.scheme = yd::app::Scheme::contrast;
  yd::app::apply_style(application, comfort);

  auto materials = yd::app::load_materials();
  if (!materials) {
    qCritical("%s", qPrintable(yd::app::sentence(materials.error())));
    return 2;
  }
  const QString folder =
      QStandardPaths::writableLocation(QStandardPaths::AppLocalDataLocation) + QStringLiteral("/collections");
  for (const QString& bad : yd::app::OwnCollections::load_into(materials.value(), folder))
    qWarning("%s", qPrintable(bad));
  yd::app::Session session(std::move(materials).value());
  yd::app::Autosave autosave(session,
                             QStandardPaths::writableLocation(QStandardPaths::AppLocalDataLocation) + "/unsaved");
  yd::app::Advice advice(session);
  yd::app::OwnCollections own(session, folder);
  yd::app::EaselWork easel(session, [] { return QDateTime::currentSecsSinceEpoch(); });
  yd::app::Checker checker(session);
  yd::app::Keeper keeper(session, yd::journal::usual_folder(), [] { return QDateTime::currentSecsSinceEpoch(); });
  yd::app::MainWindow window(session, advice, checker, keeper, autosave, easel, settings);
  QObject::connect(&application, &QApplication::aboutToQuit, &keeper, &yd::app::Keeper::flush);
  const QStringList wh = parser.value(size).split('x');
  window.resize(wh.value(0).toInt(), wh.value(1).toInt());
  window.show();
  window.stages().go(static_cast<yd::app::Stage>(std::clamp(parser.value(stage).toInt(), 0, yd::app::kStages - 1)));
  const bool opened = !parser.positionalArguments().isEmpty();
  if (parser.isSet(picture))
    picture_when_ready(window, session, advice, checker, easel,
                       {parser.value(picture), parser.value(point), parser.value(sheet), parser.value(passage).toInt(),
                        parser.value(photo), parser.value(behind).toInt(),
                        parser.value(stage).toInt() >= yd::app::kStages, parser.value(behind).toInt()},
                       opened);
  if (const int wanted = parser.value(school).toInt(); wanted > 0 && wanted <= 4) {
    yd::app::Choices choices = session.choices();
    choices.plan.school = yd::plan::kSchools[static_cast<std::size_t>(wanted - 1)];
    session.apply(choices);
  }
  if (const int wanted = parser.value(mood).toInt(); wanted > 0 && wanted < int(yd::subject::kAllMoods.size())) {
    QObject::connect(
        &session, &yd::app::Session::reference_changed, &window,
        [&session, wanted] {
          yd::app::Choices choices = session.choices();
          choices.read.colours.mood = static_cast<yd::subject::Mood>(wanted);
          session.apply(choices);
        },
        Qt::ConnectionType(Qt::QueuedConnection | Qt::SingleShotConnection));
  }
  if (const QStringList part = parser.value(crop).split(','); part.size() == 4) {
    QObject::connect(
        &session, &yd::app::Session::reference_changed, &window,
        [&session, part] {
          yd::app::Choices choices = session.choices();
          choices.composition.crop = {part[0].toDouble(), part[1].toDouble(), part[2].toDouble(), part[3].toDouble()};
          session.apply(choices);
        },
        Qt::ConnectionType(Qt::QueuedConnection | Qt::SingleShotConnection));
  }
  if (opened) window.files().open_path(parser.positionalArguments().first());
  const int code = QApplication::exec();
  if (parser.isSet(picture)) autosave.forget();  // nobody works there: nothing is to be brought back
  return code;
}
