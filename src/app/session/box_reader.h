// SPDX-License-Identifier: MIT
#pragma once

#include <QImage>
#include <QObject>
#include <memory>

#include "session/runner.h"
#include "session/session.h"
#include "swatches/box.h"

namespace yd::app {

/// A printed sheet with the sticks of a box on it: written to be printed, its photograph read on a worker, kinds said
/// by the artist where the guess is wrong, and the sticks taken as a collection.
class BoxReader : public QObject {
  Q_OBJECT
 public:
  explicit BoxReader(Session& session, QObject* parent = nullptr);

  struct Found {
    std::shared_ptr<const swatches::SheetReading> sheet;
    swatches::BoxFound box;
    std::vector<swatches::Kind> kinds;  ///< that were said, by cell
    media::Paper paper;
  };
  using FoundPtr = std::shared_ptr<const Found>;
  /// Null until a photograph was read.
  FoundPtr found() const { return found_; }
  bool busy() const { return runner_.busy(); }

  /// `known`: the sticks that are to be laid in the cells, whose names are printed; null: numbers alone.
  void write_sheet(const QString& file, const printed::Sheet& sheet, const media::Collection* known = nullptr);
  /// `kind`: of all sticks; none: it is guessed.
  void open(const QString& file, const QString& paper, swatches::Kind kind);
  /// A box of a collection's sticks, laid by an unsteady hand and photographed: to try it.
  void simulate(int cells, const QString& paper, swatches::Kind kind, std::uint64_t seed);
  /// Says the kind of some cells; the sticks are reckoned anew.
  void say_kind(const std::vector<int>& cells, swatches::Kind kind);

 signals:
  void changed();
  void busy_changed();
  void failed(const QString& sentence);

 private:
  void finished(const Runner<FoundPtr>::Outcome& outcome);
  template <class Function>
  void run(Function function);

  Session& session_;
  FoundPtr found_;
  Runner<FoundPtr> runner_;
};

}  // namespace yd::app
