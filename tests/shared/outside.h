// SPDX-License-Identifier: MIT
#pragma once

#include <QProcess>

namespace yd::trial {

/// What another program made of a file. `code` -1: it did not start, or did not end within a minute.
struct Outside {
  int code = -1;
  QByteArray out;
};
inline Outside run_outside(const QString& program, const QStringList& arguments) {
  QProcess p;
  p.start(program, arguments);
  if (!p.waitForStarted() || !p.waitForFinished(60000)) return {};
  return {p.exitCode(), p.readAllStandardOutput()};
}

}  // namespace yd::trial
