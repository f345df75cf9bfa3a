// SPDX-License-Identifier: MIT
#include "marks/mark_out.h"

#include <algorithm>
#include <cmath>

#include "body.h"
#include "marks/canvas.h"
#include "price/price.h"
#include "refine.h"
#include "take_back.h"

namespace yd::plan {
namespace {

constexpr double kPxPerMm = 2;  // finer than any mark is placed
constexpr double kLeastPrice = 1.5, kGreatestPrice = 400;

SheetGrid grid_for(const MarkingInput& in) {
  const subject::LabImage& image = in.subject->image;
  return sheet_grid(in.sheet_cm2, static_cast<double>(image.width) / image.height, std::max(image.width, image.height),
                    kPxPerMm);
}

PileTree tree_for(const MarkingInput& in) {
  std::vector<const optics::Ground*> grounds{&in.paper->ground};
  for (const Coat& c : in.coats) grounds.push_back(&c.ground);
  return {std::move(grounds), in.sticks, *in.parameters};
}

/// Marks at one price after another, over what is the same at all of them.
class MarkingOut {
 public:
  explicit MarkingOut(const MarkingInput& in)
      : in_(in),
        tree_(tree_for(in)),
        thin_(read_sheet(*in.subject, in.targets, grid_for(in))),
        made_(shades_made(in, tree_)),
        tells_(what_passes_tell(in, tree_)) {}

  /// `most_minutes`: nothing is begun beyond them.
  Marking at(double price, double most_minutes) {
    SheetReading reading = thin_;
    broaden(reading, in_.targets, made_, price);
    Marking out;
    out.grid = reading.grid;
    out.passes.resize(in_.passes.size());
    out.target = reading.target;
    Foreseen foreseen = as_planned(reading, made_);
    for (std::size_t i = 0; i < in_.passes.size(); ++i) {
      MarkedPass& pass = out.passes[i];
      if (in_.passes[i].finishing && i < in_.given.size()) pass.marks = in_.given[i];
      for (const LaidMark& m : pass.marks) pass.seconds += seconds_of(m);
      if (strokes(in_.passes[i])) pass = body_marks(in_, reading, in_.passes[i], tells_[i], price, foreseen);
    }
    take_back(in_, reading, tree_, price, out);
    Canvas canvas(tree_, reading.grid);
    for (std::size_t i = 0; i < in_.passes.size(); ++i) lay(canvas, in_.passes[i], out.passes[i].marks, out.target);
    refine(in_, reading, canvas, {price, most_minutes - minutes_of(in_, out)}, out);
    return out;
  }

 private:
  const MarkingInput& in_;
  PileTree tree_;
  SheetReading thin_;
  std::vector<ShadeMade> made_;
  std::vector<Tells> tells_;
};

}  // namespace

void lay(Canvas& canvas, const Pass& pass, std::span<const LaidMark> marks, const subject::Grid<std::int16_t>& target) {
  canvas.lay(deeds_of(pass, marks, canvas.grid(), target));
}

double minutes_of(const MarkingInput& in, const Pass& pass, double seconds) {
  if (pass.kind != PassKind::stroke || pass.laid) return pass.laid ? 0 : pass.minutes;
  return prices().minutes.take_up + seconds / 60 * in.pace.of(in.sticks[static_cast<std::size_t>(pass.stick)].medium);
}

double minutes_of(const MarkingInput& in, const Marking& marking) {
  double sum = 0;
  for (std::size_t i = 0; i < marking.passes.size(); ++i) {
    const bool given = i < in.passes.size();
    const Pass& pass = given ? in.passes[i] : marking.finishing[i - in.passes.size()];
    sum += minutes_of(in, pass, marking.passes[i].seconds) + (pass.laid ? 0 : SequenceProblem{}.change_minutes);
  }
  return sum;
}

Marking mark_out(const MarkingInput& in) {
  constexpr int kTries = 6;
  constexpr double kSteep = 2;  // about how the price falls with the minutes
  constexpr double kAim = 0.95;
  constexpr double kClose = 0.9;  // of the time that was wished: near enough
  MarkingOut marking(in);
  double price = in.price.value_or(prices().mark.second);
  if (in.price || !in.wish_minutes) return marking.at(price, 1e9);
  const double wish = *in.wish_minutes;
  Marking best;
  double best_minutes = -1;
  for (int n = 0; n < kTries; ++n) {
    // All that this price is worth: were the body to take the time that finishing is worth more in, it would be the
    // wrong price.
    Marking tried = marking.at(price, 1e9);
    const double minutes = minutes_of(in, tried);
    const bool fits = minutes <= wish;
    const bool better = best_minutes < 0 || (fits ? best_minutes > wish || minutes > best_minutes
                                                  : best_minutes > wish && minutes < best_minutes);
    if (better) {
      best = std::move(tried);
      best_minutes = minutes;
    }
    if (fits && minutes >= kClose * wish) break;
    const double next = std::clamp(price * std::pow(minutes / (kAim * wish), kSteep), kLeastPrice, kGreatestPrice);
    if (next == price) break;
    price = next;
  }
  return best_minutes > wish ? marking.at(price, wish) : best;
}

}  // namespace yd::plan
