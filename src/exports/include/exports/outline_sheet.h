// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>

#include "exports/plan_pdf.h"
#include "subject/composition.h"

namespace yd::exports {

struct OutlineOptions {
  bool outlines = true;
  int grid = 0;  ///< squares along the longer side; 0: no grid, at most 40
  bool numbers = true;
  Print print = Print::a4;
  /// What the artist sets the drawing out by: its grid (then no squares are drawn), thirds, centre line and places.
  subject::Composition aids{};
  bool heights = true;  ///< top and bottom of the tallest masses, I the tallest: what is set out first
};

/// Pages the sheet takes, across and down, with margin and overlap for taping.
struct Tiles {
  int across = 1;
  int down = 1;
};
inline constexpr double kTileMargin_mm = 10;
inline constexpr double kTileOverlap_mm = 10;
Tiles tiles(const subject::Sheet& sheet, Print print);

/// The masses' outlines at the drawing's true size, to be traced: as SVG in one piece (millimetres), or as PDF tiled
/// over pages with crosses where they meet and a 50 mm bar to check the printer's scale. Needs a QGuiApplication.
QByteArray outline_svg(const PlanView& plan, const OutlineOptions& options);
QByteArray outline_pdf(const PlanView& plan, const OutlineOptions& options);

}  // namespace yd::exports
