// SPDX-License-Identifier: MIT
#pragma once

#include <QAccessible>
#include <QWidget>

namespace yd::app {

/// What a widget that we draw ourselves is to a reader of the screen; Qt knows only that it is a widget. Its name and
/// description are set as everywhere.
void speak_as(QWidget* widget, QAccessible::Role role);

}  // namespace yd::app
