#pragma once

#include <QLabel>
#include <QWidget>

#include "widgets/peephole.h"
#include "widgets/picture_view.h"

namespace yd::app {

/// Subject and Board side by side, the same size, zoomed and moved together, with the peephole below.
class Pair : public QWidget {
  Q_OBJECT
 public:
  explicit Pair(QWidget* parent = nullptr);
  PictureView& subject() { return *subject_; }
  PictureView& board() { return *board_; }
  Peephole& peephole() { return *peephole_; }
  ViewLink& link() { return link_; }
  void set_subject_title(const QString& title) { subject_title_->setText(title); }
  void set_board_title(const QString& title) { board_title_->setText(title); }

 private:
  ViewLink link_;
  PictureView* subject_;
  PictureView* board_;
  Peephole* peephole_;
  QLabel* subject_title_;
  QLabel* board_title_;
};

}  // namespace yd::app
