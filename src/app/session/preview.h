// SPDX-License-Identifier: MIT
#pragma once

#include <QFutureWatcher>
#include <QImage>
#include <QObject>
#include <QThreadPool>
#include <functional>
#include <optional>

#include "looks/images.h"
#include "session/pipeline.h"

namespace yd::app {

/// What squinting harder or less would look like, small, while a slider is drawn. Worked out beside the window; where
/// wishes come faster than pictures only the last one is looked at.
class SquintPreview : public QObject {
  Q_OBJECT
 public:
  struct Wish {
    SubjectPtr subject;
    double strength = 0;
    SubjectView view = SubjectView::squint;
    int steps = 9;
  };
  explicit SquintPreview(QObject* parent = nullptr);
  ~SquintPreview() override;
  void ask(Wish wish);

 signals:
  /// At the size of the subject's picture.
  void ready(const QImage& image);

 private:
  void start();

  std::optional<Wish> next_;
  QThreadPool pool_;
  QFutureWatcher<QImage> watcher_;
};

}  // namespace yd::app
