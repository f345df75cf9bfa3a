// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>
#include <string>

namespace yd::formats {

/// A text as a field of a CSV table, in quotation marks, those within it doubled (RFC 4180; by libcsv). One that a
/// spreadsheet would work out, because it begins like a formula, begins with an apostrophe (OWASP, "CSV Injection").
QByteArray csv_quoted(const std::string& text);
/// The text without that apostrophe.
std::string csv_text(const std::string& field);

}  // namespace yd::formats
