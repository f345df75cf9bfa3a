// SPDX-License-Identifier: MIT
#include <lcms2.h>

#include <QRegularExpression>
#include <QString>
#include <algorithm>
#include <cctype>
#include <cmath>
#include <memory>
#include <optional>

#include "colour/observer.h"
#include "colour/words.h"
#include "formats/collection_file.h"
#include "table_limits.h"

namespace yd::formats {
namespace {

/// What Little CMS says of a broken file; it names the line itself.
struct Complaint {
  std::string text;
};

void complain(cmsContext context, cmsUInt32Number, const char* text) {
  static_cast<Complaint*>(cmsGetContextUserData(context))->text = text;
}

struct Columns {
  std::vector<std::string> names;
  std::vector<std::pair<int, double>> spectral;  // column, nm

  int find(std::initializer_list<const char*> wanted) const {
    for (const char* w : wanted) {
      const auto found = std::find(names.begin(), names.end(), w);
      if (found != names.end()) return static_cast<int>(found - names.begin());
    }
    return -1;
  }
};

Columns columns_of(cmsHANDLE file) {
  static const QRegularExpression spectral("^(?:SPECTRAL_NM_?|SPECTRAL_|SPEC_?|NM_?|R_?)(\\d{3})$",
                                           QRegularExpression::CaseInsensitiveOption);
  Columns out;
  char** names = nullptr;
  const int n = cmsIT8EnumDataFormat(file, &names);
  if (names == nullptr) return out;  // fields are counted, but not named
  for (int c = 0; c < n; ++c) {
    out.names.emplace_back(names[c] == nullptr ? "" : names[c]);
    const auto match = spectral.match(QString::fromStdString(out.names.back()));
    if (match.hasMatch()) out.spectral.emplace_back(c, match.captured(1).toDouble());
  }
  std::sort(out.spectral.begin(), out.spectral.end(), [](const auto& p, const auto& q) { return p.second < q.second; });
  return out;
}

std::optional<double> number_at(cmsHANDLE file, int row, int column) {
  const char* text = cmsIT8GetDataRowCol(file, row, column);
  if (text == nullptr) return std::nullopt;
  bool ok = false;
  const double v = QString(text).toDouble(&ok);
  if (!ok || !std::isfinite(v)) return std::nullopt;
  return v;
}

/// Line of the first row after BEGIN_DATA, so that row n stands on that line + n in a plain file.
int first_data_line(const QByteArray& bytes) {
  const qsizetype at =
      bytes.indexOf("BEGIN_DATA\n") >= 0 ? bytes.indexOf("BEGIN_DATA\n") : bytes.indexOf("BEGIN_DATA\r");
  return at < 0 ? 1 : static_cast<int>(bytes.left(at).count('\n')) + 2;
}

class Rows {
 public:
  Rows(cmsHANDLE file, optics::Medium medium) : file_(file), columns_(columns_of(file)), medium_(medium) {
    name_ = columns_.find({"SAMPLE_NAME", "NAME", "SAMPLE_LOC", "SAMPLE_ID"});
    lab_ = {columns_.find({"LAB_L"}), columns_.find({"LAB_A"}), columns_.find({"LAB_B"})};
    xyz_ = {columns_.find({"XYZ_X"}), columns_.find({"XYZ_Y"}), columns_.find({"XYZ_Z"})};
    constexpr std::size_t kEnoughBands = 8;
    use_spectral_ = columns_.spectral.size() >= kEnoughBands;
  }
  bool has_colour() const { return use_spectral_ || all(lab_) || all(xyz_); }

  Result<media::Stick> row(int r) const {
    const char* text = name_ < 0 ? nullptr : cmsIT8GetDataRowCol(file_, r, name_);
    const std::string name = text == nullptr ? "" : QString::fromUtf8(text).trimmed().left(200).toStdString();
    if (use_spectral_) return spectral_row(r, name);
    const auto& where = all(lab_) ? lab_ : xyz_;
    std::array<double, 3> v{};
    for (std::size_t i = 0; i < 3; ++i) {
      const auto number = number_at(file_, r, where[i]);
      if (!number) return bad_value("", columns_.names[static_cast<std::size_t>(where[i])] + " is no number");
      v[i] = *number;
    }
    const colour::Lab lab = all(lab_)
                                ? colour::Lab{v[0], v[1], v[2]}
                                : colour::to_lab({v[0], v[1], v[2]}, colour::weights(colour::Illuminant::d50).white);
    if (!(lab.l >= 0 && lab.l <= 100 && std::abs(lab.a) <= 160 && std::abs(lab.b) <= 160))
      return bad_value("", "is no colour of a surface");
    return media::stick_of(lab, name, medium_);
  }

 private:
  static bool all(const std::array<int, 3>& c) { return c[0] >= 0 && c[1] >= 0 && c[2] >= 0; }

  Result<media::Stick> spectral_row(int r, const std::string& name) const {
    std::vector<double> value;
    double most = 0;
    for (const auto& [column, nm] : columns_.spectral) {
      const auto number = number_at(file_, r, column);
      if (!number || *number < 0)
        return bad_value("", columns_.names[static_cast<std::size_t>(column)] + " is no reflectance");
      value.push_back(*number);
      most = std::max(most, *number);
    }
    // Percent, or shares; a fluorescent white may pass 1 a little.
    const double scale = most > 2 ? 0.01 : 1;
    if (most * scale > 1.5) return bad_value("", "reflectance is above 1");
    media::Stick s;
    for (std::size_t i = 0; i < colour::kBands; ++i)
      s.masstone[i] = static_cast<float>(scale * at(value, colour::band_nm(i)));
    s.lab = colour::to_lab(s.masstone);
    s.name = media::one_line(name);
    if (s.name.empty()) s.name = colour::describe(s.lab);
    s.medium = medium_;
    return s;
  }

