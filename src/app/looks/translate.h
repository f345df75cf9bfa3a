// SPDX-License-Identifier: MIT
#pragma once

#include <QCoreApplication>
#include <QString>

namespace yd::app {

/// A text in the language of the interface, for functions outside the classes of Qt, which have their own tr(). The
/// context is the one that lupdate gives functions of this namespace. `n` chooses the plural form and stands for %n.
inline QString tr(const char* text, const char* disambiguation = nullptr, int n = -1) {
  return QCoreApplication::translate("yd::app", text, disambiguation, n);
}

}  // namespace yd::app
