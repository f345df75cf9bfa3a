// SPDX-License-Identifier: MIT
#include "widgets/spoken.h"

#include <QAccessibleWidget>
#include <QVariant>

namespace yd::app {
namespace {

constexpr const char* kRole = "spoken_role";

QAccessibleInterface* spoken(const QString& /*class_name*/, QObject* object) {
  auto* widget = qobject_cast<QWidget*>(object);
  if (widget == nullptr || !widget->property(kRole).isValid()) return nullptr;
  return new QAccessibleWidget(widget, static_cast<QAccessible::Role>(widget->property(kRole).toInt()));
}

}  // namespace

void speak_as(QWidget* widget, QAccessible::Role role) {
  [[maybe_unused]] static const bool once = (QAccessible::installFactory(spoken), true);
  widget->setProperty(kRole, static_cast<int>(role));
}

}  // namespace yd::app
