// SPDX-License-Identifier: MIT
#include "models/course_model.h"

#include "words/terms.h"

#include <algorithm>

namespace yd::app {

CourseModel::CourseModel(Session& session, Checker& checker, QObject* parent)
    : QAbstractListModel(parent), session_(session), checker_(checker) {
  const auto refresh = [this] { emit dataChanged(index(0), index(kStages)); };
  connect(&session_, &Session::subject_changed, this, refresh);
  connect(&session_, &Session::plan_changed, this, refresh);
  connect(&session_, &Session::busy_changed, this, refresh);
  connect(&checker_, &Checker::changed, this, refresh);
}

int CourseModel::rowCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : kStages + 1; }

QString CourseModel::state(Stage stage) const {
  const SubjectPtr s = session_.subject();
  const PlannedPtr planned = session_.planned();
  if (!s) return tr("to do");
  if (stage == Stage::subject) return tr("%n mass(es)", nullptr, static_cast<int>(s->masses.size()));
  if (!planned) return tr("to do");
  const plan::Plan& p = planned->plan;
  const bool full =
      std::any_of(p.mass_tooth_left.begin(), p.mass_tooth_left.end(), [](double left) { return left < 0.1; });
  switch (stage) {
    case Stage::subject:
      break;
    case Stage::ground:
      return words::term(planned->paper->surface.c_str());
    case Stage::tray:
      return tr("%n stick(s)", nullptr, static_cast<int>(p.tray.size()));
    case Stage::underpainting:
      return p.coats.empty() ? tr("none") : tr("%n coat(s)", nullptr, static_cast<int>(p.coats.size()));
    case Stage::layers:
      return full ? tr("tooth full") : tr("%1 in all").arg(planned->guide.passages.size());
    case Stage::check:
      return check_state();
    case Stage::easel:
      return tr("ready");
  }
  return {};
}

QString CourseModel::check_state() const {
  const CheckedPtr checked = checker_.checked();
  if (!checked) return tr("no photograph");
  if (!checked->report.usable()) return tr("will not do");
  const auto off = checked->report.faults.size();
  return off == 0 ? tr("all right") : tr("%1 off").arg(off);
}

QVariant CourseModel::data(const QModelIndex& index, int role) const {
  if (!index.isValid() || index.row() > kStages) return {};
  static const char* const names[kStages + 1] = {
      QT_TR_NOOP("Subject"),  QT_TR_NOOP("Ground"), QT_TR_NOOP("Tray"), QT_TR_NOOP("Underpainting"),
      QT_TR_NOOP("Passages"), QT_TR_NOOP("Check"),  QT_TR_NOOP("Easel")};
  const QString name = tr(names[index.row()]);
  const QString word = state(static_cast<Stage>(index.row()));
  switch (role) {
    case Qt::DisplayRole:
      return name;
    case Qt::UserRole:
      return word;
    case Qt::AccessibleTextRole:
      return name + ", " + word;
    default:
      return {};
  }
}

}  // namespace yd::app
