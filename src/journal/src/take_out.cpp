// SPDX-License-Identifier: MIT
#include "journal/take_out.h"

#include <QDateTime>
#include <algorithm>
#include <nlohmann/json.hpp>

#include "files/write.h"
#include "formats/csv.h"
#include "formats/plan_json.h"
#include "media/collection.h"
#include "media_names.h"

namespace yd::journal {
namespace {

using nlohmann::json;

QString day(qint64 at_s) { return QDateTime::fromSecsSinceEpoch(at_s).toString("yyyy-MM-dd hh:mm"); }

/// A field of a CSV line (RFC 4180).
QString field(const QString& text) {
  if (!text.contains(',') && !text.contains('"') && !text.contains('\n')) return text;
  return QString::fromUtf8(formats::csv_quoted(text.toStdString()));
}

QString line(const QStringList& fields) {
  QStringList out;
  for (const QString& f : fields) out << field(f);
  return out.join(',') + "\r\n";
}

/// Text of the artist's within a line of Markdown.
QString plain(QString text) {
  static const QString signs("\\`*_{}[]<>#|");
  QString out;
  for (const QChar c : text.replace('\n', ' ')) {
    if (signs.contains(c)) out += '\\';
    out += c;
  }
  return out;
}

std::string text(const QString& s) { return s.toStdString(); }

json to_json(const Recipe& r) {
  json layers = json::array();
  for (const RecipeLayer& l : r.layers) {
    layers.push_back({{"stick", text(l.stick_id)},
                      {"name", text(l.stick)},
                      {"medium", std::string(media::name(l.medium))},
                      {"lab", formats::lab_to_json(l.lab)},
                      {"pressure", l.pressure},
                      {"technique", l.rubbed ? "rubbed" : "laid"}});
  }
  json used = json::array();
  for (const RecipeUse& u : r.used)
    used.push_back({{"work", text(u.work)}, {"title", text(u.title)}, {"place", text(u.place)}, {"at", u.at_s}});
  return {{"title", text(r.title)},      {"used", std::move(used)},
          {"words", text(r.words)},      {"lab", formats::lab_to_json(r.lab)},
          {"paper", text(r.paper)},      {"at", r.at_s},
          {"layers", std::move(layers)}, {"work", text(r.work)}};
}

json to_json(const std::vector<Recipe>& recipes) {
  json out = json::array();
  for (const Recipe& r : recipes) out.push_back(to_json(r));
  return out;
}

QByteArray bytes(const json& j) { return QByteArray::fromStdString(j.dump(1) + "\n"); }

/// Pictures by their first bytes.
const char* ending(const QByteArray& picture) { return picture.startsWith("\x89PNG") ? "png" : "jpg"; }
QString photo_name(std::size_t number, const Photo& p) {
  return QString("photo-%1.%2").arg(number + 1).arg(ending(p.picture));
}
QString swatch_name(std::size_t number, const Recipe& r) {
  return QString("recipe-%1.%2").arg(number + 1).arg(ending(r.swatch));
}

/// Everything of one work.
struct Whole {
  Work work;
  std::vector<DonePass> passes;
  std::vector<Recipe> recipes;
  std::vector<Note> notes;
  std::vector<Photo> photos;
};

Result<Whole> whole_of(const Journal& j, const QString& id) {
  auto work = j.work(id);
  if (!work) return work.error();
  auto passes = j.passes(id);
  if (!passes) return passes.error();
  auto recipes = j.recipes_of(id);
  if (!recipes) return recipes.error();
  auto notes = j.notes(id);
  if (!notes) return notes.error();
  auto photos = j.photos(id);
  if (!photos) return photos.error();
  return Whole{std::move(work).value(), std::move(passes).value(), std::move(recipes).value(), std::move(notes).value(),
               std::move(photos).value()};
}

QString told_work(const Whole& w) {
  QString out = QString("# %1\n\n").arg(plain(w.work.title));
  if (!w.work.subject.isEmpty()) out += QString("![Subject](subject.%1) ").arg(ending(w.work.subject));
  if (!w.work.board.isEmpty()) out += QString("![Board as planned](board.%1)").arg(ending(w.work.board));
  out += QString(
             "\n\n| | |\n|---|---|\n| Begun | %1 |\n| Last at it | %2 |\n| Paper | %3, %4 × %5 cm |\n"
             "| Passes | %6 of %7 done |\n| Planned | %8 min |\n")
             .arg(day(w.work.begun_s), day(w.work.touched_s), plain(w.work.paper))
             .arg(w.work.width_cm, 0, 'f', 1)
             .arg(w.work.height_cm, 0, 'f', 1)
             .arg(w.work.done)
             .arg(w.work.passes)
             .arg(w.work.minutes, 0, 'f', 0);
  return out;
}

QString told_sticks(const Whole& w) {
  if (w.work.sticks.empty()) return {};
  QString out = "\n## Sticks\n\n| Stick | Kind | Worn off, mm |\n|---|---|---:|\n";
  for (const Use& u : w.work.sticks)
    out += QString("| %1 | %2 | %3 |\n").arg(plain(u.stick), name_of(u.medium)).arg(u.length_mm, 0, 'f', 1);
  return out;
}

QString told_sittings(const Whole& w) {
  const auto sittings = sittings_of(w.passes);
  if (sittings.empty()) return {};
  QString out = "\n## Sittings\n\n";
  for (const Sitting& s : sittings)
    out += QString("- %1: %2 min, %3 steps\n").arg(day(s.from_s)).arg(s.minutes, 0, 'f', 0).arg(s.passes);
  return out;
}

QString told_recipes(const Whole& w) {
  QString out;
  if (!w.recipes.empty()) out += "\n## Recipes\n";
  for (std::size_t i = 0; i < w.recipes.size(); ++i) {
    const Recipe& r = w.recipes[i];
    out += QString("\n### %1\n\n").arg(plain(r.title));
    if (!r.swatch.isEmpty()) out += QString("![%1](%2)\n\n").arg(plain(r.title), swatch_name(i, r));
    out += plain(r.words) + "\n";
    for (const RecipeUse& u : r.used)
      out += QString("\nUsed again for %1 in %2, %3.\n").arg(plain(u.place), plain(u.title), day(u.at_s));
  }
  return out;
}

QString told_rest(const Whole& w) {
  QString out;
  if (!w.notes.empty()) out += "\n## Notes\n\n";
  for (const Note& n : w.notes) out += QString("- %1: %2\n").arg(day(n.at_s), plain(n.text));
  if (!w.photos.empty()) out += "\n## Photographs\n\n";
  for (std::size_t i = 0; i < w.photos.size(); ++i)
    out += QString("![%1](%2)\n\n%3\n\n")
               .arg(day(w.photos[i].at_s), photo_name(i, w.photos[i]), plain(w.photos[i].findings));
  return out;
}

QString told(const Whole& w) {
  return told_work(w) + told_sticks(w) + told_sittings(w) + told_recipes(w) + told_rest(w);
}

}  // namespace

QByteArray passes_csv(const std::vector<DonePass>& passes) {
  QString out = line({"pass", "stick", "medium", "area_cm2", "guessed_minutes", "minutes", "at", "skipped", "note"});
  for (const DonePass& p : passes) {
    out += line({p.title, p.stick_id, p.medium ? name_of(*p.medium) : QString(), QString::number(p.area_cm2, 'f', 1),
                 QString::number(p.guessed_minutes, 'f', 2), QString::number(p.minutes, 'f', 2), day(p.at_s),
                 p.skipped ? "yes" : "no", p.note});
  }
  return out.toUtf8();
}

Result<QString> markdown_of(const Journal& journal, const QString& work) {
  const auto whole = whole_of(journal, work);
  if (!whole) return whole.error();
  return told(whole.value());
}

Result<formats::Entries> folder_of(const Journal& journal, const QString& work) {
  const auto read = whole_of(journal, work);
  if (!read) return read.error();
  const Whole& w = read.value();
  formats::Entries out;
  out["work.md"] = told(w).toUtf8();
  if (!w.work.subject.isEmpty()) out[std::string("subject.") + ending(w.work.subject)] = w.work.subject;
  if (!w.work.board.isEmpty()) out[std::string("board.") + ending(w.work.board)] = w.work.board;
  if (!w.work.plan.isEmpty()) out["plan.json"] = w.work.plan;
  out["passes.csv"] = passes_csv(w.passes);
  out["recipes.json"] = bytes(to_json(w.recipes));
  for (std::size_t i = 0; i < w.photos.size(); ++i) out[text(photo_name(i, w.photos[i]))] = w.photos[i].picture;
  for (std::size_t i = 0; i < w.recipes.size(); ++i) {
    if (!w.recipes[i].swatch.isEmpty()) out[text(swatch_name(i, w.recipes[i]))] = w.recipes[i].swatch;
  }
  return out;
}

Status write_folder(const Journal& journal, const QString& work, const QString& file) {
  const auto entries = folder_of(journal, work);
  if (!entries) return entries.error();
  const auto bytes = formats::pack_archive(entries.value());
  if (!bytes) return bytes.error();
  return files::write_bytes(file, bytes.value());
}

Result<QByteArray> works_csv(const Journal& journal) {
  const auto works = journal.works();
  if (!works) return works.error();
  QString out = line({"id", "title", "paper", "width_cm", "height_cm", "begun", "touched", "passes", "done",
                      "planned_minutes", "as_seen_de00", "file"});
  for (const Work& w : works.value()) {
    out += line({w.id, w.title, w.paper, QString::number(w.width_cm), QString::number(w.height_cm), day(w.begun_s),
                 day(w.touched_s), QString::number(w.passes), QString::number(w.done),
                 QString::number(w.minutes, 'f', 1), QString::number(w.as_seen, 'f', 2), w.file});
  }
  return out.toUtf8();
}

Result<QByteArray> json_of(const Journal& journal) {
  const auto works = journal.works();
  if (!works) return works.error();
  const auto recipes = journal.recipes();
  if (!recipes) return recipes.error();
  const auto tests = journal.offcut_tests();
  if (!tests) return tests.error();
  const auto drills = journal.drills();
  if (!drills) return drills.error();
  json out = {{"format", "yawning-dune journal"}, {"version", kSchema}};
  for (const Work& w : works.value()) {
    out["works"].push_back({{"id", text(w.id)},
                            {"title", text(w.title)},
                            {"paper", text(w.paper)},
                            {"begun", w.begun_s},
                            {"touched", w.touched_s},
                            {"passes", w.passes},
                            {"done", w.done},
                            {"planned_minutes", w.minutes}});
  }
  out["recipes"] = to_json(recipes.value());
  for (const OffcutTest& t : tests.value())
    out["offcut_tests"].push_back({{"at", t.at_s},
                                   {"artist", text(t.artist)},
                                   {"paper", text(t.paper)},
                                   {"strokes", t.strokes},
                                   {"off_de00", t.off},
                                   {"readings", text(QString::fromUtf8(t.readings))}});
  for (const Drill& d : drills.value()) {
    out["drills"].push_back({{"at", d.at_s},
                             {"kind", text(d.kind)},
                             {"trials", d.trials},
                             {"bias", d.bias},
                             {"bias_sd", d.bias_sd},
                             {"threshold", d.threshold},
                             {"threshold_sd", d.threshold_sd},
                             {"right", d.right},
                             {"of", text(d.detail)}});
  }
  return bytes(out);
}

}  // namespace yd::journal
