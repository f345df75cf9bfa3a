// SPDX-License-Identifier: MIT
#pragma once

#include <cstddef>
#include <functional>
#include <initializer_list>

namespace yd::parallel {

namespace detail {
using Part = void (*)(const void* body, std::size_t begin, std::size_t end);
/// Calls `part` for pieces of [0, n) that cover it, each of about `grain` or more.
void in_parts(std::size_t n, std::size_t grain, Part part, const void* body);
}  // namespace detail

/// body(begin, end) for spans that cover [0, n), each of about `grain` indices or more, at once and in no order. What
/// `body` throws comes back out.
template <class Body>
void spans(std::size_t n, std::size_t grain, const Body& body) {
  detail::in_parts(
      n, grain, [](const void* b, std::size_t begin, std::size_t end) { (*static_cast<const Body*>(b))(begin, end); },
      &body);
}

/// body(i) for every i of [0, n), at once and in no order. `n` is not negative.
template <class Index, class Body>
void each(Index n, const Body& body) {
  spans(static_cast<std::size_t>(n), 1, [&body](std::size_t begin, std::size_t end) {
    for (std::size_t i = begin; i < end; ++i) body(static_cast<Index>(i));
  });
}

/// The jobs, at once.
inline void at_once(std::initializer_list<std::function<void()>> jobs) {
  each(jobs.size(), [&](std::size_t i) { jobs.begin()[i](); });
}

}  // namespace yd::parallel
