// SPDX-License-Identifier: MIT
#include <cmath>
#include <opencv2/imgproc.hpp>

#include "colour/light.h"
#include "standin/hand.h"

namespace yd::standin {

board::BoardImage smudged(const board::BoardImage& board, const subject::Subject& subject, int mass, int rival,
                          double reach) {
  const subject::LabelImage& labels = subject.labels;
  const double px = reach * std::max(board.width, board.height);
  cv::Mat border(board.height, board.width, CV_8U, cv::Scalar(255));
  cv::Mat light(board.height, board.width, CV_32FC3);
  for (int y = 0; y < board.height; ++y) {
    for (int x = 0; x < board.width; ++x) {
      const colour::Rgb8& c = board.at(x, y);
      light.at<cv::Vec3f>(y, x) = {colour::light_of_level(c.r), colour::light_of_level(c.g),
                                   colour::light_of_level(c.b)};
      const int here = labels.at(x, y);
      for (const auto& [u, v] : {std::pair{x + 1, y}, {x, y + 1}}) {
        if (u >= board.width || v >= board.height) continue;
        const int there = labels.at(u, v);
        if ((here == mass && there == rival) || (here == rival && there == mass)) border.at<uchar>(y, x) = 0;
      }
    }
  }
  cv::Mat away;
  cv::distanceTransform(border, away, cv::DIST_L2, 3);
  cv::Mat blurred;
  cv::GaussianBlur(light, blurred, cv::Size(0, 0), 0.6 * px);
  board::BoardImage out = board;
  for (int y = 0; y < board.height; ++y) {
    for (int x = 0; x < board.width; ++x) {
      if (away.at<float>(y, x) > px) continue;
      const auto& c = blurred.at<cv::Vec3f>(y, x);
      out.at(x, y) = {colour::level_of_light(c[0]), colour::level_of_light(c[1]), colour::level_of_light(c[2])};
    }
  }
  return out;
}

}  // namespace yd::standin
