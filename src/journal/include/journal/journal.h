// SPDX-License-Identifier: MIT
#pragma once

#include <QSqlDatabase>
#include <QTemporaryDir>
#include <memory>

#include "journal/records.h"
#include "support/result.h"

namespace yd::journal {

/// Newest schema this program writes and reads.
inline constexpr int kSchema = 3;

/// What is looked for; empty fields ask for nothing.
struct Query {
  QString words;                    ///< all of them, by their beginnings, in titles, notes, recipes, sticks, papers
  std::optional<colour::Lab> like;  ///< recipes and sticks of this colour
  double within = 6;                ///< CIEDE2000
  QString stick_id;
  qint64 from_s = 0, to_s = 0;  ///< of works touched and recipes made; 0: open
};

/// A work with what the list shows of it: everything but `board`, `plan` and `sticks`.
using Works = std::vector<Work>;

class Held;

/// Everything the artist found out, in one SQLite file: works, passes, recipes, notes, photographs, offcut tests,
/// drills. Every put is a transaction of its own and on the disk when it comes back; two programs may have the file
/// open at once (write-ahead log; one waits for the other). Errors: `io` naming the file and what SQLite says,
/// `too_new`, `bad_format` for a damaged file. Belongs to the thread that opened it.
class Journal {
 public:
  /// Makes the file where there is none and brings an older schema up to date.
  /// Makes nothing of a file that another program or a newer version of this one wrote.
  static Result<std::unique_ptr<Journal>> open(const QString& file);
  /// To be looked at: nothing in it is changed, and what would put something in fails.
  static Result<std::unique_ptr<Journal>> open_to_read(const QString& file);
  ~Journal();
  Journal(const Journal&) = delete;
  Journal& operator=(const Journal&) = delete;
  const QString& file() const { return file_; }

  /// Takes the place of the work of the same id; its passes, notes and photographs stay.
  Status put(const Work& work);
  Status remove_work(const QString& id);
  /// Newest first.
  Result<Works> works(const Query& query = {}) const;
  Result<Work> work(const QString& id) const;
  /// The same without pictures, plan and sticks: what it is called, and whether it is there at all.
  Result<Work> head(const QString& id) const;

  /// Passes as the easel has them now. Those kept before stay if their time is among `still` (they lie on the paper of
  /// a plan that was made anew since), the others were undone and go.
  Status put_passes(const QString& work, const std::vector<DonePass>& passes, const std::vector<qint64>& still = {});
  Result<std::vector<DonePass>> passes(const QString& work) const;
  /// Of all works, those with a time to learn the pace from: newest first, `most` of them.
  Result<std::vector<DonePass>> timed_passes(int most) const;

  /// A new one gets an id, which comes back; one with an id takes its place.
  Result<qint64> put(const Recipe& recipe);
  Status remove_recipe(qint64 id);
  /// That it was used; once more for the same place of the same work only moves the time.
  Status put_use(qint64 recipe, const RecipeUse& use);
  /// Newest first; of those like a colour the nearest first.
  Result<std::vector<Recipe>> recipes(const Query& query = {}) const;
  Result<std::vector<Recipe>> recipes_of(const QString& work) const;

  Result<qint64> add_note(const QString& work, const Note& note);
  /// Other words for a note, at the time it had.
  Status change_note(qint64 id, const QString& text);
  Status remove_note(qint64 id);
  Result<std::vector<Note>> notes(const QString& work) const;

  Result<qint64> add_photo(const QString& work, const Photo& photo);
  Result<std::vector<Photo>> photos(const QString& work) const;

  Result<qint64> add(const OffcutTest& test);
  Result<std::vector<OffcutTest>> offcut_tests() const;

  Result<qint64> add(const Drill& drill);
  /// Of a kind, or of all; oldest first.
  Result<std::vector<Drill>> drills(const QString& kind = {}) const;

  /// What all unfinished works together take of each stick.
  Result<std::vector<Use>> planned_uses() const;
  /// Next sticks of unfinished works, with how many works ask for each; most first.
  Result<std::vector<std::pair<QString, int>>> next_sticks() const;

  /// A whole copy of the file.
  Status back_up(const QString& to) const;

 private:
  Journal(QString connection, QString file);
  QSqlDatabase database() const;
  Status migrate();

  QString connection_;
  QString file_;
  std::unique_ptr<Held> held_;
  std::unique_ptr<QTemporaryDir>
      copied_;  ///< in which the file is that is read, where it is a copy  ///< while it is open nobody mends it
};

/// Whether SQLite finds the file whole; opens it for itself, so that it may run beside. Errors as `open`.
Status check_file(const QString& file);

/// What opening came to when something was in the way.
struct Opened {
  std::unique_ptr<Journal> journal;
  bool restored = false;    ///< the file was damaged and the backup took its place
  bool begun_anew = false;  ///< it was damaged and there was no backup
  QString damaged;          ///< where the damaged file was put
};

/// The journal of a folder, at once; one that does not even open is mended. Errors as `open`; a file of a newer program
/// is left alone.
Result<Opened> open_folder(const QString& folder, qint64 now_s);
/// Checks the folder's journal whole and makes the backup anew where it is older than a day: takes a while where there
/// are thousands of works, and may run beside an open one. `bad_format`: it is damaged, see `mend`.
Status look_after(const QString& folder, qint64 now_s);
/// Puts a damaged journal aside, never deletes it, and has the backup take its place. Nobody may have it open.
Result<Opened> mend(const QString& folder, qint64 now_s);
/// Where the program keeps its journal: a folder in the user's data.
QString usual_folder();
inline constexpr const char* kJournalFile = "journal.sqlite";
inline constexpr const char* kBackupFile = "journal backup.sqlite";

}  // namespace yd::journal
