// SPDX-License-Identifier: MIT
#include "swatches/read_sheet.h"

#include <algorithm>
#include <cmath>
#include <string>

#include "check/marks.h"
#include "check/usable.h"
#include "colour/ciede2000.h"
#include "placed_sheet.h"
#include "printed/marks.h"

namespace yd::swatches {
namespace {

constexpr double kDimPaper = 0.12;  // light of bare paper, for each of its own: dark sticks are to be told apart
constexpr double kFlat_px = 2;      // by which marks may lie off once lens and view are undone
constexpr float kTopLight = 0.985F;
constexpr float kNoLight = 0.0015F;  // five levels of 255
constexpr double kMostOff = 6;       // CIEDE2000 of the greys, above which they are not trusted
constexpr double kInside = 0.2;      // of a patch on either side, where a hand may not have filled it

Error refused(const std::string& what) { return bad_value("photograph", what); }

/// The places of marks that are not seen, told one after the other.
std::string places_hidden(const std::array<int, printed::kMarks>& count) {
  std::string out;
  for (std::size_t i = 0; i < count.size(); ++i) {
    if (count[i] == 0) out += (out.empty() ? "" : ", ") + std::string(printed::mark_place(static_cast<int>(i)));
  }
  return out;
}

/// The eight marks by their places. More than one of a place: of two sheets.
Result<std::array<check::MarkSeen, printed::kMarks>> all_marks(const std::vector<check::MarkSeen>& seen) {
  std::array<check::MarkSeen, printed::kMarks> out;
  std::array<int, printed::kMarks> count{};
  for (const check::MarkSeen& m : seen) {
    if (m.mark >= printed::corner_mark(0)) continue;
    const auto place = static_cast<std::size_t>(printed::place_of(m.mark));
    out[place] = m;
    ++count[place];
  }
  if (seen.empty()) return refused("shows no mark of a printed sheet: take it whole, sharp, from straight above");
  if (std::any_of(count.begin(), count.end(), [](int n) { return n > 1; }))
    return refused("shows marks of two sheets: take one sheet at a time");
  const std::string hidden = places_hidden(count);
  if (!hidden.empty())
    return refused("does not show the mark " + hidden + ": take the whole sheet, all eight marks free");
  return out;
}

Result<printed::Layout> layout_of(const std::array<check::MarkSeen, printed::kMarks>& marks) {
  std::array<int, printed::kMarks> ids{};
  for (std::size_t i = 0; i < ids.size(); ++i) ids[i] = marks[i].mark;
  const auto sheet = printed::sheet_of(ids);
  if (!sheet) return refused("shows marks that are not of one printed sheet");
  return printed::lay_out(*sheet);
}

PlacedSheet placed(const printed::Layout& layout, const std::array<check::MarkSeen, printed::kMarks>& marks,
                   const check::Photo& photo) {
  const double wide = layout.sheet.width_mm;
  const double high = layout.sheet.height_mm;
  std::vector<Pair> pairs;
  pairs.reserve(4 * marks.size());
  for (std::size_t i = 0; i < marks.size(); ++i) {
    const printed::Box& b = layout.marks[i];
    const double edge = b.width / printed::kMarkCells;  // the white border
    const double x[] = {b.left + edge, b.right() - edge};
    const double y[] = {b.top + edge, b.bottom() - edge};
    constexpr int kCorner[4][2] = {{0, 0}, {1, 0}, {1, 1}, {0, 1}};
    for (std::size_t k = 0; k < 4; ++k)
      pairs.push_back({{x[kCorner[k][0]] / wide, y[kCorner[k][1]] / high}, marks[i].corners[k]});
  }
  return placed_by(pairs, photo.image.width, photo.image.height);
}

/// Reads places of the sheet, in millimetres.
class Reader {
 public:
  Reader(const check::Photo& photo, const SheetReading& reading) : photo_(photo), r_(reading) {
    const double wide = r_.layout.sheet.width_mm;
    const double high = r_.layout.sheet.height_mm;
    const auto a = r_.placement.at(0.5, 0.5);
    px_per_mm_ = std::min(check::distance(a, r_.placement.at(0.5 + 1 / wide, 0.5)),
                          check::distance(a, r_.placement.at(0.5, 0.5 + 1 / high)));
  }
  double px_per_mm() const { return px_per_mm_; }

  std::vector<check::SeenAt> bare() const {
    std::vector<check::SeenAt> out;
    for (const subject::Point& p : r_.layout.bare) {
      const double u = p.x / r_.layout.sheet.width_mm;
      const double v = p.y / r_.layout.sheet.height_mm;
      // A quarter of the gap on either side stays out of it.
      const int reach = std::max(0, static_cast<int>(0.8 * px_per_mm_) / 2);
      if (const auto seen = check::light_at(photo_, r_.placement.at(u, v), reach)) out.push_back({u, v, *seen});
    }
    return out;
  }

