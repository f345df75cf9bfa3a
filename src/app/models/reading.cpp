// SPDX-License-Identifier: MIT
#include "models/reading.h"

#include "colour/ciede2000.h"
#include "colour/smoothest.h"
#include "colour/words.h"
#include "looks/images.h"
#include "looks/translate.h"
#include "words/number.h"
#include "words/names.h"

namespace yd::app {
namespace {

PeepholeColour describe_colour(const QString& title, const colour::Lab& lab) {
  return {title, to_colour(lab), words::number(colour::value_step(lab.l), 1), words::colour_name(lab)};
}

}  // namespace

std::optional<Reading> read_at(const SubjectPtr& subject, const PlannedPtr& planned,
                               const optics::Parameters& parameters, int x, int y, colour::Illuminant light) {
  if (!subject || x < 0 || y < 0 || x >= subject->image.width || y >= subject->image.height) return std::nullopt;
  const colour::Weights& w = colour::weights(light);
  Reading out;
  const colour::LabPixel& p = subject->squinted.at(x, y);
  const colour::Lab here{p.l, p.a, p.b};
  const bool daylight = light == colour::Illuminant::d50;
  out.colours.push_back(
      describe_colour(tr("Subject"), daylight ? here : colour::to_lab(colour::nearest_reflectance(here), w)));
  const auto mass = subject->labels.at(x, y);
  out.mass = words::mass_name(subject->masses[mass]);
  if (!planned || planned->subject != subject) return out;
  const plan::TargetPlan& t = planned->plan.targets[planned->map.target.at(x, y)];
  const optics::Pile pile = plan::build(plan::ground_of(planned->plan, t, *planned->paper), parameters,
                                        planned->collection->sticks, t.recipe.strokes);
  const auto mean = optics::mean(plan::shade(pile, parameters, planned->collection->sticks));
  const colour::Lab board = colour::to_lab(mean, w);
  out.colours.push_back(describe_colour(tr("Board"), board));
  if (!t.recipe.strokes.empty()) {
    const media::Stick& stick = planned->collection->sticks[static_cast<std::size_t>(t.recipe.strokes.back().stick)];
    out.colours.push_back(describe_colour(words::stick_name(stick), colour::to_lab(stick.masstone, w)));
  }
  const colour::Lab wanted = daylight ? t.target : colour::to_lab(colour::nearest_reflectance(t.target), w);
  out.difference = words::difference(board, wanted);
  out.de00 = colour::ciede2000(board, wanted);
  return out;
}

QString light_name(colour::Illuminant light) {
  switch (light) {
    case colour::Illuminant::d50:
      return tr("viewing light (D50)");
    case colour::Illuminant::d65:
      return tr("daylight (D65)");
    case colour::Illuminant::a:
      return tr("lamp light (A)");
    case colour::Illuminant::warm_led:
      return tr("gallery LED");
  }
  return {};
}

}  // namespace yd::app
