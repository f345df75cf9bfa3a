// SPDX-License-Identifier: MIT
#pragma once

#include <QLocale>
#include <QString>
#include <span>

namespace yd::words {

/// A language the program speaks.
struct Language {
  const char* code;  ///< ISO 639-1
  const char* name;  ///< in itself, UTF-8
};
/// English, which the program is written in, first.
std::span<const Language> languages();

/// The language to speak: the one that was `chosen` by its code, else the first of `wanted` (codes as "de-AT") that is
/// spoken here, else English.
QString language_for(const QString& chosen, const QStringList& wanted);
/// How numbers, dates and lengths are written in `code`: in the system's country where the two go together.
QLocale locale_for(const QString& code, const QLocale& system);

/// From now on texts come in the language and `QLocale()` is `locale`, in all threads; Qt's own texts follow where they
/// are installed. Needs the application. Texts that were fetched before stay as they are.
void speak(const QString& code, const QLocale& locale);

}  // namespace yd::words