  /// Light of a box's middle, put right so far as `r_.light` goes.
  std::vector<colour::Light> inside(const printed::Box& box, double* clipped = nullptr) const {
    const int across = std::max(3, static_cast<int>((1 - 2 * kInside) * box.width * px_per_mm_));
    const int down = std::max(3, static_cast<int>((1 - 2 * kInside) * box.height * px_per_mm_));
    std::vector<colour::Light> out;
    int at_end = 0;
    for (int y = 0; y < down; ++y) {
      for (int x = 0; x < across; ++x) {
        const double s = kInside + (1 - 2 * kInside) * (x + 0.5) / across;
        const double t = kInside + (1 - 2 * kInside) * (y + 0.5) / down;
        const double u = (box.left + s * box.width) / r_.layout.sheet.width_mm;
        const double v = (box.top + t * box.height) / r_.layout.sheet.height_mm;
        const auto seen = check::light_at(photo_, r_.placement.at(u, v), 0);
        if (!seen) continue;
        at_end +=
            std::max({seen->r, seen->g, seen->b}) >= kTopLight || std::min({seen->r, seen->g, seen->b}) <= kNoLight;
        out.push_back(r_.light.at(*seen, u, v));
      }
    }
    if (clipped != nullptr) *clipped = out.empty() ? 1 : static_cast<double>(at_end) / static_cast<double>(out.size());
    return out;
  }

 private:
  const check::Photo& photo_;
  const SheetReading& r_;
  double px_per_mm_ = 0;
};

colour::Light mean_of(std::span<const colour::Light> some) {
  std::array<double, 3> sum{};
  for (const colour::Light& c : some) sum[0] += c.r, sum[1] += c.g, sum[2] += c.b;
  const double n = std::max<double>(1, static_cast<double>(some.size()));
  return {static_cast<float>(sum[0] / n), static_cast<float>(sum[1] / n), static_cast<float>(sum[2] / n)};
}

/// Of bands across it: grain is averaged away, what was left out is not.
double patchiness(const std::vector<colour::Light>& inside) {
  constexpr std::size_t kBands = 5;
  const std::size_t band = inside.size() / kBands;
  if (band == 0) return 0;
  double sum = 0;
  double squares = 0;
  for (std::size_t i = 0; i < kBands; ++i) {
    const double l = colour::to_lab(mean_of(std::span(inside).subspan(i * band, band))).l;
    sum += l;
    squares += l * l;
  }
  return std::sqrt(std::max(0.0, squares / kBands - (sum / kBands) * (sum / kBands)));
}

/// The curve of the camera, and what its channels take from each other, by the printed greys.
void fix_by_greys(const Reader& reader, SheetReading& r) {
  std::vector<check::KnownPatch> greys;
  greys.reserve(r.layout.greys.size());
  for (const printed::Grey& g : r.layout.greys) {
    const auto share = static_cast<float>(g.light);
    const colour::Light& paper = r.light.paper;
    greys.push_back({mean_of(reader.inside(g.box)), {paper.r * share, paper.g * share, paper.b * share}});
  }
  check::LightFix fix = r.light;
  check::fix_by_patches(greys, fix);
  if (fix.residual_de00 > kMostOff) return;
  fix.by = check::Reference::printed_greys;
  r.light = fix;
}

Status even_light(const Reader& reader, const colour::Lab& paper, SheetReading& r) {
  const std::vector<check::SeenAt> bare = reader.bare();
  const auto top = std::count_if(bare.begin(), bare.end(), [](const check::SeenAt& b) {
    return std::max({b.seen.r, b.seen.g, b.seen.b}) >= kTopLight;
  });
  if (top * 10 > static_cast<std::ptrdiff_t>(bare.size()))
    return refused("is too light: the bare paper has burnt out, expose less");
  r.light = check::fix_by_paper(bare, paper);
  if (std::exp(r.light.surface[3]) < kDimPaper) return refused("is too dark: more light, or expose longer");
  if (r.light.by == check::Reference::none)
    return refused(
        "has light that does not lie evenly: no shadow and no lamp mirrored on the sheet, the paper bare between the "
        "cells");
  if (r.light.uneven > check::kMostUneven) return refused("is lit from one side: turn the sheet to the light");
  fix_by_greys(reader, r);
  return success();
}

Patch patch_of(const Reader& reader, const printed::Box& box, const colour::Lab& paper) {
  Patch out;
  const std::vector<colour::Light> inside = reader.inside(box, &out.clipped);
  out.lab = colour::to_lab(mean_of(inside));
  out.patchy = patchiness(inside);
  out.off_paper = colour::ciede2000(out.lab, paper);
  return out;
}

}  // namespace

Result<SheetReading> read_sheet(const check::Photo& photo, const colour::Lab& paper) {
  const auto marks = all_marks(check::marks_seen(photo));
  if (!marks) return marks.error();
  const auto layout = layout_of(marks.value());
  if (!layout) return layout.error();
  SheetReading out;
  out.layout = layout.value();
  const PlacedSheet sheet = placed(out.layout, marks.value(), photo);
  if (sheet.off_px > kFlat_px) return refused("shows a sheet that does not lie flat");
  out.placement = sheet.placement;
  const Reader reader(photo, out);
  const printed::Box& first = out.layout.cells.front().patches.front();
  if (std::min(first.width, first.height) * reader.px_per_mm() < kLeastPatch_px)
    return refused("is too small for so many cells: go nearer, or use the camera's full size");
  const Status lit = even_light(reader, paper, out);
  if (!lit) return lit.error();
  out.cells.reserve(out.layout.cells.size());
  for (const printed::Cell& c : out.layout.cells) {
    std::vector<Patch> patches;
    patches.reserve(c.patches.size());
    for (const printed::Box& b : c.patches) patches.push_back(patch_of(reader, b, paper));
    out.cells.push_back(std::move(patches));
  }
  return out;
}

}  // namespace yd::swatches
