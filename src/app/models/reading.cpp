#include "models/reading.h"

#include <QCoreApplication>

#include "colour/words.h"
#include "models/images.h"

namespace yd::app {
namespace {

QString tr(const char* text) { return QCoreApplication::translate("reading", text); }

PeepholeColour describe_colour(const QString& title, const colour::Lab& lab) {
  return {title, to_colour(lab), QString::number(colour::value_step(lab.l), 'f', 1),
          QString::fromStdString(colour::describe(lab))};
}

}  // namespace

std::optional<Reading> read_at(const SubjectPtr& subject, const PlannedPtr& planned, int x, int y) {
  if (!subject || x < 0 || y < 0 || x >= subject->image.width || y >= subject->image.height) return std::nullopt;
  Reading out;
  const colour::LabPixel& p = subject->squinted.at(x, y);
  out.colours.push_back(describe_colour(tr("Subject"), {p.l, p.a, p.b}));
  const auto mass = subject->labels.at(x, y);
  out.mass = QString::fromStdString(subject->masses[mass].name);
  if (!planned || planned->subject != subject) return out;
  const plan::TargetPlan& t = planned->plan.targets[planned->map.target.at(x, y)];
  out.colours.push_back(describe_colour(tr("Board"), t.recipe.look.lab));
  if (!t.recipe.strokes.empty()) {
    const media::Stick& stick = planned->collection->sticks[static_cast<std::size_t>(t.recipe.strokes.back().stick)];
    out.colours.push_back(describe_colour(QString::fromStdString(stick.name), stick.lab));
  }
  out.difference = QString::fromStdString(colour::difference_words(t.recipe.look.lab, t.target));
  out.de00 = t.recipe.de00;
  return out;
}

QString pressure_words(double pressure) {
  if (pressure < 0.45) return tr("light");
  return pressure < 0.8 ? tr("middle") : tr("firm");
}

}  // namespace yd::app
