// SPDX-License-Identifier: MIT
#include <QAbstractButton>
#include <QApplication>
#include <QCommandLineParser>
#include <QDateTime>
#include <QHashSeed>
#include <QStandardPaths>
#include <QTableView>
#include <QTimer>
#include <algorithm>
#include <clocale>
#include <cstdio>
#include <functional>

#include "session/keeper.h"
#include "session/own_collections.h"
#include "session/sentences.h"
#include "support/plain_line.h"
#include "widgets/style.h"
#include "window/main_window.h"
#include "words/language.h"

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
    // At the easel the mark is drawn as the hand moves; a box may still be read, schools be tried.
    auto* grab = new QTimer(&window);
    QObject::connect(grab, &QTimer::timeout, &window, [&window, file] {
      if (window.sheets().busy()) return;
      const bool saved = window.grab().save(file);
      if (!saved) std::fprintf(stderr, "yawning-dune: %s: cannot be saved\n", qPrintable(file));
      QCoreApplication::exit(saved ? 0 : 2);
    });
    grab->start(shot.easel ? 1800 : 400);
  };
  if (!opened) return take();
  // What cannot be opened or planned is never ready.
  const auto give_up = [](const QString& why) {
    std::fprintf(stderr, "yawning-dune: %s\n", yd::plain_line(why.toStdString()).c_str());
    QCoreApplication::exit(2);
  };
  QObject::connect(&checker, &yd::app::Checker::failed, &window, give_up);
  QObject::connect(&window.files(), &yd::app::FileActions::refused, &window, give_up);
  QObject::connect(&session, &yd::app::Session::failed, &window, [&session, give_up](const QString& why) {
    if (!session.planned()) give_up(why);
  });
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

/// What the command line asks of a window; the most of it for pictures of it.
struct Wishes {
  QString picture, point, press, photo, size, crop, language;
  int stage = 0, passage = 0, done = 0, school = 0, mood = 0;
  bool dark = false, contrast = false;
};

Wishes read_wishes(const QApplication& application, QStringList& files) {
  QCommandLineParser parser;
  parser.addHelpOption();
  parser.addVersionOption();
  parser.addPositionalArgument("FILE", "A picture or a .dune project");
  const QCommandLineOption picture("picture", "Save a picture of the window once it has planned, and end", "FILE");
  const QCommandLineOption stage("stage", "The stage for --picture, 0 to 5; 6: the easel", "N", "0");
  const QCommandLineOption press("press", "For --picture: press the buttons of these names first", "NAME,…");
  const QCommandLineOption size("size", "Window size", "WxH", "1280x800");
  const QCommandLineOption point("point", "For --picture: show the colour at this place, shares of the picture", "X,Y");
  const QCommandLineOption dark("dark", "Dark grey scheme");
  const QCommandLineOption contrast("contrast", "Black and white scheme");
  const QCommandLineOption language("language", "Language: en, de, fr or es", "CODE");
  const QCommandLineOption crop("crop", "Crop the picture: left, top, width and height as shares", "X,Y,W,H");
  const QCommandLineOption done("done", "For --picture at the easel, or on the photograph: this many are done", "N",
                                "0");
  const QCommandLineOption photo("photo", "For --picture: a photograph of the work, or the seed of a simulated one",
                                 "FILE");
  const QCommandLineOption passage("passage", "For --picture: the passage that is lit, 1 ..", "N", "0");
  const QCommandLineOption school("school", "For --picture: the school, 0 (as advised) to 4", "N", "0");
  const QCommandLineOption mood("mood", "For --picture: mood of the picture, 1 to 5", "N", "0");
  parser.addOptions(
      {mood, crop, done, photo, passage, school, picture, stage, size, point, dark, contrast, language, press});
  parser.process(application);
  files = parser.positionalArguments();
  const auto number = [&](const QCommandLineOption& o) { return parser.value(o).toInt(); };
  return {parser.value(picture), parser.value(point),    parser.value(press), parser.value(photo),   parser.value(size),
          parser.value(crop),    parser.value(language), number(stage),       number(passage),       number(done),
          number(school),        number(mood),           parser.isSet(dark),  parser.isSet(contrast)};
}

