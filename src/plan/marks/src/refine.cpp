// SPDX-License-Identifier: MIT
#include "refine.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <opencv2/imgproc.hpp>
#include <set>

#include "filler.h"
#include "price/price.h"

namespace yd::plan {
namespace {

constexpr std::array<int, 3> kPresses{5, 10, 16};  // light, middle, firm, in sixteenths
constexpr double kBroadest_mm = 9.5;               // what refines
constexpr int kMostFinishing = 8;
constexpr std::size_t kPointedTried = 8;
constexpr float kFarOff = 3;  // DIN99o from which a place is looked at for colours

/// One stick at one pressure with one part.
struct Finisher {
  int stick = 0, step = 0, part = 0;
  double promises = 0;  ///< at most about this is gained
  int looked = -1;      ///< how many passes were laid when that was found
};

class Refining {
 public:
  Refining(const MarkingInput& in, const SheetReading& r, Canvas& canvas, const Worth& worth, Marking& out)
      : in_(in), r_(r), canvas_(canvas), price_(worth.price), minutes_(worth.most_minutes), out_(out) {
    const double sheet_mm2 = r.grid.width_mm * r.grid.height_mm;
    pass_ = prices().mark.pass * sheet_mm2 + price_ * 60 * prices().minutes.take_up;
  }

  void run() {
    make_tools();
    for (int laid = 0; laid < kMostFinishing;) {
      const auto best = std::max_element(tools_.begin(), tools_.end(),
                                         [](const Finisher& p, const Finisher& q) { return p.promises < q.promises; });
      if (best == tools_.end() || best->promises <= pass_) return;
      if (!may_take(best->stick)) {
        best->promises = 0;
        continue;
      }
      if (best->looked < laid) {
        look_again(best->stick, best->step, laid);
        continue;
      }
      if (lay(*best)) {
        ++laid;
      } else {
        best->promises = 0;
      }
    }
  }

 private:
  const media::Stick& stick(int s) const { return in_.sticks[static_cast<std::size_t>(s)]; }

  /// Whether another stick that is not in the tray may be taken, or this one is in the hand anyway.
  bool may_take(int s) const {
    if (std::find(in_.tray.begin(), in_.tray.end(), s) != in_.tray.end()) return true;
    return pencils_.count(s) > 0 || static_cast<int>(pencils_.size()) < in_.most_pencils;
  }

  bool barred(int s) const { return std::binary_search(in_.barred.begin(), in_.barred.end(), s); }

  void make_tools() {
    std::set<int> sticks;
    for (const int s : in_.tray) {  // what lies on the sheet is of the tray, and may be gone from the hand
      if (!barred(s)) sticks.insert(s);
    }
    for (const int s : pointed()) sticks.insert(s);
    for (const int s : sticks) {
      for (const int part : media::parts_of(stick(s).medium)) {
        if (media::all_parts()[static_cast<std::size_t>(part)].width_mm > kBroadest_mm) continue;
        for (const int step : kPresses) tools_.push_back({s, step, part, 0, -1});
      }
    }
    std::set<std::pair<int, int>> asked;
    for (const Finisher& t : tools_)
      if (asked.insert({t.stick, t.step}).second) look_again(t.stick, t.step, 0);
  }

  /// Pencils and hard sticks that are near in colour to what is still far off.
  std::vector<int> pointed() {
    std::vector<int> all;
    for (std::size_t s = 0; s < in_.sticks.size(); ++s)
      if (media::facts(in_.sticks[s].medium).draws_lines() && media::at_hand(in_.sticks[s]) &&
          !barred(static_cast<int>(s)))
        all.push_back(static_cast<int>(s));
    std::vector<colour::Din99o> own;
    own.reserve(all.size());
    for (const int s : all) own.push_back(colour::to_din99o(stick(s).lab));
    std::vector<double> wins(all.size(), 0);
    constexpr std::size_t kEvery = 7;
    const auto* wanted = r_.wanted.ptr<cv::Vec3f>();
    for (std::size_t i = 0; i < r_.target.size() && !all.empty(); i += kEvery) {
      const colour::Din99o w{wanted[i][0], wanted[i][1], wanted[i][2]};
      const float off = std::sqrt(colour::distance_squared(w, canvas_.tree().seen(canvas_.piles().data[i])));
      if (off < kFarOff) continue;
      std::size_t best = 0;
      float least = 1e9F;
      for (std::size_t k = 0; k < all.size(); ++k) {
        const float d = colour::distance_squared(w, own[k]);
        if (d < least) least = d, best = k;
      }
      if (least < off * off) wins[best] += off - std::sqrt(least);
    }
    std::vector<std::size_t> order(all.size());
    for (std::size_t k = 0; k < order.size(); ++k) order[k] = k;
    std::stable_sort(order.begin(), order.end(), [&](std::size_t p, std::size_t q) { return wins[p] > wins[q]; });
    std::vector<int> out;
    for (const std::size_t k : order)
      if (out.size() < kPointedTried && wins[k] > 0) out.push_back(all[k]);
    return out;
  }

