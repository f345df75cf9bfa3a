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

#include "advice/ground_choice.h"
#include "tray/tray_work.h"
#include "advice/underpaint_choice.h"
#include "session/session.h"

namespace yd::app {

class Reporter;

/// What is worked out beside the plan, when a stage asks for it.
enum class Need { grounds, coats, curve, proof, other };

/// Papers judged, with the offcut sheet of the best ones.
struct GroundAdvice {
  std::vector<plan::GroundVerdict> ranked;
  plan::OffcutSheet offcuts;
};

/// Results belong to the session's present plan; a new plan drops them and works out again what the open stage needs.
/// One thing at a time on a worker; nothing here is part of the choices.
class Advice : public QObject {
  Q_OBJECT
 public:
  explicit Advice(Session& session, QObject* parent = nullptr);
  ~Advice() override;

  /// Keeps these needs up to date from now on, in this order.
  void ask(std::vector<Need> needs);
  /// A second plan to be looked at beside the session's: another paper, or without its underpainting.
  void compare(const Choices& variation);
  void stop_comparing();

  std::shared_ptr<const GroundAdvice> grounds() const { return grounds_; }
  std::shared_ptr<const plan::CoatAdvice> coats() const { return coats_; }
  std::shared_ptr<const std::vector<plan::CurvePoint>> curve() const { return curve_; }
  std::shared_ptr<const plan::TrayProof> proof() const { return proof_; }
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
  using Outcome = std::variant<std::shared_ptr<const GroundAdvice>, std::shared_ptr<const plan::CoatAdvice>,
                               std::shared_ptr<const std::vector<plan::CurvePoint>>,
                               std::shared_ptr<const plan::TrayProof>, PlannedPtr, Error>;

  bool has(Need need) const;
  void drop();
  void next();
  void start(Need need);
  void finished();
  void ask_anew(Need need);
  void take_better_tray();

  Session& session_;
  std::vector<Need> asked_;
  std::optional<Choices> variation_;
  std::optional<Need> running_;
  bool stale_ = false;
  std::set<Need> refused_;  ///< failed or stopped for this plan: not tried again
  std::shared_ptr<Reporter> reporter_;
  /// Not the global pool: Qt paints with that one, and would wait for the work to end.
  QThreadPool pool_;
  QFutureWatcher<Outcome> watcher_;
  std::shared_ptr<const GroundAdvice> grounds_;
  std::shared_ptr<const plan::CoatAdvice> coats_;
  std::shared_ptr<const std::vector<plan::CurvePoint>> curve_;
  std::shared_ptr<const plan::TrayProof> proof_;
  PlannedPtr other_;
};

}  // namespace yd::app
