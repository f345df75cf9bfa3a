// SPDX-License-Identifier: MIT
#pragma once

#include <QPixmap>

#include "session/pipeline.h"

namespace yd::app {

/// A stick's colour as a stroke on the paper, light to firm from left to right, made by the model. Kept, so that a list
/// asks as often as it likes.
QPixmap stroke_chip(const media::Stick& stick, const media::Paper& paper, const optics::Parameters& parameters,
                    QSize size);
/// A stroke at one pressure, rubbed or laid, as a pass lays it.
QPixmap pass_chip(const media::Stick& stick, double pressure, bool rubbed, const media::Paper& paper,
                  const optics::Parameters& parameters, QSize size);
/// The first of a few sticks side by side, as wide as kChips.
QPixmap stick_chips(const std::vector<int>& sticks, const Planned& planned);
/// Every stick of the tray on a sheet, dark to light, row by row.
QPixmap tray_on_paper(const Planned& planned, const media::Paper& paper, int columns, QSize chip);
/// A coat laid with a brush: its colour with the streaks of the hairs over the sheet.
QPixmap brush_chip(const colour::Lab& coat, const media::Paper& paper, QSize size);
/// The sheet with its tooth.
QPixmap paper_chip(const media::Paper& paper, QSize size);

/// Chips in lists are this large, pixels at 96 dots an inch.
inline constexpr QSize kChip{58, 20};
inline constexpr QSize kChips{62, 20};

}  // namespace yd::app
