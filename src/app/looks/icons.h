// SPDX-License-Identifier: MIT
#pragma once

#include <QColor>
#include <QIcon>

namespace yd::app {

/// One of our own drawings (data/icons), in one ink; sharp at any size. An empty icon where there is no such file.
QIcon icon(const QString& name, const QColor& ink);
/// The program's own, in its colours.
QIcon program_icon();
/// A drawing of the help pages (data/help), so large, for a screen of this many pixels to a point. Null where there is
/// no such file.
QPixmap help_drawing(const QString& name, QSize size, qreal ratio);

}  // namespace yd::app
