// SPDX-License-Identifier: MIT
#pragma once

#include <QElapsedTimer>
#include <QFutureWatcher>
#include <QImage>
#include <QObject>
#include <QThreadPool>
#include <QUndoStack>
#include <atomic>
#include <memory>
#include <optional>
#include <variant>

#include "formats/project.h"
#include "session/boards.h"
#include "session/read_files.h"
#include "session/pipeline.h"

namespace yd::app {

class Reporter;

/// Steps of the same kind that follow each other join into one step of undo: a slider that is drawn.
enum class Merge {
  never = -1,
  squint,
  masses,
  exposure,
  horizon,
  light,
  crop,
  sheet,
  sticks,
  medium_price,
  returning,
  strokes,
  sitting,
  wishes,
  mood,
  palette,
  mass_colour,
  ground_weight,  ///< and one number more for every further measure; stays last
};

/// Steps that can be undone; older ones are forgotten, so that a long day does not fill the memory.
inline constexpr int kUndoSteps = 500;

/// The open project: choices, results, undo. Everything long runs on a worker; a newer request cancels the older one.
/// Results are replaced whole and announced by signals; until then the last ones stay valid.
class Session : public QObject {
  Q_OBJECT
 public:
  explicit Session(Materials materials, Steps steps = {}, QObject* parent = nullptr);
  ~Session() override;

  const Materials& materials() const { return materials_; }
  const Choices& choices() const { return choices_; }
  /// The model as the artist's hand has it.
  optics::Parameters parameters() const { return plan::parameters_for(choices_.plan, materials_.model.parameters); }
  const QString& reference_name() const { return reference_name_; }
  /// Of the work in the journal; empty without a picture.
  const QString& work_id() const { return work_id_; }
  bool has_reference() const { return !reference_.isEmpty(); }
  SubjectPtr subject() const { return subject_; }
  PlannedPtr planned() const { return planned_; }
  QUndoStack& undo_stack() { return undo_; }
  ReadFiles& read_files() { return read_files_; }
  bool busy() const { return work_ != Work::none; }

  /// Starts a new project from picture bytes.
  void open_picture(const QByteArray& bytes, const QString& name);
  /// Starts from a loaded project file.
  void open_project(formats::Project project);
  formats::Project project() const;
  nlohmann::json plan_copy() const;

  /// One undoable step.
  void change(const Choices& next, const QString& text, Merge merge = Merge::never);
  /// Used by the undo command.
  void apply(const Choices& next);
  void cancel();

  /// Passes done on the board, 0 .. number of passes.
  int cursor() const { return cursor_; }
  void set_cursor(int passes);
  /// The predicted picture at the cursor; empty without a plan.
  QImage board() const { return board_after(cursor_); }
  QImage board_after(int passes) const;

  /// The light the board is looked at under; a way of looking, not a choice of the plan.
  colour::Illuminant light() const { return light_; }
  void set_light(colour::Illuminant light);

  /// Why targets are out of reach and what would help; null until worked out for the present plan.
  ReachPtr reach() const { return reach_; }

  /// The artist's recipe for one target instead of the planner's; no strokes gives it back to the planner. Undoable.
  void choose_by_hand(int target, const std::vector<plan::Stroke>& strokes);

  /// One more change of the masses; undoable. One that cannot be played is said by `failed`.
  void add_edit(const subject::MassEdit& edit, const QString& text);
  /// The tray a proof found, by sticks of the collection.
  void take_proven_tray(const std::vector<int>& sticks);

  /// Puts a collection in place of the one of the same id, or adds it; undoable. Choices that name sticks follow them
  /// by id; a stick that lies on the paper stays, as one that is not owned.
  void edit_collection(const media::Collection& after, const QString& text);
  /// Sticks and hand as offcuts have shown them; one step of undo. `readings`: the table they were found by, for the
  /// journal; empty where a hand that was kept is taken.
  void take_calibration(const media::Collection& sticks, const optics::HandPressure& hand,
                        const plan::RestsOn& rests_on, const QByteArray& readings, const QString& text);
  /// Used by the undo command; none takes the collection away.
  void put_collection(const std::string& id, const std::optional<media::Collection>& collection,
                      const Choices& choices);

  /// The reference before its masses are read; null until loaded.
  ImagePtr image() const { return image_; }

  /// Lit pass, 1 ..; 0 for none. Lights its masses and stick everywhere.
  int lit_pass() const { return lit_pass_; }
  void set_lit_pass(int number) { set_lit_passes(number, number); }
  /// Several that follow each other: a passage. `last` is no less than `first`.
  void set_lit_passes(int first, int last);
  int lit_last() const { return lit_last_; }

 signals:
  void reference_changed();
  void choices_changed();
  void marks_changed();
  void collection_changed(const QString& id);
  void subject_changed();
  void plan_changed();
  void cursor_changed(int passes);
  void light_changed();
  void reach_changed();
  void lit_changed(int pass);
  /// Before the choices change with what was found by them.
  void readings_taken(const QByteArray& table);
  void busy_changed(bool busy);
  void progressed(double fraction, const QString& step);
  void failed(const QString& sentence);

 private:
  void put_sticks(const media::Collection& wished, Choices then, const QString& text);
  enum class Work { none, loading, reading, editing, planning, arranging, judging };
  using Outcome = std::variant<ImagePtr, SubjectPtr, PlannedPtr, ReachPtr, Error>;

  void begin(const QByteArray& bytes, const QString& name);
  void start(Work work);
  void start_planning();
  void owe(Work work);
  void next();
  void finished();
  void take(const Outcome& outcome);

  Materials materials_;
  Steps steps_;
  Choices choices_;
  QByteArray reference_;
  QString reference_name_;
  QString work_id_;
  ImagePtr image_;
  SubjectPtr subject_;
  PlannedPtr planned_;
  mutable Boards boards_;
  ReachPtr reach_;
  colour::Illuminant light_ = colour::Illuminant::d50;
  ReadFiles read_files_;
  QUndoStack undo_;
  int cursor_ = 0;
  int lit_pass_ = 0;
  int lit_last_ = 0;

  Work work_ = Work::none;
  bool stale_ = false;
  bool stopped_ = false;
  bool image_dirty_ = false;
  bool subject_dirty_ = false;
  bool edits_dirty_ = false;
  bool plan_dirty_ = false;
  bool order_dirty_ = false;
  bool reach_dirty_ = false;
  std::shared_ptr<Reporter> reporter_;
  /// Not the global pool: Qt paints with that one, and would wait for the work to end.
  QThreadPool pool_;
  QFutureWatcher<Outcome> watcher_;
};

}  // namespace yd::app
