// SPDX-License-Identifier: MIT
#include "body.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "filler.h"
#include "marks/groups.h"
#include "marks/under.h"
#include "parallel/each.h"

namespace yd::plan {
namespace {

cv::Vec3f vec(const colour::Din99o& c) { return {c.l, c.a, c.b}; }

/// A pass as a hand would have it at a pixel that follows the shades and grades from one to the other.
struct Planned {
  float pressure = 0;
  cv::Vec3f moves;  ///< at full pressure
};

class PassAsPlanned {
 public:
  PassAsPlanned(const SheetReading& r, const Pass& pass, const std::vector<cv::Vec3f>& moves)
      : r_(r), moves_(moves), pressure_(moves.size(), 0) {
    for (std::size_t t = 0; t < pressure_.size(); ++t)
      if (lies_on(pass, t)) pressure_[t] = static_cast<float>(pressure_on(pass, static_cast<int>(t)));
  }

  Planned at(std::size_t pixel) const {
    const auto own = static_cast<std::size_t>(r_.target.data[pixel]);
    const std::int16_t towards = r_.towards.data[pixel];
    if (towards < 0) return {pressure_[own], moves_[own]};
    const auto other = static_cast<std::size_t>(towards);
    const float p = (1 - r_.share.data[pixel]) * pressure_[own], q = r_.share.data[pixel] * pressure_[other];
    if (p + q <= 0) return {0, moves_[own]};
    return {p + q, (moves_[own] * p + moves_[other] * q) * (1 / (p + q))};
  }

  /// The shade that has the pass there; -1: none.
  int shade(std::size_t pixel) const {
    const std::int16_t own = r_.target.data[pixel], other = r_.towards.data[pixel];
    if (pressure_[static_cast<std::size_t>(own)] > 0) return own;
    return other >= 0 && pressure_[static_cast<std::size_t>(other)] > 0 ? other : -1;
  }

  MarkPoint pressed(std::size_t pixel, float pressure) const {
    MarkPoint out;
    const int t = shade(pixel);
    if (t < 0) return out;
    out.target = static_cast<std::int16_t>(t);
    out.share = pressure / pressure_[static_cast<std::size_t>(t)];
    return out;
  }

