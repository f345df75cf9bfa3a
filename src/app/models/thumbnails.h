// SPDX-License-Identifier: MIT
#pragma once

#include <QFutureWatcher>
#include <QImage>
#include <QObject>
#include <QStringList>
#include <QThreadPool>

namespace yd::app {

/// Thumbnails of a few files, read beside the window.
class Thumbnails : public QObject {
  Q_OBJECT
 public:
  using QObject::QObject;
  ~Thumbnails() override;
  void ask(const QStringList& files, QSize within);

 signals:
  void ready(const QString& file, const QImage& image);

 private:
  QThreadPool pool_;
};

}  // namespace yd::app
