// SPDX-License-Identifier: MIT
// Measured offcut strokes as CSV, and calibrations and easel marks as JSON.
#include <cmath>
#include <nlohmann/json.hpp>

#include "formats/offcut_file.h"
#include "formats/project.h"
#include "media/fields.h"
#include "memory_file.h"

using namespace yd;

int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  static const media::Collection sticks = media::find_collection("generic").value();
  const QByteArray bytes = fuzz::bytes_of(data, size);
  const auto readings = formats::read_offcuts(bytes, "readings", sticks);
  if (readings) {
    for (const calibrate::Reading& r : readings.value()) {
      fuzz::must(std::isfinite(r.lab.l) && std::isfinite(r.lab.a) && std::isfinite(r.lab.b), "a reading is finite");
      fuzz::must(r.stroke.stick >= 0 && static_cast<std::size_t>(r.stroke.stick) < sticks.sticks.size(),
                 "a stick of the collection");
      fuzz::must(r.stroke.pressure > 0 && r.stroke.pressure <= 1, "a pressure above 0, up to 1");
    }
    const auto again = formats::read_offcuts(formats::write_offcuts(readings.value(), sticks), "written", sticks);
    fuzz::must(again.ok() && again->size() == readings->size(), "what was read can be written and read");
  }
  static_cast<void>(formats::read_offcut_strokes(bytes, "strokes", sticks).ok());
  const std::vector<calibrate::OffcutStroke> two{{0, 1, plan::Technique::laid}, {1, 0.3, plan::Technique::laid}};
  if (const auto samples = formats::read_samples(bytes, "samples", two)) {
    fuzz::must(samples->size() == two.size(), "a sample for every stroke");
    for (const calibrate::Reading& r : samples.value())
      fuzz::must(std::isfinite(r.lab.l) && std::isfinite(r.lab.a) && std::isfinite(r.lab.b), "a sample is finite");
  }
  if (const auto json = media::parse_json(bytes.toStdString(), "calibration")) {
    const auto found = formats::calibration_from_json(json.value(), "calibration", sticks);
    if (found) {
      const auto again =
          formats::calibration_from_json(formats::calibration_to_json(found.value(), sticks), "written", sticks);
      fuzz::must(again.ok(), "a calibration can be written and read");
    }
  }
  const QString marks = fuzz::memory_file(bytes, "marks.json");
  if (const auto read = formats::load_marks(marks)) {
    fuzz::must(formats::save_marks(marks, read.value()).ok() && formats::load_marks(marks)->size() == read->size(),
               "marks can be saved and read");
  }
  return 0;
}
