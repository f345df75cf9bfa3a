// SPDX-License-Identifier: MIT
#pragma once

#include <array>
#include <filesystem>
#include <nlohmann/json.hpp>
#include <optional>
#include <string>
#include <vector>

#include "colour/lab.h"
#include "support/ranges.h"
#include "support/result.h"

namespace yd::media {

/// Reads the fields of one JSON object and remembers the first thing that was wrong, so that a record is read
/// in straight lines and checked once at the end. `where` names the place ("papers.json: paper 3").
class Fields {
 public:
  /// Keeps a reference to `object`; what is no object is the first error.
  Fields(const nlohmann::json& object, std::string where);

  /// A field that must be there; empty and an error where it is not, or is no text.
  std::string text(const char* field);
  /// One that may be missing.
  std::string text(const char* field, const std::string& otherwise);
  /// A finite number from `low` to `high`; `low` and an error for anything else.
  double number(const char* field, double low, double high);
  double number(const char* field, double low, double high, double otherwise);
  double number(const char* field, const Limit& limit);
  double number(const char* field, const Limit& limit, double otherwise);
  /// A whole number within the limit; its least and an error for anything else.
  int count(const char* field, const Limit& limit);
  bool flag(const char* field, bool otherwise);
  /// Three numbers, L* from 0 to 100, a* and b* within 200.
  colour::Lab lab(const char* field);
  /// Exactly `count` finite numbers within [low, high].
  std::vector<double> numbers(const char* field, std::size_t count, double low, double high);
  std::vector<std::string> texts(const char* field);
  /// The array under `field`, or an empty one and a remembered error.
  const nlohmann::json& array(const char* field);
  Fields object(const char* field);
  /// Reads the entries of a list one by one, as fields that know which entry they are; stops at the first wrong one. A
  /// list of more than `most` is refused before any is read.
  template <class Read>
  void each(const char* field, std::size_t most, Read&& read) {
    int number = 0;
    if (has(field) && (*object_)[field].size() > most)
      return fail(field, "must hold no more than " + std::to_string(most) + " entries");
    for (const nlohmann::json& entry : array(field)) {
      std::string place = where_;
      place.append(", ").append(field).append(" ").append(std::to_string(++number));
      Fields item(entry, std::move(place));
      if (!item.error_) read(item);
      absorb(item);
      if (error_) return;
    }
  }
  /// The one of `values` whose name(value) stands there; anything else is an error that names what may stand there.
  template <class Value, std::size_t N>
  Value named(const char* field, const std::array<Value, N>& values) {
    const std::string found = text(field);
    std::string known;
    for (const Value v : values) {
      if (found == name(v)) return v;
      known.append(known.empty() ? "" : ", ").append(name(v));
    }
    fail(field, "\"" + found + "\" is none of: " + known);
    return values[0];
  }

  /// An error of the caller's own, at this field; the first one stays.
  void fail(const char* field, const std::string& what);
  /// Takes over the error of a part that was read on its own.
  void absorb(const Fields& part);
  bool has(const char* field) const;
  const nlohmann::json& json() const { return *object_; }
  /// The first thing that was wrong; none: everything read so far holds.
  const std::optional<Error>& error() const { return error_; }

 private:
  const nlohmann::json* find(const char* field);

  const nlohmann::json* object_;
  std::string where_;
  std::optional<Error> error_;
};

/// Whole file as text. Errors: `not_found`, `io`, `too_large` above `limit` bytes.
Result<std::string> read_file(const std::filesystem::path& path, std::size_t limit = 64U << 20U);

/// JSON from text. Errors: `bad_format` naming the byte of a syntax error; `too_large` where it is nested deeper than
/// 64 levels or holds more than four million values, so that no file can ask for a gigabyte or a stack without end.
Result<nlohmann::json> parse_json(const std::string& text, const std::string& where);

/// Reads a file whose "format" must be `format` and whose "version" no newer than `version`.
Result<nlohmann::json> read_json(const std::filesystem::path& path, const std::string& format, int version);

}  // namespace yd::media
