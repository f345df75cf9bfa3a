// SPDX-License-Identifier: MIT
#pragma once

#include <QObject>
#include <QTimer>
#include <functional>
#include <memory>

#include "calibrate/pace.h"
#include "journal/journal.h"
#include "session/recipe_notes.h"
#include "session/runner.h"
#include "session/session.h"

namespace yd::app {

/// Keeps the journal beside the session: a work is written down once it is saved or a pass of it is done, and kept up
/// to date from then on. Without a journal (a newer one, a folder that cannot be written) all else goes on; `trouble`
/// says why.
class Keeper : public QObject {
  Q_OBJECT
 public:
  /// `now_s`: seconds since 1970.
  Keeper(Session& session, const QString& folder, std::function<qint64()> now_s, QObject* parent = nullptr);

  /// Null where there is none.
  journal::Journal* journal() const { return opened_.journal.get(); }
  /// Why there is none, or what happened to it; empty: all is well.
  const QString& trouble() const { return trouble_; }

  /// The project lies in this file now.
  void saved(const QString& file);
  /// What was waiting is written at once.
  void flush();

  /// The recipe of a target; its id, or 0 where it could not be kept.
  qint64 keep_recipe(int target);
  /// Gives a kept recipe to the mass of a target; what is missing is said by `failed`.
  void use_recipe(const journal::Recipe& recipe, int target);
  /// The one that was kept or used last.
  const std::optional<journal::Recipe>& last() const { return last_; }

  Status add_note(const QString& work, const QString& text);
  /// Other words for a note; none take it out.
  void change_note(qint64 id, const QString& text);
  /// A work, or a recipe where no work is named.
  void forget(const QString& work, qint64 recipe);
  /// A photograph of the present work with what was found on it.
  void keep_photo(const QImage& photo, const QString& findings);
  void keep_drill(const journal::Drill& drill);

  /// From the times of all works.
  calibrate::PaceFit pace() const;
  /// Plans with these minutes from now on; one step of undo.
  void take_pace(const plan::Pace& pace);
  /// Takes off the sticks what a work used; one step of undo.
  void wear_off(const journal::Work& work);

 signals:
  /// Something of the journal changed.
  void changed();
  void failed(const QString& sentence);

 private:
  void tell_opened();
  void follow();
  void note_hand();
  /// What is to be written, made from what the session has now.
  struct Entry {
    journal::Work work;
    DoneWork done;
  };
  using EntryPtr = std::shared_ptr<const Entry>;
  WorkPlace place() const;
  std::function<EntryPtr()> entry_maker() const;
  /// The session's work is kept from now on, and in its list at once; its sticks and plan follow beside the window.
  bool enter();
  void begin_writing();
  void write_now();
  void put(const Entry& entry);
  bool report(const Status& status);
  template <class Value>
  bool report_result(const Result<Value>& result);

  Session& session_;
  std::function<qint64()> now_s_;
  QString folder_;
  journal::Opened opened_;
  QString trouble_;
  QString kept_work_;  ///< the work that is kept up to date
  QString file_;       ///< of it
  QTimer timer_;
  /// The next entry, of the state it was asked for in: the session may have gone on to another picture by then.
  std::function<EntryPtr()> pending_;
  Runner<EntryPtr> maker_;
  bool dropped_ = false;  ///< what is being made is out of date already
  Runner<Unit> care_;     ///< checks the file and makes the backup, beside the window
  QByteArray readings_;   ///< by which the hand was found that is about to be taken
  plan::RestsOn hand_;    ///< whose measurements were entered last
  std::optional<journal::Recipe> last_;
};

}  // namespace yd::app
