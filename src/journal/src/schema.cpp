// SPDX-License-Identifier: MIT
#include "schema.h"

#include <array>

namespace yd::journal {
namespace {

/// Media were told by their place in a list of five; a name outlives the list.
QStringList media_by_name() {
  QStringList out;
  for (const char* table : {"uses", "passes", "layers"}) {
    const QString name(table);
    out << QString("ALTER TABLE %1 RENAME COLUMN medium TO medium_place").arg(name)
        << QString("ALTER TABLE %1 ADD COLUMN medium TEXT").arg(name)
        << QString(
               "UPDATE %1 SET medium = CASE medium_place WHEN 0 THEN 'pan' WHEN 1 THEN 'pencil' WHEN 2 THEN 'hard' "
               "WHEN 3 THEN 'soft' WHEN 4 THEN 'charcoal' END")
               .arg(name)
        << QString("ALTER TABLE %1 DROP COLUMN medium_place").arg(name);
  }
  return out;
}

}  // namespace

std::span<const QStringList> schema_steps() {
  static const std::array<QStringList, 4> steps{{
      {
          R"(CREATE TABLE works (id TEXT PRIMARY KEY, title TEXT NOT NULL, file TEXT NOT NULL, paper_id TEXT NOT NULL,
              paper TEXT NOT NULL, collection_id TEXT NOT NULL, width_cm REAL NOT NULL, height_cm REAL NOT NULL,
              begun_s INTEGER NOT NULL, touched_s INTEGER NOT NULL, passes INTEGER NOT NULL, done INTEGER NOT NULL,
              minutes REAL NOT NULL, as_seen REAL NOT NULL, next_stick TEXT NOT NULL))",
          "CREATE INDEX works_touched ON works (touched_s)",
          // Pictures stand apart, so that a list does not read past them.
          R"(CREATE TABLE pictures (work TEXT PRIMARY KEY REFERENCES works (id) ON DELETE CASCADE, subject BLOB,
              board BLOB, plan BLOB))",
          R"(CREATE TABLE uses (work TEXT NOT NULL REFERENCES works (id) ON DELETE CASCADE, stick_id TEXT NOT NULL,
              stick TEXT NOT NULL, medium INTEGER NOT NULL, l REAL NOT NULL, a REAL NOT NULL, b REAL NOT NULL,
              length_mm REAL NOT NULL, share REAL NOT NULL, PRIMARY KEY (work, stick_id)) WITHOUT ROWID)",
          "CREATE INDEX uses_stick ON uses (stick_id)",
          R"(CREATE TABLE passes (work TEXT NOT NULL REFERENCES works (id) ON DELETE CASCADE, pass TEXT NOT NULL,
              title TEXT NOT NULL, medium INTEGER, stick_id TEXT NOT NULL, area_cm2 REAL NOT NULL, guessed REAL NOT NULL,
              minutes REAL NOT NULL, at_s INTEGER NOT NULL, skipped INTEGER NOT NULL, note TEXT NOT NULL,
              PRIMARY KEY (work, at_s, pass)) WITHOUT ROWID)",
          R"(CREATE TABLE recipes (id INTEGER PRIMARY KEY, work TEXT REFERENCES works (id) ON DELETE SET NULL,
              title TEXT NOT NULL, words TEXT NOT NULL, l REAL NOT NULL, a REAL NOT NULL, b REAL NOT NULL,
              paper_id TEXT NOT NULL, paper TEXT NOT NULL, swatch BLOB, at_s INTEGER NOT NULL))",
          "CREATE INDEX recipes_work ON recipes (work)",
          "CREATE INDEX recipes_l ON recipes (l)",
          R"(CREATE TABLE layers (recipe INTEGER NOT NULL REFERENCES recipes (id) ON DELETE CASCADE, place INTEGER NOT
              NULL, stick_id TEXT NOT NULL, stick TEXT NOT NULL, medium INTEGER NOT NULL, l REAL NOT NULL, a REAL NOT
              NULL, b REAL NOT NULL, pressure REAL NOT NULL, rubbed INTEGER NOT NULL, PRIMARY KEY (recipe, place))
              WITHOUT ROWID)",
          "CREATE INDEX layers_stick ON layers (stick_id)",
          R"(CREATE TABLE notes (id INTEGER PRIMARY KEY, work TEXT NOT NULL REFERENCES works (id) ON DELETE CASCADE,
              at_s INTEGER NOT NULL, text TEXT NOT NULL))",
          "CREATE INDEX notes_work ON notes (work)",
          R"(CREATE TABLE photos (id INTEGER PRIMARY KEY, work TEXT NOT NULL REFERENCES works (id) ON DELETE CASCADE,
              at_s INTEGER NOT NULL, picture BLOB NOT NULL, findings TEXT NOT NULL))",
          "CREATE INDEX photos_work ON photos (work)",
          R"(CREATE TABLE offcuts (id INTEGER PRIMARY KEY, at_s INTEGER NOT NULL, artist TEXT NOT NULL, paper TEXT NOT
              NULL, strokes INTEGER NOT NULL, off REAL NOT NULL, readings BLOB))",
          R"(CREATE VIRTUAL TABLE found USING fts5 (text, kind UNINDEXED, ref UNINDEXED, tokenize = 'unicode61 remove_diacritics 2', prefix = '2 3'))",
      },
      {
          R"(CREATE TABLE drills (id INTEGER PRIMARY KEY, at_s INTEGER NOT NULL, kind TEXT NOT NULL, trials INTEGER NOT
              NULL, bias REAL NOT NULL, bias_sd REAL NOT NULL, threshold REAL NOT NULL, threshold_sd REAL NOT NULL, share
              REAL NOT NULL, detail TEXT NOT NULL))",
          "CREATE INDEX drills_kind ON drills (kind, at_s)",
      },
      {
          // No reference to the work: where a recipe went stays known when that picture is forgotten.
          R"(CREATE TABLE recipe_uses (recipe INTEGER NOT NULL REFERENCES recipes (id) ON DELETE CASCADE, work TEXT NOT
              NULL, title TEXT NOT NULL, place TEXT NOT NULL, at_s INTEGER NOT NULL, PRIMARY KEY (recipe, work, place))
              WITHOUT ROWID)",
      },
      media_by_name(),
  }};
  return steps;
}

}  // namespace yd::journal
