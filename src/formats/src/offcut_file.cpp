// SPDX-License-Identifier: MIT
#include "formats/offcut_file.h"

#include <QByteArrayList>
#include <QString>
#include <algorithm>
#include <cmath>
#include <array>
#include <map>
#include <optional>

#include "formats/collection_file.h"
#include "formats/csv.h"
#include "formats/plan_json.h"
#include "media/fields.h"

namespace yd::formats {
namespace {

constexpr const char* kCalibration = "yawning-dune-calibration";
constexpr int kCalibrationVersion = 1;
constexpr std::array kColumns{"stick", "pressure", "technique", "L*", "a*", "b*"};
constexpr std::array<std::pair<const char*, double>, 3> kWords{{{"light", 0.3}, {"middle", 0.6}, {"firm", 1.0}}};

Error at_line(const std::string& where, int line, const std::string& what) {
  return {Error::Code::bad_value, where + ", line " + std::to_string(line), what};
}

using OffcutColumns = std::array<std::size_t, kColumns.size()>;  ///< where each is in a row

/// One row, its cells by the columns' names.
class OffcutRow {
 public:
  OffcutRow(const std::vector<std::string>& cells, const OffcutColumns& columns) : cells_(cells), columns_(columns) {}
  QString text(std::size_t column) const {
    const std::size_t at = columns_[column];
    return at < cells_.size() ? QString::fromStdString(cells_[at]).trimmed() : QString();
  }
  std::optional<double> number(std::size_t column) const {
    bool ok = false;
    const double v = text(column).replace(',', '.').toDouble(&ok);
    return ok ? std::optional(v) : std::nullopt;
  }
  bool measured() const { return !text(3).isEmpty() || !text(4).isEmpty() || !text(5).isEmpty(); }

