// SPDX-License-Identifier: MIT
#include <QSqlError>
#include <algorithm>

#include "find.h"
#include "journal/journal.h"
#include "media_names.h"
#include "statement.h"

namespace yd::journal {
namespace {

constexpr const char* kWorkColumns =
    "w.id, w.title, w.file, w.paper_id, w.paper, w.collection_id, w.width_cm, w.height_cm, w.begun_s, w.touched_s, "
    "w.passes, w.done, w.minutes, w.as_seen, w.next_stick";
constexpr int kAfterWork = 15;
constexpr int kMostListed = 5000;

Work read_work(const Statement& s) {
  Work w;
  w.id = s.text(0);
  w.title = s.text(1);
  w.file = s.text(2);
  w.paper_id = s.text(3);
  w.paper = s.text(4);
  w.collection_id = s.text(5);
  w.width_cm = s.number(6);
  w.height_cm = s.number(7);
  w.begun_s = s.whole(8);
  w.touched_s = s.whole(9);
  w.passes = static_cast<int>(s.whole(10));
  w.done = static_cast<int>(s.whole(11));
  w.minutes = s.number(12);
  w.as_seen = s.number(13);
  w.next_stick = s.text(14);
  return w;
}

Use read_use(const Statement& s) {
  return {s.text(0), s.text(1), medium_in(s, 2), {s.number(3), s.number(4), s.number(5)}, s.number(6), s.number(7)};
}

constexpr const char* kUseColumns = "stick_id, stick, medium, l, a, b, length_mm, share";

DonePass read_pass(const Statement& s) {
  DonePass p;
  p.pass = s.text(0);
  p.title = s.text(1);
  if (!s.value(2).isNull()) p.medium = medium_in(s, 2);
  p.stick_id = s.text(3);
  p.area_cm2 = s.number(4);
  p.guessed_minutes = s.number(5);
  p.minutes = s.number(6);
  p.at_s = s.whole(7);
  p.skipped = s.whole(8) != 0;
  p.note = s.text(9);
  return p;
}

constexpr const char* kPassColumns = "pass, title, medium, stick_id, area_cm2, guessed, minutes, at_s, skipped, note";

Result<std::vector<DonePass>> read_passes(Statement s) {
  if (const Status run = s.run(); !run) return run.error();
  std::vector<DonePass> out;
  while (s.next()) out.push_back(read_pass(s));
  return out;
}

QString work_text(const Work& w) {
  QStringList out{w.title, w.paper};
  for (const Use& u : w.sticks) out << u.stick;
  return out.join(' ');
}

}  // namespace

Status Journal::put(const Work& w) {
  QSqlDatabase db = database();
  Transaction all(db);
  if (!all.begun()) return all.begun();
  Statement work(db,
                 "INSERT INTO works VALUES (?,?,?,?,?,?,?,?,?,?,?,?,?,?,?) ON CONFLICT (id) DO UPDATE SET "
                 "title = excluded.title, file = excluded.file, paper_id = excluded.paper_id, paper = excluded.paper, "
                 "collection_id = excluded.collection_id, width_cm = excluded.width_cm, height_cm = "
                 "excluded.height_cm, touched_s = excluded.touched_s, passes = excluded.passes, done = excluded.done, "
                 "minutes = excluded.minutes, as_seen = excluded.as_seen, next_stick = excluded.next_stick");
  work.bind(w.id, w.title, w.file, w.paper_id, w.paper, w.collection_id, w.width_cm, w.height_cm, w.begun_s,
            w.touched_s, w.passes, w.done, w.minutes, w.as_seen, w.next_stick);
  if (Status done = work.run(); !done) return done;
  Statement pictures(db, "INSERT OR REPLACE INTO pictures VALUES (?,?,?,?)");
  if (Status done = pictures.bind(w.id, w.subject, w.board, qCompress(w.plan)).run(); !done) return done;
  if (Status done = Statement(db, "DELETE FROM uses WHERE work = ?").bind(w.id).run(); !done) return done;
  for (const Use& u : w.sticks) {
    Statement use(db, QString("INSERT OR REPLACE INTO uses (work, %1) VALUES (?,?,?,?,?,?,?,?,?)").arg(kUseColumns));
    use.bind(w.id, u.stick_id, u.stick, name_of(u.medium), u.lab.l, u.lab.a, u.lab.b, u.length_mm, u.share);
    if (Status done = use.run(); !done) return done;
  }
  if (Status done = note_text(db, "work", w.id, work_text(w)); !done) return done;
  return all.commit();
}

Status Journal::remove_work(const QString& id) {
  QSqlDatabase db = database();
  Transaction all(db);
  if (!all.begun()) return all.begun();
  if (Status done = Statement(db, "DELETE FROM works WHERE id = ?").bind(id).run(); !done) return done;
  for (const char* kind : {"work", "note of"}) {
    if (Status done = forget_text(db, kind, id); !done) return done;
  }
  return all.commit();
}

Result<Works> Journal::works(const Query& q) const {
  Filter filter = filter_of(q, "w.touched_s");
  if (!q.words.trimmed().isEmpty()) {
    const auto refs = found_refs(database(), {"work", "note of"}, q.words);
    if (!refs) return refs.error();
    filter.add("w.id IN (SELECT value FROM json_each(?))", refs.value());
  }
  if (!q.stick_id.isEmpty()) filter.add("w.id IN (SELECT work FROM uses WHERE stick_id = ?)", q.stick_id);
  QSet<QString> near;
  if (q.like) {
    auto found = uses_like(database(), *q.like, q.within);
    if (!found) return found.error();
    near = found.value();
  }
  Statement s(database(), QString("SELECT %1, p.subject FROM works w LEFT JOIN pictures p ON p.work = w.id%2 ORDER BY "
                                  "w.touched_s DESC LIMIT %3")
                              .arg(kWorkColumns, filter.where())
                              .arg(kMostListed));
  filter.bind_to(s);
  if (const Status run = s.run(); !run) return run.error();
  Works out;
  while (s.next()) {
    if (q.like && !near.contains(s.text(0))) continue;
    out.push_back(read_work(s));
    out.back().subject = s.bytes(kAfterWork);
  }
  return out;
}

Result<Work> Journal::head(const QString& id) const {
  Statement s(database(), QString("SELECT %1 FROM works w WHERE w.id = ?").arg(kWorkColumns));
  if (const Status run = s.bind(id).run(); !run) return run.error();
  if (!s.next()) return Error{Error::Code::not_found, file_.toStdString(), "holds no such work"};
  return read_work(s);
}

Result<Work> Journal::work(const QString& id) const {
  Statement s(database(),
              QString("SELECT %1, p.subject, p.board, p.plan FROM works w LEFT JOIN pictures p ON p.work = w.id WHERE "
                      "w.id = ?")
                  .arg(kWorkColumns));
  if (const Status run = s.bind(id).run(); !run) return run.error();
  if (!s.next()) return Error{Error::Code::not_found, file_.toStdString(), "holds no such work"};
  Work out = read_work(s);
  out.subject = s.bytes(kAfterWork);
  out.board = s.bytes(kAfterWork + 1);
  out.plan = qUncompress(s.bytes(kAfterWork + 2));
  Statement uses(database(), QString("SELECT %1 FROM uses WHERE work = ? ORDER BY l").arg(kUseColumns));
  if (const Status run = uses.bind(id).run(); !run) return run.error();
  while (uses.next()) out.sticks.push_back(read_use(uses));
  return out;
}

Status Journal::put_passes(const QString& work, const std::vector<DonePass>& passes, const std::vector<qint64>& still) {
  QSqlDatabase db = database();
  Transaction all(db);
  if (!all.begun()) return all.begun();
  QStringList times;
  for (const qint64 at_s : still) times << QString::number(at_s);
  const QString gone = QString("DELETE FROM passes WHERE work = ? AND at_s NOT IN (%1)").arg(times.join(','));
  if (Status done = Statement(db, gone).bind(work).run(); !done) return done;
  for (const DonePass& p : passes) {
    Statement pass(
        db, QString("INSERT OR REPLACE INTO passes (work, %1) VALUES (?,?,?,?,?,?,?,?,?,?,?)").arg(kPassColumns));
    const QVariant medium = p.medium ? QVariant(name_of(*p.medium)) : QVariant();
    pass.bind(work, p.pass, p.title, medium, p.stick_id, p.area_cm2, p.guessed_minutes, p.minutes, p.at_s,
              p.skipped ? 1 : 0, p.note);
    if (Status done = pass.run(); !done) return done;
  }
  return all.commit();
}

Result<std::vector<DonePass>> Journal::passes(const QString& work) const {
  Statement s(database(), QString("SELECT %1 FROM passes WHERE work = ? ORDER BY at_s").arg(kPassColumns));
  s.bind(work);
  return read_passes(std::move(s));
}

Result<std::vector<DonePass>> Journal::timed_passes(int most) const {
  Statement s(
      database(),
      QString("SELECT %1 FROM passes WHERE guessed > 0 AND skipped = 0 ORDER BY at_s DESC LIMIT ?").arg(kPassColumns));
  s.bind(most);
  return read_passes(std::move(s));
}

Result<std::vector<Use>> Journal::planned_uses() const {
  Statement s(
      database(),
      "SELECT stick_id, stick, medium, l, a, b, SUM(length_mm), SUM(share) FROM uses JOIN works w ON w.id = work "
      "WHERE w.done < w.passes GROUP BY stick_id ORDER BY SUM(share) DESC");
  if (const Status run = s.run(); !run) return run.error();
  std::vector<Use> out;
  while (s.next()) out.push_back(read_use(s));
  return out;
}

Result<std::vector<std::pair<QString, int>>> Journal::next_sticks() const {
  Statement s(database(),
              "SELECT next_stick, COUNT(*) FROM works WHERE next_stick <> '' AND done < passes GROUP BY next_stick "
              "ORDER BY COUNT(*) DESC, next_stick");
  if (const Status run = s.run(); !run) return run.error();
  std::vector<std::pair<QString, int>> out;
  while (s.next()) out.emplace_back(s.text(0), static_cast<int>(s.whole(1)));
  return out;
}

std::vector<Sitting> sittings_of(std::vector<DonePass> passes) {
  std::sort(passes.begin(), passes.end(), [](const DonePass& p, const DonePass& q) { return p.at_s < q.at_s; });
  std::vector<Sitting> out;
  for (const DonePass& p : passes) {
    if (p.at_s == 0) continue;
    const auto took_s = static_cast<qint64>(p.skipped ? 0 : 60 * p.minutes);
    const qint64 from_s = p.at_s - took_s;
    if (out.empty() || from_s - out.back().to_s > kSittingPause_s) out.push_back({from_s, p.at_s, 0, 0});
    out.back().to_s = p.at_s;
    out.back().minutes += p.skipped ? 0 : p.minutes;
    ++out.back().passes;
  }
  return out;
}

}  // namespace yd::journal
