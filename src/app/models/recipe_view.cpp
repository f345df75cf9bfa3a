// SPDX-License-Identifier: MIT
#include "models/recipe_view.h"

#include <cmath>

#include "colour/appearance.h"
#include "colour/ciede2000.h"
#include "colour/words.h"
#include "looks/images.h"
#include "models/reading.h"
#include "words/seen.h"
#include "looks/translate.h"
#include "words/number.h"
#include "words/names.h"
#include "words/terms.h"

namespace yd::app {
namespace {

QString stroke_words(const plan::Stroke& s, const media::Collection& collection) {
  const QString name = words::stick_name(collection.sticks[static_cast<std::size_t>(s.stick)]);
  const QString how = s.technique == plan::Technique::rubbed ? tr("rubbed") : tr("laid");
  const QString fixed = s.fix_first ? tr("fixed below, then ") : QString();
  return fixed + tr("%1: %2, %3").arg(name, pressure_words(s.pressure), how);
}

QString remedy_words(const plan::Remedy& r, const Planned& planned, const Materials& materials) {
  QString what = QString::fromStdString(r.what);
  if (const media::Paper* paper = materials.paper(what)) what = words::paper_name(*paper);
  if (r.kind == plan::Remedy::Kind::this_stick) {
    for (const media::Stick& s : planned.collection->sticks) {
      if (s.id == r.what) what = words::stick_name(s);
    }
  }
  const QString kind = words::term(plan::name(r.kind));
  return tr("%1%2: %3").arg(kind, what.isEmpty() ? QString() : " (" + what + ")", words::seen_with_number(r.de00));
}

void add_reach(QStringList& notes, const plan::Reach* reach, const Planned& planned, const Materials& materials) {
  if (reach == nullptr || reach->why == plan::Why::reached) return;
  QStringList remedies;
  for (std::size_t i = 0; i < reach->remedies.size() && i < 3; ++i)
    remedies << remedy_words(reach->remedies[i], planned, materials);
  notes << tr("Out of reach: %1.").arg(words::term(plan::name(reach->why))) +
               (remedies.isEmpty() ? QString() : " " + tr("Would help: %1.").arg(remedies.join("; ")));
}

void add_light(QStringList& notes, const optics::StrataSpectra& strata, const colour::Lab& target) {
  const plan::Metamerism m = plan::metamerism(plan::errors_under_lights(strata, target));
  if (m.added <= plan::kMetamerismWarning) return;
  notes << tr("The match breaks under %1: %2 more.").arg(light_name(m.light), words::seen_with_number(m.added));
}

void add_surround(QStringList& notes, const colour::Lab& colour, const colour::Lab& paper) {
  const double steps = colour::value_step(colour::seems_on(colour, paper).l) - colour::value_step(colour.l);
  if (std::abs(steps) < 0.2) return;
  notes << tr("Beside the bare paper it seems %1 steps %2 than it is.")
               .arg(words::number(std::abs(steps), 1))
               .arg(steps > 0 ? tr("lighter") : tr("darker"));
}

void add_strata(RecipeView& view, const optics::Pile& pile, const Planned& planned,
                const optics::Parameters& parameters) {
  std::vector<optics::Pigment> pigments;
  for (const media::Stick& s : planned.collection->sticks) pigments.push_back(media::pigment_of(s, parameters));
  std::vector<QColor> colours;
  for (const optics::Mix& m : pile.mixes()) {
    const optics::Pigment p = optics::mix_pigments(m, pigments);
    colour::Spectrum r;
    for (std::size_t i = 0; i < colour::kBands; ++i)
      r[i] = static_cast<float>(optics::endless_reflectance(p.k[i], p.s[i]));
    colours.push_back(to_colour(colour::to_lab(r)));
  }
  for (std::size_t i = 0; i < optics::kStrata; ++i) {
    view.strata[i].depth = pile.ground().depth[i];
    for (const optics::Coat& c : pile.strata()[i])
      view.strata[i].coats.push_back({colours[static_cast<std::size_t>(c.mix)], c.height});
  }
}

}  // namespace

RecipeView view_strokes(const Planned& planned, const optics::Ground& ground, const std::vector<plan::Stroke>& strokes,
                        double px_per_mm, colour::Illuminant light) {
  const optics::Parameters& parameters = planned.parameters;
  RecipeView view;
  for (const plan::Stroke& s : strokes) view.steps << stroke_words(s, *planned.collection);
  view.paper = to_colour(planned.paper->lab);
  view.hold = planned.paper->tooth.hold;
  const optics::Pile pile = plan::build(ground, parameters, planned.collection->sticks, strokes);
  add_strata(view, pile, planned, parameters);
  view.speckle = speckle_patch(plan::shade(pile, parameters, planned.collection->sticks), {300, 64},
                               planned.paper->grain_mm * px_per_mm, light);
  return view;
}

RecipeView view_recipe(const Planned& planned, const Materials& materials, int target, double px_per_mm,
                       colour::Illuminant light, const plan::Reach* reach) {
  const plan::TargetPlan& t = planned.plan.targets[static_cast<std::size_t>(target)];
  const subject::Mass& mass = planned.subject->masses[static_cast<std::size_t>(t.mass)];
  const optics::Parameters& parameters = planned.parameters;
  RecipeView view =
      view_strokes(planned, plan::ground_of(planned.plan, t, *planned.paper), t.recipe.strokes, px_per_mm, light);
  view.target = target;
  view.title = tr("%1, %2").arg(words::numbered_name(mass), words::term(subject::name(t.role)));
  if (t.by_hand) view.title += tr(" (chosen by hand)");
  const optics::Pile pile = plan::build(plan::ground_of(planned.plan, t, *planned.paper), parameters,
                                        planned.collection->sticks, t.recipe.strokes);
  const optics::StrataSpectra strata = plan::shade(pile, parameters, planned.collection->sticks);
  if (t.alternatives.empty() && !planned.options.laid.empty())
    view.notes << tr("Begun: other recipes are offered before the first stroke on a mass.");
  add_reach(view.notes, reach, planned, materials);
  add_light(view.notes, strata, t.target);
  add_surround(view.notes, t.recipe.look.lab, planned.paper->lab);
  return view;
}

void AlternativeModel::set_target(PlannedPtr planned, int target) {
  beginResetModel();
  planned_ = std::move(planned);
  target_ = planned_ ? target : -1;
  endResetModel();
}

const std::vector<plan::Stack>& AlternativeModel::list() const {
  static const std::vector<plan::Stack> none;
  return planned_ && target_ >= 0 ? planned_->plan.targets[static_cast<std::size_t>(target_)].alternatives : none;
}

const std::vector<plan::Stroke>& AlternativeModel::strokes(int row) const {
  return list()[static_cast<std::size_t>(row)].strokes;
}

int AlternativeModel::rowCount(const QModelIndex& parent) const {
  return parent.isValid() ? 0 : static_cast<int>(list().size());
}

int AlternativeModel::columnCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : columns; }

