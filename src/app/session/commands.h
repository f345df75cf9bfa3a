// SPDX-License-Identifier: MIT
#pragma once

#include <QUndoCommand>
#include <optional>

#include "session/session.h"

namespace yd::app {

/// One step of undo: other choices.
class ChoiceCommand : public QUndoCommand {
 public:
  ChoiceCommand(Session* session, Choices next, const QString& text, Merge merge)
      : QUndoCommand(text), session_(session), before_(session->choices()), after_(std::move(next)), merge_(merge) {}
  void undo() override { session_->apply(before_); }
  void redo() override { session_->apply(after_); }
  int id() const override { return static_cast<int>(merge_); }
  bool mergeWith(const QUndoCommand* other) override {
    after_ = static_cast<const ChoiceCommand*>(other)->after_;
    return true;
  }

 private:
  Session* session_;
  Choices before_;
  Choices after_;
  Merge merge_;
};

/// One step of undo: a collection that is edited, added or taken away, with the choices that name its sticks.
class CollectionCommand : public QUndoCommand {
 public:
  using Kept = std::optional<media::Collection>;
  CollectionCommand(Session* session, Kept before, media::Collection after, Choices then, const QString& text)
      : QUndoCommand(text),
        session_(session),
        before_(std::move(before)),
        after_(std::move(after)),
        choices_before_(session->choices()),
        choices_after_(std::move(then)) {}
  void undo() override { session_->put_collection(after_.id, before_, choices_before_); }
  void redo() override { session_->put_collection(after_.id, after_, choices_after_); }

 private:
  Session* session_;
  Kept before_;
  media::Collection after_;
  Choices choices_before_;
  Choices choices_after_;
};

}  // namespace yd::app
