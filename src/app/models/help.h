// SPDX-License-Identifier: MIT
#pragma once

#include <QString>
#include <QStringList>

namespace yd::app {

enum class HelpTopic { first_picture, subject, ground, tray, underpainting, passages, check, easel, journal, practice };
inline constexpr int kHelpTopics = 10;

/// What to do in one place of the window: a few lines, each an action.
struct Help {
  QString title;
  QString purpose;    ///< one line
  QStringList steps;  ///< in the order they are done
  QString if_stuck;
  QString caution;  ///< where a step can harm; empty where none can
  QString drawing;  ///< in data/help, without ending
};
Help help(HelpTopic topic);

}  // namespace yd::app
