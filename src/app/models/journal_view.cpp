// SPDX-License-Identifier: MIT
#include "models/journal_view.h"
#include "pictures/screen.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QLocale>
#include <cmath>

#include "advice/usage.h"
#include "colour/words.h"
#include "exports/pass_words.h"
#include "looks/images.h"
#include "looks/translate.h"
#include "words/seen.h"
#include "words/lengths.h"
#include "words/number.h"

namespace yd::app {
namespace {

QString day(qint64 at_s) {
  return QLocale().toString(QDateTime::fromSecsSinceEpoch(at_s).date(), QLocale::ShortFormat);
}
QString moment(qint64 at_s) { return QLocale().toString(QDateTime::fromSecsSinceEpoch(at_s), QLocale::ShortFormat); }

double share_left(const QString& stick_id, const Materials& materials) {
  for (const media::Collection& c : materials.collections) {
    for (const media::Stick& s : c.sticks) {
      if (QString::fromStdString(s.id) == stick_id) return s.owned ? s.left : 0;
    }
  }
  return -1;
}

QString factor(double f) {
  return f >= 1 ? tr("%1 times as long").arg(words::number(f, 1)) : tr("%1 of the time").arg(words::number(f, 1));
}

}  // namespace

Result<QList<JournalRow>> work_rows(const journal::Journal& journal, const journal::Query& query) {
  const auto works = journal.works(query);
  if (!works) return works.error();
  QList<JournalRow> out;
  for (const journal::Work& w : works.value()) {
    const QString state =
        w.done >= w.passes && w.passes > 0 ? tr("finished") : tr("%1 of %n pass(es)", nullptr, w.passes).arg(w.done);
    out.append({w.id, w.title, tr("%1 · %2 · %3").arg(day(w.touched_s), state, w.paper), w.subject});
  }
  return out;
}

QList<JournalRow> recipe_rows(const std::vector<journal::Recipe>& recipes) {
  QList<JournalRow> out;
  for (const journal::Recipe& r : recipes) {
    QStringList sticks;
    for (const journal::RecipeLayer& l : r.layers) sticks << l.stick;
    out.append({QString::number(r.id), r.title, sticks.join(tr(", ")), r.swatch});
  }
  return out;
}

Result<WorkView> view_work(const journal::Journal& journal, const QString& id) {
  const auto read = journal.work(id);
  if (!read) return read.error();
  const journal::Work& w = read.value();
  WorkView out;
  out.title = w.title;
  out.file = w.file;
  out.subject = pictures::kept_picture(w.subject);
  out.board = pictures::kept_picture(w.board);
  const auto passes = journal.passes(id);
  if (!passes) return passes.error();
  double minutes = 0;
  for (const journal::Sitting& s : journal::sittings_of(passes.value())) {
    minutes += s.minutes;
    out.sittings
        << tr("%1: %2, %n step(s)", nullptr, s.passes).arg(moment(s.from_s), exports::minutes_words(s.minutes));
  }
  const auto fact = [&out](const QString& label, const QString& number, double bar = -1) {
    out.facts.append({label, number, bar, {}});
  };
  fact(tr("Paper"), tr("%1, %2").arg(w.paper, words::size(w.width_cm, w.height_cm)));
  fact(tr("Passes"), tr("%1 of %2").arg(w.done).arg(w.passes), w.passes > 0 ? double(w.done) / w.passes : -1);
  fact(tr("Planned"), exports::minutes_words(w.minutes));
  fact(tr("At work"), minutes > 0 ? exports::minutes_words(minutes) : tr("not yet"));
  fact(tr("Sticks"), QString::number(w.sticks.size()));
  fact(tr("As seen"), words::seen_with_number(w.as_seen));
  const auto notes = journal.notes(id);
  if (!notes) return notes.error();
  for (const journal::Note& n : notes.value()) out.notes.append({n.id, day(n.at_s), n.text});
  const auto recipes = journal.recipes_of(id);
  if (!recipes) return recipes.error();
  out.recipes = recipe_rows(recipes.value());
  const auto photos = journal.photos(id);
  if (!photos) return photos.error();
  for (const journal::Photo& p : photos.value())
    out.photos.append({QString::number(p.id), moment(p.at_s), p.findings, p.picture});
  return out;
}

QList<StockRow> stock_rows(const std::vector<journal::Use>& uses, const Materials& materials) {
  QList<StockRow> out;
  for (const journal::Use& u : uses) {
    StockRow row{u.stick, to_colour(u.lab), u.length_mm, -1, false};
    const double left = share_left(u.stick_id, materials);
    if (left >= 0) {
      row.left_mm = left * media::facts(u.medium).length_mm;
      row.runs_out = u.share > left;
    }
    out.append(row);
  }
  return out;
}

QStringList shopping_list(const QList<StockRow>& stock, const std::vector<std::pair<QString, int>>& next) {
  QStringList out;
  for (const StockRow& s : stock) {
    if (s.runs_out)
      out << tr("%1: runs out, %2 mm needed, %3 mm left")
                 .arg(s.name)
                 .arg(words::number(s.needed_mm, 0))
                 .arg(words::number(s.left_mm, 0));
  }
  for (const auto& [name, works] : next) out << tr("%1: would help %n work(s) most", nullptr, works).arg(name);
  return out;
}

QStringList hand_lines(const std::vector<journal::OffcutTest>& tests) {
  QStringList out;
  for (const journal::OffcutTest& t : tests) {
    const QString who = t.artist.isEmpty() ? tr("a hand without a name") : t.artist;
    const QString off = t.off >= 0 ? tr(", left-out strokes off by %1").arg(words::number(t.off, 1)) : QString();
    out << tr("%1: %2, %n stroke(s) on %3%4", nullptr, t.strokes).arg(day(t.at_s), who, t.paper, off);
  }
  return out;
}

QList<Fact> pace_facts(const calibrate::PaceFit& fit) {
  QList<Fact> out;
  const auto fact = [&out](const QString& label, const QString& number) { out.append({label, number, -1, {}}); };
  fact(tr("Passes timed"), QString::number(fit.passes));
  if (fit.passes == 0) return out;
  fact(tr("Our guess is off by a factor of"), words::number(fit.off_before, 2));
  if (fit.passes < calibrate::kFewestTimes) return out;
  fact(tr("With your times"), words::number(fit.off_after, 2));
  for (const auto m : media::all_media()) fact(exports::medium_name(m), factor(fit.pace.of(m)));
  fact(tr("wet coats"), factor(fit.pace.brush));
  return out;
}

}  // namespace yd::app