  /// Linear between the bands of the file, level beyond them, within 0 and 1.
  double at(const std::vector<double>& value, double nm) const {
    const auto& bands = columns_.spectral;
    std::size_t i = 0;
    while (i + 1 < bands.size() && bands[i + 1].second < nm) ++i;
    const std::size_t j = std::min(i + 1, bands.size() - 1);
    const double span = bands[j].second - bands[i].second;
    const double share = span > 0 ? std::clamp((nm - bands[i].second) / span, 0.0, 1.0) : 0;
    return std::clamp(value[i] + share * (value[j] - value[i]), 0.0, 150.0);
  }

  cmsHANDLE file_;
  Columns columns_;
  optics::Medium medium_;
  int name_ = -1;
  std::array<int, 3> lab_{};
  std::array<int, 3> xyz_{};
  bool use_spectral_ = false;
};

}  // namespace

Result<ImportedSticks> read_cgats(const QByteArray& bytes, const std::string& where, optics::Medium medium) {
  if (bytes.size() > kMostPaletteBytes) return Error{Error::Code::too_large, where, "is larger than 32 MB"};
  // Little CMS asserts that there is something.
  if (bytes.isEmpty()) return Error{Error::Code::bad_format, where, "is no CGATS text"};
  Complaint complaint;
  const std::unique_ptr<std::remove_pointer_t<cmsContext>, void (*)(cmsContext)> context(
      cmsCreateContext(nullptr, &complaint), &cmsDeleteContext);
  cmsSetLogErrorHandlerTHR(context.get(), complain);
  QByteArray text = bytes;
  const std::unique_ptr<void, void (*)(cmsHANDLE)> file(
      cmsIT8LoadFromMem(context.get(), text.data(), static_cast<cmsUInt32Number>(text.size())), [](cmsHANDLE h) {
        if (h != nullptr) cmsIT8Free(h);
      });
  if (!file)
    return Error{Error::Code::bad_format, where,
                 complaint.text.empty() ? "is no CGATS text" : "is no sound CGATS text: " + complaint.text};
  const Rows rows(file.get(), medium);
  if (!rows.has_colour()) return Error{Error::Code::bad_format, where, "has neither Lab, XYZ nor spectral columns"};
  const double sets = cmsIT8GetPropertyDbl(file.get(), "NUMBER_OF_SETS");
  if (!(sets >= 0 && sets <= static_cast<double>(kMostRows))) return Error{Error::Code::too_large, where, kTooManyRows};
  ImportedSticks out;
  const char* title = cmsIT8GetProperty(file.get(), "DESCRIPTOR");
  out.name = title == nullptr || *title == '\0' ? "Measured" : QString::fromUtf8(title).left(200).toStdString();
  const int first = first_data_line(bytes);
  for (int r = 0; r < static_cast<int>(sets); ++r) {
    auto stick = rows.row(r);
    if (stick) {
      for (float& v : stick.value().masstone.band) v = std::min(v, 1.0F);
      out.sticks.push_back(std::move(stick).value());
    } else {
      out.bad.push_back({first + r, stick.error().what});
    }
  }
  number_ids(out.sticks, "stick");
  return out;
}

// A stick of a table may have such a name.
bool is_cgats(const QByteArray& bytes) {
  constexpr char kKeyword[] = "BEGIN_DATA_FORMAT";
  constexpr qsizetype kLength = sizeof kKeyword - 1;
  for (qsizetype at = bytes.indexOf(kKeyword); at >= 0; at = bytes.indexOf(kKeyword, at + kLength)) {
    const qsizetype line = 1 + std::max(bytes.lastIndexOf('\n', at), bytes.lastIndexOf('\r', at));
    const bool first = bytes.mid(line, at - line).trimmed().isEmpty();
    if (first && (at + kLength == bytes.size() || std::isspace(static_cast<unsigned char>(bytes[at + kLength])) != 0))
      return true;
  }
  return false;
}

QByteArray write_cgats(const media::Collection& collection) {
  QByteArray out = "CGATS.17\nORIGINATOR\t\"Yawning Dune\"\nDESCRIPTOR\t\"" +
                   QByteArray::fromStdString(collection.name).replace('"', '\'') + "\"\n";
  out += "NUMBER_OF_FIELDS\t" + QByteArray::number(5 + static_cast<int>(colour::kBands)) + "\nBEGIN_DATA_FORMAT\n";
  out += "SAMPLE_ID\tSAMPLE_NAME\tLAB_L\tLAB_A\tLAB_B";
  for (std::size_t i = 0; i < colour::kBands; ++i)
    out += "\tSPECTRAL_NM" + QByteArray::number(static_cast<int>(colour::band_nm(i)));
  out += "\nEND_DATA_FORMAT\nNUMBER_OF_SETS\t" + QByteArray::number(static_cast<qsizetype>(collection.sticks.size())) +
         "\nBEGIN_DATA\n";
  int number = 0;
  for (const media::Stick& s : collection.sticks) {
    out += QByteArray::number(++number) + "\t\"" + QByteArray::fromStdString(s.name).simplified().replace('"', '\'') +
           "\"";
    for (const double v : {s.lab.l, s.lab.a, s.lab.b}) out += "\t" + QByteArray::number(v, 'f', 4);
    for (const float v : s.masstone.band) out += "\t" + QByteArray::number(static_cast<double>(v), 'f', 6);
    out += "\n";
  }
  return out + "END_DATA\n";
}

}  // namespace yd::formats
