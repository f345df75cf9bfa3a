#pragma once

#include <QFutureWatcher>
#include <QObject>
#include <QThreadPool>
#include <memory>
#include <variant>

#include "calibrate/calibrate.h"
#include "session/session.h"

namespace yd::app {

class Reporter;

/// Offcut strokes of the tray: the table to fill in, and what its readings say of the artist's hand and sticks. Nothing
/// of it is part of the choices until it is taken.
class Calibrator : public QObject {
  Q_OBJECT
 public:
  explicit Calibrator(Session& session, QObject* parent = nullptr);
  ~Calibrator() override;

  static constexpr int kStrokes = 36;
  /// What the table holds; empty without a plan.
  std::vector<calibrate::OffcutStroke> strokes() const;
  /// Writes the table; an error is said by `failed`.
  void write_table(const QString& file);
  /// Reads it again, filled in, and fits. On a worker.
  void read_table(const QString& file);

  struct Found {
    calibrate::Calibration calibration;
    PlannedPtr planned;  ///< it was made for
  };
  std::shared_ptr<const Found> found() const { return found_; }
  bool busy() const { return running_; }
  void cancel();
  /// Plans with it; one step of undo.
  void take();
  /// The hand as everybody's again; sticks stay.
  void forget_hand();

 signals:
  void changed();
  void busy_changed();
  void progressed(double fraction, const QString& step);
  void failed(const QString& sentence);

 private:
  using FoundPtr = std::shared_ptr<const Found>;
  using Outcome = std::variant<FoundPtr, Error>;
  void finished();

  Session& session_;
  FoundPtr found_;
  bool running_ = false;
  std::shared_ptr<Reporter> reporter_;
  /// Not the global pool: Qt paints with that one, and would wait for the work to end.
  QThreadPool pool_;
  QFutureWatcher<Outcome> watcher_;
};

}  // namespace yd::app