  /// Of each pile on the canvas, one that is like it; -1 for those that are near enough to what is wanted as they lie.
  void group() {
    constexpr double kAlike = 6, kTooth = 0.15;  // DIN99o, share
    constexpr double kNearEnough = 1.2;          // DIN99o on average
    PileTree& tree = canvas_.tree();
    alike_.assign(tree.size(), -1);
    struct Like {
      int pile = 0;
      double off = 0, area = 0;
    };
    std::map<std::array<int, 4>, Like> groups;
    std::vector<Like*> of(tree.size(), nullptr);
    const auto* wanted = r_.wanted.ptr<cv::Vec3f>();
    for (std::size_t i = 0; i < r_.target.size(); ++i) {
      const int pile = canvas_.piles().data[i];
      Like*& like = of[static_cast<std::size_t>(pile)];
      const colour::Din99o& c = tree.seen(pile);
      if (like == nullptr) {
        const auto in = [](double v, double each) { return static_cast<int>(std::floor(v / each)); };
        const std::array<int, 4> key{in(c.l, kAlike), in(c.a, kAlike), in(c.b, kAlike),
                                     in(tree.pile(pile).tooth_left(), kTooth)};
        like = &groups.try_emplace(key, Like{pile, 0, 0}).first->second;
      }
      like->off += std::sqrt(colour::distance_squared({wanted[i][0], wanted[i][1], wanted[i][2]}, c));
      like->area += 1;
    }
    for (std::size_t p = 0; p < of.size(); ++p)
      if (of[p] != nullptr && of[p]->off > kNearEnough * of[p]->area) alike_[p] = of[p]->pile;
  }

  /// What a stroke does to a pile.
  struct Done {
    colour::Din99o now, then;
    enum class State : std::uint8_t { unknown, laid, barred } state = State::unknown;
  };

  Done done_to(int pile, int s, int step) {
    PileTree& tree = canvas_.tree();
    Done out;
    out.now = tree.seen(pile);
    const int like = alike_[static_cast<std::size_t>(pile)];
    const bool full = media::facts(stick(s).medium).draws_lines() && tree.pile(pile).tooth_left() < prices().mark.tooth;
    out.state = full || like < 0 ? Done::State::barred : Done::State::laid;
    if (out.state == Done::State::barred) return out;
    // A stroke does to a pile about what it does to one that looks like it and has as much tooth: the more it covers,
    // the less of the difference below is left.
    const colour::Din99o then = tree.seen(tree.laid(like, s, step));
    const colour::Din99o was = tree.seen(like);
    const float own = colour::distance_squared(colour::to_din99o(stick(s).lab), was);
    const float covers = own > 1 ? std::min(1.0F, std::sqrt(colour::distance_squared(then, was) / own)) : 0.5F;
    const float left = 1 - covers;
    out.then = {then.l + left * (out.now.l - was.l), then.a + left * (out.now.a - was.a),
                then.b + left * (out.now.b - was.b)};
    return out;
  }

  /// What a stroke of the stick takes away, on every n-th pixel each way, DIN99o.
  cv::Mat gains(int s, int step, int every) {
    if (alike_.empty()) group();
    std::vector<Done> known(canvas_.tree().size());
    const int w = (r_.grid.width + every - 1) / every, h = (r_.grid.height + every - 1) / every;
    cv::Mat out(h, w, CV_32F);
    for (int y = 0; y < h; ++y) {
      const auto* wanted = r_.wanted.ptr<cv::Vec3f>(y * every);
      for (int x = 0; x < w; ++x) {
        const int pile = canvas_.piles().at(x * every, y * every);
        Done& k = known[static_cast<std::size_t>(pile)];
        if (k.state == Done::State::unknown) k = done_to(pile, s, step);
        const cv::Vec3f& c = wanted[x * every];
        const colour::Din99o here{c[0], c[1], c[2]};
        out.at<float>(y, x) = k.state == Done::State::barred ? -1
                                                             : std::sqrt(colour::distance_squared(here, k.now)) -
                                                                   std::sqrt(colour::distance_squared(here, k.then));
      }
    }
    return out;
  }

  /// The same on every pixel, each pile by itself where the stroke may help.
  cv::Mat exact_gains(int s, int step) {
    constexpr float kHopeless = -0.5F;
    cv::Mat out = gains(s, step, 1);
    PileTree& tree = canvas_.tree();
    std::vector<char> helped(alike_.size(), 0);
    for (std::size_t i = 0; i < canvas_.piles().size(); ++i)
      if (out.ptr<float>()[i] > kHopeless) helped[static_cast<std::size_t>(canvas_.piles().data[i])] = 1;
    std::vector<colour::Din99o> then(helped.size());
    for (std::size_t p = 0; p < helped.size(); ++p)
      if (helped[p] != 0) then[p] = tree.seen(tree.laid(static_cast<int>(p), s, step));
    const auto* wanted = r_.wanted.ptr<cv::Vec3f>();
    for (std::size_t i = 0; i < canvas_.piles().size(); ++i) {
      const int pile = canvas_.piles().data[i];
      if (helped[static_cast<std::size_t>(pile)] == 0) continue;
      const colour::Din99o here{wanted[i][0], wanted[i][1], wanted[i][2]};
      out.ptr<float>()[i] = std::sqrt(colour::distance_squared(here, tree.seen(pile))) -
                            std::sqrt(colour::distance_squared(here, then[static_cast<std::size_t>(pile)]));
    }
    return out;
  }

