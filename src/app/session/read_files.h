// SPDX-License-Identifier: MIT
#pragma once

#include <QStringList>

#include "files/same.h"

namespace yd::app {

/// Files that this window has read: pictures, projects, photographs, tables, the journal. None of them is written over.
class ReadFiles {
 public:
  void note(const QString& file) {
    if (files_.contains(file)) return;
    files_ << file;
    if (files_.size() > kMost) files_.removeFirst();
  }
  /// `bad_value` naming the file where it is one of them.
  Status may_write(const QString& file) const { return files::is_no_input(file, files_); }

 private:
  static constexpr qsizetype kMost = 200;
  QStringList files_;
};

}  // namespace yd::app
