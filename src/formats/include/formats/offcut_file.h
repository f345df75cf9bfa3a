// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>
#include <nlohmann/json_fwd.hpp>
#include <string>
#include <vector>

#include "calibrate/calibrate.h"
#include "support/result.h"

namespace yd::formats {

/// Offcut strokes as a table (CSV, titles in the first row): `stick` (its id), `pressure` (light, middle, firm, or a
/// number above 0 up to 1), `technique` (laid or rubbed), and what was measured there, `L*`, `a*`, `b*` (D50). Rows
/// without a measurement are left out. Errors name the file and the line.
Result<std::vector<calibrate::Reading>> read_offcuts(const QByteArray& bytes, const std::string& where,
                                                     const media::Collection& collection);
/// What an instrument wrote (CGATS.17, as collection_file.h reads it): its n-th sample is the n-th of `strokes`. Errors
/// as read_cgats, and `bad_value` for a sample without a colour, or another number of samples.
Result<std::vector<calibrate::Reading>> read_samples(const QByteArray& bytes, const std::string& where,
                                                     std::span<const calibrate::OffcutStroke> strokes);
/// The strokes of the same table, measured or not.
Result<std::vector<calibrate::OffcutStroke>> read_offcut_strokes(const QByteArray& bytes, const std::string& where,
                                                                 const media::Collection& collection);
/// The same table; strokes without readings have their last three columns empty, to be filled in.
QByteArray write_offcuts(std::span<const calibrate::OffcutStroke> strokes, const media::Collection& collection);
QByteArray write_offcuts(std::span<const calibrate::Reading> readings, const media::Collection& collection);

/// What was found, by the ids of sticks.
nlohmann::json calibration_to_json(const calibrate::Calibration& calibration, const media::Collection& collection);
/// Sticks that the collection does not have are left out. Errors: `bad_format`, `bad_value` naming the field.
Result<calibrate::Calibration> calibration_from_json(const nlohmann::json& json, const std::string& where,
                                                     const media::Collection& collection);

}  // namespace yd::formats
