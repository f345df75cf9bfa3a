// SPDX-License-Identifier: MIT
// Stands in for the library's header where the thread sanitizer looks on (YD_THREADS): it knows std::thread's
// hand-overs, not those inside a library that was built without it. As few forms as we use, and no nesting: inner loops
// run where they are.
#pragma once

#include <algorithm>
#include <atomic>
#include <cstddef>
#include <thread>

namespace tbb {

template <class Index>
class blocked_range {
 public:
  blocked_range(Index begin, Index end, std::size_t grain = 1) : begin_(begin), end_(end), grain_(grain) {}
  Index begin() const { return begin_; }
  Index end() const { return end_; }
  std::size_t grain() const { return grain_; }

 private:
  Index begin_, end_;
  std::size_t grain_;
};

namespace standin {

/// Two at once, but one inside another loop. The counter is relaxed so that it hides no race between the pieces.
template <class Piece>
void spread(std::size_t pieces, const Piece& piece) {
  static thread_local bool inside = false;
  if (inside || pieces < 2) {
    for (std::size_t i = 0; i < pieces; ++i) piece(i);
    return;
  }
  std::atomic<std::size_t> next{0};
  const auto work = [&] {
    inside = true;
    for (std::size_t i = 0; (i = next.fetch_add(1, std::memory_order_relaxed)) < pieces;) piece(i);
    inside = false;
  };
  std::thread other(work);
  work();
  other.join();
}

}  // namespace standin

template <class Index, class Body>
void parallel_for(const blocked_range<Index>& range, const Body& body) {
  const auto grain = static_cast<Index>(std::max<std::size_t>(1, range.grain()));
  const Index whole = range.end() - range.begin();
  if (whole <= 0) return;
  standin::spread(static_cast<std::size_t>((whole + grain - 1) / grain), [&](std::size_t i) {
    const Index from = range.begin() + static_cast<Index>(i) * grain;
    body(blocked_range<Index>(from, std::min(range.end(), static_cast<Index>(from + grain)), range.grain()));
  });
}

}  // namespace tbb
