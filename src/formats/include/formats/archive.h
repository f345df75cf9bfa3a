// SPDX-License-Identifier: MIT
#pragma once

#include <QByteArray>
#include <QString>
#include <map>
#include <string>

#include "support/result.h"

namespace yd::formats {

/// Entries of a zip by name.
using Entries = std::map<std::string, QByteArray>;

/// Limits on what is unpacked: a small file may claim to be endless.
inline constexpr std::size_t kMostEntries = 64;
inline constexpr quint64 kMostEntryBytes = 420ULL << 20;
inline constexpr quint64 kMostJsonBytes = 32ULL << 20;

/// Unpacks a zip. Errors name the file and say what is wrong: not a zip, cut short, too many or too large entries, a
/// name that would leave the folder, a checksum that does not fit.
Result<Entries> read_archive(const QString& file);
/// The same from what such a file would hold.
Result<Entries> read_archive(const QByteArray& bytes, const QString& where);

/// One entry alone. Errors as read_archive; `not_found` too where it is not there.
Result<QByteArray> read_archive_entry(const QString& file, const std::string& name);

/// Packs entries into zip bytes; the same entries give the same bytes. JSON and XML are deflated, the rest stored.
/// `first` names an entry that some formats want in front.
Result<QByteArray> pack_archive(const Entries& entries, const std::string& first = {});

}  // namespace yd::formats
