// SPDX-License-Identifier: MIT
#pragma once

#include <QElapsedTimer>
#include <QObject>
#include <QString>
#include <atomic>
#include <functional>
#include <mutex>
#include <string>

#include "support/observer.h"
#include "words/terms.h"

namespace yd::app {

/// Carries progress from a worker to the thread of `to`, no more than 25 times a second, and the wish to stop the other
/// way. `heard` may be none.
class Reporter : public Observer {
 public:
  using Heard = std::function<void(double, const QString&)>;
  Reporter(QObject* to, Heard heard) : to_(to), heard_(std::move(heard)) { last_.start(); }

  void progress(double fraction, std::string_view step) override {
    if (!heard_) return;
    {
      const std::lock_guard lock(mutex_);
      if (fraction < 1 && last_.elapsed() < 40) return;
      last_.restart();
    }
    QMetaObject::invokeMethod(
        to_, [heard = heard_, fraction, name = std::string(step)] { heard(fraction, words::term(name.c_str())); },
        Qt::QueuedConnection);
  }
  bool cancelled() const override { return stop_; }
  void stop() { stop_ = true; }

 private:
  QObject* to_;
  Heard heard_;
  std::atomic<bool> stop_ = false;
  std::mutex mutex_;
  QElapsedTimer last_;
};

}  // namespace yd::app
