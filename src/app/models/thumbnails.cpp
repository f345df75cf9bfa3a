#include "models/thumbnails.h"

#include <QBuffer>
#include <QFile>
#include <QImageReader>
#include <QtConcurrentRun>
#include <nlohmann/json.hpp>

#include "formats/project.h"
#include "session/polite.h"

namespace yd::app {
namespace {

QImage read_small(QIODevice& device, QSize within) {
  QImageReader reader(&device);
  reader.setAutoTransform(true);
  const QSize size = reader.size();
  if (size.isValid()) reader.setScaledSize(size.scaled(within, Qt::KeepAspectRatio));
  return reader.read();
}

}  // namespace

QImage thumbnail_of(const QString& file, QSize within) {
  if (!file.endsWith(".dune", Qt::CaseInsensitive)) {
    QFile f(file);
    return f.open(QIODevice::ReadOnly) ? read_small(f, within) : QImage();
  }
  auto project = formats::load_project(file);
  if (!project) return {};
  QByteArray reference = project->reference;
  QBuffer bytes(&reference);
  return bytes.open(QIODevice::ReadOnly) ? read_small(bytes, within) : QImage();
}

Thumbnails::~Thumbnails() { pool_.waitForDone(); }

void Thumbnails::ask(const QStringList& files, QSize within) {
  pool_.setMaxThreadCount(1);
  for (const QString& file : files) {
    auto* watcher = new QFutureWatcher<QImage>(this);
    connect(watcher, &QFutureWatcher<QImage>::finished, this, [this, watcher, file] {
      emit ready(file, watcher->result());
      watcher->deleteLater();
    });
    watcher->setFuture(QtConcurrent::run(&pool_, [file, within] {
      work_politely();
      return thumbnail_of(file, within);
    }));
  }
}

}  // namespace yd::app
