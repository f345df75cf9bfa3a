// SPDX-License-Identifier: MIT
#pragma once

#include <QLineF>
#include <QList>
#include <QPointF>
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
  QList<Mark> marks;
  QList<Word> words;
};

}  // namespace yd::app
