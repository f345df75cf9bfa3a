// SPDX-License-Identifier: MIT
#pragma once

#include <QDir>
#include <QFile>
#include <vector>

#include "colour/profile.h"
#include "subject/image.h"

namespace yd::trial {

/// A photograph as a file would have it.
inline subject::RawPicture raw_of(const subject::Grid<colour::Rgb8>& image) {
  subject::RawPicture out;
  out.width = image.width;
  out.height = image.height;
  for (const colour::Rgb8& c : image.data) {
    for (const std::uint8_t v : {c.r, c.g, c.b}) out.rgb.push_back(static_cast<std::uint16_t>(257 * v));
  }
  return out;
}

/// The text and the published Lab values (D50) of the charts of 24 patches that Debian's argyll-ref ships as CGATS;
/// empty without the package.
struct Chart {
  QByteArray text;
  std::vector<colour::Lab> patches;
};
inline std::vector<Chart> charts_of_24() {
  std::vector<Chart> out;
  const QDir folder("/usr/share/color/argyll/ref");
  for (const QString& name : folder.entryList({"*.cie"}, QDir::Files)) {
    QFile file(folder.filePath(name));
    if (!file.open(QIODevice::ReadOnly)) continue;
    Chart chart{file.readAll(), {}};
    if (!chart.text.contains("LAB_L LAB_A LAB_B") || !chart.text.contains("NUMBER_OF_SETS 24\n")) continue;
    const QList<QByteArray> lines = chart.text.mid(chart.text.indexOf("BEGIN_DATA\n") + 11).split('\n');
    for (qsizetype i = 0; i < 24; ++i) {
      const QStringList words = QString(lines[i]).simplified().split(' ');
      chart.patches.push_back({words[1].toDouble(), words[2].toDouble(), words[3].toDouble()});
    }
    out.push_back(std::move(chart));
  }
  return out;
}

}  // namespace yd::trial
