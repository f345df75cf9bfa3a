// SPDX-License-Identifier: MIT
#include "session/preview.h"

#include <QtConcurrentRun>
#include <utility>

#include "subject/squint.h"

namespace yd::app {
namespace {

constexpr int kPreviewSide = 600;  // half the working size follows the hand

}  // namespace

SquintPreview::SquintPreview(QObject* parent) : QObject(parent) {
  connect(&watcher_, &QFutureWatcher<QImage>::finished, this, [this] {
    if (!next_) emit ready(watcher_.result());
    start();
  });
}

SquintPreview::~SquintPreview() {
  watcher_.disconnect(this);
  watcher_.waitForFinished();
}

void SquintPreview::ask(Wish wish) {
  next_ = std::move(wish);
  if (!watcher_.isRunning()) start();
}

void SquintPreview::start() {
  if (!next_) return;
  watcher_.setFuture(QtConcurrent::run(&pool_, [w = *std::exchange(next_, std::nullopt)] {
    const auto& image = w.subject->image;
    return squint_preview(subject::shrink(image, kPreviewSide), w.strength, w.view, w.steps)
        .scaled(image.width, image.height);
  }));
}

}  // namespace yd::app
