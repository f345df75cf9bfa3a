// SPDX-License-Identifier: MIT
#include "session/sentences.h"

#include "looks/translate.h"
#include "support/plain_line.h"
#include "words/facts.h"

namespace yd::app {
namespace {

QString advice(Error::Code code) {
  switch (code) {
    case Error::Code::bad_format:
      return tr("Try another file or a fresh copy of it.");
    case Error::Code::too_new:
      return tr("Update the program to open it.");
    case Error::Code::too_large:
      return tr("Make it smaller and try again.");
    case Error::Code::not_found:
      return tr("Check the name and the folder.");
    case Error::Code::io:
      return tr("Nothing was lost; choose another folder or free some space, then try again.");
    case Error::Code::bad_value:
      return tr("Correct that field and try again.");
    case Error::Code::cancelled:
    case Error::Code::unreachable:
      return {};
  }
  return {};
}

}  // namespace

QString sentence(const Error& error) {
  // A name in it may hold anything.
  const QString what = QString::fromStdString(plain_line(words::fact(error).toStdString()));
  const QString then = advice(error.code);
  return then.isEmpty() ? what + "." : what + ". " + then;
}

}  // namespace yd::app
