// SPDX-License-Identifier: MIT
// Prints the facts of the trade as the model measures them, and how far each parameter may move before one breaks.
// Usage: facts_table [KEY=VALUE ...]; writes the Markdown that docs/model/facts.md carries.
#include <cmath>
#include <cstdio>
#include <cstdlib>
#include <map>
#include <string>

#include "facts.h"
#include "media/model.h"
#include "small_world.h"

namespace {

using yd::media::ParameterInfo;
using yd::optics::Parameters;

std::string first_broken(const Parameters& p) {
  for (const yd::trial::Fact& f : yd::trial::measure_facts(p)) {
    if (!f.holds()) return std::to_string(f.number);
  }
  return {};
}

struct Room {
  int percent = 90;
  std::string breaks = "none";
};

double* slot_of(Parameters& p, const std::string& wanted) {
  for (auto& [key, slot] : yd::media::bind(p)) {
    if (key == wanted) return slot;
  }
  return nullptr;
}

/// How far, in tenths of the default up to 90 %, a value may move in one direction, and what breaks then.
Room room(Parameters p, const ParameterInfo& row, double direction) {
  double* slot = slot_of(p, row.key);
  for (int tenth = 1; tenth <= 9; ++tenth) {
    *slot = row.value * (1 + direction * 0.1 * tenth);
    const bool outside = *slot < row.low || *slot > row.high;
    const std::string broken = outside ? "range ends" : first_broken(p);
    if (!broken.empty()) return {(tenth - 1) * 10, broken};
  }
  return {};
}

void print_sensitivity(const yd::media::Model& model) {
  std::printf(
      "\n| parameter | default | down by | then breaks | up by | then breaks |\n|---|---:|---:|---|---:|---|\n");
  for (const ParameterInfo& row : model.table) {
    if (row.value == 0) continue;
    const Room down = room(model.parameters, row, -1);
    const Room up = room(model.parameters, row, 1);
    std::printf("| `%s` | %g | %d %% | %s | %d %% | %s |\n", row.key.c_str(), row.value, down.percent,
                down.breaks.c_str(), up.percent, up.breaks.c_str());
  }
}

}  // namespace

int main(int argc, char** argv) {
  auto model = yd::media::load_model();
  if (!model) return std::fprintf(stderr, "%s\n", yd::describe(model.error()).c_str()), 2;
  std::map<std::string, double*> slots;
  for (auto& [key, slot] : yd::media::bind(model.value().parameters)) slots[key] = slot;
  for (int i = 1; i < argc; ++i) {
    const std::string word = argv[i];
    const auto at = word.find('=');
    const auto slot = slots.find(word.substr(0, at));
    if (at == std::string::npos || slot == slots.end()) return std::fprintf(stderr, "unknown: %s\n", argv[i]), 2;
    *slot->second = std::atof(word.c_str() + at + 1);
  }
  std::printf("| fact | expected | measure | measured | must exceed |\n|---|---|---|---:|---:|\n");
  for (const yd::trial::Fact& f : yd::trial::measure_facts(model->parameters)) {
    std::printf("| %d | %s | %s | %.2f%s | %g |\n", f.number, f.text.c_str(), f.measure.c_str(), f.measured,
                f.holds() ? "" : " **no**", f.threshold);
  }
  if (argc == 1) {
    const auto subject = yd::trial::small_subject();
    const double three = yd::trial::small_plan(subject, yd::trial::shipped_collection(), 3).area_mean_de00;
    const double twelve = yd::trial::small_plan(subject, yd::trial::shipped_collection(), 12).area_mean_de00;
    std::printf(
        "| 18 | about a dozen well-chosen sticks carry a picture | mean CIEDE2000 of the test picture, 3 sticks / 12 "
        "(12: %.2f) | %.2f | 1.5 |\n",
        twelve, three / twelve);
  }
  if (argc == 1) print_sensitivity(model.value());
  return 0;
}
