// SPDX-License-Identifier: MIT
#include "check/locate.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "check/light_fix.h"
#include "edges_seen.h"
#include "parallel/each.h"

namespace yd::check {
namespace {

constexpr int kScanSide = 110;  // pixels of the picture while quads are tried
constexpr int kFineSide = 280;  // and while it is moved into place
constexpr double kMostMargin = 0.2;
constexpr double kMarginStep = 0.01;
constexpr double kLeastMargin = 0.02;   // less is none
constexpr double kMostMoved = 0.03;     // of the longer side that outlines may move a corner …
constexpr double kSamePlace = 0.03;     // of the diagonal: outlines move both to one place
constexpr double kOneSheet = 0.02;      // of the diagonal: less is the same sheet
constexpr double kMoveGains = 0.05;     // likeness, more than the best so far has gained already
constexpr double kMostByMarks = 0.008;  // … and one that a mark was laid at
constexpr double kMostBentLens = 0.12;  // of any lens
constexpr double kBentOf = 0.3;         // of half the diagonal: how far a bend of 1 moves what lies about the rim

/// The Board in linear light, as small as it is compared at.
cv::Mat template_of(const board::BoardImage& board, int long_side) {
  LightImage light(board.width, board.height);
  for (std::size_t i = 0; i < light.size(); ++i) {
    const colour::Rgb8& c = board.data[i];
    light.data[i] = {colour::light_of_level(c.r), colour::light_of_level(c.g), colour::light_of_level(c.b)};
  }
  return sensed_small(light, static_cast<double>(long_side) / std::max(board.width, board.height));
}

/// A photograph as sensed, at some size, with the scale to pixels of `photo.image`.
struct Small {
  cv::Mat sensed;
  double scale = 1;
};
Small small_of(const Photo& photo, double scale) {
  const double by = std::min(1.0, scale);
  return {sensed_small(photo.image, by), by};
}

/// Where each pixel of the template lies in the photograph: worked out at every eighth, as good as straight between.
cv::Mat places_in(const Small& photo, const Placement& placement, cv::Size size) {
  constexpr int kStep = 8;
  cv::Mat nodes(size.height / kStep + 2, size.width / kStep + 2, CV_32FC2);
  for (int y = 0; y < nodes.rows; ++y) {
    for (int x = 0; x < nodes.cols; ++x) {
      const Point p = placement.at((kStep * x + 0.5) / size.width, (kStep * y + 0.5) / size.height);
      nodes.at<cv::Vec2f>(y, x) = {static_cast<float>(p.x * photo.scale - 0.5),
                                   static_cast<float>(p.y * photo.scale - 0.5)};
    }
  }
  // An eighth of a pixel is a place the library's interpolation knows exactly.
  const cv::Matx23d eighth(1.0 / kStep, 0, 0, 0, 1.0 / kStep, 0);
  cv::Mat out;
  cv::warpAffine(nodes, out, eighth, size, cv::INTER_LINEAR | cv::WARP_INVERSE_MAP, cv::BORDER_REPLICATE);
  return out;
}

/// What the photograph shows at each pixel of the template.
cv::Mat seen_through(const Small& photo, const Placement& placement, cv::Size size) {
  cv::Mat out;
  cv::remap(photo.sensed, out, places_in(photo, placement, size), cv::noArray(), cv::INTER_LINEAR,
            cv::BORDER_REPLICATE);
  return out;
}

/// Correlation over all channels, each about its own mean: another light and exposure change nothing.
double likeness(const cv::Mat& p, const cv::Mat& q) {
  const cv::Mat u = p - cv::mean(p);
  const cv::Mat v = q - cv::mean(q);
  const double pq = u.dot(v);
  const double pp = u.dot(u);
  const double qq = v.dot(v);
  return pp > 0 && qq > 0 ? pq / std::sqrt(pp * qq) : 0;
}

Lens flat_lens(const Photo& photo) {
  return {
      {0.5 * photo.image.width, 0.5 * photo.image.height}, 0.5 * std::hypot(photo.image.width, photo.image.height), 0};
}

/// The picture within its sheet: the same margin all round.
Quad inside(const Placement& sheet, double margin, double aspect) {
  const double longer = std::max(aspect, 1.0);
  const double mx = margin * longer / aspect;  // shares of the picture's width and height
  const double my = margin * longer;
  const double u = mx / (1 + 2 * mx);
  const double v = my / (1 + 2 * my);
  return {sheet.at(u, v), sheet.at(1 - u, v), sheet.at(1 - u, 1 - v), sheet.at(u, 1 - v)};
}

Quad turned(const Quad& quad, int turns) {
  Quad out;
  for (std::size_t i = 0; i < 4; ++i) out[i] = quad[(i + static_cast<std::size_t>(turns)) % 4];
  return out;
}

struct Guess {
  Quad outer;  ///< turned the right way
  double margin = 0;
  double likeness = -2;
};

/// Whether a side of the quad and of the picture are of like proportion: seen askew, but not stretched.
bool proportioned(const Quad& quad, double margin, double aspect) {
  const double wide = 0.5 * (distance(quad[0], quad[1]) + distance(quad[3], quad[2]));
  const double high = 0.5 * (distance(quad[0], quad[3]) + distance(quad[1], quad[2]));
  const double m = margin * std::max(aspect, 1.0);
  const double wanted = (aspect + 2 * m) / (1 + 2 * m);
  const double ratio = wide / high / wanted;
  return ratio > 0.72 && ratio < 1.39;
}

/// What a guess or a placement is worth: a sheet with its margin says more than the picture alone, and is taken where
/// it is hardly less like.
constexpr double kSheetSays = 0.03;
double worth(const Guess& g) { return g.likeness + (g.margin >= kLeastMargin ? kSheetSays : 0); }
/// A side of the picture that is taken for one of the sheet leaves paint in the margin: where something was forgotten
/// there, it may be the likelier by a little.
constexpr double kBareSays = 0.06;
double worth(const Located& l) { return l.likeness + (l.sheet ? kSheetSays : 0) + (l.bare_margin ? kBareSays : 0); }

/// The best guess of four corners, which may be turned and the picture's own or those of its sheet.
Guess guess_of(const Photo& photo, const Small& small, const cv::Mat& board, const Quad& corners) {
  const double aspect = static_cast<double>(board.cols) / board.rows;
  Guess best;
  const auto look_at = [&](const Quad& outer, const Placement& sheet, double margin) {
    const Placement picture = place(flat_lens(photo), inside(sheet, margin, aspect));
    const double like = likeness(seen_through(small, picture, board.size()), board);
    if (like > best.likeness) best = {outer, margin, like};
  };
  for (int turns = 0; turns < 4; ++turns) {
    const Quad outer = turned(corners, turns);
    const Placement sheet = place(flat_lens(photo), outer);
    for (double margin = 0; margin <= kMostMargin; margin += 2 * kMarginStep) {
      if (proportioned(outer, margin, aspect)) look_at(outer, sheet, margin);
    }
  }
  const Guess coarse = best;
  if (coarse.likeness < kLikeness / 2) return best;
  // Between the margins that were tried.
  const Placement sheet = place(flat_lens(photo), coarse.outer);
  for (const double margin : {coarse.margin - kMarginStep, coarse.margin + kMarginStep}) {
    if (margin >= 0) look_at(coarse.outer, sheet, margin);
  }
  return best;
}

/// The best few, best first: at this size a side of the picture and one of its sheet are not told apart for certain.
std::vector<Guess> best_guesses(const Photo& photo, const cv::Mat& board, const std::vector<Quad>& quads) {
  const Small small = small_of(photo, 1.4 * kScanSide / (0.6 * std::max(photo.image.width, photo.image.height)));
  std::vector<Guess> best(quads.size());
  parallel::each(quads.size(), [&](std::size_t q) { best[q] = guess_of(photo, small, board, quads[q]); });
  constexpr std::size_t kFew = 8;
  constexpr double kFarBehind = 0.1;
  const std::size_t few = std::min(kFew, best.size());
  std::partial_sort(best.begin(), best.begin() + static_cast<std::ptrdiff_t>(few), best.end(),
                    [](const Guess& p, const Guess& q) { return worth(p) > worth(q); });
  const double least = worth(best.front()) - kFarBehind;
  best.resize(few);
  std::erase_if(best, [&](const Guess& g) { return worth(g) < least; });
  return best;
}

/// Steps only: what is broader than a mass's edge is taken out, so that a mass too light or too dark does not pull.
cv::Mat steps_of(const cv::Mat& sensed) {
  cv::Mat fine;
  cv::Mat broad;
  cv::GaussianBlur(sensed, fine, cv::Size(0, 0), 1.2);
  // What is broad is as well seen at a third of the size.
  cv::resize(sensed, broad, cv::Size(sensed.cols / 3, sensed.rows / 3), 0, 0, cv::INTER_AREA);
  cv::GaussianBlur(broad, broad, cv::Size(0, 0), 2);
  cv::resize(broad, broad, sensed.size(), 0, 0, cv::INTER_LINEAR);
  return fine - broad;
}

/// Corners in straight pixels and the bend of the lens: what is moved. A side of the sheet that was taken for another
/// gives a bend that no corner makes up for.
constexpr int kMoves = 9;
using Move = cv::Matx<double, kMoves, 1>;
Placement stepped(const Placement& at, const Move& step) {
  Quad corners;
  for (std::size_t i = 0; i < 4; ++i) {
    const Point p = carried(at.into, {i == 1 || i == 2 ? 1.0 : 0.0, i >= 2 ? 1.0 : 0.0});
    corners[i] = {p.x + step(2 * static_cast<int>(i)), p.y + step(2 * static_cast<int>(i) + 1)};
  }
  Lens lens = at.lens;
  lens.bend = std::clamp(lens.bend + step(8) / (kBentOf * lens.half_diagonal), -kMostBentLens, kMostBentLens);
  return {lens, homography({{{0, 0}, {1, 0}, {1, 1}, {0, 1}}}, corners)};
}

/// The step of Gauss and Newton in pixels: what lies far off the Board, painted otherwise, counts little.
Move step_to(const cv::Mat& wanted, const cv::Mat& now, const std::array<cv::Mat, kMoves>& moved, double by) {
  const double gain = now.dot(wanted) / std::max(1e-9, now.dot(now));
  const cv::Mat whole = wanted - gain * now;
  const double scale = 1.5 * std::sqrt(whole.dot(whole) / static_cast<double>(3 * whole.total())) + 1e-6;
  const cv::Rect inner(2, 2, whole.cols - 4, whole.rows - 4);
  const cv::Mat off = whole(inner);
  // Sums over the pixels, J^T W J and J^T W r, by the library: spelled out they were a sixth of a check under the
  // sanitizers.
  cv::Mat weight;
  cv::transform(off.mul(off), weight, cv::Matx13f(1, 1, 1));
  weight = 1 / (1 + weight / (scale * scale));
  cv::sqrt(weight, weight);
  cv::transform(weight, weight, cv::Matx31f(1, 1, 1));
  cv::Mat jacobian(kMoves, static_cast<int>(3 * off.total()), CV_32F);
  for (int i = 0; i < kMoves; ++i)
    cv::multiply(moved[static_cast<std::size_t>(i)](inner), weight, jacobian.row(i).reshape(3, off.rows));
  const cv::Mat weighted = off.mul(weight);
  const cv::Mat residual = weighted.reshape(1, 1);
  cv::Mat squares;
  cv::mulTransposed(jacobian, squares, false, cv::noArray(), gain * gain, CV_64F);
  cv::Matx<double, kMoves, kMoves> a = squares;
  Move b;
  for (int i = 0; i < kMoves; ++i) b(i) = gain * jacobian.row(i).dot(residual);
  a += cv::Matx<double, kMoves, kMoves>::eye() * (0.01 * cv::trace(a) / kMoves);
  return by * a.solve(b, cv::DECOMP_CHOLESKY);
}

/// Moves the picture so that the outlines of the photograph lie on those of the Board.
Placement moved_into_place(const Small& photo, const cv::Mat& board, Placement at) {
  const cv::Mat wanted = steps_of(board);
  const double by = 0.5 / photo.scale;
  for (int round = 0; round < 12; ++round) {
    const cv::Mat now = steps_of(seen_through(photo, at, board.size()));
    std::array<cv::Mat, kMoves> moved;
    parallel::each(kMoves, [&](int i) {
      Move one;
      one(i) = by;
      moved[static_cast<std::size_t>(i)] = steps_of(seen_through(photo, stepped(at, one), board.size())) - now;
    });
    Move step = step_to(wanted, now, moved, by);
    for (int i = 0; i < kMoves; ++i) step(i) = std::clamp(step(i), -6.0, 6.0);
    at = stepped(at, step);
    if (cv::norm(step, cv::NORM_INF) < 0.02 / photo.scale) break;
  }
  return at;
}

/// A quad with the picture inside it and about the same margin on all sides: its sheet.
struct Round {
  Quad quad;
  double margin = 0;
};
std::optional<Round> sheet_round(const std::vector<Quad>& quads, const Quad& picture) {
  const Homography shares = homography(picture, {{{0, 0}, {1, 0}, {1, 1}, {0, 1}}});
  const double aspect = (distance(picture[0], picture[1]) + distance(picture[3], picture[2])) /
                        (distance(picture[0], picture[3]) + distance(picture[1], picture[2]));
  const double longer = std::max(aspect, 1.0);
  std::optional<Round> out;
  double evenest = 0.5;
  for (std::size_t i = 0; i + 1 < quads.size(); ++i) {  // the last is the frame
    for (int turns = 0; turns < 4; ++turns) {
      const Quad quad = turned(quads[i], turns);
      double least = 1;
      double most = 0;
      for (std::size_t k = 0; k < 4; ++k) {
        const Point p = carried(shares, quad[k]);
        const double left = (k == 0 || k == 3 ? -p.x : p.x - 1) * aspect / longer;
        const double down = (k < 2 ? -p.y : p.y - 1) / longer;
        least = std::min({least, left, down});
        most = std::max({most, left, down});
      }
      if (least < 0.01 || most > 1.5 * kMostMargin || 1 - least / most > evenest) continue;
      evenest = 1 - least / most;
      out = {quad, 0.5 * (least + most)};
    }
  }
  return out;
}

double far_apart(const Quad& p, const Quad& q) {
  double out = 0;
  for (std::size_t i = 0; i < 4; ++i) out = std::max(out, distance(p[i], q[i]));
  return out;
}
double far_moved(const Placement& p, const Placement& q) { return far_apart(p.corners(), q.corners()); }

/// The photograph and the Board at the size at which a placement is judged.
struct Judged {
  Judged(const Photo& photo, const board::BoardImage& board, const Placement& at)
      : fine(small_of(photo, 1.2 * kFineSide / std::max(diagonal(at) / 1.25, 1.0))),
        wanted(template_of(board, kFineSide)) {}
  double likeness_of(const Placement& at) const { return likeness(seen_through(fine, at, wanted.size()), wanted); }

