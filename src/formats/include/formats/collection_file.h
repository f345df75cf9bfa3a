// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>
#include <QString>
#include <array>
#include <string>
#include <vector>

#include "media/collection.h"
#include "support/result.h"

namespace yd::formats {

/// A row that could not be read.
struct BadRow {
  int line = 0;  ///< of the file, 1 ..
  std::string what;
};

/// What came out of a file: the good rows, and the bad ones for the artist to look at before the good ones are kept.
struct ImportedSticks {
  std::string name;
  std::vector<media::Stick> sticks;
  std::vector<BadRow> bad;
};

/// How a file's rows became sticks. All readers: UTF-8 text, sticks numbered in the order of the file, names computed
/// from the colour where there is none. Errors name the file: `bad_format` for the wrong kind, `too_large` above
/// kMostPaletteBytes or 20 000 rows. A colour no surface can have is drawn towards grey and is no error.
inline constexpr qsizetype kMostPaletteBytes = 32 << 20;

/// GIMP palette (.gpl): "GIMP Palette", "Name:", then rows of red, green, blue (0 to 255, sRGB) and a name.
Result<ImportedSticks> read_gimp_palette(const QByteArray& bytes, const std::string& where, optics::Medium medium);
/// 8-bit sRGB: spectra, media and stock are not kept.
QByteArray write_gimp_palette(const media::Collection& collection);

/// CGATS.17 text (ISO 28178, formerly ANSI CGATS.17 and ISO 12642): Lab (LAB_L, LAB_A, LAB_B, taken as D50), XYZ
/// (XYZ_X .., D50 white of 100), or reflectances (SPECTRAL_NM_400, SPEC_400, NM400 and their like; 0 to 1 or percent).
Result<ImportedSticks> read_cgats(const QByteArray& bytes, const std::string& where, optics::Medium medium);
bool is_cgats(const QByteArray& bytes);
/// Lab and 36 reflectances of every stick.
QByteArray write_cgats(const media::Collection& collection);

/// What a column of a CSV file holds.
enum class CsvField { skip, id, name, medium, l, a, b, hex, pigments, lightfast, owned, left, favourite };
inline constexpr std::size_t kCsvFields = 13;
const char* name(CsvField field);

struct CsvTable {
  char separator = ',';
  bool header = true;
  std::vector<std::vector<std::string>> rows;  ///< without the header
  std::vector<int> lines;                      ///< of the file, for each row
  std::vector<std::string> titles;             ///< of the columns: from the header, or "1", "2" ..
  std::vector<CsvField> guess;                 ///< from the titles
};
/// Rows as text, separator (comma, semicolon, tab) and header guessed. By libcsv, RFC 4180 with quotes.
Result<CsvTable> read_csv_table(const QByteArray& bytes, const std::string& where);
/// Sticks by the given meaning of columns: a colour (hex, or l, a and b) is needed. Errors: `bad_value` for columns
/// that cannot make a stick.
Result<ImportedSticks> sticks_from_csv(const CsvTable& table, const std::vector<CsvField>& columns,
                                       const std::string& where, optics::Medium medium);
QByteArray write_csv(const media::Collection& collection);

/// The same from a .json file of ours: nothing is lost. Bad sticks are listed by number instead of line.
Result<ImportedSticks> read_collection_json(const QByteArray& bytes, const std::string& where);

/// By what the file holds: any of the above; a CSV by the meaning its titles give away.
Result<ImportedSticks> read_sticks(const QByteArray& bytes, const std::string& where, optics::Medium medium);

/// Ids that differ, made from `stem` and a number.
void number_ids(std::vector<media::Stick>& sticks, const std::string& stem);

}  // namespace yd::formats
