// SPDX-License-Identifier: MIT
#pragma once

#include <QFutureWatcher>
#include <QImage>
#include <QObject>
#include <QThreadPool>
#include <memory>
#include <optional>
#include <set>
#include <variant>
#include <vector>

#include "session/advisers.h"
#include "session/session.h"

namespace yd::app {

class Reporter;

/// What is worked out beside the plan, when a stage asks for it.
enum class Need { grounds, coats, curve, proof, times, papers, other };

/// Results belong to the session's present plan; a new plan drops them and works out again what the open stage needs.
/// One thing at a time on a worker; nothing here is part of the choices.
class Advice : public QObject {
  Q_OBJECT
 public:
  explicit Advice(Session& session, Advisers advisers = {}, QObject* parent = nullptr);
  ~Advice() override;

  /// Keeps these needs up to date from now on, in this order.
  void ask(std::vector<Need> needs);
  /// A second plan to be looked at beside the session's: another paper, or without its underpainting.
  void compare(const Choices& variation);
  void stop_comparing();

  GroundsPtr grounds() const { return grounds_; }
  CoatsPtr coats() const { return coats_; }
  CurvePtr curve() const { return curve_; }
  ProofPtr proof() const { return proof_; }
  TimesPtr times() const { return times_; }
  PapersPtr papers() const { return papers_; }
  PlannedPtr other() const { return other_; }
  /// The other plan, finished, under the viewing light.
  QImage other_board() const;
  bool busy() const { return running_.has_value(); }
  void cancel();

 signals:
  void changed(Need need);
  void progressed(double fraction, const QString& step);
  void busy_changed(bool busy);
  void failed(const QString& sentence);

 private:
  using Outcome = std::variant<GroundsPtr, CoatsPtr, CurvePtr, ProofPtr, TimesPtr, PapersPtr, PlannedPtr, Error>;

  bool has(Need need) const;
  void drop();
  void next();
  void start(Need need);
  void finished();
  void ask_anew(Need need);
  void take_better_tray();

  Session& session_;
  Advisers advisers_;
  std::vector<Need> asked_;
  std::optional<Choices> variation_;
  std::optional<Need> running_;
  bool stale_ = false;
  std::set<Need> refused_;  ///< failed or stopped for this plan: not tried again
  std::shared_ptr<Reporter> reporter_;
  /// Not the global pool: Qt paints with that one, and would wait for the work to end.
  QThreadPool pool_;
  QFutureWatcher<Outcome> watcher_;
  GroundsPtr grounds_;
  CoatsPtr coats_;
  CurvePtr curve_;
  ProofPtr proof_;
  TimesPtr times_;
  PapersPtr papers_;
  PlannedPtr other_;
};

}  // namespace yd::app
