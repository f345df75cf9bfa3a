// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>
#include <string>

namespace yd::formats {

/// A text as a field of a CSV table, in quotation marks, those within it doubled (RFC 4180; by libcsv).
QByteArray csv_quoted(const std::string& text);

}  // namespace yd::formats