 private:
  const SheetReading& r_;
  const std::vector<cv::Vec3f>& moves_;
  std::vector<float> pressure_;
};

constexpr std::size_t kGrain = 1U << 15U;  // pixels

/// What a pass is needed for, pixel by pixel, all others as they are foreseen.
std::vector<Need> needs_of(const SheetReading& r, const PassAsPlanned& plan, const Foreseen& foreseen) {
  std::vector<Need> out(foreseen.size());
  const auto* wanted = r.wanted.ptr<cv::Vec3f>();
  parallel::spans(out.size(), kGrain, [&](std::size_t begin, std::size_t end) {
    for (std::size_t i = begin; i < end; ++i) {
      const Planned p = plan.at(i);
      const cv::Vec3f lacks = wanted[i] - (foreseen[i] - p.moves * p.pressure);
      out[i] = {lacks.dot(lacks), lacks.dot(p.moves), p.moves.dot(p.moves)};
    }
  });
  return out;
}

/// What it takes away where it lies at its best; nowhere but on shades that have it.
std::vector<float> gains(const PassAsPlanned& plan, const std::vector<Need>& needs) {
  std::vector<float> out(needs.size());
  for (std::size_t i = 0; i < out.size(); ++i) {
    const Need& n = needs[i];
    out[i] = plan.shade(i) < 0 ? -1 : std::sqrt(n.off) - std::sqrt(n.at(n.best()));
  }
  return out;
}

/// The pressure that serves best what lies under a mark of a width and gains by the pass.
std::vector<float> best_pressures(const SheetReading& r, const std::vector<Need>& needs, const std::vector<float>& gain,
                                  double width_mm) {
  constexpr float kLeast = 1.0F / PileTree::kSteps;
  const int side = std::max(1, static_cast<int>(std::lround(width_mm * 0.75 * r.grid.px_per_mm)) | 1);
  cv::Mat along(r.grid.height, r.grid.width, CV_32F), moves(r.grid.height, r.grid.width, CV_32F);
  for (std::size_t i = 0; i < needs.size(); ++i) {
    along.ptr<float>()[i] = gain[i] > 0 ? needs[i].along : 0;
    moves.ptr<float>()[i] = gain[i] > 0 ? needs[i].moves : 0;
  }
  cv::blur(along, along, cv::Size(side, side));
  cv::blur(moves, moves, cv::Size(side, side));
  std::vector<float> out(needs.size());
  for (std::size_t i = 0; i < out.size(); ++i)
    out[i] = std::clamp(along.ptr<float>()[i] / std::max(1e-6F, moves.ptr<float>()[i]), kLeast, 1.0F);
  return out;
}

/// Seconds a square millimetre takes with a part, in marks of usual length.
double seconds_mm2(const media::Part& part) {
  constexpr double kLong = 5;  // widths
  const double length = std::min(part.greatest_mm, kLong * part.width_mm);
  return part.seconds(length) / (length * part.width_mm);
}

/// Parts from broad to fine: what a broad mark covers is worth no more than it would cost to cover it with the next
/// finer part, so it stays clear of where it spoils.
void fill_broad_to_fine(const SheetReading& r, std::span<const int> parts, const Filling& how, std::vector<char>& laid,
                        std::vector<LaidMark>& marks) {
  for (std::size_t k = 0; k < parts.size(); ++k) {
    Filling mine = how;
    if (k + 1 < parts.size()) {
      const double finer = seconds_mm2(media::all_parts()[static_cast<std::size_t>(parts[k + 1])]);
      mine.most = static_cast<float>(how.price * finer * r.px_mm2());
    }
    std::vector<float> pressure;
    if (how.needs != nullptr) {
      const double width = media::all_parts()[static_cast<std::size_t>(parts[k])].width_mm;
      pressure = best_pressures(r, *how.needs, *how.gain, width);
      mine.pressure = &pressure;
    }
    Filled filled = fill(r, parts[k], mine, laid);
    std::move(filled.marks.begin(), filled.marks.end(), std::back_inserter(marks));
  }
}

/// What rubbing takes away where the pass lies: by how much the picture is nearer than where it stays as it was laid.
std::vector<float> rub_gains(const SheetReading& r, const PassAsPlanned& plan, const std::vector<cv::Vec3f>& rubs,
                             const std::vector<char>& laid, const Foreseen& foreseen) {
  std::vector<float> out(foreseen.size());
  const auto* wanted = r.wanted.ptr<cv::Vec3f>();
  for (std::size_t i = 0; i < out.size(); ++i) {
    const cv::Vec3f& moves = rubs[static_cast<std::size_t>(r.target.data[i])];
    const cv::Vec3f with = plan.shade(i) >= 0 ? foreseen[i] : foreseen[i] + moves;
    const double is = cv::norm(wanted[i] - with), was = cv::norm(wanted[i] - (with - moves));
    out[i] = static_cast<float>(was - is);
    if (laid[i] == 0) out[i] = std::min(out[i], 0.0F);  // nothing to rub
  }
  return out;
}

/// What rubs the body of a picture: skin would polish the tooth away, a rubber tip is for single places.
std::vector<int> body_tools() {
  constexpr double kLeast_mm = 4;
  std::vector<int> out = media::parts_of(media::kRubbing);
  std::erase_if(out, [](int t) {
    const media::Part& part = media::all_parts()[static_cast<std::size_t>(t)];
    return part.name == "finger" || part.width_mm < kLeast_mm;
  });
  return out;
}

double seconds_in(std::span<const LaidMark> marks) {
  double sum = 0;
  for (const LaidMark& m : marks) sum += seconds_of(m);
  return sum;
}

/// The masses of a pass as one works on them.
std::vector<int> furthest_first(const MarkingInput& in, const Pass& pass) {
  std::vector<int> out = pass.masses;
  std::stable_sort(out.begin(), out.end(), [&](int p, int q) {
    const auto plane = [&](int m) { return in.subject->masses[static_cast<std::size_t>(m)].plane; };
    return plane(p) < plane(q);
  });
  return out;
}

/// One pass, made into marks.
class BodyMarks {
 public:
  BodyMarks(const MarkingInput& in, const SheetReading& r, const Pass& pass, const Tells& tells, double price)
      : in_(in), r_(r), pass_(pass), tells_(tells), plan_(r, pass, tells.laid) {
    how_.price = price;
    how_.hand = in.hand;
    how_.left_handed = in.left_handed;
    how_.press = [this](std::size_t pixel, float pressure) { return plan_.pressed(pixel, pressure); };
  }

