// SPDX-License-Identifier: MIT
#include "words/sentence.h"

#include <QCoreApplication>

namespace yd::words {
namespace {

struct Sentences {
  Q_DECLARE_TR_FUNCTIONS(Sentences)
};

}  // namespace

QString listed(const QStringList& names) {
  if (names.size() < 2) return names.join(QString());
  return Sentences::tr("%1 and %2").arg(names.mid(0, names.size() - 1).join(", "), names.back());
}

}  // namespace yd::words
