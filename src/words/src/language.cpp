// SPDX-License-Identifier: MIT
#include "words/language.h"

#include <QCoreApplication>
#include <QLibraryInfo>
#include <QTranslator>
#include <algorithm>
#include <array>

void init_languages() { Q_INIT_RESOURCE(languages); }  // a resource's own function is outside every namespace

namespace yd::words {
namespace {

constexpr auto kLanguages =
    std::to_array<Language>({{"en", "English"}, {"de", "Deutsch"}, {"fr", "Français"}, {"es", "Español"}});

bool spoken(const QString& code) {
  return std::any_of(kLanguages.begin(), kLanguages.end(), [&](const Language& l) { return code == l.code; });
}

/// Takes the place of what was spoken before.
void install(QTranslator& translator, const QString& name, const QString& folder) {
  QCoreApplication::removeTranslator(&translator);
  if (translator.load(name, folder)) QCoreApplication::installTranslator(&translator);
}

}  // namespace

std::span<const Language> languages() { return kLanguages; }

QString language_for(const QString& chosen, const QStringList& wanted) {
  if (spoken(chosen)) return chosen;
  for (const QString& one : wanted) {
    QString code = one.section('-', 0, 0).section('_', 0, 0).toLower();
    if (spoken(code)) return code;
  }
  return kLanguages.front().code;
}

QLocale locale_for(const QString& code, const QLocale& system) {
  const QLocale own(code);
  if (system.language() == own.language()) return system;
  // A system without a language: English as programs have it, in centimetres.
  if (system.language() == QLocale::C) return own.language() == QLocale::English ? QLocale::c() : own;
  return {own.language(), system.territory()};
}

void speak(const QString& code, const QLocale& locale) {
  init_languages();
  static QTranslator ours;
  static QTranslator qts;
  install(qts, "qtbase_" + code, QLibraryInfo::path(QLibraryInfo::TranslationsPath));
  install(ours, "yawning-dune_" + code, ":/languages");
  QLocale::setDefault(locale);
}

}  // namespace yd::words
