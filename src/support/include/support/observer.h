// SPDX-License-Identifier: MIT
#pragma once

#include <string_view>

namespace yd {

/// Passed into every long computation: it hears how far the work is and may ask it to stop.
/// Both calls may come from worker threads. The default one hears nothing and never cancels.
class Observer {
 public:
  virtual ~Observer() = default;
  /// `fraction` in [0, 1] of the whole computation; `step` is a short English name of the present step.
  virtual void progress(double /*fraction*/, std::string_view /*step*/) {}
  /// Asked often, so cheap; once true it stays so, and the work ends with `Error::Code::cancelled`.
  virtual bool cancelled() const { return false; }
};

/// Reports a part of the work as a stretch of the whole.
class Stretch : public Observer {
 public:
  Stretch(Observer& whole, double from, double to) : whole_(whole), from_(from), to_(to) {}
  void progress(double fraction, std::string_view step) override {
    whole_.progress(from_ + (to_ - from_) * fraction, step);
  }
  bool cancelled() const override { return whole_.cancelled(); }

 private:
  Observer& whole_;
  double from_;
  double to_;
};

}  // namespace yd
