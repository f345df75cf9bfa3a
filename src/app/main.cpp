#include <QApplication>
#include <QCommandLineParser>
#include <QStandardPaths>
#include <QTimer>

#include "session/sentences.h"
#include "widgets/style.h"
#include "window/main_window.h"

namespace {

/// Takes a picture of the window once the plan stands, then ends: for ./demo without a display and for the docs.
void picture_when_ready(yd::app::MainWindow& window, yd::app::Session& session, const QString& file, int stage) {
  QObject::connect(&session, &yd::app::Session::busy_changed, &window, [&window, &session, file, stage](bool busy) {
    if (busy || !session.planned()) return;
    window.stages().go(static_cast<yd::app::Stage>(stage));
    QTimer::singleShot(400, &window, [&window, file] {
      const bool saved = window.grab().save(file);
      QCoreApplication::exit(saved ? 0 : 2);
    });
  });
}

}  // namespace

int main(int argc, char** argv) {
  QApplication application(argc, argv);
  QApplication::setApplicationName("Yawning Dune");
  QApplication::setOrganizationName("Yawning Dune");
  QCommandLineParser parser;
  parser.addHelpOption();
  parser.addPositionalArgument("FILE", "A picture or a .dune project");
  const QCommandLineOption picture("picture", "Save a picture of the window once it has planned, and end", "FILE");
  const QCommandLineOption stage("stage", "The stage for --picture, 0 to 3", "N", "3");
  const QCommandLineOption size("size", "Window size", "WxH", "1280x800");
  const QCommandLineOption dark("dark", "Dark grey scheme");
  parser.addOptions({picture, stage, size, dark});
  parser.process(application);
  yd::app::apply_style(application, parser.isSet(dark) ? yd::app::Scheme::dark : yd::app::Scheme::light);

  auto materials = yd::app::load_materials();
  if (!materials) {
    qCritical("%s", qPrintable(yd::app::sentence(materials.error())));
    return 2;
  }
  yd::app::Session session(std::move(materials).value());
  QSettings settings;
  yd::app::Autosave autosave(session,
                             QStandardPaths::writableLocation(QStandardPaths::AppLocalDataLocation) + "/unsaved.dune");
  yd::app::MainWindow window(session, autosave, settings);
  const QStringList wh = parser.value(size).split('x');
  window.resize(wh.value(0).toInt(), wh.value(1).toInt());
  window.show();
  if (parser.isSet(picture)) picture_when_ready(window, session, parser.value(picture), parser.value(stage).toInt());
  if (!parser.positionalArguments().isEmpty()) window.files().open_path(parser.positionalArguments().first());
  return QApplication::exec();
}
