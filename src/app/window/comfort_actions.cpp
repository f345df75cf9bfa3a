// SPDX-License-Identifier: MIT
#include "window/comfort_actions.h"

#include <QActionGroup>
#include <QApplication>

namespace yd::app {
namespace {

constexpr const char* kScheme = "comfort/scheme";
constexpr const char* kStill = "comfort/still";

struct Named {
  Scheme scheme;
  const char* name;  ///< in the settings, and of the action
};
constexpr Named kSchemes[] = {{Scheme::light, "light"}, {Scheme::dark, "dark"}, {Scheme::contrast, "contrast"}};

}  // namespace

Comfort comfort_of(const QSettings& settings) {
  Comfort out;
  for (const Named& n : kSchemes) {
    if (settings.value(kScheme).toString() == n.name) out.scheme = n.scheme;
  }
  out.still = settings.value(kStill).toBool();
  return out;
}

ComfortActions::ComfortActions(QSettings& settings, QObject* parent) : QObject(parent), settings_(settings) {}

void ComfortActions::fill_menu(QMenu& menu) {
  menu.addSeparator();
  auto* one = new QActionGroup(this);
  const Comfort now = comfort_of(settings_);
  for (const Named& n : kSchemes) {
    const QString text = n.scheme == Scheme::light  ? tr("Light grey")
                         : n.scheme == Scheme::dark ? tr("Dark grey")
                                                    : tr("High contrast");
    QAction* action = menu.addAction(text);
    action->setObjectName(QString("scheme_") + n.name);
    action->setCheckable(true);
    action->setChecked(n.scheme == now.scheme);
    one->addAction(action);
    connect(action, &QAction::triggered, this, [this, scheme = n.scheme] {
      Comfort wished = comfort_of(settings_);
      wished.scheme = scheme;
      take(wished);
    });
  }
  menu.addSeparator();
  QAction* still = menu.addAction(tr("Nothing moves by itself"));
  still->setObjectName("still");
  still->setCheckable(true);
  still->setChecked(now.still);
  connect(still, &QAction::toggled, this, [this](bool on) {
    Comfort wished = comfort_of(settings_);
    wished.still = on;
    take(wished);
  });
}

void ComfortActions::take(const Comfort& comfort) {
  for (const Named& n : kSchemes) {
    if (n.scheme == comfort.scheme) settings_.setValue(kScheme, QString(n.name));
  }
  settings_.setValue(kStill, comfort.still);
  apply_style(*qobject_cast<QApplication*>(QCoreApplication::instance()), comfort);
}

}  // namespace yd::app
