// SPDX-License-Identifier: MIT
#include "formats/archive.h"

#include <zip.h>

#include <QFile>
#include <memory>

#include "files/read.h"

namespace yd::formats {
namespace {

struct DiscardZip {
  void operator()(zip_t* z) const { zip_discard(z); }
};
using Zip = std::unique_ptr<zip_t, DiscardZip>;

Error broken(const QString& file, std::string what) {
  return {Error::Code::bad_format, file.toStdString(), std::move(what)};
}

bool leaves_folder(const std::string& name) {
  return name.empty() || name.front() == '/' || name.find('\\') != std::string::npos ||
         name.find(':') != std::string::npos || name == ".." || name.rfind("../", 0) == 0 ||
         name.find("/../") != std::string::npos;
}

bool is_json(const std::string& name) { return name.size() > 5 && name.compare(name.size() - 5, 5, ".json") == 0; }

Result<QByteArray> read_entry(zip_t* zip, const zip_stat_t& stat, const QString& file) {
  const std::string name = stat.name;
  const quint64 limit = is_json(name) ? kMostJsonBytes : kMostEntryBytes;
  if (stat.size > limit)
    return Error{Error::Code::too_large, file.toStdString(), "entry \"" + name + "\" is too large"};
  std::unique_ptr<zip_file_t, int (*)(zip_file_t*)> entry(zip_fopen_index(zip, stat.index, 0), zip_fclose);
  if (!entry) return broken(file, "entry \"" + name + "\" cannot be unpacked");
  QByteArray bytes(static_cast<qsizetype>(stat.size), Qt::Uninitialized);
  const zip_int64_t got = zip_fread(entry.get(), bytes.data(), stat.size);
  char more = 0;
  // Reading past the stated size also makes libzip compare the checksum.
  if (got != static_cast<zip_int64_t>(stat.size) || zip_fread(entry.get(), &more, 1) != 0) {
    return broken(file, "entry \"" + name + "\" is damaged");
  }
  return bytes;
}

Status add(zip_t* zip, const std::string& name, const QByteArray& bytes) {
  zip_source_t* source = zip_source_buffer(zip, bytes.constData(), static_cast<zip_uint64_t>(bytes.size()), 0);
  const zip_int64_t index = source == nullptr ? -1 : zip_file_add(zip, name.c_str(), source, ZIP_FL_ENC_UTF_8);
  if (index < 0) {
    if (source != nullptr) zip_source_free(source);
    return Error{Error::Code::io, name, "cannot be packed"};
  }
  zip_set_file_compression(zip, static_cast<zip_uint64_t>(index),
                           is_json(name) || name == "stack.xml" ? ZIP_CM_DEFLATE : ZIP_CM_STORE, 0);
  constexpr zip_uint16_t kFirstDay =
      (1U << 5U) | 1U;  // 1 January 1980, the first a zip knows: same entries, same bytes
  zip_file_set_dostime(zip, static_cast<zip_uint64_t>(index), 0, kFirstDay, 0);
  return success();
}

Status add_all(zip_t* zip, const Entries& entries, const std::string& first) {
  const auto leader = entries.find(first);
  if (leader != entries.end()) {
    Status added = add(zip, leader->first, leader->second);
    if (!added) return added;
  }
  for (auto entry = entries.begin(); entry != entries.end(); ++entry) {
    if (entry == leader) continue;
    Status added = add(zip, entry->first, entry->second);
    if (!added) return added;
  }
  return success();
}

Result<QByteArray> read_back(zip_source_t* source) {
  if (zip_source_open(source) != 0) return Error{Error::Code::io, "project", "cannot be packed"};
  zip_source_seek(source, 0, SEEK_END);
  const zip_int64_t size = zip_source_tell(source);
  zip_source_seek(source, 0, SEEK_SET);
  QByteArray bytes(static_cast<qsizetype>(size), Qt::Uninitialized);
  const zip_int64_t got = zip_source_read(source, bytes.data(), static_cast<zip_uint64_t>(size));
  zip_source_close(source);
  if (got != size) return Error{Error::Code::io, "project", "cannot be packed"};
  return bytes;
}

Error no_archive(const QString& where) { return broken(where, "is not a whole project file: no zip, or cut short"); }

Result<Zip> open_to_read(const QString& file) {
  if (Status may = files::may_read(file); !may) return may.error();
  int code = 0;
  Zip zip(zip_open(QFile::encodeName(file).constData(), ZIP_RDONLY | ZIP_CHECKCONS, &code));
  if (!zip) return no_archive(file);
  return zip;
}

/// `bytes` have to outlive it.
Result<Zip> open_to_read(const QByteArray& bytes, const QString& where) {
  zip_error_t error;
  zip_error_init(&error);
  zip_source_t* source =
      zip_source_buffer_create(bytes.constData(), static_cast<zip_uint64_t>(bytes.size()), 0, &error);
  if (source == nullptr) return no_archive(where);
  Zip zip(zip_open_from_source(source, ZIP_RDONLY | ZIP_CHECKCONS, &error));
  if (!zip) {
    zip_source_free(source);
    return no_archive(where);
  }
  return zip;
}

Result<Entries> all_entries(zip_t* zip, const QString& file) {
  const zip_int64_t count = zip_get_num_entries(zip, 0);
  if (count > static_cast<zip_int64_t>(kMostEntries))
    return Error{Error::Code::too_large, file.toStdString(), "holds too many entries"};
  Entries out;
  quint64 total = 0;
  for (zip_int64_t i = 0; i < count; ++i) {
    zip_stat_t stat;
    if (zip_stat_index(zip, static_cast<zip_uint64_t>(i), 0, &stat) != 0)
      return broken(file, "has an unreadable entry");
    if (leaves_folder(stat.name))
      return broken(file, "entry \"" + std::string(stat.name) + "\" points outside the project");
    total += stat.size;
    if (total > kMostEntryBytes)
      return Error{Error::Code::too_large, file.toStdString(), "would unpack to more than 420 MB"};
    auto bytes = read_entry(zip, stat, file);
    if (!bytes) return bytes.error();
    out[stat.name] = std::move(bytes).value();
  }
  return out;
}

}  // namespace

Result<Entries> read_archive(const QString& file) {
  const auto zip = open_to_read(file);
  return zip ? all_entries(zip->get(), file) : zip.error();
}

Result<Entries> read_archive(const QByteArray& bytes, const QString& where) {
  const auto zip = open_to_read(bytes, where);
  return zip ? all_entries(zip->get(), where) : zip.error();
}

Result<QByteArray> read_archive_entry(const QString& file, const std::string& name) {
  const auto zip = open_to_read(file);
  if (!zip) return zip.error();
  zip_stat_t stat;
  if (zip_stat(zip->get(), name.c_str(), 0, &stat) != 0)
    return Error{Error::Code::not_found, file.toStdString(), "holds no \"" + name + "\""};
  return read_entry(zip->get(), stat, file);
}

Result<QByteArray> pack_archive(const Entries& entries, const std::string& first) {
  zip_error_t error;
  zip_error_init(&error);
  zip_source_t* store = zip_source_buffer_create(nullptr, 0, 0, &error);
  zip_t* zip = store == nullptr ? nullptr : zip_open_from_source(store, ZIP_TRUNCATE, &error);
  if (zip == nullptr) return Error{Error::Code::io, "project", "cannot be packed"};
  zip_source_keep(store);
  const std::unique_ptr<zip_source_t, void (*)(zip_source_t*)> kept(store, zip_source_free);
  const Status added = add_all(zip, entries, first);
  if (!added) {
    zip_discard(zip);
    return added.error();
  }
  if (zip_close(zip) != 0) {
    zip_discard(zip);
    return Error{Error::Code::io, "project", "cannot be packed"};
  }
  return read_back(store);
}

}  // namespace yd::formats
