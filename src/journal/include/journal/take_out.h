// SPDX-License-Identifier: MIT
#pragma once

#include "formats/archive.h"
#include "journal/journal.h"

namespace yd::journal {

/// A work as a folder: `work.md` with its pictures beside it, `passes.csv`, `recipes.json`, `plan.json`. Names of
/// entries are plain ASCII. Errors as the journal's.
Result<formats::Entries> folder_of(const Journal& journal, const QString& work);

/// The folder as a zip, written atomically.
Status write_folder(const Journal& journal, const QString& work, const QString& file);

/// The same as one Markdown text; pictures are named as in the folder.
Result<QString> markdown_of(const Journal& journal, const QString& work);

/// All works, recipes, offcut tests and drills, without pictures.
Result<QByteArray> json_of(const Journal& journal);
/// A line a work: id, title, paper, dates, passes, minutes.
Result<QByteArray> works_csv(const Journal& journal);
/// A line a pass of a work.
QByteArray passes_csv(const std::vector<DonePass>& passes);

}  // namespace yd::journal
