// SPDX-License-Identifier: MIT
#include "calibrate/calibrate.h"

#include <QDate>
#include <cmath>
#include <nlohmann/json.hpp>

#include "files/write.h"
#include "formats/collection_file.h"
#include "formats/offcut_file.h"
#include "pictures/pictures.h"
#include "standin/colorimeter.h"
#include "support/random.h"
#include "work.h"

namespace yd::cli {
namespace {

constexpr double kPresses = 0.7;  // of what is asked, the artist that is simulated
constexpr double kMasstone = 6;   // CIE 1976 that each stick of his is off
constexpr double kRepeats = 0.3;  // standard deviation of his colorimeter

/// Readings as an artist would bring them whose hand is light and whose sticks are not what they are taken for.
std::vector<calibrate::Reading> simulated(const std::vector<calibrate::OffcutStroke>& strokes, const Work& w,
                                          std::uint64_t seed) {
  Random random(seed);
  standin::Colorimeter instrument(kRepeats, seed);
  media::Collection collection = w.collection;
  std::vector<char> moved(collection.sticks.size(), 0);
  optics::Parameters parameters = w.model.parameters;
  parameters.hand = {kPresses, kPresses};
  std::vector<calibrate::Reading> out;
  for (const calibrate::OffcutStroke& s : strokes) {
    const auto i = static_cast<std::size_t>(s.stick);
    if (moved[i] == 0) {
      const colour::Lab way{random.uniform(-1, 1), random.uniform(-1, 1), random.uniform(-1, 1)};
      const double by = kMasstone / std::hypot(way.l, way.a, way.b);
      const colour::Lab& lab = collection.sticks[i].lab;
      collection.sticks[i] = calibrate::with_masstone(
          collection.sticks[i], {std::clamp(lab.l + by * way.l, 4.0, 97.0), lab.a + by * way.a, lab.b + by * way.b});
      moved[i] = 1;
    }
    const double pressed = s.pressure * (1 + w.options.hand * random.uniform(-1.7, 1.7));
    const plan::Stroke laid{s.stick, std::clamp(pressed, 0.02, 1.0), s.technique, false, 0};
    out.push_back(
        {s, instrument.measure(plan::evaluate(w.paper.ground, parameters, collection.sticks, {laid}, {}).look.lab)});
  }
  return out;
}

/// By the table itself, or by an instrument's file and the table that says what was laid.
Result<std::vector<calibrate::Reading>> readings_of(const CalibrateArguments& a, const media::Collection& collection) {
  const auto bytes = pictures::read_bytes(QString::fromStdString(a.readings_file));
  if (!bytes) return bytes.error();
  if (!formats::is_cgats(bytes.value())) return formats::read_offcuts(bytes.value(), a.readings_file, collection);
  if (a.strokes_file.empty())
    return bad_value("--strokes", "is needed with an instrument's file: the table of `offcuts`");
  const auto table = pictures::read_bytes(QString::fromStdString(a.strokes_file));
  if (!table) return table.error();
  const auto strokes = formats::read_offcut_strokes(table.value(), a.strokes_file, collection);
  if (!strokes) return strokes.error();
  return formats::read_samples(bytes.value(), a.readings_file, strokes.value());
}

}  // namespace

Status run_offcuts(const OffcutArguments& a) {
  if (a.count < 1 || a.count > 1000) return bad_value("--count", "must be from 1 to 1000");
  Observer observer;
  const auto work = load_work(a, true, observer);
  if (!work) return work.error();
  const Work& w = work.value();
  const std::vector<calibrate::OffcutStroke> strokes = calibrate::offcut_strokes(w.plan.tray, a.count);
  const QByteArray table = a.simulate ? formats::write_offcuts(simulated(strokes, w, *a.simulate), w.collection)
                                      : formats::write_offcuts(strokes, w.collection);
  return files::write_bytes(QString::fromStdString(a.csv_file), table);
}

Status run_calibrate(const CalibrateArguments& a) {
  auto materials = load_materials(a.paper, a.collection);
  if (!materials) return materials.error();
  const auto readings = readings_of(a, materials->collection);
  if (!readings) return readings.error();
  Observer observer;
  const auto found = calibrate::calibrate(readings.value(), materials->paper, materials->collection,
                                          materials->model.parameters, observer);
  if (!found) return found.error();
  calibrate::Calibration calibration = found.value();
  if (calibrate::contradictory(calibration) && !a.even_so) {
    return bad_value(a.readings_file,
                     "readings that no hand explains: they are off by " +
                         std::to_string(std::lround(std::max(calibration.left_de00, calibration.after_de00))) +
                         " CIEDE2000 on average; measure again, or take them with --even-so");
  }
  calibration.artist = a.artist;
  calibration.paper = materials->paper.id;
  calibration.date = QDate::currentDate().toString(Qt::ISODate).toStdString();
  return write_json(formats::calibration_to_json(calibration, materials->collection), a.json_file);
}

}  // namespace yd::cli
