// SPDX-License-Identifier: MIT
#include "models/fault_model.h"

#include <QPainter>
#include <algorithm>

#include "board/strip.h"
#include "looks/images.h"
#include "looks/translate.h"
#include "models/chips.h"
#include "words/checked.h"
#include "words/seen.h"
#include "words/sentence.h"
#include "words/number.h"
#include "words/names.h"

namespace yd::app {
namespace {

constexpr double kFullBar = 12;  // CIEDE2000

/// What is there, and what should be.
QPixmap two_colours(const check::Compared& c) {
  QPixmap out(kChip);
  QPainter painter(&out);
  const int half = out.width() / 2;
  painter.fillRect(0, 0, half, out.height(), to_colour(c.measured));
  painter.fillRect(half, 0, out.width() - half, out.height(), to_colour(c.expected));
  return out;
}

QString steps_words(double steps) {
  const QString number = words::number(steps, 1);
  return steps > 0.05 ? "+" + number : number == "-0.0" ? QStringLiteral("0.0") : number;
}

}  // namespace

void FaultModel::set_checked(CheckedPtr checked) {
  beginResetModel();
  checked_ = std::move(checked);
  endResetModel();
}

int FaultModel::rowCount(const QModelIndex& parent) const {
  if (parent.isValid() || !checked_) return 0;
  return static_cast<int>(std::min(checked_->report.faults.size(), check::kMostFaults));
}

const check::Fault* FaultModel::fault(int row) const {
  return row >= 0 && row < rowCount() ? &checked_->report.faults[static_cast<std::size_t>(row)] : nullptr;
}

QVariant FaultModel::data(const QModelIndex& index, int role) const {
  const check::Fault* f = index.isValid() ? fault(index.row()) : nullptr;
  if (f == nullptr) return {};
  switch (role) {
    case Qt::DisplayRole:
      return words::begun(words::fault(*f, checked_->planned->subject->masses)) + ".";
    case Qt::DecorationRole:
      return two_colours(f->colours);
    case Qt::ToolTipRole:
    case Qt::UserRole:
      return words::begun(words::fault_evidence(*f)) + ".";
    default:
      return {};
  }
}

void MendingModel::set_fault(CheckedPtr checked, const check::Fault* fault) {
  beginResetModel();
  checked_ = std::move(checked);
  mendings_ = fault == nullptr ? std::vector<check::Mending>{} : fault->mendings;
  endResetModel();
}

int MendingModel::rowCount(const QModelIndex& parent) const {
  return parent.isValid() ? 0 : static_cast<int>(mendings_.size());
}

QVariant MendingModel::data(const QModelIndex& index, int role) const {
  if (!index.isValid() || index.row() >= rowCount()) return {};
  const check::Mending& m = mendings_[static_cast<std::size_t>(index.row())];
  const Planned& p = *checked_->planned;
  switch (role) {
    case Qt::DisplayRole:
      return tr("%1. Then %2.")
          .arg(words::begun(words::mending(m, p.collection->sticks)), words::seen_with_number(m.de00));
    case Qt::DecorationRole: {
      if (m.strokes.empty()) {
        QPixmap none(kChip);  // so that lines stand under each other
        none.fill(Qt::transparent);
        return none;
      }
      const plan::Stroke& top = m.strokes.back();
      return pass_chip(p.collection->sticks[static_cast<std::size_t>(top.stick)], top.pressure,
                       top.technique == plan::Technique::rubbed, *p.paper, p.parameters, kChip);
    }
    default:
      return {};
  }
}

void MarginModel::set_plan(PlannedPtr planned) {
  beginResetModel();
  planned_ = std::move(planned);
  sticks_.clear();
  if (planned_) {
    for (const board::StripPatch& p :
         board::margin_strip(planned_->plan, *planned_->paper, *planned_->collection, planned_->parameters))
      sticks_.push_back(p.stick);
  }
  endResetModel();
}

int MarginModel::rowCount(const QModelIndex& parent) const {
  return parent.isValid() ? 0 : static_cast<int>(sticks_.size());
}

QVariant MarginModel::data(const QModelIndex& index, int role) const {
  if (!index.isValid() || index.row() >= rowCount()) return {};
  const media::Stick& stick =
      planned_->collection->sticks[static_cast<std::size_t>(sticks_[static_cast<std::size_t>(index.row())])];
  if (role == Qt::DisplayRole) return tr("%1  %2").arg(index.row() + 1).arg(words::stick_name(stick));
  if (role == Qt::DecorationRole) return pass_chip(stick, 1, true, *planned_->paper, planned_->parameters, kChip);
  return {};
}

QList<Fact> photo_facts(const Checked& c) {
  QList<Fact> out;
  const auto add = [&out](const QString& label, const QString& number, double bar = -1) {
    out.append({label, number, bar, {}});
  };
  const check::Report& r = c.report;
  const double like = std::max(0.0, r.likeness);
  add(tr("Passes that are done"), tr("%1 of %2").arg(std::count(c.done.begin(), c.done.end(), 1)).arg(c.done.size()));
  add(tr("Like the Board"), tr("%1 %").arg(words::number(100 * like, 0)), like);
  add(tr("Light put right by"), words::reference(r.light.by));
  if (r.light.by != check::Reference::none) add(tr("Left of it there"), words::number(r.light.residual_de00, 1));
  return out;
}

QList<Fact> mass_facts(const Checked& c) {
  std::vector<check::MassReading> all = c.report.reading.masses;
  std::stable_sort(all.begin(), all.end(), [](const auto& p, const auto& q) { return p.whole.de00 > q.whole.de00; });
  QList<Fact> out;
  for (const check::MassReading& m : all) {
    const double steps = colour::value_step(m.whole.measured.l) - colour::value_step(m.whole.expected.l);
    Fact fact;
    fact.label = words::mass_name(c.planned->subject->masses[static_cast<std::size_t>(m.mass)]);
    fact.number = steps_words(steps);
    fact.bar = std::min(1.0, m.whole.de00 / kFullBar);
    fact.chip = to_colour(m.whole.measured);
    out.append(fact);
  }
  return out;
}

QString trouble_words(const Checked& c) {
  QStringList out;
  for (const check::Trouble t : c.report.troubles) out.append(words::trouble(t));
  return out.join(" ");
}

}  // namespace yd::app
