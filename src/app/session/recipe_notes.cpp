// SPDX-License-Identifier: MIT
#include "session/recipe_notes.h"

#include <QBuffer>
#include <algorithm>
#include <nlohmann/json.hpp>

#include "advice/usage.h"
#include "colour/ciede2000.h"
#include "colour/words.h"
#include "exports/pass_words.h"
#include "formats/plan_json.h"
#include "looks/images.h"
#include "make/plan.h"
#include "words/names.h"

namespace yd::app {
namespace {

constexpr QSize kSwatch(160, 60);

/// A patch of the finished colour with its grain, as PNG.
QByteArray swatch_of(const Planned& planned, const plan::TargetPlan& target) {
  const auto& sticks = planned.collection->sticks;
  const optics::Pile pile = plan::build(plan::ground_of(planned.plan, target, *planned.paper), planned.parameters,
                                        sticks, target.recipe.strokes);
  constexpr double kSwatchPx = 4;  // a millimetre
  const QImage patch = speckle_patch(plan::shade(pile, planned.parameters, sticks), kSwatch,
                                     planned.paper->grain_mm * kSwatchPx, colour::Illuminant::d50);
  QByteArray out;
  QBuffer buffer(&out);
  buffer.open(QIODevice::WriteOnly);
  patch.save(&buffer, "PNG");
  return out;
}

const media::Stick* nearest(const media::Collection& collection, const journal::RecipeLayer& layer) {
  const media::Stick* best = nullptr;
  double least = kStandsIn;
  for (const media::Stick& s : collection.sticks) {
    if (QString::fromStdString(s.id) == layer.stick_id) return &s;
    if (s.medium != layer.medium || !media::at_hand(s)) continue;
    const double d = colour::ciede2000(s.lab, layer.lab);
    if (d < least) {
      least = d;
      best = &s;
    }
  }
  return best;
}

journal::DonePass as_done(const Planned& planned, const exports::PlanView& view, int place,
                          const plan::PassMark& mark) {
  const plan::Pass& p = planned.plan.passes[static_cast<std::size_t>(place)];
  journal::DonePass out;
  out.pass = QString::fromStdString(plan::signature(p));
  out.title = exports::words_of(view, place).title;
  out.area_cm2 = plan::area_of(p, planned.plan.targets) * planned.options.sheet_cm2;
  if (p.stick >= 0) {
    const media::Stick& stick = planned.collection->sticks[static_cast<std::size_t>(p.stick)];
    out.medium = stick.medium;
    out.stick_id = QString::fromStdString(stick.id);
  }
  // Fixative is sprayed and dries: that says nothing of the hand.
  if (p.kind != plan::PassKind::fix)
    out.guessed_minutes = plan::minutes_for(p, out.area_cm2, planned.collection->sticks);
  out.minutes = mark.minutes;
  out.at_s = mark.at_s;
  out.skipped = mark.state == plan::PassMark::State::skipped;
  out.note = QString::fromStdString(mark.note);
  return out;
}

}  // namespace

QByteArray small_jpeg(const QImage& image) {
  if (image.isNull()) return {};
  constexpr int kQuality = 82;
  QByteArray out;
  QBuffer buffer(&out);
  buffer.open(QIODevice::WriteOnly);
  image.scaled(kKeptSide, kKeptSide, Qt::KeepAspectRatio, Qt::SmoothTransformation).save(&buffer, "JPEG", kQuality);
  return out;
}

QString place_of(const Planned& planned, int target) {
  const int mass = planned.plan.targets[static_cast<std::size_t>(target)].mass;
  return words::mass_name(planned.subject->masses[static_cast<std::size_t>(mass)]);
}

journal::Recipe recipe_of(const Planned& planned, int target, const QString& work, qint64 now_s) {
  const plan::TargetPlan& t = planned.plan.targets[static_cast<std::size_t>(target)];
  const exports::PlanView view = view_of(planned, planned.parameters);
  journal::Recipe out;
  out.work = work;
  out.title = place_of(planned, target);
  out.words = exports::friend_words(view, t.mass).join(' ');
  out.lab = t.recipe.look.lab;
  out.paper_id = QString::fromStdString(planned.paper->id);
  out.paper = words::paper_name(*planned.paper);
  // Of the whole mass: whoever takes the recipe finds the pressures of its places anew.
  for (const plan::MassLayer& layer : plan::layers_of(planned.plan.targets, t.mass)) {
    const plan::Stroke& s = layer.stroke;
    const media::Stick& stick = planned.collection->sticks[static_cast<std::size_t>(s.stick)];
    out.layers.push_back({QString::fromStdString(stick.id), words::stick_name(stick), stick.medium, stick.lab,
                          s.pressure, s.technique == plan::Technique::rubbed});
  }
  out.swatch = swatch_of(planned, t);
  out.at_s = now_s;
  return out;
}

std::optional<std::vector<plan::Stroke>> strokes_with(const journal::Recipe& recipe,
                                                      const media::Collection& collection, QString* missing) {
  std::vector<plan::Stroke> out;
  for (const journal::RecipeLayer& layer : recipe.layers) {
    const media::Stick* stick = nearest(collection, layer);
    if (stick == nullptr) {
      if (missing != nullptr) *missing = layer.stick;
      return std::nullopt;
    }
    out.push_back({static_cast<int>(stick - collection.sticks.data()), layer.pressure,
                   layer.rubbed ? plan::Technique::rubbed : plan::Technique::laid, false,
                   static_cast<int>(out.size())});
  }
  return out;
}

DoneWork done_work(const Planned& planned, const Choices& choices) {
  DoneWork out;
  const exports::PlanView view = view_of(planned, planned.parameters);
  for (const plan::LaidPass& l : choices.plan.laid) out.still.push_back(l.at_s);
  for (const plan::PassMark& mark : choices.marks) {
    if (mark.state == plan::PassMark::State::open) continue;
    const auto& passes = planned.plan.passes;
    const auto found = std::find_if(passes.begin(), passes.end(),
                                    [&](const plan::Pass& p) { return plan::signature(p) == mark.pass; });
    out.still.push_back(mark.at_s);
    if (found != passes.end()) {
      out.passes.push_back(as_done(planned, view, static_cast<int>(found - passes.begin()), mark));
    } else if (mark.pass.rfind(kChoreMark, 0) == 0) {
      const QString pass = QString::fromStdString(mark.pass);
      out.passes.push_back({pass,
                            pass.section('/', 1, 1),
                            {},
                            {},
                            0,
                            0,
                            mark.minutes,
                            mark.at_s,
                            mark.state == plan::PassMark::State::skipped,
                            QString::fromStdString(mark.note)});
    }
  }
  return out;
}

journal::Work head_of(const Planned& planned, const Choices& choices, const WorkPlace& place) {
  journal::Work w;
  w.id = place.id;
  w.title = place.title;
  w.file = place.file;
  w.paper_id = QString::fromStdString(planned.paper->id);
  w.paper = words::paper_name(*planned.paper);
  w.collection_id = QString::fromStdString(planned.collection->id);
  const auto& image = planned.subject->image;
  const subject::Sheet sheet = choices.composition.sheet(static_cast<double>(image.width) / image.height);
  w.width_cm = sheet.width_cm;
  w.height_cm = sheet.height_cm;
  w.begun_s = place.begun_s;
  w.touched_s = place.now_s;
  const std::vector<char> behind = plan::behind(planned.plan, choices.marks);
  w.passes = static_cast<int>(behind.size());
  w.done = static_cast<int>(std::count_if(behind.begin(), behind.end(), [](char b) { return b != 0; }));
  w.minutes = planned.plan.sequence.minutes;
  w.as_seen = planned.figures.seen.mean;
  if (planned.next.stick >= 0 && planned.plan.work) {
    const int next = planned.plan.work->pool[static_cast<std::size_t>(planned.next.stick)];
    w.next_stick = words::stick_name(planned.collection->sticks[static_cast<std::size_t>(next)]);
  }
  w.subject = small_jpeg(planned.subject->picture);
  w.board = small_jpeg(planned.finished);
  return w;
}

journal::Work work_of(const Planned& planned, const Choices& choices, const WorkPlace& place) {
  journal::Work w = head_of(planned, choices, place);
  w.plan = QByteArray::fromStdString(formats::plan_to_json(planned.plan, planned.guide, *planned.subject,
                                                           *planned.paper, *planned.collection, planned.figures)
                                         .dump());
  for (const plan::StickUse& u : plan::use_of(planned.plan, w.width_cm * w.height_cm, *planned.paper,
                                              planned.collection->sticks, planned.parameters)) {
    const media::Stick& s = planned.collection->sticks[static_cast<std::size_t>(u.stick)];
    w.sticks.push_back({QString::fromStdString(s.id), words::stick_name(s), s.medium, s.lab, u.length_mm, u.share});
  }
  return w;
}

}  // namespace yd::app
