// SPDX-License-Identifier: MIT
#pragma once

#include <QCoreApplication>
#include <QString>

namespace yd::app {

/// A text in the language of the interface, for functions outside the classes of Qt, which have their own tr().
inline QString tr(const char* text) { return QCoreApplication::translate("app", text); }

}  // namespace yd::app