  Small fine;
  cv::Mat wanted;

 private:
  static double diagonal(const Placement& at) { return distance(at.corners()[0], at.corners()[2]); }
};

/// Outlines on outlines, unless that goes further than `most` of the longer side or makes it less alike.
void move_into_place(const Judged& judged, double most, Located& located) {
  const Placement first = located.picture;
  const Quad c = first.corners();
  const Placement moved = moved_into_place(judged.fine, judged.wanted, first);
  const double like = judged.likeness_of(moved);
  const double longer = std::max(distance(c[0], c[1]), distance(c[0], c[3]));
  if (like < located.likeness - 0.005 || far_moved(first, moved) >= most * longer || !is_convex(moved.corners()))
    return;
  located.picture = moved;
  located.likeness = like;
}

Located placed_by(const Sharpener& sides, const Guess& guess, double aspect) {
  Located out;
  out.margin = guess.margin;
  const SharpQuad sharp = sides.sharpen(guess.outer);
  out.blur_px = sharp.blur_px;
  const Placement outer = place(sharp.lens, sharp.seen);
  out.picture = place(sharp.lens, inside(outer, guess.margin, aspect));
  if (guess.margin >= kLeastMargin && sharp.support > 0) out.sheet = sharp.seen;
  return out;
}

bool better(const Located& p, const Located& q) { return worth(p) > worth(q); }

/// The likeliest once it is moved. A worse one may come out better, but not by much; from near by both come to one
/// place.
Located best_moved(const Photo& photo, const Judged& judged, std::vector<Located> all) {
  for (Located& l : all) {
    l.likeness = judged.likeness_of(l.picture);
    l.bare_margin = l.sheet && margin_is_bare(photo, l);
  }
  std::stable_sort(all.begin(), all.end(), better);
  Located out;
  for (const Located& l : all) {
    const double near = kSamePlace * distance(l.picture.corners()[0], l.picture.corners()[2]);
    const bool known = out.sheet.has_value() >= l.sheet.has_value() && far_moved(out.picture, l.picture) < near;
    const bool behind = worth(l) < worth(out) - kMoveGains;
    if (&l != &all.front() && (known || behind)) continue;
    Located moved = l;
    move_into_place(judged, kMostMoved, moved);
    moved.bare_margin = moved.sheet && margin_is_bare(photo, moved);
    if (&l == &all.front() || better(moved, out)) out = moved;
  }
  return out;
}

/// The sheet that lies evenly round the picture, where the picture was found within a wrong one.
void find_sheet_again(const Sharpener& sides, const std::vector<Quad>& quads, Located& located) {
  const Quad picture = located.picture.corners();
  const auto round = sheet_round(quads, picture);
  if (!round) return;
  const double near = kOneSheet * distance(picture[0], picture[2]);
  if (located.sheet && far_apart(*located.sheet, round->quad) < near) return;
  const SharpQuad sharp = sides.sharpen(round->quad);
  if (sharp.support <= 0) return;
  located.sheet = sharp.seen;
  located.margin = round->margin;
  located.blur_px = sharp.blur_px;
}

/// With the corners of the picture given.
Located placed_at(const Photo& photo, const board::BoardImage& board, const Quad& picture) {
  Located out;
  const auto round = sheet_round(find_quads(photo), picture);
  const SharpQuad sharp = Sharpener(photo).sharpen(round ? round->quad : picture);
  const bool sheet = round && sharp.support > 0;
  out.picture = place(sheet ? sharp.lens : flat_lens(photo), picture);
  if (sheet) {
    out.sheet = sharp.seen;
    out.margin = round->margin;
  }
  out.blur_px = sharp.blur_px;
  out.likeness = Judged(photo, board, out.picture).likeness_of(out.picture);
  return out;
}

/// By outlines alone.
Located found(const Photo& photo, const board::BoardImage& board) {
  const double aspect = static_cast<double>(board.width) / board.height;
  const std::vector<Quad> quads = find_quads(photo);
  const Sharpener sides(photo);
  std::vector<Located> all;
  for (const Guess& guess : best_guesses(photo, template_of(board, kScanSide), quads))
    all.push_back(placed_by(sides, guess, aspect));
  const Judged judged(photo, board, all.front().picture);
  Located out = best_moved(photo, judged, std::move(all));
  find_sheet_again(sides, quads, out);
  return out;
}

}  // namespace

Located locate(const Photo& photo, const board::BoardImage& board) {
  const auto cards = corner_marks(marks_seen(photo));
  const auto corners = cards ? corners_by_marks(*cards) : std::nullopt;
  if (!corners) return found(photo, board);
  Located out = placed_at(photo, board, *corners);
  out.cards = cards;
  // They are laid by hand: near enough to be moved into place.
  move_into_place({photo, board, out.picture}, kMostByMarks, out);
  return out;
}

Located located_at(const Photo& photo, const board::BoardImage& board, const Quad& picture) {
  Located out = placed_at(photo, board, picture);
  out.cards = corner_marks(marks_seen(photo));
  return out;
}

LightImage straightened(const Photo& photo, const Placement& placement, int width, int height) {
  const cv::Mat all(photo.image.height, photo.image.width, CV_32FC3,
                    const_cast<colour::Light*>(photo.image.data.data()));
  cv::Mat map(height, width, CV_32FC2);
  parallel::each(height, [&](int y) {
    for (int x = 0; x < width; ++x) {
      const Point p = placement.at((x + 0.5) / width, (y + 0.5) / height);
      map.at<cv::Vec2f>(y, x) = {static_cast<float>(p.x - 0.5), static_cast<float>(p.y - 0.5)};
    }
  });
  LightImage out(width, height);
  cv::Mat to(height, width, CV_32FC3, out.data.data());
  cv::remap(all, to, map, cv::noArray(), cv::INTER_LINEAR, cv::BORDER_REPLICATE);
  return out;
}

}  // namespace yd::check
