// SPDX-License-Identifier: MIT
#include "held.h"

#include <QFile>
#include <fcntl.h>
#include <sys/file.h>
#include <unistd.h>

#include <utility>

namespace yd::journal {

Held::Held(const QString& journal_file, How how) {
  constexpr int kOwnerOnly = 0600;
  handle_ = open(QFile::encodeName(journal_file + ".open").constData(), O_RDWR | O_CREAT | O_CLOEXEC, kOwnerOnly);
  refused_ = handle_ >= 0 && flock(handle_, (how == How::alone ? LOCK_EX : LOCK_SH) | LOCK_NB) != 0;
}

Held::~Held() {
  if (handle_ >= 0) close(handle_);
}

Held::Held(Held&& other) noexcept : handle_(std::exchange(other.handle_, -1)), refused_(other.refused_) {}

Held& Held::operator=(Held&& other) noexcept {
  std::swap(handle_, other.handle_);
  std::swap(refused_, other.refused_);
  return *this;
}

}  // namespace yd::journal
