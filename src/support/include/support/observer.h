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
  virtual bool cancelled() const { return false; }
};

}  // namespace yd
