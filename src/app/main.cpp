#include <QApplication>
#include <QCommandLineParser>
#include <QStandardPaths>
#include <QTimer>
#include <algorithm>

#include "session/sentences.h"
#include "widgets/style.h"
#include "window/main_window.h"

namespace {

/// Takes a picture of the window once the plan stands (at once where nothing is opened), then ends: for ./demo without
/// a display and for the docs.
void picture_when_ready(yd::app::MainWindow& window, yd::app::Session& session, const QString& file, bool opened,
                        const QString& point) {
  const auto take = [&window, file, point] {
    const QStringList xy = point.split(',');
    if (xy.size() == 2) window.point_at({xy[0].toDouble(), xy[1].toDouble()});
    QTimer::singleShot(400, &window, [&window, file] { QCoreApplication::exit(window.grab().save(file) ? 0 : 2); });
  };
  if (!opened) return take();
  QObject::connect(&session, &yd::app::Session::busy_changed, &window, [&session, take](bool busy) {
    if (!busy && session.planned()) take();
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
  const QCommandLineOption stage("stage", "The stage for --picture, 0 to 3", "N", "0");
  const QCommandLineOption size("size", "Window size", "WxH", "1280x800");
  const QCommandLineOption point("point", "For --picture: show the colour at this place, shares of the picture", "X,Y");
  const QCommandLineOption dark("dark", "Dark grey scheme");
  parser.addOptions({picture, stage, size, point, dark});
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
  window.stages().go(static_cast<yd::app::Stage>(std::clamp(parser.value(stage).toInt(), 0, yd::app::kStages - 1)));
  const bool opened = !parser.positionalArguments().isEmpty();
  if (parser.isSet(picture)) picture_when_ready(window, session, parser.value(picture), opened, parser.value(point));
  if (opened) window.files().open_path(parser.positionalArguments().first());
  return QApplication::exec();
}
