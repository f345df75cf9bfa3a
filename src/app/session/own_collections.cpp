// SPDX-License-Identifier: MIT
#include "session/own_collections.h"

#include <QCryptographicHash>
#include <QDir>
#include <algorithm>
#include <nlohmann/json.hpp>

#include "files/write.h"
#include "session/sentences.h"

namespace yd::app {
namespace {

/// A file name that any id gives, however odd.
QString file_name(const QString& id) {
  return QCryptographicHash::hash(id.toUtf8(), QCryptographicHash::Sha1).toHex().left(16) + ".json";
}

}  // namespace

OwnCollections::OwnCollections(Session& session, QString folder, QObject* parent)
    : QObject(parent), session_(session), folder_(std::move(folder)) {
  constexpr int kPause_ms = 800;
  timer_.setSingleShot(true);
  timer_.setInterval(kPause_ms);
  connect(&timer_, &QTimer::timeout, this, &OwnCollections::write);
  connect(&session_, &Session::collection_changed, this, [this](const QString& id) {
    changed_.insert(id);
    timer_.start();
  });
}

QStringList OwnCollections::load_into(Materials& materials, const QString& folder) {
  QStringList unreadable;
  for (const QString& name : QDir(folder).entryList({"*.json"}, QDir::Files, QDir::Name)) {
    const QString file = QDir(folder).filePath(name);
    auto loaded = media::load_collection(file.toStdString());
    if (!loaded) {
      unreadable << sentence(loaded.error());
      continue;
    }
    auto& all = materials.collections;
    const auto same = std::find_if(all.begin(), all.end(), [&](const auto& c) { return c.id == loaded->id; });
    if (same == all.end()) {
      all.push_back(std::move(loaded).value());
    } else {
      *same = std::move(loaded).value();
    }
  }
  return unreadable;
}

void OwnCollections::write() {
  QDir().mkpath(folder_);
  for (const QString& id : std::as_const(changed_)) {
    const media::Collection* c = session_.materials().collection(id);
    const QString file = QDir(folder_).filePath(file_name(id));
    if (c == nullptr) {
      QFile::remove(file);  // an import was undone
      continue;
    }
    const Status saved = files::write_bytes(file, QByteArray::fromStdString(media::to_json(*c).dump()));
    if (!saved) emit failed(sentence(saved.error()));
  }
  changed_.clear();
}

}  // namespace yd::app
