// SPDX-License-Identifier: MIT
#include <csv.h>

#include <QRegularExpression>
#include <QByteArrayList>
#include <QStringList>
#include <algorithm>
#include <array>

#include "colour/profile.h"
#include "formats/collection_file.h"

#include "formats/csv.h"
#include "table_limits.h"

namespace yd::formats {
namespace {

constexpr std::array<const char*, kCsvFields> kNames{"leave out", "id",   "name",       "medium",   "L*",
                                                     "a*",        "b*",   "hex colour", "pigments", "lightfastness",
                                                     "owned",     "left", "favourite"};
constexpr std::size_t kMostColumns = 200;

struct Reader {
  csv_parser parser{};
  CsvTable table;
  std::vector<std::string> row;
  int line = 1;
  bool too_large = false;
};

void take_field(void* text, std::size_t length, void* data) {
  auto* r = static_cast<Reader*>(data);
  if (r->row.size() < kMostColumns)
    r->row.emplace_back(static_cast<const char*>(text), std::min<std::size_t>(length, 400));
}

void take_row(int, void* data) {
  auto* r = static_cast<Reader*>(data);
  const bool blank = std::all_of(r->row.begin(), r->row.end(), [](const std::string& f) { return f.empty(); });
  if (!blank && r->table.rows.size() <= kMostRows) {
    r->table.rows.push_back(r->row);
    r->table.lines.push_back(r->line);
  }
  r->too_large = r->too_large || r->table.rows.size() > kMostRows;
  r->row.clear();
}

char guess_separator(const QByteArray& bytes) {
  const QByteArray first = bytes.left(bytes.indexOf('\n') < 0 ? bytes.size() : bytes.indexOf('\n'));
  const std::array<char, 3> candidates{',', ';', '\t'};
  return *std::max_element(candidates.begin(), candidates.end(),
                           [&](char p, char q) { return first.count(p) < first.count(q); });
}

CsvField guess_field(const std::string& title) {
  const QString t = QString::fromStdString(title).trimmed().toLower();
  const std::array<std::pair<const char*, CsvField>, 21> words{{{"id", CsvField::id},
                                                                {"number", CsvField::id},
                                                                {"name", CsvField::name},
                                                                {"colour", CsvField::name},
                                                                {"color", CsvField::name},
                                                                {"medium", CsvField::medium},
                                                                {"kind", CsvField::medium},
                                                                {"l", CsvField::l},
                                                                {"l*", CsvField::l},
                                                                {"lab_l", CsvField::l},
                                                                {"a", CsvField::a},
                                                                {"a*", CsvField::a},
                                                                {"lab_a", CsvField::a},
                                                                {"b", CsvField::b},
                                                                {"b*", CsvField::b},
                                                                {"lab_b", CsvField::b},
                                                                {"hex", CsvField::hex},
                                                                {"rgb", CsvField::hex},
                                                                {"pigments", CsvField::pigments},
                                                                {"lightfastness", CsvField::lightfast},
                                                                {"lightfast", CsvField::lightfast}}};
  for (const auto& [word, field] : words) {
    if (t == word) return field;
  }
  for (const CsvField f : {CsvField::hex, CsvField::owned, CsvField::left, CsvField::favourite}) {
    if (t == name(f)) return f;
  }
  return CsvField::skip;
}

/// The fields of one row by what they mean; empty where the row has none.
class Row {
 public:
  Row(const std::vector<std::string>& fields, const std::vector<CsvField>& columns) {
    for (std::size_t c = 0; c < std::min(fields.size(), columns.size()); ++c)
      text_[static_cast<std::size_t>(columns[c])] = QString::fromStdString(fields[c]).trimmed();
  }

  Result<media::Stick> stick(optics::Medium medium) {
    if (!at(CsvField::medium).isEmpty()) {
      const auto named = media::medium_by_name(at(CsvField::medium).toLower().toStdString());
      if (!named) return named.error();
      medium = named.value();
    }
    const auto lab = colour();
    if (!lab) return lab.error();
    media::Stick s = media::stick_of(lab.value(), csv_text(at(CsvField::name).toStdString()), medium);
    const QStringList pigments = at(CsvField::pigments).split(QRegularExpression("[\\s,;/+]+"), Qt::SkipEmptyParts);
    for (const QString& p : pigments) s.pigments.push_back(p.toStdString());
    s.lightfast = at(CsvField::lightfast).toUpper().toStdString();
    if (!media::is_lightfast_class(s.lightfast)) return bad_value("", "lightfastness must be I, II, III, IV or V");
    s.owned = flag(CsvField::owned, true);
    s.favourite = flag(CsvField::favourite, false);
    if (!at(CsvField::left).isEmpty()) {
      const auto left = number(CsvField::left, 0, 1);
      if (!left) return left.error();
      s.left = left.value();
    }
    return s;
  }

 private:
  const QString& at(CsvField f) const { return text_[static_cast<std::size_t>(f)]; }

  bool flag(CsvField f, bool otherwise) const {
    const QString t = at(f).toLower();
    return t.isEmpty() ? otherwise : t == "1" || t == "yes" || t == "true" || t == "x";
  }

  Result<double> number(CsvField f, double low, double high) const {
    bool ok = false;
    // A decimal comma is taken for a point: no thousands are asked for.
    const double v = QString(at(f)).replace(',', '.').toDouble(&ok);
    if (!ok || !(v >= low && v <= high))
      return bad_value("", std::string(name(f)) + ": \"" + at(f).left(20).toStdString() + "\" is no number from " +
                               QString::number(low).toStdString() + " to " + QString::number(high).toStdString());
    return v;
  }

