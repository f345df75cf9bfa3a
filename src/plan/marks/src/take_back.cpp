// SPDX-License-Identifier: MIT
#include "take_back.h"

#include <cmath>

#include "marks/under.h"
#include "tells.h"

namespace yd::plan {
namespace {

class TakingBack {
 public:
  TakingBack(const MarkingInput& in, const SheetReading& r, PileTree& tree, double price, Marking& marking)
      : in_(in), r_(r), tree_(tree), price_(price), marking_(marking), before_(r.target.size(), 0) {
    for (std::size_t i = 0; i < in.passes.size(); ++i) deeds_.push_back(deeds(i));
    all_.resize(before_.size());
    for (std::size_t i = 0; i < all_.size(); ++i) all_[i] = static_cast<std::uint32_t>(i);
  }

  void run() {
    for (std::size_t i = 0; i < in_.passes.size(); ++i) {
      if (strokes(in_.passes[i])) sift(i);
      lay(tree_, deeds_[i], all_, before_);
    }
  }

 private:
  Deeds deeds(std::size_t pass) const {
    return deeds_of(in_.passes[pass], marking_.passes[pass].marks, r_.grid, marking_.target);
  }

  void sift(std::size_t pass) {
    at_.clear();
    for (std::size_t i = 0; i < before_.size(); ++i)
      if (deeds_[pass].on[i] != 0) at_.push_back(static_cast<std::uint32_t>(i));
    keep_worth(pass, false, deeds_[pass], without(pass, [](std::uint8_t) { return std::uint8_t{0}; }));
    if (in_.passes[pass].technique != Technique::rubbed) return;
    const auto unrubbed = [](std::uint8_t deed) { return static_cast<std::uint8_t>(deed & ~Deeds::kRubs); };
    keep_worth(pass, true, deeds_[pass], without(pass, unrubbed));
  }

  template <class Changed>
  Deeds without(std::size_t pass, const Changed& changed) const {
    Deeds out = deeds_[pass];
    for (const std::uint32_t i : at_) out.on[i] = changed(out.on[i]);
    return out;
  }

  /// How far the finished picture is off where the pass lies, when it lies so; DIN99o, by pixel.
  std::vector<float> off(std::size_t pass, const Deeds& deeds) {
    std::vector<int> piles(at_.size());
    for (std::size_t k = 0; k < at_.size(); ++k) piles[k] = before_[at_[k]];
    lay(tree_, deeds, at_, piles);
    for (std::size_t i = pass + 1; i < deeds_.size(); ++i) lay(tree_, deeds_[i], at_, piles);
    std::vector<float> out(before_.size(), 0);
    const auto* wanted = r_.wanted.ptr<cv::Vec3f>();
    for (std::size_t k = 0; k < at_.size(); ++k) {
      const cv::Vec3f& w = wanted[at_[k]];
      out[at_[k]] = std::sqrt(colour::distance_squared(tree_.seen(piles[k]), {w[0], w[1], w[2]}));
    }
    return out;
  }

  /// Of the strokes or of what rubs, what is worth its time stays.
  void keep_worth(std::size_t pass, bool rub, const Deeds& with, const Deeds& without) {
    const std::vector<float> off_with = off(pass, with), off_without = off(pass, without);
    const auto* weight = r_.weight.ptr<float>();
    std::vector<char> told(before_.size(), 0);
    std::vector<std::size_t> own;
    MarkedPass& marked = marking_.passes[pass];
    const std::size_t had = marked.marks.size();
    std::erase_if(marked.marks, [&](const LaidMark& mark) {
      if (rubs(mark) != rub) return false;
      double misses = 0;
      own.clear();
      under(mark, r_.grid, [&](std::size_t i, const MarkPoint&) {
        if (told[i] != 0) return;
        told[i] = 1;
        own.push_back(i);
        misses += weight[i] * (off_without[i] - off_with[i]);
      });
      const bool worth = misses * r_.px_mm2() >= price_ * seconds_of(mark);
      if (!worth)  // another may lie there
        for (const std::size_t i : own) told[i] = 0;
      if (!worth) marked.seconds -= seconds_of(mark);
      return !worth;
    });
    if (marked.marks.size() < had) deeds_[pass] = deeds(pass);
  }

  const MarkingInput& in_;
  const SheetReading& r_;
  PileTree& tree_;
  double price_;
  Marking& marking_;
  std::vector<int> before_;         ///< piles of the sheet before the pass in hand
  std::vector<std::uint32_t> all_;  ///< pixels
  std::vector<std::uint32_t> at_;   ///< those of the pass in hand
  std::vector<Deeds> deeds_;
};

}  // namespace

void take_back(const MarkingInput& in, const SheetReading& r, PileTree& tree, double price, Marking& marking) {
  TakingBack(in, r, tree, price, marking).run();
}

}  // namespace yd::plan
