// SPDX-License-Identifier: MIT
#pragma once

#include <QLineF>
#include <QList>
#include <QPointF>
#include <QPolygonF>
#include <QString>

namespace yd::app {

/// Lines and words over a picture; places are shares of its width and height.
struct Overlay {
  struct Mark {
    QLineF line;
    bool strong = false;
  };
  struct Word {
    QPointF at;
    QString text;
  };
  /// What a stroke covers, with where it begins; drawn fine, so that the picture is seen through many of them.
  struct Stroke {
    QPolygonF outline;
    QPointF begins;
    bool strong = false;
  };
  QList<Mark> marks;
  QList<Word> words;
  QList<Stroke> strokes;
};

}  // namespace yd::app
