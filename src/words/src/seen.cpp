// SPDX-License-Identifier: MIT
#include "words/seen.h"

#include "words/number.h"

#include <QCoreApplication>

namespace yd::words {
namespace {

struct Seen {
  Q_DECLARE_TR_FUNCTIONS(Seen)
};

constexpr double kUnseen = 1;
constexpr double kBeside = 3.5;
constexpr double kGlance = 10;

}  // namespace

QString seen(double de00) {
  if (de00 < kUnseen) return Seen::tr("not seen");
  if (de00 < kBeside) return Seen::tr("seen side by side");
  return de00 < kGlance ? Seen::tr("seen at a glance") : Seen::tr("another colour");
}

QString seen_with_number(double de00) { return Seen::tr("%1, %2").arg(seen(de00)).arg(number(de00, 1)); }

}  // namespace yd::words
