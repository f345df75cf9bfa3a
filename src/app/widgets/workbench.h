// SPDX-License-Identifier: MIT
#pragma once

#include <QStackedWidget>
#include <QWidget>

#include "widgets/bench.h"
#include "widgets/pair.h"

namespace yd::app {

/// The easel over the bench. The pictures are as large as the window allows: the bench lies below them, or stands
/// beside them, whichever leaves them more room; the line of the stages runs over it.
class Workbench : public QWidget {
  Q_OBJECT
 public:
  /// `line`: the stages; `tail`: what stands at its right end.
  Workbench(Pair* pair, QWidget* line, QWidget* tail, QStackedWidget* benches, QWidget* parent = nullptr);
  /// Of the picture, width / height.
  void set_aspect(double aspect);
  bool bench_below() const { return below_; }

 protected:
  void resizeEvent(QResizeEvent* event) override;
  void paintEvent(QPaintEvent* event) override;

 private:
  struct Plan {
    QRect easel, line, bench;
    double picture_px = 0;  ///< area of one picture
  };
  Plan below() const;
  Plan beside() const;
  void arrange();

  Pair* pair_;
  QWidget* line_;
  QWidget* tail_;
  QStackedWidget* benches_;
  double aspect_ = 1.5;
  bool below_ = true;
};

}  // namespace yd::app
