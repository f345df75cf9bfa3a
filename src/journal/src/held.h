// SPDX-License-Identifier: MIT
#pragma once

#include <QString>

namespace yd::journal {

/// Says to other programs that a journal is open: many may hold it at once, or one that mends it and then nobody else.
/// A file of its own beside the journal, for SQLite's locks go when any handle of its file is closed. Whoever dies lets
/// go (flock, Linux).
class Held {
 public:
  enum class How { with_others, alone };
  Held() = default;
  Held(const QString& journal_file, How how);
  ~Held();
  Held(const Held&) = delete;
  Held& operator=(const Held&) = delete;
  Held(Held&& other) noexcept;
  Held& operator=(Held&& other) noexcept;
  /// Another program holds it in a way that leaves no room. Not where the folder cannot be written: then nobody mends.
  bool refused() const { return refused_; }

 private:
  int handle_ = -1;
  bool refused_ = false;
};

}  // namespace yd::journal
