// SPDX-License-Identifier: MIT
#include "models/mark_lines.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include "models/overlays.h"

namespace yd::app {
namespace {

/// A mark's outline, shares of the picture: one side there, the other back; a dab is round.
QPolygonF outline_of(const plan::LaidMark& mark, const plan::SheetGrid& grid) {
  const double reach = plan::part_of(mark).width_mm / 2;
  const auto share = [&](double x, double y) { return QPointF(x / grid.width_mm, y / grid.height_mm); };
  const auto& points = mark.points;
  QPolygonF out;
  if (points.size() == 1) {
    constexpr int kSides = 12;
    for (int i = 0; i < kSides; ++i) {
      const double a = 2 * std::numbers::pi * i / kSides;
      out << share(points[0].x_mm + reach * std::cos(a), points[0].y_mm + reach * std::sin(a));
    }
    return out;
  }
  QList<QPointF> back;
  for (std::size_t i = 0; i < points.size(); ++i) {
    const plan::MarkPoint& before = points[i == 0 ? 0 : i - 1];
    const plan::MarkPoint& after = points[std::min(points.size() - 1, i + 1)];
    double dx = after.x_mm - before.x_mm, dy = after.y_mm - before.y_mm;
    const double length = std::max(1e-6, std::hypot(dx, dy));
    dx /= length, dy /= length;
    out << share(points[i].x_mm - reach * dy, points[i].y_mm + reach * dx);
    back << share(points[i].x_mm + reach * dy, points[i].y_mm - reach * dx);
  }
  std::reverse(back.begin(), back.end());
  out << back;
  return out;
}

}  // namespace

void add_marks(const plan::Plan& plan, int pass, std::size_t strong_from, std::size_t strong_to, Overlay& overlay) {
  if (pass < 0 || static_cast<std::size_t>(pass) >= plan.marks.passes.size()) return;
  const auto& marks = plan.marks.passes[static_cast<std::size_t>(pass)].marks;
  for (std::size_t i = 0; i < marks.size(); ++i) {
    if (marks[i].points.empty()) continue;
    const plan::MarkPoint& first = marks[i].points.front();
    overlay.strokes.append({outline_of(marks[i], plan.marks.grid),
                            QPointF(first.x_mm / plan.marks.grid.width_mm, first.y_mm / plan.marks.grid.height_mm),
                            i >= strong_from && i < strong_to});
  }
}

Overlay marks_of(const plan::Plan& plan, int first, int last) {
  Overlay out;
  for (int i = first; i < last; ++i) add_marks(plan, i, 0, 0, out);
  return out;
}

Overlay lit_overlay(const plan::Plan& plan, const ReadSubject& subject, const Lit& lit) {
  Overlay out = lit.marks ? marks_of(plan, lit.first, lit.last) : Overlay{};
  add_numbers(subject, masses_of(plan, lit.first, lit.last), out);
  return out;
}

std::vector<int> masses_of(const plan::Plan& plan, int first, int last) {
  std::vector<int> out;
  for (int i = std::max(0, first); i < std::min(last, static_cast<int>(plan.passes.size())); ++i) {
    const std::vector<int>& masses = plan.passes[static_cast<std::size_t>(i)].masses;
    out.insert(out.end(), masses.begin(), masses.end());
  }
  std::sort(out.begin(), out.end());
  out.erase(std::unique(out.begin(), out.end()), out.end());
  return out;
}

}  // namespace yd::app
