// SPDX-License-Identifier: MIT
#include "find.h"
#include "journal/journal.h"
#include "statement.h"

namespace yd::journal {
namespace {

/// The notes of a work as one text to be found by.
Status index_notes(const QSqlDatabase& database, const QString& work) {
  Statement s(database, "SELECT text FROM notes WHERE work = ?");
  if (Status run = s.bind(work).run(); !run) return run;
  QStringList texts;
  while (s.next()) texts << s.text(0);
  return note_text(database, "note of", work, texts.join('\n'));
}

/// Does `write` to the note and brings what its work is found by up to date, as one.
template <class Write>
Status write_note(QSqlDatabase db, qint64 id, Write write) {
  Transaction all(db);
  if (!all.begun()) return all.begun();
  Statement of(db, "SELECT work FROM notes WHERE id = ?");
  if (Status run = of.bind(id).run(); !run) return run;
  const QString work = of.next() ? of.text(0) : QString();
  if (Status done = write(db); !done) return done;
  if (Status done = index_notes(db, work); !done) return done;
  return all.commit();
}

Result<qint64> inserted(Statement& s) {
  if (const Status done = s.run(); !done) return done.error();
  return s.last_id();
}

}  // namespace

Result<qint64> Journal::add_note(const QString& work, const Note& note) {
  QSqlDatabase db = database();
  Transaction all(db);
  if (!all.begun()) return all.begun().error();
  Statement s(db, "INSERT INTO notes (work, at_s, text) VALUES (?,?,?)");
  auto id = inserted(s.bind(work, note.at_s, note.text));
  if (!id) return id;
  if (const Status done = index_notes(db, work); !done) return done.error();
  if (const Status done = all.commit(); !done) return done.error();
  return id;
}

Status Journal::change_note(qint64 id, const QString& text) {
  return write_note(database(), id, [&](const QSqlDatabase& db) {
    return Statement(db, "UPDATE notes SET text = ? WHERE id = ?").bind(text, id).run();
  });
}

Status Journal::remove_note(qint64 id) {
  return write_note(database(), id, [&](const QSqlDatabase& db) {
    return Statement(db, "DELETE FROM notes WHERE id = ?").bind(id).run();
  });
}

Result<std::vector<Note>> Journal::notes(const QString& work) const {
  Statement s(database(), "SELECT id, at_s, text FROM notes WHERE work = ? ORDER BY at_s, id");
  if (const Status run = s.bind(work).run(); !run) return run.error();
  std::vector<Note> out;
  while (s.next()) out.push_back({s.whole(0), s.whole(1), s.text(2)});
  return out;
}

Result<qint64> Journal::add_photo(const QString& work, const Photo& photo) {
  Statement s(database(), "INSERT INTO photos (work, at_s, picture, findings) VALUES (?,?,?,?)");
  return inserted(s.bind(work, photo.at_s, photo.picture, photo.findings));
}

Result<std::vector<Photo>> Journal::photos(const QString& work) const {
  Statement s(database(), "SELECT id, at_s, picture, findings FROM photos WHERE work = ? ORDER BY at_s, id");
  if (const Status run = s.bind(work).run(); !run) return run.error();
  std::vector<Photo> out;
  while (s.next()) out.push_back({s.whole(0), s.whole(1), s.bytes(2), s.text(3)});
  return out;
}

Result<qint64> Journal::add(const OffcutTest& t) {
  Statement s(database(), "INSERT INTO offcuts (at_s, artist, paper, strokes, off, readings) VALUES (?,?,?,?,?,?)");
  return inserted(s.bind(t.at_s, t.artist, t.paper, t.strokes, t.off, t.readings));
}

Result<std::vector<OffcutTest>> Journal::offcut_tests() const {
  Statement s(database(), "SELECT id, at_s, artist, paper, strokes, off, readings FROM offcuts ORDER BY at_s DESC");
  if (const Status run = s.run(); !run) return run.error();
  std::vector<OffcutTest> out;
  while (s.next()) {
    out.push_back(
        {s.whole(0), s.whole(1), s.text(2), s.text(3), static_cast<int>(s.whole(4)), s.number(5), s.bytes(6)});
  }
  return out;
}

Result<qint64> Journal::add(const Drill& d) {
  Statement s(database(),
              "INSERT INTO drills (at_s, kind, trials, bias, bias_sd, threshold, threshold_sd, share, detail) VALUES "
              "(?,?,?,?,?,?,?,?,?)");
  return inserted(s.bind(d.at_s, d.kind, d.trials, d.bias, d.bias_sd, d.threshold, d.threshold_sd, d.right, d.detail));
}

Result<std::vector<Drill>> Journal::drills(const QString& kind) const {
  Statement s(database(),
              "SELECT id, at_s, kind, trials, bias, bias_sd, threshold, threshold_sd, share, detail FROM drills WHERE "
              "? = '' OR kind = ? ORDER BY at_s, id");
  if (const Status run = s.bind(kind, kind).run(); !run) return run.error();
  std::vector<Drill> out;
  while (s.next()) {
    out.push_back({s.whole(0), s.whole(1), s.text(2), static_cast<int>(s.whole(3)), s.number(4), s.number(5),
                   s.number(6), s.number(7), s.number(8), s.text(9)});
  }
  return out;
}

}  // namespace yd::journal
