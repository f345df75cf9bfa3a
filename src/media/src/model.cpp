// SPDX-License-Identifier: MIT
#include "media/model.h"

#include <map>

#include "media/fields.h"
#include "media/shipped.h"

namespace yd::media {
namespace {

Result<ParameterInfo> read_row(const nlohmann::json& json, const std::string& where) {
  Fields f(json, where);
  ParameterInfo row;
  row.key = f.text("key");
  row.low = f.number("min", -1e6, 1e6);
  row.high = f.number("max", -1e6, 1e6);
  row.value = f.number("default", row.low, row.high);
  row.unit = f.text("unit");
  row.reason = f.text("reason");
  if (f.error()) return *f.error();
  return row;
}

}  // namespace

Result<Model> load_model(const std::filesystem::path& file) {
  const auto json = read_json(file, "yawning-dune parameters", 1);
  if (!json) return json.error();
  Fields top(json.value(), file.string());
  Model model;
  std::map<std::string, double*> open;
  for (const auto& [key, slot] : optics::bind(model.parameters)) open[key] = slot;
  int number = 0;
  for (const nlohmann::json& entry : top.array("parameters")) {
    const std::string where = file.string() + ": parameter " + std::to_string(++number);
    auto row = read_row(entry, where);
    if (!row) return row.error();
    const auto slot = open.find(row->key);
    if (slot == open.end()) return bad_value(where, "\"" + row->key + "\" is unknown or stands twice");
    *slot->second = row->value;
    open.erase(slot);
    model.table.push_back(std::move(row).value());
  }
  if (top.error()) return *top.error();
  if (!open.empty()) return bad_value(file.string(), "\"" + open.begin()->first + "\" is missing");
  return model;
}

Result<Model> load_model() { return load_model(data_directory() / "model" / "parameters.json"); }

}  // namespace yd::media
