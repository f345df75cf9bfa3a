// SPDX-License-Identifier: MIT
#pragma once

#include <QFutureWatcher>
#include <QThreadPool>
#include <QtConcurrentRun>
#include <utility>

#include "session/polite.h"

namespace yd::app {

/// Runs `function`, which gives a Result of one of the kinds in Outcome, on a worker that gives way to the window; the
/// watcher hears when it is done.
template <class Outcome, class Function>
void run_beside(QThreadPool& pool, QFutureWatcher<Outcome>& watcher, Function function) {
  watcher.setFuture(QtConcurrent::run(&pool, [function = std::move(function)]() -> Outcome {
    work_politely();
    auto result = function();
    if (!result.ok()) return result.error();
    return std::move(result).value();
  }));
}

}  // namespace yd::app
