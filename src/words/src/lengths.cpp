// SPDX-License-Identifier: MIT
#include "words/lengths.h"

#include <QCoreApplication>
#include <algorithm>
#include <array>

#include "subject/measure.h"
#include "words/number.h"

namespace yd::words {
namespace {

struct Lengths {
  Q_DECLARE_TR_FUNCTIONS(Lengths)
};

}  // namespace

bool in_inches() { return QLocale().measurementSystem() != QLocale::MetricSystem; }

bool on_letter() {
  // CLDR supplemental data, paperSize US-Letter; all others print on A4.
  using L = QLocale;
  constexpr auto kLetter = std::to_array<L::Territory>({L::Belize, L::Canada, L::Chile, L::Colombia, L::CostaRica,
                                                        L::ElSalvador, L::Guatemala, L::Mexico, L::Nicaragua, L::Panama,
                                                        L::Philippines, L::PuertoRico, L::UnitedStates, L::Venezuela});
  return std::find(kLetter.begin(), kLetter.end(), L().territory()) != kLetter.end();
}

QString length(double cm) {
  return in_inches() ? Lengths::tr("%1 in").arg(number(cm / subject::kInch_cm, 1))
                     : Lengths::tr("%1 cm").arg(number(cm, 1));
}

QString size(double width_cm, double height_cm) {
  if (in_inches())
    return Lengths::tr("%1 × %2 in")
        .arg(number(width_cm / subject::kInch_cm, 1), number(height_cm / subject::kInch_cm, 1));
  return Lengths::tr("%1 × %2 cm").arg(number(width_cm, 1), number(height_cm, 1));
}

}  // namespace yd::words