  Result<colour::Lab> colour() const {
    if (!at(CsvField::hex).isEmpty()) {
      static const QRegularExpression six("^#?([0-9a-fA-F]{6})$");
      const auto match = six.match(at(CsvField::hex));
      if (!match.hasMatch()) return bad_value("", "hex colour: needs six digits like #8a6b4f");
      const uint v = match.captured(1).toUInt(nullptr, 16);
      return colour::from_srgb(
          {static_cast<std::uint8_t>(v >> 16), static_cast<std::uint8_t>(v >> 8), static_cast<std::uint8_t>(v)});
    }
    const auto l = number(CsvField::l, 0, 100);
    if (!l) return l.error();
    const auto a = number(CsvField::a, -160, 160);
    if (!a) return a.error();
    const auto b = number(CsvField::b, -160, 160);
    if (!b) return b.error();
    return colour::Lab{l.value(), a.value(), b.value()};
  }

  std::array<QString, kCsvFields> text_;
};

}  // namespace

const char* name(CsvField field) { return kNames[static_cast<std::size_t>(field)]; }

Result<CsvTable> read_csv_table(const QByteArray& bytes, const std::string& where) {
  if (bytes.size() > kMostPaletteBytes) return Error{Error::Code::too_large, where, "is larger than 32 MB"};
  if (bytes.contains('\0')) return Error{Error::Code::bad_format, where, "is no text"};
  Reader reader;
  reader.table.separator = guess_separator(bytes);
  if (csv_init(&reader.parser, CSV_APPEND_NULL) != 0) return Error{Error::Code::io, where, "cannot be read"};
  csv_set_delim(&reader.parser, static_cast<unsigned char>(reader.table.separator));
  bool fine = true;
  // Line by line, so that every row knows its line; a quoted line break stays inside its row.
  for (qsizetype at = 0; at < bytes.size() && fine && !reader.too_large; ++reader.line) {
    const qsizetype end = bytes.indexOf('\n', at) < 0 ? bytes.size() : bytes.indexOf('\n', at) + 1;
    const auto length = static_cast<std::size_t>(end - at);
    fine = csv_parse(&reader.parser, bytes.constData() + at, length, take_field, take_row, &reader) == length;
    at = end;
  }
  csv_fini(&reader.parser, take_field, take_row, &reader);
  csv_free(&reader.parser);
  if (!fine)
    return Error{Error::Code::bad_format, where, "cannot be read as CSV near line " + std::to_string(reader.line)};
  if (reader.too_large) return Error{Error::Code::too_large, where, kTooManyRows};
  CsvTable& t = reader.table;
  if (t.rows.empty()) return Error{Error::Code::bad_format, where, "holds no rows"};
  for (const std::string& title : t.rows.front()) t.guess.push_back(guess_field(title));
  t.header = std::any_of(t.guess.begin(), t.guess.end(), [](CsvField f) { return f != CsvField::skip; });
  for (std::size_t c = 0; c < t.guess.size(); ++c)
    t.titles.push_back(t.header ? t.rows.front()[c] : std::to_string(c + 1));
  if (t.header) {
    t.rows.erase(t.rows.begin());
    t.lines.erase(t.lines.begin());
  }
  return std::move(t);
}

Result<ImportedSticks> sticks_from_csv(const CsvTable& table, const std::vector<CsvField>& columns,
                                       const std::string& where, optics::Medium medium) {
  const auto has = [&](CsvField f) { return std::find(columns.begin(), columns.end(), f) != columns.end(); };
  if (!has(CsvField::hex) && !(has(CsvField::l) && has(CsvField::a) && has(CsvField::b)))
    return bad_value(where, "a colour is needed: say which column is the hex colour, or which are L*, a* and b*");
  ImportedSticks out;
  out.name = "Imported";
  for (std::size_t r = 0; r < table.rows.size(); ++r) {
    auto stick = Row(table.rows[r], columns).stick(medium);
    if (stick) {
      out.sticks.push_back(std::move(stick).value());
    } else {
      out.bad.push_back({table.lines[r], stick.error().what});
    }
  }
  number_ids(out.sticks, "stick");
  return out;
}

namespace {

bool is_formula(std::string_view text) {
  return !text.empty() && std::string_view("=+-@\t\r").find(text[0]) != std::string_view::npos;
}

}  // namespace

std::string csv_text(const std::string& field) {
  return !field.empty() && field[0] == '\'' && is_formula(std::string_view(field).substr(1)) ? field.substr(1) : field;
}

QByteArray csv_quoted(const std::string& given) {
  const std::string text = is_formula(given) ? "'" + given : given;
  QByteArray out(static_cast<qsizetype>(2 * text.size() + 2), '\0');
  out.resize(
      static_cast<qsizetype>(csv_write(out.data(), static_cast<std::size_t>(out.size()), text.data(), text.size())));
  return out;
}

QByteArray write_csv(const media::Collection& collection) {
  QByteArray out = "name,medium,l*,a*,b*,pigments,lightfastness,owned,left,favourite\r\n";
  for (const media::Stick& s : collection.sticks) {
    std::string pigments;
    for (const std::string& p : s.pigments) {
      if (!pigments.empty()) pigments += ' ';
      pigments += p;
    }
    QByteArrayList fields{csv_quoted(s.name), QByteArray(media::name(s.medium).data())};
    for (const double v : {s.lab.l, s.lab.a, s.lab.b}) fields << QByteArray::number(v, 'f', 2);
    fields << csv_quoted(pigments) << QByteArray::fromStdString(s.lightfast) << (s.owned ? "yes" : "no")
           << QByteArray::number(s.left, 'f', 2) << (s.favourite ? "yes" : "no");
    out += fields.join(',') + "\r\n";
  }
  return out;
}

}  // namespace yd::formats
