// SPDX-License-Identifier: MIT
#include "models/practice_view.h"

#include <algorithm>
#include <cmath>
#include <map>

#include "board/chip.h"
#include "colour/profile.h"
#include "looks/images.h"
#include "looks/translate.h"
#include "words/practice.h"
#include "words/sentence.h"
#include "words/names.h"

namespace yd::app {
namespace {

using practice::Kind;

constexpr std::size_t kUsualTray = 16;

QColor grey(double l) { return to_colour(colour::Lab{l, 0, 0}); }

QImage stroke_picture(const plan::Stroke& s, const practice::Material& m) {
  constexpr int kWidth = 320;
  constexpr int kHeight = 116;
  constexpr double kStrokePx = 7;  // a millimetre
  const board::ChipStroke stroke{s.stick, s.technique, s.pressure, s.pressure};
  return to_image(
      board::stroke_chip(stroke, m.paper.ground, m.paper.grain_mm, m.sticks, m.parameters, kWidth, kHeight, kStrokePx));
}

/// The finished board with one mass lighter or darker.
QImage with_wrong_mass(const Planned& planned, int mass, double shift_l) {
  QImage out = planned.finished.convertToFormat(QImage::Format_RGB32);
  const auto& labels = planned.subject->labels;
  if (out.width() != labels.width || out.height() != labels.height) out = out.scaled(labels.width, labels.height);
  const auto to_lab = colour::PictureToLab::from_icc({});
  if (!to_lab) return out;
  // Only the pixels of the mass: a question must not wait for the whole picture.
  std::vector<QRgb*> places;
  std::vector<std::uint16_t> wide;
  for (int y = 0; y < labels.height; ++y) {
    auto* line = reinterpret_cast<QRgb*>(out.scanLine(y));
    for (int x = 0; x < labels.width; ++x) {
      if (labels.at(x, y) != mass) continue;
      constexpr int kWide = 257;
      places.push_back(line + x);
      for (const int level : {qRed(line[x]), qGreen(line[x]), qBlue(line[x])})
        wide.push_back(static_cast<std::uint16_t>(kWide * level));
    }
  }
  std::vector<colour::LabPixel> lab(places.size());
  std::vector<colour::Rgb8> rgb(places.size());
  to_lab.value().convert(wide.data(), lab.data(), lab.size());
  for (colour::LabPixel& p : lab) p.l = std::clamp(p.l + static_cast<float>(shift_l), 0.0F, 100.0F);
  colour::picture_to_srgb(lab.data(), rgb.data(), rgb.size());
  for (std::size_t i = 0; i < places.size(); ++i) *places[i] = qRgb(rgb[i].r, rgb[i].g, rgb[i].b);
  return out;
}

QList<TaskDrawing::Mark> marks_of(const practice::Task& task, const subject::Subject& s) {
  QList<TaskDrawing::Mark> out;
  for (std::size_t i = 0; i < task.masses.size(); ++i) {
    // The middle of a mass may lie outside it: the pixel of the mass that is nearest to it is marked.
    const subject::Mass& m = s.masses[static_cast<std::size_t>(task.masses[i])];
    const double cx = m.centre_x * s.labels.width;
    const double cy = m.centre_y * s.labels.height;
    double best = 1e18;
    QPointF place;
    constexpr int kEvery = 4;
    for (int y = 0; y < s.labels.height; y += kEvery) {
      for (int x = 0; x < s.labels.width; x += kEvery) {
        if (s.labels.at(x, y) != m.id) continue;
        const double d = (x - cx) * (x - cx) + (y - cy) * (y - cy);
        if (d < best) {
          best = d;
          place = {static_cast<double>(x) / s.labels.width, static_cast<double>(y) / s.labels.height};
        }
      }
    }
    const bool asked_for = task.kind == practice::Kind::together && i == 0;
    const std::size_t number = task.kind == practice::Kind::together ? i : i + 1;
    out.append({place, asked_for ? QString("A") : QString::number(number)});
  }
  return out;
}

}  // namespace

practice::Material material_of(const PlannedPtr& planned, const Materials& materials,
                               const optics::Parameters& parameters) {
  practice::Material out;
  out.parameters = parameters;
  if (planned) {
    out.masses = planned->subject->masses;
    out.paper = *planned->paper;
    for (const int s : planned->plan.tray)
      out.sticks.push_back(planned->collection->sticks[static_cast<std::size_t>(s)]);
    return out;
  }
  if (const media::Paper* paper = materials.paper(media::kUsualPaper)) out.paper = *paper;
  if (const media::Collection* all = materials.collection(media::kUsualCollection)) {
    const std::size_t every = std::max<std::size_t>(1, all->sticks.size() / kUsualTray);
    for (std::size_t i = 0; i < all->sticks.size(); i += every) {
      if (media::at_hand(all->sticks[i])) out.sticks.push_back(all->sticks[i]);
    }
  }
  return out;
}

TaskDrawing drawing_of(const practice::Task& task, const practice::Material& material, const PlannedPtr& planned) {
  TaskDrawing out;
  out.surround = grey(task.patches.empty() ? practice::kSurrounds[1] : task.patches[0].surround);
  for (const practice::Patch& p : task.patches) out.shown.append({to_colour(p.lab), {}, {}});
  for (const plan::Stroke& s : task.strokes) {
    const QString name = words::stick_name(material.sticks[static_cast<std::size_t>(s.stick)]);
    const QString how = s.technique == plan::Technique::rubbed ? tr("rubbed in") : tr("laid");
    out.shown.append({{}, stroke_picture(s, material), tr("%1. %2, %3").arg(out.shown.size() + 1).arg(name, how)});
  }
  for (std::size_t i = 0; i < task.choices.size(); ++i) {
    QString label = QString::number(i + 1);
    if (!task.sticks.empty())
      label += tr(". %1").arg(words::stick_name(material.sticks[static_cast<std::size_t>(task.sticks[i])]));
    out.choices.append({to_colour(task.choices[i]), {}, label});
  }
  if (!planned) return out;
  if (task.kind == Kind::masses || task.kind == Kind::together) out.pictures = {planned->subject->picture};
  if (task.kind == Kind::wrong_place)
    out.pictures = {planned->subject->picture,
                    with_wrong_mass(*planned, task.masses[static_cast<std::size_t>(task.right)], task.shift_l)};
  if (!task.masses.empty()) out.marks = marks_of(task, *planned->subject);
  return out;
}

QStringList answers_of(const practice::Task& task) {
  if (task.kind == Kind::lighter || task.kind == Kind::warmer) return {tr("Left"), tr("Right")};
  QStringList out;
  for (int i = 1; i <= task.answers; ++i) out << QString::number(i);
  return out;
}

journal::Drill record_of(const practice::Outcome& o) {
  journal::Drill out;
  out.kind = practice::name(o.kind);
  out.trials = o.trials;
  out.bias = o.eye.bias;
  out.bias_sd = o.eye.bias_sd;
  out.threshold = o.eye.threshold;
  out.threshold_sd = o.eye.threshold_sd;
  out.right = o.right;
  out.detail = practice::name(o.family);
  return out;
}

QList<QPointF> thresholds_over_time(const std::vector<journal::Drill>& drills) {
  QList<QPointF> out;
  for (const journal::Drill& d : drills) out.append({static_cast<double>(out.size() + 1), d.threshold});
  return out;
}

QString known_bias(const std::vector<journal::Drill>& drills) {
  // Each drill counts by how sure it is.
  struct Sum {
    double bias = 0, weight = 0;
  };
  std::map<QString, Sum> families;
  for (const journal::Drill& d : drills) {
    if (d.kind != practice::name(Kind::value) && d.kind != practice::name(Kind::lighter)) continue;
    constexpr double kLeastSd = 0.02;
    const double w = 1 / std::pow(std::max(kLeastSd, d.bias_sd), 2);
    families[d.detail].bias += w * d.bias;
    families[d.detail].weight += w;
  }
  QString out;
  double most = 0;
  for (const auto& [family, sum] : families) {
    const double bias = sum.bias / sum.weight;
    const double sd = 1 / std::sqrt(sum.weight);
    constexpr double kWorthSaying = 0.25;
    if (std::abs(bias) < kWorthSaying || std::abs(bias) < 2 * sd || std::abs(bias) <= most) continue;
    most = std::abs(bias);
    out = tr("Your eye, by your drills: %1 %2.").arg(family, words::bias(Kind::value, bias, sd));
  }
  return out;
}

}  // namespace yd::app
