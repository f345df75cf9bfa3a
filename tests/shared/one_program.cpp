// SPDX-License-Identifier: MIT
#include "one_program.h"

#include <QFileInfo>
#include <QLocale>
#include <QMap>
#include <clocale>
#include <cstdio>
#if __has_include("words/language.h")  // what uses words
#define YD_TESTS_SPEAK
#include "words/language.h"
#endif
#ifdef YD_TESTS_OF_WINDOW
#include <QApplication>
using Application = QApplication;
#else
#include <QGuiApplication>
using Application = QGuiApplication;
#endif

namespace {

QMap<QString, yd::trial::Runner>& entries() {
  static QMap<QString, yd::trial::Runner> all;
  return all;
}

}  // namespace

bool yd::trial::enter(const char* file, Runner run) {
  entries().insert(QFileInfo(QString::fromUtf8(file)).baseName(), run);
  return true;
}

/// The first argument is the name of a test file, what follows is Qt Test's.
int main(int argc, char** argv) {
  Application application(argc, argv);
  // Numbers in files have a point, whatever the language of the machine.
  std::setlocale(LC_NUMERIC, "C");
  QLocale::setDefault(QLocale::c());
#ifdef YD_TESTS_SPEAK
  yd::words::speak("en", QLocale::c());  // its plurals
#endif
  QStringList arguments = QCoreApplication::arguments();
  const QString name = arguments.value(1);
  const auto run = entries().constFind(name);
  if (run == entries().constEnd()) {
    std::fprintf(stderr, "there is no test \"%s\"; there are: %s\n", qPrintable(name),
                 qPrintable(entries().keys().join(' ')));
    return 2;
  }
  arguments.removeAt(1);
  return (*run)(arguments);
}
