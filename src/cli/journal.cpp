// SPDX-License-Identifier: MIT
#include "journal/journal.h"

#include <QDateTime>
#include <QDir>
#include <QFileInfo>
#include <cstdio>

#include "commands.h"
#include "files/same.h"
#include "files/write.h"
#include "journal/take_out.h"
#include "support/plain_line.h"
#include "work.h"

namespace yd::cli {
namespace {

QString file_of(const JournalArguments& a) {
  return a.file.empty() ? QDir(journal::usual_folder()).filePath(journal::kJournalFile)
                        : QString::fromStdString(a.file);
}

Result<std::unique_ptr<journal::Journal>> open(const JournalArguments& a) {
  const QString file = file_of(a);
  if (!QFileInfo::exists(file)) return Error{Error::Code::not_found, file.toStdString(), "there is no journal"};
  return journal::Journal::open_to_read(file);
}

/// A line, whatever a title holds.
void print_line(const QString& text) { std::printf("%s\n", plain_line(text.toStdString()).c_str()); }

/// As it is but for what would steer the terminal.
void print_text(const QString& text) {
  for (const QString& line : text.split('\n')) print_line(line);
}

QString day(qint64 at_s) { return QDateTime::fromSecsSinceEpoch(at_s).toString("yyyy-MM-dd"); }

/// The one work whose id or title begins so.
Result<QString> work_named(const journal::Journal& j, const std::string& wanted) {
  const auto works = j.works();
  if (!works) return works.error();
  const QString text = QString::fromStdString(wanted);
  QStringList found;
  for (const journal::Work& w : works.value()) {
    if (w.id.startsWith(text) || w.title.startsWith(text, Qt::CaseInsensitive)) found << w.id;
  }
  if (found.size() == 1) return found.first();
  return bad_value("--work", found.isEmpty() ? "\"" + wanted + "\" is not in the journal; journal list shows what is"
                                             : "\"" + wanted + "\" may be several works; give more of its id");
}

Result<journal::Query> query_of(const JournalArguments& a) {
  journal::Query out;
  out.words = QString::fromStdString(a.words);
  if (a.like.empty()) return out;
  const auto lab = parse_lab(a.like, "--like");
  if (!lab) return lab.error();
  out.like = lab.value();
  return out;
}

}  // namespace

Status run_journal_list(const JournalArguments& a) {
  const auto j = open(a);
  if (!j) return j.error();
  const auto query = query_of(a);
  if (!query) return query.error();
  const auto works = j.value()->works(query.value());
  if (!works) return works.error();
  for (const journal::Work& w : works.value()) {
    print_line(QString("%1  %2  %3 of %4 passes  %5, %6")
                   .arg(w.id.left(8), day(w.touched_s))
                   .arg(w.done, 3)
                   .arg(w.passes, 3)
                   .arg(w.title, w.paper));
  }
  return success();
}

Status run_journal_show(const JournalArguments& a) {
  const auto j = open(a);
  if (!j) return j.error();
  const auto id = work_named(*j.value(), a.work);
  if (!id) return id.error();
  const auto text = journal::markdown_of(*j.value(), id.value());
  if (!text) return text.error();
  print_text(text.value());
  return success();
}

Status run_journal_recipes(const JournalArguments& a) {
  const auto j = open(a);
  if (!j) return j.error();
  const auto query = query_of(a);
  if (!query) return query.error();
  const auto recipes = j.value()->recipes(query.value());
  if (!recipes) return recipes.error();
  for (const journal::Recipe& r : recipes.value()) print_line(QString("%1 (%2): %3").arg(r.title, r.paper, r.words));
  return success();
}

Status run_journal_export(const JournalArguments& a) {
  // The program's own journal is named by no option.
  if (Status may = files::is_no_input(QString::fromStdString(a.to), {file_of(a)}); !may) return may;
  const auto j = open(a);
  if (!j) return j.error();
  const QString to = QString::fromStdString(a.to);
  if (!a.work.empty()) {
    const auto id = work_named(*j.value(), a.work);
    if (!id) return id.error();
    if (to.endsWith(".zip", Qt::CaseInsensitive)) return journal::write_folder(*j.value(), id.value(), to);
    const auto text = journal::markdown_of(*j.value(), id.value());
    if (!text) return text.error();
    return files::write_bytes(to, text.value().toUtf8());
  }
  const auto bytes =
      to.endsWith(".csv", Qt::CaseInsensitive) ? journal::works_csv(*j.value()) : journal::json_of(*j.value());
  if (!bytes) return bytes.error();
  return files::write_bytes(to, bytes.value());
}

}  // namespace yd::cli