/// Choices that --picture asks for, made as the artist would make them.
void choose_as_wished(yd::app::MainWindow& window, yd::app::Session& session, const Wishes& w) {
  const auto once_read = [&](const std::function<void(yd::app::Choices&)>& put) {
    QObject::connect(
        &session, &yd::app::Session::reference_changed, &window,
        [&session, put] {
          yd::app::Choices choices = session.choices();
          put(choices);
          session.apply(choices);
        },
        Qt::ConnectionType(Qt::QueuedConnection | Qt::SingleShotConnection));
  };
  if (w.school > 0 && w.school <= 4) {
    yd::app::Choices choices = session.choices();
    choices.plan.school = yd::plan::kSchools[static_cast<std::size_t>(w.school - 1)];
    session.apply(choices);
  }
  if (w.mood > 0 && w.mood < int(yd::subject::kAllMoods.size()))
    once_read([mood = w.mood](yd::app::Choices& c) { c.read.colours.mood = static_cast<yd::subject::Mood>(mood); });
  if (const QStringList part = w.crop.split(','); part.size() == 4) {
    once_read([part](yd::app::Choices& c) {
      c.composition.crop = {part[0].toDouble(), part[1].toDouble(), part[2].toDouble(), part[3].toDouble()};
    });
  }
}

yd::app::Comfort comfort_asked(const QSettings& settings, const Wishes& w) {
  yd::app::Comfort comfort = yd::app::comfort_of(settings);
  if (w.dark) comfort.scheme = yd::app::Scheme::dark;
  if (w.contrast) comfort.scheme = yd::app::Scheme::contrast;
  return comfort;
}

/// What a window takes on as it is built.
void dress(QApplication& application, const QSettings& settings, const Wishes& w) {
  const QLocale system = QLocale::system();
  const QString chosen = w.language.isEmpty() ? yd::app::language_of(settings) : w.language;
  const QString code = yd::words::language_for(chosen, system.uiLanguages());
  yd::words::speak(code, yd::words::locale_for(code, system));
  yd::app::apply_greys(application, comfort_asked(settings, w));
}

/// How a window ended.
struct Ended {
  int code = 0;
  bool anew = false;  ///< another is to take its place, with this file
  QString file;
};

Ended run(QApplication& application, QSettings& settings, const Wishes& w, const QString& file) {
  auto materials = yd::app::load_materials();
  if (!materials) {
    std::fprintf(stderr, "yawning-dune: %s\n",
                 yd::plain_line(yd::app::sentence(materials.error()).toStdString()).c_str());
    return {2, false, {}};
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
  yd::app::apply_outlines(application, comfort_asked(settings, w));
  QObject::connect(&application, &QApplication::aboutToQuit, &keeper, &yd::app::Keeper::flush);
  const QStringList wh = w.size.split('x');
  window.resize(wh.value(0).toInt(), wh.value(1).toInt());
  window.show();
  window.stages().go(static_cast<yd::app::Stage>(std::clamp(w.stage, 0, yd::app::kStages - 1)));
  if (!w.picture.isEmpty())
    picture_when_ready(window, session, advice, checker, easel,
                       {w.picture, w.point, w.press, w.passage, w.photo, w.done, w.stage >= yd::app::kStages, w.done},
                       !file.isEmpty());
  choose_as_wished(window, session, w);
  if (!file.isEmpty()) window.files().open_path(file);
  const int code = QApplication::exec();
  if (!w.picture.isEmpty()) autosave.forget();  // nobody works there: nothing is to be brought back
  // A picture without a project is opened anew as a picture.
  const bool bare = window.files().file().isEmpty() && session.has_reference();
  return {code, window.languages().anew(), bare ? window.files().recent().value(0) : window.files().file()};
}

}  // namespace

int main(int argc, char** argv) {
  QHashSeed::setDeterministicGlobalSeed();  // Qt writes the fonts of a PDF in the order of their hashes
  QApplication application(argc, argv);
  // Qt takes over the system's language with its decimal comma; the parsers of C libraries read a point.
  std::setlocale(LC_NUMERIC, "C");
  QApplication::setApplicationName("Yawning Dune");
  QApplication::setOrganizationName("Yawning Dune");
  QApplication::setApplicationVersion(YD_VERSION);
  QApplication::setDesktopFileName("yawning-dune");
  QStringList files;
  Wishes wishes = read_wishes(application, files);
  QSettings settings;
  // A window speaks one language; where another is chosen, the next window opens the same project.
  for (QString file = files.value(0);;) {
    dress(application, settings, wishes);
    const Ended ended = run(application, settings, wishes, file);
    if (!ended.anew) return ended.code;
    file = ended.file;
    wishes.language.clear();
  }
}
