// SPDX-License-Identifier: MIT
#pragma once

#include <QLabel>
#include <QWidget>

#include "widgets/peephole.h"
#include "widgets/picture_view.h"

namespace yd::app {

/// How the two pictures are looked at.
enum class PairWay { both, subject, board, wipe };

/// Subject and Board side by side, the same size, zoomed and moved together; or one alone; or one over the other, the
/// subject left of the pointer. A card with holes goes with the pointer.
class Pair : public QWidget {
  Q_OBJECT
 public:
  explicit Pair(QWidget* parent = nullptr);
  PictureView& subject() { return *subject_; }
  PictureView& board() { return *board_; }
  Peephole& peephole() { return *peephole_; }
  ViewLink& link() { return link_; }
  void set_subject_title(const QString& title, const QString& fact = {});
  void set_board_title(const QString& title, const QString& fact = {});
  PairWay way() const { return way_; }
  /// Asked for twice, it is both again.
  void take_way(PairWay way);
  /// Pictures beside each other.
  int shown() const { return way_ == PairWay::both ? 2 : 1; }
  int gap() const;
  /// Of captions and margins, pixels.
  int frame_height() const;
  /// The subject's picture as both views have it: the wipe shows it over the board.
  void set_subject_image(const QImage& image);
  void place_peephole(QPoint pixel);

 signals:
  void way_changed();

 protected:
  void resizeEvent(QResizeEvent* event) override;

 private:
  void arrange();

  ViewLink link_;
  PictureView* subject_;
  PictureView* board_;
  Peephole* peephole_;
  QLabel* subject_title_;
  QLabel* subject_fact_;
  QLabel* board_title_;
  QLabel* board_fact_;
  PairWay way_ = PairWay::both;
};

}  // namespace yd::app
