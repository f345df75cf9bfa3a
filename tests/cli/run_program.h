// SPDX-License-Identifier: MIT
#pragma once

#include <QDir>
#include <QImage>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QPainter>
#include <QProcess>
#include <QTemporaryDir>

#include "bytes_of.h"

namespace yd::trial {

/// What dune-plan came to, run as a user runs it.
struct Outcome {
  int code = -1;
  QByteArray out;
  QByteArray err;
  QJsonObject json() const { return QJsonDocument::fromJson(out).object(); }
};

inline Outcome run(const QStringList& arguments, const QString& data = {}) {
  QProcess p;
  QProcessEnvironment bare = QProcessEnvironment::systemEnvironment();
  bare.remove("DISPLAY");
  bare.remove("QT_QPA_PLATFORM");
  if (!data.isEmpty()) bare.insert("YAWNING_DUNE_DATA", data);
  p.setProcessEnvironment(bare);
  p.start(YD_BINARY_DIR "/src/cli/dune-plan", arguments);
  p.waitForFinished(120000);
  return {p.exitStatus() == QProcess::NormalExit ? p.exitCode() : -1, p.readAllStandardOutput(),
          p.readAllStandardError()};
}

/// What ships, with every fifth stick of each collection.
inline QString few_sticks() {
  static const QTemporaryDir dir;
  static const QString folder = [] {
    const QDir data(YD_SOURCE_DIR "/data");
    for (const QString& name : data.entryList(QDir::AllEntries | QDir::NoDotAndDotDot)) {
      if (name != "collections") QFile::link(data.filePath(name), dir.filePath(name));
    }
    QDir(dir.path()).mkdir("collections");
    for (const QFileInfo& file : QDir(data.filePath("collections")).entryInfoList({"*.json"})) {
      QJsonObject collection = QJsonDocument::fromJson(bytes_of(file.filePath())).object();
      QJsonArray fewer;
      const QJsonArray all = collection["sticks"].toArray();
      for (int i = 0; i < all.size(); i += 5) fewer.append(all[i]);
      collection["sticks"] = fewer;
      QFile out(dir.filePath("collections/" + file.fileName()));
      if (out.open(QIODevice::WriteOnly)) out.write(QJsonDocument(collection).toJson());
    }
    return dir.path();
  }();
  return folder;
}

/// Run with few sticks, and where a plan is made with two layers of a mass at most: the command is tried, not the
/// search, which takes six times as long with all of them.
inline Outcome run_quickly(const QStringList& arguments) {
  static const QStringList planning{"tray",     "ground",     "underpaint", "plan",
                                    "rehearse", "photograph", "check",      "offcuts"};
  const bool asks = planning.contains(arguments.value(0)) && !arguments.contains("--strokes");
  return run(asks ? arguments + QStringList{"--strokes", "2"} : arguments, few_sticks());
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