QVariant AlternativeModel::data(const QModelIndex& index, int role) const {
  if (!index.isValid() || index.row() >= rowCount()) return {};
  const plan::Stack& s = list()[static_cast<std::size_t>(index.row())];
  if (role == Qt::TextAlignmentRole && index.column() != recipe) return QVariant(Qt::AlignRight | Qt::AlignVCenter);
  if (role == Qt::DecorationRole && index.column() == recipe) return to_colour(s.lab);
  QStringList words;
  for (const plan::Stroke& k : s.strokes) words << stroke_words(k, *planned_->collection);
  if (role == Qt::ToolTipRole) return words.join("\n");
  if (role != Qt::DisplayRole) return {};
  const plan::TargetPlan& t = planned_->plan.targets[static_cast<std::size_t>(target_)];
  switch (index.column()) {
    case recipe:
      return words.join("\n");
    case difference:
      return words::number(colour::ciede2000(s.lab, t.target), 1);
    case tooth:
      return QString("%1 %").arg(qRound(100 * (1 - s.tooth_left)));
    default:
      return words::number(s.spread_l, 1);
  }
}

QVariant AlternativeModel::headerData(int section, Qt::Orientation orientation, int role) const {
  if (orientation != Qt::Horizontal || role != Qt::DisplayRole) return {};
  switch (section) {
    case recipe:
      return tr("Recipe");
    case difference:
      return tr("Differs");
    case tooth:
      return tr("Tooth");
    default:
      return tr("Speckle");
  }
}

}  // namespace yd::app
