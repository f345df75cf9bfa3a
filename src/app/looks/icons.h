#pragma once

#include <QColor>
#include <QIcon>

namespace yd::app {

/// One of our own drawings (data/icons), in one ink; sharp at any size. An empty icon where there is no such file.
QIcon icon(const QString& name, const QColor& ink);
/// The program's own, in its colours.
QIcon program_icon();

}  // namespace yd::app
