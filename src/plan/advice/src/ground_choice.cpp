// SPDX-License-Identifier: MIT
#include "advice/ground_choice.h"

#include <algorithm>
#include <cmath>

#include "colour/ciede2000.h"
#include "colour/words.h"
#include "colour/observer.h"
#include "optics/look.h"
#include "parallel/each.h"
#include "recipe/geometry.h"

namespace yd::plan {
namespace {

constexpr auto kMarkNames = std::to_array<const char*>(
    {"room for lights and darks", "head start", "cover", "temperature kept", "layers", "underpainting"});
static_assert(kMarkNames.size() == kGroundMarks);
constexpr std::size_t kPencil = 1;
constexpr std::size_t kSoft = 2;
constexpr double kMiddlePressure = 0.6;

bool extreme(const media::Paper& paper) { return paper.lab.l > kWhitePaper || paper.lab.l < kBlackPaper; }

/// One paper with the two-layer stacks of each medium, worked out once for all sticks.
class Sheet {
 public:
  Sheet(const media::Paper& paper, const optics::Parameters& parameters) : paper_(paper), parameters_(parameters) {
    for (std::size_t m = 0; m < kCompared.size(); ++m) {
      const StrokeShape stroke{kCompared[m], kMiddlePressure, Technique::laid};
      geometry_[m] = make_geometry(paper.ground, parameters, std::array<StrokeShape, 2>{stroke, stroke});
    }
  }
  colour::Lab laid(std::size_t medium, const media::Stick& stick) const {
    const optics::CoarsePigment p = optics::coarse(media::pigment_of(stick, parameters_));
    const std::array<const optics::CoarsePigment*, 2> both{&p, &p};
    return colour::to_lab(optics::mean(shade_stack(geometry_[medium], paper_.ground, both)));
  }

 private:
  const media::Paper& paper_;
  const optics::Parameters& parameters_;
  std::array<StackGeometry, kCompared.size()> geometry_;
};

int layers_borne(const media::Paper& paper, const optics::Parameters& parameters) {
  constexpr double kNothing = 0.2;  // of what the first stroke laid: a further layer changes little
  constexpr int kMost = 24;
  optics::Pile pile(paper.ground, parameters);
  double first = 0;
  double before = 0;
  for (int layers = 0; layers < kMost; ++layers) {
    pile.stroke(0, optics::Medium::soft, kMiddlePressure);
    const double laid = pile.mean_load() - before;
    before = pile.mean_load();
    if (layers == 0) first = laid;
    if (laid < kNothing * first) return layers;
  }
  return kMost;
}

class Judging {
 public:
  explicit Judging(const GroundInput& in) : in_(in) {
    for (const TargetPlan& t : in.plan->targets) {
      std::array<int, kCompared.size()> nearest{};
      for (std::size_t m = 0; m < kCompared.size(); ++m) nearest[m] = nearest_of(in.sticks, kCompared[m], t.target);
      nearest_.push_back(nearest);
      needs_ = std::max(needs_, static_cast<int>(t.recipe.strokes.size()) + (in.coat ? 1 : 0));
      range_.dark = std::min(range_.dark, t.target.l);
      range_.light = std::max(range_.light, t.target.l);
    }
  }

  /// White or black for a subject that does not live at that end.
  bool undared(const media::Paper& paper) const { return extreme(paper) && !dares(paper); }

  GroundVerdict of(std::size_t paper) const {
    GroundVerdict v;
    v.paper = paper;
    const media::Paper& p = in_.papers[paper];
    v.room_light = colour::value_step(range_.light) - colour::value_step(p.lab.l);
    v.room_dark = colour::value_step(p.lab.l) - colour::value_step(range_.dark);
    v.there = share_there(p);
    cover(p, v);
    v.bears_layers = layers_borne(p, *in_.parameters);
    v.needs_layers = needs_;
    v.takes_wet = in_.coat ? bears(p, in_.coat->medium) : p.wet >= media::Wetness::little;
    mark(v);
    return v;
  }

 private:
  double share_there(const media::Paper& paper) const {
    const auto& image = in_.subject->small;
    std::size_t n = 0;
    std::size_t near = 0;
    for (std::size_t i = 0; i < image.size(); i += 7, ++n) {
      const colour::LabPixel& c = image.data[i];
      near += colour::ciede2000({c.l, c.a, c.b}, paper.lab) <= kAlreadyThere ? 1 : 0;
    }
    return n > 0 ? static_cast<double>(near) / static_cast<double>(n) : 0;
  }

  void cover(const media::Paper& paper, GroundVerdict& v) const {
    const Sheet sheet(paper, *in_.parameters);
    double worst = -1;
    double area = 0;
    for (std::size_t t = 0; t < nearest_.size(); ++t) {
      std::array<double, kCompared.size()> shows{};
      for (std::size_t m = 0; m < kCompared.size(); ++m) {
        shows[m] = -1;
        if (nearest_[t][m] < 0) continue;
        const media::Stick& stick = in_.sticks[static_cast<std::size_t>(nearest_[t][m])];
        const colour::Lab laid = sheet.laid(m, stick);
        shows[m] = show_through(laid, paper.lab, stick.lab);
        if (!stands_for(t, m)) continue;
        const double a = in_.plan->targets[t].area;
        area += a;
        v.warmer += a * (colour::warmth(laid) - colour::warmth(stick.lab));
        v.chroma += a * (colour::chroma(laid) - colour::chroma(stick.lab));
        showing_of(v) += a * shows[m];
      }
      // The hardest to cover is judged by the difference seen, not by the share alone.
      const double seen = hardness(t, shows, paper);
      if (seen > worst) {
        worst = seen;
        v.hardest = static_cast<int>(t);
        v.shows = shows;
      }
    }
    if (area <= 0) return;
    v.warmer /= area;
    v.chroma /= area;
    showing_of(v) /= area;
  }

