// SPDX-License-Identifier: MIT
#pragma once

#include <QCoreApplication>
#include <QString>

namespace yd::exports {

/// A text of the printed pages in the language of the interface.
inline QString on_paper(const char* text) { return QCoreApplication::translate("print", text); }

}  // namespace yd::exports
