// SPDX-License-Identifier: MIT
#pragma once

namespace yd::trial {

#ifdef YD_THREADS
/// The thread sanitizer of clang 14 ends itself where a process is started (ForkAfter in its run time), and takes
/// several times as long for everything.
inline constexpr bool kMayStartPrograms = false;
inline constexpr int kTimes = 8;
#else
inline constexpr bool kMayStartPrograms = true;
inline constexpr int kTimes = 1;
#endif

/// Milliseconds to wait for what a quick machine does well within `ms`.
constexpr int patience(int ms) { return kTimes * ms; }

}  // namespace yd::trial