  MarkedPass run(Foreseen& foreseen) {
    lay(foreseen);
    if (pass_.technique == Technique::rubbed && !marks_.empty()) rub(foreseen);
    MarkedPass out;
    in_order_of_work(marks_, in_.targets, furthest_first(in_, pass_));
    out.marks = std::move(marks_);
    out.seconds = seconds_in(out.marks);
    return out;
  }

 private:
  void lay(Foreseen& foreseen) {
    const std::vector<Need> needs = needs_of(r_, plan_, foreseen);
    const std::vector<float> gain = gains(plan_, needs);
    laid_.assign(gain.size(), 0);
    Filling how = how_;
    how.gain = &gain;
    how.needs = &needs;
    fill_broad_to_fine(r_, media::parts_of(in_.sticks[static_cast<std::size_t>(pass_.stick)].medium), how, laid_,
                       marks_);
    std::vector<float> pressure(gain.size(), 0);
    for (const LaidMark& m : marks_) {
      under(m, r_.grid, [&](std::size_t i, const MarkPoint& p) {
        if (pressure[i] == 0) pressure[i] = static_cast<float>(pressure_at(p, pass_));
      });
    }
    for (std::size_t i = 0; i < pressure.size(); ++i) {
      const Planned p = plan_.at(i);
      foreseen[i] += p.moves * (pressure[i] - p.pressure);
    }
  }

  void rub(Foreseen& foreseen) {
    const std::vector<float> gain = rub_gains(r_, plan_, tells_.rubbed, laid_, foreseen);
    std::vector<char> rubbed(gain.size(), 0);
    Filling how = how_;
    how.gain = &gain;
    fill_broad_to_fine(r_, body_tools(), how, rubbed, marks_);
    for (std::size_t i = 0; i < rubbed.size(); ++i) {
      const int more = static_cast<int>(rubbed[i] != 0) - static_cast<int>(plan_.shade(i) >= 0);
      foreseen[i] += tells_.rubbed[static_cast<std::size_t>(r_.target.data[i])] * static_cast<float>(more);
    }
  }

  const MarkingInput& in_;
  const SheetReading& r_;
  const Pass& pass_;
  const Tells& tells_;
  PassAsPlanned plan_;
  Filling how_;
  std::vector<char> laid_;
  std::vector<LaidMark> marks_;
};

}  // namespace

Foreseen as_planned(const SheetReading& r, std::span<const ShadeMade> made) {
  Foreseen out(r.target.size());
  for (std::size_t i = 0; i < out.size(); ++i) {
    const ShadeMade& own = made[static_cast<std::size_t>(r.target.data[i])];
    out[i] = vec(own.seen);
    for (const Graded& g : own.graded)
      if (g.towards == r.towards.data[i] && g.share == r.share.data[i]) out[i] = vec(g.seen);
  }
  return out;
}

MarkedPass body_marks(const MarkingInput& in, const SheetReading& r, const Pass& pass, const Tells& tells, double price,
                      Foreseen& foreseen) {
  return BodyMarks(in, r, pass, tells, price).run(foreseen);
}

}  // namespace yd::plan
