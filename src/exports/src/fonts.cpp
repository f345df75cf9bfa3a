// SPDX-License-Identifier: MIT
#include "exports/fonts.h"

#include <QFontDatabase>
#include <QString>

#include "media/shipped.h"

namespace yd::exports {

void load_fonts() {
  static const bool loaded = [] {
    const QString fonts = QString::fromStdString((media::data_directory() / "fonts").string());
    QFontDatabase::addApplicationFont(fonts + "/Lato-Regular.ttf");
    QFontDatabase::addApplicationFont(fonts + "/Lato-Bold.ttf");
    return true;
  }();
  static_cast<void>(loaded);
}

}  // namespace yd::exports
