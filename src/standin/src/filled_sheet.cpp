// SPDX-License-Identifier: MIT
#include "standin/filled_sheet.h"

#include <algorithm>
#include <cmath>

#include "colour/light.h"
#include "printed/marks.h"
#include "recipe/recipe.h"
#include "support/random.h"

namespace yd::standin {
namespace {

constexpr double kInk = 0.035;  // light of printed black, share of the paper's

/// The sheet in linear light.
class Raster {
 public:
  Raster(const printed::Sheet& sheet, const colour::Light& paper, double px_per_mm)
      : scale_(px_per_mm),
        paper_(paper),
        light_(static_cast<int>(std::lround(sheet.width_mm * px_per_mm)),
               static_cast<int>(std::lround(sheet.height_mm * px_per_mm)), paper) {}

  /// `ragged`: millimetres by which each line of the box ends early, at most; `grain` as in `Filling`.
  void fill(const printed::Box& box, const colour::Light& c, double ragged, double grain, Random& random) {
    const int top = pixel(box.top + ragged * random.uniform(), light_.height);
    const int bottom = pixel(box.bottom() - ragged * random.uniform(), light_.height);
    for (int y = top; y < bottom; ++y) {
      const int left = pixel(box.left + ragged * random.uniform(), light_.width);
      const int right = pixel(box.right() - ragged * random.uniform(), light_.width);
      for (int x = left; x < right; ++x) {
        const auto by = static_cast<float>(1 + grain * 1.73 * random.uniform(-1, 1));
        light_.at(x, y) = {c.r * by, c.g * by, c.b * by};
      }
    }
  }
  colour::Light paper(double share) const {
    const auto s = static_cast<float>(share);
    return {paper_.r * s, paper_.g * s, paper_.b * s};
  }
  Scene scene() { return std::move(light_); }

 private:
  int pixel(double mm, int most) const { return std::clamp(static_cast<int>(std::lround(mm * scale_)), 0, most); }

  double scale_;
  colour::Light paper_;
  Scene light_;
};

void draw_mark(Raster& raster, const printed::Box& box, int mark, Random& random) {
  for (const printed::Box& black : printed::black_of(box, mark)) raster.fill(black, raster.paper(kInk), 0, 0, random);
}

}  // namespace

Scene filled_sheet(const printed::Layout& layout, const colour::Lab& paper, const Filling& filling, double px_per_mm) {
  constexpr double kRagged_mm = 0.9;
  Random random(filling.seed);
  Raster raster(layout.sheet, colour::to_light(paper), px_per_mm);
  const auto marks = printed::marks_of(layout.sheet);
  for (std::size_t i = 0; i < marks.size(); ++i) draw_mark(raster, layout.marks[i], marks[i], random);
  for (const printed::Grey& g : layout.greys)
    raster.fill(g.box, raster.paper(g.light * (1 + filling.printer_off * random.uniform(-1.7, 1.7))), 0, 0, random);
  for (std::size_t i = 0; i < std::min(layout.cells.size(), filling.patches.size()); ++i) {
    const auto& boxes = layout.cells[i].patches;
    for (std::size_t p = 0; p < std::min(boxes.size(), filling.patches[i].size()); ++p)
      raster.fill(boxes[p], colour::to_light(filling.patches[i][p]), kRagged_mm, filling.grain, random);
  }
  return raster.scene();
}

std::vector<std::vector<colour::Lab>> swatches_by(const std::vector<media::Stick>& sticks, const media::Paper& paper,
                                                  const optics::Parameters& parameters, double unsteady,
                                                  std::uint64_t seed) {
  Random random(seed);
  std::vector<std::vector<colour::Lab>> out;
  out.reserve(sticks.size());
  for (const media::Stick& stick : sticks) {
    const auto lab_of = [&](std::vector<plan::Stroke> strokes) {
      for (plan::Stroke& s : strokes)
        s.pressure = std::clamp(s.pressure * (1 + unsteady * random.uniform(-1.7, 1.7)), 0.02, 1.0);
      return plan::evaluate(paper.ground, parameters, std::span(&stick, 1), strokes, {}).look.lab;
    };
    out.push_back({lab_of(plan::full_swatch()), lab_of(plan::light_swatch())});
  }
  return out;
}

}  // namespace yd::standin
