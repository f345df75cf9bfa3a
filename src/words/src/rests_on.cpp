// SPDX-License-Identifier: MIT
#include "words/rests_on.h"

#include "words/number.h"

#include <QCoreApplication>
#include <QStringList>

namespace yd::words {
namespace {

struct Rests {
  Q_DECLARE_TR_FUNCTIONS(Rests)
};

}  // namespace

QString rests_on(const plan::RestsOn& r) {
  if (r.readings == 0) return {};
  QStringList parts;
  parts << (r.artist.empty() ? Rests::tr("a calibration") : QString::fromStdString(r.artist));
  parts << Rests::tr("%n stroke(s)", nullptr, r.readings);
  if (!r.paper.empty()) parts << QString::fromStdString(r.paper);
  if (!r.date.empty()) parts << QString::fromStdString(r.date);
  if (r.off_de00 >= 0) parts << Rests::tr("others met to %1").arg(number(r.off_de00, 1));
  return parts.join(", ");
}

}  // namespace yd::words