 private:
  const std::vector<std::string>& cells_;
  const OffcutColumns& columns_;
};

std::optional<double> pressure_of(const OffcutRow& row) {
  for (const auto& [word, pressure] : kWords) {
    if (row.text(1).compare(word, Qt::CaseInsensitive) == 0) return pressure;
  }
  const auto number = row.number(1);
  return number && *number > 0 && *number <= 1 ? number : std::nullopt;
}

Result<calibrate::OffcutStroke> stroke_of(const OffcutRow& row, const std::string& where, int line,
                                          const media::Collection& collection) {
  calibrate::OffcutStroke out;
  const std::string id = csv_text(row.text(0).toStdString());
  const auto stick = std::find_if(collection.sticks.begin(), collection.sticks.end(),
                                  [&](const media::Stick& s) { return s.id == id; });
  if (stick == collection.sticks.end())
    return at_line(where, line, "\"" + id + "\" is no stick of the collection; its id is needed");
  out.stick = static_cast<int>(stick - collection.sticks.begin());
  const auto pressure = pressure_of(row);
  if (!pressure) return at_line(where, line, "pressure must be light, middle, firm, or a number above 0 up to 1");
  out.pressure = *pressure;
  const QString technique = row.text(2).toLower();
  if (technique != "laid" && technique != "rubbed") return at_line(where, line, "technique must be laid or rubbed");
  out.technique = technique == "laid" ? plan::Technique::laid : plan::Technique::rubbed;
  return out;
}

Result<calibrate::Reading> reading_of(const OffcutRow& row, const std::string& where, int line,
                                      const media::Collection& collection) {
  const auto stroke = stroke_of(row, where, line, collection);
  if (!stroke) return stroke.error();
  const std::array lab{row.number(3), row.number(4), row.number(5)};
  for (std::size_t i = 0; i < 3; ++i) {
    if (!lab[i]) return at_line(where, line, std::string(kColumns[3 + i]) + " must be a number");
  }
  const bool is_colour = *lab[0] >= 0 && *lab[0] <= 100 && std::abs(*lab[1]) <= 150 && std::abs(*lab[2]) <= 150;
  if (!is_colour) return at_line(where, line, "is no colour");
  return calibrate::Reading{stroke.value(), {*lab[0], *lab[1], *lab[2]}};
}

/// Where each of our columns is in a table, by its title.
Result<OffcutColumns> columns_of(const std::vector<std::string>& titles, const std::string& where) {
  OffcutColumns out{};
  for (std::size_t i = 0; i < kColumns.size(); ++i) {
    const auto found = std::find_if(titles.begin(), titles.end(), [&](const std::string& t) {
      const QString title = QString::fromStdString(t).trimmed();
      return title.compare(kColumns[i], Qt::CaseInsensitive) == 0 ||
             (i >= 3 && title.compare(QString(kColumns[i]).chopped(1), Qt::CaseInsensitive) == 0);
    });
    if (found == titles.end())
      return Error{Error::Code::bad_format, where, std::string("has no column ") + kColumns[i]};
    out[i] = static_cast<std::size_t>(found - titles.begin());
  }
  return out;
}

/// Every row, or those that were measured, made into something.
template <class Made>
Result<std::vector<Made>> rows_of(const QByteArray& bytes, const std::string& where, bool measured_only,
                                  Result<Made> (*make)(const OffcutRow&, const std::string&, int,
                                                       const media::Collection&),
                                  const media::Collection& collection) {
  const auto read = read_csv_table(bytes, where);
  if (!read) return read.error();
  const auto columns = columns_of(read->titles, where);
  if (!columns) return columns.error();
  std::vector<Made> out;
  out.reserve(read->rows.size());
  for (std::size_t i = 0; i < read->rows.size(); ++i) {
    const OffcutRow row(read->rows[i], columns.value());
    if (measured_only && !row.measured()) continue;
    auto made = make(row, where, read->lines[i], collection);
    if (!made) return made.error();
    out.push_back(std::move(made).value());
  }
  return out;
}

QByteArray table(const QByteArrayList& rows) {
  QByteArrayList titles;
  for (const char* c : kColumns) titles << c;
  return titles.join(',') + "\n" + rows.join('\n') + "\n";
}

QByteArray row_of(const calibrate::OffcutStroke& s, const media::Collection& c) {
  // As it is where that is no matter: people read and type the table.
  const std::string& id = c.sticks[static_cast<std::size_t>(s.stick)].id;
  const QByteArray quoted = csv_quoted(id);
  const bool plain =
      quoted.size() == static_cast<qsizetype>(id.size()) + 2 && id.find_first_of(",;\t\r\n") == std::string::npos;
  return QByteArrayList{plain ? QByteArray::fromStdString(id) : quoted, QByteArray::number(s.pressure),
                        plan::name(s.technique)}
      .join(',');
}

}  // namespace

Result<std::vector<calibrate::Reading>> read_offcuts(const QByteArray& bytes, const std::string& where,
                                                     const media::Collection& collection) {
  return rows_of<calibrate::Reading>(bytes, where, true, reading_of, collection);
}

Result<std::vector<calibrate::Reading>> read_samples(const QByteArray& bytes, const std::string& where,
                                                     std::span<const calibrate::OffcutStroke> strokes) {
  const auto samples = read_cgats(bytes, where, optics::Medium::soft);
  if (!samples) return samples.error();
  if (!samples->bad.empty()) return at_line(where, samples->bad.front().line, samples->bad.front().what);
  const std::size_t count = samples->sticks.size();
  if (count != strokes.size())
    return Error{Error::Code::bad_value, where,
                 "holds " + std::to_string(count) + " samples, but " + std::to_string(strokes.size()) +
                     " strokes are asked for: measure them all, in their order"};
  std::vector<calibrate::Reading> out;
  for (std::size_t i = 0; i < count; ++i) out.push_back({strokes[i], samples->sticks[i].lab});
  return out;
}

Result<std::vector<calibrate::OffcutStroke>> read_offcut_strokes(const QByteArray& bytes, const std::string& where,
                                                                 const media::Collection& collection) {
  return rows_of<calibrate::OffcutStroke>(bytes, where, false, stroke_of, collection);
}

QByteArray write_offcuts(std::span<const calibrate::OffcutStroke> strokes, const media::Collection& collection) {
  QByteArrayList rows;
  for (const calibrate::OffcutStroke& s : strokes) rows << row_of(s, collection) + ",,,";
  return table(rows);
}

QByteArray write_offcuts(std::span<const calibrate::Reading> readings, const media::Collection& collection) {
  QByteArrayList rows;
  for (const calibrate::Reading& r : readings) {
    rows << row_of(r.stroke, collection) + "," + QByteArray::number(r.lab.l, 'f', 2) + "," +
                QByteArray::number(r.lab.a, 'f', 2) + "," + QByteArray::number(r.lab.b, 'f', 2);
  }
  return table(rows);
}

nlohmann::json calibration_to_json(const calibrate::Calibration& c, const media::Collection& collection) {
  nlohmann::json sticks = nlohmann::json::array();
  for (const calibrate::StickFound& f : c.sticks) {
    sticks.push_back({{"stick", collection.sticks[static_cast<std::size_t>(f.stick)].id},
                      {"masstone_lab", lab_to_json(f.lab)},
                      {"moved_de00", rounded(f.moved_de00)},
                      {"uncertain", rounded(f.uncertain)}});
  }
  return {{"format", kCalibration},
          {"version", kCalibrationVersion},
          {"artist", c.artist},
          {"paper", c.paper},
          {"date", c.date},
          {"readings", c.readings},
          {"hand", {{"light", rounded(c.hand.light)}, {"firm", rounded(c.hand.firm)}}},
          {"sticks", sticks},
          {"left_out", c.after_de00 < 0 ? nlohmann::json(nullptr)
                                        : nlohmann::json{{"before_de00", rounded(c.before_de00)},
                                                         {"after_de00", rounded(c.after_de00)}}}};
}

Result<calibrate::Calibration> calibration_from_json(const nlohmann::json& json, const std::string& where,
                                                     const media::Collection& collection) {
  media::Fields f(json, where);
  if (f.text("format") != kCalibration) return Error{Error::Code::bad_format, where, "is no calibration"};
  if (f.number("version", 1, 1000) > kCalibrationVersion)
    return Error{Error::Code::too_new, where, "was written by a newer program"};
  calibrate::Calibration out;
  out.readings = static_cast<int>(f.number("readings", 0, 1e6, 0));
  out.artist = f.text("artist", "");
  out.paper = f.text("paper", "");
  out.date = f.text("date", "");
  if (f.has("left_out") && f.json()["left_out"].is_object()) {
    media::Fields left_out = f.object("left_out");
    out.before_de00 = left_out.number("before_de00", 0, 200);
    out.after_de00 = left_out.number("after_de00", 0, 200);
    f.absorb(left_out);
  } else {
    out.before_de00 = out.after_de00 = -1;
  }
  media::Fields hand = f.object("hand");
  out.hand = {hand.number("light", 0.2, 3), hand.number("firm", 0.2, 2)};
  f.absorb(hand);
  f.each("sticks", 20'000, [&](media::Fields& one) {
    calibrate::StickFound found;
    const std::string id = one.text("stick");
    found.lab = one.lab("masstone_lab");
    found.moved_de00 = one.number("moved_de00", 0, 200, 0);
    found.uncertain = one.number("uncertain", 0, 200, 0);
    for (std::size_t i = 0; i < collection.sticks.size(); ++i) {
      if (collection.sticks[i].id != id) continue;
      found.stick = static_cast<int>(i);
      out.sticks.push_back(found);
    }
  });
  if (f.error()) return *f.error();
  return out;
}

}  // namespace yd::formats
