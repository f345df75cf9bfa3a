// SPDX-License-Identifier: MIT
#include "files/same.h"

#include <QFile>
#include <QFileInfo>
#include <algorithm>
#include <optional>
#include <sys/stat.h>

#include "files/write.h"

namespace yd::files {
namespace {

std::optional<struct stat> stat_of(const QString& file) {
  struct stat is {};
  if (::stat(QFile::encodeName(file).constData(), &is) != 0) return {};
  return is;
}

/// The place a file would be made at.
QString place_of(const QString& file) {
  const QFileInfo info(file);
  const QFileInfo at(info.isSymLink() ? info.symLinkTarget() : file);
  return QFileInfo(at.absolutePath()).canonicalFilePath() + '/' + at.fileName();
}

}  // namespace

bool same_file(const QString& p, const QString& q) {
  if (p == kStandardOutput || q == kStandardOutput || p.isEmpty() || q.isEmpty()) return false;
  const auto of_p = stat_of(p);
  const auto of_q = stat_of(q);
  if (of_p && of_q) return of_p->st_dev == of_q->st_dev && of_p->st_ino == of_q->st_ino && S_ISREG(of_p->st_mode);
  return !of_p && !of_q && place_of(p) == place_of(q);
}

Status is_no_input(const QString& output, const QStringList& inputs) {
  const bool read = std::any_of(inputs.begin(), inputs.end(), [&](const QString& i) { return same_file(output, i); });
  return read ? Status(bad_value(output.toStdString(), "is read here and would be lost; write to another file"))
              : success();
}

}  // namespace yd::files
