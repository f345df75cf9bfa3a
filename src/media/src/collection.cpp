// SPDX-License-Identifier: MIT
#include "media/collection.h"

#include <algorithm>
#include <array>
#include <set>

#include "colour/observer.h"
#include "colour/smoothest.h"
#include "colour/words.h"
#include "media/fields.h"
#include "media/shipped.h"

namespace yd::media {
namespace {

constexpr std::size_t kMostSticks = 20000;
constexpr const char* kFormat = "yawning-dune collection";
constexpr int kVersion = 1;

void read_masstone(Fields& f, Stick& s) {
  const auto v = f.numbers("masstone", colour::kBands, 0, 1);
  for (std::size_t i = 0; i < colour::kBands; ++i) s.masstone[i] = static_cast<float>(v[i]);
}

void read_lab(Fields& f, Stick& s) {
  const colour::Lab lab = f.lab("lab");
  if (f.error()) return;
  const auto reflectance = colour::smoothest_reflectance(lab);
  if (!reflectance) {
    f.fail("lab", reflectance.error().what);
    return;
  }
  s.masstone = reflectance.value();
}

Result<Stick> read_stick(const nlohmann::json& json, const std::string& where) {
  Fields f(json, where);
  Stick s;
  s.id = f.text("id");
  s.name = one_line(f.text("name"));
  const auto medium = medium_by_name(f.text("medium"));
  if (medium) {
    s.medium = medium.value();
  } else {
    f.fail("medium", medium.error().what);
  }
  if (f.has("masstone")) {
    read_masstone(f, s);
  } else if (f.has("lab")) {
    read_lab(f, s);
  } else {
    f.fail("lab", "is missing: a stick needs \"lab\" or \"masstone\"");
  }
  if (f.has("pigments")) s.pigments = f.texts("pigments");
  s.owned = f.flag("owned", true);
  s.favourite = f.flag("favourite", false);
  s.left = f.number("left", 0, 1, 1.0);
  s.lightfast = f.text("lightfast", "");
  if (!is_lightfast_class(s.lightfast)) f.fail("lightfast", "must be I, II, III, IV, V or left out");
  if (f.error()) return *f.error();
  s.lab = colour::to_lab(s.masstone);
  if (s.name.empty()) s.name = colour::describe(s.lab);
  return s;
}

}  // namespace

std::string one_line(const std::string& name) {
  std::string out;
  for (const char c : name) {
    const auto code = static_cast<unsigned char>(c);
    const bool space = code <= 0x20 || code == 0x7F;
    if (!space) out += c;
    if (space && !out.empty() && out.back() != ' ') out += ' ';
  }
  if (!out.empty() && out.back() == ' ') out.pop_back();
  return out;
}

Result<Collection> load_collection(const std::filesystem::path& file) {
  const auto json = read_json(file, kFormat, kVersion);
  if (!json) return json.error();
  return collection_from_json(json.value(), file.string());
}

Result<Collection> collection_from_json(const nlohmann::json& json, const std::string& where) {
  Fields top(json, where);
  // Without a version it is one written by hand.
  if (top.number("version", 1, 1e9, 1) > kVersion)
    return Error{Error::Code::too_new, where, "was made by a newer version of Yawning Dune"};
  Collection c;
  c.id = top.text("id");
  c.name = one_line(top.text("name"));
  const nlohmann::json& entries = top.array("sticks");
  if (top.error()) return *top.error();
  if (entries.size() > kMostSticks) return Error{Error::Code::too_large, where, "holds more than 20000 sticks"};
  for (const nlohmann::json& entry : entries) {
    const std::string place = where + ": stick " + std::to_string(c.sticks.size() + 1);
    auto stick = read_stick(entry, place);
    if (!stick) return stick.error();
    c.sticks.push_back(std::move(stick).value());
  }
  const Status usable = check(c, where);
  if (!usable) return usable.error();
  return c;
}

Status check(const Collection& c, const std::string& where) {
  if (c.sticks.empty()) return bad_value(where, "holds no stick");
  if (c.sticks.size() > kMostSticks) return Error{Error::Code::too_large, where, "holds more than 20000 sticks"};
  std::set<std::string> seen;
  for (std::size_t i = 0; i < c.sticks.size(); ++i) {
    if (!seen.insert(c.sticks[i].id).second)
      return bad_value(where + ": stick " + std::to_string(i + 1), "id \"" + c.sticks[i].id + "\" stands twice");
  }
  return success();
}

bool is_lightfast_class(const std::string& text) {
  constexpr std::array<const char*, 6> classes{"", "I", "II", "III", "IV", "V"};
  return std::find(classes.begin(), classes.end(), text) != classes.end();
}

nlohmann::json to_json(const Collection& collection) {
  nlohmann::json sticks = nlohmann::json::array();
  for (const Stick& s : collection.sticks) {
    nlohmann::json stick = {{"id", s.id},
                            {"name", s.name},
                            {"medium", std::string(name(s.medium))},
                            {"pigments", s.pigments},
                            {"masstone", s.masstone.band}};
    // Only what differs from the usual: most sticks are owned, whole and unmarked.
    if (!s.owned) stick["owned"] = false;
    if (s.favourite) stick["favourite"] = true;
    if (s.left < 1) stick["left"] = s.left;
    if (!s.lightfast.empty()) stick["lightfast"] = s.lightfast;
    sticks.push_back(std::move(stick));
  }
  return {
      {"format", kFormat}, {"version", kVersion}, {"id", collection.id}, {"name", collection.name}, {"sticks", sticks}};
}

Result<std::vector<Collection>> load_collections() {
  std::vector<std::filesystem::path> files;
  std::error_code code;
  const auto folder = data_directory() / "collections";
  for (const auto& entry : std::filesystem::directory_iterator(folder, code)) {
    if (entry.path().extension() == ".json") files.push_back(entry.path());
  }
  if (code) return Error{Error::Code::not_found, folder.string(), "cannot be opened: " + code.message()};
  std::sort(files.begin(), files.end());
  std::vector<Collection> out;
  for (const auto& file : files) {
    auto c = load_collection(file);
    if (!c) return c.error();
    out.push_back(std::move(c).value());
  }
  return out;
}

Result<Collection> find_collection(const std::string& id_or_file) {
  auto shipped = load_collections();
  if (!shipped) return shipped.error();
  for (Collection& c : shipped.value()) {
    if (c.id == id_or_file) return std::move(c);
  }
  std::error_code code;
  if (!std::filesystem::exists(id_or_file, code)) {
    return Error{Error::Code::not_found, "collection", "\"" + id_or_file + "\" is neither a shipped id nor a file"};
  }
  return load_collection(id_or_file);
}

optics::Pigment pigment_of(const Stick& stick, const optics::Parameters& parameters) {
  return optics::opaque_pigment(stick.masstone, parameters.of(stick.medium).scatter);
}

bool needs_care(const Stick& stick) {
  constexpr std::array<const char*, 15> harmful{"PY35", "PY37", "PO20", "PR108", "PB28", "PB35", "PB36", "PG17",
                                                "PG18", "PG50", "PY34", "PR104", "PW1",  "PV16", "PY53"};
  return std::any_of(stick.pigments.begin(), stick.pigments.end(), [&](const std::string& p) {
    return std::find(harmful.begin(), harmful.end(), p) != harmful.end();
  });
}

Stick stick_of(const colour::Lab& lab, const std::string& name, optics::Medium medium) {
  Stick s;
  s.masstone = colour::nearest_reflectance(lab);
  s.lab = colour::to_lab(s.masstone);
  s.name = one_line(name);
  if (s.name.empty()) s.name = colour::describe(s.lab);
  s.medium = medium;
  return s;
}

}  // namespace yd::media
