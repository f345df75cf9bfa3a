// SPDX-License-Identifier: MIT
#include "session/keeper.h"

#include <QFileInfo>
#include <algorithm>
#include <utility>
#include <nlohmann/json.hpp>

#include "advice/usage.h"
#include "session/recipe_notes.h"
#include "session/sentences.h"

namespace yd::app {
namespace {

/// Targets are numbered by a plan; another one may have fewer.
bool is_target(const PlannedPtr& planned, int target) {
  return planned && target >= 0 && target < static_cast<int>(planned->plan.targets.size());
}

}  // namespace

Keeper::Keeper(Session& session, const QString& folder, std::function<qint64()> now_s, QObject* parent)
    : QObject(parent),
      session_(session),
      now_s_(std::move(now_s)),
      folder_(folder),
      maker_(this, {},
             [this](const auto& done) {
               const auto* entry = std::get_if<EntryPtr>(&done);
               if (entry != nullptr && journal() != nullptr && !dropped_) put(**entry);
               dropped_ = false;
               if (pending_ && !timer_.isActive()) begin_writing();
             }),
      care_(this, {}, [this](const auto& done) {
        const auto* error = std::get_if<Error>(&done);
        if (error == nullptr || error->code != Error::Code::bad_format) return;
        opened_.journal.reset();
        auto mended = journal::mend(folder_, now_s_());
        if (mended) {
          opened_ = std::move(mended).value();
          tell_opened();
        } else {
          trouble_ = tr("There is no journal: %1").arg(sentence(mended.error()));
        }
        emit failed(trouble_);
        emit changed();
      }) {
  session_.read_files().note(QDir(folder).filePath(journal::kJournalFile));
  auto opened = journal::open_folder(folder, now_s_());
  if (opened) {
    opened_ = std::move(opened).value();
    tell_opened();
    care_.run([folder, now = now_s_()](Observer&) -> Result<Unit> { return journal::look_after(folder, now); });
  } else {
    trouble_ = tr("There is no journal: %1").arg(sentence(opened.error()));
  }
  constexpr int kWriteAfter_ms = 700;
  timer_.setSingleShot(true);
  timer_.setInterval(kWriteAfter_ms);
  connect(&timer_, &QTimer::timeout, this, &Keeper::begin_writing);
  connect(&session_, &Session::reference_changed, this, [this] {
    if (timer_.isActive()) begin_writing();
    timer_.stop();
    kept_work_.clear();
    file_.clear();
  });
  connect(&session_, &Session::marks_changed, this, [this] {
    if (!session_.choices().marks.empty()) kept_work_ = session_.work_id();
    follow();
  });
  connect(&session_, &Session::plan_changed, this, &Keeper::follow);
  connect(&session_, &Session::readings_taken, this, [this](const QByteArray& table) { readings_ = table; });
  connect(&session_, &Session::choices_changed, this, &Keeper::note_hand);
}

void Keeper::tell_opened() {
  if (opened_.restored)
    trouble_ = tr("The journal was damaged. The copy of the day before took its place; the damaged file is kept as %1.")
                   .arg(opened_.damaged);
  if (opened_.begun_anew)
    trouble_ = tr("The journal was damaged and there was no copy: it begins anew. The damaged file is kept as %1.")
                   .arg(opened_.damaged);
}

/// Offcut strokes that were measured and taken over are an entry of their own; a project that is opened brings back
/// what was entered before.
void Keeper::note_hand() {
  const plan::RestsOn& now = session_.choices().plan.rests_on;
  if (now == hand_) return;
  hand_ = now;
  if (journal() == nullptr || now.readings == 0) return;
  const auto known = journal()->offcut_tests();
  const QString artist = QString::fromStdString(now.artist);
  const QString paper = QString::fromStdString(now.paper);
  if (known && std::any_of(known.value().begin(), known.value().end(), [&](const journal::OffcutTest& t) {
        return t.artist == artist && t.paper == paper && t.strokes == now.readings && t.off == now.off_de00;
      }))
    return;
  report_result(journal()->add(journal::OffcutTest{0, now_s_(), artist, paper, now.readings, now.off_de00, readings_}));
  readings_.clear();
}

void Keeper::follow() {
  if (journal() == nullptr || !session_.planned()) return;
  // A work the journal knows is kept up to date from the moment it is opened again.
  if (kept_work_.isEmpty() && journal()->head(session_.work_id()).ok()) kept_work_ = session_.work_id();
  if (kept_work_ != session_.work_id()) return;
  pending_ = entry_maker();
  timer_.start();
}

void Keeper::saved(const QString& file) {
  file_ = file;
  enter();
}

void Keeper::flush() {
  if (timer_.isActive() || maker_.busy()) write_now();
}

bool Keeper::report(const Status& status) {
  if (status) {
    emit changed();
  } else {
    emit failed(sentence(status.error()));
  }
  return status.ok();
}

template <class Value>
bool Keeper::report_result(const Result<Value>& result) {
  return report(result ? success() : Status(result.error()));
}

WorkPlace Keeper::place() const {
  WorkPlace out{session_.work_id(), QFileInfo(session_.reference_name()).completeBaseName(), file_, now_s_(), now_s_()};
  if (const auto before = journal()->head(out.id)) {
    if (out.file.isEmpty()) out.file = before->file;
  }
  if (!out.file.isEmpty()) out.title = QFileInfo(out.file).completeBaseName();
  return out;
}

/// Takes what it needs along: the session may go on while it runs.
std::function<Keeper::EntryPtr()> Keeper::entry_maker() const {
  return [planned = session_.planned(), choices = session_.choices(), place = place()]() -> EntryPtr {
    return std::make_shared<Entry>(Entry{work_of(*planned, choices, place), done_work(*planned, choices)});
  };
}

bool Keeper::enter() {
  if (journal() == nullptr) return false;
  kept_work_ = session_.work_id();
  follow();
  if (journal()->head(kept_work_).ok()) return true;
  const WorkPlace at = place();
  if (const PlannedPtr planned = session_.planned())
    return report(journal()->put(head_of(*planned, session_.choices(), at)));
  journal::Work work;
  work.id = at.id;
  work.title = at.title;
  work.file = at.file;
  work.begun_s = at.begun_s;
  work.touched_s = at.now_s;
  return report(journal()->put(work));
}

void Keeper::begin_writing() {
  if (!pending_ || maker_.busy()) return;  // when it is done the next one begins
  maker_.run([make = std::exchange(pending_, {})](Observer&) -> Result<EntryPtr> { return make(); });
}

void Keeper::write_now() {
  timer_.stop();
  if (journal() == nullptr || !session_.planned() || kept_work_ != session_.work_id()) return;
  pending_ = {};
  dropped_ = maker_.busy();
  put(*entry_maker()());
}

void Keeper::put(const Entry& entry) {
  const Status work = journal()->put(entry.work);
  if (!work) return static_cast<void>(report(work));
  report(journal()->put_passes(entry.work.id, entry.done.passes, entry.done.still));
}

qint64 Keeper::keep_recipe(int target) {
  const PlannedPtr planned = session_.planned();
  if (journal() == nullptr) {
    emit failed(trouble_);
    return 0;
  }
  // A recipe belongs to a work, so that is entered first.
  if (!is_target(planned, target) || !enter()) return 0;
  journal::Recipe recipe = recipe_of(*planned, target, session_.work_id(), now_s_());
  const auto id = journal()->put(recipe);
  if (!report_result(id)) return 0;
  recipe.id = id.value();
  last_ = std::move(recipe);
  return id.value();
}

void Keeper::use_recipe(const journal::Recipe& recipe, int target) {
  const PlannedPtr planned = session_.planned();
  if (!is_target(planned, target))
    return emit failed(tr("Point at the colour that is to get the recipe, and click it."));
  QString missing;
  const auto strokes = strokes_with(recipe, *planned->collection, &missing);
  if (!strokes) {
    return emit failed(
        tr("%1 is not in this collection, and nothing at hand is near enough to stand in for it.").arg(missing));
  }
  last_ = recipe;
  session_.choose_by_hand(target, *strokes);
  if (recipe.id == 0 || journal() == nullptr) return;
  report(journal()->put_use(recipe.id, {session_.work_id(), place().title, place_of(*planned, target), now_s_()}));
}

Status Keeper::add_note(const QString& work, const QString& text) {
  if (journal() == nullptr) return Error{Error::Code::io, "journal", trouble_.toStdString()};
  const auto id = journal()->add_note(work, {0, now_s_(), text});
  report_result(id);
  return id ? success() : Status(id.error());
}

void Keeper::change_note(qint64 id, const QString& text) {
  if (journal() == nullptr) return;
  report(text.isEmpty() ? journal()->remove_note(id) : journal()->change_note(id, text));
}

void Keeper::forget(const QString& work, qint64 recipe) {
  if (journal() == nullptr) return;
  if (!work.isEmpty() && work == kept_work_) {
    kept_work_.clear();
    pending_ = {};
    dropped_ = maker_.busy();
  }
  report(work.isEmpty() ? journal()->remove_recipe(recipe) : journal()->remove_work(work));
}

void Keeper::keep_photo(const QImage& photo, const QString& findings) {
  if (photo.isNull() || !enter()) return;
  report_result(journal()->add_photo(session_.work_id(), {0, now_s_(), small_jpeg(photo), findings}));
}

void Keeper::keep_drill(const journal::Drill& drill) {
  if (journal() == nullptr) return;
  journal::Drill dated = drill;
  dated.at_s = now_s_();
  report_result(journal()->add(dated));
}

calibrate::PaceFit Keeper::pace() const {
  if (journal() == nullptr) return {};
  const auto passes = journal()->timed_passes(2 * static_cast<int>(calibrate::kMostTimes));
  if (!passes) return {};
  std::vector<calibrate::TimedPass> times;
  for (const journal::DonePass& p : passes.value()) times.push_back({p.medium, p.guessed_minutes, p.minutes});
  return calibrate::fit_pace(times);
}

void Keeper::take_pace(const plan::Pace& pace) {
  Choices next = session_.choices();
  next.plan.pace = pace;
  session_.change(next, tr("The artist's own times"));
}

void Keeper::wear_off(const journal::Work& work) {
  const media::Collection* collection = session_.materials().collection(work.collection_id);
  if (collection == nullptr) return emit failed(tr("The collection of this work is not here any more."));
  media::Collection worn = *collection;
  for (media::Stick& s : worn.sticks) {
    const auto use = std::find_if(work.sticks.begin(), work.sticks.end(),
                                  [&](const journal::Use& u) { return u.stick_id == QString::fromStdString(s.id); });
    if (use != work.sticks.end()) s.left = std::max(0.0, s.left - use->share);
  }
  session_.edit_collection(worn, tr("Wear of %1").arg(work.title));
}

}  // namespace yd::app
