#include "models/course_model.h"

#include <algorithm>

namespace yd::app {

CourseModel::CourseModel(Session& session, QObject* parent) : QAbstractListModel(parent), session_(session) {
  const auto refresh = [this] { emit dataChanged(index(0), index(kStages - 1)); };
  connect(&session_, &Session::subject_changed, this, refresh);
  connect(&session_, &Session::plan_changed, this, refresh);
  connect(&session_, &Session::busy_changed, this, refresh);
}

int CourseModel::rowCount(const QModelIndex& parent) const { return parent.isValid() ? 0 : kStages; }

QString CourseModel::state(Stage stage) const {
  if (stage == Stage::subject) return session_.subject() ? tr("ready") : tr("to do");
  const PlannedPtr planned = session_.planned();
  if (!planned) return tr("to do");
  if (stage == Stage::tray && planned->plan.worst_de00 > kLookHere) return tr("look here");
  if (stage == Stage::underpainting && planned->plan.coats.empty()) return tr("none");
  const auto& tooth = planned->plan.mass_tooth_left;
  const bool full = std::any_of(tooth.begin(), tooth.end(), [](double t) { return t < 0.1; });
  if (stage == Stage::layers && full) return tr("look here");
  return tr("ready");
}

QVariant CourseModel::data(const QModelIndex& index, int role) const {
  if (!index.isValid() || index.row() >= kStages) return {};
  static const char* const names[kStages] = {QT_TR_NOOP("Subject"), QT_TR_NOOP("Ground"), QT_TR_NOOP("Tray"),
                                             QT_TR_NOOP("Underpainting"), QT_TR_NOOP("Layers")};
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
