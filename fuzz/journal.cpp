// SPDX-License-Identifier: MIT
// A journal's file as a broken disk or another program may leave it: read, refused or mended, never trusted.
#include "journal/journal.h"

#include <QDir>
#include <QFile>

#include "memory_file.h"

using namespace yd;

namespace {

void read_all(const journal::Journal& j) {
  journal::Query query;
  const auto works = j.works(query);
  query.words = "dune";
  static_cast<void>(j.works(query).ok());
  static_cast<void>(j.recipes(query).ok());
  if (!works) return;
  for (const journal::Work& w : works.value()) {
    static_cast<void>(j.work(w.id).ok());
    static_cast<void>(j.passes(w.id).ok());
    static_cast<void>(j.notes(w.id).ok());
    static_cast<void>(j.photos(w.id).ok());
    static_cast<void>(j.recipes_of(w.id).ok());
  }
  static_cast<void>(j.planned_uses().ok());
  static_cast<void>(j.next_sticks().ok());
  static_cast<void>(j.drills().ok());
  static_cast<void>(j.offcut_tests().ok());
}

}  // namespace

int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
  fuzz::begin();
  const QString folder = fuzz::memory_folder() + "/journal";
  QDir(folder).removeRecursively();
  QDir().mkpath(folder);
  QFile file(folder + "/journal.sqlite");
  fuzz::must(file.open(QIODevice::WriteOnly) && file.write(fuzz::bytes_of(data, size)) == static_cast<qint64>(size),
             "memory for a file");
  file.close();
  constexpr qint64 kNow_s = 1'800'000'000;
  {
    auto opened = journal::open_folder(folder, kNow_s);
    if (!opened) {
      fuzz::must(!opened.error().what.empty(), "a refusal says why");
      return 0;
    }
    if (opened->journal) read_all(*opened->journal);
  }
  static_cast<void>(journal::look_after(folder, kNow_s).ok());
  return 0;
}
