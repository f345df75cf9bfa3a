// SPDX-License-Identifier: MIT
// The zip of a project, byte by byte.
#include "formats/archive.h"

#include "formats/thumbnail.h"
#include "memory_file.h"

using namespace yd;

int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  fuzz::begin();
  const QString file = fuzz::memory_file(fuzz::bytes_of(data, size), "a.dune");
  const auto entries = formats::read_archive(file);
  if (entries && !entries->empty()) {
    fuzz::must(entries->size() <= formats::kMostEntries, "no more entries than are allowed");
    const auto again = formats::pack_archive(entries.value());
    fuzz::must(again.ok(), "what was unpacked can be packed");
    const auto back = formats::read_archive(fuzz::memory_file(again.value(), "again.dune"));
    fuzz::must(back.ok() && back.value() == entries.value(), "packed and unpacked it is the same");
  } else if (!entries) {
    fuzz::must(!entries.error().what.empty(), "a refusal says why");
  }
  static_cast<void>(formats::thumbnail_of(file, {64, 64}));
  return 0;
}
