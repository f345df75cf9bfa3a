// SPDX-License-Identifier: MIT
#pragma once

#include <QHBoxLayout>
#include <QLabel>
#include <QMap>
#include <QToolButton>
#include <QWidget>

#include "models/thumbnails.h"

namespace yd::app {

/// What the window shows before there is a picture: where to drop one, what was worked on last, and both demos.
class EmptyState : public QWidget {
  Q_OBJECT
 public:
  struct Demo {
    QString file, preview;  ///< the picture, and the same small
    QString name;           ///< of its tile
  };
  explicit EmptyState(const QList<Demo>& demos, QWidget* parent = nullptr);
  /// Files worked on last, the latest first; the first few are shown.
  void set_recent(const QStringList& files);

 signals:
  void open_asked();
  void file_asked(const QString& file);

 protected:
  void paintEvent(QPaintEvent* event) override;

 private:
  QToolButton* make_tile(const QString& file, const QString& name);
  void show_thumbnail(const QString& file, const QImage& image);

  Thumbnails thumbnails_;
  QMultiMap<QString, QToolButton*> tiles_;
  QStringList recent_files_;
  QLabel* recent_title_;
  QHBoxLayout* recent_;
};

}  // namespace yd::app
