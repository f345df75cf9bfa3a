// SPDX-License-Identifier: MIT
#pragma once

#include <QImage>
#include <QJsonDocument>
#include <QJsonObject>
#include <QPainter>
#include <QProcess>
#include <QTemporaryDir>

namespace yd::trial {

/// What dune-plan came to, run as a user runs it.
struct Outcome {
  int code = -1;
  QByteArray out;
  QByteArray err;
  QJsonObject json() const { return QJsonDocument::fromJson(out).object(); }
};

inline Outcome run(const QStringList& arguments) {
  QProcess p;
  QProcessEnvironment bare = QProcessEnvironment::systemEnvironment();
  bare.remove("DISPLAY");
  bare.remove("QT_QPA_PLATFORM");
  p.setProcessEnvironment(bare);
  p.start(YD_BINARY_DIR "/src/cli/dune-plan", arguments);
  p.waitForFinished(120000);
  return {p.exitStatus() == QProcess::NormalExit ? p.exitCode() : -1, p.readAllStandardOutput(),
          p.readAllStandardError()};
}

/// A small picture to plan.
inline QString picture(const QTemporaryDir& dir) {
  QImage image(300, 200, QImage::Format_RGB888);
  for (int y = 0; y < 200; ++y) {
    for (int x = 0; x < 300; ++x) {
      const int block = (x / 75) + 4 * (y / 67);
      image.setPixelColor(x, y, QColor::fromHsv(block * 29 % 360, 60 + block * 12, 90 + block * 13 % 160));
    }
  }
  const QString file = dir.filePath("p.png");
  image.save(file);
  return file;
}

}  // namespace yd::trial
