// SPDX-License-Identifier: MIT
#include "formats/collection_file.h"

#include "colour/observer.h"
#include "colour/smoothest.h"
#include "colour/words.h"
#include "media/fields.h"
#include "table_limits.h"

namespace yd::formats {

void number_ids(std::vector<media::Stick>& sticks, const std::string& stem) {
  int number = 0;
  for (media::Stick& s : sticks) {
    s.id = stem;
    s.id += '-';
    s.id += std::to_string(++number);
  }
}

Result<ImportedSticks> read_sticks(const QByteArray& bytes, const std::string& where, optics::Medium medium) {
  const QByteArray start = bytes.left(256).trimmed();
  if (start.startsWith("GIMP Palette")) return read_gimp_palette(bytes, where, medium);
  if (start.startsWith('{')) return read_collection_json(bytes, where);
  if (is_cgats(bytes)) return read_cgats(bytes, where, medium);
  const auto table = read_csv_table(bytes, where);
  if (!table) return table.error();
  return sticks_from_csv(table.value(), table->guess, where, medium);
}

namespace {

/// Each entry by itself: one that is wrong is named and left out.
void read_entries(const nlohmann::json& entries, ImportedSticks& out) {
  int number = 0;
  for (const auto& entry : entries) {
    ++number;
    const nlohmann::json alone = {{"id", "one"}, {"name", "one"}, {"sticks", nlohmann::json::array({entry})}};
    auto one = media::collection_from_json(alone, "stick");
    if (one) {
      out.sticks.push_back(std::move(one.value().sticks.front()));
    } else {
      out.bad.push_back({number, describe(one.error())});
    }
  }
}

}  // namespace

Result<ImportedSticks> read_collection_json(const QByteArray& bytes, const std::string& where) {
  if (bytes.size() > kMostPaletteBytes) return Error{Error::Code::too_large, where, "is larger than 32 MB"};
  auto json = media::parse_json(bytes.toStdString(), where);
  if (!json) return json.error();
  media::Fields top(json.value(), where);
  const std::string format = top.text("format");
  const nlohmann::json& entries = top.array("sticks");
  if (top.error() || format != "yawning-dune collection")
    return Error{Error::Code::bad_format, where, "is no Yawning Dune collection"};
  if (entries.size() > kMostRows) return Error{Error::Code::too_large, where, kTooManyRows};
  ImportedSticks out;
  out.name = top.text("name", "Imported");
  if (top.error()) return *top.error();
  read_entries(entries, out);
  return out;
}

}  // namespace yd::formats
