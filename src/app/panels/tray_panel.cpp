#include "panels/tray_panel.h"

#include <QSignalBlocker>
#include <algorithm>

#include "colour/words.h"
#include "models/course_model.h"

namespace yd::app {
namespace {

enum Merge { merge_sticks = 3 };

/// The three worst targets, in words.
QString out_of_reach(const Planned& planned) {
  auto targets = planned.plan.targets;
  std::sort(targets.begin(), targets.end(), [](const auto& p, const auto& q) { return p.recipe.de00 > q.recipe.de00; });
  QStringList lines;
  for (const plan::TargetPlan& t : targets) {
    if (t.recipe.de00 < kLookHere || lines.size() == 3) break;
    const subject::Mass& mass = planned.subject->masses[static_cast<std::size_t>(t.mass)];
    lines << QObject::tr("%1. %2, %3: %4 (%5 ΔE00)")
                 .arg(mass.id + 1)
                 .arg(QString::fromStdString(mass.name), subject::name(t.role),
                      QString::fromStdString(colour::difference_words(t.recipe.look.lab, t.target)))
                 .arg(t.recipe.de00, 0, 'f', 1);
  }
  return lines.join("\n");
}

}  // namespace

TrayPanel::TrayPanel(Session& session, QWidget* parent)
    : QWidget(parent),
      session_(session),
      collections_(new QComboBox),
      most_(new LabelledSlider(tr("Most sticks in the tray"), "sticks", 1, 40)),
      reach_(paragraph()) {
  collections_->setObjectName("collections");
  collections_->setAccessibleName(tr("Collection"));
  reach_->setObjectName("reach");
  auto* column = new QVBoxLayout(this);
  column->addWidget(heading(tr("The fewest sticks that carry the picture")));
  column->addWidget(collections_);
  column->addWidget(most_);
  column->addWidget(table("tray", model_, StickModel::name), 1);
  column->addWidget(reach_);
  connect(most_, &LabelledSlider::moved, this, [this](int v) {
    Choices c = session_.choices();
    c.plan.most_sticks = v;
    session_.change(c, tr("Sticks in the tray"), merge_sticks);
  });
  connect(collections_, &QComboBox::activated, this, [this](int row) {
    Choices c = session_.choices();
    c.collection = collections_->itemData(row).toString();
    session_.change(c, tr("Collection"));
  });
  connect(&session_, &Session::choices_changed, this, &TrayPanel::refresh_choices);
  connect(&session_, &Session::plan_changed, this, &TrayPanel::refresh_plan);
  refresh_choices();
  refresh_plan();
}

void TrayPanel::refresh_choices() {
  const QSignalBlocker quiet(collections_);
  collections_->clear();
  for (const media::Collection& c : session_.materials().collections) {
    collections_->addItem(tr("%1 (%2)").arg(QString::fromStdString(c.name)).arg(c.sticks.size()),
                          QString::fromStdString(c.id));
  }
  collections_->setCurrentIndex(collections_->findData(session_.choices().collection));
  most_->show_value(session_.choices().plan.most_sticks);
}

void TrayPanel::refresh_plan() {
  const PlannedPtr planned = session_.planned();
  model_.set_plan(planned);
  if (!planned) return reach_->setText({});
  const QString worst = out_of_reach(*planned);
  reach_->setText(worst.isEmpty() ? tr("Every target is within %1 ΔE00.").arg(planned->plan.worst_de00, 0, 'f', 1)
                                  : tr("Out of reach of this tray:") + "\n" + worst);
}

}  // namespace yd::app