  /// The medium by which a target's cover is summed up: a soft stick, a pencil where there is none.
  bool stands_for(std::size_t t, std::size_t medium) const {
    return medium == kSoft || (medium == kPencil && nearest_[t][kSoft] < 0);
  }

  double hardness(std::size_t t, const std::array<double, 3>& shows, const media::Paper& paper) const {
    double most = 0;
    for (const double s : shows) most = std::max(most, s);
    return most * colour::ciede2000(in_.plan->targets[t].target, paper.lab);
  }

  /// The mean share showing is kept in the mark until marks are given.
  static double& showing_of(GroundVerdict& v) { return v.marks[static_cast<std::size_t>(GroundMark::cover)]; }

  void mark(GroundVerdict& v) const {
    constexpr double kRoomy = 2;  // steps in which a light or a dark is plainly seen
    const auto room = [](double steps) { return std::clamp(steps / kRoomy, 0.0, 1.0); };
    const double showing = showing_of(v);
    const auto at = [&](GroundMark m) -> double& { return v.marks[static_cast<std::size_t>(m)]; };
    at(GroundMark::room) = room(v.room_light) * room(v.room_dark);
    at(GroundMark::head_start) = std::min(1.0, v.there / 0.35);
    at(GroundMark::cover) = 1 - std::min(1.0, 3 * showing);
    at(GroundMark::harmony) = 1 - std::min(1.0, std::abs(v.warmer) / 6);
    at(GroundMark::layers) = std::min(1.0, v.bears_layers / (v.needs_layers + 3.0));
    at(GroundMark::wet) = v.takes_wet ? 1 : 0;
    double weights = 0;
    for (std::size_t m = 0; m < kGroundMarks; ++m) {
      v.score += in_.weights[m] * v.marks[m];
      weights += in_.weights[m];
    }
    if (weights > 0) v.score /= weights;
  }

  /// White shows no light and black no dark: one dares them for a subject that lives at that end.
  bool dares(const media::Paper& paper) const {
    constexpr double kLives = 0.7;  // share of the picture
    double there = 0;
    for (const TargetPlan& t : in_.plan->targets) {
      const bool lives = paper.lab.l > kWhitePaper ? t.target.l > 65 && colour::chroma(t.target) > 20 : t.target.l < 35;
      there += lives ? t.area : 0;
    }
    return there >= kLives;
  }

  const GroundInput& in_;
  std::vector<std::array<int, kCompared.size()>> nearest_;
  ValueRange range_{100, 0};
  int needs_ = 0;
};

}  // namespace

const char* name(GroundMark mark) { return kMarkNames[static_cast<std::size_t>(mark)]; }

int nearest_of(std::span<const media::Stick> sticks, optics::Medium medium, const colour::Lab& wanted) {
  int best = -1;
  double least = 1e18;
  for (std::size_t i = 0; i < sticks.size(); ++i) {
    if (sticks[i].medium != medium || !media::at_hand(sticks[i])) continue;
    const double d = colour::ciede2000(sticks[i].lab, wanted);
    if (d < least) {
      least = d;
      best = static_cast<int>(i);
    }
  }
  return best;
}

optics::StrataSpectra two_layers(const optics::Ground& ground, const media::Stick& stick,
                                 const optics::Parameters& parameters) {
  const std::array<media::Stick, 1> alone{stick};
  const std::array<Stroke, 2> strokes{Stroke{0, kMiddlePressure, Technique::laid},
                                      Stroke{0, kMiddlePressure, Technique::laid}};
  return shade(build(ground, parameters, alone, strokes), parameters, alone);
}

double show_through(const colour::Lab& laid, const colour::Lab& ground, const colour::Lab& pigment) {
  constexpr double kLeast = 2;  // closer colours hide each other anyway
  const double whole = colour::distance_1976(ground, pigment);
  if (whole < kLeast) return 0;
  return std::clamp(colour::distance_1976(laid, pigment) / whole, 0.0, 1.0);
}

Result<std::vector<GroundVerdict>> judge_grounds(const GroundInput& input, Observer& observer) {
  if (input.papers.empty()) return bad_value("papers", "there are none to judge");
  for (const double w : input.weights) {
    if (!(w >= 0 && w <= 3)) return bad_value("weights", "must be from 0 to 3");
  }
  const Judging judging(input);
  std::vector<GroundVerdict> out(input.papers.size());
  parallel::each(out.size(), [&](std::size_t p) {
    if (!observer.cancelled()) out[p] = judging.of(p);
  });
  if (observer.cancelled()) return Error{Error::Code::cancelled, "ground", "stopped"};
  std::stable_sort(out.begin(), out.end(),
                   [](const GroundVerdict& p, const GroundVerdict& q) { return p.score > q.score; });
  // Where room for lights and darks counts at all, nobody is sent to white or black without a reason.
  const auto daring = [&](const GroundVerdict& v) { return judging.undared(input.papers[v.paper]); };
  if (input.weights[static_cast<std::size_t>(GroundMark::room)] > 0 && daring(out.front())) {
    const auto calm = std::find_if_not(out.begin(), out.end(), daring);
    if (calm != out.end()) std::rotate(out.begin(), calm, calm + 1);
  }
  return out;
}

}  // namespace yd::plan
