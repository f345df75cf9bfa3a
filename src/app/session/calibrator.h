// SPDX-License-Identifier: MIT
#pragma once

#include <QObject>
#include <memory>

#include "calibrate/calibrate.h"
#include "session/runner.h"
#include "session/session.h"

namespace yd::app {

/// Offcut strokes of the tray: the table or printed sheet to fill in, and what its readings say of the artist's hand
/// and sticks. Nothing of it is part of the choices until it is taken.
class Calibrator : public QObject {
  Q_OBJECT
 public:
  explicit Calibrator(Session& session, QObject* parent = nullptr);

  static constexpr int kStrokes = 36;
  /// What the table holds; empty without a plan.
  std::vector<calibrate::OffcutStroke> strokes() const;
  /// Writes the table, or for .pdf and .svg the sheet to print, with a cell for each stroke. An error is said by
  /// `failed`.
  void write_table(const QString& file);
  /// Whose hand it is, told with the plan.
  void set_artist(const QString& name) { artist_ = name; }
  /// Reads the table filled in with readings, or a photograph of the sheet, and fits; or a hand that was kept. On a
  /// worker.
  void read_table(const QString& file);

  struct Found {
    calibrate::Calibration calibration;
    PlannedPtr planned;     ///< it was made for
    QByteArray readings{};  ///< the table of offcuts it was found by
  };
  using FoundPtr = std::shared_ptr<const Found>;
  FoundPtr found() const { return found_; }
  bool busy() const { return runner_.busy(); }
  void cancel() { runner_.cancel(); }
  /// Plans with it; one step of undo.
  void take();
  /// Writes hand and sticks as a file (.json) that other pictures, and other people, can read.
  void keep(const QString& file);
  /// The hand as everybody's again; sticks stay.
  void forget_hand();

 signals:
  void changed();
  void busy_changed();
  void progressed(double fraction, const QString& step);
  void failed(const QString& sentence);

 private:
  void finished(const Runner<FoundPtr>::Outcome& outcome);

  Session& session_;
  QString artist_;
  FoundPtr found_;
  Runner<FoundPtr> runner_;
};

}  // namespace yd::app
