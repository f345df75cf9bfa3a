// SPDX-License-Identifier: MIT
#include <QStringList>
#include <QTextStream>

#include "colour/profile.h"
#include "formats/collection_file.h"
#include "table_limits.h"

namespace yd::formats {
namespace {

constexpr const char* kMagic = "GIMP Palette";

/// One row "R G B name", or what is wrong with it.
Result<media::Stick> read_row(const QString& line, optics::Medium medium) {
  const QStringList parts = line.simplified().split(' ');
  if (parts.size() < 3) return bad_value("", "needs red, green and blue");
  colour::Rgb8 rgb;
  std::uint8_t* const to[] = {&rgb.r, &rgb.g, &rgb.b};
  for (int i = 0; i < 3; ++i) {
    bool ok = false;
    const int v = parts[i].toInt(&ok);
    if (!ok || v < 0 || v > 255) return bad_value("", parts[i].left(20).toStdString() + " is no number from 0 to 255");
    *to[i] = static_cast<std::uint8_t>(v);
  }
  return media::stick_of(colour::from_srgb(rgb), parts.mid(3).join(' ').left(200).toStdString(), medium);
}

}  // namespace

Result<ImportedSticks> read_gimp_palette(const QByteArray& bytes, const std::string& where, optics::Medium medium) {
  if (bytes.size() > kMostPaletteBytes) return Error{Error::Code::too_large, where, "is larger than 32 MB"};
  QTextStream in(bytes);
  if (in.readLine().trimmed() != kMagic) return Error{Error::Code::bad_format, where, "is no GIMP palette"};
  ImportedSticks out;
  out.name = "Palette";
  for (int number = 2; !in.atEnd(); ++number) {
    const QString line = in.readLine().trimmed();
    if (line.isEmpty() || line.startsWith('#') || line.startsWith("Columns:")) continue;
    if (line.startsWith("Name:")) {
      out.name = line.mid(5).trimmed().left(200).toStdString();
      continue;
    }
    if (out.sticks.size() + out.bad.size() >= kMostRows) return Error{Error::Code::too_large, where, kTooManyRows};
    auto stick = read_row(line, medium);
    if (stick) {
      out.sticks.push_back(std::move(stick).value());
    } else {
      out.bad.push_back({number, stick.error().what});
    }
  }
  number_ids(out.sticks, "stick");
  return out;
}

QByteArray write_gimp_palette(const media::Collection& collection) {
  QByteArray out = QByteArray(kMagic) + "\nName: " + QByteArray::fromStdString(collection.name) + "\nColumns: 8\n#\n";
  for (const media::Stick& s : collection.sticks) {
    const colour::Rgb8 c = colour::to_srgb(s.lab);
    out += QString("%1 %2 %3\t").arg(c.r, 3).arg(c.g, 3).arg(c.b, 3).toUtf8();
    out += QByteArray::fromStdString(s.name).simplified() + "\n";
  }
  return out;
}

}  // namespace yd::formats
