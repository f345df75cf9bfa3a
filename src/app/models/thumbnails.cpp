// SPDX-License-Identifier: MIT
#include "models/thumbnails.h"

#include <QtConcurrentRun>

#include "formats/thumbnail.h"
#include "session/polite.h"

namespace yd::app {

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
      auto small = formats::thumbnail_of(file, within);
      return small ? std::move(small).value() : QImage();
    }));
  }
}

}  // namespace yd::app
