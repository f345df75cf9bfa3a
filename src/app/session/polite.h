// SPDX-License-Identifier: MIT
#pragma once

#if defined(__linux__)
#include <sys/resource.h>
#include <sys/syscall.h>
#include <unistd.h>
#endif

namespace yd::app {

/// Called first thing on a worker: the window's thread gets the cores before it. Threads that it starts inherit this.
/// On Linux niceness belongs to the single thread (man 2 setpriority, NOTES).
inline void work_politely() {
#if defined(__linux__)
  constexpr int kNice = 10;
  static_cast<void>(setpriority(PRIO_PROCESS, static_cast<id_t>(syscall(SYS_gettid)), kNice));
#endif
}

}  // namespace yd::app
