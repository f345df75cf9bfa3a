// SPDX-License-Identifier: MIT
#pragma once

#include <QObject>
#include <QString>
#include <functional>
#include <vector>

#include "session/session.h"

namespace yd::app {

/// The work at the easel: which pass is in the hand, what is done or left out, notes, clocks. Every mark is a choice of
/// the session, so it is undone, saved and recovered like one.
class EaselWork : public QObject {
  Q_OBJECT
 public:
  /// `now_s`: seconds since 1970, passed in so that tests own the clock.
  EaselWork(Session& session, std::function<std::int64_t()> now_s, QObject* parent = nullptr);

  /// The pass that is shown, by place; -1 without a plan. Equal to the number of passes: all is done.
  int shown() const { return shown_; }
  int passes() const;
  void show_pass(int place);
  /// The first pass that is neither done nor left out.
  int next_open() const;

  /// What is to be done before the shown pass that is no pass of colour: the passage of the guide, by place, whose turn
  /// it is; -1 for none. Only where the work has come to: who looks back looks at passes.
  int chore() const;
  /// Passages of the guide that are behind.
  int passages_done() const;

  plan::PassMark mark_of(int place) const;
  int count_done() const;

  /// Marks the chore, or else the shown pass, and goes on to the next open one.
  void done();
  void skip();
  void open_again();
  void note(const QString& text);
  /// Another stick from here on; the rest is planned anew.
  void substitute(int stick);

  /// Seconds the shown pass has been in the hand, stopped while paused.
  std::int64_t running_s() const;
  bool paused() const { return paused_; }
  void pause(bool on);
  void begin_clock();

  /// What is still wet, by the clock.
  struct Drying {
    int pass = 0;  ///< by place
    std::int64_t left_s = 0;
    bool flammable = false;
  };
  std::vector<Drying> drying() const;

 signals:
  void changed();

 private:
  std::int64_t since_begun_s() const;
  bool is_marked(const std::string& key) const;
  void close(plan::PassMark::State state, const QString& text);
  void close_pass(plan::PassMark::State state, const QString& text);
  void set_mark(const plan::PassMark& mark, const QString& text);
  void follow_plan();

  Session& session_;
  std::function<std::int64_t()> now_s_;
  int shown_ = -1;
  std::int64_t since_s_ = 0;
  std::int64_t before_s_ = 0;
  bool paused_ = true;
};

}  // namespace yd::app
