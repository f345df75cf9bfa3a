// SPDX-License-Identifier: MIT
#pragma once

#include <functional>
#include <memory>
#include <variant>

#include "session/reporter.h"
#include "session/work.h"
#include "support/result.h"

namespace yd::app {

/// One piece of work at a time beside the window, with progress and a way to stop it; `finished` hears what it came to
/// on the window's thread. At the end of its life it stops the work and waits.
template <class Value>
class Runner {
 public:
  using Outcome = std::variant<Value, Error>;

  Runner(QObject* owner, Reporter::Heard progressed, std::function<void(const Outcome&)> finished)
      : owner_(owner), progressed_(std::move(progressed)) {
    QObject::connect(&watcher_, &QFutureWatcher<Outcome>::finished, owner, [this, finished = std::move(finished)] {
      busy_ = false;
      finished(watcher_.result());
    });
  }
  ~Runner() {
    cancel();
    watcher_.disconnect();
    watcher_.waitForFinished();
  }
  Runner(const Runner&) = delete;
  Runner& operator=(const Runner&) = delete;

  bool busy() const { return busy_; }
  /// `function` takes an Observer and gives a Result of a Value. Not while another one runs.
  template <class Function>
  void run(Function function) {
    busy_ = true;
    reporter_ = std::make_shared<Reporter>(owner_, progressed_);
    run_beside(pool_, watcher_, [reporter = reporter_, function = std::move(function)] { return function(*reporter); });
  }
  void cancel() {
    if (reporter_) reporter_->stop();
  }

 private:
  QObject* owner_;
  Reporter::Heard progressed_;
  bool busy_ = false;
  std::shared_ptr<Reporter> reporter_;
  /// Not the global pool: Qt paints with that one, and would wait for the work to end.
  QThreadPool pool_;
  QFutureWatcher<Outcome> watcher_;
};

}  // namespace yd::app
