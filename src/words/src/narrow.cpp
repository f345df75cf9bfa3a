// SPDX-License-Identifier: MIT
#include "words/narrow.h"

#include <QCoreApplication>
#include <cmath>

#include "words/lengths.h"
#include "words/number.h"

namespace yd::words {
namespace {

struct Narrow {
  Q_DECLARE_TR_FUNCTIONS(Narrow)
};

}  // namespace

QString too_narrow(const plan::TooNarrow& found) {
  if (found.finest_mm <= found.least_mm) return Narrow::tr("The picture shows nothing finer than the finest mark.");
  if (found.count == 0)
    return Narrow::tr("Nothing is finer than the finest mark, %1 mm.").arg(number(found.finest_mm, 1));
  return Narrow::tr(
             "Lines and spots finer than the finest mark, %1 mm: %2. From %3 on nine tenths of them can be drawn.")
      .arg(number(found.finest_mm, 1))
      .arg(found.count)
      .arg(length(std::ceil(found.from_cm)));
}

}  // namespace yd::words
