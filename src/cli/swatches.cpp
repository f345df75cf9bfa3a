// SPDX-License-Identifier: MIT
#include <QFileInfo>
#include <array>
#include <charconv>
#include <string_view>
#include <nlohmann/json.hpp>

#include "exports/fonts.h"
#include "exports/printed_sheet.h"
#include "files/write.h"
#include "formats/collection_file.h"
#include "formats/offcut_file.h"
#include "formats/plan_json.h"
#include "pictures/pictures.h"
#include "standin/filled_sheet.h"
#include "swatches/box.h"
#include "work.h"

namespace yd::cli {
namespace {

Result<printed::Sheet> size_of(const std::string& text) {
  struct Named {
    const char* name;
    int width, height;
  };
  constexpr std::array<Named, 4> kNamed{{{"a5", 148, 210}, {"a4", 210, 297}, {"a3", 297, 420}, {"letter", 216, 279}}};
  printed::Sheet out;
  for (const Named& n : kNamed) {
    if (text == n.name) return printed::Sheet{n.width, n.height, 1, printed::Purpose::sticks};
  }
  const auto x = text.find('x');
  const auto side = [](std::string_view part, int& to) {
    const auto [end, code] = std::from_chars(part.data(), part.data() + part.size(), to);
    return code == std::errc{} && end == part.data() + part.size();
  };
  const bool two = x != std::string::npos && side(std::string_view(text).substr(0, x), out.width_mm) &&
                   side(std::string_view(text).substr(x + 1), out.height_mm);
  if (!two) return bad_value("--size", "\"" + text + "\" must be a5, a4, a3, letter, or WIDTHxHEIGHT in millimetres");
  return out;
}

/// The strokes of a table; none where there is no table.
Result<std::vector<calibrate::OffcutStroke>> strokes_of(const std::string& file, const media::Collection& collection) {
  if (file.empty()) return std::vector<calibrate::OffcutStroke>{};
  const auto bytes = pictures::read_bytes(QString::fromStdString(file));
  if (!bytes) return bytes.error();
  return formats::read_offcut_strokes(bytes.value(), file, collection);
}

/// The sheet as this hand fills it in, photographed by a hand-held camera.
Status photograph(const SheetArguments& a, const printed::Layout& layout,
                  const std::vector<calibrate::OffcutStroke>& strokes, const PlanMaterials& m) {
  standin::Filling filling;
  filling.seed = a.seed;
  if (strokes.empty()) {
    auto sticks = m.collection.sticks;
    sticks.resize(std::min(sticks.size(), layout.cells.size()));
    filling.patches = standin::swatches_by(sticks, m.paper, m.model.parameters, a.hand, a.seed);
  }
  for (const calibrate::OffcutStroke& s : strokes) {
    const plan::Stroke laid{s.stick, s.pressure, s.technique, false, 0};
    filling.patches.push_back(
        {plan::evaluate(m.paper.ground, m.model.parameters, m.collection.sticks, {laid}, {}).look.lab});
  }
  constexpr double kPxPerMm = 8;
  standin::Camera camera = standin::handheld(a.seed);
  camera.margin = 0;
  camera.width = 2400;
  camera.height = 3000;
  const auto photo =
      standin::photograph(standin::filled_sheet(layout, m.paper.lab, filling, kPxPerMm), m.paper.lab, camera);
  if (!photo) return photo.error();
  return pictures::write_photograph(QString::fromStdString(a.photo_file), photo->image);
}

nlohmann::json found_to_json(const swatches::BoxFound& box, const media::Collection& collection) {
  nlohmann::json sticks = nlohmann::json::array();
  for (const swatches::SwatchFound& f : box.sticks) {
    sticks.push_back({{"cell", f.cell + 1},
                      {"name", f.stick.name},
                      {"medium", std::string(media::name(f.stick.medium))},
                      {"sure", formats::rounded(f.sure)},
                      {"masstone_lab", formats::lab_to_json(f.stick.lab)},
                      {"doubt", swatches::name(f.doubt)}});
  }
  nlohmann::json empty = nlohmann::json::array();
  for (const int cell : box.empty) empty.push_back(cell + 1);
  // A collection file with fields more: how it was read.
  nlohmann::json out = media::to_json(collection);
  out["read"] = {{"sticks", sticks}, {"empty", empty}, {"hand", formats::rounded(box.hand.firm)}};
  return out;
}

/// Sticks of their own, or those of the collection with their colours anew.
media::Collection collection_of(const SwatchesArguments& a, const swatches::BoxFound& box, const PlanMaterials& m) {
  if (a.again) {
    std::vector<int> all(m.collection.sticks.size());
    for (std::size_t i = 0; i < all.size(); ++i) all[i] = static_cast<int>(i);
    return swatches::with_masstones(m.collection, all, box);
  }
  media::Collection out{"own-" + a.name, a.name, {}};
  out.sticks.reserve(box.sticks.size());
  for (const swatches::SwatchFound& f : box.sticks) out.sticks.push_back(f.stick);
  formats::number_ids(out.sticks, "box");
  return out;
}

Status read_strokes(const SwatchesArguments& a, const swatches::SheetReading& sheet, const PlanMaterials& m) {
  const auto strokes = strokes_of(a.strokes_file, m.collection);
  if (!strokes) return strokes.error();
  const auto readings = swatches::readings_of(sheet, strokes.value());
  if (!readings) return readings.error();
  return files::write_bytes(QString::fromStdString(a.csv_file), formats::write_offcuts(readings.value(), m.collection));
}

}  // namespace

Status run_sheet(const SheetArguments& a) {
  if (a.corners) {
    exports::load_fonts();
    return files::write_bytes(QString::fromStdString(a.file), exports::corner_marks_pdf());
  }
  const auto materials = load_materials(a.paper.empty() ? swatches::kPrintable : a.paper, a.collection);
  if (!materials) return materials.error();
  const auto size = size_of(a.size);
  if (!size) return size.error();
  const auto strokes = strokes_of(a.strokes_file, materials->collection);
  if (!strokes) return strokes.error();
  const bool for_strokes = !a.strokes_file.empty();
  printed::Sheet sheet = size.value();
  sheet.cells = for_strokes ? static_cast<int>(strokes->size()) : a.cells;
  sheet.purpose = for_strokes ? printed::Purpose::strokes : printed::Purpose::sticks;
  const auto layout = printed::lay_out(sheet);
  if (!layout) return layout.error();
  exports::load_fonts();
  const QStringList labels = for_strokes ? exports::cell_strokes(strokes.value(), materials->collection)
                                         : exports::cell_numbers(layout.value());
  const QString file = QString::fromStdString(a.file);
  Status written = files::write_bytes(file, exports::printed_sheet(file, layout.value(), labels));
  if (!written || a.photo_file.empty()) return written;
  return photograph(a, layout.value(), strokes.value(), materials.value());
}

Status run_swatches(const SwatchesArguments& a) {
  if (a.strokes_file.empty() != a.csv_file.empty()) return bad_value("--strokes", "needs --csv, and --csv needs it");
  const auto materials = load_materials(a.paper.empty() ? swatches::kPrintable : a.paper, a.collection);
  if (!materials) return materials.error();
  swatches::Kind kind;
  if (!a.kind.empty()) {
    const auto found = media::medium_by_name(a.kind);
    if (!found) return found.error();
    kind = found.value();
  }
  const auto picture = read_picture(a.photo_file);
  if (!picture) return picture.error();
  const auto photo = check::open_photo(picture.value());
  if (!photo) return Error{photo.error().code, a.photo_file, photo.error().what};
  const auto sheet = swatches::read_sheet(photo.value(), materials->paper.lab);
  if (!sheet) return Error{sheet.error().code, a.photo_file, sheet.error().what};
  if (!a.strokes_file.empty()) return read_strokes(a, sheet.value(), materials.value());
  Observer observer;
  const std::vector<swatches::Kind> kinds(sheet->cells.size(), kind);
  const auto box = swatches::sticks_of(sheet.value(), materials->paper, materials->model.parameters, kinds, observer);
  if (!box) return Error{box.error().code, a.photo_file, box.error().what};
  nlohmann::json out = found_to_json(box.value(), collection_of(a, box.value(), materials.value()));
  out["read"]["light"] = {{"by", check::name(sheet->light.by)},
                          {"residual_de00", formats::rounded(sheet->light.residual_de00)}};
  return write_json(out, a.json_file);
}

}  // namespace yd::cli
