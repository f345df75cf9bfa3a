// SPDX-License-Identifier: MIT
#pragma once

#include <QCoreApplication>
#include <QString>

namespace yd::exports {

/// The texts of the printed pages in the language of the interface.
struct Printed {
  Q_DECLARE_TR_FUNCTIONS(Printed)
};

}  // namespace yd::exports
