// SPDX-License-Identifier: MIT
#include "media/fields.h"

#include <cmath>
#include <fstream>
#include <sstream>

namespace yd::media {
namespace {

const nlohmann::json& empty_array() {
  static const nlohmann::json empty = nlohmann::json::array();
  return empty;
}

bool in_range(const nlohmann::json& value, double low, double high) {
  if (!value.is_number()) return false;
  const double v = value.get<double>();
  return std::isfinite(v) && v >= low && v <= high;
}

/// The place of the quotation mark that ends a string, which begins after `at`; the end of the text where none does.
std::size_t string_end(const std::string& text, std::size_t at) {
  for (++at; at < text.size() && text[at] != '"'; ++at) {
    if (text[at] == '\\') ++at;
  }
  return at;
}

/// Why a text is more than a file of ours can be, or nothing. Looks at brackets and commas outside strings.
const char* excess(const std::string& text) {
  constexpr int kDeepest = 64;
  constexpr std::size_t kMostValues = 4'000'000;
  int depth = 0;
  std::size_t values = 0;
  for (std::size_t i = 0; i < text.size(); ++i) {
    const char c = text[i];
    const bool opens = c == '[' || c == '{';
    if (c == '"') i = string_end(text, i);
    if (opens) ++depth;
    if (c == ']' || c == '}') --depth;
    if (opens || c == ',') ++values;
    if (depth > kDeepest) return "is nested too deeply";
    if (values > kMostValues) return "holds more than four million values";
  }
  return nullptr;
}

std::string range_text(double low, double high) {
  std::ostringstream s;
  s << "must be a number from " << low << " to " << high;
  return s.str();
}

}  // namespace

Fields::Fields(const nlohmann::json& object, std::string where) : object_(&object), where_(std::move(where)) {
  if (!object.is_object()) error_ = Error{Error::Code::bad_format, where_, "is not a JSON object"};
}

void Fields::fail(const char* field, const std::string& what) {
  if (!error_) error_ = bad_value(where_ + ", field \"" + field + "\"", what);
}

void Fields::absorb(const Fields& part) {
  if (!error_) error_ = part.error_;
}

bool Fields::has(const char* field) const { return object_->is_object() && object_->contains(field); }

const nlohmann::json* Fields::find(const char* field) {
  if (has(field)) return &(*object_)[field];
  fail(field, "is missing");
  return nullptr;
}

std::string Fields::text(const char* field) {
  const nlohmann::json* value = find(field);
  if (value == nullptr) return {};
  if (!value->is_string()) {
    fail(field, "must be text");
    return {};
  }
  return value->get<std::string>();
}

std::string Fields::text(const char* field, const std::string& otherwise) {
  return has(field) ? text(field) : otherwise;
}

double Fields::number(const char* field, double low, double high) {
  const nlohmann::json* value = find(field);
  if (value == nullptr) return low;
  if (!in_range(*value, low, high)) {
    fail(field, range_text(low, high));
    return low;
  }
  return value->get<double>();
}

double Fields::number(const char* field, double low, double high, double otherwise) {
  return has(field) ? number(field, low, high) : otherwise;
}

double Fields::number(const char* field, const Limit& limit) {
  const nlohmann::json* value = find(field);
  if (value == nullptr) return limit.least;
  if (value->is_number() && limit.holds(value->get<double>())) return value->get<double>();
  fail(field, limit.words());
  return limit.least;
}

double Fields::number(const char* field, const Limit& limit, double otherwise) {
  return has(field) ? number(field, limit) : otherwise;
}

int Fields::count(const char* field, const Limit& limit) { return static_cast<int>(number(field, limit)); }

bool Fields::flag(const char* field, bool otherwise) {
  if (!has(field)) return otherwise;
  const nlohmann::json& value = (*object_)[field];
  if (!value.is_boolean()) {
    fail(field, "must be true or false");
    return otherwise;
  }
  return value.get<bool>();
}

std::vector<double> Fields::numbers(const char* field, std::size_t count, double low, double high) {
  std::vector<double> out(count, low);
  const nlohmann::json& values = array(field);
  if (error_) return out;
  if (values.size() != count) {
    fail(field, "must hold " + std::to_string(count) + " numbers, not " + std::to_string(values.size()));
    return out;
  }
  for (std::size_t i = 0; i < count; ++i) {
    if (!in_range(values[i], low, high)) {
      fail(field, "number " + std::to_string(i + 1) + " " + range_text(low, high));
      return out;
    }
    out[i] = values[i].get<double>();
  }
  return out;
}

colour::Lab Fields::lab(const char* field) {
  const auto v = numbers(field, 3, -200, 200);
  if (!error_ && (v[0] < 0 || v[0] > 100)) fail(field, "L must be from 0 to 100");
  return {v[0], v[1], v[2]};
}

std::vector<std::string> Fields::texts(const char* field) {
  std::vector<std::string> out;
  int number = 0;
  for (const nlohmann::json& v : array(field)) {
    ++number;
    if (v.is_string()) {
      out.push_back(v.get<std::string>());
    } else {
      fail(field, "must hold texts only; entry " + std::to_string(number) + " is none");
    }
  }
  return out;
}

const nlohmann::json& Fields::array(const char* field) {
  const nlohmann::json* value = find(field);
  if (value == nullptr) return empty_array();
  if (!value->is_array()) {
    fail(field, "must be a list");
    return empty_array();
  }
  return *value;
}

Fields Fields::object(const char* field) {
  static const nlohmann::json empty = nlohmann::json::object();
  const nlohmann::json* value = find(field);
  return {value == nullptr ? empty : *value, where_ + ", field \"" + field + "\""};
}

Result<std::string> read_file(const std::filesystem::path& path, std::size_t limit) {
  const std::string where = path.string();
  std::error_code code;
  if (std::filesystem::is_directory(path, code)) return Error{Error::Code::io, where, "is a folder, not a file"};
  // A pipe or a device may never end.
  if (std::filesystem::exists(path, code) && !std::filesystem::is_regular_file(path, code))
    return Error{Error::Code::io, where, "is a pipe or a device, not a file"};
  const auto size = std::filesystem::file_size(path, code);
  if (code) return Error{Error::Code::not_found, where, "cannot be opened: " + code.message()};
  if (size > limit)
    return Error{Error::Code::too_large, where, "is larger than " + std::to_string(limit >> 20U) + " MB"};
  std::ifstream in(path, std::ios::binary);
  std::string text(size, '\0');
  in.read(text.data(), static_cast<std::streamsize>(size));
  if (!in) return Error{Error::Code::io, where, "cannot be read"};
  return text;
}

Result<nlohmann::json> parse_json(const std::string& text, const std::string& where) {
  if (const char* const why = excess(text)) return Error{Error::Code::too_large, where, why};
  try {
    return nlohmann::json::parse(text);
  } catch (const nlohmann::json::parse_error& e) {
    return Error{Error::Code::bad_format, where, "is not valid JSON near byte " + std::to_string(e.byte)};
  } catch (const nlohmann::json::exception&) {
    return Error{Error::Code::bad_format, where, "is not valid JSON"};
  }
}

Result<nlohmann::json> read_json(const std::filesystem::path& path, const std::string& format, int version) {
  const auto text = read_file(path);
  if (!text) return text.error();
  auto json = parse_json(text.value(), path.string());
  if (!json) return json;
  Fields head(json.value(), path.string());
  const std::string found = head.text("format");
  const double number = head.number("version", 1, 1e9);
  if (head.error()) return *head.error();
  if (found != format)
    return Error{Error::Code::bad_format, path.string(), "is \"" + found + "\", not \"" + format + "\""};
  if (number > version) {
    return Error{Error::Code::too_new, path.string(), "was made by a newer version of Yawning Dune"};
  }
  return json;
}

}  // namespace yd::media
