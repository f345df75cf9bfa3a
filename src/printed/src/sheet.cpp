// SPDX-License-Identifier: MIT
#include "printed/sheet.h"

#include <algorithm>
#include <string>

namespace yd::printed {
namespace {

constexpr double kEdge = 8;   // no printer prints up to the end of a sheet
constexpr double kMark = 12;  // with its white border
constexpr double kGap = 3.5;  // bare paper between what is printed
constexpr double kInner = 1;  // between the two patches of a cell
constexpr double kLabel = 4;  // high
constexpr double kMostPatch = 26;
constexpr std::array kGreys{0.62, 0.35, 0.18, 0.08, 0.04, 0.12, 0.26, 0.48};  // either end is light: no glare hides all

struct Grid {
  int columns = 0, rows = 0;
  double patch_wide = 0, patch_high = 0;
};

Box inside(const Sheet& s) {
  const double aside = kEdge + kMark + kGap;
  return {aside, aside, s.width_mm - 2 * aside, s.height_mm - 2 * aside};
}

int patches_of(const Sheet& s) { return s.purpose == Purpose::sticks ? 2 : 1; }

/// The grid whose patches have the longest shorter side.
Grid grid_of(const Sheet& s) {
  const Box room = inside(s);
  const int patches = patches_of(s);
  Grid best;
  for (int columns = 1; columns <= s.cells; ++columns) {
    Grid g{columns, (s.cells + columns - 1) / columns};
    const double wide = (room.width - kGap * (columns - 1)) / columns;
    const double high = (room.height - kGap * (g.rows - 1)) / g.rows;
    g.patch_wide = std::min(kMostPatch, (wide - kInner * (patches - 1)) / patches);
    g.patch_high = std::min(kMostPatch, high - kLabel);
    if (std::min(g.patch_wide, g.patch_high) > std::min(best.patch_wide, best.patch_high)) best = g;
  }
  return best;
}

bool fits(const Grid& g) { return std::min(g.patch_wide, g.patch_high) >= kLeastPatch_mm; }

void place_marks(Layout& out) {
  const Sheet& s = out.sheet;
  const double x[] = {kEdge, 0.5 * (s.width_mm - kMark), s.width_mm - kEdge - kMark};
  const double y[] = {kEdge, 0.5 * (s.height_mm - kMark), s.height_mm - kEdge - kMark};
  constexpr int kAt[kMarks][2] = {{0, 0}, {1, 0}, {2, 0}, {2, 1}, {2, 2}, {1, 2}, {0, 2}, {0, 1}};
  for (std::size_t i = 0; i < kMarks; ++i) out.marks[i] = {x[kAt[i][0]], y[kAt[i][1]], kMark, kMark};
}

/// Four on either side of the middle mark, above and below.
void place_greys(Layout& out) {
  for (const std::size_t row : {std::size_t{0}, std::size_t{5}}) {
    const double top = out.marks[row == 0 ? 0 : 5].top + 1;
    for (std::size_t i = 0; i < kGreys.size(); ++i) {
      const bool first = i < 4;
      const double from = (first ? out.marks[0].right() : out.marks[1].right()) + kGap;
      const double to = (first ? out.marks[1].left : out.marks[2].left) - kGap;
      const double wide = (to - from) / 4;
      const double left = from + wide * static_cast<double>(i % 4);
      out.greys.push_back({{left + 0.5, top, wide - 1, kMark - 2}, kGreys[i]});
    }
  }
}

/// All along the gaps between rows and columns; `all`: from gap to gap.
void place_bare(Layout& out, const Box& all, const Grid& g) {
  constexpr double kApart = 5;
  for (int row = 0; row <= g.rows; ++row) {
    const double y = all.top + all.height * row / g.rows;
    for (double x = all.left; x <= all.right(); x += kApart) out.bare.push_back({x, y});
  }
  for (int column = 0; column <= g.columns; ++column) {
    const double x = all.left + all.width * column / g.columns;
    for (double y = all.top; y <= all.bottom(); y += kApart) out.bare.push_back({x, y});
  }
}

void place_cells(Layout& out, const Grid& g) {
  const Box room = inside(out.sheet);
  const int patches = patches_of(out.sheet);
  const double wide = patches * g.patch_wide + (patches - 1) * kInner;
  const double step_x = wide + kGap;
  const double step_y = g.patch_high + kLabel + kGap;
  const double left = room.left + 0.5 * (room.width - (step_x * g.columns - kGap));
  for (int i = 0; i < out.sheet.cells; ++i) {
    const int row = i / g.columns;
    const double x = left + step_x * (i % g.columns);
    const double y = room.top + step_y * row;
    Cell cell{{x, y, wide, kLabel}, {}};
    for (int p = 0; p < patches; ++p)
      cell.patches.push_back({x + p * (g.patch_wide + kInner), y + kLabel, g.patch_wide, g.patch_high});
    out.cells.push_back(cell);
  }
  place_bare(out, {left - 0.5 * kGap, room.top - 0.5 * kGap, step_x * g.columns, step_y * g.rows}, g);
}

}  // namespace

const char* mark_place(int mark) {
  constexpr std::array kPlaces{"at the top left",     "amid the top",    "at the top right",   "amid the right side",
                               "at the bottom right", "amid the bottom", "at the bottom left", "amid the left side"};
  return kPlaces[static_cast<std::size_t>(mark)];
}

int most_cells(const Sheet& sheet) {
  Sheet s = sheet;
  for (s.cells = 1; fits(grid_of(s)); ++s.cells) {
  }
  return s.cells - 1;
}

Result<Layout> lay_out(const Sheet& sheet) {
  for (const int side : {sheet.width_mm, sheet.height_mm}) {
    if (side < kLeastSide_mm || side > kMostSide_mm)
      return bad_value("sheet", "must have sides from " + std::to_string(kLeastSide_mm) + " to " +
                                    std::to_string(kMostSide_mm) + " mm");
  }
  if (sheet.cells < 1) return bad_value("sheet", "must have a cell");
  constexpr int kCountable = 4000;  // what the marks can say, and nobody fills in
  const Grid grid = sheet.cells > kCountable ? Grid{} : grid_of(sheet);
  if (!fits(grid))
    return bad_value("sheet", "has room for " + std::to_string(most_cells(sheet)) + " cells, not for " +
                                  std::to_string(sheet.cells));
  Layout out;
  out.sheet = sheet;
  place_marks(out);
  place_greys(out);
  place_cells(out, grid);
  return out;
}

}  // namespace yd::printed
