// SPDX-License-Identifier: MIT
#include <QHash>
#include <algorithm>
#include <functional>

#include "colour/ciede2000.h"
#include "find.h"
#include "journal/journal.h"
#include "media_names.h"
#include "statement.h"

namespace yd::journal {
namespace {

constexpr const char* kRecipeColumns = "id, work, title, words, l, a, b, paper_id, paper, swatch, at_s";

QString recipe_text(const Recipe& r) {
  QStringList out{r.title, r.words, r.paper};
  for (const RecipeLayer& l : r.layers) out << l.stick;
  return out.join(' ');
}

/// Recipes by their ids, for what hangs on them: all of it in one query.
struct Listed {
  explicit Listed(std::vector<Recipe>& recipes) {
    for (Recipe& r : recipes) {
      ids << QString::number(r.id);
      by_id.insert(r.id, &r);
    }
  }
  /// `query` has %1 for the ids, and the id of the recipe as its first column.
  Status each(const QSqlDatabase& database, const char* query, const std::function<void(Recipe&, Statement&)>& read) {
    Statement s(database, QString(query).arg(ids.join(',')));
    if (Status run = s.run(); !run) return run;
    while (s.next()) read(*by_id[s.whole(0)], s);
    return success();
  }
  QStringList ids;
  QHash<qint64, Recipe*> by_id;
};

void read_layer(Recipe& r, Statement& s) {
  r.layers.push_back(
      {s.text(1), s.text(2), medium_in(s, 3), {s.number(4), s.number(5), s.number(6)}, s.number(7), s.whole(8) != 0});
}

Status read_parts(const QSqlDatabase& database, std::vector<Recipe>& recipes) {
  Listed listed(recipes);
  if (Status read = listed.each(database,
                                "SELECT recipe, stick_id, stick, medium, l, a, b, pressure, rubbed FROM layers WHERE "
                                "recipe IN (%1) ORDER BY recipe, place",
                                read_layer);
      !read)
    return read;
  return listed.each(database,
                     "SELECT recipe, work, title, place, at_s FROM recipe_uses WHERE recipe IN (%1) ORDER BY recipe, "
                     "at_s DESC",
                     [](Recipe& r, Statement& s) {
                       r.used.push_back({s.text(1), s.text(2), s.text(3), s.whole(4)});
                     });
}

Result<std::vector<Recipe>> read_recipes(const QSqlDatabase& database, Statement s) {
  if (const Status run = s.run(); !run) return run.error();
  std::vector<Recipe> out;
  while (s.next()) {
    Recipe r;
    r.id = s.whole(0);
    r.work = s.text(1);
    r.title = s.text(2);
    r.words = s.text(3);
    r.lab = {s.number(4), s.number(5), s.number(6)};
    r.paper_id = s.text(7);
    r.paper = s.text(8);
    r.swatch = s.bytes(9);
    r.at_s = s.whole(10);
    out.push_back(std::move(r));
  }
  if (const Status read = read_parts(database, out); !read) return read.error();
  return out;
}

Result<qint64> put_row(const QSqlDatabase& db, const Recipe& r) {
  const QVariant id = r.id > 0 ? QVariant(r.id) : QVariant();
  const QVariant work = r.work.isEmpty() ? QVariant() : QVariant(r.work);
  Statement row(db, "INSERT OR REPLACE INTO recipes VALUES (?,?,?,?,?,?,?,?,?,?,?)");
  row.bind(id, work, r.title, r.words, r.lab.l, r.lab.a, r.lab.b, r.paper_id, r.paper, r.swatch, r.at_s);
  if (const Status done = row.run(); !done) return done.error();
  return row.last_id();
}

}  // namespace

Result<qint64> Journal::put(const Recipe& r) {
  QSqlDatabase db = database();
  Transaction all(db);
  if (!all.begun()) return all.begun().error();
  const auto id = put_row(db, r);
  if (!id) return id.error();
  if (const Status done = Statement(db, "DELETE FROM layers WHERE recipe = ?").bind(id.value()).run(); !done)
    return done.error();
  int place = 0;
  for (const RecipeLayer& l : r.layers) {
    Statement layer(db,
                    "INSERT INTO layers (recipe, place, stick_id, stick, medium, l, a, b, pressure, rubbed) "
                    "VALUES (?,?,?,?,?,?,?,?,?,?)");
    layer.bind(id.value(), place++, l.stick_id, l.stick, name_of(l.medium), l.lab.l, l.lab.a, l.lab.b, l.pressure,
               l.rubbed ? 1 : 0);
    if (const Status done = layer.run(); !done) return done.error();
  }
  for (const RecipeUse& u : r.used)
    if (const Status done = put_use(id.value(), u); !done) return done.error();
  if (const Status done = note_text(db, "recipe", QString::number(id.value()), recipe_text(r)); !done)
    return done.error();
  if (const Status done = all.commit(); !done) return done.error();
  return id.value();
}

Status Journal::put_use(qint64 recipe, const RecipeUse& use) {
  return Statement(database(), "INSERT OR REPLACE INTO recipe_uses VALUES (?,?,?,?,?)")
      .bind(recipe, use.work, use.title, use.place, use.at_s)
      .run();
}

Status Journal::remove_recipe(qint64 id) {
  QSqlDatabase db = database();
  Transaction all(db);
  if (!all.begun()) return all.begun();
  if (Status done = Statement(db, "DELETE FROM recipes WHERE id = ?").bind(id).run(); !done) return done;
  if (Status done = forget_text(db, "recipe", QString::number(id)); !done) return done;
  return all.commit();
}

namespace {

std::vector<Recipe> nearest_first(std::vector<Recipe> recipes, const colour::Lab& like, double within) {
  std::vector<std::pair<double, Recipe>> near;
  for (Recipe& r : recipes) {
    const double off = colour::ciede2000(like, r.lab);
    if (off <= within) near.emplace_back(off, std::move(r));
  }
  std::stable_sort(near.begin(), near.end(), [](const auto& p, const auto& r) { return p.first < r.first; });
  std::vector<Recipe> out;
  out.reserve(near.size());
  for (auto& [off, r] : near) out.push_back(std::move(r));
  return out;
}

}  // namespace

Result<std::vector<Recipe>> Journal::recipes(const Query& q) const {
  Filter filter = filter_of(q, "at_s");
  if (!q.words.trimmed().isEmpty()) {
    const auto refs = found_refs(database(), {"recipe"}, q.words);
    if (!refs) return refs.error();
    filter.add("id IN (SELECT CAST(value AS INTEGER) FROM json_each(?))", refs.value());
  }
  if (q.like) {
    const double band = colour::kLightnessBound * q.within;
    filter.add("l >= ?", q.like->l - band);
    filter.add("l <= ?", q.like->l + band);
  }
  if (!q.stick_id.isEmpty()) filter.add("id IN (SELECT recipe FROM layers WHERE stick_id = ?)", q.stick_id);
  Statement s(database(),
              QString("SELECT %1 FROM recipes%2 ORDER BY at_s DESC, id DESC").arg(kRecipeColumns, filter.where()));
  filter.bind_to(s);
  auto out = read_recipes(database(), std::move(s));
  if (!out || !q.like) return out;
  return nearest_first(std::move(out.value()), *q.like, q.within);
}

Result<std::vector<Recipe>> Journal::recipes_of(const QString& work) const {
  Statement s(database(),
              QString("SELECT %1 FROM recipes WHERE work = ? ORDER BY at_s DESC, id DESC").arg(kRecipeColumns));
  s.bind(work);
  return read_recipes(database(), std::move(s));
}

}  // namespace yd::journal