  /// What all the tools of a stick at a pressure promise: where the mean over a mark's width is worth its time.
  void look_again(int s, int step, int laid) {
    constexpr int kEvery = 2;
    cv::Mat map = gains(s, step, kEvery);
    cv::Mat weight;
    cv::resize(r_.weight, weight, map.size(), 0, 0, cv::INTER_NEAREST);
    const double px_mm2 = kEvery * kEvery * r_.px_mm2();
    map = map.mul(weight, px_mm2);
    for (Finisher& t : tools_) {
      if (t.stick != s || t.step != step) continue;
      const media::Part& part = media::all_parts()[static_cast<std::size_t>(t.part)];
      constexpr double kLong = 5;  // widths
      const double area = part.width_mm * part.width_mm * kLong;
      const double costs = price_ * part.seconds(kLong * part.width_mm) / area * px_mm2;
      const int side = std::max(1, static_cast<int>(std::lround(part.width_mm * r_.grid.px_per_mm / kEvery)));
      cv::Mat mean;
      cv::blur(map, mean, cv::Size(side, side));
      mean -= costs;
      cv::threshold(mean, mean, 0, 0, cv::THRESH_TOZERO);
      t.promises = cv::sum(mean)[0];
      t.looked = laid;
    }
  }

  bool lay(const Finisher& tool) {
    const cv::Mat exact = exact_gains(tool.stick, tool.step);
    const std::vector<float> gain(exact.begin<float>(), exact.end<float>());
    std::vector<char> laid(gain.size(), 0);
    Filling how;
    how.gain = &gain;
    how.price = price_;
    how.left_handed = in_.left_handed;
    how.press = [](std::size_t, float) { return MarkPoint{}; };
    Filled filled = fill(r_, tool.part, how, laid);
    if (filled.worth <= pass_) return false;
    Pass pass = pass_for(tool, laid);
    MarkedPass marked;
    marked.marks = std::move(filled.marks);
    for (const LaidMark& m : marked.marks) marked.seconds += seconds_of(m);
    const double takes = minutes_of(in_, pass, marked.seconds) + SequenceProblem{}.change_minutes;
    if (takes > minutes_) return false;
    minutes_ -= takes;
    if (std::find(in_.tray.begin(), in_.tray.end(), tool.stick) == in_.tray.end()) pencils_.insert(tool.stick);
    plan::lay(canvas_, pass, marked.marks, r_.target);
    alike_.clear();
    out_.passes.push_back(std::move(marked));
    out_.finishing.push_back(std::move(pass));
    return true;
  }

  Pass pass_for(const Finisher& tool, const std::vector<char>& laid) const {
    constexpr double kPartOfShade = 0.1, kPartOfPass = 0.05;
    std::map<int, double> by_target;
    double all = 0;
    for (std::size_t i = 0; i < laid.size(); ++i) {
      if (laid[i] == 0) continue;
      by_target[r_.target.data[i]] += 1;
      ++all;
    }
    std::map<int, double> whole;
    for (const std::int16_t t : r_.target.data) whole[t] += 1;
    Pass out;
    out.kind = PassKind::stroke;
    out.stick = tool.stick;
    out.pressure = out.least_pressure = static_cast<double>(tool.step) / PileTree::kSteps;
    out.level = kAccentLevel;
    out.accent = true;
    out.finishing = true;
    out.purpose = Purpose::accent;
    out.plane = subject::Plane::foreground;
    for (const auto& [t, area] : by_target) {
      if (area < kPartOfPass * all && area < kPartOfShade * whole[t]) continue;
      out.targets.push_back(t);
      const TargetPlan& target = in_.targets[static_cast<std::size_t>(t)];
      out.masses.push_back(target.mass);
      out.plane = std::min(out.plane, in_.subject->masses[static_cast<std::size_t>(target.mass)].plane);
    }
    out.pressures.assign(out.targets.size(), out.pressure);
    std::sort(out.masses.begin(), out.masses.end());
    out.masses.erase(std::unique(out.masses.begin(), out.masses.end()), out.masses.end());
    return out;
  }

  const MarkingInput& in_;
  const SheetReading& r_;
  Canvas& canvas_;
  double price_;
  double minutes_;  ///< left
  Marking& out_;
  double pass_ = 0;
  std::vector<Finisher> tools_;
  std::set<int> pencils_;   ///< that were taken besides the tray
  std::vector<int> alike_;  ///< piles of the canvas as it lay when it was last grouped
};

}  // namespace

void refine(const MarkingInput& in, const SheetReading& r, Canvas& canvas, const Worth& worth, Marking& out) {
  Refining(in, r, canvas, worth, out).run();
}

}  // namespace yd::plan
