// SPDX-License-Identifier: MIT
#include "window/language_actions.h"

#include <QActionGroup>

#include "words/language.h"

namespace yd::app {
namespace {

constexpr const char* kLanguage = "language";

}  // namespace

QString language_of(const QSettings& settings) { return settings.value(kLanguage).toString(); }

LanguageActions::LanguageActions(QSettings& settings, FileActions& files, NoticeBar& notice, QWidget& window)
    : QObject(&window), settings_(settings), files_(files), notice_(notice), window_(window) {}

void LanguageActions::fill_menu(QMenu& menu) {
  QMenu* choice = menu.addMenu(tr("Language"));
  choice->menuAction()->setObjectName("languages");
  auto* one = new QActionGroup(this);
  const QString now = language_of(settings_);
  const auto add = [&](const QString& code, const QString& name) {
    QAction* action = choice->addAction(name);
    action->setObjectName("language_" + code);
    action->setCheckable(true);
    action->setChecked(code == now);
    one->addAction(action);
    connect(action, &QAction::triggered, this, [this, code] { take(code); });
  };
  add({}, tr("As the system has it"));
  choice->addSeparator();
  // Each in itself, so that whoever is lost finds the way back.
  for (const words::Language& l : words::languages()) add(l.code, QString::fromUtf8(l.name));
}

void LanguageActions::take(const QString& code) {
  settings_.setValue(kLanguage, code);
  const auto close = [this] {
    anew_ = true;
    window_.close();
  };
  notice_.ask(tr("The window speaks it when it begins anew; the project is opened again."), tr("Begin anew"),
              [this, close] {
                if (files_.may_close(close)) close();
              });
}

}  // namespace yd::app
