// SPDX-License-Identifier: MIT
#include "media/model.h"

#include <map>

#include "media/fields.h"
#include "media/medium.h"
#include "media/shipped.h"

namespace yd::media {
ParameterInfo read_parameter(Fields& f) {
  ParameterInfo row;
  row.key = f.text("key");
  row.low = f.number("min", -1e6, 1e6);
  row.high = f.number("max", -1e6, 1e6);
  row.value = f.number("default", row.low, row.high);
  row.unit = f.text("unit");
  row.reason = f.text("reason");
  return row;
}

std::vector<std::pair<std::string, double*>> bind(optics::Parameters& parameters) {
  std::vector<std::string> names;
  for (const Medium m : all_media()) names.emplace_back(name(m));
  return optics::bind(parameters, names);
}

Result<Model> load_model(const std::filesystem::path& file) {
  const auto json = read_json(file, "yawning-dune parameters", 1);
  if (!json) return json.error();
  Fields top(json.value(), file.string());
  Model model;
  if (!shipped_media()) return shipped_media().error();
  std::map<std::string, double*> open;
  for (const auto& [key, slot] : bind(model.parameters)) open[key] = slot;
  top.each("parameters", 1000, [&](Fields& f) {
    ParameterInfo row = read_parameter(f);
    const auto slot = open.find(row.key);
    if (slot == open.end()) return f.fail("key", "\"" + row.key + "\" is unknown or stands twice");
    *slot->second = row.value;
    open.erase(slot);
    model.table.push_back(std::move(row));
  });
  if (top.error()) return *top.error();
  if (!open.empty()) return bad_value(file.string(), "\"" + open.begin()->first + "\" is missing");
  return model;
}

Result<Model> load_model() { return load_model(data_directory() / "model" / "parameters.json"); }

}  // namespace yd::media
