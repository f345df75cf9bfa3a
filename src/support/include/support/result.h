// SPDX-License-Identifier: MIT
#pragma once

#include <stdexcept>
#include <string>
#include <utility>
#include <variant>

namespace yd {

/// What went wrong, as a value. `where` names the file, line or field; `what` says the fact in English
/// without a full stop. The sentence a user reads is made where it can be translated.
struct Error {
  enum class Code { bad_value, bad_format, too_new, too_large, not_found, io, cancelled, unreachable };
  Code code = Code::bad_value;
  std::string where;  ///< empty where the caller knows
  std::string what;   ///< never empty
};

/// "where: what", for a command line or a log.
inline std::string describe(const Error& error) {
  return error.where.empty() ? error.what : error.where + ": " + error.what;
}

/// Either a value or an `Error`; the compiler complains when it is dropped. Asking for the side that is
/// not there is a bug of the caller and throws `std::bad_variant_access`.
template <class T>
class [[nodiscard]] Result {
 public:
  Result(T value) : state_(std::in_place_index<0>, std::move(value)) {}      // NOLINT(google-explicit-constructor)
  Result(Error error) : state_(std::in_place_index<1>, std::move(error)) {}  // NOLINT(google-explicit-constructor)

  bool ok() const { return state_.index() == 0; }
  explicit operator bool() const { return ok(); }
  const T& value() const& { return std::get<0>(state_); }
  T& value() & { return std::get<0>(state_); }
  T&& value() && { return std::get<0>(std::move(state_)); }
  const Error& error() const { return std::get<1>(state_); }
  const T* operator->() const { return &std::get<0>(state_); }

 private:
  std::variant<T, Error> state_;
};

struct Unit {};
/// A `Result` with nothing to carry but success.
using Status = Result<Unit>;
inline Status success() { return Unit{}; }

inline Error bad_value(std::string where, std::string what) {
  return {Error::Code::bad_value, std::move(where), std::move(what)};
}

}  // namespace yd
